<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\RehearsalCourse;
use RushHold\Drill\Rehearsed;
use RushHold\Drill\Turn;
use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Figure;

/** The rushes of an outing, in real time, with its buttons. */
final class Rehearsal implements Drill
{
    public function read(Fields $f, int $seed, array $known): RehearsalCourse
    {
        $keys = Layout::read($f);
        $rushes = [];
        foreach ($f->objects('rushes', RehearsalCourse::MOST_RUSHES) as $fields) {
            $left = [];
            foreach ($fields->objects('left', 20) as $of) {
                $left[] = [
                    $of->word('setting', Setting::class),
                    Range::of(0, 60, 's')->check($of->at('seconds'), $of->number('seconds')),
                ];
                $of->done();
            }
            $fields->keep('left', $fields->raw('left'));
            $number = static fn (
                string $name,
                float $least,
                float $most,
                ?float $default,
                string $unit = '',
            ): float => Range::of($least, $most, $unit)->check($fields->at($name), $fields->number($name, $default));
            $rushes[] = new Rehearsed(
                $fields->text('name'),
                $fields->optionalWord('by', ControlPlace::class),
                $left,
                $number('warning_s', 0, 600, null, 's'),
                $number('pass_s', 0.05, 600, null, 's'),
                $fields->word('figure', Figure::class, Figure::Plain),
                self::pair($fields, 'wide', Range::of(0, 1), [0.3, 0.3]),
                $number('tall', 0.01, 100, 0.5),
                self::pair($fields, 'way', Range::of(-200, 200, 'm/s'), [0.0, 0.0]),
                $number('poses_hz', 0, 100, 2.0, 'Hz'),
            );
            $fields->done();
        }
        $f->keep('rushes', self::rushes($rushes));

        return RehearsalCourse::of($keys, $rushes, $seed);
    }

    public function width(): int
    {
        return 3;
    }

    public function course(Turn $turn): array
    {
        $course = $turn->course;
        assert($course instanceof RehearsalCourse);

        return [
            'layout' => Layout::write($course->keys),
            'comings' => $course->comings,
            'answers' => array_map(static fn (Rehearsed $r): int => (int) $r->key(...$course->keys), $course->rushes),
        ];
    }

    public function score(Turn $turn): array
    {
        $score = $turn->rehearsal();
        assert($score !== null);
        $round = static fn (?float $s): ?float => $s === null ? null : round($s, 3);

        return [
            'right' => round($score->right(), 4),
            'in_time' => round($score->inTime(), 4),
            'median_s' => $round($score->medianS()),
            'rushes' => array_map(
                static fn (array $rush, Rehearsed $of): array => [
                    'name' => $of->name,
                    'by' => $score->course->keys[(int) $of->key(...$score->course->keys)]->place->value,
                    'warning_s' => round($of->warningS, 2),
                    'left_s' => round($of->leftS(), 2),
                    'asked' => $rush['asked'],
                    'right' => $rush['right'],
                    'in_time' => $rush['in_time'],
                    'missed' => $rush['missed'],
                    'held_s' => $round($rush['held_s']),
                    'late_s' => round($rush['late_s'], 3),
                    'lost' => round($rush['lost'], 4),
                    'mend' => $rush['mend']->value,
                    'instead' => $rush['instead']?->value,
                    'setting' => $rush['setting']?->value,
                ],
                $score->byRush(),
                $score->course->rushes,
            ),
        ];
    }

    /**
     * @param  list<Rehearsed>  $rushes
     * @return list<array<string, mixed>>
     */
    public static function rushes(array $rushes): array
    {
        return array_map(
            static fn (Rehearsed $r): array => [
                'name' => $r->name,
                'by' => $r->by?->value,
                'left' => array_map(
                    static fn (array $one): array => ['setting' => $one[0]->value, 'seconds' => round($one[1], 2)],
                    $r->left,
                ),
                'warning_s' => round($r->warningS, 2),
                'pass_s' => round($r->passS, 2),
                'figure' => $r->figure->value,
                'wide' => [round($r->wide[0], 4), round($r->wide[1], 4)],
                'tall' => round($r->tall, 3),
                'way' => [round($r->way[0], 2), round($r->way[1], 2)],
                'poses_hz' => round($r->posesHz, 2),
            ],
            $rushes,
        );
    }

    /**
     * @param  array{float, float}  $default
     * @return array{float, float}
     */
    private static function pair(Fields $f, string $name, Range $range, array $default): array
    {
        $f->keep($name, $f->raw($name));
        $f->note($name, ['items' => ['type' => 'number']], $default);
        $given = array_map(
            static fn (mixed $v): ?float => is_int($v) || is_float($v) ? (float) $v : null,
            $f->items($name, 2),
        );
        if ($given === []) {
            return $default;
        }
        [$one, $other] = [$given[0] ?? null, $given[1] ?? null];
        if ($one === null || $other === null) {
            throw Refused::because($f->at($name), 'drill-trace-sample', width: 2);
        }

        return [$range->check($f->at($name), $one), $range->check($f->at($name), $other)];
    }
}
