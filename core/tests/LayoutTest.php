<?php

declare(strict_types=1);

use RushHold\Controls\Arrangement;
use RushHold\Controls\Assigned;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Day;
use RushHold\Controls\Fault;
use RushHold\Controls\Faults;
use RushHold\Controls\LateStart;
use RushHold\Controls\Layout;
use RushHold\Controls\Need;
use RushHold\Controls\Pins;
use RushHold\Controls\Reached;
use RushHold\Controls\Reaching;
use RushHold\Controls\Solver;
use RushHold\Controls\Times;
use RushHold\Controls\Way;
use RushHold\Document\LayoutDocument;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Tests\Rushes;

/** A hold with some settings otherwise. */
function held(mixed ...$changes): Hold
{
    static $plain = null;
    $plain ??= plan()->hold->with(
        mode: FocusMode::Continuous,
        area: Area::Block,
        detect: Detection::Off,
        eye: false,
        patienceS: 0.3,
        nimble: 0.5,
        areaAt: [0.0, 0.0],
        range: null,
        shutterS: 1 / 2000,
        aperture: 5.6,
    );

    return $plain->with(...$changes);
}

/** A rush that keeps its frames evenly over two seconds, the first at once. */
function need(string $name, Hold $hold, float $warningS, float $weight = 1.0): Need
{
    return new Need($name, $hold, $warningS, evenly(), $weight);
}

function evenly(): LateStart
{
    return new LateStart(array_map(static fn (int $i): array => [$i / 10, ($i + 1) / 20], range(0, 19)), 0.0, 2.0);
}

/** @param  list<ControlPlace>  $places  where sets can be */
function bodyWith(array $places): Body
{
    return new Body(
        controls: [
            new Control(ControlPlace::HalfPress, [Duty::StartFocus, Duty::LockExposure]),
            ...array_map(
                static fn (ControlPlace $p): Control => new Control($p, [
                    Duty::StartFocus,
                    Duty::StoredSet,
                    Duty::LockExposure,
                ]),
                $places,
            ),
        ],
    );
}

/** How long it takes from what stands to what is needed, worked out on its own: what differs, added up by its way. */
function secondsTo(Hold $stands, Hold $wanted): float
{
    $byHand = $wanted->mode === FocusMode::Manual;
    $clicks = static fn (float $ratio): int => (int) round(3 * abs(log($ratio, 2)));

    return ($stands->mode === $wanted->mode ? 0.0 : ($byHand || $stands->mode === FocusMode::Manual ? 0.6 : 3.0)) +
        ($byHand || $stands->area === $wanted->area ? 0.0 : 3.0) +
        ($byHand || $stands->detect === $wanted->detect ? 0.0 : 3.0) +
        ($byHand || $wanted->mode->locksOnce() || $stands->patienceS === $wanted->patienceS ? 0.0 : 7.0) +
        0.3 * $clicks($stands->shutterS / $wanted->shutterS) +
        0.3 * $clicks(($stands->aperture / $wanted->aperture) ** 2) +
        ($stands->stabiliser === $wanted->stabiliser ? 0.0 : 0.6);
}

/**
 * Tries every way of standing at rest and every choice of sets there is.
 *
 * @param  list<Need>  $needs
 */
function bruteForce(array $needs, int $controls): float
{
    $occurring = static fn (callable $of): array => array_values(
        array_unique(array_map(static fn (Need $n): mixed => $of($n->hold), $needs), SORT_REGULAR),
    );
    $mixes = [];
    foreach ($occurring(static fn (Hold $h) => $h->mode) as $mode) {
        foreach ($occurring(static fn (Hold $h) => $h->area) as $area) {
            foreach ($occurring(static fn (Hold $h) => $h->detect) as $detect) {
                foreach ($occurring(static fn (Hold $h) => $h->patienceS) as $patience) {
                    if ($mode !== FocusMode::Manual && $detect !== Detection::Off && $area === Area::Point) {
                        continue;
                    }
                    $mixes[] = held(mode: $mode, area: $area, detect: $detect, patienceS: $patience);
                }
            }
        }
    }
    $choices = [[]];
    foreach (array_keys($mixes) as $i) {
        foreach ($choices as $choice) {
            if (count($choice) < $controls) {
                $choices[] = [...$choice, $i];
            }
        }
    }
    $beside = [];
    foreach ($occurring(static fn (Hold $h) => $h->shutterS) as $shutterS) {
        foreach ($occurring(static fn (Hold $h) => $h->aperture) as $aperture) {
            foreach ($occurring(static fn (Hold $h) => $h->stabiliser) as $stabiliser) {
                $beside[] = ['shutterS' => $shutterS, 'aperture' => $aperture, 'stabiliser' => $stabiliser];
            }
        }
    }
    $best = INF;
    foreach ($mixes as $rest) {
        foreach ($beside as $turned) {
            foreach ($choices as $choice) {
                $loss = 0.0;
                foreach ($needs as $need) {
                    $seconds = secondsTo($rest->with(...$turned), $need->hold);
                    foreach ($choice as $i) {
                        $seconds = min($seconds, 0.3 + secondsTo($mixes[$i]->with(...$turned), $need->hold));
                    }
                    $loss += $need->weight * $need->lostAfter($seconds);
                }
                $best = min($best, $loss / array_sum(array_map(static fn (Need $n): float => $n->weight, $needs)));
            }
        }
    }

    return $best;
}

