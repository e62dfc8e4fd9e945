<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Kit\Detection;
use RushHold\Situation\Situation;

/**
 * The shutter speeds people carry in their heads, shown beside the computed one so that both can be judged.
 * They know nothing of distance or focal length.
 */
final readonly class FolkFloor
{
    /** Whoever stands still, but moves an arm or a club this fast, is not still for the shutter, m/s. */
    private const SWINGS_MPS = 4.0;

    private function __construct(
        public float $shutterS,
        /** Whom the rule of thumb is for: `floor.` and this in the catalogue. */
        public string $for,
    ) {
    }

    public static function of(Situation $s): self
    {
        $fastest = max(array_map(static fn ($p): float => $p->speedMps, $s->points));
        $kind = $s->subject->kind;

        return match (true) {
            $s->isStill() && $s->subject->limbSpeedMps >= self::SWINGS_MPS => new self(1 / 1600, 'swings'),
            $s->isStill() => new self(1 / 500, 'still'),
            $kind === Detection::Bird && $fastest >= 6 && $s->subject->lengthM <= 0.25 => new self(
                1 / 4000,
                'small-birds',
            ),
            $kind === Detection::Bird && $fastest >= 3 => new self($fastest > 12 ? 1 / 2500 : 1 / 2000, 'birds'),
            $fastest < 3 => new self(1 / 800, 'slow'),
            $kind === Detection::Vehicle => new self(1 / 1000, 'vehicles'),
            $fastest < 7 => new self(1 / 1250, 'running'),
            default => new self(1 / 1600, 'fast-running'),
        };
    }

    /** The old rule against shake: 1/focal length, × crop. It says nothing about the subject. */
    public static function againstShake(Situation $s): float
    {
        return 1 / ($s->kit->focalMm() * $s->kit->body->crop());
    }
}
