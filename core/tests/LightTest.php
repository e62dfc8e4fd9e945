<?php

declare(strict_types=1);

use RushHold\Light\Daylight;
use RushHold\Light\Exposure;
use RushHold\Light\Lamps;
use RushHold\Light\LightDirection;
use RushHold\Light\Shimmer;
use RushHold\Light\Sky;
use RushHold\Light\SunPosition;
use RushHold\Light\SunTimes;
use RushHold\Light\Surface;
use RushHold\Rush\Light;
use RushHold\Tests\Rushes;

it('places the sun as published tables do', function (
    float $lat,
    float $lon,
    string $at,
    float $height,
    float $bearing,
): void {
    $sun = SunPosition::at($lat, $lon, new DateTimeImmutable($at));
    expect($sun->heightDeg)
        ->toEqualWithDelta($height, 0.1)
        ->and(fmod($sun->bearingDeg - $bearing + 540, 360) - 180)
        ->toEqualWithDelta(0.0, 0.15);
})->with([
    // The worked example printed with the solar position algorithm of 2003.
    'worked example' => [39.742476, -105.1786, '2003-10-17T12:30:30-07:00', 39.888, 194.34],
    // Height at noon is 90° − latitude + declination, 23.44° at the solstices.
    'midsummer noon' => [51.5, 0.0, '2026-06-21T12:01:55Z', 61.94, 180.0],
    'midwinter noon' => [51.5, 0.0, '2026-12-21T11:58:10Z', 15.13, 180.0],
    'southern midsummer noon' => [-35.0, 0.0, '2026-12-21T11:58:10Z', 78.44, 0.0],
]);

it('knows when the sun is ahead of the clock and when behind', function (string $day, string $noon): void {
    $highest = null;
    $best = -90.0;
    for ($s = 0; $s < 3600; $s += 10) {
        $moment = new DateTimeImmutable("{$day}T11:30:00Z +{$s} seconds");
        $height = SunPosition::at(45, 0, $moment)->heightDeg;
        if ($height > $best) {
            [$best, $highest] = [$height, $moment];
        }
    }
    expect(abs($highest->getTimestamp() - (new DateTimeImmutable("{$day}T{$noon}Z"))->getTimestamp()))->toBeLessThan(
        60,
    );
})->with([['2026-11-03', '11:43:34'], ['2026-02-11', '12:14:12'], ['2026-05-14', '11:56:20']]);

it('gets darker as the sun goes down, without a step at the horizon', function (Sky $sky): void {
    $last = INF;
    for ($height = 70.0; $height >= -15.0; $height -= 0.25) {
        $lux = Daylight::lux($height, $sky);
        expect($lux)->toBeLessThanOrEqual($last);
        $last = $lux;
    }
    expect(Daylight::lux(1e-6, $sky) / Daylight::lux(-1e-6, $sky))->toBeLessThan(1.05);
})->with(Sky::cases());

it('gives the twilight levels people measure', function (): void {
    expect(Daylight::lux(-6, Sky::Clear))
        ->toEqualWithDelta(3.4, 0.01)
        ->and(Daylight::lux(-12, Sky::Clear))
        ->toEqualWithDelta(0.008, 1e-4);
});

it('balances any two of shutter, aperture and ISO with the third', function (): void {
    $ev = 12.3;
    $iso = Exposure::isoFor($ev, 1 / 2000, 5.6);
    expect((new Exposure(1 / 2000, 5.6, $iso))->ev100())
        ->toEqualWithDelta($ev, 1e-9)
        ->and(Exposure::shutterFor($ev, 5.6, $iso))
        ->toEqualWithDelta(1 / 2000, 1e-12)
        ->and(Exposure::fNumberFor($ev, 1 / 2000, $iso))
        ->toEqualWithDelta(5.6, 1e-9);
});

it('tells front from side from back light', function (): void {
    $sun = SunPosition::at(55.5, -9, new DateTimeImmutable('2026-06-04T07:10:00+01:00'));
    expect(LightDirection::of($sun, fmod($sun->bearingDeg + 180, 360)))
        ->toBe(LightDirection::Front)
        ->and(LightDirection::of($sun, fmod($sun->bearingDeg + 90, 360)))
        ->toBe(LightDirection::Side)
        ->and(LightDirection::of($sun, $sun->bearingDeg))
        ->toBe(LightDirection::Back)
        ->and(LightDirection::separationDeg($sun, $sun->bearingDeg))
        ->toEqualWithDelta($sun->heightDeg, 1e-6);
});

it('sees shimmer over warm ground at midday and none under cloud at dawn', function (): void {
    $noon = Shimmer::of(60, Sky::Clear, Surface::Asphalt, 150, 1.0, 0.0);
    $dawn = Shimmer::of(4, Sky::Overcast, Surface::Grass, 30, 2.0, 0.3);
    expect($noon->level)
        ->toBe('strong')
        ->and($dawn->level)
        ->toBe('low')
        ->and(Shimmer::of(60, Sky::Clear, Surface::Asphalt, 300, 1.0, 0.0)->angleRad)
        ->toBeGreaterThan($noon->angleRad)
        ->and(Shimmer::of(60, Sky::Clear, Surface::Asphalt, 150, 5.0, 0.0)->angleRad)
        ->toBeLessThan($noon->angleRad);
});

