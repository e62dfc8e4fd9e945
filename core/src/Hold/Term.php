<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Hold\Settings\Where;
use RushHold\Kit\Area;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\ResponsePreset;
use RushHold\Labelled;
use RushHold\Number;
use RushHold\Quantity;
use RushHold\Said;

/** Something that a camera has a word of its own for. */
final readonly class Term
{
    /**
     * @param  string  $key  as documents have it
     * @param  string  $group  what it is one of: `term-group.` and this in the catalogue
     * @param  Labelled|Said  $ours  our own word for it
     */
    private function __construct(public string $key, public string $group, public Labelled|Said $ours)
    {
    }

    /** @return list<self> all that a body can have words for */
    public static function of(Body $body): array
    {
        $settings = array_filter(
            Setting::toldIn(Where::OwnWord),
            static fn (Setting $s): bool => ! $s->isLackedBy($body),
        );
        // A body that looks for nothing has no words for it.
        if ($body->detects === []) {
            $settings = array_filter(
                $settings,
                static fn (Setting $s): bool => $s !== Setting::Detect && $s !== Setting::Eye,
            );
        }

        return [
            ...array_map(
                static fn (Setting $setting): self => new self("setting.{$setting->value}", 'settings', $setting),
                array_values($settings),
            ),
            ...array_map(
                static fn (FocusMode $mode): self => new self("mode.{$mode->value}", 'modes', $mode),
                FocusMode::cases(),
            ),
            ...array_map(
                static fn (AreaShape $shape): self => new self("area.{$shape->area->value}", 'areas', $shape->area),
                array_values($body->areas),
            ),
            ...array_map(
                static fn (ResponsePreset $preset): self => new self(
                    "preset.{$preset->id}",
                    'presets',
                    self::presetLabel($preset),
                ),
                $body->presets,
            ),
            ...array_map(
                static fn (float $s): self => new self(
                    self::step('patience', $s),
                    'patience',
                    Said::of('value.patience', seconds: Quantity::seconds($s, 3)),
                ),
                $body->freeResponse ? $body->patienceSteps : [],
            ),
            ...array_map(
                static fn (float $n): self => new self(
                    self::step('nimble', $n),
                    'nimbleness',
                    Said::of('value.nimbleness', nimble: Quantity::figure($n)),
                ),
                $body->freeResponse ? $body->nimbleSteps : [],
            ),
            ...array_map(
                static fn (Detection $kind): self => new self("detect.{$kind->value}", 'detection', $kind),
                $body->detects === [] ? [] : [...$body->detects, Detection::Off],
            ),
            ...array_map(
                static fn (Control $control): self => new self(
                    "control.{$control->place->value}",
                    'controls',
                    $control->place,
                ),
                $body->controls,
            ),
        ];
    }

    /** Whether a key can stand in a document at all. */
    public static function isKnown(string $key): bool
    {
        [$group, $word] = [...explode('.', $key, 2), ''];

        return match ($group) {
            'setting' => Setting::tryFrom($word) !== null,
            'mode' => FocusMode::tryFrom($word) !== null,
            'area' => Area::tryFrom($word) !== null,
            'detect' => Detection::tryFrom($word) !== null,
            'control' => ControlPlace::tryFrom($word) !== null,
            'patience', 'nimble' => preg_match('/^\d(\.\d{1,4})?$/', $word) === 1,
            'preset' => preg_match('/^[a-z0-9-]{1,24}$/', $word) === 1,
            default => false,
        };
    }

    /** The key of what a hold has for a setting; null for what cameras have no word for. */
    public static function keyFor(Setting $setting, Hold $hold, Body $body): ?string
    {
        return match ($setting) {
            Setting::Mode => "mode.{$hold->mode->value}",
            Setting::Area => "area.{$hold->area->value}",
            Setting::Detect => $body->detects === [] ? null : "detect.{$hold->detect->value}",
            Setting::Patience => self::presetKey($hold, $body) ?? self::step('patience', $hold->patienceS),
            Setting::Nimbleness => self::presetKey($hold, $body) ?? self::step('nimble', $hold->nimble),
            default => null,
        };
    }

    /** The key of one value of a setting, with what else is fixed; null for what cameras have no word for. */
    public static function keyOf(Setting $setting, mixed $value, PartialHold $with, Body $body): ?string
    {
        if ($setting === Setting::Patience || $setting === Setting::Nimbleness) {
            $patience = $with->get(Setting::Patience);
            $nimble = $with->get(Setting::Nimbleness);
            $preset = is_float($patience) && is_float($nimble) ? $body->presetOf($patience, $nimble) : null;

            return $preset !== null
                ? "preset.$preset->id"
                : (is_float($value)
                    ? self::step($setting === Setting::Patience ? 'patience' : 'nimble', $value)
                    : null);
        }

        return match (true) {
            $value instanceof FocusMode => "mode.{$value->value}",
            $value instanceof Area => "area.{$value->value}",
            $value instanceof Detection => $body->detects === [] ? null : "detect.{$value->value}",
            default => null,
        };
    }

    /** A preset by its numbers: its name is the person's. */
    public static function presetLabel(ResponsePreset $preset): Said
    {
        return Said::of(
            'value.preset',
            patience: Quantity::seconds($preset->patienceS, 3),
            nimbleness: Quantity::figure($preset->nimble),
        );
    }

    private static function presetKey(Hold $hold, Body $body): ?string
    {
        $preset = $body->presetOf($hold->patienceS, $hold->nimble);

        return $preset === null ? null : "preset.$preset->id";
    }

    private static function step(string $scale, float $value): string
    {
        return $scale.'.'.Number::plain(round($value, 4));
    }
}
