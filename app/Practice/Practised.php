<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\Burst;
use App\Models\KeptDrill;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use RushHold\Controls\Times;
use RushHold\Document\DrillDocument;
use RushHold\Document\LearnedDocument;
use RushHold\Drill\ButtonScore;
use RushHold\Drill\ControlTimes;
use RushHold\Drill\DayOfPractice;
use RushHold\Drill\Exercise;
use RushHold\Drill\Familiar;
use RushHold\Drill\FirstTimes;
use RushHold\Drill\HandSkill;
use RushHold\Drill\Key;
use RushHold\Drill\Ladder;
use RushHold\Drill\Median;
use RushHold\Drill\MoveTimes;
use RushHold\Drill\Rung;
use RushHold\Hold\Technique;
use RushHold\Record\Learned;
use RushHold\Record\Skill;

/** What a person has practised, as the core reads it, and what plans may use of it. */
final class Practised
{
    /** Turns of buttons that are looked at: what one did long ago says little. */
    private const BUTTON_TURNS = 12;

    private const AREA_TURNS = 15;

    /** A burst in the field needs so many frames to count as a task done. */
    private const FIELD_FRAMES = 8;

    /** What moves no faster than this sits, or swims, m/s. */
    private const SITS_MPS = 0.3;

    private const SWIMS_MPS = 2.5;

    /** @var list<ButtonScore>|null */
    private ?array $buttons = null;

    public function __construct(private readonly User $person)
    {
    }

    public function ladder(): Ladder
    {
        $turns = [];
        foreach (
            $this->some([
                Exercise::Rehearsal,
                ...array_map(static fn (Rung $r): Exercise => $r->exercise(), Rung::cases()),
            ])->get(KeptDrill::LISTED) as $drill
        ) {
            $session = self::session($drill);
            $session !== null && ($turns[] = $session);
        }

        return Ladder::of($turns, $this->field());
    }

    /** How a kept turn counts on the ladder. */
    public static function session(KeptDrill $drill): ?DayOfPractice
    {
        $score = $drill->score;
        $number = static fn (string $name): ?float => is_numeric($score[$name] ?? null) ? (float) $score[$name] : null;
        $byTouch = $drill->exercise->isByTouch();
        $reached = $number($byTouch ? 'right' : 'against');

        return $reached === null
            ? null
            : new DayOfPractice(
                $byTouch ? Exercise::Buttons : $drill->exercise,
                substr($drill->day, 0, 10),
                $reached,
                $drill->exercise === Exercise::Buttons ? $number('median_s') : null,
            );
    }

    /** @return list<ButtonScore> the latest turns of buttons, the latest last */
    public function buttons(): array
    {
        if ($this->buttons === null) {
            $this->buttons = [];
            foreach (
                $this->some([Exercise::Buttons])
                    ->limit(self::BUTTON_TURNS)
                    ->get()
                    ->reverse() as $drill
            ) {
                $score = DrillDocument::read($drill->document)->buttons();
                $score !== null && ($this->buttons[] = $score);
            }
        }

        return $this->buttons;
    }

    public function controls(): ControlTimes
    {
        return ControlTimes::of($this->buttons());
    }

    /** How long moving the area takes. */
    public function moves(): MoveTimes
    {
        $scores = [];
        foreach (
            $this->some([Exercise::Area])
                ->limit(self::AREA_TURNS)
                ->get()
                ->reverse() as $drill
        ) {
            $score = DrillDocument::read($drill->document)->area();
            $score !== null && $drill->document['trace'] !== [] && ($scores[] = $score);
        }

        return MoveTimes::of($scores);
    }

    /**
     * How well each control of a layout is known.
     *
     * @param  list<Key>  $keys
     * @return array<int, Familiar>
     */
    public function known(array $keys): array
    {
        $last = $this->some([Exercise::Buttons])->first(KeptDrill::LISTED)?->done_at;
        $days = $last === null ? 0.0 : max(0.0, $last->diffInDays(now()));
        $known = [];
        foreach ($keys as $i => $key) {
            $asked = $right = 0;
            $times = [];
            foreach ($this->buttons() as $score) {
                foreach ($score->byKey() as $k => $found) {
                    $was = $score->course->keys[$k];
                    if ($was->place === $key->place && $was->duty === $key->duty) {
                        $asked += $found['asked'];
                        $right += $found['right'];
                        array_push($times, ...$found['times']);
                    }
                }
            }
            if ($asked > 0) {
                $known[$i] = new Familiar($asked, 1 - $right / $asked, Median::of($times), $days);
            }
        }

        return $known;
    }

