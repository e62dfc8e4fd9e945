<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Document\Drills\Drill;
use RushHold\Document\Drills\Layout;
use RushHold\Document\Drills\Rehearsal;
use RushHold\Document\Drills\Ring;
use RushHold\Drill\Exercise;
use RushHold\Drill\Familiar;
use RushHold\Drill\Key;
use RushHold\Drill\Rehearsed;
use RushHold\Drill\RingTrace;
use RushHold\Drill\SeededRandom;
use RushHold\Drill\Turn;
use RushHold\Range;
use RushHold\Refused;

/** A turn of a drill as a document, format `rush-hold/drill@1`; formats/drill.schema.json describes it. */
final class DrillDocument
{
    public const FORMAT = 'rush-hold/drill@1';

    /**
     * @param  array<int, Familiar>  $known  how well each control is known, where calls are drawn anew
     *
     * @throws Refused if a field is unknown, of the wrong type or out of range
     */
    public static function read(mixed $document, array $known = []): Turn
    {
        $f = Fields::of($document);
        $f->format(self::FORMAT, false);
        $exercise = $f->word('drill', Exercise::class);
        $seed = (int) Range::of(0, SeededRandom::MOST_SEED)->check('seed', $f->whole('seed', 1));
        $drill = self::drill($exercise);
        $course = $drill->read($f, $seed, $known);
        $trace = self::trace($f->items('trace', RingTrace::MOST), $drill->width());
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
            'seconds' => $course?->seconds() ?? 0.0,
            ...self::drill($turn->exercise)->course($turn),
        ];
    }

    /**
     * What a turn that was played came to.
     *
     * @return array<string, mixed>
     */
    public static function score(Turn $turn): array
    {
        return [
            'drill' => $turn->exercise->value,
            'seed' => $turn->seed,
            ...self::drill($turn->exercise)->score($turn),
        ];
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
            'layout' => Layout::write($keys),
            'rushes' => Rehearsal::rushes($rushes),
        ];
    }

    /** What is particular to a drill stands in a file of its name; what is turned by the ring has one for all. */
    private static function drill(Exercise $exercise): Drill
    {
        if ($exercise->isRing()) {
            return new Ring($exercise);
        }
        /** @var class-string<Drill> $file */
        $file = __NAMESPACE__."\\Drills\\{$exercise->name}";

        return new $file();
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
