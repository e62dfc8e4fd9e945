<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Support\Facades\Crypt;

/** What a mailed link carries: some fields, sealed, good for a day, written so that it can stand in an address. */
final class LinkToken
{
    /**
     * @param  string  $for  what the link is for; it is good for nothing else
     * @param  array<string, mixed>  $fields
     */
    public static function seal(string $for, array $fields): string
    {
        return rtrim(
            strtr(Crypt::encrypt([...$fields, 'for' => $for, 'until' => now()->addDay()->timestamp]), '+/', '-_'),
            '=',
        );
    }

    /** @return array<string, mixed>|null its fields; null when it is not whole, for something else, or too old */
    public static function open(string $for, string $token): ?array
    {
        try {
            $fields = Crypt::decrypt(strtr($token, '-_', '+/'));
        } catch (DecryptException) {
            return null;
        }
        if (
            ! is_array($fields) ||
            ($fields['for'] ?? null) !== $for ||
            ! is_int($fields['until'] ?? null) ||
            $fields['until'] < now()->timestamp
        ) {
            return null;
        }
        /** @var array<string, mixed> $fields */

        return $fields;
    }
}
