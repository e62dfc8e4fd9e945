<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

/*
 * Each of the people the product is for, from nothing to their answer, with what they had to press, type and choose.
 */

it(
    'takes the weekend bird photographer from an empty account to the set-up in two actions, where fields take eight',
    function (): void {
        $page = $this->signedIn();
        $page->visit('/')->see('What is coming?');
        $before = $page->actions;
        $page
            ->type('What is coming?', 'puffin coming in at 40 m, against the light, overcast')
            ->keys(WebDriverKeys::ENTER)
            ->see('in this run')
            ->settled();
        $byLine = $page->actions - $before;
        $hold = fn (): array => array_map($page->held(...), [
            'focus.mode',
            'focus.area',
            'focus.detect',
            'exposure.shutter_s',
            'focus.start_at_m',
        ]);
        $answer = $hold();
        expect($page->text())->toContain('by the model');
        $heading = $page->value('Heading');

        // The same by its fields.
        $before = $page->actions;
        $page
            ->visit('/rushes')
            ->press('New rush')
            ->see('Depth lane')
            ->choose('Subject', 'Puffin, coming in')
            ->type('Distance', '40')
            ->type('Heading', $heading)
            ->unfold('Light')
            ->choose('Sky', 'Overcast');
        $page->script(
            '[...document.querySelectorAll(".ant-checkbox-wrapper")].find(e => e.textContent.includes("Backlit")).click()',
        );
        $page->actions++;
        $page->see('in this run')->settled();
        expect($byLine)
            ->toBe(2)
            ->and($page->actions - $before)
            ->toBeGreaterThanOrEqual(8)
            ->and($hold())
            ->toBe($answer);
    },
);

it('takes the sports shooter to what has to be changed on their own camera', function (): void {
    $page = $this->signedIn();
    $before = $page->actions;
    $page
        ->visit('/kit/bodies/new?from=sample-fast-mirrorless&step=1')
        ->type('What you call it', 'Sideline body')
        ->press('6 Its own words')
        ->press('Save this body')
        ->see('“Sideline body” is in your kit.');
    $page
        ->visit('/')
        ->type('What is coming?', 'rider to me, 55 m, 200 mm, gets out of the bend')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    $page
        ->press('To set')
        ->see('How this body was last left is not known yet')
        ->press('I have set it like this')
        ->see('Nothing to change.');
    expect($page->actions - $before)
        ->toBeLessThanOrEqual(7)
        ->and($this->user->kit()->firstOrFail()->standing)
        ->not->toBeNull();
    // Another rush says what differs from there.
    $page
        ->visit('/')
        ->type('What is coming?', 'heron taking off at 18 m')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    $page->press('To set')->see('to change on “Sideline body”');
});

it('takes the hand-focuser to where to park the ring', function (): void {
    $page = $this->signedIn();
    $before = $page->actions;
    $page
        ->visit('/')
        ->type('What is coming?', 'puffin coming in at 40 m again and again')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    $page->press('Alternatives')->press('Manual: prefocus')->press('Hold')->see('Not in play:')->settled();
    expect($page->actions - $before)
        ->toBeLessThanOrEqual(5)
        ->and($page->held('focus.start_at_m'))
        ->toMatch('/^\d+(\.\d)? m$/')
        ->and($page->text())
        ->toContain('Matters most here');
    $important = fn (): array => (array) $page->script(
        'return [...document.querySelectorAll(".hold-line.important .hold-open")].map(e => e.dataset.setting)',
    );
    $page->until(
        fn (): bool => array_diff(['focus.technique', 'focus.start_at_m'], $important()) === [],
        'parking to matter most; %s',
    );
});

it('takes the teacher to a fair comparison of two set-ups, whose figures are those of the list', function (): void {
    $page = $this->signedIn('puffin-coming-in');
    $page
        ->visit('/rushes/'.$this->saved('Puffin coming in to the slope')->id)
        ->see('in this run')
        ->settled();
    $before = $page->actions;
    $page->press('Alternatives')->see('holds simulated on the same chances');
    $kept = fn (string $css): array => (array) $page->script(
        'return [...document.querySelectorAll(arguments[0])].map(e => Number(e.textContent))',
        $css,
    );
    $listed = $kept('.ranked .spot-says b');
    // The last of them, which is surely worse.
    $place = count($listed) - 1;
    $names = (array) $page->script(
        'return [...document.querySelectorAll(".ranked .compare")].map(e => e.getAttribute("aria-label"))',
    );
    $page->press((string) end($names))->see('Side by side')->see('fewer of a pass');
    expect($page->actions - $before)
        ->toBe(2)
        ->and($kept('.comparison h3 b'))
        ->toBe([$listed[0], $listed[$place]])
        ->and($kept('.keepers b'))
        ->toBe([$listed[0]]);
});

