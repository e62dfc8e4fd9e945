<?php

declare(strict_types=1);

namespace RushHold\Situation;

/** Where the rules change their mind. Starting points from practice, in one place. */
final class Thresholds
{
    /** What keeps still, but is this erratic, may stir at any moment. */
    public const STIRS = 0.15;

    /** Smallest subject, in pixels, that detection is likely to find. */
    public const DETECTION_PIXELS = 60.0;

    /** Smallest aim part, in pixels, that eye detection is likely to find. */
    public const EYE_PIXELS = 20.0;

    /** From this share covered on, detection no longer finds what is behind. */
    public const DETECTION_CLUTTER = 0.6;

    /** From this share covered on, no area sees through. */
    public const BLIND_CLUTTER = 0.7;

    /** From this share covered on, areas that pick for themselves pick the clutter. */
    public const PICKY_CLUTTER = 0.25;

    /** Things crossing in front, per second, that ask for patience. */
    public const CROSSINGS_PER_S = 0.3;

    /** Changes of speed that a steady prediction overruns, m/s². */
    public const SPEED_CHANGE_MPS2 = 1.5;

    /** Skill from which working the ring pays. */
    public const HAND_SKILL = 0.6;

    /** Notice below which it is simply there, s. */
    public const SURPRISE_S = 0.3;

    /** With less warning than this, s, what is at least so erratic may come from either side. */
    public const UNWARNED_S = 1.0;

    public const EITHER_SIDE = 0.3;
}
