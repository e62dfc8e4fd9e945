<?php

declare(strict_types=1);

namespace RushHold\Record;

use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;
use RushHold\Refused;

/** Bursts put together by rush and hold, so that each case is played once; without a hold they were shot as planned. */
final class LoggedCases
{
    public const MOST_BURSTS = 3000;

    /** Different rushes and holds: each is played some thousand times. */
    public const MOST_CASES = 60;

    /** @var array<int, array{Logged, PartialHold, string}> */
    private array $cases = [];

    /**
     * Those without a rush are left out: there is nothing to hold them against.
     *
     * @param  array<int|string, LoggedBurst>  $bursts  by what names them
     * @return list<Logged> at most `MOST_CASES`: those with most bursts
     *
     * @throws Refused if there are too many bursts
     */
    public static function of(array $bursts): array
    {
        if (count($bursts) > self::MOST_BURSTS) {
            throw Refused::because('bursts', 'learn-bursts', most: self::MOST_BURSTS, cases: self::MOST_CASES);
        }
        $season = new self();
        foreach ($bursts as $name => $burst) {
            $season->add($name, $burst);
        }
        $logged = array_column($season->cases, 0);
        usort($logged, static fn (Logged $a, Logged $b): int => count($b->counts) <=> count($a->counts));

        return array_slice($logged, 0, self::MOST_CASES);
    }

    private function add(int|string $name, LoggedBurst $burst): void
    {
        if ($burst->rush === null) {
            return;
        }
        $pins = ($burst->hold ?? PartialHold::nothing())->without(Setting::Iso);
        $key = serialize($burst->rush->with(name: ''));
        $days = $burst->at === null ? [] : [$name => substr($burst->at, 0, 10)];
        foreach ($this->cases as $i => [$logged, $theirs, $rush]) {
            if ($rush === $key && $theirs->covers($pins) && $pins->covers($theirs)) {
                $this->cases[$i][0] = new Logged(
                    $logged->rush,
                    $logged->hold,
                    $logged->counts + [$name => [$burst->keepers, $burst->frames]],
                    $logged->days + $days,
                );

                return;
            }
        }
        try {
            $hold =
                $pins->settings() === []
                    ? Planner::standard()->best($burst->rush)->hold
                    : Chooser::standard()->hold($burst->rush, $pins->fitting($burst->rush->kit));
        } catch (Refused) {
            // Shot with settings that this kit does not have: something is wrong with what was logged.
            return;
        }
        $this->cases[] = [
            new Logged($burst->rush, $hold, [$name => [$burst->keepers, $burst->frames]], $days),
            $pins,
            $key,
        ];
    }
}
