<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Said;

/** Something that cannot be had here, with the ways out, the cheapest first. */
final readonly class Misfit
{
    /**
     * @param  string  $what  `light`, `depth`, `group`, `too-near`, `drive` or `frame`
     * @param  list<Said>  $waysOut
     */
    public function __construct(public string $what, public Said $sentence, public array $waysOut)
    {
    }
}
