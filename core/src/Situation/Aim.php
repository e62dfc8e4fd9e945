<?php

declare(strict_types=1);

namespace RushHold\Situation;

use RushHold\Kit\Support;
use RushHold\Motion\PathPoint;
use RushHold\Rush\Rush;

/**
 * How far somebody's aim strays: unsteady hands, and being late on what moves. The one model of aim for rules, margins
 * and simulation. Numbers from how far subjects wander about the finder of practised and of new users.
 */
final readonly class Aim
{
    /** Unsteadiness of a master's hands, rad (about 3 arcmin). */
    private const HANDS_BEST_RAD = 0.0008;

    /** Added for somebody who never did it, rad. */
    private const HANDS_UNSKILLED_RAD = 0.005;

    /** A stabilised finder is easier to hold still: share of the unsteadiness that is left. */
    private const STABILISED = 0.8;

    /** How late a master follows what moves, s: a share of a human reaction that foresight does not remove. */
    private const LATE_BEST_S = 0.03;

    /** Added without any practice in following, s. */
    private const LATE_UNSKILLED_S = 0.22;

    /** Share of that lateness which is left when the way is steady and so foreseen. */
    private const LATE_FORESEEN = 0.5;

    /** Changes of speed as hard as this cannot be foreseen at all, m/s². */
    private const UNFORESEEN_MPS2 = 20.0;

    /** A subject this erratic cannot be foreseen either. */
    private const UNFORESEEN_ERRATIC = 1 / 1.2;

    /** Turning rate at which people begin to swing ahead with the subject instead of running after it, rad/s. */
    private const SWING_RAD_PER_S = 0.3;

    /** A jink to the side is answered after this time by anybody, s. */
    private const JINK_S = 0.085;

    /** Speed of a wholly erratic subject's jinks to the side, as a share of its speed. */
    private const JINK_SPEED = 0.3;

    private function __construct(
        /** Typical miss that comes from the hands, rad. */
        public float $handsRad,
        /** Seconds by which the aim is behind a subject that turns slowly. */
        public float $lateS,
        /** How far a jink takes the subject from where it was expected, m. */
        public float $jinkM,
    ) {
    }

    /** @param  bool  $stabilised  whether the picture in the finder is steadied */
    public static function of(Rush $rush, Support $support, bool $stabilised): self
    {
        $person = $rush->photographer;
        $hands = (self::HANDS_BEST_RAD + self::HANDS_UNSKILLED_RAD * (1 - $person->aim)) * sqrt($support->shake());
        $late = self::LATE_BEST_S + self::LATE_UNSKILLED_S * (1 - $person->panning);
        $surprise = min(
            1.0,
            $rush->subject->erratic / self::UNFORESEEN_ERRATIC +
                $rush->path->hardestChangeMps2() / self::UNFORESEEN_MPS2,
        );

        return new self(
            $hands * ($stabilised ? self::STABILISED : 1.0),
            $late * (self::LATE_FORESEEN + (1 - self::LATE_FORESEEN) * $surprise),
            self::JINK_S * self::JINK_SPEED * $rush->subject->erratic * $rush->path->speedMps,
        );
    }

    /** By how much the aim is behind the subject there, rad. */
    public function behindRad(PathPoint $point): float
    {
        return ($this->lateS * $point->angularRadPerS) / (1 + $point->angularRadPerS / self::SWING_RAD_PER_S);
    }

    /** How far a jink takes the subject off the aim there, rad, whoever aims. */
    public function jinkRad(PathPoint $point): float
    {
        return $this->jinkM / max(0.1, $point->distanceM);
    }

    /** Typical miss there in any direction, rad. */
    public function missRad(PathPoint $point): float
    {
        return sqrt($this->handsRad ** 2 + $this->behindRad($point) ** 2 + $this->jinkRad($point) ** 2);
    }
}
