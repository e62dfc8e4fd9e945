<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\Picture;
use App\Pictures\LookAt;
use App\Pictures\Store;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\File;
use RuntimeException;

/**
 * Pictures in and out of a folder beside the backup of the database; each file is named by its content and never
 * changes.
 */
final class Files extends Command
{
    private const AT_A_TIME = 200;

    protected $signature = 'files {--copy-to= : Copy into this folder what it does not hold yet} {--take-from= : Bring back from this folder what is missing here}';

    protected $description = 'Copy pictures to a folder or bring them back, and put right what is said of files that are missing';

    public function handle(): int
    {
        [$to, $from] = [$this->option('copy-to'), $this->option('take-from')];
        is_string($to) && $this->line(self::copied($to).' files copied');
        is_string($from) && $this->line(self::broughtBack($from).' files brought back');
        $missing = self::missing();
        $missing > 0 && $this->warn("$missing pictures have lost their file; what was measured of them stays");

        return self::SUCCESS;
    }

    private static function copied(string $folder): int
    {
        $copied = 0;
        foreach (self::files() as $path) {
            $kept = "$folder/$path";
            $in = is_file($kept) || ! Store::disk()->exists($path) ? null : Store::disk()->readStream($path);
            if ($in === null) {
                continue;
            }
            File::ensureDirectoryExists(dirname($kept), 0700);
            // Whole or not at all.
            $whole = file_put_contents("$kept.part", $in) === Store::disk()->size($path);
            $whole && rename("$kept.part", $kept)
                ? $copied++
                : throw new RuntimeException("There is no room in $folder.");
            is_resource($in) && fclose($in);
        }

        return $copied;
    }

    private static function broughtBack(string $folder): int
    {
        $back = 0;
        foreach (self::files() as $path) {
            if (is_file("$folder/$path") && ! Store::disk()->exists($path)) {
                $in = fopen("$folder/$path", 'rb');
                $in !== false && Store::disk()->writeStream($path, $in) && $back++;
                is_resource($in) && fclose($in);
            }
        }

        return $back;
    }

    /** Originals that are said to be here and are not; where only what is shown is missing, it is made anew. */
    private static function missing(): int
    {
        $missing = 0;
        foreach (Picture::query()->where('original', true)->lazyById(self::AT_A_TIME) as $picture) {
            if (! Store::disk()->exists(Store::path($picture, Store::ORIGINAL))) {
                $picture->fill(['original' => false])->save();
                $missing++;
            } elseif (
                $picture->stage === Picture::LOOKED &&
                ! Store::disk()->exists(Store::path($picture, Store::PREVIEW))
            ) {
                $picture->fill(['stage' => Picture::WAITING])->save();
                LookAt::dispatch();
            }
        }

        return $missing;
    }

    /** @return iterable<string> paths of all that rows know of, deleted ones that can be brought back as well */
    private static function files(): iterable
    {
        foreach (Picture::withTrashed()->lazyById(self::AT_A_TIME) as $picture) {
            foreach ([Store::ORIGINAL, Store::PREVIEW, Store::THUMBNAIL] as $what) {
                yield Store::path($picture, $what);
            }
        }
    }
}
