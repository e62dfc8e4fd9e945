<?php

declare(strict_types=1);

namespace RushHold\Outing;

use DateTimeImmutable;
use RushHold\Light\Daylight;
use RushHold\Light\Lamps;
use RushHold\Light\SunPosition;

/** The light at one moment of an outing. */
final readonly class Moment
{
    /** Low warm light up to this height of the sun, degrees. */
    private const GOLDEN_DEG = 6.0;

    private const NIGHT_DEG = -12.0;

    private function __construct(public DateTimeImmutable $at, public SunPosition $sun, public float $ev100)
    {
    }

    public static function of(Outing $outing, DateTimeImmutable $at): self
    {
        $sun = SunPosition::at($outing->latitudeDeg, $outing->longitudeDeg, $at);

        return new self(
            $at,
            $sun,
            $outing->ev100 ?? Lamps::with(Daylight::ev100($sun->heightDeg, $outing->skyAt($at)), $outing->lamps),
        );
    }

    /** @return list<self> the quarter hours of an outing, and its end */
    public static function all(Outing $outing): array
    {
        return array_map(static fn (DateTimeImmutable $at): self => self::of($outing, $at), $outing->moments());
    }

    /** night, twilight, golden or day. */
    public function part(): string
    {
        return match (true) {
            $this->sun->heightDeg < self::NIGHT_DEG => 'night',
            $this->sun->heightDeg < 0 => 'twilight',
            $this->sun->heightDeg < self::GOLDEN_DEG => 'golden',
            default => 'day',
        };
    }
}
