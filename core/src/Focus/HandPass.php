<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Situation\Situation;

/** Plays runs with focus by hand: the body sees nothing, a hand parks, pulls or follows. */
final readonly class HandPass
{
    /** A pull starts a little beyond the subject, as a share of the travel. */
    private const FROM = 0.96;

    /**
     * …and ends a little short of it: the hand turns evenly, while the travel that is needed grows the faster the
     * nearer it comes.
     */
    private const TO = 0.93;

    /** A pull takes at least so long, s. */
    private const SHORTEST_PULL_S = 0.3;

    private Judging $judging;

    private Tracking $tracking;

    private HandChances $chances;

    private float $crossingS;

    /** Lens travel at the nearest point of the way, mm. */
    private float $nearestTravel;

    /** Scatter of the hand on the ring, mm of lens travel. */
    private float $scatter;

    /** Cycles by which a hand that follows is late. */
    private int $delay;

    public function __construct(private Situation $s, private Hold $hold, private FocusCycles $course)
    {
        $this->judging = new Judging($s, $hold, $course);
        $this->tracking = new Tracking($s, $hold, $course);
        $this->chances = new HandChances($course->stepS);
        $this->nearestTravel = max(0.0, ...$course->way->aim);
        $this->crossingS = (new Seeing($s, $hold, $course))->crossingS;
        $unpractised = 1 - $s->photographer->handFocus;
        $this->scatter =
            ($s->cocUm / $this->judging->perMm) *
            (Parameters::HAND_ERROR[0] + Parameters::HAND_ERROR[1] * $unpractised ** 2);
        $this->delay = (int) round(Parameters::HAND_DELAY_S / $course->stepS);
    }

    public function play(int $firstRun, int $runs, int $seed, Tally $tally, ?Trace $trace): void
    {
        for ($r = $firstRun; $r < $firstRun + $runs; $r++) {
            $this->run(
                new HandRun(
                    $this->s,
                    $this->hold,
                    $this->course,
                    $this->chances,
                    Chances::places($seed, $r),
                    $this->crossingS,
                ),
                $tally,
                $trace,
            );
        }
    }

    private function run(HandRun $run, Tally $tally, ?Trace $trace): void
    {
        $course = $this->course;
        $lens = max($course->farTravel, min($course->nearTravel, $course->startTravel * $run->set));
        $kept = $taken = 0;
        $firstAt = -1.0;
        for ($k = 0; $k < $course->steps; $k++) {
            $run->step($k);
            $many = $course->frames[$k];
            if ($many > 0) {
                $taken += $many;
                $cause = $this->judged($run, $k, $lens, $trace);
                if ($cause === null) {
                    $kept += $many;
                    $firstAt = $firstAt < 0 ? $run->t : $firstAt;
                } else {
                    $tally->lost($cause, $many);
                }
            }
            $lens = $this->turned($run, $k, $lens);
            if ($trace !== null && $run->t >= 0) {
                $trace->step(
                    $run->t,
                    $this->metres($run->on),
                    $this->metres($lens),
                    $run->missX,
                    $run->missY,
                    AreaView::NOTHING,
                    $run->blocked,
                );
            }
        }
        $tally->ran($kept, $taken, $firstAt);
    }

    private function judged(HandRun $run, int $k, float $lens, ?Trace $trace): ?LossCause
    {
        $defocus = $this->course->way->worst($k, $lens - $run->on) * $this->judging->perMm;
        [$body, $hand] = $run->smear($k);
        $room = $this->course->room[$k] - $this->judging->airSquare * $run->air($k);
        $cause = match (true) {
            ! $run->inFrame() => LossCause::OutOfFrame,
            $run->blocked || ($this->judging->cluttered && $run->cover($k) < $this->judging->zHidden) => LossCause::Hidden,
            $run->turnedAway($k) => LossCause::TurnedAway,
            $defocus * $defocus + $body * $body + $hand * $hand <= $room => $run->bent($k) ? LossCause::Bent : null,
            default => $this->judging->blurred($k, $run->on, $lens, $lens, $body, $hand, $room) ??
                LossCause::TooLittleDepth,
        };
        $trace?->frame(
            new Exposed(
                $run->t,
                $this->metres($run->on),
                $this->metres($lens),
                $defocus,
                $body,
                $hand,
                sqrt($this->judging->airSquare * $run->air($k)),
                sqrt($defocus * $defocus + $body * $body + $hand * $hand + $this->judging->limitSquare - $room),
                $run->missX,
                $run->missY,
                $cause,
                $this->course->frames[$k],
            ),
        );

        return $cause;
    }

    /** Where the hand has turned the ring to, as lens travel in mm. */
    private function turned(HandRun $run, int $k, float $lens): float
    {
        return match ($this->hold->technique) {
            Technique::Follow => $run->t < $run->ready ? $lens : $this->followed($run, $k),
            Technique::Pull => $this->pulled($run, $k),
            default => $lens,
        };
    }

    private function followed(HandRun $run, int $k): float
    {
        $aim = $this->course->way->aim;
        $late = $aim[$k > $this->delay ? $k - $this->delay : 0];
        $to = $late + $this->scatter * $run->unsteadiness($k);

        // Practice foresees the way, so that part of the delay is made up for.
        return $to + $this->s->photographer->handFocus * ($aim[$k] - $late);
    }

    private function pulled(HandRun $run, int $k): float
    {
        $aim = $this->course->way->aim;
        $unpractised = 1 - $this->s->photographer->handFocus;
        // The hand turns about as fast as the subject comes, the better the more it has practised.
        $from = $aim[$this->course->lead] * self::FROM;
        $to =
            $this->nearestTravel *
            self::TO *
            (1 + Parameters::PULL_ERROR * (0.2 + $unpractised) * $run->unsteadiness(0));
        $after = Parameters::HAND_DELAY_S * (1 + Parameters::PULL_LATE * $unpractised);
        $lasts = max(self::SHORTEST_PULL_S, $this->s->rush->path->seconds - $after);
        $turned = max(0.0, $run->t - $after * (0.5 + $run->luck()[0]));
        if ($run->luck()[1] < Parameters::WRONG_WAY * $unpractised) {
            // Away from the subject first, then back.
            $turned = abs($turned - Parameters::WRONG_WAY_S) - Parameters::WRONG_WAY_S;
        }

        // A practised hand feels how fast it comes, and turns with it.
        $felt = $turned > 0 ? Parameters::PULL_FELT * $this->s->photographer->handFocus : 0.0;

        return max(0.0, (1 - $felt) * ($from + ($to - $from) * min(1.0, $turned / $lasts)) + $felt * $aim[$k]);
    }

    private function metres(float $travel): float
    {
        return $this->tracking->square / max($travel, $this->tracking->least) + $this->tracking->lengthM;
    }
}
