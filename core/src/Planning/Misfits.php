<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Number;
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
        foreach ($s->rush->group as $companion) {
            $halfField = $companion->planeM * $s->kit->body->sensorWidthMm / $s->kit->focalMm() / 2;
            if (abs($companion->acrossM) > $halfField) {
                $misfits[] = new Misfit('frame', sprintf('The one {%s m} to the side is outside the frame when the subject is in its middle: it covers {%s m} there.',
                    Number::significant(abs($companion->acrossM)), Number::significant(2 * $halfField)), [
                        sprintf('Use %s mm or shorter.', Number::significant($s->kit->focalMm() * $halfField / abs($companion->acrossM))),
                        'Put the subject off the middle, towards the other side.',
                    ]);
                break;
            }
        }
        // The lines of an electronic shutter are read one after the other, and what beats meanwhile comes out bent.
        $body = $s->kit->body;
        $bentM = $s->subject->limbSpeedMps * $body->readoutS * min(1.0, $s->heightInFrame);
        if (! $body->mirror && $bentM > self::BENT_SHARE * $s->subject->heightM) {
            $mechanical = $body->mechanical;
            $misfits[] = new Misfit('skew', sprintf('The electronic shutter takes %s ms to read the picture; wings or legs move on by {%s cm} meanwhile and come out bent.',
                Number::significant(1000 * $body->readoutS), Number::significant(100 * $bentM)), [
                    $mechanical === null
                        ? 'Take the frames in which wings or legs turn round, or use a body that reads faster.'
                        : sprintf('Use the mechanical shutter: straight, at %s frames a second.', Number::plain($mechanical->framesPerS)),
                ]);
        }
        $shape = $body->areas[$hold->area->value];
        $oneWay = $body->points === null || $hold->technique !== Technique::Auto ? 0.0 : $body->points->oneWayShare($shape, $hold->areaAt);
        if ($body->points !== null && $oneWay > 0.5 && $s->subject->contrast < self::LITTLE_CONTRAST) {
            $misfits[] = new Misfit('one-way', sprintf('%d %% of this area lies on points that measure %s only; a plain subject may give them nothing.', round(100 * $oneWay), lcfirst($body->points->outer->label())), [
                'Turn the camera a little, so that its lines slant.',
                'Put the area nearer to the middle, where points measure both directions.',
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
