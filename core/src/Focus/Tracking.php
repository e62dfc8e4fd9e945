<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Kit\FocusMode;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/**
 * What is the same in every focus cycle for the prediction and the lens. Prediction works in metres, where steady
 * movement is steady: from the front focal point a distance is f² ÷ focus travel; from the lens, as everywhere else, it
 * is longer by f.
 */
final readonly class Tracking
{
    /** A track this old takes measurements as it always will, cycles. */
    public const OLD = 63;

    /** Without warning focus sits on what was there before, and has for so long, cycles. */
    private const HELD_AGE = 30;

    /** Focal length squared, mm·m. */
    public float $square;

    /** From the front focal point to the lens, m. */
    public float $lengthM;

    /** Travel at which the distance counts as endless, mm. */
    public float $least;

    /** @var list<float> share of a difference that goes into the position, by the age of the track */
    public array $gainsX;

    /** @var list<float> share of a difference that goes into the speed, per second, by the age of the track */
    public array $gainsV;

    /** Time until something that does not fit is believed, s. */
    public float $waitS;

    /** Time for which a prediction goes on without a measurement, s. */
    public float $coastS;

    /** Whether focus sits on something before the subject comes. */
    public bool $held;

    /** Age of that track, cycles. */
    public int $age;

    public bool $once;

    public bool $undecided;

    public function __construct(Situation $s, Hold $hold, FocusCycles $course)
    {
        $f = $s->lens->focalMm;
        $this->square = $f ** 2 / 1000;
        $this->lengthM = $f / 1000;
        $this->least = $this->square / 10000;
        $this->waitS = $hold->patienceS;
        $this->coastS = max(Parameters::COAST_S, $hold->patienceS);
        $this->held = $s->rush->path->noticeS < Thresholds::SURPRISE_S;
        $this->age = $this->held ? self::HELD_AGE : 0;
        $this->once = $hold->mode->locksOnce();
        $this->undecided = $hold->mode === FocusMode::AutoSwitch;

        // Gains are given for 60 Hz; a faster cycle needs less each time.
        $rate = 60 * $course->stepS;
        $gainX = 1 - (1 - Parameters::gain(Parameters::GAIN_POSITION, $hold->nimble)) ** $rate;
        $gainV = min(1.0, Parameters::gain(Parameters::GAIN_SPEED, $hold->nimble) * $rate * $rate);
        $x = $v = [];
        for ($age = 0; $age <= self::OLD; $age++) {
            // A young track takes each measurement for more, as long as it has few.
            $old = $age === self::OLD;
            $x[] = max($gainX, $old ? 0.0 : (4 * $age + 2) / (($age + 1) * ($age + 2)));
            $v[] = max($gainV, $old ? 0.0 : 6 / (($age + 1) * ($age + 2))) / $course->stepS;
        }
        $this->gainsX = $x;
        $this->gainsV = $v;
    }

    /** Distance from the front focal point at which the lens is sharp, m. */
    public function metresAt(float $travel): float
    {
        return $this->square / max($travel, $this->least);
    }
}
