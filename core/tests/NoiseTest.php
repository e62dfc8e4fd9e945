<?php

declare(strict_types=1);

use RushHold\Focus\Noise;

/** @param  list<float>  $values */
function meanOf(array $values): float
{
    return array_sum($values) / count($values);
}

/**
 * How alike a list is to itself some steps on, −1 to 1.
 *
 * @param  list<float>  $values  of unit variance
 */
function likeness(array $values, int $steps): float
{
    $sum = 0.0;
    foreach ($values as $i => $value) {
        $sum += $value * $values[($i + $steps) & Noise::MASK];
    }

    return $sum / count($values);
}

it('scatters evenly or by the bell curve, without memory', function (): void {
    $even = Noise::even(3);
    expect($even)
        ->toHaveCount(Noise::SIZE)
        ->and(min($even))
        ->toBeGreaterThanOrEqual(0.0)
        ->and(max($even))
        ->toBeLessThan(1.0)
        ->and(meanOf($even))
        ->toEqualWithDelta(0.5, 0.01);
    $parts = array_count_values(array_map(static fn (float $v): int => (int) (10 * $v), $even));
    foreach ($parts as $count) {
        expect($count / Noise::SIZE)->toEqualWithDelta(0.1, 0.01);
    }
    $white = Noise::white(3);
    expect(meanOf($white))
        ->toEqualWithDelta(0.0, 0.02)
        ->and(meanOf(array_map(static fn (float $v): float => $v * $v, $white)))
        ->toEqualWithDelta(1.0, 0.03)
        ->and(likeness($white, 1))
        ->toEqualWithDelta(0.0, 0.03)
        ->and(likeness($white, 7))
        ->toEqualWithDelta(0.0, 0.03)
        // Two in a thousand lie beyond three of its widths on either side, and none is absurd.
        ->and(count(array_filter($white, static fn (float $v): bool => abs($v) > 3)) / Noise::SIZE)
        ->toEqualWithDelta(0.0027, 0.0015)
        ->and(max(array_map(abs(...), $white)))
        ->toBeLessThan(8.0);
});

it('remembers for as long as it says, whatever the step', function (float $memoryS, float $stepS): void {
    $smooth = Noise::smooth(4, $memoryS, $stepS);
    $after = static fn (float $s): float => likeness($smooth, (int) round($s / $stepS));
    expect(meanOf($smooth))
        ->toEqualWithDelta(0.0, 1e-9)
        ->and(likeness($smooth, 0))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($after($memoryS / 4))
        ->toBeGreaterThan(0.8)
        ->and($after($memoryS))
        ->toBeGreaterThan(0.2)
        ->toBeLessThan(0.65)
        ->and($after(6 * $memoryS))
        ->toEqualWithDelta(0.0, 0.12);
})->with([[0.45, 1 / 60], [0.45, 1 / 120], [0.2, 1 / 60], [0.2, 1 / 30]]);

it('adds up its way and knows its speed', function (): void {
    $smooth = Noise::smooth(5, 0.5, 1 / 60);
    $way = Noise::way(5, 0.5, 1 / 60);
    expect($way[100] - $way[99])->toEqualWithDelta($smooth[100] / 60, 1e-12);
    $speed = Noise::speed(5, 0.5, 1 / 60);
    $rising = 0;
    for ($i = 0; $i < 1000; $i++) {
        $rising += $smooth[$i + 1] > $smooth[$i] === $speed[$i] > 0.0 ? 1 : 0;
    }
    expect($rising)->toBeGreaterThan(990);
});

it('is below its quantile just as often as it says', function (float $chance): void {
    $below = count(array_filter(Noise::white(6), static fn (float $v): bool => $v < Noise::quantile($chance)));
    expect($below / Noise::SIZE)
        ->toEqualWithDelta($chance, 0.01)
        ->and(Noise::quantile($chance))
        ->toEqualWithDelta(-Noise::quantile(1 - $chance), 1e-9);
})->with([0.003, 0.02, 0.1, 0.3, 0.5, 0.8, 0.99]);

it('lets never stay never and always always', function (): void {
    expect(min(Noise::white(6)))
        ->toBeGreaterThan(Noise::quantile(0.0))
        ->and(max(Noise::white(6)))
        ->toBeLessThan(Noise::quantile(1.0));
});
