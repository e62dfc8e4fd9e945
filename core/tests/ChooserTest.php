<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\PlanDocument;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Light\Exposure;
use RushHold\Planning\Chooser;
use RushHold\Tests\Rushes;

it('answers every believable rush with a complete, consistent hold', function (int $seed): void {
    $rush = Rushes::random($seed);
    $plan = Chooser::standard()->choose($rush);
    $hold = $plan->hold;
    $shape = $rush->kit->body->areas[$hold->area->value];

    expect($plan->lines)
        ->toHaveCount(count(Setting::cases()) - count(Setting::rare()))
        ->and($shape->allows($hold->mode))
        ->toBeTrue()
        ->and($hold->aperture)
        ->toBeGreaterThanOrEqual($rush->kit->widest() * 0.999)
        ->toBeLessThanOrEqual($rush->kit->smallest() * 1.001)
        ->and($hold->shutterS)
        ->toBeGreaterThanOrEqual($rush->kit->body->fastestShutterS * 0.97)
        ->and($hold->iso)
        ->toBeLessThanOrEqual(max($rush->photographer->isoCeiling, $rush->kit->body->isoMin))
        ->and($hold->startAtM)
        ->toBeGreaterThanOrEqual($rush->kit->lens->nearestM)
        ->and($hold->technique === Technique::Auto)
        ->toBe($hold->mode !== FocusMode::Manual);
    // A limit is only there where the lens has a switch for it, and holds where focus starts.
    $switch = Chooser::standard()->choose(
        $rush->with(
            kit: $rush->kit->with(
                lens: $rush->kit->lens->with(ranges: [new FocusRange($rush->kit->lens->nearestM, 3000.0)]),
            ),
        ),
    )->hold;
    expect($hold->range)
        ->toBeNull()
        ->and($switch->range === null || $switch->range->contains($switch->startAtM))
        ->toBeTrue();
    // Either the exposure balances or what is missing is said.
    $balance = (new Exposure($hold->shutterS, $hold->aperture, $hold->iso))->ev100() - $rush->light->ev100;
    expect($balance - $plan->exposure->evShort)->toEqualWithDelta(0.0, 0.4);
    foreach ($plan->lines as $line) {
        expect(said($line->reason))->toMatch('/^[A-Z0-9].+\.$/u')->not->toContain('{');
        foreach ($line->alternatives as $alternative) {
            expect(said($alternative->because))->toMatch('/\.$/');
        }
    }
})->with(range(1, 40));

it('gives the same answer twice', function (): void {
    $write = static fn (): string => json_encode(
        PlanDocument::write(Chooser::standard()->choose(Rushes::random(7))),
        JSON_THROW_ON_ERROR,
    );
    expect($write())->toBe($write());
});

it('keeps what is pinned and solves the rest around it', function (): void {
    $free = plan();
    expect($free->hold->area)->toBe(Area::Block);
    $pinned = plan([], ['focus' => ['area' => 'point'], 'exposure' => ['shutter_s' => 1 / 8000]]);
    expect($pinned->hold->area)
        ->toBe(Area::Point)
        ->and($pinned->hold->shutterS)
        ->toBe(1 / 8000)
        ->and($pinned->hold->detect->value)
        ->toBe('off')
        ->and($pinned->hold->iso)
        ->toBeGreaterThan($free->hold->iso)
        ->and(lineOf($pinned, Setting::Area)->pinned)
        ->toBeTrue()
        ->and(said(lineOf($pinned, Setting::Area)->reason))
        ->toStartWith('Pinned by you.')
        ->and(lineOf($pinned, Setting::Area)->alternatives[0]->value)
        ->toBe('block');
});

it('lets every setting be pinned to the value it chose without changing the answer', function (): void {
    $rush = Rushes::with();
    $free = Chooser::standard()->choose($rush);
    $pins = HoldDocument::read(HoldDocument::write($free->hold))->fitting($rush->kit);
    expect(HoldDocument::write(Chooser::standard()->choose($rush, $pins)->hold))->toBe(
        HoldDocument::write($free->hold),
    );
});

