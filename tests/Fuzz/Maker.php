<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Random\Engine\Mt19937;
use Random\Randomizer;
use RuntimeException;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;

/**
 * Makes documents from a seed: mostly such as the published schemas allow, with a liking for the ends of every range,
 * and some that nobody can mean.
 */
final class Maker
{
    private readonly Randomizer $chance;

    /** @var array<string, array<string, mixed>> schemas by name */
    private array $schemas = [];

    public function __construct(int $seed)
    {
        $this->chance = new Randomizer(new Mt19937($seed));
        foreach (['rush', 'hold', 'body', 'lens', 'subject', 'habits', 'outing'] as $name) {
            $this->schemas["urn:rush-hold:$name@1"] = (array) json_decode(
                (string) file_get_contents(dirname(__DIR__, 2)."/formats/$name.schema.json"),
                true,
            );
        }
    }

    public function lucky(float $share): bool
    {
        return $this->share() < $share;
    }

    private function share(): float
    {
        return $this->chance->getInt(0, 1_000_000) / 1_000_000;
    }

    /**
     * @template T
     *
     * @param  non-empty-array<T>  $values
     * @return T
     */
    public function one(array $values): mixed
    {
        return $values[$this->chance->pickArrayKeys($values, 1)[0]];
    }

    public function whole(int $from, int $to): int
    {
        return $this->chance->getInt($from, $to);
    }

    /** @return array<string, mixed> an example, or a bare one, with a few fields changed */
    public function rush(): array
    {
        $files = array_values(
            array_filter(
                glob(dirname(__DIR__, 2).'/formats/examples/*.json') ?: [],
                static fn (string $f): bool => ! str_contains($f, '.hold.'),
            ),
        );
        $rush = $this->lucky(0.85)
            ? (array) json_decode((string) file_get_contents($this->one($files)), true)
            : [
                'format' => 'rush-hold/rush@1',
                'subject' => ['length_m' => 0.3, 'height_m' => 0.2, 'speed_mps' => 5],
                'path' => ['start_m' => 30],
            ];
        if ($this->lucky(0.4)) {
            $body = $this->one(Bodies::all());
            $areas = (array) ($body['areas'] ?? []);
            // Bodies with one area only are where choices run out.
            if ($areas !== [] && $this->lucky(0.4)) {
                $areas = array_intersect_key($areas, array_flip((array) $this->one(array_keys($areas))));
            }
            $rush['kit']['body'] = $areas === [] ? $body : [...$body, 'areas' => $areas];
        }
        if ($this->lucky(0.4)) {
            $rush['kit']['lens'] = $this->one(Lenses::all());
            $rush['kit']['extender'] = $this->one([1, 1.4, 2, 3]);
        }
        if ($this->lucky(0.2)) {
            $rush['subject'] = $this->one(Subjects::all())->document['subject'];
        }

        $rush = $this->changed($rush, 'rush');
        // Light has one source.
        $sources = array_intersect(['ev100', 'meter', 'place'], array_keys((array) ($rush['light'] ?? [])));
        if (count($sources) > 1 && is_array($rush['light']) && $this->lucky(0.9)) {
            $rush['light'] = array_diff_key($rush['light'], array_flip(array_diff($sources, [$this->one($sources)])));
        }
        foreach (is_array($rush['group'] ?? null) ? $rush['group'] : [] as $i => $companion) {
            if (is_array($companion) && $this->lucky(0.9)) {
                $rush['group'][$i]['across_m'] =
                    0.5 *
                    min(1000.0, (float) (is_numeric($companion['distance_m'] ?? null) ? $companion['distance_m'] : 1));
            }
        }

        return $rush;
    }

