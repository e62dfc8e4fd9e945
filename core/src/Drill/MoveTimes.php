<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Controls\Times;
use RushHold\Controls\Way;
use RushHold\Kit\AreaMove;

/** How long moving the area takes a person, from drills, by the way it is moved. */
final readonly class MoveTimes
{
    /** Of a way, the latest turns that are looked at. */
    private const LATEST = 5;

    /** @param  array<string, array{seconds: float, trials: int}>  $byMove */
    private function __construct(public array $byMove)
    {
    }

    /** @param  list<AreaScore>  $scores  the latest last */
    public static function of(array $scores): self
    {
        $byMove = [];
        foreach (AreaMove::cases() as $move) {
            $mine = array_slice(
                array_values(array_filter($scores, static fn (AreaScore $s): bool => $s->course->move === $move)),
                -self::LATEST,
            );
            // One that seldom arrives has no time yet.
            $medians = array_values(
                array_filter(array_map(static fn (AreaScore $s): ?float => $s->medianS(), $mine), is_float(...)),
            );
            $median = Median::of($medians);
            if ($median !== null && 2 * count($medians) > count($mine)) {
                $byMove[$move->value] = [
                    'seconds' => round(max(0.05, $median), 3),
                    'trials' => array_sum(array_map(static fn (AreaScore $s): int => count($s->times()), $mine)),
                ];
            }
        }

        return new self($byMove);
    }

    /** With them in place of first guesses. */
    public function in(Times $times): Times
    {
        $own = [];
        foreach ($this->byMove as $move => $one) {
            $own[Way::ofMove(AreaMove::from($move))->value] = $one['seconds'];
        }

        return $times->with($own);
    }
}
