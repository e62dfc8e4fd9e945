<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Kit\Detection;
use RushHold\Planning\Rule;
use RushHold\Situation\Situation;

/** Where on the subject to aim. */
final class AimRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $animal = static fn (Situation $s): bool => $s->subject->kind === Detection::Bird ||
            $s->subject->kind === Detection::Animal;

        return [
            Rule::favour(
                'aim.eye',
                Setting::Aim,
                ['eye' => 3.0, 'head' => 2.0],
                static fn (Situation $s): bool => $animal($s) && $s->aimPixels >= 25,
            ),
            Rule::favour(
                'aim.head',
                Setting::Aim,
                ['head' => 3.0, 'edge' => 1.0],
                static fn (Situation $s): bool => $animal($s) && $s->aimPixels < 25,
            ),
            Rule::favour(
                'aim.plain',
                Setting::Aim,
                ['edge' => 2.5, 'eye' => -1.0],
                static fn (Situation $s): bool => $s->subject->contrast < 0.35,
            ),
            Rule::favour(
                'aim.moving-athlete',
                Setting::Aim,
                ['chest' => 3.0],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Person &&
                    ! $s->isStill() &&
                    ! $s->subject->figure->swims(),
            ),
            Rule::favour(
                'aim.in-water',
                Setting::Aim,
                ['head' => 3.0, 'eye' => 1.0],
                static fn (Situation $s): bool => $s->subject->figure->swims(),
            ),
            Rule::favour(
                'aim.person-at-rest',
                Setting::Aim,
                ['eye' => 3.0, 'head' => 2.0],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Person && $s->isStill(),
            ),
            Rule::favour(
                'aim.vehicle',
                Setting::Aim,
                ['edge' => 2.0, 'body' => 1.5],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Vehicle ||
                    $s->subject->kind === Detection::Off,
            ),
        ];
    }
}
