<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\Cancellation;
use Amp\Parallel\Worker\Task;
use Amp\Sync\Channel;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Simulator;
use RushHold\Hold\Hold;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * A piece of a question for one of the players: some plays, each with the number of its rush.
 *
 * @implements Task<list<Outcome>, never, never>
 */
final readonly class PlayTask implements Task
{
    /**
     * @param  array<int, string>  $rushes  serialized
     * @param  list<array{int, Hold, int, int, int}>  $plays  rush, hold, runs, seed, first run
     */
    private function __construct(private array $rushes, private array $plays)
    {
    }

    /**
     * Deals plays out into pieces of about the same cost.
     *
     * @param  list<Play>  $plays
     * @param  int  $players  how many there are to play them
     * @return list<self>
     */
    public static function deal(array $plays, int $players): array
    {
        $costs = array_map(static fn (Play $play): int => $play->steps(), $plays);
        // Three for each, so that a quick one does not wait for a slow one; not so small that handing over costs more
        // than playing.
        $size = max(self::SMALLEST_STEPS, min(self::LARGEST_STEPS, array_sum($costs) / (3 * $players)));
        $pieces = $rushes = $dealt = $numbers = [];
        $cost = 0;
        foreach ($plays as $i => $play) {
            $number = $numbers[spl_object_id($play->situation)] ??= count($numbers);
            $rushes[$number] ??= serialize($play->situation->rush);
            $dealt[] = [$number, $play->hold, $play->runs, $play->seed, $play->firstRun];
            $cost += $costs[$i];
            if ($cost >= $size || $i === array_key_last($plays)) {
                $pieces[] = new self(array_intersect_key($rushes, array_flip(array_column($dealt, 0))), $dealt);
                [$dealt, $cost] = [[], 0];
            }
        }

        return $pieces;
    }

    private const SMALLEST_STEPS = 10_000;

    private const LARGEST_STEPS = 120_000;

    /** @return list<Outcome> */
    public function run(Channel $channel, Cancellation $cancellation): array
    {
        return array_map(
            fn (array $play): Outcome => self::simulator($this->rushes[$play[0]])->run(
                $play[1],
                $play[2],
                $play[3],
                $play[4],
            ),
            $this->plays,
        );
    }

    /** What has been worked out for a rush is kept for its next piece. */
    private static function simulator(string $serialized): Simulator
    {
        /** @var array<string, Simulator> $kept */
        static $kept = [];
        $key = md5($serialized);
        $simulator = $kept[$key] ?? null;
        if ($simulator === null) {
            /** @var Rush $rush */
            $rush = unserialize($serialized);
            $simulator = new Simulator(new Situation($rush));
        }
        unset($kept[$key]);
        $kept[$key] = $simulator;
        while (
            count($kept) > 1 &&
            array_sum(array_map(static fn (Simulator $s): int => $s->keptSteps(), $kept)) > self::KEPT_STEPS
        ) {
            unset($kept[array_key_first($kept)]);
        }

        return $simulator;
    }

    /** Steps of courses kept between pieces, about 300 bytes each. */
    private const KEPT_STEPS = 200_000;
}
