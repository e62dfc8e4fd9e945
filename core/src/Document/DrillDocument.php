<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Drill\AreaCourse;
use RushHold\Drill\AreaScore;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\ButtonScore;
use RushHold\Drill\Draw;
use RushHold\Drill\Exercise;
use RushHold\Drill\Familiar;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\HandSkill;
use RushHold\Drill\Key;
use RushHold\Drill\Middle;
use RushHold\Drill\MomentCourse;
use RushHold\Drill\MomentScore;
use RushHold\Drill\RehearsalCourse;
use RushHold\Drill\RehearsalScore;
use RushHold\Drill\Rehearsed;
use RushHold\Drill\RingCourse;
use RushHold\Drill\RingScore;
use RushHold\Drill\RingTrace;
use RushHold\Drill\Stretch;
use RushHold\Drill\Turn;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\AreaMove;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Figure;
use RushHold\Rush\Rush;

/** A turn of a drill as a document, format `rush-hold/drill@1`; formats/drill.schema.json describes it. */
final class DrillDocument
{
    public const FORMAT = 'rush-hold/drill@1';

    private const MOST_CALLS = 100;

    /** Numbers in each sample of a trace. */
    private const WIDTH = ['moment' => 1];

    /**
     * @param  array<int, Familiar>  $known  how well each control is known, where calls are drawn anew
     *
     * @throws Refused if a field is unknown, of the wrong type or out of range
     */
    public static function read(mixed $document, array $known = []): Turn
    {
        $f = Fields::of($document);
        $format = $f->text('format', self::FORMAT);
        if ($format !== self::FORMAT) {
            throw Refused::because('format', 'format', format: self::FORMAT, given: $format);
        }
        $f->has('drill') || throw Refused::because('drill', 'missing');
        $exercise = $f->word('drill', Exercise::class, Exercise::Buttons);
        $seed = (int) Range::of(0, Draw::MOST_SEED)->check('seed', $f->whole('seed', 1));
        $course = match (true) {
            $exercise === Exercise::Buttons => self::buttons($f, $seed, $known),
            $exercise === Exercise::Rehearsal => self::rehearsal($f, $seed),
            $exercise === Exercise::Area => AreaCourse::of($f->word('move', AreaMove::class, AreaMove::Stick), $seed),
            $exercise === Exercise::Moment => MomentCourse::of(
                $seed,
                $f->number('frames_per_s', 10),
                $f->number('before_press_s', 0),
            ),
            $exercise->isRing() => RingCourse::of($exercise, self::rush($f), $seed, $f->optionalNumber('f_number')),
            default => null,
        };
        $trace = self::trace($f->items('trace', RingTrace::MOST), self::WIDTH[$exercise->value] ?? 3);
        $f->keep('trace', $trace);
        $aids = $f->object('aids');
        foreach (['magnified', 'outline', 'still', 'sound', 'eyes_shut'] as $aid) {
            $aids->flag($aid, false);
        }
        $f->keep('aids', $aids->done());
        $f->done();

        return new Turn($exercise, $seed, $course, $trace);
    }

    /**
     * What comes in a turn, for playing it.
     *
     * @return array<string, mixed>
     */
    public static function course(Turn $turn): array
    {
        $course = $turn->course;

        return [
            'drill' => $turn->exercise->value,
            'seed' => $turn->seed,
            'seconds' => $course === null ? 0.0 : $course->seconds,
            ...match (true) {
                $course instanceof ButtonCourse => [
                    'layout' => self::layout($course->keys),
                    'calls' => $course->calls,
                    'asked' => array_map(
                        static fn (int $key): array => ['key' => $key, 'call' => $course->by[$key]->value],
                        array_keys($course->by),
                    ),
                ],
                $course instanceof AreaCourse => [
                    'move' => $course->move->value,
                    'near' => AreaCourse::NEAR,
                    'targets' => $course->targets,
                ],
                $course instanceof RehearsalCourse => [
                    'layout' => self::layout($course->keys),
                    'comings' => $course->comings,
                    'answers' => array_map(
                        static fn (Rehearsed $r): int => (int) $r->key(...$course->keys),
                        $course->rushes,
                    ),
                ],
                $course instanceof RingCourse => [
                    'ring' => [
                        'focal_mm' => $course->ring->focalMm,
                        'f_number' => $course->ring->fNumber,
                        'nearest_m' => $course->ring->nearestM,
                        'coc_um' => round($course->ring->cocUm, 3),
                    ],
                    'start' => round($course->start, 6),
                    'frames_per_s' => $course->framesPerS,
                    'stretches' => array_map(
                        static fn (Stretch $s): array => [
                            'from' => $s->from,
                            'counts' => $s->counts,
                            'to' => $s->to,
                            'way' => $s->way,
                            'mark_m' => $s->markM,
                        ],
                        $course->stretches,
                    ),
                ],
                $course instanceof MomentCourse => [
                    'frames_per_s' => $course->framesPerS,
                    'before_press_s' => $course->beforePressS,
                    'trials' => $course->trials,
                ],
                default => [],
            },
        ];
    }

