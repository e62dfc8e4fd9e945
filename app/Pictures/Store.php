<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Filesystem\LocalFilesystemAdapter;
use Illuminate\Support\Facades\Storage;
use RuntimeException;

/** Where pictures are kept: the original, a preview and a thumbnail of each, for nobody but their owner. */
final class Store
{
    public const ORIGINAL = 'original';

    public const PREVIEW = 'preview';

    public const THUMBNAIL = 'thumbnail';

    public static function disk(): Filesystem
    {
        return Storage::disk();
    }

    public static function path(Picture $picture, string $what): string
    {
        return 'pictures/'.
            ($picture->lent_by ?? $picture->user_id).
            '/'.
            substr($picture->sha256, 0, 2).
            "/$picture->sha256.$what";
    }

    /** What is still on its way. */
    public static function parts(int $person): string
    {
        return "uploads/$person";
    }

    /**
     * @throws RuntimeException if there is no room for it
     */
    public static function keep(Picture $picture, string $what, string $file): void
    {
        $stream = fopen($file, 'rb');
        if ($stream === false || ! self::disk()->writeStream(self::path($picture, $what), $stream)) {
            throw new RuntimeException('There is no room on the disk.');
        }
        is_resource($stream) && fclose($stream);
    }

    /**
     * Does something with the original as a file of this machine.
     *
     * @template T
     *
     * @param  callable(string): T  $work
     * @return T
     *
     * @throws NoPicture if it is not here any more
     */
    public static function locally(Picture $picture, callable $work): mixed
    {
        $disk = self::disk();
        $path = self::path($picture, self::ORIGINAL);
        if (! $picture->original || ! $disk->exists($path)) {
            throw new NoPicture('pictures.store.the-original-was-deleted-after');
        }
        if ($disk instanceof LocalFilesystemAdapter) {
            return $work($disk->path($path));
        }
        $copy = (string) tempnam(sys_get_temp_dir(), 'picture');
        try {
            file_put_contents($copy, $disk->readStream($path));

            return $work($copy);
        } finally {
            unlink($copy);
        }
    }

    /** All files of a person who is gone. */
    public static function forget(int $person): void
    {
        self::disk()->deleteDirectory("pictures/$person");
        self::disk()->deleteDirectory(self::parts($person));
        self::disk()->deleteDirectory(Crops::folder($person));
    }

    /** What is lent stays with whoever lends it. */
    public static function drop(Picture $picture): void
    {
        Crops::drop($picture);
        if ($picture->lent_by !== null) {
            return;
        }
        self::disk()->delete(
            array_map(static fn (string $what): string => self::path($picture, $what), [
                self::ORIGINAL,
                self::PREVIEW,
                self::THUMBNAIL,
            ]),
        );
    }
}