it('loses as little as the best of all layouts tried one by one', function (int $seed): void {
    mt_srand($seed);
    $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    for ($case = 0; $case < 30; $case++) {
        $axes = [
            ['mode', [FocusMode::Continuous, FocusMode::Manual]],
            ['area', [Area::Point, Area::Block, Area::Whole]],
            ['detect', [Detection::Off, Detection::Bird]],
            ['patienceS', [0.3, 1.2]],
        ];
        unset($axes[mt_rand(0, 3)]);
        $needs = [];
        foreach (range(0, mt_rand(1, 3)) as $i) {
            $changes = [
                'shutterS' => $one([1 / 1000, 1 / 2500]),
                'aperture' => $one([4.0, 8.0]),
                'stabiliser' => $one([Stabiliser::Off, Stabiliser::On]),
            ];
            foreach ($axes as [$name, $values]) {
                $changes[$name] = $one($values);
            }
            // A point detects nothing.
            if (($changes['area'] ?? null) === Area::Point) {
                $changes['detect'] = Detection::Off;
            }
            $needs[] = need("rush $i", held(...$changes), $one([0.03, 0.43, 1.03, 3.03, 6.03]), $one([1.0, 2.0]));
        }
        $controls = mt_rand(0, 2);
        $places = array_slice([ControlPlace::Thumb1, ControlPlace::Front1], 0, $controls);
        $layout = (new Solver(bodyWith($places), $needs))->solve();
        expect($layout->loss)->toEqualWithDelta(bruteForce($needs, $controls), 1e-9, "case $case of $seed");
        // What it says it loses is what its presses cost.
        foreach ($layout->reached as $reached) {
            expect($reached->lost)->toEqualWithDelta($reached->need->lostAfter($reached->seconds()), 1e-12);
        }
    }
})->with(range(1, 8));

it('loses as little when what would stand at rest anyway is pinned there', function (): void {
    mt_srand(5);
    $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
    for ($case = 0; $case < 60; $case++) {
        $needs = [];
        foreach (range(0, 3) as $i) {
            $changes = [
                'shutterS' => $one([1 / 500, 1 / 1000, 1 / 4000]),
                'aperture' => $one([4.0, 5.6, 11.0]),
                'area' => $one([Area::Point, Area::Block]),
            ];
            $needs[] = need("rush $i", held(...$changes), $one([0.03, 0.43, 1.03]), $one([1.0, 3.0]));
        }
        $solver = new Solver(bodyWith([ControlPlace::Thumb1]), $needs);
        $free = $solver->solve();
        $pinned = $solver->solve(
            ButtonSchool::Free,
            new Pins([], $free->arrangement->rest->only($one([Setting::Shutter, Setting::Aperture]))),
        );
        expect($pinned->loss)->toEqualWithDelta($free->loss, 1e-9, "case $case");
    }
});

it('takes as few sets as will do, and the quickest of those', function (): void {
    $warned = [need('slow', held(), 20.0), need('also slow', held(area: Area::Point), 20.0)];
    $layout = (new Solver(bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2]), $warned))->solve();
    expect($layout->loss)->toBe(0.0)->and($layout->arrangement->sets())->toBe([]);
    $sudden = [need('slow', held(), 20.0), need('sudden', held(area: Area::Point), 0.5)];
    $layout = (new Solver(bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2]), $sudden))->solve();
    // The sudden one is ready at rest; the slow one is changed in time.
    expect($layout->loss)
        ->toBe(0.0)
        ->and($layout->arrangement->sets())
        ->toBe([])
        ->and($layout->arrangement->rest->get(Setting::Area))
        ->toBe(Area::Point);
});

