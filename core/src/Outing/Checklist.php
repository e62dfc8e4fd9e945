<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Hold\Hold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\About;
use RushHold\Hold\Term;
use RushHold\Kit\Body;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Said;

/** What is looked at before one leaves: made of the bodies and lenses that are carried and of the first rush. */
final class Checklist
{
    /** @return list<array{key: string, lasting: bool, says: Said}> lasting: done once in a while, and worth a date */
    public static function of(Programme $programme): array
    {
        $bodies = $lenses = [];
        foreach (array_keys($programme->outing->entries) as $entry) {
            $kit = $programme->plan($entry)->situation->kit;
            $bodies[$kit->body->name] = true;
            $lenses[$kit->lens->name] = true;
        }
        $items = [];
        $add = static function (string $key, bool $lasting, Said $says) use (&$items): void {
            $items[] = ['key' => $key, 'lasting' => $lasting, 'says' => $says];
        };
        foreach (array_keys($bodies) as $body) {
            $add("firmware.body.$body", true, Said::of('check.firmware', name: $body));
            $add("card.$body", false, Said::of('check.card', name: $body));
            if ($programme->layouts !== []) {
                $add("sets.$body", false, Said::of('check.sets', name: $body));
            }
        }
        foreach (array_keys($lenses) as $name) {
            $add("firmware.lens.$name", true, Said::of('check.firmware', name: $name));
            $add("contacts.$name", true, Said::of('check.contacts', name: $name));
            $add("switch.$name", false, Said::of('check.switch', name: $name));
        }
        $first = $programme->planned[0] ?? null;
        if ($first !== null) {
            $plan = $programme->plan($first->entry);
            $hold = $plan->hold;
            $add(
                'first',
                false,
                Said::of(
                    'check.first',
                    rush: $plan->situation->rush->name,
                    settings: self::settings($hold, $plan->situation->kit->body),
                ),
            );
            if ($plan->situation->kit->lens->ranges !== []) {
                $add(
                    'first.range',
                    false,
                    $hold->range === null
                        ? Said::of('check.range.full')
                        : Said::of('check.range', near: Quantity::distance($hold->range->nearM)),
                );
            }
        }

        return $items;
    }

    /** @return list<Said|Labelled> what a hold sets, each with the camera's own word where it has one */
    private static function settings(Hold $hold, Body $body): array
    {
        $settings = [];
        foreach (Setting::that(static fn (About $about): bool => $about->checked($hold) !== null) as $setting) {
            $value = $setting->about()->checked($hold);
            if ($value === null || $setting->isIdleIn($hold)) {
                continue;
            }
            $key = Term::keyFor($setting, $hold, $body);
            $own = $key === null ? '' : $body->words[$key]->label ?? '';
            $settings[] = $own === '' ? $value : Said::of('check.own', value: $value, own: $own);
        }

        return $settings;
    }
}
