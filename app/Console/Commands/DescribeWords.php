<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Hold\Setting;
use RushHold\Words\Catalogue;
use RushHold\Words\Words;

/** Writes the labels of each language where the front end reads them, so that none is written twice. */
final class DescribeWords extends Command
{
    private const FILE = 'resources/js/lang/labels.%s.json';

    /** What only the server says. */
    private const SERVER_ONLY = ['field', 'unit', 'value', 'term-group', 'difference'];

    protected $signature = 'words:describe {--check : Only say whether the files are up to date}';

    protected $description = 'Write the labels of the catalogue for the front end';

    /**
     * @return array<string, array<string, string>|object> by the set, then by the word; `offered` says how a setting is
     *   offered, `within` how words stand inside a sentence, by set and word
     */
    private static function words(): array
    {
        $words = array_diff_key(Words::labels(), array_flip(self::SERVER_ONLY));
        $kinds = [];
        foreach (Setting::rare() as $setting) {
            $kinds[$setting->value] = is_bool($setting->about()->usual) ? 'switch' : 'steps';
        }

        // Both are there also while nothing is offered.
        return [
            ...$words,
            'offered' => (object) $kinds,
            'offer' => (object) ($words['offer'] ?? []),
            'within' => (object) Words::labelsWithin(),
        ];
    }

    public function handle(): int
    {
        $stale = 0;
        foreach (Catalogue::languages() as $language) {
            $file = sprintf(self::FILE, $language);
            $json =
                Words::speaking(
                    $language,
                    static fn (): string => json_encode(
                        self::words(),
                        JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR,
                    ),
                )."\n";
            if (! $this->option('check')) {
                file_put_contents(base_path($file), $json);

                continue;
            }
            $same = is_file(base_path($file)) && file_get_contents(base_path($file)) === $json;
            $this->components->twoColumnDetail(
                $file,
                $same ? 'up to date' : 'out of date: run php artisan words:describe',
            );
            $stale += $same ? 0 : 1;
        }

        return $stale === 0 ? self::SUCCESS : self::FAILURE;
    }
}
