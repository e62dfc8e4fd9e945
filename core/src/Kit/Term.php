<?php

declare(strict_types=1);

namespace RushHold\Kit;

use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Hold\FocusMode;
use RushHold\Hold\Hold;
use RushHold\Hold\Setting;

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
        foreach ([Setting::Mode, Setting::Area, Setting::Detect, Setting::Eye, Setting::Stay, Setting::SpeedChange, Setting::Priority, Setting::RangeLimit, Setting::Drive, Setting::Stabiliser] as $setting) {
            $terms[] = new self("setting.{$setting->value}", 'Settings', $setting->label());
        }
        foreach (FocusMode::cases() as $mode) {
            $terms[] = new self("mode.{$mode->value}", 'Focus modes', $mode->label());
        }
        foreach ($body->areas as $shape) {
            $terms[] = new self("area.{$shape->area->value}", 'Areas', $shape->area->label());
        }
        foreach ($body->presets as $preset) {
            $terms[] = new self("preset.{$preset->id}", 'Response presets', $preset->role->label());
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
            Setting::Stay, Setting::SpeedChange => ($preset = $body->presetOf($hold->stay, $hold->speedChange)) === null ? null : "preset.$preset->id",
            default => null,
        };
    }
}
