<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Kit\FocusMode;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * What share of frames one rush keeps with one hold in the hands of people of other skills: played on a coarse grid,
 * straight in between.
 */
final readonly class SkillRates
{
    /** Skills that are played; the ring matters only to those who turn it. */
    private const NODES = [
        'aim' => [0.0, 0.25, 0.5, 0.75, 1.0],
        'panning' => [0.0, 0.5, 1.0],
        'hand_focus' => [0.0, 0.3, 0.65, 1.0],
    ];

    private const RUNS = 120;

    private const SEED = 5;

    /**
     * @param  array<string, list<float>>  $nodes
     * @param  array<string, float>  $rates  by the numbers of the nodes
     * @param  float  $alike  how alike the frames of one pass are
     * @param  int  $frames  of a pass
     */
    private function __construct(private array $nodes, private array $rates, public float $alike, public int $frames)
    {
    }

    /**
     * @param  list<array{Rush, Hold}>  $cases
     * @return list<self>
     */
    public static function played(array $cases, Stage $stage): array
    {
        $plays = $places = [];
        foreach ($cases as $c => [$rush, $hold]) {
            foreach (self::points(self::nodes($hold)) as $key => [$aim, $panning, $hand]) {
                $person = $rush->photographer->with(aim: $aim, panning: $panning, handFocus: $hand);
                $plays[] = new Play(new Situation($rush->with(photographer: $person)), $hold, self::RUNS, self::SEED);
                $places[] = [$c, $key];
            }
        }
        $outcomes = [];
        foreach ($stage->play($plays) as $i => $outcome) {
            $outcomes[$places[$i][0]][$places[$i][1]] = $outcome;
        }

        return array_map(
            static function (array $case, array $of): self {
                // Of those in the middle of the grid: there is most to differ by.
                $middle = array_values($of)[intdiv(count($of), 2)];

                return new self(
                    self::nodes($case[1]),
                    array_map(static fn (Outcome $o): float => $o->keeperRate, $of),
                    BetaBinomial::intraclassCorrelation($middle->rates, $middle->frames),
                    $middle->frames,
                );
            },
            $cases,
            $outcomes,
        );
    }

    public static function byHand(Hold $hold): bool
    {
        return $hold->technique !== Technique::Auto || $hold->mode === FocusMode::Manual;
    }

    /** @return array<string, list<float>> */
    private static function nodes(Hold $hold): array
    {
        return self::byHand($hold) ? self::NODES : [...self::NODES, Skill::HandFocus->value => [0.3]];
    }

    /**
     * @param  array<string, list<float>>  $nodes
     * @return array<string, array{float, float, float}>
     */
    private static function points(array $nodes): array
    {
        $points = [];
        foreach ($nodes['aim'] as $a => $aim) {
            foreach ($nodes['panning'] as $p => $panning) {
                foreach ($nodes['hand_focus'] as $h => $hand) {
                    $points["$a $p $h"] = [$aim, $panning, $hand];
                }
            }
        }

        return $points;
    }

    /** Share of the frames kept by somebody of these skills, 0 to 1. */
    public function at(float $aim, float $panning, float $handFocus): float
    {
        [$a, $s] = self::place($this->nodes['aim'], $aim);
        [$p, $t] = self::place($this->nodes['panning'], $panning);
        [$h, $u] = self::place($this->nodes['hand_focus'], $handFocus);
        $rate = 0.0;
        foreach ([[$a, 1 - $s], [$a + 1, $s]] as [$i, $x]) {
            foreach ([[$p, 1 - $t], [$p + 1, $t]] as [$j, $y]) {
                foreach ([[$h, 1 - $u], [$h + 1, $u]] as [$k, $z]) {
                    $rate += $x * $y * $z === 0.0 ? 0.0 : $x * $y * $z * $this->rates["$i $j $k"];
                }
            }
        }

        return $rate;
    }

    /**
     * @param  list<float>  $nodes
     * @return array{int, float} the node before, and how far on the way to the next
     */
    private static function place(array $nodes, float $value): array
    {
        for ($i = 0; $i < count($nodes) - 1; $i++) {
            if ($value <= $nodes[$i + 1]) {
                return [$i, max(0.0, ($value - $nodes[$i]) / ($nodes[$i + 1] - $nodes[$i]))];
            }
        }

        return [count($nodes) - 1, 0.0];
    }
}
