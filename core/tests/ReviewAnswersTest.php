<?php

declare(strict_types=1);

use RushHold\Bench\StandInSweep;
use RushHold\Bench\Sweep;
use RushHold\Bench\Trial;
use RushHold\Blur\Ellipse;
use RushHold\Camera\Hidden;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Causes\Inquiry;
use RushHold\Document\BurstDocument;
use RushHold\Document\CauseDocument;
use RushHold\Document\ComparisonDocument;
use RushHold\Document\LearningDocument;
use RushHold\Document\MeasuredDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\SweepDocument;
use RushHold\Focus\OneProcess;
use RushHold\Hold\PartialHold;
use RushHold\Planning\Chooser;
use RushHold\Record\Comparison;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Record\SkillRates;
use RushHold\Review\Grain;
use RushHold\Review\Measured;
use RushHold\Review\Patch;
use RushHold\Review\SharpWhere;
use RushHold\Review\Spread;
use RushHold\Review\Tile;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;
use RushHold\Units;

/*
 * What comes back from the field, and everything that is said about it.
 */

it('shoots the same pictures', function (): void {
    $answers = [];
    foreach (
        [
            'a gull, hands as they are told' => [[], new Hidden()],
            'a gull near, another hand, a lens that focuses beside' => [
                ['path.start_m' => 18.0, 'photographer.support' => 'monopod'],
                new Hidden(0.2, 0.9, 0.4, 0.3),
            ],
            'a hare behind grass, one that turns' => [
                [
                    'subject.kind' => 'animal',
                    'subject.speed_mps' => 13.0,
                    'subject.erratic' => 0.5,
                    'scene.front_clutter' => 0.4,
                    'path.heading_deg' => 100.0,
                ],
                new Hidden(aim: 0.9),
            ],
            'close by, with a shutter that is slow' => [
                [
                    'path.start_m' => 9.0,
                    'light.ev100' => 8.0,
                    'scene.background_texture' => 0.9,
                    'kit.lens.focal_mm' => 300.0,
                ],
                new Hidden(panning: 0.1),
            ],
        ] as $asked => [$changes, $hidden]
    ) {
        $plan = plan($changes);
        $answers[$asked] = array_map(
            static fn (Shot $s): array => [
                'frame' => [
                    'run' => $s->run,
                    'number' => $s->number,
                    't' => $s->t,
                    'kept' => $s->kept,
                    'lost' => $s->cause?->value,
                    'lens_off' => $s->lensOff,
                    'in_frame' => $s->inFrame(),
                ],
                'place' => [$s->distanceM, $s->focusM, $s->aimXMm, $s->aimYMm, $s->mmPerM, $s->roundUm],
                'subject' => $s->subject,
                'variances' => $s->subject->variances(),
                'half' => $s->subject->scaled(0.5),
                'beside' => [
                    $s->still(5.0),
                    $s->still($s->distanceM),
                    $s->alongside(2 * $s->distanceM),
                    $s->still(4000.0),
                ],
                'px' => $s->ellipsePx(),
            ],
            iterator_to_array((new StandIn($plan->situation->rush, $plan->hold, $hidden))->shoot(14, 3), false),
        );
    }
    Answers::same('stand-in-camera', $answers);
});

