<?php

declare(strict_types=1);

namespace RushHold\Camera;

use RushHold\Range;
use RushHold\Rush\Photographer;

/**
 * What the stand-in camera knows of its person and its lens and nobody else is told: skills, and a lens that focuses
 * beside.
 */
final readonly class Hidden
{
    /**
     * @param  float|null  $aim  0 to 1; null: as the rush says
     * @param  float|null  $panning  0 to 1
     * @param  float|null  $handFocus  0 to 1
     * @param  float  $lensErrorM  how far behind what it was told the lens focuses, −5 to 5 m; negative is before it
     */
    public function __construct(
        public ?float $aim = null,
        public ?float $panning = null,
        public ?float $handFocus = null,
        public float $lensErrorM = 0.0,
    ) {
        foreach (['aim' => $aim, 'panning' => $panning, 'hand_focus' => $handFocus] as $name => $skill) {
            $skill === null || Range::share()->check($name, $skill);
        }
        Range::of(-5, 5, 'm')->check('lens_error_m', $lensErrorM);
    }

    public function person(Photographer $said): Photographer
    {
        return $said->with(
            aim: $this->aim ?? $said->aim,
            panning: $this->panning ?? $said->panning,
            handFocus: $this->handFocus ?? $said->handFocus,
        );
    }
}
