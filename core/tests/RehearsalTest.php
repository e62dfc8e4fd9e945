<?php

declare(strict_types=1);

use RushHold\Document\DrillDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\Key;
use RushHold\Drill\RehearsalCourse;
use RushHold\Drill\RehearsalScore;
use RushHold\Drill\Rehearsed;
use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;
use RushHold\Refused;
use RushHold\Rush\Figure;

/** @return list<Key> shutter, first thumb button, second */
function threeKeys(): array
{
    return [new Key(ControlPlace::HalfPress, Duty::StartFocus), new Key(ControlPlace::Thumb1, Duty::StoredSet), new Key(ControlPlace::Thumb2, Duty::StoredSet)];
}

/** @param  list<array{Setting, float}>  $left */
function rehearsed(string $name, ?ControlPlace $by, float $warning, array $left = [], float $pass = 2.0): Rehearsed
{
    return new Rehearsed($name, $by, $left, $warning, $pass, Figure::Plain, [0.2, 0.3], 0.5, [5.0, 1.0], 3.0);
}

/**
 * A hand that holds one control at each coming of a rush.
 *
 * @param  array<int, array{int, float}|null>  $does  by rush: the control, and s after seeing it; null: nothing
 * @return list<array{float, float, float}>
 */
function rehearsing(RehearsalCourse $course, array $does): array
{
    $trace = [];
    foreach ($course->comings as $coming) {
        if ($does[$coming['entry']] !== null) {
            [$key, $after] = $does[$coming['entry']];
            array_push($trace, [$coming['from'] + $after, (float) $key, 1.0], [$coming['from'] + $after + 0.3, (float) $key, 0.0]);
        }
    }

    return $trace;
}

it('lets every rush come as often, with its own warning, and never twice running', function (): void {
    $course = RehearsalCourse::of(threeKeys(), [rehearsed('gull', null, 0.5), rehearsed('hare', ControlPlace::Thumb1, 2.0), rehearsed('puffin', ControlPlace::Thumb2, 60.0)], 4);
    $order = array_column($course->comings, 'entry');
    expect(array_count_values($order))->toEqualCanonicalizing([0 => 3, 1 => 3, 2 => 3])
        ->and(array_filter(array_keys($order), static fn (int $i): bool => $i > 0 && $order[$i] === $order[$i - 1]))->toBe([]);
    foreach ($course->comings as ['entry' => $entry, 'from' => $from, 'due' => $due]) {
        // A minute of warning is cut: nobody waits for it at a desk.
        expect($due - $from)->toEqualWithDelta([0.5, 2.0, 8.0][$entry], 0.002);
    }
    expect(array_column(RehearsalCourse::of(threeKeys(), $course->rushes, 5)->comings, 'entry'))->not->toBe($order);
});

it('counts what is left to change after the press, and says what would mend it', function (array $does, float $warning, array $left, array $expected): void {
    $course = RehearsalCourse::of(threeKeys(), [rehearsed('hare', ControlPlace::Thumb1, $warning, $left), rehearsed('gull', null, 9.0)], 1);
    $score = RehearsalScore::of($course, rehearsing($course, [0 => $does, 1 => [0, 0.4]]));
    $hare = $score->byRush()[0];
    expect($hare['mend']->value)->toBe($expected['mend'])->and($hare['late_s'])->toEqualWithDelta($expected['late'], 0.01)
        ->and($hare['right'])->toBe($expected['right'])->and($hare['setting'])->toBe($expected['setting'] ?? null)->and($hare['instead'])->toBe($expected['instead'] ?? null)
        ->and($score->byRush()[1]['in_time'])->toBe($score->byRush()[1]['asked']);
})->with([
    'in time' => [[1, 0.5], 2.0, [[Setting::Shutter, 0.9]], ['mend' => 'nothing', 'late' => 0.0, 'right' => 4]],
    'a set that lacks something' => [[1, 0.5], 1.0, [[Setting::Area, 3.0], [Setting::Shutter, 0.3]], ['mend' => 'into-the-set', 'late' => 2.0, 'right' => 4, 'setting' => Setting::Area]],
    'dials' => [[1, 0.5], 1.0, [[Setting::Shutter, 1.2]], ['mend' => 'before-it', 'late' => 0.7, 'right' => 4, 'setting' => Setting::Shutter]],
    'too slow a hand' => [[1, 1.9], 1.0, [], ['mend' => 'practise', 'late' => 0.9, 'right' => 4]],
    'out of nothing' => [[1, 0.6], 0.0, [], ['mend' => 'held-before', 'late' => 0.6, 'right' => 4]],
    'the other button' => [[2, 0.5], 2.0, [], ['mend' => 'confused', 'late' => 2.0, 'right' => 0, 'instead' => ControlPlace::Thumb2]],
]);

