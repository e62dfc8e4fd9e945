<?php

declare(strict_types=1);

namespace App\Accounts;

use Normalizer;

/** E-mail addresses as accounts are found by them: one spelling for each, compared letter by letter. */
final class Address
{
    /** In small letters, composed, without space around it; what is no text is no address. */
    public static function of(mixed $given): string
    {
        if (! is_string($given)) {
            return '';
        }
        $composed = Normalizer::normalize(trim($given));

        return mb_strtolower($composed === false ? trim($given) : $composed);
    }
}
