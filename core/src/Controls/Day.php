<?php

declare(strict_types=1);

namespace RushHold\Controls;

use RushHold\Focus\OneProcess;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
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
     * @param  list<array{rush: Rush, pins: PartialHold, wanted: float}>  $rushes
     * @return list<Need> one for each
     *
     * @throws Refused if there are none or too many, or the body cannot do what is pinned
     * @throws Overtaken when nobody waits for it any more
     */
    public static function needs(array $rushes, Body $body, ?Stage $stage = null): array
    {
        if ($rushes === [] || count($rushes) > self::MOST) {
            throw Refused::because('rushes', 'rushes-many', most: self::MOST);
        }
        $stage ??= new OneProcess;
        $needs = [];
        foreach ($rushes as $i => ['rush' => $rush, 'pins' => $pins, 'wanted' => $wanted]) {
            Range::of(0.01, 100)->check("rushes[$i].wanted", $wanted);
            $with = $rush->with(kit: $rush->kit->with(body: $body));
            $best = Planner::standard()->best($with, self::SEED, new PartOf($stage), pins: $pins->fitting($with->kit));
            $needs[] = new Need($rush->name, $best->hold, $rush->path->noticeS, LateStart::of(new Situation($with), $best->hold), $wanted);
            $stage->reached(($i + 1) / (count($rushes) + 1));
        }

        return $needs;
    }
}
