<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Api\Description;
use Illuminate\Console\Command;

final class DescribeApi extends Command
{
    protected $signature = 'api:describe {--check : Only say whether openapi.json is up to date}';

    protected $description = 'Write openapi.json from the attributes in the code and the document schemas';

    public function handle(): int
    {
        $file = base_path('openapi.json');
        $json = Description::json();
        if ($this->option('check')) {
            if (! is_file($file) || file_get_contents($file) !== $json) {
                $this->components->error('openapi.json does not describe the code any more: run php artisan api:describe and npm run api.');

                return self::FAILURE;
            }

            return self::SUCCESS;
        }
        file_put_contents($file, $json);

        return self::SUCCESS;
    }
}
