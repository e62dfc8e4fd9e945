<?php

declare(strict_types=1);

use RushHold\Document\DayDocument;
use RushHold\Document\OutingDocument;
use RushHold\Hold\PartialHold;
use RushHold\Light\Lamps;
use RushHold\Light\Sky;
use RushHold\Outing\Air;
use RushHold\Outing\Entry;
use RushHold\Outing\Moment;
use RushHold\Outing\Outing;
use RushHold\Outing\Planned;
use RushHold\Outing\Programme;
use RushHold\Outing\Scheduler;
use RushHold\Outing\Worth;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Tests\Rushes;

function clockAt(string $time): DateTimeImmutable
{
    return new DateTimeImmutable("2026-06-07 $time", new DateTimeZone('Europe/London'));
}

function entryOf(mixed ...$fields): Entry
{
    static $rush = null;

    return new Entry(($rush ??= Rushes::with()), PartialHold::nothing(), ...$fields);
}

/** A morning from five to eight with these rushes. */
function morning(array $entries, mixed ...$fields): Outing
{
    return new Outing('Morning', 'Cliff', 55.5, -9.0, clockAt('05:00'), clockAt('08:00'), $entries, ...$fields);
}

/**
 * The most that any order with any times keeps, tried one by one.
 *
 * @param  array<int, array<int, float>>  $values  by entry and minute of setting out
 * @param  list<int>  $lengths  min
 */
function mostKept(array $values, array $lengths, int $from = 0): float
{
    $most = 0.0;
    foreach ($values as $e => $row) {
        $rest = $values;
        unset($rest[$e]);
        foreach ($row as $s => $value) {
            if ($s >= $from) {
                $most = max($most, $value + mostKept($rest, $lengths, $s + $lengths[$e]));
            }
        }
    }

    return $most;
}

it('finds the order that keeps most of all there are', function (int $seed): void {
    mt_srand($seed);
    for ($case = 0; $case < 30; $case++) {
        $entries = $rates = $frames = [];
        for ($e = 0, $count = mt_rand(1, 3); $e < $count; $e++) {
            $window = mt_rand(0, 2);
            $entries[] = entryOf(
                minutes: [15, 20, 45, 60][mt_rand(0, 3)],
                setupMin: 8 * mt_rand(0, 2),
                times: mt_rand(1, 3),
                wanted: mt_rand(1, 4) / 2,
                earliest: $window === 1 ? clockAt(['05:30', '06:00'][mt_rand(0, 1)]) : null,
                latest: $window === 1 ? clockAt('07:15') : null,
                at: $window === 2 ? clockAt(['05:16', '06:30', '07:43'][mt_rand(0, 2)]) : null,
            );
            $rates[] = array_map(static fn (): float => mt_rand(0, 100) / 100, range(0, 12));
            $frames[] = mt_rand(5, 50);
        }
        $outing = morning($entries);
        $values = [];
        $lengths = array_map(static fn (Entry $entry): int => $entry->setupMin + $entry->minutes, $entries);
        foreach ($entries as $e => $entry) {
            $values[$e] = [];
            for ($begins = $entry->setupMin; $begins + $entry->minutes <= 180; $begins++) {
                $clock = clockAt('05:00')->modify("+$begins minutes");
                $may =
                    ($entry->at === null ? $begins % 5 === 0 : $clock == $entry->at) &&
                    ($entry->earliest === null || $clock >= $entry->earliest) &&
                    ($entry->latest === null || $clock->modify("+$entry->minutes minutes") <= $entry->latest);
                if ($may) {
                    // The rate in the middle of each of its minutes, straight between the quarter hours.
                    $sum = 0.0;
                    for ($minute = $begins; $minute < $begins + $entry->minutes; $minute++) {
                        $at = ($minute + 0.5) / 15;
                        $sum += (1 - fmod($at, 1)) * $rates[$e][(int) $at] + fmod($at, 1) * $rates[$e][(int) $at + 1];
                    }
                    $kept = ($entry->wanted * $entry->times * $frames[$e] * $sum) / $entry->minutes;
                    $values[$e][$begins - $entry->setupMin] = $kept;
                }
            }
        }
        $scheduler = new Scheduler($outing, $rates, $frames);
        $best = $scheduler->best();
        expect(Scheduler::kept($best))->toEqualWithDelta(mostKept($values, $lengths), 1e-9, "case $case of $seed");
        for ($i = 1; $i < count($best); $i++) {
            expect($best[$i]->from)->toBeGreaterThanOrEqual($best[$i - 1]->to);
        }
        // Its own order keeps as much; turned round it keeps no more.
        $order = array_map(static fn (Planned $p): int => $p->entry, $best);
        expect(Scheduler::kept($scheduler->inOrder($order)))
            ->toEqualWithDelta(Scheduler::kept($best), 1e-9)
            ->and(Scheduler::kept($scheduler->inOrder(array_reverse($order))))
            ->toBeLessThanOrEqual(Scheduler::kept($best) + 1e-9);
    }
})->with(range(1, 8));

