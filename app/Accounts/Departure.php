<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\User;
use App\Pictures\Store;
use Illuminate\Contracts\Session\Session;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

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
            // Rushes, kit and pictures go with the account.
            $person->delete();
        });
        Store::forget($person->id);
    }

    /** All sessions but this one, wherever they are kept, devices that stay signed in, and tokens. */
    public static function fromElsewhere(User $person, ?Session $here): void
    {
        DB::transaction(function () use ($person, $here): void {
            $person->forceFill(['session_key' => Str::random(20), 'remember_token' => Str::random(60)])->save();
            $here?->put(User::SESSION_KEY, $person->session_key);
            DB::table('sessions')->where('user_id', $person->id)->where('id', '!=', (string) $here?->getId())->delete();
            DB::table('password_reset_tokens')->where('email', $person->email)->delete();
            $person->tokens()->delete();
        });
    }
}
