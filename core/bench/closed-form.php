<?php

declare(strict_types=1);

use RushHold\Document\PlanDocument;
use RushHold\Document\RushDocument;
use RushHold\Planning\Chooser;

require __DIR__.'/../../vendor/autoload.php';

/** How long the closed-form plan takes in one process: median and spread over the example rushes. */
$chooser = Chooser::standard();
$rushes = array_map(
    static fn (string $f) => json_decode((string) file_get_contents($f), true),
    array_filter(
        (array) glob(__DIR__.'/../../formats/examples/*.json'),
        static fn ($f): bool => ! str_contains((string) $f, '.hold.'),
    ),
);
$times = [];
for ($round = 0; $round < 40; $round++) {
    foreach ($rushes as $document) {
        $started = hrtime(true);
        PlanDocument::write($chooser->choose(RushDocument::read($document)->rush));
        $times[] = (hrtime(true) - $started) / 1e6;
    }
}
// The first round warms up.
$times = array_slice($times, count($rushes));
sort($times);
$at = static fn (float $q): float => $times[(int) floor($q * (count($times) - 1))];
printf(
    "Closed-form plan, document in to document out: median %.2f ms, 10 %% under %.2f ms, 90 %% under %.2f ms (%d plans)\n",
    $at(0.5),
    $at(0.1),
    $at(0.9),
    count($times),
);
