<?php

declare(strict_types=1);

it('refuses a wrong password without saying which half is wrong, and shows the door to strangers', function (): void {
    $page = $this->page();
    $page->visit('/rushes')->see('Keep it sharp');
    expect($page->path())->toBe('/sign-in');
    $page->type('E-mail', 'nobody@example.test')->type('Password', 'wrong')->press('Sign in');
    $page->see('E-mail and password do not belong together');
    $page->isClean();
});

it('opens the demo with one button and leaves it again', function (): void {
    $page = $this->page();
    $page->visit('/sign-in')->press('Look around in the demo')->see('Puffin coming in to the slope');
    $page->press('Preferences and account')->press('Sign out')->see('Keep it sharp');
});

it('shows somebody new where to begin', function (): void {
    $page = $this->signedIn();
    $page->see('Nothing here yet')->isClean();
    $page->press('Describe your first rush')->see('Depth lane')->type('Name of the rush', 'Gulls at the harbour')->press('Save')->see('Saved');
    $page->until(fn () => str_starts_with($page->path(), '/rushes/0'), 'an address of its own; %s');
    expect($this->saved('Gulls at the harbour')->kind)->toBe('bird');
});

it('searches, renames, duplicates, deletes and takes that back', function (): void {
    $page = $this->signedIn('tern-hovering', 'tern-plunging', 'barriers');
    $page->type('Search name or subject', 'tern plung')->seeNot('Over the barriers')->see('Tern plunging');
    $page->type('Search name or subject', 'zebra')->see('Nothing here is called “zebra”')->press('Show all')->see('Over the barriers');
    $page->press('More for Over the barriers')->press('Duplicate')->see('Over the barriers (copy)');
    $page->press('More for Over the barriers (copy)')->press('Rename')->type('Name', 'Second barrier')->keys(Facebook\WebDriver\WebDriverKeys::ENTER)->see('Second barrier')->seeNot('(copy)');
    $page->press('More for Second barrier')->press('Delete')->see('“Second barrier” is deleted');
    $page->until(fn () => count(explode('Second barrier', $page->text())) === 2, 'the row to go; %s');
    $page->press('Undo');
    $page->seeNot('is deleted')->see('Second barrier');
    $page->isClean();
});

it('takes in a document, and refuses a bad one without changing anything', function (): void {
    $page = $this->signedIn('barriers');
    $page->upload('Rush document to upload', base_path('formats/examples/muddy-hairpin.json'))->see('is in your list')->see('Round the muddy hairpin');
    $bad = tempnam(sys_get_temp_dir(), 'rush').'.json';
    file_put_contents($bad, str_replace('"speed_mps": 9', '"speed_mps": 900', (string) file_get_contents(base_path('formats/examples/muddy-hairpin.json'))));
    $page->upload('Rush document to upload', $bad)->see('This file was not taken in')->see('The subject’s speed must be between 0 and 120 m/s; 900 was given.');
    unlink($bad);
    expect($this->user->rushes()->count())->toBe(2);
});
