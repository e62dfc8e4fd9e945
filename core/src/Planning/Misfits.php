<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Number;

/** What cannot be had apart from light and group depth. */
final class Misfits
{
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
            $misfits[] = new Misfit('too-near', sprintf('From %s s on it is nearer than the {%s m} the lens can focus.', round($after, 1), Number::plain($nearest)), [
                'Stop shooting there, or stand farther from its way.',
                'Take a lens that focuses closer.',
            ]);
        }
        if ($lane->lagS > 0.15) {
            $misfits[] = new Misfit('drive', sprintf('For about %s s focus is outside the sharp zone even if all goes well: the lens moves %s mm/s at most, the subject asks for up to %s.',
                round($lane->lagS, 1), Number::significant($s->kit->driveMmPerS()), Number::significant($s->focusTravelMmPerS)), [
                    'Start focus nearer to where it comes.',
                    'Shoot it farther out, where focus has less way to go.',
                    'Park focus at one distance and fire as it passes.',
                ]);
        }
        if ($s->widthInFrame > 1.0 || $s->heightInFrame > 1.0) {
            $misfits[] = new Misfit('frame', sprintf('Halfway it is %d %% of the frame wide and %d %% high; it does not fit.', round(100 * $s->widthInFrame), round(100 * $s->heightInFrame)), [
                sprintf('Use %s mm or shorter, or make the picture of a part of it.', Number::significant($s->kit->focalMm() / max($s->widthInFrame, $s->heightInFrame))),
            ]);
        }
        if ($s->lightMarginStops < 2) {
            $misfits[] = new Misfit('focus-light', $s->lightMarginStops < 0
                ? 'It is darker than the body can focus in.'
                : sprintf('Only %s stops above the last light the body focuses in: expect it to be slow and unsure.', Number::significant($s->lightMarginStops, 1)), [
                    'Aim at the contrastiest part, or focus by hand at a known distance.',
                    'Use a lens with a wider opening, without an extender.',
                ]);
        }

        return $misfits;
    }
}
