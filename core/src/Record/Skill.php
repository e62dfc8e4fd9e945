<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Labelled;
use RushHold\Rush\Photographer;

/** What a person may be good at, each from 0 to 1. */
enum Skill: string implements Labelled
{
    case Aim = 'aim';
    case Panning = 'panning';
    case HandFocus = 'hand_focus';

    public function of(Photographer $person): float
    {
        return match ($this) {
            self::Aim => $person->aim,
            self::Panning => $person->panning,
            self::HandFocus => $person->handFocus,
        };
    }
}
