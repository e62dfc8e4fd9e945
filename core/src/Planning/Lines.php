<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\BlurParts;
use RushHold\Blur\Verdict;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Response;
use RushHold\Light\Exposure;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Planning\Solve\ExposureSolver;
use RushHold\Planning\Solve\FolkFloor;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Puts the hold into lines: value, reason, margin, other choices. */
final readonly class Lines
{
    /** @param  array<string, Judgement>  $judged  by setting */
    public function __construct(
        private Situation $s,
        private Hold $hold,
        private ExposureSolver $exposure,
        private BlurParts $blur,
        private PartialHold $pins,
        private array $judged,
    ) {
    }

    /** @return list<HoldLine> */
    public function all(Said $startReason, Said $rangeReason, Said $placeReason): array
    {
        $exposure = $this->exposure;
        $solved = [
            Setting::AreaAt->value => [$placeReason],
            Setting::StartAt->value => [$startReason],
            Setting::RangeLimit->value => [$rangeReason],
            Setting::Shutter->value => [$exposure->shutterReason, $this->otherShutters()],
            Setting::Aperture->value => [$exposure->apertureReason, $this->otherApertures()],
            Setting::Iso->value => [$exposure->isoReason],
        ];
        $lines = [];
        foreach (Setting::cases() as $setting) {
            if ($setting->isLackedBy($this->s->kit->body)) {
                continue;
            }
            $margin = $this->margin($setting);
            if ($setting->isRare()) {
                $lines[] = $this->rare($setting);

                continue;
            }
            $known = $solved[$setting->value] ?? null;
            $lines[] = $known === null ? $this->judged($setting, $margin) : $this->solved($setting, $margin, ...$known);
        }

        return $lines;
    }

    /** What few bodies offer: why it stands as it does, and what else there is. */
    private function rare(Setting $setting): HoldLine
    {
        $now = $setting->in($this->hold);
        $why = static fn (mixed $value): Said => Said::of(
            "rare.{$setting->value}.".($value === $setting->about()->usual ? 'off' : 'on'),
        );
        $others = array_values(
            array_filter($setting->offeredBy($this->s->kit->body), static fn (mixed $value): bool => $value !== $now),
        );

        $other = static function (mixed $value) use ($setting, $why): Alternative {
            $written = $setting->kind()->write($value);
            assert(! is_array($written));

            return new Alternative($written, $why($value), true);
        };

        return new HoldLine(
            $setting,
            $setting->kind()->write($now),
            $why($now),
            $this->pins->has($setting),
            null,
            array_map($other, $others),
        );
    }

    /** How much of what is allowed is used, where something limits it. */
    private function margin(Setting $setting): ?Margin
    {
        $s = $this->s;
        $hold = $this->hold;
        $exposure = $this->exposure;

        return match ($setting) {
            Setting::Technique => $this->inZone(),
            Setting::Mode => $this->driveMargin(),
            Setting::Area => $this->aimMargin(),
            Setting::Detect => new Margin('detection', Thresholds::DETECTION_PIXELS, $s->subjectPixels),
            Setting::Eye => new Margin('eye', Thresholds::EYE_PIXELS, $s->aimPixels),
            Setting::Shutter => new Margin('smear', $this->blur->movingUm(), $exposure->need->shareUm),
            Setting::Aperture => new Margin('depth', $exposure->depthNeedsFNumber, $hold->aperture),
            Setting::Iso => new Margin('iso', $hold->iso * 2 ** $exposure->evShort, $s->photographer->isoCeiling),
            Setting::Drive => new Margin(
                'buffer',
                $s->kit->body->framesPerS * $s->rush->path->seconds,
                $s->kit->body->bufferFrames,
            ),
            Setting::Stabiliser => new Margin('shake', $this->blur->shakeUm, $exposure->need->shareUm),
            default => null,
        };
    }

    /** A line for what the rules judged. */
    private function judged(Setting $setting, ?Margin $margin = null): HoldLine
    {
        $judgement = $this->judged[$setting->value];
        $value = $setting->kind()->write($setting->in($this->hold));
        $chosen = $this->spelled($setting, $judgement->value);
        $alternatives = array_map(
            fn (Alternative $a): Alternative => new Alternative(
                $this->spelled($setting, $a->value),
                $a->because,
                $a->possible,
            ),
            $judgement->alternatives,
        );
        // Several steps of the rules may be one step of the body.
        $alternatives = array_values(
            array_filter($alternatives, static fn (Alternative $a): bool => $a->value !== $chosen),
        );
        if ($chosen === $value) {
            return new HoldLine($setting, $value, $judgement->reason, $this->pins->has($setting), $margin, $alternatives);
        }
        if (! $this->pins->has($setting)) {
            return new HoldLine(
                $setting,
                $value,
                Said::of('line.nearest-preset', reason: $judgement->reason),
                false,
                $margin,
                $alternatives,
            );
        }
        // The pinned value is one of the others: say what speaks against it, and offer the rules' own choice.
        $against = array_filter($alternatives, static fn (Alternative $a): bool => $a->value === $value);
        $reason =
            $against === []
                ? Said::of('line.pinned')
                : Said::of('line.pinned-against', reason: $against[array_key_first($against)]->because);

        return new HoldLine($setting, $value, $reason, true, $margin, [
            new Alternative($chosen, $judgement->reason, true),
            ...array_values(array_diff_key($alternatives, $against)),
        ]);
    }

    /** @param  list<Alternative>  $alternatives */
    private function solved(Setting $setting, ?Margin $margin, Said $reason, array $alternatives = []): HoldLine
    {
        $pinned = $this->pins->has($setting);

        return new HoldLine(
            $setting,
            $setting->kind()->write($setting->in($this->hold)),
            $pinned ? Said::of('line.pinned') : $reason,
            $pinned,
            $margin,
            $alternatives,
        );
    }

    /** What the rules judge in words and steps, as documents spell it; of steps, those that the body has. */
    private function spelled(Setting $setting, string|int|float|bool|null $judged): string|int|float|bool|null
    {
        $body = $this->s->kit->body;

        return match ($setting) {
            Setting::Eye => $judged === 'true',
            Setting::Patience => $body->freeResponse
                ? Response::nearestPatience((float) $judged, $body->patienceSteps)
                : (float) $judged,
            Setting::Nimbleness => $body->freeResponse
                ? Response::nearestNimble((float) $judged, $body->nimbleSteps)
                : (float) $judged,
            default => $judged,
        };
    }

    private function inZone(): ?Margin
    {
        return $this->hold->technique === Technique::Park
            ? new Margin('zone', 1, DistanceSolver::framesAt($this->s, $this->hold->startAtM))
            : null;
    }

    private function driveMargin(): ?Margin
    {
        return $this->hold->technique === Technique::Auto
            ? new Margin('drive', $this->s->focusTravelMmPerS, $this->s->kit->driveMmPerS())
            : null;
    }

    private function aimMargin(): ?Margin
    {
        if ($this->hold->technique !== Technique::Auto) {
            return null;
        }
        $shape = $this->s->kit->body->areas[$this->hold->area->value];
        // The area still touches the subject while the aim is off by half of both together.
        $room = ($shape->width + min(1.0, $this->s->widthInFrame)) / 2;

        return new Margin('aim', 100 * 2 * $this->s->pointingError, 100 * $room);
    }

    /** @return list<Alternative> */
    private function otherShutters(): array
    {
        $e = $this->exposure;
        $others = [
            [$e->need->bodyS, Said::of('shutter.other.body')],
            [$e->need->limbsS, Said::of('shutter.other.limbs')],
            [$e->floor->shutterS, Said::of('shutter.other.floor', whom: Said::of("floor.{$e->floor->for}"))],
            [FolkFloor::againstShake($this->s), Said::of('shutter.other.shake')],
        ];
        $alternatives = [];
        $fastest = $this->s->kit->body->fastestShutterS;
        foreach ($others as [$time, $because]) {
            if (is_finite($time) && $time <= 1) {
                $possible = $time >= $fastest * 0.97;
                $alternatives[] = new Alternative(
                    max($fastest, $time),
                    $possible
                        ? Said::of(
                            'shutter.other',
                            why: $because,
                            iso: $this->isoAt(max($fastest, $time), $this->hold->aperture),
                        )
                        : Said::of('shutter.other.too-fast', why: $because),
                    $possible,
                );
            }
        }

        return $alternatives;
    }

    /** @return list<Alternative> whole stops from wide open do for looking around */
    private function otherApertures(): array
    {
        $alternatives = [];
        foreach ($this->s->kit->apertures() as $n) {
            $stops = 2 * log($n / $this->s->kit->widest(), 2);
            if (abs($stops - round($stops)) > 0.2 || abs($n / $this->hold->aperture - 1) < 0.03 || $stops > 5.2) {
                continue;
            }
            $depth = $this->s->depthAt($this->s->middle->distanceM, $n, Verdict::KEEPER_LIMIT)->depthM();
            $iso = $this->isoAt($this->hold->shutterS, $n);
            $alternatives[] = new Alternative(
                $n,
                Said::of(
                    'aperture.other',
                    endless: ! is_finite($depth) || $depth > 1000,
                    depth: Quantity::depth(min($depth, 1000.0)),
                    iso: $iso,
                ),
                $iso->value <= $this->s->photographer->isoCeiling * 1.1,
            );
        }

        return $alternatives;
    }

    /** What this light asks for, of what the body has. */
    private function isoAt(float $shutterS, float $fNumber): Quantity
    {
        return Quantity::iso(
            max(Exposure::isoFor($this->s->rush->light->ev100, $shutterS, $fNumber), $this->s->kit->body->isoMin),
        );
    }
}
