<?php

declare(strict_types=1);

namespace Tests\Fuzz;

use Imagick;

/** Files that are sent as pictures and are none, or less than they say; and odd ones that are whole. */
final class HostilePictures
{
    private const WIDE = 640;

    private const HIGH = 480;

    /** @return array<string, string> bytes by what is wrong with them */
    public static function refused(): array
    {
        $jpeg = self::drawn('jpeg');
        $tiff = self::drawn('tiff');
        $size = self::at($jpeg, "\xFF\xC0") + 5;
        $scan = self::at($jpeg, "\xFF\xDA");
        $length = strlen($jpeg);
        $cases = [];
        foreach ([10, 25, 40, 60, 75, 90, 97, 99] as $percent) {
            $cases["the first $percent % with an end"] = substr($jpeg, 0, intdiv($length * $percent, 100))."\xFF\xD9";
        }
        foreach ([30, 70] as $percent) {
            $cases["the first $percent % without"] = substr($jpeg, 0, intdiv($length * $percent, 100));
        }

        return $cases + [
            'twice as high as it is' => substr_replace($jpeg, pack('nn', 2 * self::HIGH, self::WIDE), $size, 4),
            'twice as wide as it is' => substr_replace($jpeg, pack('nn', self::HIGH, 2 * self::WIDE), $size, 4),
            'a giant by its head' => substr_replace($jpeg, pack('nn', 65_000, 65_000), $size, 4),
            'nothing by its head' => substr_replace($jpeg, pack('nn', 0, 0), $size, 4),
            'a dot by its head' => substr_replace($jpeg, pack('nn', 1, 1), $size, 4),
            'twelve bits a colour' => substr_replace($jpeg, "\x0C", $size - 1, 1),
            'nine colours' => substr_replace($jpeg, "\x09", $size + 4, 1),
            'packed as nobody reads it' => substr_replace($jpeg, "\xFF\xC9", $size - 5, 2),
            'without loss by its head' => substr_replace($jpeg, "\xFF\xC3", $size - 5, 2),
            'without a head' => substr_replace($jpeg, "\xFF\xFE", $size - 5, 2),
            'without its tables' => str_replace("\xFF\xC4", "\xFF\xFE", substr($jpeg, 0, $scan)).substr($jpeg, $scan),
            'without its steps' => str_replace("\xFF\xDB", "\xFF\xFE", substr($jpeg, 0, $scan)).substr($jpeg, $scan),
            'without a scan' => substr($jpeg, 0, $scan)."\xFF\xD9",
            'a part of no length' => substr($jpeg, 0, 2)."\xFF\xFE\0\0".substr($jpeg, 2),
            'a part beyond the end' => substr($jpeg, 0, $scan)."\xFF\xFE\xFF\xFF".substr($jpeg, $scan, 300)."\xFF\xD9",
            'its half made nothing' => substr($jpeg, 0, intdiv($length, 3)).
                str_repeat("\0", intdiv($length, 3)).
                substr($jpeg, 2 * intdiv($length, 3)),
            'its half made noise' => substr($jpeg, 0, intdiv($length, 3)).
                self::noise(intdiv($length, 3)).
                substr($jpeg, 2 * intdiv($length, 3)),
            'a beginning and an end' => "\xFF\xD8\xFF\xD9",
            'ends without number' => "\xFF\xD8".str_repeat("\xFF", 1_000_000)."\xD9",
            'a beginning and noise' => "\xFF\xD8\xFF".self::noise(20_000)."\xFF\xD9",
            'thousands of scans' => self::scans(),
            'half a png' => substr(self::drawn('png'), 0, -300),
            'a giant png' => substr_replace(self::drawn('png'), pack('NN', 65_000, 65_000), 16, 8),
            'half a webp' => substr(self::drawn('webp'), 0, -200),
            'half of what a phone writes' => substr(self::drawn('heic'), 0, -300),
            'noise by the name of a phone' => "\0\0\0\x1cftypheic".self::noise(3000),
            'a sound' => "RIFF\x24\0\0\0WAVE".self::noise(200),
            'gif' => self::drawn('gif'),
            'bmp' => self::drawn('bmp'),
            'webp' => "RIFF\x24\0\0\0WEBPVP8 ".self::noise(200),
            'svg' => '<svg xmlns="http://www.w3.org/2000/svg"><image href="file:///etc/passwd"/></svg>',
            'svg behind blanks' => "\n  <svg><script>x</script></svg>",
            'drawing commands' => "push graphic-context\nviewbox 0 0 640 480\nimage over 0,0 0,0 'ephemeral:/tmp/x'\npop graphic-context",
            'a script of pictures' => '<?xml version="1.0"?><image><read filename="/etc/passwd"/><write filename="/tmp/x"/></image>',
            'postscript' => "%!PS-Adobe-3.0\n(%pipe%id) (r) file",
            'pdf' => '%PDF-1.7 '.self::noise(300),
            'page' => '<!DOCTYPE html><html><script>x</script></html>',
            'archive' => "PK\x03\x04".self::noise(300),
            'packed' => (string) gzencode(str_repeat('x', 100_000)),
            'programme' => "\x7fELF".self::noise(300),
            'script' => "#!/bin/sh\nid",
            'a name of a file' => '@/etc/passwd',
            'an address' => 'ephemeral:/etc/passwd',
            'a byte' => "\xFF",
            'nothing' => '',
            'noise' => self::noise(3000),
            'a tiff of itself' => "II*\0\x08\0\0\0\x01\0\0\x01\x03\0\x01\0\0\0\x80\x02\0\0\x08\0\0\0",
            'a tiff beyond its end' => "II*\0\xFF\xFF\xFF\x7F",
            'half a tiff' => substr($tiff, 0, intdiv(strlen($tiff), 2)),
            'a tiff of a giant' => self::tagged($tiff, 256, 2_000_000),
            'a tiff whose lines are elsewhere' => self::tagged($tiff, 273, 0x7FFFFFF0),
            'a tiff packed as nobody does' => self::tagged($tiff, 259, 999),
            'a tiff with the other order of bytes' => 'MM'.substr($tiff, 2),
        ];
    }

