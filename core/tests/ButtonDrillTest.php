<?php

declare(strict_types=1);

use RushHold\Document\DrillDocument;
use RushHold\Document\Drills\Layout;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\ButtonScore;
use RushHold\Drill\Call;
use RushHold\Drill\ControlTimes;
use RushHold\Drill\Familiar;
use RushHold\Drill\Key;
use RushHold\Drill\MixedUp;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Kit\StoredSet;

/** @return list<Key> shutter, point, detection, pattern, manual */
function fiveKeys(): array
{
    return [
        new Key(ControlPlace::HalfPress, Duty::StartFocus),
        new Key(ControlPlace::Thumb1, Duty::StoredSet, FocusMode::Continuous, Area::Point, Detection::Off),
        new Key(ControlPlace::Thumb2, Duty::StoredSet, FocusMode::Continuous, Area::RingLarge, Detection::Bird),
        new Key(ControlPlace::Front1, Duty::StoredSet, FocusMode::Continuous, Area::Follow),
        new Key(ControlPlace::Barrel, Duty::ToggleManual),
    ];
}

/**
 * Fingers that find each control after a time of its own, and take some for others.
 *
 * @param  array<int, float>  $slow  s beyond reacting, by key
 * @param  array<int, int>  $instead  what is pressed for a key
 * @return list<array{float, float, float}>
 */
function fingers(ButtonCourse $course, float $reaction, array $slow = [], array $instead = []): array
{
    $trace = [];
    foreach ($course->calls as [$at, $key]) {
        $down = $at + $reaction + ($key === null ? 0.0 : $slow[$key] ?? 0.2);
        $trace[] = [$down, (float) ($key === null ? 0 : $instead[$key] ?? $key), 1.0];
        $trace[] = [$down + 0.3, $trace[count($trace) - 1][1], 0.0];
    }

    return $trace;
}

it('calls what only one control answers, and nothing that no control does', function (): void {
    $keys = fiveKeys();
    $by = Call::among($keys);
    expect(array_map(static fn (Call $c): string => $c->value, $by))->toBe(['off', 'leaves', 'face', 'leader', 'hunts']);
    // A second one that does the same is asked by what only its being a set tells, a third not at all.
    $twice = Call::among([
        ...$keys,
        new Key(ControlPlace::Thumb3, Duty::StoredSet, FocusMode::Continuous, Area::Speck, Detection::Off),
        new Key(ControlPlace::Front2, Duty::StoredSet, FocusMode::Continuous, Area::Speck, Detection::Off),
    ]);
    expect($twice)->toHaveCount(6)->and($twice[5])->toBe(Call::Crosses)->and($twice)->not->toHaveKey(6);
    $course = ButtonCourse::of($keys, 4);
    expect(array_unique(array_column($course->calls, 1)))->toHaveCount(6)->and($course->seconds)->toBeLessThan(90.0);
    foreach ($course->calls as $i => [$at, $key]) {
        expect($i === 0 || $at - $course->calls[$i - 1][0] > 2.0)
            ->toBeTrue()
            ->and($i < ButtonCourse::ANY)
            ->toBe($key === null);
    }
});

it('takes the layout of a body as it is set up', function (): void {
    $may = [Duty::StartFocus, Duty::StoredSet, Duty::LockExposure, Duty::ToggleManual, Duty::RecallArea];
    $places = [ControlPlace::HalfPress, ControlPlace::Thumb1, ControlPlace::Thumb2, ControlPlace::Stick];
    $body = new Body(
        controls: array_map(static fn (ControlPlace $p): Control => new Control($p, $may), $places),
        storedSets: [new StoredSet(ControlPlace::Thumb2, FocusMode::Continuous, Area::Point)],
    );
    $keys = Key::of($body);
    expect(array_map(static fn (Key $k): string => $k->place->value.' '.$k->duty->value, $keys))
        ->toBe(['half-press start-focus', 'thumb-1 toggle-manual', 'thumb-2 stored-set'])
        ->and($keys[2]->area)
        ->toBe(Area::Point);
});

