<?php

declare(strict_types=1);

namespace RushHold;

use BackedEnum;

/** A closed set of words, each with what people read. */
interface Labelled extends BackedEnum
{
    public function label(): string;
}
