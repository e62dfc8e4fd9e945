<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Assigned;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\Where;
use RushHold\Kit\ControlPlace;
use RushHold\Labelled;
use RushHold\Outing\Foreground;
use RushHold\Outing\Heading;
use RushHold\Outing\Pocket;
use RushHold\Quantity;
use RushHold\Units;
use RushHold\Words\Words;

/**
 * The pocket table, format `rush-hold/pocket@1`: small enough for a phone. Each setting has a list of the values that
 * come up; a cell names one of each by its number, −1 where the setting does nothing, and last the control whose set is
 * closest, −1 for none. Cells run by subject, distance, way, clutter and light, the last first.
 */
final readonly class PocketDocument
{
    public const FORMAT = 'rush-hold/pocket@1';

    /** @return array<string, mixed> */
    public static function write(Pocket $pocket, Units $units = Units::Metric): array
    {
        $words = Words::in($units);
        $settings = Setting::toldIn(Where::Pocket);
        $lines = new SettingLines($pocket->like->kit->body, $words);
        $places = array_map(static fn (Assigned $a): ControlPlace => $a->place, $pocket->arrangement?->sets() ?? []);
        $values = array_fill_keys(array_map(static fn (Setting $s): string => $s->value, $settings), []);
        $cells = [];
        foreach ($pocket->cells as ['hold' => $hold, 'by' => $by]) {
            $cell = [];
            $known = PartialHold::of($hold);
            foreach ($settings as $setting) {
                $cell[] = $setting->isIdleIn($hold)
                    ? -1
                    : self::number(
                        $values[$setting->value],
                        serialize($setting->in($hold)),
                        static fn (): array => array_intersect_key($lines->of($known->only($setting))[0], [
                            'label' => 1,
                            'own' => 1,
                        ]),
                    );
            }
            $cell[] = $by === null ? -1 : (int) array_search($by, $places, true);
            $cells[] = $cell;
        }
        $labelled = static fn (Labelled $word): array => ['value' => $word->value, 'label' => Words::label($word)];

        return [
            'format' => self::FORMAT,
            'body' => $pocket->like->kit->body->name,
            'lens' => $pocket->like->kit->lens->name,
            'extender' => $pocket->like->kit->extender,
            'who' => array_map(
                static fn (array $one): array => [
                    'name' => $one['subject']->name,
                    'kind' => $one['subject']->kind->value,
                ],
                $pocket->who,
            ),
            'near' => array_map(
                static fn (float $m): array => ['metres' => $m, 'label' => $words->quantity(Quantity::distance($m))],
                $pocket->distancesM,
            ),
            'way' => array_map($labelled, Heading::cases()),
            'through' => array_map($labelled, Foreground::cases()),
            'light' => $pocket->lights,
            'settings' => array_map(
                static fn (Setting $s): array => [
                    'setting' => $s->value,
                    'name' => Words::label($s),
                    'own' => $lines->own("setting.$s->value"),
                    'rest' => $pocket->arrangement?->rest->has($s) === true
                            ? $lines->of($pocket->arrangement->rest->only($s))[0]['label']
                            : null,
                ],
                $settings,
            ),
            'values' => array_map(
                static fn (array $of): array => array_values(array_map(static fn (array $v): array => $v['value'], $of)),
                array_values($values),
            ),
            'controls' => array_map(
                static fn (Assigned $a): array => [
                    'name' => Words::label($a->place),
                    'own' => $lines->own("control.{$a->place->value}"),
                    'lines' => $a->set === null ? [] : $lines->of($a->set),
                ],
                $pocket->arrangement?->sets() ?? [],
            ),
            'cells' => $cells,
        ];
    }

    /**
     * The number of a value in its list, to which it is added when it is new.
     *
     * @param  array<string, array{number: int, value: array<string, mixed>}>  $list
     * @param  callable(): array<string, mixed>  $told
     */
    private static function number(array &$list, string $mark, callable $told): int
    {
        return ($list[$mark] ??= ['number' => count($list), 'value' => $told()])['number'];
    }
}
