<?php

declare(strict_types=1);

namespace RushHold\Light;

use DateTimeImmutable;

/** When the sun rises and sets on a day at a place. */
final readonly class SunTimes
{
    /**
     * Where its upper edge is on the horizon, by convention 0.833° below it before the air lifts it: {@see SunPosition}
     * says that then, degrees.
     */
    private const EDGE_DEG = -0.437;

    private const LOOK_MIN = 10;

    private const DAY_MIN = 1440;

    /**
     * @param  DateTimeImmutable|null  $rises  to the minute; null: it does not on that day
     * @param  DateTimeImmutable|null  $sets  the same
     * @param  bool  $up  whether it is up at noon by the clock
     */
    private function __construct(public ?DateTimeImmutable $rises, public ?DateTimeImmutable $sets, public bool $up)
    {
    }

    /** @param  DateTimeImmutable  $midnight  with which the day begins, in the zone of the place */
    public static function of(float $latitudeDeg, float $longitudeDeg, DateTimeImmutable $midnight): self
    {
        $at = static fn (int $minute): DateTimeImmutable => $midnight->setTimestamp(
            $midnight->getTimestamp() + 60 * $minute,
        );
        $up = static fn (int $minute): bool => SunPosition::at($latitudeDeg, $longitudeDeg, $at($minute))->heightDeg >
            self::EDGE_DEG;
        $found = [];
        for ($minute = 0; $minute < self::DAY_MIN; $minute += self::LOOK_MIN) {
            $before = $up($minute);
            if ($before !== $up($minute + self::LOOK_MIN)) {
                $turn = $minute + 1;
                while ($up($turn) === $before) {
                    $turn++;
                }
                $found[$before ? 'sets' : 'rises'] ??= $at($turn);
            }
        }

        return new self($found['rises'] ?? null, $found['sets'] ?? null, $up(intdiv(self::DAY_MIN, 2)));
    }
}
