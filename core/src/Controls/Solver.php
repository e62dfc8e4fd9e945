<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;

/**
 * Chooses what is in force at rest and which sets the controls hold, so that the day loses least; then with the fewest
 * sets, then the quickest.
 *
 * Each rush is reached from rest or from one held control, with whatever is left changed by hand; so a layout deals the
 * rushes out into groups, and each group has a way of standing that costs it least. All groups of up to `EXACT` kinds
 * of rushes are gone through with every way of standing there is, what no control holds (range, stabiliser, shutter,
 * aperture, place) mixed from all of them, which makes it exact. Beyond that the best set is taken after the best set,
 * and the bound says how far that may be from the best.
 */
final class Solver
{
    public const EXACT = 8;

    /** Ways of standing that are gone through. */
    private const MOST_MIXES = 1200;

    /**
     * Losses are compared in ten-millionths, times in hundredths of a second: one whole number says which is better.
     */
    private const LOSS = 1e7;

    private const LOSS_STEP = 100_000_000;

    private const SET_STEP = 1_000_000;

    private const SECOND = 100;

    private readonly Reaching $reaching;

    private readonly Costs $costs;

    /** @var list<list<int>> numbers of rushes that stand alike, by kind */
    private readonly array $kinds;

    /** Whether everything is gone through. */
    private readonly bool $whole;

    /** @var list<list<int>> ways of standing */
    private readonly array $mixes;

    /**
     * @var array<string, array<int, array{int, int}>> what groups cost, by block and by the time until a control is
     *   held
     */
    private array $groups = [];

    /** @var array<string, int> what a rush costs that is ready after so many seconds */
    private array $keys = [];

    /**
     * @param  list<Need>  $needs  at least one
     * @param  PartialHold|null  $turned  range, stabiliser, shutter, aperture and place that are to stand so; null:
     *   whatever is best
     */
    public function __construct(
        private readonly Body $body,
        private readonly array $needs,
        private readonly Times $times = new Times(),
        private readonly ?PartialHold $turned = null,
    ) {
        $this->reaching = new Reaching($times, $body->areaMoves);
        $this->costs = new Costs($body, $needs, $this->reaching, $turned ?? PartialHold::nothing());
        $this->kinds = $this->alike();
        $this->whole = count($this->kinds) <= self::EXACT && $this->costs->mixes() <= self::MOST_MIXES;
        $this->mixes = $this->whole
            ? iterator_to_array($this->costs->all(), false)
            : array_values(array_unique(array_map($this->costs->wantedBy(...), $needs), SORT_REGULAR));
    }

    /** @return list<Layout> the best of each school, in their order */
    public function bySchool(?Pins $pins = null): array
    {
        return array_map(fn (ButtonSchool $school): Layout => $this->solve($school, $pins), ButtonSchool::cases());
    }

    public function solve(ButtonSchool $school = ButtonSchool::Free, ?Pins $pins = null): Layout
    {
        $pins ??= Pins::none();
        $turned = $pins->rest?->only(Setting::AreaAt, ...Setting::beside());
        if ($this->turned === null && $turned !== null && $turned->settings() !== []) {
            // It stands so under every control as well.
            return (new self($this->body, $this->needs, $this->times, $turned))->solve($school, $pins);
        }
        $places = $school->places($this->body);
        // What is pinned counts where this way of working holds sets at all.
        $fixed = array_intersect_key(
            array_filter($pins->controls),
            array_flip(array_map(static fn (ControlPlace $p): string => $p->value, $places)),
        );
        $free = array_values(array_filter($places, static fn (ControlPlace $p): bool => ! $pins->has($p)));
        usort(
            $free,
            fn (ControlPlace $a, ControlPlace $b): int => $this->times->untilHeld($a) <=> $this->times->untilHeld($b),
        );
        $best = null;
        foreach ($this->leasts() as $block => $least) {
            if ($best !== null && $least >= $best[0]) {
                break;
            }
            $rests = $this->rests($block, $fixed, $pins->rest);
            $found = $this->whole ? $this->dealt($block, $rests, $free) : $this->oneByOne($block, $rests, $free);
            if ($best === null || $found[0] < $best[0]) {
                $best = [...$found, $block];
            }
        }
        assert($best !== null);
        [, $rest, $sets, $block] = $best;
        $placed = $fixed;
        foreach ($sets as $place => [$mix, $served]) {
            $placed[$place] = $this->costs->set(
                $this->mixes[$mix],
                array_map(fn (int $n): Need => $this->needs[$n], $served),
            );
        }
        $hold = $this->costs->rest($this->mixes[$rest], $block);
        $layout = $this->arranged($school, $pins->rest === null ? $hold : $hold->and($pins->rest), $placed);

        return $layout->bounded($this->whole && $this->costs->mixed ? $layout->loss : $this->bound(count($places)));
    }

