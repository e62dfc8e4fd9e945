<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Hold\Technique;
use RushHold\Labelled;

/** The ladder of focusing by hand, from finding the buttons to free flight. */
enum Rung: string implements Labelled
{
    case Touch = 'touch';
    case Still = 'still';
    case Swimmer = 'swimmer';
    case Perch = 'perch';
    case Wild = 'wild';

    public function exercise(): Exercise
    {
        return match ($this) {
            self::Touch => Exercise::Buttons,
            self::Still => Exercise::Still,
            self::Swimmer => Exercise::Swimmer,
            self::Perch => Exercise::Perch,
            self::Wild => Exercise::Wild,
        };
    }

    /**
     * What a session has to reach: with buttons the share that is right at once, with the ring the share of what a
     * practised hand keeps.
     */
    public function mark(): float
    {
        return match ($this) {
            self::Touch => 0.9,
            self::Still, self::Perch => 0.75,
            self::Swimmer => 0.7,
            self::Wild => 0.65,
        };
    }

    /** With buttons, the median press has to come within this, s; null where time does not count. */
    public function withinS(): ?float
    {
        return $this === self::Touch ? 1.3 : null;
    }

    /** The technique that its field task is logged with; null where the task is not shot by hand. */
    public function technique(): ?Technique
    {
        return match ($this) {
            self::Touch => null,
            self::Still, self::Swimmer, self::Wild => Technique::Follow,
            self::Perch => Technique::Park,
        };
    }

    public function next(): ?self
    {
        return self::cases()[$this->step()] ?? null;
    }

    public function before(): ?self
    {
        return self::cases()[$this->step() - 2] ?? null;
    }

    /** From 1, the lowest. */
    public function step(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    public static function of(Exercise $exercise): ?self
    {
        foreach (self::cases() as $rung) {
            if ($rung->exercise() === $exercise) {
                return $rung;
            }
        }

        return null;
    }
}
