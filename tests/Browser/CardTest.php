<?php

declare(strict_types=1);

use App\Models\Burst;
use App\Models\SavedOuting;
use App\Models\User;
use Tests\Browser\Page;
use Tests\Browser\Wire;

/** An outing of somebody that begins tomorrow, so that it is brought along by itself. */
function outingTomorrow(User $person): SavedOuting
{
    $outing = SavedOuting::factory()->for($person)->with(...$person->rushes()->orderBy('id')->get())->make();
    $outing
        ->fill([
            'document' => [
                ...$outing->document,
                'date' => now()->addDay()->toDateString(),
                'from' => '05:00',
                'to' => '07:00',
            ],
        ])
        ->save();

    return $outing;
}

/** Waits until the card with its pocket table and all files of the page are on the device. */
function broughtAlong(Page $page): void
{
    // The first time a page comes, what works without a network is only fetched.
    $page->visit('/')->see('What is coming?')->settled()->reload();
    $page->until(
        fn (): bool => $page->wait('const done = arguments[arguments.length - 1]; (async () => {
        const registration = await navigator.serviceWorker.getRegistration();
        const db = await new Promise((resolve) => { const open = indexedDB.open("rush-hold-field"); open.onsuccess = () => resolve(open.result); open.onerror = () => resolve(null); });
        if (!registration?.active || !navigator.serviceWorker.controller || !db?.objectStoreNames.contains("cards")) { db?.close(); return false; }
        const cards = await new Promise((resolve) => { const get = db.transaction("cards").objectStore("cards").getAll(); get.onsuccess = () => resolve(get.result); });
        db.close();
        return cards.length === 1 && cards[0].pocket !== null;
    })().then(done, () => done(false));') === true,
        'the card to be brought along; %s',
        // Its table is played first.
        patience: 150,
    );
}

it(
    'works with the network cut, reloaded, and after the browser was shut, and sends what was logged once',
    function (): void {
        $wire = new Wire(Page::address());
        $person = $this->account('puffin-coming-in', 'tern-hovering');
        $outing = outingTomorrow($person);
        $page = $this->enter($this->page(390, 844, $wire->address())->readyForNoSignal(), $person);
        broughtAlong($page);
        $wire->cut();
        // It was never opened before, and opens; so it does when it is loaded anew.
        $page
            ->visit("/card/$outing->id")
            ->see('of 2')
            ->see('for the light')
            ->reload()
            ->see('for the light');
        $first = (string) $page->script('return document.querySelector(".card-face h1").textContent');
        $page->press('Log')->press('Half')->press('Blocked from view')->see('Logged')->see('1 to send');
        $page->press('Next rush')->see('2 of 2');
        $second = (string) $page->script('return document.querySelector(".card-face h1").textContent');
        expect($second)->not->toBe($first);
        $page
            ->press('Log')
            ->type('or counted', '50 of 40')
            ->see('such as 12')
            ->type('or counted', '12 of 40')
            ->press('Next')
            ->press('I cannot tell')
            ->see('2 to send');
        // What is taken back at once was never logged.
        $page->press('Log')->press('All')->see('3 to send')->press('Undo')->see('2 to send');
        $page = $this->restarted(390, 844);
        $page->visit('/card')->see('Cliff morning')->see('brought along');
        $page->script('document.querySelector(".card-list a").click()');
        $page->see('2 to send')->press('Something else')->press('Puffin, coming in')->press('20 m');
        $page->script('document.querySelectorAll(".sheet-grid button")[1].click()');
        $page->see('answers worked out beforehand')->press('Keep it as a rush')->press('Close')->see('3 to send');
        expect(Burst::query()->where('user_id', $person->id)->count())->toBe(0);
        // The server hears, and its answer is lost: what is logged stays, is sent again, and is there once.
        $wire->deafen();
        $page->reload();
        $page->until(
            fn (): bool => Burst::query()->where('user_id', $person->id)->count() === 2,
            'the server to hear; %s',
        );
        $page->see('to send');
        $wire->mend();
        $page->reload()->seeNot('to send');
        $page->until(fn (): bool => $person->rushes()->count() === 3, 'what came by among the rushes; %s');
        $all = Burst::query()->where('user_id', $person->id)->get();
        $kept = [$all->firstWhere('kept', 'half'), $all->firstWhere('keepers', 12)];
        expect($all)->toHaveCount(2);
        expect($kept[0]->rush)
            ->toBe($first)
            ->and($kept[0]->lost_to)
            ->toBe('hidden')
            ->and($kept[0]->outing_id)
            ->toBe($outing->id)
            ->and($kept[0]->rush_id)
            ->toBeIn($person->rushes()->pluck('id')->all())
            ->and($kept[1]->frames)
            ->toBe(40)
            ->and($kept[1]->rush)
            ->toBe($second)
            ->and($person->rushes()->where('name', 'Puffin, coming in, unplanned')->value('start_m'))
            ->toEqual(20);
        $page
            ->visit("/outings/$outing->id")
            ->see('2 bursts')
            ->see('12 of 40 kept');
    },
);