    /**
     * What each way in which range, stabiliser, shutter, aperture and place may stand costs by itself, as if all else
     * were there at once: no layout with it costs less.
     *
     * @return array<int, int> the least first
     */
    private function leasts(): array
    {
        $leasts = array_map(fn (array $seconds): int => array_sum($this->keysOf($seconds, 0.0)), $this->costs->besides);
        asort($leasts);

        return $leasts;
    }

    /**
     * Rushes that stand alike are one kind.
     *
     * @return list<list<int>> numbers of rushes by kind
     */
    private function alike(): array
    {
        $kinds = [];
        foreach ($this->needs as $n => $need) {
            $alike = $this->costs->wantedBy($need);
            $kinds[serialize([$alike, PartialHold::of($need->hold, ...Setting::beside())])][] = $n;
        }

        return array_values($kinds);
    }

    /**
     * Seconds to every rush from rest or what is pinned, for every way of standing at rest.
     *
     * @param  array<string, PartialHold>  $fixed
     * @return list<list<float>>
     */
    private function rests(int $block, array $fixed, ?PartialHold $pinned): array
    {
        if ($fixed === [] && $pinned === null) {
            return $this->seconds($block);
        }

        return array_map(function (array $mix) use ($block, $fixed, $pinned): array {
            $rest = $this->costs->rest($mix, $block);
            $rest = $pinned === null ? $rest : $rest->and($pinned);

            return array_map(function (Need $need) use ($rest, $fixed): float {
                $least = Reaching::seconds($this->reaching->presses($need->hold, $rest));
                foreach ($fixed as $place => $set) {
                    $least = min(
                        $least,
                        Reaching::seconds(
                            $this->reaching->presses($need->hold, $rest->and($set), ControlPlace::from($place)),
                        ),
                    );
                }

                return $least;
            }, $this->needs);
        }, $this->mixes);
    }

    /** @return list<list<float>> by way of standing and rush */
    private function seconds(int $block): array
    {
        return array_map(fn (array $mix): array => $this->costs->from($mix, $block), $this->mixes);
    }

