<?php

declare(strict_types=1);

use RushHold\Hold\PartialHold;
use RushHold\Outing\Entry;
use RushHold\Outing\Outing;
use RushHold\Roll\CameraClock;
use RushHold\Roll\Clocked;
use RushHold\Roll\Likely;
use RushHold\Roll\Runs;
use RushHold\Roll\Sign;
use RushHold\Roll\Taken;
use RushHold\Tests\Rushes;

/** Names of the frames of each run. */
function runsOf(Taken ...$frames): array
{
    return array_map(
        static fn (array $run): string => implode(' ', array_map(static fn (Taken $f): string => $f->name, $run)),
        Runs::of($frames),
    );
}

/** @param  list<array{string, float|null, 2?: float|null, 3?: string, 4?: float}>  $told */
function takenAt(array ...$told): array
{
    return array_map(
        static fn (array $t): Taken => new Taken($t[0], $t[1], $t[2] ?? null, $t[3] ?? '', $t[4] ?? null),
        $told,
    );
}

it('holds the frames of two bodies apart that were shot at the same time', function (): void {
    $frames = takenAt(['a1', 0.0, null, 'A'], ['b1', 0.5, null, 'B'], ['a2', 1.0, null, 'A'], ['b2', 1.5, null, 'B']);
    expect(runsOf(...$frames))->toBe(['a1 a2', 'b1 b2']);
});

it('begins another burst after three seconds, and where the shutter is more than a stop another', function (): void {
    expect(runsOf(...takenAt(['a', 0.0], ['b', 3.0], ['c', 6.1])))->toBe(['a b', 'c']);
    $shutters = takenAt(['a', 0.0, null, '', 1 / 1000], ['b', 1.0, null, '', 1 / 2000], ['c', 2.0, null, '', 1 / 5000]);
    expect(runsOf(...$shutters))->toBe(['a b', 'c']);
});

it('goes by numbers where nothing says when, from the last number on to the first', function (): void {
    $names = ['X0001', 'X9998', 'X0002', 'X9999', 'Y0003', 'X0009'];
    expect(runsOf(...takenAt(...array_map(static fn (string $n): array => ["$n.JPG", null], $names))))->toBe([
        'X9998.JPG X9999.JPG X0001.JPG X0002.JPG',
        'X0009.JPG',
        'Y0003.JPG',
    ]);
    expect(Runs::clocked(takenAt(['X0001.JPG', null])))->toBe(Clocked::Numbers);
});

it('goes by when files were written only where that was when they were shot', function (): void {
    $shot = takenAt(
        ['X1', null, 100.0],
        ['X2', null, 100.0],
        ['X3', null, 102.0],
        ['X4', null, 160.0],
        ['X5', null, 160.0],
    );
    expect(runsOf(...$shot))->toBe(['X1 X2 X3', 'X4 X5']);
    // Loaded down one by one, six seconds each.
    $copied = takenAt(...array_map(static fn (int $i): array => ["X$i", null, 6.0 * $i], range(1, 5)));
    expect(runsOf(...$copied))->toBe(['X1 X2 X3 X4 X5']);
    // The last one first.
    $backwards = takenAt(...array_map(static fn (int $i): array => ["X$i", null, 100.0 - 20 * $i], range(1, 3)));
    expect(runsOf(...$backwards))->toBe(['X1 X2 X3']);
});

it('lets a later frame go on with a burst only where both say when, or neither does', function (): void {
    [$timed, $next, $untimed] = takenAt(['X1', 10.0], ['X2', 12.0], ['X2', null]);
    expect(Runs::goOn($timed, $next))
        ->toBeTrue()
        ->and(Runs::goOn($timed, $untimed))
        ->toBeFalse()
        ->and(Runs::goOn(...takenAt(['X1', null], ['X2', null])))
        ->toBeTrue()
        ->and(Runs::goOn(...takenAt(['X1', null], ['Y2', null])))
        ->toBeFalse()
        ->and(Runs::goOn(...takenAt(['X1', null], ['X3', null])))
        ->toBeFalse();
});

