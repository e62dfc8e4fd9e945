<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Blur\Verdict;
use RushHold\Hold\Detection;
use RushHold\Hold\Drive;
use RushHold\Hold\FocusMode;
use RushHold\Hold\Hold;
use RushHold\Kit\AreaShape;
use RushHold\Light\Shimmer;
use RushHold\Motion\ImageMotion;
use RushHold\Optics\Diffraction;
use RushHold\Planning\Situation;

/**
 * Everything about one rush with one hold that does not depend on chance, in flat lists with one entry for each focus
 * cycle. Focus is counted on the sensor side: mm of lens travel beyond infinity, so that defocus is a difference.
 */
final class Course
{
    public readonly int $steps;

    public readonly float $stepS;

    /** @var list<float> focus travel at which the aim part is sharp, mm */
    public array $aim = [];

    /** @var list<float> change of that travel for each metre the subject is farther, mm/m */
    public array $perMetre = [];

    /** @var list<float> travel from the aim part to the part nearest to the camera, mm */
    public array $part = [];

    /** @var list<float> travel at which the background is sharp, mm */
    public array $background = [];

    /** @var list<float> travel at which the clutter in front is sharp, mm */
    public array $clutter = [];

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

    /** @var list<float> half the subject's width, frame widths */
    public array $halfX = [];

    /** @var list<float> half the subject's height, frame heights */
    public array $halfY = [];

    /** @var list<float> share of the subject's depth that falls into the area: all when it covers the subject */
    public array $within = [];

    /** @var list<float> unit noise below this means that a crisp background wins over the subject */
    public array $crisper = [];

    /** @var list<float> travel off by which the subject is still visible, mm */
    public array $visible = [];

    /** @var list<float> unit noise below this means that detection finds the subject */
    public array $detects = [];

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

    /** Travel between the limits of the drive, mm: nearest and farthest. */
    public readonly float $nearTravel;

    public readonly float $farTravel;

    public readonly float $startTravel;

    public readonly float $driveMmPerStep;

    /** Travel off by which a large background or obstacle is still visible, mm. */
    public readonly float $visibleLarge;

