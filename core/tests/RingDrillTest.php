<?php

declare(strict_types=1);

use RushHold\Document\DrillDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\HandSkill;
use RushHold\Drill\Ring;
use RushHold\Drill\RingCourse;
use RushHold\Drill\RingScore;
use RushHold\Drill\RingTrace;
use RushHold\Drill\ScriptedHand;
use RushHold\Drill\Stretch;
use RushHold\Drill\Turn;
use RushHold\Optics\ThinLens;
use RushHold\Tests\Rushes;

/**
 * A ring that is turned as a function of time says.
 *
 * @param  Closure(float): array{float, bool}  $hand  turn of the ring, and whether the shutter is pressed
 */
function turned(RingCourse $course, Closure $hand): RingScore
{
    $samples = [];
    for ($t = 0.0; $t <= $course->seconds; $t += 1 / 60) {
        [$turn, $fires] = $hand($t);
        $samples[] = [$t, max(0.0, min(1.0, $turn)), $fires ? 1.0 : 0.0];
    }

    return RingScore::of($course, new RingTrace($samples, $course->seconds));
}

function ringCourse(Exercise $exercise, int $seed = 3): RingCourse
{
    return RingCourse::of($exercise, Rushes::with([]), $seed);
}

it('turns from infinity to the nearest distance, and blurs as the lens does', function (): void {
    $ring = new Ring(500, 4, 3.5, 12);
    $lens = new ThinLens(500);
    expect($ring->turn(3.5))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($ring->metres(0.0))
        ->toBeGreaterThan(1e4)
        ->and($ring->metres($ring->turn(17.0)))
        ->toEqualWithDelta(17.0, 1e-6);
    foreach ([[20.0, 19.0], [8.0, 8.4], [60.0, 90.0]] as [$at, $subject]) {
        expect($ring->blurUm($ring->turn($at), $subject))->toEqualWithDelta($lens->defocusUm(4, $at, $subject), 1e-3);
        // Off by what goes unseen, it is just unseen.
        $edge = $ring->turn($subject) + $ring->play($subject);
        expect($ring->blurUm($edge, $subject))->toEqualWithDelta(12.0, 0.15);
    }
});

it('brings what the rush has, within what the lens reaches, the same from the same seed', function (): void {
    foreach (Exercise::cases() as $exercise) {
        if (! $exercise->isRing()) {
            continue;
        }
        $course = ringCourse($exercise);
        expect(json_encode($course->stretches))
            ->toBe(json_encode(ringCourse($exercise)->stretches))
            ->not->toBe(json_encode(ringCourse($exercise, 4)->stretches))
            ->and($course->seconds)
            ->toBeLessThan(60.0);
        foreach ($course->stretches as $i => $stretch) {
            expect($i === 0 || $stretch->from >= $course->stretches[$i - 1]->to)->toBeTrue();
            foreach ($stretch->way as [, $metres]) {
                expect($metres)->toBeGreaterThanOrEqual(3.5);
            }
        }
    }
    // A swimmer is slow.
    $way = ringCourse(Exercise::Swimmer)->stretches[0]->way;
    foreach ($way as $i => [$t, $metres]) {
        expect($i === 0 || abs($metres - $way[$i - 1][1]) / ($t - $way[$i - 1][0]) < 2.0)->toBeTrue();
    }
});

it('keeps every frame of a hand that is always right, and none of one that is lost', function (
    Exercise $exercise,
): void {
    $course = ringCourse($exercise);
    $goal = static fn (float $t): ?Stretch => $course->at($t);
    $right = turned($course, static function (float $t) use ($course, $goal): array {
        $stretch = $goal($t);

        return [
            $stretch === null ? $course->start : $course->ring->turn($stretch->at($t)),
            $stretch !== null && $t > $stretch->from + 0.3,
        ];
    });
    // Between two samples the ring goes evenly, the subject does not: a frame at an edge may be lost.
    expect($right->share())
        ->toBeGreaterThan(0.8)
        ->and($right->wrongWay)
        ->toBe(0)
        ->and($right->sharp)
        ->toBeGreaterThanOrEqual((int) (0.97 * $right->taken))
        ->and($right->lagS ?? 0.0)
        ->toEqual(0.0);
    $lost = turned($course, static fn (float $t): array => [1.0, fmod($t, 1.0) > 0.5]);
    expect($lost->share())->toBe(0.0)->and($lost->taken)->toBeGreaterThan(0)->and($lost->firstS)->toBeNull();
})->with([Exercise::Still, Exercise::Swimmer, Exercise::Perch, Exercise::Surprise, Exercise::Wild]);

