<?php

declare(strict_types=1);

namespace App\Api;

/**
 * Laravel's rules from the schemas of the description, so that what a request may ask is said once. Documents are
 * looked at by their readers, which say more of what is wrong; here they are only arrays, as is what is marked
 * `x-read-by-itself`.
 *
 * @phpstan-type Schema array<string, mixed>
 */
final readonly class Rules
{
    /** Formats that have a rule. */
    private const FORMATS = [
        'binary' => 'file',
        'date' => 'date_format:Y-m-d',
        'date-time' => 'date',
        'email' => 'email',
        'timezone' => 'timezone:all_with_bc',
        'ulid' => 'ulid',
        'uuid' => 'uuid',
    ];

    private const TYPES = [
        'array' => 'array',
        'boolean' => 'boolean',
        'integer' => 'integer',
        'number' => 'numeric',
        'object' => 'array',
        'string' => 'string',
    ];

    private const BOUNDS = [
        'minLength' => 'min',
        'maxLength' => 'max',
        'minItems' => 'min',
        'maxItems' => 'max',
        'maxProperties' => 'max',
    ];

    /** @param  array<string, mixed>  $api  as `Description::whole` gives it */
    public function __construct(private array $api)
    {
    }

    /** @return array<string, array<string, list<string>>> by operation, then by field */
    public function all(): array
    {
        $all = [];
        foreach ($this->api['paths'] as $path => $operations) {
            foreach ($operations as $method => $operation) {
                $rules = [...$this->query($operation), ...$this->body($operation)];
                if ($rules !== []) {
                    $all[self::operation($method, $path)] = $rules;
                }
            }
        }
        ksort($all);

        return $all;
    }

    /**
     * An operation by method and address, whatever the parts of the address that vary are called: `PUT api/rushes/{}`.
     */
    public static function operation(string $method, string $path): string
    {
        return strtoupper($method).' '.preg_replace('/\{[^}]*\}/', '{}', ltrim($path, '/'));
    }

    /**
     * @param  Schema  $operation
     * @return array<string, list<string>>
     */
    private function query(array $operation): array
    {
        $rules = [];
        foreach ($operation['parameters'] ?? [] as $given) {
            $parameter = $this->followed($given);
            if ($parameter['in'] === 'query') {
                $required = $parameter['required'] ?? false ? ['required'] : ['nullable'];
                $rules = [...$rules, ...$this->field($parameter['name'], $parameter['schema'], $required)];
            }
        }

        return $rules;
    }

    /**
     * @param  Schema  $operation
     * @return array<string, list<string>>
     */
    private function body(array $operation): array
    {
        $content = $operation['requestBody']['content'] ?? [];
        $schema = ($content['application/json'] ?? ($content['multipart/form-data'] ?? []))['schema'] ?? null;

        return $schema === null || $this->isDocument($schema) ? [] : $this->fields('', $this->followed($schema));
    }

    /**
     * @param  Schema  $schema  of an object
     * @return array<string, list<string>>
     */
    private function fields(string $under, array $schema): array
    {
        $rules = [];
        foreach ($schema['properties'] ?? [] as $name => $of) {
            $needed = in_array($name, $schema['required'] ?? [], true) ? [$this->needed($of)] : ['sometimes'];
            $rules = [...$rules, ...$this->field($under.$name, $of, $needed)];
        }

        return $rules;
    }

    /**
     * Whether something has to be there, or may be there and empty: nothing, a list of none, a document that fixes
     * nothing.
     *
     * @param  Schema  $given
     */
    private function needed(array $given): string
    {
        $schema = $this->followed($given);
        $empty = match (true) {
            $given['x-read-by-itself'] ?? false => true,
            $this->isDocument($given) => ! isset($schema['required']),
            self::mayBeNull($schema) => true,
            default => in_array(self::type($schema), ['array', 'object'], true) && ($schema['minItems'] ?? 0) < 1,
        };

        return $empty ? 'present' : 'required';
    }

    /**
     * @param  Schema  $given
     * @param  list<string>  $needed  whether it has to be there
     * @return array<string, list<string>>
     */
    private function field(string $name, array $given, array $needed): array
    {
        // Lists in an address and in forms are spelled so.
        $name = str_replace('[]', '', $name);
        $schema = $this->followed($given);
        $type = self::type($schema);
        $isFile = ($schema['format'] ?? '') === 'binary';
        $rules = [
            $name => array_values(
                array_filter([
                    ...$needed,
                    self::mayBeNull($schema) ? 'nullable' : '',
                    $isFile ? '' : (self::TYPES[$type] ?? '').self::names($schema),
                    $type === 'array' ? 'list' : '',
                    self::FORMATS[$schema['format'] ?? ''] ?? '',
                    ...self::bounds($schema),
                    isset($schema['enum']) ? 'in:'.implode(',', array_diff($schema['enum'], [null])) : '',
                    isset($schema['pattern']) ? "regex:/{$schema['pattern']}/" : '',
                ]),
            ),
        ];
        if ($this->isDocument($given)) {
            return $rules;
        }

        return [
            ...$rules,
            ...match ($type) {
                'array' => $this->items($name, $schema),
                'object' => [...$this->fields("$name.", $schema), ...$this->each($name, $schema)],
                default => [],
            },
        ];
    }

    /**
     * @param  Schema  $schema  of a list
     * @return array<string, list<string>>
     */
    private function items(string $name, array $schema): array
    {
        if (! isset($schema['items']) || $this->isDocument($schema['items'])) {
            return [];
        }

        return $this->field("$name.*", $schema['items'], $schema['uniqueItems'] ?? false ? ['distinct'] : []);
    }

    /**
     * @param  Schema  $schema  of an object whose names are open
     * @return array<string, list<string>>
     */
    private function each(string $name, array $schema): array
    {
        $of = $schema['additionalProperties'] ?? null;

        return is_array($of) ? $this->field("$name.*", $of, []) : [];
    }

    /**
     * The names an object may have, where they are a closed set.
     *
     * @param  Schema  $schema
     */
    private static function names(array $schema): string
    {
        return isset($schema['propertyNames']['enum']) ? ':'.implode(',', $schema['propertyNames']['enum']) : '';
    }

    /**
     * @param  Schema  $schema
     * @return list<string>
     */
    private static function bounds(array $schema): array
    {
        [$least, $most] = [$schema['minimum'] ?? null, $schema['maximum'] ?? null];
        $bounds = match (true) {
            $least !== null && $most !== null => ["between:$least,$most"],
            $least !== null => ["min:$least"],
            $most !== null => ["max:$most"],
            default => [],
        };
        foreach (self::BOUNDS as $word => $rule) {
            if (isset($schema[$word])) {
                $bounds[] = "$rule:{$schema[$word]}";
            }
        }

        return $bounds;
    }

    /** @param  Schema  $schema */
    private static function type(array $schema): string
    {
        return array_values(array_diff((array) ($schema['type'] ?? []), ['null']))[0] ?? '';
    }

    /** @param  Schema  $schema */
    private static function mayBeNull(array $schema): bool
    {
        return in_array('null', (array) ($schema['type'] ?? []), true);
    }

    /**
     * @param  Schema  $part
     * @return Schema
     */
    private function followed(array $part): array
    {
        while (isset($part['$ref'])) {
            [, , $kind, $name] = explode('/', $part['$ref']);
            $part = $this->api['components'][$kind][$name];
        }
        if (isset($part['oneOf'])) {
            // One of several documents, or none: of what they have in common it is an object.
            $types = array_map(
                fn (array $one): string => self::mayBeNull($one) ? 'null' : self::type($this->followed($one)),
                $part['oneOf'],
            );

            return [...$part, 'type' => array_values(array_unique($types))];
        }

        return $part;
    }

    /** @param  Schema  $schema */
    private function isDocument(array $schema): bool
    {
        $one = $schema['oneOf'][0] ?? $schema;
        if ($schema['x-read-by-itself'] ?? false) {
            return true;
        }

        return isset($one['$ref']) && isset($this->followed($one)['properties']['format']);
    }
}
