<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Hold\Kinds\Kind;
use RushHold\Hold\Settings\About;
use RushHold\Hold\Settings\OnControls;
use RushHold\Hold\Settings\Where;
use RushHold\Kit\Body;
use RushHold\Labelled;

/**
 * The settings that make up a hold, in the order in which they are decided. The value is where documents have it; what
 * else there is to say of one stands in the file of its name under `Settings`.
 */
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
    case BeforePress = 'before_press_s';
    case Unpressed = 'focus.unpressed';

    /** What it says of itself. */
    public function about(): About
    {
        /** @var array<string, About> $known */
        static $known = [];

        return $known[$this->name] ??= self::fileOf($this->name)::about();
    }

    /** @return class-string<Settings\Support> every one of them has the like */
    private static function fileOf(string $name): string
    {
        /** @var class-string<Settings\Support> */
        return __NAMESPACE__."\\Settings\\$name";
    }

    public function kind(): Kind
    {
        return $this->about()->kind;
    }

    public function in(Hold $hold): mixed
    {
        $property = $this->about()->property;

        return $property === null ? $hold->extras[$this->value] ?? $this->about()->usual : $hold->{$property};
    }

    /** Whether rules weigh its values against each other; the others are solved for, or tried. */
    public function isJudged(): bool
    {
        return $this->about()->judged() !== [];
    }

    /** Whether it does nothing in this hold. */
    public function isIdleIn(Hold $hold): bool
    {
        return $this->about()->isIdleIn($hold);
    }

    /** Whether few bodies offer it. */
    public function isRare(): bool
    {
        return $this->about()->property === null;
    }

    /** Whether few bodies offer it, and this one does not. */
    public function isLackedBy(Body $body): bool
    {
        return $this->isRare() && $this->offeredBy($body) === [];
    }

    /** @return list<mixed> what a body can be set to, of what few bodies offer */
    public function offeredBy(Body $body): array
    {
        return $body->offers[$this->value] ?? [];
    }

    /** Whether it is worth a line where room is short: what few bodies offer is not while it stands as usual. */
    public function isWorthTelling(Hold $hold): bool
    {
        return ! $this->isIdleIn($hold) && ! ($this->isRare() && $this->in($hold) === $this->about()->usual);
    }

    /** @return list<mixed> of what few bodies offer, what could be tried on a hold instead of what it has */
    public function triedOn(Hold $hold, Body $body): array
    {
        $values = $this->isIdleIn($hold) ? [] : $this->offeredBy($body);

        return array_values(array_filter($values, fn (mixed $value): bool => $value !== $this->in($hold)));
    }

    /** @return list<self> what few bodies offer */
    public static function rare(): array
    {
        /** @var list<self>|null $known */
        static $known = null;

        return $known ??= self::that(static fn (About $about): bool => $about->property === null);
    }

    /**
     * @return list<self> what stays in the camera from one rush to the next, in the order in which it is changed
     *   quickest; the rest is the person's
     */
    public static function keptByCamera(): array
    {
        /** @var list<self>|null $known */
        static $known = null;
        if ($known === null) {
            $known = self::that(static fn (About $about): bool => $about->changedAt !== null);
            usort($known, static fn (self $a, self $b): int => $a->about()->changedAt <=> $b->about()->changedAt);
        }

        return $known;
    }

    /** @return list<self> what a held control can put in force */
    public static function inASet(): array
    {
        /** @var list<self>|null $known */
        static $known = null;

        return $known ??= self::that(static fn (About $about): bool => $about->onControls === OnControls::InASet);
    }

    /** @return list<self> what is changed by dials and switches, whatever is held */
    public static function beside(): array
    {
        /** @var list<self>|null $known */
        static $known = null;

        return $known ??= self::that(static fn (About $about): bool => $about->onControls === OnControls::Beside);
    }

    /** @return list<self> what playing decides better than the rules */
    public static function played(): array
    {
        /** @var list<self>|null $known */
        static $known = null;

        return $known ??= self::that(static fn (About $about): bool => $about->played);
    }

    /** @return list<self> in the order in which they are read */
    public static function toldIn(Where $where): array
    {
        return self::that(static fn (About $about): bool => $about->isToldIn($where));
    }

    /**
     * @param  callable(About): bool  $which
     * @return list<self> those that say so of themselves, in the order in which they are read
     */
    public static function that(callable $which): array
    {
        $found = array_values(array_filter(self::cases(), static fn (self $setting): bool => $which($setting->about())));
        usort($found, static fn (self $a, self $b): int => $a->about()->readAt <=> $b->about()->readAt);

        return $found;
    }
}
