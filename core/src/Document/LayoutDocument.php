<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Assigned;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Fault;
use RushHold\Controls\Faults;
use RushHold\Controls\Layout;
use RushHold\Controls\Press;
use RushHold\Controls\Reached;
use RushHold\Controls\Times;
use RushHold\Controls\Way;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Term;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** Layouts as a document, format `rush-hold/layout@1`: the one that was asked for, and the others beside it. */
final readonly class LayoutDocument
{
    public const FORMAT = 'rush-hold/layout@1';

    private Words $words;

    private Values $values;

    private function __construct(private Body $body, Units $units, private Times $times)
    {
        $this->words = Words::in($units);
        $this->values = new Values($this->words);
    }

    /**
     * @param  list<Layout>  $schools  the best of each school
     * @param  ButtonSchool  $asked  the one that stands first
     * @return array<string, mixed>
     */
    public static function write(array $schools, ButtonSchool $asked, Body $body, Units $units = Units::Metric, Times $times = new Times): array
    {
        $writer = new self($body, $units, $times);
        [$layout] = array_values(array_filter($schools, static fn (Layout $l): bool => $l->school === $asked));

        return ['format' => self::FORMAT, ...$writer->layout($layout),
            'by_school' => array_map(static fn (Layout $l): array => $writer->layout($l), $schools),
            'times' => array_map(static fn (Way $way): array => ['way' => $way->value, 'seconds' => $times->of($way), 'own' => $times->isOwn($way)], Way::cases()),
        ];
    }

    /** @return array<string, mixed> */
    private function layout(Layout $layout): array
    {
        $arrangement = $layout->arrangement;

        return [
            'school' => $layout->school->value,
            'rest' => HoldDocument::settings($arrangement->rest),
            'rest_lines' => $this->lines($arrangement->rest),
            'controls' => array_map(fn (Assigned $a): array => $this->control($a, $layout), $arrangement->controls),
            'rushes' => array_map($this->rush(...), $layout->reached),
            'loss' => round($layout->loss, 4), 'bound' => round($layout->bound, 4),
            'seconds' => round($layout->seconds(), 2), 'to_learn' => $layout->toLearn(),
            'faults' => array_map(fn (Fault $f): array => ['what' => $f->what, 'place' => $f->where?->value, 'sentence' => $this->words->say($f->sentence), 'way_out' => $this->words->say($f->wayOut)],
                (new Faults($this->body, $arrangement, $layout->school))->all($layout->reached)),
        ];
    }

    /** @return array<string, mixed> */
    private function control(Assigned $assigned, Layout $layout): array
    {
        return [
            'place' => $assigned->place->value, 'name' => Words::label($assigned->place), 'own' => $this->own("control.{$assigned->place->value}"),
            'duty' => $assigned->duty->value, 'says' => Words::label($assigned->duty),
            'set' => $assigned->set === null ? null : HoldDocument::settings($assigned->set),
            'lines' => $assigned->set === null ? [] : $this->lines($assigned->set),
            'serves' => array_values(array_map(static fn (Reached $r): string => $r->need->name, array_filter($layout->reached, static fn (Reached $r): bool => $r->by === $assigned->place))),
        ];
    }

    /** @return array<string, mixed> */
    private function rush(Reached $reached): array
    {
        $left = array_values(array_filter($reached->presses, static fn (Press $p): bool => $p->setting !== null));

        return [
            'name' => $reached->need->name, 'by' => $reached->by?->value, 'warning_s' => round($reached->need->warningS, 2), 'weight' => $reached->need->weight,
            'press' => array_map($this->press(...), $reached->presses),
            'left_to_change' => array_map(static fn (Press $p): string => $p->setting->value ?? '', $left),
            'seconds' => round($reached->seconds(), 2), 'lost' => round($reached->lost, 4),
        ];
    }

    /** @return array<string, mixed> */
    private function press(Press $press): array
    {
        $says = match (true) {
            $press->setting === null => Said::of('press.hold', control: Said::of(Words::keyOf($press->control ?? ControlPlace::HalfPress))),
            $press->way === Way::Dial => Said::of('press.dial', name: $press->setting, clicks: Quantity::count($press->clicks), to: $this->values->of($press->setting, $press->to)),
            default => Said::of('press.change', name: $press->setting, to: $this->values->of($press->setting, $press->to)),
        };

        return ['way' => $press->way->value, 'control' => $press->control?->value, 'setting' => $press->setting?->value, 'seconds' => round($press->seconds, 2), 'look' => $press->way->takesALook(),
            'own_time' => $press->control !== null ? $this->times->untilHeld($press->control) !== $this->times->of(Way::Hold) : $this->times->isOwn($press->way), 'says' => $this->words->say($says)];
    }

    /** @return list<array{setting: string, name: string, label: string, own: array{label: string, where: string}|null, own_setting: array{label: string, where: string}|null}> */
    private function lines(PartialHold $hold): array
    {
        return array_map(fn (Setting $s): array => ['setting' => $s->value, 'name' => Words::label($s), 'label' => $this->values->of($s, $hold->get($s)),
            'own' => $this->own(Term::keyOf($s, $hold->get($s), $hold, $this->body)), 'own_setting' => $this->own("setting.$s->value")], $hold->settings());
    }

    /** @return array{label: string, where: string}|null what the camera calls it */
    private function own(?string $key): ?array
    {
        $word = $key === null ? null : $this->body->words[$key] ?? null;

        return $word === null || $word->label === '' ? null : ['label' => $word->label, 'where' => $word->where];
    }
}
