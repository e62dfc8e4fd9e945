<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Document\DayDocument;
use RushHold\Focus\Stage;
use RushHold\Outing\Outing;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Units;

/** What an outing is worth at which hour, and in which order. */
final readonly class DayQuestion implements Question
{
    public function __construct(private Outing $outing, private Units $units)
    {
    }

    public function answer(Stage $stage, Closure $early): string
    {
        return $this->written(
            Worth::of($this->outing, $stage, function (Worth $first) use ($early): void {
                $early($this->written($first));
            }),
        );
    }

    private function written(Worth $worth): string
    {
        return json_encode(
            DayDocument::write(Programme::of($this->outing, $worth), $this->units),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
