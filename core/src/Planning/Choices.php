<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Refused;
use RushHold\Situation\Situation;

/**
 * What has been decided so far, with what is pinned standing in from the start. Rules for later settings may
 * look at earlier ones.
 */
final class Choices
{
    /** Supports that leave this share of the hand's shake are not at rest. */
    private const SHAKY = 0.3;

    /** @var array<string, mixed> */
    private array $decided = [];

    public function __construct(public readonly PartialHold $pins)
    {
    }

    public function decide(Setting $setting, mixed $value): void
    {
        $this->decided[$setting->value] = $value;
    }

    public function get(Setting $setting): mixed
    {
        return $this->decided[$setting->value] ?? $this->pins->get($setting);
    }

    /** @throws Refused while something is open */
    public function hold(): Hold
    {
        return $this->pins->and(PartialHold::known($this->decided))->whole();
    }

    public function technique(): ?Technique
    {
        $value = $this->get(Setting::Technique);

        return $value instanceof Technique ? $value : null;
    }

    public function mode(): ?FocusMode
    {
        $value = $this->get(Setting::Mode);

        return $value instanceof FocusMode ? $value : null;
    }

    public function area(): ?Area
    {
        $value = $this->get(Setting::Area);

        return $value instanceof Area ? $value : null;
    }

    public function detect(): ?Detection
    {
        $value = $this->get(Setting::Detect);

        return $value instanceof Detection ? $value : null;
    }

    public function shape(Situation $s): ?AreaShape
    {
        return $this->area() === null ? null : $s->kit->body->areas[$this->area()->value];
    }

    public function byHand(): bool
    {
        return ($this->technique() ?? Technique::Auto) !== Technique::Auto;
    }

    public function stabiliserStops(Situation $s): float
    {
        $use = $this->get(Setting::Stabiliser);

        // Where it is not settled yet: what keeps still is shot from the hand with it on, at whatever shutter that
        // allows.
        $use ??= $s->isStill() && $s->support->shake() >= self::SHAKY ? Stabiliser::On : null;

        return $use instanceof Stabiliser ? $use->stops($s->kit->lens->stabiliserStops) : 0.0;
    }

    public function number(Setting $setting): float
    {
        $value = $this->get($setting);

        return is_int($value) || is_float($value) ? (float) $value : NAN;
    }
}
