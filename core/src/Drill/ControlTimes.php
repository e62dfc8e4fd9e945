<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Controls\Times;
use RushHold\Kit\ControlPlace;

/**
 * How long a person needs to find each control, from drills: what it takes beyond pressing any, since the moment itself
 * has to be noticed either way.
 */
final readonly class ControlTimes
{
    /** Fewer right answers say nothing yet. */
    public const FEWEST = 8;

    /** More than these, the latest, are not looked at. */
    private const LATEST = 40;

    private const LEAST_S = 0.05;

    /** @param  array<string, array{seconds: float, trials: int}>  $byPlace */
    private function __construct(public array $byPlace)
    {
    }

    /** @param  list<ButtonScore>  $scores  the latest last */
    public static function of(array $scores): self
    {
        $beyond = [];
        foreach ($scores as $score) {
            $reaction = $score->reactionS();
            if ($reaction === null) {
                continue;
            }
            foreach ($score->byKey() as $key => $found) {
                foreach ($found['times'] as $seconds) {
                    $beyond[$score->course->keys[$key]->place->value][] = max(self::LEAST_S, $seconds - $reaction);
                }
            }
        }
        $times = [];
        foreach ($beyond as $place => $all) {
            $latest = array_slice($all, -self::LATEST);
            if (count($latest) >= self::FEWEST) {
                $times[$place] = ['seconds' => round((float) Median::of($latest), 3), 'trials' => count($latest)];
            }
        }

        return new self($times);
    }

    public function times(): Times
    {
        return new Times(controls: array_map(static fn (array $one): float => $one['seconds'], $this->byPlace));
    }

    public function trials(ControlPlace $place): int
    {
        return $this->byPlace[$place->value]['trials'] ?? 0;
    }
}
