<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Browser\Page;

require __DIR__.'/../vendor/autoload.php';

/** One picture of each main view, from the demo data. */
$folder = __DIR__.'/../docs/screenshots';

$enter = static function (Page $page, string $mode): void {
    $page->visit('/sign-in');
    $page->script('localStorage.setItem("rush-hold.mode", arguments[0])', $mode);
    $page->script(
        'for (const of of ["desk", "outing", "review", "practice"]) localStorage.setItem("rush-hold.hints." + of, "hidden")',
    );
    $page->visit('/sign-in')->press('Try the demo')->see('Last worked on');
};
$open = static function (Page $page, string $name): void {
    $page->visit('/rushes')->see($name);
    $page->script(
        '[...document.querySelectorAll(".rush-link")].find(a => a.textContent.includes(arguments[0])).click()',
        $name,
    );
    $page->see('in this run');
    $page->script('document.activeElement?.blur()');
};

// Bursts that the stand-in camera shoots for the demo while the other pictures are taken; a visitor has those that are
// there when they come.
(new Process([PHP_BINARY, __DIR__.'/../artisan', 'demo:restore', '--force', '--pictures'], timeout: 120))->mustRun();
$pictured = static function (Page $page) use ($folder, $enter): void {
    $page->until(
        static function () use ($page, $enter): bool {
            $page->forgetCookies();
            $enter($page, 'dark');
            $page->visit('/review/pictures')->see('Drop pictures');
            sleep(4);

            return $page->script(
                'return [...document.querySelectorAll(".burst-card-says")].filter((c) => /kept/.test(c.textContent)).length === 4',
            ) === true;
        },
        'the bursts of the demo; %s',
        400,
    );
    $page->screenshot("$folder/pictures.png");
    $page->script(
        '[...document.querySelectorAll(".burst-card")].find((c) => c.textContent.includes("Puffin")).click()',
    );
    $page->see('Measured:');
    $page->script('[...document.querySelectorAll(".strip button")].find((b) => b.ariaLabel.includes("lost"))?.click()');
    $page->until(
        fn () => $page->script(
            'return [...document.querySelectorAll(".view-picture img, .view-close img")].every((i) => i.complete && i.naturalWidth > 0) && document.querySelector(".view-close img").dataset.there === "true"',
        ) === true,
        'the pictures; %s',
    );
    $page->screenshot("$folder/burst.png");
};

