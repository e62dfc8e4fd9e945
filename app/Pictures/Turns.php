<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/**
 * Whose picture is looked at next: everybody in turn, so that a single one does not wait behind a hundred of somebody
 * else.
 */
final class Turns
{
    /** A picture that so many looks did not come to an end with is given up. */
    private const MOST_LOOKS = 3;

    /** Longer than any look may take, s. */
    private const TAKEN_S = 90;

    private const REMEMBERED_S = 86_400;

    /** The next one, taken; null when none waits. */
    public static function next(): ?Picture
    {
        return Cache::lock('pictures-turn', 10)->block(8, static function (): ?Picture {
            $people = DB::table('pictures')
                ->where('stage', Picture::WAITING)
                ->whereNull('deleted_at')
                ->distinct()
                ->pluck('user_id')
                ->all();
            $served = array_map(
                static fn (mixed $person): float => (float) Cache::get("pictures-turn.$person", 0.0),
                array_combine($people, $people),
            );
            asort($served);
            foreach (array_keys($served) as $person) {
                $mine = Picture::query();
                $mine
                    ->where('user_id', $person)
                    ->where('stage', Picture::WAITING)
                    ->orderBy('updated_at')
                    ->orderBy('id');
                foreach ($mine->lazy(50) as $picture) {
                    if (! Cache::add("looking.$picture->id", true, self::TAKEN_S)) {
                        continue;
                    }
                    Cache::put("pictures-turn.$person", microtime(true), self::REMEMBERED_S);
                    Cache::add("looks.$picture->id", 0, self::REMEMBERED_S);
                    if (Cache::increment("looks.$picture->id") > self::MOST_LOOKS) {
                        self::done($picture);
                        $picture
                            ->fill(['stage' => Picture::REFUSED, 'problem' => NoPicture::failed()->kept()])
                            ->save();

                        continue;
                    }

                    return $picture;
                }
            }

            return null;
        });
    }

    /** It was looked at, for good or not. */
    public static function done(Picture $picture): void
    {
        Cache::forget("looking.$picture->id");
        Cache::forget("looks.$picture->id");
    }
}
