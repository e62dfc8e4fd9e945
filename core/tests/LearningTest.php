<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\LearnedDocument;
use RushHold\Document\LearningDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Simulator;
use RushHold\Planning\Chooser;
use RushHold\Record\Estimate;
use RushHold\Record\Learned;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\LoggedBurst;
use RushHold\Record\LoggedCases;
use RushHold\Record\Skill;
use RushHold\Record\SkillRates;
use RushHold\Rush\Photographer;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/** @return array{Logged, SkillRates} what somebody who pans so well logs of a bird gliding by, in so many bursts */
function season(float $panning, int $bursts, float $kept = 1.0): array
{
    static $case = null;
    if ($case === null) {
        $rush = RushDocument::read(
            json_decode(
                (string) file_get_contents(__DIR__.'/../../formats/examples/gannet-along-the-edge.json'),
                true,
            ),
        )->rush;
        $hold = Chooser::standard()->hold($rush);
        $case = [$rush, $hold, SkillRates::played([[$rush, $hold]], new OneProcess())[0]];
    }
    [$rush, $hold, $rates] = $case;
    $outcome = (new Simulator(
        new Situation($rush->with(photographer: $rush->photographer->with(panning: $panning))),
    ))->run($hold, $bursts, 77);
    $counts = [];
    foreach ($outcome->rates as $i => $rate) {
        $counts["b$i"] = [(int) round($kept * $rate * $outcome->frames), $outcome->frames];
    }

    return [new Logged($rush, $hold, $counts), $rates];
}

it('plays what skills make of a rush, straight in between', function (): void {
    [, $rates] = season(0.5, 2);
    expect($rates->at(0.5, 0.95, 0.3))
        ->toBeGreaterThan($rates->at(0.5, 0.05, 0.3) + 0.05)
        ->and($rates->at(0.375, 0.5, 0.3))
        ->toEqualWithDelta(($rates->at(0.25, 0.5, 0.3) + $rates->at(0.5, 0.5, 0.3)) / 2, 1e-9)
        // Nobody turns the ring here.
        ->and($rates->at(0.5, 0.5, 0.1))
        ->toBe($rates->at(0.5, 0.5, 0.9));
});

it('comes to the skill somebody really has, the more the more is logged', function (): void {
    $panning = static fn (float $true, int $bursts): float => (static fn (
        Logged $l,
        SkillRates $r,
    ): float => Learning::of($l->rush->photographer->with(panning: 0.5), [$l], [$r])->skill(Skill::Panning)->mean)(
        ...season($true, $bursts),
    );
    expect($panning(0.95, 40))
        ->toBeGreaterThan($panning(0.05, 40) + 0.15)
        ->and($panning(0.05, 40))
        ->toBeLessThan(0.45)
        ->and(abs($panning(0.05, 2) - 0.5))
        ->toBeLessThan(abs($panning(0.05, 40) - 0.5));
});

it('predicts what is kept more rightly than the model alone', function (): void {
    [$logged, $rates] = season(0.5, 40, kept: 0.6);
    $learning = Learning::of($logged->rush->photographer, [$logged], [$rates]);
    $true = array_sum(array_column($logged->counts, 0)) / array_sum(array_column($logged->counts, 1));
    $learned = $learning->rate($rates, $logged->kit());
    expect(abs($learned->mean - $true))
        ->toBeLessThan(0.5 * abs($rates->at(0.5, 0.5, 0.3) - $true))
        ->and($learned->low)
        ->toBeLessThan($learned->mean)
        ->and($learned->high)
        ->toBeGreaterThan($learned->mean)
        ->and($learning->shift($logged->kit())->mean)
        ->toBeLessThan(-0.1)
        // Of another kit nothing is known.
        ->and(abs($learning->shift('another')->mean))
        ->toBeLessThan(0.1)
        ->and($learning->shift('another')->low)
        ->toBeLessThan(-0.8);
});

