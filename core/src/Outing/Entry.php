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
        if (
            $earliest !== null &&
            $latest !== null &&
            $latest->getTimestamp() - $earliest->getTimestamp() < 60 * $minutes
        ) {
            throw Refused::because("$field.latest", 'window-short', minutes: $minutes);
        }
    }

    /** From where the light comes at a moment, to whoever looks at it; null where it is not known which way that is. */
    public function lightAt(Moment $moment): ?LightDirection
    {
        $facing = $this->facingDeg ?? $this->rush->light->shootingBearingDeg;

        return $facing === null ? null : LightDirection::of($moment->sun, $facing);
    }

    /**
     * Whether it may begin so many minutes into an outing, and end in time; what has a time of its own begins just
     * then.
     */
    public function mayBegin(Outing $outing, int $minute): bool
    {
        $begins = $outing->at($minute)->getTimestamp();
        $ends = $begins + 60 * $this->minutes;

        return $ends <= $outing->to->getTimestamp() &&
            ($this->at === null
                ? $minute % Outing::BEGIN_MIN === 0
                : intdiv($this->at->getTimestamp(), 60) === intdiv($begins, 60)) &&
            ($this->earliest === null || $begins >= $this->earliest->getTimestamp()) &&
            ($this->latest === null || $ends <= $this->latest->getTimestamp());
    }

    /** The same without a time that somebody chose. */
    public function freed(): self
    {
        return $this->byHand
            ? new self(
                $this->rush,
                $this->pins,
                $this->facingDeg,
                $this->earliest,
                $this->latest,
                null,
                $this->minutes,
                $this->times,
                $this->wanted,
                $this->habit,
                $this->setupMin,
            )
            : $this;
    }
}
