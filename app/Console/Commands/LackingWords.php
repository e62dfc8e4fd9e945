<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Words\Catalogue;
use RushHold\Words\Lacking;

/** What is still to be written of a language; what is missing is said in the first one meanwhile. */
final class LackingWords extends Command
{
    protected $signature = 'words:lacking {language? : Only this one, such as de}';

    protected $description = 'List what each language still lacks (exit code 1: something)';

    public function handle(): int
    {
        $asked = $this->argument('language');
        if (is_string($asked) && ! in_array($asked, Catalogue::languages(), true)) {
            $this->components->error("There is no folder lang/$asked.");

            return self::FAILURE;
        }
        $languages = is_string($asked) ? [$asked] : array_diff(Catalogue::languages(), [Catalogue::FIRST]);
        $many = 0;
        foreach ($languages as $language) {
            $lacking = Lacking::of($language);
            array_walk($lacking, fn (string $one) => $this->line("$language $one"));
            $this->components->twoColumnDetail(
                $language,
                $lacking === [] ? 'lacks nothing' : 'lacks '.count($lacking),
            );
            $many += count($lacking);
        }

        return $many === 0 ? self::SUCCESS : self::FAILURE;
    }
}
