<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Kit\AreaMove;
use RushHold\Refused;

/** Places in the frame, one after the other, to which the area has to be moved. */
final readonly class AreaCourse implements Course
{
    public const TARGETS = 16;

    /** From one to the next, s. */
    private const EVERY_S = 2.6;

    private const FIRST_S = 1.5;

    /** How far out they lie, of the frame. */
    private const REACH = 0.38;

    /** From one to the next at least, frame widths or heights. */
    private const LEAST = 0.22;

    /** How near the middle of the area has to come, frame widths and heights. */
    public const NEAR = [0.035, 0.05];

    /**
     * @param  list<array{from: float, to: float, at: array{float, float}}>  $targets  s from the start; where, from the
     *   middle of the
     *     frame in frame widths and heights
     */
    private function __construct(public AreaMove $move, public array $targets, public float $seconds)
    {
    }

    public function seconds(): float
    {
        return $this->seconds;
    }

    /** @throws Refused if the area is not steered that way */
    public static function of(AreaMove $move, int $seed): self
    {
        $move->isSteered() || throw Refused::because('move', 'drill-not-steered');
        $draw = new SeededRandom($seed, 7);
        $at = [0.0, 0.0];
        $targets = [];
        for ($i = 0; $i < self::TARGETS; $i++) {
            do {
                $next = [$draw->between(-self::REACH, self::REACH), $draw->between(-self::REACH, self::REACH)];
            } while (max(abs($next[0] - $at[0]), abs($next[1] - $at[1])) < self::LEAST);
            $at = [round($next[0], 4), round($next[1], 4)];
            $from = self::FIRST_S + $i * self::EVERY_S;
            $targets[] = ['from' => round($from, 3), 'to' => round($from + self::EVERY_S, 3), 'at' => $at];
        }

        return new self($move, $targets, round(self::FIRST_S + self::TARGETS * self::EVERY_S, 3));
    }
}
