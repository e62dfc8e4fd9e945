<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * Finds what was marked in one frame of a burst again in the next, by normalised cross-correlation on small copies,
 * closely and from a little farther off: what is small or crisp is known by the one, what is large or blurred by the
 * other.
 *
 * What it looks for is what was marked, and what it looked like when it was last found for certain, since it turns and
 * grows on its way: it is also looked for a little larger and a little smaller. Nearer to where it should be counts for
 * a little, and where its colours are known, a place that lacks them is less like it. On its way out of the frame it
 * has to be certain to be found.
 */
final class Follow
{
    /** Small copies are so wide, pixels. */
    public const WIDE = 480;

    /** Likeness, −1 to 1, from which it is found, and from which it is certain. */
    private const FOUND = 0.52;

    public const CERTAIN = 0.72;

    /** Less like it than this it is looked for in the whole frame, where it has to be more like it by so much. */
    private const LIKELY = 0.64;

    private const MARGIN = 0.08;

    /** What a frame's width away from where it should be costs in likeness, beyond what it may well be off. */
    private const AWAY = 0.8;

    private const WELL_OFF = 0.025;

    /** It is looked for so far around where it should be, as a share of the width. */
    private const WINDOW = 0.12;

    /** From one frame to the next it grows or shrinks by no more than this… */
    private const GROWS = 1.1;

    /** …over a burst by no more than this… */
    private const MOST_GROWN = 4.0;

    /** …and is taken to have kept its size unless another is more like it by so much. */
    private const AS_LARGE = 0.02;

    /** What lacking its colours costs in likeness: as much as was there where it was marked, and nothing of it. */
    private const COLOUR = 0.3;

    /** Where it has colours of its own, it is nowhere where there is less of them than this share of what was marked. */
    private const OWN_COLOURS = 0.4;

    private const LEAST_OF_THEM = 0.35;

    /** Its colours are looked for so far around a place, pixels. */
    private const AROUND = 3.0;

    /** So many frames without it, and it may be anywhere. */
    private const LONG_AGO = 100;

    /**
     * Where it should be by now out of the frame, or so near to its border, it has to be certain to be found, as a
     * share of the width.
     */
    private const LEAVING = 0.02;

    /** @var array{Look, Look} close up, and on a copy half as large */
    private array $looks;

    private float $vx = 0.0;

    private float $vy = 0.0;

    /** @var int frames since it was found */
    private int $missed = 0;

    /** How many times as large as it was when it was marked. */
    private float $scale = 1.0;

    private function __construct(
        private float $x,
        private float $y,
        Patch $frame,
        private float $coloured,
        ?Patch $colours,
    ) {
        $this->looks = [
            Look::at($frame, (int) round($x), (int) round($y), $colours),
            Look::at($frame->halved(), (int) round($x / 2), (int) round($y / 2), $colours),
        ];
    }

    /**
     * @param  Patch  $frame  a small copy
     * @param  float  $x  where the subject is, in widths from the centre to the right
     * @param  float  $y  in heights, down
     * @param  Patch|null  $colours  how much each place has its colours, −1 to 1, of any size; null: not known
     */
    public static function marked(Patch $frame, float $x, float $y, ?Patch $colours = null): self
    {
        [$px, $py] = [($x + 0.5) * $frame->wide, ($y + 0.5) * $frame->high];

        return new self(
            $px,
            $py,
            $frame,
            $colours === null ? 0.0 : self::colour($colours, $x + 0.5, $y + 0.5, self::AROUND / $frame->wide),
            $colours,
        );
    }

    /** The same in another burst, where nobody knows yet where it is or goes. */
    public function elsewhere(): self
    {
        $other = clone $this;
        [$other->vx, $other->vy, $other->missed] = [0.0, 0.0, self::LONG_AGO];

        return $other;
    }

