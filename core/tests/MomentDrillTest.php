<?php

declare(strict_types=1);

use RushHold\Document\DrillDocument;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\MomentCourse;
use RushHold\Drill\MomentScore;

/** @return list<array{float}> presses so long after each peak, or after the cue of a sudden one */
function presses(MomentCourse $course, Closure $after): array
{
    return array_map(static fn (array $trial): array => [$after($trial)], $course->trials);
}

it('brings foreseen and sudden peaks, short and long bursts, as many of each', function (): void {
    $course = MomentCourse::of(7, 10);
    expect(
        array_count_values(
            array_map(
                static fn (array $t): string => ($t['sudden'] ? 'sudden ' : 'foreseen ').$t['burst_s'],
                $course->trials,
            ),
        ),
    )
        ->toEqualCanonicalizing(['foreseen 0.35' => 3, 'foreseen 1.2' => 3, 'sudden 0.35' => 3, 'sudden 1.2' => 3])
        ->and($course->trials)
        ->not->toBe(MomentCourse::of(8, 10)->trials);
    foreach ($course->trials as $i => $trial) {
        expect($trial['peak'])
            ->toBeGreaterThan($trial['cue'])
            ->and($i === 0 || $trial['from'] >= $course->trials[$i - 1]['to'])
            ->toBeTrue();
    }
});

it('counts a peak that a frame shows', function (): void {
    $course = MomentCourse::of(7, 20);
    $on = MomentScore::of($course, presses($course, static fn (array $t): float => $t['peak'] - 0.1));
    expect($on->share())
        ->toBe(1.0)
        ->and($on->timing())
        ->toBe(['mean' => -0.1, 'spread' => 0.0]);
    // Too late by a moment nothing shows it; too early only the long burst does.
    expect(MomentScore::of($course, presses($course, static fn (array $t): float => $t['peak'] + 0.05))->share())->toBe(
        0.0,
    );
    $early = MomentScore::of($course, presses($course, static fn (array $t): float => $t['peak'] - 0.8));
    expect($early->share(burstS: MomentCourse::LONG_S))
        ->toBe(1.0)
        ->and($early->share(burstS: MomentCourse::SHORT_S))
        ->toBe(0.0);
    // Nothing pressed, nothing caught.
    expect(MomentScore::of($course, [])->share())
        ->toBe(0.0)
        ->and(MomentScore::of($course, [])->timing())
        ->toBeNull();
});

it('finds how quickly one reacts, guesses left out', function (): void {
    $course = MomentCourse::of(3, 20);
    $score = MomentScore::of(
        $course,
        presses($course, static fn (array $t): float => $t['sudden'] ? $t['cue'] + 0.24 : $t['peak']),
    );
    expect($score->reactionS())
        ->toEqualWithDelta(0.24, 1e-3)
        ->and(MomentScore::of($course, presses($course, static fn (array $t): float => $t['cue'] - 0.2))->reactionS())
        ->toBeNull();
});

it('says what a longer burst is worth to this hand', function (): void {
    $course = MomentCourse::of(3, 20);
    $offs = [-0.3, 0.3, -0.3, 0.3, 0.3, -0.3];
    $score = MomentScore::of(
        $course,
        presses($course, static function (array $t) use (&$offs): float {
            return $t['peak'] + ($t['sudden'] ? 0.0 : (float) array_pop($offs));
        }),
    );
    $spread = (float) ($score->timing()['spread'] ?? 0);
    expect($spread)->toEqualWithDelta(0.3 * sqrt(6 / 5), 1e-3);
    $worth = $score->worth();
    // The known share of a normal distribution within one and two of its standard deviations on each side.
    $two = array_values(array_filter($worth, static fn (array $w): bool => abs($w['burst_s'] - 1.2) < 1e-9))[0];
    expect($two['chance'])
        ->toEqualWithDelta(0.9322, 0.002)
        ->and($two['frames'])
        ->toBe(24)
        ->and($two['lead_s'])
        ->toBe(0.65)
        ->and(array_column($worth, 'chance'))
        ->toBe(collectSorted(array_column($worth, 'chance')));
});

