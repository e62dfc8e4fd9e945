<?php

declare(strict_types=1);

namespace RushHold\Rush;

use DateTimeImmutable;
use RushHold\Light\Daylight;
use RushHold\Light\Exposure;
use RushHold\Light\Lamps;
use RushHold\Light\LightDirection;
use RushHold\Light\Sky;
use RushHold\Light\SunPosition;
use RushHold\Range;

/**
 * The light on the subject, as EV100, and the sun if place and time are known.
 *
 * It comes from a value, from a meter reading or from place and time; the offset in stops stands for shade,
 * canopy or backlight and comes on top of all three.
 */
final readonly class Light
{
    private function __construct(
        public float $ev100,
        public float $offsetStops,
        public Sky $sky,
        public ?SunPosition $sun,
        public ?float $shootingBearingDeg,
        /** `ev100`, `meter` or `place`. */
        public string $source,
        /** Known only where the light comes from it. */
        public ?Place $place = null,
        /** What is lit beside the daylight, or instead of it. */
        public ?Lamps $lamps = null,
    ) {
        Range::of(-22, 24, 'EV')->check('light.ev100', $ev100);
    }

    /** The value is of all the light there is, lamps as well. */
    public static function value(
        float $ev100,
        float $offsetStops = 0.0,
        Sky $sky = Sky::Clear,
        ?Lamps $lamps = null,
    ): self {
        Range::of(-8, 20, 'EV')->check('light.ev100', $ev100);

        return new self($ev100 + self::offset($offsetStops), $offsetStops, $sky, null, null, 'ev100', null, $lamps);
    }

    /** From what a meter or a well exposed frame said, lamps and all. */
    public static function metered(
        Exposure $reading,
        float $offsetStops = 0.0,
        Sky $sky = Sky::Clear,
        ?Lamps $lamps = null,
    ): self {
        return new self(
            $reading->ev100() + self::offset($offsetStops),
            $offsetStops,
            $sky,
            null,
            null,
            'meter',
            null,
            $lamps,
        );
    }

    /**
     * @param  float|null  $shootingBearingDeg  compass bearing of the line of sight, 0 to 360
     * @param  Lamps|null  $lamps  what shines there beside the daylight
     */
    public static function fromPlace(
        float $latitudeDeg,
        float $longitudeDeg,
        DateTimeImmutable $moment,
        Sky $sky = Sky::Clear,
        float $offsetStops = 0.0,
        ?float $shootingBearingDeg = null,
        ?Lamps $lamps = null,
    ): self {
        $sun = SunPosition::at($latitudeDeg, $longitudeDeg, $moment);
        if ($shootingBearingDeg !== null) {
            Range::of(0, 360, 'degrees')->check('light.place.shooting_bearing_deg', $shootingBearingDeg);
        }

        $upright =
            $shootingBearingDeg === null
                ? 0.0
                : Daylight::uprightStops(
                    $sun->heightDeg,
                    $sky,
                    180 - LightDirection::turnDeg($sun, $shootingBearingDeg),
                );

        // Shade and canopy take from the daylight, not from the lamps.
        $day = Daylight::ev100($sun->heightDeg, $sky) + $upright + self::offset($offsetStops);

        return new self(
            Lamps::with($day, $lamps),
            $offsetStops,
            $sky,
            $sun,
            $shootingBearingDeg,
            'place',
            new Place($latitudeDeg, $longitudeDeg, $moment),
            $lamps,
        );
    }

    /** The same place and sky at another moment; null where the place is not known. */
    public function at(DateTimeImmutable $moment): ?self
    {
        return $this->place === null
            ? null
            : self::fromPlace(
                $this->place->latitudeDeg,
                $this->place->longitudeDeg,
                $moment,
                $this->sky,
                $this->offsetStops,
                $this->shootingBearingDeg,
                $this->lamps,
            );
    }

    /** Height of the sun: known from the place, else guessed from the light, for what depends on it weakly. */
    public function sunHeightDeg(): float
    {
        if ($this->sun !== null) {
            return $this->sun->heightDeg;
        }
        $height = 0.0;
        while ($height < 60 && Daylight::ev100($height, $this->sky) < $this->ev100 - $this->offsetStops) {
            $height += 2;
        }

        return $height;
    }

    /** The sun is known to shine towards the camera, from a sky that lets it through. */
    public function isFromAhead(): bool
    {
        return $this->sun !== null &&
            $this->shootingBearingDeg !== null &&
            $this->sky !== Sky::Overcast &&
            LightDirection::of($this->sun, $this->shootingBearingDeg) === LightDirection::Back;
    }

    private static function offset(float $stops): float
    {
        return Range::of(-8, 4, 'stops')->check('light.offset_stops', $stops);
    }
}
