<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Burst;
use App\Models\User;
use App\Practice\Practised;
use Illuminate\Support\Facades\DB;
use RushHold\Document\LearnedDocument;
use RushHold\Document\LearningDocument;
use RushHold\Focus\OneProcess;
use RushHold\Model;
use RushHold\Record\HowRight;
use RushHold\Record\Learned;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\LoggedBurst;
use RushHold\Record\LoggedCases as Cases;
use RushHold\Record\SkillRates;
use RushHold\Refused;
use RushHold\Rush\Photographer;

/** What a person's log has taught, as it is kept with the account, and how right predictions were. */
final class KeptLearning
{
    /** Works it out anew and keeps it. */
    public static function anew(User $person): void
    {
        $season = array_filter(
            LoggedBursts::of($person),
            static fn (array $one): bool => ! $one[0]->doubted &&
                ($person->learns_from === null || $one[0]->shot_at >= $person->learns_from),
        );
        $logged = Cases::of(array_map(static fn (array $one): LoggedBurst => $one[1], $season));
        $rates = SkillRates::played(
            array_map(static fn (Logged $l): array => [$l->rush, $l->hold], $logged),
            new OneProcess(),
        );
        $said = self::said($person);
        $learning = Learning::of($said, $logged, $rates);
        $days = array_map(static fn (array $one): string => $one[0]->shot_at->toDateString(), $season);
        $right = HowRight::of($said, $logged, $rates, $days, $learning->wrong);
        $learned = $learning->learned($logged, $rates);
        $kept = [
            'model' => Model::VERSION,
            'at' => now()->toIso8601ZuluString(),
            'bursts' => array_sum(array_map(static fn (Logged $l): int => count($l->counts), $logged)),
            'said' => ['aim' => $said->aim, 'panning' => $said->panning, 'hand_focus' => $said->handFocus],
            ...array_diff_key(LearningDocument::write($learning), ['prediction' => true]),
            'right' => self::howRight($right, $logged, $season),
            'plans' => LearnedDocument::write($learned),
        ];
        // Nothing else of the account is touched: it may have been changed meanwhile.
        DB::table('users')
            ->where('id', $person->id)
            ->update(['learned' => json_encode($kept, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION)]);
    }

    /** What plans use of it, and of what was practised; null where the person leaves both out, or nothing is known. */
    public static function forPlans(?User $person): ?Learned
    {
        return $person === null ? null : Practised::intoPlans($person, self::fromLog($person));
    }

    /** What plans use of the log alone. */
    private static function fromLog(User $person): ?Learned
    {
        try {
            return $person->uses_learned ? LearnedDocument::read($person->learned, self::said($person)) : null;
        } catch (Refused) {
            // Kept by a version that told it otherwise.
            LearnFromLog::soon($person->id);

            return null;
        }
    }

    private static function said(User $person): Photographer
    {
        return $person->habits()->photographer;
    }

    /**
     * @param  list<Logged>  $logged
     * @param  array<string, array{Burst, LoggedBurst}>  $season
     * @return array<string, mixed>
     */
    private static function howRight(HowRight $right, array $logged, array $season): array
    {
        $names = [];
        foreach ($logged as $l) {
            foreach (array_keys($l->counts) as $burst) {
                $names[$burst] = $l->rush->name;
            }
        }
        $rows = [];
        foreach ($right->bursts as $id => $one) {
            $rows[] = [
                'burst' => (string) $id,
                'rush' => $names[$id] ?? '',
                'rush_id' => $season[$id][0]->rush_id ?? null,
                'at' => $season[$id][0]->shot_at->toIso8601ZuluString(),
                ...$one,
            ];
        }

        return ['bursts' => $rows, 'brier' => $right->brier];
    }
}
