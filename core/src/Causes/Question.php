<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Labelled;

/** What tells causes apart: measured in the frames, read from what was logged, or asked of whoever looks at a frame. */
enum Question: string implements Labelled
{
    /** How sharpness runs through the burst. */
    case Course = 'course';
    /** How soft the lost frames are. */
    case Size = 'size';
    /** Whether focus lies to one side of it all along. */
    case Side = 'side';
    /** Whether detail is lost to blur or to grain. */
    case Grain = 'grain';
    /** Where something is sharp in a soft frame. */
    case SharpWhere = 'sharp-where';
    /** What is smeared. */
    case Smear = 'smear';
    /** Whether something that keeps still comes out sharp. */
    case StillTarget = 'still-target';
    /** Whether it is crisp one stop down. */
    case StoppedDown = 'stopped-down';
    /** Whether something near was crisp at that hour. */
    case NearAtTheHour = 'near-at-the-hour';
    /** What focus did in the finder. */
    case Finder = 'finder';
    /** When focus is behind or ahead. */
    case AheadBehind = 'ahead-behind';
    /** What happened when it jumped off. */
    case JumpedWhen = 'jumped-when';
    /** Whether only with the area away from the middle. */
    case OnlyOuter = 'only-outer';
    /** Whether the part aimed at is in the frame. */
    case InFrame = 'in-frame';
    /** Whether the camera was still set for something else. */
    case LeftOver = 'left-over';
    /** The focus mode the frames were taken with. */
    case Mode = 'mode';

    /** @return list<string> the answers there are, in the order in which they are shown */
    public function answers(): array
    {
        return match ($this) {
            self::Course => ['drifts', 'jumps', 'alternates', 'never', 'late', 'mixed'],
            self::Size => ['little', 'more', 'much'],
            self::Side => ['one', 'both'],
            self::Grain => ['blur', 'grain'],
            self::SharpWhere => ['nothing', 'behind', 'before', 'nearer-part', 'slice'],
            self::Smear => ['none', 'whole-frame', 'subject-only', 'limbs-only'],
            self::StillTarget => ['sharp', 'always-off', 'soft'],
            self::StoppedDown => ['crisp', 'no-better'],
            self::NearAtTheHour => ['crisp', 'soft-too'],
            self::Finder => ['settled', 'never-came', 'trembled'],
            self::AheadBehind => ['at-turns', 'no'],
            self::JumpedWhen => ['passed', 'slipped', 'never-jumped'],
            self::OnlyOuter => ['yes', 'no'],
            self::InFrame => ['mostly', 'often-not'],
            self::LeftOver => ['yes', 'no'],
            self::Mode => ['single', 'continuous', 'by-itself', 'by-hand'],
        };
    }

    /** How willingly it is asked: what was there in the frames at once, or has to be tried or remembered. */
    public function ease(): float
    {
        return match ($this) {
            self::StillTarget, self::StoppedDown, self::NearAtTheHour => 0.8,
            // It stands in the file.
            self::Mode => 2.0,
            default => 1.0,
        };
    }
}
