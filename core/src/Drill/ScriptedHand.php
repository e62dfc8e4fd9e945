<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Focus\Parameters;

/**
 * A hand of known skill that plays a ring course, by what the simulation holds of hands: how late it is, how far off,
 * and how often it turns the wrong way. A practised one is what a turn is measured by.
 */
final readonly class ScriptedHand
{
    /** Skill of the practised hand that scores are held against. */
    public const PRACTISED = 0.8;

    private const STEP_S = 1 / 60;

    /** Time in which the error of a hand changes, s. */
    private const MEMORY_S = 0.35;

    /** A ring is turned through its whole throw in this time at the fastest, s. */
    private const SWEEP_S = 0.5;

    /** @param  float  $skill  0 to 1, as `photographer.hand_focus` */
    public function __construct(private float $skill)
    {
    }

    /**
     * @return list<array{float, float, float}> the trace, as {@see RingTrace} reads it
     */
    public function play(RingCourse $course, int $seed): array
    {
        $draw = new SeededRandom($seed, 2);
        $raw = 1 - $this->skill;
        $error = Parameters::HAND_ERROR[0] + Parameters::HAND_ERROR[1] * $raw ** 2;
        $noise = $draw->normal();
        $keeps = exp(-self::STEP_S / self::MEMORY_S);
        $turn = $course->start;
        $plans = array_map(fn (Stretch $s): array => $this->plan($s, $draw), $course->stretches);
        $samples = [];
        for ($n = 0; ($t = $n * self::STEP_S) <= $course->seconds; $n++) {
            $noise = $keeps * $noise + sqrt(1 - $keeps ** 2) * $draw->normal();
            $fires = false;
            foreach ($course->stretches as $i => $stretch) {
                if ($t >= $stretch->from && $t < $stretch->to) {
                    $turn = $this->turned($course, $stretch, $t, $turn, $plans[$i], $noise * $error);
                    $shoots = $stretch->from + $plans[$i][3];
                    $fires = $stretch->isStill()
                        ? $t >= $shoots && $t < $shoots + 0.2
                        : $t >= $stretch->counts - 0.1 * $this->skill;
                }
            }
            $turn = max(0.0, min(1.0, $turn));
            $samples[] = [round($t, 4), round($turn, 6), $fires ? 1.0 : 0.0];
        }

        return $samples;
    }

    /**
     * @return array{float, float, float, float} s until it turns, s it turns the wrong way, error of what it sets in
     *   times of what goes unseen, s until it presses
     */
    private function plan(Stretch $stretch, SeededRandom $draw): array
    {
        $raw = 1 - $this->skill;
        $after = Parameters::HAND_DELAY_S * (1 + Parameters::PULL_LATE * $raw) * $draw->between(0.7, 1.3);
        $away = $draw->chance(Parameters::WRONG_WAY * $raw) ? Parameters::WRONG_WAY_S * $draw->between(0.6, 1.2) : 0.0;

        return [
            $after,
            $away,
            $draw->normal() * (0.35 + 3.2 * $raw ** 1.5),
            min($stretch->to - $stretch->from - 0.3, $after + $away + 1.0 + 2.2 * $raw),
        ];
    }

    /**
     * Where the ring is a step later.
     *
     * @param  array{float, float, float, float}  $plan
     * @param  float  $off  how far the hand is off while it follows, in times of what goes unseen
     */
    private function turned(RingCourse $course, Stretch $stretch, float $t, float $turn, array $plan, float $off): float
    {
        [$after, $away, $set] = $plan;
        $since = $t - $stretch->from;
        if ($since <= $after) {
            return $turn;
        }
        $by = $this->goal($course, $stretch, $t, $off, $set) - $turn;
        if (! $course->exercise->isFollowed()) {
            // It comes near quickly and settles slowly, the slower the less it has practised.
            $by *= 1 - exp(-self::STEP_S / (0.06 + 0.14 * (1 - $this->skill)));
        }
        $fastest = self::STEP_S / self::SWEEP_S;

        return $turn + max(-$fastest, min($fastest, $since < $after + $away ? -$by : $by));
    }

    private function goal(RingCourse $course, Stretch $stretch, float $t, float $off, float $set): float
    {
        $ring = $course->ring;
        if ($stretch->isStill() || $stretch->markM !== null) {
            $metres = $stretch->markM ?? $stretch->at($t);

            return $ring->turn($metres) + $set * $ring->play($metres);
        }
        $late = $ring->turn($stretch->at($t - Parameters::HAND_DELAY_S));
        $metres = $stretch->at($t);

        return $late + $this->skill * ($ring->turn($metres) - $late) + $off * $ring->play($metres);
    }
}
