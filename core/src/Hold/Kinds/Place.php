<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use RushHold\Kit\Kit;
use RushHold\Range;
use RushHold\Refused;

/** A place in the frame, from its middle, in frame widths and heights. */
final readonly class Place implements Kind
{
    /** @return array{float, float} */
    public function read(string $field, mixed $value): array
    {
        if (! is_array($value) || count($value) !== 2 || ! array_is_list($value)) {
            throw Refused::because($field, 'place');
        }
        $half = Range::of(-0.5, 0.5, 'frame widths or heights');
        $place = [];
        foreach ($value as $i => $part) {
            $place[] =
                is_int($part) || is_float($part)
                    ? $half->check("{$field}[$i]", (float) $part)
                    : throw Refused::because("{$field}[$i]", 'not-number');
        }
        /** @var array{float, float} $place */

        return $place;
    }

    public function shape(): array
    {
        $half = ['type' => 'number', 'minimum' => -0.5, 'maximum' => 0.5];

        return ['type' => 'array', 'maxItems' => 2, 'items' => $half];
    }

    public function check(string $field, mixed $value, Kit $kit): void
    {
    }

    public function write(mixed $value): array
    {
        /** @var array{float, float} $value as `read` gave it */
        return $value;
    }

    public function differs(mixed $now, mixed $wanted): bool
    {
        return $now != $wanted;
    }
}
