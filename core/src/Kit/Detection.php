<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** The kind of subject the body looks for; a subject's own kind uses the same words. */
enum Detection: string implements Labelled
{
    case Bird = 'bird';
    case Animal = 'animal';
    case Person = 'person';
    case Vehicle = 'vehicle';
    case Off = 'off';
}
