<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;

/**
 * What it costs each rush that a setting stands at a value: the tables that the solver adds up instead of going through
 * every press. Settings that are changed together, such as patience and nimbleness, make one axis.
 */
final readonly class Costs
{
    /** @var list<list<Setting>> settings that are changed together */
    private const AXES = [[Setting::Mode], [Setting::Area], [Setting::Detect], [Setting::Eye], [Setting::Patience, Setting::Nimbleness], [Setting::Wins]];

    /** @var list<list<PartialHold>> the values that occur, by axis */
    public array $values;

    /** @var list<list<list<float>>> seconds by axis, value and rush */
    public array $seconds;

    /** @var list<PartialHold> range, stabiliser, shutter, aperture and place, as one rush has them */
    public array $blocks;

    /** @var list<list<float>> seconds by block and rush */
    public array $besides;

    /** @param  list<Need>  $needs */
    public function __construct(private Body $body, private array $needs, private Reaching $reaching)
    {
        $values = $seconds = [];
        foreach (self::AXES as $axis) {
            $occurring = [];
            foreach ($needs as $need) {
                // What does nothing in one hold may stand as another wants it.
                if (! $axis[0]->isIdleIn($need->hold)) {
                    $occurring[] = PartialHold::of($need->hold, ...$axis);
                }
            }
            $values[] = $distinct = $occurring === [] ? [PartialHold::of($needs[0]->hold, ...$axis)] : PartialHold::distinct($occurring);
            $seconds[] = array_map($this->each(...), $distinct);
        }
        $this->values = $values;
        $this->seconds = $seconds;
        $this->blocks = PartialHold::distinct(array_map(static fn (Need $need): PartialHold => PartialHold::of($need->hold, Setting::AreaAt, ...Need::BESIDE), $needs));
        $this->besides = array_map($this->each(...), $this->blocks);
    }

    /**
     * Seconds to every rush from where it stands so.
     *
     * @param  list<int>  $mix  number of a value on each axis
     * @return list<float>
     */
    public function from(array $mix, int $block): array
    {
        $seconds = $this->besides[$block];
        foreach ($mix as $axis => $value) {
            foreach ($this->seconds[$axis][$value] as $n => $s) {
                $seconds[$n] += $s;
            }
        }

        return array_values($seconds);
    }

    /** The least time in which anything can be changed that a rush needs, s; 0 where all stand alike for it. */
    public function quickestChange(int $need): float
    {
        $changes = [];
        foreach ([...$this->seconds, $this->besides] as $axis) {
            foreach ($axis as $byNeed) {
                $changes[] = $byNeed[$need];
            }
        }
        $changes = array_filter($changes, static fn (float $seconds): bool => $seconds > 0.0);

        return $changes === [] ? 0.0 : min($changes);
    }

    /** How many ways there are to stand, allowed or not. */
    public function mixes(): int
    {
        return (int) array_product(array_map(count(...), $this->values));
    }

    /**
     * Every way of standing that the body allows, as the number of a value on each axis.
     *
     * @return iterable<list<int>>
     */
    public function all(): iterable
    {
        foreach (self::product(array_map(count(...), $this->values)) as $rest) {
            if ($this->stands($rest)) {
                yield $rest;
            }
        }
    }

    /**
     * Whether the body can be set so: the area goes with the mode, and finds what is looked for.
     *
     * @param  list<int>  $mix
     */
    private function stands(array $mix): bool
    {
        $value = fn (int $axis, Setting $setting): mixed => $this->values[$axis][$mix[$axis]]->get($setting);
        $mode = $value(0, Setting::Mode);
        $area = $value(1, Setting::Area);
        if ($mode === FocusMode::Manual) {
            return true;
        }
        $shape = $area instanceof Area ? $this->body->areas[$area->value] ?? null : null;

        return $shape !== null && $mode instanceof FocusMode && $shape->allows($mode)
            && ($value(2, Setting::Detect) === Detection::Off || $shape->detects && ($value(3, Setting::Eye) !== true || $shape->seesEyes));
    }

    /**
     * The way of standing that a rush wants, what does nothing in it as the first value that occurs.
     *
     * @return list<int>
     */
    public function wantedBy(Need $need): array
    {
        $mix = [];
        foreach (self::AXES as $a => $axis) {
            $wanted = PartialHold::of($need->hold, ...$axis);
            $mix[] = ! $axis[0]->isIdleIn($need->hold) ? (int) array_key_first(array_filter($this->values[$a], $wanted->agrees(...))) : 0;
        }

        return $mix;
    }

    /**
     * What a set holds that serves some rushes: whatever does something in one of them.
     *
     * @param  list<int>  $mix
     * @param  list<Need>  $served
     */
    public function set(array $mix, array $served): PartialHold
    {
        $set = PartialHold::nothing();
        foreach (self::AXES as $a => $axis) {
            foreach ($served as $need) {
                if (! $axis[0]->isIdleIn($need->hold)) {
                    $set = $set->and($this->values[$a][$mix[$a]]);
                    break;
                }
            }
        }

        return $set;
    }

    /** @param  list<int>  $mix */
    public function rest(array $mix, int $block): PartialHold
    {
        $hold = $this->blocks[$block];
        foreach ($mix as $axis => $value) {
            $hold = $hold->and($this->values[$axis][$value]);
        }

        return $hold;
    }

    /** @return list<float> */
    private function each(PartialHold $standing): array
    {
        return array_map(fn (Need $need): float => Reaching::seconds($this->reaching->presses($need->hold, $standing)), $this->needs);
    }

    /**
     * @param  list<int>  $counts
     * @return iterable<list<int>>
     */
    private static function product(array $counts): iterable
    {
        $at = array_fill(0, count($counts), 0);
        while (true) {
            yield array_values($at);
            for ($i = count($counts) - 1; $i >= 0; $i--) {
                if (++$at[$i] < $counts[$i]) {
                    continue 2;
                }
                $at[$i] = 0;
            }

            return;
        }
    }
}
