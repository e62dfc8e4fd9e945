<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RuntimeException;

/** A newer question has taken the place of this one; nobody waits for the answer any more. */
final class Overtaken extends RuntimeException
{
}
