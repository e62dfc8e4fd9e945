<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\PlanDocument;
use RushHold\Focus\Simulator;
use RushHold\Hold\Drive;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\FocusMode;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;
use RushHold\Words\Words;

/*
 * Settings that few bodies offer: a body lists their values, a hold has them beside the others, playing decides.
 */

const OFFERS = ['before_press_s' => [0, 0.5, 1]];

/** Something small that dives past without warning, for somebody practised. */
function dive(array $changes = []): Rush
{
    return Rushes::with([
        'subject.length_m' => 0.17,
        'subject.height_m' => 0.08,
        'subject.speed_mps' => 9.0,
        'path.start_m' => 12.0,
        'path.heading_deg' => 80.0,
        'path.seconds' => 0.9,
        'path.notice_s' => 0.0,
        'photographer.panning' => 0.8,
        'photographer.aim' => 0.8,
        'kit.body.offers' => OFFERS,
        ...$changes,
    ]);
}

/** @return float share kept of a hold with one setting otherwise */
function keptWith(Rush $rush, Hold $hold, Setting $setting, mixed $value): float
{
    return (new Simulator(new Situation($rush)))->run($hold->set($setting, $value), 300, 5)->keeperRate;
}

it('reads what a body offers, with how it usually stands', function (): void {
    $body = static fn (array $offers): array => ['format' => 'rush-hold/body@1', 'offers' => $offers];
    $read = BodyDocument::read($body(['before_press_s' => [0.4, 1]]));
    expect($read->body->offers)
        ->toBe(['before_press_s' => [0.0, 0.4, 1.0]])
        ->and($read->fields['offers'])
        ->toBe(['before_press_s' => [0.0, 0.4, 1.0]])
        ->and(BodyDocument::read($body([]))->body->offers)
        ->toBe([])
        ->and(static fn () => BodyDocument::read($body(['before_press_s' => [7]])))
        ->toThrow(Refused::class, 'offers.before_press_s[0]')
        ->and(static fn () => BodyDocument::read($body(['aim' => ['eye']])))
        ->toThrow(Refused::class, 'offers.aim');
});

it('has no such setting on a body that does not offer it', function (): void {
    $rush = dive(['kit.body.offers' => []]);
    $plan = Chooser::standard()->choose($rush);
    $settings = array_column(PlanDocument::write($plan)['lines'], 'setting');
    expect($settings)
        ->not->toContain('before_press_s')
        ->and($plan->hold->extras)
        ->toBe([])
        ->and(HoldDocument::write($plan->hold))
        ->not->toHaveKey('before_press_s')
        ->and(static fn () => HoldDocument::read(['before_press_s' => 0.5])->fitting($rush->kit))
        ->toThrow(Refused::class, 'before_press_s');
});

it('pins a value the body has, and refuses another', function (): void {
    $rush = dive();
    $pins = HoldDocument::read(['before_press_s' => 1]);
    expect(Chooser::standard()->choose($rush, $pins->fitting($rush->kit))->hold->extras)
        ->toBe(['before_press_s' => 1.0])
        ->and(static fn () => HoldDocument::read(['before_press_s' => 0.7])->fitting($rush->kit))
        ->toThrow(Refused::class, 'before_press_s')
        ->and(static fn () => HoldDocument::read(['before_press_s' => 4]))
        ->toThrow(Refused::class, 'before_press_s');
});

it('keeps it through documents', function (): void {
    $hold = Chooser::standard()->hold(dive())->set(Setting::BeforePress, 0.5);
    $written = HoldDocument::write($hold);
    expect($written['before_press_s'])
        ->toBe(0.5)
        ->and(HoldDocument::read($written)->whole())
        ->toEqual($hold);
});

it('turns frames before the press on for what comes faster than a finger', function (): void {
    $ranking = Planner::standard()->rank(dive());
    $line = array_column(PlanDocument::write($ranking->plan)['lines'], null, 'setting')['before_press_s'];
    expect($ranking->best->hold->extras)
        ->toBe(['before_press_s' => 0.5])
        ->and($line['label'])
        ->toBe('0.5 s before')
        ->and($line['reason'])
        ->toContain('finger');
    // What one sees come for a long time, and is followed by the time it is there, needs none.
    $slow = Planner::standard()->rank(
        dive(['subject.speed_mps' => 1.0, 'path.notice_s' => 8.0, 'path.seconds' => 4.0, 'subject.length_m' => 1.0]),
    );
    expect($slow->best->hold->extras)->toBe(['before_press_s' => 0.0]);
});

