<?php

declare(strict_types=1);

namespace RushHold\Library;

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;

/**
 * A body and its lenses as pictures taken with them say of themselves. What no picture says is taken from the sample
 * most like it, and counts as guessed.
 */
final readonly class PictureKit
{
    /** Diagonal of the frame that lengths “in 35 mm” speak of, mm. */
    private const FULL_DIAGONAL_MM = 43.267;

    /** Widths a sensor may have, mm; whatever else comes out is a mistake of the file. */
    private const NARROWEST_MM = 4.0;

    private const WIDEST_MM = 60.0;

    private const LONGEST_NAME = 80;

    private const MOST_WORDS = 24;

    /**
     * What plain words of a language mean, by what they are about; whatever a camera calls its own way is left to its
     * owner.
     */
    private const PLAIN = [
        'mode' => [
            '~\bcontin~i' => 'mode.continuous',
            '~\bmanual~i' => 'mode.manual',
            '~\bauto(?:matic)?\b~i' => 'mode.auto-switch',
            '~\bsingle|\bonce\b~i' => 'mode.single',
        ],
        'area' => [
            '~\bwhole|\bwide\b|\bentire|\ball\b~i' => 'area.whole',
            '~\bspot\b|\bsingle|\bone point|\b1[- ]point~i' => 'area.point',
            '~\btrack|\bfollow~i' => 'area.follow',
            '~\bzone~i' => 'area.block',
        ],
    ];

    /** Of what the camera’s own words may be, by what a file calls it. */
    public const ABOUT = ['focus_mode' => 'mode', 'area' => 'area', 'drive' => 'drive', 'stabiliser' => 'stabiliser'];

    /**
     * @param  array<string, mixed>  $body  document
     * @param  list<string>  $told  fields of it that the pictures say; the rest is guessed
     * @param  string  $like  id of the sample it is guessed from
     * @param  list<array{document: array<string, mixed>, told: list<string>}>  $lenses  the one used most first
     * @param  list<array{about: string, word: string, pictures: int, key: string|null}>  $words  what the camera calls
     *   its own settings, the commonest first, with the key of the term it sounds like
     */
    private function __construct(
        public array $body,
        public array $told,
        public string $like,
        public array $lenses,
        public array $words,
    ) {
    }

    /**
     * The body most of the pictures are from, with what was on it; null where none says from which it is.
     *
     * @param  list<array<string, string|float>>  $pictures  what each says: body, lens, lens_info, wide, high,
     *   focal_mm, focal_35_mm, plane_per_unit, plane_unit, aperture, and the words of {@see self::ABOUT}
     */
    public static function of(array $pictures): ?self
    {
        $names = array_count_values(
            array_map(strval(...), array_filter(array_column($pictures, 'body'), is_string(...))),
        );
        arsort($names);
        $name = (string) array_key_first($names);
        if ($name === '') {
            return null;
        }
        $own = array_values(
            array_filter($pictures, static fn (array $picture): bool => ($picture['body'] ?? '') === $name),
        );
        $told = ['name'];
        $fields = ['name' => mb_substr($name, 0, self::LONGEST_NAME)];
        [$wide, $high] = self::pixels($own);
        if ($wide > 0) {
            $fields += ['pixels_wide' => $wide, 'pixels_high' => $high];
            array_push($told, 'pixels_wide', 'pixels_high');
        }
        $widthMm = self::widthMm($own, $wide, $high);
        if ($widthMm !== null && $wide > 0) {
            $fields += ['sensor_width_mm' => $widthMm, 'sensor_height_mm' => round(($widthMm * $high) / $wide, 1)];
            array_push($told, 'sensor_width_mm', 'sensor_height_mm');
        }
        $like = self::bodyLike($fields);

        return new self(
            BodyDocument::read([
                ...Bodies::all()[$like],
                ...$fields,
                'guessed' => array_values(array_diff(BodyDocument::FIGURES, $told)),
            ])->fields,
            $told,
            $like,
            self::lenses($own),
            self::words($own),
        );
    }

    /**
     * The largest picture; smaller ones may be cut or made smaller.
     *
     * @param  list<array<string, string|float>>  $pictures
     * @return array{int, int} long side, short side
     */
    private static function pixels(array $pictures): array
    {
        $largest = [0, 0];
        foreach ($pictures as $picture) {
            $sides = [(int) ($picture['wide'] ?? 0), (int) ($picture['high'] ?? 0)];
            if (min($sides) >= 500 && array_product($sides) > array_product($largest)) {
                $largest = [max($sides), min($sides)];
            }
        }

        return $largest;
    }

    /**
     * From how many pixels a file says there are in a unit of length on the sensor, else from its focal length beside
     * the one in 35 mm. The widest counts: the others are of a part of the sensor.
     *
     * @param  list<array<string, string|float>>  $pictures
     */
    private static function widthMm(array $pictures, int $wide, int $high): ?float
    {
        $widths = [];
        foreach ($pictures as $picture) {
            $unit = [2 => 25.4, 3 => 10.0, 4 => 1.0, 5 => 0.001][(int) ($picture['plane_unit'] ?? 0)] ?? null;
            $across = max((float) ($picture['wide'] ?? 0), (float) ($picture['high'] ?? 0));
            if ($unit !== null && ($picture['plane_per_unit'] ?? 0) > 0 && $across > 0) {
                $widths[] = ($across / (float) $picture['plane_per_unit']) * $unit;
            }
            if (($picture['focal_mm'] ?? 0) > 0 && ($picture['focal_35_mm'] ?? 0) > 0 && $wide > 0) {
                // Said in whole millimetres: with a short lens good to some per cent.
                $crop = (float) $picture['focal_35_mm'] / (float) $picture['focal_mm'];
                $widths[] = ((self::FULL_DIAGONAL_MM / $crop) * $wide) / hypot($wide, $high);
            }
        }
        $widths = array_filter(
            $widths,
            static fn (float $mm): bool => $mm >= self::NARROWEST_MM && $mm <= self::WIDEST_MM,
        );

        return $widths === [] ? null : round(max($widths), 1);
    }

    /** @param  array<string, string|int|float>  $fields */
    private static function bodyLike(array $fields): string
    {
        $far = [];
        foreach (Bodies::all() as $id => $sample) {
            $known = BodyDocument::read($sample)->body;
            // A file does not say whether there is a mirror; few new ones have.
            $far[$id] =
                ($known->mirror ? 1.0 : 0.0) +
                2 * abs(log((float) ($fields['sensor_width_mm'] ?? $known->sensorWidthMm) / $known->sensorWidthMm)) +
                abs(
                    log(
                        ((float) ($fields['pixels_wide'] ?? $known->pixelsWide) *
                            (float) ($fields['pixels_high'] ?? $known->pixelsHigh)) /
                            ($known->pixelsWide * $known->pixelsHigh),
                    ),
                );
        }
        asort($far);

        return (string) array_key_first($far);
    }

    /**
     * @param  list<array<string, string|float>>  $pictures
     * @return list<array{document: array<string, mixed>, told: list<string>}>
     */
    private static function lenses(array $pictures): array
    {
        $by = [];
        foreach ($pictures as $picture) {
            $range = self::range($picture);
            if ($range !== null) {
                $name = trim((string) ($picture['lens'] ?? '')) ?: self::nameOf($range);
                $by[$name] ??= ['range' => $range, 'pictures' => 0];
                $by[$name]['pictures']++;
            }
        }
        uasort($by, static fn (array $a, array $b): int => $b['pictures'] <=> $a['pictures']);

        return array_map(
            static fn (string $name, array $lens): array => self::lens($name, $lens['range']),
            array_map(strval(...), array_keys($by)),
            array_values($by),
        );
    }

    /**
     * Shortest and longest focal length, and the widest aperture at each, from what the file says of the lens or from
     * its name.
     *
     * @param  array<string, string|float>  $picture
     * @return array{float, float, float|null, float|null}|null
     */
    private static function range(array $picture): ?array
    {
        $number = '(\d+(?:\.\d+)?)';
        $found =
            preg_match(
                "~^$number $number (?:$number|undef|inf) (?:$number|undef|inf)$~",
                trim((string) ($picture['lens_info'] ?? '')),
                $info,
            ) === 1
                ? $info
                : [];
        if (
            $found === [] &&
            preg_match(
                "~$number(?:\s?[-–]\s?$number)?\s?mm(?:.{0,12}?(?:f/?|1:)\s?$number(?:\s?[-–]\s?$number)?)?~i",
                (string) ($picture['lens'] ?? ''),
                $name,
            ) === 1
        ) {
            $found = [
                '',
                $name[1],
                ($name[2] ?? '') === '' ? $name[1] : $name[2],
                $name[3] ?? '',
                ($name[4] ?? '') === '' ? $name[3] ?? '' : $name[4],
            ];
        }
        [$short, $long, $at, $then] = [
            (float) ($found[1] ?? 0),
            (float) ($found[2] ?? 0),
            (float) ($found[3] ?? 0),
            (float) ($found[4] ?? 0),
        ];
        if ($short < 1 || $long < $short || $long > 2000) {
            return null;
        }
        $open = static fn (float $n): ?float => $n >= 0.7 && $n <= 22 ? $n : null;

        return [$short, $long, $open($at), $open($then) ?? $open($at)];
    }

    /** @param  array{float, float, float|null, float|null}  $range */
    private static function nameOf(array $range): string
    {
        [$short, $long, $at] = $range;

        return ($long > $short ? "{$short}–{$long} mm" : "$short mm").($at === null ? '' : " f/$at");
    }

    /**
     * @param  array{float, float, float|null, float|null}  $range
     * @return array{document: array<string, mixed>, told: list<string>}
     */
    private static function lens(string $name, array $range): array
    {
        [$short, $long, $atShort, $atLong] = $range;
        $far = [];
        foreach (Lenses::all() as $id => $sample) {
            $known = LensDocument::read($sample)->fields;
            /** @var list<array{focal_mm: int|float, max_aperture: int|float}> $zoom as it was read */
            $zoom = is_array($known['zoom'] ?? null) ? $known['zoom'] : [];
            $reach =
                $zoom === []
                    ? [(float) (is_numeric($known['focal_mm'] ?? null) ? $known['focal_mm'] : 100)]
                    : array_map(floatval(...), array_column($zoom, 'focal_mm'));
            $widest =
                $zoom === []
                    ? (float) (is_numeric($known['max_aperture'] ?? null) ? $known['max_aperture'] : 4)
                    : (float) $zoom[0]['max_aperture'];
            $far[$id] =
                abs(log($long / max($reach))) +
                0.5 * abs(log($short / min($reach))) +
                abs(log(($atShort ?? $widest) / $widest));
        }
        asort($far);
        $like = (string) array_key_first($far);
        $document = [...Lenses::all()[$like], 'name' => mb_substr($name, 0, self::LONGEST_NAME), 'focal_mm' => $long];
        $told = ['name', 'focal_mm'];
        if ($long > $short) {
            $steps = [
                ['focal_mm' => $short, 'max_aperture' => $atShort ?? 4.0],
                ['focal_mm' => $long, 'max_aperture' => max($atShort ?? 4.0, $atLong ?? 5.6)],
            ];
            $document = [...array_diff_key($document, ['max_aperture' => 1]), 'zoom' => $steps];
            array_push($told, 'zoom');
        } else {
            $document = [...array_diff_key($document, ['zoom' => 1]), 'max_aperture' => $atShort ?? 4.0];
            $atShort === null || array_push($told, 'max_aperture');
        }

        return ['document' => LensDocument::read($document)->fields, 'told' => $told];
    }

    /**
     * @param  list<array<string, string|float>>  $pictures
     * @return list<array{about: string, word: string, pictures: int, key: string|null}>
     */
    private static function words(array $pictures): array
    {
        $words = [];
        foreach (self::ABOUT as $fact => $about) {
            foreach (
                array_count_values(
                    array_filter(
                        array_column($pictures, $fact),
                        static fn (mixed $word): bool => is_string($word) && preg_match('~\p{L}~u', $word) === 1,
                    ),
                ) as $word => $many
            ) {
                $words[] = [
                    'about' => $about,
                    'word' => (string) $word,
                    'pictures' => $many,
                    'key' => self::soundsLike($about, (string) $word),
                ];
            }
        }
        usort($words, static fn (array $a, array $b): int => $b['pictures'] <=> $a['pictures']);

        return array_slice($words, 0, self::MOST_WORDS);
    }

    /** The term of ours that plain words mean; null where only its owner can know. */
    private static function soundsLike(string $about, string $word): ?string
    {
        foreach (self::PLAIN[$about] ?? [] as $pattern => $key) {
            if (preg_match($pattern, $word) === 1) {
                return $key;
            }
        }

        return null;
    }
}
