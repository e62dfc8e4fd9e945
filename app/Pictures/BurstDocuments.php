<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use App\Models\SavedRush;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use RushHold\Blur\Ellipse;
use RushHold\Blur\Verdict;
use RushHold\Document\BurstDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\MeasuredDocument;
use RushHold\Record\HowMany;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Refused;
use RushHold\Review\SharpWhere;
use RushHold\Words\Words;

/** A burst with what was measured in its pictures, as a document and as a table; and two bursts as one. */
final class BurstDocuments
{
    /**
     * @return array<string, mixed>
     *
     * @throws Refused if nobody said how many frames there were
     */
    public static function document(Burst $burst): array
    {
        $rush =
            $burst->rush_id === null
                ? null
                : SavedRush::query()->where('user_id', $burst->user_id)->find($burst->rush_id);
        $pictures = self::pictures($burst);
        $first = $pictures->first()?->taken_at;
        $losses = [];
        foreach ($pictures as $picture) {
            if ($picture->isKept() === false && $picture->lost_to !== null) {
                $losses[$picture->lost_to] = ($losses[$picture->lost_to] ?? 0) + 1;
            }
        }
        [$frames, $keepers] = self::counted($burst, $pictures);

        return BurstDocument::write(
            new LoggedBurst(
                $frames,
                $keepers,
                $burst->shot_at->toIso8601ZuluString(),
                null,
                $burst->hold === null ? null : HoldDocument::read($burst->hold),
                $losses,
                array_values(
                    $pictures
                        ->filter(static fn (Picture $p): bool => $p->isKept() !== null)
                        ->map(
                            static fn (Picture $p): MeasuredFrame => new MeasuredFrame(
                                $p->taken_at === null || $first === null
                                    ? null
                                    : ($p->taken_at->getPreciseTimestamp(3) - $first->getPreciseTimestamp(3)) / 1000,
                                $p->isKept() === true,
                                self::ellipse($p),
                                SharpWhere::tryFrom((string) ($p->measured['sharp_where'] ?? '')),
                            ),
                        )
                        ->all(),
                ),
                [],
                $burst->note,
            ),
            $rush?->document,
        );
    }

    /**
     * @param  Collection<int, Picture>  $pictures
     * @return array{int, int}
     */
    private static function counted(Burst $burst, Collection $pictures): array
    {
        if ($burst->frames !== null && $burst->keepers !== null) {
            return [$burst->frames, $burst->keepers];
        }
        // Of what cannot be told nothing is counted.
        $pictures = $pictures->filter(static fn (Picture $p): bool => $p->isKept() !== null);
        if ($pictures->isNotEmpty()) {
            return [
                $pictures->count(),
                $pictures->filter(static fn (Picture $p): bool => $p->isKept() === true)->count(),
            ];
        }
        if ($burst->kept !== null) {
            // A word is worth six frames, here as in the shares.
            return [6, (int) round(6 * HowMany::from($burst->kept)->share())];
        }

        throw Refused::because('frames', 'burst', problem: Words::text('pictures.told.say-first-how-many-frames'));
    }

    /**
     * A line for each picture, as CSV.
     *
     * @param  iterable<Burst>  $bursts
     */
    public static function table(iterable $bursts): void
    {
        $out = fopen('php://output', 'w');
        assert($out !== false);
        fputcsv(
            $out,
            [
                'file',
                'taken_at',
                'kept',
                'said_by',
                'sure',
                'lost_to',
                'sharp_where',
                'width_px',
                'limit_px',
                'sigma_px',
                'long_px',
                'short_px',
                'angle_deg',
                'aim_x',
                'aim_y',
                'rush',
                'burst_at',
            ],
            escape: '',
        );
        foreach ($bursts as $burst) {
            self::rows($out, $burst);
        }
        fclose($out);
    }

