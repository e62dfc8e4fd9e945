<?php

declare(strict_types=1);

use RushHold\Document\ComparisonDocument;
use RushHold\Document\HoldDocument;
use RushHold\Record\BetaBinomial;
use RushHold\Record\Comparison;
use RushHold\Record\Contest;
use RushHold\Record\FirstSharp;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Refused;
use RushHold\Tests\Drawn;
use RushHold\Tests\Rushes;
use RushHold\Units;

/** @param  list<array{int, int}>  $counts */
function loggedWith(string $area, array $counts, ?string $day = null, array $rush = [], int $from = 0): array
{
    return array_map(
        static fn (array $count, int $i): LoggedBurst => new LoggedBurst(
            $count[1],
            $count[0],
            $day === null ? null : sprintf('%sT05:%02d:00Z', $day, $from + $i),
            $rush === [] ? null : Rushes::with($rush),
            HoldDocument::read(['focus' => ['area' => $area]]),
        ),
        $counts,
        array_keys($counts),
    );
}

it('knows the gamma function and the Beta-binomial distribution', function (): void {
    expect(BetaBinomial::logGamma(5.0))
        ->toEqualWithDelta(log(24), 1e-9)
        ->and(BetaBinomial::logGamma(0.5))
        ->toEqualWithDelta(log(sqrt(M_PI)), 1e-9);
    foreach ([0.0, 0.1, 0.5] as $alike) {
        $sum = $mean = 0.0;
        for ($k = 0; $k <= 12; $k++) {
            $p = exp(BetaBinomial::logOrders($k, 12) + BetaBinomial::log($k, 12, 0.3, $alike));
            $sum += $p;
            $mean += $k * $p;
        }
        expect($sum)->toEqualWithDelta(1.0, 1e-9)->and($mean)->toEqualWithDelta(3.6, 1e-9);
    }
    // Looked up it is the same, short and long.
    expect(BetaBinomial::logOfAll([[3, 12, 2], [40, 90, 1]], 0.3, 0.2))->toEqualWithDelta(
        2 * BetaBinomial::log(3, 12, 0.3, 0.2) + BetaBinomial::log(40, 90, 0.3, 0.2),
        1e-8,
    );
});

it('finds how alike the frames of a run are', function (): void {
    foreach ([0.05, 0.3] as $alike) {
        $drawn = new Drawn(9);
        $rates = array_map(static fn (): float => $drawn->kept($drawn->share(0.4, $alike), 20) / 20, range(1, 800));
        expect(BetaBinomial::intraclassCorrelation($rates, 20))->toEqualWithDelta($alike, 0.25 * $alike + 0.02);
    }
    expect(BetaBinomial::intraclassCorrelation([0.5, 0.5, 0.5], 20))->toBe(0.0);
});

it('tells a clear difference, and none where there is none', function (): void {
    $clear = new Contest([[[18, 20], [17, 20], [19, 20], [16, 20]], [[5, 20], [4, 20], [7, 20], [3, 20]]]);
    $same = new Contest([[[10, 20], [9, 20], [12, 20]], [[10, 20], [9, 20], [12, 20]]]);
    expect($clear->pair(0, 1)['better'])
        ->toBeGreaterThan(0.995)
        ->and($clear->pair(0, 1)['low'])
        ->toBeGreaterThan(0.3)
        ->and($clear->framesNeeded(0, 1))
        ->toBe(0)
        ->and($clear->pair(1, 0)['mean'])
        ->toEqualWithDelta(-$clear->pair(0, 1)['mean'], 1e-6)
        ->and($same->pair(0, 1)['better'])
        ->toEqualWithDelta(0.5, 1e-6)
        ->and($same->framesNeeded(0, 1))
        ->toBeGreaterThan(100)
        ->and(array_sum($clear->best()))
        ->toEqualWithDelta(1.0, 1e-9);
});

it('believes bursts that differ among themselves less', function (): void {
    $even = new Contest([
        [[6, 10], [6, 10], [5, 10], [6, 10], [6, 10], [7, 10]],
        [[4, 10], [4, 10], [3, 10], [4, 10], [5, 10], [4, 10]],
    ]);
    $wild = new Contest([
        [[10, 10], [10, 10], [0, 10], [10, 10], [6, 10], [0, 10]],
        [[0, 10], [10, 10], [1, 10], [0, 10], [9, 10], [4, 10]],
    ]);
    expect($wild->alike())
        ->toBeGreaterThan(0.3)
        ->and($even->alike())
        ->toBeLessThan(0.1)
        ->and($wild->pair(0, 1)['high'] - $wild->pair(0, 1)['low'])
        ->toBeGreaterThan(1.7 * ($even->pair(0, 1)['high'] - $even->pair(0, 1)['low']))
        ->and($wild->framesNeeded(0, 1))
        ->toBeGreaterThan($even->framesNeeded(0, 1));
});

