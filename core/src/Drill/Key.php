<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Controls\Assigned;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Kit\StoredSet;

/** A control as it is practised: what it does, and the set it holds. */
final readonly class Key
{
    /** Duties that controls without a set are practised with, in this order. */
    private const BESIDES = [
        Duty::ToggleManual,
        Duty::RecallArea,
        Duty::LockExposure,
        Duty::SwitchDetection,
        Duty::Magnify,
    ];

    /** A hand does not find the stick or the screen by touch while it follows. */
    private const FOUND_BY_TOUCH = [
        ControlPlace::HalfPress,
        ControlPlace::Thumb1,
        ControlPlace::Thumb2,
        ControlPlace::Thumb3,
        ControlPlace::Front1,
        ControlPlace::Front2,
        ControlPlace::Barrel,
    ];

    public function __construct(
        public ControlPlace $place,
        public Duty $duty,
        public ?FocusMode $mode = null,
        public ?Area $area = null,
        public ?Detection $detect = null,
    ) {
    }

    /**
     * The layout of a body to practise: its stored sets as they are, focus on the shutter or else on the first thumb
     * button, and something for the controls that are left.
     *
     * @return list<self>
     */
    public static function of(Body $body): array
    {
        $sets = [];
        foreach ($body->storedSets as $set) {
            $sets[$set->control->value] = $set;
        }
        $besides = self::BESIDES;
        $keys = [];
        $starts = false;
        foreach (self::reached($body) as $control) {
            $set = $sets[$control->place->value] ?? null;
            if ($set instanceof StoredSet) {
                $keys[] = new self($control->place, Duty::StoredSet, $set->mode, $set->area, $set->detect);
            } elseif (! $starts && $control->may(Duty::StartFocus)) {
                $starts = true;
                $keys[] = new self($control->place, Duty::StartFocus);
            } else {
                foreach ($besides as $i => $duty) {
                    if ($control->may($duty)) {
                        unset($besides[$i]);
                        $keys[] = new self($control->place, $duty);
                        break;
                    }
                }
            }
        }

        return $keys;
    }

    /** A control as a solved layout has it. */
    public static function assigned(Assigned $assigned): self
    {
        $has = static fn (Setting $setting): mixed => $assigned->set?->has($setting) === true
            ? $assigned->set->get($setting)
            : null;
        [$mode, $area, $detect] = [$has(Setting::Mode), $has(Setting::Area), $has(Setting::Detect)];

        return new self(
            $assigned->place,
            $assigned->duty,
            $mode instanceof FocusMode ? $mode : null,
            $area instanceof Area ? $area : null,
            $detect instanceof Detection ? $detect : null,
        );
    }

    /** @return list<Control> */
    private static function reached(Body $body): array
    {
        return array_values(
            array_filter(
                $body->controls,
                static fn (Control $c): bool => in_array($c->place, self::FOUND_BY_TOUCH, true),
            ),
        );
    }
}
