<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Hold\Drive;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Support;
use RushHold\Situation\Situation;

/** The honest disagreements: the best that each side can do here. */
final readonly class Disagreements
{
    /** From so much patience on a response counts as sticky, below so little as quick, s. */
    private const STICKY_S = 0.5;

    private const QUICK_S = 0.1;

    /**
     * @param  list<Candidate>  $tried
     * @param  Closure(Situation, Hold): Play  $play
     */
    public function __construct(
        private Situation $s,
        private Candidate $winner,
        private array $tried,
        private Closure $play,
    ) {
    }

    /** @return list<SimulationQuestion<SchoolResult>> */
    public function asked(PartialHold $pins): array
    {
        return [...$this->amongTried(), ...$this->changed($pins)];
    }

    /** @return list<SimulationQuestion<SchoolResult>> sides that some of the set-ups tried belong to */
    private function amongTried(): array
    {
        $results = [];
        foreach (self::sides() as [$school, $side, $belongs]) {
            $members = array_values(array_filter($this->tried, static fn (Candidate $c): bool => $belongs($c->hold)));
            if ($members !== []) {
                usort(
                    $members,
                    static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate,
                );
                $results[] = SimulationQuestion::known(
                    $this->result($school, $side, $belongs($this->winner->hold) ? $this->winner : $members[0]),
                );
            }
        }

        return $results;
    }

    /** @return list<array{string, string, Closure(Hold): bool}> */
    private static function sides(): array
    {
        $auto = static fn (Hold $h): bool => $h->technique === Technique::Auto;

        return [
            ['area', 'small', static fn (Hold $h): bool => $auto($h) && $h->area->about()->isSmall],
            ['area', 'large', static fn (Hold $h): bool => $auto($h) && ! $h->area->about()->isSmall],
            ['response', 'sticky', static fn (Hold $h): bool => $auto($h) && $h->patienceS >= self::STICKY_S],
            [
                'response',
                'general',
                static fn (Hold $h): bool => $auto($h) &&
                    $h->patienceS >= self::QUICK_S &&
                    $h->patienceS < self::STICKY_S,
            ],
            ['response', 'quick', static fn (Hold $h): bool => $auto($h) && $h->patienceS < self::QUICK_S],
            ['focus', 'automatic', $auto],
            ['focus', 'by hand', static fn (Hold $h): bool => ! $auto($h)],
        ];
    }

    /** @return list<SimulationQuestion<SchoolResult>> sides that only change a setting of the winner */
    private function changed(PartialHold $pins): array
    {
        $hold = $this->winner->hold;
        $widest = $this->s->kit->widest();
        $sides = [
            ['aperture', 'wide open', Setting::Aperture, $hold->with(aperture: $widest)],
            ['aperture', 'one stop down', Setting::Aperture, $hold->with(aperture: $widest * M_SQRT2)],
            ['bursts', 'long', Setting::Drive, $hold->with(drive: Drive::Long)],
            ['bursts', 'short', Setting::Drive, $hold->with(drive: Drive::Short)],
            ['stabiliser', 'off', Setting::Stabiliser, $hold->with(stabiliser: Stabiliser::Off)],
            ['stabiliser', 'on', Setting::Stabiliser, $hold->with(stabiliser: Stabiliser::On)],
            ['support', 'free', Setting::Support, $hold->with(support: Support::Handheld)],
            ['support', 'supported', Setting::Support, $hold->with(support: Support::Tripod)],
        ];
        $results = [];
        foreach ($sides as [$school, $side, $setting, $variant]) {
            if ($variant->changesFrom($hold) === 0) {
                $results[] = SimulationQuestion::known($this->result($school, $side, $this->winner));
            } elseif (! $pins->has($setting)) {
                $results[] = SimulationQuestion::by(
                    ($this->play)($this->s, $variant),
                    fn (Outcome $outcome): SchoolResult => $this->result(
                        $school,
                        $side,
                        new Candidate($variant, $outcome),
                    ),
                );
            }
        }

        return $results;
    }

    private function result(string $school, string $side, Candidate $best): SchoolResult
    {
        [$cost, $error] = $best === $this->winner ? [0.0, 0.0] : $this->winner->outcome->minus($best->outcome);

        return new SchoolResult($school, $side, $best, $cost, $error);
    }
}
