<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Optics\StopScale;
use RushHold\Situation\Situation;

/** How a camera stands now, as far as it is known: what was left from last time. */
final readonly class Standing
{
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

        return array_values(array_filter(Setting::keptByCamera(), static fn (Setting $setting): bool => in_array($setting, $changes, true)));
    }

    /**
     * What has to be changed, what spoils the rush first.
     *
     * @return list<Change>
     */
    public function changes(Plan $plan): array
    {
        $s = $plan->situation;
        $hold = $plan->hold;
        $changes = [];
        $labels = [];
        foreach ($plan->lines as $line) {
            $labels[$line->setting->value] = $line->label;
        }
        foreach ($this->changesTo($hold) as $setting) {
            $danger = $this->danger($setting, $s, $hold);
            $changes[] = new Change($setting, $setting->label(), $this->label($setting), $labels[$setting->value] ?? '', $danger);
        }
        if ($this->manualSwitch && $hold->mode !== FocusMode::Manual) {
            array_unshift($changes, new Change(null, 'Switch on the lens', 'Manual', 'Automatic', 'With the switch on the lens at manual, no focus setting does anything.'));
        }
        usort($changes, static fn (Change $a, Change $b): int => ($b->danger !== null) <=> ($a->danger !== null));

        return $changes;
    }

    /** Why a leftover would spoil this rush; null when it only costs a little. */
    private function danger(Setting $setting, Situation $s, Hold $hold): ?string
    {
        $now = $this->known->get($setting);

        return match (true) {
            $now instanceof FocusMode && $now->locksOnce() && $hold->mode === FocusMode::Continuous => 'It locks once; every frame after the first would drift away.',
            $now === FocusMode::Manual && $hold->mode !== FocusMode::Manual => 'Focus would not move at all.',
            $now === FocusMode::AutoSwitch => 'The camera would decide for itself, and late.',
            $now instanceof Detection && $now !== Detection::Off && $now !== $s->subject->kind => sprintf('It looks for %s: it finds nothing here, or takes a bystander.', match ($now) {
                Detection::Person => 'people',
                Detection::Vehicle => 'vehicles',
                Detection::Bird => 'birds',
                default => 'animals',
            }),
            $now instanceof FocusRange && ! ($now->contains($s->nearestM) && $now->contains($s->farthestM)) => sprintf('The lens would refuse part of the way: it is limited to %s.', $this->label($setting)),
            $setting === Setting::Shutter && is_float($now) && $now > 2 * $hold->shutterS => 'Far too slow for this one; every frame would smear.',
            $setting === Setting::Stabiliser && $now !== Stabiliser::Off && $hold->stabiliser === Stabiliser::Off && $hold->shutterS < 1 / 1000 => 'It fights the movement that you follow.',
            default => null,
        };
    }

    private function label(Setting $setting): string
    {
        $now = $this->known->get($setting);

        return match (true) {
            $now instanceof \RushHold\Labelled => $now->label(),
            is_bool($now) => $now ? 'On' : 'Off',
            $now instanceof FocusRange => sprintf('%s to %s', Lines::metres($now->nearM), $now->farM === null ? 'infinity' : Lines::metres($now->farM)),
            $setting === Setting::RangeLimit => 'Full',
            $setting === Setting::Shutter && is_float($now) => StopScale::shutterLabel($now),
            $setting === Setting::Aperture && is_float($now) => StopScale::fLabel($now),
            $setting === Setting::Iso && is_float($now) => (string) StopScale::isoLabel($now),
            $setting === Setting::Patience && is_float($now) => Lines::patience($now),
            $setting === Setting::Nimbleness && is_float($now) => Lines::nimbleness($now),
            default => '',
        };
    }
}
