<?php

declare(strict_types=1);

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Page;

/** What can be pressed or typed into without scrolling or opening anything; a row of choices is one. */
function atFirstSight(Page $page): int
{
    return (int) $page->script(
        'const seen = (e) => { const r = e.getBoundingClientRect(); return r.width > 1 && r.height > 1 && r.bottom > 0 && r.top < window.innerHeight && getComputedStyle(e).visibility !== "hidden"; }; return [...document.querySelectorAll("a[href],button,input,select,textarea,[role=slider],[tabindex]")].filter((e) => e.tabIndex >= 0 && seen(e) && !e.disabled).length',
    );
}

it('is calm at first sight: the desk, a new outing and the kit', function (): void {
    $page = $this->signedIn('puffin-coming-in', 'tern-hovering', 'gannet-along-the-edge');
    $page
        ->visit('/rushes/'.$this->saved('Puffin coming in to the slope')->id)
        ->see('in this run')
        ->settled();
    $desk = atFirstSight($page);
    $page->visit('/outings/new')->placed('55.5, -9')->see('wanted frames kept')->seeNot('if nothing goes wrong');
    $outing = atFirstSight($page);
    $page->visit('/kit')->see('samples to start from')->settled();
    $kit = atFirstSight($page);
    expect(['desk' => $desk <= 45, 'outing' => $outing <= 35, 'kit' => $kit <= 30])->toBe(
        ['desk' => true, 'outing' => true, 'kit' => true],
        "$desk on the desk, $outing on a new outing, $kit on the kit",
    );
});

it('goes from a line to a sharp answer in two actions, and to the card in three more', function (): void {
    $page = $this->signedIn();
    $before = $page->actions;
    $page
        ->visit('/')
        ->type('What is coming?', 'kingfisher from its usual perch, 11 m, with the 500')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    expect($page->actions - $before)->toBeLessThanOrEqual(2);
    $before = $page->actions;
    $page->press('Carry')->press('Card on this device')->see('1 of 1')->see('as metered');
    expect($page->actions - $before)->toBeLessThanOrEqual(3);
    $outing = $this->user->outings()->firstOrFail();
    expect($outing->name)
        ->toBe('Kingfisher, 11 m')
        ->and($outing->document['ev100'])
        ->toBeGreaterThan(5)
        ->and($this->user->rushes()->firstOrFail()->document['line'])
        ->toContain('usual perch');
});

it('takes the sports shooter from nothing to a floodlit match on the card in fifteen actions', function (): void {
    $page = $this->signedIn();
    $before = $page->actions;
    $page
        ->visit('/kit/bodies/new?from=sample-fast-mirrorless&step=1')
        ->type('What you call it', 'Sideline body')
        ->press('Save')
        ->see('“Sideline body” is in your kit.');
    $page
        ->visit('/')
        ->type('What is coming?', 'football match under floodlights, towards me, 40 m, with the 400, others crossing')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->settled();
    $page->press('Save')->see('Saved');
    $page->press('Carry')->press('Plan an outing with it');
    $page->placed('52.1, 0.3')->see('wanted frames kept');
    $page->press('Save')->see('Saved')->press('Card')->see('1 of 1')->see('flicker');
    expect($page->actions - $before)->toBeLessThanOrEqual(15);
});

it('takes somebody from one picture of their camera to the first hold for it in twelve actions', function (): void {
    $file = (string) tempnam(sys_get_temp_dir(), 'shot');
    $image = imagecreatetruecolor(1500, 1000);
    imagejpeg($image, $file);
    exec(
        'exiftool -q -overwrite_original "-EXIF:Model=Cormora K7" "-EXIF:LensModel=CR 100-400" "-EXIF:LensInfo=100 400 4.5 5.6" -EXIF:ExifImageWidth=6000 -EXIF:ExifImageHeight=4000 -EXIF:FocalPlaneXResolution=1666.667 -EXIF:FocalPlaneResolutionUnit=cm '.
            escapeshellarg($file),
    );
    $page = $this->signedIn();
    $before = $page->actions;
    $page
        ->visit('/kit')
        ->press('From a picture')
        ->upload('Pictures from your camera', $file)
        ->see('from your picture')
        ->isClean()
        ->press('Good enough, save')
        ->see('“Cormora K7” is in your kit.')
        ->visit('/')
        ->type('What is coming?', 'gull flying past at 25 m')
        ->keys(WebDriverKeys::ENTER)
        ->see('in this run')
        ->see('Cormora K7, CR 100-400');
    unlink($file);
    expect($page->actions - $before)
        ->toBeLessThanOrEqual(12)
        ->and($this->user->kit()->count())
        ->toBe(2);
});

it('finds the cards where there is no signal, and tries again once there is one', function (): void {
    $page = $this->signedIn('tern-hovering');
    $page->visit('/rushes')->see('Tern hovering');
    $page->connected(false)->script('window.history.pushState({}, "", "/review"); window.dispatchEvent(new PopStateEvent("popstate"))');
    $page->see('No connection');
    // What waited goes on by itself; where it was given up, a press asks again.
    $page->see('Cards on this device')->connected(true);
    $page->until(function () use ($page): bool {
        $page->script('[...document.querySelectorAll("button")].find((b) => b.textContent.trim() === "Try again")?.click()');

        return str_contains($page->text(), 'Nothing logged yet');
    }, 'the log; %s');
});
