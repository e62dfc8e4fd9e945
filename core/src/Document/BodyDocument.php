<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Hold\Setting;
use RushHold\Hold\Term;
use RushHold\Kit\Area;
use RushHold\Kit\AreaMove;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Kit\LineDirection;
use RushHold\Kit\MechanicalShutter;
use RushHold\Kit\OwnWord;
use RushHold\Kit\PointLayout;
use RushHold\Kit\Response;
use RushHold\Kit\ResponsePreset;
use RushHold\Kit\StoredSet;
use RushHold\Kit\Wins;
use RushHold\Labelled;
use RushHold\Refused;

/**
 * A body as a document, format `rush-hold/body@1`; formats/body.schema.json describes it. The same fields are the
 * `kit.body` part of a rush.
 */
final readonly class BodyDocument
{
    /** Figures of a body that one may not know. */
    public const FIGURES = [
        'sensor_width_mm',
        'sensor_height_mm',
        'pixels_wide',
        'pixels_high',
        'frames_per_s',
        'buffer_frames',
        'readout_s',
        'fastest_shutter_s',
        'focus_cycle_hz',
        'light_limit_ev',
        'iso_min',
        'iso_max',
    ];

    public const FORMAT = 'rush-hold/body@1';

    /** Steps of one setting. */
    private const MOST_STEPS = 20;

    private const MOST_WORDS = 200;

    /** @param  array<string, mixed>  $fields  the whole document, defaults filled in */
    private function __construct(public Body $body, public array $fields)
    {
    }

    /**
     * A body that holds these sets and no others.
     *
     * @param  array<string, mixed>  $document
     * @param  array<string, array<string, mixed>>  $sets  parts of holds, by the place of their control
     * @return array<string, mixed>
     *
     * @throws Refused if a set is none
     */
    public static function holding(array $document, array $sets): array
    {
        $stored = [];
        foreach ($sets as $place => $set) {
            $hold = HoldDocument::read($set);
            $word = static fn (Setting $setting): ?string => $hold->get($setting) instanceof Labelled
                ? (string) $hold->get($setting)->value
                : null;
            $preset = null;
            foreach ((array) ($document['presets'] ?? []) as $one) {
                if (
                    is_array($one) &&
                    $hold->has(Setting::Patience) &&
                    $hold->has(Setting::Nimbleness) &&
                    ($one['patience_s'] ?? null) == $hold->get(Setting::Patience) &&
                    ($one['nimble'] ?? null) == $hold->get(Setting::Nimbleness)
                ) {
                    $preset ??= $one['id'] ?? null;
                }
            }
            $stored[] = [
                'control' => $place,
                'mode' => $word(Setting::Mode),
                'area' => $word(Setting::Area),
                'detect' => $word(Setting::Detect),
                'preset' => $preset,
            ];
        }

        return [...$document, 'stored_sets' => $stored];
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
            throw $refused->without('kit.body.');
        }
    }

    /** Reads the fields of a body wherever they stand. */
    public static function fields(Fields $f): Body
    {
        $sample = new Body();
        $f->text('format', self::FORMAT);
        $controls = self::controls($f);
        self::guessed($f);

        return new Body(
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
            points: self::points($f),
            mechanical: self::mechanical($f),
            presets: self::presets($f),
            freeResponse: $f->flag('free_response', $sample->freeResponse),
            controls: $controls,
            storedSets: self::storedSets($f),
            words: self::words($f),
            patienceSteps: self::steps($f, 'patience_steps', $sample->patienceSteps),
            nimbleSteps: self::steps($f, 'nimble_steps', $sample->nimbleSteps),
            areaMoves: $f->words('area_moves', AreaMove::class, AreaMove::with($controls)),
            offers: self::offers($f),
        );
    }

    /** @return array<string, list<mixed>> values of settings that few bodies offer, as a hold has them */
    private static function offers(Fields $body): array
    {
        $given = $body->object('offers');
        $offers = [];
        foreach (Setting::rare() as $setting) {
            $items = $setting->kind()->shape();
            $given->note($setting->value, ['type' => 'array', 'maxItems' => self::MOST_STEPS, 'items' => $items]);
        }
        foreach (array_filter(Setting::rare(), static fn (Setting $s): bool => $given->has($s->value)) as $setting) {
            foreach ($given->items($setting->value, self::MOST_STEPS) as $i => $value) {
                $offers[$setting->value][] = $setting->kind()->read($given->at("{$setting->value}[$i]"), $value);
            }
            // It can always be left as it usually is.
            $values = $offers[$setting->value] ?? [];
            if ($values !== [] && ! in_array($setting->about()->usual, $values, true)) {
                $offers[$setting->value] = [$setting->about()->usual, ...$values];
            }
            $given->keep($setting->value, array_map($setting->kind()->write(...), $offers[$setting->value] ?? []));
        }
        $body->keep('offers', array_filter($given->done(), static fn (mixed $values): bool => $values !== []));

        return $offers;
    }

    /**
     * Which figures nobody has looked up: they are those of the sample it was described from. Nothing is worked out of
     * that.
     */
    private static function guessed(Fields $body): void
    {
        $guessed = [];
        $body->note('guessed', ['items' => ['type' => 'string', 'enum' => self::FIGURES]]);
        foreach ($body->items('guessed', count(self::FIGURES)) as $i => $name) {
            if (! in_array($name, self::FIGURES, true)) {
                throw Refused::because(
                    $body->at("guessed[$i]"),
                    'unknown-word',
                    known: implode(', ', self::FIGURES),
                    given: is_string($name) ? $name : gettype($name),
                );
            }
            $guessed[] = $name;
        }
        $body->keep('guessed', array_values(array_unique($guessed)));
    }

    /** @return list<AreaShape> */
    private static function areas(Fields $body): array
    {
        $given = $body->object('areas');
        $shapes = [];
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
        }
        if ($shapes === []) {
            throw Refused::because('kit.body.areas', 'areas-none');
        }
        $body->keep('areas', $given->done());

        return $shapes;
    }

    private static function points(Fields $body): ?PointLayout
    {
        $f = $body->optionalObject('points');
        if ($f === null) {
            return null;
        }
        $usual = new PointLayout();
        $width = $f->number('width', $usual->width);
        $height = $f->number('height', $usual->height);
        $points = new PointLayout(
            $width,
            $height,
            $f->number('two_way_width', min($width, $usual->twoWayWidth)),
            $f->number('two_way_height', min($height, $usual->twoWayHeight)),
            $f->number('star_width', min($width, $usual->starWidth)),
            $f->number('star_height', min($height, $usual->starHeight)),
            $f->word('outer', LineDirection::class, $usual->outer),
        );
        $body->keep('points', $f->done());

        return $points;
    }

    private static function mechanical(Fields $body): ?MechanicalShutter
    {
        $f = $body->optionalObject('mechanical');
        if ($f === null) {
            return null;
        }
        $shutter = new MechanicalShutter($f->number('frames_per_s'), $f->number('fastest_shutter_s', 1 / 8000));
        $body->keep('mechanical', $f->done());

        return $shutter;
    }

    /** @return list<ResponsePreset> */
    private static function presets(Fields $body): array
    {
        $presets = $kept = [];
        foreach ($body->objects('presets', 20) as $f) {
            $presets[] = new ResponsePreset(
                $f->text('id', null, 24),
                $f->number('patience_s', Response::USUAL_PATIENCE_S),
                $f->number('nimble', Response::USUAL_NIMBLE),
                $f->word('wins', Wins::class, Wins::Held),
            );
            $kept[] = $f->done();
        }
        $body->keep('presets', $kept);

        return $presets;
    }

    /**
     * @param  non-empty-list<float>  $usual
     * @return non-empty-list<float>
     */
    private static function steps(Fields $body, string $name, array $usual): array
    {
        $steps = $body->numbers($name, $usual, self::MOST_STEPS);

        return $steps === [] ? throw Refused::because($body->at($name), 'steps-none') : $steps;
    }

    /** @return list<Control> */
    private static function controls(Fields $body): array
    {
        $controls = $kept = [];
        foreach ($body->objects('controls', 20) as $f) {
            $place = $f->word('place', ControlPlace::class);
            $controls[] = new Control($place, $f->words('may', Duty::class, [Duty::StartFocus]));
            $kept[] = $f->done();
        }
        $body->keep('controls', $kept);

        return $controls;
    }

    /** @return list<StoredSet> */
    private static function storedSets(Fields $body): array
    {
        $sets = $kept = [];
        foreach ($body->objects('stored_sets', 20) as $f) {
            $control = $f->word('control', ControlPlace::class);
            $sets[] = new StoredSet(
                $control,
                $f->optionalWord('mode', FocusMode::class),
                $f->optionalWord('area', Area::class),
                $f->optionalWord('detect', Detection::class),
                $f->optionalText('preset', 24),
                $f->flag('recalls_exposure', false),
            );
            $kept[] = $f->done();
        }
        $body->keep('stored_sets', $kept);

        return $sets;
    }

    /** @return array<string, OwnWord> */
    private static function words(Fields $body): array
    {
        $given = $body->object('words');
        $words = [];
        if (count($given->names()) > self::MOST_WORDS) {
            throw Refused::because($body->at('words'), 'own-words', most: self::MOST_WORDS);
        }
        foreach ($given->names() as $key) {
            if (! Term::isKnown($key)) {
                throw Refused::because($body->at('words'), 'own-word', word: $key);
            }
            $f = $given->object($key);
            $words[$key] = new OwnWord(trim($f->text('label', '', 60)), trim($f->text('where', '', 160)));
            $given->keep($key, $f->done());
        }
        $body->keep('words', $given->done());

        return $words;
    }
}
