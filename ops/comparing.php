<?php

declare(strict_types=1);

/*
 * How often the interval of a comparison holds the true difference: two set-ups of known shares, logged in bursts whose
 * frames are independent, or alike.
 *
 * php ops/comparing.php [comparisons of each kind]
 */

use RushHold\Record\Contest;
use RushHold\Tests\Drawn;

require __DIR__.'/../vendor/autoload.php';

$each = (int) ($argv[1] ?? 2000);
$drawn = new Drawn(91);
printf("| frames of a burst | comparisons | true difference within the interval (nominal 90 %%) | the better one named |\n|---|---|---|---|\n");
foreach (['independent' => [0.0, 0.0], 'alike to 0.05 to 0.3' => [0.05, 0.3]] as $kind => [$least, $most]) {
    $inside = $named = 0;
    for ($i = 0; $i < $each; $i++) {
        $alike = $least + ($most - $least) * $drawn->even();
        $shares = [0.08 + 0.84 * $drawn->even(), 0.08 + 0.84 * $drawn->even()];
        $counts = [];
        foreach ($shares as $c => $share) {
            for ($b = 0, $bursts = 5 + (int) (8 * $drawn->even()); $b < $bursts; $b++) {
                $frames = 6 + (int) (25 * $drawn->even());
                $counts[$c][] = [$drawn->kept($drawn->share($share, $alike), $frames), $frames];
            }
        }
        $pair = (new Contest($counts))->pair(0, 1);
        $inside += $pair['low'] <= $shares[0] - $shares[1] && $pair['high'] >= $shares[0] - $shares[1] ? 1 : 0;
        $named += ($pair['better'] > 0.5) === ($shares[0] > $shares[1]) ? 1 : 0;
    }
    printf("| %s | %d | %.1f %% | %.1f %% |\n", $kind, $each, 100 * $inside / $each, 100 * $named / $each);
}
