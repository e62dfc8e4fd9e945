<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use RushHold\Words\Words;

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
            Words::text('letter.password.subject'),
            Words::text('letter.password.text', [
                'link' => self::link("reset-password/$token?email=".urlencode($email)),
            ]),
        );
    }

    public static function confirm(string $email, string $token): void
    {
        self::send(
            $email,
            Words::text('letter.confirm.subject'),
            Words::text('letter.confirm.text', ['link' => self::link("confirm/$token")]),
        );
    }

    public static function newAddress(string $email, string $token): void
    {
        self::send(
            $email,
            Words::text('letter.address.subject'),
            Words::text('letter.address.text', [
                'link' => self::link("confirm-address/$token"),
            ]),
        );
    }

    public static function hasAccount(string $email): void
    {
        self::send(
            $email,
            Words::text('letter.confirm.subject'),
            Words::text('letter.known.text', [
                'link' => self::link('sign-in'),
                'reset' => self::link('forgotten-password'),
            ]),
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
