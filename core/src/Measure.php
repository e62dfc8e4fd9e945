<?php

declare(strict_types=1);

namespace RushHold;

/** What a number in a sentence is, which decides how it is written. */
enum Measure
{
    /** Number that a sentence counts with: “1 stop”, “1.3 stops”. */
    case Count;
    /** Number alone, rounded. */
    case Figure;
    /** Number alone, as exact as it is. */
    case Exact;
    /** m. */
    case Length;
    /** m; where one would set focus. */
    case Distance;
    /** m; small ones in the smaller unit. */
    case Depth;
    /** m/s. */
    case Speed;
    /** s. */
    case Seconds;
    /** s; in thousandths. */
    case Milliseconds;
    /** s; as shutters are written. */
    case Shutter;
    case FNumber;
    case Iso;
    /** 0 to 1, in hundredths. */
    case Share;
    case Millimetres;
    case Degrees;
}
