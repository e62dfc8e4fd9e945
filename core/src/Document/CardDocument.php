<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Assigned;
use RushHold\Controls\Press;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Light\LightDirection;
use RushHold\Outing\Checklist;
use RushHold\Outing\Moment;
use RushHold\Outing\Outing;
use RushHold\Outing\Planned;
use RushHold\Outing\Programme;
use RushHold\Planning\Plan;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Words;

/** An outing as it is carried, format `rush-hold/card@1`: everything said in words, so that nothing is left to work out in the field. */
final readonly class CardDocument
{
    public const FORMAT = 'rush-hold/card@1';

    /** What stands under the button, in this order. */
    private const SHOWN = [Setting::Technique, Setting::Mode, Setting::Area, Setting::AreaAt, Setting::Detect, Setting::Eye, Setting::Patience, Setting::Nimbleness, Setting::Wins, Setting::Aim, Setting::StartAt, Setting::RangeLimit, Setting::Drive, Setting::Stabiliser, Setting::Support];

    private Words $words;

    private Outing $outing;

    private function __construct(private Programme $programme, Units $units)
    {
        $this->words = Words::in($units);
        $this->outing = $programme->outing;
    }

    /** @return array<string, mixed> */
    public static function write(Programme $programme, Units $units = Units::Metric): array
    {
        $writer = new self($programme, $units);
        $outing = $programme->outing;
        $order = [...array_map(static fn (Planned $p): int => $p->entry, $programme->planned), ...$programme->leftOut()];

        return [
            'format' => self::FORMAT, 'name' => $outing->name, 'place' => $outing->place, 'zone' => $outing->from->getTimezone()->getName(),
            'from' => $outing->from->format(DATE_ATOM), 'to' => $outing->to->format(DATE_ATOM), 'kept_wanted' => round(array_sum(array_map(static fn (Planned $p): float => $p->value, $programme->planned)), 1),
            'light' => array_map(static fn (Moment $m): array => ['at' => $m->at->format(DATE_ATOM), 'sun_height_deg' => round($m->sun->heightDeg, 1), 'ev100' => round($m->ev100, 1), 'part' => $m->part()],
                array_map(static fn ($at): Moment => Moment::of($outing, $at), $outing->moments())),
            'rushes' => array_map($writer->rush(...), $order),
            'buttons' => array_map(fn (array $laid): array => ['body' => $laid['body']->name, 'rest' => $writer->lines($laid['body'])->of($laid['layout']->arrangement->rest),
                'controls' => array_map(static fn (Assigned $a): array => $writer->control($a, $laid['body']), $laid['layout']->arrangement->controls)], $programme->layouts),
            'checklist' => array_map(static fn (array $item): string => $writer->words->say($item['says']), Checklist::of($programme)),
            'cautions' => array_map(static fn (array $c): string => $writer->words->say($c['sentence']), $programme->cautions()),
        ];
    }

    /** @return array<string, mixed> */
    private function rush(int $e): array
    {
        $entry = $this->outing->entries[$e];
        $worth = $this->programme->worth;
        $plan = $this->programme->plan($e);
        $body = $plan->situation->kit->body;
        $lines = $this->lines($body);
        $mine = $this->programme->planned($e);
        $moments = $this->outing->moments();
        $best = $this->programme->bestHour($e);
        $reached = $this->reached($e, $body);
        $hold = PartialHold::of($plan->hold);

        return [
            'number' => $e, 'name' => $entry->rush->name, 'subject' => $plan->situation->subject->name, 'wanted' => $entry->wanted, 'times' => $entry->times,
            'planned' => $mine === null ? null : ['from' => $moments[$mine->from]->format(DATE_ATOM), 'to' => $moments[$mine->to]->format(DATE_ATOM)],
            'best' => ['at' => $moments[$best]->format(DATE_ATOM), 'keeper_rate' => round($worth->rates[$e][$best], 3)],
            'by_time' => array_map(fn (int $i): array => ['at' => $moments[$i]->format(DATE_ATOM), 'keeper_rate' => round($worth->rates[$e][$i], 3),
                'light' => $this->direction($e, $i), ...$this->exposure($worth->plan($e, $i))], array_keys($moments)),
            'keeper_rate' => round($worth->rates[$e][$mine->from ?? $best], 3), 'lost_to' => $worth->cause($e, $mine->from ?? $best),
            'body' => $body->name, 'lens' => $plan->situation->kit->lens->name, 'extender' => $plan->situation->kit->extender,
            'hold' => HoldDocument::write($plan->hold),
            'by' => $reached === null || $reached[0] === null ? null : ['place' => $reached[0]->value, 'name' => Words::label($reached[0]), 'own' => $lines->own("control.{$reached[0]->value}")],
            'press' => $reached === null ? [] : array_map($lines->press(...), $reached[1]),
            'lines' => array_values(array_filter($lines->of($hold->only(...self::SHOWN)), static fn (array $line): bool => ! Setting::from($line['setting'])->isIdleIn($plan->hold))),
            ...$this->exposure($plan),
            'changes' => $this->changes($e, $lines),
            'habit' => $entry->habit,
            'cautions' => array_map(fn (array $c): string => $this->words->say($c['sentence']), $plan->cautions),
        ];
    }

    /** @return array{shutter: string, aperture: string, iso: string} */
    private function exposure(Plan $plan): array
    {
        return ['shutter' => $this->words->quantity(Quantity::shutter($plan->hold->shutterS)), 'aperture' => $this->words->quantity(Quantity::fNumber($plan->hold->aperture)),
            'iso' => $this->words->say(Said::of('card.iso', iso: Quantity::iso($plan->hold->iso)))];
    }

    private function direction(int $e, int $step): ?string
    {
        $facing = $this->outing->entries[$e]->facingDeg ?? $this->outing->entries[$e]->rush->light->shootingBearingDeg;

        return $facing === null ? null : LightDirection::of(Moment::of($this->outing, $this->outing->moments()[$step])->sun, $facing)->value;
    }

    /**
     * The control that is held for a rush and what is left to do, from the camera at rest.
     *
     * @return array{ControlPlace|null, list<Press>}|null null where no buttons are laid out
     */
    private function reached(int $e, Body $body): ?array
    {
        foreach ($this->programme->layouts as $laid) {
            if ($laid['body']->name === $body->name) {
                $reached = $laid['layout']->reached[(int) array_search($e, $laid['entries'], true)];

                return [$reached->by, $reached->presses];
            }
        }

        return null;
    }

    /**
     * What changes on the camera from the rush before.
     *
     * @return array{seconds: float, kit: list<array{part: string, from: string, to: string}>, says: list<string>}|null null for the first and for those without a time
     */
    private function changes(int $e, SettingLines $lines): ?array
    {
        foreach ($this->programme->steps() as $step) {
            if ($step->next->entry === $e && $step->before !== null) {
                return ['seconds' => round($step->seconds(), 1), 'kit' => DayDocument::kit($step), 'says' => array_map(static fn (Press $p): string => $lines->says($p), $step->changes())];
            }
        }

        return null;
    }

    /** @return array<string, mixed> */
    private function control(Assigned $assigned, Body $body): array
    {
        $lines = $this->lines($body);

        return ['place' => $assigned->place->value, 'name' => Words::label($assigned->place), 'own' => $lines->own("control.{$assigned->place->value}"), 'says' => Words::label($assigned->duty), 'lines' => $assigned->set === null ? [] : $lines->of($assigned->set)];
    }

    private function lines(Body $body): SettingLines
    {
        return new SettingLines($body, $this->words);
    }
}
