<?php

declare(strict_types=1);

namespace RushHold\Planning\Solve;

use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Blur\SlowestShutter;
use RushHold\Blur\Verdict;
use RushHold\Optics\Diffraction;
use RushHold\Situation\Situation;

/** How short the exposure has to be, from the speed of the image on the sensor. */
final readonly class ShutterNeed
{
    /** The answer holds for this share of the rush; its last metres may ask for more. */
    public const SHARE_OF_RUSH = 0.8;

    /** Movement may always smear so much of what counts as sharp: in squares it adds three hundredths. */
    private const LEAST_SHARE = 0.25;

    private function __construct(
        /** Freezes the body to a keeper, s; infinite when nothing moves. */
        public float $bodyS,
        /** Freezes limbs to a keeper, s. */
        public float $limbsS,
        /** What movement may smear, µm. */
        public float $shareUm,
        /** Whether the camera moves more than the subject's image. */
        public bool $mostlyShake,
    ) {
    }

    /**
     * @param  float  $stabiliserStops  stops that the stabiliser takes off the shake
     * @param  float|null  $panningRemoved  share of movement that panning removes; null: as the photographer can
     */
    public static function of(Situation $s, float $fNumber, float $stabiliserStops, ?float $panningRemoved = null): self
    {
        $removed = $panningRemoved ?? $s->panningRemoved();
        $fixed = hypot(
            LensBlur::um($fNumber, $s->kit->widest(), $s->kit->lens->bestStopsDown, $s->kit->extender),
            hypot(Diffraction::widthUm($fNumber), 1000 * $s->kit->body->pitchMm()),
        );
        $limit = Verdict::KEEPER_LIMIT * $s->cocUm;
        // Where lens and diffraction alone blur more than counts as sharp, no shutter makes up for it; freezing finer
        // than they draw is of no use then.
        $share = max(SlowestShutter::movementShareUm($limit, $fixed), self::LEAST_SHARE * $limit);
        $shake = Shake::blurUm($s->shakeRate($stabiliserStops), $s->kit->focalMm(), 1.0);
        $body = $limbs = [];
        foreach ($s->motions as $motion) {
            $subject = $motion->bodyBlurUm(1.0, $removed);
            $body[] = SlowestShutter::forShare($share, $subject, $shake);
            $limbs[] = SlowestShutter::forShare(
                $share,
                $subject,
                $shake,
                $motion->limbBlurUm(1.0, $s->subject->limbSpeedMps),
            );
        }

        return new self(
            self::holdingFor($body),
            self::holdingFor($limbs),
            $share,
            $shake > $s->motions[intdiv(count($s->motions), 2)]->bodyBlurUm(1.0, $removed),
        );
    }

    /** @param  non-empty-list<float>  $times */
    private static function holdingFor(array $times): float
    {
        sort($times);

        // Rounded first: 0.2 × 60 is a hair less than 12.
        return $times[(int) floor(round((1 - self::SHARE_OF_RUSH) * (count($times) - 1), 6))];
    }
}
