<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Range;

/** One area as one body has it: how much of the frame it covers, and what it may be used with. */
final readonly class AreaShape
{
    /**
     * @param  float  $width  share of the frame's width, 0.002 to 1
     * @param  float  $height  share of the frame's height, 0.002 to 1
     * @param  list<FocusMode>  $modes
     */
    public function __construct(
        public Area $area,
        public float $width,
        public float $height,
        public array $modes,
        public bool $detects,
        public bool $seesEyes,
    ) {
        Range::of(0.002, 1)->check("kit.body.areas.{$area->value}.width", $width);
        Range::of(0.002, 1)->check("kit.body.areas.{$area->value}.height", $height);
    }

    /** As a body without a mirror usually has it. */
    public static function usual(Area $area): self
    {
        [$width, $height] = match ($area) {
            Area::Speck => [0.012, 0.018],
            Area::Point => [0.035, 0.05],
            Area::Plus => [0.08, 0.12],
            Area::RingSmall => [0.1, 0.15],
            Area::RingMedium => [0.15, 0.22],
            Area::RingLarge => [0.22, 0.32],
            Area::Column => [0.22, 0.85],
            Area::Band => [0.85, 0.22],
            Area::Block => [0.36, 0.4],
            Area::Side => [0.33, 0.9],
            Area::Whole => [0.96, 0.94],
            Area::Follow => [0.05, 0.07],
        };
        $single = [FocusMode::Single, FocusMode::SingleThenRing];
        $modes = match ($area) {
            Area::Speck => $single,
            Area::Follow => [FocusMode::Continuous],
            default => [...$single, FocusMode::Continuous, FocusMode::AutoSwitch],
        };
        // The smallest areas only look under themselves; larger ones may search for a subject.
        $detects = ! in_array($area, [Area::Speck, Area::Point, Area::Plus, Area::RingSmall], true);

        return new self($area, $width, $height, $modes, $detects, $detects);
    }

    /** The same, no larger than this share of the frame. */
    public function within(float $width, float $height): self
    {
        return new self(
            $this->area,
            min($this->width, $width),
            min($this->height, $height),
            $this->modes,
            $this->detects,
            $this->seesEyes,
        );
    }

    public function allows(FocusMode $mode): bool
    {
        return $mode === FocusMode::Manual || in_array($mode, $this->modes, true);
    }
}