it('takes somebody with the keyboard only from Today to a pinned, saved set-up', function (): void {
    $page = $this->signedIn();
    $page
        ->visit('/')
        ->see('What is coming?')
        ->keys('/')
        ->until(
            fn () => $page->script('return document.activeElement.getAttribute("aria-label")') === 'Search everything',
            'the search; %s',
        );
    $before = $page->actions;
    foreach (mb_str_split('stoat over the wall at 14 m') as $letter) {
        $page->keys($letter);
    }
    $page->actions = $before + 1;
    $page->until(
        fn () => $page->script('return document.querySelectorAll("#search-hits [role=option]").length') === 1,
        'the line; %s',
    );
    $page->keys(WebDriverKeys::ENTER)->see('in this run')->settled();
    // Up to the first line of the hold, which says what matters most, and pinned.
    for ($i = 0; $i < 3; $i++) {
        $page->keys('k');
    }
    $page->settled();
    expect($page->script('return document.querySelector(".hold-line.important.chosen") !== null'))->toBeTrue();
    $page->keys('p');
    $page->until(
        fn () => $page->script(
            'return document.querySelectorAll(".hold-line.important .pin[aria-pressed=true]").length',
        ) === 1,
        'the line to be pinned; %s',
    );
    $page->script('document.activeElement.blur()');
    $page->keys(WebDriverKeys::CONTROL.'s')->see('Saved');
    $page->until(fn () => $this->user->rushes()->count() === 1, 'the rush to be kept; %s');
    expect($page->actions - $before)->toBeLessThanOrEqual(8);
});

it('takes somebody on a phone to why a setting stands as it does, where the thumb is', function (): void {
    $page = $this->signIn($this->page(390, 844));
    $page->visit('/')->see('What is coming?');
    $before = $page->actions;
    $page
        ->type('What is coming?', 'puffin coming in at 40 m')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    $page->hit('.jump-places button:last-child');
    $page->until(
        fn () => abs((float) $page->script('return document.querySelector(".hold").getBoundingClientRect().top')) < 60,
        'the hold to come up; %s',
    );
    $tap = fn () => $page->script('document.querySelector("[data-setting=\"exposure.shutter_s\"]").click()');
    $tap();
    $page->actions += 2;
    $below = fn (): float => (float) $page->script(
        'const line = document.querySelector("[data-setting=\"exposure.shutter_s\"]").closest(".hold-line").getBoundingClientRect(); const said = document.querySelector(".hold-reason").getBoundingClientRect(); return said.top - line.bottom',
    );
    expect($page->actions - $before)
        ->toBe(4)
        ->and($below())
        ->toBeGreaterThanOrEqual(0.0)
        ->toBeLessThan(40.0);
    $page->isClean();
    $tap();
    $page->until(
        fn () => $page->script('return document.querySelector(".hold-reason")') === null,
        'a second tap to close it; %s',
    );
});

it('does not ask about a rush that is saved, and keeps apart what an ended session interrupts', function (): void {
    $page = $this->signedIn('tern-hovering');
    $id = $this->saved('Tern hovering over the cove')->id;
    $page
        ->visit("/rushes/$id")
        ->see('in this run')
        ->settled();
    $page->type('Distance', '23')->settled()->press('Save')->see('Saved');
    $page->hit('.home');
    $page->see('What is coming?')->seeNot('Leave without saving?');
    // Signed out elsewhere: it says so, and leads back to what was being changed.
    $page
        ->visit("/rushes/$id")
        ->see('in this run')
        ->settled();
    $page->forgetCookies();
    $page->type('Distance', '24')->see('Signed out.')->see('Sign in and go on');
    $page
        ->press('Sign in and go on')
        ->type('E-mail', $this->user->email)
        ->type('Password', 'a good password')
        ->press('Sign in')
        ->see('Depth lane');
    expect($page->value('Distance'))->toBe('24');
});

it('says that there is no connection, and goes on by itself when it is back', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page
        ->visit('/rushes/'.$this->saved('Tern hovering over the cove')->id)
        ->see('in this run')
        ->settled();
    $page->connected(false)->type('Distance', '29')->see('No connection.');
    $before = $page->held('focus.start_at_m');
    $page->connected(true)->seeNot('No connection.')->settled();
    expect($page->held('focus.start_at_m'))->not->toBe($before);
});
