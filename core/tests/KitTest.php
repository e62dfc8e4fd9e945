<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\SubjectDocument;
use RushHold\Hold\Term;
use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Lens;
use RushHold\Kit\LensReach;
use RushHold\Kit\PointLayout;
use RushHold\Kit\ResponsePreset;
use RushHold\Kit\Stopwatch;
use RushHold\Kit\Zoom;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\LibrarySubject;
use RushHold\Library\Subjects;
use RushHold\Motion\SpeedFinder;
use RushHold\Planning\Chooser;
use RushHold\Planning\LensChoice;
use RushHold\Planning\Planner;
use RushHold\Tests\Rushes;

/** @return array<string, mixed> the puffin of the examples with another kit */
function puffinWith(?string $body = null, ?string $lens = null): array
{
    $document = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/puffin-coming-in.json'),
        true,
    );
    $document['kit'] = [
        ...$document['kit'] ?? [],
        ...$body === null ? [] : ['body' => Bodies::all()[$body]],
        ...$lens === null ? [] : ['lens' => Lenses::all()[$lens]],
    ];

    return $document;
}

it('plans every subject of the library with every sample body and lens', function (string $body): void {
    $bodyDocument = BodyDocument::read(Bodies::all()[$body])->fields;
    foreach (Lenses::all() as $name => $document) {
        $lens = LensDocument::read($document);
        foreach (Subjects::all() as $subject) {
            $size = max($subject->profile()->subject->lengthM, $subject->profile()->subject->heightM);
            $plan = Chooser::standard()->choose(
                RushDocument::read([
                    'format' => RushDocument::FORMAT,
                    'subject' => $subject->document['subject'],
                    'path' => [
                        'start_m' => min(3000, max(1.3 * $lens->lens->nearestM, ($size * $lens->lens->focalMm) / 6)),
                        'heading_deg' => 50,
                    ],
                    'kit' => ['body' => $bodyDocument, 'lens' => $lens->fields],
                ])->rush,
            );
            expect($plan->hold->shutterS)
                ->toBeGreaterThan(0.0, "$subject->id with $name")
                ->and($plan->hold->aperture)
                ->toBeGreaterThanOrEqual($plan->situation->kit->widest() * 0.99)
                ->and(isset($plan->situation->kit->body->areas[$plan->hold->area->value]))
                ->toBeTrue()
                ->and($plan->situation->kit->body->areas[$plan->hold->area->value]->allows($plan->hold->mode))
                ->toBeTrue();
        }
    }
})
    ->group('long')
    ->with(array_keys(Bodies::all()));

it('has a library that is large, whole and sure of its sources', function (): void {
    $all = Subjects::all();
    $ids = array_map(static fn (LibrarySubject $s): string => $s->id, $all);
    expect(count($all))->toBeGreaterThanOrEqual(60)->and(array_unique($ids))->toHaveCount(count($all));
    foreach ($all as $subject) {
        $profile = $subject->profile();
        expect($profile->source)
            ->toEndWith('.', $subject->id)
            ->and($profile->habit)
            ->toEndWith('.')
            ->and($profile->burstMps)
            ->toBeGreaterThanOrEqual($profile->speedMps, $subject->id)
            ->and($profile->sizeUncertainty)
            ->toBeGreaterThan(0.0)
            ->and($profile->speedUncertainty)
            ->toBeGreaterThan(0.0)
            ->and($profile->subject->aimSizeM)
            ->toBeLessThan(max($profile->subject->lengthM, $profile->subject->heightM));
    }
});

it('gives back the same body, lens and subject from their own echo', function (): void {
    foreach (Bodies::all() as $document) {
        $read = BodyDocument::read($document);
        $again = BodyDocument::read(json_decode((string) json_encode($read->fields), true));
        expect($again->fields)->toEqual($read->fields)->and($again->body)->toEqual($read->body);
    }
    foreach (Lenses::all() as $document) {
        $read = LensDocument::read($document);
        expect(LensDocument::read(json_decode((string) json_encode($read->fields), true))->lens)->toEqual($read->lens);
    }
    foreach (Subjects::all() as $subject) {
        $read = $subject->profile();
        expect(SubjectDocument::read(json_decode((string) json_encode($read->fields), true))->fields)->toEqual(
            $read->fields,
        );
    }
});

