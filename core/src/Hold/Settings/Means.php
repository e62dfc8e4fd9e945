<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

/** How a setting is changed in a camera. */
enum Means
{
    /** A page for what is changed often. */
    case Quick;

    case Menu;

    /** A switch on body or lens. */
    case Switch;

    /** A dial, a stop in three clicks. */
    case Dial;

    /** A dial whose figure doubles in two stops. */
    case DialOfTwo;

    /** Whatever moves the area. */
    case Moving;
}
