<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Review\Measured;
use RushHold\Review\Tile;

/** What was measured in a frame, as JSON: lengths in pixels, places in widths and heights from the centre, y down. */
final class MeasuredDocument
{
    /** @return array<string, mixed> */
    public static function write(Measured $measured): array
    {
        $ellipse = $measured->spread?->ellipse;
        $round = static fn (?float $value, int $digits = 2): ?float => $value === null ? null : round($value, $digits);

        return [
            'aim' => $measured->aim === null ? null : ['x' => round($measured->aim[0], 4), 'y' => round($measured->aim[1], 4)],
            'sigma_px' => $round($ellipse?->deviation()), 'long_px' => $round($ellipse?->long), 'short_px' => $round($ellipse?->short), 'angle_deg' => $round($ellipse?->angleDeg, 1),
            'width_px' => $round($measured->widthPx()), 'limit_px' => round($measured->limitPx, 2), 'edges' => $measured->spread->edges ?? 0,
            'noise' => round($measured->noise, 4),
            'tiles' => array_map(static fn (Tile $tile): array => ['x' => round($tile->x, 3), 'y' => round($tile->y, 3), 'sigma_px' => $round($tile->ellipse?->deviation()),
                'long_px' => $round($tile->ellipse?->long), 'short_px' => $round($tile->ellipse?->short), 'angle_deg' => $round($tile->ellipse?->angleDeg, 0)], $measured->tiles),
            'sharp_where' => $measured->sharpWhere()->value, 'camera_smeared' => $measured->cameraSmeared(),
            'verdict' => $measured->untold() !== null ? 'untold' : ($measured->kept() ? 'kept' : 'lost'), 'untold' => $measured->untold()?->value, 'sure' => round($measured->sure(), 3),
        ];
    }
}
