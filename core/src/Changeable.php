<?php

declare(strict_types=1);

namespace RushHold;

/** For values whose properties are just the parameters of their constructor: copies with some of them changed. */
trait Changeable
{
    /** The same with some properties changed, by their names; the constructor checks them as ever. */
    public function with(mixed ...$changes): self
    {
        // @phpstan-ignore argument.type (PHP checks the named arguments against the constructor)
        return new self(...[...get_object_vars($this), ...$changes]);
    }
}
