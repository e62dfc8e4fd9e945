<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

/** What the buttons of a body have to do with a setting. */
enum OnControls
{
    case No;

    /** A held control can put it in force. */
    case InASet;

    /** Dials and switches change it, whatever is held. */
    case Beside;
}
