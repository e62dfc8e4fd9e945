<?php

declare(strict_types=1);

namespace RushHold\Drill;

/** How well a person knows one control: what decides how soon it is asked again. */
final readonly class Familiar
{
    /** Pressed as quickly as this it needs no more practice, s. */
    private const FLUENT_S = 0.8;

    /** A control that was never asked comes as often as one that is right half the time. */
    private const NEW = 2.0;

    /** After so many days it comes twice as often. */
    private const FORGOTTEN_DAYS = 10;

    /**
     * @param  int  $asked  how often, lately
     * @param  float  $wrong  share of it that was answered by another control, or not at all
     * @param  float|null  $medianS  until it was pressed, where it was right
     * @param  float  $days  since it was asked last
     */
    public function __construct(
        public int $asked = 0,
        public float $wrong = 0.0,
        public ?float $medianS = null,
        public float $days = 0.0,
    ) {
    }

    /** Slow and confused ones sooner: how often it is asked against others, above 0. */
    public function weight(): float
    {
        if ($this->asked === 0) {
            return self::NEW;
        }
        $slow = (($this->medianS ?? 2 * self::FLUENT_S) / self::FLUENT_S) ** 2;

        return (0.15 + 0.35 * min(4.0, $slow) + 3 * $this->wrong) * (1 + min(1.0, $this->days / self::FORGOTTEN_DAYS));
    }
}