it('finds how late a hand is and how far off', function (): void {
    $course = ringCourse(Exercise::Swimmer, 8);
    $stretch = $course->stretches[0];
    $late = turned(
        $course,
        static fn (float $t): array => [
            $course->ring->turn($stretch->at($t - 0.3)) + 3 * $course->ring->play($stretch->at($t)) * sin(40 * $t),
            true,
        ],
    );
    expect($late->lagS)
        ->toEqualWithDelta(0.3, 0.05)
        ->and($late->scatter)
        ->toEqualWithDelta(3 / M_SQRT2, 0.3);
});

it('sees turning the wrong way and too far', function (): void {
    $course = ringCourse(Exercise::Still, 5);
    $ring = $course->ring;
    // Away at first, then there.
    $away = turned($course, static function (float $t) use ($course, $ring): array {
        static $before = 0.0;
        $stretch = $course->at($t);
        if ($stretch === null) {
            return [$before, false];
        }
        $goal = $ring->turn($stretch->at($t));
        $since = $t - $stretch->from;
        $turn = $since < 0.3 ? $before : ($since < 0.7 ? $before + 0.02 * ($goal > $before ? -1 : 1) : $goal);
        $since > 1.5 && ($before = $goal);

        return [$turn, $since > 2];
    });
    expect($away->wrongWay)->toBeGreaterThanOrEqual(7)->and($away->kept)->toBe(8);
    $past = turned($course, static function (float $t) use ($course, $ring): array {
        static $before = 0.0;
        $stretch = $course->at($t);
        $goal = $stretch === null ? $before : $ring->turn($stretch->at($t));
        $since = $stretch === null ? 0.0 : $t - $stretch->from;
        $turn = $since < 0.3 ? $before : ($since < 0.9 ? $goal + 0.02 * ($goal > $before ? 1 : -1) : $goal);
        $since > 1.5 && ($before = $goal);

        return [$turn, $since > 2];
    });
    expect($past->overshoots)->toBeGreaterThanOrEqual(7)->and($past->wrongWay)->toBe(0);
});

it('tells hands of different practice apart, and finds their skill again', function (): void {
    $kept = static function (Exercise $exercise, float $skill): float {
        $sum = 0.0;
        foreach (range(1, 8) as $seed) {
            $course = ringCourse($exercise, $seed);
            $sum +=
                RingScore::of(
                    $course,
                    new RingTrace((new ScriptedHand($skill))->play($course, $seed + 100), $course->seconds),
                )->share() / 8;
        }

        return $sum;
    };
    foreach ([Exercise::Still, Exercise::Swimmer, Exercise::Perch, Exercise::Surprise, Exercise::Wild] as $exercise) {
        expect($kept($exercise, 0.95))->toBeGreaterThan(1.15 * $kept($exercise, 0.5));
        expect($kept($exercise, 0.5))->toBeGreaterThanOrEqual($kept($exercise, 0.1));
    }
    $found = [];
    foreach ([0.2, 0.5, 0.8] as $skill) {
        $sum = 0.0;
        foreach (range(1, 6) as $seed) {
            $course = ringCourse(Exercise::Swimmer, $seed);
            $score = RingScore::of(
                $course,
                new RingTrace((new ScriptedHand($skill))->play($course, $seed), $course->seconds),
            );
            $sum += HandSkill::of((float) $score->lagS, (float) $score->scatter) / 6;
        }
        $found[] = $sum;
    }
    expect($found[0])
        ->toEqualWithDelta(0.2, 0.12)
        ->and($found[1])
        ->toEqualWithDelta(0.5, 0.1)
        ->and($found[2])
        ->toEqualWithDelta(0.8, 0.08);
})->group('long');

it('is measured by a practised hand on the same course', function (): void {
    $document = ['drill' => 'swimmer', 'seed' => 12, 'rush' => Rushes::document([])];
    $course = DrillDocument::read($document)->course;
    assert($course instanceof RingCourse);
    $turn = DrillDocument::read([
        ...$document,
        'trace' => (new ScriptedHand(ScriptedHand::PRACTISED))->play($course, 99),
    ]);
    $score = DrillDocument::score($turn);
    expect($score['against'])
        ->toEqualWithDelta(1.0, 0.25)
        ->and($turn->session('2026-11-26')?->reached)
        ->toBe($score['against'])
        ->and($score['frames'])
        ->toHaveCount($score['taken'])
        ->and(Turn::against(0.9, 0.1))
        ->toBe(1.5)
        ->and(DrillDocument::course($turn)['stretches'][0]['way'])
        ->toHaveCount(601);
});

