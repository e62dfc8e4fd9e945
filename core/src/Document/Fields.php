<?php

declare(strict_types=1);

namespace RushHold\Document;

use BackedEnum;
use RushHold\Refused;

/**
 * Reads the fields of one object of a document, remembers what was read with defaults filled in, and refuses
 * what is of the wrong type or unknown.
 */
final class Fields
{
    /** @var array<string, mixed> */
    private array $read = [];

    /** @param  array<string, mixed>  $given */
    private function __construct(private readonly array $given, private readonly string $path)
    {
    }

    /** @throws Refused if $value is not an object with named fields */
    public static function of(mixed $value, string $path = ''): self
    {
        if ($value instanceof \stdClass) {
            $value = (array) $value;
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw Refused::because($path === '' ? 'document' : $path, 'not-object');
        }
        /** @var array<string, mixed> $value */

        return new self($value, $path);
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->given);
    }

    /** @throws Refused if it is missing without a default, or not a number */
    public function number(string $name, ?float $default = null): float
    {
        $value = $this->value($name, $default);
        if (! is_int($value) && ! is_float($value)) {
            throw Refused::because($this->at($name), 'not-number');
        }
        $this->read[$name] = $value;

        return (float) $value;
    }

    /** A number that may be null. */
    public function optionalNumber(string $name): ?float
    {
        if (($this->given[$name] ?? null) === null) {
            $this->read[$name] = null;

            return null;
        }

        return $this->number($name);
    }

    public function whole(string $name, int $default): int
    {
        $value = $this->number($name, $default);
        if (floor($value) !== $value || abs($value) > 1e12) {
            throw Refused::because($this->at($name), 'not-whole');
        }

        return (int) $value;
    }

    public function flag(string $name, bool $default): bool
    {
        $value = $this->value($name, $default);
        if (! is_bool($value)) {
            throw Refused::because($this->at($name), 'not-flag');
        }
        $this->read[$name] = $value;

        return $value;
    }

    public function text(string $name, string $default, int $longest = 120): string
    {
        $value = $this->value($name, $default);
        if (! is_string($value) || mb_strlen($value) > $longest) {
            throw Refused::because($this->at($name), 'text', most: $longest);
        }
        if (preg_match('/[\x00-\x08\x0B\x0C\x0E-\x1F\x7F]/', $value) === 1 || preg_match('//u', $value) !== 1) {
            throw Refused::because($this->at($name), 'controls-characters');
        }
        $this->read[$name] = $value;

        return $value;
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @param  T  $default
     * @return T
     */
    public function word(string $name, string $words, BackedEnum $default): BackedEnum
    {
        $value = $this->value($name, $default->value);
        if (! is_string($value)) {
            throw Refused::because($this->at($name), 'not-word');
        }
        $this->read[$name] = $value;

        return $words::tryFrom($value) ?? throw Refused::unknownWord($this->at($name), $value, $words);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @param  list<T>  $default
     * @return list<T>
     */
    public function words(string $name, string $words, array $default): array
    {
        $values = $this->value($name, array_map(static fn (BackedEnum $w): int|string => $w->value, $default));
        if (! is_array($values) || ! array_is_list($values)) {
            throw Refused::because($this->at($name), 'not-words');
        }
        $most = count($words::cases());
        if (count($values) > $most || count($values) !== count(array_unique($values, SORT_REGULAR))) {
            throw Refused::because($this->at($name), 'words-twice', most: $most);
        }
        $found = [];
        foreach ($values as $i => $value) {
            if (! is_string($value)) {
                throw Refused::because($this->at($name)."[$i]", 'not-word');
            }
            $found[] = $words::tryFrom($value) ?? throw Refused::unknownWord($this->at($name)."[$i]", $value, $words);
        }
        $this->read[$name] = $values;

        return $found;
    }

    /**
     * A word that may be null.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T|null
     */
    public function optionalWord(string $name, string $words): ?BackedEnum
    {
        if (($this->given[$name] ?? null) === null) {
            $this->read[$name] = null;

            return null;
        }

        return $this->word($name, $words, $words::cases()[0]);
    }

    /** Text that may be null. */
    public function optionalText(string $name, int $longest = 120): ?string
    {
        if (($this->given[$name] ?? null) === null) {
            $this->read[$name] = null;

            return null;
        }

        return $this->text($name, '', $longest);
    }

    /** @return list<string> the names that were given */
    public function names(): array
    {
        return array_map(strval(...), array_keys($this->given));
    }

    /** Whatever stands under $name, for values that are checked elsewhere. */
    public function raw(string $name): mixed
    {
        return $this->read[$name] = $this->given[$name] ?? null;
    }

    /** The object under $name, an empty one when it is left out. Hand what was read back with `keep`. */
    public function object(string $name): self
    {
        return self::of($this->given[$name] ?? [], $this->at($name));
    }

    /** @return list<mixed> */
    public function items(string $name, int $most = 50): array
    {
        $value = $this->value($name, []);
        if (! is_array($value) || ! array_is_list($value) || count($value) > $most) {
            throw Refused::because($this->at($name), 'list', most: $most);
        }

        return $value;
    }

    public function keep(string $name, mixed $value): void
    {
        $this->read[$name] = $value;
    }

    public function at(string $name): string
    {
        return $this->path === '' ? $name : "$this->path.$name";
    }

    /**
     * Everything that was read, with defaults filled in.
     *
     * @return array<string, mixed>
     *
     * @throws Refused if a field is left that nobody asked for
     */
    public function done(): array
    {
        foreach (array_keys($this->given) as $name) {
            if (! array_key_exists($name, $this->read)) {
                throw Refused::because(
                    $this->at((string) $name),
                    'unknown-field',
                    name: (string) $name,
                    known: implode(', ', array_keys($this->read)),
                );
            }
        }

        return $this->read;
    }

    private function value(string $name, mixed $default): mixed
    {
        if (! array_key_exists($name, $this->given)) {
            return $default ?? throw Refused::because($this->at($name), 'missing');
        }

        return $this->given[$name];
    }
}
