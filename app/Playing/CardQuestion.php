<?php

declare(strict_types=1);

namespace App\Playing;

use App\Outings\CardFile;
use Closure;
use RushHold\Document\CardDocument;
use RushHold\Focus\Stage;
use RushHold\Outing\Outing;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Units;

/** An outing as it is carried: on a phone, or as a file. */
final readonly class CardQuestion implements Question
{
    /** @param  CardFile|null  $file  null: the card itself */
    public function __construct(private Outing $outing, private Units $units, private ?CardFile $file = null)
    {
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $card = CardDocument::write(Programme::of($this->outing, Worth::of($this->outing, $stage)), $this->units);

        return json_encode(
            $this->file === null ? $card : $this->file->written($card),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
