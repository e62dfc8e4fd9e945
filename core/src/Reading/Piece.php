<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Said;

/** A part of a line that was understood: where it stands, and what it says about which field of a rush. */
final readonly class Piece
{
    /**
     * @param  int  $at  first byte in the line
     * @param  string  $field  dotted, as in a rush document; `subject` for the whole subject
     * @param  Said|null  $says  what was understood; null where the value is found once the rest is known
     */
    public function __construct(
        public string $text,
        public int $at,
        public string $field,
        public mixed $value,
        public ?Said $says = null,
    ) {
    }
}
