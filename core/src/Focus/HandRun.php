<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/**
 * One run of a rush as somebody who focuses by hand meets it, cycle by cycle: the subject, the aim, what crosses in
 * front.
 */
final class HandRun
{
    /** Time since the first frame, s. */
    public float $t = 0.0;

    /** Lens travel at which the aim part is sharp, mm. */
    public float $on = 0.0;

    /** How far the aim is off, frame widths and heights. */
    public float $missX = 0.0;

    public float $missY = 0.0;

    /** Whether something crosses in front. */
    public bool $blocked = false;

    private float $crossesAt;

    private int $draw;

    /** When finger and eye are there, s after the first frame. */
    public readonly float $ready;

    /** Where the ring was set before, as a share of where it should be. */
    public readonly float $set;

    private readonly float $day;

    private readonly float $changeMps;

    /**
     * @param  array{int, int, int, int, int, int}  $places  where the run takes its chances from
     * @param  float  $crossingS  time that something in front takes to cross, s
     */
    public function __construct(
        private readonly Situation $s,
        private readonly Hold $hold,
        private readonly FocusCycles $course,
        private readonly HandChances $chances,
        private readonly array $places,
        private readonly float $crossingS,
    ) {
        $this->changeMps = Parameters::ERRATIC_SPEED * $s->subject->erratic * $s->rush->path->speedMps;
        $this->draw = $places[5];
        $this->day = exp(Parameters::DAY * $this->chances->white[$places[4] & Noise::MASK]);
        $this->ready =
            -$course->lead * $course->stepS -
            $course->readyS * log(1e-9 + $this->chances->even[$places[2] & Noise::MASK]);
        $this->set = 1 + $course->setError * $this->chances->white[$places[5] & Noise::MASK];
        $this->crossesAt = $s->scene->obstaclesPerS > 0 ? -$course->lead * $course->stepS + $this->wait() : INF;
    }

    /** Goes on to a cycle; they come one after the other. */
    public function step(int $k): void
    {
        $course = $this->course;
        $this->t = ($k - $course->lead) * $course->stepS;
        $this->on =
            $course->way->aim[$k] +
            $course->way->perMetre[$k] * $course->swingM * $this->chances->swing[($this->places[4] + $k) & Noise::MASK];
        if ($this->changeMps > 0) {
            $this->on +=
                $course->way->perMetre[$k] *
                $this->changeMps *
                ($this->chances->way[($this->places[3] + $k) & Noise::MASK] -
                    $this->chances->way[$this->places[3] & Noise::MASK]);
        }
        $this->missX =
            $this->day *
            ($course->trailX[$k] + $course->missX[$k] * $this->chances->aim[($this->places[0] + $k) & Noise::MASK]);
        $this->missY =
            $this->day *
            ($course->trailY[$k] + $course->missY[$k] * $this->chances->aim[($this->places[1] + $k) & Noise::MASK]);
        if ($course->first[0] > 1e-4) {
            $this->missX += $course->first[$k] * $this->chances->white[$this->places[0] & Noise::MASK];
            $this->missY += $course->first[$k] * $this->chances->white[$this->places[1] & Noise::MASK];
        }
        $this->blocked = $this->t >= $this->crossesAt && $this->t < $this->crossesAt + $this->crossingS;
        if ($this->t >= $this->crossesAt && ! $this->blocked) {
            $this->draw++;
            $this->crossesAt = $this->t + $this->wait();
        }
    }

    /** Whether the aim part is in the frame: it stands where the area is, less the miss. */
    public function inFrame(): bool
    {
        return abs($this->hold->areaAt[0] - $this->missX) < 0.5 && abs($this->hold->areaAt[1] - $this->missY) < 0.5;
    }

    /** @return array{float, float} blur of the subject's movement and of the camera's, µm */
    public function smear(int $k): array
    {
        return [
            $this->course->smear[$k] * $this->chances->aimSpeed[($this->places[0] + $k) & Noise::MASK],
            $this->course->shakeUm * $this->chances->aimSpeed[($this->places[1] + $k) & Noise::MASK],
        ];
    }

    /** How much warm air blurs a frame, against its mean square. */
    public function air(int $k): float
    {
        return $this->chances->air[($this->places[2] + $k) & Noise::MASK];
    }

    /** Unit noise of what stands before the subject. */
    public function cover(int $k): float
    {
        return $this->chances->patch[($this->places[3] + $k) & Noise::MASK];
    }

    /** Whether the part to be sharp is turned away. */
    public function turnedAway(int $k): bool
    {
        return $this->chances->seen[($this->places[2] + $k) & Noise::MASK] < $this->course->zTurned;
    }

    /** Whether it comes out bent. */
    public function bent(int $k): bool
    {
        return $this->chances->even[($this->places[2] + $k) & Noise::MASK] < $this->course->bent;
    }

    /** Unit noise of the hand on the ring. */
    public function unsteadiness(int $k): float
    {
        return $this->chances->seen[($this->places[4] + $k) & Noise::MASK];
    }

    /** @return array{float, float} two even chances of the whole run, 0 to 1 */
    public function luck(): array
    {
        return [
            $this->chances->even[$this->places[4] & Noise::MASK],
            $this->chances->even[$this->places[5] & Noise::MASK],
        ];
    }

    /** Time until something crosses, s. */
    private function wait(): float
    {
        return -log(1e-9 + $this->chances->even[$this->draw & Noise::MASK]) / $this->s->scene->obstaclesPerS;
    }
}
