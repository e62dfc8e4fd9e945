<?php

declare(strict_types=1);

namespace RushHold\Focus;

use Closure;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\PathPoint;
use RushHold\Situation\Situation;

/**
 * The subject's way through a rush as the sensor gets it, one entry for each focus cycle: what is the same for every
 * hold. Focus is counted on the sensor side: mm of lens travel beyond infinity, so that defocus is a difference.
 */
final class Passage
{
    public readonly float $stepS;

    public readonly int $steps;

    /** @var list<PathPoint> */
    public array $points = [];

    /** @var list<ImageMotion> */
    public array $motions = [];

    /** @var list<float> m; never nearer than the lens could be */
    public array $distance = [];

    /** @var list<float> focus travel at which the aim part is sharp, mm */
    public array $aim = [];

    /** @var list<float> change of that travel for each metre the subject is farther, mm/m */
    public array $perMetre = [];

    /** @var list<float> travel from the aim part to the part nearest to the camera, mm */
    public array $part = [];

    /** @var list<float> travel at which the background is sharp, mm */
    public array $background = [];

    /** @var list<float> travel at which the clutter in front is sharp, mm */
    public array $clutter = [];

    /** @var list<float> travel at which another of its kind is sharp, before it and behind it, mm */
    public array $rivalNear = [];

    /** @var list<float> */
    public array $rivalFar = [];

    /**
     * @var list<float> travel from the aim part to the nearest and to the farthest of those who must be sharp too, mm
     */
    public array $groupNear = [];

    /** @var list<float> */
    public array $groupFar = [];

    /** @var list<float> half the subject's width, frame widths */
    public array $halfX = [];

    /** @var list<float> half the subject's height, frame heights */
    public array $halfY = [];

    /** @var list<float> the smaller side of the subject on the sensor, pixels */
    public array $pixels = [];

    /** @var list<float> a blur disc of this size hides the subject, mm */
    public array $hides = [];

    /** @var list<float> how far the aim is late to the side, rad */
    public array $lateX = [];

    /** @var list<float> how far the aim is late up and down, rad */
    public array $lateY = [];

    /** @var list<float> how far changes of direction throw the aim off, squared, rad² */
    private array $jink = [];

    /** @var array<string, list<float>> */
    private array $shared = [];

    /** Steps of a run from its first frame on; what would take more is played in coarser steps. */
    private const MOST_STEPS = 3600;

    /**
     * The time between two steps, s: a focus cycle, longer only for runs of more than a minute at 60 Hz and the like.
     */
    public static function stepS(Situation $s): float
    {
        return max(1 / $s->kit->body->focusCycleHz, $s->rush->path->seconds / self::MOST_STEPS);
    }

    /** Steps of a run with so many before the first frame. */
    public static function stepsOf(Situation $s, int $lead): int
    {
        return $lead + max(2, (int) ceil($s->rush->path->seconds / self::stepS($s)));
    }

    /** @param  int  $lead  steps before the first frame, in which focus is already at work */
    public function __construct(Situation $s, public readonly int $lead)
    {
        $rush = $s->rush;
        $body = $s->kit->body;
        $lens = $s->lens;
        $f = $lens->focalMm;
        $this->stepS = self::stepS($s);
        $this->steps = self::stepsOf($s, $lead);
        $pitch = $body->pitchMm();
        // They move with the subject.
        $apart = array_map(static fn (float $m): float => $m - $s->middle->distanceM, $s->companionsM());
        $nearer = min([0.0, ...$apart]);
        $farther = max([0.0, ...$apart]);
        $depthM = $rush->subject->depthM;
        $partM = (Parameters::PART_OFFSET * $depthM * $depthM) / ($depthM + Parameters::ROUND_M);
        for ($k = 0; $k < $this->steps; $k++) {
            $point = $rush->path->at(($k - $lead) * $this->stepS);
            $d = max($point->distanceM, (1.2 * $f) / 1000);
            $motion = ImageMotion::of($point, $lens, $pitch);
            $m = $motion->magnification;
            $here = self::travel($f, $d);
            $this->points[] = $point;
            $this->distance[] = $d;
            $this->jink[] = $s->aim->jinkRad($point) ** 2;
            $this->motions[] = $motion;
            $this->aim[] = $here;
            $this->perMetre[] = -1000 * $m * $m;
            $this->part[] = self::travel($f, max(0.3, $d - $partM)) - $here;
            $this->background[] = self::travel($f, max($rush->scene->backgroundM, 1.02 * $d));
            $this->clutter[] = self::travel($f, $rush->scene->frontRatio * $d);
            $this->rivalNear[] = self::travel($f, (1 - Parameters::RIVAL_GAP) * $d);
            $this->rivalFar[] = self::travel($f, (1 + Parameters::RIVAL_GAP) * $d);
            $this->groupNear[] = $nearer < 0 ? self::travel($f, max(0.3, $d + $nearer)) - $here : 0.0;
            $this->groupFar[] = $farther > 0 ? self::travel($f, $d + $farther) - $here : 0.0;
            $across = $point->transverseMps > 1e-6 ? abs($point->acrossMps) / $point->transverseMps : 0.7;
            $up = $point->transverseMps > 1e-6 ? abs($point->upMps) / $point->transverseMps : 0.7;
            $lag = $s->aim->behindRad($point);
            $this->lateX[] = $lag * $across * ($point->acrossMps < 0 ? 1 : -1);
            $this->lateY[] = $lag * $up * ($point->upMps < 0 ? -1 : 1);
            $sideways = $point->speedMps > 1e-6 ? abs($point->acrossMps) / $point->speedMps : 1.0;
            $long = $rush->subject->lengthM * (0.6 + 0.4 * $sideways);
            $this->halfX[] = (500 * $long * $m) / $body->sensorWidthMm;
            $this->halfY[] = (500 * $rush->subject->heightM * $m) / $body->sensorHeightMm;
            $side = 1000 * min($long, $rush->subject->heightM) * $m;
            $this->pixels[] = $side / $pitch;
            $this->hides[] = Parameters::VISIBLE_BLUR * $side;
        }
    }

    /**
     * One entry for each step, made at the first asking: holds are alike in most of what they make of a way.
     *
     * @param  string  $what  with all that it depends on besides the way
     * @param  Closure(int): float  $at  of a step
     * @return list<float>
     */
    public function shared(string $what, Closure $at): array
    {
        return $this->shared[$what] ??= array_map($at, range(0, $this->steps - 1));
    }

    /**
     * Square of how far wind, of which the subject sways so many metres, and its changes of direction throw the aim
     * off, rad².
     */
    public function swayed(float $windM, int $k): float
    {
        return ($windM / $this->distance[$k]) ** 2 + $this->jink[$k];
    }

    /**
     * How far the lens is off the one of the group that is farthest from the plane of focus, mm, from how far it is off
     * the subject.
     */
    public function worst(int $k, float $off): float
    {
        return abs(
            $off > ($this->groupNear[$k] + $this->groupFar[$k]) / 2
                ? $off - $this->groupFar[$k]
                : $off - $this->groupNear[$k],
        );
    }

    /** Lens travel beyond infinity that focuses at a distance, mm. */
    public static function travel(float $focalMm, float $distanceM): float
    {
        return ($focalMm * $focalMm) / (max($distanceM, (1.05 * $focalMm) / 1000) * 1000 - $focalMm);
    }
}
