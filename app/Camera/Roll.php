<?php

declare(strict_types=1);

namespace App\Camera;

use DateTimeImmutable;
use Imagick;
use RuntimeException;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Focus\LossCause;
use Symfony\Component\Process\Process;

/** What the stand-in camera shot, as files: JPEG with EXIF, and the truth about them in a file beside. */
final readonly class Roll
{
    private const QUALITY = 92;

    /** The next pass comes so long after the one before, s. */
    private const PAUSE_S = 45;

    public const TRUTH = 'truth.json';

    /** @param  bool  $findsSubjects  whether the camera writes where it sees the subject */
    public function __construct(
        private StandIn $camera,
        private int $seed,
        private DateTimeImmutable $from,
        private bool $findsSubjects = false,
    ) {
    }

    /**
     * @param  int  $frames  1 to 5000
     * @param  string  $folder  is there and empty
     * @return array<string, mixed> the truth
     *
     * @throws RuntimeException if the files cannot be written
     */
    public function into(string $folder, int $frames): array
    {
        $hands = max(1, min(2, (int) shell_exec('nproc 2>/dev/null'), $frames));
        $children = [];
        for ($hand = 1; $hand < $hands; $hand++) {
            $child = pcntl_fork();
            if ($child === 0) {
                $this->draw($folder, $frames, $hand, $hands);
                // Without what the whole program would do at its end.
                posix_kill(getmypid() ?: 0, SIGKILL);
            }
            $child > 0 ? ($children[] = $child) : $this->draw($folder, $frames, $hand, $hands);
        }
        $this->draw($folder, $frames, 0, $hands);
        foreach ($children as $child) {
            pcntl_waitpid($child, $status);
        }
        $truth = $this->truth($frames);
        $this->tag($folder, $truth['frames']);
        foreach ($truth['frames'] as $frame) {
            is_file("$folder/$frame[file]") ||
                throw new RuntimeException("$frame[file] could not be written to $folder.");
        }

        return array_replace($truth, [
            'frames' => array_map(
                static fn (array $frame): array => array_diff_key($frame, ['exif' => 0]),
                $truth['frames'],
            ),
        ]);
    }

    private function draw(string $folder, int $frames, int $hand, int $hands): void
    {
        Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);
        $drawer = new Drawer($this->seed);
        foreach ($this->camera->shoot($frames, $this->seed) as $i => $shot) {
            if ($i % $hands === $hand) {
                $picture = $drawer->draw($shot, View::whole($shot, PHP_INT_MAX));
                $picture->setImageFormat('jpeg');
                $picture->setImageCompressionQuality(self::QUALITY);
                $picture->setSamplingFactors(['2x2', '1x1', '1x1']);
                file_put_contents("$folder/".self::file($i), $picture->getImageBlob());
                $picture->clear();
            }
        }
    }

    /** @return array{body: string, lens: string, frames: list<array<string, mixed>>} */
    private function truth(int $frames): array
    {
        $told = [];
        $kit = null;
        foreach ($this->camera->shoot($frames, $this->seed) as $i => $shot) {
            $kit ??= $shot->situation->kit;
            $at = $this->from->modify(
                sprintf(
                    '+%d microseconds',
                    (int) round(
                        1e6 *
                            ($shot->run * ($shot->situation->rush->path->seconds + self::PAUSE_S) + max(0.0, $shot->t)),
                    ),
                ),
            );
            $told[] = [
                'file' => self::file($i),
                'taken_at' => $at->format('Y-m-d\TH:i:s.v\Z'),
                ...self::toArray($shot),
                'exif' => [...self::exif($shot, $at), ...$this->findsSubjects ? self::seen($shot) : []],
            ];
        }

        return ['body' => $kit->body->name ?? '', 'lens' => $kit->lens->name ?? '', 'frames' => $told];
    }

    /** @return array<string, mixed> */
    private static function toArray(Shot $shot): array
    {
        $ellipse = $shot->ellipsePx();
        $body = $shot->situation->kit->body;

        return [
            'pass' => $shot->run,
            't_s' => round($shot->t, 4),
            'kept' => $shot->kept,
            'cause' => $shot->lensOff ? 'fine-tune' : $shot->cause?->value,
            'aim' => $shot->inFrame()
                ? [
                    'x' => round($shot->aimXMm / $body->sensorWidthMm, 4),
                    'y' => round($shot->aimYMm / $body->sensorHeightMm, 4),
                ]
                : null,
            'hidden' => $shot->cause === LossCause::Hidden,
            'sigma_px' => round($ellipse->deviation(), 3),
            'long_px' => round($ellipse->long, 3),
            'short_px' => round($ellipse->short, 3),
            'angle_deg' => round($ellipse->angleDeg, 1),
            'width_px' => round($ellipse->width(), 3),
            'limit_px' => round((1.5 * $shot->situation->cocUm) / (1000 * $body->pitchMm()), 3),
            'distance_m' => round($shot->distanceM, 3),
            'focus_m' => round(min(10000.0, $shot->focusM), 3),
            'subject_px' => round(
                (min($shot->situation->subject->lengthM, $shot->situation->subject->heightM) * $shot->mmPerM) /
                    $body->pitchMm(),
                1,
            ),
        ];
    }

    /** @return array<string, string> where the subject is, in pixels; nothing where it is out of the frame */
    private static function seen(Shot $shot): array
    {
        $body = $shot->situation->kit->body;
        $at = static fn (float $mm, float $side, int $pixels): int => (int) round(($mm / $side + 0.5) * $pixels);

        return ! $shot->inFrame()
            ? []
            : [
                'SubjectArea' => $at($shot->aimXMm, $body->sensorWidthMm, $body->pixelsWide).
                    ' '.
                    $at($shot->aimYMm, $body->sensorHeightMm, $body->pixelsHigh),
                'ExifImageWidth' => (string) $body->pixelsWide,
                'ExifImageHeight' => (string) $body->pixelsHigh,
            ];
    }

    /** @return array<string, string> */
    private static function exif(Shot $shot, DateTimeImmutable $at): array
    {
        return [
            'DateTimeOriginal' => $at->format('Y:m:d H:i:s'),
            'SubSecTimeOriginal' => $at->format('v'),
            'OffsetTimeOriginal' => '+00:00',
            'ExposureTime' => (string) round($shot->hold->shutterS, 7),
            'FNumber' => (string) round($shot->hold->aperture, 1),
            'ISO' => (string) (int) round(min(65535, $shot->hold->iso)),
            'FocalLength' => (string) round($shot->situation->kit->focalMm(), 1),
            'Model' => $shot->situation->kit->body->name,
            'LensModel' => $shot->situation->kit->lens->name,
            'SubjectDistance' => (string) round(min(10000.0, $shot->focusM), 2),
        ];
    }

    /**
     * EXIF goes in with exiftool, all files in one go.
     *
     * @param  list<array<string, mixed>>  $frames
     */
    private function tag(string $folder, array $frames): void
    {
        $lines = [];
        foreach ($frames as $frame) {
            /** @var array<string, string> $exif */
            $exif = $frame['exif'];
            foreach ($exif as $tag => $value) {
                $lines[] = "-EXIF:$tag=$value";
            }
            array_push($lines, '-overwrite_original', '-q', "$folder/$frame[file]", '-execute');
        }
        $process = new Process(['exiftool', '-@', '-'], timeout: 600, input: implode("\n", $lines)."\n");
        if ($process->run() !== 0) {
            throw new RuntimeException(
                'exiftool could not write what the frames say of themselves: '.
                    mb_substr($process->getErrorOutput(), 0, 200),
            );
        }
    }

    private static function file(int $i): string
    {
        return sprintf('frame-%04d.jpg', $i + 1);
    }
}
