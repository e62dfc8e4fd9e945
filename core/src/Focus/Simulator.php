<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Kit\FocusMode;
use RushHold\Situation\Situation;

/**
 * Plays one rush with one hold many times, one step for each focus cycle.
 *
 * In each step the aim wanders, the area sees the subject, something else or nothing by its own rule, that is measured
 * with scatter, a prediction takes the measurement or distrusts it, and the lens drives after the prediction. Frames
 * are judged by their total blur. All chance comes from lists made beforehand and depends on seed and run only, so
 * that two set-ups meet the same subject and the same hands.
 */
final class Simulator
{
    /** @var array<string, FocusCycles> by all that a course depends on */
    private array $courses = [];

    /** @var array<int, Passage> by the steps before the first frame */
    private array $ways = [];

    public function __construct(private readonly Situation $situation)
    {
    }

    private function course(Hold $hold): FocusCycles
    {
        $range = $hold->range;
        $key = implode(' ', [
            $hold->area->value,
            $hold->detect->value,
            $hold->mode->value,
            $hold->aperture,
            $hold->shutterS,
            $hold->stabiliser->value,
            $hold->support->value,
            $hold->drive->value,
            $hold->wins->value,
            $hold->aim->value,
            $hold->eye,
            ...$hold->areaAt,
            $hold->startAtM,
            $range->nearM ?? '',
            $range->farM ?? '',
            json_encode($hold->extras),
        ]);

        $lead = FocusCycles::lead($this->situation, $hold);
        $this->ways[$lead] ??= new Passage($this->situation, $lead);

        return $this->courses[$key] ??= new FocusCycles(
            $this->situation,
            $hold,
            $this->ways[$lead],
            $this->situation->kit->body->areas[$hold->area->value],
        );
    }

    /** Steps of all the courses that are kept: what this takes in memory, at about 300 bytes each. */
    public function keptSteps(): int
    {
        return array_sum(array_map(static fn (FocusCycles $course): int => $course->steps, $this->courses));
    }

    /**
     * @param  int  $runs  1 to 100000
     * @param  int  $seed  any; the same seed gives the same outcome to the last bit
     * @param  int  $firstRun  where to go on when runs are added to earlier ones
     * @param  Trace|null  $trace  takes down what happens, step by step
     */
    public function run(Hold $hold, int $runs, int $seed, int $firstRun = 0, ?Trace $trace = null): Outcome
    {
        $course = $this->course($hold);
        $tally = new Tally($course->frameCount, $this->situation->rush->path->seconds);
        $byHand = $hold->technique !== Technique::Auto || $hold->mode === FocusMode::Manual;
        $pass = $byHand
            ? new HandPass($this->situation, $hold, $course)
            : new AutoPass($this->situation, $hold, $course);
        $pass->play($firstRun, $runs, $seed, $tally, $trace);

        return $tally->outcome();
    }
}
