<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Refused;

/** One turn of a drill: what came, and what was done. The same course and trace score the same, whenever. */
final readonly class Turn
{
    /** So many practised hands are asked what a course can be worth. */
    private const HANDS = 4;

    /**
     * What a practised hand keeps is taken for this at least, so that a hopeless course is not worth more than others.
     */
    private const LEAST_PAR = 0.1;

    private const MOST_AGAINST = 1.5;

    /** @param  list<list<float>>  $trace  empty: not played yet */
    public function __construct(
        public Exercise $exercise,
        public int $seed,
        public ?Course $course,
        public array $trace = [],
    ) {
    }

    /**
     * The turn, if somebody did something in it: where nothing was pressed it says nothing of a hand.
     *
     * @throws Refused if no control was pressed, or the shutter never held
     */
    public function played(): self
    {
        $pressed = array_filter($this->trace, fn (array $sample): bool => ! $this->exercise->isRing() || $sample[2] > 0);

        return $pressed === [] ? throw Refused::because('trace', 'drill-idle') : $this;
    }

    public function buttons(): ?ButtonScore
    {
        /** @var list<array{float, float, float}> $trace */
        $trace = $this->trace;

        return $this->course instanceof ButtonCourse ? ButtonScore::of($this->course, $trace) : null;
    }

    public function rehearsal(): ?RehearsalScore
    {
        /** @var list<array{float, float, float}> $trace */
        $trace = $this->trace;

        return $this->course instanceof RehearsalCourse ? RehearsalScore::of($this->course, $trace) : null;
    }

    public function area(): ?AreaScore
    {
        /** @var list<array{float, float, float}> $trace */
        $trace = $this->trace;

        return $this->course instanceof AreaCourse ? AreaScore::of($this->course, $trace) : null;
    }

    public function ring(): ?RingScore
    {
        /** @var list<array{float, float, float}> $trace */
        $trace = $this->trace;

        return $this->course instanceof RingCourse
            ? RingScore::of($this->course, new RingTrace($trace, $this->course->seconds))
            : null;
    }

    public function moment(): ?MomentScore
    {
        /** @var list<array{float}> $trace */
        $trace = $this->trace;

        return $this->course instanceof MomentCourse ? MomentScore::of($this->course, $trace) : null;
    }

    public function first(): ?FirstTimes
    {
        /** @var list<array{float, float, float}> $trace */
        $trace = $this->trace;

        return $this->exercise === Exercise::FirstSharp ? FirstTimes::of($trace) : null;
    }

    /** What a practised hand keeps of this course, 0.1 to 1; null where no ring is turned. */
    public function par(): ?float
    {
        if (! ($this->course instanceof RingCourse)) {
            return null;
        }
        $hand = new ScriptedHand(ScriptedHand::PRACTISED);
        $sum = 0.0;
        for ($i = 0; $i < self::HANDS; $i++) {
            $sum += RingScore::of(
                $this->course,
                new RingTrace($hand->play($this->course, $i), $this->course->seconds),
            )->share();
        }

        return max(self::LEAST_PAR, $sum / self::HANDS);
    }

    /** How a session with it counts on the ladder; null for what the ladder does not ask. */
    public function session(string $day): ?DayOfPractice
    {
        $buttons = $this->buttons();
        if ($buttons !== null) {
            return new DayOfPractice($this->exercise, $day, $buttons->right(), $buttons->medianS());
        }
        $rehearsal = $this->rehearsal();
        if ($rehearsal !== null) {
            // It is buttons by touch; nobody hurries where the warning is long, so how fast does not count.
            return new DayOfPractice(Exercise::Buttons, $day, $rehearsal->right());
        }
        $ring = $this->ring();

        return $ring === null
            ? null
            : new DayOfPractice($this->exercise, $day, self::against($ring->share(), (float) $this->par()));
    }

    /** A share against what a practised hand keeps, 0 to 1.5. */
    public static function against(float $share, float $par): float
    {
        return round(min(self::MOST_AGAINST, $share / $par), 4);
    }
}
