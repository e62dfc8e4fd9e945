<?php

declare(strict_types=1);

use App\Pictures\Sight;
use RushHold\Review\Untold;

/** A picture of which each pixel is worked out, stored as JPEG of a quality. */
function stored(Closure $light, int $quality): string
{
    $pixels = [];
    for ($y = 0; $y < 360; $y++) {
        for ($x = 0; $x < 480; $x++) {
            $pixels[] = $light($x, $y);
        }
    }
    $picture = new Imagick();
    $picture->newImage(480, 360, new ImagickPixel('gray'));
    $picture->importImagePixels(0, 0, 480, 360, 'I', Imagick::PIXEL_FLOAT, $pixels);
    $picture->setImageFormat('jpeg');
    $picture->setImageCompressionQuality($quality);
    $file = (string) tempnam(sys_get_temp_dir(), 'sight');
    file_put_contents($file, $picture->getImageBlob());

    return $file;
}

it('cannot tell whether an empty sky is sharp, however hard it was compressed', function (
    int $quality,
    float $slope,
): void {
    $file = stored(
        static fn (int $x, int $y): float => 0.15 + $slope * (0.8 * $x + 0.6 * $y) + 0.05 * sin($x / 60) * cos($y / 45),
        $quality,
    );
    try {
        $measured = (new Sight($file))->measured([0.0, 0.0], 3.0);
        expect($measured->untold())->toBe(Untold::Plain)->and($measured->sure())->toBe(0.5);
    } finally {
        unlink($file);
    }
})->with([[60, 0.0005], [75, 0.0005], [75, 0.001], [85, 0.001], [95, 0.001]]);

it('knows the noise of a picture with a black corner', function (): void {
    mt_srand(4);
    $grain = static fn (): float => (0.03 *
        M_SQRT2 *
        (mt_rand() + mt_rand() + mt_rand() + mt_rand() + mt_rand() + mt_rand() - 3 * mt_getrandmax())) /
        mt_getrandmax();
    $file = stored(static fn (int $x, int $y): float => $x < 90 && $y < 90 ? 0.0 : max(0.0, 0.4 + $grain()), 97);
    try {
        expect((new Sight($file))->measured([0.2, 0.2], 3.0)->noise)->toBeGreaterThan(0.02);
    } finally {
        unlink($file);
    }
});

it('still tells a sharp edge from a soft one', function (float $width, bool $kept): void {
    $file = stored(static function (int $x, int $y) use ($width): float {
        // Two discs on grey, with edges so many pixels wide.
        $disc = static fn (float $cx, float $cy, float $r): float => 1 /
            (1 + exp((hypot($x - $cx, $y - $cy) - $r) / $width));

        return 0.3 + 0.4 * $disc(240, 180, 24) + 0.2 * $disc(262, 196, 12);
    }, 90);
    try {
        $measured = (new Sight($file))->measured([0.0, 0.0], 3.0);
        expect($measured->untold())->toBeNull()->and($measured->kept())->toBe($kept);
    } finally {
        unlink($file);
    }
})->with([[0.3, true], [2.5, false]]);
