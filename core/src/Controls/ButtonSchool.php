<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;
use RushHold\Labelled;

/** How people live with their buttons: what starts focus, and which controls hold sets. */
enum ButtonSchool: string implements Labelled
{
    case HalfPress = 'half-press';
    case Thumb = 'thumb';
    case TwoThumbs = 'two-thumbs';
    case Three = 'three';
    case Free = 'free';

    /** The control that starts focus with what is in force at rest. */
    public function startsFocusAt(): ControlPlace
    {
        return match ($this) {
            self::HalfPress, self::Three, self::Free => ControlPlace::HalfPress,
            self::Thumb, self::TwoThumbs => ControlPlace::Thumb1,
        };
    }

    /**
     * The controls that hold sets, of those a body has, the easiest to reach first.
     *
     * @return list<ControlPlace>
     */
    public function places(Body $body): array
    {
        $able = array_values(
            array_filter(
                self::byReach($body),
                static fn (ControlPlace $place): bool => $place !== ControlPlace::HalfPress,
            ),
        );

        return array_values(
            match ($this) {
                self::HalfPress, self::Thumb => [],
                self::TwoThumbs => array_filter($able, static fn (ControlPlace $p): bool => $p === ControlPlace::Thumb2),
                self::Three => array_filter(
                    $able,
                    static fn (ControlPlace $p): bool => in_array(
                        $p,
                        [ControlPlace::Thumb1, ControlPlace::Thumb2],
                        true,
                    ),
                ),
                self::Free => array_filter($able, Reachable::whilePanning(...)),
            },
        );
    }

    /** How many controls with sets it asks for at least. */
    public function asksFor(): int
    {
        return match ($this) {
            self::HalfPress, self::Thumb, self::Free => 0,
            self::TwoThumbs => 1,
            self::Three => 2,
        };
    }

    /** @return list<ControlPlace> */
    private static function byReach(Body $body): array
    {
        $able = [];
        foreach (ControlPlace::cases() as $place) {
            foreach ($body->controls as $control) {
                if ($control->place === $place && $control->may(Duty::StoredSet)) {
                    $able[] = $place;
                }
            }
        }

        return $able;
    }
}
