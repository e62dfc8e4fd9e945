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
