<?php

declare(strict_types=1);

namespace App\Playing;

/** What the pool takes on. */
final readonly class Limits
{
    /**
     * @param  int  $players  processes that play: one for each core
     * @param  int  $leads  questions worked on at the same time
     * @param  int  $perPerson  of these for one person
     * @param  int  $openPerPerson  questions one person may have open, waiting or worked on
     * @param  int  $open  questions open in all
     * @param  float  $seconds  a question may take, once it is worked on
     * @param  int  $keptBytes  of answers kept for the same question
     */
    public function __construct(
        public int $players,
        public int $leads = 4,
        public int $perPerson = 2,
        public int $openPerPerson = 12,
        public int $open = 200,
        public float $seconds = 45.0,
        public int $keptBytes = 32_000_000,
    ) {
    }
}