    /**
     * Deals the kinds out to rest and to the controls in the best of all ways.
     *
     * @param  list<list<float>>  $rests  seconds by way of standing at rest and rush, with what is pinned
     * @param  list<ControlPlace>  $free
     * @return array{int, int, array<string, array{int, list<int>}>} key, way of standing at rest, and by place the way
     *   its set stands and whom it serves
     */
    private function dealt(int $block, array $rests, array $free): array
    {
        $all = (1 << count($this->kinds)) - 1;
        // What a group costs on each control, and which way of standing serves it best.
        $groups = array_map(
            fn (ControlPlace $place): array => $this->groups($block, $this->times->untilHeld($place)),
            $free,
        );
        // With the controls up to each: the best for the kinds that are left to them.
        $left = [array_fill(0, $all + 1, PHP_INT_MAX)];
        $left[0][0] = 0;
        $taken = [];
        foreach (array_keys($free) as $i) {
            $left[$i + 1] = $left[$i];
            $taken[$i] = array_fill(0, $all + 1, 0);
            foreach ($groups[$i] as $members => [$cost]) {
                $others = $all & ~$members;
                for ($rest = $others; ; $rest = ($rest - 1) & $others) {
                    if (
                        $left[$i][$rest] !== PHP_INT_MAX &&
                        $left[$i][$rest] + $cost + self::SET_STEP < $left[$i + 1][$rest | $members]
                    ) {
                        $left[$i + 1][$rest | $members] = $left[$i][$rest] + $cost + self::SET_STEP;
                        $taken[$i][$rest | $members] = $members;
                    }
                    if ($rest === 0) {
                        break;
                    }
                }
            }
        }
        $best = PHP_INT_MAX;
        $at = [0, 0];
        foreach ($rests as $m => $from) {
            $sums = $this->sums($this->keysOf($from, 0.0));
            foreach ($left[count($free)] as $members => $cost) {
                if ($cost !== PHP_INT_MAX && $cost + $sums[$all & ~$members] < $best) {
                    $best = $cost + $sums[$all & ~$members];
                    $at = [$m, $members];
                }
            }
        }
        [$rest, $members] = $at;
        $sets = [];
        for ($i = count($free) - 1; $i >= 0; $i--) {
            $mine = $taken[$i][$members];
            if ($mine !== 0) {
                $sets[$free[$i]->value] = [$groups[$i][$mine][1], $this->members($mine)];
                $members &= ~$mine;
            }
        }

        return [$best, $rest, $sets];
    }

    /**
     * What each group of kinds costs where one way of standing serves it, and which does so best.
     *
     * @return array<int, array{int, int}> key and way of standing, by group
     */
    private function groups(int $block, float $held): array
    {
        $name = "$block $held";
        if (! isset($this->groups[$name])) {
            $best = [];
            foreach ($this->seconds($block) as $m => $from) {
                $sums = $this->sums($this->keysOf($from, $held));
                for ($members = count($sums) - 1; $members > 0; $members--) {
                    if (! isset($best[$members]) || $sums[$members] < $best[$members][0]) {
                        $best[$members] = [$sums[$members], $m];
                    }
                }
            }
            $this->groups[$name] = $best;
        }

        return $this->groups[$name];
    }

    /**
     * What each kind costs: its loss, then its time.
     *
     * @param  list<float>  $from
     * @return list<int>
     */
    private function keysOf(array $from, float $held): array
    {
        $keys = [];
        foreach ($this->kinds as $kind) {
            $key = 0;
            foreach ($kind as $n) {
                $key += $this->key($n, $from[$n] + $held);
            }
            $keys[] = $key;
        }

        return $keys;
    }

    private function key(int $n, float $seconds): int
    {
        // The same few times come again and again.
        return $this->keys["$n $seconds"] ??=
            (int) round(self::LOSS * $this->needs[$n]->weight * $this->needs[$n]->lostAfter($seconds)) *
                self::LOSS_STEP +
            (int) min(self::SET_STEP / 20, round(self::SECOND * $seconds));
    }

    /**
     * @param  list<int>  $keys
     * @return array<int, int> their sum by group
     */
    private function sums(array $keys): array
    {
        $sums = [0];
        foreach ($keys as $i => $key) {
            for ($members = 1 << $i, $low = 0; $low < 1 << $i; $low++) {
                $sums[$members + $low] = $sums[$low] + $key;
            }
        }

        return $sums;
    }

