<?php

declare(strict_types=1);

namespace App\Models;

use Closure;
use Illuminate\Support\Facades\Validator;
use Normalizer;
use RushHold\Words\Words;

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

    /** As an address is kept: with nothing around it, in small letters. */
    public static function rule(): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail): void {
            Validator::make(['email' => self::of($value)], ['email' => 'email'])->fails() &&
                $fail(Words::text('models.address.that-does-not-look-like'));
        };
    }
}
