<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Blur\Verdict;
use RushHold\Hold\Technique;
use RushHold\Kit\FocusRange;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;

/** Where to set focus before the rush, and what the lens may search. */
final class DistanceSolver
{
    /** @return array{float, Said} */
    public static function startAt(Situation $s, Technique $technique): array
    {
        if ($technique === Technique::Park || $technique === Technique::Pull) {
            return self::park($s);
        }
        // About where it is when focus has found it.
        $point = $s->rush->path->at(min(0.2, $s->rush->path->seconds / 4));
        $at = self::rounded($s, $point->distanceM);

        return [
            $at,
            $s->isStill()
                ? Said::of('start.still')
                : Said::of('start.enters', speed: Quantity::speed(max(0.1, abs($point->closingMps)))),
        ];
    }

    /**
     * The place on the way where most frames fall into the sharp zone, among those at which the subject is at
     * least two thirds as large as it gets.
     *
     * @return array{float, Said}
     */
    private static function park(Situation $s): array
    {
        $best = null;
        $most = -1.0;
        foreach ($s->points as $point) {
            if ($point->distanceM > 1.5 * $s->nearestM || $point->distanceM < $s->kit->lens->nearestM) {
                continue;
            }
            $frames = self::framesAt($s, $point->distanceM);
            if ($frames > $most * 1.02) {
                $most = $frames;
                $best = $point;
            }
        }
        $best ??= $s->points[0];

        return [
            // To the centimetre: the sharp zone may be a few of them.
            max($s->kit->lens->nearestM, round($best->distanceM, 2)),
            Said::of(
                'start.park',
                speed: Quantity::speed(abs($best->closingMps)),
                some: $most >= 1,
                frames: Quantity::count(max(0.0, $most)),
                share: Quantity::share(max(0.0, $most)),
            ),
        ];
    }

    /** Frames of the whole rush during which the subject is inside the sharp zone around $focusM, one stop down. */
    public static function framesAt(Situation $s, float $focusM): float
    {
        $depth = $s->depthAt($focusM, $s->kit->widest() * M_SQRT2, Verdict::KEEPER_LIMIT);
        $inside = 0.0;
        $steps = count($s->points) - 1;
        for ($i = 0; $i < $steps; $i++) {
            $from = min($s->points[$i]->distanceM, $s->points[$i + 1]->distanceM);
            $to = max($s->points[$i]->distanceM, $s->points[$i + 1]->distanceM, $from + 1e-9);
            $inside += max(0.0, min($to, $depth->farM) - max($from, $depth->nearM)) / ($to - $from);
        }

        return ($inside / $steps) * $s->rush->path->seconds * $s->kit->body->framesPerS;
    }

    /**
     * @param  float  $startAtM  where focus starts, which must stay within
     * @return array{FocusRange|null, Said}
     */
    public static function range(Situation $s, float $startAtM): array
    {
        return $s->kit->lens->ranges === [] ? [null, Said::of('range.no-switch')] : self::position($s, $startAtM);
    }

    /**
     * Of the positions of the lens's range switch, the narrowest that the subject stays within.
     *
     * @return array{FocusRange|null, Said}
     */
    private static function position(Situation $s, float $startAtM): array
    {
        $best = null;
        $least = self::travel($s, $s->kit->lens->nearestM, INF);
        foreach ($s->kit->lens->ranges as $range) {
            $way = self::travel($s, max($range->nearM, $s->kit->lens->nearestM), $range->farM ?? INF);
            $range = new FocusRange(max($range->nearM, $s->kit->lens->nearestM), $range->farM);
            if (
                $way < $least &&
                $range->contains(min($s->nearestM, $startAtM)) &&
                $range->contains(max($s->farthestM, $startAtM))
            ) {
                $best = $range;
                $least = $way;
            }
        }

        return [$best, $best === null ? Said::of('range.no-position') : Said::of('range.position')];
    }

    /** Way of the focus drive between two distances, mm. */
    private static function travel(Situation $s, float $near, float $far): float
    {
        $farImage = is_finite($far) ? $s->lens->imageDistanceMm($far) : $s->lens->focalMm;

        return $s->lens->imageDistanceMm($near) - $farImage;
    }

    private static function rounded(Situation $s, float $metres): float
    {
        return max($s->kit->lens->nearestM, $metres < 20 ? round($metres, 1) : round($metres * 2) / 2);
    }
}