it('lets rushes share a set that agree in all that does something in them', function (): void {
    $needs = [
        need('rest', held(area: Area::Whole), 0.0, 9.0),
        need('by hand', held(mode: FocusMode::Manual, area: Area::Point), 0.2),
        need('by hand as well', held(mode: FocusMode::Manual, patienceS: 1.2), 0.2),
        need('point', held(area: Area::Point), 0.3),
    ];
    $layout = (new Solver(bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2]), $needs))->solve();
    $by = array_map(static fn ($reached): ?string => $reached->by?->value, $layout->reached);
    expect($by[1])->toBe($by[2])->not->toBeNull()->and($layout->loss)->toBeLessThan(0.06);
});

it('puts the set that matters most on the control that is found quickest by this person', function (): void {
    $needs = [
        need('rest', held(area: Area::Whole), 0.0, 9.0),
        need('seldom', held(area: Area::Point), 0.0),
        need('often', held(area: Area::Block), 0.0, 5.0),
    ];
    $times = new Times([], ['thumb-1' => 0.9, 'front-1' => 0.1]);
    $layout = (new Solver(bodyWith([ControlPlace::Thumb1, ControlPlace::Front1]), $needs, $times))->solve();
    expect(array_map(static fn ($reached): ?ControlPlace => $reached->by, $layout->reached))->toBe([
        null,
        ControlPlace::Thumb1,
        ControlPlace::Front1,
    ]);
});

it('keeps what is pinned and solves the rest', function (): void {
    $needs = [
        need('rest', held(area: Area::Whole), 0.0, 9.0),
        need('one', held(area: Area::Point), 0.0),
        need('other', held(area: Area::Block), 0.0),
    ];
    $body = bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2]);
    $pinned = PartialHold::of(held(area: Area::Band), ...Setting::inASet());
    $layout = (new Solver($body, $needs))->solve(ButtonSchool::Free, new Pins(['thumb-1' => $pinned]));
    $sets = $layout->arrangement->sets();
    expect($sets)->toHaveCount(2)->and($sets[0]->set)->toBe($pinned)->and($sets[1]->place)->toBe(ControlPlace::Thumb2);
    // At half press no control holds a set, pinned or not.
    expect(
        (new Solver($body, $needs))
            ->solve(ButtonSchool::HalfPress, new Pins(['thumb-1' => $pinned]))
            ->arrangement->sets(),
    )->toBe([]);
    $none = (new Solver($body, $needs))->solve(ButtonSchool::Free, new Pins(['thumb-1' => null, 'thumb-2' => null]));
    expect($none->arrangement->sets())->toBe([])->and($none->loss)->toBeGreaterThan($layout->loss);
    $rest = (new Solver($body, $needs))->solve(
        ButtonSchool::Free,
        new Pins([], PartialHold::of(held(area: Area::Block), Setting::Area)),
    );
    expect($rest->arrangement->rest->get(Setting::Area))->toBe(Area::Block);
});

it('holds each school to its own controls', function (): void {
    $needs = [
        need('a', held(area: Area::Whole), 0.0),
        need('b', held(area: Area::Point), 0.0),
        need('c', held(area: Area::Block), 0.0),
        need('d', held(area: Area::Band), 0.0),
    ];
    $body = bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2, ControlPlace::Front1, ControlPlace::Touch]);
    $by = [];
    foreach ((new Solver($body, $needs))->bySchool() as $layout) {
        $by[$layout->school->value] = [
            array_map(static fn ($a): string => $a->place->value, $layout->arrangement->sets()),
            $layout->arrangement->starters()[0],
        ];
    }
    expect($by['half-press'])
        ->toBe([[], ControlPlace::HalfPress])
        ->and($by['thumb'])
        ->toBe([[], ControlPlace::Thumb1])
        ->and($by['two-thumbs'])
        ->toBe([['thumb-2'], ControlPlace::Thumb1])
        ->and($by['three'][0])
        ->toBe(['thumb-1', 'thumb-2'])
        ->and($by['three'][1])
        ->toBe(ControlPlace::HalfPress)
        // A screen cannot be worked while panning.
        ->and($by['free'][0])
        ->toBe(['thumb-1', 'thumb-2', 'front-1']);
    $losses = array_map(static fn (Layout $l): float => $l->loss, (new Solver($body, $needs))->bySchool());
    expect($losses[4])
        ->toBeLessThan($losses[3])
        ->and($losses[3])
        ->toBeLessThan($losses[2])
        ->and($losses[2])
        ->toBeLessThan($losses[0]);
});

