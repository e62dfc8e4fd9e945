<?php

declare(strict_types=1);

use Tests\Browser\Page;

require __DIR__.'/../vendor/autoload.php';

/**
 * How long the desk takes to answer, in the page as somebody sees it: from the key that changes a field to the hold's
 * new text, and to the new ranking. Prints median and 90th percentile; runs against TEST_BASE_URL with the demo.
 *
 *   php ops/answer-times.php [changes]
 */
$changes = max(3, (int) ($argv[1] ?? 21));

/** Watches the page from the key on: when the start of focus says something new, and when the figures stand again. */
$watch = <<<'JS'
const [value, done] = arguments;
const field = [...document.querySelectorAll('label')].find(l => l.textContent.trim().startsWith('Distance')).control;
const text = () => document.querySelector('[data-setting="focus.start_at_m"] .hold-value')?.textContent;
const before = text();
field.focus();
const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set;
const begun = performance.now();
let held = null;
set.call(field, value);
field.dispatchEvent(new Event('input', { bubbles: true }));
const look = () => {
    const now = performance.now();
    if (held === null && text() !== before) held = now - begun;
    const hold = document.querySelector('.hold');
    if (held !== null && hold.getAttribute('aria-busy') === 'false' && now - begun > 100) done([held, now - begun]);
    else if (now - begun > 20000) done([held, null]);
    else requestAnimationFrame(look);
};
requestAnimationFrame(look);
JS;

$page = Page::open(1280, 800);
try {
    $page->visit('/sign-in')->press('Try the demo')->see('Last worked on');
    foreach (
        ['Puffin coming in to the slope', 'Hare bolting through the campion', 'Round the muddy hairpin'] as $name
    ) {
        $page->visit('/rushes')->see($name);
        $page->script(
            '[...document.querySelectorAll(".rush-link")].find(a => a.textContent.includes(arguments[0])).click()',
            $name,
        );
        $page->see('in this run')->settled();
        $start = (float) $page->value('Distance');
        $times = ['hold text' => [], 'ranking' => []];
        for ($i = 0; $i < $changes; $i++) {
            // Up and down in steps that nobody asked for before, so that nothing comes from memory.
            [$held, $ranked] = $page->wait(
                $watch,
                (string) round($start * (1 + (0.03 + 0.007 * $i) * ($i % 2 ? -1 : 1)), 2),
            );
            $times['hold text'][] = $held ?? INF;
            $times['ranking'][] = $ranked ?? INF;
            usleep(300_000);
        }
        foreach ($times as $what => $all) {
            sort($all);
            printf(
                "%-34s %-10s median %5.0f ms, 9 of 10 under %5.0f ms\n",
                $name,
                $what,
                $all[intdiv(count($all), 2)],
                $all[(int) floor(0.9 * (count($all) - 1))],
            );
        }
    }
} finally {
    $page->close();
}
