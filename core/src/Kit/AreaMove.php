<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Labelled;

/** How the area is moved to another place of the frame. */
enum AreaMove: string implements Labelled
{
    case Stick = 'stick';
    /** The thumb on the screen: it goes where it is put. */
    case TouchTo = 'touch-absolute';
    /** The thumb on the screen: it goes as far as the thumb is dragged. */
    case TouchBy = 'touch-relative';
    /** A control that brings it back to a place stored before. */
    case Recall = 'recall';

    /** Nearer than this to where it is wanted it is left there, frame widths and heights. */
    public const NEAR = 0.05;

    /** A first guess of how long it takes somebody who knows it, s. */
    public function usualS(): float
    {
        return match ($this) {
            self::Recall => 0.3,
            self::TouchTo, self::TouchBy => 0.8,
            self::Stick => 1.2,
        };
    }

    /** Whether it is a way of the hand, which can be practised; recalling it is a press like any other. */
    public function isSteered(): bool
    {
        return $this !== self::Recall;
    }

    /**
     * What a body has that can do so much with its controls.
     *
     * @param  list<Control>  $controls
     * @return non-empty-list<self>
     */
    public static function with(array $controls): array
    {
        $has = static fn (ControlPlace $place): bool => array_filter(
            $controls,
            static fn (Control $c): bool => $c->place === $place,
        ) !== [];
        $recalls = array_filter($controls, static fn (Control $c): bool => $c->may(Duty::RecallArea)) !== [];
        $moves = [...$has(ControlPlace::Touch) ? [self::TouchTo] : [], ...$recalls ? [self::Recall] : []];

        // Something always moves it: a stick, or keys that take as long.
        return [self::Stick, ...$moves];
    }

    /**
     * Whether an area has to be moved to get from one place to another.
     *
     * @param  array{float, float}  $from  from the middle of the frame, frame widths and heights
     * @param  array{float, float}  $to
     */
    public static function isFar(array $from, array $to): bool
    {
        return max(abs($from[0] - $to[0]), abs($from[1] - $to[1])) > self::NEAR;
    }
}
