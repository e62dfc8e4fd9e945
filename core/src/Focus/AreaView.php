<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** What the area sees in one focus cycle. The numbers are for the inner loop, which has no time for enums. */
final class AreaView
{
    public const NOTHING = 0;

    /** The part that has to be sharp. */
    public const AIM = 1;

    /** A part of the subject that is nearer. */
    public const PART = 2;

    public const BACKGROUND = 3;

    /** Something in front of the subject. */
    public const NEARER = 4;
}
