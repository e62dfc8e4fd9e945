<?php

declare(strict_types=1);

/*
 * How often the interval of a comparison holds the true difference, and how often equal set-ups are called different:
 * two set-ups of known shares, logged in bursts whose frames hang together in several ways, most of them not the
 * model's own.
 *
 * php ops/comparing.php [comparisons of each kind]
 */

use RushHold\Record\Contest;
use RushHold\Tests\Drawn;

require __DIR__.'/../vendor/autoload.php';

$each = (int) ($argv[1] ?? 1000);
$drawn = new Drawn(91);
$normal = static fn (): float => sqrt(-2 * log($drawn->even() + 1e-12)) * cos(2 * M_PI * $drawn->even());
$logistic = static fn (float $x): float => 1 / (1 + exp(-$x));
/**
 * @var array<string, Closure(float, float): Closure(int): float> the share kept in a burst, by the true share and how
 *   much bursts differ, by day
 */
$worlds = [
    'independent' => static fn (float $share): Closure => static fn (): float => $share,
    'alike to 0.25 to 0.6 by burst' => static function (float $share) use ($drawn): Closure {
        $alike = 0.25 + 0.35 * $drawn->even();

        return static fn (): float => $drawn->share($share, $alike);
    },
    'good and bad bursts' => static function (float $share) use ($drawn): Closure {
        // A share of bursts in which next to nothing is kept: it was not followed.
        $failed = 0.3 * $drawn->even();

        return static fn (): float => $drawn->even() < $failed
            ? 0.03
            : min(0.98, ($share - 0.03 * $failed) / (1 - $failed));
    },
    'by day' => static function (float $share) use ($normal, $logistic): Closure {
        $days = [];

        return static function (int $day) use (&$days, $share, $normal, $logistic): float {
            $days[$day] ??= 0.9 * $normal();

            return $logistic(log($share / (1 - $share)) + $days[$day] + 0.4 * $normal());
        };
    },
];
/** Bursts of one set-up, and their days. */
$shot = static function (Closure $world, int $bursts, int $firstDay) use ($drawn): array {
    $counts = $days = [];
    for ($b = 0; $b < $bursts; $b++) {
        $frames = 6 + (int) (25 * $drawn->even());
        $day = $firstDay + intdiv($b, 3);
        $counts[] = [$drawn->kept($world($day), $frames), $frames];
        $days[] = "day $day";
    }

    return [$counts, $days];
};
printf(
    "| how bursts differ | difference within the interval (nominal 90 %%) | the better one named | equal ones called different, at one look | …looking after each of 4 to 12 bursts |\n|---|---|---|---|---|\n",
);
foreach ($worlds as $kind => $world) {
    $inside = $named = $wrong = $ever = 0;
    for ($i = 0; $i < $each; $i++) {
        $shares = [0.08 + 0.84 * $drawn->even(), 0.08 + 0.84 * $drawn->even()];
        [$a, $b] = [
            $shot($world($shares[0]), 4 + (int) (8 * $drawn->even()), 0),
            $shot($world($shares[1]), 4 + (int) (8 * $drawn->even()), 100),
        ];
        $pair = (new Contest([$a[0], $b[0]], [$a[1], $b[1]]))->pair(0, 1);
        // Where bursts differ, the true share is what comes of many bursts.
        $truth = array_map(
            static function (float $share) use ($world): float {
                $sum = 0.0;
                for ($many = 0; $many < 60; $many++) {
                    $of = $world($share);
                    $sum += ($of(2 * $many) + $of(2 * $many + 1)) / 120;
                }

                return $sum;
            },
            $kind === 'independent' ? [] : $shares,
        );
        $difference = $truth === [] ? $shares[0] - $shares[1] : $truth[0] - $truth[1];
        $inside += $pair['low'] <= $difference && $pair['high'] >= $difference ? 1 : 0;
        $saidAhead = $pair['better'] > 0.5;
        $isAhead = $difference > 0;
        $named += $saidAhead === $isAhead ? 1 : 0;

        $same = 0.15 + 0.7 * $drawn->even();
        [$a, $b] = [$shot($world($same), 6, 0), $shot($world($same), 6, 100)];
        $called = false;
        for ($look = 2; $look <= 6; $look++) {
            $pair = (new Contest(
                [array_slice($a[0], 0, $look), array_slice($b[0], 0, $look)],
                [array_slice($a[1], 0, $look), array_slice($b[1], 0, $look)],
            ))->pair(0, 1);
            $called = $called || $pair['sure'];
        }
        $wrong += $pair['sure'] ? 1 : 0;
        $ever += $called ? 1 : 0;
    }
    printf(
        "| %s | %.1f %% | %.1f %% | %.1f %% | %.1f %% |\n",
        $kind,
        (100 * $inside) / $each,
        (100 * $named) / $each,
        (100 * $wrong) / $each,
        (100 * $ever) / $each,
    );
}