it('says how much of it is log, and knows nothing without one', function (): void {
    [$logged, $rates] = season(0.5, 40);
    $some = Learning::of(
        $logged->rush->photographer,
        [new Logged($logged->rush, $logged->hold, array_slice($logged->counts, 0, 2))],
        [$rates],
    );
    $much = Learning::of($logged->rush->photographer, [$logged], [$rates]);
    $none = Learning::of($logged->rush->photographer, [], []);
    expect($none->logShare())
        ->toBe(0.0)
        ->and($some->logShare())
        ->toBeGreaterThan(0.0)
        ->and($much->logShare())
        ->toBeGreaterThan($some->logShare())
        ->and($much->logShare())
        ->toBeLessThan(1.0)
        ->and($none->skill(Skill::Aim)->mean)
        ->toEqualWithDelta($logged->rush->photographer->aim, 0.05)
        ->and($none->kits())
        ->toBe([])
        // What nobody tried stays as it was said.
        ->and($much->skill(Skill::HandFocus)->mean)
        ->toBe($logged->rush->photographer->handFocus);
});

it('does not believe a burst that was logged wrongly', function (): void {
    [$logged, $rates] = season(0.5, 25);
    $wrong = ['slip' => [0, 400]];
    $without = Learning::of($logged->rush->photographer, [$logged], [$rates]);
    $with = Learning::of(
        $logged->rush->photographer,
        [new Logged($logged->rush, $logged->hold, $logged->counts + $wrong)],
        [$rates],
    );
    expect($with->wrong['slip'])
        ->toBeGreaterThan(0.9)
        ->and(max(array_diff_key($with->wrong, $wrong)))
        ->toBeLessThan(0.9)
        ->and(abs($with->rate($rates, $logged->kit())->mean - $without->rate($rates, $logged->kit())->mean))
        ->toBeLessThan(0.03)
        ->and(LearningDocument::write($with)['outliers'])
        ->toContain('slip');
});

it('corrects an outcome so that everything in it still adds up', function (float $shift): void {
    $plan = plan();
    $outcome = (new Simulator($plan->situation))->run($plan->hold, 60, 1);
    $rush = $plan->situation->rush;
    $learned = new Learned(0.5, 0.5, 0.3, [Logged::kitOf($rush) => $shift], 0.8);
    $corrected = $learned->corrected($outcome, $rush);
    $odds = static fn (float $p): float => log($p / (1 - $p));
    expect($odds($corrected->keeperRate))
        ->toEqualWithDelta($odds($outcome->keeperRate) + $shift, 1e-6)
        ->and(array_sum($corrected->losses) + $corrected->keeperRate)
        ->toEqualWithDelta(1.0, 1e-6)
        ->and(($corrected->anyKeeper <=> $outcome->anyKeeper) * ($shift <=> 0.0))
        ->toBeGreaterThanOrEqual(0);
    // Played on a stage it comes out the same, and another kit's is left alone.
    expect($learned->on(new OneProcess())->play([new Play($plan->situation, $plan->hold, 60, 1)])[0]->keeperRate)
        ->toBe($corrected->keeperRate)
        ->and((new Learned(0.5, 0.5, 0.3, ['another' => $shift], 0.8))->corrected($outcome, $rush))
        ->toBe($outcome)
        ->and($learned->corrected(Outcome::none(), $rush))
        ->toEqual(Outcome::none());
})->with([-0.8, 0.6]);

it(
    'plans a rush in the hands of the person as they are known',
    fn () => expect((new Learned(0.8, 0.7, 0.6, [], 0.5))->rush(Rushes::with())->photographer)->toMatchObject([
        'aim' => 0.8,
        'panning' => 0.7,
        'handFocus' => 0.6,
    ]),
);

it('puts bursts of one rush and hold together, and leaves out what has no rush', function (): void {
    $hold = HoldDocument::read(['focus' => ['area' => 'point']]);
    $logged = LoggedCases::of([
        'a' => new LoggedBurst(10, 5, rush: Rushes::with(), hold: $hold),
        'b' => new LoggedBurst(10, 6, rush: Rushes::with(['name' => 'The same, named otherwise']), hold: $hold),
        'c' => new LoggedBurst(10, 7, rush: Rushes::with(['path.start_m' => 60.0]), hold: $hold),
        'd' => new LoggedBurst(10, 5),
    ]);
    expect($logged)
        ->toHaveCount(2)
        ->and(array_keys($logged[0]->counts))
        ->toBe(['a', 'b']);
});

