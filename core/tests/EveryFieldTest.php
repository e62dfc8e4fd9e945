<?php

declare(strict_types=1);

/* Every field that a rush, body, lens or person is described by moves something, somewhere: else it would only be typed in. */

use RushHold\Document\HoldDocument;
use RushHold\Document\PlanDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Planning\Chooser;
use RushHold\Refused;
use RushHold\Tests\Rushes;

/**
 * Names for people, and what is only carried along: the height in pixels is drawn with, presets and whether responses
 * are free say
 * what can be chosen at all, and which way outer points lie only how to turn the camera.
 */
const NO_FIGURES = '/(^|\.)(format|name|figure|hazards|ranges|words|controls|area_moves|offers|stored_sets|extenders|manual_switch|ring|body_id|lens_id|presets|patience_steps|nimble_steps|detects|modes|repeats|pixels_high|free_response|outer)(\.|$)/';

/** Rushes in which different things matter. */
const GROUNDS = [
    [],
    [
        'scene.front_clutter' => 0.5,
        'scene.obstacles_per_s' => 0.5,
        'scene.background_alike' => 0.6,
        'scene.background_texture' => 0.8,
        'scene.wind' => 0.5,
        'path.start_m' => 15.0,
    ],
    ['subject.speed_mps' => 0.0, 'subject.limb_speed_mps' => 0.2, 'scene.wind' => 0.6, 'light.ev100' => 5.0],
    [
        'light' => [
            'place' => ['latitude_deg' => 50.0, 'longitude_deg' => 0.0, 'at' => '2026-07-10T22:00:00+00:00'],
            'lamps' => 'hall',
        ],
    ],
    [
        'path.notice_s' => 0.0,
        'photographer.aim' => 0.2,
        'photographer.panning' => 0.2,
        'subject.limb_speed_mps' => 12.0,
        'subject.kind' => 'animal',
        'subject.depth_m' => 1.2,
        'path.start_m' => 12.0,
        'kit.body.readout_s' => 0.03,
        'photographer.freeze' => 'limbs',
        'light.ev100' => 7.0,
    ],
    [
        'light' => [
            'place' => [
                'latitude_deg' => 50.0,
                'longitude_deg' => 0.0,
                'at' => '2026-07-10T07:00:00+00:00',
                'shooting_bearing_deg' => 20.0,
            ],
        ],
        'path.start_m' => 300.0,
        'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 3.0, 'over_s' => 0.5]],
        'group' => [['distance_m' => 301.0, 'across_m' => 1.0]],
        'kit.body.points' => ['width' => 0.6, 'height' => 0.5],
        'kit.lens.focal_mm' => 600.0,
    ],
];

/**
 * Everything that is worked out of a rush, as one text.
 *
 * @param  array<string, mixed>  $changes
 */
function workedOut(array $changes): string
{
    $plan = Chooser::standard()->choose(Rushes::with($changes));
    $document = PlanDocument::write($plan);
    // What was asked is not what was found.
    unset($document['rush']);
    $found = [json_encode($document, JSON_PARTIAL_OUTPUT_ON_ERROR), json_encode(HoldDocument::write($plan->hold))];
    $shapes = $plan->situation->kit->body->areas;
    foreach ([Area::Point, Area::Block] as $area) {
        $hold = $plan->hold->with(
            technique: Technique::Auto,
            area: $area,
            detect: $shapes[$area->value]->detects ? $plan->situation->subject->kind : Detection::Off,
            eye: $shapes[$area->value]->seesEyes,
            shutterS: 1 / 1000,
            aperture: 5.6,
        );
        $outcome = (new Simulator($plan->situation))->run($hold, 60, 5);
        $found[] = json_encode([$outcome->keeperRate, $outcome->firstKeeperS, $outcome->losses]);
    }
    $hand = $plan->hold->with(technique: Technique::Follow);
    $found[] = json_encode((new Simulator($plan->situation))->run($hand, 40, 5)->losses);

    return implode("\n", $found);
}

/**
 * Figures, yes and no, and words of a document by their paths.
 *
 * @return array<string, float|int|bool|string>
 */
function leaves(mixed $value, string $path = ''): array
{
    if (! is_array($value)) {
        return is_scalar($value) ? [$path => $value] : [];
    }
    $leaves = [];
    foreach ($value as $name => $part) {
        $leaves += leaves($part, $path === '' ? (string) $name : "$path.$name");
    }

    return $leaves;
}

/** @return array<string, array{string}> every field by its path, of each ground */
function fields(): array
{
    $fields = [];
    foreach (GROUNDS as $ground) {
        foreach (leaves(RushDocument::read(Rushes::document($ground))->fields) as $path => $value) {
            if (preg_match(NO_FIGURES, $path) !== 1 && ! str_starts_with($path, 'kit.body.areas.')) {
                $fields[$path] = [$path];
            }
        }
    }
    // Of areas those that are played.
    foreach (['point', 'block'] as $area) {
        foreach (['width', 'height', 'detects', ...$area === 'block' ? ['sees_eyes'] : []] as $name) {
            $fields["kit.body.areas.$area.$name"] = ["kit.body.areas.$area.$name"];
        }
    }

    return $fields;
}

/** @return list<mixed> other values it might have */
function others(string $path, mixed $value): array
{
    return match (true) {
        is_bool($value) => [! $value],
        is_string($value) => match (substr((string) strrchr(".$path", '.'), 1)) {
            'final_use' => ['classical', 'large-print', 'print', 'screen'],
            'kind' => ['person', 'off'],
            'support' => ['tripod', 'monopod'],
            'surface' => ['sand', 'water'],
            'sky' => ['overcast'],
            'lamps' => ['stage'],
            'freeze' => ['limbs', 'body'],
            'openness' => ['wide-open', 'one-stop-down'],
            'at' => ['2026-07-10T11:30:00+00:00'],
            default => [],
        },
        default => [3 * $value, $value / 3, $value + 1, $value + 0.3, -$value, $value + 40, 1e-4, $value / 40],
    };
}

it('moves something', function (string $path): void {
    $moved = false;
    foreach (GROUNDS as $ground) {
        $document = RushDocument::read(Rushes::document($ground))->fields;
        $value = leaves($document)[$path] ?? null;
        if ($value === null || $moved) {
            continue;
        }
        $plain = workedOut($ground);
        $at = explode('.', $path);
        foreach (others($path, $value) as $other) {
            // Lists are changed as a whole.
            $list = match (true) {
                $at[0] === 'group' => 1,
                str_starts_with($path, 'path.speed_changes') => 2,
                str_starts_with($path, 'kit.body.areas') => 3,
                default => null,
            };
            $changes = $ground;
            if ($list === null && $at[0] !== 'light') {
                $changes[$path] = is_int($value) ? (int) $other : $other;
            } else {
                $whole = implode('.', array_slice($at, 0, $list ?? 1));
                $inside = $document;
                foreach (explode('.', $whole) as $name) {
                    $inside = $inside[$name];
                }
                $spot = &$inside;
                foreach (array_slice($at, $list ?? 1) as $name) {
                    $spot = &$spot[$name];
                }
                $spot = $other;
                unset($spot);
                $changes = array_filter(
                    $ground,
                    static fn (string $key): bool => ! str_starts_with($key, $whole),
                    ARRAY_FILTER_USE_KEY,
                ) + [$whole => $inside];
            }
            try {
                $moved = $moved || workedOut($changes) !== $plain;
            } catch (Refused) {
                // Out of its range, or not with the rest.
            }
            if ($moved) {
                break;
            }
        }
    }
    expect($moved)->toBeTrue();
})->with(fields());
