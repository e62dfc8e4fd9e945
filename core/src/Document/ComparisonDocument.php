<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Record\Comparison;
use RushHold\Record\Contender;
use RushHold\Record\LoggedBurst;
use RushHold\Record\Pair;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;

/** Set-ups from the log against each other, as JSON. */
final class ComparisonDocument
{
    /** Of each hold the latest bursts are told one by one. */
    private const SHOT = 200;

    /**
     * @return list<LoggedBurst>
     *
     * @throws Refused naming the burst and its field
     */
    public static function read(mixed $document, int $most = Comparison::MOST_BURSTS): array
    {
        if (! is_array($document) || ! array_is_list($document)) {
            throw Refused::because('bursts', 'not-list');
        }
        if (count($document) > $most) {
            throw Refused::because('bursts', 'compare-bursts', most: $most);
        }
        $bursts = [];
        foreach ($document as $i => $one) {
            try {
                $bursts[] = BurstDocument::read($one);
            } catch (Refused $refused) {
                throw $refused->in("bursts[$i]");
            }
        }

        return $bursts;
    }

    /** @return array<string, mixed> */
    public static function write(Comparison $comparison, Units $units): array
    {
        $best = $comparison->contest->best();

        return [
            'holds' => array_map(
                static function (Contender $c, int $i) use ($comparison, $best): array {
                    $first = $c->firstSharp();

                    return [
                        'hold' => HoldDocument::settings($c->hold),
                        'bursts' => count($c->bursts),
                        'frames' => $c->frames(),
                        'keepers' => $c->keepers(),
                        'share' => self::rounded($comparison->contest->share($i)),
                        'best' => round($best[$i], 4),
                        'shot' => array_map(
                            static fn (LoggedBurst $b): array => [
                                'at' => $b->at,
                                'frames' => $b->frames,
                                'keepers' => $b->keepers,
                            ],
                            array_slice($c->bursts, -self::SHOT),
                        ),
                        'first_sharp' => $first->known()
                            ? [
                                'seconds' => round($first->meanS(), 3),
                                'bursts' => count($first->times),
                                'missed' => $first->missed(),
                            ]
                            : null,
                    ];
                },
                $comparison->contenders,
                array_keys($comparison->contenders),
            ),
            'alike' => round($comparison->contest->alike(), 3),
            'pairs' => array_map(
                static fn (Pair $pair): array => self::pair($pair, Words::in($units)),
                $comparison->pairs(),
            ),
            'next' => $comparison->next(),
        ];
    }

    /** @return array<string, mixed> */
    private static function pair(Pair $pair, Words $words): array
    {
        $unfair = [];
        foreach ($pair->unfair as $what => $said) {
            $unfair[] = ['what' => $what, 'text' => $words->say($said)];
        }

        return [
            'a' => $pair->a,
            'b' => $pair->b,
            'a_better' => round($pair->better, 4),
            'difference' => self::rounded(['mean' => $pair->mean, 'low' => $pair->low, 'high' => $pair->high]),
            'decided' => $pair->isDecided(),
            'even' => $pair->isEven(),
            'frames_needed' => $pair->framesNeeded,
            'frames_to_be_sure' => $pair->framesToBeSure,
            'unfair' => $unfair,
            'first_sharp' => $pair->sooner === null
                    ? null
                    : [
                        'a_sooner' => round($pair->sooner['sooner'], 4),
                        'difference_s' => self::rounded([
                            'mean' => $pair->sooner['mean'],
                            'low' => $pair->sooner['low'],
                            'high' => $pair->sooner['high'],
                        ]),
                    ],
        ];
    }

    /**
     * @param  array{mean: float, low: float, high: float}  $interval
     * @return array{mean: float, low: float, high: float}
     */
    private static function rounded(array $interval): array
    {
        return [
            'mean' => round($interval['mean'], 4),
            'low' => round($interval['low'], 4),
            'high' => round($interval['high'], 4),
        ];
    }
}