it('counts the first control that was held, and forgives none', function (): void {
    $course = RehearsalCourse::of(threeKeys(), [rehearsed('hare', ControlPlace::Thumb1, 3.0)], 1);
    $trace = [];
    foreach ($course->comings as ['from' => $from]) {
        // A brush of a finger is no press; the wrong one held first is.
        array_push($trace, [$from + 0.2, 0.0, 1.0], [$from + 0.25, 0.0, 0.0], [$from + 0.4, 2.0, 1.0], [$from + 0.7, 2.0, 0.0], [$from + 0.9, 1.0, 1.0], [$from + 1.2, 1.0, 0.0]);
    }
    $score = RehearsalScore::of($course, $trace);
    expect($score->right())->toBe(0.0)->and($score->inTime())->toBe(1.0)->and($score->medianS())->toEqualWithDelta(0.9, 1e-6)
        ->and($score->byRush()[0]['pressed'])->toBe([2 => 8]);
});

it('reads and writes a rehearsal alike, and refuses what its layout cannot answer', function (): void {
    $document = DrillDocument::ofDay(threeKeys(), [rehearsed('hare', ControlPlace::Thumb1, 1.5, [[Setting::Shutter, 0.6]]), rehearsed('gull', null, 3.0)]);
    $turn = DrillDocument::read([...$document, 'seed' => 7]);
    expect($turn->exercise)->toBe(Exercise::Rehearsal)->and($turn->course)->toBeInstanceOf(RehearsalCourse::class)
        ->and(DrillDocument::ofDay(threeKeys(), $turn->course->rushes ?? []))->toBe($document)
        ->and(DrillDocument::course($turn)['answers'])->toBe([1, 0])
        ->and(DrillDocument::course($turn))->toBe(DrillDocument::course(DrillDocument::read(json_decode((string) json_encode([...$document, 'seed' => 7]), true))));
    expect(static fn () => DrillDocument::read([...$document, 'layout' => [['place' => 'thumb-2', 'duty' => 'stored-set']]]))->toThrow(Refused::class, 'rushes[0].by')
        ->and(static fn () => DrillDocument::read([...$document, 'rushes' => []]))->toThrow(Refused::class, 'rushes');
});

it('counts a control that is held before the rush is seen, and not one that is still held from another', function (): void {
    $course = RehearsalCourse::of(threeKeys(), [rehearsed('hare', ControlPlace::Thumb1, 0.0), rehearsed('gull', ControlPlace::Thumb2, 9.0)], 1);
    $trace = [];
    foreach ($course->comings as ['entry' => $entry, 'from' => $from]) {
        // The hare's control is held from before; for the gull one presses its own a second after it is seen.
        $entry === 0 ? array_push($trace, [$from - 0.5, 1.0, 1.0], [$from + 0.5, 1.0, 0.0]) : array_push($trace, [$from - 0.4, 1.0, 1.0], [$from + 0.4, 1.0, 0.0], [$from + 1.0, 2.0, 1.0], [$from + 1.3, 2.0, 0.0]);
    }
    [$hare, $gull] = RehearsalScore::of($course, $trace)->byRush();
    expect([$hare['right'], $hare['in_time'], $hare['held_s'], $hare['mend']->value])->toBe([4, 4, 0.0, 'nothing'])
        ->and([$gull['right'], $gull['in_time']])->toBe([4, 4])->and($gull['held_s'])->toEqualWithDelta(1.0, 1e-6);
});