it('has the true difference within its interval about nine times in ten', function (float $alike): void {
    $drawn = new Drawn(11);
    $inside = 0;
    $all = 120;
    for ($i = 0; $i < $all; $i++) {
        $shares = [0.1 + 0.8 * $drawn->even(), 0.1 + 0.8 * $drawn->even()];
        $pair = (new Contest(
            array_map(
                static fn (float $share): array => array_map(
                    static fn (): array => [$drawn->kept($drawn->share($share, $alike), 12), 12],
                    range(1, 7),
                ),
                $shares,
            ),
        ))->pair(0, 1);
        $inside += $pair['low'] <= $shares[0] - $shares[1] && $pair['high'] >= $shares[0] - $shares[1] ? 1 : 0;
    }
    expect($inside / $all)
        ->toBeGreaterThan(0.82)
        ->toBeLessThan(0.975);
})->with(['frames that are independent' => 0.0, 'frames of a burst that are alike' => 0.2]);

it('puts bursts of one hold together, and tells which to shoot next', function (): void {
    $comparison = Comparison::of([
        ...loggedWith('point', [[5, 10], [6, 10], [4, 10], [7, 10]]),
        ...loggedWith('ring-small', [[8, 10], [5, 10]]),
    ]);
    $document = ComparisonDocument::write($comparison, Units::Metric);
    expect($document['holds'])
        ->toHaveCount(2)
        ->and($document['holds'][0]['frames'])
        ->toBe(40)
        ->and($document['pairs'][0]['a'])
        ->toBe(1)
        // Fewer were shot with it, so it is known less.
        ->and($document['next'])
        ->toBe(1)
        ->and($document['pairs'][0]['frames_needed'])
        ->toBeGreaterThan(0);
    expect(static fn () => Comparison::of(loggedWith('point', [[5, 10], [6, 10]])))->toThrow(Refused::class);
});

it('says what makes it unfair', function (): void {
    $warnings = static fn (array $a, array $b): array => array_column(
        ComparisonDocument::write(Comparison::of([...$a, ...$b]), Units::Metric)['pairs'][0]['unfair'],
        'what',
    );
    $counts = [[5, 10], [6, 10], [4, 10]];
    $rush = ['light.ev100' => 12.0];
    expect(
        $warnings(
            loggedWith('point', $counts, '2026-06-07', $rush),
            loggedWith('ring-small', $counts, '2026-06-07', $rush, 20),
        ),
    )
        ->toBe(['order'])
        ->and(
            $warnings(
                loggedWith('point', $counts, null, $rush),
                loggedWith('ring-small', $counts, null, ['light.ev100' => 9.0, 'path.start_m' => 80.0]),
            ),
        )
        ->toBe(['light', 'distance'])
        ->and(
            $warnings(
                loggedWith('point', $counts, null, $rush),
                loggedWith('ring-small', $counts, null, [...$rush, 'name' => 'Another', 'scene.front_clutter' => 0.6]),
            ),
        )
        ->toBe(['rush', 'clutter'])
        ->and($warnings(loggedWith('point', [[5, 10]]), loggedWith('ring-small', $counts)))
        ->toBe(['few'])
        ->and($warnings(loggedWith('point', $counts), loggedWith('ring-small', $counts)))
        ->toBe([]);
});

it('counts a burst without a sharp frame in full', function (): void {
    $burst = static fn (array $kept): LoggedBurst => new LoggedBurst(
        count($kept),
        count(array_filter($kept)),
        measured: array_map(
            static fn (bool $k, int $i): MeasuredFrame => new MeasuredFrame(0.5 * $i, $k, null, null),
            $kept,
            array_keys($kept),
        ),
    );
    // Quick when it works, and lost when it does not; against one that always takes a second.
    $auto = FirstSharp::of([
        ...array_fill(0, 6, $burst([true, true, true, true, true, true, true])),
        ...array_fill(0, 6, $burst(array_fill(0, 7, false))),
    ]);
    $hand = FirstSharp::of(array_fill(0, 12, $burst([false, false, true, true, true, true, true])));
    expect($auto->missed())
        ->toBe(6)
        ->and($auto->meanS())
        ->toBe(1.5)
        ->and($hand->meanS())
        ->toBe(1.0)
        ->and($hand->against($auto)['sooner'])
        ->toBeGreaterThan(0.75)
        ->and($hand->against($auto)['mean'])
        ->toBe(-0.5)
        ->and(FirstSharp::of([$burst([true])])->known())
        ->toBeFalse();
});

it('does not hold first frames against themselves as if they were drawn together', function (): void {
    $times = new RushHold\Record\FirstSharp([
        [0.4, true],
        [0.7, true],
        [1.1, true],
        [1.9, false],
        [0.5, true],
        [0.8, true],
    ]);
    $against = $times->against($times);
    expect($against['low'])
        ->toBeLessThan(-0.1)
        ->and($against['high'])
        ->toBeGreaterThan(0.1)
        ->and($against['sooner'])
        ->toBeGreaterThan(0.35)
        ->toBeLessThan(0.65);
});
