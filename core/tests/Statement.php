<?php

declare(strict_types=1);

namespace RushHold\Tests;

use LogicException;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Planning\Chooser;
use RushHold\Planning\Effort;
use RushHold\Planning\Planner;

/** What practitioners report of a rush, to be held against the model. */
final readonly class Statement
{
    private const RUNS = 400;

    /** So far within what is wanted, as a share of it, one is well within. */
    private const WELL = 0.15;

    /** @param  array<string, mixed>  $says */
    private function __construct(private array $says)
    {
    }

    /** @return array<string, self> by a name */
    public static function all(): array
    {
        $all = [];
        foreach (
            json_decode((string) file_get_contents(__DIR__.'/cases/levels-and-laws.json'), true)['cases'] as $case
        ) {
            foreach ($case['expect'] as $i => $expect) {
                $all["{$case['id']} #$i"] = new self($expect);
            }
        }

        return $all;
    }

    /** Whether it is about what the plan chooses, and not about what a set-up keeps. */
    public function isOfChoice(): bool
    {
        return in_array($this->says['type'], ['best', 'best_number'], true);
    }

    /**
     * @return array{string, string, float, float} what the model says, what was wanted, by how much it misses that, and
     *   by
     *     how much it misses being well within; 0 where it holds
     */
    public function judge(int $seed, int $mostSteps = Effort::MOST_STEPS, int $runs = self::RUNS): array
    {
        $says = $this->says;
        switch ($says['type']) {
            case 'level':
                [$hold, $rate] = $this->best($seed, $mostSteps);

                return [
                    sprintf('%.3f %s', $rate, $hold),
                    "{$says['low']} to {$says['high']}",
                    max(0.0, $says['low'] - $rate, $rate - $says['high']),
                    max(
                        0.0,
                        $says['low'] + self::WELL * ($says['high'] - $says['low']) - $rate,
                        $rate - $says['high'] + self::WELL * ($says['high'] - $says['low']),
                    ),
                ];
            case 'better':
            case 'better_rush':
                $byHold = $says['type'] === 'better';
                $better = $this->played(
                    $byHold ? $says['rush'] : $says['better'],
                    $byHold ? $says['better'] : $says['hold'],
                    $seed,
                    $runs,
                );
                $worse = $this->played(
                    $byHold ? $says['rush'] : $says['worse'],
                    $byHold ? $says['worse'] : $says['hold'],
                    $seed,
                    $runs,
                );

                return [
                    sprintf('%.3f against %.3f', abs($better), abs($worse)),
                    "a gap of {$says['gap']}",
                    max(0.0, $says['gap'] - $better + $worse),
                    max(0.0, (1 + self::WELL) * $says['gap'] - $better + $worse),
                ];
            case 'at_most':
                $value = $this->played($says['rush'], $says['hold'], $seed, $runs);

                return [
                    sprintf('%.3f', $value),
                    "at most {$says['value']}",
                    max(0.0, $value - $says['value']),
                    max(0.0, $value - (1 - self::WELL) * $says['value']),
                ];
            case 'best':
                [, , $document] = $this->best($seed);
                $holds = true;
                $said = [];
                foreach ($says['hold'] as $place => $among) {
                    $value = self::at($document, $place);
                    $said[] = json_encode($value);
                    $holds = $holds && in_array($value, $among, true);
                }

                return [implode(' ', $said), (string) json_encode($says['hold']), $holds ? 0.0 : 0.1, 0.0];
            case 'best_number':
                [, , $document] = $this->best($seed);
                $value = (float) self::at($document, $says['path']);

                return [
                    sprintf('1/%.0f', 1 / $value),
                    sprintf('1/%.0f to 1/%.0f', 1 / $says['low'], 1 / $says['high']),
                    $value >= $says['low'] * 0.999 && $value <= $says['high'] * 1.001 ? 0.0 : 0.1,
                    0.0,
                ];
            default:
                throw new LogicException("no statement of the type {$says['type']} is known");
        }
    }

    /** @return array{string, float, array<string, mixed>} in short, keeper rate, and as a document */
    private function best(int $seed, int $mostSteps = Effort::MOST_STEPS): array
    {
        $rush = RushDocument::read($this->says['rush'])->rush;
        $pins = HoldDocument::read($this->says['pins'] ?? ['format' => HoldDocument::FORMAT])->fitting($rush->kit);
        $best = Planner::standard()->best($rush, $seed, mostSteps: $mostSteps, pins: $pins);
        $hold = $best->hold;

        return [
            sprintf(
                '%s %s %s %s p%.2f n%.1f 1/%.0f f/%.1f',
                $hold->technique->value,
                $hold->mode->value,
                $hold->area->value,
                $hold->detect->value,
                $hold->patienceS,
                $hold->nimble,
                1 / $hold->shutterS,
                $hold->aperture,
            ),
            $best->outcome->keeperRate,
            HoldDocument::write($hold),
        ];
    }

    /** @param  array<string, mixed>  $rush
     * @param  array<string, mixed>  $hold */
    private function played(array $rush, array $hold, int $seed, int $runs): float
    {
        $rush = RushDocument::read($rush)->rush;
        $plan = Chooser::standard()->choose($rush, HoldDocument::read($hold)->fitting($rush->kit));
        $outcome = (new Simulator($plan->situation))->run($plan->hold, $runs, $seed);

        return match ($this->says['metric']) {
            'keeper_rate' => $outcome->keeperRate,
            'any_keeper' => $outcome->anyKeeper,
            'first_keeper_s' => -$outcome->firstKeeperS,
        };
    }

    private static function at(mixed $document, string $place): mixed
    {
        foreach (explode('.', $place) as $name) {
            $document = ((array) $document)[$name] ?? null;
        }

        return $document;
    }
}
