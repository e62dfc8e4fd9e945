<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Blur\Verdict;
use RushHold\Hold\Drive;
use RushHold\Hold\Hold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\AreaShape;
use RushHold\Kit\Detection;
use RushHold\Light\Shimmer;
use RushHold\Optics\Diffraction;
use RushHold\Situation\Aim;
use RushHold\Situation\Situation;

/** What one hold makes of a subject's way, as far as it does not depend on chance: one entry for each focus cycle. */
final class FocusCycles
{
    public readonly int $steps;

    public readonly float $stepS;

    /** @var list<float> typical miss of the aim to the side, frame widths */
    public array $missX = [];

    /** @var list<float> typical miss of the aim up and down, frame heights */
    public array $missY = [];

    /** @var list<float> how far the aim trails to the side, frame widths */
    public array $trailX = [];

    /** @var list<float> how far the aim trails up and down, frame heights */
    public array $trailY = [];

    /** @var list<float> what is left of the first miss, frame widths */
    public array $first = [];

    /** @var list<float> share of the subject's depth that falls into the area: all when it covers the subject */
    public array $within = [];

    /** @var list<float> unit noise below this means that a crisp background wins over the subject */
    public array $crisper = [];

    /** @var list<float> travel off by which the subject is still visible, mm */
    public array $visible = [];

    /** @var list<float> unit noise below this means that detection finds the subject */
    public array $detects = [];

    /** @var list<float> unit noise below this means that its eye is found, and not only head or body */
    public array $eyes = [];

    /** @var list<float> blur of the subject's movement for unit noise, µm */
    public array $smear = [];

    /** @var list<float> square of the blur that is left for focus, movement and shake, µm² */
    public array $room = [];

    /** @var list<float> scatter of a measurement, mm of travel */
    public array $scatter = [];

    /** @var list<float> a measurement within this of the prediction fits, mm */
    public array $gate = [];

    /** @var array<int, int> frames that are taken at each step */
    public array $frames = [];

    /** Steps before the first frame, in which focus is already at work. */
    public readonly int $lead;

    public readonly int $frameCount;

    public readonly float $shakeUm;

    public readonly float $airUm;

    /** How far the aim part swings to and fro in depth, m. */
    public readonly float $swingM;

    /** Mean time until finger and eye are with the subject, s. */
    public readonly float $readyS;

    /** How far a lens that autofocus has brought there is off by itself, mm of travel. */
    public readonly float $ownMm;

    /** Unit noise below this means that the part to be sharp is turned away. */
    public readonly float $zTurned;

    /** Chance that a frame comes out bent. */
    public readonly float $bent;

    /** By how much focus is at work before the finger, s. */
    public readonly float $soonerS;

    /** Chance that focus waits on what is behind, and not where it was set. */
    public readonly float $strays;

    /** Time until a lock on something else is seen and given up, s. */
    public readonly float $recheckS;

    /** Unit noise below this means that nothing is focused on just now. */
    public readonly float $zLapse;

    /** Error of a distance that was set beforehand, as a share of it. */
    public readonly float $setError;

    /** Travel between the limits of the drive, mm: nearest and farthest. */
    public readonly float $nearTravel;

    public readonly float $farTravel;

    public readonly float $startTravel;

    public readonly float $driveMmPerStep;

    /** Travel off by which a large obstacle is still visible, mm. */
    public readonly float $visibleLarge;

    /** Travel off by which the background has drawing that can be caught, mm. */
    public readonly float $visibleBack;

