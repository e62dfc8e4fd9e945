<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Hold\Setting;
use RushHold\Words\Words;

/** Writes the labels of the catalogue where the front end reads them, so that none is written twice. */
final class DescribeWords extends Command
{
    private const FILE = 'resources/js/api/words.json';

    /** What only the server says. */
    private const SERVER_ONLY = ['field', 'value', 'term-group', 'difference'];

    protected $signature = 'words:describe {--check : Only say whether the file is up to date}';

    protected $description = 'Write the labels of the catalogue for the front end';

    /**
     * @return array<string, array<string, string>|object> by the set, then by the word; `offered` says how a setting is
     *   offered
     */
    private static function words(): array
    {
        $words = array_diff_key(Words::labels(), array_flip(self::SERVER_ONLY));
        $kinds = [];
        foreach (Setting::rare() as $setting) {
            $kinds[$setting->value] = is_bool($setting->about()->usual) ? 'switch' : 'steps';
        }

        // Both are there also while nothing is offered.
        return [...$words, 'offered' => (object) $kinds, 'offer' => (object) ($words['offer'] ?? [])];
    }

    public function handle(): int
    {
        $json = json_encode(self::words(), JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES)."\n";
        if ($this->option('check')) {
            $this->components->twoColumnDetail(
                self::FILE,
                is_file(base_path(self::FILE)) && file_get_contents(base_path(self::FILE)) === $json
                    ? 'up to date'
                    : 'out of date: run php artisan words:describe',
            );

            return is_file(base_path(self::FILE)) && file_get_contents(base_path(self::FILE)) === $json
                ? self::SUCCESS
                : self::FAILURE;
        }
        file_put_contents(base_path(self::FILE), $json);

        return self::SUCCESS;
    }
}
