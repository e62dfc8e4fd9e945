<?php

declare(strict_types=1);

namespace RushHold\Words;

use RushHold\Hold\Setting;
use RushHold\Kit\FocusRange;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Said;

/** What people read for the values of settings. */
final readonly class Values
{
    public function __construct(private Words $words)
    {
    }

    /** @param  mixed  $value  as a hold has it, or as documents spell it */
    public function of(Setting $setting, mixed $value): string
    {
        $value = $setting->kind()->read($setting->value, $value);

        return match (true) {
            $value instanceof Labelled => Words::label($value),
            is_bool($value) => $this->words->say(Said::of($value ? 'value.on' : 'value.off')),
            is_array($value) => $this->place($value),
            is_float($value) => $this->amount($setting->about()->says($value)),
            $value instanceof FocusRange => $this->words->say(
                $value->farM === null
                    ? Said::of('value.range.open', near: Quantity::distance($value->nearM))
                    : Said::of(
                        'value.range',
                        near: Quantity::distance($value->nearM),
                        far: Quantity::distance($value->farM),
                    ),
            ),
            default => $this->words->say(Said::of('value.full')),
        };
    }

    private function amount(Said|Quantity $amount): string
    {
        return $amount instanceof Said ? $this->words->say($amount) : $this->words->quantity($amount);
    }

    /** @param  array<mixed>  $place  from the middle, in frame widths and heights */
    private function place(array $place): string
    {
        [$x, $y] = array_map(static fn (mixed $part): float => is_float($part) ? round($part, 2) : 0.0, [
            $place[0] ?? 0.0,
            $place[1] ?? 0.0,
        ]);
        $parts = [];
        if ($x !== 0.0) {
            $parts[] = $this->words->say(
                Said::of($x < 0 ? 'value.place.left' : 'value.place.right', share: Quantity::share(abs($x))),
            );
        }
        if ($y !== 0.0) {
            $parts[] = $this->words->say(
                Said::of($y < 0 ? 'value.place.up' : 'value.place.down', share: Quantity::share(abs($y))),
            );
        }

        return $parts === [] ? $this->words->say(Said::of('value.place.middle')) : implode(', ', $parts);
    }
}
