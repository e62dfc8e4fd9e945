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
        $animal = static fn (Situation $s): bool => $s->subject->kind === Detection::Bird || $s->subject->kind === Detection::Animal;

        return [
            Rule::favour('aim.eye', Setting::Aim, ['eye' => 3.0, 'head' => 2.0],
                static fn (Situation $s): bool => $animal($s) && $s->aimPixels >= 25,
                'A picture of an animal lives by its eye, and here it is large enough to aim at.'),
            Rule::favour('aim.head', Setting::Aim, ['head' => 3.0, 'edge' => 1.0],
                static fn (Situation $s): bool => $animal($s) && $s->aimPixels < 25,
                'The eye is too small to catch from here; the head is the next best.'),
            Rule::favour('aim.plain', Setting::Aim, ['edge' => 2.5, 'eye' => -1.0],
                static fn (Situation $s): bool => $s->subject->contrast < 0.35,
                'Its surface is too plain to measure: hold the edge between it and the background.'),
            Rule::favour('aim.moving-athlete', Setting::Aim, ['chest' => 3.0],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Person && ! $s->isStill(),
                'On an athlete in action the upper chest moves least and has number and lettering to catch.'),
            Rule::favour('aim.person-at-rest', Setting::Aim, ['eye' => 3.0, 'head' => 2.0],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Person && $s->isStill(),
                'At rest, a person is the face.'),
            Rule::favour('aim.vehicle', Setting::Aim, ['edge' => 2.0, 'body' => 1.5],
                static fn (Situation $s): bool => $s->subject->kind === Detection::Vehicle || $s->subject->kind === Detection::Off,
                'Aim at lettering or a hard edge; smooth panels give focus nothing.'),
        ];
    }
}
