<?php

declare(strict_types=1);

use RushHold\Bench\Series;
use RushHold\Bench\StandInSweep;
use RushHold\Bench\Sweep;
use RushHold\Bench\Trial;
use RushHold\Document\SweepDocument;
use RushHold\Refused;

/** @return list<Trial> a frame at each value */
function swept(
    StandInSweep $camera,
    float $distanceM = 10.0,
    float $focalMm = 500.0,
    int $seed = 1,
    int $times = 1,
): array {
    $trials = [];
    foreach (range(-20, 20) as $value) {
        for ($i = 0; $i < $times; $i++) {
            $trials[] = new Trial(
                $value,
                $camera->score($value, 1000 * $seed + 50 * $i + $value + 20),
                $distanceM,
                $focalMm,
            );
        }
    }

    return $trials;
}

it('finds the value a lens needs, or one as good, in a sweep and the retests it asks for', function (): void {
    $found = 0;
    foreach (range(1, 12) as $i) {
        $hidden = [-11, 7, 3, -4, 9, 0][$i % 6];
        $camera = new StandInSweep($hidden, 1.2, $i % 2 === 0 ? $hidden - 10 : null);
        $trials = swept($camera, seed: $i);
        $sweep = new Sweep($trials);
        for ($round = 0; $round < 3 && $sweep->retest() !== []; $round++) {
            foreach ($sweep->retest() as $again) {
                for ($k = 0; $k < $again['frames']; $k++) {
                    $trials[] = new Trial(
                        $again['value'],
                        $camera->score($again['value'], 5000 * $i + count($trials)),
                        10.0,
                        500.0,
                    );
                }
            }
            $sweep = new Sweep($trials);
        }
        $top = max(array_map($camera->expected(...), range(-20, 20)));
        $value = $sweep->across()->value;
        $found += abs($value - $hidden) <= 1 || $camera->expected($value) >= (1 - Series::EQUAL) * $top ? 1 : 0;
    }
    expect($found)->toBeGreaterThanOrEqual(11);
});

it('sees two peaks where there are two, and one where there is one', function (): void {
    $two = new Sweep(swept(new StandInSweep(6, 0.5, -8), times: 3));
    $one = new Sweep(swept(new StandInSweep(6, 0.5), times: 3));
    expect($two->series[0]->peaks())
        ->toHaveCount(2)
        ->and(abs($two->series[0]->peaks()[0] - 6))
        ->toBeLessThanOrEqual(2)
        ->and(abs($two->series[0]->peaks()[1] + 8))
        ->toBeLessThanOrEqual(2)
        ->and($one->series[0]->peaks())
        ->toHaveCount(1);
});

it('asks for more frames where they scatter, and for none where it is plain', function (): void {
    $plain = new Sweep(swept(new StandInSweep(4, 0.2, noise: 0.01), times: 3));
    $noisy = new Sweep(swept(new StandInSweep(4, 2.5, -9, noise: 0.15)));
    expect($plain->retest())
        ->toBe([])
        ->and($plain->series[0]->sure)
        ->toBeGreaterThanOrEqual(Series::SURE)
        ->and($noisy->series[0]->scatter)
        ->toBeGreaterThan(3 * $plain->series[0]->scatter)
        ->and($noisy->retest())
        ->not->toBe([])
        ->and(array_sum(array_column($noisy->retest(), 'frames')))
        ->toBeLessThan(30);
});

it('gives each of the best three its chance, and equals their due', function (): void {
    $sweep = new Sweep(swept(new StandInSweep(0, 1.5), times: 2));
    $best = $sweep->best();
    expect($best)
        ->toHaveCount(3)
        ->and($best[0]['probability'])
        ->toBeGreaterThanOrEqual($best[1]['probability'])
        ->and(array_sum($sweep->series[0]->best))
        ->toEqualWithDelta(1.0, 1e-6)
        ->and($sweep->series[0]->equals())
        ->toContain($sweep->series[0]->top());
});

