<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\ResponsePreset;
use RushHold\Number;

/** Something that a camera has a word of its own for. */
final readonly class Term
{
    private function __construct(public string $key, public string $group, public string $ours)
    {
    }

    /** @return list<self> all that a body can have words for */
    public static function of(Body $body): array
    {
        $terms = [];
        foreach ([Setting::Mode, Setting::Area, Setting::Detect, Setting::Eye, Setting::Patience, Setting::Nimbleness, Setting::Wins, Setting::RangeLimit, Setting::Drive, Setting::Stabiliser] as $setting) {
            $terms[] = new self("setting.{$setting->value}", 'Settings', $setting->label());
        }
        foreach (FocusMode::cases() as $mode) {
            $terms[] = new self("mode.{$mode->value}", 'Focus modes', $mode->label());
        }
        foreach ($body->areas as $shape) {
            $terms[] = new self("area.{$shape->area->value}", 'Areas', $shape->area->label());
        }
        foreach ($body->presets as $preset) {
            $terms[] = new self("preset.{$preset->id}", 'Response presets', self::presetLabel($preset));
        }
        foreach ($body->freeResponse ? $body->patienceSteps : [] as $seconds) {
            $terms[] = new self(self::step('patience', $seconds), 'Steps of patience', Number::plain($seconds).' s');
        }
        foreach ($body->freeResponse ? $body->nimbleSteps : [] as $nimble) {
            $terms[] = new self(self::step('nimble', $nimble), 'Steps of nimbleness', Number::plain($nimble));
        }
        foreach ([...$body->detects, Detection::Off] as $kind) {
            $terms[] = new self("detect.{$kind->value}", 'Detection', $kind->label());
        }
        foreach ($body->controls as $control) {
            $terms[] = new self("control.{$control->place->value}", 'Controls', $control->place->label());
        }

        return $terms;
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
            Setting::Detect => "detect.{$hold->detect->value}",
            Setting::Patience => self::presetKey($hold, $body) ?? self::step('patience', $hold->patienceS),
            Setting::Nimbleness => self::presetKey($hold, $body) ?? self::step('nimble', $hold->nimble),
            default => null,
        };
    }

    /** A preset by its numbers: its name is the person's. */
    public static function presetLabel(ResponsePreset $preset): string
    {
        return sprintf('Patience %s s, nimbleness %s', Number::plain($preset->patienceS), Number::plain($preset->nimble));
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
