<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Optics\FinalUse;
use RushHold\Range;
use RushHold\Refused;

/** What a camera body can do. The defaults are the sample body: 24 MP, 36×24 mm, no mirror, 20 frames a second. */
final readonly class Body
{
    /** @var array<string, AreaShape> by the area's word */
    public array $areas;

    /**
     * @param  list<AreaShape>|null  $areas  null: all, as usual
     * @param  list<Detection>  $detects  kinds of subject it can look for
     * @param  float  $focusCycleHz  how often it measures, 10 to 240 a second
     * @param  float  $lightLimitEv  EV100 below which it no longer focuses, with an f/1.2 lens
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
    ) {
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
            $byWord[$shape->area->value] = $shape;
        }
        if ($byWord === []) {
            throw Refused::because('kit.body.areas', 'a body needs at least one area.');
        }
        $this->areas = $byWord;
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
}
