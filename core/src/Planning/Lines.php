<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\BlurParts;
use RushHold\Blur\Verdict;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\FocusRange;
use RushHold\Kit\Response;
use RushHold\Light\Exposure;
use RushHold\Number;
use RushHold\Optics\StopScale;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Planning\Solve\ExposureSolver;
use RushHold\Planning\Solve\FolkFloor;
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

    /** @return list<Line> */
    public function all(string $startReason, string $rangeReason, string $placeReason): array
    {
        $hold = $this->hold;

        return [
            $this->judged(Setting::Technique, $hold->technique->value, $hold->technique->label(), $this->inZone()),
            $this->judged(Setting::Mode, $hold->mode->value, $hold->mode->label(), $this->driveMargin()),
            $this->judged(Setting::Area, $hold->area->value, $hold->area->label(), $this->aimMargin()),
            $this->solved(Setting::AreaAt, $hold->areaAt, $this->placeLabel(), $placeReason),
            $this->judged(Setting::Detect, $hold->detect->value, $hold->detect->label(),
                new Margin('needed to be found, of those on the subject', Thresholds::DETECTION_PIXELS, $this->s->subjectPixels, 'px')),
            $this->judged(Setting::Eye, $hold->eye, $hold->eye ? 'On' : 'Off',
                new Margin('needed for the eye, of those on the aim part', Thresholds::EYE_PIXELS, $this->s->aimPixels, 'px')),
            $this->judged(Setting::Aim, $hold->aim->value, $hold->aim->label()),
            $this->judged(Setting::Patience, $hold->patienceS, self::patience($hold->patienceS)),
            $this->judged(Setting::Nimbleness, $hold->nimble, self::nimbleness($hold->nimble)),
            $this->judged(Setting::Wins, $hold->wins->value, $hold->wins->label()),
            $this->solved(Setting::StartAt, $hold->startAtM, self::metres($hold->startAtM), $startReason),
            $this->solved(Setting::RangeLimit, $hold->range === null ? null : [$hold->range->nearM, $hold->range->farM], self::rangeLabel($hold->range), $rangeReason),
            $this->solved(Setting::Shutter, $hold->shutterS, StopScale::shutterLabel($hold->shutterS), $this->exposure->shutterReason,
                new Margin('smear, against what movement may take', $this->blur->movingUm(), $this->exposure->need->shareUm, 'µm'), $this->otherShutters()),
            $this->solved(Setting::Aperture, $hold->aperture, StopScale::fLabel($hold->aperture), $this->exposure->apertureReason,
                new Margin('its depth asks for, against what is set', $this->exposure->depthNeedsFNumber, $hold->aperture, '(f-number)'), $this->otherApertures()),
            $this->solved(Setting::Iso, $hold->iso, (string) StopScale::isoLabel($hold->iso), $this->exposure->isoReason,
                new Margin('used, against your limit', $hold->iso * 2 ** $this->exposure->evShort, $this->s->photographer->isoCeiling, 'ISO')),
            $this->judged(Setting::Drive, $hold->drive->value, $hold->drive->label(),
                new Margin('in the rush, against the buffer', $this->s->kit->body->framesPerS * $this->s->rush->path->seconds, $this->s->kit->body->bufferFrames, 'frames')),
            $this->judged(Setting::Stabiliser, $hold->stabiliser->value, $hold->stabiliser->label(),
                new Margin('shake, against what movement may take', $this->blur->shakeUm, $this->exposure->need->shareUm, 'µm')),
            $this->judged(Setting::Support, $hold->support->value, $hold->support->label()),
        ];
    }

    public static function metres(float $metres): string
    {
        return '{'.($metres < 20 ? round($metres, 1) : round($metres * 2) / 2).' m}';
    }

    public static function patience(float $seconds): string
    {
        return Number::plain(round($seconds, 3)).' s';
    }

    public static function nimbleness(float $nimble): string
    {
        return Number::plain(round($nimble, 2)).' of 1';
    }

    /** The step of the body's own that is nearest to one of patience or nimbleness. */
    private function ownStep(Setting $setting, float $value): float
    {
        $body = $this->s->kit->body;
        if (! $body->freeResponse) {
            return $value;
        }

        return $setting === Setting::Patience ? Response::nearestPatience($value, $body->patienceSteps) : Response::nearestNimble($value, $body->nimbleSteps);
    }

    private static function rangeLabel(?FocusRange $range): string
    {
        return $range === null ? 'Full' : sprintf('%s to %s', self::metres($range->nearM), $range->farM === null ? 'infinity' : self::metres($range->farM));
    }

    private function judged(Setting $setting, mixed $value, string $label, ?Margin $margin = null): Line
    {
        $judgement = $this->judged[$setting->value];
        $pinned = $this->pins->has($setting);
        $spelled = is_bool($value) ? ($value ? 'true' : 'false') : $value;
        // The rules judge steps, spelled as words; a body may have others near them.
        $step = fn (string|int|float|bool|null $word): string|int|float|bool|null => is_float($value) ? $this->ownStep($setting, (float) $word) : $word;
        $chosen = $step($judgement->value);
        $alternatives = array_values(array_filter(
            array_map(static fn (Alternative $a): Alternative => new Alternative($step($a->value), $a->because, $a->possible), $judgement->alternatives),
            static fn (Alternative $a): bool => ! is_float($value) || $a->value !== $chosen,
        ));
        $reason = $judgement->reason;
        if ($pinned && $chosen !== $spelled) {
            // The pinned value is one of the others: say what speaks against it, and offer the rules' own choice.
            $reason = 'Pinned by you.';
            foreach ($alternatives as $alternative) {
                if ($alternative->value === $spelled) {
                    $reason = 'Pinned by you. Against it: '.lcfirst($alternative->because);
                }
            }
            $alternatives = [
                new Alternative($chosen, $judgement->reason, true),
                ...array_values(array_filter($alternatives, static fn (Alternative $a): bool => $a->value !== $spelled)),
            ];
        }
        if (! $pinned && $chosen !== $spelled) {
            $reason = 'Of the presets this body has, the nearest to what is wanted: '.lcfirst($reason);
        }
        if ($setting === Setting::Eye) {
            $alternatives = array_map(static fn (Alternative $a): Alternative => new Alternative($a->value === 'true', $a->because, $a->possible), $alternatives);
        }

        return new Line($setting, $value, $label, $reason, $pinned, $margin, $alternatives);
    }

    /** @param  list<Alternative>  $alternatives */
    private function solved(Setting $setting, mixed $value, string $label, string $reason, ?Margin $margin = null, array $alternatives = []): Line
    {
        $pinned = $this->pins->has($setting);

        return new Line($setting, $value, $label, $pinned ? 'Pinned by you.' : $reason, $pinned, $margin, $alternatives);
    }

    private function placeLabel(): string
    {
        [$x, $y] = $this->hold->areaAt;
        $parts = array_filter([
            $x < 0 ? sprintf('%d %% left', round(-100 * $x)) : ($x > 0 ? sprintf('%d %% right', round(100 * $x)) : ''),
            $y < 0 ? sprintf('%d %% up', round(-100 * $y)) : ($y > 0 ? sprintf('%d %% down', round(100 * $y)) : ''),
        ]);

        return $parts === [] ? 'Centre' : implode(', ', $parts);
    }

    private function inZone(): ?Margin
    {
        if ($this->hold->technique !== Technique::Park) {
            return null;
        }

        return new Margin('wanted, of those in the sharp zone', 1, DistanceSolver::framesAt($this->s, $this->hold->startAtM), 'frames');
    }

    private function driveMargin(): ?Margin
    {
        return $this->hold->technique === Technique::Auto
            ? new Margin('asked of focus, against what the lens can do', $this->s->focusTravelMmPerS, $this->s->kit->driveMmPerS(), 'mm/s')
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

        return new Margin('wander of your aim, against what the area forgives', 100 * 2 * $this->s->pointingError, 100 * $room, '% of the width');
    }

    /** @return list<Alternative> */
    private function otherShutters(): array
    {
        $e = $this->exposure;
        $others = [
            [$e->need->bodyS, 'Computed: freezes the body here.'],
            [$e->need->limbsS, 'Computed: freezes wings or legs as well.'],
            [$e->floor->shutterS, sprintf('Rule of thumb for %s.', $e->floor->for)],
            [FolkFloor::againstShake($this->s), 'The old rule of 1 ÷ focal length: against shake only, it does nothing for a moving subject.'],
        ];
        $alternatives = [];
        $fastest = $this->s->kit->body->fastestShutterS;
        foreach ($others as [$time, $because]) {
            if (! is_finite($time) || $time > 1) {
                continue;
            }
            $possible = $time >= $fastest * 0.97;
            $iso = Exposure::isoFor($this->s->rush->light->ev100, max($fastest, $time), $this->hold->aperture);
            $alternatives[] = new Alternative(max($fastest, $time), $possible
                ? sprintf('%s ISO %d.', $because, StopScale::isoLabel(max($iso, $this->s->kit->body->isoMin)))
                : "$because Faster than your body’s shutter.", $possible);
        }

        return $alternatives;
    }

    /** @return list<Alternative> */
    private function otherApertures(): array
    {
        $alternatives = [];
        foreach ($this->s->kit->apertures() as $n) {
            $stops = 2 * log($n / $this->s->kit->widest(), 2);
            // Whole stops from wide open do for looking around.
            if (abs($stops - round($stops)) > 0.2 || abs($n / $this->hold->aperture - 1) < 0.03 || $stops > 5.2) {
                continue;
            }
            $depth = $this->s->depthAt($this->s->middle->distanceM, $n, Verdict::KEEPER_LIMIT)->depthM();
            $iso = Exposure::isoFor($this->s->rush->light->ev100, $this->hold->shutterS, $n);
            $alternatives[] = new Alternative($n, sprintf('%s sharp halfway, ISO %d.', self::depthWords($depth), StopScale::isoLabel(max($iso, $this->s->kit->body->isoMin))),
                $iso <= $this->s->photographer->isoCeiling * 1.1);
        }

        return $alternatives;
    }

    public static function depthWords(float $metres): string
    {
        return match (true) {
            ! is_finite($metres) || $metres > 1000 => 'Everything beyond',
            $metres < 1 => '{'.round(100 * $metres).' cm}',
            default => '{'.round($metres, 1).' m}',
        };
    }
}
