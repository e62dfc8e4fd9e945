<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Pictures\ShootDemo;
use Database\Seeders\DemoSeeder;
use Illuminate\Console\Command;

final class RestoreDemo extends Command
{
    protected $signature = 'demo:restore {--if-missing : Do nothing when there is a demo account already} {--force : Do not ask} {--pictures : With bursts of pictures, which the stand-in camera shoots while one looks around}';

    protected $description = 'Put the demo account and its rushes back as they were';

    public function handle(DemoSeeder $seeder): int
    {
        if ($this->option('if-missing') && User::demo() !== null) {
            return self::SUCCESS;
        }
        if (
            ! $this->option('if-missing') &&
            ! $this->option('force') &&
            ! $this->confirm('This deletes what is in the demo account. Go on?')
        ) {
            return self::SUCCESS;
        }
        $seeder->run();
        $this->option('pictures') && ShootDemo::all();
        $this->components->info('Demo reset.');

        return self::SUCCESS;
    }
}
