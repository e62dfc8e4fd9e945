<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\MomentCourse;
use RushHold\Drill\Turn;

/** Pressing so that the peak lies in the burst. */
final class Moment implements Drill
{
    public function read(Fields $f, int $seed, array $known): MomentCourse
    {
        return MomentCourse::of($seed, $f->number('frames_per_s', 10), $f->number('before_press_s', 0));
    }

    public function width(): int
    {
        return 1;
    }

    public function course(Turn $turn): array
    {
        $course = $turn->course;
        assert($course instanceof MomentCourse);

        return [
            'frames_per_s' => $course->framesPerS,
            'before_press_s' => $course->beforePressS,
            'trials' => $course->trials,
        ];
    }

    public function score(Turn $turn): array
    {
        $score = $turn->moment();
        assert($score !== null);
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
}
