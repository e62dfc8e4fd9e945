<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Planning\Effort;
use RushHold\Planning\Planner;
use RushHold\Tests\Rushes;

/** @return array<string, array{array<string, mixed>, array<string, list<string>>}> */
function bestCases(): array
{
    $sets = [];
    foreach (json_decode((string) file_get_contents(__DIR__.'/cases/orderings.json'), true)['cases'] as $case) {
        foreach ($case['expect'] as $expect) {
            if ($expect['type'] === 'best') {
                $sets[$case['id']] = [$case['rush'], $expect['hold']];
            }
        }
    }

    return $sets;
}

it('finds a winner of the family practice names', function (array $rush, array $families): void {
    foreach ([1, 2, 3] as $seed) {
        $ranking = Planner::standard()->rank(RushDocument::read($rush)->rush, null, $seed);
        $hold = HoldDocument::write($ranking->best->hold);
        foreach ($families as $field => $allowed) {
            [$part, $name] = explode('.', $field);
            expect($hold[$part][$name])->toBeIn($allowed);
        }
    }
})->with(bestCases());

it('tries at least a hundred set-ups in an open situation and knows the leaders well', function (): void {
    $ranking = Planner::standard()->rank(Rushes::with());
    expect(count($ranking->candidates))
        ->toBeGreaterThanOrEqual(100)
        ->and($ranking->best->outcome->standardError)
        ->toBeLessThanOrEqual(0.02)
        ->and($ranking->candidates[0])
        ->toBe($ranking->best)
        ->and($ranking->ruledOut)
        ->not->toBeEmpty();
    foreach (array_slice($ranking->candidates, 1) as $other) {
        // Nothing beats the winner by more than the noise.
        expect($other->outcome->keeperRate - $ranking->best->outcome->keeperRate)->toBeLessThanOrEqual(
            0.04 + 3 * $other->outcome->standardError,
        );
    }
});

it('gives the same JSON twice, and explains itself', function (): void {
    $write = static fn (): array => RankingDocument::write(
        Planner::standard()->rank(Rushes::with(['scene.background_texture' => 0.7]), null, 5),
    );
    $document = $write();
    expect(json_encode($write()))
        ->toBe(json_encode($document))
        ->and($document['why'][0]['keeper_rate_change'])
        ->toBeLessThan(-0.05)
        ->and(array_unique(array_column($document['by_school'], 'school')))
        ->toContain('area', 'response', 'aperture', 'bursts', 'stabiliser', 'support');
});

it('gives the rules’ own choice beside the winner where playing it through says otherwise', function (): void {
    $ranking = Planner::standard()->rank(Rushes::with(['scene.background_texture' => 0.7]));
    foreach ($ranking->plan->lines as $line) {
        expect($line->pinned)->toBeFalse();
        foreach ($line->alternatives as $alternative) {
            expect(said($alternative->because))
                ->not->toContain('pinned')
                ->and($alternative->value)
                ->not->toBe($line->value);
        }
    }
});

it('keeps pins in every set-up it tries', function (): void {
    $rush = Rushes::with();
    $ranking = Planner::standard()->rank(
        $rush,
        HoldDocument::read([
            'focus' => ['area' => 'ring-small', 'patience_s' => 0.6],
            'exposure' => ['shutter_s' => 1 / 2000],
        ])->fitting($rush->kit),
    );
    foreach ($ranking->candidates as $candidate) {
        expect($candidate->hold->area)
            ->toBe(Area::RingSmall)
            ->and($candidate->hold->patienceS)
            ->toBe(0.6)
            ->and($candidate->hold->shutterS)
            ->toBe(1 / 2000);
    }
    $pinned = array_filter($ranking->plan->lines, static fn ($line): bool => $line->pinned);
    expect($pinned)->toHaveCount(3);
});

