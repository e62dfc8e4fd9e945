<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;

/** What cannot be had apart from light and group depth. */
final class Misfits
{
    /** Bent by more than this share of its height, a subject looks wrong. */
    private const BENT_SHARE = 0.12;

    /** With less detail than this, points of one direction are likely to find none. */
    private const LITTLE_CONTRAST = 0.6;

    /** @return list<Misfit> */
    public static function of(Situation $s, Hold $hold, Lane $lane): array
    {
        $misfits = [];
        $nearest = $s->kit->lens->nearestM;
        if ($s->nearestM < $nearest) {
            $after = $s->rush->path->seconds;
            foreach ($s->points as $point) {
                if ($point->distanceM < $nearest) {
                    $after = $point->t;
                    break;
                }
            }
            $misfits[] = new Misfit(
                'too-near',
                Said::of('misfit.too-near', after: Quantity::seconds($after), nearest: Quantity::length($nearest, 3)),
                [Said::of('misfit.too-near.stop'), Said::of('misfit.too-near.lens')],
            );
        }
        if ($lane->lagS > 0.15) {
            $misfits[] = new Misfit(
                'drive',
                Said::of(
                    'misfit.drive',
                    seconds: Quantity::seconds($lane->lagS),
                    drive: Quantity::figure($s->kit->driveMmPerS()),
                    asked: Quantity::figure($s->focusTravelMmPerS),
                ),
                [Said::of('misfit.drive.start'), Said::of('misfit.drive.farther'), Said::of('misfit.drive.park')],
            );
        }
        if ($s->widthInFrame > 1.0 || $s->heightInFrame > 1.0) {
            $misfits[] = new Misfit(
                'frame',
                Said::of(
                    'misfit.frame',
                    width: Quantity::share($s->widthInFrame),
                    height: Quantity::share($s->heightInFrame),
                ),
                [
                    Said::of(
                        'misfit.frame.shorter',
                        focal: Quantity::figure($s->kit->focalMm() / max($s->widthInFrame, $s->heightInFrame)),
                    ),
                ],
            );
        }
        $companionsM = $s->companionsM();
        foreach ($s->rush->group as $i => $companion) {
            $halfField = ($companionsM[$i] * $s->kit->body->sensorWidthMm) / $s->kit->focalMm() / 2;
            if (abs($companion->acrossM) > $halfField) {
                $misfits[] = new Misfit(
                    'frame',
                    Said::of(
                        'misfit.companion',
                        aside: Quantity::length(abs($companion->acrossM)),
                        covers: Quantity::length(2 * $halfField),
                    ),
                    [
                        Said::of(
                            'misfit.companion.shorter',
                            focal: Quantity::figure(($s->kit->focalMm() * $halfField) / abs($companion->acrossM)),
                        ),
                        Said::of('misfit.companion.off'),
                    ],
                );
                break;
            }
        }
        // The lines of an electronic shutter are read one after the other, and what beats meanwhile comes out bent.
        $body = $s->kit->body;
        $bentM = $s->subject->limbSpeedMps * $body->readoutS * min(1.0, $s->heightInFrame);
        if (! $body->mirror && $bentM > self::BENT_SHARE * $s->subject->heightM) {
            $mechanical = $body->mechanical;
            $misfits[] = new Misfit(
                'skew',
                Said::of(
                    'misfit.skew',
                    readout: Quantity::milliseconds($body->readoutS),
                    bent: Quantity::depth($bentM),
                ),
                [
                    $mechanical === null
                        ? Said::of('misfit.skew.wait')
                        : Said::of('misfit.skew.mechanical', frames: Quantity::count($mechanical->framesPerS, 3)),
                ],
            );
        }
        $shape = $body->areas[$hold->area->value];
        $oneWay =
            $body->points === null || $hold->technique !== Technique::Auto
                ? 0.0
                : $body->points->oneWayShare($shape, $hold->areaAt);
        if ($body->points !== null && $oneWay > 0.5 && $s->subject->contrast < self::LITTLE_CONTRAST) {
            $misfits[] = new Misfit(
                'one-way',
                Said::of('misfit.one-way', share: Quantity::share($oneWay), lines: $body->points->outer),
                [Said::of('misfit.one-way.turn'), Said::of('misfit.one-way.middle')],
            );
        }
        if ($s->lightMarginStops < 2) {
            $misfits[] = new Misfit(
                'focus-light',
                Said::of(
                    'misfit.focus-light',
                    dark: $s->lightMarginStops < 0,
                    stops: Quantity::count(max(0.0, $s->lightMarginStops), 1),
                ),
                [Said::of('misfit.focus-light.aim'), Said::of('misfit.focus-light.lens')],
            );
        }

        return $misfits;
    }
}
