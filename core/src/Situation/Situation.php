<?php

declare(strict_types=1);

namespace RushHold\Situation;

use RushHold\Blur\Shake;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Kit\Detection;
use RushHold\Kit\Kit;
use RushHold\Kit\Support;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\Panning;
use RushHold\Motion\PathPoint;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\ThinLens;
use RushHold\Rush\Companion;
use RushHold\Rush\Photographer;
use RushHold\Rush\Rush;
use RushHold\Rush\Scene;
use RushHold\Rush\Subject;

/** The facts of a rush, and of what is already settled of the hold for it, in closed form, worked out once. */
final readonly class Situation
{
    /** How finely the path is looked at. */
    private const SAMPLES = 61;

    public Subject $subject;

    public Scene $scene;

    public Photographer $photographer;

    public Kit $kit;

    public ThinLens $lens;

    public float $cocUm;

    /** @var non-empty-list<PathPoint> */
    public array $points;

    /** @var non-empty-list<ImageMotion> one for each point */
    public array $motions;

    public float $nearestM;

    public float $farthestM;

    /** The moment halfway through the rush. */
    public PathPoint $middle;

    /** Largest closing or leaving speed on the way, m/s. */
    public float $closingMps;

    /** Fastest focus travel that is asked for, mm/s. */
    public float $focusTravelMmPerS;

    /** Width of the subject as a share of the frame's width, halfway. */
    public float $widthInFrame;

    /** Height of the subject as a share of the frame's height, halfway. */
    public float $heightInFrame;

    /** Pixels across the part that has to be sharp, halfway. */
    public float $aimPixels;

    /** Pixels across the whole subject, halfway. */
    public float $subjectPixels;

    /** Typical miss of the aim in frame widths, halfway. */
    public float $pointingError;

    /** The same as a share of the subject's size: below a third it is easy to stay on, above one it is not. */
    public float $aimMiss;

    /** Stops between this light and the last in which the body focuses at this opening. */
    public float $lightMarginStops;

    /** What carries the camera. */
    public Support $support;

    public Aim $aim;

    /** @param  PartialHold|null  $known  what is already settled of the hold: support and stabiliser steady the aim */
    public function __construct(public Rush $rush, ?PartialHold $known = null)
    {
        $support = $known?->get(Setting::Support);
        $this->support = $support instanceof Support ? $support : $rush->photographer->support;
        $stabiliser = $known?->get(Setting::Stabiliser);
        $this->aim = Aim::of(
            $rush,
            $this->support,
            $stabiliser instanceof Stabiliser && $stabiliser->stops($rush->kit->lens->stabiliserStops) > 0,
        );
        $this->subject = $rush->subject;
        $this->scene = $rush->scene;
        $this->photographer = $rush->photographer;
        $this->kit = $rush->kit;
        $this->lens = $rush->kit->thinLens();
        $this->cocUm = $rush->cocUm();
        $pitch = $this->kit->body->pitchMm();
        $this->points = $rush->path->sampled(self::SAMPLES);
        $this->motions = array_map(
            fn (PathPoint $p): ImageMotion => ImageMotion::of($p, $this->lens, $pitch),
            $this->points,
        );
        $distances = array_map(static fn (PathPoint $p): float => $p->distanceM, $this->points);
        $this->nearestM = min($distances);
        $this->farthestM = max($distances);
        $this->middle = $this->points[intdiv(self::SAMPLES, 2)];
        $this->closingMps = max(array_map(static fn (PathPoint $p): float => abs($p->closingMps), $this->points));
        // Nearer than the lens focuses nothing is asked of its motor.
        $within = array_filter(
            $this->motions,
            fn (int $i): bool => $this->points[$i]->distanceM >= $this->kit->lens->nearestM,
            ARRAY_FILTER_USE_KEY,
        );
        $this->focusTravelMmPerS = max(
            0.0,
            ...array_map(static fn (ImageMotion $m): float => abs($m->focusTravelMmPerS), array_values($within)),
        );

        $magnification = $this->motions[intdiv(self::SAMPLES, 2)]->magnification;
        $this->widthInFrame = ($this->subject->lengthM * 1000 * $magnification) / $this->kit->body->sensorWidthMm;
        $this->heightInFrame = ($this->subject->heightM * 1000 * $magnification) / $this->kit->body->sensorHeightMm;
        $this->aimPixels = ($this->subject->aimSizeM * 1000 * $magnification) / $pitch;
        $this->subjectPixels = (min($this->subject->lengthM, $this->subject->heightM) * 1000 * $magnification) / $pitch;

        $error = ($this->kit->focalMm() * $this->aim->missRad($this->middle)) / $this->kit->body->sensorWidthMm;
        $this->pointingError = $error;
        $this->aimMiss =
            $error /
            max(
                1e-6,
                min(
                    $this->widthInFrame,
                    ($this->heightInFrame * $this->kit->body->sensorHeightMm) / $this->kit->body->sensorWidthMm,
                ),
            );
        $this->lightMarginStops =
            $rush->light->ev100 - $this->kit->body->lightLimitEv - 2 * log($this->kit->widest() / 1.2, 2);
    }

    /**
     * Where the others are who must be sharp too, halfway: a rush says where they are at its start, and they go with
     * the subject.
     *
     * @return list<float> distances of their planes, m
     */
    public function companionsM(): array
    {
        $gone = $this->middle->distanceM - $this->points[0]->distanceM;

        return array_map(
            fn (Companion $c): float => max($this->kit->lens->nearestM, $c->planeM + $gone),
            $this->rush->group,
        );
    }

    /** Hardly moves at all. */
    public function isStill(): bool
    {
        return max(array_map(static fn (PathPoint $p): float => $p->speedMps, $this->points)) < 0.3;
    }

    /** Moves across rather than towards, and level. */
    public function isAcross(): bool
    {
        return $this->middle->transverseMps > 2 * abs($this->middle->closingMps) &&
            abs($this->middle->acrossMps) > 3 * abs($this->middle->upMps) &&
            ! $this->isStill();
    }

    /** Mostly rises or drops. */
    public function isVertical(): bool
    {
        return abs($this->middle->upMps) > 1.5 * abs($this->middle->acrossMps) &&
            abs($this->middle->upMps) > abs($this->middle->closingMps);
    }

    /** Nothing nearer or crisper to fall for. */
    public function isOpen(): bool
    {
        return $this->scene->frontClutter < 0.1 && $this->scene->obstaclesPerS < 0.2 && ! $this->backgroundPulls();
    }

    /** A detailed background, not far behind. */
    public function backgroundPulls(): bool
    {
        return $this->scene->backgroundTexture >= 0.45;
    }

    /** Whether the body can look for this kind of subject at all, and has pixels enough to find it. */
    public function canDetect(): bool
    {
        return $this->subject->kind !== Detection::Off &&
            $this->kit->body->canDetect($this->subject->kind) &&
            $this->subjectPixels >= Thresholds::DETECTION_PIXELS &&
            $this->scene->frontClutter < Thresholds::DETECTION_CLUTTER;
    }

    public function depthAt(float $distanceM, float $fNumber, float $circles = 1.0): DepthOfField
    {
        return DepthOfField::at(
            $this->lens,
            $fNumber,
            ($circles * $this->cocUm) / 1000,
            max($distanceM, $this->kit->lens->nearestM),
        );
    }

    public function panningRemoved(): float
    {
        return $this->isStill() ? 0.0 : Panning::removed($this->photographer->panning);
    }

    /** Rate of camera shake with a stabiliser that takes off so many stops, rad/s. */
    public function shakeRate(float $stabiliserStops): float
    {
        return Shake::rateRadPerS($this->support->shake(), $this->photographer->aim, $stabiliserStops);
    }
}
