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
    /** What the next document asks for is noted here. */
    private static ?Shape $next = null;

    /** @var array<string, mixed> */
    private array $read = [];

    private bool $isMap = false;

    /**
     * @param  array<string, mixed>  $given
     * @param  string  $place  where it stands in the shape of the document
     */
    private function __construct(
        private readonly array $given,
        private readonly string $path,
        private readonly ?Shape $shape,
        private readonly string $place = '',
    ) {
    }

    /**
     * A document.
     *
     * @throws Refused if $value is not an object with named fields
     */
    public static function of(mixed $value): self
    {
        // Documents within it have shapes of their own.
        [$shape, self::$next] = [self::$next, null];

        return self::within($value, '', $shape, '');
    }

    /** Reads a document and notes what is asked for. */
    public static function noted(Shape $shape, callable $read): void
    {
        self::$next = $shape;
        try {
            $read();
        } finally {
            self::$next = null;
        }
    }

    private static function within(mixed $value, string $path, ?Shape $shape, string $place): self
    {
        if ($value instanceof \stdClass) {
            $value = (array) $value;
        }
        if (! is_array($value) || ($value !== [] && array_is_list($value))) {
            throw Refused::because($path === '' ? 'document' : $path, 'not-object');
        }
        /** @var array<string, mixed> $value */

        return new self($value, $path, $shape, $place);
    }

    /** @throws Refused if the document is of another format, or does not say which and has to */
    public function format(string $format, bool $needed = true): void
    {
        $needed && $this->shape?->need($this->place, 'format');
        $given = $this->text('format', $needed ? '' : $format);
        if ($given !== $format) {
            throw Refused::because('format', 'format', format: $format, given: $given === '' ? 'none' : $given);
        }
    }

    public function has(string $name): bool
    {
        return array_key_exists($name, $this->given);
    }

    /** @throws Refused if it is missing without a default, or not a number */
    public function number(string $name, ?float $default = null): float
    {
        $this->note($name, ['type' => 'number'], $default);

        return $this->asNumber($name, $this->value($name, $default));
    }

    /** @throws Refused if it is missing */
    public function need(string $name): void
    {
        $this->shape?->need($this->place, $this->placed($name));
        $this->has($name) || throw Refused::because($this->at($name), 'missing');
    }

    /** A number that may be null. */
    public function optionalNumber(string $name): ?float
    {
        $this->note($name, ['type' => ['number', 'null']]);

        return $this->isNull($name) ? null : $this->asNumber($name, $this->given[$name]);
    }

    public function whole(string $name, ?int $default = null): int
    {
        $this->note($name, ['type' => 'integer'], $default);

        return $this->asWhole($name, $this->value($name, $default));
    }

    /** A whole number that may be null. */
    public function optionalWhole(string $name): ?int
    {
        $this->note($name, ['type' => ['integer', 'null']]);

        return $this->isNull($name) ? null : $this->asWhole($name, $this->given[$name]);
    }

    private function asWhole(string $name, mixed $given): int
    {
        $value = $this->asNumber($name, $given);
        if (floor($value) !== $value || abs($value) > 1e12) {
            throw Refused::because($this->at($name), 'not-whole');
        }

        return (int) $value;
    }

    public function flag(string $name, bool $default): bool
    {
        $this->note($name, ['type' => 'boolean'], $default);
        $value = $this->value($name, $default);
        if (! is_bool($value)) {
            throw Refused::because($this->at($name), 'not-flag');
        }
        $this->read[$name] = $value;

        return $value;
    }

    public function text(string $name, ?string $default = null, int $longest = 120): string
    {
        $this->note($name, ['type' => 'string', 'maxLength' => $longest], $default);

        return $this->asText($name, $this->value($name, $default), $longest);
    }

    /** Text that is nowhere if it is left out. */
    public function textIfGiven(string $name, int $longest = 120): ?string
    {
        $this->note($name, ['type' => 'string', 'maxLength' => $longest]);

        return $this->has($name) ? $this->asText($name, $this->given[$name], $longest) : null;
    }

    private function asText(string $name, mixed $value, int $longest): string
    {
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
     * @param  T|null  $default
     * @return T
     */
    public function word(string $name, string $words, ?BackedEnum $default = null): BackedEnum
    {
        $this->shape === null ||
            $this->note($name, ['type' => 'string', 'enum' => self::values(...$words::cases())], $default?->value);

        return $this->asWord($name, $this->value($name, $default?->value), $words);
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T
     */
    private function asWord(string $name, mixed $value, string $words): BackedEnum
    {
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
        $default = self::values(...$default);
        $this->shape === null || $this->noteWords($name, self::values(...$words::cases()), $default);
        $values = $this->value($name, $default);
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
        $this->shape === null ||
            $this->note($name, ['type' => ['string', 'null'], 'enum' => [...self::values(...$words::cases()), null]]);

        return $this->isNull($name) ? null : $this->asWord($name, $this->given[$name], $words);
    }

    /** Text that may be null. */
    public function optionalText(string $name, int $longest = 120): ?string
    {
        $this->note($name, ['type' => ['string', 'null'], 'maxLength' => $longest]);

        return $this->isNull($name) ? null : $this->asText($name, $this->given[$name], $longest);
    }

    /**
     * One of a few texts.
     *
     * @param  list<string>  $allowed
     */
    public function choice(string $name, array $allowed, string $default): string
    {
        $this->note($name, ['type' => 'string', 'enum' => $allowed], $default);
        $value = $this->read[$name] = $this->value($name, $default);
        if (! is_string($value)) {
            throw Refused::because($this->at($name), 'not-word');
        }
        $known = implode(', ', array_filter($allowed, static fn (string $one): bool => $one !== ''));

        return in_array($value, $allowed, true)
            ? $value
            : throw Refused::because($this->at($name), 'unknown-word', known: $known, given: $value);
    }

    /**
     * A word that is nowhere if it is left out.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $words
     * @return T|null
     */
    public function wordIfGiven(string $name, string $words): ?BackedEnum
    {
        $this->shape === null || $this->note($name, ['type' => 'string', 'enum' => self::values(...$words::cases())]);

        return $this->has($name) ? $this->asWord($name, $this->given[$name], $words) : null;
    }

    /** @return list<string> the names that were given, for an object in which they are the giver's */
    public function names(): array
    {
        $this->isMap = true;

        return array_map(strval(...), array_keys($this->given));
    }

    /** Whatever stands under $name, for values that are checked elsewhere. */
    public function raw(string $name): mixed
    {
        $this->note($name, []);

        return $this->read[$name] = $this->given[$name] ?? null;
    }

    /** The same, but nowhere if it is left out. */
    public function rawIfGiven(string $name, mixed $otherwise = null): mixed
    {
        $this->note($name, []);

        return $this->has($name) ? $this->raw($name) : $otherwise;
    }

    /** The object under $name, an empty one when it is left out. Hand what was read back with `keep`. */
    public function object(string $name): self
    {
        $this->note($name, ['type' => 'object']);

        return self::within(
            $this->given[$name] ?? [],
            $this->at($name),
            $this->shape,
            Shape::place($this->place, $this->placed($name)),
        );
    }

    /** An object that may be null. Hand what was read back with `keep`. */
    public function optionalObject(string $name): ?self
    {
        $this->note($name, ['type' => ['object', 'null']]);

        return $this->isNull($name) ? null : $this->object($name);
    }

    /**
     * The objects of the list under $name. Hand what was read back with `keep`.
     *
     * @return list<self>
     */
    public function objects(string $name, int $most = 50): array
    {
        $objects = [];
        foreach ($this->items($name, $most) as $i => $item) {
            $objects[] = self::within(
                $item,
                $this->at($name)."[$i]",
                $this->shape,
                Shape::place($this->place, $this->placed($name), true),
            );
        }

        return $objects;
    }

    /** @return list<mixed> */
    public function items(string $name, int $most = 50): array
    {
        $this->note($name, ['type' => 'array', 'maxItems' => $most], []);

        return $this->listed($name, [], $most);
    }

    /**
     * @param  list<mixed>  $default
     * @return list<mixed>
     */
    private function listed(string $name, array $default, int $most): array
    {
        $value = $this->value($name, $default);
        if (! is_array($value) || ! array_is_list($value) || count($value) > $most) {
            throw Refused::because($this->at($name), 'list', most: $most);
        }

        return $value;
    }

    /**
     * @param  list<float>  $default
     * @return list<float>
     */
    public function numbers(string $name, array $default, int $most): array
    {
        $this->note($name, ['type' => 'array', 'maxItems' => $most, 'items' => ['type' => 'number']], $default);
        $numbers = [];
        foreach ($this->listed($name, $default, $most) as $i => $value) {
            $numbers[] =
                is_int($value) || is_float($value)
                    ? (float) $value
                    : throw Refused::because($this->at($name)."[$i]", 'not-number');
        }

        return $this->read[$name] = $numbers;
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

    /**
     * What a field is, for its schema, where no reading says so.
     *
     * @param  array<string, mixed>  $node
     */
    public function note(string $name, array $node, mixed $default = null): void
    {
        $this->shape?->field($this->place, $this->placed($name), $this->at($name), $node, $default);
    }

    /**
     * @param  list<int|string>  $allowed
     * @param  list<int|string>  $default
     */
    private function noteWords(string $name, array $allowed, array $default): void
    {
        $items = ['type' => 'string', 'enum' => $allowed];
        $this->note(
            $name,
            ['type' => 'array', 'maxItems' => count($allowed), 'uniqueItems' => true, 'items' => $items],
            $default,
        );
    }

    /** Whether it is left out or said to be nothing. */
    private function isNull(string $name): bool
    {
        if (($this->given[$name] ?? null) !== null) {
            return false;
        }
        $this->read[$name] = null;

        return true;
    }

    private function asNumber(string $name, mixed $value): float
    {
        if (! is_int($value) && ! is_float($value)) {
            throw Refused::because($this->at($name), 'not-number');
        }
        $this->read[$name] = $value;

        return (float) $value;
    }

    private function placed(string $name): string
    {
        return $this->isMap ? '*' : $name;
    }

    /** @return list<int|string> */
    private static function values(BackedEnum ...$cases): array
    {
        return array_map(static fn (BackedEnum $case): int|string => $case->value, array_values($cases));
    }

    private function value(string $name, mixed $default): mixed
    {
        if ($default === null) {
            $this->shape?->need($this->place, $this->placed($name));
        }
        if (! array_key_exists($name, $this->given)) {
            return $default ?? throw Refused::because($this->at($name), 'missing');
        }

        return $this->given[$name];
    }
}
