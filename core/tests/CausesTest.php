<?php

declare(strict_types=1);

use RushHold\Blur\Ellipse;
use RushHold\Causes\Cause;
use RushHold\Causes\Diagnosis;
use RushHold\Causes\Fix;
use RushHold\Causes\Inquiry;
use RushHold\Causes\Likelihoods;
use RushHold\Causes\Prior;
use RushHold\Causes\Question;
use RushHold\Document\CauseDocument;
use RushHold\Document\HoldDocument;
use RushHold\Focus\LossCause;
use RushHold\Focus\OneProcess;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Refused;
use RushHold\Review\SharpWhere;
use RushHold\Situation\Situation;
use RushHold\Tests\Planted;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Words;

function asked(array $answers): Diagnosis
{
    return new Diagnosis(Prior::common(), $answers, count($answers));
}

/** @return array<string, mixed> */
function found(LoggedBurst $burst): array
{
    return CauseDocument::write(Inquiry::into($burst, new OneProcess()), Units::Metric);
}

it('has shares that add up to one for answers there are, and a sentence for every entry', function (): void {
    $sums = static fn (string $name, string $of, array $shares) => expect($shares)
        ->toHaveCount(count(Question::from($name)->answers()))
        ->and(array_sum($shares))
        ->toEqualWithDelta(1.0, 1e-9, "$name $of");
    foreach (Question::cases() as $question) {
        $sums($question->value, 'usual', Likelihoods::USUAL[$question->value]);
        foreach ($question->answers() as $answer) {
            expect(Words::has("answer.{$question->value}_$answer"))->toBeTrue("$question->value $answer");
        }
        expect(Words::has("hint.$question->value"))->toBeTrue();
    }
    foreach (Cause::cases() as $cause) {
        foreach ($cause->about()->answers as $name => $shares) {
            $sums($name, $cause->value, $shares);
            expect(Words::has("because.$name.$cause->value"))->toBeTrue("$name $cause->value");
        }
    }
    // Every loss of the simulation speaks for some cause, and wholly.
    foreach (LossCause::cases() as $loss) {
        expect(array_sum(Prior::causesOf($loss)))->toEqualWithDelta(1.0, 1e-9, $loss->value);
    }
    foreach (Cause::cases() as $cause) {
        expect(Words::has("advice.$cause->value"))
            ->toBeTrue()
            ->and(Words::has("confirm.$cause->value"))
            ->toBeTrue()
            ->and(Prior::common())
            ->toHaveKey($cause->value);
        // Each can be told apart: some answer speaks for it above all others.
        $told = array_filter(Question::cases(), static fn (Question $q): bool => Likelihoods::speaks($q, $cause));
        expect($told)->not->toBe([]);
    }
});

it('asks for leftovers first, then what tells most, and never more than five', function (): void {
    $answers = [];
    $asked = [];
    while (($next = asked($answers)->next()) !== null) {
        $asked[] = $next->value;
        $answers[$next->value] = 'unknown';
    }
    expect($asked[0])
        ->toBe('left-over')
        ->and($asked)
        ->toHaveCount(Diagnosis::MOST_QUESTIONS)
        ->and($asked)
        ->toBe(array_unique($asked));
    $second = asked(['left-over' => 'no']);
    $best = $second->next();
    foreach (array_filter(Question::cases(), static fn (Question $q): bool => $q !== Question::LeftOver) as $question) {
        expect($question->ease() * $second->information($question))->toBeLessThanOrEqual(
            $best->ease() * $second->information($best),
        );
    }
});

it('stops when one cause leads, and says when it cannot tell', function (): void {
    $plain = asked([
        'left-over' => 'no',
        'smear' => 'whole-frame',
        'sharp-where' => 'nothing',
        'in-frame' => 'mostly',
        'still-target' => 'soft',
        'near-at-the-hour' => 'soft-too',
    ]);
    $nothing = asked([
        'left-over' => 'unknown',
        'smear' => 'unknown',
        'course' => 'unknown',
        'finder' => 'unknown',
        'sharp-where' => 'unknown',
    ]);
    expect($plain->first())
        ->toBe(Cause::Shake)
        ->and($plain->leads())
        ->toBeTrue()
        ->and($plain->next())
        ->toBeNull()
        ->and($nothing->tells())
        ->toBeFalse()
        ->and($nothing->next())
        ->toBeNull();
});

