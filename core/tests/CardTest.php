<?php

declare(strict_types=1);

use RushHold\Controls\Press;
use RushHold\Controls\Reaching;
use RushHold\Controls\Times;
use RushHold\Document\CardDocument;
use RushHold\Document\DayDocument;
use RushHold\Document\OutingDocument;
use RushHold\Document\PocketDocument;
use RushHold\Focus\OneProcess;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;
use RushHold\Library\Bodies;
use RushHold\Light\Sky;
use RushHold\Outing\Checklist;
use RushHold\Outing\Foreground;
use RushHold\Outing\Heading;
use RushHold\Outing\Outing;
use RushHold\Outing\Pocket;
use RushHold\Outing\Programme;
use RushHold\Outing\Step;
use RushHold\Outing\Worth;
use RushHold\Planning\Chooser;
use RushHold\Record\HowMany;
use RushHold\Refused;
use RushHold\Rush\Light;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/**
 * The example of a morning as a document, with a body whose buttons hold sets.
 *
 * @param  array<string, mixed>  $changes
 */
function cliffMorning(array $changes = []): Outing
{
    $document = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    );
    $document = [...$document, 'to' => '06:30', 'bodies' => [Bodies::all()['fast-mirrorless']], ...$changes];
    $document['rushes'] = array_map(
        static fn (array $entry): array => ['body' => 0, ...$entry, 'minutes' => 15],
        $document['rushes'],
    );

    return OutingDocument::read($document)->outing;
}

function cliffProgramme(): Programme
{
    static $programme = null;

    return $programme ??= Programme::of($outing = cliffMorning(), Worth::of($outing));
}

it('says what a time chosen by hand costs, and what a fixed one does not', function (): void {
    $documents = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    )['rushes'];
    $with = static function (array $fields) use ($documents): Programme {
        $outing = cliffMorning([
            'from' => '03:30',
            'to' => '06:00',
            'rushes' => [[...$documents[0], 'wanted' => 5, ...$fields], ['minutes' => 15, ...$documents[1]]],
        ]);

        return Programme::of($outing, Worth::closedForm($outing));
    };
    $kept = static fn (array $planned): float => RushHold\Outing\Scheduler::kept($planned);
    [$free, $moved, $fixed] = [$with([]), $with(['at' => '03:30', 'by_hand' => true]), $with(['at' => '03:30'])];
    expect($kept($moved->planned))
        ->toBe($kept($fixed->planned))
        ->toBeLessThan($kept($free->planned))
        ->and($kept($moved->best))
        ->toBe($kept($free->planned))
        ->and($kept($fixed->best))
        ->toBe($kept($fixed->planned));
});

it('carries one hold through the day, with the exposure for the light of each hour', function (): void {
    $programme = cliffProgramme();
    foreach ($programme->worth->plans as $plans) {
        $focus = array_map(
            static fn ($plan): array => [
                $plan->hold->technique,
                $plan->hold->mode,
                $plan->hold->area,
                $plan->hold->detect,
                $plan->hold->patienceS,
                $plan->hold->nimble,
            ],
            $plans,
        );
        expect(array_unique($focus, SORT_REGULAR))->toHaveCount(1);
    }
    // The sun comes up: what is gained goes to ISO or shutter, never the other way.
    $plans = $programme->worth->plans[0];
    $exposed = static fn ($plan): float => log($plan->hold->aperture ** 2 / $plan->hold->shutterS, 2) -
        log($plan->hold->iso / 100, 2);
    expect($exposed(end($plans)))->toBeGreaterThan($exposed($plans[0]) + 2);
})->group('long');

it('answers in closed form before it plays, with no more mistakes than there are none', function (): void {
    $outing = cliffMorning();
    $early = null;
    $worth = Worth::of($outing, null, function (Worth $first) use (&$early): void {
        $early = $first;
    });
    expect($early?->played)
        ->toBeFalse()
        ->and($worth->played)
        ->toBeTrue()
        ->and(Programme::of($outing, $early)->layouts)
        ->toBe([])
        ->and(array_sum($early->rates[0]))
        ->toBeGreaterThanOrEqual(array_sum($worth->rates[0]))
        ->and($early->rates[0])
        ->toHaveCount(count($outing->moments()));
})->group('long');