it('puts a manual mode in the hand and a hand on manual mode', function (): void {
    expect(plan(['path.repeats' => true], ['focus' => ['mode' => 'manual']])->hold->technique)
        ->toBe(Technique::Park)
        ->and(plan([], ['focus' => ['technique' => 'follow']])->hold->mode)
        ->toBe(FocusMode::Manual);
});

it('takes the areas that practice takes', function (array $changes, array $areas): void {
    expect(plan($changes)->hold->area->value)->toBeIn($areas);
})->with([
    'open sky' => [[], ['block', 'band', 'whole', 'follow', 'ring-large']],
    'still inside a bush' => [
        [
            'subject.speed_mps' => 0.1,
            'path.start_m' => 8.0,
            'scene.front_clutter' => 0.6,
            'scene.background_texture' => 0.8,
        ],
        ['speck', 'point', 'plus'],
    ],
    'gliding past' => [['path.heading_deg' => 90.0, 'path.start_m' => 70.0], ['band']],
    'lifting off' => [['path.heading_deg' => 90.0, 'path.climb_deg' => 85.0], ['column']],
]);

it('parks where the path is known and nothing can be seen', function (): void {
    $plan = plan([
        'scene.front_clutter' => 0.85,
        'path.repeats' => true,
        'path.heading_deg' => 75.0,
        'path.start_m' => 13.0,
        'subject.speed_mps' => 5.0,
    ]);
    expect($plan->hold->technique)->toBe(Technique::Park);
    $sharp = array_filter($plan->lane->frames, static fn ($f): bool => $f->verdict->value !== 'soft');
    expect($sharp)->not->toBeEmpty();
});

it('freezes limbs when asked, and never with a slower shutter than the body needs', function (): void {
    $body = plan();
    $limbs = plan(['photographer.freeze' => 'limbs']);
    expect($limbs->hold->shutterS)
        ->toBeLessThanOrEqual($body->hold->shutterS)
        ->and($limbs->exposure->need->limbsS)
        ->toBeLessThanOrEqual($limbs->exposure->need->bodyS);
});

it('asks for a shorter exposure for a faster subject and a closer one', function (): void {
    $need = static fn (array $c): float => plan($c)->exposure->need->bodyS;
    expect($need(['subject.speed_mps' => 20.0]))
        ->toBeLessThan($need([]))
        ->and($need(['path.start_m' => 25.0]))
        ->toBeLessThan($need([]))
        ->and($need(['photographer.panning' => 1.0]))
        ->toBeGreaterThan($need([]))
        ->and($need(['photographer.support' => 'tripod']))
        ->toBeGreaterThanOrEqual($need([]));
});

it('says what is missing in the dark and what is cheapest to give', function (): void {
    $plan = plan(['light.ev100' => 5.0]);
    $dark = misfit($plan, 'light');
    expect($plan->exposure->evShort)
        ->toBeGreaterThan(1.0)
        ->and($plan->hold->aperture)
        ->toBe(4.0)
        ->and($dark->waysOut)
        ->not->toBeEmpty()
        ->and(implode(' ', array_map(said(...), $dark->waysOut)))
        ->toContain('ISO')
        ->toContain('better light');
    expect(misfit(plan(), 'light'))->toBeNull();
});

it('spends light to spare on the shutter, at the lowest ISO', function (): void {
    $plan = plan(['light.ev100' => 17.0, 'kit.lens.max_aperture' => 1.8]);
    expect($plan->hold->iso)->toEqualWithDelta(100.0, 15.0)->and($plan->exposure->evShort)->toBe(0.0);
});

it('says when several cannot be sharp together, with every lever', function (): void {
    $plan = plan(['group' => [['distance_m' => 20.0]]]);
    $group = misfit($plan, 'group');
    expect(said($group->sentence))
        ->toContain('cannot both be sharp')
        ->and(implode(' ', array_map(said(...), $group->waysOut)))
        ->toContain('Move back')
        ->toContain('mm or shorter')
        ->and(misfit(plan(['group' => [['distance_m' => $plan->situation->points[0]->distanceM + 0.05]]]), 'group'))
        ->toBeNull();
});