it('moves a skill slowly, and only as far as days of practice say', function (): void {
    $days = [];
    foreach (range(1, 9) as $d) {
        $days["2026-11-0$d"] = [0.8, 0.9];
    }
    $moved = HandSkill::moved(0.3, $days);
    expect($moved['2026-11-01'])
        ->toEqualWithDelta(0.33, 1e-9)
        ->and(end($moved))
        ->toEqualWithDelta(0.57, 1e-9)
        ->and(HandSkill::moved(0.5, ['2026-11-01' => [0.5]]))
        ->toBe(['2026-11-01' => 0.5])
        ->and(HandSkill::moved(0.9, ['2026-11-02' => [0.1], '2026-11-01' => []]))
        ->toBe(['2026-11-01' => 0.9, '2026-11-02' => 0.87]);
});

it('does not judge what it has not seen', function (Closure $trace, string $field): void {
    expect(
        refusal(
            static fn () => DrillDocument::score(
                DrillDocument::read([
                    'drill' => 'still',
                    'seed' => 1,
                    'rush' => Rushes::document([]),
                    'trace' => $trace(),
                ]),
            ),
        )->field,
    )->toBe($field);
})->with([
    'nothing' => [static fn (): array => [], 'trace'],
    'half of it' => [
        static fn (): array => array_map(static fn (int $i): array => [$i / 60, 0.2, 0], range(0, 1200)),
        'trace',
    ],
    'a break' => [
        static fn (): array => array_map(
            static fn (int $i): array => [$i / 60 + ($i > 600 ? 3 : 0), 0.2, 0],
            range(0, 2400),
        ),
        'trace',
    ],
    'backwards' => [
        static fn (): array => array_map(
            static fn (int $i): array => [$i === 50 ? 0.1 : $i / 60, 0.2, 0],
            range(0, 2460),
        ),
        'trace[50][0]',
    ],
    'past the stop' => [
        static fn (): array => array_map(static fn (int $i): array => [$i / 60, 1.2, 0], range(0, 2460)),
        'trace[0][1]',
    ],
    'words' => [static fn (): array => [[0, 'x', 1]], 'trace[0]'],
]);

it('plans by the times somebody took with the stopwatch', function (): void {
    $kept = static fn (array $photographer, array $hold): float => play(
        Rushes::with(['photographer' => $photographer]),
        $hold,
    )->keeperRate;
    $auto = ['focus' => ['technique' => 'auto']];
    expect($kept(['first_sharp_s' => 0.4], $auto))->toBeGreaterThan($kept(['first_sharp_s' => 3.0], $auto) + 0.05);
    $hand = ['focus' => ['technique' => 'follow']];
    expect($kept(['hand_focus' => 0.9, 'first_sharp_by_hand_s' => 0.5], $hand))
        ->toBeGreaterThan($kept(['hand_focus' => 0.9, 'first_sharp_by_hand_s' => 4.0], $hand) + 0.02)
        // The time of one way says nothing of the other.
        ->and($kept(['first_sharp_by_hand_s' => 4.0], $auto))
        ->toBe($kept([], $auto))
        ->and(refusal(static fn () => Rushes::with(['photographer' => ['first_sharp_s' => 99]]))->field)
        ->toBe('photographer.first_sharp_s');
});

it('tells hands apart by how near they are to what comes out of nothing', function (): void {
    $shares = static function (float $skill): array {
        $shares = [];
        for ($seed = 1; $seed <= 12; $seed++) {
            $course = RingCourse::of(Exercise::Surprise, Rushes::with(), $seed);
            $trace = new RingTrace((new ScriptedHand($skill))->play($course, $seed), $course->seconds);
            $shares[] = RingScore::of($course, $trace)->share();
        }

        return $shares;
    };
    [$raw, $middling, $practised] = array_map($shares, [0.1, 0.6, 0.9]);
    // Single turns do, not only many of them.
    expect(max($raw))->toBeLessThan(min($practised))->and(max($middling))->toBeLessThan(min($practised));
    expect(array_sum($middling) / 12)->toBeGreaterThan(array_sum($raw) / 12 + 0.06);
});
