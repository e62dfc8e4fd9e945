<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Kit\Kit;

/**
 * The `kit` part of a rush document; whatever is left out comes from the sample kit. The ids say which of their owner's
 * body and lens these are copies of.
 */
final class KitDocument
{
    public static function read(Fields $top): Kit
    {
        $f = $top->object('kit');
        $body = $f->object('body');
        $lens = $f->object('lens');
        $kit = new Kit(BodyDocument::fields($body), LensDocument::fields($lens), $f->number('extender', 1.0));
        $f->keep('body', $body->done());
        $f->keep('lens', $lens->done());
        $f->optionalText('body_id', 40);
        $f->optionalText('lens_id', 40);
        $top->keep('kit', $f->done());

        return $kit;
    }
}
