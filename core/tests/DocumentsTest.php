<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Kit\Kit;
use RushHold\Refused;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Words;

it('refuses what cannot be meant, naming field, range and unit', function (
    array $changes,
    string $field,
    string $says,
): void {
    $refused = refusal(static fn () => RushDocument::read(Rushes::document($changes)));
    expect($refused->field)
        ->toBe($field)
        ->and(Words::in(Units::Metric)->refused($refused))
        ->toContain($says);
})->with([
    'negative speed' => [['subject.speed_mps' => -3], 'subject.speed_mps', 'between 0 and 120 m/s; -3 was given'],
    'not a number' => [['subject.speed_mps' => NAN], 'subject.speed_mps', 'm/s; something that is not a number'],
    'infinite' => [['path.start_m' => INF], 'path.start_m', 'm; an infinite value'],
    'absurd size' => [['subject.length_m' => 900], 'subject.length_m', 'between 0.01 and 30 m'],
    'nearer than the lens' => [['path.start_m' => 2.0], 'path.start_m', 'between 3.5 and 10000 m'],
    'a word for a number' => [['path.start_m' => 'far'], 'path.start_m', 'must be a number'],
    'a list for a part' => [['scene' => [1, 2]], 'scene', 'must be an object'],
    'unknown word' => [['subject.kind' => 'dragon'], 'subject.kind', 'bird, animal, person, vehicle, off'],
    'unknown field' => [['path.bend' => 3], 'path.bend', 'not a field'],
    'unknown at the top' => [['weather' => 'fine'], 'weather', 'not a field'],
    'missing part' => [['subject' => ['length_m' => 1, 'speed_mps' => 1]], 'subject.height_m', 'missing'],
    'wrong format' => [['format' => 'rush-hold/rush@9'], 'format', 'rush-hold/rush@1'],
    'two lights' => [['light' => ['ev100' => 3, 'meter' => []]], 'light', 'one of'],
    'bad moment' => [
        ['light' => ['place' => ['latitude_deg' => 1, 'longitude_deg' => 1, 'at' => 'noon']]],
        'light.place.at',
        'with its zone',
    ],
    'off the globe' => [
        ['light' => ['place' => ['latitude_deg' => 95, 'longitude_deg' => 1, 'at' => '2026-06-04T05:30:00+01:00']]],
        'light.latitude_deg',
        'between -90 and 90 degrees',
    ],
    'lens the wrong way round' => [
        ['kit.lens' => ['max_aperture' => 8, 'min_aperture' => 5.6]],
        'kit.lens.min_aperture',
        'larger f-number',
    ],
    'lens that focuses inside itself' => [['kit.lens.nearest_m' => 0.4], 'kit.lens.nearest_m', 'one and a half times'],
    'half a pixel' => [['kit.body.pixels_wide' => 6000.5], 'kit.body.pixels_wide', 'whole number'],
    'nobody nearer than the lens' => [['group' => [['distance_m' => 1.0]]], 'group[0].distance_m', 'between 3.5'],
    'too long a name' => [['name' => str_repeat('x', 121)], 'name', '120 characters'],
]);

it('refuses pins the kit does not have', function (array $hold, string $field): void {
    expect(refusal(static fn () => HoldDocument::read($hold)->fitting(new Kit()))->field)->toBe($field);
})->with([
    'opening' => [['exposure' => ['aperture' => 2.8]], 'exposure.aperture'],
    'too near' => [['focus' => ['start_at_m' => 1.0]], 'focus.start_at_m'],
    'patience' => [['focus' => ['patience_s' => 5]], 'focus.patience_s'],
    'nimbleness' => [['focus' => ['nimble' => 1.5]], 'focus.nimble'],
    'a scale of another product' => [['focus' => ['stay' => 2]], 'focus.stay'],
    'word' => [['focus' => ['area' => 'blob']], 'focus.area'],
    'range backwards' => [['focus' => ['range_m' => [20, 10]]], 'focus.range_m'],
    'off the frame' => [['focus' => ['area_at' => [0.7, 0]]], 'focus.area_at[0]'],
    'unknown' => [['focus' => ['colour' => 'red']], 'focus.colour'],
    'text' => [['aim' => 3], 'aim'],
]);

it('fills in defaults and gives back the same document for its own echo', function (): void {
    $first = RushDocument::read(Rushes::document());
    $again = RushDocument::read(json_decode((string) json_encode($first->fields), true));
    expect($again->fields)
        ->toEqual($first->fields)
        ->and($first->fields['kit']['lens']['focal_mm'])
        ->toBe(500.0)
        ->and($first->fields['subject']['figure'])
        ->toBe('flying-bird')
        ->and($again->rush)
        ->toEqual($first->rush);
});

it('agrees with the published schema on every range', function (): void {
    $schema = json_decode((string) file_get_contents(__DIR__.'/../../formats/rush.schema.json'), true);
    $checked = 0;
    foreach (['subject', 'path', 'scene', 'photographer'] as $part) {
        foreach ($schema['properties'][$part]['properties'] as $name => $rule) {
            if (! isset($rule['minimum']) || in_array("$part.$name", ['path.start_m', 'path.bend_radius_m'], true)) {
                continue;
            }
            foreach (['minimum' => -1, 'maximum' => 1] as $end => $sign) {
                RushDocument::read(Rushes::document(["$part.$name" => $rule[$end]]));
                $beyond = $rule[$end] + $sign * max(1e-6, abs($rule[$end]) * 1e-3);
                expect(
                    refusal(static fn () => RushDocument::read(Rushes::document(["$part.$name" => $beyond])))->field,
                )->toBe("$part.$name");
                $checked++;
            }
        }
    }
    expect($checked)->toBeGreaterThan(40);
});

