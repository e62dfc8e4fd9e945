<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Hold\PartialHold;
use RushHold\Kit\Detection;
use RushHold\Kit\Kit;
use RushHold\Optics\FinalUse;
use RushHold\Planning\Schools;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Rush\Photographer;
use RushHold\Units;

/** How a person works, format `rush-hold/habits@1`: what every new rush starts from. */
final readonly class HabitsDocument
{
    public const FORMAT = 'rush-hold/habits@1';

    /**
     * @param  array<string, float>  $floors  slowest shutter by kind of subject, s
     * @param  array<string, string>  $schools  sides taken, by school
     * @param  string  $language  that everything is said in, such as `de`; empty: as the browser asks
     * @param  array<string, mixed>  $fields  the whole document, defaults filled in
     */
    private function __construct(
        public Photographer $photographer,
        public FinalUse $finalUse,
        public array $floors,
        public array $schools,
        public Units $units,
        public string $language,
        public array $fields,
    ) {
    }

    /** Of somebody who has said nothing yet. */
    public static function usual(Units $units = Units::Metric): self
    {
        return self::read(['format' => self::FORMAT, 'units' => $units->value]);
    }

    /** @throws Refused if a field is unknown, of the wrong type or out of range */
    public static function read(mixed $document): self
    {
        $f = Fields::of($document);
        $f->format(self::FORMAT);
        $photographer = RushDocument::photographer($f);
        $use = $f->word('final_use', FinalUse::class, FinalUse::Pixel);
        $units = $f->word('units', Units::class, Units::Metric);
        // The colours of the screen; empty: as the system asks.
        $f->choice('colours', ['', 'light', 'dark'], '');
        // One there are no words for falls back on the first.
        $language = $f->text('language', '', 12);
        $given = $f->object('floors');
        $floors = [];
        foreach (Detection::cases() as $kind) {
            $floor = $given->optionalNumber($kind->value);
            if ($floor !== null) {
                $floors[$kind->value] = Range::of(1 / 32000, 1, 's')->check("floors.{$kind->value}", $floor);
            }
        }
        $f->keep('floors', $given->done());
        $taken = $f->object('schools');
        $schools = [];
        foreach (Schools::all() as $school => $sides) {
            $side = $taken->optionalText($school, 20);
            $taken->note($school, ['enum' => [...$sides, null]]);
            if ($side !== null) {
                $schools[$school] = $side;
            }
        }
        Schools::taken($schools, new Kit());
        $f->keep('schools', $taken->done());
        $f->optionalText('body', 40);
        $f->optionalText('lens', 40);

        return new self($photographer, $use, $floors, $schools, $units, $language, $f->done());
    }

    /** What these habits fix of every hold until it is let go. */
    public function taken(Kit $kit): PartialHold
    {
        return Schools::taken($this->schools, $kit);
    }
}
