<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\AreaMove;
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
    /** The area goes where the thumb is put. */
    case ThumbOnScreen = 'thumb-on-screen';
    /** The area goes as far as the thumb is dragged. */
    case ThumbDragged = 'thumb-dragged';
    case Recall = 'recall';

    /** A first guess of how long it takes somebody who knows where it is, s; a dial for each click. */
    public function usualS(): float
    {
        return match ($this) {
            self::Hold, self::Dial => 0.3,
            self::Recall, self::ThumbOnScreen, self::ThumbDragged, self::Stick => $this->move()->usualS(),
            self::Flip => 0.6,

            self::Touch => 1.5,
            self::Quick => 3.0,
            self::Menu => 7.0,
        };
    }

    public static function ofMove(AreaMove $move): self
    {
        return match ($move) {
            AreaMove::Stick => self::Stick,
            AreaMove::TouchTo => self::ThumbOnScreen,
            AreaMove::TouchBy => self::ThumbDragged,
            AreaMove::Recall => self::Recall,
        };
    }

    private function move(): AreaMove
    {
        foreach (AreaMove::cases() as $move) {
            if (self::ofMove($move) === $this) {
                return $move;
            }
        }

        return AreaMove::Stick;
    }

    /** Whether the eye has to leave the finder for it. */
    public function takesALook(): bool
    {
        return in_array($this, [self::Touch, self::Quick, self::Menu], true);
    }
}
