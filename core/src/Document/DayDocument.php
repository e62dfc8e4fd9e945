<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Layout;
use RushHold\Controls\Press;
use RushHold\Controls\Reached;
use RushHold\Drill\Key;
use RushHold\Drill\Rehearsed;
use RushHold\Outing\Checklist;
use RushHold\Outing\Moment;
use RushHold\Outing\Outing;
use RushHold\Outing\Planned;
use RushHold\Outing\Programme;
use RushHold\Outing\Scheduler;
use RushHold\Outing\Step;
use RushHold\Planning\Plan;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** The plan of a day as JSON: what `rush:day` prints. */
final readonly class DayDocument
{
    public const FORMAT = 'rush-hold/day@1';

    private Words $words;

    private Values $values;

    private Outing $outing;

    /** @var list<Moment> */
    private array $moments;

    private function __construct(private Programme $programme, Units $units)
    {
        $this->words = Words::in($units);
        $this->values = new Values($this->words);
        $this->outing = $programme->outing;
        $this->moments = Moment::all($programme->outing);
    }

    /** @return array<string, mixed> */
    public static function write(Programme $programme, Units $units = Units::Metric): array
    {
        $writer = new self($programme, $units);
        $outing = $programme->outing;

        return [
            'format' => self::FORMAT,
            'name' => $outing->name,
            'played' => $programme->worth->played,
            'light' => array_map(
                static fn (Moment $m): array => [
                    'at' => $m->at->format(DATE_ATOM),
                    'sun_height_deg' => round($m->sun->heightDeg, 2),
                    'sun_bearing_deg' => round($m->sun->bearingDeg, 1),
                    'ev100' => round($m->ev100, 2),
                    'part' => $m->part(),
                    'sky' => $outing->skyAt($m->at)->value,
                ],
                $writer->moments,
            ),
            'rushes' => array_map($writer->rush(...), array_keys($outing->entries)),
            'order' => array_map(static fn (Planned $p): int => $p->entry, $programme->planned),
            'left_out' => $programme->leftOut(),
            'kept_wanted' => round(Scheduler::kept($programme->planned), 1),
            'best_wanted' => round(Scheduler::kept($programme->best), 1),
            'changes' => array_map(
                $writer->step(...),
                array_values(array_filter($programme->steps(), static fn (Step $s): bool => $s->before !== null)),
            ),
            'layouts' => array_map(
                static fn (array $laid): array => [
                    'body' => $laid['body']->name,
                    'layout' => LayoutDocument::one($laid['layout'], $laid['body'], $units, $programme->outing->times),
                    'rehearsal' => $writer->rehearsal($laid['layout'], $laid['entries']),
                ],
                $programme->layouts,
            ),
            'checklist' => array_map(
                static fn (array $item): array => [
                    'key' => $item['key'],
                    'lasting' => $item['lasting'],
                    'says' => $writer->words->say($item['says']),
                ],
                Checklist::of($programme),
            ),
            'cautions' => array_map(
                static fn (array $c): array => ['what' => $c['what'], 'sentence' => $writer->words->say($c['sentence'])],
                $programme->cautions(),
            ),
        ];
    }

    /**
     * Its rushes to be rehearsed with its buttons; null where there is nothing to tell apart.
     *
     * @param  list<int>  $entries
     * @return array<string, mixed>|null
     */
    private function rehearsal(Layout $layout, array $entries): ?array
    {
        $keys = array_map(Key::assigned(...), $layout->arrangement->controls);
        $rushes = array_map(
            fn (int $e, Reached $reached): Rehearsed => Rehearsed::of($this->programme->plan($e)->situation, $reached),
            $entries,
            $layout->reached,
        );
        $reachable = array_filter($rushes, static fn (Rehearsed $r): bool => $r->key(...$keys) !== null);

        return count($keys) < 2 || count($reachable) < count($rushes) ? null : DrillDocument::ofDay($keys, $rushes);
    }

    /** @return array<string, mixed> */
    private function rush(int $e): array
    {
        $entry = $this->outing->entries[$e];
        $worth = $this->programme->worth;
        $mine = $this->programme->planned($e);
        $moments = $this->moments;

        return [
            'name' => $entry->rush->name,
            'wanted' => $entry->wanted,
            'times' => $entry->times,
            'frames' => $worth->frames($e),
            'by_time' => array_map(
                fn (Moment $m, int $i): array => [
                    'at' => $m->at->format(DATE_ATOM),
                    'keeper_rate' => round($worth->rates[$e][$i], 4),
                    'light' => $entry->lightAt($m)?->value,
                    'lost_to' => $worth->cause($e, $i),
                    'exposure' => $this->exposure($worth->plan($e, $i)),
                    'group' => $this->group($worth->plan($e, $i)),
                    'stops_short' => round($worth->plan($e, $i)->exposure->evShort, 1),
                    'shimmer' => $worth->plan($e, $i)->air->level,
                ],
                $moments,
                array_keys($moments),
            ),
            'planned' => $mine === null
                    ? null
                    : [
                        'since' => $this->outing->at($mine->since)->format(DATE_ATOM),
                        'from' => $this->outing->at($mine->from)->format(DATE_ATOM),
                        'to' => $this->outing->at($mine->to)->format(DATE_ATOM),
                        'kept' => round($mine->value, 1),
                    ],
            'left_out' => ($why = $this->programme->whyNot($e)) === null ? null : $this->words->say($why),
            'hold' => HoldDocument::write($this->programme->plan($e)->hold),
        ];
    }

    private function exposure(Plan $plan): string
    {
        return $this->words->say(
            Said::of(
                'exposure.all',
                shutter: Quantity::shutter($plan->hold->shutterS),
                f: Quantity::fNumber($plan->hold->aperture),
                iso: Quantity::iso($plan->hold->iso),
            ),
        );
    }

    /** What keeps a group from being sharp together, and the cheapest way out; null where nothing does. */
    private function group(Plan $plan): ?string
    {
        foreach ($plan->misfits as $misfit) {
            if ($misfit->what === 'group') {
                return $this->words->say($misfit->sentence).
                    ($misfit->waysOut === [] ? '' : ' '.$this->words->say($misfit->waysOut[0]));
            }
        }

        return null;
    }

    /**
     * What has to be changed on the camera before a rush, with the time it takes, and what is held for it then.
     *
     * @return array<string, mixed>
     */
    private function step(Step $step): array
    {
        return [
            'before' => $step->next->entry,
            'after' => $step->before->entry ?? $step->next->entry,
            'by' => $step->by?->value,
            'change' => array_map(
                fn (Press $p): array => [
                    'setting' => $p->setting->value ?? '',
                    'name' => $p->setting === null ? '' : Words::label($p->setting),
                    'to' => $p->setting === null ? '' : $this->values->of($p->setting, $p->to),
                    'seconds' => round($p->seconds, 1),
                ],
                $step->changes(),
            ),
            'kit' => self::kit($step),
            'seconds' => round($step->seconds(), 1),
        ];
    }

    /** @return list<array{part: string, from: string, to: string}> */
    public static function kit(Step $step): array
    {
        return array_map(
            static fn (string $part, array $pair): array => ['part' => $part, 'from' => $pair[0], 'to' => $pair[1]],
            array_keys($step->kit),
            array_values($step->kit),
        );
    }
}