    /** @return array<string, mixed> an example with other rushes, and a few fields changed */
    public function outing(): array
    {
        $files = glob(dirname(__DIR__, 2).'/formats/examples/outings/*.json') ?: [];
        assert($files !== []);
        $outing = (array) json_decode((string) file_get_contents($this->one($files)), true);
        $outing['rushes'] = array_map(
            fn (int $i): mixed => $this->lucky(0.03)
                ? $this->nonsense()
                : [
                    ...(array) ($outing['rushes'][$i] ?? []),
                    'rush' => $this->lucky(0.5) ? $outing['rushes'][$i]['rush'] : $this->rush(),
                    'minutes' => $this->whole(5, 120),
                    'setup_min' => $this->whole(0, 40),
                    'earliest' => $this->one([null, null, null, '05:15', '23:50']),
                    'facing_deg' => $this->one([null, 0, 360, 90.5]),
                    'pins' => $this->lucky(0.8) ? [] : $this->hold(),
                ],
            range(0, $this->whole(0, 3)),
        );
        if ($this->lucky(0.3)) {
            $outing['bodies'] = [$this->one(Bodies::all())];
            $outing['rushes'][0] = is_array($outing['rushes'][0])
                ? [...$outing['rushes'][0], 'body' => 0]
                : $outing['rushes'][0];
        }
        $rushes = $outing['rushes'];
        $times = [
            'date' => $this->one(['2026-06-07', '2024-02-29', '2026-03-29', '1970-01-01']),
            'from' => $this->one(['04:30', '23:45', '00:00']),
            'to' => $this->one(['09:30', '00:15', '00:00']),
        ];
        $outing = $this->lucky(0.5) ? $this->changed($outing, 'outing') : $outing;
        $outing = $this->lucky(0.85) ? [...$outing, ...$times] : $outing;
        // What is made of nothing but the schema is seldom a rush.
        $outing['rushes'] = $this->lucky(0.9) ? $rushes : $outing['rushes'] ?? [];
        $outing['place'] = [
            ...is_array($outing['place'] ?? null) ? $outing['place'] : [],
            'zone' => $this->lucky(0.05)
                ? 'Nowhere'
                : $this->one(['UTC', 'Europe/London', 'Pacific/Auckland', 'America/St_Johns']),
        ];

        return $outing;
    }

    /** @return array<string, mixed> settings, most of them left out */
    public function hold(): array
    {
        $hold = (array) $this->value($this->schemas['urn:rush-hold:hold@1'], 0.55);
        foreach (['focus', 'exposure'] as $part) {
            if (($hold[$part] ?? null) === []) {
                unset($hold[$part]);
            }
        }

        return $hold;
    }

    /** @return array<string, mixed> */
    public function kit(string $name): array
    {
        $base = match ($name) {
            'body' => $this->one(Bodies::all()),
            'lens' => $this->one(Lenses::all()),
            'subject' => $this->one(Subjects::all())->document,
            'habits' => ['format' => 'rush-hold/habits@1'],
            default => throw new RuntimeException("There are no $name documents."),
        };

        return $this->changed($base, $name);
    }

    /** Something that is no document, or not quite. */
    public function nonsense(): mixed
    {
        return $this->one([
            null,
            true,
            '',
            'x',
            -1,
            1e308,
            5e-324,
            [],
            [[]],
            ['format' => []],
            str_repeat('ä', 5000),
            array_fill(0, 3000, 1),
            ['a' => ['b' => ['c' => ['d' => 1]]]],
            "\u{202e}\u{0}",
            '1e999',
            PHP_INT_MAX,
        ]);
    }