it('takes ten passes logged as one burst for as much as ten bursts of one pass', function (): void {
    [$logged, $rates] = season(0.5, 2);
    $worth = static fn (array $counts): float => Learning::of(
        $logged->rush->photographer,
        [new Logged($logged->rush, $logged->hold, $counts)],
        [$rates],
    )->counts;
    $pass = $rates->frames;
    $one = $worth(['a' => [3, $pass]]);
    // Frames of one pass are alike, so they are worth less than their number.
    expect($rates->alike)
        ->toBeGreaterThan(0.02)
        ->and($one)
        ->toBeLessThan(0.8 * $pass)
        ->and($worth(['a' => [30, 10 * $pass]]))
        ->toEqualWithDelta(10 * $one, 0.01 * $one)
        ->and($worth(array_fill(0, 10, [3, $pass])))
        ->toEqualWithDelta(10 * $one, 0.01 * $one)
        // Fewer frames of a pass are as alike as all of it.
        ->and($worth(['a' => [1, 2]]))
        ->toEqualWithDelta(2 / (1 + max(0.2, $rates->alike)), 1e-9);
});

/** How wide what is said of a share is. */
function wide(Estimate $estimate): float
{
    return $estimate->high - $estimate->low;
}

it('says less of a rush that was not logged where those that were are not as the model has them', function (): void {
    [$logged, $rates] = season(0.5, 2);
    $share = $rates->at(0.5, 0.5, 0.3);
    // Four rushes of their own, in bursts of ten frames.
    $of = static fn (float ...$shares): Estimate => Learning::of(
        $logged->rush->photographer,
        array_map(
            static fn (int $i): Logged => new Logged(
                $logged->rush->with(subject: $logged->rush->subject->with(lengthM: 1.0 + 0.01 * $i)),
                $logged->hold,
                array_fill_keys(["a$i", "b$i", "c$i", "d$i"], [(int) round(10 * $shares[$i]), 10]),
            ),
            array_keys($shares),
        ),
        array_fill(0, count($shares), $rates),
    )->rate($rates, $logged->kit());
    $like = $of($share, $share, $share, $share);
    $unlike = $of(0.1, 0.9, 0.2, 0.8);
    expect(wide($unlike))
        ->toBeGreaterThan(1.4 * wide($like))
        ->and($like->low)
        ->toBeLessThan($share)
        ->and($like->high)
        ->toBeGreaterThan($share);
});

it('knows less from bursts of few days than from as many of days of their own', function (): void {
    [$logged, $rates] = season(0.5, 2);
    $of = static fn (array $days): Estimate => Learning::of(
        $logged->rush->photographer,
        [
            new Logged(
                $logged->rush,
                $logged->hold,
                array_map(static fn (int $k): array => [$k, 10], [2, 3, 2, 7, 8, 7, 6, 5, 6]),
                $days,
            ),
        ],
        [$rates],
    )->rate($rates, $logged->kit(), (new Logged($logged->rush, $logged->hold, []))->key());
    expect(wide($of(['a', 'a', 'a', 'b', 'b', 'b', 'c', 'c', 'c'])))->toBeGreaterThan(1.1 * wide($of(range(1, 9))));
});

it('is kept and read as it was, and refused where it is not what was written', function (): void {
    $said = new Photographer(aim: 0.4);
    $learned = new Learned(0.61, 0.5, 0.3, ['body+lens' => -0.4], 0.7, $said, ['a|b' => 0.2]);
    $kept = [
        'plans' => LearnedDocument::write($learned),
        'skills' => ['aim' => ['mean' => 0.6, 'low' => 0.5, 'high' => 0.8]],
    ];
    // As a database gives it back.
    $kept = json_decode(json_encode($kept, JSON_THROW_ON_ERROR), true);
    expect(LearnedDocument::read($kept, $said))
        ->toEqual($learned)
        ->and(LearnedDocument::skill($kept, Skill::Aim))
        ->toEqual(new Estimate(0.6, 0.5, 0.8))
        ->and(LearnedDocument::skill($kept, Skill::Panning))
        ->toBeNull();
    foreach ([null, [], ['plans' => [...$kept['plans'], 'log_share' => 0]]] as $nothing) {
        expect(LearnedDocument::read($nothing, $said))->toBeNull();
    }
    foreach ([['aim' => 1.2], ['shifts' => ['body+lens' => 'much']], ['hand_focus' => null]] as $wrong) {
        $field = refusal(static fn () => LearnedDocument::read(['plans' => [...$kept['plans'], ...$wrong]], $said))
            ->field;
        expect($field)->toStartWith('plans.'.array_key_first($wrong));
    }
});
