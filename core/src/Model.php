<?php

declare(strict_types=1);

namespace RushHold;

/** The model as a whole: what the numbers come from. */
final class Model
{
    /**
     * Changes whenever the same question may get another answer, so that kept answers of an older model are not taken
     * for those of this one. A test says when it has to change.
     */
    public const VERSION = '2026-12-01.3';
}
