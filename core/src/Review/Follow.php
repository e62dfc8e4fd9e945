<?php

declare(strict_types=1);

namespace RushHold\Review;

/**
 * Finds what was marked in one frame of a burst again in the next, by normalised cross-correlation on small copies, closely and
 * from a little farther off: what is small or crisp is known by the one, what is large or blurred by the other.
 *
 * What it looks for is what was marked, and what it looked like when it was last found for certain, since it turns and
 * grows on its way. Nearer to where it should be counts for a little.
 */
final class Follow
{
    /** Small copies are so wide, pixels. */
    public const WIDE = 480;

    /** Likeness, −1 to 1, from which it is found, and from which it is certain. */
    private const FOUND = 0.52;

    private const CERTAIN = 0.72;

    /** Less like it than this it is looked for in the whole frame, where it has to be more like it by so much. */
    private const LIKELY = 0.64;

    private const MARGIN = 0.08;

    /** What a frame's width away from where it should be costs in likeness, beyond what it may well be off. */
    private const AWAY = 0.8;

    private const WELL_OFF = 0.025;

    /** It is looked for so far around where it should be, as a share of the width. */
    private const WINDOW = 0.12;

    /** @var array{Look, Look} close up, and on a copy half as large */
    private array $looks;

    private float $vx = 0.0;

    private float $vy = 0.0;

    /** @var int frames since it was found */
    private int $missed = 0;

    private function __construct(private float $x, private float $y, Patch $frame)
    {
        $this->looks = [Look::at($frame, (int) round($x), (int) round($y)), Look::at($frame->halved(), (int) round($x / 2), (int) round($y / 2))];
    }

    /**
     * @param  Patch  $frame  a small copy
     * @param  float  $x  where the subject is, in widths from the centre to the right
     * @param  float  $y  in heights, down
     */
    public static function marked(Patch $frame, float $x, float $y): self
    {
        return new self(($x + 0.5) * $frame->wide, ($y + 0.5) * $frame->high, $frame);
    }

    /**
     * @param  Patch  $frame  a small copy of the same size
     * @return array{float, float, float}|null where it is in widths and heights from the centre, and the likeness; null where it is not found
     */
    public function in(Patch $frame): ?array
    {
        $frames = [$frame, $frame->halved()];
        $steps = 1 + $this->missed;
        $want = [$this->x + $this->vx * $steps, $this->y + $this->vy * $steps];
        $window = self::WINDOW * $frame->wide;
        $found = $this->best($frames, [$want[0] - $window, $want[1] - $window, $want[0] + $window, $want[1] + $window], $want);
        if ($found[2] < self::LIKELY) {
            // It may be anywhere; but then it has to be more like it by a margin.
            $anywhere = $this->best($frames, [0, 0, $frame->wide, $frame->high], $want);
            $found = $anywhere[2] > $found[2] + self::MARGIN || $found[2] < self::FOUND ? $anywhere : $found;
        }
        [$x, $y, $like] = $found;
        if ($like < self::FOUND) {
            $this->missed++;

            return null;
        }
        $this->vx = 0.5 * $this->vx + 0.5 * ($x - $this->x) / $steps;
        $this->vy = 0.5 * $this->vy + 0.5 * ($y - $this->y) / $steps;
        [$this->x, $this->y, $this->missed] = [(float) $x, (float) $y, 0];
        if ($like > self::CERTAIN) {
            $this->looks = [$this->looks[0]->now($frames[0], $x, $y, self::FOUND), $this->looks[1]->now($frames[1], intdiv($x, 2), intdiv($y, 2), self::FOUND)];
        }

        return [($x + 0.5) / $frame->wide - 0.5, ($y + 0.5) / $frame->high - 0.5, $like];
    }

    /**
     * @param  array{Patch, Patch}  $frames
     * @param  array{float|int, float|int, float|int, float|int}  $within  left, top, right and bottom
     * @param  array{float, float}  $want  where it should be
     * @return array{int, int, float} place and likeness of the best
     */
    private function best(array $frames, array $within, array $want): array
    {
        $edge = intdiv(Look::SIDE, 2);
        // The smaller copy must have room around it too.
        $room = 2 * $edge + 2;
        [$left, $top, $right, $bottom] = [(int) max($edge, $within[0]), (int) max($edge, $within[1]), (int) min($frames[0]->wide - $edge - 1, $within[2]), (int) min($frames[0]->high - $edge - 1, $within[3])];
        $away = self::AWAY / (1 + $this->missed) / $frames[0]->wide;
        $free = self::WELL_OFF * $frames[0]->wide;
        [$score, $atX, $atY, $like] = [-INF, 0, 0, -1.0];
        // Every second place first, then around the best.
        for ($y = $top; $y <= $bottom; $y += 2) {
            for ($x = $left; $x <= $right; $x += 2) {
                $one = $this->likeness($frames, $x, $y, $room);
                $here = $one - $away * max(0.0, hypot($x - $want[0], $y - $want[1]) - $free);
                if ($here > $score) {
                    [$score, $atX, $atY, $like] = [$here, $x, $y, $one];
                }
            }
        }
        [$fromX, $fromY] = [$atX, $atY];
        for ($y = max($top, $fromY - 1); $y <= min($bottom, $fromY + 1); $y++) {
            for ($x = max($left, $fromX - 1); $x <= min($right, $fromX + 1); $x++) {
                $one = $this->likeness($frames, $x, $y, $room);
                if ($one > $like) {
                    [$atX, $atY, $like] = [$x, $y, $one];
                }
            }
        }

        return [$atX, $atY, $like];
    }

    /** @param  array{Patch, Patch}  $frames */
    private function likeness(array $frames, int $x, int $y, int $room): float
    {
        $close = $this->looks[0]->likeness($frames[0], $x, $y);
        if ($x < $room || $y < $room || $x >= $frames[0]->wide - $room || $y >= $frames[0]->high - $room) {
            return $close;
        }

        return ($close + $this->looks[1]->likeness($frames[1], intdiv($x, 2), intdiv($y, 2))) / 2;
    }
}