it('finds the same causes, questions and fixes', function (): void {
    $answers = [];
    $inquire = static fn (LoggedBurst $burst): array => CauseDocument::write(
        Inquiry::into($burst, new OneProcess()),
        Units::Metric,
    );
    $rush = RushDocument::read(
        json_decode((string) file_get_contents(__DIR__.'/../../formats/examples/gannet-along-the-edge.json'), true),
    )->rush;
    $hold = Chooser::standard()->hold($rush);
    $frames = static fn (array $lost, int $kept): array => array_map(
        static fn (int $i): MeasuredFrame => $i < $kept
            ? new MeasuredFrame($i / 10, true, Ellipse::fromAxes(1.1, 0.9, 20.0), SharpWhere::Subject)
            : new MeasuredFrame($i / 10, false, isset($lost[0]) ? Ellipse::fromAxes(...$lost[0]) : null, $lost[1]),
        range(0, 15),
    );
    foreach (
        [
            'smeared along' => [$rush, $hold, $frames([[9.0, 1.5, 3.0], SharpWhere::Nowhere], 4), []],
            'smeared across' => [$rush, $hold, $frames([[7.0, 1.2, 88.0], SharpWhere::Nowhere], 6), []],
            'sharp behind' => [$rush, $hold, $frames([[6.0, 5.5, 0.0], SharpWhere::Farther], 5), []],
            'sharp before' => [$rush, null, $frames([[6.0, 5.5, 0.0], SharpWhere::Nearer], 2), []],
            'out of the frame' => [$rush, $hold, $frames([null, SharpWhere::Elsewhere], 3), []],
            'soft all over, by hand' => [
                Rushes::with(['path.heading_deg' => 5.0]),
                plan([], ['focus' => ['technique' => 'follow']])->hold,
                $frames([[4.0, 3.8, 50.0], SharpWhere::Nowhere], 9),
                [],
            ],
            'not measured, locked once' => [
                Rushes::with(),
                plan([], ['focus' => ['mode' => 'single']])->hold,
                [],
                ['lagging' => 5],
            ],
        ] as $asked => [$of, $with, $measured, $losses]
    ) {
        $answers[$asked] = [];
        $given = [];
        for ($round = 0; $round < 4; $round++) {
            $burst = new LoggedBurst(
                16,
                4,
                rush: $of,
                hold: $with === null ? null : PartialHold::of($with),
                measured: $measured,
                losses: $losses,
                answers: $given,
            );
            $found = $inquire($burst);
            $answers[$asked]['after '.json_encode($given)] = $found;
            $next = $found['next'];
            if ($next === null) {
                break;
            }
            $given[$next['question']] = $next['choices'][($round + strlen($asked)) % count($next['choices'])]['answer'];
        }
    }
    $bare = new LoggedBurst(20, 6, hold: null, rush: null);
    $answers['nothing known but how many'] = $inquire($bare);
    Answers::same('causes', $answers);
});

it('compares and learns the same', function (): void {
    $example = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/bursts/two-set-ups.json'),
        true,
    );
    $bursts = ComparisonDocument::read($example);
    $answers = [
        'the example' => ComparisonDocument::write(Comparison::of($bursts), Units::Imperial),
        'half of it' => ComparisonDocument::write(Comparison::of(array_slice($bursts, 0, 3)), Units::Metric),
    ];
    foreach ($bursts as $i => $burst) {
        $answers["burst $i again"] = BurstDocument::write($burst);
    }
    $rush = RushDocument::read(
        json_decode((string) file_get_contents(__DIR__.'/../../formats/examples/muddy-hairpin.json'), true),
    )->rush;
    $other = Rushes::with(['photographer.panning' => 0.3, 'path.heading_deg' => 90.0]);
    $cases = [[$rush, Chooser::standard()->hold($rush)], [$other, Chooser::standard()->hold($other)]];
    $rates = SkillRates::played($cases, new OneProcess());
    $counts = [['a' => [9, 24], 'b' => [11, 30], 'c' => [2, 20]], ['d' => [3, 18], 'e' => [0, 60], 'f' => [4, 22]]];
    $logged = array_map(
        static fn (array $case, array $kept): Logged => new Logged($case[0], $case[1], $kept),
        $cases,
        $counts,
    );
    $learning = Learning::of($rush->photographer, $logged, $rates);
    $answers['learned'] = LearningDocument::write($learning);
    $answers['foretold'] = array_map(
        static fn (SkillRates $r, Logged $l): array => LearningDocument::prediction(
            $learning,
            $r,
            $l->rush,
            $l->kit(),
            $l->key(),
        ),
        $rates,
        $logged,
    );
    $answers['foretold for a rush nobody shot'] = LearningDocument::prediction($learning, $rates[1], $other, 'another');
    $answers['applied'] = $learning->learned($logged, $rates);
    $answers['from one rush'] = LearningDocument::write(Learning::of($other->photographer, [$logged[1]], [$rates[1]]));
    Answers::same('comparing-and-learning', $answers);
});

