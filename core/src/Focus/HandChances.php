<?php

declare(strict_types=1);

namespace RushHold\Focus;

/** The lists of noise that runs by hand take their chances from. */
final readonly class HandChances
{
    /** @var list<float> how the aim part swings in depth */
    public array $swing;

    /** @var list<float> how far changes of speed have taken the subject */
    public array $way;

    /** @var list<float> */
    public array $aim;

    /** @var list<float> */
    public array $aimSpeed;

    /** @var list<float> of warm air */
    public array $air;

    /** @var list<float> of what stands before the subject */
    public array $patch;

    /** @var list<float> of what is to be seen, and of the hand on the ring */
    public array $seen;

    /** @var list<float> */
    public array $white;

    /** @var list<float> */
    public array $even;

    public function __construct(float $stepS)
    {
        $this->swing = Noise::smooth(7, Parameters::SWING_MEMORY_S, $stepS);
        $this->way = Noise::way(4, Parameters::WAY_MEMORY_S, $stepS);
        $this->aim = Noise::straying(1, Parameters::AIM_MEMORY_S, $stepS);
        $this->aimSpeed = Noise::speed(1, Parameters::AIM_MEMORY_S, $stepS);
        $this->air = Noise::lucky(8, 2 * Parameters::AIR_SPREAD);
        $this->patch = Noise::smooth(2, Parameters::PATCH_MEMORY_S, $stepS);
        $this->seen = Noise::smooth(3, Parameters::SEEN_MEMORY_S, $stepS);
        $this->white = Noise::white(5);
        $this->even = Noise::even(6);
    }
}
