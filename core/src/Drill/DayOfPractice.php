<?php

declare(strict_types=1);

namespace RushHold\Drill;

/** What one day's turns of one exercise came to. */
final readonly class DayOfPractice
{
    /**
     * @param  string  $day  as 2026-11-26
     * @param  float  $reached  against the mark of its rung: the share right at once, or of what a practised hand
     *   keeps, the mean over its turns
     * @param  float|null  $seconds  with buttons, the median press
     */
    public function __construct(
        public Exercise $exercise,
        public string $day,
        public float $reached,
        public ?float $seconds = null,
        public int $turns = 1,
    ) {
    }

    /** How far it is to its rung's mark: 1 and more is reached. */
    public function against(Rung $rung): float
    {
        $within = $rung->withinS();
        $quick = $within === null || $this->seconds === null ? 1.0 : min(1.0, $within / max(0.01, $this->seconds));

        return ($this->reached / $rung->mark()) * $quick;
    }

    /**
     * Turns put together by day and exercise.
     *
     * @param  list<self>  $turns
     * @return list<self> in the order of the days
     */
    public static function days(array $turns): array
    {
        $days = [];
        foreach ($turns as $turn) {
            $days["$turn->day {$turn->exercise->value}"][] = $turn;
        }
        ksort($days);

        return array_map(static function (array $same): self {
            $seconds = array_values(
                array_filter(
                    array_map(static fn (self $s): ?float => $s->seconds, $same),
                    static fn (?float $s): bool => $s !== null,
                ),
            );

            return new self(
                $same[0]->exercise,
                $same[0]->day,
                array_sum(array_map(static fn (self $s): float => $s->reached, $same)) / count($same),
                Median::of($seconds),
                count($same),
            );
        }, array_values($days));
    }
}