    /**
     * What a turn that was played came to.
     *
     * @return array<string, mixed>
     */
    public static function score(Turn $turn): array
    {
        $buttons = $turn->buttons();
        $rehearsal = $turn->rehearsal();
        $area = $turn->area();
        $ring = $turn->ring();
        $moment = $turn->moment();
        $first = $turn->first();

        return [
            'drill' => $turn->exercise->value,
            'seed' => $turn->seed,
            ...match (true) {
                $buttons !== null => self::ofButtons($buttons),
                $rehearsal !== null => self::ofRehearsal($rehearsal),
                $area !== null => self::ofArea($area),
                $ring !== null => self::ofRing($ring, (float) $turn->par()),
                $moment !== null => self::ofMoment($moment),
                $first !== null => self::ofFirst($first),
                default => [],
            },
        ];
    }

    /**
     * @param  list<Key>  $keys
     * @return list<array<string, mixed>>
     */
    public static function layout(array $keys): array
    {
        return array_map(
            static fn (Key $k): array => [
                'place' => $k->place->value,
                'duty' => $k->duty->value,
                'mode' => $k->mode?->value,
                'area' => $k->area?->value,
                'detect' => $k->detect?->value,
            ],
            $keys,
        );
    }

    /** @return array<string, mixed> */
    private static function ofButtons(ButtonScore $score): array
    {
        $keys = [];
        foreach ($score->byKey() as $i => $found) {
            $median = Middle::of($found['times']);
            $keys[] = [
                'key' => $i,
                'place' => $score->course->keys[$i]->place->value,
                'call' => $score->course->by[$i]->value,
                'asked' => $found['asked'],
                'right' => $found['right'],
                'missed' => $found['missed'],
                'median_s' => $median === null ? null : round($median, 3),
                'pressed' => (object) $found['pressed'],
            ];
        }
        $median = $score->medianS();
        $reaction = $score->reactionS();

        return [
            'right' => round($score->right(), 4),
            'median_s' => $median === null ? null : round($median, 3),
            'reaction_s' => $reaction === null ? null : round($reaction, 3),
            'keys' => $keys,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofArea(AreaScore $score): array
    {
        $median = $score->medianS();

        return [
            'move' => $score->course->move->value,
            'share' => round($score->share(), 4),
            'median_s' => $median === null ? null : round($median, 3),
            'usual_s' => $score->course->move->usualS(),
            'overshoots' => $score->overshoots(),
            'moves' => array_map(
                static fn (array $m): ?float => $m['seconds'] === null ? null : round($m['seconds'], 3),
                $score->moves,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function ofRehearsal(RehearsalScore $score): array
    {
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

    /** @return array<string, mixed> */
    private static function ofRing(RingScore $score, float $par): array
    {
        $first = $score->firstS;

        return [
            'share' => round($score->share(), 4),
            'kept' => $score->kept,
            'slots' => $score->slots,
            'taken' => $score->taken,
            'sharp' => $score->sharp,
            'par' => round($par, 4),
            'against' => Turn::against($score->share(), $par),
            'first_sharp_s' => $first === null ? null : round($first, 3),
            'lag_s' => $score->lagS,
            'scatter' => $score->scatter,
            'overshoots' => $score->overshoots,
            'wrong_way' => $score->wrongWay,
            'starts' => $score->starts,
            'hand' => $score->lagS === null || $score->scatter === null ? null : HandSkill::of($score->lagS, $score->scatter),
            'frames' => $score->frames,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofMoment(MomentScore $score): array
    {
        $reaction = $score->reactionS();

        return [
            'share' => round($score->share(), 4),
            'short' => round($score->share(burstS: MomentCourse::SHORT_S), 4),
            'long' => round($score->share(burstS: MomentCourse::LONG_S), 4),
            'foreseen' => round($score->share(sudden: false), 4),
            'sudden' => round($score->share(sudden: true), 4),
            'reaction_s' => $reaction === null ? null : round($reaction, 3),
            'timing' => $score->timing(),
            'worth' => $score->worth(),
            'trials' => $score->trials,
        ];
    }

    /** @return array<string, mixed> */
    private static function ofFirst(FirstTimes $times): array
    {
        $way = static fn (bool $byHand): array => [
            'trials' => $times->count($byHand),
            'missed' => $times->missed($byHand),
            'median_s' => $times->medianS($byHand),
            'mean_s' => $times->meanS($byHand),
        ];

        return ['auto' => $way(false), 'by_hand' => $way(true)];
    }

    /**
     * A rehearsal of a day, not played yet, as its layout reaches its rushes.
     *
     * @param  list<Key>  $keys
     * @param  list<Rehearsed>  $rushes
     * @return array<string, mixed>
     */
    public static function ofDay(array $keys, array $rushes): array
    {
        return [
            'format' => self::FORMAT,
            'drill' => Exercise::Rehearsal->value,
            'layout' => self::layout($keys),
            'rushes' => self::rushes($rushes),
        ];
    }

    /**
     * @param  list<Rehearsed>  $rushes
     * @return list<array<string, mixed>>
     */
    private static function rushes(array $rushes): array
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

    private static function rehearsal(Fields $f, int $seed): RehearsalCourse
    {
        $keys = self::keys($f);
        $rushes = [];
        foreach ($f->items('rushes', RehearsalCourse::MOST_RUSHES) as $i => $one) {
            $fields = Fields::of($one, "rushes[$i]");
            foreach (['name', 'warning_s', 'pass_s'] as $needed) {
                $fields->has($needed) || throw Refused::because("rushes[$i].$needed", 'missing');
            }
            $left = [];
            foreach ($fields->items('left', 20) as $n => $change) {
                $of = Fields::of($change, "rushes[$i].left[$n]");
                $left[] = [
                    $of->word('setting', Setting::class, Setting::Mode),
                    Range::of(0, 60, 's')->check($of->at('seconds'), $of->number('seconds', 0.0)),
                ];
                $of->done();
            }
            $fields->keep('left', $fields->raw('left'));
            $number = static fn (
                string $name,
                float $least,
                float $most,
                float $default,
                string $unit = '',
            ): float => Range::of($least, $most, $unit)->check($fields->at($name), $fields->number($name, $default));
            $rushes[] = new Rehearsed(
                $fields->text('name', ''),
                $fields->optionalWord('by', ControlPlace::class),
                $left,
                $number('warning_s', 0, 600, 0.0, 's'),
                $number('pass_s', 0.05, 600, 1.0, 's'),
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

    /**
     * @param  array{float, float}  $default
     * @return array{float, float}
     */
    private static function pair(Fields $f, string $name, Range $range, array $default): array
    {
        $f->keep($name, $f->raw($name));
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

    /** @param  array<int, Familiar>  $known */
    private static function buttons(Fields $f, int $seed, array $known): ButtonCourse
    {
        $keys = self::keys($f);
        $given = $f->items('calls', self::MOST_CALLS);
        $f->keep('calls', $given);
        if ($given === []) {
            return ButtonCourse::of($keys, $seed, $known);
        }
        $calls = [];
        foreach ($given as $i => $call) {
            if (
                ! is_array($call) ||
                count($call) !== 2 ||
                ! is_numeric($call[0] ?? null) ||
                ! (is_int($call[1] ?? null) || ($call[1] ?? null) === null)
            ) {
                throw Refused::because("calls[$i]", 'drill-call');
            }
            $calls[] = [Range::of(0, 600, 's')->check("calls[$i][0]", (float) $call[0]), $call[1] ?? null];
        }

        return ButtonCourse::played($keys, $calls);
    }

    /** @return list<Key> what each control does */
    private static function keys(Fields $f): array
    {
        $keys = [];
        foreach ($f->items('layout', ButtonCourse::MOST_KEYS) as $i => $one) {
            $fields = Fields::of($one, "layout[$i]");
            ($fields->has('place') && $fields->has('duty')) || throw Refused::because("layout[$i]", 'missing');
            $keys[] = new Key(
                $fields->word('place', ControlPlace::class, ControlPlace::HalfPress),
                $fields->word('duty', Duty::class, Duty::StartFocus),
                $fields->optionalWord('mode', FocusMode::class),
                $fields->optionalWord('area', Area::class),
                $fields->optionalWord('detect', Detection::class),
            );
            $fields->done();
        }
        if (count(array_unique(array_map(static fn (Key $k): string => $k->place->value, $keys))) !== count($keys)) {
            throw Refused::because('layout', 'drill-place-twice');
        }
        $f->keep('layout', self::layout($keys));

        return $keys;
    }

    private static function rush(Fields $f): Rush
    {
        $f->has('rush') || throw Refused::because('rush', 'missing');
        $read = RushDocument::read($f->raw('rush'));
        $f->keep('rush', $read->fields);

        return $read->rush;
    }

    /**
     * @param  list<mixed>  $given
     * @return list<list<float>>
     */
    private static function trace(array $given, int $width): array
    {
        $trace = [];
        foreach ($given as $i => $sample) {
            $sample = is_int($sample) || is_float($sample) ? [$sample] : $sample;
            if (
                ! is_array($sample) ||
                count($sample) !== $width ||
                array_filter($sample, static fn (mixed $v): bool => ! is_int($v) && ! is_float($v)) !== []
            ) {
                throw Refused::because("trace[$i]", 'drill-trace-sample', width: $width);
            }
            $trace[] = array_map(
                static fn (mixed $v): float => is_int($v) || is_float($v) ? (float) $v : 0.0,
                array_values($sample),
            );
        }

        return $trace;
    }
}
