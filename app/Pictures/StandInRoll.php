<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Camera\Roll;
use App\Documents\Documents;
use App\Models\User;
use Illuminate\Support\Facades\File;
use RushHold\Refused;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Frames of the stand-in camera, shot in a process of its own and taken in as if somebody had sent them; the truth
 * about them nobody is told.
 */
final class StandInRoll
{
    private const SECONDS = 80;

    /**
     * @param  array<string, mixed>  $rush  document
     * @param  array<string, mixed>  $hold  document; what it leaves out is solved for
     * @param  string  ...$options  of `rush:shoot`
     */
    public static function into(User $person, array $rush, array $hold, string ...$options): void
    {
        $folder = sys_get_temp_dir().'/roll-'.bin2hex(random_bytes(6));
        mkdir($folder, 0700);
        try {
            file_put_contents("$folder.hold.json", json_encode(Documents::withObjects($hold), JSON_THROW_ON_ERROR));
            $shoot = [
                (new PhpExecutableFinder())->find(false) ?: 'php',
                base_path('artisan'),
                'rush:shoot',
                '-',
                "$folder.hold.json",
                "--into=$folder",
                ...$options,
            ];
            (new Process(
                $shoot,
                base_path(),
                null,
                json_encode(Documents::withObjects($rush), JSON_THROW_ON_ERROR),
                self::SECONDS,
            ))->mustRun();
            foreach (array_diff(glob("$folder/*") ?: [], ["$folder/".Roll::TRUTH]) as $file) {
                (new Incoming($person))->placed($file);
            }
        } catch (Refused) {
            // There is no room for more of them; those that went in stay.
        } finally {
            File::deleteDirectory($folder);
            File::delete("$folder.hold.json");
        }
    }
}
