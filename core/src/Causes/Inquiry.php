<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Focus\Outcome;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Planning\Chooser;
use RushHold\Planning\PartOf;
use RushHold\Planning\Planner;
use RushHold\Record\LoggedBurst;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * Finds out what went wrong in a burst, or in pictures nothing was logged of, what to set against it, and what it is
 * worth.
 */
final readonly class Inquiry
{
    private const RUNS = 200;

    private const SEED = 1;

    /** A fix that brings less, as a share of the frames, is none. */
    private const HELPS = 0.01;

    /**
     * @param  array<string, string>  $given  answers of a person, by question; the others were seen in the burst
     * @param  Hold|null  $used  the burst was shot with, as far as it was logged
     * @param  Hold|null  $planned  what would be set without any history
     */
    private function __construct(
        public LoggedBurst $burst,
        public Diagnosis $diagnosis,
        public array $given,
        private ?Rush $rush,
        public ?Hold $used,
        public ?Hold $planned,
        private ?Outcome $played,
        private Stage $stage,
    ) {
    }

    /**
     * @param  LoggedBurst  $burst  with the answers given so far
     *
     * @throws Refused if an answer is none
     */
    public static function into(LoggedBurst $burst, Stage $stage): self
    {
        $rush = $burst->rush;
        $planned = $rush === null ? null : Planner::standard()->best($rush, self::SEED, new PartOf($stage))->hold;
        $used =
            $rush === null || $planned === null
                ? null
                : self::used($rush, $burst->hold ?? PartialHold::nothing(), $planned);
        $situation = $rush === null ? null : new Situation($rush);
        $played =
            $situation === null || $used === null
                ? null
                : $stage->play([new Play($situation, $used, self::RUNS, self::SEED)])[0];
        $prior = Prior::of($played, $burst->hold, $situation, $burst->losses, $used);
        // What somebody answered to a question of another list tells nothing here.
        $answers = array_intersect_key(
            $burst->answers,
            array_column(array_map(static fn (Question $q): array => [$q->value, true], Question::cases()), 1, 0),
        );
        $seen = array_diff_key(Evidence::in($burst), $answers);
        $asked = count($answers);

        return new self(
            $burst,
            new Diagnosis($prior, [...$seen, ...$answers], $asked),
            $answers,
            $rush,
            $used,
            $planned,
            $played,
            $stage,
        );
    }

    /** What was logged; where nothing was, as it was planned. How sensitive the sensor was follows from the light. */
    private static function used(Rush $rush, PartialHold $logged, Hold $planned): Hold
    {
        $pins = $logged->without(Setting::Iso)->fitting($rush->kit);

        return $pins->settings() === []
            ? $planned
            : Chooser::standard()->over(Chooser::standard()->choose($rush, $pins), $pins, PartialHold::of($planned))
                ->hold;
    }

    /**
     * What to set against a cause, the likeliest unless it is said: of all that speaks against it what keeps most when
     * it is played; of those that keep about the same, what was named first.
     *
     * @return Remedy|null null: the rush is not known, or no setting helps
     */
    public function remedy(?Cause $cause = null): ?Remedy
    {
        if ($this->rush === null || $this->used === null || $this->planned === null || $this->played === null) {
            return null;
        }
        $kit = $this->rush->kit;
        $ways = Fix::against($cause ?? $this->diagnosis->first(), $this->used, $this->planned, $kit);

        // Where nothing helps that the cause speaks for, the whole plan may.
        return $ways === []
            ? null
            : $this->helping($ways) ??
                    $this->helping(
                        array_filter(
                            [Fix::asPlanned($this->used, $this->planned, $kit)],
                            static fn (PartialHold $fix): bool => $fix->settings() !== [],
                        ),
                    );
    }

    /** @param  array<PartialHold>  $ways */
    private function helping(array $ways): ?Remedy
    {
        $best = null;
        foreach ($ways as $fix) {
            $remedy = $this->tried($fix);
            $best = $remedy !== null && $remedy->gain() > ($best?->gain() ?? 0.0) + self::HELPS ? $remedy : $best;
        }

        return $best;
    }

    /** What comes of the rush with a fix. */
    public function tried(PartialHold $fix): ?Remedy
    {
        if ($this->rush === null || $this->used === null || $this->played === null) {
            return null;
        }
        $hold = Chooser::standard()->hold(
            $this->rush,
            PartialHold::of($this->used)->without(Setting::Iso)->and($fix)->fitting($this->rush->kit),
        );

        return new Remedy(
            $fix,
            $this->played,
            $this->stage->play([new Play(new Situation($this->rush), $hold, self::RUNS, self::SEED)])[0],
        );
    }

    /**
     * The settings the burst was shot with that a test sets again: those that were logged, or what the plan would have
     * had.
     */
    public function asItWas(): PartialHold
    {
        $logged = $this->burst->hold ?? PartialHold::nothing();

        return ($logged->settings() === [] && $this->used !== null ? PartialHold::of($this->used) : $logged)->without(
            Setting::Iso,
        );
    }

    /** Share of the frames that the model loses to a cause, for this rush with this hold. */
    public function lostTo(Cause $cause): float
    {
        return $this->played === null ? 0.0 : Prior::share($this->played, $this->burst->hold, $cause);
    }

    /** Frames that the person says were lost that way. */
    public function loggedFor(Cause $cause): int
    {
        return Prior::counted($this->burst->losses, $this->burst->hold, $cause);
    }
}