it('changes its mind with the body, as practice does', function (): void {
    $rank = static fn (string $body) => Planner::standard()->rank(RushDocument::read(puffinWith($body))->rush);
    $fast = $rank('fast-mirrorless');
    $mirror = $rank('old-mirror');
    $entry = $rank('entry-mirror');
    // A mirror body with points crowded in the middle finds no birds and has fewer, smaller areas to choose among.
    expect($fast->best->hold->detect)
        ->toBe(Detection::Bird)
        ->and($mirror->best->hold->detect)
        ->toBe(Detection::Off)
        ->and(count($mirror->candidates))
        ->toBeLessThan(count($fast->candidates) / 2)
        ->and($mirror->plan->situation->kit->body->areas['whole']->width)
        ->toBeLessThan(0.6)
        ->and($mirror->best->outcome->keeperRate)
        ->toBeLessThan($fast->best->outcome->keeperRate - 0.03)
        // Its share is no smaller, since it measures for longer between frames; of frames it has a third.
        ->and($entry->best->outcome->keepers()['mean'])
        ->toBeLessThan(0.6 * $mirror->best->outcome->keepers()['mean'])
        ->and($entry->best->outcome->frames)
        ->toBeLessThan($fast->best->outcome->frames / 3);
    foreach ($entry->candidates as $candidate) {
        expect([$candidate->hold->patienceS, $candidate->hold->nimble])->toBe([0.3, 0.5]);
    }
});

it('loses close approaches with a slow lens', function (): void {
    $rate = static function (float $sweep, float $start): float {
        $rush = Rushes::with([
            'path' => ['start_m' => $start, 'heading_deg' => 5, 'seconds' => 1.2, 'notice_s' => 2],
            'subject.speed_mps' => 14.0,
            'kit' => ['lens' => ['focal_mm' => 400, 'max_aperture' => 5.6, 'nearest_m' => 2.5, 'sweep_s' => $sweep]],
        ]);

        return Planner::standard()->best($rush)->outcome->keeperRate;
    };
    expect($rate(3.0, 22.0))
        ->toBeLessThan($rate(0.4, 22.0) - 0.1)
        ->and(abs($rate(3.0, 120.0) - $rate(0.4, 120.0)))
        ->toBeLessThan(0.05);
});

it('keeps areas where the points are', function (): void {
    $layout = new PointLayout(0.5, 0.4, 0.2, 0.4, 0.05, 0.1);
    $body = new Body(mirror: true, points: $layout);
    expect($body->areas['whole']->width)
        ->toBe(0.5)
        ->and($body->areas['whole']->height)
        ->toBe(0.4)
        ->and($body->reachable(Area::Point, [0.4, -0.4]))
        ->toEqualWithDelta([0.2325, -0.175], 1e-9)
        ->and($body->reachable(Area::Whole, [0.1, 0.1]))
        ->toEqual([0.0, 0.0]);
    $point = AreaShape::usual(Area::Point);
    expect($layout->oneWayShare($point, [0.0, 0.0]))
        ->toBe(0.0)
        ->and($layout->oneWayShare($point, [0.2, 0.0]))
        ->toBe(1.0)
        ->and($layout->oneWayShare($body->areas['whole'], [0.0, 0.0]))
        ->toEqualWithDelta(0.6, 1e-9)
        ->and($layout->isStar($point, [0.0, 0.0]))
        ->toBeTrue()
        ->and($layout->isStar($point, [0.1, 0.0]))
        ->toBeFalse();
});

it('misses more on points of one direction', function (): void {
    $rate = static function (?array $points): float {
        $rush = Rushes::with([
            'subject.contrast' => 0.3,
            'subject.speed_mps' => 5.0,
            'photographer.aim' => 0.95,
            'photographer.panning' => 0.95,
            'scene' => ['background_texture' => 0.1],
            'kit.body' => [
                'mirror' => true,
                'detects' => [],
                'points' => $points,
                'areas' => ['block' => ['width' => 0.5, 'height' => 0.4, 'detects' => false]],
            ],
        ]);
        $plan = Chooser::standard()->choose($rush);

        return (new RushHold\Focus\Simulator($plan->situation))->run($plan->hold, 200, 1)->keeperRate;
    };
    $all = [
        'width' => 0.6,
        'height' => 0.6,
        'two_way_width' => 0.6,
        'two_way_height' => 0.6,
        'star_width' => 0,
        'star_height' => 0,
    ];
    expect($rate([...$all, 'two_way_width' => 0.02, 'two_way_height' => 0.02]))->toBeLessThan($rate($all) - 0.03);
});

