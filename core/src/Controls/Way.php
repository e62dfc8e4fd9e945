<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Labelled;

/** A way to change something on a camera. */
enum Way: string implements Labelled
{
    case Hold = 'hold';
    case Dial = 'dial';
    case Flip = 'switch';
    case Touch = 'touch';
    case Quick = 'quick-menu';
    case Menu = 'menu';
    case Stick = 'stick';
    case ThumbOnScreen = 'thumb-on-screen';
    case Recall = 'recall';

    /** A first guess of how long it takes somebody who knows where it is, s; a dial for each click. */
    public function usualS(): float
    {
        return match ($this) {
            self::Hold, self::Dial, self::Recall => 0.3,
            self::Flip => 0.6,
            self::ThumbOnScreen => 0.8,
            self::Stick => 1.2,
            self::Touch => 1.5,
            self::Quick => 3.0,
            self::Menu => 7.0,
        };
    }

    /** Whether the eye has to leave the finder for it. */
    public function takesALook(): bool
    {
        return in_array($this, [self::Touch, self::Quick, self::Menu], true);
    }
}
