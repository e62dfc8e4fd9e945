<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Quantity;
use RushHold\Said;

/**
 * Wordings that say something of the way, the surroundings, the light or the person. Of two that speak of one field the
 * first of the grammar holds.
 */
final readonly class Phrases
{
    public function __construct(private Grammar $grammar)
    {
    }

    public function read(TypedLine $line): void
    {
        foreach ($this->grammar->phrases() as [$meaning, $pattern]) {
            self::one($line, $pattern, $meaning);
        }
        $this->clutter($line);
        foreach ($this->grammar->laterPhrases() as [$meaning, $pattern]) {
            self::one($line, $pattern, $meaning);
        }
    }

    private static function one(TypedLine $line, string $pattern, string $meaning): void
    {
        $pattern = "(?<![\\p{L}\\d'’-])(?:$pattern)(?![\\p{L}\\d'’])";
        // Said twice in other words it is the same.
        while (($found = $line->find($pattern)) !== null) {
            foreach (Meanings::of($meaning) as [$field, $value, $says]) {
                $line->understand(new Piece($found[0], $found[1], $field, $value, $says));
            }
            $line->take($found[0], $found[1]);
        }
    }

    private function clutter(TypedLine $line): void
    {
        $thick = implode('|', array_keys($this->grammar->thick()));
        foreach ($this->grammar->plants() as $plants => [$share, $ratio]) {
            $found = $line->find(strtr($this->grammar->amount('clutter'), ['%t' => $thick, '%p' => $plants]));
            if ($found !== null) {
                foreach ($this->grammar->thick() as $words => $factor) {
                    $share *= preg_match("~^(?:$words)$~iu", $found[2]['thick'] ?? '') === 1 ? $factor : 1;
                }
                $line->understand(
                    new Piece(
                        $found[0],
                        $found[1],
                        'scene.front_clutter',
                        round($share, 2),
                        Said::of('read.clutter', covered: Quantity::share($share)),
                    ),
                );
                $line->understand(new Piece($found[0], $found[1], 'scene.front_ratio', $ratio));
            }
        }
    }
}
