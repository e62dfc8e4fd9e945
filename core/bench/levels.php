<?php

declare(strict_types=1);

/*
 * Prints each statement of core/tests/cases/levels-and-laws.json with what the model says of it, and how many hold.
 *
 *   php core/bench/levels.php [SEED] [part of an id]
 */

use RushHold\Tests\Statement;

require __DIR__.'/../../vendor/autoload.php';

[$seed, $only] = [(int) ($argv[1] ?? 1), $argv[2] ?? ''];
$holding = $all = 0;
foreach (Statement::all() as $name => $statement) {
    if (! str_contains($name, $only)) {
        continue;
    }
    [$said, $wanted, $missing] = $statement->judge($seed);
    $holds = $missing <= 0;
    $all++;
    $holding += $holds ? 1 : 0;
    printf("%s %-22s %-44s wanted %s\n", $holds ? '  ' : '✗ ', $name, $said, $wanted);
}
printf("%d of %d hold (seed %d)\n", $holding, $all, $seed);