// Pages of the card as they are printed, side by side; where they can be made into pictures.
$paper = static function (Page $page): void {
    if (trim((string) shell_exec('command -v pdftoppm')) === '') {
        return;
    }
    $pdf = $page->wait(
        'const done = arguments[1]; fetch(`/api${arguments[0]}/files/a6`).then((r) => r.json()).then((f) => done(f.base64))',
        $page->path(),
    );
    $at = sys_get_temp_dir().'/rush-hold-paper-'.getmypid();
    file_put_contents("$at.pdf", base64_decode((string) $pdf));
    (new Process(['pdftoppm', '-r', '130', '-png', "$at.pdf", $at]))->mustRun();
    $pages = glob("$at-*.png") ?: [];
    $shown = array_values(array_filter([$pages[0] ?? null, $pages[4] ?? null, $pages[5] ?? null, $pages[6] ?? null]));
    [$wide, $high] = getimagesize($shown[0]) ?: [537, 757];
    $sheet = imagecreatetruecolor(count($shown) * ($wide + 16) + 16, $high + 32);
    imagefill($sheet, 0, 0, (int) imagecolorallocate($sheet, 120, 120, 120));
    foreach ($shown as $i => $file) {
        imagecopy(
            $sheet,
            imagecreatefrompng($file) ?: throw new RuntimeException($file),
            16 + $i * ($wide + 16),
            16,
            0,
            0,
            $wide,
            $high,
        );
    }
    imagepng($sheet, __DIR__.'/../docs/paper.png');
    array_map(unlink(...), ["$at.pdf", ...$pages]);
};
$page = Page::open(1280, 800);
try {
    $enter($page, 'dark');
    $page
        ->type('What is coming?', 'fox running away at 40 m through tall grass, purple dusk')
        ->see('starts at 40 m')
        ->see('Not understood')
        ->see('Open its card');
    $page->screenshot("$folder/today.png");
    $page->visit('/rushes')->see('Puffin coming in to the slope');
    $page->script('document.activeElement?.blur()');
    $page->screenshot("$folder/rushes.png");
    // Plans use what the log has taught, once it has.
    $taught =
        'const done = arguments[0]; fetch("/api/learned").then((r) => r.json()).then((l) => done(l.learned !== null))';
    $page->until(static fn (): bool => $page->wait($taught) === true, 'what the log teaches; %s', 120);
    $open($page, 'Puffin coming in to the slope');
    $page->screenshot("$folder/desk.png");
    $page->visit('/kit')->see('The cliff body')->see('The race zoom');
    $page->screenshot("$folder/kit.png");
    $page->visit('/outings')->see('Muddy race');
    $page->script('document.querySelector(".outing-link").click()');
    $page->see('Before leaving');
    $page->until(
        fn () => $page->script('return document.querySelector(".play-progress.on") === null') === true,
        'the day to be played; %s',
    );
    $page->screenshot("$folder/outing.png");
    $paper($page);
    $page->press('Rehearse')->see('Hide what they do')->press('Start');
    $page->until(
        fn () => $page->script(
            'return document.querySelector(".rehearsal-frame path:nth-of-type(2)") !== null && Number(document.querySelector(".rehearsal-warning > span").style.width.replace("%", "")) < 40',
        ) === true,
        'a rush; %s',
    );
    $page->screenshot("$folder/rehearsal.png");
    $page
        ->visit('/kit/layouts')
        ->see('Setting it up')
        ->screenshot("$folder/layouts.png");
    $page
        ->visit('/review/compare')
        ->see('keeps')
        ->screenshot("$folder/compared.png");
    $page
        ->visit('/review/learned')
        ->see('Brier score')
        ->screenshot("$folder/how-right.png");
    $page
        ->visit('/')
        ->see('To review')
        ->press('Why soft? Hare bolting through the campion')
        ->see('Was anything still set');
    $page->script(
        '[...document.querySelectorAll(".why-choices button")].find((b) => b.textContent.includes("I checked")).click()',
    );
    $page->until(
        fn () => $page->script(
            'return document.querySelector(".stale") === null && ! document.body.textContent.includes("Was anything still set")',
        ) === true,
        'the next question; %s',
    );
    $page->screenshot("$folder/why.png");
    $page
        ->visit('/kit/bench')
        ->see('The long prime on the old body')
        ->press('The long prime on the old body')
        ->see('Likeliest')
        ->screenshot("$folder/bench.png");
    $pictured($page);
    $page
        ->visit('/practice')
        ->see('Levels')
        ->screenshot("$folder/practice.png");
    $page->visit('/practice/ring?exercise=perch')->see('Drag or scroll the ring')->press('Start');
    $page->until(
        fn () => (float) $page->script(
            'const d = document.querySelector(".ring-view").dataset; return d.mark ? Number(d.mark) : 0',
        ) > 0,
        'a perch; %s',
    );
    $page->script((string) file_get_contents(__DIR__.'/../tests/Browser/hands.js'));
    $page->script('window.handOnRing({ lag: 0.05, noise: 0.3, focal: 500, nearest: 3.5, coc: 12, n: 4 })');
    usleep(2_500_000);
    $page->screenshot("$folder/ring.png");
    $page->script('localStorage.setItem("rush-hold.mode", "light")');
    $page->visit('/kit')->see('The walkabout zoom');
    $page->script('[...document.querySelectorAll(".kit-link")].find(a => a.textContent.includes("walkabout")).click()');
    $page
        ->see('Seen through')
        ->see('560 f/7.8')
        ->screenshot("$folder/lens.png");
    $page
        ->visit('/subjects/sample-heron-strike')
        ->see('Freezes with the neck')
        ->screenshot("$folder/subjects.png");
} finally {
    $page->close();
}

$german = Page::open(1280, 800)->speaking('de');
try {
    $german->visit('/sign-in')->script('localStorage.setItem("rush-hold.mode", "light")');
    $german->script('localStorage.setItem("rush-hold.hints.desk", "hidden")');
    $german->visit('/sign-in')->press('Demo ausprobieren')->see('Nächste Tour')->visit('/rushes');
    $german->see('Hase flüchtet durch die Lichtnelken');
    $german->script('[...document.querySelectorAll(".rush-link")].find(a => a.textContent.includes("Hase")).click()');
    $german->see('diesmal')->settled();
    $german->element('[data-setting="focus.area"]')->click();
    $german->screenshot("$folder/desk-light.png");
} finally {
    $german->close();
}

$phone = Page::open(390, 844);
try {
    $enter($phone, 'dark');
    $phone->script('localStorage.setItem("rush-hold.mode", "light")');
    $phone->visit('/outings')->see('Sea-cliff morning');
    $phone->script('document.querySelector(".outing-card").click()');
    $phone
        ->see('for the light')
        ->see('Something else')
        ->screenshot("$folder/phone-card.png");
} finally {
    $phone->close();
}
