<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Foundation\Events\Dispatchable;

/** Something was logged, corrected or deleted, by whichever door: whoever learns from the log looks again. */
final readonly class LogChanged
{
    use Dispatchable;

    public function __construct(public int $person)
    {
    }
}