it('begins what has a time of its own just then, and fits three times twenty minutes into an hour', function (): void {
    $flat = static fn (int $of): array => array_fill(0, $of, array_fill(0, 5, 0.5));
    $hour = static fn (Entry ...$entries): Outing => morning($entries)->with(to: clockAt('06:00'));
    $planned = (new Scheduler($hour(...array_fill(0, 3, entryOf(minutes: 20))), $flat(3), [20, 20, 20]))->best();
    expect(array_map(static fn (Planned $p): array => [$p->from, $p->to], $planned))->toBe([
        [0, 20],
        [20, 40],
        [40, 60],
    ]);
    // Ten minutes are left before it, which is too little for a quarter of an hour.
    $fixed = $hour(entryOf(minutes: 15), entryOf(minutes: 30, at: clockAt('05:10'), wanted: 2.0));
    $planned = (new Scheduler($fixed, $flat(2), [20, 20]))->best();
    expect(array_map(static fn (Planned $p): array => [$p->entry, $p->from], $planned))->toBe([[1, 10], [0, 40]]);
});

it('leaves out what cannot fit, and takes the most wanted of many first', function (): void {
    $rates = array_fill(0, 12, array_fill(0, 13, 0.5));
    $entries = array_map(static fn (int $i): Entry => entryOf(minutes: 60, wanted: (float) ($i + 1)), range(0, 11));
    $planned = (new Scheduler(morning($entries), $rates, array_fill(0, 12, 20)))->best();
    expect(array_map(static fn (Planned $p): int => $p->entry, $planned))->toEqualCanonicalizing([9, 10, 11]);
    $never = (new Scheduler(morning([entryOf(minutes: 240)]), [array_fill(0, 13, 1.0)], [20]))->best();
    expect($never)->toBe([]);
});

it('knows the light of every quarter hour, through night, summer time and the pole', function (): void {
    $night = new Outing('Over midnight', '', 55.5, -9.0, clockAt('22:00'), clockAt('22:00')->modify('+6 hours'), []);
    $parts = array_map(static fn (DateTimeImmutable $at): string => Moment::of($night, $at)->part(), $night->moments());
    expect($night->steps())
        ->toBe(24)
        ->and($parts[0])
        ->toBe('golden')
        ->and($parts)
        ->toContain('twilight')
        ->and(end($parts))
        ->toBe('twilight');
    // The night in which clocks go back has an hour more.
    $zone = new DateTimeZone('Europe/London');
    $back = new Outing(
        'Clocks',
        '',
        51.5,
        0.0,
        new DateTimeImmutable('2026-10-25 00:00', $zone),
        new DateTimeImmutable('2026-10-25 06:00', $zone),
        [],
    );
    expect($back->steps())->toBe(28);
    $polar = new Outing(
        'Polar night',
        '',
        78.0,
        15.0,
        new DateTimeImmutable('2026-12-20 09:00', new DateTimeZone('UTC')),
        new DateTimeImmutable('2026-12-20 15:00', new DateTimeZone('UTC')),
        [],
    );
    expect(
        array_diff(
            array_map(static fn (DateTimeImmutable $at): string => Moment::of($polar, $at)->part(), $polar->moments()),
            ['night', 'twilight'],
        ),
    )->toBe([]);
    $pole = new Outing(
        'The pole',
        '',
        90.0,
        0.0,
        new DateTimeImmutable('2026-06-20 00:00', new DateTimeZone('UTC')),
        new DateTimeImmutable('2026-06-21 00:00', new DateTimeZone('UTC')),
        [],
    );
    expect(
        array_unique(
            array_map(static fn (DateTimeImmutable $at): string => Moment::of($pole, $at)->part(), $pole->moments()),
        ),
    )->toBe([0 => 'day']);
});

