<?php

declare(strict_types=1);

namespace RushHold\Drill;

use DateTimeImmutable;
use RushHold\Range;
use RushHold\Refused;

/** When somebody wants to practise. */
final readonly class Habit
{
    public const MOST_OFF = 50;

    /**
     * @param  list<int>  $weekdays  1 Monday to 7 Sunday
     * @param  int  $minutes  of a session at most, 2 to 60
     * @param  string  $at  time of day, as 19:30
     * @param  list<array{from: string, to: string}>  $off  days without practice, both included, as 2026-11-26
     *
     * @throws Refused if no day is left, or a date is none
     */
    public function __construct(
        public array $weekdays = [1, 3, 5, 7],
        public int $minutes = 8,
        public string $at = '19:00',
        public array $off = [],
    ) {
        if ($weekdays === [] || $weekdays !== array_values(array_unique($weekdays))) {
            throw Refused::because('weekdays', 'practice-days');
        }
        foreach ($weekdays as $i => $day) {
            Range::of(1, 7)->check("weekdays[$i]", $day);
        }
        Range::of(2, 60, 'minutes')->check('minutes', $minutes);
        if (preg_match('/^([01]\d|2[0-3]):[0-5]\d$/', $at) !== 1) {
            throw Refused::because('at', 'practice-time');
        }
        if (count($off) > self::MOST_OFF) {
            throw Refused::because('off', 'list', most: self::MOST_OFF);
        }
        foreach ($off as $i => ['from' => $from, 'to' => $to]) {
            if (! self::isDay($from) || ! self::isDay($to) || $to < $from) {
                throw Refused::because("off[$i]", 'practice-off');
            }
        }
    }

    public static function isDay(string $day): bool
    {
        $date = DateTimeImmutable::createFromFormat('!Y-m-d', $day);

        return $date !== false && $date->format('Y-m-d') === $day;
    }

    /** Whether there is practice on a day. */
    public function includes(DateTimeImmutable $day): bool
    {
        $date = $day->format('Y-m-d');
        foreach ($this->off as ['from' => $from, 'to' => $to]) {
            if ($date >= $from && $date <= $to) {
                return false;
            }
        }

        return in_array((int) $day->format('N'), $this->weekdays, true);
    }
}
