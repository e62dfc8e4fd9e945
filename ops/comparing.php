<?php

declare(strict_types=1);

/*
 * How often the interval of a comparison holds the true difference: two set-ups of known shares, logged in bursts whose
 * frames are independent, or alike.
 *
 * php ops/comparing.php [comparisons of each kind]
 */

use RushHold\Record\Contest;

require __DIR__.'/../vendor/autoload.php';

$each = (int) ($argv[1] ?? 2000);
$state = 91;
$next = static function () use (&$state): float {
    // Park and Miller's generator.
    $state = $state * 48271 % 0x7FFFFFFF;

    return $state / 0x7FFFFFFF;
};
$gamma = static function (float $shape) use ($next): float {
    // Marsaglia and Tsang; a shape below one is boosted.
    $boost = $shape < 1 ? max(1e-12, $next()) ** (1 / $shape) : 1.0;
    $d = ($shape < 1 ? $shape + 1 : $shape) - 1 / 3;
    while (true) {
        $z = sqrt(-2 * log($next() + 1e-12)) * cos(2 * M_PI * $next());
        $v = (1 + $z / sqrt(9 * $d)) ** 3;
        if ($v > 0 && log($next() + 1e-12) < 0.5 * $z * $z + $d - $d * $v + $d * log($v)) {
            return $boost * $d * $v;
        }
    }
};
printf("| frames of a burst | comparisons | true difference within the interval (nominal 90 %%) | the better one named |\n|---|---|---|---|\n");
foreach (['independent' => [0.0, 0.0], 'alike to 0.05 to 0.3' => [0.05, 0.3]] as $kind => [$least, $most]) {
    $inside = $named = 0;
    for ($i = 0; $i < $each; $i++) {
        $alike = $least + ($most - $least) * $next();
        $shares = [0.08 + 0.84 * $next(), 0.08 + 0.84 * $next()];
        $counts = [];
        foreach ($shares as $c => $share) {
            for ($b = 0, $bursts = 5 + (int) (8 * $next()); $b < $bursts; $b++) {
                $frames = 6 + (int) (25 * $next());
                $a = $alike > 0 ? $gamma($share * (1 / $alike - 1)) : 0.0;
                $own = $alike > 0 ? $a / ($a + $gamma((1 - $share) * (1 / $alike - 1))) : $share;
                $kept = 0;
                for ($f = 0; $f < $frames; $f++) {
                    $kept += $next() < $own ? 1 : 0;
                }
                $counts[$c][] = [$kept, $frames];
            }
        }
        $pair = (new Contest($counts))->pair(0, 1);
        $inside += $pair['low'] <= $shares[0] - $shares[1] && $pair['high'] >= $shares[0] - $shares[1] ? 1 : 0;
        $named += ($pair['better'] > 0.5) === ($shares[0] > $shares[1]) ? 1 : 0;
    }
    printf("| %s | %d | %.1f %% | %.1f %% |\n", $kind, $each, 100 * $inside / $each, 100 * $named / $each);
}
