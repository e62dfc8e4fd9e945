<?php

declare(strict_types=1);

use RushHold\Words\Words;

/*
 * One name for one thing: what a person reads says neither of the words that have given way to another.
 */

/** Words that are not said any more, as patterns without case, each with what is said instead. */
const GIVEN_WAY = [
    'set-?ups?' => 'hold',
    'extenders?' => 'teleconverter',
    'range (switch|limit)' => 'focus limiter',
    'aim parts?' => 'aim point',
    'smear(s|ed|ing)?' => 'motion blur, or streaks',
    'grey filter' => 'ND filter',
    'moving head' => 'gimbal or fluid head',
    'hand-held|by hand: ' => 'handheld; manual: prefocus, pull, follow',
    'wide(r|st) opening' => 'larger aperture',
    'letters? (is|are) sent|unwanted mail' => 'email',
    'take(n)? in a table|taken in' => 'import',
    'the bench' => 'calibration',
    'rungs?' => 'level',
    'stand-in( camera)?' => 'simulated camera',
    'turns of practice' => 'rounds',
    'somebody, probably' => 'someone, probably',
    'nought' => 'zero',
];

/** Every literal of the screens that a person may read, as far as it stands between quotes or tags. */
function sentencesOf(string $code): array
{
    $code = (string) preg_replace(['~/\*.*?\*/~s', '~(?<=\s)//[^\n]*~', '~^import .*$~m'], '', $code);
    preg_match_all('~>([^<>{}]*[A-Za-z]{3}[^<>{}]*)<~', $code, $text);
    preg_match_all('~[\'"`]([A-Z][^\'"`\n]* [^\'"`\n]*)[\'"`]~', $code, $quoted);

    return [...$text[1], ...$quoted[1]];
}

it('says one thing by one name in the catalogue', function (string $word, string $instead): void {
    $found = array_filter(
        Words::catalogue(),
        static fn (string $message): bool => preg_match("~(?<![\\w{])(?:$word)(?!\\w)~iu", (string) preg_replace('~\{\w+[,}]~', '', $message)) === 1,
    );
    expect($found)->toBe([], "say: $instead");
})->with(array_map(null, array_keys(GIVEN_WAY), GIVEN_WAY));

it('says one thing by one name on the screens', function (string $word, string $instead): void {
    $found = [];
    $screens = dirname(__DIR__, 2).'/resources/js';
    foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($screens)) as $file) {
        if (! str_ends_with((string) $file, '.tsx') || str_ends_with((string) $file, '.test.tsx')) {
            continue;
        }
        foreach (sentencesOf((string) file_get_contents((string) $file)) as $sentence) {
            preg_match("~(?<![\\w{\$-])(?:$word)(?![\\w-])~iu", $sentence) === 1 && ($found[] = basename((string) $file).': '.trim($sentence));
        }
    }
    expect($found)->toBe([], "say: $instead");
})->with(array_map(null, array_keys(GIVEN_WAY), GIVEN_WAY));