    public function __construct(
        Situation $s,
        Hold $hold,
        public readonly Passage $way,
        public readonly AreaShape $shape,
    ) {
        $rush = $s->rush;
        $body = $s->kit->body;
        $lens = $s->lens;
        $f = $lens->focalMm;
        $this->stepS = $way->stepS;
        $this->lead = $way->lead;
        $this->steps = $way->steps;

        $limit = $hold->range;
        $this->nearTravel = Passage::travel($f, max($s->kit->lens->nearestM, $limit->nearM ?? 0.0));
        $this->farTravel = $limit?->farM === null ? 0.0 : Passage::travel($f, $limit->farM);
        $this->startTravel = max($this->farTravel, min($this->nearTravel, Passage::travel($f, $hold->startAtM)));
        $this->driveMmPerStep = Parameters::IN_STEPS * $s->kit->driveMmPerS() * $this->stepS;

        $n = $hold->aperture;
        $coc = $s->cocUm;
        $limitUm = Verdict::KEEPER_LIMIT * $coc;
        $person = $s->photographer;
        $stops = $hold->stabiliser->stops($s->kit->lens->stabiliserStops);
        $this->shakeUm = Shake::blurUm(
            Shake::rateRadPerS($hold->support->shake(), $person->aim, $stops),
            $s->kit->focalMm(),
            $hold->shutterS,
        );
        $air = Shimmer::of(
            $rush->light->sunHeightDeg(),
            $rush->light->sky,
            $rush->scene->surface,
            $s->middle->distanceM,
            $rush->scene->lineHeightM,
            $rush->scene->wind,
        );
        $this->airUm = $air->blurUm($s->kit->focalMm());
        $fixed =
            LensBlur::um($n, $s->kit->widest(), $s->kit->lens->bestStopsDown, $s->kit->extender) ** 2 +
            Diffraction::widthUm($n) ** 2 +
            (1000 * $body->pitchMm()) ** 2;
        $this->visibleLarge = $n * 0.15 * $body->sensorHeightMm;
        $this->visibleBack = $n * Parameters::DISSOLVED * $body->sensorHeightMm;

        // A steadier support steadies the aim, but a subject that moves still has to be followed.
        $hands = Aim::of($rush, $hold->support, $stops > 0)->handsRad;
        $sits = $rush->path->speedMps < Parameters::SITS_MPS;
        $windM = $sits
            ? Parameters::WIND_SWAY_M * $rush->scene->wind * (1 - (1 - Parameters::WIND_LULL) * $person->aim)
            : 0.0;
        $bodyM =
            $hold->support->shake() * (Parameters::BODY_SWAY_M[0] + Parameters::BODY_SWAY_M[1] * (1 - $person->aim));
        $heaveM = $s->isStill()
            ? 0.0
            : min(
                Parameters::HEAVE_S * $rush->subject->limbSpeedMps,
                Parameters::HEAVE_OF_SIZE * $rush->subject->heightM,
            );
        $heaveMps = $heaveM / Parameters::SWING_MEMORY_S;
        $limbM = $s->isStill()
            ? 0.0
            : min(
                Parameters::SWING_S * $rush->subject->limbSpeedMps,
                Parameters::SWING_OF_SIZE * $rush->subject->lengthM,
            );
        $this->swingM = sqrt($windM ** 2 + $bodyM ** 2 + $limbM ** 2);
        $windMps = $windM / Parameters::SWING_MEMORY_S;
        $this->readyS = self::readyS($s, $hold);
        $effect = $hold->effect();
        $this->soonerS = $effect->soonerS;
        $this->strays = $effect->strays;
        $this->setError = Parameters::SET_ERROR[0] + Parameters::SET_ERROR[1] * (1 - $person->handFocus) ** 2;
        $firstMiss = Parameters::FIRST_MISS * exp(-$rush->path->noticeS / Parameters::FINDING_S) * (1.2 - $person->aim);

        $contrast = max(
            0.05,
            $hold->aim->contrast($rush->subject->contrast) * ($rush->isBacklit() ? Parameters::BACKLIT_CONTRAST : 1.0),
        );
        if ($body->points?->isStar($shape, $hold->areaAt) === true) {
            $contrast = $contrast ** Parameters::STAR_CONTRAST;
        }
        $dark = 1 + Parameters::SCATTER_DARK * 2 ** -max(-1.0, $s->lightMarginStops);
        $scatterUm =
            Parameters::SCATTER *
            $coc *
            $contrast ** -Parameters::SCATTER_CONTRAST *
            sqrt($dark) *
            ($hold->mode->locksOnce() ? Parameters::SCATTER_ONCE : 1.0);
        $scatter = ($scatterUm / 1000) * $n;
        // The lens is brought as near as at full aperture; stopped down the same miss matters less.
        $this->ownMm =
            ((Parameters::OWN_SCATTER[$s->isStill() ? 0 : 1] * $coc) / 1000) *
            $s->kit->widest() *
            $contrast ** -Parameters::OWN_CONTRAST *
            sqrt(sqrt($dark));
        $this->recheckS = Parameters::RECHECK_S[0] + Parameters::RECHECK_S[1] * (1 - $person->aim);
        $this->zLapse = Noise::quantile($s->isStill() ? 0.0 : Parameters::LAPSES * (1 - $person->panning) ** 3);
        $this->zTurned = Noise::quantile(
            Parameters::TURNED[0] +
                ($s->isStill() ? 0.0 : Parameters::TURNED[1]) +
                Parameters::TURNED[2] * $rush->subject->erratic,
        );
        $bent = $body->mirror
            ? 0.0
            : ($rush->subject->limbSpeedMps * $body->readoutS * min(1.0, $s->heightInFrame)) / $rush->subject->heightM;
        // Limbs go to and fro, and are as fast as that in the middle of their way only.
        $this->bent = $bent > Parameters::BENT ? (2 / M_PI) * acos(Parameters::BENT / $bent) : 0.0;

        $kind =
            $hold->detect !== Detection::Off &&
            $shape->detects &&
            $body->canDetect($hold->detect) &&
            $hold->detect === $rush->subject->kind
                ? 1.0
                : 0.0;
        $clear = (1 - $rush->scene->frontClutter) ** 1.5;
        $known =
            $kind *
            (0.85 + 0.15 * $rush->subject->distinct) *
            (1 - 0.5 * $rush->scene->backgroundAlike * (1 - $rush->subject->distinct)) *
            $clear *
            ($rush->isBacklit() ? Parameters::BACKLIT_KNOWN : 1.0);

        // A block without detection, or looking for the wrong kind, may settle on detail behind the subject.
        $crisp =
            Parameters::PULL_WINS[$hold->wins->value] *
            Parameters::CRISPER_BACKGROUND *
            $rush->scene->backgroundTexture *
            (1.3 - $rush->subject->contrast);
        if ($hold->detect !== Detection::Off && $hold->detect !== $rush->subject->kind) {
            $crisp += 0.25 * $rush->scene->backgroundTexture;
        }

        $across = $f / $body->sensorWidthMm;
        $up = $f / $body->sensorHeightMm;
        $this->scatter = array_fill(0, $this->steps, $scatter);
        $this->frames = array_fill(0, $this->steps, 0);
        // What holds have in common is worked out once.
        $hands2 = $hands * $hands;
        $this->missX = $way->shared(
            "miss across $hands $windM",
            static fn (int $k): float => $across * sqrt($hands2 + $way->lateX[$k] ** 2 + $way->swayed($windM, $k)),
        );
        $this->missY = $way->shared(
            "miss up $hands $windM",
            static fn (int $k): float => $up *
                sqrt($hands2 + $way->lateY[$k] ** 2 + $way->swayed($windM, $k) + ($heaveM / $way->distance[$k]) ** 2),
        );
        $this->trailX = $way->shared('trail across', static fn (int $k): float => 0.4 * $across * $way->lateX[$k]);
        $this->trailY = $way->shared('trail up', static fn (int $k): float => 0.4 * $up * $way->lateY[$k]);
        $this->first = $way->shared(
            'first',
            fn (int $k): float => $firstMiss * exp(-max(0.0, ($k - $this->lead) * $this->stepS) / Parameters::FINDING_S),
        );
        $this->visible = $way->shared("visible $n", static fn (int $k): float => $n * $way->hides[$k]);
        // An area inside the subject only sees what lies around the aim point.
        $size = $shape->width * $shape->height;
        $covers = $way->shared(
            "covers $size",
            static fn (int $k): float => $size / max(1e-6, 4 * $way->halfX[$k] * $way->halfY[$k]),
        );
        $this->within = $way->shared("within $size", static fn (int $k): float => min(1.0, sqrt($covers[$k])));
        $this->crisper = $way->shared(
            "crisper $size $crisp",
            static fn (int $k): float => Noise::quantile(
                min(0.95, $crisp * (1 - sqrt(min(1.0, 1 / max(1e-6, $covers[$k]))))),
            ),
        );
        $this->detects = $way->shared(
            "detects $known",
            static fn (int $k): float => Noise::quantile(
                ($known * $way->pixels[$k] ** 3) / ($way->pixels[$k] ** 3 + Parameters::DETECT_HALF_PIXELS ** 3),
            ),
        );
        $this->eyes = $way->shared($hold->eye && $shape->seesEyes ? 'eyes' : 'no eyes', static function (int $k) use (
            $hold,
            $shape,
            $s,
            $way,
        ): float {
            $eye = (($s->aimPixels * $s->middle->distanceM) / $way->distance[$k]) ** 2;

            return $hold->eye && $shape->seesEyes
                ? Noise::quantile($eye / ($eye + Parameters::EYE_HALF_PIXELS ** 2))
                : -6.0;
        });
        $removed = $s->panningRemoved();
        $this->smear = $way->shared(
            "smear $hold->shutterS $windMps",
            static fn (int $k): float => hypot(
                $way->motions[$k]->bodyBlurUm($hold->shutterS, $removed),
                1e6 * $way->motions[$k]->magnification * hypot($windMps, $heaveMps) * $hold->shutterS,
            ),
        );
        $this->room = $way->shared("room $n $hold->shutterS", static function (int $k) use (
            $way,
            $lens,
            $n,
            $hold,
            $limitUm,
            $fixed,
        ): float {
            $d = $way->distance[$k];

            return $limitUm ** 2 -
                $fixed -
                $lens->defocusUm(
                    $n,
                    $d,
                    max(0.5 * $d, $d - (abs($way->points[$k]->closingMps) * $hold->shutterS) / 2),
                ) **
                    2;
        });
        $this->gate = $way->shared(
            "gate $scatter",
            static fn (int $k): float => max(
                Parameters::GATE_SCATTERS * $scatter,
                Parameters::GATE_SHARE * $way->aim[$k],
            ),
        );
        // Short bursts are three frames, then a breath; single frames one at a time.
        $burst = match ($hold->drive) {
            Drive::Long => PHP_INT_MAX,
            Drive::Short => 3,
            Drive::SingleFrame => 1,
        };
        $count = 0;
        $room = max(1, $body->bufferFrames - (int) ceil($effect->spentS * $body->framesPerS));
        for ($t = 0.0; $t < max(1e-6, $rush->path->seconds - 1e-9) && $count < $room; $count++) {
            $this->frames[min($this->steps - 1, $this->lead + (int) round($t / $this->stepS))]++;
            $t +=
                ($count + 1) % $burst === 0 ? max(Parameters::BREATH_S, 1 / $body->framesPerS) : 1 / $body->framesPerS;
        }
        $this->frameCount = $count;
    }

