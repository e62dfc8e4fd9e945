<?php

declare(strict_types=1);

namespace App\Pictures;

use Symfony\Component\Process\Exception\ProcessSignaledException;
use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\PhpExecutableFinder;
use Symfony\Component\Process\Process;

/**
 * Has a picture opened in a process of its own, with a limit of time and memory and nothing allowed but reading
 * pictures.
 */
final class Sandbox
{
    private const SECONDS = 60;

    /** Address space of the process, kB; the picture itself may take `ops/imagick/policy.xml` says how much. */
    private const ADDRESSES_KB = 2_500_000;

    private const FLAGS = [
        '-d',
        'pcov.enabled=0',
        '-d',
        'memory_limit=256M',
        '-d',
        'opcache.enable_cli=1',
        '-d',
        'opcache.jit=tracing',
        '-d',
        'opcache.jit_buffer_size=32M',
        '-d',
        'display_errors=stderr',
    ];

    /**
     * @param  array<string, mixed>  $asked  what `ops/picture.php` is asked
     * @return array<string, mixed> what it found
     *
     * @throws NoPicture
     */
    public static function measure(array $asked): array
    {
        $found = json_decode(self::run($asked), true, 16);
        if (! is_array($found)) {
            throw NoPicture::broken();
        }
        if (is_string($found['refused'] ?? null)) {
            throw NoPicture::of($found['refused']);
        }

        return $found;
    }

    /**
     * A piece of a picture pixel for pixel, as JPEG.
     *
     * @throws NoPicture
     */
    public static function crop(string $file, float $x, float $y, int $side): string
    {
        $piece = self::run(['file' => $file, 'limit_px' => 1.0, 'crop' => [$x, $y, $side]]);

        return str_starts_with($piece, "\xFF\xD8\xFF") ? $piece : throw NoPicture::broken();
    }

    /**
     * @param  array<string, mixed>  $asked
     *
     * @throws NoPicture
     */
    private static function run(array $asked): string
    {
        $root = dirname(__DIR__, 2);
        $process = new Process(
            [
                'sh',
                '-c',
                'ulimit -v '.self::ADDRESSES_KB.' -t '.self::SECONDS.' -c 0; exec nice -n 18 "$@"',
                'sh',
                (new PhpExecutableFinder())->find(false) ?: 'php',
                ...self::FLAGS,
                "$root/ops/picture.php",
            ],
            $root,
            ['MAGICK_CONFIGURE_PATH' => "$root/ops/imagick", 'OMP_NUM_THREADS' => '1'],
            json_encode($asked, JSON_THROW_ON_ERROR),
            self::SECONDS,
        );
        try {
            $process->run();
        } catch (ProcessTimedOutException|ProcessSignaledException) {
            throw NoPicture::slow();
        }
        if (! $process->isSuccessful()) {
            // What ends it is a file that is not what it seems, or else a fault of ours.
            throw str_contains($process->getErrorOutput(), 'PHP') ||
            str_contains($process->getErrorOutput(), 'disk is full')
                ? NoPicture::failed()
                : NoPicture::broken();
        }

        return $process->getOutput();
    }
}
