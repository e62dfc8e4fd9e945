<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\NineInTen;
use RushHold\Range;
use RushHold\Refused;

/**
 * Which share of frames is kept, from what was logged, as a Beta posterior after Jeffreys: so many kept and so many
 * lost beside half a frame of each that one starts from.
 *
 * The frames of one burst are much alike, so that a long one says little more than a short one: beyond `ALIKE` frames
 * it counts no more. A word, such as “most”, is worth `WORD` frames. Both are guesses.
 */
final readonly class KeptShare
{
    private const JEFFREYS = 0.5;

    private const ALIKE = 12.0;

    private const WORD = 6.0;

    private const STEPS = 2000;

    private function __construct(private float $kept, private float $lost)
    {
    }

    public static function unknown(): self
    {
        return new self(0.0, 0.0);
    }

    /**
     * @param  int  $keepers  0 to `$frames`
     * @param  int  $frames  1 to 100 000
     *
     * @throws Refused if more were kept than taken
     */
    public static function counted(int $keepers, int $frames): self
    {
        Range::of(1, 100_000)->check('frames', $frames);
        Range::of(0, $frames)->check('keepers', $keepers);
        $weight = min(1.0, self::ALIKE / $frames);

        return new self($weight * $keepers, $weight * ($frames - $keepers));
    }

    public static function said(HowMany $many): self
    {
        return new self(self::WORD * $many->share(), self::WORD * (1 - $many->share()));
    }

    /** Both together. */
    public function and(self $other): self
    {
        return new self($this->kept + $other->kept, $this->lost + $other->lost);
    }

    /** Whether anything was logged. */
    public function isKnown(): bool
    {
        return $this->kept + $this->lost > 0.0;
    }

    /** 0 to 1. */
    public function mean(): float
    {
        return ($this->kept + self::JEFFREYS) / ($this->kept + $this->lost + 2 * self::JEFFREYS);
    }

    /** @return array{float, float} in which it lies nine times in ten */
    public function interval(): array
    {
        // With the share as the sine squared of an angle the density is a product of powers of its sine and cosine,
        // nowhere without bound.
        $logs = [];
        for ($i = 0; $i < self::STEPS; $i++) {
            $angle = (($i + 0.5) / self::STEPS) * M_PI_2;
            $logs[] = 2 * $this->kept * log(sin($angle)) + 2 * $this->lost * log(cos($angle));
        }
        $highest = max($logs);
        $weights = array_map(static fn (float $log): float => exp($log - $highest), $logs);
        $all = array_sum($weights);
        $ends = [];
        foreach ([NineInTen::BELOW, 1 - NineInTen::BELOW] as $share) {
            $sum = 0.0;
            foreach ($weights as $i => $weight) {
                if ($sum + $weight >= $share * $all) {
                    $ends[] = sin((($i + ($share * $all - $sum) / $weight) / self::STEPS) * M_PI_2) ** 2;

                    break;
                }
                $sum += $weight;
            }
        }

        return [$ends[0] ?? 0.0, $ends[1] ?? 1.0];
    }
}
