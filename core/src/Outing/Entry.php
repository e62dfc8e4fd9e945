<?php

declare(strict_types=1);

namespace RushHold\Outing;

use DateTimeImmutable;
use RushHold\Hold\PartialHold;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Rush;

/** One rush of an outing: when it may happen, how often, and how much it is wanted. */
final readonly class Entry
{
    /**
     * @param  float|null  $facingDeg  compass bearing one looks at, 0 to 360; null: as its own light says
     * @param  DateTimeImmutable|null  $earliest  it does not begin before
     * @param  DateTimeImmutable|null  $latest  it ends by then
     * @param  DateTimeImmutable|null  $at  it begins just then, as a start does
     * @param  int  $minutes  one spends on it, 5 to 480
     * @param  int  $times  it passes in that time, 1 to 500
     * @param  float  $wanted  how much its frames are wanted, 0.01 to 100
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
        string $field = 'rushes',
    ) {
        Range::of(5, 480, 'min')->check("$field.minutes", $minutes);
        Range::of(1, 500)->check("$field.times", $times);
        Range::of(0.01, 100)->check("$field.wanted", $wanted);
        if ($facingDeg !== null) {
            Range::of(0, 360, 'degrees')->check("$field.facing_deg", $facingDeg);
        }
        if ($earliest !== null && $latest !== null && $latest->getTimestamp() - $earliest->getTimestamp() < 60 * $minutes) {
            throw Refused::because("$field.latest", 'window-short', minutes: $minutes);
        }
    }
}
