<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use BackedEnum;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\Kit;
use RushHold\Labelled;
use RushHold\Refused;

/** One word of a closed set. */
final readonly class Word implements Kind
{
    /** @param  class-string<Labelled>  $words */
    public function __construct(public string $words)
    {
    }

    public function read(string $field, mixed $value): Labelled
    {
        if ($value instanceof $this->words) {
            return $value;
        }
        if (! is_string($value)) {
            throw Refused::because($field, 'not-word');
        }

        return $this->words::tryFrom($value) ?? throw Refused::unknownWord($field, $value, $this->words);
    }

    public function shape(): array
    {
        $words = array_map(static fn (Labelled $word): int|string => $word->value, $this->words::cases());

        return ['type' => 'string', 'enum' => $words];
    }

    public function check(string $field, mixed $value, Kit $kit): void
    {
        if ($value instanceof Area && ! isset($kit->body->areas[$value->value])) {
            throw Refused::because(
                $field,
                'no-area',
                body: $kit->body->name,
                area: $value->value,
                known: implode(', ', array_keys($kit->body->areas)),
            );
        }
        if ($value instanceof Detection && $value !== Detection::Off && ! $kit->body->canDetect($value)) {
            throw Refused::because($field, 'no-detection', body: $kit->body->name, kind: $value->value);
        }
    }

    public function write(mixed $value): string
    {
        assert($value instanceof BackedEnum);

        return (string) $value->value;
    }

    public function differs(mixed $now, mixed $wanted): bool
    {
        return $now !== $wanted;
    }
}