    /**
     * Stands at rest as serves all best, then takes the set that helps most, as long as one does.
     *
     * @param  list<list<float>>  $rests
     * @param  list<ControlPlace>  $free
     * @return array{int, int, array<string, array{int, list<int>}>}
     */
    private function oneByOne(int $block, array $rests, array $free): array
    {
        $seconds = $this->seconds($block);
        $totals = array_map(fn (array $from): int => array_sum($this->keysOf($from, 0.0)), $rests);
        asort($totals);
        $rest = (int) array_key_first($totals);
        [$now, $total, $sets] = [$rests[$rest], $totals[$rest], []];
        foreach ($free as $place) {
            $held = $this->times->untilHeld($place);
            $next = null;
            foreach ($seconds as $m => $from) {
                $with = array_map(static fn (float $s, float $before): float => min($s + $held, $before), $from, $now);
                $key = array_sum($this->keysOf($with, 0.0)) + self::SET_STEP;
                if ($key < ($next[0] ?? $total)) {
                    $next = [$key, $m, $with];
                }
            }
            if ($next === null) {
                break;
            }
            $sets[$place->value] = [
                $next[1],
                array_keys(
                    array_filter($next[2], static fn (float $s, int $n): bool => $s < $now[$n], ARRAY_FILTER_USE_BOTH),
                ),
            ];
            [$total, , $now] = $next;
        }

        return [$total, $rest, $sets];
    }

    /**
     * No layout loses less. Rest and each control stand one way, which is just right for as many kinds as agree with
     * each other; every other kind needs one change at least, be it the quickest there is.
     */
    private function bound(int $controls): float
    {
        $costs = $alike = [];
        foreach ($this->kinds as $kind) {
            $loss = 0.0;
            foreach ($kind as $n) {
                $loss += $this->needs[$n]->weight * $this->needs[$n]->lostAfter($this->costs->quickestChange($n));
            }
            $costs[] = $loss;
            $alike[] = count(
                array_filter(
                    $this->kinds,
                    fn (array $other): bool => $this->needs[$other[0]]->set()->agrees($this->needs[$kind[0]]->set()),
                ),
            );
        }
        rsort($costs);
        $right = (1 + $controls) * max([1, ...$alike]);

        return array_sum(array_slice($costs, $right)) / $this->weights();
    }

    /** @param  array<string, PartialHold>  $placed  by place */
    private function arranged(ButtonSchool $school, PartialHold $rest, array $placed): Layout
    {
        $arrangement = new Arrangement($rest, $this->duties($school, $placed));
        $reached = [];
        $lost = 0.0;
        foreach ($this->needs as $need) {
            [$by, $presses] = $this->reaching->quickest($need->hold, $rest, $arrangement);
            $share = $need->lostAfter(Reaching::seconds($presses));
            $lost += $need->weight * $share;
            $reached[] = new Reached($need, $by, $presses, $share);
        }

        return new Layout($school, $arrangement, $reached, $lost / $this->weights());
    }

    /**
     * @param  array<string, PartialHold>  $placed
     * @return list<Assigned>
     */
    private function duties(ButtonSchool $school, array $placed): array
    {
        $starts = $school->startsFocusAt();
        $controls = [];
        $locks = $starts === ControlPlace::HalfPress;
        foreach ($this->body->controls as $control) {
            $place = $control->place;
            $duty = match (true) {
                isset($placed[$place->value]) => Duty::StoredSet,
                $place === $starts && $control->may(Duty::StartFocus) => Duty::StartFocus,
                ! $locks && $control->may(Duty::LockExposure) => Duty::LockExposure,
                default => null,
            };
            $locks = $locks || $duty === Duty::LockExposure;
            if ($duty !== null) {
                $controls[] = new Assigned($place, $duty, $placed[$place->value] ?? null);
            }
        }

        return $controls;
    }

    private function weights(): float
    {
        return max(1e-9, array_sum(array_map(static fn (Need $need): float => $need->weight, $this->needs)));
    }

    /** @return list<int> numbers of rushes */
    private function members(int $group): array
    {
        return array_merge(
            ...array_values(
                array_filter($this->kinds, static fn (int $i): bool => (($group >> $i) & 1) === 1, ARRAY_FILTER_USE_KEY),
            ),
        );
    }
}
