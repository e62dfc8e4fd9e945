<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Said;

/** One set-up against another. */
final readonly class Pair
{
    /**
     * @param  float  $better  chance that `a` keeps more than `b`, 0 to 1
     * @param  float  $mean  by which share of the frames, −1 to 1
     * @param  float  $low  nine times in ten it lies between this…
     * @param  float  $high  …and this
     * @param  bool  $sure  one is known to keep more, however often one looked
     * @param  int|null  $framesNeeded  more of each to tell at even chances; null: more than anybody shoots
     * @param  int|null  $framesToBeSure  the same, to tell nine times in ten
     * @param  array<string, Said>  $unfair  by what is unfair
     * @param  array{sooner: float, mean: float, low: float, high: float}|null  $sooner  to the first sharp frame; null
     *   where too few bursts tell
     */
    private function __construct(
        public int $a,
        public int $b,
        public float $better,
        public float $mean,
        public float $low,
        public float $high,
        private bool $sure,
        public ?int $framesNeeded,
        public ?int $framesToBeSure,
        public array $unfair,
        public ?array $sooner,
    ) {
    }

    public static function of(Comparison $comparison, int $a, int $b): self
    {
        $pair = $comparison->contest->pair($a, $b);
        [$mine, $theirs] = [$comparison->contenders[$a], $comparison->contenders[$b]];
        $first = [$mine->firstSharp(), $theirs->firstSharp()];

        return new self(
            $a,
            $b,
            $pair['better'],
            $pair['mean'],
            $pair['low'],
            $pair['high'],
            $pair['sure'],
            $comparison->contest->framesNeeded($a, $b),
            $comparison->contest->framesNeeded($a, $b, 0.9),
            (new Fairness($mine, $theirs))->warnings(),
            $first[0]->known() && $first[1]->known() ? $first[0]->against($first[1]) : null,
        );
    }

    /** Whether it is known that they keep about the same. */
    public function isEven(): bool
    {
        return max(abs($this->low), abs($this->high)) < Contest::ALIKE_ENOUGH;
    }

    /** Whether one of them is known to keep more. */
    public function isDecided(): bool
    {
        return $this->sure;
    }
}
