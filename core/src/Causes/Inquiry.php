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
use RushHold\Record\BetaBinomial;
use RushHold\Record\LoggedBurst;
use RushHold\Refused;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/** Finds out what went wrong in a burst, or in pictures nothing was logged of, what to set against it, and what it is worth. */
final readonly class Inquiry
{
    private const RUNS = 200;

    private const SEED = 1;

    /** Settings that follow from the others. */
    private const FOLLOWING = [Setting::Iso, Setting::AreaAt];

    private const Z = 1.645;

    /** A fix that brings less, as a share of the frames, is none. */
    private const HELPS = 0.01;

    /** No test is shorter, and none is asked to be longer, frames of each. */
    private const TEST_FRAMES = [20, 400];

    /**
     * @param  array<string, string>  $given  answers of a person, by question; the others were seen in the burst
     * @param  Hold|null  $used  the burst was shot with, as far as it was logged
     * @param  Hold|null  $planned  what would be set without any history
     */
    private function __construct(public LoggedBurst $burst, public Diagnosis $diagnosis, public array $given, private ?Rush $rush, public ?Hold $used, public ?Hold $planned, private ?Outcome $played, private Stage $stage)
    {
    }

    /**
     * @param  LoggedBurst  $burst  with the answers given so far
     *
     * @throws Refused if an answer is none
     */
    public static function into(LoggedBurst $burst, Stage $stage): self
    {
        $rush = $burst->rush;
        $planned = $rush === null ? null : Chooser::standard()->hold($rush);
        $used = $rush === null || $planned === null ? null : Chooser::standard()->hold($rush, ($burst->hold ?? PartialHold::nothing())->without(...self::FOLLOWING)->fitting($rush->kit));
        $situation = $rush === null ? null : new Situation($rush);
        $played = $situation === null || $used === null ? null : $stage->play([new Play($situation, $used, self::RUNS, self::SEED)])[0];
        $prior = Prior::of($played, $burst->hold, $situation, $burst->losses, $burst->hold?->has(Setting::AreaAt) === true && $used !== null ? $used->with(areaAt: $burst->hold->areaAt() ?? [0.0, 0.0]) : $used);
        // What somebody answered to a question of another list tells nothing here.
        $answers = array_intersect_key($burst->answers, array_column(array_map(static fn (Question $q): array => [$q->value, true], Question::cases()), 1, 0));
        $seen = array_diff_key(Seen::in($burst), $answers);
        $asked = count($answers);

        return new self($burst, new Diagnosis($prior, [...$seen, ...$answers], $asked), $answers, $rush, $used, $planned, $played, $stage);
    }

    /**
     * What to set against a cause: of all that speaks against it, what keeps most when it is played; of those that keep
     * about the same, what was named first.
     *
     * @return PartialHold|null null: the rush is not known, or no setting helps
     */
    public function fix(?Cause $cause = null): ?PartialHold
    {
        if ($this->rush === null || $this->used === null || $this->planned === null || $this->played === null) {
            return null;
        }
        $ways = Fix::against($cause ?? $this->diagnosis->first(), $this->used, $this->planned, $this->rush->kit);
        $best = $this->helping($ways);
        // Where nothing helps that the cause speaks for, the whole plan may.
        $planned = $ways === [] || $best !== null ? null : Fix::asPlanned($this->used, $this->planned, $this->rush->kit);

        return $best ?? ($planned === null || $planned->settings() === [] ? null : $this->helping([$planned]));
    }

    /** @param  list<PartialHold>  $ways */
    private function helping(array $ways): ?PartialHold
    {
        $best = null;
        $most = ($this->played->keeperRate ?? 0.0) + self::HELPS;
        foreach ($ways as $fix) {
            $kept = $this->mended($fix)->keeperRate ?? 0.0;
            [$best, $most] = $kept > $most ? [$fix, $kept + self::HELPS] : [$best, $most];
        }

        return $best;
    }

    /**
     * What a fix is worth, by the model: shares kept with the settings that were used, and with the fix.
     *
     * @return array{before: float, after: float, frames: int}|null
     */
    public function worth(PartialHold $fix): ?array
    {
        $after = $this->mended($fix);
        if ($after === null || $this->played === null) {
            return null;
        }

        return ['before' => $this->played->keeperRate, 'after' => $after->keeperRate, 'frames' => $after->frames];
    }

    /** The settings the burst was shot with that a test sets again: those that were logged, or what the plan would have had. */
    public function asItWas(): PartialHold
    {
        $logged = $this->burst->hold ?? PartialHold::nothing();

        return ($logged->settings() === [] && $this->used !== null ? PartialHold::of($this->used) : $logged)->without(...self::FOLLOWING);
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

    private function mended(PartialHold $fix): ?Outcome
    {
        if ($this->rush === null || $this->used === null) {
            return null;
        }
        $hold = Chooser::standard()->hold($this->rush, PartialHold::of($this->used)->without(...self::FOLLOWING)->and($fix)->fitting($this->rush->kit));

        return $this->stage->play([new Play(new Situation($this->rush), $hold, self::RUNS, self::SEED)])[0];
    }

    /**
     * The test that confirms a fix: the same rush with the settings as they were and with the fix by turns, in as many
     * frames of each as tell the difference that the model expects nine times in ten.
     *
     * @return array{frames: int, bursts: int}|null null: the model expects no difference that a test could tell
     */
    public function test(PartialHold $fix): ?array
    {
        $after = $this->mended($fix);
        if ($after === null || $this->played === null) {
            return null;
        }
        [$p, $q] = [$this->played->keeperRate, $after->keeperRate];
        if ($q - $p < 0.02) {
            return null;
        }
        $alike = BetaBinomial::alike($this->played->rates, $this->played->frames);
        $long = max(1, $this->played->frames);
        $frames = self::Z ** 2 * ($p * (1 - $p) + $q * (1 - $q)) * (1 + ($long - 1) * $alike) / ($q - $p) ** 2;
        $bursts = max(3, (int) ceil(min(self::TEST_FRAMES[1], max(self::TEST_FRAMES[0], $frames)) / $long));

        return ['frames' => $bursts * $long, 'bursts' => $bursts];
    }
}
