<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Document\Fields;
use RushHold\Document\HoldDocument;
use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Hold\Drive;
use RushHold\Hold\FocusMode;
use RushHold\Hold\FocusRange;
use RushHold\Hold\Hold;
use RushHold\Hold\Response;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Wins;
use RushHold\Optics\StopScale;
use RushHold\Range;
use RushHold\Refused;

/** How a camera stands now, as far as it is known: what was left from last time. */
final readonly class Standing
{
    /** Exposures closer than this are the same setting, stops. */
    private const SAME_STOPS = 0.2;

    /** @param  array<string, mixed>  $values  by the words of settings; what is not known is missing */
    private function __construct(private array $values, public bool $manualSwitch)
    {
    }

    /**
     * Reads what a `standing` document says: the fields of a hold, any of them left out, and `manual_switch`.
     *
     * @throws Refused if a field is unknown, of the wrong type or out of range
     */
    public static function read(mixed $document): self
    {
        $top = Fields::of($document);
        $top->text('format', HoldDocument::FORMAT);
        $values = [];
        $parts = ['focus' => $top->object('focus'), 'exposure' => $top->object('exposure'), '' => $top];
        foreach (Setting::cases() as $setting) {
            [$part, $name] = str_contains($setting->value, '.') ? explode('.', $setting->value, 2) : ['', $setting->value];
            if (! $parts[$part]->has($name)) {
                continue;
            }
            if (in_array($setting, self::settings(), true)) {
                $values[$setting->value] = self::value($setting, $parts[$part], $name);
            } else {
                // Technique, aim and support are the person's, not the camera's; they may be there and do not matter.
                $parts[$part]->raw($name);
            }
        }
        $switch = $top->flag('manual_switch', false);
        $parts['focus']->done();
        $parts['exposure']->done();
        $top->keep('focus', true);
        $top->keep('exposure', true);
        $top->done();

        return new self($values, $switch);
    }

    /** What is left after using a hold. */
    public static function after(Hold $hold): self
    {
        $values = [];
        foreach (self::settings() as $setting) {
            $values[$setting->value] = self::of($setting, $hold);
        }

        return new self($values, false);
    }

    /** @return list<Setting> the settings a camera keeps, in the order in which they are changed quickest */
    private static function settings(): array
    {
        return [Setting::Mode, Setting::Detect, Setting::Eye, Setting::Area, Setting::Patience, Setting::Nimbleness, Setting::Wins, Setting::RangeLimit,
            Setting::Drive, Setting::Stabiliser, Setting::Shutter, Setting::Aperture, Setting::Iso];
    }

    private static function value(Setting $setting, Fields $f, string $name): mixed
    {
        return match ($setting) {
            Setting::Mode => $f->word($name, FocusMode::class, FocusMode::Continuous),
            Setting::Detect => $f->word($name, Detection::class, Detection::Off),
            Setting::Area => $f->word($name, Area::class, Area::Point),
            Setting::Wins => $f->word($name, Wins::class, Wins::Held),
            Setting::Drive => $f->word($name, Drive::class, Drive::Long),
            Setting::Stabiliser => $f->word($name, Stabiliser::class, Stabiliser::Off),
            Setting::Eye => $f->flag($name, false),
            Setting::Patience => Response::patience()->check($f->at($name), $f->number($name)),
            Setting::Nimbleness => Response::nimbleness()->check($f->at($name), $f->number($name)),
            Setting::Shutter => Range::of(1 / 64000, 30, 's')->check($f->at($name), $f->number($name)),
            Setting::Aperture => Range::of(0.7, 128, '(f-number)')->check($f->at($name), $f->number($name)),
            Setting::Iso => Range::of(25, 4000000, '(ISO)')->check($f->at($name), $f->number($name)),
            default => self::range($f->at($name), $f->raw($name)),
        };
    }

    private static function range(string $field, mixed $value): ?FocusRange
    {
        if ($value === null) {
            return null;
        }
        [$near, $far] = is_array($value) && count($value) === 2 && array_is_list($value) ? $value : [false, false];
        if (! (is_int($near) || is_float($near)) || ! ($far === null || is_int($far) || is_float($far))) {
            throw Refused::because($field, 'must be two distances in metres, the second may be null for infinity.');
        }

        return new FocusRange((float) $near, $far === null ? null : (float) $far);
    }

    private static function of(Setting $setting, Hold $hold): mixed
    {
        return match ($setting) {
            Setting::Mode => $hold->mode,
            Setting::Detect => $hold->detect,
            Setting::Eye => $hold->eye,
            Setting::Area => $hold->area,
            Setting::Patience => $hold->patienceS,
            Setting::Nimbleness => $hold->nimble,
            Setting::Wins => $hold->wins,
            Setting::RangeLimit => $hold->range,
            Setting::Drive => $hold->drive,
            Setting::Stabiliser => $hold->stabiliser,
            Setting::Shutter => $hold->shutterS,
            Setting::Aperture => $hold->aperture,
            Setting::Iso => $hold->iso,
            default => null,
        };
    }

    public function knows(Setting $setting): bool
    {
        return array_key_exists($setting->value, $this->values);
    }

    public function get(Setting $setting): mixed
    {
        return $this->values[$setting->value] ?? null;
    }

    /**
     * The settings that have to be changed for a hold; what is not known counts as in place.
     *
     * @return list<Setting>
     */
    public function changesTo(Hold $hold): array
    {
        return array_values(array_filter(self::settings(), function (Setting $setting) use ($hold): bool {
            if (! $this->knows($setting) || self::doesNotMatter($setting, $hold)) {
                return false;
            }
            $now = $this->get($setting);
            $wanted = self::of($setting, $hold);
            if ($setting === Setting::Patience && is_float($now) && is_float($wanted)) {
                return abs(Response::patienceSteps($now) - Response::patienceSteps($wanted)) > 0.1;
            }
            if ($setting === Setting::Nimbleness && is_float($now) && is_float($wanted)) {
                return abs($now - $wanted) > 0.05;
            }
            if (is_float($now) && is_float($wanted)) {
                return abs(log($now / $wanted, 2)) * ($setting === Setting::Aperture ? 2 : 1) > self::SAME_STOPS;
            }

            return $now != $wanted;
        }));
    }

    /**
     * What has to be changed, what spoils the rush first.
     *
     * @return list<Change>
     */
    public function changes(Plan $plan): array
    {
        $s = $plan->situation;
        $hold = $plan->hold;
        $changes = [];
        $labels = [];
        foreach ($plan->lines as $line) {
            $labels[$line->setting->value] = $line->label;
        }
        foreach ($this->changesTo($hold) as $setting) {
            $danger = $this->danger($setting, $s, $hold);
            $changes[] = new Change($setting, $setting->label(), $this->label($setting), $labels[$setting->value] ?? '', $danger);
        }
        if ($this->manualSwitch && $hold->mode !== FocusMode::Manual) {
            array_unshift($changes, new Change(null, 'Switch on the lens', 'Manual', 'Automatic', 'With the switch on the lens at manual, no focus setting does anything.'));
        }
        usort($changes, static fn (Change $a, Change $b): int => ($b->danger !== null) <=> ($a->danger !== null));

        return $changes;
    }

    /** Why a leftover would spoil this rush; null when it only costs a little. */
    private function danger(Setting $setting, Situation $s, Hold $hold): ?string
    {
        $now = $this->get($setting);

        return match (true) {
            $now instanceof FocusMode && $now->locksOnce() && $hold->mode === FocusMode::Continuous => 'It locks once; every frame after the first would drift away.',
            $now === FocusMode::Manual && $hold->mode !== FocusMode::Manual => 'Focus would not move at all.',
            $now === FocusMode::AutoSwitch => 'The camera would decide for itself, and late.',
            $now instanceof Detection && $now !== Detection::Off && $now !== $s->subject->kind => sprintf('It looks for %s: it finds nothing here, or takes a bystander.', match ($now) {
                Detection::Person => 'people',
                Detection::Vehicle => 'vehicles',
                Detection::Bird => 'birds',
                default => 'animals',
            }),
            $now instanceof FocusRange && ! ($now->contains($s->nearestM) && $now->contains($s->farthestM)) => sprintf('The lens would refuse part of the way: it is limited to %s.', $this->label($setting)),
            $setting === Setting::Shutter && is_float($now) && $now > 2 * $hold->shutterS => 'Far too slow for this one; every frame would smear.',
            $setting === Setting::Stabiliser && $now !== Stabiliser::Off && $hold->stabiliser === Stabiliser::Off && $hold->shutterS < 1 / 1000 => 'It fights the movement that you follow.',
            default => null,
        };
    }

    /** Settings that do nothing in this hold. */
    private static function doesNotMatter(Setting $setting, Hold $hold): bool
    {
        $byHand = $hold->mode === FocusMode::Manual;
        $single = $hold->mode->locksOnce();

        return match ($setting) {
            Setting::Area, Setting::Detect, Setting::Eye => $byHand,
            Setting::Patience, Setting::Nimbleness => $byHand || $single,
            Setting::Wins => $byHand || ! $hold->area->picksForItself(),
            default => false,
        };
    }

    private function label(Setting $setting): string
    {
        $now = $this->get($setting);

        return match (true) {
            $now instanceof \RushHold\Hold\Labelled => $now->label(),
            is_bool($now) => $now ? 'On' : 'Off',
            $now instanceof FocusRange => sprintf('%s to %s', Lines::metres($now->nearM), $now->farM === null ? 'infinity' : Lines::metres($now->farM)),
            $setting === Setting::RangeLimit => 'Full',
            $setting === Setting::Shutter && is_float($now) => StopScale::shutterLabel($now),
            $setting === Setting::Aperture && is_float($now) => StopScale::fLabel($now),
            $setting === Setting::Iso && is_float($now) => (string) StopScale::isoLabel($now),
            $setting === Setting::Patience && is_float($now) => Lines::patience($now),
            $setting === Setting::Nimbleness && is_float($now) => Lines::nimbleness($now),
            default => '',
        };
    }
}
