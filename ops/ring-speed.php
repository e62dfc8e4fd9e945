<?php

declare(strict_types=1);

use Tests\Browser\Page;

require __DIR__.'/../vendor/autoload.php';

/**
 * How many pictures a second the ring's finder shows, and how late they are after the hand, in the browser against a
 * running server: `TEST_BASE_URL=… php ops/ring-speed.php`. A hand turns to and fro all the while.
 */
$page = Page::open(1280, 800);
try {
    $page->visit('/sign-in')->press('Try the demo')->see('Last worked on');
    foreach (['still', 'swimmer', 'perch', 'wild'] as $exercise) {
        foreach ([false, true] as $aids) {
            $page->visit("/practice/ring?exercise=$exercise")->see('Drag or scroll the ring');
            if ($aids) {
                $page->script(
                    'document.querySelectorAll(".drill-aids input").forEach((box, i) => { if (i < 2) box.click(); })',
                );
            }
            $page->press('Start');
            $page->script(
                <<<'JS'
                const field = document.querySelector('.ring-field');
                let n = 0;
                const turn = setInterval(() => {
                    if (!field.isConnected) return clearInterval(turn);
                    field.dispatchEvent(new WheelEvent('wheel', { bubbles: true, cancelable: true, deltaY: n++ % 40 < 20 ? 12 : -12 }));
                }, 15);
                JS
                ,
            );
            $until = microtime(true) + 75;
            while ($page->script('return document.querySelector("[data-fps]") === null') && microtime(true) < $until) {
                usleep(300_000);
            }
            $figures = $page->script(
                'const d = document.querySelector("[data-fps]")?.dataset; return d ? [Number(d.fps), Number(d.late)] : null',
            );
            $figures === null
                ? print "$exercise: not shown in time\n"
                : printf(
                    "%-8s %-13s %5.1f pictures/s, 95 of 100 within %5.1f ms after the hand\n",
                    $exercise,
                    $aids ? 'with aids' : 'without aids',
                    $figures[0],
                    $figures[1],
                );
        }
    }
} finally {
    $page->close();
}
