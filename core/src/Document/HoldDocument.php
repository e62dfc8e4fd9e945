<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Hold\Hold;
use RushHold\Hold\Pins;
use RushHold\Hold\Setting;
use RushHold\Kit\Kit;
use RushHold\Refused;

/** A hold as a document, format `rush-hold/hold@1`; formats/hold.schema.json describes it. */
final class HoldDocument
{
    public const FORMAT = 'rush-hold/hold@1';

    /**
     * The settings a hold document fixes; those it leaves out stay open.
     *
     * @throws Refused if a field is unknown, of the wrong type, out of range or not to be had with this kit
     */
    public static function pins(mixed $document, Kit $kit): Pins
    {
        $top = Fields::of($document);
        $format = $top->text('format', self::FORMAT);
        if ($format !== self::FORMAT) {
            throw Refused::because('format', sprintf('must be “%s”; “%s” was given.', self::FORMAT, $format));
        }
        $pins = Pins::none();
        $parts = ['focus' => $top->object('focus'), 'exposure' => $top->object('exposure'), '' => $top];
        foreach (Setting::cases() as $setting) {
            [$part, $name] = str_contains($setting->value, '.') ? explode('.', $setting->value, 2) : ['', $setting->value];
            if (! $parts[$part]->has($name)) {
                continue;
            }
            $pins = $pins->with($setting, $parts[$part]->raw($name), $kit);
        }
        $parts['focus']->done();
        $parts['exposure']->done();
        $top->keep('focus', true);
        $top->keep('exposure', true);
        $top->done();

        return $pins;
    }

    /** @return array<string, mixed> the complete document */
    public static function write(Hold $hold): array
    {
        return [
            'format' => self::FORMAT,
            'focus' => [
                'mode' => $hold->mode->value,
                'technique' => $hold->technique->value,
                'area' => $hold->area->value,
                'detect' => $hold->detect->value,
                'eye' => $hold->eye,
                'patience_s' => $hold->patienceS,
                'nimble' => $hold->nimble,
                'wins' => $hold->wins->value,
                'area_at' => $hold->areaAt,
                'start_at_m' => $hold->startAtM,
                'range_m' => $hold->range === null ? null : [$hold->range->nearM, $hold->range->farM],
            ],
            'aim' => $hold->aim->value,
            'exposure' => ['shutter_s' => $hold->shutterS, 'aperture' => $hold->aperture, 'iso' => $hold->iso],
            'drive' => $hold->drive->value,
            'stabiliser' => $hold->stabiliser->value,
            'support' => $hold->support->value,
        ];
    }
}
