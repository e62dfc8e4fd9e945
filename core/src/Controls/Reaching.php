<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\Means;
use RushHold\Kit\AreaMove;
use RushHold\Kit\ControlPlace;

/** What is to be done to get from what is in force to what a rush needs. */
final readonly class Reaching
{
    /** Clicks of a dial in a stop. */
    private const CLICKS = 3;

    /** @param  non-empty-list<AreaMove>  $moves  how the area can be moved */
    public function __construct(private Times $times, private array $moves = [AreaMove::Stick])
    {
    }

    /**
     * From a control held, or from rest, to a hold.
     *
     * @param  PartialHold  $inForce  at rest, with the set of the control over it
     * @param  ControlPlace|null  $held  the control; null at rest
     * @return list<Press> the control first, then what is quickest
     */
    public function presses(Hold $hold, PartialHold $inForce, ?ControlPlace $held = null): array
    {
        $presses = [];
        foreach ([...Setting::inASet(), ...Setting::beside(), Setting::AreaAt] as $setting) {
            if (! $inForce->has($setting) || $setting->isIdleIn($hold)) {
                continue;
            }
            $press = $this->change($setting, $inForce->get($setting), $setting->in($hold));
            // Patience and nimbleness stand on one page.
            if (
                $press !== null &&
                ! (
                    $setting === Setting::Nimbleness &&
                    end($presses) !== false &&
                    end($presses)->setting === Setting::Patience
                )
            ) {
                $presses[] = $press;
            }
        }
        usort($presses, static fn (Press $a, Press $b): int => $a->seconds <=> $b->seconds);

        return $held === null ? $presses : [new Press(Way::Hold, $this->times->untilHeld($held), $held), ...$presses];
    }

    /**
     * The quickest way to a hold: from rest, or with one of the controls held.
     *
     * @param  PartialHold  $rest  as it is now
     * @return array{ControlPlace|null, list<Press>} the control and what is done
     */
    public function quickest(Hold $hold, PartialHold $rest, ?Arrangement $arrangement): array
    {
        $by = null;
        $presses = $this->presses($hold, $rest);
        foreach ($arrangement?->sets() ?? [] as $assigned) {
            $other = $this->presses($hold, $rest->and($assigned->set ?? PartialHold::nothing()), $assigned->place);
            if (self::seconds($other) < self::seconds($presses) - 1e-9) {
                [$by, $presses] = [$assigned->place, $other];
            }
        }

        return [$by, $presses];
    }

    /** @param  list<Press>  $presses */
    public static function seconds(array $presses): float
    {
        return array_sum(array_map(static fn (Press $p): float => $p->seconds, $presses));
    }

    /** How one setting is changed; null where it need not be. */
    private function change(Setting $setting, mixed $from, mixed $to): ?Press
    {
        if ($from == $to) {
            return null;
        }
        $means = $setting->about()->changedBy($from, $to);
        $clicks = match ($means) {
            Means::Dial => self::clicks($from, $to, 1),
            Means::DialOfTwo => self::clicks($from, $to, 2),
            default => 0,
        };
        $way = match ($means) {
            Means::Dial, Means::DialOfTwo => $clicks === 0 ? null : Way::Dial,
            Means::Moving => self::apart($from, $to) ? $this->quickestMove() : null,
            Means::Switch => Way::Flip,
            Means::Quick => Way::Quick,
            Means::Menu => Way::Menu,
        };

        return $way === null
            ? null
            : new Press($way, $this->times->of($way) * max(1, $clicks), null, $setting, $from, $to, $clicks);
    }

    private static function clicks(mixed $from, mixed $to, int $stopsPerDoubling): int
    {
        return is_float($from) && is_float($to) && $from > 0 && $to > 0
            ? (int) round(self::CLICKS * $stopsPerDoubling * abs(log($to / $from, 2)))
            : 0;
    }

    private function quickestMove(): Way
    {
        $ways = array_map(Way::ofMove(...), $this->moves);
        usort($ways, fn (Way $a, Way $b): int => $this->times->of($a) <=> $this->times->of($b));

        return $ways[0];
    }

    private static function apart(mixed $from, mixed $to): bool
    {
        [$x, $y, $toX, $toY] = array_map(
            static fn (mixed $part): float => is_float($part) ? $part : 0.0,
            [...(array) $from, ...(array) $to] + [0.0, 0.0, 0.0, 0.0],
        );

        return AreaMove::isFar([$x, $y], [$toX, $toY]);
    }
}
