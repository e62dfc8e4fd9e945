<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Document\RushDocument;
use RushHold\Drill\Exercise;
use RushHold\Drill\HandSkill;
use RushHold\Drill\RingCourse;
use RushHold\Drill\Stretch;
use RushHold\Drill\Turn;
use RushHold\Refused;

/** Focusing by hand: what sits, swims, changes perches, surprises, or flies as it likes. */
final class Ring implements Drill
{
    public function __construct(private readonly Exercise $exercise)
    {
    }

    public function read(Fields $f, int $seed, array $known): RingCourse
    {
        $f->has('rush') || throw Refused::because('rush', 'missing');
        $read = RushDocument::read($f->raw('rush'));
        $f->keep('rush', $read->fields);

        return RingCourse::of($this->exercise, $read->rush, $seed, $f->optionalNumber('f_number'));
    }

    public function width(): int
    {
        return 3;
    }

    public function course(Turn $turn): array
    {
        $course = $turn->course;
        assert($course instanceof RingCourse);

        return [
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
        ];
    }

    public function score(Turn $turn): array
    {
        $score = $turn->ring();
        assert($score !== null);
        $par = (float) $turn->par();
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
}
