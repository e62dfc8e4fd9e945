<?php

declare(strict_types=1);

namespace RushHold\Motion;

/** Speed over time in straight pieces, and the way covered, in closed form. */
final class SpeedProfile
{
    /** @var list<array{float, float, float, float}> start time, speed there, acceleration, way covered before */
    private array $pieces;

    /** @param  list<SpeedChange>  $changes  in any order; a change that starts during another takes over */
    public function __construct(float $initialMps, array $changes = [])
    {
        usort($changes, static fn (SpeedChange $a, SpeedChange $b): int => $a->atS <=> $b->atS);
        $this->pieces = [[0.0, $initialMps, 0.0, 0.0]];
        foreach ($changes as $i => $change) {
            $speed = $this->speedMps($change->atS);
            $way = $this->wayM($change->atS);
            // What was planned after this moment no longer holds.
            $this->pieces =
                array_values(array_filter($this->pieces, static fn (array $p): bool => $p[0] < $change->atS)) ?: [];
            $over = max(1e-3, $change->overS);
            $this->pieces[] = [$change->atS, $speed, ($change->toMps - $speed) / $over, $way];
            $this->pieces[] = [
                $change->atS + $over,
                $change->toMps,
                0.0,
                $way + (($speed + $change->toMps) / 2) * $over,
            ];
        }
    }

    public function speedMps(float $t): float
    {
        [$start, $speed, $acceleration] = $this->pieceAt($t);

        return $speed + $acceleration * ($t - $start);
    }

    /** Metres covered since time 0. */
    public function wayM(float $t): float
    {
        [$start, $speed, $acceleration, $before] = $this->pieceAt($t);
        $dt = $t - $start;

        return $before + $speed * $dt + ($acceleration * $dt * $dt) / 2;
    }

    public function accelerationMps2(float $t): float
    {
        return $this->pieceAt($t)[2];
    }

    /** @return array{float, float, float, float} */
    private function pieceAt(float $t): array
    {
        $found = $this->pieces[0];
        foreach ($this->pieces as $piece) {
            if ($piece[0] > $t) {
                break;
            }
            $found = $piece;
        }

        return $found;
    }
}