it(
    'keeps more frames of a surprise the more of them come before the press, up to what a finger takes',
    function (): void {
        $rush = dive();
        $hold = Chooser::standard()->hold($rush);
        $none = keptWith($rush, $hold, Setting::BeforePress, 0.0);
        $some = keptWith($rush, $hold, Setting::BeforePress, 0.1);
        $enough = keptWith($rush, $hold, Setting::BeforePress, 0.5);
        expect($some)
            ->toBeGreaterThan($none)
            ->and($enough)
            ->toBeGreaterThan($some)
            ->and(keptWith($rush, $hold, Setting::BeforePress, 1.0))
            ->toBe($enough);
    },
);

it('spends the buffer on frames from before', function (): void {
    $rush = dive(['kit.body.buffer_frames' => 20, 'path.seconds' => 3.0]);
    $simulator = new Simulator(new Situation($rush));
    $hold = Chooser::standard()->hold($rush);
    $frames = static fn (float $s): int => $simulator->run($hold->set(Setting::BeforePress, $s), 1, 1)->frames;
    expect($frames(0.0))->toBe(20)->and($frames(0.5))->toBe(10)->and($frames(1.0))->toBe(1);
});

it('says nothing of it where one frame is taken at a time', function (): void {
    $hold = Chooser::standard()->hold(dive())->with(drive: Drive::SingleFrame);
    expect(Setting::BeforePress->isIdleIn($hold))
        ->toBeTrue()
        ->and($hold->set(Setting::BeforePress, 1.0)->effect()->soonerS)
        ->toBe(0.0);
});

it('has a label, a question for Kit and two reasons for each of them', function (): void {
    foreach (Setting::rare() as $setting) {
        expect(Words::label($setting))
            ->not->toBe('')
            ->and(Words::has("offer.{$setting->value}"))
            ->toBeTrue()
            ->and(Words::has("rare.{$setting->value}.on"))
            ->toBeTrue()
            ->and(Words::has("rare.{$setting->value}.off"))
            ->toBeTrue();
    }
});

it('counts as changed when a camera stands otherwise', function (): void {
    $rush = dive();
    $hold = Chooser::standard()->hold($rush)->set(Setting::BeforePress, 0.5);
    $now = PartialHold::of($hold)->with(Setting::BeforePress, 0);
    expect($now->changesTo($hold))->toBe([Setting::BeforePress]);
});

it('focuses without a press where what is behind is near, and not where it is far', function (): void {
    $best = static fn (float $backgroundM): array => Planner::standard()->rank(
        dive([
            'subject.kind' => 'animal',
            'subject.length_m' => 0.55,
            'subject.height_m' => 0.4,
            'subject.speed_mps' => 12.0,
            'subject.erratic' => 0.6,
            'path.start_m' => 26.0,
            'path.heading_deg' => 20.0,
            'path.seconds' => 1.0,
            'photographer.panning' => 0.9,
            'photographer.aim' => 0.9,
            'scene.background_m' => $backgroundM,
            'kit.body.offers' => ['focus.unpressed' => [false, true]],
        ]),
    )->best->hold->extras;
    expect($best(27.3))
        ->toBe(['focus.unpressed' => true])
        ->and($best(260.0))
        ->toBe(['focus.unpressed' => false]);
    // The farther behind, the more is lost where it wanders to.
    $lost = static function (float $backgroundM): float {
        $rush = dive(['kit.body.offers' => ['focus.unpressed' => [false, true]], 'scene.background_m' => $backgroundM]);
        $hold = Chooser::standard()->hold($rush);

        return keptWith($rush, $hold, Setting::Unpressed, false) - keptWith($rush, $hold, Setting::Unpressed, true);
    };
    expect($lost(18.0))->toBeGreaterThan($lost(13.0))->and($lost(120.0))->toBeGreaterThan(0.05);
});

it('saves the wait for one finger once, whatever is on', function (): void {
    $rush = dive(['kit.body.offers' => [...OFFERS, 'focus.unpressed' => [false, true]]]);
    $before = Chooser::standard()->hold($rush)->set(Setting::BeforePress, 1.0);
    $both = $before->set(Setting::Unpressed, true);
    expect($both->effect()->soonerS)
        ->toBe($before->effect()->soonerS)
        ->and($both->effect()->strays)
        ->toBeGreaterThan(0.0)
        ->and(Setting::Unpressed->isIdleIn($both->with(mode: FocusMode::Manual)))
        ->toBeTrue();
});
