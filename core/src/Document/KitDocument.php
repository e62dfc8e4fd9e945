<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Hold\FocusMode;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\Kit;
use RushHold\Kit\Lens;
use RushHold\Refused;

/** The `kit` part of a rush document; whatever is left out comes from the sample kit. */
final class KitDocument
{
    public static function read(Fields $top): Kit
    {
        $f = $top->object('kit');
        $kit = new Kit(self::body($f), self::lens($f), $f->number('extender', 1.0));
        $top->keep('kit', $f->done());

        return $kit;
    }

    private static function body(Fields $kit): Body
    {
        $f = $kit->object('body');
        $sample = new Body;
        $body = new Body(
            name: $f->text('name', $sample->name),
            sensorWidthMm: $f->number('sensor_width_mm', $sample->sensorWidthMm),
            sensorHeightMm: $f->number('sensor_height_mm', $sample->sensorHeightMm),
            pixelsWide: $f->whole('pixels_wide', $sample->pixelsWide),
            pixelsHigh: $f->whole('pixels_high', $sample->pixelsHigh),
            framesPerS: $f->number('frames_per_s', $sample->framesPerS),
            bufferFrames: $f->whole('buffer_frames', $sample->bufferFrames),
            focusCycleHz: $f->number('focus_cycle_hz', $sample->focusCycleHz),
            lightLimitEv: $f->number('light_limit_ev', $sample->lightLimitEv),
            mirror: $f->flag('mirror', $sample->mirror),
            areas: self::areas($f),
            detects: $f->words('detects', Detection::class, $sample->detects),
            readoutS: $f->number('readout_s', $sample->readoutS),
            fastestShutterS: $f->number('fastest_shutter_s', $sample->fastestShutterS),
            isoMin: $f->number('iso_min', $sample->isoMin),
            isoMax: $f->number('iso_max', $sample->isoMax),
        );
        $kit->keep('body', $f->done());

        return $body;
    }

    /** @return list<AreaShape> */
    private static function areas(Fields $body): array
    {
        $given = $body->object('areas');
        $shapes = $kept = [];
        foreach (Area::cases() as $area) {
            if ($body->has('areas') && ! $given->has($area->value)) {
                continue;
            }
            $usual = AreaShape::usual($area);
            $f = $given->object($area->value);
            $shapes[] = new AreaShape(
                $area,
                $f->number('width', $usual->width),
                $f->number('height', $usual->height),
                $f->words('modes', FocusMode::class, $usual->modes),
                $f->flag('detects', $usual->detects),
                $f->flag('sees_eyes', $usual->seesEyes),
            );
            $given->keep($area->value, $f->done());
            $kept[] = $area->value;
        }
        if ($kept === []) {
            throw Refused::because('kit.body.areas', 'a body needs at least one area.');
        }
        $body->keep('areas', $given->done());

        return $shapes;
    }

    private static function lens(Fields $kit): Lens
    {
        $f = $kit->object('lens');
        $sample = new Lens;
        $focal = $f->number('focal_mm', $sample->focalMm);
        $widest = $f->number('max_aperture', $sample->maxAperture);
        $lens = new Lens(
            name: $f->text('name', $focal === $sample->focalMm && $widest === $sample->maxAperture ? $sample->name : sprintf('%s mm f/%s', $focal, $widest)),
            focalMm: $focal,
            maxAperture: $widest,
            minAperture: $f->number('min_aperture', max($sample->minAperture, $widest)),
            bestStopsDown: $f->number('best_stops_down', $sample->bestStopsDown),
            nearestM: $f->number('nearest_m', max($sample->nearestM, round($focal * 0.006, 2))),
            sweepS: $f->number('sweep_s', $sample->sweepS),
            stabiliserStops: $f->number('stabiliser_stops', $sample->stabiliserStops),
        );
        $kit->keep('lens', $f->done());

        return $lens;
    }
}
