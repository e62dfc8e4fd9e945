<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\NineInTen;

/** What came of many runs of one rush with one hold. */
final readonly class Outcome
{
    /**
     * @param  array<string, float>  $losses  share of all frames by cause, largest first
     * @param  list<float>  $rates  keeper rate of each run, for comparing set-ups on the same chances
     */
    public function __construct(
        public int $runs,
        /** Frames of a pass. */
        public int $frames,
        /** Share of frames kept. */
        public float $keeperRate,
        /** Its standard error. */
        public float $standardError,
        /** Chance of at least one keeper in a pass. */
        public float $anyKeeper,
        /** Mean time to the first keeper, s; a pass without one counts in full. */
        public float $firstKeeperS,
        public array $losses,
        public array $rates,
    ) {
    }

    /** Of what was not played. */
    public static function none(): self
    {
        return self::of(1, [], 0.0, 0.0, []);
    }

    /** Both together, when $more goes on where this stopped. */
    public function and(self $more): self
    {
        $mine = $this->runs / ($this->runs + $more->runs);
        $mix = static fn (float $a, float $b): float => $a * $mine + $b * (1 - $mine);
        $losses = [];
        foreach ([...array_keys($this->losses), ...array_keys($more->losses)] as $cause) {
            $losses[$cause] = $mix($this->losses[$cause] ?? 0.0, $more->losses[$cause] ?? 0.0);
        }
        arsort($losses);

        return self::of(
            $this->frames,
            [...$this->rates, ...$more->rates],
            $mix($this->anyKeeper, $more->anyKeeper),
            $mix($this->firstKeeperS, $more->firstKeeperS),
            $losses,
        );
    }

    /**
     * Difference of the keeper rates on the same chances, and its standard error.
     *
     * @return array{float, float}
     */
    public function minus(self $other): array
    {
        $count = min(count($this->rates), count($other->rates));
        if ($count < 2) {
            return [$this->keeperRate - $other->keeperRate, 1.0];
        }
        $sum = $square = 0.0;
        for ($i = 0; $i < $count; $i++) {
            $difference = $this->rates[$i] - $other->rates[$i];
            $sum += $difference;
            $square += $difference * $difference;
        }
        $mean = $sum / $count;

        return [$mean, sqrt(max(0.0, $square / $count - $mean * $mean) / ($count - 1))];
    }

    /**
     * Difference of the chance of a keeper at all on the same chances, and its standard error.
     *
     * @return array{float, float}
     */
    public function minusAny(self $other): array
    {
        $any = static fn (float $rate): float => $rate > 0 ? 1.0 : 0.0;

        return self::of(1, array_map($any, $this->rates), 0.0, 0.0, [])->minus(
            self::of(1, array_map($any, $other->rates), 0.0, 0.0, []),
        );
    }

    /** What the other saves most frames from that are lost here; null where nothing is lost here. */
    public function saved(self $other): ?LossCause
    {
        $saved = [];
        foreach ($this->losses as $cause => $share) {
            $saved[$cause] = $share - ($other->losses[$cause] ?? 0.0);
        }
        arsort($saved);

        return $saved === [] ? null : LossCause::from((string) array_key_first($saved));
    }

    /**
     * @param  list<float>  $rates  keeper rate of each run
     * @param  array<string, float>  $losses
     */
    public static function of(int $frames, array $rates, float $anyKeeper, float $firstKeeperS, array $losses): self
    {
        $runs = count($rates);
        $mean = array_sum($rates) / max(1, $runs);
        $square = 0.0;
        foreach ($rates as $rate) {
            $square += ($rate - $mean) ** 2;
        }

        return new self(
            $runs,
            $frames,
            $mean,
            $runs > 1 ? sqrt($square / ($runs - 1) / $runs) : 0.5,
            $anyKeeper,
            $firstKeeperS,
            $losses,
            $rates,
        );
    }

    /**
     * @return array{mean: float, low: float, high: float} keepers in a pass, with the interval it lies in nine times in
     *   ten
     */
    public function keepers(): array
    {
        $reach = NineInTen::ERRORS * $this->standardError;

        return [
            'mean' => $this->frames * $this->keeperRate,
            'low' => $this->frames * max(0.0, $this->keeperRate - $reach),
            'high' => $this->frames * min(1.0, $this->keeperRate + $reach),
        ];
    }
}
