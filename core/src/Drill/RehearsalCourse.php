<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Refused;

/**
 * The rushes of an outing in an order by chance, each with the warning it gives: the control of the day's layout has to
 * be held, and what is left to change done, before its first frame.
 */
final readonly class RehearsalCourse implements Course
{
    public const MOST_RUSHES = 20;

    /** Each comes so often, unless there are few or many. */
    private const EACH = 3;

    private const FEWEST = 8;

    private const MOST = 24;

    private const FIRST_S = 2.0;

    /** Between two, s: nobody knows when the next one comes. */
    private const GAP_S = [1.2, 3.2];

    /** A longer warning is cut to this: what is not ready by then does not get ready by more of it, s. */
    private const WARNING_S = 8.0;

    /** What is seen of a pass, s. */
    private const PASS_S = [1.0, 3.0];

    /**
     * @param  list<Key>  $keys
     * @param  list<Rehearsed>  $rushes
     * @param  list<array{entry: int, from: float, due: float, to: float}>  $comings  number of the rush; when it is
     *   seen, when its
     *     first frame is, and when it has gone, s from the start
     */
    private function __construct(
        public array $keys,
        public array $rushes,
        public array $comings,
        public float $seconds,
    ) {
    }

    public function seconds(): float
    {
        return $this->seconds;
    }

    /**
     * @param  list<Key>  $keys
     * @param  list<Rehearsed>  $rushes
     *
     * @throws Refused if there is no rush, or the layout has no control for one of them
     */
    public static function of(array $keys, array $rushes, int $seed): self
    {
        if ($rushes === [] || count($rushes) > self::MOST_RUSHES) {
            throw Refused::because('rushes', 'rushes-many', most: self::MOST_RUSHES);
        }
        foreach ($rushes as $i => $rush) {
            $rush->key(...$keys) ?? throw Refused::because("rushes[$i].by", 'drill-no-control');
        }
        $draw = new SeededRandom($seed, 5);
        $comings = [];
        $t = self::FIRST_S;
        foreach (self::order(count($rushes), $draw) as $entry) {
            $from = $t + $draw->between(...self::GAP_S);
            $due = $from + min(self::WARNING_S, $rushes[$entry]->warningS);
            $t = $due + max(self::PASS_S[0], min(self::PASS_S[1], $rushes[$entry]->passS));
            $comings[] = ['entry' => $entry, 'from' => round($from, 3), 'due' => round($due, 3), 'to' => round($t, 3)];
        }

        return new self($keys, $rushes, $comings, round($t + 0.5, 3));
    }

    /**
     * Each as often as the others, in an order by chance, hardly any twice running.
     *
     * @return list<int>
     */
    private static function order(int $rushes, SeededRandom $draw): array
    {
        $each = max(1, min(intdiv(self::MOST, $rushes), max(self::EACH, (int) ceil(self::FEWEST / $rushes))));
        $left = array_fill(0, $rushes, $each);
        $order = [];
        while (array_sum($left) > 0) {
            $last = $order === [] ? null : $order[count($order) - 1];
            $others = array_filter(
                $left,
                static fn (int $n, int $i): bool => $n > 0 && $i !== $last,
                ARRAY_FILTER_USE_BOTH,
            );
            // What would be left over and come twice in the end comes now.
            $most = array_filter($others, static fn (int $n): bool => 2 * $n > array_sum($left));
            $others = $most === [] ? $others : $most;
            $next = $others === [] ? (int) $last : $draw->pick(array_map(floatval(...), $others));
            $left[$next]--;
            $order[] = $next;
        }

        return $order;
    }
}
