<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Press;
use RushHold\Controls\Reaching;
use RushHold\Controls\Times;
use RushHold\Hold\PartialHold;
use RushHold\Light\LightDirection;
use RushHold\Outing\Entry;
use RushHold\Outing\Moment;
use RushHold\Outing\Outing;
use RushHold\Outing\Planned;
use RushHold\Outing\Scheduler;
use RushHold\Outing\Worth;
use RushHold\Planning\Cautions;
use RushHold\Situation\Situation;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** The plan of a day as JSON: what `rush:day` prints. */
final readonly class DayDocument
{
    public const FORMAT = 'rush-hold/day@1';

    private Words $words;

    private function __construct(private Outing $outing, private Worth $worth, Units $units)
    {
        $this->words = Words::in($units);
    }

    /** @return array<string, mixed> */
    public static function write(Outing $outing, Worth $worth, Units $units = Units::Metric): array
    {
        $writer = new self($outing, $worth, $units);
        $scheduler = new Scheduler($outing, $worth->rates, array_map($worth->frames(...), array_keys($outing->entries)));
        $best = $scheduler->best();
        $planned = $outing->order === null ? $best : $scheduler->inOrder($outing->order);

        return [
            'format' => self::FORMAT, 'name' => $outing->name,
            'light' => array_map(static fn (Moment $m): array => ['at' => $m->at->format(DATE_ATOM), 'sun_height_deg' => round($m->sun->heightDeg, 2),
                'sun_bearing_deg' => round($m->sun->bearingDeg, 1), 'ev100' => round($m->ev100, 2), 'part' => $m->part(), 'sky' => $outing->skyAt($m->at)->value], $writer->moments()),
            'rushes' => array_map(fn (int $e): array => $writer->rush($e, $planned), array_keys($outing->entries)),
            'order' => array_map(static fn (Planned $p): int => $p->entry, $planned),
            'left_out' => array_values(array_diff(array_keys($outing->entries), array_map(static fn (Planned $p): int => $p->entry, $planned))),
            'kept_wanted' => round(Scheduler::kept($planned), 1), 'best_wanted' => round(Scheduler::kept($best), 1),
            'changes' => $writer->changes($planned),
            'cautions' => $writer->cautions(),
        ];
    }

    /** @return list<Moment> */
    private function moments(): array
    {
        return array_map(fn ($at): Moment => Moment::of($this->outing, $at), $this->outing->moments());
    }

    /**
     * @param  list<Planned>  $planned
     * @return array<string, mixed>
     */
    private function rush(int $e, array $planned): array
    {
        $entry = $this->outing->entries[$e];
        $mine = array_values(array_filter($planned, static fn (Planned $p): bool => $p->entry === $e))[0] ?? null;
        $moments = $this->moments();
        $begins = $mine === null ? 0 : $mine->from;

        return [
            'name' => $entry->rush->name, 'wanted' => $entry->wanted, 'times' => $entry->times, 'frames' => $this->worth->frames($e),
            'by_time' => array_map(fn (Moment $m, int $i): array => ['at' => $m->at->format(DATE_ATOM), 'keeper_rate' => round($this->worth->rates[$e][$i], 4),
                'light' => $this->direction($entry, $m), 'lost_to' => $this->worth->cause($e, $i)], $moments, array_keys($moments)),
            'planned' => $mine === null ? null : ['from' => $moments[$mine->from]->at->format(DATE_ATOM), 'to' => $moments[$mine->to]->at->format(DATE_ATOM), 'kept' => round($mine->value, 1)],
            'hold' => HoldDocument::write($this->worth->plan($e, $begins)->hold),
        ];
    }

    private function direction(Entry $entry, Moment $moment): ?string
    {
        $facing = $entry->facingDeg ?? $entry->rush->light->shootingBearingDeg;

        return $facing === null ? null : LightDirection::of($moment->sun, $facing)->value;
    }

    /**
     * What has to be changed on the camera from one to the next, with the time it takes.
     *
     * @param  list<Planned>  $planned
     * @return list<array<string, mixed>>
     */
    private function changes(array $planned): array
    {
        $values = new Values($this->words);
        $reaching = new Reaching(new Times);
        $changes = [];
        foreach ($planned as $i => $next) {
            if ($i === 0) {
                continue;
            }
            $before = $planned[$i - 1];
            $from = $this->worth->plan($before->entry, $before->from);
            $to = $this->worth->plan($next->entry, $next->from);
            $presses = $reaching->presses($to->hold, PartialHold::of($from->hold));
            $kit = array_filter(['body' => [$from->situation->kit->body->name, $to->situation->kit->body->name], 'lens' => [$from->situation->kit->lens->name, $to->situation->kit->lens->name],
                'extender' => [(string) $from->situation->kit->extender, (string) $to->situation->kit->extender]], static fn (array $pair): bool => $pair[0] !== $pair[1]);
            $changes[] = [
                'before' => $next->entry, 'after' => $before->entry,
                'change' => array_map(static fn (Press $p): array => ['setting' => $p->setting->value ?? '', 'name' => $p->setting === null ? '' : Words::label($p->setting),
                    'to' => $p->setting === null ? '' : $values->of($p->setting, $p->to), 'seconds' => round($p->seconds, 1)], $presses),
                'kit' => array_map(static fn (string $part, array $pair): array => ['part' => $part, 'from' => $pair[0], 'to' => $pair[1]], array_keys($kit), array_values($kit)),
                'seconds' => round(Reaching::seconds($presses), 1),
            ];
        }

        return $changes;
    }

    /** @return list<array{what: string, sentence: string}> each once */
    private function cautions(): array
    {
        $said = [];
        foreach ($this->worth->plans as $plans) {
            foreach ($plans as $plan) {
                foreach (Cautions::for(new Situation($plan->situation->rush)) as $caution) {
                    $said[$caution['what']] ??= ['what' => $caution['what'], 'sentence' => $this->words->say($caution['sentence'])];
                }
            }
        }

        return array_values($said);
    }
}