it('moves towards a cause with every answer that speaks for it', function (
    string $question,
    string $answer,
    Cause $cause,
): void {
    $before = asked([])->causes[$cause->value];
    expect(asked([$question => $answer])->causes[$cause->value])->toBeGreaterThan(2 * $before);
})->with([
    ['mode', 'single', Cause::LockedOnce],
    ['sharp-where', 'behind', Cause::Background],
    ['sharp-where', 'before', Cause::NearerThing],
    ['sharp-where', 'nearer-part', Cause::NearerPart],
    ['jumped-when', 'passed', Cause::JumpsOff],
    ['ahead-behind', 'at-turns', Cause::LagsOrLeads],
    ['finder', 'trembled', Cause::Nervous],
    ['finder', 'never-came', Cause::NeverCatches],
    ['smear', 'whole-frame', Cause::Shake],
    ['smear', 'subject-only', Cause::SubjectMotion],
    ['smear', 'limbs-only', Cause::Limbs],
    ['still-target', 'always-off', Cause::FineTune],
    ['stopped-down', 'crisp', Cause::LensSoft],
    ['only-outer', 'yes', Cause::OuterPoints],
    ['left-over', 'yes', Cause::Leftover],
    ['sharp-where', 'slice', Cause::TooLittleDepth],
    ['in-frame', 'often-not', Cause::OutOfFrame],
    ['course', 'late', Cause::TooSoon],
    ['grain', 'grain', Cause::Noise],
    ['side', 'both', Cause::Nervous],
    ['size', 'much', Cause::NeverCatches],
]);

it('reads in the frames what they answer, and leaves open what they do not', function (): void {
    $frames = static fn (array $kept, SharpWhere $where, float $long = 4.0, float $short = 3.6): array => array_map(
        static fn (int $k, int $i): MeasuredFrame => new MeasuredFrame(
            0.1 * $i,
            $k === 1,
            Ellipse::fromAxes($k === 1 ? 0.8 : $long, $k === 1 ? 0.7 : $short, 10),
            $k === 1 ? SharpWhere::Subject : $where,
        ),
        $kept,
        array_keys($kept),
    );
    $seen = static fn (array $kept, SharpWhere $where, float ...$axes): array => RushHold\Causes\Evidence::in(
        new LoggedBurst(count($kept), array_sum($kept), measured: $frames($kept, $where, ...$axes)),
    );
    expect($seen([1, 1, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0], SharpWhere::Farther))
        ->toBe([
            'course' => 'jumps',
            'sharp-where' => 'behind',
            'smear' => 'none|limbs-only',
            'size' => 'much',
            'side' => 'one',
        ])
        ->and($seen([1, 1, 1, 1, 1, 0, 0, 0, 0, 0, 0, 0], SharpWhere::Nearer, 1.2, 1.1)['course'])
        ->toBe('drifts')
        ->and($seen([1, 0, 1, 0, 1, 0, 1, 0, 1, 0], SharpWhere::Nowhere)['course'])
        ->toBe('alternates')
        ->and($seen([0, 0, 0, 0, 0, 0], SharpWhere::Nowhere))
        ->toBe(['course' => 'never', 'sharp-where' => 'nothing|nearer-part|slice', 'smear' => 'none|limbs-only'])
        ->and($seen([0, 0, 0, 0, 1, 1, 1, 1], SharpWhere::Nowhere)['course'])
        ->toBe('late')
        ->and($seen([0, 0, 0, 0, 0, 0], SharpWhere::Nowhere, 9.0, 2.0)['smear'])
        ->toBe('whole-frame|subject-only')
        ->and($seen([1, 1, 1, 0, 0, 0], SharpWhere::Nowhere, 1.2, 1.1)['size'])
        ->toBe('little')
        ->and($seen([1, 1, 1, 0, 0, 0], SharpWhere::Nowhere, 2.2, 2.0)['size'])
        ->toBe('more')
        ->and(RushHold\Causes\Evidence::in(new LoggedBurst(3, 1)))
        ->toBe([]);
});

