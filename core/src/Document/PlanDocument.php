<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Blur\BlurParts;
use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Hold\Term;
use RushHold\Light\LightDirection;
use RushHold\Optics\Diffraction;
use RushHold\Optics\StopScale;
use RushHold\Planning\Alternative;
use RushHold\Planning\Change;
use RushHold\Planning\FrameBlur;
use RushHold\Planning\HoldLine;
use RushHold\Planning\Importance;
use RushHold\Planning\LaneFrame;
use RushHold\Planning\LaneSample;
use RushHold\Planning\Margin;
use RushHold\Planning\Misfit;
use RushHold\Planning\Plan;
use RushHold\Planning\Softness;
use RushHold\Planning\Solve\FolkFloor;
use RushHold\Planning\Standing;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** A plan as JSON: what `rush:plan` prints and the desk shows. */
final class PlanDocument
{
    public const FORMAT = 'rush-hold/plan@1';

    /** @return array<string, mixed> */
    public static function write(Plan $plan, Units $units = Units::Metric, ?Standing $standing = null): array
    {
        $hold = HoldDocument::write($plan->hold);
        $exposure = $plan->exposure;
        $words = Words::in($units);

        return [
            'format' => self::FORMAT,
            'best' => ['hold' => $hold],
            'lines' => array_map(static fn (HoldLine $line): array => self::line($line, $words, $plan), $plan->lines),
            'important' => self::important(Importance::of($plan->lines, $plan->hold)),
            'margins' => [
                'subject_blur_um' => round($plan->blur->subjectUm, 2),
                'limb_blur_um' => round($plan->limbBlurUm, 2),
                'shake_um' => round($plan->blur->shakeUm, 2),
                'depth_near_m' => round($plan->depth->nearM, 4),
                'depth_far_m' => is_finite($plan->depth->farM) ? round($plan->depth->farM, 4) : null,
                'coc_um' => round($plan->situation->cocUm, 3),
                'keeper_um' => round(Verdict::KEEPER_LIMIT * $plan->situation->cocUm, 3),
                'diffraction_um' => round(Diffraction::discUm($plan->hold->aperture), 3),
                'ev_short' => round($exposure->evShort, 3),
            ],
            'blur' => self::blur($plan->blur, $plan->situation->cocUm),
            'shutters' => self::shutters($plan, $words),
            'misfits' => array_map(
                static fn (Misfit $m): array => [
                    'what' => $m->what,
                    'sentence' => $words->say($m->sentence),
                    'ways_out' => array_map($words->say(...), $m->waysOut),
                ],
                $plan->misfits,
            ),
            'cautions' => array_map(
                static fn (array $c): array => ['what' => $c['what'], 'sentence' => $words->say($c['sentence'])],
                $plan->cautions,
            ),
            ...$standing === null ? [] : ['changes' => self::changes($standing, $plan, $words)],
            'light' => self::light($plan, $words),
            'frame' => self::frame($plan),
            'lane' => [
                'seconds' => $plan->situation->rush->path->seconds,
                'samples' => self::samples($plan),
                'frames' => array_map(self::shot(...), $plan->lane->frames),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function line(HoldLine $line, Words $words, Plan $plan): array
    {
        $values = new Values($words);

        return [
            'setting' => $line->setting->value,
            'group' => $line->setting->about()->group,
            'name' => Words::label($line->setting),
            'value' => $line->value,
            'label' => $values->of($line->setting, $line->value),
            'reason' => $words->say($line->reason),
            'pinned' => $line->pinned,
            'idle' => ! $line->setting->isWorthTelling($plan->hold),
            ...self::own($line, $plan),
            'margin' => $line->margin === null ? null : self::margin($line->margin, $words),
            'alternatives' => array_map(
                static fn (Alternative $a): array => [
                    'value' => $a->value,
                    'label' => $values->of($line->setting, $a->value),
                    'because' => $words->say($a->because),
                    'possible' => $a->possible,
                ],
                $line->alternatives,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function margin(Margin $margin, Words $words): array
    {
        return [
            'name' => $words->say(Said::of("margin.$margin->what")),
            'used' => round($margin->used, 3),
            'allowed' => round($margin->allowed, 3),
            'unit' => $words->say(Said::of("margin.$margin->what.unit")),
            'share' => is_finite($margin->share()) ? round($margin->share(), 4) : 99.0,
        ];
    }

    /**
     * What the person's camera calls the setting and its value, and which word would be worth asking for.
     *
     * @return array{own: array{label: string, where: string}|null, own_setting: array{label: string,
     *   where: string}|null, ask: string|null}
     */
    private static function own(HoldLine $line, Plan $plan): array
    {
        $body = $plan->situation->kit->body;
        $key = Term::keyFor($line->setting, $plan->hold, $body);
        $word = static function (?string $key) use ($body): ?array {
            $word = $key === null ? null : $body->words[$key] ?? null;

            return $word === null || $word->label === '' ? null : ['label' => $word->label, 'where' => $word->where];
        };

        return [
            'own' => $word($key),
            'own_setting' => $word("setting.{$line->setting->value}"),
            'ask' => $key !== null && ! isset($body->words[$key]) ? $key : null,
        ];
    }

    /** @return list<array{setting: string|null, name: string, from: string, to: string, danger: string|null}> */
    private static function changes(Standing $standing, Plan $plan, Words $words): array
    {
        $values = new Values($words);

        return array_map(
            static fn (Change $c): array => [
                'setting' => $c->setting?->value,
                ...$c->setting === null
                    ? [
                        'name' => $words->say(Said::of('value.switch')),
                        'from' => $words->say(Said::of('value.switch.manual')),
                        'to' => $words->say(Said::of('value.switch.auto')),
                    ]
                    : [
                        'name' => Words::label($c->setting),
                        'from' => $values->of($c->setting, $c->from),
                        'to' => $values->of($c->setting, $c->to),
                    ],
                'danger' => $c->danger === null ? null : $words->say($c->danger),
            ],
            $standing->changes($plan),
        );
    }

    /** @return array<string, mixed> */
    private static function blur(BlurParts $blur, float $cocUm): array
    {
        return [
            'parts_um' => [
                'defocus' => round($blur->defocusUm, 2),
                'subject' => round($blur->subjectUm, 2),
                'shake' => round($blur->shakeUm, 2),
                'depth_change' => round($blur->depthChangeUm, 2),
                'lens' => round($blur->lensUm, 2),
                'air' => round($blur->airUm, 2),
                'diffraction' => round($blur->diffractionUm, 2),
                'pixel' => round($blur->pixelUm, 2),
            ],
            'total_um' => round($blur->totalUm(), 2),
            'verdict' => Verdict::of($blur->totalUm(), $cocUm)->value,
        ];
    }

    /** @return array<string, mixed> */
    private static function shutters(Plan $plan, Words $words): array
    {
        $of = static fn (float $s): ?array => is_finite($s) && $s > 0 && $s < 30
            ? ['seconds' => $s, 'label' => Words::figures(StopScale::shutterLabel($s))]
            : null;
        $need = $plan->exposure->need;

        return [
            'body_frozen' => $of($need->bodyS),
            'limbs_frozen' => $plan->situation->subject->limbSpeedMps > 0 ? $of($need->limbsS) : null,
            'rule_of_thumb' => [
                ...(array) $of($plan->exposure->floor->shutterS),
                'for' => $words->say(Said::of("floor.{$plan->exposure->floor->for}")),
            ],
            'against_shake' => $of(FolkFloor::againstShake($plan->situation)),
        ];
    }

    /** @return array<string, mixed> */
    private static function light(Plan $plan, Words $words): array
    {
        $light = $plan->situation->rush->light;

        return [
            'ev100' => round($light->ev100, 2),
            'sun_height_deg' => $light->sun === null ? null : round($light->sun->heightDeg, 2),
            'sun_bearing_deg' => $light->sun === null ? null : round($light->sun->bearingDeg, 2),
            'direction' => $light->sun === null || $light->shootingBearingDeg === null
                    ? null
                    : LightDirection::of($light->sun, $light->shootingBearingDeg)->value,
            'shimmer' => [
                'level' => $plan->air->level,
                'sentence' => $words->say($plan->air->said()),
                'arcsec' => round(rad2deg($plan->air->angleRad) * 3600, 2),
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function frame(Plan $plan): array
    {
        $s = $plan->situation;
        $shape = $s->kit->body->areas[$plan->hold->area->value];

        return [
            'sensor_mm' => [$s->kit->body->sensorWidthMm, $s->kit->body->sensorHeightMm],
            'focal_mm' => round($s->kit->focalMm(), 2),
            'area' => ['width' => $shape->width, 'height' => $shape->height, 'at' => $plan->hold->areaAt],
            'wander' => round($s->pointingError, 5),
            'field_m' => [
                round($s->lens->fieldM($s->middle->distanceM, $s->kit->body->sensorWidthMm), 3),
                round($s->lens->fieldM($s->middle->distanceM, $s->kit->body->sensorHeightMm), 3),
            ],
            'subject_share' => [round($s->widthInFrame, 4), round($s->heightInFrame, 4)],
            'aim_px' => round($s->aimPixels),
            'poses_hz' => round($s->subject->posesHz(), 2),
        ];
    }

    /**
     * @param  list<Setting>  $settings
     * @return list<string>
     */
    public static function important(array $settings): array
    {
        return array_map(static fn (Setting $setting): string => $setting->value, $settings);
    }

    /** @return list<array<string, mixed>> */
    private static function samples(Plan $plan): array
    {
        $softness = new Softness($plan->situation, $plan->hold);
        $blurs = new FrameBlur($plan->situation, $plan->hold, $plan->air);

        return array_map(
            static fn (LaneSample $sample): array => [
                ...self::sample($sample),
                'smear_um' => round($blurs->at($sample->point, $sample->focusM)->subjectUm, 1),
                'discs' => $softness->at($sample->focusM, $sample->point->distanceM),
            ],
            $plan->lane->samples,
        );
    }

    /** @return array<string, float|null> */
    private static function sample(LaneSample $sample): array
    {
        $p = $sample->point;

        return [
            't' => round($p->t, 4),
            'x' => round($p->x, 3),
            'y' => round($p->y, 3),
            'z' => round($p->z, 3),
            'distance_m' => round($p->distanceM, 4),
            'focus_m' => round($sample->focusM, 4),
            'near_m' => round($sample->nearM, 4),
            'far_m' => is_finite($sample->farM) ? round($sample->farM, 4) : null,
            'closing_mps' => round($p->closingMps, 3),
            'across_mps' => round($p->acrossMps, 3),
            'up_mps' => round($p->upMps, 3),
            'mm_per_m' => round($sample->mmPerM, 4),
        ];
    }

    /** @return array<string, mixed> */
    private static function shot(LaneFrame $frame): array
    {
        return [
            't' => round($frame->t, 4),
            'distance_m' => round($frame->distanceM, 4),
            'blur_um' => round($frame->blur->totalUm(), 2),
            'verdict' => $frame->verdict->value,
            'mostly' => $frame->mostly,
        ];
    }
}
