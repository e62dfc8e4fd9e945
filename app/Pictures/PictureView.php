<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Picture;
use Illuminate\Support\Facades\URL;
use RushHold\Optics\StopScale;
use RushHold\Words\Words;

/** A picture as its owner sees it. */
final class PictureView
{
    /** How long an address is good, minutes. */
    private const GOOD_FOR = 30;

    /** What the file says, in this order. */
    private const FACTS = [
        'shutter_s',
        'aperture',
        'iso',
        'focal_mm',
        'focus_m',
        'distance_m',
        'focus_mode',
        'area',
        'body',
        'lens',
        'rating',
        'label',
    ];

    /**
     * @param  OwnWords|null  $words  what the person's cameras call things
     * @param  array<int, string>  $burstIds  uuids by ids of bursts
     * @return array<string, mixed>
     */
    public static function toArray(Picture $picture, ?OwnWords $words = null, array $burstIds = []): array
    {
        $shown = $picture->stage === Picture::LOOKED;

        return [
            'id' => $picture->id,
            'name' => $picture->name,
            'stage' => $picture->stage,
            'problem' => $picture->problem === null ? null : NoPicture::said($picture->problem),
            'burst_id' => $burstIds[$picture->burst_id ?? 0] ?? null,
            'taken_at' => $picture->taken_at?->format('Y-m-d\TH:i:s.v\Z'),
            'original' => $picture->original,
            'wide' => $picture->wide,
            'high' => $picture->high,
            'facts' => self::facts($picture, $words),
            'measured' => $picture->measured,
            'said' => $picture->kept,
            'kept' => $picture->isKept(),
            'lost_to' => $picture->lost_to,
            'distance_m' => $picture->taken()->distanceM,
            'thumbnail' => $shown ? self::address($picture, Store::THUMBNAIL) : null,
            'preview' => $shown ? self::address($picture, Store::PREVIEW) : null,
        ];
    }

    public static function thumbnail(Picture $picture): ?string
    {
        return $picture->stage === Picture::LOOKED ? self::address($picture, Store::THUMBNAIL) : null;
    }

    private static function address(Picture $picture, string $what): string
    {
        // The same for a while, so that a browser need not fetch it anew each time it asks.
        $until = now()
            ->startOfHour()
            ->addMinutes(intdiv(now()->minute, self::GOOD_FOR) * self::GOOD_FOR + 2 * self::GOOD_FOR);

        return URL::temporarySignedRoute('picture', $until, ['id' => $picture->id, 'what' => $what], false);
    }

    /** @return list<array{label: string, value: string}> */
    private static function facts(Picture $picture, ?OwnWords $words): array
    {
        $told = [];
        foreach (self::FACTS as $name) {
            $value = $picture->facts[$name] ?? null;
            if ($value !== null) {
                $told[] = [
                    'label' => Words::text("pictures.fact.$name"),
                    'value' => in_array($name, ['area', 'focus_mode'], true) && $words !== null
                            ? $words->beside((string) $value)
                            : self::written($name, $value),
                ];
            }
        }

        return $told;
    }

    private static function written(string $name, string|float $value): string
    {
        $number = (float) $value;

        return match ($name) {
            'shutter_s' => StopScale::writtenShutter($number),
            'aperture' => StopScale::fLabel($number),
            'iso' => (string) StopScale::writtenIso($number),
            'focal_mm' => round($number).' mm',
            'focus_m', 'distance_m' => round($number, 1).' m',
            'rating' => (string) (int) $number,
            default => (string) $value,
        };
    }
}
