<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\LadderDocument;
use RushHold\Drill\AimTest;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\ButtonScore;
use RushHold\Drill\ControlTimes;
use RushHold\Drill\DayOfPractice;
use RushHold\Drill\Exercise;
use RushHold\Drill\Familiar;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\HandSkill;
use RushHold\Drill\MixedUp;
use RushHold\Drill\MomentCourse;
use RushHold\Drill\RingCourse;
use RushHold\Drill\Rung;
use RushHold\Drill\ScriptedHand;
use RushHold\Drill\SeededRandom;
use RushHold\Library\Bodies;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;

/*
 * Turns of every drill, played by hands that are given, and what comes of them.
 */

/** @return array<string, mixed> */
function exampleOf(string $name): array
{
    return json_decode((string) file_get_contents(__DIR__."/../../formats/examples/$name.json"), true);
}

/** @return array<string, mixed> what is drawn and what it comes to */
function turnOf(array $document): array
{
    $turn = DrillDocument::read(['format' => DrillDocument::FORMAT, ...$document]);

    $played =
        $turn->trace === []
            ? []
            : ['score' => DrillDocument::score($turn), 'session' => $turn->played()->session('2026-06-07')];

    return ['course' => DrillDocument::course($turn), ...$played];
}

it('draws and scores turns at the ring', function (): void {
    $answers = [];
    foreach (array_filter(Exercise::cases(), static fn (Exercise $e): bool => $e->isRing()) as $i => $exercise) {
        foreach ($i % 2 === 0 ? [0.8] : [0.25] as $skill) {
            $j = $i % 2;
            $rush = Rushes::document($j === 0 ? [] : ['path.start_m' => 22.0, 'kit.lens.focal_mm' => 300.0]);
            $asked = [
                'drill' => $exercise->value,
                'seed' => 5 + $i + 10 * $j,
                'rush' => $rush,
                'f_number' => $j === 0 ? null : 8.0,
            ];
            $course = DrillDocument::read([
                'format' => DrillDocument::FORMAT,
                ...array_filter($asked, static fn (mixed $v): bool => $v !== null),
            ])->course;
            assert($course instanceof RingCourse);
            $asked['trace'] = (new ScriptedHand($skill))->play($course, 3);
            $answers["$exercise->value by a hand of $skill"] = turnOf(
                array_filter($asked, static fn (mixed $v): bool => $v !== null),
            );
        }
    }
    Answers::same('drills-at-the-ring', $answers);
});

