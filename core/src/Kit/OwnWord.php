<?php

declare(strict_types=1);

namespace RushHold\Kit;

/** What a person's camera calls something, and where it is found; an empty label means: none, do not ask again. */
final readonly class OwnWord
{
    public function __construct(public string $label, public string $where = '')
    {
    }
}