it('keeps what two devices logged, and leaves nothing behind when somebody signs out', function (): void {
    $person = $this->account('tern-hovering');
    $outing = outingTomorrow($person);
    $page = $this->enter($this->page(390, 844)->readyForNoSignal(), $person);
    $other = Page::open(390, 844)->readyForNoSignal();
    try {
        $this->enter($other, $person);
        foreach ([$page, $other] as $i => $device) {
            broughtAlong($device);
            $device
                ->visit("/card/$outing->id")
                ->see('for the light')
                ->press('Log')
                ->press(['Few', 'Most'][$i])
                ->press('Camera shake')
                ->see('Logged');
        }
        $page->until(fn (): bool => Burst::query()->where('user_id', $person->id)->count() === 2, 'both bursts; %s');
        $page->isClean();
        $other->visit('/card')->see('Cliff morning')->visit('/');
        $other->see('Next outing')->press('Preferences and account');
        $other->press('Sign out')->see('Password')->visit('/card')->see('None yet');
    } finally {
        $other->close();
    }
});

it('turns by key and swipe, and shows a card that was given away without an account', function (): void {
    $person = $this->account('puffin-coming-in', 'tern-hovering', 'gannet-along-the-edge');
    $outing = outingTomorrow($person);
    $page = $this->enter($this->page(390, 844)->readyForNoSignal(), $person);
    $page
        ->visit("/card/$outing->id")
        ->see('1 of 3')
        ->keys("\u{E014}")
        ->see('2 of 3')
        ->keys("\u{E014}")
        ->see('3 of 3')
        ->keys("\u{E012}")
        ->see('2 of 3');
    $page->script(
        'const body = document.querySelector(".card-body"); const touch = (type, x) => body.dispatchEvent(new TouchEvent(type, { bubbles: true, touches: type === "touchstart" ? [new Touch({ identifier: 1, target: body, clientX: x, clientY: 300 })] : [], changedTouches: [new Touch({ identifier: 1, target: body, clientX: x, clientY: 300 })] })); touch("touchstart", 300); touch("touchend", 120);',
    );
    $page->see('3 of 3')->isClean();
    $page
        ->visit("/outings/$outing->id")
        ->see('wanted frames kept')
        ->press('More of this outing')
        ->press('Show the card to somebody')
        ->press('Make an address')
        ->see('It is shown this once');
    $address = (string) $page->script('return document.querySelector(".share-address code").textContent');
    $page
        ->isClean()
        ->forgetCookies()
        ->visit((string) parse_url($address, PHP_URL_PATH))
        ->see('shown to you by somebody else')
        ->see('1 of 3')
        ->isClean();
    expect(
        $page->script(
            'return document.querySelector(".card-log, .card-else") === null && document.documentElement.scrollWidth <= 390',
        ),
    )->toBeTrue();
    $outing->links()->delete();
    $page->reload()->see('not shown any more');
});
