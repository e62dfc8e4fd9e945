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
    private const AXES = [
        [Setting::Mode],
        [Setting::Area],
        [Setting::Detect],
        [Setting::Eye],
        [Setting::Patience, Setting::Nimbleness],
        [Setting::Wins],
    ];

    /** @var list<list<PartialHold>> the values that occur, by axis */
    public array $values;

    /** @var list<list<list<float>>> seconds by axis, value and rush */
    public array $seconds;

    /** @var list<PartialHold> ways in which range, stabiliser, shutter, aperture and place may stand */
    public array $blocks;

    /** Whether those are all there are; else only such as one of the rushes has them. */
    public bool $mixed;

    /** @var list<list<float>> seconds by block and rush */
    public array $besides;

    /** More ways than this in which what no control holds may stand are not gone through. */
    private const MOST_BLOCKS = 2000;

    /**
     * @param  list<Need>  $needs
     * @param  PartialHold  $turned  what no control holds and is to stand so
     */
    public function __construct(
        private Body $body,
        private array $needs,
        private Reaching $reaching,
        private PartialHold $turned,
    ) {
        $values = $seconds = [];
        foreach (self::AXES as $axis) {
            $occurring = [];
            foreach ($needs as $need) {
                // What does nothing in one hold may stand as another wants it.
                if (! $axis[0]->isIdleIn($need->hold)) {
                    $occurring[] = PartialHold::of($need->hold, ...$axis);
                }
            }
            $values[] = $distinct =
                $occurring === [] ? [PartialHold::of($needs[0]->hold, ...$axis)] : PartialHold::distinct($occurring);
            $seconds[] = array_map($this->each(...), $distinct);
        }
        $this->values = $values;
        $this->seconds = $seconds;
        [$this->blocks, $this->besides, $this->mixed] = $this->beside();
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

        return $shape !== null &&
            $mode instanceof FocusMode &&
            $shape->allows($mode) &&
            ($value(2, Setting::Detect) === Detection::Off ||
                ($shape->detects && ($value(3, Setting::Eye) !== true || $shape->seesEyes)));
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
            $mix[] = ! $axis[0]->isIdleIn($need->hold)
                ? (int) array_key_first(array_filter($this->values[$a], $wanted->agrees(...)))
                : 0;
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

    /**
     * What no control holds: each setting as any of the rushes has it, whatever the others have. Ways that are no
     * quicker for any rush than another are left out.
     *
     * @return array{list<PartialHold>, list<list<float>>, bool} ways, seconds by way and rush, whether these are all
     */
    private function beside(): array
    {
        $axes = array_map(
            fn (Setting $setting): array => $this->turned->has($setting)
                ? [$this->turned->only($setting)]
                : PartialHold::distinct(
                    array_map(
                        static fn (Need $need): PartialHold => PartialHold::of($need->hold, $setting),
                        $this->needs,
                    ),
                ),
            [Setting::AreaAt, ...Setting::beside()],
        );
        if (array_product(array_map(count(...), $axes)) > self::MOST_BLOCKS) {
            $whole = PartialHold::distinct(
                array_map(
                    fn (Need $need): PartialHold => PartialHold::of(
                        $need->hold,
                        Setting::AreaAt,
                        ...Setting::beside(),
                    )->and($this->turned),
                    $this->needs,
                ),
            );

            return [$whole, array_map($this->each(...), $whole), false];
        }
        $ways = [[PartialHold::nothing(), array_fill(0, count($this->needs), 0.0)]];
        foreach ($axes as $values) {
            $longer = [];
            foreach ($values as $value) {
                $each = $this->each($value);
                foreach ($ways as [$hold, $seconds]) {
                    $longer[] = [
                        $hold->and($value),
                        array_map(static fn (float $a, float $b): float => $a + $b, $seconds, $each),
                    ];
                }
            }
            $ways = self::undominated($longer);
        }

        return [array_column($ways, 0), array_column($ways, 1), true];
    }

    /**
     * @param  list<array{PartialHold, list<float>}>  $ways
     * @return list<array{PartialHold, list<float>}> without those that another is as quick as, or quicker, for every
     *   rush
     */
    private static function undominated(array $ways): array
    {
        $kept = [];
        foreach ($ways as $way) {
            foreach ($kept as $other) {
                if (self::asQuick($other[1], $way[1])) {
                    continue 2;
                }
            }
            $kept = [...array_filter($kept, static fn (array $other): bool => ! self::asQuick($way[1], $other[1])), $way];
        }

        return $kept;
    }

    /**
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    private static function asQuick(array $one, array $other): bool
    {
        foreach ($one as $n => $seconds) {
            if ($seconds > $other[$n] + 1e-9) {
                return false;
            }
        }

        return true;
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
        return array_map(
            fn (Need $need): float => Reaching::seconds($this->reaching->presses($need->hold, $standing)),
            $this->needs,
        );
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
