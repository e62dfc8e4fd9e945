<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use RushHold\Kit\FocusRange;
use RushHold\Kit\Kit;
use RushHold\Refused;

/** Distances between which the lens may look, or none. */
final readonly class Limits implements Kind
{
    public function read(string $field, mixed $value): ?FocusRange
    {
        if ($value === null || $value instanceof FocusRange) {
            return $value;
        }
        [$near, $far] = is_array($value) && count($value) === 2 && array_is_list($value) ? $value : [false, false];
        if (! (is_int($near) || is_float($near)) || ! ($far === null || is_int($far) || is_float($far))) {
            throw Refused::because($field, 'range');
        }

        return new FocusRange((float) $near, $far === null ? null : (float) $far);
    }

    public function shape(): array
    {
        return ['type' => ['array', 'null'], 'maxItems' => 2, 'items' => ['type' => ['number', 'null']]];
    }

    public function check(string $field, mixed $value, Kit $kit): void
    {
        if ($value instanceof FocusRange) {
            $kit->checkFocusDistance($field.'[0]', $value->nearM);
        }
    }

    public function write(mixed $value): ?array
    {
        return $value instanceof FocusRange ? [$value->nearM, $value->farM] : null;
    }

    public function differs(mixed $now, mixed $wanted): bool
    {
        return $now != $wanted;
    }
}
