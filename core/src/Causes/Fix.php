<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\Kit;
use RushHold\Kit\Response;
use RushHold\Refused;

/** What to set against a cause: the settings that change, as far as settings help at all. */
final readonly class Fix
{
    /** A patience that waits out what passes, s. */
    public const LONGER = 1.2;

    /** So much shorter an exposure stops wings and legs as well. */
    public const SURELY_FAST = 4.0;

    private function __construct(public Hold $used, public Hold $planned, public Kit $kit)
    {
    }

    /**
     * What may help against a cause: all that speaks against it together, each setting alone, and what the plan has for
     * these. Which of them helps most here is for playing to say.
     *
     * @param  Hold  $used  the burst was shot with
     * @param  Hold  $planned  what would be set without any history
     * @return list<PartialHold> empty: no setting helps
     */
    public static function against(Cause $cause, Hold $used, Hold $planned, Kit $kit): array
    {
        $settings = $cause->about()->settings(new self($used, $planned, $kit));
        if ($settings === []) {
            return [];
        }
        $of = static fn (Setting ...$some): array => array_combine(
            array_map(static fn (Setting $s): string => $s->value, $some),
            array_map(static fn (Setting $s): mixed => $s->in($planned), $some),
        );
        $ways = [
            $settings,
            ...array_map(static fn (string $name): array => [$name => $settings[$name]], array_keys($settings)),
            $of(...array_map(Setting::from(...), array_keys($settings))),
        ];

        return PartialHold::distinct(
            array_values(
                array_filter(
                    array_map(static fn (array $way): PartialHold => self::changing($way, $used, $kit), $ways),
                    static fn (PartialHold $fix): bool => $fix->settings() !== [],
                ),
            ),
        );
    }

    /** Everything a camera keeps, as the plan has it: where nothing else helps. */
    public static function asPlanned(Hold $used, Hold $planned, Kit $kit): PartialHold
    {
        return self::changing(
            array_combine(
                array_map(static fn (Setting $s): string => $s->value, Setting::keptByCamera()),
                array_map(static fn (Setting $s): mixed => $s->in($planned), Setting::keptByCamera()),
            ),
            $used,
            $kit,
        );
    }

    /**
     * What of it changes anything; what the kit has not is left out.
     *
     * @param  array<string, mixed>  $values  by setting
     */
    private static function changing(array $values, Hold $used, Kit $kit): PartialHold
    {
        $hold = PartialHold::nothing();
        foreach ($values as $name => $value) {
            $setting = Setting::from($name);
            try {
                $one = PartialHold::known([$name => $value])->fitting($kit);
            } catch (Refused) {
                continue;
            }
            $hold = $setting->kind()->differs($setting->in($used), $value) ? $hold->and($one) : $hold;
        }

        return $hold;
    }

    /** One size smaller, of the areas the body has. */
    public function smaller(): Area
    {
        for ($area = $this->used->area->about()->smaller; $area !== null; $area = $area->about()->smaller) {
            if (isset($this->kit->body->areas[$area->value])) {
                return $area;
            }
        }

        return $this->used->area;
    }

    /** @return array<string, mixed> what keeps focus on the part that was meant */
    public function part(): array
    {
        return $this->planned->eye && ! $this->used->eye
            ? [
                Setting::Area->value => $this->planned->area,
                Setting::Detect->value => $this->planned->detect,
                Setting::Eye->value => true,
            ]
            : [
                Setting::Area->value => $this->used->area === Area::Point ? Area::Speck : Area::Point,
                Setting::Detect->value => Detection::Off,
                Setting::Eye->value => false,
            ];
    }

    /** The step of the body nearest to so many seconds. */
    public function patience(float $seconds): float
    {
        return Response::nearestPatience($seconds, $this->kit->body->patienceSteps);
    }

    /** As wide as the plan has it, two stops at least. */
    public function opened(): float
    {
        return max($this->kit->widest(), min($this->planned->aperture, $this->used->aperture / 2));
    }

    /** So many stops smaller, as far as the lens goes. */
    public function stopped(float $stops): float
    {
        return min($this->kit->smallest(), $this->used->aperture * 2 ** ($stops / 2));
    }

    /** The shorter of two exposures, as far as the body goes, s. */
    public function faster(float $at, float $planned): float
    {
        return max($this->kit->body->fastestShutterS, min($at, $planned));
    }
}
