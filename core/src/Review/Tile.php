<?php

declare(strict_types=1);

namespace RushHold\Review;

use RushHold\Blur\Ellipse;

/** A place in a frame and how it is blurred there. */
final readonly class Tile
{
    /**
     * @param  float  $x  of its middle, in widths from the centre to the right
     * @param  float  $y  in heights, down
     * @param  Ellipse|null  $ellipse  in pixels; null where there is nothing to go by
     */
    public function __construct(public float $x, public float $y, public ?Ellipse $ellipse)
    {
    }
}
