<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Page;

require __DIR__.'/../vendor/autoload.php';

/**
 * How many frames of 24 megapixels a hand on the keys judges in a minute: one that says K or L as soon as the close-up
 * is sharp. Wants a running application with the demo, at TEST_BASE_URL:
 *   php ops/culling.php [FRAMES]
 */
const MEGAPIXELS = 24;
$count = (int) ($argv[1] ?? 16);
$roll = sys_get_temp_dir().'/culling-'.bin2hex(random_bytes(4));
(new Process(
    [
        PHP_BINARY,
        __DIR__.'/../artisan',
        'rush:shoot',
        __DIR__.'/../formats/examples/gannet-along-the-edge.json',
        '-',
        "--into=$roll",
        "--frames=$count",
        '--megapixels=2',
        '--seed=3',
        '--finds-subjects',
        '--at=2026-06-08T05:31:00Z',
    ],
    null,
    null,
    '{"format":"rush-hold/hold@1"}',
    300,
))->mustRun();
foreach (glob("$roll/*.jpg") ?: [] as $file) {
    // As large as a camera's, with grain, so that the file is as heavy as one.
    $picture = new Imagick($file);
    $by = sqrt((MEGAPIXELS * 1e6) / ($picture->getImageWidth() * $picture->getImageHeight()));
    $picture->resizeImage(
        (int) round($by * $picture->getImageWidth()),
        (int) round($by * $picture->getImageHeight()),
        Imagick::FILTER_TRIANGLE,
        1,
    );
    $picture->setImageCompressionQuality(88);
    $picture->writeImage($file);
    $picture->clear();
    exec('exiftool -q -overwrite_original -EXIF:SubjectArea= '.escapeshellarg($file));
}

$page = Page::open(1280, 800);
try {
    $page->visit('/sign-in')->press('Try the demo')->see('Last worked on');
    $page->visit('/review/pictures')->see('Drop pictures');
    $page->upload('Pictures', implode("\n", glob("$roll/*.jpg") ?: []));
    $page->until(
        fn () => str_contains((string) $page->script('return document.body.innerText'), "$count frames") &&
            $page->script('return document.querySelector(".under-way") === null') === true,
        'the burst; %s',
        240,
    );
    $page->script(
        '[...document.querySelectorAll(".burst-card")].find((c) => c.innerText.includes(arguments[0])).click()',
        "$count frames",
    );
    $page
        ->see("All $count")
        ->until(
            fn () => $page->script('return document.querySelector(".view-close img")?.dataset.there === "true"') ===
                true,
            'the first close-up; %s',
            60,
        );
    $waits = $page->wait(
        <<<'JS'
        const [count, done] = [arguments[0], arguments[1]];
        const waits = [];
        const name = () => document.querySelector('.view-close .picture-note')?.textContent;
        const sharp = () => document.querySelector('.view-close img')?.dataset.there === 'true';
        const next = (i) => {
          if (i === count) return done(waits);
          const [before, from] = [name(), performance.now()];
          document.body.dispatchEvent(new KeyboardEvent('keydown', { key: i % 3 === 0 ? 'l' : 'k', bubbles: true }));
          if (i === count - 1) return next(i + 1);
          const look = () => {
            if (name() === before || !sharp()) return requestAnimationFrame(look);
            waits.push(performance.now() - from);
            next(i + 1);
          };
          look();
        };
        next(0);
        JS
        ,
        $count,
    );
    sort($waits);
    printf(
        "%d frames of %d MP: %.0f a minute; from key to sharp pixels %.0f ms median, %.0f ms at most\n",
        $count,
        MEGAPIXELS,
        (60_000 * count($waits)) / array_sum($waits),
        $waits[intdiv(count($waits), 2)],
        end($waits),
    );
} finally {
    $page->close();
    array_map(unlink(...), glob("$roll/*") ?: []);
    rmdir($roll);
}
