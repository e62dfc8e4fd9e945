<?php

declare(strict_types=1);

use App\Models\KeptSweep;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Pictures\Store;
use Illuminate\Support\Str;
use Tests\Browser\Page;

/** Waits for the next question, and says whether there is one: else there is an answer. */
function asksOn(Page $page): bool
{
    $page->until(
        static fn (): bool => $page->script(
            'return document.querySelector(".why-choices button, .why-test") !== null && document.querySelector(".stale") === null',
        ),
        'a question or an answer',
    );

    return $page->script('return document.querySelector(".why-choices button") !== null');
}

it('goes from a burst to its cause, to the fix on the desk, and to the test that confirms it', function (): void {
    $person = $this->account('puffin-coming-in');
    $rush = $person->rushes()->firstOrFail();
    $burst = $person
        ->bursts()
        ->create([
            'uuid' => (string) Str::uuid(),
            'rush_id' => $rush->id,
            'rush' => $rush->name,
            'shot_at' => now()->subDay(),
            'frames' => 40,
            'keepers' => 4,
            'lost_to' => 'lagging',
            'hold' => [
                'focus' => [
                    'technique' => 'auto',
                    'mode' => 'single',
                    'area' => 'point',
                    'detect' => 'off',
                    'eye' => false,
                ],
            ],
        ]);
    $page = $this->enter($this->page(), $person)
        ->visit('/')
        ->see('To review')
        ->press("Why soft? $rush->name")
        ->see('Was anything still set for something else?')
        ->isClean();
    // By keyboard: no, nothing was left over.
    $page
        ->keys('2')
        ->until(static fn (): bool => $burst->refresh()->answers === ['left-over' => 'no'], 'the answer to be kept');
    foreach (range(1, 4) as $i) {
        if (! asksOn($page)) {
            break;
        }
        $before = count($burst->refresh()->answers ?? []);
        $page->script(
            'const last = [...document.querySelectorAll(".why-choices button")]; (last.find((b) => b.textContent.includes("softer and softer")) ?? last.at(-1)).click()',
        );
        $page->until(static fn (): bool => count($burst->refresh()->answers ?? []) > $before, 'the answer to be kept');
    }
    $page->see('Focus was locked once')->see('instead of')->see('What confirms it')->isClean();

    $page->press('Plan the rush with it')->see('Depth lane')->settled();
    expect($page->held('focus.mode'))->toContain('Continuous');
    // What was answered is still there.
    $page
        ->visit("/review/bursts/$burst->uuid/why?of=$rush->id")
        ->see('What confirms it')
        ->press('Plan the test');
    $page->until(static fn (): bool => str_starts_with($page->path(), '/outings/'), 'the test as an outing');
    $page->see('as it was');
    $outing = SavedOuting::query()->where('user_id', $person->id)->firstOrFail();
    $rushes = $person->rushes()->whereIn('id', array_column($outing->document['rushes'], 'rush'))->get();
    expect($rushes)
        ->toHaveCount(2)
        ->and($rushes->pluck('pins.focus.mode')->sort()->values()->all())
        ->toBe(['continuous', 'single']);
    // It was looked into: it does not wait any more.
    $page->visit('/')->see('Last worked on')->seeNot('Why soft?')->isClean();
});

it('finds a cause from nothing on a phone, a tap at a time', function (): void {
    $page = $this->signIn($this->page(390, 844), 'gannet-along-the-edge')->visit('/review/why');
    for ($i = 0; $i < 6; $i++) {
        if (! asksOn($page)) {
            break;
        }
        $asked = $page->script('return document.querySelector(".why-ask h2").textContent');
        $page->script(
            <<<'JS'
            const said = arguments[0], heading = document.querySelector('.why-ask h2').textContent, buttons = [...document.querySelectorAll('.why-choices button')];
            const wanted = Object.entries(said).find(([question]) => heading.includes(question))?.[1];
            (buttons.find((b) => wanted && b.textContent.includes(wanted)) ?? buttons.at(-1)).click();
            JS
            ,
            [
                'Was anything still set' => 'No, I checked',
                'streaked?' => 'everything the same way',
                'anything at all sharp?' => 'Nothing is',
                'still, at that distance' => 'Soft all over',
                'inside the frame?' => 'nearly always',
                'through the burst?' => 'Never sharp',
                'in the finder?' => 'settled and stayed',
            ],
        );
        $page->until(
            static fn (): bool => $page->script('return document.querySelector(".why-ask h2")?.textContent') !== $asked,
            'the answer to count',
        );
    }
    $page->see('The camera shook')->see('A faster shutter')->isClean();
});

