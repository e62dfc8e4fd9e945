<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** @return array<string, string> what every table holds, by its name; what comes and goes is left out */
function contents(): array
{
    $contents = [];
    foreach (
        DB::select('SELECT TABLE_NAME AS t FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()') as $table
    ) {
        if (! in_array($table->t, ['sessions', 'cache', 'cache_locks', 'jobs'], true)) {
            $contents[$table->t] = hash('sha256', serialize(DB::table($table->t)->orderByRaw('1')->get()->all()));
        }
    }
    ksort($contents);

    return $contents;
}

it('brings everything back from a backup after all is lost', function (): void {
    $person = $this->somebody();
    $visitor = $this->visitor($person);
    foreach (['barriers', 'tern-hovering'] as $example) {
        expect(
            $visitor->post('/api/rushes', [
                'document' => [...$this->example($example), 'name' => 'Büschel 100 % “'.$example.'”'],
            ])->status,
        )->toBe(201);
    }
    expect($visitor->post('/api/account/tokens', ['name' => 'script'])->status)->toBe(201);
    $file = sys_get_temp_dir().'/backup-'.bin2hex(random_bytes(6)).'.sql.gz';
    $run = static function (string ...$command): Process {
        $process = new Process($command, base_path(), null, null, 120);
        $process->run();

        return $process;
    };
    try {
        $before = contents();
        $backup = $run(base_path('bin/backup'), $file);
        expect($backup->getExitCode())
            ->toBe(0, $backup->getErrorOutput())
            ->and(fileperms($file) & 0o077)
            ->toBe(0);
        DB::statement('SET FOREIGN_KEY_CHECKS=0');
        DB::table('rushes')->delete();
        DB::statement('DROP TABLE kit');
        DB::table('users')->delete();
        DB::statement('SET FOREIGN_KEY_CHECKS=1');
        expect(contents())->not->toEqual($before);
        $restore = $run(base_path('bin/restore'), $file, '--yes');
        expect($restore->getExitCode())->toBe(0, $restore->getErrorOutput())->and(contents())->toBe($before);
        // And the application goes on with it.
        expect($this->visitor($person)->get('/api/rushes')->json('items'))->toHaveCount(2);
        file_put_contents($file, 'cut off');
        expect($run(base_path('bin/restore'), $file, '--yes')->getExitCode())
            ->not->toBe(0)
            ->and(contents())
            ->toBe($before);
    } finally {
        @unlink($file);
    }
});
