<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Refused;

/**
 * A minute of calls, each to be answered by one control, after a few that any control answers: the difference is what
 * finding the right one costs.
 */
final readonly class ButtonCourse implements Course
{
    public const MOST_KEYS = 9;

    /** Calls at the start that any control answers. */
    public const ANY = 5;

    private const CALLS = 20;

    private const FIRST_S = 1.5;

    /** From one call to the next, s. */
    private const GAP_S = [2.3, 3.4];

    /**
     * @param  list<Key>  $keys
     * @param  list<array{float, int|null}>  $calls  s from the start, and the number of the control that answers it;
     *   null: any
     * @param  array<int, Call>  $by  the call of each control
     */
    private function __construct(public array $keys, public array $calls, public array $by, public float $seconds)
    {
    }

    public function seconds(): float
    {
        return $this->seconds;
    }

    /**
     * @param  list<Key>  $keys
     * @param  array<int, Familiar>  $known  by the number of the control; what is not there is new
     *
     * @throws Refused if fewer than two controls can be told apart
     */
    public static function of(array $keys, int $seed, array $known = []): self
    {
        $by = Call::among($keys);
        if (count($by) < 2 || count($keys) > self::MOST_KEYS) {
            throw Refused::because('layout', 'drill-controls', most: self::MOST_KEYS);
        }
        $draw = new SeededRandom($seed);
        $weights = array_map(
            static fn (int $i): float => ($known[$i] ?? new Familiar())->weight(),
            array_combine(array_keys($by), array_keys($by)),
        );
        // Everything is asked once; the rest by need.
        $asked = array_keys($by);
        while (count($asked) < self::CALLS) {
            $asked[] = $draw->pick($weights);
        }
        $times = [];
        $t = self::FIRST_S;
        for ($n = 0; $n < self::ANY + self::CALLS; $n++) {
            $times[] = round($t, 3);
            $t += $draw->between(...self::GAP_S);
        }
        $calls = array_map(static fn (float $at): array => [$at, null], array_slice($times, 0, self::ANY));
        foreach (self::mixed($asked, $draw) as $n => $key) {
            $calls[] = [$times[self::ANY + $n], $key];
        }

        return new self($keys, $calls, $by, round($t, 3));
    }

    /**
     * A course that was played before.
     *
     * @param  list<Key>  $keys
     * @param  list<array{float, int|null}>  $calls
     *
     * @throws Refused if a call asks for what is not there
     */
    public static function played(array $keys, array $calls): self
    {
        $by = Call::among($keys);
        $before = -INF;
        foreach ($calls as $i => [$at, $key]) {
            if ($at <= $before || ($key !== null && ! isset($by[$key]))) {
                throw Refused::because("calls[$i]", 'drill-call');
            }
            $before = $at;
        }

        return new self($keys, $calls, $by, ($calls === [] ? 0.0 : $calls[count($calls) - 1][0]) + self::GAP_S[1]);
    }

    /**
     * In an order by chance in which hardly anything comes twice running.
     *
     * @param  list<int>  $asked
     * @return list<int>
     */
    private static function mixed(array $asked, SeededRandom $draw): array
    {
        $mixed = [];
        while ($asked !== []) {
            $other = array_filter(
                $asked,
                static fn (int $key): bool => $mixed === [] || $key !== $mixed[count($mixed) - 1],
            );
            $weights = array_map(static fn (): float => 1.0, $other === [] ? $asked : $other);
            $i = $draw->pick($weights);
            $mixed[] = $asked[$i];
            unset($asked[$i]);
        }

        return $mixed;
    }
}
