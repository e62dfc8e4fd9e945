<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Said;

/** What the rules made of one setting: the value chosen, why, and why not each other. */
final readonly class Judgement
{
    /**
     * @param  string|int  $value  as documents spell it
     * @param  list<Alternative>  $alternatives  best first
     */
    public function __construct(
        public string|int $value,
        public Said $reason,
        public array $alternatives,
        public string $ruleId,
    ) {
    }
}
