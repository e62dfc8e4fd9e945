<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Document\RushDocument;
use RushHold\Refused;

/** A rush made of a line. */
final readonly class Understood
{
    /**
     * @param  array<string, mixed>  $document  as {@see RushDocument} reads it
     * @param  list<Piece>  $pieces  what is in it, in the order of the line
     * @param  list<array{text: string, at: int, because: Refused|null}>  $notUnderstood  words, with the reason where
     *   one is known
     * @param  bool  $saysWho  whether the line says who is coming; where it does not, nothing is to be planned before
     *   somebody has
     * @param  array<string, array<string, mixed>>  $likely  profiles of those it may be, by id, the likeliest first
     */
    public function __construct(
        public array $document,
        public array $pieces,
        public array $notUnderstood,
        public bool $saysWho = true,
        public array $likely = [],
    ) {
    }
}
