<?php

declare(strict_types=1);

namespace RushHold\Drill;

use DateTimeImmutable;
use RushHold\Range;

/**
 * Short sessions spaced over weeks: the rung where one stands, and refreshers of what was passed, at distances that
 * grow while they go well. Once a week there is a task for the field.
 */
final readonly class Calendar
{
    /** Days from one refresher of a rung to the next, the longer the more of them went well. */
    private const REFRESH_DAYS = [3, 7, 16, 35, 70];

    /** Turns of one exercise in a session, at most: more only tires. */
    private const MOST_TURNS = 3;

    public const MOST_DAYS = 120;

    /**
     * @param  string  $from  the first day
     * @return list<array{day: string, turns: list<array{exercise: Exercise, turns: int, refresher: bool}>,
     *   field: Rung|null, minutes: int}>
     */
    public static function of(Ladder $ladder, Habit $habit, string $from, int $days): array
    {
        Range::of(1, self::MOST_DAYS, 'days')->check('days', $days);
        $due = [];
        foreach (Rung::cases() as $rung) {
            if ($ladder->isPassed($rung)) {
                $due[$rung->value] = self::refreshers($ladder, $rung);
            }
        }
        $sessions = [];
        $week = null;
        for ($i = 0; $i < $days; $i++) {
            $date = (new DateTimeImmutable($from))->modify("+$i days");
            if (! $habit->includes($date)) {
                continue;
            }
            $day = $date->format('Y-m-d');
            $left = 60 * $habit->minutes;
            $turns = [];
            foreach ($due as $value => [$next, $step]) {
                $exercise = Rung::from($value)->exercise();
                if ($day >= $next && $left >= $exercise->seconds() && ($ladder->isAtTop() || count($turns) < 2)) {
                    $turns[] = ['exercise' => $exercise, 'turns' => 1, 'refresher' => true];
                    $left -= $exercise->seconds();
                    $step = min(count(self::REFRESH_DAYS) - 1, $step + 1);
                    $due[$value] = [$date->modify('+'.self::REFRESH_DAYS[$step].' days')->format('Y-m-d'), $step];
                }
            }
            if (! $ladder->isAtTop()) {
                foreach (self::news($ladder) as $exercise) {
                    $many = min(self::MOST_TURNS, intdiv($left, $exercise->seconds()));
                    if ($many > 0 || $turns === []) {
                        $turns[] = ['exercise' => $exercise, 'turns' => max(1, $many), 'refresher' => false];
                        $left -= max(1, $many) * $exercise->seconds();
                    }
                }
            }
            if ($turns === []) {
                continue;
            }
            $field = $date->format('o-W') !== $week && $ladder->rung->technique() !== null ? $ladder->rung : null;
            $week = $date->format('o-W');
            $seconds = array_sum(
                array_map(static fn (array $t): int => $t['turns'] * $t['exercise']->seconds(), $turns),
            );
            $sessions[] = [
                'day' => $day,
                'turns' => $turns,
                'field' => $field,
                'minutes' => max(1, (int) round($seconds / 60)),
            ];
        }

        return $sessions;
    }

    /**
     * @return list<Exercise> what is new: the rung, after a refresher of the one below where it is too hard, and the
     *   next where one is held up
     */
    private static function news(Ladder $ladder): array
    {
        $rungs = [$ladder->rung];
        if ($ladder->tooHard) {
            array_unshift($rungs, $ladder->rung->before() ?? $ladder->rung);
        }
        if ($ladder->heldUp && $ladder->rung->next() !== null) {
            $rungs[] = $ladder->rung->next();
        }

        return array_map(static fn (Rung $r): Exercise => $r->exercise(), $rungs);
    }

    /** @return array{string, int} when a passed rung is refreshed next, and how far apart its refreshers are by now */
    private static function refreshers(Ladder $ladder, Rung $rung): array
    {
        $passed = $ladder->passed[$rung->value];
        $step = 0;
        $last = $passed;
        foreach ($ladder->sessions[$rung->value] as $session) {
            if ($session->day > $passed) {
                $step =
                    $session->against($rung) >= 1.0 ? min(count(self::REFRESH_DAYS) - 1, $step + 1) : max(0, $step - 1);
                $last = $session->day;
            }
        }

        return [
            (new DateTimeImmutable($last))->modify('+'.self::REFRESH_DAYS[$step].' days')->format('Y-m-d'),
            $step,
        ];
    }
}
