<?php

declare(strict_types=1);

use App\Models\KitItem;
use App\Models\KitType;
use App\Models\SavedOuting;
use Facebook\WebDriver\WebDriverKeys;
use RushHold\Drill\Exercise;
use RushHold\Library\Bodies;
use Tests\Browser\Page;

/* What people of one server do with each other, each in a browser of their own; and a day rehearsed. */

it('lets a teacher give a rush to a group, a member do it, and the teacher see who did', function (): void {
    $member = Page::open(390, 844);
    $idle = Page::open(390, 844);
    $people = [];
    try {
        $page = $this->signedIn('puffin-coming-in');
        $people[] = $this->user;
        $page->visit('/practice/groups')->type('Name of the group', 'Cliff mornings')->press('Open it')->see('Code to join');
        $code = (string) $page->script('return document.querySelector(".group-code").textContent');
        foreach ([$member, $idle] as $other) {
            $this->signIn($other);
            $people[] = $this->user;
            $other->visit("/practice/groups?code=$code")->press('Join')->see('taught by');
        }
        $page->press('Give something to do')->see('Members find it on Today');
        $page->choose('Which', 'Puffin coming in to the slope')->type('What to do with it', 'Park before it lands.')->press('Give it');
        $page->see('0 of 2');
        $member->visit('/')->see('From your teacher')->press('Puffin coming in to the slope')->see('Park before it lands.')->isClean();
        $member->press('Copy it into my account')->see('Depth lane');
        $page->reload()->see('1 of 2')->isClean();
        $member->visit('/')->see('Last worked on')->seeNot('From your teacher');
        $idle->visit('/')->see('From your teacher');
        $page->press('Take back')->see('Copies that were taken stay');
        $idle->visit('/')->see('What is coming?')->seeNot('From your teacher');
        expect($people[1]?->rushes()->count())->toBe(1)->and($people[2]?->rushes()->count())->toBe(0);
    } finally {
        $member->close();
        $idle->close();
        foreach ($people as $person) {
            $person?->delete();
        }
    }
});

it('finds on the shelf what somebody else has put up, and no more once it is taken down', function (): void {
    $other = Page::open(1280, 800);
    $page = $this->signedIn();
    $owner = $this->user;
    try {
        $name = 'Kestrel '.bin2hex(random_bytes(4));
        KitItem::factory()->of(KitType::Bodies, ['name' => $name])->for($owner)->create(['name' => $name]);
        $page->visit('/kit')->see($name)->press("More for $name")->press('Put it on the shelf')->see('Everybody on this server');
        $page->type('Your name on the shelf', 'Wren')->press('Put it up')->see('It is on the shelf.');
        $this->signIn($other)->visit('/kit/shelf')->type('Search the shelf', strtoupper($name))->see('by Wren')->isClean();
        $other->press("Copy $name")->see('is in your kit');
        expect($this->user?->kit()->count())->toBe(1);
        $page->visit('/kit/shelf')->type('Search the shelf', $name)->see('copied once')->press("More for $name")->press('Take it down')->see('Taken down.');
        $other->visit('/kit/shelf')->type('Search the shelf', $name)->see('Nobody here has put up anything called');
    } finally {
        $other->close();
        $owner?->delete();
    }
});

it('rehearses an outing with its own buttons, in real time, and keeps it as practice', function (): void {
    $page = $this->signedIn('puffin-coming-in', 'gannet-along-the-edge', 'tern-hovering');
    foreach ($this->user->rushes()->get() as $rush) {
        $rush->fill(['document' => [...$rush->document, 'kit' => [...$rush->document['kit'], 'body' => Bodies::all()['fast-mirrorless']]]])->save();
    }
    $outing = SavedOuting::factory()->for($this->user)->with(...$this->user->rushes()->orderBy('id')->get())->create();
    $page->visit("/outings/$outing->id/rehearse")->see('Hide what they do')->isClean();
    $page->script((string) file_get_contents(__DIR__.'/hands.js'));
    $page->script('window.hurry(20); window.handOnRehearsal({ after: 0.5 })');
    $page->press('Start')->see('ready in time');
    $kept = $this->user->drills()->firstOrFail();
    expect($kept->exercise)->toBe(Exercise::Rehearsal)->and($kept->score['right'])->toEqual(1)
        ->and($page->text())->toContain('What to change')->toContain('Gannet');
    $page->isClean();
});

it('moves the area by touch, and layouts count the time that takes', function (): void {
    $page = $this->signedIn();
    $page->visit('/practice/area')->see('Your thumb goes here')->choose('Moved by', 'Touch pad, where the thumb is put')->isClean();
    $page->script((string) file_get_contents(__DIR__.'/hands.js'));
    $page->script('window.hurry(20); window.handOnArea({ after: 0.4 })');
    $page->press('Start')->see('a move')->see('100% reached in time');
    $page->visit('/practice')->see('Touch pad, where the thumb is put 0.4')->isClean();
});

it('takes a camera from one picture to the first hold of one’s own kit in a dozen actions', function (): void {
    $page = $this->signedIn();
    $file = tempnam(sys_get_temp_dir(), 'shot').'.jpg';
    $image = imagecreatetruecolor(1200, 800);
    imagejpeg($image, $file);
    exec("exiftool -q -overwrite_original -EXIF:Model='Cormora K7' -EXIF:FocalLength=400 -EXIF:FNumber=5.6 -EXIF:LensModel='CR 100-400' -EXIF:LensInfo='100 400 4.5 5.6' ".escapeshellarg($file));
    try {
        $page->visit('/kit/from-pictures')->see('Drop a picture');
        $before = $page->actions;
        $page->upload('Pictures from your camera', $file)->press('Good enough, save')->see('is in your kit');
        $page->visit('/')->type('What is coming?', 'puffin coming in at 40 m')->keys(WebDriverKeys::ENTER)->see('in this run')->settled();
        expect($page->actions - $before)->toBeLessThanOrEqual(12)->and($page->text())->toContain('Cormora K7');
    } finally {
        unlink($file);
    }
});