it('says for more holds than it can go through how far it may be from the best', function (): void {
    $areas = [
        Area::Speck,
        Area::Point,
        Area::Plus,
        Area::RingSmall,
        Area::RingMedium,
        Area::RingLarge,
        Area::Block,
        Area::Band,
        Area::Column,
        Area::Whole,
    ];
    $needs = array_map(static fn (Area $a): Need => need($a->value, held(area: $a), 0.5), $areas);
    $layout = (new Solver(
        bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2, ControlPlace::Front1]),
        $needs,
    ))->solve();
    // Rest and three controls are right for four of the ten; the others need the quick menu, which takes longer than
    // there is.
    expect($layout->bound)
        ->toEqualWithDelta(0.6, 1e-9)
        ->and($layout->bound)
        ->toBeLessThanOrEqual($layout->loss)
        ->and($layout->arrangement->sets())
        ->toHaveCount(3)
        ->and($layout->loss)
        ->toBeLessThan(0.7);
});

it('loses by a late start what the runs keep before, and all of it when the rush is over', function (): void {
    $late = evenly();
    expect($late->lost(0.0))
        ->toBe(0.0)
        ->and($late->lost(0.95))
        ->toEqualWithDelta(0.45, 0.06)
        ->and($late->lost(2.0))
        ->toBe(1.0);
    $plan = plan();
    $played = LateStart::of($plan->situation, $plan->hold);
    $last = 0.0;
    foreach (range(1, 20) as $tenth) {
        $lost = $played->lost($tenth / 10);
        expect($lost)->toBeGreaterThanOrEqual($last)->toBeLessThanOrEqual(1.0);
        $last = $lost;
    }
    expect($played->lost(1.0))->toBeGreaterThan(0.3)->and($last)->toBe(1.0);
});

it('counts clicks of a dial by thirds of a stop, and patience with nimbleness once', function (): void {
    $reaching = new RushHold\Controls\Reaching(new Times(['menu' => 5.0]));
    $need = need('x', held(shutterS: 1 / 4000, aperture: 8.0, patienceS: 1.2, nimble: 0.0), 0.0);
    $presses = $reaching->presses($need->hold, PartialHold::of(held()));
    $bySetting = array_column(array_map(static fn ($p): array => [$p->setting?->value, $p], $presses), 1, 0);
    expect($bySetting['exposure.shutter_s']->clicks)
        ->toBe(3)
        ->and($bySetting['exposure.aperture']->clicks)
        ->toBe(3)
        ->and($bySetting['focus.patience_s']->seconds)
        ->toBe(5.0)
        ->and($bySetting)
        ->not->toHaveKey('focus.nimble')
        ->and($presses[0]->way)
        ->toBe(Way::Dial)
        ->and(array_sum(array_map(static fn ($p): float => $p->seconds, $presses)))
        ->toEqualWithDelta(6.8, 1e-9);
});

/** @return list<string> what goes wrong with an arrangement for some rushes */
function faultsOf(
    Arrangement $arrangement,
    array $needs,
    ?Body $body = null,
    ButtonSchool $school = ButtonSchool::Free,
): array {
    $body ??= bodyWith([ControlPlace::Thumb1, ControlPlace::Thumb2, ControlPlace::Touch]);
    $reaching = new Reaching(new Times());
    $reached = array_map(static function (Need $need) use ($arrangement, $reaching): Reached {
        $best = new Reached($need, null, $reaching->presses($need->hold, $arrangement->rest), 0.0);
        foreach ($arrangement->sets() as $assigned) {
            $other = $reaching->presses(
                $need->hold,
                $arrangement->rest->and($assigned->set ?? PartialHold::nothing()),
                $assigned->place,
            );
            $best =
                Reaching::seconds($other) < $best->seconds()
                    ? new Reached($need, $assigned->place, $other, 0.0)
                    : $best;
        }

        return new Reached($need, $best->by, $best->presses, $need->lostAfter($best->seconds()));
    }, $needs);

    return array_map(
        static fn (Fault $f): string => $f->what,
        (new Faults($body, $arrangement, $school))->all($reached),
    );
}

