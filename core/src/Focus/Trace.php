<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** One run as it went, step by step and frame by frame, for the pictures. */
final class Trace
{
    /** What the area saw, by the number the simulator uses. */
    public const SEEN = ['nothing', 'subject', 'a nearer part', 'the background', 'something nearer'];

    /** @var list<array{t: float, distance_m: float, focus_m: float, aim_x: float, aim_y: float, seen: string, hidden: bool}> */
    public array $steps = [];

    /** @var list<array{t: float, distance_m: float, focus_m: float, kept: bool, cause: string|null, blur_um: float}> */
    public array $frames = [];

    public function step(float $t, float $distanceM, float $focusM, float $aimX, float $aimY, int $seen, bool $hidden): void
    {
        $this->steps[] = ['t' => round($t, 4), 'distance_m' => round($distanceM, 3), 'focus_m' => round(min(10000.0, $focusM), 3),
            'aim_x' => round($aimX, 4), 'aim_y' => round($aimY, 4), 'seen' => self::SEEN[$seen], 'hidden' => $hidden];
    }

    public function frame(float $t, float $distanceM, float $focusM, ?LossCause $cause, float $blurUm, int $many): void
    {
        $frame = ['t' => round($t, 4), 'distance_m' => round($distanceM, 3), 'focus_m' => round(min(10000.0, $focusM), 3),
            'kept' => $cause === null, 'cause' => $cause?->value, 'blur_um' => round($blurUm, 1)];
        array_push($this->frames, ...array_fill(0, $many, $frame));
    }
}
