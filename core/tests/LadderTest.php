<?php

declare(strict_types=1);

use RushHold\Drill\Calendar;
use RushHold\Drill\DayOfPractice;
use RushHold\Drill\Exercise;
use RushHold\Drill\Habit;
use RushHold\Drill\Ladder;
use RushHold\Drill\Rung;
use RushHold\Tests\Learner;

/** @return list<DayOfPractice> one a day, from the first of a month on */
function sessions(Exercise $exercise, array $reached, string $month = '2026-11', int $from = 1): array
{
    return array_map(
        static fn (float $r, int $i): DayOfPractice => new DayOfPractice(
            $exercise,
            sprintf('%s-%02d', $month, $from + $i),
            $r,
            1.0,
        ),
        $reached,
        array_keys($reached),
    );
}

it('passes a rung by three sessions running on three days', function (array $reached, bool $passed): void {
    expect(Ladder::of(sessions(Exercise::Buttons, $reached))->isPassed(Rung::Touch))->toBe($passed);
})->with([
    'three on the mark' => [[0.9, 0.9, 0.9], true],
    'two' => [[1.0, 1.0], false],
    'one a little below' => [[0.95, 0.8, 0.95], true],
    'one far below' => [[1.0, 0.6, 1.0], false],
    'three after that' => [[1.0, 0.6, 1.0, 0.9, 0.9], true],
    'always short' => [[0.8, 0.85, 0.85, 0.85, 0.85], false],
]);

it('counts a day once, and slow fingers less', function (): void {
    $day = [
        new DayOfPractice(Exercise::Buttons, '2026-11-01', 1.0, 1.0),
        new DayOfPractice(Exercise::Buttons, '2026-11-01', 1.0, 1.0),
        new DayOfPractice(Exercise::Buttons, '2026-11-01', 1.0, 1.0),
    ];
    expect(Ladder::of($day)->isPassed(Rung::Touch))
        ->toBeFalse()
        ->and(Ladder::of($day)->inARow(Rung::Touch))
        ->toBe(1);
    $slow = array_map(
        static fn (int $d): DayOfPractice => new DayOfPractice(Exercise::Buttons, "2026-11-0$d", 1.0, 2.6),
        [1, 2, 3],
    );
    expect(Ladder::of($slow)->isPassed(Rung::Touch))
        ->toBeFalse()
        ->and($slow[0]->against(Rung::Touch))
        ->toEqualWithDelta(0.556, 0.001);
});

it('goes back a rung that was lost, and says when one is too hard', function (): void {
    $touch = sessions(Exercise::Buttons, [0.95, 0.95, 0.95]);
    $still = sessions(Exercise::Still, [0.9, 0.9, 0.9], from: 5);
    expect(Ladder::of([...$still, ...$touch])->rung)->toBe(Rung::Swimmer);
    // One poor refresher is a bad day, two are a rung lost.
    expect(Ladder::of([...$touch, ...$still, ...sessions(Exercise::Still, [0.3], from: 20)])->rung)
        ->toBe(Rung::Swimmer)
        ->and(Ladder::of([...$touch, ...$still, ...sessions(Exercise::Still, [0.3, 0.4], from: 20)])->rung)
        ->toBe(Rung::Still);
    $hard = Ladder::of([...$touch, ...$still, ...sessions(Exercise::Swimmer, [0.1, 0.2, 0.1], from: 10)]);
    expect($hard->tooHard)
        ->toBeTrue()
        ->and(
            array_map(
                static fn (array $t): string => $t['exercise']->value,
                Calendar::of($hard, new Habit([1, 2, 3, 4, 5, 6, 7]), '2026-11-13', 1)[0]['turns'],
            ),
        )
        ->toContain('still', 'swimmer');
});

it('holds nobody up for ever', function (): void {
    $held = Ladder::of(sessions(Exercise::Buttons, array_fill(0, Ladder::HELD_UP, 0.7)));
    expect($held->rung)
        ->toBe(Rung::Touch)
        ->and($held->heldUp)
        ->toBeTrue()
        ->and($held->isOpen(Rung::Still))
        ->toBeTrue()
        ->and($held->isOpen(Rung::Swimmer))
        ->toBeFalse()
        ->and(Ladder::of(sessions(Exercise::Buttons, array_fill(0, Ladder::HELD_UP - 1, 0.7)))->isOpen(Rung::Still))
        ->toBeFalse();
});

