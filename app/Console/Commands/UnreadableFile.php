<?php

declare(strict_types=1);

namespace App\Console\Commands;

use RuntimeException;

final class UnreadableFile extends RuntimeException
{
}