it('puts each rush in the light, sky and air of its hour', function (): void {
    $outing = morning([entryOf(facingDeg: 50.0)], skies: [[clockAt('06:30'), Sky::Overcast]], wind: 0.6, air: Air::Fog);
    $early = Worth::rushAt($outing, $outing->entries[0], clockAt('06:00'));
    $late = Worth::rushAt($outing, $outing->entries[0], clockAt('07:30'));
    // Looking into the morning sun until cloud hides it.
    expect($early->isBacklit())
        ->toBeTrue()
        ->and($late->isBacklit())
        ->toBeFalse()
        ->and($early->light->sky)
        ->toBe(Sky::Clear)
        ->and($late->light->sky)
        ->toBe(Sky::Overcast)
        ->and($early->scene->wind)
        ->toBe(0.6)
        ->and($early->subject->contrast)
        ->toEqualWithDelta(0.4 * Rushes::with()->subject->contrast, 1e-9);
});

it('keeps frames on a floodlit evening, and says that lamps flicker', function (): void {
    $evening = static fn (?Lamps $lamps, array $light = []): Outing => new Outing(
        'Evening',
        'Pitch',
        52.0,
        0.0,
        new DateTimeImmutable('2026-11-21T19:00:00Z'),
        new DateTimeImmutable('2026-11-21T20:00:00Z'),
        [
            new Entry(
                Rushes::with([
                    'subject.kind' => 'person',
                    'subject.speed_mps' => 6.0,
                    'path.start_m' => 25.0,
                    ...$light,
                ]),
                PartialHold::nothing(),
                minutes: 30,
            ),
        ],
        lamps: $lamps,
    );
    $kept = static fn (Outing $outing): float => max(Worth::closedForm($outing)->rates[0]);
    expect($kept($evening(null)))->toBe(0.0)->and($kept($evening(Lamps::Floodlights)))->toBeGreaterThan(0.2);
    // The rush knows its own lamps better than the outing.
    $stage = ['light' => ['ev100' => 6.0, 'lamps' => 'stage']];
    $rush = static fn (Outing $outing): Rush => Worth::rushAt($outing, $outing->entries[0], $outing->from);
    expect($rush($evening(Lamps::Floodlights, $stage))->light->ev100)->toEqualWithDelta(Lamps::Stage->ev100(), 0.01);
    $what = static fn (Outing $outing): array => array_column(
        Programme::of($outing, Worth::closedForm($outing))->cautions(),
        'what',
    );
    expect($what($evening(Lamps::Floodlights)))
        ->toContain('flicker')
        ->and($what($evening(null)))
        ->not->toContain('flicker');
    expect(Moment::of($evening(Lamps::Hall), new DateTimeImmutable('2026-11-21T19:30:00Z'))->ev100)->toEqualWithDelta(
        Lamps::Hall->ev100(),
        0.01,
    );
});

it('takes the light that was metered instead of the sun, whatever the hour, and where it comes from as the rush says', function (): void {
    $metered = morning([entryOf(facingDeg: 50.0)], ev100: 11.5);
    $rush = Worth::rushAt($metered, $metered->entries[0], clockAt('06:00'));
    expect($rush->light->ev100)
        ->toBe(11.5)
        ->and($rush->isBacklit())
        ->toBe(Rushes::with()->isBacklit())
        ->and(array_unique(array_map(static fn (Moment $at): float => $at->ev100, Moment::all($metered))))
        ->toBe([11.5])
        ->and($metered->freed()->ev100)
        ->toBe(11.5);
    expect(static fn (): Outing => morning([], ev100: 21.0))->toThrow(Refused::class);
});

