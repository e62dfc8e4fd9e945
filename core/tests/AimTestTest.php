<?php

declare(strict_types=1);

use RushHold\Drill\AimTest;
use RushHold\Units;
use RushHold\Words\Words;

/** A hand that is late by some time and off by some scatter; the same each time. */
function hand(int $seed, float $lagS, float $scatter, float $rate = 60.0, float $until = AimTest::SECONDS): array
{
    mt_srand(7);
    $trace = [];
    for ($i = 0; $i < $until * $rate; $i++) {
        $t = $i / $rate;
        [$x, $y] = AimTest::mark($seed, max(0.0, $t - $lagS));
        $off = static fn (): float => ($scatter *
            sqrt(-2 * log(mt_rand(1, 1000000) / 1000000)) *
            cos((2 * M_PI * mt_rand()) / mt_getrandmax())) /
            M_SQRT2;
        $trace[] = [$t, $x + $off(), $y + $off()];
    }

    return $trace;
}

it('finds the lag and the scatter of a hand', function (float $lag, float $scatter): void {
    $score = AimTest::score(11, hand(11, $lag, $scatter));
    expect($score->lagS)
        ->toEqualWithDelta($lag, 0.015)
        ->and($score->stages[1]['scatter'])
        ->toEqualWithDelta($scatter, 0.15 * $scatter + 0.001);
})->with([[0.1, 0.01], [0.25, 0.03], [0.0, 0.02]]);

it('gives more to better hands, within 0 and 1', function (): void {
    $master = AimTest::score(3, hand(3, 0.05, 0.006));
    $good = AimTest::score(3, hand(3, 0.12, 0.02));
    $beginner = AimTest::score(3, hand(3, 0.4, 0.09));
    expect($master->aim)
        ->toBe(1.0)
        ->and($good->aim)
        ->toBeGreaterThan(0.4)
        ->toBeLessThan(0.8)
        ->and($beginner->aim)
        ->toBe(0.0)
        ->and($master->panning)
        ->toBeGreaterThan($good->panning)
        ->and($good->panning)
        ->toBeGreaterThan($beginner->panning)
        ->and($master->stages[0]['on_target'])
        ->toBe(1.0)
        ->and($beginner->stages[3]['on_target'])
        ->toBeLessThan(0.3);
});

it('moves as fast as its stages say, and stays in the field', function (): void {
    foreach ([1, 77, 999999] as $seed) {
        $course = AimTest::course($seed);
        foreach (AimTest::STAGES as $i => [$from, $speed]) {
            $way = 0.0;
            $to = AimTest::STAGES[$i + 1][0] ?? AimTest::SECONDS;
            for ($k = (int) ($from * 60) + 1; $k <= $to * 60; $k++) {
                $way += hypot($course[$k][1] - $course[$k - 1][1], $course[$k][2] - $course[$k - 1][2]);
            }
            expect($way / ($to - $from))
                ->toBeGreaterThan(0.4 * $speed)
                ->toBeLessThan(1.6 * $speed);
        }
        expect(max(array_map(static fn (array $p): float => abs($p[1]), $course)))
            ->toBeLessThan(0.5)
            ->and(max(array_map(static fn (array $p): float => abs($p[2]), $course)))
            ->toBeLessThan(0.3);
    }
});

it('does not judge what it has not seen', function (callable $trace, string $says): void {
    expect(Words::in(Units::Metric)->refused(refusal(static fn () => AimTest::score(1, $trace()))))->toContain($says);
})->with([
    'nothing' => [fn () => [], 'at least 300'],
    'too sparse' => [fn () => hand(1, 0.1, 0.01, 10.0), 'at least 300'],
    'only half' => [fn () => hand(1, 0.1, 0.01, 60.0, 10.0), '20 seconds'],
    'a break' => [
        fn () => array_values(array_filter(hand(1, 0.1, 0.01), static fn (array $p): bool => $p[0] < 5 || $p[0] > 8)),
        'without a break',
    ],
    'backwards' => [fn () => array_reverse(hand(1, 0.1, 0.01)), 'grow'],
    'off the earth' => [
        fn () => array_map(static fn (array $p): array => [$p[0], 40.0, 0.0], hand(1, 0.1, 0.01)),
        'between -2 and 2',
    ],
]);
