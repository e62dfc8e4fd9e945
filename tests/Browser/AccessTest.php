<?php

declare(strict_types=1);

use Tests\Browser\Page;

/** What can be pressed and is smaller than this, in px. What stands in running text may be. */
function tooSmall(Page $page, int $least): array
{
    return (array) $page->script(
        <<<'JS'
        const least = arguments[0], small = [];
        for (const e of document.querySelectorAll('a,button,input,textarea,summary,[role=button]:not(.knob),.ant-segmented-item,.ant-select,.ant-checkbox-wrapper,.ant-switch')) {
            const style = getComputedStyle(e), box = e.getBoundingClientRect();
            if (e.closest('p, li > span, .sr-only, .skip, [aria-hidden=true]') || style.visibility === 'hidden' || style.opacity === '0' || box.width === 0 || box.height === 0) continue;
            if (e.matches('input') && e.closest('.ant-segmented,.ant-checkbox,.ant-select,.ant-input-affix-wrapper,.ant-input-number')) continue;
            if (Math.min(box.width, box.height) < least - 0.5) small.push(`${e.tagName} ${e.className.baseVal ?? e.className} ${e.textContent.slice(0, 20)} ${Math.round(box.width)}×${Math.round(box.height)}`);
        }
        return small;
        JS
        ,
        $least,
    );
}

it(
    'is clean for the accessibility checker on every screen, in both themes, from a small phone to a large screen',
    function (array $screens): void {
        $page = $this->signIn($this->page(320, 844), 'tern-hovering');
        // As from another window.
        $wears = fn (string $mode) => $page->script(
            'localStorage.setItem("rush-hold.mode", arguments[0]); dispatchEvent(new StorageEvent("storage", { key: "rush-hold.mode", newValue: arguments[0] }))',
            $mode,
        );
        $desk = '/rushes/'.$this->saved('Tern hovering over the cove')->id;
        foreach ($screens as $path => $says) {
            $wears('light');
            $page
                ->sized(320, 844)
                ->go($path === 'desk' ? $desk : $path)
                ->see($says)
                ->settled()
                ->isClean();
            expect($page->script('return document.querySelectorAll("h1").length'))
                ->toBe(1, $path)
                ->and($page->script('return document.title'))
                ->not->toBe('Rush Hold', $path);
            foreach ([320, 390, 1280, 1920] as $wide) {
                $page->sized($wide, 844);
                expect($page->script('return document.documentElement.scrollWidth'))
                    ->toBeLessThanOrEqual($wide, "$path at $wide")
                    ->and(tooSmall($page, $wide < 700 ? 44 : 24))
                    ->toBe([], "$path at $wide");
            }
            $wears('dark');
            $page->sized(1280, 844);
            $page->until(
                fn () => $page->script('return document.documentElement.dataset.mode') === 'dark',
                'the dark colours; %s',
            );
            $page->settled()->isClean();
        }
    },
)->with(fn (): array => [[array_slice(screens(), 0, 15)], [array_slice(screens(), 15)]]);

it('keeps filled and hollow apart where colours are the system’s', function (): void {
    $page = $this->signedIn('hare-through-the-campion');
    $page
        ->visit('/rushes/'.$this->saved('Hare bolting through the campion')->id)
        ->see('in this run')
        ->settled();
    $page->forcedColours();
    $fill = fn (string $css): string => (string) $page->script(
        'return getComputedStyle(document.querySelector(arguments[0])).fill',
        $css,
    );
    $ground = fn (string $css): string => (string) $page->script(
        'return getComputedStyle(document.querySelector(arguments[0])).backgroundColor',
        $css,
    );
    expect($fill('.bead.kept'))
        ->not->toBe($fill('.bead.lost'))
        ->and($ground('.key-kept'))
        ->not->toBe($ground('.key-lost'));
});

it('reaches playing within five stops of the keyboard, and plays', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page
        ->visit('/rushes/'.$this->saved('Tern hovering over the cove')->id)
        ->see('in this run')
        ->settled();
    $page->keys("\u{E004}")->keys("\u{E004}")->keys("\u{E007}");
    expect($page->script('return document.activeElement.getAttribute("aria-label")'))->toBe('Play');
    $before = $page->script('return document.querySelector(".clock").textContent');
    $page->keys(' ');
    $page->until(
        fn () => $page->script('return document.querySelector(".clock").textContent') !== $before,
        'the rush to play; %s',
    );
});

it('has the same as a table behind its pictures', function (): void {
    $page = $this->signedIn('hare-through-the-campion');
    $page
        ->visit('/rushes/'.$this->saved('Hare bolting through the campion')->id)
        ->see('in this run')
        ->settled();
    $beads = $page->script('return document.querySelector(".lane-plot").querySelectorAll(".bead").length');
    $page->press('Table: The frames of the rush')->see('What came of it')->isClean();
    expect($page->script('return document.querySelectorAll(".lane tbody tr").length'))->toBe($beads);
    $page->press('Table: The way from above')->see('To the side')->isClean();
});

it('takes the aim test by keys', function (): void {
    $page = $this->signedIn();
    $page->visit('/habits/aim')->press('Start');
    $page->until(
        fn () => str_contains(
            (string) $page->script('return document.activeElement.getAttribute("class")'),
            'aim-field',
        ),
        'the field to have the keyboard; %s',
    );
    $page->script(
        'document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "ArrowRight", bubbles: true}))',
    );
    $page->until(fn () => (float) $page->attribute('.aim-ring', 'cx') > 100, 'the ring to move right; %s');
    $page->script(
        'document.activeElement.dispatchEvent(new KeyboardEvent("keyup", {key: "ArrowRight", bubbles: true}))',
    );
    $at = $page->attribute('.aim-ring', 'cx');
    // Two pictures later it has not moved on.
    $page->wait('const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => done()))');
    expect($page->attribute('.aim-ring', 'cx'))->toBe($at);
});