/** An hour from five on, with entries by their times in minutes. */
function hoursOf(array $entries, ?array $order = null): Outing
{
    $zone = new DateTimeZone('Etc/GMT-2');
    $at = static fn (?int $minute): ?DateTimeImmutable => $minute === null
        ? null
        : (new DateTimeImmutable('2026-06-07 05:00', $zone))->modify("+$minute minutes");

    return new Outing(
        'Morning',
        'Cliff',
        55.5,
        -9.0,
        new DateTimeImmutable('2026-06-07 05:00', $zone),
        new DateTimeImmutable('2026-06-07 09:00', $zone),
        array_map(
            static fn (array $e): Entry => new Entry(
                Rushes::with($e['rush'] ?? []),
                PartialHold::nothing(),
                earliest: $at($e['earliest'] ?? null),
                latest: $at($e['latest'] ?? null),
                at: $at($e['at'] ?? null),
                minutes: $e['minutes'] ?? 45,
                times: $e['times'] ?? 6,
                setupMin: $e['setup'] ?? 0,
            ),
            $entries,
        ),
        order: $order,
    );
}

/** Which entry a frame so many minutes into the morning is of. */
function entryAt(Outing $outing, int $minute, float $distance = 0.0): ?int
{
    return Likely::of(new Taken('a', 0.0, distanceM: $distance), $outing->at($minute), [$outing])?->entry;
}

it('gives each its turn in the order somebody set, for as long as was meant and no longer', function (): void {
    $outing = hoursOf([['setup' => 10], [], []], [2, 0, 1]);
    // 45 minutes each, however often it passes; ten to set up for the second.
    foreach ([5 => 2, 44 => 2, 47 => 0, 99 => 0, 101 => 1, 144 => 1] as $minute => $entry) {
        expect(entryAt($outing, $minute))->toBe($entry, "after $minute min");
    }
    expect(entryAt($outing, 150))->toBeNull();
});

it('knows no turns where the order is left to be worked out, only hours', function (): void {
    expect(entryAt(hoursOf([[], []]), 5))->toBeNull();
    $hours = hoursOf([['earliest' => 0, 'latest' => 60], ['earliest' => 90, 'latest' => 180], ['at' => 200]]);
    foreach ([5 => 0, 65 => 0, 100 => 1, 205 => 2] as $minute => $entry) {
        expect(entryAt($hours, $minute))->toBe($entry);
    }
});

it('matches the only rush of an outing, but not at another hour than its own', function (): void {
    expect(entryAt(hoursOf([[]]), 5))->toBe(0);
    expect(entryAt(hoursOf([['earliest' => 120, 'latest' => 180]]), 5))->toBeNull();
});

it('tells rushes apart by distance and focal length, and says by what', function (): void {
    $outing = hoursOf([['rush' => ['path.start_m' => 25.0]], ['rush' => ['path.start_m' => 120.0]]]);
    expect(entryAt($outing, 5, 115.0))->toBe(1)->and(entryAt($outing, 5, 14.0))->toBe(0);
    $focal = $outing->entries[0]->rush->kit->focalMm();
    $likely = Likely::of(new Taken('a', 0.0, focalMm: $focal, distanceM: 14.0), $outing->at(5), [$outing]);
    expect($likely?->signs)->toBe([Sign::Day, Sign::FocalLength, Sign::Distance]);
});

it('says nothing where two rushes have as much for them, unless they are one and the same', function (): void {
    expect(entryAt(hoursOf([['earliest' => 0, 'latest' => 60], ['earliest' => 0, 'latest' => 60]]), 5))->toBe(0);
    $two = hoursOf([
        ['earliest' => 0, 'latest' => 60],
        ['earliest' => 0, 'latest' => 60, 'rush' => ['name' => 'Another']],
    ]);
    expect(entryAt($two, 5))->toBeNull();
});

it('takes a clock without a zone to be that of the outing it falls into', function (): void {
    $outing = hoursOf([[]]);
    $elsewhere = new DateTimeZone('Etc/GMT+5');
    $at = static fn (string $wall): string => CameraClock::at($wall, [$outing], $elsewhere)
        ->setTimezone(new DateTimeZone('UTC'))
        ->format('d H:i');
    expect($at('2026-06-07T05:30:00.000'))
        ->toBe('07 03:30')
        ->and($at('2026-06-07T10:30:00.000'))
        ->toBe('07 08:30')
        ->and($at('2026-06-07T12:30:00.000'))
        ->toBe('07 17:30');
});

