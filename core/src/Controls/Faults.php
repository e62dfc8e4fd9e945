<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Said;

/** Looks through an arrangement for what goes wrong with buttons. */
final readonly class Faults
{
    /** Less than this share of the keepers lost is nobody's worry. */
    private const LOST = 0.02;

    public function __construct(private Body $body, private Arrangement $arrangement, private ButtonSchool $school)
    {
    }

    /**
     * @param  list<Reached>  $reached  how the rushes of the day are reached with it
     * @return list<Fault>
     */
    public function all(array $reached): array
    {
        if ($this->body->controls === []) {
            return [self::fault('no-controls', null), ...$this->menus($reached)];
        }

        return [
            ...$this->starts(),
            ...$this->ofSets(),
            ...$this->unused($reached),
            ...$this->menus($reached),
            ...$this->ofSchool(),
        ];
    }

    /** @return list<Fault> */
    private function starts(): array
    {
        $faults = [];
        $starters = $this->arrangement->starters();
        $thumb = array_values(
            array_filter($starters, static fn (ControlPlace $p): bool => $p !== ControlPlace::HalfPress),
        );
        if ($thumb !== [] && in_array(ControlPlace::HalfPress, $starters, true)) {
            $faults[] = self::fault('two-starts', $thumb[0], control: $thumb[0]);
        }
        if ($this->arrangement->focusesAlways && $this->school->startsFocusAt() !== ControlPlace::HalfPress) {
            $faults[] = self::fault('always', null);
        }
        $locks = array_filter(
            $this->arrangement->controls,
            static fn (Assigned $a): bool => $a->duty === Duty::LockExposure,
        );
        $half = array_filter(
            $this->arrangement->controls,
            static fn (Assigned $a): bool => $a->place === ControlPlace::HalfPress && $a->duty === Duty::StartFocus,
        );
        // Half pressed the shutter locks the exposure as well, unless it does neither.
        if ($locks === [] && $half === []) {
            $faults[] = self::fault('no-lock', null);
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function ofSets(): array
    {
        $faults = [];
        $taken = [];
        foreach ($this->arrangement->controls as $assigned) {
            if (isset($taken[$assigned->place->value])) {
                $faults[] = self::fault('wanted-twice', $assigned->place, control: $assigned->place);
            }
            $taken[$assigned->place->value] = true;
            if ($assigned->set === null) {
                continue;
            }
            if (! Reachable::whilePanning($assigned->place)) {
                $faults[] = self::fault('out-of-reach', $assigned->place, control: $assigned->place);
            }
            foreach ([Setting::Shutter, Setting::Aperture, Setting::Iso] as $setting) {
                if ($assigned->set->has($setting)) {
                    $faults[] = self::fault(
                        'recalls-exposure',
                        $assigned->place,
                        control: $assigned->place,
                        setting: $setting,
                    );
                }
            }
            $faults = [...$faults, ...$this->ofSet($assigned)];
        }

        return $faults;
    }

    /** @return list<Fault> what the area of a set does not go with */
    private function ofSet(Assigned $assigned): array
    {
        $set = $this->arrangement->rest->and($assigned->set ?? $this->arrangement->rest);
        $mode = $set->get(Setting::Mode);
        $area = $set->get(Setting::Area);
        $detect = $set->get(Setting::Detect);
        if (! ($area instanceof Area) || $mode === FocusMode::Manual) {
            return [];
        }
        $shape = $this->body->areas[$area->value] ?? null;
        $faults = [];
        if ($shape === null || ($mode instanceof FocusMode && ! $shape->allows($mode))) {
            $faults[] = self::fault(
                'mode-refused',
                $assigned->place,
                control: $assigned->place,
                area: $area,
                mode: $mode instanceof FocusMode ? $mode : FocusMode::Continuous,
            );
        }
        if ($shape !== null && $detect instanceof Detection && $detect !== Detection::Off && ! $shape->detects) {
            $faults[] = self::fault('no-detection', $assigned->place, control: $assigned->place, area: $area);
        }
        if ($shape !== null && $set->get(Setting::Eye) === true && $detect !== Detection::Off && ! $shape->seesEyes) {
            $faults[] = self::fault('no-eyes', $assigned->place, control: $assigned->place, area: $area);
        }

        return $faults;
    }

    /**
     * @param  list<Reached>  $reached
     * @return list<Fault>
     */
    private function unused(array $reached): array
    {
        $used = array_filter(array_map(static fn (Reached $r): ?string => $r->by?->value, $reached));

        return array_map(
            static fn (Assigned $a): Fault => self::fault('unused', $a->place, control: $a->place),
            array_values(
                array_filter(
                    $this->arrangement->sets(),
                    static fn (Assigned $a): bool => ! in_array($a->place->value, $used, true),
                ),
            ),
        );
    }

    /**
     * @param  list<Reached>  $reached
     * @return list<Fault> rushes that still end in a menu and lose by it
     */
    private function menus(array $reached): array
    {
        $faults = [];
        foreach ($reached as $r) {
            if ($r->takesALook() && $r->lost >= self::LOST) {
                $settings = array_values(
                    array_filter(
                        array_map(
                            static fn (Press $p): ?Setting => $p->way->takesALook() ? $p->setting : null,
                            $r->presses,
                        ),
                    ),
                );
                $faults[] = self::fault(
                    'ends-in-menu',
                    $r->by,
                    rush: $r->need->name,
                    settings: $settings,
                    seconds: Quantity::seconds($r->seconds()),
                    share: Quantity::share($r->lost),
                );
            }
        }

        return $faults;
    }

    /** @return list<Fault> */
    private function ofSchool(): array
    {
        $places = count($this->school->places($this->body));
        $starts = array_filter(
            $this->body->controls,
            fn ($control): bool => $control->place === $this->school->startsFocusAt() && $control->may(Duty::StartFocus),
        );

        return [
            ...$places < $this->school->asksFor()
                ? [
                    self::fault(
                        'too-few',
                        null,
                        wanted: Quantity::count($this->school->asksFor()),
                        there: Quantity::count($places),
                    ),
                ]
                : [],
            ...$starts === []
                ? [self::fault('cannot-start', $this->school->startsFocusAt(), control: $this->school->startsFocusAt())]
                : [],
        ];
    }

    /** @param  string|Labelled|Quantity|list<Labelled|string>  ...$facts  that its sentences name */
    private static function fault(string $what, ?ControlPlace $where, string|Labelled|Quantity|array ...$facts): Fault
    {
        return new Fault($what, $where, Said::of("fault.$what", ...$facts), Said::of("fault.$what.way-out", ...$facts));
    }
}
