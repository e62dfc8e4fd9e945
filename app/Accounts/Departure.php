<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use Illuminate\Support\Facades\DB;

/** What goes when somebody leaves, and when they want to be nowhere else any more. */
final class Departure
{
    /** The account with all that belongs to it, for good. */
    public static function of(User $person): void
    {
        DB::transaction(function () use ($person): void {
            DB::table('sessions')->where('user_id', $person->id)->delete();
            DB::table('password_reset_tokens')->where('email', $person->email)->delete();
            $person->tokens()->delete();
            // Rushes and kit go with the account.
            $person->delete();
        });
    }

    /** All other sessions, devices that stay signed in, and tokens. */
    public static function fromElsewhere(User $person, ?string $session): void
    {
        DB::transaction(function () use ($person, $session): void {
            DB::table('sessions')->where('user_id', $person->id)->where('id', '!=', (string) $session)->delete();
            DB::table('password_reset_tokens')->where('email', $person->email)->delete();
            $person->tokens()->delete();
        });
    }
}
