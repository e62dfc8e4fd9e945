<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Words\Words;

/** Prints every sentence and label that people can meet, so that somebody can read them as a whole. */
final class ListWords extends Command
{
    protected $signature = 'words:list {part? : Only keys that begin so, such as misfit or area}';

    protected $description = 'Print all sentences and labels of the catalogue';

    public function handle(): int
    {
        $part = $this->argument('part');
        foreach (Words::catalogue() as $key => $message) {
            if (! is_string($part) || str_starts_with($key, $part)) {
                $this->line("<comment>$key</comment>  $message");
            }
        }

        return self::SUCCESS;
    }
}