it('compares hands with the camera fairly', function (): void {
    $ranking = Planner::standard()->rank(
        Rushes::with([
            'scene.front_clutter' => 0.6,
            'path.repeats' => true,
            'photographer.hand_focus' => 0.9,
            'path.heading_deg' => 70.0,
            'path.start_m' => 14.0,
        ]),
    );
    $techniques = array_unique(array_map(static fn ($c): string => $c->hold->technique->value, $ranking->candidates));
    expect($techniques)->toContain(Technique::Auto->value, Technique::Park->value, Technique::Follow->value);
});

it('says what would help if the situation could be changed, from playing it again', function (): void {
    $cluttered = Planner::standard()->rank(
        Rushes::with(['scene.front_clutter' => 0.5, 'scene.background_texture' => 0.8]),
    );
    $gains = array_column(array_map(static fn ($w): array => [$w->change, $w->gain], $cluttered->whatIfs), 1, 0);
    expect($gains['lane'])
        ->toBeGreaterThan(0.1)
        ->and($cluttered->whatIfs[0]->gain)
        ->toBe(max($gains))
        ->and(array_map(static fn ($w): string => $w->change, Planner::standard()->rank(Rushes::with())->whatIfs))
        ->not->toContain('lane', 'front-light');
    $against = Planner::standard()->rank(
        Rushes::with(['scene.backlit' => true, 'subject.contrast' => 0.35, 'scene.background_texture' => 0.6]),
    );
    $gains = array_column(array_map(static fn ($w): array => [$w->change, $w->gain], $against->whatIfs), 1, 0);
    expect($gains['front-light'])->toBeGreaterThan(0.0);
});

it('ranks at the edges of what can be asked', function (array $changes): void {
    $ranking = Planner::standard()->rank(Rushes::with($changes));
    expect($ranking->candidates)->not->toBeEmpty()->and($ranking->best->outcome->frames)->toBeGreaterThan(0);
})->with([
    'the widest lens' => [['kit.lens.focal_mm' => 8.0]],
    'very far' => [['path.start_m' => 2900.0]],
    'starlight' => [
        [
            'light' => [
                'place' => ['latitude_deg' => 55.5, 'longitude_deg' => -9.0, 'at' => '2026-12-21T00:30:00+00:00'],
                'offset_stops' => -6,
            ],
        ],
    ],
    'a body without the single point' => [
        [
            'path.repeats' => true,
            'photographer.hand_focus' => 0.9,
            'scene.front_clutter' => 0.8,
            'kit.body.areas' => ['block' => ['width' => 0.3], 'whole' => ['width' => 0.9]],
        ],
    ],
    'a body with one area' => [['kit.body.areas' => ['point' => ['width' => 0.03]]]],
    'a moment' => [['path.seconds' => 0.1]],
    'close up, where a range limit is a few centimetres' => [
        [
            'path.start_m' => 0.4,
            'subject.speed_mps' => 0.2,
            'subject.length_m' => 0.05,
            'subject.height_m' => 0.04,
            'kit.lens' => ['focal_mm' => 60.0, 'max_aperture' => 2.8, 'nearest_m' => 0.2],
        ],
    ],
    'an extender that makes diffraction the largest blur' => [['kit.extender' => 3.0, 'kit.lens.max_aperture' => 5.6]],
]);

/** A stage that counts what is played, and can be left. */
function watched(int $leavesAfter = PHP_INT_MAX): Stage
{
    return new class($leavesAfter) implements Stage
    {
        /** @var list<float> */
        public array $reached = [];

        public int $steps = 0;

        public function __construct(private readonly int $leavesAfter)
        {
        }

        public function play(array $plays): array
        {
            $this->steps += array_sum(array_map(static fn (Play $play): int => $play->steps(), $plays));

            return (new OneProcess())->play($plays);
        }

        public function reached(float $done): void
        {
            $this->reached[] = $done;
            count($this->reached) < $this->leavesAfter || throw new Overtaken('left');
        }
    };
}