it('goes from a sweep to the value a lens needs', function (): void {
    $person = $this->account('tern-hovering');
    $page = $this->enter($this->page(), $person)
        ->visit('/kit')
        ->press('Calibration')
        ->see('Does the lens focus where it should?')
        ->press('New session')
        ->see('Before the first frame')
        ->isClean();
    $page->press('Simulate a series from −20 to +20')->see('Likeliest')->isClean();
    for ($round = 0; $round < 4 && ! str_contains($page->text(), 'Settled'); $round++) {
        $before = count(KeptSweep::query()->where('user_id', $person->id)->firstOrFail()->document['frames']);
        $page->press('Shoot them with the simulated camera');
        $page->until(
            static fn (): bool => count(
                KeptSweep::query()->where('user_id', $person->id)->firstOrFail()->document['frames'],
            ) > $before && ! $page->script('return document.querySelector(".ant-btn-loading") !== null'),
            'the retest',
        );
    }
    $page->see('Settled');
    $hidden = KeptSweep::query()->where('user_id', $person->id)->firstOrFail()->hidden['value'];
    $value = (int) str_replace(
        ['−', '+'],
        ['-', ''],
        (string) $page->script('return document.querySelector(".bench-value").textContent'),
    );
    expect(abs($value - $hidden))->toBeLessThanOrEqual(2);
    $size = $page->wait(
        'const done = arguments[0]; fetch(document.location.pathname.replace("/kit/bench", "/api/sweeps") + "/paper").then((r) => r.text()).then((t) => done(t.slice(0, 4)))',
    );
    expect($size)->toBe('%PDF');
    // On a phone nothing sticks out.
    $path = $page->path();
    $phone = $this->restarted(390, 844)->visit($path)->see('Likeliest')->isClean();
    expect($phone->script('return document.documentElement.scrollWidth'))->toBeLessThanOrEqual(390);
});

it('scores the pictures of a sweep by eye, with keys, at 100%', function (): void {
    $person = $this->account('tern-hovering');
    $burst = $person
        ->bursts()
        ->create(['uuid' => (string) Str::uuid(), 'rush' => 'Target', 'shot_at' => now()->subHour(), 'coc_px' => 2.0]);
    foreach ([4.0, 2.0, 0.6, 1.8, 4.2] as $i => $blur) {
        $picture = Picture::query()->forceCreate([
            'user_id' => $person->id,
            'burst_id' => $burst->id,
            'sha256' => hash('sha256', "$person->id $i"),
            'name' => "target-$i.jpg",
            'bytes' => 1,
            'stage' => Picture::LOOKED,
            'original' => true,
            'wide' => 900,
            'high' => 600,
            'taken_at' => now()->subMinutes(50 - $i),
            'measured' => ['sigma_px' => $blur],
        ]);
        $image = new Imagick();
        $image->newPseudoImage(900, 600, 'pattern:checkerboard');
        $image->gaussianBlurImage(0, $blur);
        $image->setImageFormat('jpeg');
        Store::disk()->put(Store::path($picture, Store::ORIGINAL), $image->getImageBlob());
    }
    $page = $this->enter($this->page(), $person)
        ->visit('/kit/bench')
        ->press('New session')
        ->see('Pictures of a burst')
        ->choose('Which burst', 'Target')
        ->type('First value', '-4')
        ->type('Step', '2')
        ->press('By eye')
        ->see('Keys 1 to 9');
    $page->until(
        static fn (): bool => $page->script(
            'const img = document.querySelector(".bench-flick img"); return img !== null && img.complete && img.naturalWidth > 400',
        ) === true,
        'the frame at 100%',
    );
    expect($page->text())->toContain('−4');
    $page->isClean();
    foreach ([2, 5, 9, 5, 2] as $score) {
        $page->keys((string) $score);
    }
    $page->press('Add 5')->see('Likeliest');
    expect(KeptSweep::query()->where('user_id', $person->id)->firstOrFail()->document['frames'])
        ->toHaveCount(5)
        ->and((string) $page->script('return document.querySelector(".bench-value").textContent'))
        ->toBe('0');
    // As measured the same comes out.
    $page
        ->press('As measured, in order')
        ->until(
            static fn (): bool => count(
                KeptSweep::query()->where('user_id', $person->id)->firstOrFail()->document['frames'],
            ) === 10,
            'the measured frames',
        );
    $page->isClean();
});
