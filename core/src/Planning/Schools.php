<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Kit;
use RushHold\Kit\Response;
use RushHold\Refused;

/** The sides a person takes in the honest disagreements: each fixes a setting until it is let go. */
final class Schools
{
    /** @var array<string, array<string, array{Setting, string|float}>> by school and side */
    private const SIDES = [
        'response' => [
            'sticky' => [Setting::Patience, 1.2],
            'general' => [Setting::Patience, 0.3],
            'quick' => [Setting::Patience, 0.02],
        ],
        'stabiliser' => ['off' => [Setting::Stabiliser, 'off'], 'on' => [Setting::Stabiliser, 'on']],
        'bursts' => ['long' => [Setting::Drive, 'long'], 'short' => [Setting::Drive, 'short']],
    ];

    /** @return array<string, list<string>> the sides of each school */
    public static function all(): array
    {
        return array_map(array_keys(...), self::SIDES);
    }

    /**
     * What the sides taken fix, of the steps that the body has.
     *
     * @param  array<string, string>  $sides  by school; schools left out stay open
     *
     * @throws Refused if a school or side is not known
     */
    public static function taken(array $sides, Kit $kit): PartialHold
    {
        $hold = PartialHold::nothing();
        foreach ($sides as $school => $side) {
            $known =
                self::SIDES[$school] ??
                throw Refused::because(
                    "schools.$school",
                    'school',
                    name: $school,
                    known: implode(', ', array_keys(self::SIDES)),
                );
            [$setting, $value] =
                $known[$side] ??
                throw Refused::because(
                    "schools.$school",
                    'side',
                    school: $school,
                    side: $side,
                    known: implode(', ', array_keys($known)),
                );
            $hold = $hold->with(
                $setting,
                is_float($value) ? $kit->body->nearestResponse($value, Response::USUAL_NIMBLE)[0] : $value,
            );
        }

        return $hold;
    }
}