    /**
     * @param  Patch  $frame  a small copy of the same size
     * @param  Patch|null  $colours  how much each place has the colours of what was marked; null: not known
     * @return array{float, float, float}|null where it is in widths and heights from the centre, and the likeness; null
     *   where it is not found
     */
    public function in(Patch $frame, ?Patch $colours = null): ?array
    {
        $steps = 1 + $this->missed;
        $want = [$this->x + $this->vx * $steps, $this->y + $this->vy * $steps];
        $found = $this->at($frame, $colours, $want, $this->scale);
        foreach ([1 / self::GROWS, self::GROWS] as $grown) {
            $scale = max(1 / self::MOST_GROWN, min(self::MOST_GROWN, $this->scale * $grown));
            $other = $this->near($frame, $colours, $found, $scale);
            $found = $other[2] > max(self::LIKELY, $found[2] + self::AS_LARGE) ? $other : $found;
        }
        [$x, $y, $like, $scale, $frames] = $found;
        $border = self::LEAVING * $frame->wide;
        $leaving = min($want[0], $want[1], $frame->wide - $want[0], $frame->high - $want[1]) < $border;
        if ($like < ($leaving ? self::CERTAIN : self::FOUND)) {
            $this->missed++;

            return null;
        }
        $this->vx = 0.5 * $this->vx + (0.5 * ($x - $this->x)) / $steps;
        $this->vy = 0.5 * $this->vy + (0.5 * ($y - $this->y)) / $steps;
        [$this->x, $this->y, $this->scale, $this->missed] = [$x, $y, $scale, 0];
        if ($like > self::CERTAIN) {
            [$i, $j] = [(int) round($x / $scale), (int) round($y / $scale)];
            $this->looks = [
                $this->looks[0]->now($frames[0], $i, $j, self::FOUND),
                $this->looks[1]->now($frames[1], intdiv($i, 2), intdiv($j, 2), self::FOUND),
            ];
        }

        return [($x + 0.5) / $frame->wide - 0.5, ($y + 0.5) / $frame->high - 0.5, $like];
    }

    /**
     * Where it is most likely, if it is so large now.
     *
     * @param  array{float, float}  $want  where it should be
     * @return array{float, float, float, float, array{Patch, Patch}} place, likeness and size, and the frame in which
     *   it is as large as it was
     */
    private function at(Patch $frame, ?Patch $colours, array $want, float $scale): array
    {
        $copy = $frame->resized(1 / $scale);
        $frames = [$copy, $copy->halved()];
        $window = self::WINDOW * $copy->wide;
        $want = [$want[0] / $scale, $want[1] / $scale];
        $found = $this->best(
            $frames,
            $colours,
            [$want[0] - $window, $want[1] - $window, $want[0] + $window, $want[1] + $window],
            $want,
        );
        if ($found[2] < self::LIKELY || $this->missed >= self::LONG_AGO) {
            // It may be anywhere; but then it has to be more like it by a margin.
            $anywhere = $this->best($frames, $colours, [0, 0, $copy->wide, $copy->high], $want);
            $found = $anywhere[2] > $found[2] + self::MARGIN || $found[2] < self::FOUND ? $anywhere : $found;
        }

        return [$found[0] * $scale, $found[1] * $scale, $found[2], $scale, $frames];
    }

    /**
     * The same of another size, close to where it was found.
     *
     * @param  array{float, float, float, float, array{Patch, Patch}}  $found
     * @return array{float, float, float, float, array{Patch, Patch}}
     */
    private function near(Patch $frame, ?Patch $colours, array $found, float $scale): array
    {
        $copy = $frame->resized(1 / $scale);
        $frames = [$copy, $copy->halved()];
        $want = [$found[0] / $scale, $found[1] / $scale];
        $best = $this->best($frames, $colours, [$want[0] - 4, $want[1] - 4, $want[0] + 4, $want[1] + 4], $want);

        return [$best[0] * $scale, $best[1] * $scale, $best[2], $scale, $frames];
    }