    /**
     * Mean time until finger and eye are with the subject, s; what sits is simply there. Own timings come before the
     * model's.
     */
    private static function readyS(Situation $s, Hold $hold): float
    {
        if ($s->isStill()) {
            return 0.0;
        }
        $person = $s->photographer;
        // Warning is time to look up, to raise the camera and to find the place; a narrow view is searched through for
        // longer.
        $narrow = max(
            Parameters::READY_BY_VIEW[0],
            min(
                Parameters::READY_BY_VIEW[1],
                sqrt((Parameters::READY_VIEW_RAD * $s->kit->focalMm()) / $s->kit->body->sensorWidthMm),
            ),
        );
        // An area beside the middle waits on the side it is to come from. What is erratic comes from the other side as
        // well, up to every second time, and without warning the area is moved while it comes; where it comes again and
        // again it was there before.
        $moveS =
            $s->rush->path->repeats || Setting::AreaAt->isIdleIn($hold)
                ? 0.0
                : Parameters::OTHER_SIDE *
                    $s->rush->subject->erratic *
                    $s->kit->body->moveS($hold->areaAt) *
                    exp(-$s->rush->path->noticeS / Parameters::READY_NOTICE_S);
        $warned =
            Parameters::READY_FORESEEN +
            (1 - Parameters::READY_FORESEEN) * $narrow * exp(-$s->rush->path->noticeS / Parameters::READY_NOTICE_S);
        $byHand = $hold->technique !== Technique::Auto;
        $own = $byHand ? $person->firstSharpByHandS : $person->firstSharpS;
        if ($own !== null) {
            // What the lens and the eye on the ring take is played anyway; the rest was the way to the subject, of
            // which half the trials took less.
            $turning = $byHand ? Parameters::HAND_DELAY_S : $s->kit->lens->sweepS / 4 + 2 / $s->kit->body->focusCycleHz;

            return (max(Parameters::READY_LEAST_S, $own - $turning) / M_LN2) * $warned + $moveS;
        }
        $size =
            (max($s->subject->lengthM, $s->subject->heightM) * 1000 * $s->motions[0]->magnification) /
            $s->kit->body->sensorWidthMm;
        $framesPerS = ($s->kit->focalMm() * $s->middle->angularRadPerS) / $s->kit->body->sensorWidthMm;

        return (Parameters::READY_S[0] + Parameters::READY_S[1] * (1 - $person->panning) ** Parameters::READY_POWER) *
            (1 + $framesPerS / Parameters::READY_AT_FRAMES_PER_S) *
            max(Parameters::READY_BY_SIZE[0], min(Parameters::READY_BY_SIZE[1], Parameters::READY_AT_SIZE / $size)) *
            $warned +
            $moveS;
    }

    /** Steps between the hands being ready and the first frame, in which focus may already be at work. */
    public static function lead(Situation $s, Hold $hold): int
    {
        $once = $hold->mode->locksOnce();
        $ready = max(0.0, $s->rush->path->noticeS - Parameters::FINDING_S);

        return (int) floor(min($ready, $once ? Parameters::PRESS_S : Parameters::LEAD_S) / Passage::stepS($s) + 1e-9);
    }
}
