<?php

declare(strict_types=1);

namespace RushHold\Planning\Rules;

use RushHold\Hold\Setting;
use RushHold\Kit\Detection;
use RushHold\Number;
use RushHold\Planning\Choices;
use RushHold\Planning\Rule;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** What kind of subject the body looks for. */
final class DetectionRules
{
    /** @return list<Rule> */
    public static function all(): array
    {
        $useless = static fn (Situation $s, Choices $c): bool => $c->byHand() || ($c->shape($s) !== null && ! $c->shape($s)->detects);
        $rules = [];
        foreach (Detection::cases() as $kind) {
            if ($kind === Detection::Off) {
                continue;
            }
            $rules[] = Rule::favour("detect.own-kind.{$kind->value}", Setting::Detect, [$kind->value => 3.0],
                static fn (Situation $s): bool => $s->subject->kind === $kind,
                static fn (Situation $s): string => sprintf('%s, about %s pixels across here: large enough to be found.', ucfirst($kind->value), Number::significant($s->subjectPixels)));
            $rules[] = Rule::reject("detect.wrong-kind.{$kind->value}", Setting::Detect, [$kind->value],
                static fn (Situation $s): bool => $s->subject->kind !== $kind,
                sprintf('It would look for %s: it finds nothing, or grabs a bystander.', $kind === Detection::Animal ? 'an animal' : "a {$kind->value}"));
            $rules[] = Rule::reject("detect.body-lacks.{$kind->value}", Setting::Detect, [$kind->value],
                static fn (Situation $s): bool => ! $s->kit->body->canDetect($kind),
                'Your body cannot look for this kind.');
        }

        return [
            ...$rules,
            Rule::favour('detect.area-only-looks-under-itself', Setting::Detect, ['off' => 6.0],
                $useless,
                static fn (Situation $s, Choices $c): string => $c->byHand() ? 'Focus is by hand, so nothing needs to be found.' : 'This area only looks under itself, so detection has nothing to choose.'),
            Rule::favour('detect.too-small', Setting::Detect, ['off' => 6.0],
                static fn (Situation $s): bool => $s->subjectPixels < Thresholds::DETECTION_PIXELS,
                static fn (Situation $s): string => sprintf('At some %d pixels it is too small to be found reliably.', round($s->subjectPixels))),
            Rule::favour('detect.covered', Setting::Detect, ['off' => 6.0],
                static fn (Situation $s): bool => $s->scene->frontClutter >= Thresholds::DETECTION_CLUTTER,
                'Too much of it is covered for the body to recognise it.'),
            Rule::favour('eye.on', Setting::Eye, ['true' => 2.0],
                static fn (Situation $s, Choices $c): bool => $c->detect() !== Detection::Off && ($c->shape($s)->seesEyes ?? false) && $s->aimPixels >= Thresholds::EYE_PIXELS,
                static fn (Situation $s): string => sprintf('The aim part is about %d pixels wide, enough for the body to go for it rather than for the nearest wing or shoulder.', round($s->aimPixels))),
            Rule::favour('eye.off', Setting::Eye, ['false' => 1.0],
                static fn (): bool => true,
                static fn (Situation $s, Choices $c): string => $c->detect() === Detection::Off || $c->byHand() ? 'Nothing is detected here, so there is no eye to find.' : sprintf('At %d pixels the eye is too small to be found.', round($s->aimPixels))),
            Rule::reject('eye.needs-detection', Setting::Eye, ['true'],
                static fn (Situation $s, Choices $c): bool => $c->detect() === Detection::Off || ! ($c->shape($s)->seesEyes ?? false),
                'The eye can only be found where a subject is detected.'),
        ];
    }
}
