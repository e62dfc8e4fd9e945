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
        $about = $area->about();

        return new self($area, $about->wide, $about->high, $about->modes, $about->detects, $about->detects);
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