it('measures what finding a control costs beyond reacting, and what it is taken for', function (): void {
    $course = ButtonCourse::of(fiveKeys(), 9);
    $score = ButtonScore::of($course, fingers($course, 0.35, [1 => 0.4, 4 => 0.9], [2 => 3]));
    $by = $score->byKey();
    expect($score->reactionS())
        ->toEqualWithDelta(0.35, 1e-6)
        ->and($by[1]['right'])
        ->toBe($by[1]['asked'])
        ->and(max($by[1]['times']))
        ->toEqualWithDelta(0.75, 1e-6)
        ->and($by[2]['right'])
        ->toBe(0)
        ->and($by[2]['pressed'])
        ->toBe([3 => $by[2]['asked']])
        ->and($score->right())
        ->toEqualWithDelta(1 - $by[2]['asked'] / 20, 1e-9);
    // So many right ones are needed before a time is believed.
    $times = ControlTimes::of(array_fill(0, 6, $score));
    expect($times->times()->untilHeld(ControlPlace::Thumb1))
        ->toEqualWithDelta(0.4, 1e-3)
        ->and($times->times()->untilHeld(ControlPlace::Barrel))
        ->toEqualWithDelta(0.9, 1e-3)
        ->and($times->trials(ControlPlace::Thumb2))
        ->toBe(0)
        ->and($times->trials(ControlPlace::Thumb1))
        ->toBeGreaterThanOrEqual(ControlTimes::FEWEST)
        ->and(ControlTimes::of([$score])->trials(ControlPlace::Barrel))
        ->toBe(0);
});

it('does not count a press that is let go at once, nor one after the next call', function (): void {
    $course = ButtonCourse::played(fiveKeys(), [[1.0, 1], [4.0, 2]]);
    $tap = ButtonScore::of($course, [[1.5, 1.0, 1.0], [1.55, 1.0, 0.0], [2.0, 1.0, 1.0], [2.4, 1.0, 0.0]]);
    expect($tap->times)
        ->toBe([1.0, null])
        ->and($tap->byKey()[2]['missed'])
        ->toBe(1);
    // Held over the end it counts as well.
    expect(ButtonScore::of($course, [[4.6, 2.0, 1.0]])->right())->toBe(0.5);
});

it('asks the slow and the confused ones more often', function (): void {
    $counts = array_fill(0, 5, 0);
    foreach (range(1, 40) as $seed) {
        $course = ButtonCourse::of(fiveKeys(), $seed, [
            new Familiar(20, 0.0, 0.5),
            new Familiar(20, 0.5, 0.9),
            new Familiar(20, 0.0, 0.5),
            new Familiar(20, 0.0, 2.0),
            new Familiar(20, 0.0, 0.5, 30),
        ]);
        foreach ($course->calls as [, $key]) {
            $key === null || $counts[$key]++;
        }
    }
    expect($counts[1])
        ->toBeGreaterThan(2 * $counts[0])
        ->and($counts[3])
        ->toBeGreaterThan(2 * $counts[0])
        ->and($counts[4])
        ->toBeGreaterThan(1.15 * $counts[0])
        ->and(min($counts))
        ->toBeGreaterThanOrEqual(40);
});

