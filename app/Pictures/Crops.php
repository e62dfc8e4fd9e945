<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;

/** Pieces of pictures that were looked at lately: each is made once. */
final class Crops
{
    /** Pieces kept of one person; those made longest ago go first, so many more than have to. */
    private const MOST = 400;

    private const ROOM = 40;

    /** The side of a close-up as the pages show it first, pixels. */
    public const CLOSE_SIDE = 720;

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
        [$x, $y] = self::onGrid($x, $y);
        $file = self::file($picture, $x, $y, $side);
        $disk = Store::disk();
        $kept = $disk->exists($file) ? (string) $disk->get($file) : '';
        if ($kept !== '') {
            return $kept;
        }
        $piece = Store::locally(
            $picture,
            static fn (string $original): string => Sandbox::crop($original, $x, $y, $side),
        );
        // Without room it is made anew each time.
        $disk->put($file, $piece);
        self::trim(self::folder($picture->user_id));

        return $piece;
    }

    /**
     * Keeps the close-up that was cut while the picture was measured, so that nobody waits for it.
     *
     * @param  float  $x  of what has to be sharp, in widths from the centre
     * @param  float  $y  in heights, down
     * @param  string  $piece  as JPEG
     */
    public static function keep(Picture $picture, float $x, float $y, string $piece): void
    {
        Store::disk()->put(self::file($picture, ...[...self::onGrid($x, $y), self::CLOSE_SIDE]), $piece);
        self::trim(self::folder($picture->user_id));
    }

    /** @return array{float, float} */
    private static function onGrid(float $x, float $y): array
    {
        return [round($x / self::GRID) * self::GRID, round($y / self::GRID) * self::GRID];
    }

    private static function file(Picture $picture, float $x, float $y, int $side): string
    {
        return self::folder($picture->user_id)."/$picture->sha256/".hash('xxh128', "$x $y $side").'.jpg';
    }

    public static function folder(int $person): string
    {
        return "crops/$person";
    }

    /** The original is gone: nothing of it stays. */
    public static function drop(Picture $picture): void
    {
        Store::disk()->deleteDirectory(self::folder($picture->user_id)."/$picture->sha256");
    }

    private static function trim(string $folder): void
    {
        $disk = Store::disk();
        $files = $disk->allFiles($folder);
        if (count($files) <= self::MOST) {
            return;
        }
        $made = array_combine($files, array_map($disk->lastModified(...), $files));
        asort($made);
        // Several at once, so that it is not done again at the next.
        $disk->delete(array_keys(array_slice($made, 0, count($files) - self::MOST + self::ROOM)));
    }
}
