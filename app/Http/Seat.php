<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use Illuminate\Support\Facades\Cookie;

/**
 * Which of several servers somebody's requests go to, so that all they ask comes to one pool and what is newer
 * overtakes what is older. It says nothing of the person and opens nothing; whoever stands in front of the servers
 * reads it (docs/deploy.md).
 */
final class Seat
{
    public const COOKIE = 'seat';

    private const MINUTES = 30 * 24 * 60;

    public static function give(User $person): void
    {
        $key = config('app.key');
        Cookie::queue(
            self::COOKIE,
            substr(hash_hmac('sha256', "seat $person->id", is_string($key) ? $key : ''), 0, 16),
            self::MINUTES,
        );
    }

    public static function takeBack(): void
    {
        Cookie::expire(self::COOKIE);
    }
}
