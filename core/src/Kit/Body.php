<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Optics\FinalUse;
use RushHold\Range;
use RushHold\Refused;

/** What a camera body can do. The defaults are the sample body: 24 MP, 36×24 mm, no mirror, 20 frames a second. */
final readonly class Body
{
    /** @var array<string, AreaShape> by the area's word */
    public array $areas;

    /** @var non-empty-list<AreaMove> */
    public array $areaMoves;

    /**
     * @param  list<AreaShape>|null  $areas  null: all, as usual
     * @param  list<Detection>  $detects  kinds of subject it can look for
     * @param  float  $focusCycleHz  how often it measures, 10 to 240 a second
     * @param  float  $lightLimitEv  EV100 below which it no longer focuses, with an f/1.2 lens
     * @param  PointLayout|null  $points  where the points of a mirror body lie; null: everywhere
     * @param  MechanicalShutter|null  $mechanical  what it does without the electronic shutter; null: it has none, or
     *   nothing else
     * @param  list<ResponsePreset>  $presets
     * @param  bool  $freeResponse  whether patience and nimbleness can be set by themselves; else only the presets can
     *   be had
     * @param  non-empty-list<float>  $patienceSteps  the steps of patience it has, s
     * @param  non-empty-list<float>  $nimbleSteps  the steps of nimbleness it has, 0 to 1
     * @param  list<Control>  $controls
     * @param  list<StoredSet>  $storedSets
     * @param  array<string, OwnWord>  $words  what the person's camera calls things, by the keys of what a camera can
     *   have a word for
     * @param  list<AreaMove>|null  $areaMoves  how the area can be moved; null: as its controls let one think
     * @param  array<string, list<mixed>>  $offers  values of settings that few bodies offer, by the word of the setting
     * @param  float  $readoutS  time from the first to the last line of the electronic shutter
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(
        public string $name = '24 MP stacked mirrorless',
        public float $sensorWidthMm = 36.0,
        public float $sensorHeightMm = 24.0,
        public int $pixelsWide = 6000,
        public int $pixelsHigh = 4000,
        public float $framesPerS = 20.0,
        public int $bufferFrames = 150,
        public float $focusCycleHz = 60.0,
        public float $lightLimitEv = -4.0,
        public bool $mirror = false,
        ?array $areas = null,
        public array $detects = [Detection::Bird, Detection::Animal, Detection::Person, Detection::Vehicle],
        public float $readoutS = 0.004,
        public float $fastestShutterS = 1 / 32000,
        public float $isoMin = 100.0,
        public float $isoMax = 51200.0,
        public ?PointLayout $points = null,
        public ?MechanicalShutter $mechanical = null,
        public array $presets = [],
        public bool $freeResponse = true,
        public array $controls = [],
        public array $storedSets = [],
        public array $words = [],
        public array $patienceSteps = Response::PATIENCE_S,
        public array $nimbleSteps = Response::NIMBLE,
        ?array $areaMoves = null,
        public array $offers = [],
    ) {
        $this->areaMoves = $areaMoves === null || $areaMoves === [] ? AreaMove::with($controls) : $areaMoves;
        Range::of(3, 70, 'mm')->check('kit.body.sensor_width_mm', $sensorWidthMm);
        Range::of(2, 60, 'mm')->check('kit.body.sensor_height_mm', $sensorHeightMm);
        Range::of(500, 30000, 'pixels')->check('kit.body.pixels_wide', $pixelsWide);
        Range::of(400, 25000, 'pixels')->check('kit.body.pixels_high', $pixelsHigh);
        Range::of(0.5, 240, 'frames/s')->check('kit.body.frames_per_s', $framesPerS);
        Range::of(1, 100000, 'frames')->check('kit.body.buffer_frames', $bufferFrames);
        Range::of(10, 240, 'Hz')->check('kit.body.focus_cycle_hz', $focusCycleHz);
        Range::of(-12, 10, 'EV')->check('kit.body.light_limit_ev', $lightLimitEv);
        Range::of(0, 0.2, 's')->check('kit.body.readout_s', $readoutS);
        Range::of(1 / 64000, 1 / 100, 's')->check('kit.body.fastest_shutter_s', $fastestShutterS);
        Range::of(25, 800, '(ISO)')->check('kit.body.iso_min', $isoMin);
        Range::of(400, 4000000, '(ISO)')->check('kit.body.iso_max', $isoMax);
        $byWord = [];
        foreach ($areas ?? array_map(AreaShape::usual(...), Area::cases()) as $shape) {
            // No area reaches farther than the points do.
            $byWord[$shape->area->value] = $points === null ? $shape : $shape->within($points->width, $points->height);
        }
        if ($byWord === []) {
            throw Refused::because('kit.body.areas', 'areas-none');
        }
        $this->areas = $byWord;
        if (! $freeResponse && $presets === []) {
            throw Refused::because('kit.body.presets', 'presets-none');
        }
        foreach (
            [
                'presets' => array_map(static fn (ResponsePreset $p): string => $p->id, $presets),
                'controls' => array_map(static fn (Control $c): string => $c->place->value, $controls),
            ] as $part => $names
        ) {
            foreach (array_count_values($names) as $name => $times) {
                if ($times > 1) {
                    throw Refused::because("kit.body.$part", 'twice', name: (string) $name);
                }
            }
        }
        foreach ($patienceSteps as $i => $seconds) {
            Response::patience()->check("kit.body.patience_steps[$i]", $seconds);
        }
        foreach ($nimbleSteps as $i => $nimble) {
            Response::nimbleness()->check("kit.body.nimble_steps[$i]", $nimble);
        }
        foreach ($storedSets as $i => $set) {
            $this->checkSet("kit.body.stored_sets[$i]", $set);
        }
    }

    private function checkSet(string $field, StoredSet $set): void
    {
        $control = null;
        foreach ($this->controls as $candidate) {
            $control = $candidate->place === $set->control ? $candidate : $control;
        }
        if ($control === null || ! $control->may(Duty::StoredSet)) {
            throw Refused::because("$field.control", 'set-control', control: $set->control->value);
        }
        $shape =
            $set->area === null
                ? null
                : $this->areas[$set->area->value] ??
                    throw Refused::because("$field.area", 'set-area', area: $set->area->value);
        if ($shape !== null && $set->mode !== null && ! $shape->allows($set->mode)) {
            throw Refused::because("$field.mode", 'set-mode', mode: $set->mode->value, area: $shape->area->value);
        }
        if ($set->detect !== null && $set->detect !== Detection::Off && ! $this->canDetect($set->detect)) {
            throw Refused::because("$field.detect", 'set-detect', kind: $set->detect->value);
        }
        if (
            $set->preset !== null &&
            ! in_array($set->preset, array_map(static fn (ResponsePreset $p): string => $p->id, $this->presets), true)
        ) {
            throw Refused::because("$field.preset", 'set-preset', preset: $set->preset);
        }
    }

    /** The response preset with just these numbers, if there is one. */
    public function presetOf(float $patienceS, float $nimble): ?ResponsePreset
    {
        foreach ($this->presets as $preset) {
            if (Response::distance($preset->patienceS, $preset->nimble, $patienceS, $nimble) < 1e-6) {
                return $preset;
            }
        }

        return null;
    }

    /**
     * Of the responses that can be had, the one nearest to these numbers.
     *
     * @return array{float, float} patience in s, and nimbleness
     */
    public function nearestResponse(float $patienceS, float $nimble): array
    {
        if ($this->freeResponse) {
            return [
                Response::nearestPatience($patienceS, $this->patienceSteps),
                Response::nearestNimble($nimble, $this->nimbleSteps),
            ];
        }
        $best = null;
        $least = INF;
        foreach ($this->presets as $preset) {
            $distance = Response::distance($preset->patienceS, $preset->nimble, $patienceS, $nimble);
            if ($distance < $least - 1e-9) {
                [$best, $least] = [$preset, $distance];
            }
        }

        return $best === null ? [$patienceS, $nimble] : [$best->patienceS, $best->nimble];
    }

    public function pitchMm(): float
    {
        return $this->sensorWidthMm / $this->pixelsWide;
    }

    /** Diagonal of 36×24 mm ÷ the sensor's own. */
    public function crop(): float
    {
        return hypot(36, 24) / hypot($this->sensorWidthMm, $this->sensorHeightMm);
    }

    public function cocMm(FinalUse $use): float
    {
        return $use->cocMm($this->sensorWidthMm, $this->sensorHeightMm, $this->pitchMm());
    }

    public function canDetect(Detection $kind): bool
    {
        return in_array($kind, $this->detects, true);
    }

    /**
     * How long it takes to move the area from the middle of the frame to a place, by the quickest way, s.
     *
     * @param  array{float, float}  $at  frame widths and heights from the middle
     */
    public function moveS(array $at): float
    {
        return AreaMove::isFar([0.0, 0.0], $at)
            ? min(array_map(static fn (AreaMove $move): float => $move->usualS(), $this->areaMoves))
            : 0.0;
    }

    /**
     * The place nearest to a wanted one that the points reach with an area.
     *
     * @param  array{float, float}  $at  frame widths and heights from the middle
     * @return array{float, float}
     */
    public function reachable(Area $area, array $at): array
    {
        $shape = $this->areas[$area->value] ?? null;
        if ($this->points === null || $shape === null) {
            return $at;
        }
        [$x, $y] = $this->points->room($shape);

        return [max(-$x, min($x, $at[0])), max(-$y, min($y, $at[1]))];
    }
}
