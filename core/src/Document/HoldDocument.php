<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Refused;

/** A hold as a document, format `rush-hold/hold@1`; formats/hold.schema.json describes it. */
final class HoldDocument
{
    public const FORMAT = 'rush-hold/hold@1';

    /** Parts of the document that hold several settings. */
    private const PARTS = ['focus', 'exposure'];

    /**
     * The settings a document fixes; those it leaves out stay open.
     *
     * @throws Refused if a field is unknown, of the wrong type or outside what any camera has
     */
    public static function read(mixed $document): PartialHold
    {
        $top = Fields::of($document);
        $top->format(self::FORMAT, false);
        $hold = self::fields($top);
        $top->done();

        return $hold;
    }

    /**
     * Reads the settings wherever they stand, and leaves the other fields of the document alone.
     *
     * @throws Refused if a setting is of the wrong type or outside what any camera has
     */
    public static function fields(Fields $top): PartialHold
    {
        $parts = ['' => $top];
        foreach (self::PARTS as $name) {
            $parts[$name] = $top->object($name);
        }
        $hold = PartialHold::nothing();
        foreach (Setting::cases() as $setting) {
            [$part, $name] = self::place($setting);
            $parts[$part]->note($name, $setting->kind()->shape());
            if ($parts[$part]->has($name)) {
                $hold = $hold->with($setting, $parts[$part]->raw($name));
            }
        }
        foreach (self::PARTS as $name) {
            $top->keep($name, $parts[$name]->done());
        }

        return $hold;
    }

    /** @return array<string, mixed> the complete document */
    public static function write(Hold $hold): array
    {
        return ['format' => self::FORMAT, ...self::settings(PartialHold::of($hold))];
    }

    /** @return array<string, mixed> what is fixed, as the document nests it */
    public static function settings(PartialHold $hold): array
    {
        $document = [];
        foreach ($hold->settings() as $setting) {
            [$part, $name] = self::place($setting);
            $value = $setting->kind()->write($hold->get($setting));
            if ($part === '') {
                $document[$name] = $value;
            } else {
                $document[$part] = [...(array) ($document[$part] ?? []), $name => $value];
            }
        }

        return $document;
    }

    /** @return array{string, string} the part a setting stands in, empty for none, and its name there */
    private static function place(Setting $setting): array
    {
        $dot = strpos($setting->value, '.');

        return $dot === false
            ? ['', $setting->value]
            : [substr($setting->value, 0, $dot), substr($setting->value, $dot + 1)];
    }
}