it('weighs distances by what is really shot', function (): void {
    $near = swept(new StandInSweep(8, 0.6), 5.0, times: 2);
    $far = swept(new StandInSweep(3, 0.6), 40.0, seed: 2, times: 2);
    $value = static fn (array $uses): int => (new Sweep([...$near, ...$far], $uses))->across()->value;
    expect($value([[5.5, 0.9], [30.0, 0.1]]))
        ->toBeGreaterThanOrEqual(7)
        ->and($value([[5.5, 0.1], [30.0, 0.9]]))
        ->toBeLessThanOrEqual(4)
        ->and((new Sweep([...$near, ...$far], [[30.0, 1.0]]))->weights())
        ->toBe([0.0, 1.0]);
});

it('says plainly when no value serves all distances', function (): void {
    $sweep = new Sweep([
        ...swept(new StandInSweep(14, 0.5), 5.0, times: 2),
        ...swept(new StandInSweep(-12, 0.5), 40.0, seed: 2, times: 2),
    ]);
    $document = SweepDocument::write($sweep);
    expect($document['across'])->toBeNull()->and($document['none_because']['loss'])->toBeGreaterThan(0.1);
    // A lens that keeps a value for each distance needs none for all.
    $each = SweepDocument::write(new Sweep($sweep->trials, byDistance: true));
    expect($each['none_because'])
        ->toBeNull()
        ->and(abs($each['series'][0]['best'][0]['value'] - 14))
        ->toBeLessThanOrEqual(2)
        ->and(abs($each['series'][1]['best'][0]['value'] + 12))
        ->toBeLessThanOrEqual(2);
});

it(
    'keeps both ends of a zoom apart',
    fn () => expect(
        (new Sweep([...swept(new StandInSweep(2), 10.0, 100.0), ...swept(new StandInSweep(2), 10.0, 400.0)]))->series,
    )->toHaveCount(2),
);

it('reads a sweep, and says what is wrong with one', function (): void {
    $frames = array_map(
        static fn (int $v): array => [
            'value' => $v,
            'score' => 1.0 - abs($v - 1) / 10,
            'distance_m' => 10,
            'focal_mm' => 500,
        ],
        [-3, -2, -1, 0, 1, 2, 3],
    );
    expect(SweepDocument::read(['format' => 'rush-hold/sweep@1', 'frames' => $frames])->series[0]->top())
        ->toBe(1)
        ->and(refusal(fn () => SweepDocument::read(['frames' => array_slice($frames, 0, 2)]))->field)
        ->toBe('frames')
        ->and(
            refusal(
                fn () => SweepDocument::read([
                    'frames' => [['value' => 300, 'score' => 1, 'distance_m' => 10, 'focal_mm' => 500]],
                ]),
            )->field,
        )
        ->toBe('frames[0].value')
        ->and(
            refusal(fn () => SweepDocument::read(['frames' => [['score' => 1, 'distance_m' => 10, 'focal_mm' => 500]]]))
                ->field,
        )
        ->toBe('frames[0].value')
        ->and(
            refusal(fn () => SweepDocument::read(['frames' => $frames, 'uses' => [['distance_m' => 0, 'share' => 1]]]))
                ->field,
        )
        ->toBe('uses[0].distance_m');
    expect(static fn () => new StandInSweep(40))->toThrow(Refused::class);
});

it('has no trouble with frames that are all alike', function (): void {
    $sweep = new Sweep(array_map(static fn (int $v): Trial => new Trial($v, 5.0, 10.0, 500.0), range(-5, 5)));
    expect($sweep->series[0]->peaks())
        ->toBe([])
        ->and(max($sweep->series[0]->best))
        ->toBeLessThan(0.5);
});

it('lets one value serve two distances only while it loses no more than a tenth at the worse of them', function (
    float $apart,
    bool $serves,
): void {
    // Scores fall off as a straight line, so that what a value loses is plain to see.
    $at = static fn (float $best, float $distance): array => array_map(
        static fn (int $value): Trial => new Trial($value, 10.0 - abs($value - $best) * 0.25, $distance, 500.0),
        range(-20, 20),
    );
    $across = (new Sweep([...$at(-$apart, 5.0), ...$at($apart, 40.0)]))->across();
    expect($across->serves)
        ->toBe($serves)
        ->and($across->worstLoss)
        ->{$serves ? 'toBeLessThanOrEqual' : 'toBeGreaterThan'}(0.1)
        ->and($across->worstLoss)
        ->toBeLessThan(0.2);
})->with([[2.0, true], [4.75, false]]);