it('says so where an area lies on points of one direction', function (): void {
    $whats = static fn (float $contrast, array $points): array => array_map(
        static fn ($m): string => $m->what,
        Chooser::standard()->choose(
            Rushes::with([
                'subject.contrast' => $contrast,
                'kit.body' => [
                    'mirror' => true,
                    'detects' => [],
                    'points' => $points,
                    'areas' => ['block' => ['width' => 0.4, 'height' => 0.4, 'detects' => false]],
                ],
            ]),
        )->misfits,
    );
    $narrow = ['width' => 0.5, 'height' => 0.5, 'two_way_width' => 0.1, 'two_way_height' => 0.5, 'outer' => 'level'];
    expect($whats(0.4, $narrow))
        ->toContain('one-way')
        ->and($whats(0.9, $narrow))
        ->not->toContain('one-way')
        ->and($whats(0.4, [...$narrow, 'two_way_width' => 0.5]))
        ->not->toContain('one-way');
});

it('opens a zoom less the longer it is', function (): void {
    $zoom = new Zoom([[100.0, 4.0], [200.0, 4.0], [400.0, 5.6]]);
    expect($zoom->widestAt(100))
        ->toBe(4.0)
        ->and($zoom->widestAt(150))
        ->toEqualWithDelta(4.0, 1e-9)
        ->and($zoom->widestAt(400))
        ->toBe(5.6)
        ->and($zoom->widestAt(200 * M_SQRT2))
        ->toEqualWithDelta(4.0 * sqrt(1.4), 1e-9)
        ->and($zoom->widestAt(900))
        ->toBe(5.6);
    $read = LensDocument::read([
        'format' => 'rush-hold/lens@1',
        'name' => 'Zoom',
        'zoom' => [['focal_mm' => 100, 'max_aperture' => 4], ['focal_mm' => 400, 'max_aperture' => 5.6]],
        'focal_mm' => 400,
        'max_aperture' => 2.8,
        'nearest_m' => 1.5,
    ]);
    expect($read->lens->maxAperture)
        ->toBe(5.6)
        ->and($read->fields['max_aperture'])
        ->toBe(5.6)
        ->and($read->lens->at(200.0)->maxAperture)
        ->toEqualWithDelta(4.0 * sqrt(1.4), 1e-6)
        ->and($read->lens->focalLengths())
        ->toEqual([100.0, 200.0, 400.0]);
});

it('computes what extenders do', function (): void {
    $reach = LensReach::of(new Lens(focalMm: 300, maxAperture: 2.8, nearestM: 2, extenders: [2.0]), new Body(), 30.0);
    expect($reach)
        ->toHaveCount(2)
        ->and($reach[1]->focalMm)
        ->toBe(600.0)
        ->and($reach[1]->widest)
        ->toBe(5.6)
        ->and($reach[0]->angleDeg)
        ->toEqualWithDelta(6.87, 0.01)
        ->and($reach[1]->fieldM)
        ->toEqualWithDelta($reach[0]->fieldM / 2, 0.03)
        ->and($reach[1]->lastLightEv)
        ->toEqualWithDelta($reach[0]->lastLightEv + 2, 1e-9);
});

it('takes a position of the range switch that holds the whole way, or none', function (): void {
    $range = static fn (array $ranges) => Chooser::standard()->choose(
        Rushes::with(['kit.lens' => ['ranges' => $ranges]]),
    )->hold->range;
    expect(
        $range([['near_m' => 3.5, 'far_m' => 10], ['near_m' => 10, 'far_m' => null], ['near_m' => 15, 'far_m' => 90]]),
    )
        ->toEqual(new RushHold\Kit\FocusRange(15.0, 90.0))
        ->and($range([['near_m' => 3.5, 'far_m' => 10]]))
        ->toBeNull();
});

it('says which lens suits a rush', function (): void {
    $lens = static fn (string $id): Lens => LensDocument::read(Lenses::all()[$id])->lens;
    $lenses = [$lens('24-70'), $lens('500-f4'), $lens('55-250-slow')];
    $puffin = LensChoice::among($lenses, RushDocument::read(puffinWith())->rush, Planner::standard());
    expect($puffin[0]->lens)->toBe(1)->and($puffin[2]->lens)->toBe(0)->and($puffin[2]->fills)->toBeLessThan(0.05);
    $near = json_decode((string) file_get_contents(__DIR__.'/../../formats/examples/barriers.json'), true);
    $near['path']['start_m'] = 6;
    $choices = LensChoice::among(
        [$lens('500-f4'), $lens('70-200-f28')],
        RushDocument::read($near)->rush,
        Planner::standard(),
    );
    expect($choices[0]->lens)
        ->toBe(1)
        ->and($choices[1]->score())
        ->toBeLessThan($choices[0]->score() / 2);
})->group('long');