it('plans short sessions on the days that are wanted, and none on days off', function (): void {
    $ladder = Ladder::of(sessions(Exercise::Buttons, [0.95, 0.95, 0.95]));
    $habit = new Habit([2, 4, 6], 5, '18:30', [['from' => '2026-11-10', 'to' => '2026-11-14']]);
    $sessions = Calendar::of($ladder, $habit, '2026-11-05', 35);
    foreach ($sessions as $session) {
        expect((int) (new DateTimeImmutable($session['day']))->format('N'))
            ->toBeIn([2, 4, 6])
            ->and($session['minutes'])
            ->toBeLessThanOrEqual(5)
            ->and($session['day'] < '2026-11-10' || $session['day'] > '2026-11-14')
            ->toBeTrue();
    }
    expect($sessions)->toHaveCount(12);
    // Buttons come back at distances that grow; the new rung each time.
    $refreshed = array_values(
        array_filter(
            $sessions,
            static fn (array $s): bool => in_array(Exercise::Buttons, array_column($s['turns'], 'exercise'), true),
        ),
    );
    $gaps = array_map(
        static fn (array $one, array $next): int => (int) (new DateTimeImmutable($one['day']))->diff(
            new DateTimeImmutable($next['day']),
        )->days,
        array_slice($refreshed, 0, -1),
        array_slice($refreshed, 1),
    );
    expect($gaps)
        ->not->toBe([])
        ->and($gaps[count($gaps) - 1])
        ->toBeGreaterThan(6)
        ->and($refreshed)
        ->toHaveCount(3)
        ->and(
            array_filter(
                $sessions,
                static fn (array $s): bool => in_array(Exercise::Still, array_column($s['turns'], 'exercise'), true),
            ),
        )
        ->toHaveCount(12);
    // A task for the field once in a week.
    expect(count(array_filter($sessions, static fn (array $s): bool => $s['field'] !== null)))->toBe(5);
});

it('only refreshes at the top', function (): void {
    $all = [];
    foreach (Rung::cases() as $i => $rung) {
        $all = [...$all, ...sessions($rung->exercise(), [1.0, 1.0, 1.0], '2026-10', 1 + 4 * $i)];
    }
    $ladder = Ladder::of($all);
    expect($ladder->isAtTop())->toBeTrue();
    foreach (Calendar::of($ladder, new Habit(), '2026-11-01', 60) as $session) {
        expect(array_unique(array_column($session['turns'], 'refresher')))->toBe([true]);
    }
});

it('refuses habits that leave no day or are none', function (Closure $habit, string $field): void {
    expect(refusal($habit)->field)->toBe($field);
})->with([
    'no day' => [static fn () => new Habit([]), 'weekdays'],
    'an eighth' => [static fn () => new Habit([8]), 'weekdays[0]'],
    'a day twice' => [static fn () => new Habit([1, 1]), 'weekdays'],
    'no time' => [static fn () => new Habit(at: '25:00'), 'at'],
    'an hour and more' => [static fn () => new Habit(minutes: 90), 'minutes'],
    'backwards' => [static fn () => new Habit(off: [['from' => '2026-11-10', 'to' => '2026-11-01']]), 'off[0]'],
    'no date' => [static fn () => new Habit(off: [['from' => '2026-02-30', 'to' => '2026-03-01']]), 'off[0]'],
]);

it('is climbed in months by those who learn, and nobody is left standing', function (
    float $skill,
    float $rate,
    int $least,
    int $most,
): void {
    foreach ([1, 2] as $seed) {
        $climbed = (new Learner($skill, $rate, 0.004, $seed))->climb(40);
        expect($climbed['weeks'])
            ->toHaveCount(5)
            ->and($climbed['weeks']['wild'])
            ->toBeGreaterThanOrEqual($least)
            ->toBeLessThanOrEqual($most);
        // One after the other.
        $weeks = array_values(array_map(static fn (Rung $r): int => $climbed['weeks'][$r->value], Rung::cases()));
        expect($weeks[0])->toBeLessThanOrEqual($weeks[4]);
    }
})
    ->group('long')
    ->with(['quick' => [0.4, 0.12, 3, 12], 'usual' => [0.25, 0.06, 6, 20], 'slow' => [0.1, 0.03, 9, 38]]);

it('keeps opening the next rung to somebody who hardly learns', function (): void {
    $climbed = (new Learner(0.1, 0.004, 0.004, 5))->climb(20);
    expect($climbed['heldUp'])->toBeGreaterThan(0)->and($climbed['weeks'])->not->toHaveKey('wild');
});
