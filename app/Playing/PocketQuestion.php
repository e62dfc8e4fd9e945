<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Document\PocketDocument;
use RushHold\Focus\Stage;
use RushHold\Outing\Outing;
use RushHold\Outing\Pocket;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Planning\PartOf;
use RushHold\Rush\Subject;
use RushHold\Units;

/** The pocket table of an outing. */
final readonly class PocketQuestion implements Question
{
    /** @param  list<array{subject: Subject, speedMps: float}>  $others  that may come by as well */
    public function __construct(private Outing $outing, private array $others, private Units $units)
    {
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $programme = Programme::of($this->outing, Worth::of($this->outing, new PartOf($stage)));

        return json_encode(
            PocketDocument::write(Pocket::of($programme, $this->others, $stage), $this->units),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