it('warns of bent wings where the readout is slow', function (): void {
    $says = static fn (array $body): array => array_values(
        array_filter(
            array_map(
                static fn ($m) => $m->what === 'skew' ? said($m->waysOut[0]) : null,
                Chooser::standard()->choose(Rushes::with(['subject.limb_speed_mps' => 15.0, 'kit.body' => $body]))
                    ->misfits,
            ),
        ),
    );
    expect($says(['readout_s' => 0.05]))
        ->toHaveCount(1)
        ->and($says(['readout_s' => 0.004]))
        ->toBe([])
        ->and($says(['readout_s' => 0.05, 'mechanical' => ['frames_per_s' => 11]])[0])
        ->toContain('11 frames a second')
        ->and($says(['readout_s' => 0.05, 'mirror' => true]))
        ->toBe([]);
});

it('has words for all that a body has, and finds the one that is used', function (): void {
    $body = BodyDocument::read([
        ...Bodies::all()['old-mirror'],
        'words' => ['area.block' => ['label' => 'Block', 'where' => 'Page 2'], 'detect.bird' => ['label' => '']],
    ])->body;
    $keys = array_map(static fn (Term $t): string => $t->key, Term::of($body));
    expect($keys)
        ->toContain(
            'area.block',
            'mode.continuous',
            'preset.nimble',
            'patience.0.02',
            'nimble.0.5',
            'control.thumb-1',
            'setting.drive',
        )
        ->not->toContain('area.follow', 'detect.bird')
        ->and(array_unique($keys))
        ->toHaveCount(count($keys));
    foreach ($keys as $key) {
        expect(Term::isKnown($key))->toBeTrue($key);
    }
    expect($body->words['area.block']->label)
        ->toBe('Block')
        ->and($body->presetOf(0.12, 1.0)?->id)
        ->toBe('nimble')
        ->and((new Body(presets: [new ResponsePreset('a', 0.12, 0.5)], freeResponse: false))->nearestResponse(1.2, 1.0))
        ->toBe([0.12, 0.5])
        // Steps are near each other by ratio: 0.3 s is nearer to 0.5 than to 0.1.
        ->and((new Body(patienceSteps: [0.1, 0.5, 1.0], nimbleSteps: [0.2, 0.8]))->nearestResponse(0.3, 0.55))
        ->toBe([0.5, 0.8])
        ->and((new Body(patienceSteps: [0.1, 0.5, 1.0], nimbleSteps: [0.2, 0.8]))->nearestResponse(3.0, 0.0))
        ->toBe([1.0, 0.2]);
});

