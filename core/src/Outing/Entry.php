<?php

declare(strict_types=1);

namespace RushHold\Outing;

use DateTimeImmutable;
use RushHold\Changeable;
use RushHold\Hold\PartialHold;
use RushHold\Light\LightDirection;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** One rush of an outing: when it may happen, how often, and how much it is wanted. */
final readonly class Entry
{
    use Changeable;

    /**
     * @param  float|null  $facingDeg  compass bearing one looks at, 0 to 360; null: as its own light says
     * @param  DateTimeImmutable|null  $earliest  it does not begin before
     * @param  DateTimeImmutable|null  $latest  it ends by then
     * @param  DateTimeImmutable|null  $at  it begins just then, as a start does
     * @param  int  $minutes  one spends on it, 5 to 480
     * @param  int  $times  it passes in that time, 1 to 500
     * @param  float  $wanted  how much its frames are wanted, 0.01 to 100
     * @param  bool  $byHand  whether `at` was chosen by somebody who may let it go again, not by what happens
     * @param  int  $setupMin  to get there from the one before and set up, 0 to 240 min
     * @param  string  $habit  what it does just before, in the words of whoever watched it
     *
     * @throws Refused if a value is out of range, or it can never happen
     */
    public function __construct(
        public Rush $rush,
        public PartialHold $pins,
        public ?float $facingDeg = null,
        public ?DateTimeImmutable $earliest = null,
        public ?DateTimeImmutable $latest = null,
        public ?DateTimeImmutable $at = null,
        public int $minutes = 30,
        public int $times = 1,
        public float $wanted = 1.0,
        public string $habit = '',
        public int $setupMin = 0,
        public bool $byHand = false,
        string $field = 'rushes',
    ) {
        Range::of(5, 480, 'min')->check("$field.minutes", $minutes);
        Range::of(0, 240, 'min')->check("$field.setup_min", $setupMin);
        Range::of(1, 500)->check("$field.times", $times);
        Range::of(0.01, 100)->check("$field.wanted", $wanted);
        if ($facingDeg !== null) {
            Range::of(0, 360, 'degrees')->check("$field.facing_deg", $facingDeg);
        }
        if ($earliest !== null && $latest !== null && $latest->getTimestamp() - $earliest->getTimestamp() < 60 * $minutes) {
            throw Refused::because("$field.latest", 'window-short', minutes: $minutes);
        }
    }

    /** From where the light comes at a moment, to whoever looks at it; null where it is not known which way that is. */
    public function lightAt(Moment $moment): ?LightDirection
    {
        $facing = $this->facingDeg ?? $this->rush->light->shootingBearingDeg;

        return $facing === null ? null : LightDirection::of($moment->sun, $facing);
    }

    /** Quarter hours of getting there and setting up. */
    public function setupSteps(): int
    {
        return (int) ceil($this->setupMin / Outing::STEP_MIN);
    }

    /** Quarter hours it takes. */
    public function steps(): int
    {
        return (int) ceil($this->minutes / Outing::STEP_MIN);
    }

    /** Whether it may begin in a quarter hour of an outing, and end in time. */
    public function mayBeginIn(Outing $outing, int $step): bool
    {
        $begins = $outing->from->getTimestamp() + 60 * Outing::STEP_MIN * $step;
        $ends = $begins + 60 * $this->minutes;

        return $step + $this->steps() <= $outing->steps()
            && ($this->at === null || abs($begins - $this->at->getTimestamp()) < 30 * Outing::STEP_MIN)
            && ($this->earliest === null || $begins >= $this->earliest->getTimestamp()) && ($this->latest === null || $ends <= $this->latest->getTimestamp());
    }

    /** The same without a time that somebody chose. */
    public function freed(): self
    {
        return $this->byHand ? new self($this->rush, $this->pins, $this->facingDeg, $this->earliest, $this->latest, null, $this->minutes, $this->times, $this->wanted, $this->habit, $this->setupMin) : $this;
    }
}