function rest(mixed ...$changes): PartialHold
{
    return PartialHold::of(held(...$changes), Setting::AreaAt, ...Setting::inASet(), ...Setting::beside());
}

it('finds what goes wrong with buttons, and nothing where nothing does', function (): void {
    $half = new Assigned(ControlPlace::HalfPress, Duty::StartFocus);
    $set = static fn (ControlPlace $place, mixed ...$changes): Assigned => new Assigned(
        $place,
        Duty::StoredSet,
        PartialHold::of(held(...$changes), ...Setting::inASet()),
    );
    $point = need('point', held(area: Area::Point), 0.2);
    $with = static fn (Assigned ...$controls): Arrangement => new Arrangement(rest(), [$half, ...$controls]);
    $faults = [
        [[], $with($set(ControlPlace::Thumb1, area: Area::Point))],
        [
            ['two-starts'],
            $with(new Assigned(ControlPlace::Thumb2, Duty::StartFocus), $set(ControlPlace::Thumb1, area: Area::Point)),
        ],
        [
            ['recalls-exposure', 'recalls-exposure'],
            new Arrangement(rest(), [
                $half,
                new Assigned(
                    ControlPlace::Thumb1,
                    Duty::StoredSet,
                    PartialHold::of(held(area: Area::Point), Setting::Shutter, Setting::Iso, ...Setting::inASet()),
                ),
            ]),
        ],
        [
            ['wanted-twice'],
            $with($set(ControlPlace::Thumb1, area: Area::Point), new Assigned(ControlPlace::Thumb1, Duty::Magnify)),
        ],
        [
            ['no-detection', 'no-eyes', 'unused', 'ends-in-menu'],
            $with($set(ControlPlace::Thumb1, area: Area::Point, detect: Detection::Bird, eye: true)),
        ],
        [
            ['mode-refused'],
            new Arrangement(rest(), [$half, $set(ControlPlace::Thumb1, area: Area::Point)]),
            new Body(
                areas: [
                    new RushHold\Kit\AreaShape(Area::Block, 0.3, 0.3, [FocusMode::Continuous], true, true),
                    new RushHold\Kit\AreaShape(Area::Point, 0.03, 0.03, [FocusMode::Single], false, false),
                ],
                controls: bodyWith([ControlPlace::Thumb1])->controls,
            ),
        ],
        [['out-of-reach'], $with($set(ControlPlace::Touch, area: Area::Point))],
        [
            ['unused'],
            $with($set(ControlPlace::Thumb1, area: Area::Point), $set(ControlPlace::Thumb2, area: Area::Band)),
        ],
        [['ends-in-menu'], $with()],
        [['no-lock'], new Arrangement(rest(area: Area::Point), [new Assigned(ControlPlace::Thumb1, Duty::StartFocus)])],
        [['no-controls', 'ends-in-menu'], $with(), new Body()],
    ];
    foreach ($faults as $i => $case) {
        expect(faultsOf($case[1], [$point], $case[2] ?? null))->toBe($case[0], "case $i");
    }
    expect(
        faultsOf(
            new Arrangement(
                rest(area: Area::Point),
                [
                    new Assigned(ControlPlace::Thumb1, Duty::StartFocus),
                    new Assigned(ControlPlace::HalfPress, Duty::LockExposure),
                ],
                true,
            ),
            [$point],
            null,
            ButtonSchool::Thumb,
        ),
    )
        ->toBe(['always'])
        ->and(
            faultsOf(
                new Arrangement(rest(area: Area::Point), [$half]),
                [$point],
                bodyWith([ControlPlace::Thumb1]),
                ButtonSchool::Three,
            ),
        )
        ->toBe(['too-few'])
        ->and(
            faultsOf(
                new Arrangement(rest(area: Area::Point), [$half]),
                [$point],
                new Body(controls: [new Control(ControlPlace::Thumb1, [Duty::Magnify])]),
            ),
        )
        ->toBe(['cannot-start']);
});

