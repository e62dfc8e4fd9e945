<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Kit\ControlPlace;
use RushHold\Range;
use RushHold\Refused;

/** How long a person needs for each way: first guesses, and their own where they were timed. */
final readonly class Times
{
    private const MOST_S = 30.0;

    /**
     * @param  array<string, float>  $own  by way, s
     * @param  array<string, float>  $controls  until a control is held, by its place, s
     *
     * @throws Refused if a time is out of range
     */
    public function __construct(private array $own = [], private array $controls = [])
    {
        foreach (['own' => $own, 'controls' => $controls] as $part => $times) {
            foreach ($times as $name => $seconds) {
                Range::of(0.02, self::MOST_S, 's')->check("times.$part.$name", $seconds);
            }
        }
    }

    /** @param  array<string, float>  $own  by way, s */
    public function with(array $own): self
    {
        return new self([...$this->own, ...$own], $this->controls);
    }

    public function of(Way $way): float
    {
        return $this->own[$way->value] ?? $way->usualS();
    }

    /** Until a control is found and held; half pressed is the shutter anyway. */
    public function untilHeld(ControlPlace $place): float
    {
        return $this->controls[$place->value] ?? ($place === ControlPlace::HalfPress ? 0.0 : $this->of(Way::Hold));
    }

    public function isOwn(Way $way): bool
    {
        return isset($this->own[$way->value]);
    }
}
