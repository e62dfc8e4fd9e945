<?php

declare(strict_types=1);

namespace RushHold;

use BackedEnum;

/** A closed set of words; what people read for each stands in the catalogue of words. */
interface Labelled extends BackedEnum
{
}
