<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * What a place in a frame looks like: as it was marked, and as it was last. Its middle counts for more than what is
 * around it.
 */
final readonly class Look
{
    /** Side of the square, pixels. */
    public const SIDE = 19;

    /** Standard deviation of what counts around its middle, pixels. */
    private const MIDDLE = 4.0;

    /** A place whose variance is smaller than this is plain: nothing is alike to it. */
    private const PLAIN = 2e-6;

    /** What has other colours counts for so much of what has its own. */
    private const OTHERS = 0.15;

    /** Being like what it was last counts for so much of being like what was marked. */
    private const LAST = 0.92;

    /**
     * @param  list<float>  $marked  of mean 0 and variance 1, times its weights
     * @param  list<float>  $last
     * @param  list<float>  $weights  that sum up to 1
     */
    private function __construct(private array $marked, private array $last, private array $weights)
    {
    }

    /**
     * @param  Patch|null  $own  how much each place has the colours of what was marked, −1 to 1, of any size: what has
     *   others counts for little, since it stays behind when the subject goes on; null: not known
     */
    public static function at(Patch $frame, int $x, int $y, ?Patch $own = null): self
    {
        $half = intdiv(self::SIDE, 2);
        $weights = [];
        for ($dy = -$half; $dy <= $half; $dy++) {
            for ($dx = -$half; $dx <= $half; $dx++) {
                $weights[] =
                    exp(-($dx * $dx + $dy * $dy) / (2 * self::MIDDLE ** 2)) *
                    ($own === null
                        ? 1.0
                        : self::owned($own, ($x + $dx + 0.5) / $frame->wide, ($y + $dy + 0.5) / $frame->high));
            }
        }
        $sum = array_sum($weights);
        $weights = array_map(static fn (float $w): float => $w / $sum, $weights);
        $seen = self::seen($frame, $x, $y, $weights);

        return new self($seen, $seen, $weights);
    }

    private static function owned(Patch $own, float $x, float $y): float
    {
        $i = max(0, min($own->wide - 1, (int) ($x * $own->wide)));
        $j = max(0, min($own->high - 1, (int) ($y * $own->high)));

        return self::OTHERS + (1 - self::OTHERS) * max(0.0, $own->light[$j * $own->wide + $i]);
    }

    /** With what it looks like there now, as long as that is at least so much like what was marked. */
    public function now(Patch $frame, int $x, int $y, float $least): self
    {
        $seen = self::seen($frame, $x, $y, $this->weights);
        $half = intdiv(self::SIDE, 2);
        $fits =
            $x >= $half &&
            $y >= $half &&
            $x < $frame->wide - $half &&
            $y < $frame->high - $half &&
            (new self($this->marked, $this->marked, $this->weights))->likeness($frame, $x, $y) > $least;

        return $fits ? new self($this->marked, $seen, $this->weights) : $this;
    }

    /** How alike the place around x, y is to it, −1 to 1. */
    public function likeness(Patch $frame, int $x, int $y): float
    {
        $half = intdiv(self::SIDE, 2);
        [$marked, $last, $weights, $light] = [$this->marked, $this->last, $this->weights, $frame->light];
        $sum = $square = $dot = $dotLast = 0.0;
        for ($row = $y - $half, $i = 0; $row <= $y + $half; $row++) {
            for ($j = $row * $frame->wide + $x - $half, $end = $j + self::SIDE; $j < $end; $j++, $i++) {
                $value = $light[$j];
                $weighted = $weights[$i] * $value;
                $sum += $weighted;
                $square += $weighted * $value;
                $dot += $value * $marked[$i];
                $dotLast += $value * $last[$i];
            }
        }
        $spread = $square - $sum * $sum;

        return $spread < self::PLAIN ? -1.0 : max($dot, self::LAST * $dotLast) / sqrt($spread);
    }

    /**
     * @param  list<float>  $weights
     * @return list<float>
     */
    private static function seen(Patch $frame, int $x, int $y, array $weights): array
    {
        $half = intdiv(self::SIDE, 2);
        $values = [];
        for ($row = $y - $half; $row <= $y + $half; $row++) {
            for ($column = $x - $half; $column <= $x + $half; $column++) {
                $values[] =
                    $frame->light[
                        max(0, min($frame->high - 1, $row)) * $frame->wide + max(0, min($frame->wide - 1, $column))
                    ];
            }
        }
        $mean = array_sum(array_map(static fn (float $v, float $w): float => $v * $w, $values, $weights));
        $spread = array_sum(
            array_map(static fn (float $v, float $w): float => $w * ($v - $mean) ** 2, $values, $weights),
        );

        return array_map(
            static fn (float $v, float $w): float => ($w * ($v - $mean)) / sqrt(max(self::PLAIN, $spread)),
            $values,
            $weights,
        );
    }
}
