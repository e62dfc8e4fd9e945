<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Api\Description;
use App\Api\RequestRules;
use Illuminate\Console\Command;

final class DescribeApi extends Command
{
    protected $signature = 'api:describe {--check : Only say whether what is written from api/ is up to date}';

    protected $description = 'Write openapi.json and the rules of requests from the descriptions in api/ and the schemas of documents';

    public function handle(): int
    {
        $written = ['openapi.json' => Description::json(), RequestRules::FILE => RequestRules::php()];
        if ($this->option('check')) {
            $old = array_keys(
                array_filter(
                    $written,
                    static fn (string $text, string $file): bool => ! is_file(base_path($file)) ||
                        file_get_contents(base_path($file)) !== $text,
                    ARRAY_FILTER_USE_BOTH,
                ),
            );
            foreach ($old as $file) {
                $this->components->error("$file is not what api/ describes any more: run composer describe.");
            }

            return $old === [] ? self::SUCCESS : self::FAILURE;
        }
        foreach ($written as $file => $text) {
            file_put_contents(base_path($file), $text);
        }

        return self::SUCCESS;
    }
}
