<?php

declare(strict_types=1);

use RushHold\Tests\Statement;

/*
 * Levels and sensitivities that practitioners report. Those the model does not meet are listed with the reason and the
 * numbers in cases/argued.json; a statement that comes to hold has to be taken off that list.
 */

/** @return array<string, string> why, by statement */
function argued(): array
{
    return array_column(
        json_decode((string) file_get_contents(__DIR__.'/cases/argued.json'), true)['statements'],
        'why',
        'statement',
    );
}

it('agrees with what practitioners report', function (string $name): void {
    [$said, $wanted, $missing] = Statement::all()[$name]->judge(1);
    expect($missing)->toBeLessThanOrEqual(0.0, "it says $said, wanted was $wanted");
})->with(array_values(array_diff(array_keys(Statement::all()), array_keys(argued()))));

it('argues only about what it does not meet', function (string $name): void {
    [$said, $wanted, $missing] = Statement::all()[$name]->judge(1);
    expect($missing)->toBeGreaterThan(0.0, "it says $said, wanted was $wanted: take it off the list");
})->with(array_keys(argued()));
