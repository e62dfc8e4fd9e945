<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Hold\Kinds\Amount;
use RushHold\Hold\Kinds\Flag;
use RushHold\Hold\Kinds\Kind;
use RushHold\Hold\Kinds\Limits;
use RushHold\Hold\Kinds\Place;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Support;
use RushHold\Kit\Wins;
use RushHold\Labelled;

/** The settings that make up a hold, in the order in which they are decided. The value is where documents have it. */
enum Setting: string implements Labelled
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

    /** What its values are. */
    public function kind(): Kind
    {
        return match ($this) {
            self::Support => new Word(Support::class),
            self::Technique => new Word(Technique::class),
            self::Mode => new Word(FocusMode::class),
            self::Area => new Word(Area::class),
            self::Detect => new Word(Detection::class),
            self::Eye => new Flag,
            self::Aim => new Word(AimPoint::class),
            self::AreaAt => new Place,
            self::Patience => Amount::patience(),
            self::Nimbleness => Amount::nimbleness(),
            self::Wins => new Word(Wins::class),
            self::StartAt => Amount::distance(),
            self::RangeLimit => new Limits,
            self::Drive => new Word(Drive::class),
            self::Shutter => Amount::shutter(),
            self::Aperture => Amount::aperture(),
            self::Iso => Amount::iso(),
            self::Stabiliser => new Word(Stabiliser::class),
        };
    }

    /** What a hold calls it. */
    public function property(): string
    {
        return match ($this) {
            self::AreaAt => 'areaAt',
            self::Patience => 'patienceS',
            self::StartAt => 'startAtM',
            self::RangeLimit => 'range',
            self::Shutter => 'shutterS',
            default => str_replace(['focus.', 'exposure.'], '', $this->value),
        };
    }

    public function in(Hold $hold): mixed
    {
        return $hold->{$this->property()};
    }

    /** @return class-string<Labelled>|null the words it takes, null for numbers */
    public function words(): ?string
    {
        $kind = $this->kind();

        return $kind instanceof Word ? $kind->words : null;
    }

    /** Whether rules weigh its values against each other; the others are solved for. */
    public function isJudged(): bool
    {
        return $this === self::Patience || $this === self::Nimbleness || ! ($this->kind() instanceof Amount || $this->kind() instanceof Limits || $this->kind() instanceof Place);
    }

    /** @return list<self> what stays in the camera from one rush to the next, in the order in which it is changed quickest; the rest is the person's */
    public static function keptByCamera(): array
    {
        return [self::Mode, self::Detect, self::Eye, self::Area, self::Patience, self::Nimbleness, self::Wins, self::RangeLimit,
            self::Drive, self::Stabiliser, self::Shutter, self::Aperture, self::Iso];
    }

    /** Where it is found among the others: focus, exposure or shooting. */
    public function group(): string
    {
        return match ($this) {
            self::Shutter, self::Aperture, self::Iso => 'exposure',
            self::Support, self::Drive, self::Stabiliser => 'shooting',
            default => 'focus',
        };
    }

    /** Whether it does nothing in this hold. */
    public function isIdleIn(Hold $hold): bool
    {
        $byHand = $hold->mode === FocusMode::Manual;

        return match ($this) {
            self::Area, self::Detect => $byHand,
            // Where nothing is looked for there is no eye to find.
            self::Eye => $byHand || $hold->detect === Detection::Off,
            self::Patience, self::Nimbleness => $byHand || $hold->mode->locksOnce(),
            self::Wins => $byHand || ! $hold->area->picksForItself(),
            default => false,
        };
    }
}