it('ends each step with just what the rush needs, by the quickest way there is', function (): void {
    $programme = cliffProgramme();
    $steps = $programme->steps();
    $reaching = new Reaching(new Times(), $programme->plan(0)->situation->kit->body->areaMoves);
    $arrangement = $programme->layouts[0]['layout']->arrangement;
    expect($steps)->toHaveCount(5)->and($steps[0]->before)->toBeNull()->and($arrangement->sets())->not->toBe([]);
    $stands = $arrangement->rest;
    foreach ($steps as $i => $step) {
        $hold = $programme->plan($step->next->entry)->hold;
        $ways = [$reaching->presses($hold, $stands)];
        foreach ($arrangement->sets() as $assigned) {
            $ways[] = $reaching->presses($hold, $stands->and($assigned->set), $assigned->place);
        }
        expect(Reaching::seconds($step->presses))->toEqualWithDelta(
            min(array_map(Reaching::seconds(...), $ways)),
            1e-9,
        );
        foreach ($step->changes() as $press) {
            $stands = $stands->with($press->setting, $press->to);
        }
        $held = $stands;
        foreach ($arrangement->sets() as $assigned) {
            $held = $assigned->place === $step->by ? $stands->and($assigned->set) : $held;
        }
        // What was changed with a control held stays beside it; nothing is left to do.
        foreach ($step->changes() as $press) {
            $held = $held->with($press->setting, $press->to);
        }
        // Nimbleness stands on the page of patience and is changed with it.
        $left = array_filter(
            $reaching->presses($hold, $held),
            static fn ($press): bool => $press->setting !== Setting::Nimbleness,
        );
        expect($left)->toBe([], "step $i");
        expect($step->seconds())->toEqualWithDelta(
            array_sum(array_map(static fn ($p): float => $p->seconds, $step->changes())),
            1e-9,
        );
    }
});

it('changes body and lens where the next rush is shot with others', function (): void {
    $documents = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    )['rushes'];
    $entries = [['body' => 0, 'at' => '05:00', ...$documents[0]], ['body' => 1, 'at' => '05:15', ...$documents[1]]];
    $outing = cliffMorning([
        'to' => '05:45',
        'from' => '05:00',
        'bodies' => [Bodies::all()['fast-mirrorless'], Bodies::all()['old-mirror']],
        'rushes' => $entries,
    ]);
    $programme = Programme::of($outing, Worth::of($outing));
    $keys = array_column(Checklist::of($programme), 'key');
    expect($programme->layouts)
        ->toHaveCount(2)
        ->and($programme->steps()[1]->kit['body'])
        ->toBe(['24 MP stacked mirrorless', '20 MP mirror body, ten years old'])
        ->and($programme->steps()[1]->kit)
        ->not->toHaveKey('lens')
        ->and($keys)
        ->toContain(
            'firmware.body.24 MP stacked mirrorless',
            'firmware.body.20 MP mirror body, ten years old',
            'sets.20 MP mirror body, ten years old',
            'first',
        )
        ->and(array_unique($keys))
        ->toBe($keys);
});

it('says before one leaves what the camera itself calls what it is set to', function (): void {
    $first = cliffProgramme()->planned[0]->entry;
    $hold = cliffProgramme()->plan($first)->hold;
    $outing = cliffMorning([
        'bodies' => [[
            ...Bodies::all()['fast-mirrorless'],
            'words' => [
                "mode.{$hold->mode->value}" => ['label' => 'Keeps at it', 'where' => ''],
                "area.{$hold->area->value}" => ['label' => 'Patch', 'where' => ''],
            ],
        ]],
    ]);
    $items = array_column(Checklist::of(Programme::of($outing, Worth::of($outing))), 'says', 'key');
    $mode = Words::label($hold->mode);
    $area = Words::label($hold->area);
    $detect = Words::within($hold->detect);
    expect(Words::in(Units::Metric)->say($items['first']))
        ->toContain("$mode (“Keeps at it”), $area (“Patch”), detection $detect, ")
        ->toContain(', patience 0.02 s, ')
        ->toContain(', stabiliser '.Words::within($hold->stabiliser));
});