it('stops between rounds when nobody waits any more, and says how far it is on the way', function (): void {
    $stage = watched(3);
    expect(static fn () => Planner::standard()->rank(Rushes::with(), null, 1, 0, $stage))
        ->toThrow(Overtaken::class)
        ->and($stage->reached)
        ->toHaveCount(3);
    Planner::standard()->rank(Rushes::with(), null, 1, 0, $whole = watched());
    $sorted = $whole->reached;
    sort($sorted);
    expect($whole->reached)
        ->toBe($sorted)
        ->and(end($sorted))
        ->toBe(1.0)
        ->and($stage->reached)
        ->toBe(array_slice($whole->reached, 0, 3));
});

it(
    'plays no more than it may, however long the rush and however many the set-ups, and says when it played less',
    function (array $changes, bool $reduced): void {
        $ranking = Planner::standard()->rank(Rushes::with($changes), null, 1, 0, $stage = watched());
        expect($stage->steps)
            ->toBeLessThan(1.5 * Effort::MOST_STEPS)
            ->and($ranking->reduced)
            ->toBe($reduced)
            ->and(count($ranking->candidates))
            ->toBeLessThanOrEqual($ranking->possible)
            ->toBeGreaterThanOrEqual(24)
            ->and($ranking->best->outcome->runs)
            ->toBeGreaterThanOrEqual(8);
    },
)->group('long')->with([
    'a usual one' => [[], false],
    'a minute at 240 Hz' => [
        ['path.seconds' => 60.0, 'path.start_m' => 900.0, 'kit.body.focus_cycle_hz' => 240.0],
        true,
    ],
    'a minute at 60 Hz' => [['path.seconds' => 60.0, 'path.start_m' => 900.0, 'kit.body.focus_cycle_hz' => 60.0], true],
]);

it('finds much the same for a long rush in coarser steps', function (): void {
    $rate = static function (float $hz): float {
        $rush = Rushes::with([
            'path.seconds' => 60.0,
            'path.start_m' => 400.0,
            'path.heading_deg' => 60.0,
            'subject.speed_mps' => 8.0,
            'kit.body.focus_cycle_hz' => $hz,
            'kit.body.buffer_frames' => 400,
        ]);

        return Planner::standard()->rank($rush)->best->outcome->keeperRate;
    };
    expect($rate(240.0))->toEqualWithDelta($rate(60.0), 0.06);
})->group('long');

it('plans with any one area as the only one of a body', function (string $area): void {
    $rush = Rushes::with(['kit.body.areas' => [$area => ['width' => 0.1, 'height' => 0.1]]]);
    $ranking = Planner::standard()->rank($rush);
    expect($ranking->best->hold->area->value)->toBe($area);
    // What was found can be pinned again.
    HoldDocument::read(HoldDocument::write($ranking->best->hold))->fitting($rush->kit);
})->with(array_map(static fn (Area $a): string => $a->value, Area::cases()));

it('keeps any shutter that is pinned, however slow', function (float $shutter): void {
    $rush = Rushes::with();
    $ranking = Planner::standard()->rank(
        $rush,
        HoldDocument::read(['exposure' => ['shutter_s' => $shutter]])->fitting($rush->kit),
    );
    expect($ranking->best->hold->shutterS)
        ->toBe($shutter)
        ->and(json_encode(RankingDocument::write($ranking)))
        ->toBeJson();
})->with([1 / 20, 0.5, 30.0]);

it('asks no more of the focus motor than where the lens focuses at all, for what comes past the camera', function (): void {
    $past = Rushes::with(['path.heading_deg' => 0, 'path.start_m' => 20, 'path.seconds' => 3, 'subject.speed_mps' => 20]);
    $nearest = $past->kit->lens->nearestM;
    // Towards the camera at 20 m/s, the image moves by v f² ÷ (d − f)² at the nearest it can be focused.
    $f = $past->kit->focalMm() / 1000;
    $asked = (new RushHold\Situation\Situation($past))->focusTravelMmPerS;
    expect($asked)
        ->toBeLessThanOrEqual(1.02 * 1000 * 20 * $f ** 2 / ($nearest - $f) ** 2)
        ->toBeGreaterThan(100.0);
});
