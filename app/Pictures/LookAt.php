<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use App\Models\User;
use DateTimeZone;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;
use Illuminate\Support\Carbon;
use RushHold\Blur\Verdict;
use RushHold\Roll\CameraClock;
use Throwable;

/**
 * Looks at one picture that has come, whoever’s turn it is: what it says of itself, a preview, and how sharp it is
 * where.
 */
final class LookAt implements ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    public const QUEUE = 'pictures';

    /** Pixel for pixel, until it is known what the picture is for. */
    public const COC_PX = 2.0;

    public int $tries = 3;

    public int $timeout = 85;

    public function __construct()
    {
        $this->onQueue(self::QUEUE);
    }

    public function handle(): void
    {
        $picture = Turns::next();
        if ($picture === null) {
            return;
        }
        $this->settle($picture);
        Turns::done($picture);
        $this->group($picture->user_id);
    }

    private function settle(Picture $picture): void
    {
        try {
            Store::locally($picture, fn (string $file) => $this->look($picture, $file));
        } catch (NoPicture $refused) {
            // What cannot be used takes no room; what may be read another time stays.
            $picture
                ->fill([
                    'stage' => Picture::REFUSED,
                    'problem' => $refused->kept(),
                    'original' => $refused->again,
                ])
                ->save();
            $refused->again || Store::drop($picture);
        }
    }

    /** @throws NoPicture */
    private function look(Picture $picture, string $file): void
    {
        [$preview, $thumbnail] = [
            (string) tempnam(sys_get_temp_dir(), 'preview'),
            (string) tempnam(sys_get_temp_dir(), 'thumbnail'),
        ];
        try {
            $found = Sandbox::measure([
                'file' => $file,
                'limit_px' => Verdict::KEEPER_LIMIT * self::COC_PX,
                'preview' => $preview,
                'thumbnail' => $thumbnail,
            ]);
            Store::keep($picture, Store::PREVIEW, $preview);
            Store::keep($picture, Store::THUMBNAIL, $thumbnail);
        } finally {
            array_map(unlink(...), array_filter([$preview, $thumbnail], is_file(...)));
        }
        $facts = Facts::of([$file])[$file] ?? [];
        $taken = $facts['taken_at'] ?? null;
        $picture
            ->fill([
                'stage' => Picture::LOOKED,
                'wide' => $found['wide'],
                'high' => $found['high'],
                'facts' => array_diff_key($facts, array_flip(['taken_at', 'mime', 'orientation', 'wide', 'high'])),
                'taken_at' => is_string($taken) ? self::moment($picture, $taken) : null,
                'measured' => array_diff_key($found, array_flip(['wide', 'high', 'follow', 'memory_mb', 'likeness'])),
            ])
            ->save();
    }

    /**
     * A clock that does not say in which zone it is stands in that of the outing it was on, or of the device the
     * picture came from.
     */
    private static function moment(Picture $picture, string $taken): Carbon
    {
        $person = User::query()->find($picture->user_id);
        if ($person === null || str_ends_with($taken, 'Z')) {
            return Carbon::parse($taken);
        }
        $about = Carbon::parse($taken, 'UTC');

        return Carbon::instance(
            CameraClock::at(
                $taken,
                DayOutings::about($person, $about)->outings,
                new DateTimeZone($picture->zone ?? 'UTC'),
            ),
        )->utc();
    }

    /** Bursts appear one by one as they are complete, the last once nothing is left to be looked at. */
    private function group(int $user): void
    {
        $waiting = Picture::query();
        $person = User::query()->find($user);
        $person === null ||
            (new Grouping($person))->group(
                ! $waiting->where('user_id', $user)->where('stage', Picture::WAITING)->exists(),
            );
    }

    /** What it was at is taken up again by the next one, or given up. */
    public function failed(?Throwable $why): void
    {
        Picture::query()->where('stage', Picture::WAITING)->exists() && self::dispatch();
    }
}
