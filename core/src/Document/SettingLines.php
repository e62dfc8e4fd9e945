<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Controls\Press;
use RushHold\Controls\Times;
use RushHold\Controls\Way;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Term;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** Settings, and what is done to change them, as people read them: in our words, with those of their camera beside. */
final readonly class SettingLines
{
    private Values $values;

    public function __construct(private Body $body, private Words $words, private Times $times = new Times())
    {
        $this->values = new Values($words);
    }

    /** What is done, in words. */
    public function says(Press $press): string
    {
        return $this->words->say(
            match (true) {
                $press->setting === null => Said::of('press.hold', control: $press->control ?? ControlPlace::HalfPress),
                $press->way === Way::Dial => Said::of(
                    'press.dial',
                    name: $press->setting,
                    clicks: Quantity::count($press->clicks),
                    to: $this->values->of($press->setting, $press->to),
                ),
                default => Said::of(
                    'press.change',
                    name: $press->setting,
                    to: $this->values->of($press->setting, $press->to),
                ),
            },
        );
    }

    /** @return array<string, mixed> */
    public function press(Press $press): array
    {
        return [
            'way' => $press->way->value,
            'control' => $press->control?->value,
            'setting' => $press->setting?->value,
            'seconds' => round($press->seconds, 2),
            'look' => $press->way->takesALook(),
            'own_time' => $press->control !== null
                    ? $this->times->untilHeld($press->control) !== $this->times->of(Way::Hold)
                    : $this->times->isOwn($press->way),
            'says' => $this->says($press),
        ];
    }

    /**
     * @return list<array{setting: string, name: string, label: string, own: array{label: string, where: string}|null,
     *   own_setting: array{label: string, where: string}|null}>
     */
    public function of(PartialHold $hold): array
    {
        return array_map(
            fn (Setting $s): array => [
                'setting' => $s->value,
                'name' => Words::label($s),
                'label' => $this->values->of($s, $hold->get($s)),
                'own' => $this->own(Term::keyOf($s, $hold->get($s), $hold, $this->body)),
                'own_setting' => $this->own("setting.$s->value"),
            ],
            $hold->settings(),
        );
    }

    /** @return array{label: string, where: string}|null what the camera calls it */
    public function own(?string $key): ?array
    {
        $word = $key === null ? null : $this->body->words[$key] ?? null;

        return $word === null || $word->label === '' ? null : ['label' => $word->label, 'where' => $word->where];
    }
}
