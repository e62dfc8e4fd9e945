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

/** @return array<string, string> what the screens say, by part and key */
function saidOnScreens(): array
{
    $said = [];
    foreach (glob(dirname(__DIR__, 2).'/lang/en/web/*.json') ?: [] as $file) {
        $messages = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
        foreach ($messages as $key => $message) {
            $said[basename($file, '.json').".$key"] = $message;
        }
    }

    return $said;
}

it('says one thing by one name', function (string $word, string $instead): void {
    $found = array_filter(
        [...Words::catalogue(), ...saidOnScreens()],
        static fn (string $message): bool => preg_match(
            "~(?<![\\w{])(?:$word)(?!\\w)~iu",
            (string) preg_replace('~\{\w+[,}]|</?\w+>~', '', $message),
        ) === 1,
    );
    expect($found)->toBe([], "say: $instead");
})->with(array_map(null, array_keys(GIVEN_WAY), GIVEN_WAY));
