<?php

declare(strict_types=1);

namespace App\Accounts;

use Illuminate\Contracts\Validation\UncompromisedVerifier;

/**
 * Knows the passwords that are guessed first, from a list that ships with the application: no service is asked.
 * Laravel's password rule calls it.
 */
final class CommonPasswords implements UncompromisedVerifier
{
    /** Letters that figures and signs stand for. */
    private const FIGURES = [
        '0' => 'o',
        '1' => 'i',
        '3' => 'e',
        '4' => 'a',
        '5' => 's',
        '7' => 't',
        '@' => 'a',
        '$' => 's',
        '!' => 'i',
    ];

    /** Keys that follow each other on a keyboard, or in the alphabet. */
    private const ROWS = [
        'abcdefghijklmnopqrstuvwxyz',
        '01234567890',
        'qwertyuiopasdfghjklzxcvbnm',
        'qwertzuiopasdfghjklyxcvbnm',
        'azertyuiopqsdfghjklmwxcvbn',
        '1q2w3e4r5t6y7u8i9o0p',
        '1qaz2wsx3edc4rfv5tgb6yhn7ujm8ik',
    ];

    /** Letters that are left when what is guessed first is taken away; fewer make a word of its own of nothing. */
    private const OWN = 4;

    /** @param  array{value: string, threshold: int}  $data */
    public function verify($data): bool
    {
        $password = mb_strtolower((string) $data['value']);
        // One thing again and again, or two letters in turns.
        if (
            preg_match('/^(.{1,4}?)\1+(.{0,3})$/su', $password) === 1 ||
            count(array_unique(mb_str_split($password))) < 4
        ) {
            return false;
        }
        $letters = (string) preg_replace('/[^a-z]/', '', strtr($password, self::FIGURES));
        $plain = (string) preg_replace('/[^a-z]/', '', $password);

        return strlen(self::own($password)) >= self::OWN &&
            min(strlen(self::own($letters)), strlen(self::own($plain))) >=
                (preg_match('/[a-z]/', $password) === 1 ? self::OWN : 0);
    }

    /** What is left without common words and runs of keys. */
    private static function own(string $password): string
    {
        foreach (self::words() as $word) {
            $password = str_replace($word, '', $password);
        }
        foreach (self::ROWS as $row) {
            foreach ([$row, strrev($row)] as $keys) {
                for ($length = min(strlen($keys), strlen($password)); $length >= 4; $length--) {
                    for ($from = 0; $from + $length <= strlen($keys); $from++) {
                        $password = str_replace(substr($keys, $from, $length), '', $password);
                    }
                }
            }
        }

        // Years and the signs that are put at the end.
        return (string) preg_replace(['/(19|20)\d\d/', '/[^\p{L}\d]+$/u'], '', $password);
    }

    /** @return list<string> the longest first */
    private static function words(): array
    {
        static $words = null;
        if ($words === null) {
            $words = file(resource_path('common-passwords.txt'), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
            usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        }

        return $words;
    }
}
