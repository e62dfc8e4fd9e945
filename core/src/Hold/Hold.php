<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Changeable;
use RushHold\Hold\Settings\Effect;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Kit\Support;
use RushHold\Kit\Wins;

/** A complete camera set-up meant to keep one rush sharp. */
final readonly class Hold
{
    use Changeable;

    /**
     * @param  float  $patienceS  how long the body waits before it believes something new, 0 to 3 s
     * @param  float  $nimble  how far it believes a change of speed, 0 to 1
     * @param  array{float, float}  $areaAt  middle of the area from the middle of the frame, in frame widths and
     *   heights, −0.5 to 0.5
     * @param  float  $startAtM  focus distance before the rush, m
     * @param  array<string, mixed>  $extras  settings that few bodies offer, by their word in documents
     */
    public function __construct(
        public FocusMode $mode,
        public Technique $technique,
        public Area $area,
        public Detection $detect,
        public bool $eye,
        public float $patienceS,
        public float $nimble,
        public Wins $wins,
        public array $areaAt,
        public float $startAtM,
        public ?FocusRange $range,
        public AimPoint $aim,
        public float $shutterS,
        public float $aperture,
        public float $iso,
        public Drive $drive,
        public Stabiliser $stabiliser,
        public Support $support,
        public array $extras = [],
    ) {
    }

    /** The same with one setting otherwise, whichever it is. */
    public function set(Setting $setting, mixed $value): self
    {
        $property = $setting->about()->property;

        return $property === null
            ? $this->with(extras: [...$this->extras, $setting->value => $value])
            : $this->with(...[$property => $value]);
    }

    /** What its settings do that is no matter of their own. */
    public function effect(): Effect
    {
        $effect = new Effect();
        foreach (Setting::rare() as $setting) {
            $effect = $setting->isIdleIn($this)
                ? $effect
                : $effect->and($setting->about()->effectOf($setting->in($this)));
        }

        return $effect;
    }

    /** What holds alike but for their response have in common. */
    public function family(): string
    {
        return "{$this->technique->value} {$this->mode->value} {$this->area->value} {$this->detect->value}";
    }

    /** How many settings differ. */
    public function changesFrom(self $other): int
    {
        $mine = get_object_vars($this);
        $count = 0;
        foreach (get_object_vars($other) as $name => $value) {
            $count += $mine[$name] == $value ? 0 : 1;
        }

        return $count;
    }
}