it('writes a card in the order of the day, those without a time last', function (): void {
    $outing = cliffMorning([
        'to' => '05:30',
        'rushes' => array_map(
            static fn (array $entry): array => [...$entry, 'habit' => 'Looks up first.'],
            json_decode(
                (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
                true,
            )['rushes'],
        ),
    ]);
    $programme = Programme::of($outing, Worth::of($outing));
    $card = CardDocument::write($programme);
    $times = array_map(static fn (array $rush): ?string => $rush['planned']['from'] ?? null, $card['rushes']);
    $planned = array_values(array_filter($times));
    $sorted = $planned;
    sort($sorted);
    expect($planned)
        ->toBe($sorted)
        ->and(array_slice($times, count($planned)))
        ->each->toBeNull()
        ->and(count($times))
        ->toBe(5)
        ->and(count($planned))
        ->toBeLessThan(5)
        ->and($card['rushes'][0]['changes'])
        ->toBeNull()
        ->and($card['rushes'][0]['habit'])
        ->toBe('Looks up first.')
        ->and($card['rushes'][0]['by_time'][0]['iso'])
        ->toStartWith('ISO ')
        ->and(count($card['light']))
        ->toBe(5);
    $day = DayDocument::write($programme);
    foreach ($day['left_out'] as $number) {
        expect($day['rushes'][$number]['left_out'])->toContain('no time left');
    }
    expect($day['changes'])->toHaveCount(count($planned) - 1);
});

it('says why a rush has no time', function (array $entry, array $outing, string $says): void {
    $documents = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    )['rushes'];
    $read = cliffMorning(['rushes' => [[...$documents[0], ...$entry]], ...$outing]);
    $day = DayDocument::write(Programme::of($read, Worth::closedForm($read)));
    expect($day['left_out'])
        ->toBe([0])
        ->and($day['rushes'][0]['planned'])
        ->toBeNull()
        ->and($day['rushes'][0]['left_out'])
        ->toContain($says)
        ->and($day['kept_wanted'])
        ->toBe(0.0);
})->with([
    'a window that never opens' => [['earliest' => '08:00'], [], 'more than its hours leave'],
    'a fixed time outside' => [['at' => '07:45'], [], 'more than its hours leave'],
    'polar night' => [
        [],
        [
            'date' => '2026-12-20',
            'from' => '00:00',
            'to' => '02:00',
            'place' => ['latitude_deg' => 89.9, 'longitude_deg' => 0, 'zone' => 'UTC'],
        ],
        'not enough light',
    ],
    'left out by hand' => [[], ['order' => []], 'not in the order'],
]);

it('loses what is too dark to be lifted, bit by bit', function (): void {
    $outing = cliffMorning(['from' => '02:30', 'to' => '05:30', 'date' => '2026-06-07']);
    $worth = Worth::closedForm($outing);
    $shorts = array_map(
        static fn (int $i): float => $worth->plan(0, $i)->exposure->evShort,
        array_keys($worth->rates[0]),
    );
    $dark = array_keys(array_filter($shorts, static fn (float $short): bool => $short >= 4));
    $dim = array_keys(array_filter($shorts, static fn (float $short): bool => $short > 2.2 && $short < 3.8));
    $light = array_keys(array_filter($shorts, static fn (float $short): bool => $short < 2));
    expect($dark)
        ->not->toBe([])
        ->and($light)
        ->not->toBe([])
        ->and($worth->rates[0][$dark[0]])
        ->toBe(0.0)
        ->and(max($worth->rates[0]))
        ->toBe($worth->rates[0][end($light)]);
    foreach ($dim as $i) {
        expect($worth->rates[0][$i])->toBeGreaterThanOrEqual(0.0)->toBeLessThan(max($worth->rates[0]));
    }
});

