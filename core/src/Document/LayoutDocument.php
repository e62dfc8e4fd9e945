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
use RushHold\Kit\Body;
use RushHold\Units;
use RushHold\Words\Words;

/** Layouts as a document, format `rush-hold/layout@1`: the one that was asked for, and the others beside it. */
final readonly class LayoutDocument
{
    public const FORMAT = 'rush-hold/layout@1';

    private Words $words;

    private SettingLines $lines;

    private function __construct(private Body $body, Units $units, Times $times)
    {
        $this->words = Words::in($units);
        $this->lines = new SettingLines($body, $this->words, $times);
    }

    /**
     * @param  list<Layout>  $schools  the best of each school
     * @param  ButtonSchool  $asked  the one that stands first
     * @param  bool  $played  false: by the rules alone, before the rushes were played
     * @return array<string, mixed>
     */
    public static function write(
        array $schools,
        ButtonSchool $asked,
        Body $body,
        Units $units = Units::Metric,
        Times $times = new Times(),
        bool $played = true,
    ): array {
        $writer = new self($body, $units, $times);
        [$layout] = array_values(array_filter($schools, static fn (Layout $l): bool => $l->school === $asked));

        return [
            'format' => self::FORMAT,
            'played' => $played,
            ...$writer->layout($layout),
            'by_school' => array_map(static fn (Layout $l): array => $writer->layout($l), $schools),
            'times' => array_map(
                static fn (Way $way): array => [
                    'way' => $way->value,
                    'seconds' => $times->of($way),
                    'own' => $times->isOwn($way),
                ],
                Way::cases(),
            ),
        ];
    }

    /** @return array<string, mixed> one layout alone, as it stands among those of the schools */
    public static function one(
        Layout $layout,
        Body $body,
        Units $units = Units::Metric,
        Times $times = new Times(),
    ): array {
        return (new self($body, $units, $times))->layout($layout);
    }

    /** @return array<string, mixed> */
    private function layout(Layout $layout): array
    {
        $arrangement = $layout->arrangement;

        return [
            'school' => $layout->school->value,
            'rest' => HoldDocument::settings($arrangement->rest),
            'rest_lines' => $this->lines->of($arrangement->rest),
            'controls' => array_map(fn (Assigned $a): array => $this->control($a, $layout), $arrangement->controls),
            'rushes' => array_map($this->rush(...), $layout->reached),
            'loss' => round($layout->loss, 4),
            'bound' => round($layout->bound, 4),
            'seconds' => round($layout->seconds(), 2),
            'to_learn' => $layout->toLearn(),
            'faults' => array_map(
                fn (Fault $f): array => [
                    'what' => $f->what,
                    'place' => $f->where?->value,
                    'sentence' => $this->words->say($f->sentence),
                    'way_out' => $this->words->say($f->wayOut),
                ],
                (new Faults($this->body, $arrangement, $layout->school))->all($layout->reached),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function control(Assigned $assigned, Layout $layout): array
    {
        return [
            'place' => $assigned->place->value,
            'name' => Words::label($assigned->place),
            'own' => $this->lines->own("control.{$assigned->place->value}"),
            'duty' => $assigned->duty->value,
            'says' => Words::label($assigned->duty),
            'set' => $assigned->set === null ? null : HoldDocument::settings($assigned->set),
            'lines' => $assigned->set === null ? [] : $this->lines->of($assigned->set),
            'serves' => array_values(
                array_map(
                    static fn (Reached $r): string => $r->need->name,
                    array_filter($layout->reached, static fn (Reached $r): bool => $r->by === $assigned->place),
                ),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function rush(Reached $reached): array
    {
        $left = array_values(array_filter($reached->presses, static fn (Press $p): bool => $p->setting !== null));

        return [
            'name' => $reached->need->name,
            'by' => $reached->by?->value,
            'warning_s' => round($reached->need->warningS, 2),
            'weight' => $reached->need->weight,
            'press' => array_map($this->lines->press(...), $reached->presses),
            'left_to_change' => array_map(static fn (Press $p): string => $p->setting->value ?? '', $left),
            'seconds' => round($reached->seconds(), 2),
            'lost' => round($reached->lost, 4),
        ];
    }
}