it('says when it comes nearer than the lens focuses, and when the drive is too slow', function (): void {
    $near = plan([
        'path.start_m' => 12.0,
        'path.heading_deg' => 0.0,
        'path.seconds' => 1.1,
        'subject.speed_mps' => 10.0,
    ]);
    expect(said(misfit($near, 'too-near')->sentence))->toContain('closer than');
    $slow = ['path.start_m' => 32.0, 'path.heading_deg' => 3.0, 'subject.speed_mps' => 14.0, 'path.seconds' => 2.0];
    expect(misfit(plan($slow + ['kit.lens.sweep_s' => 5.0]), 'drive'))
        ->not->toBeNull()
        ->and(misfit(plan($slow + ['kit.lens.sweep_s' => 0.3]), 'drive'))
        ->toBeNull();
});

it('warns of the sun near the frame, of nests and of the roadside', function (): void {
    $what = static fn (array $changes): array => array_column(plan($changes)->cautions, 'what');
    $place = ['latitude_deg' => 55.5, 'longitude_deg' => -9.0, 'at' => '2026-06-04T20:30:00+01:00'];
    expect($what(['light' => ['place' => $place + ['shooting_bearing_deg' => 305.0]]]))
        ->toContain('sun')
        ->and($what(['light' => ['place' => $place + ['shooting_bearing_deg' => 120.0]]]))
        ->not->toContain('sun')
        ->and($what(['scene.hazards' => ['nest', 'roadside']]))
        ->toContain('nest', 'roadside');
});

it('drops frames from a lock-once focus and keeps them with a continuous one', function (): void {
    $sharp = static fn (string $mode): int => count(
        array_filter(
            plan(['path.heading_deg' => 5.0], ['focus' => ['mode' => $mode]])->lane->frames,
            static fn ($f): bool => $f->verdict->value !== 'soft',
        ),
    );
    expect($sharp('continuous'))->toBeGreaterThan(3 * max(1, $sharp('single')));
});

it('plans every demo rush as something a photographer would do', function (string $file): void {
    $rush = RushDocument::read(json_decode((string) file_get_contents($file), true))->rush;
    $plan = Chooser::standard()->choose($rush, PartialHold::nothing());
    $sharp = array_filter($plan->lane->frames, static fn ($f): bool => $f->verdict->value !== 'soft');
    expect(count($sharp))
        ->toBeGreaterThan(0)
        ->and($plan->exposure->evShort)
        ->toBeLessThan(1.0)
        ->and($plan->hold->shutterS)
        ->toBeLessThan(1 / 400);
})->with(
    fn () => array_filter(
        glob(__DIR__.'/../../formats/examples/*.json'),
        fn (string $f) => ! str_contains($f, '.hold.'),
    ),
);

it('measures a group by planes square to the axis, and says who is outside the frame', function (): void {
    $beside = plan([
        'path.heading_deg' => 90.0,
        'subject.speed_mps' => 0.0,
        'group' => [['distance_m' => 40.0, 'across_m' => 1.0]],
    ]);
    expect($beside->situation->rush->group[0]->planeM)
        ->toEqualWithDelta(39.9875, 1e-4)
        ->and(misfit($beside, 'group'))
        ->toBeNull()
        ->and(misfit($beside, 'frame'))
        ->toBeNull();
    $outside = misfit(plan(['group' => [['distance_m' => 40.0, 'across_m' => -3.0]]]), 'frame');
    expect(said($outside->sentence))->toContain('outside the frame');
    // The way out that is named has to work.
    preg_match('/Use (\d+) mm/', said($outside->waysOut[0]), $found);
    expect(
        misfit(
            plan([
                'group' => [['distance_m' => 40.0, 'across_m' => -3.0]],
                'kit' => ['lens' => ['focal_mm' => 0.98 * (float) $found[1]]],
            ]),
            'frame',
        ),
    )->toBeNull();
});

it('does not count a lens as too slow where focus was locked once', function (): void {
    $lag = static fn (string $mode): float => plan(
        ['path.start_m' => 30.0, 'kit.lens.sweep_s' => 8.0],
        ['focus' => ['mode' => $mode]],
    )->lane->lagS;
    expect($lag('continuous'))
        ->toBeGreaterThan(0.0)
        ->and($lag('single'))
        ->toBe(0.0)
        ->and($lag('single-then-ring'))
        ->toBe(0.0);
});