it('draws and scores turns of buttons, moments, first frames and aiming', function (): void {
    $answers = [
        'the example of buttons' => turnOf(exampleOf('drills/buttons')),
        'the example of the swimmer' => turnOf(exampleOf('drills/swimmer')),
    ];
    $layout = exampleOf('drills/buttons')['layout'];
    $scores = [];
    foreach ([1, 2, 3] as $seed) {
        $drawn = DrillDocument::read([
            'format' => DrillDocument::FORMAT,
            'drill' => 'buttons',
            'seed' => $seed,
            'layout' => $layout,
        ])->course;
        assert($drawn instanceof ButtonCourse);
        $hand = new SeededRandom($seed, 9);
        $trace = [];
        foreach ($drawn->calls as $i => [$at, $key]) {
            $pressed = (int) ($key ?? 0);
            // Now and then the neighbour, now and then too late, now and then nothing.
            $pressed = $i % 6 === 5 ? ($pressed + 1) % count($layout) : $pressed;
            $from = $at + $hand->between(0.25, $i % 7 === 6 ? 2.6 : 1.1);
            $i % 9 === 8 || ($trace[] = [round($from, 3), (float) $pressed, 1.0]);
            $i % 9 === 8 || ($trace[] = [round($from + $hand->between(0.02, 0.5), 3), (float) $pressed, 0.0]);
        }
        $asked = ['drill' => 'buttons', 'seed' => $seed, 'layout' => $layout, 'trace' => $trace];
        $answers["buttons, seed $seed"] = turnOf($asked);
        $scores[] = ButtonScore::of($drawn, $trace);
        $moment = MomentCourse::of($seed, 8.0 * $seed);
        $presses = [];
        foreach ($moment->trials as $i => $trial) {
            $presses[] = $trial['peak'] + $hand->between(-0.25, 0.45);
        }
        $answers["moments, seed $seed"] = turnOf([
            'drill' => 'moment',
            'seed' => $seed,
            'frames_per_s' => 8.0 * $seed,
            'trace' => $presses,
        ]);
    }
    $answers['times of the controls'] = ControlTimes::of($scores);
    $answers['what is mixed up'] = MixedUp::among(
        [...$scores, ...$scores],
        BodyDocument::read(Bodies::all()['fast-mirrorless'])->body,
    );
    $first = [
        [0.0, 1.4, 0.0],
        [0.0, 2.2, 0.0],
        [0.0, 6.0, 1.0],
        [0.0, 0.6, 0.0],
        [0.0, 1.1, 0.0],
        [1.0, 1.9, 0.0],
        [1.0, 2.7, 0.0],
        [1.0, 8.0, 1.0],
        [1.0, 0.9, 0.0],
        [1.0, 3.3, 0.0],
        [1.0, 2.1, 0.0],
    ];
    $answers['first frames'] = turnOf(['drill' => Exercise::FirstSharp->value, 'trace' => $first]);
    $answers['first frames, two sessions'] = FirstTimes::together([
        FirstTimes::of($first),
        FirstTimes::of(array_slice($first, 3, 5)),
    ]);
    $course = AimTest::course(4, 10);
    $follows = static fn (float $late, float $beside): array => array_map(
        static fn (int $i): array => [
            $i / 60,
            ...array_map(static fn (float $v): float => $v + $beside, AimTest::mark(4, max(0.0, $i / 60 - $late))),
        ],
        range(0, 1200),
    );
    $answers['aiming'] = [
        'mark' => $course,
        'late' => AimTest::score(4, $follows(0.25, 0.0)),
        'beside' => AimTest::score(4, $follows(0.1, 0.05)),
    ];
    Answers::same('drills-of-fingers-and-eyes', $answers);
});

it('climbs the ladder and plans the weeks', function (): void {
    $answers = [];
    $practice = exampleOf('drills/practice');
    foreach (['2026-06-08', '2026-06-14'] as $from) {
        ['ladder' => $ladder, 'habit' => $habit] = LadderDocument::read($practice);
        $answers["the example from $from"] = LadderDocument::write($ladder, $habit, $from, 14);
    }
    foreach (Rung::cases() as $rung) {
        $answers["rung $rung->name"] = [
            $rung->value,
            $rung->exercise(),
            $rung->mark(),
            $rung->withinS(),
            $rung->technique(),
            $rung->next(),
            $rung->before(),
            $rung->step(),
        ];
        $answers["against rung $rung->name"] = [
            (new DayOfPractice($rung->exercise(), '2026-06-07', 0.4, 1.5))->against($rung),
            (new DayOfPractice($rung->exercise(), '2026-06-07', 0.85, 0.6))->against($rung),
            (new DayOfPractice($rung->exercise(), '2026-06-07', 0.95, 3.1))->against($rung),
        ];
    }
    $answers['skill of a hand'] = array_map(static fn (array $of): float => HandSkill::of(...$of), [
        [0.05, 0.1],
        [0.2, 0.2],
        [0.35, 0.4],
        [0.6, 0.9],
        [1.2, 2.0],
    ]);
    $answers['a skill that moves'] = [
        HandSkill::moved(0.4, ['2026-06-01' => [0.5]]),
        HandSkill::moved(0.4, [
            '2026-06-01' => [0.7, 0.4],
            '2026-06-03' => [0.6],
            '2026-06-05' => [0.9, 0.8, 0.7],
            '2026-06-08' => [0.8],
        ]),
    ];
    $answers['how familiar'] = array_map(static fn (array $of): float => (new Familiar(...$of))->weight(), [
        [],
        [4, 0.5, 0.9, 2.0],
        [20, 0.0, 0.3, 1.0],
        [20, 0.1, 0.6, 30.0],
        [8, 1.0, null, 0.5],
    ]);
    Answers::same('ladder', $answers);
});