    /** @param  resource  $out */
    private static function rows($out, Burst $burst): void
    {
        // A cell that begins like a formula is none.
        $cell = static fn (string $text): string => preg_match('/^[=+\-@\t\r]/', $text) === 1 ? "'$text" : $text;
        foreach (self::pictures($burst) as $p) {
            $m = (array) $p->measured;
            /** @var list<string|int|float|null> $row */
            $row = [
                $cell($p->name),
                $p->taken_at?->format('Y-m-d\TH:i:s.v\Z'),
                $p->isKept() === null ? null : ($p->isKept() ? 'kept' : 'lost'),
                $p->kept === null ? 'measured' : 'you',
                $m['sure'] ?? null,
                $p->lost_to,
                $m['sharp_where'] ?? null,
                $m['width_px'] ?? null,
                $m['limit_px'] ?? null,
                $m['sigma_px'] ?? null,
                $m['long_px'] ?? null,
                $m['short_px'] ?? null,
                $m['angle_deg'] ?? null,
                $m['aim']['x'] ?? null,
                $m['aim']['y'] ?? null,
                $cell($burst->rush),
                $burst->shot_at->toIso8601ZuluString(),
            ];
            fputcsv($out, $row, escape: '');
        }
    }

    /** The verdicts again, by what counts as sharp for its rush. */
    public static function judgedAnew(Burst $burst): void
    {
        $limit = Verdict::KEEPER_LIMIT * (float) $burst->coc_px;
        foreach (self::pictures($burst) as $picture) {
            $measured = $picture->measured;
            if (
                $measured !== null &&
                ! ($measured['not_found'] ?? false) &&
                abs((float) ($measured['limit_px'] ?? 0) - $limit) > 0.005
            ) {
                $picture->fill(['measured' => MeasuredDocument::judgedBy($measured, $limit)])->save();
            }
        }
        BurstCounts::again($burst);
    }

    /** The second is put into the first: what both counted is added, and its pictures go along. */
    public static function merged(Burst $burst, Burst $other): Burst
    {
        return DB::transaction(static function () use ($burst, $other): Burst {
            // Both, always in the same order: of two that put them into one another at once the second finds one gone.
            $locked = Burst::query();
            $locked
                ->whereKey([$burst->id, $other->id])
                ->orderBy('id')
                ->lockForUpdate();
            [$burst, $other] = [$locked->get()->find($burst->id), $locked->get()->find($other->id)];
            abort_if($burst === null || $other === null, 409, Words::text('pictures.told.one-of-the-two-was'));
            $theirs = Picture::query();
            $moved = $theirs->where('burst_id', $other->id)->update(['burst_id' => $burst->id]);
            $sum = static fn (?int $a, ?int $b): ?int => $a === null || $b === null ? null : $a + $b;
            $burst
                ->fill([
                    'frames' => $sum($burst->frames, $other->frames),
                    'keepers' => $sum($burst->keepers, $other->keepers),
                    'coc_px' => $burst->coc_px ?? $other->coc_px,
                    'mark' => self::marks($burst, $other),
                    'note' => mb_substr(trim("$burst->note $other->note"), 0, 500),
                    'lost_to' => $burst->lost_to ?? $other->lost_to,
                    'hold' => $burst->hold ?? $other->hold,
                    'kept' => $burst->kept === $other->kept ? $burst->kept : null,
                    'shot_at' => min($burst->shot_at, $other->shot_at),
                ])
                ->save();
            $other->delete();
            $moved > 0 && BurstCounts::again($burst);

            return $burst;
        });
    }

    /**
     * Where the subject was marked in either; what a person marked comes before what was found.
     *
     * @return array{marks: array<string, array{float, float}>, count: int, by?: string}|null
     */
    private static function marks(Burst $burst, Burst $other): ?array
    {
        [$mine, $theirs] = [$burst->mark, $other->mark];
        if ($mine === null || $theirs === null) {
            return $mine ?? $theirs;
        }
        if (($mine['by'] ?? null) !== ($theirs['by'] ?? null)) {
            return isset($mine['by']) ? $theirs : $mine;
        }

        return [
            ...$mine,
            'marks' => [...$theirs['marks'], ...$mine['marks']],
            'count' => max($mine['count'], $theirs['count']),
        ];
    }

    /** @return Collection<int, Picture> */
    private static function pictures(Burst $burst): Collection
    {
        return Picture::ofBurst($burst);
    }

    private static function ellipse(Picture $picture): ?Ellipse
    {
        $m = (array) $picture->measured;

        return is_numeric($m['long_px'] ?? null) && is_numeric($m['short_px'] ?? null)
            ? Ellipse::fromAxes((float) $m['long_px'], (float) $m['short_px'], (float) ($m['angle_deg'] ?? 0))
            : null;
    }
}
