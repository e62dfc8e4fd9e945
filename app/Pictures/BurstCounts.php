<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;

/** Keeps the figures of a burst in step with its pictures. */
final class BurstCounts
{
    public static function again(Burst $burst): void
    {
        $pictures = Picture::ofBurst($burst);
        // What nobody can tell is no frame, unless there is nothing else.
        $told = $pictures->filter(
            static fn (Picture $p): bool => $p->kept !== null || ($p->measured['verdict'] ?? null) !== 'untold',
        );
        $frames = $told->isEmpty() ? $pictures->count() : $told->count();
        $known = $told->filter(static fn (Picture $p): bool => $p->isKept() !== null)->count();
        $lost = array_count_values($pictures->pluck('lost_to')->filter()->all());
        arsort($lost);
        $first = $pictures->first();
        // Where nobody has said yet where the subject is, nothing is counted as kept.
        $said = $burst->mark !== null || $pictures->contains(static fn (Picture $p): bool => $p->kept !== null);
        $burst
            ->fill([
                'frames' => $frames === 0 ? null : $frames,
                'keepers' => $frames > 0 && $said && $known === $frames
                        ? $pictures->filter(static fn (Picture $p): bool => $p->isKept() === true)->count()
                        : null,
                'lost_to' => $lost === [] ? $burst->lost_to : (string) array_key_first($lost),
                'kept' => null,
                'shot_at' => $first->taken_at ?? $burst->shot_at,
            ])
            ->save();
    }
}