it('says every fault with its way out, and writes a document that its schema describes', function (): void {
    $needs = [
        need('one', held(area: Area::Whole, mode: FocusMode::Continuous), 0.0),
        need('two', held(area: Area::Point, shutterS: 1 / 500), 0.0),
        need('three', held(area: Area::Band, detect: Detection::Bird), 0.0),
        need('four', held(area: Area::Column), 0.0),
    ];
    $body = new Body(
        controls: bodyWith([ControlPlace::Thumb1])->controls,
        words: [
            'area.point' => new RushHold\Kit\OwnWord('Pin', 'Dial page'),
            'control.thumb-1' => new RushHold\Kit\OwnWord('Back key', ''),
        ],
    );
    $solver = new Solver($body, $needs);
    $document = LayoutDocument::write($solver->bySchool(), ButtonSchool::Free, $body);
    $validator = new Opis\JsonSchema\Validator();
    foreach (['hold', 'layout'] as $name) {
        $validator
            ->resolver()
            ?->registerFile("urn:rush-hold:$name@1", dirname(__DIR__, 2)."/formats/$name.schema.json");
    }
    $result = $validator->validate(json_decode((string) json_encode($document)), 'urn:rush-hold:layout@1');
    expect(
        $result->error() === null
            ? ''
            : json_encode((new Opis\JsonSchema\Errors\ErrorFormatter())->format($result->error())),
    )
        ->toBe('')
        ->and(array_column($document['by_school'], 'school'))
        ->toBe(['half-press', 'thumb', 'two-thumbs', 'three', 'free'])
        ->and($document['loss'])
        ->toBeGreaterThan(0.2);
    foreach ($document['faults'] as $fault) {
        expect($fault['sentence'])->toMatch('/^[A-Z“].*[.]$/u')->and($fault['way_out'])->toMatch('/^[A-Z].*[.]$/u');
    }
    $words = json_encode($document, JSON_UNESCAPED_UNICODE);
    expect($words)
        ->toContain('Back key')
        ->and(array_sum(array_column($document['rushes'][1]['press'], 'seconds')))
        ->toEqualWithDelta($document['rushes'][1]['seconds'], 0.02);
});

it('lays out a day of played rushes with the body that is asked for, and refuses too many', function (): void {
    $entry = ['rush' => Rushes::with(), 'pins' => PartialHold::nothing(), 'wanted' => 2.0];
    [$need] = Day::needs([$entry], new Body(framesPerS: 8.0));
    expect($need->weight)
        ->toBe(2.0)
        ->and($need->warningS)
        ->toBe(2.0)
        ->and($need->lostAfter(2.0))
        ->toBe(0.0)
        ->and($need->lostAfter(60.0))
        ->toBe(1.0);
    expect(refusal(fn () => Day::needs(array_fill(0, 21, $entry), new Body()))->field)
        ->toBe('rushes')
        ->and(refusal(fn () => Day::needs([[...$entry, 'wanted' => 0.0]], new Body()))->field)
        ->toBe('rushes[0].wanted');
});

it('reckons at once what the rules say, and agrees about what is late with what is played', function (): void {
    $rushes = [
        ['rush' => Rushes::with(['path.notice_s' => 0.2]), 'pins' => PartialHold::nothing(), 'wanted' => 1.0],
        ['rush' => Rushes::with(['subject.kind' => 'animal', 'path.notice_s' => 0.2]), 'pins' => PartialHold::nothing(), 'wanted' => 2.0],
    ];
    $body = $rushes[0]['rush']->kit->body;
    [$first, $second] = Day::reckoned($rushes, $body);
    expect([$first->weight, $second->weight])
        ->toBe([1.0, 2.0])
        ->and($first->lostAfter(0.2))
        ->toBe(0.0)
        ->and($first->lostAfter(0.2 + $rushes[0]['rush']->path->seconds / 2))
        ->toEqualWithDelta(0.5, 0.03)
        ->and($first->lostAfter(60.0))
        ->toBe(1.0)
        ->and($second->hold->detect)
        ->not->toBe($first->hold->detect);
    $early = LayoutDocument::write((new Solver($body, [$first, $second]))->bySchool(new Pins()), ButtonSchool::Free, $body, played: false);
    expect($early['played'])
        ->toBeFalse()
        ->and(array_column($early['rushes'], 'name'))
        ->toHaveCount(2);
    expect(fn (): array => Day::reckoned([], $body))->toThrow(RushHold\Refused::class);
});