it('plans across midnight, across the change of the clocks, and at the pole', function (
    array $changes,
    int $steps,
    string $last,
): void {
    $outing = cliffMorning($changes);
    $day = DayDocument::write(Programme::of($outing, Worth::closedForm($outing)));
    expect($day['light'])
        ->toHaveCount($steps + 1)
        ->and(end($day['light'])['at'])
        ->toBe($last);
})->with([
    'midnight' => [['from' => '23:30', 'to' => '00:30'], 4, '2026-06-08T00:30:00+01:00'],
    'clocks forward' => [['date' => '2026-03-29', 'from' => '00:30', 'to' => '02:30'], 4, '2026-03-29T02:30:00+01:00'],
    'clocks back' => [['date' => '2026-10-25', 'from' => '00:30', 'to' => '02:30'], 12, '2026-10-25T02:30:00+00:00'],
    'the pole' => [
        ['place' => ['latitude_deg' => 90, 'longitude_deg' => 0, 'zone' => 'UTC']],
        8,
        '2026-06-07T06:30:00+00:00',
    ],
]);

it(
    'puts the answer for each subject, distance, way, clutter and light in its place of the pocket table',
    function (): void {
        $programme = cliffProgramme();
        $extra = $programme->outing->entries[0]->rush->subject->with(name: 'Somebody else', lengthM: 0.9);
        $pocket = Pocket::of(
            $programme,
            [['subject' => $extra, 'speedMps' => 8.0], ['subject' => $extra, 'speedMps' => 3.0]],
            new OneProcess(),
        );
        expect(array_map(static fn (array $one): string => $one['subject']->name, $pocket->who))
            ->toHaveCount(5)
            ->toContain('Somebody else')
            ->and($pocket->distancesM)
            ->toBe([5.0, 10.0, 20.0, 40.0, 80.0, 160.0])
            ->and(count($pocket->lights))
            ->toBeBetween(2, 4)
            ->and($pocket->cells)
            ->toHaveCount(5 * 6 * 4 * 3 * count($pocket->lights));
        $document = PocketDocument::write($pocket);
        mt_srand(7);
        $values = new Values(Words::in(Units::Metric));
        for ($i = 0; $i < 25; $i++) {
            [$w, $d, $h, $t, $l] = [
                mt_rand(0, 4),
                mt_rand(0, 5),
                mt_rand(0, 3),
                mt_rand(0, 2),
                mt_rand(0, count($pocket->lights) - 1),
            ];
            $like = $pocket->like;
            $hold = Chooser::standard()->hold(
                $like->with(
                    subject: $pocket->who[$w]['subject'],
                    path: new RushHold\Motion\Path(
                        $pocket->distancesM[$d],
                        $pocket->who[$w]['speedMps'],
                        Heading::cases()[$h]->degrees(),
                    ),
                    scene: $like->scene->with(
                        frontClutter: Foreground::cases()[$t]->clutter(),
                        obstaclesPerS: 0.0,
                        backlit: false,
                    ),
                    light: Light::value($pocket->lights[$l]),
                    group: [],
                ),
            );
            $number = ((($w * 6 + $d) * 4 + $h) * 3 + $t) * count($pocket->lights) + $l;
            expect($pocket->cells[$number]['hold'])->toEqual($hold);
            $known = PartialHold::of($hold);
            foreach ($document['settings'] as $s => $setting) {
                $cell = $document['cells'][$number][$s];
                expect($cell === -1 ? null : $document['values'][$s][$cell]['label'])->toBe(
                    Setting::from($setting['setting'])->isIdleIn($hold)
                        ? null
                        : $values->of(
                            Setting::from($setting['setting']),
                            $known->get(Setting::from($setting['setting'])),
                        ),
                );
            }
            $by = $document['cells'][$number][count($document['settings'])];
            expect($by === -1 ? null : $pocket->arrangement?->sets()[$by]->place)->toBe($pocket->cells[$number]['by']);
        }
        // What is far off towards one and in the open needs other things than what is near, across and behind leaves.
        expect(array_unique(array_map(static fn (array $cell): string => serialize($cell), $document['cells'])))
            ->not->toHaveCount(1)
            ->and(strlen((string) json_encode($document)))
            ->toBeLessThan(400_000);
    },
);

