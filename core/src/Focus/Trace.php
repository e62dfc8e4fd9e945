<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** One run as it went, step by step and frame by frame, for the pictures. */
final class Trace
{
    /** What the area saw, by the number the simulator uses. */
    public const SEEN = ['nothing', 'subject', 'a nearer part', 'the background', 'something nearer'];

    /**
     * @var list<array{t: float, distance_m: float, focus_m: float, aim_x: float, aim_y: float, seen: string,
     *   hidden: bool}>
     */
    public array $steps = [];

    /** @var list<array{t: float, distance_m: float, focus_m: float, kept: bool, cause: string|null, blur_um: float}> */
    public array $frames = [];

    /** @var list<Exposed> one for each moment at which frames were taken */
    public array $exposed = [];

    public function step(
        float $t,
        float $distanceM,
        float $focusM,
        float $aimX,
        float $aimY,
        int $seen,
        bool $hidden,
    ): void {
        $this->steps[] = [
            't' => round($t, 4),
            'distance_m' => round($distanceM, 3),
            'focus_m' => round(min(10000.0, $focusM), 3),
            'aim_x' => round($aimX, 4),
            'aim_y' => round($aimY, 4),
            'seen' => self::SEEN[$seen],
            'hidden' => $hidden,
        ];
    }

    public function frame(Exposed $exposed): void
    {
        $this->exposed[] = $exposed;
        $frame = [
            't' => round($exposed->t, 4),
            'distance_m' => round($exposed->distanceM, 3),
            'focus_m' => round(min(10000.0, $exposed->focusM), 3),
            'kept' => $exposed->cause === null,
            'cause' => $exposed->cause?->value,
            'blur_um' => round($exposed->totalUm, 1),
        ];
        array_push($this->frames, ...array_fill(0, $exposed->many, $frame));
    }
}