    /** @return array<string, string> bytes by what is odd about them */
    public static function taken(): array
    {
        $jpeg = self::drawn('jpeg');
        $scan = self::at($jpeg, "\xFF\xDA");

        return [
            'plain' => $jpeg,
            'png' => self::drawn('png'),
            'webp' => self::drawn('webp'),
            'what a phone writes' => self::drawn('heic'),
            'more behind its end' => $jpeg.self::noise(100_000),
            'a script as its comment' => substr($jpeg, 0, 2).
                "\xFF\xFE".
                pack('n', 2 + 30_000).
                str_pad('<script>', 30_000, '<?php system("id"); ').
                substr($jpeg, 2),
            'turned as nobody turns' => substr($jpeg, 0, 2).
                "\xFF\xE1".
                pack('n', 34).
                "Exif\0\0II*\0\x08\0\0\0\x01\0\x12\x01\x03\0\x01\0\0\0\x63\0\0\0\0\0\0\0".
                substr($jpeg, 2),
            'bytes between two parts' => substr($jpeg, 0, $scan)."\xFF\xFF\xFF".substr($jpeg, $scan),
            'in passes' => self::drawn(
                'jpeg',
                static fn (Imagick $image) => $image->setInterlaceScheme(Imagick::INTERLACE_JPEG),
            ),
            'grey' => self::drawn(
                'jpeg',
                static fn (Imagick $image) => $image->setImageType(Imagick::IMGTYPE_GRAYSCALE),
            ),
            'colours for printing' => self::drawn(
                'jpeg',
                static fn (Imagick $image) => $image->transformImageColorspace(Imagick::COLORSPACE_CMYK),
            ),
            'a tiff' => self::drawn('tiff'),
            'a tiff packed' => self::drawn(
                'tiff',
                static fn (Imagick $image) => $image->setImageCompression(Imagick::COMPRESSION_LZW),
            ),
        ];
    }

    /** A picture with a few bytes changed wherever they are. */
    public static function scratched(Maker $maker): string
    {
        $bytes = self::drawn($maker->one(['jpeg', 'jpeg', 'tiff']));
        for ($i = $maker->whole(1, 12); $i > 0; $i--) {
            // In the head as often as anywhere.
            $bytes[$maker->whole(0, $maker->lucky(0.5) ? 700 : strlen($bytes) - 1)] = chr($maker->whole(0, 255));
        }

        return $bytes;
    }

    /** @param  (callable(Imagick): mixed)|null  $change */
    private static function drawn(string $format, ?callable $change = null): string
    {
        $image = new Imagick();
        $image->newPseudoImage(self::WIDE, self::HIGH, 'gradient:#204060-#e0c080');
        $image->waveImage(20.0, 60.0);
        $image->cropImage(self::WIDE, self::HIGH, 0, 0);
        $image->setImagePage(0, 0, 0, 0);
        $image->setImageAlphaChannel(Imagick::ALPHACHANNEL_REMOVE);
        $change === null || $change($image);
        $image->setImageFormat($format);
        $image->setImageCompressionQuality(90);

        return $image->getImageBlob();
    }

    private static function scans(): string
    {
        $jpeg = self::drawn('jpeg', static fn (Imagick $image) => $image->setInterlaceScheme(Imagick::INTERLACE_JPEG));
        $first = self::at($jpeg, "\xFF\xDA");
        $second = self::at($jpeg, "\xFF\xDA", $first + 2);
        $end = strrpos($jpeg, "\xFF\xD9");

        return substr($jpeg, 0, (int) $end).str_repeat(substr($jpeg, $first, $second - $first), 2000)."\xFF\xD9";
    }

    /** A TIFF of this machine that says something else under a tag. */
    private static function tagged(string $tiff, int $tag, int $value): string
    {
        $at = unpack('V', $tiff, 4)[1];
        for ($i = 0, $count = unpack('v', $tiff, $at)[1]; $i < $count; $i++) {
            $entry = $at + 2 + 12 * $i;
            if (unpack('v', $tiff, $entry)[1] === $tag) {
                return substr_replace($tiff, pack('vvVV', $tag, 4, 1, $value), $entry, 12);
            }
        }

        return $tiff;
    }

    private static function noise(int $bytes): string
    {
        mt_srand(7);
        $noise = '';
        while (strlen($noise) < $bytes) {
            $noise .= pack('N', mt_rand());
        }

        return str_replace(["\xFF\xD9"], 'xx', substr($noise, 0, $bytes));
    }

    private static function at(string $bytes, string $mark, int $from = 0): int
    {
        $at = strpos($bytes, $mark, $from);

        return $at === false ? throw new \LogicException('No such mark.') : $at;
    }
}