/**
 * All places in a document, as keys from the top.
 *
 * @param  array<array-key, mixed>  $node
 * @param  list<array-key>  $at
 * @return list<list<array-key>>
 */
function places(array $node, array $at = []): array
{
    $all = [];
    foreach ($node as $key => $value) {
        $here = [...$at, $key];
        $all[] = $here;
        if (is_array($value)) {
            $all = [...$all, ...places($value, $here)];
        }
    }

    return $all;
}

/**
 * @param  array<array-key, mixed>  $document
 * @param  list<array-key>  $place
 * @return array<array-key, mixed>
 */
function put(array $document, array $place, mixed $value): array
{
    $spot = &$document;
    foreach ($place as $key) {
        $spot = &$spot[$key];
    }
    $spot = $value;

    return $document;
}

it('reads or refuses whatever stands in any place, and says which', function (mixed $nonsense): void {
    $whole = RushDocument::read(
        Rushes::document([
            'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 3.0]],
            'path.points' => [['across_m' => 3.0, 'away_m' => 20.0]],
            'group' => [['distance_m' => 30.0, 'across_m' => 1.0]],
            'scene.hazards' => ['nest'],
            'light' => [
                'place' => [
                    'latitude_deg' => 55.0,
                    'longitude_deg' => -9.0,
                    'at' => '2026-06-04T07:00:00+01:00',
                    'shooting_bearing_deg' => 120.0,
                ],
            ],
        ]),
    )->fields;
    $refused = 0;
    foreach (places($whole) as $place) {
        try {
            RushDocument::read(put($whole, $place, $nonsense));
        } catch (Refused $e) {
            $refused++;
            // What is wrong may lie in what it is compared with, but not in another part of the document.
            $part = $place[0] === 'kit' ? (string) ($place[1] ?? 'kit') : (string) $place[0];
            $also = ['subject' => 'path', 'path' => 'path', 'group' => 'group', 'kit' => 'path'][$place[0]] ?? $part;
            expect($e->field)->toMatch("/$part|$also|lens|body/", json_encode($place).' refused as '.$e->field);
        }
    }
    expect($refused)->toBeGreaterThan(count(places($whole)) / 3);
})->with([
    'text' => ['nonsense'],
    'far too much' => [1e15],
    'far too little' => [-1e15],
    'a list' => [[1, 2, 3]],
    'a truth' => [true],
    'something else' => [['unheard' => 'of']],
    'not a number' => [NAN],
    'endless' => [INF],
]);

it('reads its own echo to the same, whatever the rush', function (int $seed): void {
    mt_srand($seed);
    $rush = RushDocument::read(
        Rushes::document([
            'path.bend_radius_m' => mt_rand(5, 40),
            'subject.erratic' => mt_rand(0, 100) / 100,
            'path.speed_changes' => [['at_s' => mt_rand(0, 100) / 100, 'to_mps' => mt_rand(0, 300) / 10]],
            'group' => [['distance_m' => mt_rand(200, 900) / 10]],
        ]),
    );
    $again = RushDocument::read(json_decode((string) json_encode($rush->fields), true));
    expect($again->fields)->toEqual($rush->fields)->and($again->rush)->toEqual($rush->rush);
})->with(range(1, 10));

it('bounds every list and every word', function (): void {
    $body = ['format' => 'rush-hold/body@1'];
    $refused = static function (array $fields, string $field) use ($body): void {
        try {
            BodyDocument::read([...$body, ...$fields]);
        } catch (Refused $refused) {
            expect($refused->field)->toBe($field);

            return;
        }
        throw new RuntimeException("$field was taken");
    };
    $refused(['areas' => ['point' => ['modes' => array_fill(0, 70_000, 'single')]]], 'areas.point.modes');
    $refused(['detects' => ['bird', 'bird']], 'detects');
    $refused(
        [
            'words' => array_fill_keys(array_map(static fn (int $i): string => "preset.p$i", range(1, 201)), [
                'label' => 'x',
            ]),
        ],
        'words',
    );
    $refused(['name' => "two\u{0}lines"], 'name');
    $refused(['name' => "\xff"], 'name');
    $refused(['pixels_wide' => INF], 'pixels_wide');
    $refused(['frames_per_s' => INF], 'frames_per_s');
});

it('refuses moments that are not in the calendar', function (string $at, bool $good): void {
    $read = static fn () => RushDocument::read(
        Rushes::document(['light' => ['place' => ['latitude_deg' => 55, 'longitude_deg' => -2, 'at' => $at]]]),
    );
    $good
        ? expect($read()->rush->light->sun)->not->toBeNull()
        : expect($read)->toThrow(Refused::class, 'light.place.at');
})->with([
    ['2026-06-04T05:30:00+01:00', true],
    ['2026-06-40T05:30:00+01:00', false],
    ['2026-06-04T25:61:00Z', false],
    ["2026-06-04\u{0}", false],
    ['9999-06-04T05:30:00+01:00', false],
    ['', false],
]);
