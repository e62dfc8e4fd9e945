<?php

declare(strict_types=1);

namespace RushHold\Hold;

/** The settings that make up a hold, in the order in which they are decided. */
enum Setting: string
{
    case Support = 'support';
    case Technique = 'focus.technique';
    case Mode = 'focus.mode';
    case Area = 'focus.area';
    case Detect = 'focus.detect';
    case Eye = 'focus.eye';
    case Aim = 'aim';
    case AreaAt = 'focus.area_at';
    case Patience = 'focus.patience_s';
    case Nimbleness = 'focus.nimble';
    case Wins = 'focus.wins';
    case StartAt = 'focus.start_at_m';
    case RangeLimit = 'focus.range_m';
    case Drive = 'drive';
    case Shutter = 'exposure.shutter_s';
    case Aperture = 'exposure.aperture';
    case Iso = 'exposure.iso';
    case Stabiliser = 'stabiliser';

    public function label(): string
    {
        return match ($this) {
            self::Support => 'Support',
            self::Technique => 'Who focuses',
            self::Mode => 'Focus mode',
            self::Area => 'Area',
            self::Detect => 'Detection',
            self::Eye => 'Eye',
            self::Aim => 'Aim at',
            self::AreaAt => 'Area placed',
            self::Patience => 'Patience',
            self::Nimbleness => 'Nimbleness',
            self::Wins => 'What wins',
            self::StartAt => 'Start focus at',
            self::RangeLimit => 'Range limit',
            self::Drive => 'Drive',
            self::Shutter => 'Shutter',
            self::Aperture => 'Aperture',
            self::Iso => 'ISO',
            self::Stabiliser => 'Stabiliser',
        };
    }

    /** @return class-string<Labelled>|null the words it takes, null for numbers */
    public function words(): ?string
    {
        return match ($this) {
            self::Support => \RushHold\Kit\Support::class,
            self::Technique => Technique::class,
            self::Mode => FocusMode::class,
            self::Area => Area::class,
            self::Detect => Detection::class,
            self::Aim => AimPoint::class,
            self::Wins => Wins::class,
            self::Drive => Drive::class,
            self::Stabiliser => Stabiliser::class,
            default => null,
        };
    }
}
