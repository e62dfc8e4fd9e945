<?php

declare(strict_types=1);

namespace RushHold\Camera;

use Generator;
use RushHold\Blur\Verdict;
use RushHold\Focus\Exposed;
use RushHold\Focus\LossCause;
use RushHold\Focus\Noise;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Hold\Hold;
use RushHold\Motion\PathPoint;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * Takes the place of a camera: plays the runs that the simulation plays, and says of each frame what is in it and how
 * it is blurred. It draws nothing.
 */
final readonly class StandIn
{
    /** Passes in a row without a frame after which there will be none. */
    private const MOST_IDLE = 200;

    private Situation $situation;

    public function __construct(Rush $rush, private Hold $hold, private Hidden $hidden = new Hidden())
    {
        $this->situation = new Situation($rush->with(photographer: $hidden->person($rush->photographer)));
    }

    /**
     * Pass after pass, until there are enough frames.
     *
     * @param  int  $frames  1 to 100 000
     * @param  int  $seed  any; the same seed gives the same frames
     * @return Generator<int, Shot>
     */
    public function shoot(int $frames, int $seed, int $firstRun = 0): Generator
    {
        $simulator = new Simulator($this->situation);
        // A rush in which nothing is ever taken has none to give.
        for ($run = $firstRun, $taken = $idle = 0; $taken < $frames && $idle < self::MOST_IDLE; $run++) {
            $trace = new Trace();
            $simulator->run($this->hold, 1, $seed, $run, $trace);
            $number = 0;
            $idle = $trace->exposed === [] ? $idle + 1 : 0;
            foreach ($trace->exposed as $exposed) {
                for ($i = 0; $i < $exposed->many && $taken < $frames; $i++, $taken++) {
                    yield $taken => $this->shot($exposed, $seed, $run, $number++);
                }
            }
        }
    }

    private function shot(Exposed $e, int $seed, int $run, int $number): Shot
    {
        $s = $this->situation;
        $hold = $this->hold;
        $point = $s->rush->path->at(max(0.0, $e->t));
        $focusM = max($s->kit->lens->nearestM, $e->focusM + $this->hidden->lensErrorM);
        $defocus = $this->hidden->lensErrorM === 0.0 ? $e->defocusUm : $this->defocusUm($focusM, $e->distanceM);
        $total = sqrt(max(0.0, $e->totalUm ** 2 - $e->defocusUm ** 2) + $defocus ** 2);
        $sharp = $total <= Verdict::KEEPER_LIMIT * $s->cocUm;
        [$cause, $lensOff] = $this->verdict($e, $sharp);

        // The hand shakes any way; along its way the subject runs from the frame it is followed with.
        $turn = M_PI * Noise::even(9)[($seed * 977 + $run * 131 + $number * 7) & Noise::MASK];
        $shake = [[abs($e->shakeUm) * cos($turn), abs($e->shakeUm) * sin($turn)]];
        [$x, $y] = self::way($point);
        $smear = abs($e->subjectUm);
        // What is round in it and not defocus: lens, diffraction, air, and what moves in depth; the pixel comes with
        // the picture.
        $round = sqrt(
            max(
                0.0,
                $e->totalUm ** 2 -
                    $e->defocusUm ** 2 -
                    $e->subjectUm ** 2 -
                    $e->shakeUm ** 2 -
                    (1000 * $s->kit->body->pitchMm()) ** 2,
            ),
        );
        $body = $s->kit->body;
        $pan = 1000 * $s->kit->focalMm() * $point->angularRadPerS * $hold->shutterS * $s->panningRemoved();

        return new Shot(
            $s,
            $hold,
            $run,
            $number,
            $e->t,
            $point,
            $e->distanceM,
            $focusM,
            ($hold->areaAt[0] - $e->missX) * $body->sensorWidthMm,
            ($hold->areaAt[1] - $e->missY) * $body->sensorHeightMm,
            (1000 * $s->lens->magnification(max($focusM, (1.05 * $s->kit->focalMm()) / 1000)) * $focusM) /
                max(0.05, $e->distanceM),
            new PointSpread($defocus, $round, [...$shake, [$smear * $x, $smear * $y]]),
            $round,
            $shake,
            $pan * $x,
            $pan * $y,
            $cause === null && ! $lensOff,
            $cause,
            $lensOff,
        );
    }

    /** Of the one that is most out of focus, µm: the subject, or one of those who have to be sharp with it. */
    private function defocusUm(float $focusM, float $distanceM): float
    {
        $s = $this->situation;
        $disc = $s->lens->defocusUm($this->hold->aperture, $focusM, $distanceM);
        foreach ($s->companionsM() as $metres) {
            $disc = max(
                $disc,
                $s->lens->defocusUm(
                    $this->hold->aperture,
                    $focusM,
                    max((1.05 * $s->kit->focalMm()) / 1000, $distanceM + $metres - $s->middle->distanceM),
                ),
            );
        }

        return $disc;
    }

    /** @return array{LossCause|null, bool} what lost it, and whether that was the lens that focuses beside */
    private function verdict(Exposed $e, bool $sharp): array
    {
        return match (true) {
            $e->cause === LossCause::OutOfFrame || $e->cause === LossCause::Hidden || $this->hidden->lensErrorM === 0.0 => [$e->cause, false],
            $sharp => [null, false],
            default => [$e->cause, $e->cause === null],
        };
    }

    /** @return array{float, float} which way the subject goes in the frame, y down; of length 1, or none */
    private static function way(PathPoint $point): array
    {
        $length = hypot($point->acrossMps, $point->upMps);

        return $length < 1e-6 ? [0.0, 0.0] : [$point->acrossMps / $length, -$point->upMps / $length];
    }
}