    /**
     * @param  array{Patch, Patch}  $frames
     * @param  array{float|int, float|int, float|int, float|int}  $within  left, top, right and bottom
     * @param  array{float, float}  $want  where it should be
     * @return array{int, int, float} place and likeness of the best
     */
    private function best(array $frames, ?Patch $colours, array $within, array $want): array
    {
        $edge = intdiv(Look::SIDE, 2);
        // The smaller copy must have room around it too.
        $room = 2 * $edge + 2;
        [$left, $top, $right, $bottom] = [
            (int) max($edge, $within[0]),
            (int) max($edge, $within[1]),
            (int) min($frames[0]->wide - $edge - 1, $within[2]),
            (int) min($frames[0]->high - $edge - 1, $within[3]),
        ];
        $away = self::AWAY / (1 + $this->missed) / $frames[0]->wide;
        $free = self::WELL_OFF * $frames[0]->wide;
        [$score, $atX, $atY, $like] = [
            -INF,
            (int) round(max($edge, min($frames[0]->wide - $edge - 1, $want[0]))),
            (int) round(max($edge, min($frames[0]->high - $edge - 1, $want[1]))),
            -1.0,
        ];
        // Every second place first, then around the best.
        for ($y = $top; $y <= $bottom; $y += 2) {
            for ($x = $left; $x <= $right; $x += 2) {
                $one = $this->likeness($frames, $colours, $x, $y, $room);
                $here = $one - $away * max(0.0, hypot($x - $want[0], $y - $want[1]) - $free);
                if ($here > $score) {
                    [$score, $atX, $atY, $like] = [$here, $x, $y, $one];
                }
            }
        }
        [$fromX, $fromY] = [$atX, $atY];
        for ($y = max($top, $fromY - 1); $y <= min($bottom, $fromY + 1); $y++) {
            for ($x = max($left, $fromX - 1); $x <= min($right, $fromX + 1); $x++) {
                $one = $this->likeness($frames, $colours, $x, $y, $room);
                if ($one > $like) {
                    [$atX, $atY, $like] = [$x, $y, $one];
                }
            }
        }

        return [$atX, $atY, $like];
    }

    /** @param  array{Patch, Patch}  $frames */
    private function likeness(array $frames, ?Patch $colours, int $x, int $y, int $room): float
    {
        $like = $this->looks[0]->likeness($frames[0], $x, $y);
        if ($x >= $room && $y >= $room && $x < $frames[0]->wide - $room && $y < $frames[0]->high - $room) {
            $like = ($like + $this->looks[1]->likeness($frames[1], intdiv($x, 2), intdiv($y, 2))) / 2;
        }
        // What its colours cannot make worse than it is need not be looked at.
        if ($colours === null || $like < self::FOUND) {
            return $like;
        }

        $there = self::colour(
            $colours,
            ($x + 0.5) / $frames[0]->wide,
            ($y + 0.5) / $frames[0]->high,
            self::AROUND / $frames[0]->wide,
        );
        if ($this->coloured >= self::OWN_COLOURS && $there < self::LEAST_OF_THEM * $this->coloured) {
            return -1.0;
        }

        return $like + self::COLOUR * min(0.0, $there - max(0.0, $this->coloured));
    }

    /**
     * How much there is of its colours around a place: shares of the width and of the height, and how far around as a
     * share of the width.
     */
    private static function colour(Patch $colours, float $x, float $y, float $around): float
    {
        [$cx, $cy, $reach] = [$x * $colours->wide, $y * $colours->high, max(1.0, $around * $colours->wide)];
        $sum = 0.0;
        $count = 0;
        for ($j = (int) max(0, $cy - $reach); $j <= min($colours->high - 1, $cy + $reach); $j++) {
            for ($i = (int) max(0, $cx - $reach); $i <= min($colours->wide - 1, $cx + $reach); $i++) {
                $sum += $colours->light[$j * $colours->wide + $i];
                $count++;
            }
        }

        return $count === 0 ? -1.0 : $sum / $count;
    }
}
