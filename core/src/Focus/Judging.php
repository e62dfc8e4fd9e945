<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Blur\Verdict;
use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/** What is the same for all frames when they are judged by their total blur. */
final readonly class Judging
{
    /** Blur of defocus for each mm that the lens is off, µm. */
    public float $perMm;

    /** Square of the blur a keeper may have, µm². */
    public float $limitSquare;

    public float $airSquare;

    /** Unit noise below this means that something covers the subject in a frame. */
    public float $zHidden;

    public bool $cluttered;

    /** A frame has this room for focus when everything else is taken off: beyond, focus alone would have done. */
    public const FOCUS_ALONE = 0.5;

    /** Off by up to so many squares of the room there is, a little more depth would have done. */
    public const NEARLY = 2.25;

    /** Focus up to so far past a nearer part is still on it. */
    public const ON_PART = 1.6;

    public function __construct(Situation $s, Hold $hold, private FocusCycles $course)
    {
        $this->perMm = 1000 / $hold->aperture;
        $this->limitSquare = (Verdict::KEEPER_LIMIT * $s->cocUm) ** 2;
        $this->airSquare = $course->airUm ** 2;
        $this->cluttered = $s->scene->frontClutter > 0;
        $this->zHidden = Noise::quantile(
            min(1.0, $s->scene->frontClutter * Seeing::gap($s) * (1 + Seeing::WINDY * $s->scene->wind)),
        );
    }

    /**
     * What smeared a lost frame for which focus alone would have done; null when it was focus that lost it.
     *
     * @param  float  $defocus  µm
     * @param  float  $body  smear of the subject's movement, µm
     * @param  float  $hand  smear of the camera's, µm
     * @param  float  $room  square of the blur that is left for all three, µm²
     */
    public function smear(float $defocus, float $body, float $hand, float $room): ?LossCause
    {
        if ($room > 0 && $defocus * $defocus > self::FOCUS_ALONE * $room) {
            return null;
        }

        return match (true) {
            max($body * $body, $hand * $hand) <= $this->airSquare => LossCause::Air,
            $body * $body > $hand * $hand => LossCause::SubjectSmear,
            default => LossCause::Shake,
        };
    }

    /**
     * What else lost a frame in which the subject is to be seen; null when it was focus that was elsewhere.
     *
     * @param  float  $on  lens travel at which the aim part is sharp, mm
     * @param  float  $meant  where the lens was brought, mm
     * @param  float  $at  where it came to, mm
     * @param  float  $body  smear of the subject's movement, µm
     * @param  float  $hand  smear of the camera's, µm
     * @param  float  $room  square of the blur that is left for all, µm²
     */
    public function blurred(
        int $k,
        float $on,
        float $meant,
        float $at,
        float $body,
        float $hand,
        float $room,
    ): ?LossCause {
        $left = $room - $body * $body - $hand * $hand;
        $defocus = $this->course->way->worst($k, $at - $on) * $this->perMm;
        if ($defocus * $defocus <= $left) {
            return LossCause::Bent;
        }
        $smear = $this->smear($defocus, $body, $hand, $room);
        if ($smear !== null) {
            return $smear;
        }
        $alone = abs($at - $on) * $this->perMm;
        if ($alone * $alone <= $left) {
            return LossCause::OthersOut;
        }
        $without = $this->course->way->worst($k, $meant - $on) * $this->perMm;

        return $without * $without <= $left ? LossCause::OwnScatter : null;
    }
}