    /** @return array<string, float> the skill with the ring by day, as practice moves it */
    public function hand(): array
    {
        $days = [];
        foreach (
            $this->some([Exercise::Swimmer, Exercise::Wild])
                ->get(KeptDrill::LISTED)
                ->reverse() as $drill
        ) {
            if (is_numeric($drill->score['hand'] ?? null)) {
                $days[substr($drill->day, 0, 10)][] = (float) $drill->score['hand'];
            }
        }

        return HandSkill::moved($this->person->habits()->photographer->handFocus, $days);
    }

    public function firstTimes(): FirstTimes
    {
        $sessions = [];
        foreach (
            $this->some([Exercise::FirstSharp])
                ->limit(20)
                ->get()
                ->reverse() as $drill
        ) {
            $first = DrillDocument::read($drill->document)->first();
            $first !== null && ($sessions[] = $first);
        }

        return FirstTimes::together($sessions);
    }

    /** How long controls take this person, for layouts. */
    public static function times(User $person): Times
    {
        return Settings::of($person)->feeds['controls']
            ? (new self($person))->moves()->in((new self($person))->controls()->times())
            : new Times();
    }

    /**
     * What plans use of practice, beside what the log has taught. The more the log knows of the hand, the less practice
     * moves it.
     */
    public static function intoPlans(User $person, ?Learned $learned): ?Learned
    {
        $feeds = Settings::of($person)->feeds;
        if (! $feeds['hand'] && ! $feeds['first_sharp']) {
            return $learned;
        }
        $practised = new self($person);
        $said = $person->habits()->photographer;
        $learned ??= new Learned($said->aim, $said->panning, $said->handFocus, [], 0.0, $said);
        $hand = $learned->handFocus;
        $moved = $feeds['hand'] ? $practised->hand() : [];
        if ($moved !== []) {
            $hand = max(0.0, min(1.0, $hand + (end($moved) - $said->handFocus) * (1 - self::knownByLog($person))));
        }
        $first = $feeds['first_sharp'] ? $practised->firstTimes() : null;

        return new Learned(
            $learned->aim,
            $learned->panning,
            $hand,
            $learned->shifts,
            $learned->logShare,
            $learned->said,
            $learned->owns,
            $first?->medianS(false),
            $first?->medianS(true),
            $moved !== [] || $first !== null,
        );
    }

    /** How much the log has narrowed what is believed of the hand, 0 to 1. */
    private static function knownByLog(User $person): float
    {
        $hand = $person->uses_learned ? LearnedDocument::skill($person->learned, Skill::HandFocus) : null;

        // Without any bursts by hand it is as wide as this.
        return $hand === null ? 0.0 : max(0.0, min(1.0, 1 - ($hand->high - $hand->low) / 0.6));
    }

    /** @return array<string, list<string>> by rung: days on which its task was done in the field, from the log */
    private function field(): array
    {
        $speeds = [];
        $mine = SavedRush::query();
        foreach ($mine->where('user_id', $this->person->id)->get(['id', 'speed_mps']) as $rush) {
            $speeds[$rush->id] = $rush->speed_mps;
        }
        $byHand = Burst::query();
        $byHand
            ->where('user_id', $this->person->id)
            ->where('doubted', false)
            ->whereIn(
                'hold->focus->technique',
                array_map(static fn (Technique $t): string => $t->value, [
                    Technique::Park,
                    Technique::Pull,
                    Technique::Follow,
                ]),
            );
        $field = [];
        foreach ($byHand->get(['rush_id', 'shot_at', 'frames', 'hold']) as $burst) {
            $speed = $speeds[$burst->rush_id ?? ''] ?? null;
            if ($speed === null || ($burst->frames ?? self::FIELD_FRAMES) < self::FIELD_FRAMES) {
                continue;
            }
            $rung = match (true) {
                data_get($burst->hold, 'focus.technique') === Technique::Park->value => Rung::Perch,
                $speed <= self::SITS_MPS => Rung::Still,
                $speed <= self::SWIMS_MPS => Rung::Swimmer,
                default => Rung::Wild,
            };
            $field[$rung->value][] = $burst->shot_at->toDateString();
        }

        return $field;
    }

    /**
     * @param  list<Exercise>  $exercises
     * @return Builder<KeptDrill> the latest first
     */
    private function some(array $exercises): Builder
    {
        $drills = KeptDrill::query();
        $drills
            ->where('user_id', $this->person->id)
            ->whereIn('exercise', array_map(static fn (Exercise $e): string => $e->value, $exercises))
            ->orderByDesc('done_at')
            ->orderByDesc('id');

        return $drills;
    }
}
