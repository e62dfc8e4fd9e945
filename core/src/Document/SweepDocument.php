<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Bench\Series;
use RushHold\Bench\Sweep;
use RushHold\Bench\Trial;
use RushHold\Range;
use RushHold\Refused;

/** A session at the lens bench as a document, format `rush-hold/sweep@1`; formats/sweep.schema.json describes it. */
final class SweepDocument
{
    public const FORMAT = 'rush-hold/sweep@1';

    private const MOST_USES = 200;

    /** @throws Refused if a field is unknown, of the wrong type or out of range */
    public static function read(mixed $document): Sweep
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT, false);
        $top->need('frames');
        $trials = [];
        foreach ($top->objects('frames', Sweep::MOST_FRAMES) as $i => $fields) {
            $trials[] = new Trial(
                $fields->whole('value'),
                $fields->number('score'),
                $fields->number('distance_m'),
                $fields->number('focal_mm'),
                "frames[$i]",
            );
            $fields->done();
        }
        $uses = [];
        foreach ($top->objects('uses', self::MOST_USES) as $i => $fields) {
            $uses[] = [
                Range::of(0.1, 1000, 'm')->check("uses[$i].distance_m", $fields->number('distance_m')),
                Range::share()->check("uses[$i].share", $fields->number('share')),
            ];
            $fields->done();
        }
        $sweep = new Sweep($trials, $uses, $top->flag('by_distance', false));
        $top->keep('frames', $top->has('frames') ? $top->raw('frames') : []);
        $top->keep('uses', $top->has('uses') ? $top->raw('uses') : []);
        $top->text('name', '', 120);
        $top->done();

        return $sweep;
    }

    /** @return array<string, mixed> */
    public static function write(Sweep $sweep): array
    {
        $across = $sweep->across();
        $weights = $sweep->weights();

        return [
            'series' => array_map(
                static fn (Series $s, int $i): array => self::series($s, $weights[$i]),
                $sweep->series,
                array_keys($sweep->series),
            ),
            'best' => array_map(
                static fn (array $b): array => ['value' => $b['value'], 'probability' => round($b['probability'], 4)],
                $sweep->best(),
            ),
            'retest' => $sweep->retest(),
            'across' => $across->serves && ! $sweep->byDistance
                    ? ['value' => $across->value, 'loss' => round($across->loss, 4)]
                    : null,
            'none_because' => $across->serves || $sweep->byDistance
                    ? null
                    : [
                        'value' => $across->value,
                        'distance_m' => $sweep->series[$across->worst]->distanceM,
                        'focal_mm' => $sweep->series[$across->worst]->focalMm,
                        'loss' => round($across->worstLoss, 4),
                    ],
            'by_distance' => $sweep->byDistance,
        ];
    }

    /** @return array<string, mixed> */
    private static function series(Series $series, float $weight): array
    {
        $best = [];
        foreach ($series->bestThree() as $value => $probability) {
            $best[] = ['value' => $value, 'probability' => round($probability, 4)];
        }

        return [
            'distance_m' => $series->distanceM,
            'focal_mm' => $series->focalMm,
            'weight' => round($weight, 4),
            'frames' => count($series->trials),
            'curve' => array_map(
                static fn (int $value, int $i): array => [
                    'value' => $value,
                    'score' => round($series->curve->mean[$i], 4),
                    'spread' => round(sqrt(max(0.0, $series->curve->covariance[$i][$i])), 4),
                ],
                $series->values,
                array_keys($series->values),
            ),
            'scores' => array_map(
                static fn (Trial $t): array => ['value' => $t->value, 'score' => round($t->score, 4)],
                $series->trials,
            ),
            'scatter' => round($series->scatter, 4),
            'peaks' => $series->peaks(),
            'best' => $best,
            'equals' => $series->equals(),
            'sure' => round($series->sure, 3),
        ];
    }
}
