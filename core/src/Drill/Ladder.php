<?php

declare(strict_types=1);

namespace RushHold\Drill;

/**
 * Where somebody stands on the ladder. A rung is passed by three sessions running on three days that reach its mark on
 * the whole, none of them far below; it is lost again when two refreshers running fall well short. Nobody is held up
 * for ever: after many sessions the next rung opens beside the one that is not passed.
 */
final readonly class Ladder
{
    public const SESSIONS = 3;

    /** A single session of the three may be so far below. */
    private const ONE_BELOW = 0.8;

    /** Refreshers below this of the mark, twice running, and the rung is to be passed again. */
    private const LOST = 0.75;

    /** Sessions of a rung after which the next one opens anyway. */
    public const HELD_UP = 12;

    /** Three sessions running below this of the mark: the rung before needs a refresher first. */
    private const TOO_HARD = 0.45;

    /** Tasks in the field that a rung asks for. */
    public const FIELD_TASKS = 3;

    /**
     * @param  array<string, list<DayOfPractice>>  $sessions  by rung, in order
     * @param  array<string, string>  $passed  by rung: the day
     * @param  array<string, int>  $field  by rung: days of its task in the field
     */
    private function __construct(
        public Rung $rung,
        public array $sessions,
        public array $passed,
        public array $field,
        public bool $heldUp,
        public bool $tooHard,
    ) {
    }

    /**
     * @param  list<DayOfPractice>  $turns  of any exercise, in any order
     * @param  array<string, list<string>>  $field  by rung: days on which its task was done in the field
     */
    public static function of(array $turns, array $field = []): self
    {
        $sessions = array_fill_keys(array_column(Rung::cases(), 'value'), []);
        foreach (DayOfPractice::days($turns) as $session) {
            $rung = Rung::of($session->exercise);
            $rung !== null && ($sessions[$rung->value][] = $session);
        }
        $passed = [];
        foreach (Rung::cases() as $rung) {
            $day = self::passedOn($rung, $sessions[$rung->value]);
            $day !== null && ($passed[$rung->value] = $day);
        }
        $at = Rung::Wild;
        $heldUp = false;
        foreach (Rung::cases() as $rung) {
            if (! isset($passed[$rung->value])) {
                $at = $rung;
                $heldUp = count($sessions[$rung->value]) >= self::HELD_UP;
                break;
            }
        }
        $last = array_slice($sessions[$at->value], -self::SESSIONS);
        $tooHard =
            $at !== Rung::Touch &&
            count($last) === self::SESSIONS &&
            array_filter($last, static fn (DayOfPractice $s): bool => $s->against($at) >= self::TOO_HARD) === [];

        return new self(
            $at,
            $sessions,
            $passed,
            array_map(static fn (array $days): int => count(array_unique($days)), $field),
            $heldUp,
            $tooHard,
        );
    }

    public function isPassed(Rung $rung): bool
    {
        return isset($this->passed[$rung->value]);
    }

    /** Whether all rungs are passed. */
    public function isAtTop(): bool
    {
        return count($this->passed) === count(Rung::cases());
    }

    /** What may be practised as the next thing: the rung where one stands, and the one above where one is held up. */
    public function isOpen(Rung $rung): bool
    {
        return $rung->step() <= $this->rung->step() || ($this->heldUp && $rung === $this->rung->next());
    }

    /** How many of the three sessions in a row are there at the end, 0 to 3. */
    public function inARow(Rung $rung): int
    {
        $count = 0;
        foreach (array_reverse($this->sessions[$rung->value]) as $session) {
            if ($session->against($rung) < self::ONE_BELOW || $count === self::SESSIONS) {
                break;
            }
            $count++;
        }

        return $count;
    }

    /**
     * The day on which a rung was passed, and not lost since.
     *
     * @param  list<DayOfPractice>  $sessions
     */
    private static function passedOn(Rung $rung, array $sessions): ?string
    {
        $passed = null;
        $run = [];
        foreach ($sessions as $session) {
            $run = array_slice([...$run, $session->against($rung)], -self::SESSIONS);
            if (
                $passed === null &&
                count($run) === self::SESSIONS &&
                min($run) >= self::ONE_BELOW &&
                array_sum($run) >= self::SESSIONS
            ) {
                $passed = $session->day;
            } elseif (
                $passed !== null &&
                count(array_filter(array_slice($run, -2), static fn (float $a): bool => $a < self::LOST)) === 2
            ) {
                $passed = null;
                $run = [];
            }
        }

        return $passed;
    }
}
