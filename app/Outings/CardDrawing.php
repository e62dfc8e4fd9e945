<?php

declare(strict_types=1);

namespace App\Outings;

/** What is drawn on paper cards, black on white, as SVG: the frame, the hands, the way of the subject. */
final class CardDrawing
{
    private const PARTS = __DIR__.'/../../resources/js/ui/';

    /** Two hands from above, and where each control lies under them: the same that the screens show. */
    private const HANDS = [
        'M20,262C22,196 40,150 84,128C92,92 118,58 150,44C164,38 172,50 164,62C150,78 142,92 138,108C162,96 186,92 206,98C218,102 214,114 202,116C180,120 160,128 146,144C136,176 130,214 132,262Z',
        'M440,262C438,190 428,128 404,86C396,62 384,40 368,32C356,28 348,38 352,50C356,60 358,68 358,78C340,66 318,58 296,58C284,58 282,70 292,74C308,78 318,84 326,92C308,88 290,88 276,94C266,98 268,110 280,110C300,110 316,114 328,122C306,128 284,142 272,160C264,172 276,180 286,172C302,160 324,156 344,164C358,190 362,224 360,262Z',
    ];

    private const KNOBS = [
        'half-press' => [356, 62],
        'thumb-1' => [300, 168],
        'thumb-2' => [326, 188],
        'thumb-3' => [352, 206],
        'front-1' => [282, 74],
        'front-2' => [270, 104],
        'lens' => [150, 78],
        'stick' => [268, 214],
        'touch' => [210, 226],
    ];

    /**
     * The subject in the frame, with the area it is to be under.
     *
     * @param  array<string, mixed>  $drawn  of a rush on a card
     */
    public static function frame(array $drawn): string
    {
        $number = static fn (string $name, float $else): float => is_numeric($drawn[$name] ?? null)
            ? (float) $drawn[$name]
            : $else;
        [$w, $h] = [300.0, 300.0 * $number('ratio', 2 / 3)];
        $length = $w * max(0.03, min(0.95, $number('wide', 0.2)));
        [$across, $along] = [(float) ($drawn['way'][0] ?? 1.0), (float) ($drawn['way'][1] ?? 0.0)];
        $pose = self::pose(is_string($drawn['figure'] ?? null) ? $drawn['figure'] : 'plain', $across, $along);
        [$long, $high] = [$length * (float) $pose['of'][0], $length * $number('tall', 0.5) * (float) $pose['of'][1]];
        $area = $drawn['area'] ?? null;
        [$x, $y] = [$w * (0.5 + (float) ($area['at'][0] ?? 0.0)), $h * (0.5 + (float) ($area['at'][1] ?? 0.0))];
        [$ax, $ay] = $pose['head'] ?? [0.5, 0.5];
        $side = $across < 0 ? -1 : 1;
        $svg = sprintf(
            '<path d="%s" fill="#555" transform="translate(%.2f %.2f) scale(%d 1) translate(%.2f %.2f) scale(%.3f %.3f)"/>',
            $pose['path'],
            $x,
            $y,
            $side,
            -$ax * $long,
            -$ay * $high,
            $long,
            $high,
        );
        if ($area !== null) {
            $box = sprintf(
                'x="%.2f" y="%.2f" width="%.2f" height="%.2f" rx="5"',
                $x - ($area['width'] * $w) / 2,
                $y - ($area['height'] * $h) / 2,
                $area['width'] * $w,
                $area['height'] * $h,
            );
            $svg .= "<rect $box fill=\"none\" stroke=\"#fff\" stroke-width=\"5\"/><rect $box fill=\"none\" stroke=\"#000\" stroke-width=\"2.5\"/>";
        }

        return self::svg(
            $w,
            $h,
            sprintf(
                '%s<rect x="1.5" y="1.5" width="%.1f" height="%.1f" fill="none" stroke="#000" stroke-width="3"/>',
                $svg,
                $w - 3,
                $h - 3,
            ),
        );
    }