it('refuses kit that cannot be, naming the field', function (callable $read, string $field): void {
    expect(refusal($read)->field)->toBe($field);
})->with(function (): array {
    $body = static fn (array $fields): callable => static fn () => BodyDocument::read([
        'format' => 'rush-hold/body@1',
        ...$fields,
    ]);
    $lens = static fn (array $fields): callable => static fn () => LensDocument::read([
        'format' => 'rush-hold/lens@1',
        ...$fields,
    ]);
    $set = static fn (array $set): array => [
        'controls' => [['place' => 'thumb-1', 'may' => ['stored-set']]],
        'stored_sets' => [['control' => 'thumb-1', ...$set]],
    ];

    return [
        'no format' => [static fn () => BodyDocument::read([]), 'format'],
        'a lens for a body' => [static fn () => BodyDocument::read(['format' => 'rush-hold/lens@1']), 'format'],
        'sensor' => [$body(['sensor_width_mm' => 900]), 'sensor_width_mm'],
        'no areas' => [$body(['areas' => []]), 'areas'],
        'area too large' => [$body(['areas' => ['block' => ['width' => 1.5]]]), 'areas.block.width'],
        'inner points wider than outer' => [
            $body(['points' => ['width' => 0.3, 'two_way_width' => 0.6]]),
            'points.two_way_width',
        ],
        'presets only, but none' => [$body(['free_response' => false]), 'presets'],
        'a preset twice' => [$body(['presets' => [['id' => 'a'], ['id' => 'a']]]), 'presets'],
        'patience out of range' => [$body(['presets' => [['id' => 'a', 'patience_s' => 7]]]), 'presets.patience_s'],
        'a preset without a name' => [$body(['presets' => [['nimble' => 1]]]), 'presets[0].id'],
        'a step out of range' => [$body(['nimble_steps' => [0, 2]]), 'nimble_steps[1]'],
        'no steps' => [$body(['patience_steps' => []]), 'patience_steps'],
        'set on a control that cannot' => [
            $body(['stored_sets' => [['control' => 'thumb-1']]]),
            'stored_sets[0].control',
        ],
        'set with a mode the area refuses' => [
            $body($set(['area' => 'speck', 'mode' => 'continuous'])),
            'stored_sets[0].mode',
        ],
        'set with a preset that is not there' => [$body($set(['preset' => 'none'])), 'stored_sets[0].preset'],
        'a word for nothing' => [$body(['words' => ['colour.red' => ['label' => 'x']]]), 'words'],
        'a word too long' => [
            $body(['words' => ['area.block' => ['label' => str_repeat('x', 61)]]]),
            'words.area.block.label',
        ],
        'unknown field' => [$body(['shiny' => true]), 'shiny'],
        'zoom of one step' => [$lens(['zoom' => [['focal_mm' => 100, 'max_aperture' => 4]]]), 'zoom'],
        'zoom backwards' => [
            $lens(['zoom' => [['focal_mm' => 400, 'max_aperture' => 4], ['focal_mm' => 100, 'max_aperture' => 4]]]),
            'zoom[1].focal_mm',
        ],
        'outside the zoom' => [
            $lens([
                'zoom' => [['focal_mm' => 100, 'max_aperture' => 4], ['focal_mm' => 200, 'max_aperture' => 4]],
                'focal_mm' => 300,
            ]),
            'focal_mm',
        ],
        'extender that makes smaller' => [$lens(['extenders' => [0.7]]), 'extenders[0]'],
        'sweep' => [$lens(['sweep_s' => 90]), 'sweep_s'],
        'a ring that hardly turns' => [$lens(['ring' => ['throw_deg' => 10]]), 'ring.throw_deg'],
        'a ring with something else' => [$lens(['ring' => ['rubber' => true]]), 'ring.rubber'],
        'subject without a name' => [
            static fn () => SubjectDocument::read([
                'format' => 'rush-hold/subject@1',
                'subject' => ['length_m' => 1, 'height_m' => 1, 'speed_mps' => 1],
            ]),
            'subject.name',
        ],
        'subject faster than anything' => [
            static fn () => SubjectDocument::read([
                'format' => 'rush-hold/subject@1',
                'subject' => ['name' => 'x', 'length_m' => 1, 'height_m' => 1, 'speed_mps' => 1],
                'burst_mps' => 500,
            ]),
            'burst_mps',
        ],
    ];
});

it('finds speeds and sweeps, with how sure they are', function (): void {
    $watch = SpeedFinder::stopwatch(30.0, 2.5, 2.0);
    expect($watch->speedMps)
        ->toBe(12.0)
        ->and($watch->errorMps)
        ->toEqualWithDelta(12 * hypot(2 / 30, 0.15 / 2.5), 1e-9);
    $frames = SpeedFinder::frames(4.0, 0.6, 5, 20.0, 0.05);
    expect($frames->speedMps)->toEqualWithDelta(9.6, 1e-9)->and($frames->errorMps)->toBeLessThan(0.7);
    $sweep = Stopwatch::of([2.1, 1.9, 7.0], 4);
    // One slip of the thumb does no harm.
    expect($sweep->seconds)
        ->toEqualWithDelta(0.525, 1e-9)
        ->and($sweep->errorS)
        ->toBeLessThan(Stopwatch::of([2.1])->errorS);
    expect(refusal(static fn () => SpeedFinder::stopwatch(30, 0))->field)
        ->toBe('seconds')
        ->and(refusal(static fn () => Stopwatch::of([0.0]))->field)
        ->toBe('timings[0]');
});

it('keeps to a floor of one’s own', function (): void {
    $shutter = static fn (?float $floor): float => Chooser::standard()->choose(
        Rushes::with(['photographer' => ['slowest_shutter_s' => $floor], 'light.ev100' => 12.0]),
    )->hold->shutterS;
    expect($shutter(1 / 4000))
        ->toEqualWithDelta(1 / 4000, 1e-5)
        ->and($shutter(null))
        ->toBeGreaterThan(1 / 4000);
});

it('knows the modes that areas go with by default', function (): void {
    expect(AreaShape::usual(Area::Speck)->allows(FocusMode::Continuous))
        ->toBeFalse()
        ->and(AreaShape::usual(Area::Block)->allows(FocusMode::Continuous))
        ->toBeTrue();
});
