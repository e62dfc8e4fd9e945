<?php

declare(strict_types=1);

namespace RushHold\Record;

use Closure;
use DateTimeImmutable;
use RushHold\Quantity;
use RushHold\Rush\Rush;
use RushHold\Said;

/** Whether two set-ups met the same: what is known of their bursts side by side. */
final readonly class Fairness
{
    private const STOPS = 1.0;

    private const TIMES_AS_FAR = 1.3;

    private const CLUTTER = 0.2;

    private const HOURS = 2.0;

    private const FEWEST = 3;

    public function __construct(private Contender $a, private Contender $b)
    {
    }

    /** @return array<string, Said> by what is unfair */
    public function warnings(): array
    {
        $warnings = [];
        $warn = static function (Unfair $what, Quantity|string ...$facts) use (&$warnings): void {
            $warnings[$what->value] = Said::of("unfair.$what->value", ...$facts);
        };
        $names = array_map($this->names(...), [$this->a, $this->b]);
        if ($names[0] !== [] && $names[1] !== [] && array_intersect($names[0], $names[1]) === []) {
            $warn(Unfair::Rush, a: $names[0][0], b: $names[1][0]);
        }
        $kits = array_map(
            static fn (Contender $c): array => self::each(
                $c,
                static fn (Rush $r): string => "{$r->kit->body->name}, {$r->kit->lens->name}",
            ),
            [$this->a, $this->b],
        );
        if ($kits[0] !== [] && $kits[1] !== [] && array_intersect($kits[0], $kits[1]) === []) {
            $warn(Unfair::Kit, a: (string) $kits[0][0], b: (string) $kits[1][0]);
        }
        [$light, $distance, $clutter] = [
            $this->means(static fn (Rush $r): float => $r->light->ev100),
            $this->means(static fn (Rush $r): float => log($r->path->at($r->path->seconds / 2)->distanceM)),
            $this->means(static fn (Rush $r): float => $r->scene->frontClutter),
        ];
        if ($light !== null && abs($light[0] - $light[1]) >= self::STOPS) {
            $warn(
                Unfair::Light,
                stops: Quantity::figure(abs($light[0] - $light[1])),
                brighter: $light[0] > $light[1] ? 'first' : 'second',
            );
        }
        if ($distance !== null && abs($distance[0] - $distance[1]) >= log(self::TIMES_AS_FAR)) {
            $warn(Unfair::Distance, a: Quantity::distance(exp($distance[0])), b: Quantity::distance(exp($distance[1])));
        }
        if ($clutter !== null && abs($clutter[0] - $clutter[1]) >= self::CLUTTER) {
            $warn(Unfair::Clutter, a: Quantity::share($clutter[0]), b: Quantity::share($clutter[1]));
        }
        $this->times($warn);
        if (min(count($this->a->bursts), count($this->b->bursts)) < self::FEWEST) {
            $warn(Unfair::Few, least: (string) self::FEWEST);
        }

        return $warnings;
    }

    /** @param  Closure(Unfair, Quantity|string...): void  $warn */
    private function times(Closure $warn): void
    {
        $times = array_map(
            static fn (Contender $c): array => array_map(
                static fn (string $at): DateTimeImmutable => new DateTimeImmutable($at),
                array_values(array_filter(array_map(static fn (LoggedBurst $b): ?string => $b->at, $c->bursts))),
            ),
            [$this->a, $this->b],
        );
        if ($times[0] === [] || $times[1] === []) {
            return;
        }
        [$a, $b] = array_map(self::hour(...), $times);
        $apart = abs($a - $b);
        $apart = min($apart, 24 - $apart);
        if ($apart >= self::HOURS) {
            $warn(Unfair::Hour, hours: Quantity::figure($apart));
        }
        // All of one before all of the other: light, wind and a tired arm go with it.
        if (
            count($times[0]) > 1 &&
            count($times[1]) > 1 &&
            (max($times[0]) < min($times[1]) || max($times[1]) < min($times[0]))
        ) {
            $warn(Unfair::Order, first: max($times[0]) < min($times[1]) ? 'first' : 'second');
        }
    }

    /**
     * The mean hour on the clock, round midnight as well.
     *
     * @param  non-empty-list<DateTimeImmutable>  $times
     */
    private static function hour(array $times): float
    {
        $x = $y = 0.0;
        foreach ($times as $time) {
            $angle = (((int) $time->format('G') + (int) $time->format('i') / 60) / 12) * M_PI;
            $x += cos($angle);
            $y += sin($angle);
        }

        return (atan2($y, $x) * 12) / M_PI;
    }

    /** @return list<string> of the rushes, each once */
    private function names(Contender $contender): array
    {
        return self::each($contender, static fn (Rush $rush): string => $rush->name);
    }

    /**
     * @param  Closure(Rush): string  $what
     * @return list<string>
     */
    private static function each(Contender $contender, Closure $what): array
    {
        return array_values(array_unique(array_map($what, self::rushes($contender))));
    }

    /**
     * @param  Closure(Rush): float  $what
     * @return array{float, float}|null over the bursts of each; null where it is not known of one
     */
    private function means(Closure $what): ?array
    {
        $means = [];
        foreach ([$this->a, $this->b] as $contender) {
            $rushes = self::rushes($contender);
            if ($rushes === []) {
                return null;
            }
            $means[] = array_sum(array_map($what, $rushes)) / count($rushes);
        }

        return [$means[0], $means[1]];
    }

    /** @return list<Rush> */
    private static function rushes(Contender $contender): array
    {
        return array_values(array_filter(array_map(static fn (LoggedBurst $b): ?Rush => $b->rush, $contender->bursts)));
    }
}