it('offers a fix with what it is worth, and the test that confirms it', function (): void {
    $rush = Rushes::with(['subject.erratic' => 0.2, 'path.heading_deg' => 0.0]);
    $burst = new LoggedBurst(
        40,
        4,
        rush: $rush,
        hold: HoldDocument::read([
            'focus' => ['mode' => 'single', 'area' => 'point', 'detect' => 'off', 'eye' => false],
        ]),
        answers: ['left-over' => 'no', 'course' => 'drifts'],
    );
    $found = found($burst);
    expect($found['causes'][0]['cause'])
        ->toBe('locked-once')
        ->and($found['fix'])
        ->toBe(['focus' => ['mode' => 'continuous']])
        ->and($found['next'])
        ->toBeNull()
        ->and($found['worth']['keepers_more'])
        ->toBeGreaterThan(5)
        ->and($found['confirm']['frames_of_each'])
        ->toBeGreaterThanOrEqual(20)
        ->and($found['confirm']['holds']['with_fix']['focus']['mode'])
        ->toBe('continuous')
        ->and($found['confirm']['holds']['as_it_was']['focus']['mode'])
        ->toBe('single')
        ->and($found['causes'][0]['because'])
        ->not->toBe([]);
});

it('offers of all that may help what keeps most, and nothing that keeps less', function (): void {
    $rush = Rushes::with(['scene.front_clutter' => 0.2, 'subject.erratic' => 0.4]);
    $used = HoldDocument::read([
        'focus' => ['area' => 'block', 'detect' => 'off', 'eye' => false, 'wins' => 'nearest', 'patience_s' => 0.1],
    ]);
    $inquiry = Inquiry::into(new LoggedBurst(40, 4, rush: $rush, hold: $used), new OneProcess());
    foreach (Cause::cases() as $cause) {
        $remedy = $inquiry->remedy($cause);
        $remedy === null || expect($remedy->gain())->toBeGreaterThan(0.0);
        foreach (
            $remedy === null ? [] : Fix::against($cause, $inquiry->used, $inquiry->planned, $rush->kit) as $other
        ) {
            expect($remedy->gain())->toBeGreaterThanOrEqual($inquiry->tried($other)->gain() - 0.011, $cause->value);
        }
    }
})->group('long');

it('brings the area back to the middle where the outer points are weak', function (): void {
    $planted = Planted::burst(Cause::OuterPoints, Planted::RUSHES[0], 1);
    $remedy = Inquiry::into($planted->logged(), new OneProcess())->remedy(Cause::OuterPoints);
    expect($remedy->fix->get(Setting::AreaAt))
        ->toBe([0.0, 0.0])
        ->and($remedy->gain())
        ->toBeGreaterThan(0.02);
});

it('needs nothing but answers, and then knows no settings to change', function (): void {
    $found = found(
        new LoggedBurst(
            10,
            0,
            answers: [
                'left-over' => 'no',
                'smear' => 'whole-frame',
                'sharp-where' => 'nothing',
                'in-frame' => 'mostly',
                'still-target' => 'soft',
            ],
        ),
    );
    expect($found['causes'][0]['cause'])
        ->toBe('shake')
        ->and($found['fix'])
        ->toBeNull()
        ->and($found['advice'])
        ->toContain('shutter')
        ->and($found['next'])
        ->toBeNull();
});

it('sets the whole plan against leftovers, and nothing against the air', function (): void {
    $rush = Rushes::with();
    $used = HoldDocument::read(['focus' => ['detect' => 'person', 'area' => 'whole', 'mode' => 'single']]);
    $inquiry = Inquiry::into(new LoggedBurst(40, 2, rush: $rush, hold: $used), new OneProcess());
    expect($inquiry->remedy(Cause::Leftover)->fix->settings())
        ->toContain(Setting::Mode, Setting::Detect)
        ->and($inquiry->remedy(Cause::Air))
        ->toBeNull()
        ->and($inquiry->remedy(Cause::FineTune))
        ->toBeNull();
    // Detection that looks for somebody else is read from the settings alone.
    expect($inquiry->diagnosis->answers['left-over'])->toBe('yes');
});

