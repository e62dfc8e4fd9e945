<?php

declare(strict_types=1);

use Tests\Browser\Page;

require __DIR__.'/../vendor/autoload.php';

/** One picture of each main view, from the demo data. */
$folder = __DIR__.'/../docs/screenshots';

$enter = static function (Page $page, string $mode): void {
    $page->visit('/sign-in');
    $page->script('localStorage.setItem("rush-hold.mode", arguments[0])', $mode);
    $page->visit('/sign-in')->press('Look around in the demo')->see('Last worked on');
};
$open = static function (Page $page, string $name): void {
    $page->visit('/rushes')->see($name);
    $page->script('[...document.querySelectorAll(".rush-link")].find(a => a.textContent.includes(arguments[0])).click()', $name);
    $page->see('in this run');
    $page->script('document.activeElement?.blur()');
};

$page = Page::open(1280, 800);
try {
    $enter($page, 'dark');
    $page->type('What is coming?', 'fox running away at 40 m through tall grass, purple dusk')->see('starts at 40 m')->see('Not understood')->see('Open its card');
    $page->screenshot("$folder/today.png");
    $page->visit('/rushes')->see('Puffin coming in to the slope');
    $page->script('document.activeElement?.blur()');
    $page->screenshot("$folder/rushes.png");
    $open($page, 'Puffin coming in to the slope');
    $page->screenshot("$folder/desk.png");
    $open($page, 'Puffin landing behind the thrift');
    $page->element('[data-setting="focus.technique"]')->click();
    $page->screenshot("$folder/desk-parked.png");
    $open($page, 'Puffin coming in to the slope');
    $page->press('Others')->see('set-ups played')->press('Compare small ring')->see('Side by side')->see('fewer of a pass');
    $page->screenshot("$folder/compare.png");
    $page->press('Close');
    $page->press('Changes')->see('things have to change');
    $page->screenshot("$folder/changes.png");
    $page->visit('/kit')->see('The cliff body')->see('The race zoom');
    $page->screenshot("$folder/kit.png");
    $page->visit('/outings')->see('Muddy race');
    $page->script('document.querySelector(".outing-link").click()');
    $page->see('Before leaving');
    $page->until(fn () => $page->script('return document.querySelector(".play-progress.on") === null') === true, 'the day to be played; %s');
    $page->screenshot("$folder/outing.png");
    $page->visit('/kit/layouts')->see('Setting it up')->screenshot("$folder/layouts.png");
    $page->visit('/habits')->see('How you work')->screenshot("$folder/habits.png");
    $page->script('localStorage.setItem("rush-hold.mode", "light")');
    $page->visit('/kit/bodies/new?from=sample-old-mirror&step=2')->see('Tick those your camera has');
    $page->element('.area-table tbody tr:nth-child(9) .area-name')->click();
    $page->screenshot("$folder/body-guide.png");
    $page->visit('/kit')->see('The walkabout zoom');
    $page->script('[...document.querySelectorAll(".kit-link")].find(a => a.textContent.includes("walkabout")).click()');
    $page->see('Seen through')->see('560 f/7.8')->screenshot("$folder/lens.png");
    $page->visit('/subjects/sample-heron-strike')->see('Freezes with the neck')->screenshot("$folder/subjects.png");
    $open($page, 'Hare bolting through the campion');
    $page->element('[data-setting="focus.area"]')->click();
    $page->screenshot("$folder/desk-light.png");
    $open($page, 'Round the muddy hairpin');
    $page->screenshot("$folder/desk-way.png");
} finally {
    $page->close();
}

$phone = Page::open(390, 844);
try {
    $enter($phone, 'dark');
    $phone->see('Open its card')->screenshot("$folder/phone-today.png");
    $phone->script('localStorage.setItem("rush-hold.mode", "light")');
    $phone->visit('/outings')->see('Sea-cliff morning');
    $phone->script('document.querySelector(".outing-card").click()');
    $phone->see('for the light')->see('Something else')->screenshot("$folder/phone-card.png");
    $phone->press('Something else')->press('Gull, flapping')->press('40 m');
    $phone->script('document.querySelectorAll(".sheet-grid button")[5].click()');
    $phone->see('answers worked out beforehand')->screenshot("$folder/phone-pocket.png");
    $phone->script('localStorage.setItem("rush-hold.mode", "dark")');
    $phone->visit('/rushes')->see('Your rushes');
    $open($phone, 'Sprint for the line');
    $phone->script('document.querySelector(".finder").scrollIntoView()');
    $phone->screenshot("$folder/phone-desk.png");
} finally {
    $phone->close();
}
