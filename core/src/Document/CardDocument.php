<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Assigned;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\Where;
use RushHold\Kit\Body;
use RushHold\Motion\PathPoint;
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
use RushHold\Words\Words;

/**
 * An outing as it is carried, format `rush-hold/card@1`: everything said in words, so that nothing is left to work out
 * in the field.
 */
final readonly class CardDocument
{
    public const FORMAT = 'rush-hold/card@1';

    /** Of a pass, evenly over its time. */
    private const DISTANCES = 13;

    private Words $words;

    private Outing $outing;

    /** @var list<Moment> */
    private array $moments;

    /** @var array<int, Step> by the rush each leads to */
    private array $steps;

    private function __construct(private Programme $programme, Units $units)
    {
        $this->words = Words::in($units);
        $this->outing = $programme->outing;
        $this->moments = Moment::all($programme->outing);
        $this->steps = array_column(
            array_map(static fn (Step $step): array => [$step->next->entry, $step], $programme->steps()),
            1,
            0,
        );
    }

    /** @return array<string, mixed> */
    public static function write(Programme $programme, Units $units = Units::Metric): array
    {
        $writer = new self($programme, $units);
        $outing = $programme->outing;
        $order = [...array_map(static fn (Planned $p): int => $p->entry, $programme->planned), ...$programme->leftOut()];

        return [
            'format' => self::FORMAT,
            'name' => $outing->name,
            'place' => $outing->place,
            'zone' => $outing->from->getTimezone()->getName(),
            'from' => $outing->from->format(DATE_ATOM),
            'to' => $outing->to->format(DATE_ATOM),
            'kept_wanted' => round(Scheduler::kept($programme->planned), 1),
            'metered' => $outing->ev100 !== null,
            'light' => array_map(
                static fn (Moment $m): array => [
                    'at' => $m->at->format(DATE_ATOM),
                    'sun_height_deg' => round($m->sun->heightDeg, 1),
                    'ev100' => round($m->ev100, 1),
                    'part' => $m->part(),
                ],
                $writer->moments,
            ),
            'rushes' => array_map($writer->rush(...), $order),
            'buttons' => array_map(
                fn (array $laid): array => [
                    'body' => $laid['body']->name,
                    'rest' => $writer->lines($laid['body'])->of($laid['layout']->arrangement->rest),
                    'controls' => array_map(
                        static fn (Assigned $a): array => $writer->control($a, $laid['body']),
                        $laid['layout']->arrangement->controls,
                    ),
                ],
                $programme->layouts,
            ),
            'checklist' => array_map(
                static fn (array $item): string => $writer->words->say($item['says']),
                Checklist::of($programme),
            ),
            'cautions' => array_map(
                static fn (array $c): string => $writer->words->say($c['sentence']),
                $programme->cautions(),
            ),
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
        $best = $this->programme->bestHour($e);
        $reached = $this->programme->reached($e);
        $hold = PartialHold::of($plan->hold);

        return [
            'number' => $e,
            'name' => $entry->rush->name,
            'subject' => $plan->situation->subject->name,
            'wanted' => $entry->wanted,
            'times' => $entry->times,
            'planned' => $mine === null
                    ? null
                    : [
                        'from' => $this->outing->at($mine->from)->format(DATE_ATOM),
                        'to' => $this->outing->at($mine->to)->format(DATE_ATOM),
                    ],
            'best' => ['at' => $this->at($best), 'keeper_rate' => round($worth->rates[$e][$best], 3)],
            'by_time' => array_map(
                fn (Moment $m, int $i): array => [
                    'at' => $this->at($i),
                    'keeper_rate' => round($worth->rates[$e][$i], 3),
                    'light' => $entry->lightAt($m)?->value,
                    ...$this->exposure($worth->plan($e, $i)),
                ],
                $this->moments,
                array_keys($this->moments),
            ),
            'keeper_rate' => round($worth->rates[$e][$mine?->quarter() ?? $best], 3),
            'lost_to' => $worth->cause($e, $mine?->quarter() ?? $best),
            'body' => $body->name,
            'lens' => $plan->situation->kit->lens->name,
            'extender' => $plan->situation->kit->extender,
            'hold' => HoldDocument::write($plan->hold),
            'by' => $reached?->by === null
                    ? null
                    : [
                        'place' => $reached->by->value,
                        'name' => Words::label($reached->by),
                        'own' => $lines->own("control.{$reached->by->value}"),
                    ],
            'press' => $reached === null ? [] : array_map($lines->press(...), $reached->presses),
            'lines' => array_values(
                array_filter(
                    $lines->of($hold->only(...Setting::toldIn(Where::Card))),
                    static fn (array $line): bool => Setting::from($line['setting'])->isWorthTelling($plan->hold),
                ),
            ),
            ...$this->exposure($plan),
            'changes' => $this->changes($e, $lines),
            'drawn' => self::drawn($plan),
            'habit' => $entry->habit,
            'cautions' => array_map(fn (array $c): string => $this->words->say($c['sentence']), $plan->cautions),
        ];
    }

    /**
     * What can be drawn of a rush: the subject in the frame with the area, and its distance over the pass.
     *
     * @return array<string, mixed>
     */
    private static function drawn(Plan $plan): array
    {
        $situation = $plan->situation;
        [$path, $subject, $body, $hold] = [
            $situation->rush->path,
            $situation->subject,
            $situation->kit->body,
            $plan->hold,
        ];
        $middle = $path->at($path->seconds / 2);
        $area = Setting::Area->isIdleIn($hold) ? null : $body->areas[$hold->area->value] ?? null;

        return [
            'figure' => $subject->figure->value,
            'wide' => round(
                min(
                    1.0,
                    ($situation->kit->focalMm() * $subject->lengthM) / ($middle->distanceM * $body->sensorWidthMm),
                ),
                4,
            ),
            'tall' => round($subject->heightM / $subject->lengthM, 3),
            'way' => [round($middle->acrossMps, 2), round($middle->closingMps, 2)],
            'ratio' => round($body->sensorHeightMm / $body->sensorWidthMm, 4),
            'area' => $area === null
                    ? null
                    : [
                        'width' => round($area->width, 4),
                        'height' => round($area->height, 4),
                        'at' => [round($hold->areaAt[0], 4), round($hold->areaAt[1], 4)],
                    ],
            'seconds' => round($path->seconds, 2),
            'distances_m' => array_map(
                static fn (PathPoint $p): float => round($p->distanceM, 2),
                $path->sampled(self::DISTANCES),
            ),
            'focus_m' => Setting::StartAt->isIdleIn($hold) ? null : round($hold->startAtM, 2),
        ];
    }

    private function at(int $quarter): string
    {
        return $this->moments[$quarter]->at->format(DATE_ATOM);
    }

    /** @return array{shutter: string, aperture: string, iso: string} */
    private function exposure(Plan $plan): array
    {
        return [
            'shutter' => $this->words->quantity(Quantity::shutter($plan->hold->shutterS)),
            'aperture' => $this->words->quantity(Quantity::fNumber($plan->hold->aperture)),
            'iso' => $this->words->say(Said::of('card.iso', iso: Quantity::iso($plan->hold->iso))),
        ];
    }

    /**
     * What changes on the camera from the rush before.
     *
     * @return array{seconds: float, kit: list<array{part: string, from: string, to: string}>, says: list<string>}|null
     *   null for the first and for those without a time
     */
    private function changes(int $e, SettingLines $lines): ?array
    {
        $step = $this->steps[$e] ?? null;

        return $step?->before === null
            ? null
            : [
                'seconds' => round($step->seconds(), 1),
                'kit' => DayDocument::kit($step),
                'says' => array_map($lines->says(...), $step->changes()),
            ];
    }

    /** @return array<string, mixed> */
    private function control(Assigned $assigned, Body $body): array
    {
        $lines = $this->lines($body);

        return [
            'place' => $assigned->place->value,
            'name' => Words::label($assigned->place),
            'own' => $lines->own("control.{$assigned->place->value}"),
            'says' => Words::label($assigned->duty),
            'lines' => $assigned->set === null ? [] : $lines->of($assigned->set),
        ];
    }

    private function lines(Body $body): SettingLines
    {
        return new SettingLines($body, $this->words, $this->programme->outing->times);
    }
}
