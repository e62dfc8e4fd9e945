<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Kit\FocusRange;
use RushHold\Kit\FocusRing;
use RushHold\Kit\Lens;
use RushHold\Kit\Zoom;
use RushHold\Refused;

/**
 * A lens as a document, format `rush-hold/lens@1`; formats/lens.schema.json describes it. The same fields are the
 * `kit.lens` part of a rush, where `focal_mm` is the focal length it is used at.
 */
final readonly class LensDocument
{
    public const FORMAT = 'rush-hold/lens@1';

    /** @param  array<string, mixed>  $fields  the whole document, defaults filled in */
    private function __construct(public Lens $lens, public array $fields)
    {
    }

    /** @throws Refused if a field is unknown, of the wrong type or out of range */
    public static function read(mixed $document): self
    {
        try {
            $f = Fields::of($document);
            // Within a rush it may be left out.
            if ($f->text('format', '') !== self::FORMAT) {
                throw Refused::because('format', 'format', format: self::FORMAT, given: 'none');
            }

            return new self(self::fields($f), $f->done());
        } catch (Refused $refused) {
            throw $refused->without('kit.lens.');
        }
    }

    /** Reads the fields of a lens wherever they stand. */
    public static function fields(Fields $f): Lens
    {
        $sample = new Lens();
        $f->text('format', self::FORMAT);
        $zoom = self::zoom($f);
        $focal = $f->number('focal_mm', $zoom === null ? $sample->focalMm : $zoom->toMm());
        $zoom?->range()->check('kit.lens.focal_mm', $focal);
        $widest = $f->number('max_aperture', $sample->maxAperture);
        if ($zoom !== null) {
            // A zoom's opening follows from its focal length.
            $widest = round($zoom->widestAt($focal), 4);
            $f->keep('max_aperture', $widest);
        }

        return new Lens(
            name: $f->text(
                'name',
                $focal === $sample->focalMm && $widest === $sample->maxAperture
                    ? $sample->name
                    : sprintf('%s mm f/%s', $focal, round($widest, 1)),
            ),
            focalMm: $focal,
            maxAperture: $widest,
            minAperture: $f->number('min_aperture', max($sample->minAperture, $widest)),
            bestStopsDown: $f->number('best_stops_down', $sample->bestStopsDown),
            nearestM: $f->number('nearest_m', max($sample->nearestM, round($focal * 0.006, 2))),
            sweepS: $f->number('sweep_s', $sample->sweepS),
            stabiliserStops: $f->number('stabiliser_stops', $sample->stabiliserStops),
            zoom: $zoom,
            ranges: self::ranges($f),
            extenders: self::extenders($f),
            manualSwitch: $f->flag('manual_switch', $sample->manualSwitch),
            ring: self::ring($f),
        );
    }

    private static function zoom(Fields $lens): ?Zoom
    {
        $steps = $kept = [];
        foreach ($lens->objects('zoom', 12) as $f) {
            $steps[] = [$f->number('focal_mm'), $f->number('max_aperture')];
            $kept[] = $f->done();
        }
        $lens->keep('zoom', $kept);

        return $steps === [] ? null : new Zoom($steps);
    }

    /** @return list<FocusRange> */
    private static function ranges(Fields $lens): array
    {
        $ranges = $kept = [];
        foreach ($lens->objects('ranges', 6) as $f) {
            $near = $f->number('near_m');
            $ranges[] = new FocusRange($near, $f->optionalNumber('far_m'));
            $kept[] = $f->done();
        }
        $lens->keep('ranges', $kept);

        return $ranges;
    }

    private static function ring(Fields $lens): ?FocusRing
    {
        $f = $lens->optionalObject('ring');
        if ($f === null) {
            return null;
        }
        $usual = new FocusRing();
        $ring = new FocusRing(
            $f->number('throw_deg', $usual->throwDeg),
            $f->flag('right_is_nearer', $usual->rightIsNearer),
        );
        $lens->keep('ring', $f->done());

        return $ring;
    }

    /** @return list<float> */
    private static function extenders(Fields $lens): array
    {
        return $lens->numbers('extenders', [], 4);
    }
}
