<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Illuminate\Support\Facades\File;

/** Pieces of pictures that were looked at lately: each is made once. */
final class Crops
{
    /** Pieces kept of one person; the one looked at longest ago goes first. */
    private const MOST = 120;

    /** Places nearer to one another than this are the same, in widths and heights. */
    private const GRID = 1e-3;

    /**
     * @param  float  $x  in widths from the centre
     * @param  float  $y  in heights, down
     * @param  int  $side  pixels
     * @return string as JPEG
     *
     * @throws NoPicture
     */
    public static function of(Picture $picture, float $x, float $y, int $side): string
    {
        $folder = self::folder($picture->user_id)."/$picture->sha256";
        [$x, $y] = [round($x / self::GRID) * self::GRID, round($y / self::GRID) * self::GRID];
        $file = "$folder/".hash('xxh128', "$x $y $side").'.jpg';
        $kept = is_file($file) ? @file_get_contents($file) : false;
        if ($kept !== false && $kept !== '') {
            @touch($file);

            return $kept;
        }
        $piece = Store::locally($picture, static fn (string $original): string => Apart::crop($original, $x, $y, $side));
        File::ensureDirectoryExists($folder);
        $new = "$file.".bin2hex(random_bytes(4));
        if (@file_put_contents($new, $piece) === strlen($piece)) {
            @rename($new, $file);
        } else {
            @unlink($new);
        }
        self::trim(dirname($folder));

        return $piece;
    }

    public static function folder(int $person): string
    {
        return storage_path("app/crops/$person");
    }

    /** The original is gone: nothing of it stays. */
    public static function drop(Picture $picture): void
    {
        File::deleteDirectory(self::folder($picture->user_id)."/$picture->sha256");
    }

    private static function trim(string $folder): void
    {
        $files = glob("$folder/*/*") ?: [];
        if (count($files) <= self::MOST) {
            return;
        }
        $used = array_combine($files, array_map(static fn (string $file): int => (int) @filemtime($file), $files));
        asort($used);
        array_map(static fn (string $file): bool => @unlink($file), array_keys(array_slice($used, 0, count($files) - self::MOST)));
    }
}