it('leaves out what is nearer than the lens focuses, and has one light where there is one', function (): void {
    $outing = cliffMorning([
        'from' => '11:00',
        'to' => '12:00',
        'sky' => [['at' => '11:00', 'sky' => 'overcast']],
        'lenses' => [
            ['format' => 'rush-hold/lens@1', 'name' => 'Far', 'focal_mm' => 800, 'max_aperture' => 8, 'nearest_m' => 9],
        ],
    ]);
    $entries = array_map(
        static fn ($e) => new RushHold\Outing\Entry(
            $e->rush->with(kit: $e->rush->kit->with(lens: $e->rush->kit->lens->with(nearestM: 9.0))),
            $e->pins,
            minutes: 15,
        ),
        array_slice($outing->entries, 0, 1),
    );
    $outing = new Outing('Noon', '', 55.5, -9.0, $outing->from, $outing->to, $entries, [
        [$outing->from, Sky::Overcast],
    ]);
    $pocket = Pocket::of(Programme::of($outing, Worth::closedForm($outing)), [], new OneProcess());
    expect($pocket->distancesM)
        ->toBe([20.0, 40.0, 80.0, 160.0])
        ->and($pocket->lights)
        ->toHaveCount(1)
        ->and($pocket->arrangement)
        ->toBeNull()
        ->and($pocket->cells[0]['by'])
        ->toBeNull();
});

it('keeps what an outing says of buttons, habits and what was looked at, and fills in the rest', function (): void {
    $document = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    );
    $read = OutingDocument::read([...$document, 'school' => 'thumb', 'checked' => ['first' => '2026-06-05']]);
    expect($read->outing->school->value)
        ->toBe('thumb')
        ->and($read->fields['checked'])
        ->toBe(['first' => '2026-06-05']);
    $filled = OutingDocument::filled([
        'place' => ['latitude_deg' => 1],
        'rushes' => [['rush' => 'x', 'minutes' => 20]],
    ]);
    expect($filled['rushes'][0])
        ->toMatchArray(['rush' => 'x', 'minutes' => 20, 'times' => 1, 'earliest' => null])
        ->and($filled['order'])
        ->toBe('solved')
        ->and($filled['place']['zone'])
        ->toBe('UTC');
    OutingDocument::read([...$document, 'school' => 'four']);
})->throws(Refused::class);

it('names the rush whose body cannot do what is pinned', function (): void {
    $documents = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/outings/sea-cliff-morning.json'),
        true,
    )['rushes'];
    try {
        cliffMorning([
            'bodies' => [Bodies::all()['old-mirror']],
            'rushes' => [$documents[0], [...$documents[1], 'pins' => ['focus' => ['detect' => 'bird']]]],
        ]);
    } catch (Refused $refused) {
        expect($refused->field)
            ->toStartWith('Rush 2')
            ->and(Words::in(Units::Metric)->refused($refused))
            ->toContain('Rush 2');

        return;
    }
    $this->fail('It was taken in.');
});

it('means more by most than by few', function (): void {
    $shares = array_map(static fn (HowMany $many): float => $many->share(), HowMany::cases());
    $sorted = $shares;
    sort($sorted);
    expect($shares)
        ->toBe($sorted)
        ->and($shares[0])
        ->toBe(0.0)
        ->and(end($shares))
        ->toBe(1.0)
        ->and(array_unique($shares))
        ->toHaveCount(5);
});

it('reckons with the times of whoever goes', function (): void {
    $programme = cliffProgramme();
    $slow = $programme->outing->with(
        times: new Times(controls: array_fill_keys(array_column(ControlPlace::cases(), 'value'), 2.5)),
    );
    $theirs = Programme::of($slow, Worth::of($slow));
    $held = static fn (Programme $p): array => array_values(
        array_filter(
            array_map(
                static fn (Step $s): ?float => $s->by === null
                    ? null
                    : array_sum(
                        array_map(
                            static fn (Press $press): float => $press->control === null ? 0.0 : $press->seconds,
                            $s->presses,
                        ),
                    ),
                $p->steps(),
            ),
            static fn (?float $s): bool => $s !== null && $s > 0,
        ),
    );
    expect($held($programme))
        ->not->toBe([])
        ->and(array_unique($held($programme)))
        ->toBe([0.3])
        // Where holding is as slow as that, it is held where it has to be all the same, or not at all.
        ->and(array_diff($held($theirs), [2.5]))
        ->toBe([])
        ->and($slow->freed()->times->untilHeld(ControlPlace::Thumb1))
        ->toBe(2.5);
});
