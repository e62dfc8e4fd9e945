<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;

/**
 * The letters an account sends, as plain text. Their links lead to the address the application was told it has, whoever
 * asks.
 */
final class Letters
{
    public static function newPassword(string $email, string $token): void
    {
        self::send(
            $email,
            'Reset your Rush Hold password',
            "Someone, probably you, asked to reset your password.\n\nChoose a new one within an hour:\n".
                self::link("reset-password/$token?email=".urlencode($email)).
                "\n\nIf it was not you, do nothing; your password stays as it is.\n",
        );
    }

    public static function confirm(string $email, string $token): void
    {
        self::send(
            $email,
            'Your account at Rush Hold',
            "Someone, probably you, wants to create an account at Rush Hold with this address.\n\nOpen it here within a day:\n".
                self::link("confirm/$token").
                "\n\nIf it was not you, do nothing; there will be no account.\n",
        );
    }

    public static function newAddress(string $email, string $token): void
    {
        self::send(
            $email,
            'Your new address at Rush Hold',
            "Someone, probably you, wants to use this email address for an account at Rush Hold.\n\nConfirm it here within a day:\n".
                self::link("confirm-address/$token").
                "\n\nIf it was not you, do nothing; nothing changes.\n",
        );
    }

    public static function hasAccount(string $email): void
    {
        self::send(
            $email,
            'Your account at Rush Hold',
            "Someone, probably you, wants to create an account at Rush Hold with this address, which has one already.\n\nSign in here:\n".
                self::link('sign-in').
                "\n\nOr choose a new password:\n".
                self::link('forgotten-password').
                "\n\nIf it was not you, do nothing.\n",
        );
    }

    public static function link(string $path): string
    {
        $base = config('app.url');

        return rtrim(is_string($base) ? $base : '', '/').'/'.$path;
    }

    private static function send(string $email, string $subject, string $text): void
    {
        Mail::raw($text, fn (Message $mail) => $mail->to($email)->subject($subject));
    }
}
