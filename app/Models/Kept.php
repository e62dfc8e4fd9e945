<?php

declare(strict_types=1);

namespace App\Models;

/** What a person keeps: it counts against their quota, and has versions so that no change is lost to another. */
interface Kept
{
    /** @return array{rushes?: int, kit?: int, outings?: int} what one more of it adds to an account */
    public function counts(): array;
}