it('keeps less in the dark, and plans the day into a document', function (): void {
    $document = OutingDocument::read([
        'format' => 'rush-hold/outing@1',
        'name' => 'Dusk',
        'date' => '2026-06-07',
        'from' => '20:30',
        'to' => '00:30',
        'place' => ['name' => 'Cliff', 'latitude_deg' => 55.5, 'longitude_deg' => -9.0, 'zone' => 'Europe/London'],
        'sky' => [['at' => '23:00', 'sky' => 'overcast']],
        'rushes' => [
            ['rush' => Rushes::document(['scene.hazards' => ['cliff-edge']]), 'minutes' => 30, 'facing_deg' => 90.0],
            ['rush' => Rushes::document(['name' => 'Second']), 'minutes' => 45, 'earliest' => '22:00', 'wanted' => 2],
        ],
        'order' => [0, 1],
    ]);
    $outing = $document->outing;
    expect($outing->steps())
        ->toBe(16)
        ->and($document->fields['order'])
        ->toBe([0, 1]);
    $worth = Worth::of($outing);
    expect($worth->rates[0][0])
        ->toBeGreaterThan($worth->rates[0][16] + 0.2)
        ->and($worth->rates[0])
        ->toHaveCount(17);
    $day = DayDocument::write(Programme::of($outing, $worth));
    expect($day['order'])
        ->toBe([0, 1])
        ->and($day['kept_wanted'])
        ->toBeLessThanOrEqual($day['best_wanted'])
        ->and($day['changes'])
        ->toHaveCount(1)
        ->and($day['cautions'][0]['what'])
        ->toBe('cliff-edge')
        ->and($day['rushes'][1]['planned']['from'])
        ->toBeGreaterThanOrEqual('2026-06-07T22:00')
        ->and($day['light'])
        ->toHaveCount(17)
        ->and($day['light'][16]['sky'])
        ->toBe('overcast')
        ->and($day['rushes'][0]['by_time'][0]['light'])
        ->toBe('front');
});

it('refuses an outing that cannot be meant, naming what is wrong', function (array $changes, string $field): void {
    $document = [
        'format' => 'rush-hold/outing@1',
        'date' => '2026-06-07',
        'from' => '05:00',
        'to' => '08:00',
        'place' => ['latitude_deg' => 55.5, 'longitude_deg' => -9.0],
        'rushes' => [['rush' => Rushes::document()]],
    ];
    expect(OutingDocument::read($document)->outing->entries)->toHaveCount(1);
    expect(refusal(static fn () => OutingDocument::read([...$document, ...$changes]))->field)->toBe($field);
})->with([
    [['format' => 'x'], 'format'],
    [['date' => '2026-13-01'], 'date'],
    [['from' => '5am'], 'from'],
    [['to' => '25:00'], 'to'],
    [['to' => '05:05'], 'to'],
    [['place' => ['latitude_deg' => 91, 'longitude_deg' => 0]], 'place.latitude_deg'],
    [['place' => ['latitude_deg' => 1, 'longitude_deg' => 0, 'zone' => 'Mars/Dust']], 'place.zone'],
    [['wind' => 2], 'wind'],
    [['ev100' => 40], 'ev100'],
    [['air' => 'soup'], 'air'],
    [['order' => [0, 0]], 'order'],
    [['order' => [3]], 'order'],
    [['order' => 'mine'], 'order'],
    [['sky' => 'clear'], 'sky'],
    [['rushes' => [['rush' => Rushes::document(), 'minutes' => 1]]], 'rushes[0].minutes'],
    [
        ['rushes' => [['rush' => Rushes::document(), 'minutes' => 120, 'earliest' => '06:00', 'latest' => '07:00']]],
        'rushes[0].latest',
    ],
    [['rushes' => [['rush' => Rushes::document(), 'body' => 2]]], 'Rush 1, body'],
    [['rushes' => array_fill(0, 41, ['rush' => Rushes::document()])], 'rushes'],
    [['weather' => 1], 'weather'],
    [
        ['rushes' => [['rush' => Rushes::document()], ['rush' => Rushes::document(['subject.length_m' => -1])]]],
        'Rush 2, subject.length_m',
    ],
]);
