<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Focus\LossCause;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;
use RushHold\Kit\Lens;
use RushHold\Quantity;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Said;
use RushHold\Situation\Situation;

/** Which of several lenses suits a rush best: each is tried with its extenders and focal lengths, and played. */
final readonly class LensChoice
{
    /**
     * A picture of a subject smaller than this share of the frame, seen across its longer side, is mostly surroundings.
     */
    private const SMALL = 0.08;

    /** Above this ISO each stop of noise takes so large a share off the worth of a picture. */
    private const QUIET_ISO = 400.0;

    private const NOISE_PER_STOP = 0.05;

    /** Focus cycles that all lenses together may cost: those of some forty usual rushes. */
    private const MOST_STEPS = 40_000_000;

    private function __construct(
        public int $lens,
        public float $focalMm,
        public float $extender,
        public float $widest,
        /** Keeper rate of the best set-up with it, 0 to 1; 0 when it cannot be used. */
        public float $keeperRate,
        public float $standardError,
        /** The subject's larger side as a share of the frame's, halfway. */
        public float $fills,
        /** Pixels on the part that has to be sharp. */
        public float $aimPixels,
        public float $iso,
        /** Stops of light missing at the photographer's limit. */
        public float $evShort,
        public Said $sentence,
    ) {
    }

    /** Worth of a choice: keepers, less for a small subject, for noise, and most for light that is missing. */
    public function score(): float
    {
        $noise = 1 - self::NOISE_PER_STOP * max(0.0, log(max($this->iso, 1.0) / self::QUIET_ISO, 2));

        return $this->keeperRate *
            max(0.1, $noise) *
            min(1.0, sqrt($this->fills / 0.3)) *
            ($this->fills > 1 ? 1 / $this->fills ** 2 : 1) *
            2 ** -$this->evShort;
    }

    /**
     * @param  list<Lens>  $lenses
     * @param  Stage|null  $stage  where they are played; here when left out
     * @return list<self> the best of each lens, best lens first
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public static function among(array $lenses, Rush $rush, Planner $planner, ?Stage $stage = null): array
    {
        $stage ??= new OneProcess();
        $kits = [];
        foreach ($lenses as $i => $lens) {
            foreach ([1.0, ...$lens->extenders] as $extender) {
                foreach ($lens->focalLengths() as $focal) {
                    $kits[] = [$i, $lens->at($focal), $extender];
                }
            }
        }
        /** @var array<int, self> $best */
        $best = [];
        foreach ($kits as $played => [$i, $lens, $extender]) {
            $stage->reached($played / count($kits));
            $choice = self::of(
                $i,
                $lens,
                $extender,
                $rush,
                $planner,
                new PartOf($stage),
                intdiv(self::MOST_STEPS, count($kits)),
            );
            if (! isset($best[$i]) || $choice->score() > $best[$i]->score()) {
                $best[$i] = $choice;
            }
        }
        usort($best, static fn (self $a, self $b): int => [$b->score(), $b->fills] <=> [$a->score(), $a->fills]);

        return $best;
    }

    private static function of(
        int $number,
        Lens $lens,
        float $extender,
        Rush $rush,
        Planner $planner,
        Stage $stage,
        int $mostSteps,
    ): self {
        try {
            $kit = $rush->kit->with(lens: $lens, extender: $extender);
            $rush = $rush->with(kit: $kit);
        } catch (Refused) {
            return new self(
                $number,
                $lens->focalMm,
                $extender,
                $lens->maxAperture * $extender,
                0.0,
                0.0,
                0.0,
                0.0,
                0.0,
                0.0,
                Said::of('lens.begins-near', metres: Quantity::length($lens->nearestM, 3)),
            );
        }
        $situation = new Situation($rush);
        $fills = max($situation->widthInFrame, $situation->heightInFrame);
        $plan = Chooser::standard()->choose($rush);
        $short = $plan->exposure->evShort;
        $best = $planner->best($rush, 1, $stage, $mostSteps);
        $losses = array_keys($best->outcome->losses);
        $sentence = match (true) {
            $fills > 1 => Said::of('lens.too-large', times: Quantity::figure($fills)),
            $short > 0 => Said::of(
                'lens.dark',
                stops: Quantity::count($short),
                f: Quantity::fNumber($best->hold->aperture),
            ),
            $situation->nearestM < $lens->nearestM => Said::of(
                'lens.comes-near',
                metres: Quantity::length($lens->nearestM, 3),
            ),
            $fills < self::SMALL => Said::of(
                'lens.small',
                share: Quantity::share($fills),
                pixels: Quantity::count(round($situation->aimPixels), 6),
            ),
            $best->outcome->keeperRate < 0.9 && $losses !== [] => Said::of(
                'lens.lost',
                cause: LossCause::from($losses[0]),
            ),
            default => Said::of('lens.fills', share: Quantity::share($fills), iso: Quantity::iso($best->hold->iso)),
        };

        return new self(
            $number,
            $lens->focalMm,
            $extender,
            $kit->widest(),
            $best->outcome->keeperRate,
            $best->outcome->standardError,
            $fills,
            $situation->aimPixels,
            $best->hold->iso,
            $short,
            $sentence,
        );
    }
}
