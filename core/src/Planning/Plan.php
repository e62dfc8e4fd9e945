<?php

declare(strict_types=1);

namespace RushHold\Planning;

use LogicException;
use RushHold\Blur\BlurParts;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Light\Shimmer;
use RushHold\Optics\DepthOfField;
use RushHold\Planning\Solve\ExposureSolver;
use RushHold\Said;
use RushHold\Situation\Situation;

/** A hold for a rush, with all that explains it. */
final readonly class Plan
{
    /**
     * @param  list<HoldLine>  $lines  one for each setting, in the order of deciding
     * @param  list<Misfit>  $misfits
     * @param  list<array{what: string, sentence: Said}>  $cautions
     */
    public function __construct(
        public Situation $situation,
        public Hold $hold,
        public array $lines,
        public ExposureSolver $exposure,
        public Lane $lane,
        /** Blur halfway through the rush with focus where it is then. */
        public BlurParts $blur,
        /** Smear of limbs halfway, µm. */
        public float $limbBlurUm,
        /** What is sharp around the subject halfway, at the keeper limit. */
        public DepthOfField $depth,
        public Shimmer $air,
        public array $misfits,
        public array $cautions,
    ) {
    }

    public function line(Setting $setting): HoldLine
    {
        foreach ($this->lines as $line) {
            if ($line->setting === $setting) {
                return $line;
            }
        }

        throw new LogicException("There is no line for {$setting->value}.");
    }

    /**
     * What the rules said of the others, their own choice first.
     *
     * @return list<Alternative>
     */
    private static function instead(HoldLine $ruled, mixed $chosen): array
    {
        $others = array_filter($ruled->alternatives, static fn (Alternative $a): bool => $a->value !== $chosen);

        return is_scalar($ruled->value)
            ? [new Alternative($ruled->value, $ruled->reason, true), ...$others]
            : array_values($others);
    }

    /**
     * The same plan as the photographer sees it: what was fixed only to write it down is not shown as pinned, and
     * keeps the reason the rules gave where they chose the same.
     *
     * @param  array<string, Said>  $reasons  why a setting stands as it does, by setting, from playing it
     */
    public function pinnedAs(PartialHold $pins, self $byRules, array $reasons = []): self
    {
        $lines = [];
        foreach ($this->lines as $i => $line) {
            $ruled = $byRules->lines[$i];
            $same = $ruled->value == $line->value;
            if ($line->setting->isRare()) {
                // Why it is on or off is the same whoever found it so.
                $lines[] = new HoldLine(
                    $line->setting,
                    $line->value,
                    $line->reason,
                    $pins->has($line->setting),
                    null,
                    $line->alternatives,
                );

                continue;
            }
            $lines[] = $pins->has($line->setting)
                ? $line
                : new HoldLine(
                    $line->setting,
                    $line->value,
                    $same ? $ruled->reason : $reasons[$line->setting->value] ?? Said::of('line.even'),
                    false,
                    $line->margin,
                    $same ? $ruled->alternatives : self::instead($ruled, $line->value),
                );
        }

        return new self(
            $this->situation,
            $this->hold,
            $lines,
            $byRules->exposure,
            $this->lane,
            $this->blur,
            $this->limbBlurUm,
            $this->depth,
            $this->air,
            $byRules->misfits,
            $this->cautions,
        );
    }
}
