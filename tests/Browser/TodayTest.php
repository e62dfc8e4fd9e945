<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

it('makes a rush of one line, and takes a part of it back', function (): void {
    $page = $this->signedIn();
    $page
        ->visit('/')
        ->type('What is coming?', 'fox running away at 40 m with purple socks, windy, overcast')
        ->see('starts at 40 m')
        ->see('away from the camera')
        ->see('Not understood: “purple”, “socks”')
        ->isClean();
    $page->press('windy: leave it out')->see('All of it again')->seeNot('windy ×');
    $page->press('Work it out')->see('Depth lane')->settled();
    expect($page->value('Distance'))
        ->toBe('40')
        ->and($page->value('Heading'))
        ->toBe('180')
        ->and($page->value('Name of the rush'))
        ->toStartWith('Fox running away');
    $page->press('Save')->see('Saved');
    $page->until(fn () => str_starts_with($page->path(), '/rushes/0'), 'an address of its own; %s');
    $document = $this->user->rushes()->firstOrFail()->document;
    expect($document['subject']['name'])
        ->toBe('Fox, running')
        ->and($document['light']['sky'])
        ->toBe('overcast')
        ->and($document['scene']['wind'] ?? 0)
        ->toBeLessThan(0.5);
});

it('says that unsaved work came back, and drops it when asked', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page
        ->visit('/rushes/'.$this->saved('Tern hovering over the cove')->id)
        ->see('Depth lane')
        ->settled();
    $was = $page->value('Distance');
    $page->type('Distance', '33')->settled();
    $page->visit('/rushes')->see('Tern hovering');
    $page
        ->visit('/rushes/'.$this->saved('Tern hovering over the cove')->id)
        ->see('Depth lane')
        ->settled();
    $page->see('What you had not saved last time is here again')->isClean();
    expect($page->value('Distance'))->toBe('33');
    $page->press('Drop it')->seeNot('What you had not saved');
    expect($page->value('Distance'))->toBe($was);
});

it('finds everything from anywhere by one key, and makes a rush where nothing is called so', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page
        ->visit('/kit')
        ->see('Your kit')
        ->keys('/')
        ->type('Search everything', 'tern')
        ->see('Tern hovering over the cove')
        ->see('Tern, plunging')
        ->isClean();
    $page->keys(WebDriverKeys::ENTER)->see('Depth lane');
    $page->keys('/')->type('Search everything', 'heron take off')->see('Heron, taking off');
    $page
        ->type('Search everything', 'perch to perch')
        ->settled()
        ->keys(WebDriverKeys::ENTER)
        ->see('Set the ring on the post');
    expect($page->path())->toBe('/practice/ring');
    $page->keys('/')->type('Search everything', 'stoat over the wall at 14 m');
    $page->until(
        fn () => $page->script('return document.querySelectorAll("#search-hits [role=option]").length') === 1,
        'one line only; %s',
    );
    $page->keys(WebDriverKeys::ENTER)->settled();
    expect($page->value('Distance'))
        ->toBe('14')
        ->and($page->script('return document.title'))
        ->toBe('Stoat over the wall at 14 m · Rush Hold');
});

it('keeps single keys quiet for those who switch them off', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page
        ->visit('/rushes/'.$this->saved('Tern hovering over the cove')->id)
        ->see('Depth lane')
        ->settled();
    $pinned = fn (): int => (int) $page->script(
        'return document.querySelectorAll(".hold-line .pin[aria-pressed=true]").length',
    );
    $page->keys('p');
    $page->until(fn () => $pinned() === 1, 'a pin; %s');
    $page->keys('p')->keys('p')->keys('p');
    $page->until(fn () => $pinned() === 0, 'no pin; %s');
    $page->keys('?')->see('Keys without Ctrl work')->press('Single keys work');
    $page->until(
        fn () => $page->attribute('[aria-label="Single keys work"]', 'aria-checked') === 'false',
        'the switch off; %s',
    );
    $page->keys(WebDriverKeys::ESCAPE)->seeNot('Keys without Ctrl work')->keys('p')->settled();
    expect($pinned())->toBe(0);
});
