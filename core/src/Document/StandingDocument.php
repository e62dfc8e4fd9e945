<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Planning\Standing;
use RushHold\Refused;

/** How a camera stands now, as a document: the fields of a hold, any of them left out, and `manual_switch`. */
final class StandingDocument
{
    /** @throws Refused if a field is unknown, of the wrong type or out of range */
    public static function read(mixed $document): Standing
    {
        $top = Fields::of($document);
        $top->text('format', HoldDocument::FORMAT);
        $known = HoldDocument::fields($top);
        $switch = $top->flag('manual_switch', false);
        $top->done();

        return Standing::of($known, $switch);
    }
}
