<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use RushHold\Kit\Kit;
use RushHold\Refused;

/** On or off. */
final readonly class Flag implements Kind
{
    public function read(string $field, mixed $value): bool
    {
        return is_bool($value) ? $value : throw Refused::because($field, 'not-flag');
    }

    public function shape(): array
    {
        return ['type' => 'boolean'];
    }

    public function check(string $field, mixed $value, Kit $kit): void
    {
    }

    public function write(mixed $value): bool
    {
        return $value === true;
    }

    public function differs(mixed $now, mixed $wanted): bool
    {
        return $now !== $wanted;
    }
}
