<?php

declare(strict_types=1);

namespace App\Playing;

use RuntimeException;

/** A question that cannot be meant, with the sentence for whoever asked: what crosses from one process to another. */
final class Unanswerable extends RuntimeException
{
}
