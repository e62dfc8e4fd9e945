<?php

declare(strict_types=1);

namespace App\Accounts;

use Normalizer;

/** E-mail addresses as accounts are found by them: one spelling for each, compared letter by letter. */
final class Address
{
    /** In small letters, composed, without space around it. */
    public static function of(string $given): string
    {
        $composed = Normalizer::normalize(trim($given));

        return mb_strtolower($composed === false ? trim($given) : $composed);
    }
}
