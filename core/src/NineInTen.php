<?php

declare(strict_types=1);

namespace RushHold;

/** The one interval in which what is not known exactly is given everywhere: it holds the truth nine times in ten. */
final class NineInTen
{
    /** Standard errors to either side. */
    public const ERRORS = 1.645;

    /** Share of the truth below its lower end. */
    public const BELOW = 0.05;
}
