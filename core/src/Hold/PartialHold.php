<?php

declare(strict_types=1);

namespace RushHold\Hold;

use RushHold\Kit\Body;
use RushHold\Kit\Kit;
use RushHold\Kit\StoredSet;
use RushHold\Refused;

/**
 * Some settings of a hold, the others left open: what somebody pinned, how a camera stands, what a button recalls, the
 * side taken in a disagreement, and what a document says are all this.
 */
final readonly class PartialHold
{
    /** @param  array<string, mixed>  $values  by the word of the setting, as its kind reads them */
    private function __construct(private array $values)
    {
    }

    public static function nothing(): self
    {
        return new self([]);
    }

    /** What a whole hold says of some settings, or of all. */
    public static function of(Hold $hold, Setting ...$settings): self
    {
        $values = [];
        foreach ($settings === [] ? Setting::cases() : $settings as $setting) {
            if (! $setting->isRare() || array_key_exists($setting->value, $hold->extras)) {
                $values[$setting->value] = $setting->in($hold);
            }
        }

        return new self($values);
    }

    /** @param  array<string, mixed>  $values  by setting, as a hold has them */
    public static function known(array $values): self
    {
        return new self($values);
    }

    /** What a button puts in force while it is held. */
    public static function recalled(StoredSet $set, Body $body): self
    {
        $values = array_filter([
            Setting::Mode->value => $set->mode,
            Setting::Area->value => $set->area,
            Setting::Detect->value => $set->detect,
        ]);
        foreach ($body->presets as $preset) {
            if ($preset->id === $set->preset) {
                $values[Setting::Patience->value] = $preset->patienceS;
                $values[Setting::Nimbleness->value] = $preset->nimble;
                $values[Setting::Wins->value] = $preset->wins;
            }
        }

        return new self($values);
    }

    /**
     * The same with one setting fixed.
     *
     * @param  mixed  $value  as documents spell it, or as a hold has it
     *
     * @throws Refused if no camera has this value
     */
    public function with(Setting $setting, mixed $value): self
    {
        return new self([...$this->values, $setting->value => $setting->kind()->read($setting->value, $value)]);
    }

    public function without(Setting ...$settings): self
    {
        return new self(
            array_diff_key(
                $this->values,
                array_fill_keys(array_map(static fn (Setting $s): string => $s->value, $settings), true),
            ),
        );
    }

    public function only(Setting ...$settings): self
    {
        return new self(
            array_intersect_key(
                $this->values,
                array_fill_keys(array_map(static fn (Setting $s): string => $s->value, $settings), true),
            ),
        );
    }

    /** Both together; where both fix a setting, the other one counts. */
    public function and(self $other): self
    {
        return new self([...$this->values, ...$other->values]);
    }

    /**
     * The same, when the kit has all of it.
     *
     * @throws Refused if it has not
     */
    public function fitting(Kit $kit): self
    {
        foreach ($this->settings() as $setting) {
            if (
                $setting->isRare() &&
                ! in_array($this->values[$setting->value], $setting->offeredBy($kit->body), true)
            ) {
                throw Refused::because($setting->value, 'not-offered');
            }
            $setting->kind()->check($setting->value, $this->values[$setting->value], $kit);
        }

        return $this;
    }

    /** @return list<Setting> those that are fixed */
    public function settings(): array
    {
        return array_values(array_filter(Setting::cases(), $this->has(...)));
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
        /** @var array{float, float}|null $place as its kind reads it */
        $place = $this->values[Setting::AreaAt->value] ?? null;

        return $place;
    }

    /**
     * The whole hold, when nothing is open.
     *
     * @throws Refused if something is
     */
    public function whole(): Hold
    {
        $values = $extras = [];
        foreach (Setting::cases() as $setting) {
            $property = $setting->about()->property;
            if ($property !== null) {
                $values[$property] = $this->has($setting)
                    ? $this->values[$setting->value]
                    : throw Refused::because($setting->value, 'missing');
            } elseif ($this->has($setting)) {
                $extras[$setting->value] = $this->values[$setting->value];
            }
        }

        $values['extras'] = $extras;

        // @phpstan-ignore argument.type (each kind reads the type its property has)
        return new Hold(...$values);
    }

    /**
     * The settings that have to be changed for a hold; what is open here counts as in place, and what does nothing
     * there does not matter.
     *
     * @return list<Setting>
     */
    public function changesTo(Hold $hold): array
    {
        return array_values(
            array_filter(
                $this->settings(),
                fn (Setting $setting): bool => ! $setting->isIdleIn($hold) &&
                    $setting->kind()->differs($this->values[$setting->value], $setting->in($hold)),
            ),
        );
    }

    /** Whether both can be had at once: what both fix is the same. */
    public function agrees(self $other): bool
    {
        foreach ($this->values as $name => $value) {
            if (
                array_key_exists($name, $other->values) &&
                Setting::from($name)->kind()->differs($value, $other->values[$name])
            ) {
                return false;
            }
        }

        return true;
    }

    /** Whether this fixes all that the other one does, and the same. */
    public function covers(self $other): bool
    {
        return array_diff_key($other->values, $this->values) === [] && $this->agrees($other);
    }

    /** @return list<Setting> what the other one fixes and is not so here */
    public function changedBy(self $other): array
    {
        return array_values(
            array_filter(
                $other->settings(),
                fn (Setting $setting): bool => ! $this->has($setting) ||
                    $setting->kind()->differs($this->values[$setting->value], $other->values[$setting->value]),
            ),
        );
    }

    /**
     * Each once.
     *
     * @param  list<self>  $holds
     * @return list<self>
     */
    public static function distinct(array $holds): array
    {
        $different = [];
        foreach ($holds as $hold) {
            foreach ($different as $other) {
                if ($hold->covers($other) && $other->covers($hold)) {
                    continue 2;
                }
            }
            $different[] = $hold;
        }

        return $different;
    }
}
