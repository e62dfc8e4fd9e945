<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Range;

/**
 * What the reader of a document asks for, noted while it reads: fields with their types, limits and defaults. The
 * document's schema is written from it, so that neither has to be kept like the other by hand.
 *
 * What no reader says stays as the schema has it: titles and descriptions, how many items a list needs, what goes
 * together with what, and fields that another reader reads (`$ref`, and what is taken as it comes).
 *
 * @phpstan-type Node array<string, mixed>
 */
final class Shape
{
    /** What a reader says of a field, as schemas call it. Limits are left alone where it says none. */
    private const SAID = ['type', 'enum', 'maxLength', 'maxItems', 'default'];

    /** A field that is always one text, or is described elsewhere. */
    private const ELSEWHERE = ['const', '$ref', 'oneOf', 'anyOf'];

    /**
     * By the place of their object, then by name.
     *
     * @var array<string, array<string, array{types: list<string>, node: Node, default: mixed, at: string}>>
     */
    private array $fields = [];

    /** @var array<string, array<string, true>> fields that may not be left out, in the same way */
    private array $needed = [];

    /** @var array<string, array<string, true>> fields whose default follows from others, in the same way */
    private array $depending = [];

    /** @var array<string, list<Range>> by the field as errors name it, without the places of lists */
    private array $ranges = [];

    /**
     * What all these readings asked for, also what only one of them met.
     *
     * @param  callable(): mixed  ...$readings  each reads a document of the kind
     */
    public static function of(callable ...$readings): self
    {
        $shape = new self();
        foreach ($readings as $read) {
            Range::heard($shape->within(...), static function () use ($shape, $read): void {
                Fields::noted($shape, $read);
            });
        }

        return $shape;
    }

    /** The place of what stands in a list, or under a name, of an object. */
    public static function place(string $object, string $name, bool $listed = false): string
    {
        return "$object/$name".($listed ? '/[]' : '');
    }

    /**
     * @param  string  $object  the place of the object it stands in
     * @param  string  $name  `*` for whatever name is given
     * @param  Node  $node  what the reader says of it
     * @param  mixed  $default  what it is when it is left out, as documents spell it; null: nothing
     */
    public function field(string $object, string $name, string $asErrorsSay, array $node, mixed $default): void
    {
        $known = $this->fields[$object][$name] ?? ['types' => [], 'node' => [], 'default' => null];
        if ($default !== null && ($known['default'] ?? $default) != $default) {
            $this->depending[$object][$name] = true;
        }
        /** @var list<string> $types */
        $types = (array) ($node['type'] ?? []);
        unset($node['type']);
        $this->fields[$object][$name] = [
            // An object that may be nothing is asked for as one after that.
            'types' => array_values(array_unique([...$known['types'], ...$types])),
            'node' => [...$known['node'], ...$node],
            'default' => $default ?? $known['default'],
            'at' => self::plain($asErrorsSay),
        ];
    }

    public function need(string $object, string $name): void
    {
        $this->needed[$object][$name] = true;
    }

    /**
     * The schema as its reader is now.
     *
     * @param  Node  $schema  as it is
     * @return Node
     */
    public function schema(array $schema): array
    {
        return $this->object($schema, '');
    }

    /**
     * @param  Node  $node
     * @return Node
     */
    private function object(array $node, string $place): array
    {
        $fields = $this->fields[$place] ?? [];
        if (isset($fields['*'])) {
            $node['additionalProperties'] = $this->written(self::node($node, 'additionalProperties'), $place, '*');

            return $node;
        }
        $old = self::node($node, 'properties');
        $properties = [];
        // In the order they have; what is new comes last.
        foreach ([...array_keys(array_intersect_key($old, $fields)), ...array_keys($fields)] as $name) {
            $known = isset($old[$name]) ? self::node($old, $name) : ['description' => ucfirst(strtr($name, '_', ' '))];
            $properties[$name] = $this->written($known, $place, $name);
        }
        $node = ['type' => 'object', 'additionalProperties' => false, 'required' => [], ...$node];
        $node['properties'] = $properties;
        $needed = array_keys($this->needed[$place] ?? []);
        $before = array_filter(self::node($node, 'required'), is_string(...));
        $node['required'] = array_values(array_unique([...array_intersect($before, $needed), ...$needed]));
        if ($needed === []) {
            unset($node['required']);
        }

        return $node;
    }

    /**
     * @param  Node  $node
     * @return Node
     */
    private function written(array $node, string $object, string $name): array
    {
        if (array_intersect(self::ELSEWHERE, array_keys($node)) !== []) {
            return $node;
        }
        $field = $this->fields[$object][$name];
        $said = $this->said($object, $name);
        if ($field['types'] !== []) {
            // What an object is by default follows from its fields.
            $free = $field['types'] === ['object'] ? ['default'] : [];
            $node = array_diff_key($node, array_diff_key(array_flip(array_diff(self::SAID, $free)), $said));
        }
        $limits = $this->limits($field['at']);
        $items = self::node($said, 'items');
        unset($said['items']);
        $node = [...$node, ...$said, ...in_array('array', $field['types'], true) ? [] : $limits];
        $place = self::place($object, $name);
        if (isset($this->fields[$place])) {
            $node = $this->object($node, $place);
        }
        $listed = self::place($object, $name, true);
        if (isset($this->fields[$listed])) {
            $node['items'] = $this->object(self::node($node, 'items'), $listed);
        } elseif ($items !== []) {
            $node['items'] = [...self::node($node, 'items'), ...$items, ...$limits];
        }

        return $node;
    }

    /** @return Node what the reader says of a field */
    private function said(string $object, string $name): array
    {
        ['types' => $types, 'node' => $node, 'default' => $default] = $this->fields[$object][$name];
        if ($types !== []) {
            $node['type'] = count($types) === 1 ? $types[0] : $types;
        }
        $isStated = ! isset($this->depending[$object][$name]) && ! isset($this->needed[$object][$name]) && $name !== '*';
        if ($isStated && ($default !== null || in_array('null', $types, true))) {
            $node['default'] = $default;
        }

        return $node;
    }

    /**
     * @param  Node  $of
     * @return Node
     */
    private static function node(array $of, string $name): array
    {
        $node = $of[$name] ?? [];

        /** @var Node */
        return is_array($node) ? $node : [];
    }

    /** @return array{minimum?: float, exclusiveMinimum?: float, maximum?: float, x-unit?: string} */
    private function limits(string $field): array
    {
        $found = $this->ranges[$field] ?? [];
        if ($found === []) {
            return [];
        }
        $least = max(array_map(static fn (Range $range): float => $range->min, $found));
        $above = array_filter($found, static fn (Range $r): bool => $r->min === $least && $r->aboveMin) !== [];
        $unit = trim($found[0]->unit, '()');

        return [
            $above ? 'exclusiveMinimum' : 'minimum' => $least,
            'maximum' => min(array_map(static fn (Range $range): float => $range->max, $found)),
            ...$unit === '' ? [] : ['x-unit' => $unit],
        ];
    }

    private function within(string $field, Range $range): void
    {
        if (! $range->depends) {
            $this->ranges[self::plain($field)][] = $range;
        }
    }

    private static function plain(string $field): string
    {
        return (string) preg_replace(['/\[\d+\]/', '/^kit\.(body|lens)\./'], '', $field);
    }
}
