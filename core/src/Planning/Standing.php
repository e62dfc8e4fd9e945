<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;

/** How a camera stands now, as far as it is known: what was left from last time. */
final readonly class Standing
{
    /** A shutter left so many times longer than what is wanted smears every frame. */
    private const FAR_TOO_SLOW = 2.0;

    /** At shorter times than this a stabiliser fights the movement that is followed, s. */
    private const STABILISER_FIGHTS_S = 1 / 1000;

    private function __construct(private PartialHold $known, public bool $manualSwitch)
    {
    }

    /** Of what is known only what a camera keeps matters; technique, aim and support are the person's. */
    public static function of(PartialHold $known, bool $manualSwitch = false): self
    {
        return new self($known->only(...Setting::keptByCamera()), $manualSwitch);
    }

    /** What is left after using a hold. */
    public static function after(Hold $hold): self
    {
        return self::of(PartialHold::of($hold));
    }

    /**
     * The settings that have to be changed for a hold; what is not known counts as in place.
     *
     * @return list<Setting> those that are changed quickest first
     */
    public function changesTo(Hold $hold): array
    {
        $changes = $this->known->changesTo($hold);

        return array_values(
            array_filter(
                Setting::keptByCamera(),
                static fn (Setting $setting): bool => in_array($setting, $changes, true),
            ),
        );
    }

    /**
     * What has to be changed, what spoils the rush first.
     *
     * @return list<Change>
     */
    public function changes(Plan $plan): array
    {
        $changes = array_map(
            fn (Setting $setting): Change => new Change(
                $setting,
                $this->known->get($setting),
                $setting->in($plan->hold),
                $this->danger($setting, $plan->situation, $plan->hold),
            ),
            $this->changesTo($plan->hold),
        );
        if ($this->manualSwitch && $plan->hold->mode !== FocusMode::Manual) {
            array_unshift($changes, new Change(null, FocusMode::Manual, Technique::Auto, Said::of('danger.switch')));
        }
        usort($changes, static fn (Change $a, Change $b): int => ($b->danger !== null) <=> ($a->danger !== null));

        return $changes;
    }

    /** Why a leftover would spoil this rush; null when it only costs a little. */
    private function danger(Setting $setting, Situation $s, Hold $hold): ?Said
    {
        $now = $this->known->get($setting);

        return match (true) {
            $now instanceof FocusMode && $now->locksOnce() && $hold->mode === FocusMode::Continuous => Said::of(
                'danger.locks-once',
            ),
            $now === FocusMode::Manual && $hold->mode !== FocusMode::Manual => Said::of('danger.manual'),
            $now === FocusMode::AutoSwitch => Said::of('danger.auto-switch'),
            $now instanceof Detection && $now !== Detection::Off && $now !== $s->subject->kind => Said::of(
                'danger.detection',
                kind: $now,
            ),
            $now instanceof FocusRange && ! ($now->contains($s->nearestM) && $now->contains($s->farthestM)) => Said::of(
                'danger.range',
                range: self::range($now),
            ),
            $setting === Setting::Shutter && is_float($now) && $now > self::FAR_TOO_SLOW * $hold->shutterS => Said::of(
                'danger.shutter',
            ),
            $setting === Setting::Stabiliser &&
                $now !== Stabiliser::Off &&
                $hold->stabiliser === Stabiliser::Off &&
                $hold->shutterS < self::STABILISER_FIGHTS_S => Said::of('danger.stabiliser'),
            default => null,
        };
    }

    private static function range(FocusRange $range): Said
    {
        return $range->farM === null
            ? Said::of('value.range.open', near: Quantity::distance($range->nearM))
            : Said::of('value.range', near: Quantity::distance($range->nearM), far: Quantity::distance($range->farM));
    }
}
