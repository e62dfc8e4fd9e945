<?php

declare(strict_types=1);

namespace RushHold\Tests;

use DateTimeImmutable;
use RushHold\Drill\Calendar;
use RushHold\Drill\DayOfPractice;
use RushHold\Drill\Exercise;
use RushHold\Drill\Habit;
use RushHold\Drill\Ladder;
use RushHold\Drill\RingCourse;
use RushHold\Drill\RingScore;
use RushHold\Drill\RingTrace;
use RushHold\Drill\Rung;
use RushHold\Drill\ScriptedHand;
use RushHold\Drill\SeededRandom;
use RushHold\Drill\Turn;

/**
 * Somebody who practises as the calendar says, learns by each turn a part of what is lacking, and forgets a little by
 * the
 * day. What they do with the ring is played on real courses.
 */
final class Learner
{
    /** Of what is learned on a rung so much is worth something on the next. */
    private const CARRIES = 0.6;

    private const BEST = 0.97;

    /** @var array<string, float> what a practised hand keeps, by exercise: playing it each time is slow */
    private static array $par = [];

    public function __construct(
        private readonly float $skill,
        private readonly float $rate,
        private readonly float $forgets,
        private readonly int $seed,
    ) {
    }

    /**
     * @return array{weeks: array<string, int>, at: Rung, heldUp: int} the week each rung was passed in, and days on
     *   which one was held up
     */
    public function climb(int $weeks): array
    {
        $skills = array_fill_keys(array_column(Rung::cases(), 'value'), $this->skill);
        $turns = [];
        $passed = [];
        $held = 0;
        for ($d = 0; $d < 7 * $weeks; $d++) {
            $date = (new DateTimeImmutable('2026-01-05'))->modify("+$d days")->format('Y-m-d');
            $ladder = Ladder::of($turns);
            $held += $ladder->heldUp ? 1 : 0;
            foreach (array_keys($ladder->passed) as $rung) {
                $passed[$rung] ??= intdiv($d, 7);
            }
            if (count($passed) === count(Rung::cases())) {
                break;
            }
            foreach ($skills as $rung => $at) {
                $skills[$rung] = max($this->skill, $at - $this->forgets * ($at - $this->skill));
            }
            foreach (
                Calendar::of($ladder, new Habit(), $date, 1)[0]['turns'] ?? [] as ['exercise' => $exercise, 'turns' => $many]
            ) {
                $rung = Rung::of($exercise);
                assert($rung !== null);
                for ($n = 0; $n < $many; $n++) {
                    $at = $skills[$rung->value];
                    $skills[$rung->value] += $this->rate * (self::BEST - $at);
                    $next = $rung->next();
                    if ($next !== null) {
                        $skills[$next->value] = max($skills[$next->value], self::CARRIES * $skills[$rung->value]);
                    }
                    $turns[] = $this->turn($exercise, $date, $at, 13 * $d + $n);
                }
            }
        }

        return ['weeks' => $passed, 'at' => Ladder::of($turns)->rung, 'heldUp' => $held];
    }

    private function turn(Exercise $exercise, string $date, float $skill, int $n): DayOfPractice
    {
        $seed = ($this->seed * 977 + $n) % 100000;
        if ($exercise === Exercise::Buttons) {
            return new DayOfPractice(
                $exercise,
                $date,
                min(1.0, 0.55 + 0.45 * $skill + (new SeededRandom($seed, 9))->between(-0.06, 0.06)),
                2.2 - 1.3 * $skill,
            );
        }
        $rush = Rushes::with([]);
        $course = RingCourse::of($exercise, $rush, $seed);
        $share = RingScore::of(
            $course,
            new RingTrace((new ScriptedHand($skill))->play($course, $seed + 1), $course->seconds),
        )->share();
        self::$par[$exercise->value] ??=
            array_sum(
                array_map(
                    static fn (int $s): float => (new Turn(
                        $exercise,
                        $s,
                        RingCourse::of($exercise, $rush, $s),
                    ))->par() ?? 1.0,
                    range(1, 6),
                ),
            ) / 6;

        return new DayOfPractice($exercise, $date, Turn::against($share, self::$par[$exercise->value]));
    }
}
