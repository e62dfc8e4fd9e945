<?php

declare(strict_types=1);

namespace RushHold\Hold;

use BackedEnum;
use RushHold\Kit\Kit;
use RushHold\Range;
use RushHold\Refused;

/** Settings the photographer has fixed; the rest is solved around them. */
final readonly class Pins
{
    /** @param  array<string, mixed>  $values  by the word of the setting, already checked */
    private function __construct(private array $values)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    /** @throws Refused if the value is not one the setting can have with this kit */
    public function with(Setting $setting, mixed $value, Kit $kit): self
    {
        return new self([...$this->values, $setting->value => self::checked($setting, $value, $kit)]);
    }

    public function without(Setting $setting): self
    {
        return new self(array_diff_key($this->values, [$setting->value => true]));
    }

    public function has(Setting $setting): bool
    {
        return array_key_exists($setting->value, $this->values);
    }

    public function get(Setting $setting): mixed
    {
        return $this->values[$setting->value] ?? null;
    }

    /** @return array{float, float}|null */
    public function areaAt(): ?array
    {
        /** @var array{float, float}|null $place checked when it was pinned */
        $place = $this->values[Setting::AreaAt->value] ?? null;

        return $place;
    }

    private static function checked(Setting $setting, mixed $value, Kit $kit): mixed
    {
        $field = $setting->value;
        $words = $setting->words();
        if ($words !== null) {
            $value = $value instanceof BackedEnum ? $value : $words::tryFrom(self::text($field, $value))
                ?? throw Refused::unknownWord($field, self::text($field, $value), $words);
            if ($value instanceof Area && ! isset($kit->body->areas[$value->value])) {
                throw Refused::because($field, "the {$kit->body->name} has no area “{$value->label()}”; it has: ".implode(', ', array_keys($kit->body->areas)).'.');
            }
            if ($value instanceof Detection && $value !== Detection::Off && ! $kit->body->canDetect($value)) {
                throw Refused::because($field, "the {$kit->body->name} cannot look for “{$value->value}”.");
            }

            return $value;
        }

        return match ($setting) {
            Setting::Eye => is_bool($value) ? $value : throw Refused::because($field, 'must be true or false.'),
            Setting::Patience => Response::patience()->check($field, self::number($field, $value)),
            Setting::Nimbleness => Response::nimbleness()->check($field, self::number($field, $value)),
            Setting::StartAt => $kit->checkFocusDistance($field, self::number($field, $value)),
            Setting::Shutter => Range::of($kit->body->fastestShutterS * 0.97, 30, 's')->check($field, self::number($field, $value)),
            Setting::Aperture => $kit->checkAperture($field, self::number($field, $value)),
            Setting::Iso => Range::of($kit->body->isoMin, $kit->body->isoMax, '(ISO)')->check($field, self::number($field, $value)),
            Setting::RangeLimit => self::range($field, $value, $kit),
            Setting::AreaAt => self::place($field, $value),
            default => throw Refused::because($field, 'cannot be pinned.'),
        };
    }

    private static function text(string $field, mixed $value): string
    {
        return is_string($value) ? $value : throw Refused::because($field, 'must be a word.');
    }

    private static function number(string $field, mixed $value): float
    {
        return is_int($value) || is_float($value) ? (float) $value : throw Refused::because($field, 'must be a number.');
    }

    private static function range(string $field, mixed $value, Kit $kit): ?FocusRange
    {
        if ($value === null || $value instanceof FocusRange) {
            return $value;
        }
        if (! is_array($value) || count($value) !== 2 || ! array_is_list($value)) {
            throw Refused::because($field, 'must be two distances in metres, the second may be null for infinity.');
        }
        $near = $kit->checkFocusDistance($field.'[0]', self::number($field.'[0]', $value[0]));

        return new FocusRange($near, $value[1] === null ? null : self::number($field.'[1]', $value[1]));
    }

    /** @return array{float, float} */
    private static function place(string $field, mixed $value): array
    {
        if (! is_array($value) || count($value) !== 2 || ! array_is_list($value)) {
            throw Refused::because($field, 'must be two shares of the frame.');
        }
        $half = Range::of(-0.5, 0.5, 'frame widths or heights');

        return [$half->check($field.'[0]', self::number($field.'[0]', $value[0])), $half->check($field.'[1]', self::number($field.'[1]', $value[1]))];
    }
}