it('names two controls that are mixed up again and again, and where one would be found', function (): void {
    $may = [Duty::StartFocus, Duty::StoredSet, Duty::ToggleManual];
    $body = new Body(
        controls: array_map(static fn (ControlPlace $p): Control => new Control($p, $may), [
            ControlPlace::HalfPress,
            ControlPlace::Thumb1,
            ControlPlace::Thumb2,
            ControlPlace::Front1,
            ControlPlace::Front2,
            ControlPlace::Barrel,
            ControlPlace::Touch,
        ]),
    );
    $played = static fn (int $seed, array $instead): ButtonScore => ButtonScore::of(
        $course = ButtonCourse::of(fiveKeys(), $seed),
        fingers($course, 0.3, [], $instead),
    );
    $mixed = MixedUp::among([$played(1, [1 => 2]), $played(2, [2 => 1]), $played(3, [])], $body);
    expect([$mixed?->one, $mixed?->other])
        ->toBe([ControlPlace::Thumb1, ControlPlace::Thumb2])
        ->and($mixed?->better)
        ->toBe(ControlPlace::Front2)
        ->and($mixed?->free)
        ->toBeTrue()
        ->and(MixedUp::among([$played(1, []), $played(2, [])], $body))
        ->toBeNull();
    // With nothing free it changes places with one that is not mixed up with either.
    $full = new Body(
        controls: array_values(
            array_filter($body->controls, static fn (Control $c): bool => $c->place !== ControlPlace::Front2),
        ),
    );
    $swap = MixedUp::among([$played(1, [1 => 2]), $played(2, [2 => 1])], $full);
    expect($swap?->better)->toBe(ControlPlace::Front1)->and($swap?->free)->toBeFalse();
});

it('scores the same trace the same from its document, calls included', function (): void {
    $document = ['drill' => 'buttons', 'seed' => 5, 'layout' => Layout::write(fiveKeys())];
    $course = DrillDocument::course(DrillDocument::read($document, [1 => new Familiar(9, 0.9, 2.0)]));
    $turn = DrillDocument::read([
        ...$document,
        'calls' => $course['calls'],
        'trace' => fingers(ButtonCourse::played(fiveKeys(), $course['calls']), 0.3),
    ]);
    expect(DrillDocument::course($turn)['calls'])
        ->toBe($course['calls'])
        ->and(DrillDocument::score($turn)['right'])
        ->toEqual(1.0)
        ->and(json_encode(DrillDocument::score($turn)))
        ->toBe(json_encode(DrillDocument::score($turn)));
});

it('refuses what cannot be meant', function (array $changes, string $field): void {
    expect(
        refusal(
            static fn () => DrillDocument::score(
                DrillDocument::read([
                    ...['drill' => 'buttons', 'layout' => Layout::write(fiveKeys())],
                    ...$changes,
                ]),
            ),
        )->field,
    )->toBe($field);
})->with([
    'no drill' => [['drill' => 'juggling'], 'drill'],
    'one control' => [['layout' => [['place' => 'thumb-1', 'duty' => 'start-focus']]], 'layout'],
    'the same control twice' => [
        ['layout' => [['place' => 'thumb-1', 'duty' => 'start-focus'], ['place' => 'thumb-1', 'duty' => 'magnify']]],
        'layout',
    ],
    'a call for no control' => [['calls' => [[1, 7]]], 'calls[0]'],
    'calls out of order' => [['calls' => [[2, 1], [1, 1]]], 'calls[1]'],
    'no such control' => [['trace' => [[1, 9, 1]]], 'trace[0][1]'],
    'half a control' => [['trace' => [[1, 0.5, 1]]], 'trace[0][1]'],
    'backwards' => [['trace' => [[2, 1, 1], [1, 1, 0]]], 'trace[1][0]'],
    'short samples' => [['trace' => [[2, 1]]], 'trace[0]'],
    'seed' => [['seed' => -1], 'seed'],
    'a stray field' => [['level' => 3], 'level'],
]);

it('takes a press that comes too soon to be an answer for none', function (): void {
    $course = ButtonCourse::of(fiveKeys(), 9);
    [$at, $key] = $course->calls[ButtonCourse::ANY];
    $pressed = static fn (float $after): ?int => ButtonScore::of($course, [
        [$at + $after, (float) $key, 1.0],
        [$at + $after + 0.3, (float) $key, 0.0],
    ])->pressed[ButtonCourse::ANY];
    expect($pressed(0.09))->toBeNull()->and($pressed(0.11))->toBe($key);
    // Held too shortly it is no answer either.
    $brief = ButtonScore::of($course, [
        [$at + 0.5, (float) $key, 1.0],
        [$at + 0.5 + ButtonScore::HELD_S - 0.01, (float) $key, 0.0],
    ]);
    expect($brief->pressed[ButtonCourse::ANY])->toBeNull();
});