/**
 * @param  list<float>  $values
 * @return list<float>
 */
function collectSorted(array $values): array
{
    sort($values);

    return $values;
}

it('takes misses into the median of own timings', function (): void {
    $times = FirstTimes::of([
        [0, 0.4, 0],
        [0, 0.5, 0],
        [0, 0.6, 0],
        [0, 3.0, 1],
        [0, 0.45, 0],
        [1, 0.9, 0],
        [1, 1.0, 0],
    ]);
    expect($times->medianS(false))
        ->toBe(0.5)
        ->and($times->missed(false))
        ->toBe(1)
        ->and($times->meanS(false))
        ->toEqualWithDelta(0.99, 1e-9)
        ->and($times->medianS(true))
        ->toBeNull()
        ->and($times->count(true))
        ->toBe(2)
        // Mostly missed there is no median to go by.
        ->and(FirstTimes::of([[0, 0.4, 0], [0, 0.5, 0], [0, 2.0, 1], [0, 3.0, 1], [0, 2.5, 1]])->medianS(false))
        ->toBeNull()
        ->and(FirstTimes::together([$times, $times])->medianS(true))
        ->toBeNull()
        ->and(FirstTimes::together([$times, $times, $times])->count(true))
        ->toBe(6);
});

it('refuses what cannot be meant', function (array $document, string $field): void {
    expect(refusal(static fn () => DrillDocument::score(DrillDocument::read($document)))->field)->toBe($field);
})->with([
    'a rate' => [['drill' => 'moment', 'frames_per_s' => 0], 'frames_per_s'],
    'backwards' => [['drill' => 'moment', 'trace' => [3, 2]], 'trace[1][0]'],
    'too long' => [['drill' => 'first-sharp', 'trace' => [[0, 99, 0]]], 'trace[0][1]'],
    'too many' => [['drill' => 'first-sharp', 'trace' => array_fill(0, 201, [0, 1, 0])], 'trace'],
]);

it('catches what a frame from before the press shows, and says that it did', function (): void {
    $late = static fn (array $trial): float => $trial['peak'] + 0.3;
    $without = MomentCourse::of(7, 20);
    $with = MomentCourse::of(7, 20, 0.5);
    expect($with->trials)
        ->toBe($without->trials)
        ->and(MomentScore::of($without, presses($without, $late))->share())
        ->toBe(0.0);
    $score = MomentScore::of($with, presses($with, $late));
    expect($score->share())
        ->toBe(1.0)
        ->and(array_unique(array_column($score->trials, 'before')))
        ->toBe([true]);
    // In time, it needed none; later than they reach, they do not help.
    $inTime = MomentScore::of($with, presses($with, static fn (array $trial): float => $trial['peak'] - 0.1));
    $tooLate = MomentScore::of($with, presses($with, static fn (array $trial): float => $trial['peak'] + 0.7));
    expect(array_unique(array_column($inTime->trials, 'before')))
        ->toBe([false])
        ->and($tooLate->share())
        ->toBe(0.0);
});

it('lets one press later for the same chance where frames are kept from before', function (): void {
    $scattered = static fn (MomentCourse $course): array => MomentScore::of(
        $course,
        array_map(
            static fn (array $t, int $i): array => [$t['peak'] + 0.15 * (($i % 3) - 1)],
            $course->trials,
            array_keys($course->trials),
        ),
    )->worth();
    $without = $scattered(MomentCourse::of(7, 20));
    $with = $scattered(MomentCourse::of(7, 20, 0.5));
    expect($without)->not->toBe([]);
    foreach ($without as $i => $worth) {
        expect($with[$i]['chance'])
            ->toBeGreaterThanOrEqual($worth['chance'])
            ->and($with[$i]['lead_s'])
            ->toEqualWithDelta($worth['lead_s'] - 0.25, 0.011)
            ->and($with[$i]['frames'])
            ->toBe($worth['frames'] + 10);
    }
});
