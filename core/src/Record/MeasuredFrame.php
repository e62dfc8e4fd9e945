<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Blur\Ellipse;
use RushHold\Review\SharpWhere;

/** What is told of a frame of a burst that was measured. */
final readonly class MeasuredFrame
{
    /** @param  float|null  $tS  s from the first frame; null: its time is not known */
    public function __construct(
        public ?float $tS,
        public bool $kept,
        public ?Ellipse $ellipse,
        public ?SharpWhere $sharpWhere,
    ) {
    }
}
