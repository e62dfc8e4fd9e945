<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * What belongs to the subject around a place that was marked: grown from there by colour, against what grows from the
 * border.
 *
 * Both spread over a small colour copy, each pixel being reached first by the one to which the way is shorter; a way is
 * long where colour changes, and where colours are more those of the other. Which colours are whose is taken from what
 * each has reached, and all is grown anew with that. (Distances along the picture as in A. Protiere and G. Sapiro,
 * Interactive image segmentation via adaptive weighted distances, 2007.)
 */
final readonly class Cutout
{
    /** The subject is held to be at least so large around the mark, as a share of the side. */
    private const SEED = 0.028;

    /** Places it is grown from, pixels from the mark, until it stands out so clearly. */
    private const NEARBY = [[0.0, 0.0], [-1.2, 0.0], [0.0, -1.2]];

    private const CLEAR = 0.5;

    /** A tap may be beside the subject by so many times that. */
    private const BESIDE = 2.0;

    /** A colour is not the border's when its square is farther from each of its groups than so many variances. */
    private const STRANGE = 12.0;

    /** So large a share of what it is grown from has to be of such colours. */
    private const OF_SEED = 0.2;

    /** What lies this near to the border is not the subject, as a share of the side. */
    private const BORDER = 0.05;

    /** Times it is grown. */
    private const TIMES = 2;

    /** Groups of like colours that each is described by. */
    private const GROUPS = 5;

    /** A step is four long; what a change of colour adds, each whole scale of one of its three. */
    private const CHANGE = 100.0;

    /** What a colour of the other one's adds to a step, each natural logarithm. */
    private const OTHER = 40.0;

    private const MOST_OTHER = 6.0;

    /** So far from a group's middle, in natural logarithms, a colour is none of it. */
    private const NOTHING = 40.0;

    /** Colours are never known better than this, as a share of the scale: a variance. */
    private const LEAST_VARIANCE = 0.0006;

    /**
     * @param  int  $side  of the square, pixels
     * @param  list<bool>  $is  whether each pixel is the subject's
     * @param  float  $clear  how well its colours tell it from what is around it: 0 not at all, 1 every pixel
     */
    private function __construct(public int $side, public array $is, public float $clear)
    {
    }

    /**
     * What stands out best, from where it was marked and from close by: a pixel more or less may lie on an eye or a
     * bright edge.
     *
     * @param  int  $side  of the square, pixels
     * @param  list<array{float, float, float}>  $colours  of each pixel, 0 to 1
     * @param  array{float, float}  $at  where it was marked, pixels
     */
    public static function of(int $side, array $colours, array $at): self
    {
        $best = null;
        foreach (self::NEARBY as [$dx, $dy]) {
            $one = self::from($side, $colours, [$at[0] + $dx, $at[1] + $dy]);
            $best = $best === null || $one->clear > $best->clear ? $one : $best;
            if ($best->clear >= self::CLEAR) {
                break;
            }
        }

        return $best;
    }

    /**
     * @param  list<array{float, float, float}>  $colours
     * @param  array{float, float}  $at
     */
    private static function from(int $side, array $colours, array $at): self
    {
        $seed = max(1.5, self::SEED * $side);
        $border = max(1.0, self::BORDER * $side);
        $inner = $outer = [];
        foreach (array_keys($colours) as $i) {
            [$x, $y] = [$i % $side, intdiv($i, $side)];
            if (hypot($x - $at[0], $y - $at[1]) <= $seed) {
                $inner[] = $i;
            } elseif (min($x, $y, $side - 1 - $x, $side - 1 - $y) < $border) {
                $outer[] = $i;
            }
        }
        if ($inner === [] || $outer === []) {
            return new self($side, array_fill(0, $side * $side, true), 0.0);
        }
        $inner = self::strange($side, $colours, $at, $seed, $outer, $inner);
        [$mine, $theirs] = [$inner, $outer];
        $is = $odds = [];
        for ($time = 0; $time < self::TIMES; $time++) {
            $odds = self::odds($colours, self::groups($colours, $mine), self::groups($colours, $theirs));
            $is = self::grown($side, $colours, $odds, $inner, $outer);
            $mine = array_keys($is, true, true);
            $theirs = array_keys($is, false, true);
        }

        return new self($side, $is, self::separation($side, $is, $odds));
    }

    /**
     * Whether what lies there is the subject's, its outline and a pixel beyond it included.
     *
     * @param  float  $x  pixels of the small copy
     */
    public function has(float $x, float $y): bool
    {
        [$i, $j] = [(int) $x, (int) $y];
        foreach ([[0, 0], [1, 0], [-1, 0], [0, 1], [0, -1]] as [$dx, $dy]) {
            [$px, $py] = [$i + $dx, $j + $dy];
            if ($px >= 0 && $py >= 0 && $px < $this->side && $py < $this->side && $this->is[$py * $this->side + $px]) {
                return true;
            }
        }

        return false;
    }

    /** Where it ends below, as a share of the side. */
    public function feet(): float
    {
        $rows = array_map(fn (int $i): int => intdiv($i, $this->side), array_keys($this->is, true, true));

        return $rows === [] ? 1.0 : (max($rows) + 1) / $this->side;
    }

    /** How large it is: the diameter of a disc of the same size, as a share of the side. */
    public function size(): float
    {
        return (2 * sqrt(count(array_keys($this->is, true, true)) / M_PI)) / $this->side;
    }

    /**
     * @param  list<bool>  $is
     * @param  list<float>  $odds
     */
    private static function separation(int $side, array $is, array $odds): float
    {
        // Within, and as far around it as it is large: what lies farther off is told easily and says nothing.
        $within = array_keys($is, true, true);
        $reach = 1.5 * sqrt(count($within) / M_PI) + 2;
        $x = $y = 0.0;
        foreach ($within as $i) {
            $x += ($i % $side) / count($within);
            $y += intdiv($i, $side) / count($within);
        }
        $sums = [[0.0, 0], [0.0, 0]];
        foreach ($is as $i => $mine) {
            if (hypot(($i % $side) - $x, intdiv($i, $side) - $y) <= $reach) {
                $sums[(int) $mine][0] += tanh((($mine ? 1 : -1) * $odds[$i]) / 2);
                $sums[(int) $mine][1]++;
            }
        }

        return max(0.0, min(...array_map(static fn (array $sum): float => $sum[0] / max(1, $sum[1]), $sums)));
    }

    /**
     * What to grow the subject from: a tap on a head takes in some of what is behind it, and may lie a little beside
     * it, so only colours count that the border has not, if there are any nearby.
     *
     * @param  list<array{float, float, float}>  $colours
     * @param  array{float, float}  $at
     * @param  non-empty-list<int>  $outer
     * @param  non-empty-list<int>  $inner
     * @return non-empty-list<int>
     */
    private static function strange(
        int $side,
        array $colours,
        array $at,
        float $seed,
        array $outer,
        array $inner,
    ): array {
        $groups = self::groups($colours, $outer);
        $reach = self::BESIDE * $seed;
        $found = [];
        for ($y = (int) max(0, $at[1] - $reach); $y <= min($side - 1, $at[1] + $reach); $y++) {
            for ($x = (int) max(0, $at[0] - $reach); $x <= min($side - 1, $at[0] + $reach); $x++) {
                $far = hypot($x - $at[0], $y - $at[1]);
                [$r, $g, $b] = $colours[$y * $side + $x];
                $nearest = INF;
                foreach ($groups as [$mr, $mg, $mb, $variance]) {
                    $nearest = min($nearest, (($r - $mr) ** 2 + ($g - $mg) ** 2 + ($b - $mb) ** 2) / $variance);
                }
                if ($far <= $reach && $nearest > self::STRANGE) {
                    $found[] = [$far, $y * $side + $x];
                }
            }
        }
        usort($found, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $few = max(3, (int) (self::OF_SEED * count($inner)));
        $within = count(array_filter($found, static fn (array $one): bool => $one[0] <= $seed));

        return count($found) < $few ? $inner : array_column(array_slice($found, 0, max($few, $within)), 1);
    }

    /**
     * Groups of like colours: middle, variance and share of each.
     *
     * @param  list<array{float, float, float}>  $colours
     * @param  list<int>  $of  the pixels it is about
     * @return list<array{float, float, float, float, float}>
     */
    private static function groups(array $colours, array $of): array
    {
        $count = min(self::GROUPS, max(1, intdiv(count($of), 12)));
        $every = max(1, intdiv(count($of), 1500));
        $some = [];
        for ($k = 0; $k < count($of); $k += $every) {
            $some[] = $colours[$of[$k]];
        }
        usort($some, static fn (array $a, array $b): int => array_sum($a) <=> array_sum($b));
        $middles = [];
        for ($g = 0; $g < $count; $g++) {
            $middles[] = $some[(int) ((($g + 0.5) / $count) * count($some))];
        }
        $sums = $far = [];
        for ($time = 0; $time < 5; $time++) {
            $sums = array_fill(0, $count, 0.0);
            $reds = $greens = $blues = $far = $sums;
            foreach ($some as [$r, $g, $b]) {
                $best = INF;
                $nearest = 0;
                foreach ($middles as $m => [$mr, $mg, $mb]) {
                    $off = ($r - $mr) ** 2 + ($g - $mg) ** 2 + ($b - $mb) ** 2;
                    if ($off < $best) {
                        [$best, $nearest] = [$off, $m];
                    }
                }
                $sums[$nearest]++;
                $reds[$nearest] += $r;
                $greens[$nearest] += $g;
                $blues[$nearest] += $b;
                $far[$nearest] += $best;
            }
            foreach ($sums as $m => $n) {
                $n > 0 && ($middles[$m] = [$reds[$m] / $n, $greens[$m] / $n, $blues[$m] / $n]);
            }
        }
        $groups = [];
        foreach ($sums as $m => $n) {
            if ($n > 0) {
                $groups[] = [...$middles[$m], $far[$m] / $n / 3 + self::LEAST_VARIANCE, $n / count($some)];
            }
        }

        return $groups;
    }

    /**
     * How much more each colour is the subject's than what is around it.
     *
     * @param  list<array{float, float, float}>  $colours
     * @param  list<array{float, float, float, float, float}>  $mine
     * @param  list<array{float, float, float, float, float}>  $theirs
     * @return list<float> natural logarithms
     */
    private static function odds(array $colours, array $mine, array $theirs): array
    {
        // What each group is worth at its middle, and how soon that falls off.
        $worth = array_map(
            static fn (array $groups): array => array_map(
                static fn (array $of): array => [$of[0], $of[1], $of[2], 0.5 / $of[3], $of[4] / $of[3] ** 1.5],
                $groups,
            ),
            [$mine, $theirs],
        );
        $odds = [];
        foreach ($colours as [$r, $g, $b]) {
            $likely = [];
            foreach ($worth as $groups) {
                $sum = 1e-6;
                foreach ($groups as [$mr, $mg, $mb, $falls, $most]) {
                    $off = (($r - $mr) ** 2 + ($g - $mg) ** 2 + ($b - $mb) ** 2) * $falls;
                    $off < self::NOTHING && ($sum += $most * exp(-$off));
                }
                $likely[] = log($sum);
            }
            $odds[] = max(-self::MOST_OTHER, min(self::MOST_OTHER, $likely[0] - $likely[1]));
        }

        return $odds;
    }

    /**
     * Flat and long for speed, as what is done for every pixel of every picture: with a border of pixels that are
     * never reached, none has to be asked whether it is there.
     *
     * @param  list<array{float, float, float}>  $colours
     * @param  list<float>  $odds
     * @param  list<int>  $inner
     * @param  list<int>  $outer
     * @return list<bool>
     */
    private static function grown(int $side, array $colours, array $odds, array $inner, array $outer): array
    {
        $wide = $side + 2;
        $far = $is = array_fill(0, $wide * $wide, 0);
        $red = $green = $blue = $costsMine = $costsTheirs = array_fill(0, $wide * $wide, 0.0);
        foreach ($colours as $k => [$r, $g, $b]) {
            $i = $k + 2 * intdiv($k, $side) + $wide + 1;
            $far[$i] = PHP_INT_MAX;
            $red[$i] = self::CHANGE * $r;
            $green[$i] = self::CHANGE * $g;
            $blue[$i] = self::CHANGE * $b;
            $odds[$k] > 0
                ? ($costsTheirs[$i] = self::OTHER * $odds[$k])
                : ($costsMine[$i] = -self::OTHER * $odds[$k]);
        }
        $costs = [$costsTheirs, $costsMine];
        // Ways are whole numbers, so that those of one length lie in one heap.
        $heaps = [0 => []];
        foreach ([[$inner, 1], [$outer, 0]] as [$from, $subject]) {
            foreach ($from as $k) {
                $i = $k + 2 * intdiv($k, $side) + $wide + 1;
                $far[$i] = 0;
                $is[$i] = $subject;
                $heaps[0][] = $i;
            }
        }
        $around = [-1, 1, -$wide, $wide];
        for ($way = 0, $last = 0; $way <= $last; $way++) {
            if (! isset($heaps[$way])) {
                continue;
            }
            for ($k = 0; $k < count($heaps[$way]); $k++) {
                $i = $heaps[$way][$k];
                if ($far[$i] !== $way) {
                    continue;
                }
                $subject = $is[$i];
                $r = $red[$i];
                $g = $green[$i];
                $b = $blue[$i];
                foreach ($around as $off) {
                    $j = $i + $off;
                    if ($far[$j] <= $way) {
                        continue;
                    }
                    $there =
                        $way +
                        4 +
                        (int) (abs($red[$j] - $r) +
                            abs($green[$j] - $g) +
                            abs($blue[$j] - $b) +
                            $costs[$subject][$j]);
                    if ($there < $far[$j]) {
                        $far[$j] = $there;
                        $is[$j] = $subject;
                        $heaps[$there][] = $j;
                        $last = $there > $last ? $there : $last;
                    }
                }
            }
            unset($heaps[$way]);
        }
        $grown = [];
        for ($y = 1; $y <= $side; $y++) {
            for ($i = $y * $wide + 1, $end = $i + $side; $i < $end; $i++) {
                $grown[] = $is[$i] === 1;
            }
        }

        return $grown;
    }
}
