<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Situation\Situation;

/** What is the same in every focus cycle for what the area sees. */
final readonly class Seeing
{
    /** Wind moves clutter and so puts more of it before the subject. */
    public const WINDY = 0.95;

    /** A larger area meets what passes earlier and lets go of it later. */
    private const WIDE_MEETS = 0.5;

    /** A pattern gets lost by itself so often, as a share of what looking alike does. */
    private const LOST_ANYWAY = 0.02;

    /** From how often a measurement fails on it is looked at at all. */
    private const FAILS_AT_ALL = 0.002;

    /** Half the area, frame widths and heights. */
    public float $areaX;

    public float $areaY;

    /** Half of the part to be sharp on the sensor, frame widths: within it nothing is nearer. */
    public float $aimHalf;

    /** Half of what it prefers. */
    public float $coreX;

    public float $coreY;

    public bool $block;

    public bool $follows;

    public bool $detecting;

    /** Unit noise below this means that another of its kind is taken for the subject. */
    public float $zRival;

    public bool $rivals;

    /** Whether what crosses is of its kind, so that it is followed once it is taken. */
    public bool $alike;

    /** Unit noise below this means a patch of clutter in the area. */
    public float $zClutter;

    /** Unit noise below this means that there is detail to catch on beside the subject. */
    public float $zDetail;

    /** Chance in each cycle that a pattern is lost, and that it is found again. */
    public float $lostPerStep;

    public float $foundPerStep;

    /** Time for which a subject that was recognised is waited for, s; below 0 not at all. */
    public float $blinkS;

    /** Half of what the points reach, frame widths and heights. */
    public float $reachX;

    public float $reachY;

    /** Chance that a measurement fails. */
    public float $fails;

    public bool $failsAtAll;

    public bool $mirror;

    public bool $cluttered;

    /** Things crossing in front per second, and for how long each, s. */
    public float $crossingsPerS;

    public float $crossingS;

    public function __construct(Situation $s, Hold $hold, FocusCycles $course)
    {
        $scene = $s->scene;
        $body = $s->kit->body;
        $shape = $course->shape;
        $this->areaX = $shape->width / 2;
        $this->areaY = $shape->height / 2;
        $point = $body->areas[Area::Point->value] ?? $shape;
        $helpers = $hold->area->about()->hasHelpers;
        $this->coreX = $helpers ? min($this->areaX, $point->width / 2) : $this->areaX;
        $this->coreY = $helpers ? min($this->areaY, $point->height / 2) : $this->areaY;
        $this->aimHalf = $s->aimPixels / $body->pixelsWide / 2;
        $this->block = $hold->area->picksForItself();
        $this->follows = $hold->area === Area::Follow;
        $this->detecting = $hold->detect !== Detection::Off && $shape->detects;
        $like = $scene->backgroundAlike * (1 - 0.5 * $s->subject->distinct);
        $rival =
            Parameters::RIVAL *
            $like *
            sqrt($shape->width * $shape->height) *
            Parameters::RIVAL_WINS[$hold->wins->value];
        $this->rivals = $this->detecting && $rival > 0.005;
        $this->zRival = Noise::quantile($rival);
        $this->alike = $this->detecting && $scene->backgroundAlike >= 0.3;
        $this->blinkS =
            $this->detecting && $hold->detect === $s->subject->kind ? $hold->patienceS + Parameters::BLINK_S : -1.0;

        $covered = min(
            0.999,
            $scene->frontClutter *
                self::gap($s) *
                (1 + self::WINDY * $scene->wind) *
                ($this->block ? Parameters::CLUTTER_WINS[$hold->wins->value] : 1.0),
        );
        $patches = max(1.0, ($shape->width * $shape->height) / Parameters::PATCH);
        $this->zClutter = Noise::quantile(min(1.0, 1 - (1 - $covered) ** ($this->block ? $patches : sqrt($patches))));
        $this->zDetail = Noise::quantile($scene->backgroundTexture);
        $alike =
            $scene->backgroundAlike * (1 - $s->subject->distinct) +
            $scene->frontClutter ** Parameters::PATTERN_COVERED +
            self::LOST_ANYWAY;
        $this->lostPerStep = $course->stepS * (Parameters::PATTERN_LOST_PER_S * $alike);
        $this->foundPerStep = $course->stepS * Parameters::PATTERN_FOUND_PER_S * $s->subject->distinct;
        $this->cluttered = $scene->frontClutter > 0;
        $this->crossingsPerS = $scene->obstaclesPerS;
        $this->crossingS = $scene->obstacleS * (1 + self::WIDE_MEETS * $shape->width);

        $points = $body->points;
        [$this->reachX, $this->reachY] = $points === null ? [0.5, 0.5] : [$points->width / 2, $points->height / 2];
        $fails = Parameters::DARK_FAILS * 2 ** (-max(-1.0, $s->lightMarginStops) / 2);
        // Points of one direction miss what has lines along their own axis only.
        $this->fails =
            $points === null
                ? $fails
                : 1 -
                    (1 - min(1.0, $fails)) *
                        (1 -
                            Parameters::ONE_WAY_BLIND *
                                $points->oneWayShare($shape, $hold->areaAt) *
                                (1.2 - $s->subject->contrast));
        $this->failsAtAll = $this->fails > self::FAILS_AT_ALL;
        $this->mirror = $body->mirror;
    }

    /**
     * Share of clutter that is left in what is put on the subject: a subject that keeps still can be seen through a
     * gap.
     */
    public static function gap(Situation $s): float
    {
        $left = $s->isStill()
            ? Parameters::GAP_FOUND + (1 - Parameters::GAP_FOUND) * 0.5 * (1 - $s->photographer->aim)
            : Parameters::GAP_MOVING;

        // Where all is covered there is no gap.
        return $left + (1 - $left) * $s->scene->frontClutter ** 6;
    }
}
