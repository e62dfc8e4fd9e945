<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Blur\Verdict;
use RushHold\Focus\Parameters;
use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Light\Shimmer;
use RushHold\Situation\Situation;

/**
 * The rush in time and depth, in closed form: focus does what the technique means it to do, as fast as the lens
 * can drive, and the aim is true. What a real body and hand make of it is another question.
 */
final readonly class Lane
{
    private const MOST_FRAMES = 150;

    /**
     * @param  list<LaneSample>  $samples
     * @param  list<LaneFrame>  $frames
     */
    private function __construct(
        public array $samples,
        public array $frames,
        /** Seconds during which the lens cannot keep up. */
        public float $lagS,
    ) {
    }

    public static function of(Situation $s, Hold $hold, Shimmer $air): self
    {
        $samples = [];
        $focuses = self::focusLine($s, $hold);
        foreach ($s->points as $i => $point) {
            $depth = $s->depthAt($focuses[$i], $hold->aperture, Verdict::KEEPER_LIMIT);
            $samples[] = new LaneSample(
                $point,
                $focuses[$i],
                $depth->nearM,
                $depth->farM,
                1000 * $s->motions[$i]->magnification,
            );
        }

        $rate = $s->kit->body->framesPerS;
        $shot = (int) min(self::MOST_FRAMES, $s->kit->body->bufferFrames, floor($s->rush->path->seconds * $rate) + 1);
        $frames = [];
        $blurs = new FrameBlur($s, $hold, $air);
        for ($i = 0; $i < $shot; $i++) {
            $t = $i / $rate;
            $frames[] = self::frame($s, $blurs, $t, self::between($focuses, $t / $s->rush->path->seconds));
        }
        $lag = 0;
        if ($hold->technique === Technique::Auto && ! $hold->mode->locksOnce()) {
            foreach ($samples as $sample) {
                $lag += $sample->point->distanceM < $sample->nearM || $sample->point->distanceM > $sample->farM ? 1 : 0;
            }
        }

        return new self($samples, $frames, ($s->rush->path->seconds * $lag) / count($samples));
    }

    private static function frame(Situation $s, FrameBlur $blurs, float $t, float $focusM): LaneFrame
    {
        $point = $s->rush->path->at($t);
        $blur = $blurs->at($point, $focusM);
        $verdict = Verdict::of($blur->totalUm(), $s->cocUm);
        $parts = [
            'focus elsewhere' => $blur->defocusUm,
            'subject smear' => $blur->subjectUm,
            'shake' => $blur->shakeUm,
            'moved in depth' => $blur->depthChangeUm,
            'lens' => $blur->lensUm,
            'air' => $blur->airUm,
            'diffraction' => $blur->diffractionUm,
        ];
        arsort($parts);

        return new LaneFrame(
            $t,
            $point->distanceM,
            $blur,
            $verdict,
            $verdict === Verdict::Crisp ? '' : (string) array_key_first($parts),
        );
    }

    /** @return non-empty-list<float> focus distance at each point of the situation */
    private static function focusLine(Situation $s, Hold $hold): array
    {
        $count = count($s->points);
        $step = $s->rush->path->seconds / ($count - 1);
        $parked = array_fill(0, $count, $hold->startAtM);
        $clamp = static fn (float $d): float => max(
            $s->kit->lens->nearestM,
            min($hold->range->farM ?? INF, max($hold->range->nearM ?? 0.0, $d)),
        );
        if ($hold->technique === Technique::Park) {
            return $parked;
        }
        if ($hold->technique === Technique::Pull) {
            $from = $s->lens->imageDistanceMm($s->farthestM);
            $to = $s->lens->imageDistanceMm($clamp($s->nearestM));

            return array_map(
                fn (int $i): float => self::distanceFor($s, $from + (($to - $from) * $i) / ($count - 1)),
                range(0, $count - 1),
            );
        }
        // The lens can only move so fast; on the sensor side its speed is even.
        $most = $s->kit->driveMmPerS() * $step;
        $image = $s->lens->imageDistanceMm($hold->startAtM);
        $once = $hold->mode->locksOnce();
        $line = [];
        foreach ($s->points as $i => $point) {
            $seen = match (true) {
                $once => $s->points[0],
                $hold->technique === Technique::Follow => $s->rush->path->at(
                    max(0.0, $point->t - Parameters::HAND_DELAY_S),
                ),
                default => $point,
            };
            $target = $s->lens->imageDistanceMm($clamp($seen->distanceM));
            if ($i > 0 || $hold->technique === Technique::Follow) {
                $image += max(-$most, min($most, $target - $image));
            }
            $line[] = self::distanceFor($s, $image);
        }

        return $line;
    }

    private static function distanceFor(Situation $s, float $imageMm): float
    {
        $f = $s->lens->focalMm;

        return min(10000.0, ($f * $imageMm) / max(1e-9, $imageMm - $f) / 1000);
    }

    /** @param  non-empty-list<float>  $values */
    private static function between(array $values, float $share): float
    {
        $at = max(0.0, min(1.0, $share)) * (count($values) - 1);
        $i = (int) floor($at);
        $next = $values[min($i + 1, count($values) - 1)];

        return $values[$i] + ($next - $values[$i]) * ($at - $i);
    }
}
