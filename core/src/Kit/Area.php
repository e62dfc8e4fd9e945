<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Kit\Areas\About;
use RushHold\Labelled;

/** The pattern of the frame the body may focus with, from the smallest to the largest. */
enum Area: string implements Labelled
{
    case Speck = 'speck';
    case Point = 'point';
    case Plus = 'plus';
    case RingSmall = 'ring-small';
    case RingMedium = 'ring-medium';
    case RingLarge = 'ring-large';
    case Column = 'column';
    case Band = 'band';
    case Block = 'block';
    case Side = 'side';
    case Whole = 'whole';
    case Follow = 'follow';

    /** What it says of itself. */
    public function about(): About
    {
        /** @var array<string, About> $known */
        static $known = [];

        return $known[$this->name] ??= self::fileOf($this->name)::about();
    }

    /** @return class-string<Areas\Point> every one of them has the like */
    private static function fileOf(string $name): string
    {
        /** @var class-string<Areas\Point> */
        return __NAMESPACE__."\\Areas\\$name";
    }

    /**
     * Marks that a rule gives to areas.
     *
     * @param  string  $rule  as in its sentence, without `area.`
     * @return array<string, float> by area
     */
    public static function marks(string $rule): array
    {
        $marks = [];
        foreach (self::cases() as $area) {
            isset($area->about()->marks[$rule]) && ($marks[$area->value] = $area->about()->marks[$rule]);
        }

        return $marks;
    }

    /**
     * Areas that a rule rules out.
     *
     * @param  string  $rule  as in its sentence, without `area.`
     * @return list<string>
     */
    public static function ruledOut(string $rule): array
    {
        return array_values(
            array_map(
                static fn (self $area): string => $area->value,
                array_filter(
                    self::cases(),
                    static fn (self $area): bool => in_array($rule, $area->about()->ruledOut, true),
                ),
            ),
        );
    }

    /** Areas in which the body takes the nearest or crispest thing unless it detects a subject. */
    public function picksForItself(): bool
    {
        return $this->about()->picksForItself;
    }

    /** Areas that only look where the photographer puts them. */
    public function isPlaced(): bool
    {
        return ! $this->picksForItself() && $this !== self::Follow;
    }
}
