<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Labelled;

/** What can be practised. */
enum Exercise: string implements Labelled
{
    /** A situation is called, and the right button pressed without looking. */
    case Buttons = 'buttons';
    /** Sitting subjects, one after the other, with the ring. */
    case Still = 'still';
    /** Something that goes slowly to and fro. */
    case Swimmer = 'swimmer';
    /** From one perch to another: the distance is set beforehand. */
    case Perch = 'perch';
    /** Something comes running without warning. */
    case Surprise = 'surprise';
    /** Free flight, as the rush has it. */
    case Wild = 'wild';
    /** Pressing so that the peak lies in the burst. */
    case Moment = 'moment';
    /** The rushes of an outing, in real time, with its buttons. */
    case Rehearsal = 'rehearsal';
    /** The area, to one place of the frame after the other. */
    case Area = 'area';
    /** From one subject to another with the real camera, by the stopwatch. */
    case FirstSharp = 'first-sharp';

    public function isRing(): bool
    {
        return in_array($this, [self::Still, self::Swimmer, self::Perch, self::Surprise, self::Wild], true);
    }

    /** Whether controls are found by touch. */
    public function isByTouch(): bool
    {
        return $this === self::Buttons || $this === self::Rehearsal;
    }

    /** Whether single subjects are counted, each made or not; else frames are. */
    public function countsSubjects(): bool
    {
        return in_array($this, [self::Still, self::Perch], true);
    }

    /** Whether the hand follows something all the while: only then it can be said how late it is. */
    public function isFollowed(): bool
    {
        return in_array($this, [self::Swimmer, self::Wild], true);
    }

    /**
     * Blur up to which a frame counts, times what goes unseen. What comes running out of nothing hardly anybody has
     * sharp frame by frame; how near the ring was all along tells hands apart, and where it was near a frame of a burst
     * is sharp.
     */
    public function counts(): float
    {
        return $this === self::Surprise ? 12.0 : 1.0;
    }

    /** What a turn of it takes, s. */
    public function seconds(): int
    {
        return match ($this) {
            self::Buttons => 75,
            self::Rehearsal => 120,
            self::FirstSharp => 240,
            self::Moment => 70,
            self::Still, self::Perch, self::Area => 50,
            self::Swimmer, self::Surprise, self::Wild => 40,
        };
    }
}