    public function __construct(Situation $s, Hold $hold, public readonly AreaShape $shape)
    {
        $rush = $s->rush;
        $body = $s->kit->body;
        $lens = $s->lens;
        $f = $lens->focalMm;
        $this->stepS = 1 / $body->focusCycleHz;
        $once = $hold->mode === FocusMode::Single || $hold->mode === FocusMode::SingleThenRing;
        $ready = max(0.0, $rush->path->noticeS - Parameters::FINDING_S);
        $this->lead = (int) floor(min($ready, $once ? Parameters::PRESS_S : Parameters::LEAD_S) / $this->stepS);
        $this->steps = $this->lead + max(2, (int) ceil($rush->path->seconds / $this->stepS));

        $travel = static fn (float $d): float => $f * $f / (max($d, 1.05 * $f / 1000) * 1000 - $f);
        $limit = $hold->range;
        $this->nearTravel = $travel(max($s->kit->lens->nearestM, $limit->nearM ?? 0.0));
        $this->farTravel = $limit?->farM === null ? 0.0 : $travel($limit->farM);
        $this->startTravel = max($this->farTravel, min($this->nearTravel, $travel($hold->startAtM)));
        $this->driveMmPerStep = $s->kit->driveMmPerS() * $this->stepS;

        $n = $hold->aperture;
        $coc = $s->cocUm;
        $limitUm = Verdict::KEEPER_LIMIT * $coc;
        $person = $s->photographer;
        $stops = $hold->stabiliser->stops($s->kit->lens->stabiliserStops);
        $this->shakeUm = Shake::blurUm(Shake::rateRadPerS($hold->support, $person->aim, $stops), $s->kit->focalMm(), $hold->shutterS);
        $air = Shimmer::of($rush->light->sunHeightDeg(), $rush->light->sky, $rush->scene->surface, $s->middle->distanceM, $rush->scene->lineHeightM, $rush->scene->wind);
        $this->airUm = $air->blurUm($s->kit->focalMm());
        $fixed = LensBlur::um($n, $s->kit->widest(), $s->kit->lens->bestStopsDown, $s->kit->extender) ** 2
            + Diffraction::widthUm($n) ** 2 + (1000 * $body->pitchMm()) ** 2 + $this->airUm ** 2;
        $this->visibleLarge = $n * 0.15 * $body->sensorHeightMm;

        // A steadier support steadies the aim, but a subject that moves still has to be followed.
        $hands = (Parameters::HANDS_BEST_RAD + Parameters::HANDS_UNSKILLED_RAD * (1 - $person->aim)) * sqrt($hold->support->shake());
        // A stabilised finder is easier to hold still.
        $hands *= $stops > 0 ? 0.8 : 1.0;
        $late = Parameters::LATE_BEST_S + Parameters::LATE_UNSKILLED_S * (1 - $person->panning);
        $surprise = Parameters::LATE_FORESEEN + (1 - Parameters::LATE_FORESEEN) * min(1.0, 1.2 * $rush->subject->erratic + $rush->path->hardestChangeMps2() / 20);
        $firstMiss = Parameters::FIRST_MISS * exp(-$rush->path->noticeS / Parameters::FINDING_S) * (1.2 - $person->aim);

        $contrast = max(0.05, $rush->subject->contrast * ($rush->scene->backlit ? 0.8 : 1.0));
        $dark = 1 + Parameters::SCATTER_DARK * 2 ** -max(-1.0, $s->lightMarginStops);
        $scatterUm = Parameters::SCATTER * $coc * $contrast ** -Parameters::SCATTER_CONTRAST * sqrt($dark);
        $scatter = $scatterUm / 1000 * $n;

        $kind = $hold->detect !== Detection::Off && $shape->detects && $body->canDetect($hold->detect) && $hold->detect === $rush->subject->kind ? 1.0 : 0.0;
        $clear = (1 - $rush->scene->frontClutter) ** 1.5;
        $known = $kind * (0.85 + 0.15 * $rush->subject->distinct) * (1 - 0.5 * $rush->scene->backgroundAlike * (1 - $rush->subject->distinct)) * $clear;

        // A block without detection, or looking for the wrong kind, may settle on detail behind the subject.
        $crisp = Parameters::CRISPER_BACKGROUND * $rush->scene->backgroundTexture * (1.3 - $rush->subject->contrast);
        if ($hold->detect !== Detection::Off && $hold->detect !== $rush->subject->kind) {
            $crisp += 0.25 * $rush->scene->backgroundTexture;
        }

        $width = $body->sensorWidthMm;
        $height = $body->sensorHeightMm;
        $removed = $s->panningRemoved();
        for ($k = 0; $k < $this->steps; $k++) {
            $t = ($k - $this->lead) * $this->stepS;
            $point = $rush->path->at($t);
            $d = max($point->distanceM, 1.2 * $f / 1000);
            $motion = ImageMotion::of($point, $lens, $body->pitchMm());
            $m = $motion->magnification;
            $here = $travel($d);
            $this->aim[] = $here;
            $this->perMetre[] = -1000 * $m * $m;
            $this->part[] = $travel(max(0.3, $d - Parameters::PART_OFFSET * $rush->subject->depthM)) - $here;
            $this->background[] = $travel(max($rush->scene->backgroundM, 1.02 * $d));
            $this->clutter[] = $travel($rush->scene->frontRatio * $d);

            $across = $point->transverseMps > 1e-6 ? abs($point->acrossMps) / $point->transverseMps : 0.7;
            $up = $point->transverseMps > 1e-6 ? abs($point->upMps) / $point->transverseMps : 0.7;
            $lag = $late * $surprise * $point->angularRadPerS / (1 + $point->angularRadPerS / Parameters::SWING_RAD_PER_S);
            $this->missX[] = $f * hypot($hands, $lag * $across) / $width;
            $this->missY[] = $f * hypot($hands, $lag * $up) / $height;
            $side = $point->acrossMps < 0 ? 1 : -1;
            $this->trailX[] = 0.4 * $side * $f * $lag * $across / $width;
            $this->trailY[] = 0.4 * ($point->upMps < 0 ? -1 : 1) * $f * $lag * $up / $height;
            $this->first[] = $firstMiss * exp(-max(0.0, $t) / Parameters::FINDING_S);

            $sideways = $point->speedMps > 1e-6 ? abs($point->acrossMps) / $point->speedMps : 1.0;
            $long = $rush->subject->lengthM * (0.6 + 0.4 * $sideways);
            $this->halfX[] = 500 * $long * $m / $width;
            $this->halfY[] = 500 * $rush->subject->heightM * $m / $height;
            $this->visible[] = $n * Parameters::VISIBLE_BLUR * 1000 * min($long, $rush->subject->heightM) * $m;
            // An area inside the subject only sees what lies around the aim point.
            $covers = $shape->width * $shape->height / max(1e-6, 4 * $this->halfX[$k] * $this->halfY[$k]);
            $this->within[] = min(1.0, sqrt($covers));
            $fills = min(1.0, 1 / max(1e-6, $covers));
            $this->crisper[] = Noise::quantile(min(0.95, $crisp * (1 - sqrt($fills))));
            $pixels = min($long, $rush->subject->heightM) * 1000 * $m / $body->pitchMm();
            $this->detects[] = Noise::quantile($known * $pixels ** 3 / ($pixels ** 3 + Parameters::DETECT_HALF_PIXELS ** 3));
            $this->smear[] = $motion->bodyBlurUm($hold->shutterS, $removed);
            $depth = $lens->defocusUm($n, $d, max(0.5 * $d, $d - abs($point->closingMps) * $hold->shutterS / 2));
            $this->room[] = $limitUm ** 2 - $fixed - $depth ** 2;
            $this->scatter[] = $scatter;
            $this->gate[] = max(Parameters::GATE_SCATTERS * $scatter, Parameters::GATE_SHARE * $here);
            $this->frames[] = 0;
        }
        // Short bursts are three frames, then a breath; single frames one at a time.
        $burst = match ($hold->drive) {
            Drive::Long => PHP_INT_MAX,
            Drive::Short => 3,
            Drive::SingleFrame => 1,
        };
        $count = 0;
        for ($t = 0.0; $t < max(1e-6, $rush->path->seconds - 1e-9) && $count < $body->bufferFrames; $count++) {
            $this->frames[min($this->steps - 1, $this->lead + (int) round($t / $this->stepS))]++;
            $t += ($count + 1) % $burst === 0 ? max(Parameters::BREATH_S, 1 / $body->framesPerS) : 1 / $body->framesPerS;
        }
        $this->frameCount = $count;
    }
}