it('counts hours, turns and days to the second', function (): void {
    $second = static fn (Outing $outing, int $s): ?int => Likely::of(new Taken('a', 0.0), $outing->from->modify("$s seconds"), [$outing])?->entry;
    // The only one of its outing, up to two hours before and after it.
    $only = hoursOf([[]]);
    expect($second($only, -7200))->toBe(0)->and($second($only, -7201))->toBeNull()
        ->and($second($only, 4 * 3600 + 7200))->toBe(0)->and($second($only, 4 * 3600 + 7201))->toBeNull();
    // Its hour begins and ends ten minutes sooner and later.
    $hours = hoursOf([['earliest' => 60, 'latest' => 90, 'minutes' => 20], ['earliest' => 200, 'minutes' => 20]]);
    expect($second($hours, 3000))->toBe(0)->and($second($hours, 2999))->toBeNull()
        ->and($second($hours, 6000))->toBe(0)->and($second($hours, 6001))->toBeNull();
    // A turn ends when the next begins.
    $turns = hoursOf([['minutes' => 10], ['minutes' => 10]], [0, 1]);
    expect($second($turns, 0))->toBe(0)->and($second($turns, 599))->toBe(0)->and($second($turns, 600))->toBe(1)->and($second($turns, 1200))->toBeNull();
    // With a time of its own it has until then, and its minutes from there.
    $fixed = hoursOf([['minutes' => 10], ['at' => 30, 'minutes' => 10]], [0, 1]);
    expect($second($fixed, 30 * 60 + 599))->toBe(1);
});

it('takes frames for one rush by distance within about half as much again, by focal length within a twentieth', function (): void {
    $outing = hoursOf([['rush' => ['path.start_m' => 25.0, 'subject.speed_mps' => 0.0]], ['rush' => ['path.start_m' => 2500.0, 'subject.speed_mps' => 0.0]]], null);
    $metres = $outing->entries[0]->rush->path->at($outing->entries[0]->rush->path->seconds / 2)->distanceM;
    expect(entryAt($outing, 5, $metres * exp(0.59)))->toBe(0)->and(entryAt($outing, 5, $metres * exp(0.61)))->toBeNull()
        ->and(entryAt($outing, 5, $metres * exp(-0.59)))->toBe(0);
});

it('puts numbers that began anew in order by their widest gap, and only where they did', function (): void {
    $named = static fn (int ...$numbers): array => runsOf(...takenAt(...array_map(static fn (int $n): array => [sprintf('X%04d.JPG', $n), null], $numbers)));
    expect($named(9999, 9998, 1, 2, 0))->toBe(['X9998.JPG X9999.JPG X0000.JPG X0001.JPG X0002.JPG'])
        // From the last number on to the second there is one that lacks.
        ->and($named(9999, 2, 3))->toBe(['X0002.JPG X0003.JPG', 'X9999.JPG'])
        ->and($named(9998, 1, 2))->toBe(['X0001.JPG X0002.JPG', 'X9998.JPG'])
        ->and($named(9999, 1, 5000))->toBe(['X5000.JPG', 'X9999.JPG X0001.JPG']);
});

it('takes a clock without a zone for that of an outing it falls into, to the second', function (): void {
    $outing = hoursOf([[]]);
    $utc = new DateTimeZone('UTC');
    $zoneAt = static fn (string $wall): string => CameraClock::at($wall, [$outing], $utc)->getTimezone()->getName();
    expect($zoneAt('2026-06-07 03:00:00'))->toBe('Etc/GMT-2')->and($zoneAt('2026-06-07 02:59:59'))->toBe('UTC')
        ->and($zoneAt('2026-06-07 11:00:00'))->toBe('Etc/GMT-2')->and($zoneAt('2026-06-07 11:00:01'))->toBe('UTC');
});

it('goes on by number only by one, and by when files were written where both say so', function (): void {
    $on = static fn (array $a, array $b): bool => Runs::goOn(...takenAt($a, $b));
    // The last number is followed by the first or the noughtth, another by none of them.
    expect($on(['X9999.JPG', null], ['X0000.JPG', null]))->toBeTrue()->and($on(['X9999.JPG', null], ['X0001.JPG', null]))->toBeTrue()
        ->and($on(['X9999.JPG', null], ['X0002.JPG', null]))->toBeFalse()->and($on(['X5000.JPG', null], ['X0001.JPG', null]))->toBeFalse()
        // Written a minute apart they are two; where one does not say when, the number decides.
        ->and($on(['X0001.JPG', null, 100.0], ['X0002.JPG', null, 160.0]))->toBeFalse()
        ->and($on(['X0001.JPG', null, 100.0], ['X0002.JPG', null, 101.0]))->toBeTrue()
        ->and($on(['X0001.JPG', null, 100.0], ['X0002.JPG', null, null]))->toBeTrue();
    // A shutter that is not told is like another that is not told.
    expect(runsOf(...takenAt(['a', 0.0], ['b', 1.0])))->toBe(['a b']);
});
