<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;

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

it('holds no more the longer one goes round', function (): void {
    $page = $this->signedIn('tern-hovering');
    $desk = '/rushes/'.$this->saved('Tern hovering over the cove')->id;
    $page->visit('/');
    $round = static function () use ($page, $desk): array {
        foreach (['/', '/rushes', $desk, '/outings', '/review', '/review/pictures', '/practice', '/kit'] as $path) {
            $page->go($path);
        }

        return $page->holds();
    };
    // What is kept for the next time is there after the first.
    $round();
    $first = $round();
    $round();
    $round();
    $last = $round();
    expect($last['nodes'])
        ->toBeLessThan($first['nodes'] + 100)
        ->and($last['jsEventListeners'])
        ->toBeLessThan($first['jsEventListeners'] + 20)
        ->and($last['documents'])
        ->toBe(1);
});
