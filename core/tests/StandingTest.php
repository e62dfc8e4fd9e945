<?php

declare(strict_types=1);

use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\StandingDocument;
use RushHold\Hold\Setting;
use RushHold\Kit\Kit;
use RushHold\Planning\Candidate;
use RushHold\Planning\Change;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;
use RushHold\Planning\Standing;
use RushHold\Tests\Rushes;

it('needs no change when the camera stands as the hold says', function (): void {
    $plan = Chooser::standard()->choose(Rushes::with());
    expect(Standing::after($plan->hold)->changes($plan))
        ->toBe([])
        ->and(StandingDocument::read(HoldDocument::write($plan->hold))->changes($plan))
        ->toBe([])
        // What is not known is not claimed to need a change.
        ->and(StandingDocument::read([])->changes($plan))
        ->toBe([]);
});

it('flags what would spoil the rush, and puts it first', function (
    array $standing,
    ?Setting $setting,
    string $says,
): void {
    $plan = Chooser::standard()->choose(Rushes::with());
    $harmless = ['exposure' => ['iso' => 6400]];
    $changes = StandingDocument::read([...$harmless, ...$standing])->changes($plan);
    expect($changes[0]->setting)
        ->toBe($setting)
        ->and(said($changes[0]->danger))
        ->toContain($says)
        ->and(array_filter($changes, static fn (Change $c): bool => $c->setting === Setting::Iso && $c->danger === null))
        ->toHaveCount(1);
})->with([
    'wrong kind' => [['focus' => ['detect' => 'person']], Setting::Detect, 'people'],
    'lock-once' => [['focus' => ['mode' => 'single']], Setting::Mode, 'locks once'],
    'manual' => [['focus' => ['mode' => 'manual']], Setting::Mode, 'not move'],
    'range switch' => [['focus' => ['range_m' => [3.5, 12]]], Setting::RangeLimit, 'part of the path'],
    'stabiliser' => [['stabiliser' => 'on'], Setting::Stabiliser, 'fights'],
    'switch on the lens' => [['manual_switch' => true], null, 'no focus setting'],
]);

it('does not ask for changes that do nothing', function (): void {
    $rush = Rushes::with(['path.repeats' => true]);
    $park = HoldDocument::read(['focus' => ['technique' => 'park', 'mode' => 'manual']])->fitting($rush->kit);
    $plan = Chooser::standard()->choose($rush, $park);
    $settings = array_map(
        static fn (Change $c): ?Setting => $c->setting,
        StandingDocument::read([
            'focus' => ['mode' => 'manual', 'patience_s' => 1.2, 'detect' => 'person', 'area' => 'whole'],
        ])->changes($plan),
    );
    expect($settings)->toBe([]);
});

it('breaks ties by how the camera stands, and offers fewer changes', function (): void {
    $rush = Rushes::with(['subject.speed_mps' => 3.0, 'photographer.aim' => 0.95, 'photographer.panning' => 0.95]);
    $free = Planner::standard()->rank($rush);
    expect($free->fewestChanges)->toBeNull();
    // Left as one of the set-ups that are as good: nothing about focus has to be touched.
    $other = null;
    $played = array_filter(
        $free->candidates,
        static fn (Candidate $c): bool => $c->outcome->runs >= $free->best->outcome->runs,
    );
    $leader = array_reduce(
        $played,
        static fn (?Candidate $a, Candidate $b): Candidate => $a === null ||
        $b->outcome->keeperRate > $a->outcome->keeperRate
            ? $b
            : $a,
    );
    foreach ($played as $candidate) {
        [$behind, $error] = $leader->outcome->minus($candidate->outcome);
        if ($candidate->hold->changesFrom($free->best->hold) > 0 && $behind < 0.005) {
            $other = $candidate;
        }
    }
    expect($other)->not->toBeNull();
    $standing = Standing::after($other->hold);
    $ranking = Planner::standard()->rank($rush, null, 1, 0, null, $standing);
    expect($ranking->best->hold->family())
        ->toBe($other->hold->family())
        ->and(count($standing->changesTo($ranking->best->hold)))
        ->toBeLessThan(count($standing->changesTo($free->best->hold)))
        ->and(count($standing->changesTo($ranking->fewestChanges->hold)))
        ->toBeLessThanOrEqual(count($standing->changesTo($ranking->best->hold)));
    $document = RankingDocument::write($ranking);
    expect($document['ranking'][0]['changes'])
        ->toBe(count($standing->changesTo($ranking->best->hold)))
        ->and($document)
        ->toHaveKey('changes');
});

it('refuses a standing that cannot be', function (array $standing, string $field): void {
    expect(refusal(static fn () => StandingDocument::read($standing))->field)->toBe($field);
})->with([
    [['focus' => ['patience_s' => 9]], 'focus.patience_s'],
    [['focus' => ['patience_s' => '2']], 'focus.patience_s'],
    [['focus' => ['mode' => 'magic']], 'focus.mode'],
    [['focus' => ['range_m' => [5]]], 'focus.range_m'],
    [['exposure' => ['iso' => 1]], 'exposure.iso'],
    [['manual_switch' => 'yes'], 'manual_switch'],
    [['focus' => ['colour' => 'red']], 'focus.colour'],
    [['mood' => 'good'], 'mood'],
]);

it('turns the schools a person follows into pins', function (): void {
    $habits = HabitsDocument::read([
        'format' => 'rush-hold/habits@1',
        'schools' => ['response' => 'sticky', 'stabiliser' => null, 'bursts' => 'short'],
        'floors' => ['bird' => 0.0005],
    ]);
    $pins = $habits->taken(new Kit());
    expect($pins->get(Setting::Patience))
        ->toBe(1.2)
        ->and($pins->has(Setting::Stabiliser))
        ->toBeFalse()
        ->and($pins->has(Setting::Drive))
        ->toBeTrue()
        ->and($habits->floors)
        ->toBe(['bird' => 0.0005])
        ->and(
            refusal(
                static fn () => HabitsDocument::read([
                    'format' => 'rush-hold/habits@1',
                    'schools' => ['response' => 'wild'],
                ]),
            )->field,
        )
        ->toBe('schools.response')
        ->and(
            refusal(static fn () => HabitsDocument::read(['format' => 'rush-hold/habits@1', 'floors' => ['bird' => 9]]))
                ->field,
        )
        ->toBe('floors.bird')
        ->and(HabitsDocument::read(HabitsDocument::usual()->fields)->fields)
        ->toEqual(HabitsDocument::usual()->fields);
});
