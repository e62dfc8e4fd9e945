<?php

declare(strict_types=1);

use App\Models\KeptDrill;
use RushHold\Document\RushDocument;
use RushHold\Drill\Exercise;

/*
 * Hands of a known skill play each drill through the page, as fast as it draws: what a practised hand does, one that is
 * learning, and one that has never done it, must not come out the same.
 */

const HANDS = [
    'practised' => [
        'lag' => 0.03,
        'ahead' => 0.1,
        'noise' => 0.35,
        'after' => 0.35,
        'wrongEvery' => 0,
        'moment' => ['depth' => 0.68],
    ],
    'learning' => [
        'lag' => 0.22,
        'ahead' => 0.28,
        'noise' => 1.5,
        'after' => 0.9,
        'wrongEvery' => 5,
        'moment' => ['after' => 0.8],
    ],
    'new' => [
        'lag' => 1.2,
        'ahead' => 0.0,
        'noise' => 150.0,
        'after' => 1.6,
        'wrongEvery' => 2,
        'moment' => ['depth' => 0.999],
    ],
];

dataset('ring', [Exercise::Still, Exercise::Swimmer, Exercise::Perch, Exercise::Surprise, Exercise::Wild]);

/**
 * Each hand plays one turn, each in an account of its own.
 *
 * @param  callable(array<string, mixed>): array{string, mixed}  $begin  the script that sets a hand going, and what it
 *   is given
 * @param  array<string, array<string, mixed>>  $hands
 * @return array<string, array<string, mixed>> scores by hand; the practised one played last, and is still there
 */
function played(
    mixed $test,
    Exercise $exercise,
    string $path,
    string $ready,
    callable $begin,
    array $hands = HANDS,
): array {
    $scores = [];
    foreach (array_reverse($hands) as $name => $hand) {
        $person = $test->account('gannet-along-the-edge');
        $page = $test->enter($test->page(480, 640), $person)->visit($path)->see($ready);
        $page->script((string) file_get_contents(__DIR__.'/hands.js'));
        // What is drawn is looked at elsewhere; small, it is drawn sooner.
        $page->script(
            'const view = document.querySelector(".ring-view"); if (view) view.style.cssText = "width: 60px; height: 40px"',
        );
        $page->script('window.hurry()');
        $page->script(...$begin($hand));
        $page->press('Start')->see('Give this turn to others');
        $scores[$name] = KeptDrill::query()->where('user_id', $person->id)->where('exercise', $exercise)->sole()->score;
    }
    $page->isClean();

    return $scores;
}

it('tells hands on the ring apart', function (Exercise $exercise): void {
    $document = json_decode((string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')), true);
    $rush = RushDocument::read($document)->rush;
    $of = [
        'focal' => $rush->kit->focalMm(),
        'nearest' => $rush->kit->lens->nearestM,
        'coc' => $rush->cocUm(),
        'n' => $rush->kit->widest(),
    ];
    $scores = played(
        $this,
        $exercise,
        "/practice/ring?exercise=$exercise->value",
        'Drag or scroll the ring',
        static fn (array $hand): array => [
            'window.handOnRing(arguments[0])',
            // What swims slowly is followed, and nobody has to foresee where it goes.
            [
                ...$of,
                ...$hand,
                'ahead' => $exercise === Exercise::Swimmer ? 0 : $hand['ahead'],
                'still' => $exercise === Exercise::Still,
            ],
        ],
        // Where a hand that is learning stands shows in the longest of them.
        $exercise === Exercise::Swimmer ? HANDS : array_diff_key(HANDS, ['learning' => 0]),
    );
    $share = array_map(static fn (array $s): float => $s['share'], $scores);
    expect($share['practised'])->toBeGreaterThan($share['new']);
    if ($exercise === Exercise::Swimmer) {
        // How late each is, and how unsteady, shows as well.
        expect($share['learning'])
            ->toBeGreaterThanOrEqual($share['new'])
            ->toBeLessThanOrEqual($share['practised'])
            ->and($scores['learning']['lag_s'])
            ->toBeGreaterThan($scores['practised']['lag_s'])
            ->and($scores['learning']['scatter'])
            ->toBeGreaterThan(2 * $scores['practised']['scatter'])
            ->and($scores['practised']['hand'])
            ->toBeGreaterThan($scores['new']['hand']);
    }
})->with('ring');

it('tells three hands on the buttons apart, and the ladder has seen it', function (): void {
    $scores = played(
        $this,
        Exercise::Buttons,
        '/practice/buttons',
        'Hide what they do',
        static fn (array $hand): array => ['window.handOnButtons(arguments[0])', $hand],
    );
    expect($scores['practised']['right'])
        ->toBeGreaterThan($scores['learning']['right'])
        ->and($scores['learning']['right'])
        ->toBeGreaterThan($scores['new']['right'])
        ->and($scores['practised']['median_s'])
        ->toBeLessThan($scores['learning']['median_s'])
        ->and($scores['learning']['reaction_s'])
        ->toBeGreaterThan(0.25)
        ->toBeLessThan(1.0);
    $this->page()
        ->visit('/practice')
        ->see('1 of 3 sessions running')
        ->isClean()
        ->press('Progress')
        ->see('right at once')
        ->isClean();
});

it('tells three hands at the moment apart', function (): void {
    $scores = played(
        $this,
        Exercise::Moment,
        '/practice/moment',
        'Space or the button is the shutter',
        static fn (array $hand): array => ['window.handOnMoment(arguments[0])', $hand['moment']],
    );
    expect($scores['practised']['share'])
        ->toBeGreaterThan($scores['learning']['share'])
        ->and($scores['learning']['share'])
        ->toBeGreaterThan($scores['new']['share']);
});
