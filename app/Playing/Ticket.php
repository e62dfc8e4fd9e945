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

    private bool $left = false;

    /** @param  Closure(self): void  $forget */
    public function __construct(public readonly Work $work, public readonly int $turn, private readonly Closure $forget)
    {
        $this->name = bin2hex(random_bytes(16));
        $work->joined();
    }

    /** Something newer was asked; whoever comes with this is told so. */
    public function overtake(): void
    {
        $this->overtaken = true;
        $this->leave();
        $this->work->changed();
    }

    /** Nobody waits with it any more, nor will. */
    public function giveBack(): void
    {
        $this->leave();
        ($this->forget)($this);
    }

    private function leave(): void
    {
        if (! $this->left) {
            $this->left = true;
            $this->work->left();
        }
    }
}
