<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Documents\DocumentGate;
use App\Models\SavedOuting;
use App\Models\User;
use App\Outings\Rushes;
use Illuminate\Support\Carbon;
use Illuminate\Validation\ValidationException;
use RushHold\Outing\Outing;
use RushHold\Refused;

/** A person's outings about some moment, with their rushes inside; what cannot be read any more is left out. */
final readonly class DayOutings
{
    /** Clocks may be wrong, and zones differ: so long before and after. */
    private const AROUND_H = 16;

    private const MOST = 5;

    /**
     * @param  list<Outing>  $outings
     * @param  list<string>  $ids  of each
     * @param  list<list<string|null>>  $rushes  ids of the rushes of each
     */
    private function __construct(public array $outings, public array $ids, public array $rushes)
    {
    }

    public static function about(User $person, Carbon $at): self
    {
        $rushes = new Rushes($person, ($gate = new DocumentGate()));
        $near = SavedOuting::query();
        $near
            ->where('user_id', $person->id)
            ->where('starts_at', '<=', $at->copy()->addHours(self::AROUND_H))
            ->where('ends_at', '>=', $at->copy()->subHours(self::AROUND_H))
            ->orderBy('starts_at')
            ->limit(self::MOST);
        $found = [[], [], []];
        foreach ($near->get() as $saved) {
            [$there] = $rushes->present($saved->document);
            try {
                $found[0][] = $gate->outing($rushes->inside($there))->outing;
            } catch (Refused|ValidationException) {
                continue;
            }
            $found[1][] = $saved->id;
            $entries = is_array($there['rushes'] ?? null) ? array_values($there['rushes']) : [];
            $found[2][] = array_map(
                static fn (mixed $entry): ?string => is_array($entry) && is_string($entry['rush'] ?? null)
                    ? $entry['rush']
                    : null,
                $entries,
            );
        }

        return new self(...$found);
    }
}
