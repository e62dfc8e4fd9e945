<?php

declare(strict_types=1);

use App\Models\Picture;
use App\Pictures\Store;
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
    // One picture that stays, and one that is lost with its row and its files.
    $kept = [];
    foreach (['a', 'b'] as $name) {
        $picture = (new Picture())->forceFill([
            'user_id' => $person->id,
            'sha256' => hash('sha256', $name),
            'name' => "$name.jpg",
            'bytes' => 1,
            'original' => true,
            'stage' => Picture::REFUSED,
        ]);
        $picture->save();
        Store::disk()->put(Store::path($picture, Store::ORIGINAL), "the file of $name");
        $kept[] = $picture;
    }
    $file = sys_get_temp_dir().'/backup-'.bin2hex(random_bytes(6)).'.sql.gz';
    $folder = substr($file, 0, -7);
    $run = static function (string ...$command): Process {
        $process = new Process($command, base_path(), null, null, 120);
        $process->run();

        return $process;
    };
    try {
        $before = contents();
        $backup = $run(base_path('bin/backup'), $file, $folder);
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
        Store::drop($kept[1]);
        $restore = $run(base_path('bin/restore'), $file, $folder, '--yes');
        expect($restore->getExitCode())
            ->toBe(0, $restore->getErrorOutput())
            ->and(contents())
            ->toBe($before)
            ->and(Store::disk()->get(Store::path($kept[1], Store::ORIGINAL)))
            ->toBe('the file of b');
        // Without the folder nothing is said to be there that is not.
        Store::drop($kept[1]);
        expect($run(base_path('bin/restore'), $file, '--yes')->getExitCode())
            ->toBe(0)
            ->and([$kept[0]->refresh()->original, $kept[1]->refresh()->original])
            ->toBe([true, false]);
        $before = contents();
        // And the application goes on with it.
        expect($this->visitor($person)->get('/api/rushes')->json('items'))->toHaveCount(2);
        file_put_contents($file, 'cut off');
        expect($run(base_path('bin/restore'), $file, '--yes')->getExitCode())
            ->not->toBe(0)
            ->and(contents())
            ->toBe($before);
    } finally {
        @unlink($file);
        Illuminate\Support\Facades\File::deleteDirectory($folder);
    }
});
