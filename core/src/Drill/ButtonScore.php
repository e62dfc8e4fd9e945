<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Range;
use RushHold\Refused;

/** What the fingers did on a course of calls. */
final readonly class ButtonScore
{
    /** A press counts when it is held so long, s. */
    public const HELD_S = 0.15;

    /** Nobody answers sooner: such a press was meant for the call before, s. */
    private const SOONEST_S = 0.1;

    private const MOST_EVENTS = 2000;

    /**
     * @param  list<int|null>  $pressed  the control that was pressed at each call; null: none
     * @param  list<float|null>  $times  s until it was, at each call
     */
    private function __construct(public ButtonCourse $course, public array $pressed, public array $times)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $trace  s from the start, number of the control, 1 pressed or 0 let go
     *
     * @throws Refused if it is out of order, or names what is not there
     */
    public static function of(ButtonCourse $course, array $trace): self
    {
        $presses = self::presses($course->seconds, count($course->keys), $trace);
        $pressed = $times = [];
        foreach ($course->calls as $i => [$at]) {
            $until = $course->calls[$i + 1][0] ?? $course->seconds;
            $which = $when = null;
            foreach ($presses as [$down, $up, $key]) {
                if ($down >= $at + self::SOONEST_S && $down < $until && $up - $down >= self::HELD_S) {
                    [$which, $when] = [$key, $down - $at];
                    break;
                }
            }
            $pressed[] = $which;
            $times[] = $when;
        }

        return new self($course, $pressed, $times);
    }

    /** How long the hand takes when any control will do, s; null where it was not measured. */
    public function reactionS(): ?float
    {
        $times = [];
        foreach ($this->course->calls as $i => [, $key]) {
            $key === null && $this->times[$i] !== null && ($times[] = $this->times[$i]);
        }

        return Median::of($times);
    }

    /**
     * @return array<int, array{asked: int, right: int, times: list<float>, pressed: array<int, int>, missed: int}> by
     *   the number of
     *     the control: how often it was asked and answered, the times of right answers, and what was pressed
     */
    public function byKey(): array
    {
        $found = [];
        foreach (array_keys($this->course->by) as $key) {
            $asked = array_keys(array_filter($this->course->calls, static fn (array $call): bool => $call[1] === $key));
            $pressed = array_map(fn (int $i): ?int => $this->pressed[$i], $asked);
            $right = array_values(array_filter($asked, fn (int $i): bool => $this->pressed[$i] === $key));
            $found[$key] = [
                'asked' => count($asked),
                'right' => count($right),
                'times' => array_map(fn (int $i): float => (float) $this->times[$i], $right),
                'pressed' => array_count_values(array_filter($pressed, is_int(...))),
                'missed' => count(array_filter($pressed, is_null(...))),
            ];
        }

        return $found;
    }

    /** Share that was right at the first press, 0 to 1. */
    public function right(): float
    {
        $all = $this->byKey();
        $asked = array_sum(array_column($all, 'asked'));

        return $asked === 0 ? 0.0 : array_sum(array_column($all, 'right')) / $asked;
    }

    /** Until the right control was pressed, s; null where none was. */
    public function medianS(): ?float
    {
        return Median::of(array_merge(...array_column($this->byKey(), 'times')));
    }

    /**
     * Each press of a course so long that has so many controls, in order of time.
     *
     * @param  list<array{float, float, float}>  $trace  s from the start, number of the control, 1 pressed or 0 let go
     * @return list<array{float, float, int}> pressed, let go, number of the control
     *
     * @throws Refused if it is out of order, or names what is not there
     */
    public static function presses(float $seconds, int $keys, array $trace): array
    {
        if (count($trace) > self::MOST_EVENTS) {
            throw Refused::because('trace', 'drill-trace-many', most: self::MOST_EVENTS);
        }
        $open = $presses = [];
        $before = 0.0;
        foreach ($trace as $i => [$t, $key, $down]) {
            Range::of(0, $seconds + 5, 's')->check("trace[$i][0]", $t);
            if ($t < $before) {
                throw Refused::because("trace[$i][0]", 'drill-trace-order');
            }
            $before = $t;
            if ((int) $key >= $keys || $key < 0 || (float) (int) $key !== $key) {
                throw Refused::because("trace[$i][1]", 'drill-trace-key', most: $keys - 1);
            }
            if ($down > 0.5) {
                $open[(int) $key] ??= $t;
            } elseif (isset($open[(int) $key])) {
                $presses[] = [$open[(int) $key], $t, (int) $key];
                unset($open[(int) $key]);
            }
        }
        foreach ($open as $key => $t) {
            $presses[] = [$t, INF, $key];
        }
        sort($presses);

        return $presses;
    }
}
