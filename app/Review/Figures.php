<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\Burst;
use App\Models\User;
use RushHold\Focus\LossCause;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Record\HowMany;
use RushHold\Record\KeptShare;
use RushHold\Words\Words;

/** What a person's log says: the share kept by rush and by month, with how sure that is, and what loses the rest. */
final class Figures
{
    /**
     * @return array{bursts: int, all: array<string, mixed>, rushes: list<array<string, mixed>>,
     *   months: list<array<string, mixed>>, kits: list<array<string, mixed>>, holds: list<array<string, mixed>>}
     */
    public static function of(User $person): array
    {
        $bursts = Burst::query();
        $bursts->where('user_id', $person->id)->orderBy('shot_at')->orderBy('id');
        $rushes = $months = $kits = $holds = [];
        $lenses = self::lenses($person);
        $all = self::none(Words::text('review.figures.all'));
        foreach ($bursts->lazy(500) as $burst) {
            $rushes[$burst->rush_id ?? $burst->rush] ??= self::none($burst->rush) + ['rush_id' => $burst->rush_id];
            $months[$burst->shot_at->format('Y-m')] ??= self::none($burst->shot_at->format('Y-m'));
            $all = self::with($all, $burst);
            $lens = $burst->rush_id === null ? null : $lenses[$burst->rush_id] ?? null;
            $lens === null || ($kits[$lens] = self::with($kits[$lens] ?? self::none($lens), $burst));
            $hold = self::holdOf($burst);
            $hold === null || ($holds[$hold] = self::with($holds[$hold] ?? self::none($hold), $burst));
            $rushes[$burst->rush_id ?? $burst->rush] = self::with($rushes[$burst->rush_id ?? $burst->rush], $burst);
            $months[$burst->shot_at->format('Y-m')] = self::with($months[$burst->shot_at->format('Y-m')], $burst);
        }
        uasort($rushes, static fn (array $a, array $b): int => $b['bursts'] <=> $a['bursts']);

        return [
            'bursts' => $all['bursts'],
            'all' => self::toArray($all),
            'rushes' => array_map(self::toArray(...), array_values($rushes)),
            'months' => array_map(self::toArray(...), array_values($months)),
            'kits' => array_map(self::toArray(...), array_slice(self::sorted($kits), 0, self::SHOWN)),
            'holds' => array_map(self::toArray(...), array_slice(self::sorted($holds), 0, self::SHOWN)),
        ];
    }

    /** Groups shown of what there may be many of. */
    private const SHOWN = 12;

    /** @return array<string, string> the lens of each rush, by its id */
    private static function lenses(User $person): array
    {
        $lenses = [];
        foreach (
            $person
                ->rushes()
                ->select(['id', 'user_id', 'document'])
                ->lazy(100) as $rush
        ) {
            $name = data_get($rush->document, 'kit.lens.name');
            is_string($name) && $name !== '' && ($lenses[$rush->id] = $name);
        }

        return $lenses;
    }

    /** The set-up a burst was shot with, in a few words; null where too little of it is known. */
    private static function holdOf(Burst $burst): ?string
    {
        $focus = (array) ($burst->hold['focus'] ?? []);
        $area = Area::tryFrom((string) ($focus['area'] ?? ''));
        $detect = Detection::tryFrom((string) ($focus['detect'] ?? ''));
        $technique = Technique::tryFrom((string) ($focus['technique'] ?? 'auto')) ?? Technique::Auto;
        if ($technique !== Technique::Auto) {
            return Words::label($technique);
        }

        return $area === null
            ? null
            : Words::label($area).
                    ($detect === null || $detect === Detection::Off ? '' : ', '.Words::within($detect));
    }

    /**
     * @param  array<string, array{name: string, bursts: int, share: KeptShare, lost: array<string, int>}>  $groups
     * @return list<array{name: string, bursts: int, share: KeptShare, lost: array<string, int>}>
     */
    private static function sorted(array $groups): array
    {
        usort($groups, static fn (array $a, array $b): int => $b['bursts'] <=> $a['bursts']);

        return $groups;
    }

    /** What one burst says of the share kept. */
    private static function share(Burst $burst): KeptShare
    {
        return match (true) {
            $burst->keepers !== null && $burst->frames !== null => KeptShare::counted($burst->keepers, $burst->frames),
            $burst->kept !== null => KeptShare::said(HowMany::from($burst->kept)),
            default => KeptShare::unknown(),
        };
    }

    /** @return array{name: string, bursts: int, share: KeptShare, lost: array<string, int>} */
    private static function none(string $name): array
    {
        return ['name' => $name, 'bursts' => 0, 'share' => KeptShare::unknown(), 'lost' => []];
    }

    /**
     * @template T of array{name: string, bursts: int, share: KeptShare, lost: array<string, int>, ...}
     *
     * @param  T  $group
     * @return T
     */
    private static function with(array $group, Burst $burst): array
    {
        $group['bursts']++;
        $group['share'] = $group['share']->and(self::share($burst));
        if ($burst->lost_to !== null) {
            $group['lost'][$burst->lost_to] = ($group['lost'][$burst->lost_to] ?? 0) + 1;
        }

        return $group;
    }

    /**
     * @param  array{name: string, bursts: int, share: KeptShare, lost: array<string, int>, ...}  $group
     * @return array<string, mixed>
     */
    private static function toArray(array $group): array
    {
        arsort($group['lost']);
        [$low, $high] = $group['share']->interval();

        return [
            'name' => $group['name'],
            'rush_id' => $group['rush_id'] ?? null,
            'bursts' => $group['bursts'],
            'share' => $group['share']->isKnown()
                ? ['mean' => round($group['share']->mean(), 3), 'low' => round($low, 3), 'high' => round($high, 3)]
                : null,
            'lost' => array_map(
                static fn (string $cause, int $count): array => [
                    'cause' => $cause,
                    'label' => Words::label(LossCause::from($cause)),
                    'bursts' => $count,
                ],
                array_keys($group['lost']),
                array_values($group['lost']),
            ),
        ];
    }
}
