<?php

declare(strict_types=1);

namespace App\Playing;

use RuntimeException;

/** The pool does not take a question on, or has stopped working on it; says why in a sentence for whoever asked. */
final class TurnedAway extends RuntimeException
{
    public function __construct(public readonly int $status, string $message)
    {
        parent::__construct($message);
    }
}