it('knows from sun and bearing that something is against the light, but not under an even sky', function (): void {
    $rush = static fn (float $facing, string $sky, array $more = []): bool => Rushes::with([
        'light' => [
            'sky' => $sky,
            'place' => [
                'latitude_deg' => 55.5,
                'longitude_deg' => -9.0,
                'at' => '2026-06-04T07:00:00+01:00',
                'shooting_bearing_deg' => $facing,
            ],
        ],
        ...$more,
    ])->isBacklit();
    // The sun stands in the east-north-east.
    expect($rush(75.0, 'clear'))
        ->toBeTrue()
        ->and($rush(255.0, 'clear'))
        ->toBeFalse()
        ->and($rush(75.0, 'overcast'))
        ->toBeFalse()
        ->and($rush(255.0, 'clear', ['scene' => ['backlit' => true]]))
        ->toBeTrue();
});

it(
    'gives what stands upright in a low sun from behind a stop or more beyond level ground, and nothing where it does not',
    function (): void {
        // At 10° a field of grass gets a sixth of what the sun sends; a breast facing it gets nearly all.
        expect(Daylight::uprightStops(10, Sky::Clear, 0))
            ->toBeGreaterThan(1.0)
            ->toBeLessThan(1.7)
            ->and(Daylight::uprightStops(10, Sky::Clear, 60))
            ->toBeLessThan(Daylight::uprightStops(10, Sky::Clear, 0))
            ->toBeGreaterThan(0.0)
            ->and(Daylight::uprightStops(60, Sky::Clear, 0))
            ->toBe(0.0)
            ->and(Daylight::uprightStops(10, Sky::Clear, 90))
            ->toBe(0.0)
            ->and(Daylight::uprightStops(10, Sky::Overcast, 0))
            ->toBe(0.0)
            ->and(Daylight::uprightStops(-1, Sky::Clear, 0))
            ->toBe(0.0);
    },
);

it('counts that for a subject in front of the low sun and not for one before it', function (): void {
    $at = static fn (float $bearing): float => Light::fromPlace(
        52.0,
        0.0,
        new DateTimeImmutable('2026-06-21T05:00:00Z'),
        Sky::Clear,
        0.0,
        $bearing,
    )->ev100;
    $sun = SunPosition::at(52.0, 0.0, new DateTimeImmutable('2026-06-21T05:00:00Z'));
    $level = Daylight::ev100($sun->heightDeg, Sky::Clear);
    expect($sun->heightDeg)
        ->toBeGreaterThan(5.0)
        ->toBeLessThan(20.0)
        ->and($at(fmod($sun->bearingDeg + 180, 360)))
        ->toBeGreaterThan($level + 0.7)
        ->and($at($sun->bearingDeg))
        ->toBe($level);
});

it('adds lamps to the daylight, which outlast it and are not dimmed by shade', function (): void {
    $at = static fn (string $time, ?Lamps $lamps, float $stops = 0.0): float => Light::fromPlace(
        52.0,
        0.0,
        new DateTimeImmutable("2026-11-21T$time:00Z"),
        Sky::Clear,
        $stops,
        lamps: $lamps,
    )->ev100;
    foreach (Lamps::cases() as $lamps) {
        expect($at('20:00', $lamps))
            ->toEqualWithDelta($lamps->ev100(), 0.01)
            ->and($at('20:00', $lamps, -3.0))
            ->toEqualWithDelta($lamps->ev100(), 0.01)
            ->and($at('12:00', $lamps))
            ->toEqualWithDelta($at('12:00', null), 0.1);
    }
    // As bright as the day, both together are a stop more.
    expect(Lamps::with(8.7, Lamps::Floodlights))->toEqualWithDelta(9.7, 1e-9);
    expect(Light::value(9.0, lamps: Lamps::Hall)->ev100)
        ->toBe(9.0)
        ->and(Rushes::with(['light' => ['lamps' => 'hall']])->light->ev100)
        ->toBe(Lamps::Hall->ev100());
});

it('says when the sun rises and sets, and where it does not', function (float $lat, float $lon, string $day, string $zone, ?string $rises, ?string $sets, bool $up): void {
    $times = SunTimes::of($lat, $lon, new DateTimeImmutable("$day 00:00", new DateTimeZone($zone)));
    expect([$times->rises === null, $times->sets === null, $times->up])->toBe([$rises === null, $sets === null, $up]);
    foreach ([[$times->rises, $rises], [$times->sets, $sets]] as [$found, $published]) {
        $published === null || expect(abs($found->getTimestamp() - strtotime("$day $published $zone")))->toBeLessThanOrEqual(90);
    }
})->with([
    // Published tables for these latitudes give the same to a minute.
    'winter' => [51.5, -0.13, '2026-12-21', 'Europe/London', '08:04', '15:53', true],
    'summer, by summer time' => [51.5, -0.13, '2026-06-21', 'Europe/London', '04:43', '21:21', true],
    'south' => [-33.87, 151.2, '2026-12-21', 'Australia/Sydney', '05:41', '20:05', true],
    'it never sets' => [70.0, 20.0, '2026-06-21', 'Europe/Oslo', null, null, true],
    'it never rises' => [70.0, 20.0, '2026-12-21', 'Europe/Oslo', null, null, false],
]);