it('believes in grain and in too small an opening only where it was set so', function (): void {
    $chance = static function (Cause $cause, float $iso, float $aperture): float {
        $rush = Rushes::with();
        $hold = plan()->hold->with(iso: $iso, aperture: $aperture);

        return Prior::of(null, PartialHold::of($hold), new Situation($rush), used: $hold)[$cause->value];
    };
    expect($chance(Cause::Noise, 12800.0, 5.6))
        ->toBeGreaterThan(10 * $chance(Cause::Noise, 400.0, 5.6))
        ->and($chance(Cause::Diffraction, 400.0, 32.0))
        ->toBeGreaterThan(10 * $chance(Cause::Diffraction, 400.0, 5.6));
});

it('tells focus that lies to one side from focus that goes to and fro', function (): void {
    $sides = static fn (SharpWhere ...$of): LoggedBurst => new LoggedBurst(
        count($of),
        0,
        measured: array_map(
            static fn (SharpWhere $where, int $i): MeasuredFrame => new MeasuredFrame($i / 10, false, null, $where),
            $of,
            array_keys($of),
        ),
    );
    [$near, $far] = [SharpWhere::Nearer, SharpWhere::Farther];
    expect(RushHold\Causes\Evidence::in($sides($far, $far, $far, $far, $far))['side'] ?? null)
        ->toBe('one')
        ->and(RushHold\Causes\Evidence::in($sides($near, $far, $near, $far, $far, $near))['side'] ?? null)
        ->toBe('both')
        ->and(
            RushHold\Causes\Evidence::in($sides($far, $near, SharpWhere::Nowhere, SharpWhere::Nowhere))['side'] ?? null,
        )
        ->toBeNull();
});

it('refuses an answer that is none, and passes over questions of others', function (): void {
    expect(static fn () => asked(['smear' => 'sideways']))
        ->toThrow(Refused::class)
        ->and(found(new LoggedBurst(10, 0, answers: ['mood' => 'low']))['answers'])
        ->toEqual((object) []);
});

it('finds what was planted in bursts of the stand-in camera', function (): void {
    $first = 0;
    foreach (Cause::cases() as $i => $cause) {
        $planted = Planted::burst($cause, Planted::RUSHES[$i % 2], 3);
        $answers = [];
        while (
            ($next = ($inquiry = Inquiry::into($planted->logged($answers), new OneProcess()))->diagnosis->next()) !==
            null
        ) {
            $answers[$next->value] = $planted->answer($next);
        }
        $first += $inquiry->diagnosis->first() === $cause ? 1 : 0;
        expect(count($answers))->toBeLessThanOrEqual(Diagnosis::MOST_QUESTIONS);
    }
    expect($first)->toBeGreaterThanOrEqual(13);
})->group('long');

it(
    'makes the shutter faster against shake and movement: by half, or as the plan has it where that is faster still',
    function (): void {
        $plan = plan();
        $kit = $plan->situation->rush->kit;
        $shutter = static function (Cause $cause, float $used, float $planned) use ($plan, $kit): ?float {
            $fixes = Fix::against(
                $cause,
                $plan->hold->with(shutterS: $used),
                $plan->hold->with(shutterS: $planned),
                $kit,
            );

            return ($fixes[0] ?? null)?->get(Setting::Shutter);
        };
        expect($shutter(Cause::Shake, 1 / 500, 1 / 200))
            ->toEqualWithDelta(1 / 1000, 1e-9)
            ->and($shutter(Cause::SubjectMotion, 1 / 500, 1 / 200))
            ->toEqualWithDelta(1 / 1000, 1e-9)
            ->and($shutter(Cause::Limbs, 1 / 500, 1 / 200))
            ->toEqualWithDelta(1 / 2000, 1e-9)
            ->and($shutter(Cause::SubjectMotion, 1 / 500, 1 / 4000))
            ->toEqualWithDelta(1 / 4000, 1e-9)
            // Nothing is faster than the body.
            ->and($shutter(Cause::SubjectMotion, 1.5 * $kit->body->fastestShutterS, 1 / 200))
            ->toEqualWithDelta($kit->body->fastestShutterS, 1e-12);
    },
);