    /** The hands with the control that is held; with several, each by its number. */
    public static function hands(string ...$places): string
    {
        $knobs = '';
        foreach (array_values($places) as $i => $place) {
            [$x, $y] = self::KNOBS[$place] ?? [0, 0];
            if ($x > 0) {
                $knobs .=
                    count($places) === 1
                        ? "<circle cx=\"$x\" cy=\"$y\" r=\"24\" fill=\"#000\" stroke=\"#fff\" stroke-width=\"5\"/>"
                        : sprintf(
                            '<circle cx="%d" cy="%d" r="17" fill="#fff" stroke="#000" stroke-width="4"/><text x="%1$d" y="%d" font-size="22" font-weight="bold" font-family="Card" text-anchor="middle">%d</text>',
                            $x,
                            $y,
                            $y + 8,
                            $i + 1,
                        );
            }
        }

        return self::svg(
            460,
            272,
            implode(
                '',
                array_map(
                    static fn (string $d): string => "<path d=\"$d\" fill=\"#fff\" stroke=\"#000\" stroke-width=\"5\"/>",
                    self::HANDS,
                ),
            ).$knobs,
        );
    }

    /**
     * How far it is over its pass, and where focus is set beforehand.
     *
     * @param  array<string, mixed>  $drawn
     * @param  callable(float): string  $metres
     */
    public static function lane(array $drawn, callable $metres): string
    {
        $far = array_values(
            array_map(floatval(...), array_filter((array) ($drawn['distances_m'] ?? []), is_numeric(...))),
        );
        if (count($far) < 2) {
            return self::svg(300, 70, '');
        }
        $focus = is_numeric($drawn['focus_m'] ?? null) ? (float) $drawn['focus_m'] : null;
        $all = $focus === null ? $far : [...$far, $focus];
        // By its ratio, as the depth of field goes; what hardly changes is a level line.
        [$least, $most] = [log(min($all)), log(max($all))];
        $span = max(0.25, $most - $least);
        $y = static fn (float $m): float => 62 - 54 * (($most - log($m)) / $span > 1 ? 1 : ($most - log($m)) / $span);
        $points = array_map(
            static fn (float $m, int $i): string => sprintf(
                '%.1f,%.1f',
                46 + (208 * $i) / (count($far) - 1),
                70 - $y($m),
            ),
            $far,
            array_keys($far),
        );
        $svg = sprintf('<polyline points="%s" fill="none" stroke="#000" stroke-width="2.5"/>', implode(' ', $points));
        if ($focus !== null) {
            $svg .= sprintf(
                '<line x1="46" x2="254" y1="%.1f" y2="%.1f" stroke="#000" stroke-width="1.2" stroke-dasharray="4 3"/>',
                70 - $y($focus),
                70 - $y($focus),
            );
        }
        $label = static fn (float $x, float $y, string $anchor, string $text): string => sprintf(
            '<text x="%.1f" y="%.1f" font-size="15" font-family="Card" text-anchor="%s">%s</text>',
            $x,
            $y,
            $anchor,
            htmlspecialchars($text, ENT_XML1),
        );
        $first = 70 - $y($far[0]);
        $last = 70 - $y($far[count($far) - 1]);
        $svg .=
            $label(42, $first + 4, 'end', $metres($far[0])).
            $label(258, $last + 4, 'start', $metres($far[count($far) - 1]));
        if ($focus !== null && min(abs(70 - $y($focus) - $first), 99) > 12) {
            $svg .= $label(42, 74 - $y($focus), 'end', $metres($focus));
        }

        return self::svg(300, 74, $svg);
    }

    /**
     * @return array{path: string, of: array{float|int, float|int}, head?: array{float|int, float|int}}
     */
    private static function pose(string $figure, float $across, float $along): array
    {
        $file = self::PARTS.'poses/'.(preg_match('/^[a-z-]+$/', $figure) === 1 ? $figure : 'plain').'.json';
        if (is_file($file)) {
            $poses = json_decode((string) file_get_contents($file), true, 8, JSON_THROW_ON_ERROR);
            $turned = rad2deg(atan2(abs($along), abs($across) + 1e-6));

            return $poses[0][$turned > 67.5 ? 2 : ($turned > 22.5 ? 1 : 0)];
        }
        $known = json_decode((string) file_get_contents(self::PARTS.'outlines.json'), true, 8, JSON_THROW_ON_ERROR);

        return [...$known[$figure] ?? $known['plain'], 'of' => [1, 1]];
    }

    /** As an address that an image can have. */
    private static function svg(float $wide, float $high, string $inside): string
    {
        return 'data:image/svg+xml;base64,'.
            base64_encode(
                sprintf(
                    '<svg xmlns="http://www.w3.org/2000/svg" width="%1$.1f" height="%2$.1f" viewBox="0 0 %1$.1f %2$.1f">%3$s</svg>',
                    $wide,
                    $high,
                    $inside,
                ),
            );
    }
}
