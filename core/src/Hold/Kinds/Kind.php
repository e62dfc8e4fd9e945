<?php

declare(strict_types=1);

namespace RushHold\Hold\Kinds;

use RushHold\Kit\Kit;
use RushHold\Refused;

/** What the values of a setting are: how documents spell them, what can be meant, and when two are the same. */
interface Kind
{
    /**
     * The value that a document means, or the value itself when it is one already.
     *
     * @param  string  $field  where it stands, for the error
     *
     * @throws Refused if it is of the wrong type, or outside what any camera has
     */
    public function read(string $field, mixed $value): mixed;

    /**
     * What documents may say, as schemas call it.
     *
     * @return array<string, mixed>
     */
    public function shape(): array;

    /**
     * @param  mixed  $value  as `read` gave it
     *
     * @throws Refused if this kit does not have it
     */
    public function check(string $field, mixed $value, Kit $kit): void;

    /**
     * @param  mixed  $value  as `read` gave it
     * @return string|float|bool|list<float|null>|null as documents spell it
     */
    public function write(mixed $value): string|float|bool|array|null;

    /** Whether somebody who wants the one would have to change the other. */
    public function differs(mixed $now, mixed $wanted): bool;
}
