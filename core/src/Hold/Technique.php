<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Labelled;

/** Who moves the focus: the body, or a hand in one of three ways. */
enum Technique: string implements Labelled
{
    case Auto = 'auto';
    /** Set once where the subject will be, and wait. */
    case Park = 'park';
    /** Sweep the ring one way while firing. */
    case Pull = 'pull';
    /** Work the ring along with the subject. */
    case Follow = 'follow';
}
