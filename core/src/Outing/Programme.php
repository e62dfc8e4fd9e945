<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Controls\LateStart;
use RushHold\Controls\Layout;
use RushHold\Controls\Need;
use RushHold\Controls\Reached;
use RushHold\Controls\Reaching;
use RushHold\Controls\Solver;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
use RushHold\Planning\Plan;
use RushHold\Quantity;
use RushHold\Said;

/** What is done on an outing: each rush at its time with its hold, and the buttons that bring it about. */
final readonly class Programme
{
    /** With more rushes than this on one body its buttons are not laid out together. */
    private const LAID_OUT = 20;

    /**
     * @param  list<Planned>  $planned  in order of time
     * @param  list<Planned>  $best  the order that keeps most; the same where nobody wants another
     * @param  list<array{body: Body, entries: list<int>, layout: Layout}>  $layouts  for each body that is carried
     */
    private function __construct(
        public Outing $outing,
        public Worth $worth,
        public array $planned,
        public array $best,
        public array $layouts,
    ) {
    }

    /** @param  Worth  $worth  of that outing */
    public static function of(Outing $outing, Worth $worth): self
    {
        $frames = array_map($worth->frames(...), array_keys($outing->entries));
        $scheduler = new Scheduler($outing, $worth->rates, $frames);
        $best = (new Scheduler($outing->freed(), $worth->rates, $frames))->best();
        $planned = $outing->order === null ? $scheduler->best() : $scheduler->inOrder($outing->order);
        $bare = new self($outing, $worth, $planned, $best, []);

        return new self($outing, $worth, $planned, $best, $worth->played ? $bare->laidOut() : []);
    }

    /** The time of a rush; null where it does not fit. */
    public function planned(int $entry): ?Planned
    {
        foreach ($this->planned as $planned) {
            if ($planned->entry === $entry) {
                return $planned;
            }
        }

        return null;
    }

    /** Why a rush has no time; null where it has one. */
    public function whyNot(int $entry): ?Said
    {
        if ($this->planned($entry) !== null) {
            return null;
        }
        $open = array_values(
            array_filter(
                range(0, $this->outing->minutes()),
                fn (int $minute): bool => $this->outing->entries[$entry]->mayBegin($this->outing, $minute),
            ),
        );

        return match (true) {
            $open === [] => Said::of(
                'left-out.window',
                minutes: Quantity::count($this->outing->entries[$entry]->minutes),
            ),
            max(
                array_map(
                    fn (int $minute): float => $this->worth->rates[$entry][(int) round($minute / Outing::STEP_MIN)] ??
                        0.0,
                    $open,
                ),
            ) <= 0.0 => Said::of('left-out.nothing'),
            $this->outing->order !== null && ! in_array($entry, $this->outing->order, true) => Said::of(
                'left-out.order',
            ),
            default => Said::of('left-out.room'),
        };
    }

    /** The plan of a rush at its time; at its best hour where it has none. */
    public function plan(int $entry): Plan
    {
        return $this->worth->plan($entry, $this->planned($entry)?->quarter() ?? $this->bestHour($entry));
    }

    /** The quarter hour in which a rush keeps most. */
    public function bestHour(int $entry): int
    {
        $best = 0;
        foreach (array_slice($this->worth->rates[$entry], 0, $this->outing->steps()) as $step => $rate) {
            $best = $rate > $this->worth->rates[$entry][$best] ? $step : $best;
        }

        return $best;
    }

    /** @return list<int> numbers of the rushes that have no time */
    public function leftOut(): array
    {
        return array_values(
            array_diff(
                array_keys($this->outing->entries),
                array_map(static fn (Planned $p): int => $p->entry, $this->planned),
            ),
        );
    }

    /**
     * From one rush to the next: what the eye and the hand have to do, through the buttons. What was turned stays as it
     * is; what was held is let go.
     *
     * @return list<Step> one for each planned rush, in their order; the first from the camera as it is set up to rest
     */
    public function steps(): array
    {
        $steps = [];
        $before = null;
        /** @var array<string, PartialHold> $stands how each body stands, what was turned included */
        $stands = [];
        foreach ($this->planned as $next) {
            $plan = $this->plan($next->entry);
            $body = $plan->situation->kit->body;
            $laid = $this->layoutFor($body);
            // Without a layout it stands as the rush before has left it.
            $rest = $stands[$body->name] ?? ($laid?->arrangement->rest ?? PartialHold::of($plan->hold));
            [$by, $presses] = (new Reaching($this->outing->times, $body->areaMoves))->quickest(
                $plan->hold,
                $rest,
                $laid?->arrangement,
            );
            foreach ($presses as $press) {
                $rest = $press->setting === null ? $rest : $rest->with($press->setting, $press->to);
            }
            $stands[$body->name] = $laid === null ? PartialHold::of($plan->hold) : $rest;
            $steps[] = new Step(
                $next,
                $before,
                $by,
                $presses,
                $before === null ? [] : self::kitChanges($this->plan($before->entry), $plan),
            );
            $before = $next;
        }

        return $steps;
    }

    /** @return list<array{what: string, sentence: Said}> what may hurt someone or something on this day, each once */
    public function cautions(): array
    {
        $cautions = [];
        foreach (array_merge(...$this->worth->plans) as $plan) {
            foreach ($plan->cautions as $caution) {
                $cautions[$caution['what']] ??= $caution;
            }
        }

        return array_values($cautions);
    }

    /** The layout of a body; null where there is none. */
    public function layoutFor(Body $body): ?Layout
    {
        foreach ($this->layouts as $laid) {
            if ($laid['body']->name === $body->name) {
                return $laid['layout'];
            }
        }

        return null;
    }

    /** How a rush is reached from the camera at rest; null where no buttons are laid out for it. */
    public function reached(int $entry): ?Reached
    {
        foreach ($this->layouts as $laid) {
            $number = array_search($entry, $laid['entries'], true);
            if ($number !== false) {
                return $laid['layout']->reached[$number];
            }
        }

        return null;
    }

    /** @return array<string, array{string, string}> body, lens and extender that change, from and to */
    private static function kitChanges(Plan $from, Plan $to): array
    {
        [$before, $after] = [$from->situation->kit, $to->situation->kit];

        return array_filter(
            [
                'body' => [$before->body->name, $after->body->name],
                'lens' => [$before->lens->name, $after->lens->name],
                'extender' => [(string) $before->extender, (string) $after->extender],
            ],
            static fn (array $pair): bool => $pair[0] !== $pair[1],
        );
    }

    /** @return list<array{body: Body, entries: list<int>, layout: Layout}> */
    private function laidOut(): array
    {
        $bodies = [];
        foreach (array_keys($this->outing->entries) as $entry) {
            $bodies[$this->plan($entry)->situation->kit->body->name][] = $entry;
        }
        $layouts = [];
        foreach ($bodies as $entries) {
            if (count($entries) > self::LAID_OUT) {
                continue;
            }
            $needs = array_map(function (int $e): Need {
                $plan = $this->plan($e);

                return new Need(
                    $this->outing->entries[$e]->rush->name,
                    $plan->hold,
                    $plan->situation->rush->path->noticeS,
                    LateStart::of($plan->situation, $plan->hold),
                    $this->outing->entries[$e]->wanted,
                );
            }, $entries);
            $body = $this->plan($entries[0])->situation->kit->body;
            $layouts[] = [
                'body' => $body,
                'entries' => $entries,
                'layout' => (new Solver($body, $needs, $this->outing->times))->solve($this->outing->school),
            ];
        }

        return $layouts;
    }
}
