<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Kit\Detection;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Quantity;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** What kind of subject the body looks for. */
final class DetectionRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $useless = static fn (Situation $s, Choices $c): bool => $c->byHand() ||
            ($c->shape($s) !== null && ! $c->shape($s)->detects);
        $rules = [];
        foreach (Detection::cases() as $kind) {
            if ($kind === Detection::Off) {
                continue;
            }
            $rules[] = Rule::favour(
                "detect.own-kind.{$kind->value}",
                Setting::Detect,
                [$kind->value => 3.0, 'off' => -0.1],
                static fn (Situation $s): bool => $s->subject->kind === $kind,
                static fn (Situation $s): array => ['kind' => $kind, 'pixels' => Quantity::figure($s->subjectPixels)],
                'detect.own-kind',
            );
            $rules[] = Rule::reject(
                "detect.wrong-kind.{$kind->value}",
                Setting::Detect,
                [$kind->value],
                static fn (Situation $s): bool => $s->subject->kind !== $kind,
                static fn (): array => ['kind' => $kind],
                'detect.wrong-kind',
            );
            $rules[] = Rule::reject(
                "detect.body-lacks.{$kind->value}",
                Setting::Detect,
                [$kind->value],
                static fn (Situation $s): bool => ! $s->kit->body->canDetect($kind),
                null,
                'detect.body-lacks',
            );
        }

        return [
            ...$rules,
            Rule::favour(
                'detect.area-only-looks-under-itself',
                Setting::Detect,
                ['off' => 6.0],
                $useless,
                static fn (Situation $s, Choices $c): array => ['hand' => $c->byHand()],
            ),
            Rule::favour(
                'detect.too-small',
                Setting::Detect,
                ['off' => 6.0],
                static fn (Situation $s): bool => $s->subjectPixels < Thresholds::DETECTION_PIXELS,
                static fn (Situation $s): array => ['pixels' => Quantity::figure($s->subjectPixels)],
            ),
            Rule::favour(
                'detect.covered',
                Setting::Detect,
                ['off' => 6.0],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::DETECTION_CLUTTER,
            ),
            Rule::favour(
                'eye.on',
                Setting::Eye,
                ['true' => 2.0],
                static fn (Situation $s, Choices $c): bool => $c->detect() !== Detection::Off &&
                    ($c->shape($s)->seesEyes ?? false) &&
                    $s->aimPixels >= Thresholds::EYE_PIXELS,
                static fn (Situation $s): array => ['pixels' => Quantity::figure($s->aimPixels)],
            ),
            Rule::favour(
                'eye.off',
                Setting::Eye,
                ['false' => 1.0],
                static fn (): bool => true,
                static fn (Situation $s, Choices $c): array => [
                    'eye' => $c->detect() === Detection::Off || $c->byHand()
                            ? 'none'
                            : ($s->aimPixels < Thresholds::EYE_PIXELS
                                ? 'small'
                                : 'seen'),
                    'pixels' => Quantity::figure($s->aimPixels),
                ],
            ),
            Rule::reject(
                'eye.needs-detection',
                Setting::Eye,
                ['true'],
                static fn (Situation $s, Choices $c): bool => $c->detect() === Detection::Off ||
                    ! ($c->shape($s)->seesEyes ?? false),
            ),
        ];
    }
}
