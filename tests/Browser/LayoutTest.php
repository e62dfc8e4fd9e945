<?php

declare(strict_types=1);

use App\Documents\KitType;

it('lays out the buttons for a morning, keeps a set where it is, and ticks off the setting up', function (): void {
    $page = $this->signedIn('puffin-coming-in', 'hare-through-the-campion', 'tern-hovering');
    $body = [
        ...KitType::Bodies->filled(KitType::Bodies->samples()['sample-fast-mirrorless']),
        'name' => 'My body',
        'words' => ['control.thumb-1' => ['label' => 'Back key', 'where' => 'Top right']],
    ];
    $this->user->kit()->create(['type' => KitType::Bodies, 'name' => 'My body', 'document' => $body]);
    $page
        ->visit('/kit')
        ->press('Lay out the buttons')
        ->see('From rest to the moment')
        ->see('Hare bolting through the campion')
        ->see('Setting it up')
        ->isClean();
    $sets = fn (): array => (array) $page->script(
        'return [...document.querySelectorAll(".knob.holds")].map(e => e.getAttribute("aria-label").split(":")[0])',
    );
    $kept = fn (): array => array_map(
        intval(...),
        (array) $page->script(
            'return [...document.querySelectorAll(".button-school-kept")].map(e => parseInt(e.textContent))',
        ),
    );
    expect($sets())
        ->not->toBeEmpty()
        ->and($kept()[4])
        ->toBeGreaterThanOrEqual($kept()[3])
        ->and($kept()[3])
        ->toBeGreaterThanOrEqual($kept()[2])
        ->and($kept()[2])
        ->toBeGreaterThanOrEqual($kept()[0]);
    // Another way of working, from the same answer.
    $page->script('document.querySelector(".button-schools button").click()');
    $page->until(fn () => $sets() === [], 'no set at half press; %s');
    $page->script('document.querySelector(".button-schools button:last-child").click()');
    $page->until(fn () => $sets() !== [], 'sets again; %s');
    // A control left free is solved around.
    $many = count($sets());
    $page->press('Leave it free')->see('Left free:');
    $page->until(
        fn () => $page->script('return document.querySelector(".layouts.older")') === null &&
            $page->script('return document.querySelectorAll(".control-list li").length') > 0,
        'another layout; %s',
    );
    expect(count($sets()))->toBeLessThanOrEqual($many);
    $page->press('Use them again')->seeNot('Left free:');
    $page->script('document.querySelector(".set-up input").click()');
    $page->see('1 of ');
    $page->reload()->see('Setting it up')->see('1 of ');
});
