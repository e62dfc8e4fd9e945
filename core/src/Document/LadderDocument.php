<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Drill\Calendar;
use RushHold\Drill\DayOfPractice;
use RushHold\Drill\Exercise;
use RushHold\Drill\Habit;
use RushHold\Drill\Ladder;
use RushHold\Drill\Rung;
use RushHold\Range;
use RushHold\Refused;

/** What somebody practised as a document, format `rush-hold/practice@1`, and where it has brought them. */
final class LadderDocument
{
    public const FORMAT = 'rush-hold/practice@1';

    private const MOST_SESSIONS = 5000;

    /**
     * @return array{ladder: Ladder, habit: Habit}
     *
     * @throws Refused if a field is unknown, of the wrong type or out of range
     */
    public static function read(mixed $document): array
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT, false);
        $sessions = [];
        foreach ($top->objects('sessions', self::MOST_SESSIONS) as $i => $f) {
            $sessions[] = new DayOfPractice(
                $f->word('drill', Exercise::class, Exercise::Buttons),
                self::day($f, 'day'),
                Range::of(0, 1.5)->check("sessions[$i].reached", $f->number('reached')),
                $f->optionalNumber('seconds'),
            );
            $f->done();
        }
        $field = [];
        foreach ($top->objects('field', self::MOST_SESSIONS) as $f) {
            $field[$f->word('rung', Rung::class, Rung::Still)->value][] = self::day($f, 'day');
            $f->done();
        }
        $habit = self::habit($top->object('habit'));
        $top->keep('sessions', []);
        $top->keep('field', []);
        $top->keep('habit', []);
        $top->done();

        return ['ladder' => Ladder::of($sessions, $field), 'habit' => $habit];
    }

    /** @throws Refused if no day is left, or a value is out of range */
    public static function habit(Fields $f): Habit
    {
        $weekdays = [];
        foreach ($f->has('weekdays') ? $f->items('weekdays', 7) : [1, 3, 5, 7] as $i => $day) {
            if (! is_int($day)) {
                throw Refused::because($f->at("weekdays[$i]"), 'not-whole');
            }
            $weekdays[] = $day;
        }
        $off = [];
        foreach ($f->objects('off', Habit::MOST_OFF) as $days) {
            $off[] = ['from' => $days->text('from', '', 10), 'to' => $days->text('to', '', 10)];
            $days->done();
        }
        $f->keep('weekdays', $weekdays);
        $f->keep('off', $off);
        $habit = new Habit($weekdays, $f->whole('minutes', 8), $f->text('at', '19:00', 5), $off);
        $f->done();

        return $habit;
    }

    /** @return array{weekdays: list<int>, minutes: int, at: string, off: list<array{from: string, to: string}>} */
    public static function written(Habit $habit): array
    {
        return ['weekdays' => $habit->weekdays, 'minutes' => $habit->minutes, 'at' => $habit->at, 'off' => $habit->off];
    }

    /**
     * @param  string  $from  first day of the calendar
     * @return array<string, mixed>
     */
    public static function write(Ladder $ladder, Habit $habit, string $from, int $days): array
    {
        return [
            'rung' => $ladder->rung->value,
            'at_top' => $ladder->isAtTop(),
            'held_up' => $ladder->heldUp,
            'too_hard' => $ladder->tooHard,
            'rungs' => array_map(
                static fn (Rung $rung): array => [
                    'rung' => $rung->value,
                    'drill' => $rung->exercise()->value,
                    'mark' => $rung->mark(),
                    'within_s' => $rung->withinS(),
                    'open' => $ladder->isOpen($rung),
                    'passed_on' => $ladder->passed[$rung->value] ?? null,
                    'in_a_row' => $ladder->inARow($rung),
                    'of' => Ladder::SESSIONS,
                    'sessions' => array_map(
                        static fn (DayOfPractice $s): array => [
                            'day' => $s->day,
                            'reached' => round($s->reached, 4),
                            'seconds' => $s->seconds === null ? null : round($s->seconds, 3),
                            'against' => round($s->against($rung), 3),
                        ],
                        $ladder->sessions[$rung->value],
                    ),
                    'field' => $rung->technique() === null
                            ? null
                            : [
                                'technique' => $rung->technique()->value,
                                'done' => $ladder->field[$rung->value] ?? 0,
                                'of' => Ladder::FIELD_TASKS,
                            ],
                ],
                Rung::cases(),
            ),
            'calendar' => array_map(
                static fn (array $one): array => [
                    'day' => $one['day'],
                    'minutes' => $one['minutes'],
                    'field' => $one['field']?->value,
                    'turns' => array_map(
                        static fn (array $t): array => [
                            'drill' => $t['exercise']->value,
                            'turns' => $t['turns'],
                            'refresher' => $t['refresher'],
                        ],
                        $one['turns'],
                    ),
                ],
                Calendar::of($ladder, $habit, $from, $days),
            ),
        ];
    }

    private static function day(Fields $f, string $name): string
    {
        $day = $f->text($name, '', 10);
        if (! Habit::isDay($day)) {
            throw Refused::because($f->at($name), 'practice-day');
        }

        return $day;
    }
}
