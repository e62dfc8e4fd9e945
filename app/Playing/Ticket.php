<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;

/** The right to one answer: for whoever asked, unless they ask something newer or leave. */
final class Ticket
{
    /** Not to be guessed: whoever has it gets the answer. */
    public readonly string $name;

    public bool $overtaken = false;

    /** Somebody stands at the counter with it. */
    public bool $followed = false;

    private bool $returned = false;

    /** @param  Closure(self): void  $forget */
    public function __construct(public readonly Work $work, public readonly int $turn, private readonly Closure $forget)
    {
        $this->name = bin2hex(random_bytes(16));
        $work->joined();
    }

    public function overtake(): void
    {
        $this->overtaken = true;
        $this->work->changed();
        $this->giveBack();
    }

    /** Nobody waits with it any more. */
    public function giveBack(): void
    {
        if (! $this->returned) {
            $this->returned = true;
            ($this->forget)($this);
            $this->work->left();
        }
    }
}
