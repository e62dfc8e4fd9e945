<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/**
 * What share of its keepers a rush loses when the camera is ready late, from runs that were played: everything before
 * that is lost, and so is what it takes focus to catch the subject from there.
 */
final readonly class LateStart
{
    /** Runs whose frames are counted. */
    private const RUNS = 24;

    private const SEED = 1;

    /**
     * @param  list<array{float, float}>  $kept  time of a frame, s, and the share of all keepers up to and with it
     * @param  float  $caughtS  until the first keeper, on the whole, s
     */
    public function __construct(private array $kept, private float $caughtS, private float $seconds)
    {
    }

    public static function of(Situation $situation, Hold $hold): self
    {
        $simulator = new Simulator($situation);
        $kept = [];
        $first = 0.0;
        $seconds = $situation->rush->path->seconds;
        for ($run = 0; $run < self::RUNS; $run++) {
            $trace = new Trace();
            $simulator->run($hold, 1, self::SEED, $run, $trace);
            $caught = $seconds;
            foreach ($trace->frames as $frame) {
                if ($frame['kept']) {
                    $kept[] = $frame['t'];
                    $caught = min($caught, $frame['t']);
                }
            }
            $first += $caught / self::RUNS;
        }
        sort($kept);
        $all = count($kept);

        return new self(
            array_map(static fn (float $t, int $i): array => [$t, ($i + 1) / $all], $kept, array_keys($kept)),
            min($first, $seconds),
            $seconds,
        );
    }

    /** Without playing: every frame counts alike, and focus catches the subject as soon as the camera is ready. */
    public static function reckoned(Situation $situation): self
    {
        $seconds = $situation->rush->path->seconds;
        $frames = max(1, (int) floor($seconds * $situation->kit->body->framesPerS));

        return new self(
            array_map(static fn (int $i): array => [($i * $seconds) / $frames, $i / $frames], range(1, $frames)),
            0.0,
            $seconds,
        );
    }

    /** Share of the keepers lost by so many seconds, 0 to 1. */
    public function lost(float $late): float
    {
        if ($late <= 0.0 || $this->kept === []) {
            return 0.0;
        }
        if ($late >= $this->seconds) {
            return 1.0;
        }

        // By then focus has to catch it once more; what it would have caught by then in time is not lost twice.
        return max(
            0.0,
            $this->upTo($late + $this->caughtS) - $this->upTo($this->caughtS) * (1.0 - $late / $this->seconds),
        );
    }

    /** Share of the keepers up to a time. */
    private function upTo(float $t): float
    {
        $share = 0.0;
        $low = 0;
        $high = count($this->kept) - 1;
        while ($low <= $high) {
            $middle = intdiv($low + $high, 2);
            [$at, $upTo] = $this->kept[$middle] ?? [INF, 1.0];
            if ($at <= $t) {
                $share = $upTo;
                $low = $middle + 1;
            } else {
                $high = $middle - 1;
            }
        }

        return $share;
    }
}
