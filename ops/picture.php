<?php

declare(strict_types=1);

// Opens one picture and measures it: what is asked comes in as JSON, what was found goes out as JSON. It runs as a
// process of its own, so that a file that is not what it seems can do no harm and takes nothing else down with it.

use App\Pictures\Cut;
use App\Pictures\NoPicture;
use App\Pictures\Sight;
use RushHold\Document\MeasuredDocument;
use RushHold\Review\Follow;
use RushHold\Review\Look;
use RushHold\Review\Palette;

require __DIR__.'/../vendor/autoload.php';

/**
 * @var array{file: string, preview?: string, thumbnail?: string, aim?: array{float, float}|null, follow?: string|null,
 *   elsewhere?: bool, limit_px: float, crop?: array{float, float, int}, close?: array{string, int}} $asked
 */
$asked = json_decode((string) stream_get_contents(STDIN), true, 8, JSON_THROW_ON_ERROR);
try {
    if (isset($asked['crop'])) {
        echo Cut::around($asked['file'], ...$asked['crop']);
        exit();
    }
    $sight = new Sight($asked['file']);
    $small = $sight->small();
    $aim = $asked['aim'] ?? null;
    $likeness = null;
    $followed = isset($asked['follow'])
        ? unserialize(base64_decode($asked['follow'], true) ?: '', [
            'allowed_classes' => [Follow::class, Look::class, Palette::class],
        ])
        : null;
    [$follow, $palette] = is_array($followed) ? [$followed[0] ?? null, $followed[1] ?? null] : [$followed, null];
    $palette = $palette instanceof Palette ? $palette : null;
    if ($aim !== null) {
        $palette = $sight->palette($aim);
        $follow = Follow::marked($small, $aim[0], $aim[1], $sight->coloured($palette));
    } elseif ($follow instanceof Follow) {
        $follow = $asked['elsewhere'] ?? false ? $follow->elsewhere() : $follow;
        $found = $follow->in($small, $palette === null ? null : $sight->coloured($palette));
        [$aim, $likeness] = $found === null ? [null, null] : [[$found[0], $found[1]], $found[2]];
    }
    if (isset($asked['preview'], $asked['thumbnail'])) {
        [$preview, $thumbnail] = $sight->shown();
        foreach ([$asked['preview'] => $preview, $asked['thumbnail'] => $thumbnail] as $file => $picture) {
            if (file_put_contents($file, $picture) !== strlen($picture)) {
                throw new RuntimeException('The disk is full.');
            }
        }
    }
    if (isset($asked['close']) && $aim !== null) {
        [$file, $side] = $asked['close'];
        // Without room it is cut when somebody wants to see it.
        file_put_contents($file, $sight->around($aim[0], $aim[1], $side));
    }
    echo json_encode(
        [
            'wide' => $sight->wide(),
            'high' => $sight->high(),
            'likeness' => $likeness,
            ...MeasuredDocument::write($sight->measured($aim, $asked['limit_px'])),
            'follow' => $follow instanceof Follow ? base64_encode(serialize([$follow, $palette])) : null,
            'memory_mb' => (int) round(memory_get_peak_usage(true) / 1e6),
        ],
        JSON_THROW_ON_ERROR,
    );
} catch (NoPicture $refused) {
    echo json_encode(['refused' => $refused->kept()], JSON_THROW_ON_ERROR);
}