    /**
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    private function changed(array $document, string $schema): array
    {
        for ($changes = $this->whole(1, 7); $changes > 0; $changes--) {
            $document = $this->changedOnce($document, $this->schemas["urn:rush-hold:$schema@1"]);
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function changedOnce(array $document, array $schema): array
    {
        $properties = (array) ($schema['properties'] ?? []);
        if ($properties === []) {
            return $document;
        }
        $name = (string) $this->one(array_keys($properties));
        $inner = $this->resolved((array) $properties[$name]);
        if ($name === 'format') {
            return $document;
        }
        if (($inner['properties'] ?? []) !== [] && (is_array($document[$name] ?? null) || $this->lucky(0.5))) {
            $document[$name] = $this->changedOnce((array) ($document[$name] ?? []), $inner);

            return $document;
        }
        if ($this->lucky(0.06)) {
            unset($document[$name]);
        } elseif ($this->lucky(0.05)) {
            $document[$name] = $this->nonsense();
        } else {
            $document[$name] = $this->value($inner, 0.5);
        }

        return $document;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function resolved(array $schema): array
    {
        return isset($schema['$ref']) ? $this->schemas[$schema['$ref']] : $schema;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @param  float  $leavesOut  share of fields that need not be there and are not
     */
    private function value(array $schema, float $leavesOut): mixed
    {
        $schema = $this->resolved($schema);
        if (isset($schema['const'])) {
            return $schema['const'];
        }
        if (isset($schema['oneOf'])) {
            return $this->value((array) $this->one((array) $schema['oneOf']), $leavesOut);
        }
        $type = (array) ($schema['type'] ?? 'object');
        if (isset($schema['enum'])) {
            return $this->lucky(0.02) ? 'no such word' : $this->one((array) $schema['enum']);
        }

        return match ($this->one($type)) {
            'null' => null,
            'boolean' => $this->lucky(0.5),
            'integer' => $this->number($schema, true),
            'number' => $this->number($schema, false),
            'string' => $this->text($schema),
            'array' => $this->items($schema, $leavesOut),
            default => $this->object($schema, $leavesOut),
        };
    }

    /** @param  array<string, mixed>  $schema */
    private function number(array $schema, bool $whole): int|float
    {
        $from = (float) ($schema['minimum'] ?? ($schema['exclusiveMinimum'] ?? -1e4));
        $to = (float) ($schema['maximum'] ?? 1e4);
        $value = match (true) {
            $this->lucky(0.2) => $from,
            $this->lucky(0.2) => $to,
            $this->lucky(0.03) => $to * 1.01 + 1,
            $this->lucky(0.03) => $from - 1,
            $from > 0 => $from * ($to / $from) ** $this->share(),
            default => $from + ($to - $from) * $this->share() ** 2,
        };

        return $whole ? (int) round($value) : $value;
    }

    /** @param  array<string, mixed>  $schema */
    private function text(array $schema): string
    {
        return $this->one([
            '',
            'x',
            'Büschel',
            '100% <b>',
            str_repeat('n', (int) ($schema['maxLength'] ?? 40)),
            $this->lucky(0.2) ? str_repeat('m', 1 + (int) ($schema['maxLength'] ?? 40)) : 'y',
            '2026-06-04T05:30:00+01:00',
            '2026-13-40T99:00:00Z',
            $this->lucky(0.3) ? "a\u{0}b" : 'z',
            '{brackets}',
            "'",
        ]);
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<mixed>
     */
    private function items(array $schema, float $leavesOut): array
    {
        $least = (int) ($schema['minItems'] ?? 0);
        $most = (int) ($schema['maxItems'] ?? 6);
        $count = $this->lucky(0.1)
            ? $most
            : ($this->lucky(0.02)
                ? $most + 1
                : $this->whole($least, min($most, $least + 3)));

        return array_map(
            fn (): mixed => $this->value((array) ($schema['items'] ?? []), $leavesOut),
            $count === 0 ? [] : range(1, $count),
        );
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private function object(array $schema, float $leavesOut): array
    {
        $object = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $inner) {
            if (in_array($name, (array) ($schema['required'] ?? []), true) || ! $this->lucky($leavesOut)) {
                $object[(string) $name] = $this->value((array) $inner, $leavesOut);
            }
        }
        if (isset($schema['propertyNames'])) {
            foreach (['setting.drive', 'mode.continuous', 'preset.nothing', 'area.whole', 'bird'] as $name) {
                $this->lucky(0.3) &&
                    ($object[$name] = $this->value((array) ($schema['additionalProperties'] ?? []), $leavesOut));
            }
        }

        return $object;
    }
}
