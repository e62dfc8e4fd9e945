<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/**
 * Where the focus points of a body with a mirror lie, as rectangles around the middle of the frame: all points, within
 * them those that measure lines of two directions, and within those the star points that measure four.
 */
final readonly class PointLayout
{
    /**
     * All sizes are shares of the frame's width or height, 0 to 1; an inner rectangle may be empty.
     *
     * @param  LineDirection  $outer  what the points outside the two-way part measure
     */
    public function __construct(
        public float $width = 0.55,
        public float $height = 0.45,
        public float $twoWayWidth = 0.28,
        public float $twoWayHeight = 0.45,
        public float $starWidth = 0.06,
        public float $starHeight = 0.1,
        public LineDirection $outer = LineDirection::Upright,
    ) {
        Range::of(0.05, 1, 'of the frame')->check('kit.body.points.width', $width);
        Range::of(0.05, 1, 'of the frame')->check('kit.body.points.height', $height);
        Range::depending(0, $width, 'of the frame')->check('kit.body.points.two_way_width', $twoWayWidth);
        Range::depending(0, $height, 'of the frame')->check('kit.body.points.two_way_height', $twoWayHeight);
        Range::depending(0, $width, 'of the frame')->check('kit.body.points.star_width', $starWidth);
        Range::depending(0, $height, 'of the frame')->check('kit.body.points.star_height', $starHeight);
    }

    /**
     * Share of an area that lies on points of one direction only, 0 to 1.
     *
     * @param  array{float, float}  $at  its middle from the middle of the frame, frame widths and heights
     */
    public function oneWayShare(AreaShape $shape, array $at): float
    {
        return 1 - self::overlap($shape, $at, $this->twoWayWidth, $this->twoWayHeight);
    }

    /**
     * Whether an area lies on star points for the most part.
     *
     * @param  array{float, float}  $at
     */
    public function isStar(AreaShape $shape, array $at): bool
    {
        return self::overlap($shape, $at, $this->starWidth, $this->starHeight) > 0.5;
    }

    /**
     * How far from the middle of the frame an area can be put, frame widths and heights.
     *
     * @return array{float, float}
     */
    public function room(AreaShape $shape): array
    {
        return [max(0.0, ($this->width - $shape->width) / 2), max(0.0, ($this->height - $shape->height) / 2)];
    }

    /** @param  array{float, float}  $at */
    private static function overlap(AreaShape $shape, array $at, float $width, float $height): float
    {
        $along = static fn (float $middle, float $size, float $limit): float => max(
            0.0,
            min($middle + $size / 2, $limit / 2) - max($middle - $size / 2, -$limit / 2),
        ) / $size;

        return $along($at[0], $shape->width, $width) * $along($at[1], $shape->height, $height);
    }
}
