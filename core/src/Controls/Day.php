<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Focus\OneProcess;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
use RushHold\Planning\Chooser;
use RushHold\Planning\PartOf;
use RushHold\Planning\Planner;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/** The rushes of a day with one body: each is given its best hold, and what being ready late costs it. */
final class Day
{
    /** No more rushes than this are laid out together. */
    public const MOST = 20;

    private const SEED = 1;

    /**
     * What the rules say at once: the hold they choose, and every frame before the camera is ready lost.
     *
     * @param  list<array{rush: Rush, pins: PartialHold, wanted: float}>  $rushes
     * @return list<Need> one for each
     *
     * @throws Refused if there are none or too many, or the body cannot do what is pinned
     */
    public static function reckoned(array $rushes, Body $body): array
    {
        return array_map(static function (array $asked) use ($body): Need {
            $with = $asked['rush']->with(kit: $asked['rush']->kit->with(body: $body));
            $plan = Chooser::standard()->choose($with, $asked['pins']->fitting($with->kit));

            return new Need(
                $with->name,
                $plan->hold,
                $with->path->noticeS,
                LateStart::reckoned($plan->situation),
                $asked['wanted'],
            );
        }, self::checked($rushes));
    }

    /**
     * @param  list<array{rush: Rush, pins: PartialHold, wanted: float}>  $rushes
     * @return list<Need> one for each
     *
     * @throws Refused if there are none or too many, or the body cannot do what is pinned
     * @throws Overtaken when nobody waits for it any more
     */
    public static function needs(array $rushes, Body $body, ?Stage $stage = null): array
    {
        $stage ??= new OneProcess();
        $needs = [];
        foreach (self::checked($rushes) as $i => ['rush' => $rush, 'pins' => $pins, 'wanted' => $wanted]) {
            $with = $rush->with(kit: $rush->kit->with(body: $body));
            $best = Planner::standard()->best($with, self::SEED, new PartOf($stage), pins: $pins->fitting($with->kit));
            $needs[] = new Need(
                $rush->name,
                $best->hold,
                $rush->path->noticeS,
                LateStart::of(new Situation($with), $best->hold),
                $wanted,
            );
            $stage->reached(($i + 1) / (count($rushes) + 1));
        }

        return $needs;
    }

    /**
     * @param  list<array{rush: Rush, pins: PartialHold, wanted: float}>  $rushes
     * @return list<array{rush: Rush, pins: PartialHold, wanted: float}>
     *
     * @throws Refused
     */
    private static function checked(array $rushes): array
    {
        if ($rushes === [] || count($rushes) > self::MOST) {
            throw Refused::because('rushes', 'rushes-many', most: self::MOST);
        }
        foreach ($rushes as $i => ['wanted' => $wanted]) {
            Range::of(0.01, 100)->check("rushes[$i].wanted", $wanted);
        }

        return $rushes;
    }
}
