<?php

declare(strict_types=1);

use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Response;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Planning\RuleBook;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/**
 * For each rule: changes to the plain rush (and settings decided before) for which it speaks, and for which it
 * keeps silent.
 *
 * @return array<string, array{array<string, mixed>, array<string, mixed>|null}>
 */
function ruleCases(): array
{
    $hand = ['=focus.technique' => Technique::Park];
    $auto = ['=focus.technique' => Technique::Auto];
    $still = ['subject.speed_mps' => 0.1, 'subject.erratic' => 0.05];
    $blind = ['scene.front_clutter' => 0.8];
    $slow = ['=exposure.shutter_s' => 1 / 250];
    $fast = ['=exposure.shutter_s' => 1 / 2000];
    $unknown = ['subject.kind' => 'off'];

    return [
        'technique.auto-first' => [[], null],
        'technique.park-when-blind' => [$blind + ['path.repeats' => true], ['path.repeats' => true]],
        'technique.follow-when-blind' => [$blind + ['photographer.hand_focus' => 0.7], $blind],
        'technique.pull-when-surprised' => [
            $blind + ['photographer.hand_focus' => 0.7, 'path.notice_s' => 0.1],
            $blind + ['photographer.hand_focus' => 0.7],
        ],
        'technique.park-needs-a-known-way' => [[], ['path.repeats' => true]],
        'technique.ring-needs-practice' => [['photographer.hand_focus' => 0.2], ['photographer.hand_focus' => 0.9]],
        'technique.pinned-mode-by-hand' => [['=focus.mode' => FocusMode::Manual], []],
        'technique.pinned-mode-auto' => [['=focus.mode' => FocusMode::Single], []],
        'technique.park-repeats' => [['path.repeats' => true], []],
        'mode.hand-is-manual' => [$hand, $auto],
        'mode.by-hand' => [$hand, $auto],
        'mode.auto-is-not-manual' => [$auto, $hand],
        'mode.keep-measuring' => [$auto, $auto + $still],
        'mode.lock-once-drifts' => [$auto, $auto + $still],
        'mode.still' => [$auto + $still, $auto],
        'mode.may-stir' => [$auto + ['subject.speed_mps' => 0.1, 'subject.erratic' => 0.3], $auto + $still],
        'mode.no-guessing' => [$auto, $hand],
        'area.body-lacks.*' => [['kit.body.areas' => ['point' => []]], []],
        'area.mode-forbids.*' => [['=focus.mode' => FocusMode::Continuous], ['=focus.mode' => FocusMode::Manual]],
        'area.by-hand' => [$hand, $auto],
        'area.clutter-small' => [['scene.front_clutter' => 0.4], ['scene.front_clutter' => 0.1]],
        'area.blocks-take-the-clutter' => [['scene.front_clutter' => 0.6], ['scene.front_clutter' => 0.3]],
        'area.pattern-breaks-behind-clutter' => [['scene.front_clutter' => 0.5], []],
        'area.some-clutter' => [['scene.front_clutter' => 0.15], ['scene.front_clutter' => 0.4]],
        'area.open-large' => [[], ['scene.background_texture' => 0.8]],
        'area.detailed-background' => [['scene.background_texture' => 0.8], []],
        'area.detailed-background-unaided' => [
            ['scene.background_texture' => 0.8] + $unknown,
            ['scene.background_texture' => 0.8],
        ],
        'area.hard-to-hold' => [
            ['photographer.aim' => 0.0, 'path.heading_deg' => 90.0, 'subject.height_m' => 0.1],
            ['photographer.aim' => 1.0, 'path.heading_deg' => 0.0],
        ],
        'area.easy-to-hold' => [
            [
                'photographer.aim' => 1.0,
                'path.heading_deg' => 0.0,
                'scene.background_texture' => 0.8,
                'subject.height_m' => 1.0,
            ],
            ['photographer.aim' => 0.0],
        ],
        'area.still-precise' => [$still, []],
        'area.across-wide' => [['path.heading_deg' => 90.0], ['path.heading_deg' => 0.0]],
        'area.rising-tall' => [['path.heading_deg' => 90.0, 'path.climb_deg' => 80.0], ['path.heading_deg' => 90.0]],
        'area.crossings' => [['scene.obstacles_per_s' => 0.8], []],
        'area.parts-at-different-depths' => [
            [
                'path.start_m' => 12.0,
                'path.heading_deg' => 90.0,
                'subject.speed_mps' => 1.0,
                'subject.length_m' => 0.9,
                'subject.height_m' => 0.7,
                'subject.depth_m' => 0.7,
            ] + $unknown,
            [],
        ],
        'area.pattern-needs-contrast' => [['scene.background_alike' => 0.8], ['scene.background_alike' => 0.1]],
        'area.whole-needs-one-subject' => [['group' => [['distance_m' => 41.0]]], []],
        'area.sides-for-entrances' => [
            ['path.heading_deg' => 90.0, 'path.notice_s' => 0.0],
            ['path.heading_deg' => 90.0],
        ],
        'area.easier-smaller' => [
            ['photographer.aim' => 0.2],
            [
                'photographer.aim' => 1.0,
                'subject.speed_mps' => 0.0,
                'photographer.support' => 'tripod',
                'kit.lens.focal_mm' => 100.0,
            ],
        ],
        'detect.own-kind.*' => [[], $unknown],
        'detect.wrong-kind.*' => [['subject.kind' => 'vehicle'], null],
        'detect.body-lacks.*' => [['kit.body.detects' => ['person']], []],
        'detect.area-only-looks-under-itself' => [['=focus.area' => Area::Point], ['=focus.area' => Area::Block]],
        'detect.too-small' => [['subject.height_m' => 0.02], []],
        'detect.covered' => [['scene.front_clutter' => 0.7], []],
        'eye.on' => [
            ['=focus.area' => Area::Block, '=focus.detect' => Detection::Bird],
            ['=focus.area' => Area::Block, '=focus.detect' => Detection::Off],
        ],
        'eye.off' => [[], null],
        'eye.needs-detection' => [
            ['=focus.area' => Area::Block, '=focus.detect' => Detection::Off],
            ['=focus.area' => Area::Block, '=focus.detect' => Detection::Bird],
        ],
        'aim.eye' => [[], ['subject.kind' => 'person']],
        'aim.head' => [['subject.aim_size_m' => 0.005], []],
        'aim.plain' => [['subject.contrast' => 0.2], []],
        'aim.moving-athlete' => [['subject.kind' => 'person'], ['subject.kind' => 'person'] + $still],
        'aim.in-water' => [['subject.kind' => 'person', 'subject.figure' => 'swimmer'], ['subject.kind' => 'person']],
        'aim.person-at-rest' => [['subject.kind' => 'person'] + $still, ['subject.kind' => 'person']],
        'aim.vehicle' => [['subject.kind' => 'vehicle'], []],
        'patience.by-hand' => [$hand, $auto],
        'nimble.by-hand' => [$hand, $auto],
        'wins.by-hand' => [$hand, $auto],
        'patience.general' => [[], null],
        'patience.crossings' => [['scene.obstacles_per_s' => 0.8], []],
        'patience.long-crossings' => [
            ['scene.obstacles_per_s' => 0.8, 'scene.obstacle_s' => 1.0],
            ['scene.obstacles_per_s' => 0.8],
        ],
        'patience.clutter' => [['scene.front_clutter' => 0.4], []],
        'patience.appears' => [['path.notice_s' => 0.0], []],
        'patience.weak-aim' => [
            ['photographer.aim' => 0.0, 'scene.background_texture' => 0.8, 'path.heading_deg' => 90.0],
            ['photographer.aim' => 1.0, 'path.heading_deg' => 0.0],
        ],
        'nimble.general' => [[], null],
        'nimble.changes' => [
            ['path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 3.0, 'over_s' => 1.0]]],
            ['path.speed_changes' => [['at_s' => 5.0, 'to_mps' => 3.0, 'over_s' => 1.0]]],
        ],
        'nimble.erratic' => [['subject.erratic' => 0.5], []],
        'nimble.steady' => [['subject.contrast' => 0.2], ['subject.contrast' => 0.8]],
        'wins.held' => [[], null],
        'wins.leader' => [['group' => [['distance_m' => 41.0]]], []],
        'wins.middle' => [
            [
                'scene.obstacles_per_s' => 0.8,
                'photographer.aim' => 0.9,
                'photographer.support' => 'tripod',
                'path.heading_deg' => 0.0,
                'subject.height_m' => 1.5,
                'subject.length_m' => 1.5,
            ],
            [],
        ],
        'drive.long' => [[], $still],
        'drive.buffer' => [['kit.body.buffer_frames' => 20], []],
        'drive.still' => [$still, []],
        'stabiliser.rest' => [['photographer.support' => 'tripod'], []],
        'stabiliser.fast' => [$fast, $slow],
        'stabiliser.slow' => [$slow, $fast],
        'stabiliser.pan' => [$slow + ['path.heading_deg' => 90.0], $slow],
        'stabiliser.none' => [['kit.lens.stabiliser_stops' => 0.0], []],
        'support.yours.*' => [['photographer.support' => 'monopod'], null],
    ];
}

/** @param  array<string, mixed>  $changes  those that start with = are settings decided before */
function speaks(string $id, array $changes): bool
{
    $decided = array_filter($changes, static fn (string $k): bool => $k[0] === '=', ARRAY_FILTER_USE_KEY);
    $situation = new Situation(Rushes::with(array_diff_key($changes, $decided)));
    $choices = new Choices(PartialHold::nothing());
    foreach ($decided as $name => $value) {
        $choices->decide(Setting::from(substr($name, 1)), $value);
    }
    foreach (allRules() as $rule) {
        if (fnmatch($id, $rule->id) && $rule->applies($situation, $choices)) {
            expect(said($rule->reason($situation, $choices)))->toMatch('/^[A-Z0-9].+\.$/u');

            return true;
        }
    }

    return false;
}

/** @return list<Rule> */
function allRules(): array
{
    return array_merge(...array_map(RuleBook::standard()->for(...), Setting::cases()));
}

it('speaks when it should and is silent when not', function (string $id, array $when, ?array $not): void {
    expect(speaks($id, $when))->toBeTrue("$id should apply");
    if ($not !== null) {
        expect(speaks($id, $not))->toBeFalse("$id should not apply");
    }
})->with(
    fn () => array_map(
        fn (string $id, array $case) => [$id, ...$case],
        array_keys(ruleCases()),
        array_values(ruleCases()),
    ),
);

it('has a case for every rule, and names each rule once', function (): void {
    $patterns = array_keys(ruleCases());
    $ids = array_map(static fn (Rule $r): string => $r->id, allRules());
    expect($ids)->toBe(array_unique($ids));
    foreach ($ids as $id) {
        expect(array_filter($patterns, static fn (string $p): bool => fnmatch($p, $id)))->not->toBeEmpty(
            "no case for $id",
        );
    }
    foreach ($patterns as $pattern) {
        expect(array_filter($ids, static fn (string $id): bool => fnmatch($pattern, $id)))->not->toBeEmpty(
            "no rule $pattern",
        );
    }
});

it('speaks only of values the setting has', function (): void {
    foreach (allRules() as $rule) {
        $words = $rule->setting->about()->words();
        foreach ([...array_keys($rule->points), ...$rule->rejects] as $value) {
            $known =
                $words !== null
                    ? $words::tryFrom((string) $value) !== null
                    : in_array(
                        $value,
                        $rule->setting === Setting::Patience
                            ? array_map(strval(...), Response::PATIENCE_S)
                            : ($rule->setting === Setting::Nimbleness
                                ? ['0.0', '0.5', '1.0']
                                : ['true', 'false']),
                        true,
                    );
            expect($known)->toBeTrue("{$rule->id} speaks of $value");
        }
    }
});

it('weighs every mark that an area carries, and rules out by every rule it names', function (Area $area): void {
    $rules = array_column(allRules(), null, 'id');
    foreach ($area->about()->marks as $rule => $mark) {
        expect($rules)
            ->toHaveKey("area.$rule")
            ->and($rules["area.$rule"]->points[$area->value] ?? null)
            ->toBe($mark);
    }
    foreach ($area->about()->ruledOut as $rule) {
        expect($rules)
            ->toHaveKey("area.$rule")
            ->and($rules["area.$rule"]->rejects)
            ->toContain($area->value);
    }
})->with(Area::cases());

it('weighs rules: rejected values go, points add up, the simpler wins a tie', function (): void {
    $always = static fn (): bool => true;
    $book = RuleBook::of([
        Rule::favour('a', Setting::Mode, ['single' => 1.0, 'continuous' => 1.0], $always),
        Rule::favour('b', Setting::Mode, ['manual' => 9.0], $always),
        Rule::reject('c', Setting::Mode, ['manual'], $always),
        Rule::favour('d', Setting::Mode, ['auto-switch' => -2.0], $always),
    ]);
    $judgement = $book->judge(
        Setting::Mode,
        ['single', 'continuous', 'auto-switch', 'manual'],
        new Situation(Rushes::with()),
        new Choices(PartialHold::nothing()),
    );
    expect($judgement->value)
        ->toBe('single')
        ->and($judgement->reason->key)
        ->toBe('rule.a')
        ->and(array_map(fn ($a) => [$a->value, $a->because->key, $a->possible], $judgement->alternatives))
        ->toBe([
            ['continuous', 'alternative.as-well', true],
            ['auto-switch', 'rule.d', true],
            ['manual', 'rule.c', false],
        ]);
});

it('says of each other value what speaks for it or against it, not what speaks for the winner', function (): void {
    $always = static fn (): bool => true;
    $judged = static fn (Rule ...$rules): array => array_map(
        static fn ($a): array => [$a->value, $a->because->key],
        RuleBook::of($rules)->judge(
            Setting::Drive,
            ['short', 'long', 'single'],
            new Situation(Rushes::with()),
            new Choices(PartialHold::nothing()),
        )->alternatives,
    );
    expect(
        $judged(
            Rule::favour('fast', Setting::Drive, ['long' => 3.0, 'short' => 1.0], $always),
            Rule::favour('buffer', Setting::Drive, ['short' => 0.5, 'long' => -0.2], $always),
        ),
    )
        ->toBe([['short', 'rule.buffer'], ['single', 'alternative.nothing']])
        ->and($judged(Rule::favour('fast', Setting::Drive, ['long' => 3.0, 'short' => 1.0], $always)))
        ->toBe([['short', 'alternative.less'], ['single', 'alternative.nothing']])
        ->and(
            $judged(
                Rule::favour('loud', Setting::Drive, ['long' => 3.0], $always),
                Rule::favour('weak', Setting::Drive, ['short' => 0.5], $always),
                Rule::favour('strong', Setting::Drive, ['short' => -1.0], $always),
            ),
        )
        ->toBe([['single', 'alternative.nothing'], ['short', 'rule.strong']]);
});

it('changes its mind at the very figure, not beside it', function (
    string $id,
    string $field,
    float $at,
    bool $speaksAt,
    array $more,
): void {
    $step = 1e-6;
    expect(speaks($id, [...$more, $field => $at]))
        ->toBe($speaksAt, "$id at $at")
        ->and(speaks($id, [...$more, $field => $at - $step]) || speaks($id, [...$more, $field => $at + $step]))
        ->toBeTrue("$id beside $at")
        ->and(speaks($id, [...$more, $field => $at - $step]) && speaks($id, [...$more, $field => $at + $step]))
        ->toBeFalse("$id on both sides of $at");
})->with([
    ['area.clutter-small', 'scene.front_clutter', 0.25, true, []],
    ['area.some-clutter', 'scene.front_clutter', 0.25, false, []],
    ['area.some-clutter', 'scene.front_clutter', 0.1, true, []],
    ['area.pattern-breaks-behind-clutter', 'scene.front_clutter', 0.4, true, []],
    ['area.blocks-take-the-clutter', 'scene.front_clutter', 0.5, true, ['=focus.technique' => Technique::Auto]],
    ['detect.covered', 'scene.front_clutter', 0.6, true, []],
    ['patience.clutter', 'scene.front_clutter', 0.25, true, []],
    ['nimble.erratic', 'subject.erratic', 0.35, true, []],
]);

it(
    'takes the first of a group for a leader only where it comes, and a bird for small up to its size',
    function (): void {
        $group = ['group' => [['distance_m' => 41.0]]];
        expect(speaks('wins.leader', $group + ['path.heading_deg' => 0.0]))
            ->toBeTrue()
            ->and(speaks('wins.leader', $group + ['path.heading_deg' => 90.0]))
            ->toBeFalse()
            ->and(speaks('wins.leader', ['path.heading_deg' => 0.0]))
            ->toBeFalse();
    },
);
