<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Controls\Reachable;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;

/** Two controls that are taken for each other again and again, and where one of them would be found better. */
final readonly class MixedUp
{
    /** Once or twice is chance. */
    private const OFTEN = 4;

    private const SHARE = 0.15;

    /**
     * @param  int  $times  one was pressed for the other
     * @param  int  $asked  how often both were asked together
     * @param  ControlPlace|null  $better  a control that may do what the second does, and is not mixed up with either
     * @param  bool  $free  whether that one does nothing yet; else the two change places
     */
    private function __construct(
        public ControlPlace $one,
        public ControlPlace $other,
        public int $times,
        public int $asked,
        public ?ControlPlace $better,
        public bool $free,
    ) {
    }

    /**
     * The worst pair, if any is mixed up often enough.
     *
     * @param  list<ButtonScore>  $scores  lately
     */
    public static function among(array $scores, Body $body): ?self
    {
        $asked = $pairs = $duties = [];
        foreach ($scores as $score) {
            $keys = $score->course->keys;
            foreach ($score->byKey() as $right => $found) {
                $place = $keys[$right]->place->value;
                $duties[$place] = $keys[$right]->duty;
                $asked[$place] = ($asked[$place] ?? 0) + $found['asked'];
                foreach ($found['pressed'] as $pressed => $times) {
                    if ($pressed !== $right) {
                        $pair = [$place, $keys[$pressed]->place->value];
                        sort($pair);
                        $pairs[implode(' ', $pair)] = ($pairs[implode(' ', $pair)] ?? 0) + $times;
                    }
                }
            }
        }
        arsort($pairs);
        foreach ($pairs as $pair => $times) {
            [$one, $other] = explode(' ', $pair);
            $both = ($asked[$one] ?? 0) + ($asked[$other] ?? 0);
            if ($times >= self::OFTEN && $times >= self::SHARE * $both) {
                $mixed = array_filter(
                    array_keys($pairs),
                    static fn (string $p): bool => str_contains(" $p ", " $one ") || str_contains(" $p ", " $other "),
                );
                $better = self::apart(
                    $body,
                    explode(' ', implode(' ', $mixed)),
                    $duties[$other] ?? Duty::StoredSet,
                    array_keys($duties),
                );

                return new self(
                    ControlPlace::from($one),
                    ControlPlace::from($other),
                    $times,
                    $both,
                    $better,
                    $better !== null && ! isset($duties[$better->value]),
                );
            }
        }

        return null;
    }

    /**
     * @param  list<string>  $mixed  controls that are mixed up with the two
     * @param  list<string>  $used
     */
    private static function apart(Body $body, array $mixed, Duty $duty, array $used): ?ControlPlace
    {
        $able = array_filter(
            $body->controls,
            static fn (Control $c): bool => $c->may($duty) &&
                ! in_array($c->place->value, $mixed, true) &&
                Reachable::whilePanning($c->place) &&
                $c->place !== ControlPlace::HalfPress,
        );
        $places = array_map(static fn (Control $c): ControlPlace => $c->place, array_values($able));

        return array_values(
            array_filter($places, static fn (ControlPlace $p): bool => ! in_array($p->value, $used, true)),
        )[0] ??
            ($places[0] ?? null);
    }
}
