<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Blur\Ellipse;
use RushHold\Review\Measured;
use RushHold\Review\Spread;
use RushHold\Review\Tile;

/** What was measured in a frame, as JSON: lengths in pixels, places in widths and heights from the centre, y down. */
final class MeasuredDocument
{
    /** Of what was measured before it was written down how unsure it is. */
    private const UNSURE = 0.2;

    /** @return array<string, mixed> */
    public static function write(Measured $measured): array
    {
        $ellipse = $measured->spread?->ellipse;
        $round = static fn (?float $value, int $digits = 2): ?float => $value === null ? null : round($value, $digits);

        return [
            'aim' => $measured->aim === null
                    ? null
                    : ['x' => round($measured->aim[0], 4), 'y' => round($measured->aim[1], 4)],
            'sigma_px' => $round($ellipse?->deviation()),
            'long_px' => $round($ellipse?->long),
            'short_px' => $round($ellipse?->short),
            'angle_deg' => $round($ellipse?->angleDeg, 1),
            'width_px' => $round($measured->widthPx()),
            'limit_px' => round($measured->limitPx, 2),
            'edges' => $measured->spread->edges ?? 0,
            'unsure' => $round($measured->spread?->unsure, 3),
            'clear' => round($measured->clear, 3),
            'feet' => $round($measured->feet, 4),
            'noise' => round($measured->noise, 4),
            'tiles' => array_map(
                static fn (Tile $tile): array => [
                    'x' => round($tile->x, 3),
                    'y' => round($tile->y, 3),
                    'sigma_px' => $round($tile->ellipse?->deviation()),
                    'long_px' => $round($tile->ellipse?->long),
                    'short_px' => $round($tile->ellipse?->short),
                    'angle_deg' => $round($tile->ellipse?->angleDeg, 0),
                ],
                $measured->tiles,
            ),
            'sharp_where' => $measured->sharpWhere()->value,
            'camera_smeared' => $measured->cameraSmeared(),
            ...self::verdict($measured),
        ];
    }

    /**
     * The same frame judged by another limit.
     *
     * @param  array<string, mixed>  $document  as `write` made it
     * @param  float  $limitPx  the widest that may be kept, pixels
     * @return array<string, mixed>
     */
    public static function judgedBy(array $document, float $limitPx): array
    {
        $measured = self::read($document, $limitPx);

        return [
            ...$document,
            'limit_px' => round($limitPx, 2),
            'sharp_where' => $measured->sharpWhere()->value,
            ...self::verdict($measured),
        ];
    }

    /** @return array{verdict: string, untold: string|null, sure: float} */
    private static function verdict(Measured $measured): array
    {
        $untold = $measured->untold();

        return [
            'verdict' => $untold !== null ? 'untold' : ($measured->kept() ? 'kept' : 'lost'),
            'untold' => $untold?->value,
            'sure' => round($measured->sure(), 3),
        ];
    }

    /** @param  array<string, mixed>  $document */
    private static function read(array $document, float $limitPx): Measured
    {
        $number = static fn (mixed $value, float $otherwise): float => is_numeric($value) ? (float) $value : $otherwise;
        $ellipse = static fn (mixed $of): ?Ellipse => is_array($of) &&
        is_numeric($of['long_px'] ?? null) &&
        is_numeric($of['short_px'] ?? null)
            ? Ellipse::fromAxes((float) $of['long_px'], (float) $of['short_px'], $number($of['angle_deg'] ?? null, 0.0))
            : null;
        $aim = is_array($document['aim'] ?? null)
            ? [$number($document['aim']['x'] ?? null, 0.0), $number($document['aim']['y'] ?? null, 0.0)]
            : null;
        $mine = $aim === null ? null : $ellipse($document);
        $tiles = array_map(
            static fn (mixed $tile): Tile => new Tile(
                $number($tile['x'] ?? null, 0.0),
                $number($tile['y'] ?? null, 0.0),
                $ellipse($tile),
            ),
            array_values(array_filter((array) ($document['tiles'] ?? []), is_array(...))),
        );

        return new Measured(
            $aim,
            $mine === null
                ? null
                : Spread::known(
                    $mine,
                    (int) $number($document['edges'] ?? null, 0),
                    $number($document['unsure'] ?? null, self::UNSURE),
                ),
            $number($document['noise'] ?? null, 0.0),
            $tiles,
            $limitPx,
            $number($document['clear'] ?? null, 1.0),
            null,
            is_numeric($document['feet'] ?? null) ? (float) $document['feet'] : null,
        );
    }
}
