<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Causes\Inquiry;
use RushHold\Document\CauseDocument;
use RushHold\Focus\Stage;
use RushHold\Record\LoggedBurst;
use RushHold\Units;

/** What went wrong in a burst. */
final readonly class CauseQuestion implements Question
{
    public function __construct(private LoggedBurst $burst, private Units $units)
    {
    }

    public function answer(Stage $stage, Closure $early): string
    {
        return json_encode(
            CauseDocument::write(Inquiry::into($this->burst, $stage), $this->units),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