it('finds the same fine-tune values', function (): void {
    $answers = [
        'the example' => SweepDocument::write(
            SweepDocument::read(
                json_decode(
                    (string) file_get_contents(__DIR__.'/../../formats/examples/sweeps/long-prime.json'),
                    true,
                ),
            ),
        ),
    ];
    foreach (
        [[5.0, 1.0, null, 0.05], [-7.0, 0.4, 8.0, 0.1], [0.0, 2.5, null, 0.15]] as $i => [$hidden, $wide, $second, $noise]
    ) {
        $trials = [];
        foreach ([8.0, 20.0] as $j => $distance) {
            $camera = new StandInSweep(
                (int) ($hidden + 2 * $j),
                $wide,
                $second === null ? null : (int) $second,
                noise: $noise,
            );
            foreach (range(-20, 20, $i === 2 ? 4 : 1) as $value) {
                $trials[] = new Trial(
                    $value,
                    $camera->score($value, 100 * $i + 50 * $j + $value + 30),
                    $distance,
                    500.0,
                );
            }
        }
        $answers["hidden at $hidden, together"] = SweepDocument::write(new Sweep($trials));
        $answers["hidden at $hidden, by distance"] = SweepDocument::write(
            new Sweep($trials, [[10.0, 0.75], [25.0, 0.25]], true),
        );
    }
    Answers::same('fine-tuning', $answers);
});

it('measures the same in pictures', function (): void {
    $answers = [];
    foreach (
        [[0.7, 0.7, 0, 0.0], [1.6, 1.6, 0, 0.02], [3.0, 1.0, 30, 0.01], [4.5, 4.0, 100, 0.0]] as [$long, $short, $angle, $noise]
    ) {
        $patch = edgesIn(120, $long, $short, $angle, $noise);
        $grain = Grain::of($patch);
        $spread = Spread::of($patch, $grain);
        $tiles = array_map(
            static fn (int $i): Tile => new Tile($i / 10, (($i % 3) - 1) / 4, $i % 2 === 0 ? $spread?->ellipse : null),
            range(-4, 4),
        );
        $measured = new Measured([0.1, -0.05], $spread, $grain, $tiles, 3.0);
        $answers["blur of $long by $short px at {$angle}°, noise $noise"] = [
            'grain' => $grain,
            'halved' => array_slice($patch->halved()->light, 60, 20),
            'smoothed' => array_slice($patch->smoothed(1.1)->light, 7000, 20),
            'part' => array_slice($patch->part(50, 40, 10, 3)->light, 0, 12),
            'measured' => MeasuredDocument::write($measured),
            'smeared' => $measured->cameraSmeared(),
        ];
    }
    Answers::same('measuring', $answers);
});

/** Two discs on grey, blurred along and across. */
function edgesIn(int $side, float $long, float $short, float $angle, float $noise): Patch
{
    mt_srand(5);
    $turn = deg2rad($angle);
    $light = [];
    for ($y = 0; $y < $side; $y++) {
        for ($x = 0; $x < $side; $x++) {
            $value = 0.3;
            foreach ([[0.3, 0.35, 0.18], [0.7, 0.62, 0.2]] as [$cx, $cy, $r]) {
                [$dx, $dy] = [$x - $cx * $side, $y - $cy * $side];
                $far = max(1e-6, hypot($dx, $dy));
                $wide = hypot(
                    ($long * ($dx * cos($turn) - $dy * sin($turn))) / $far,
                    ($short * ($dx * sin($turn) + $dy * cos($turn))) / $far,
                );
                $value += 0.42 / (1 + exp((1.702 * ($far - $r * $side)) / max(0.05, $wide)));
            }
            $light[] = $value + $noise * (mt_rand() / mt_getrandmax() + mt_rand() / mt_getrandmax() - 1);
        }
    }

    return new Patch($side, $side, $light);
}
