<?php

declare(strict_types=1);

namespace App\Bench;

use App\Models\KeptSweep;
use App\Models\Picture;
use App\Models\User;
use RushHold\Bench\StandInSweep;
use RushHold\Bench\Sweep;
use RushHold\Bench\Trial;
use RushHold\Document\SweepDocument;
use RushHold\Range;
use RushHold\Refused;

/** A session at the bench as it is kept, with what comes of it. */
final class KeptSession
{
    /**
     * A score of a picture is the inverse of its blur, so that twice as sharp is twice as much; nothing is sharper than
     * this, pixels.
     */
    private const SHARPEST_PX = 0.4;

    private const SCALE = 10.0;

    /**
     * What is given to be kept, as it will be: unfinished sessions as well.
     *
     * @param  array<array-key, mixed>  $document
     * @return array<string, mixed>
     *
     * @throws Refused if a frame cannot be meant
     */
    public static function checked(array $document): array
    {
        $frames =
            is_array($document['frames'] ?? null) && array_is_list($document['frames'])
                ? $document['frames']
                : throw Refused::because('frames', 'not-list');
        if (count($frames) > Sweep::MOST_FRAMES) {
            throw Refused::because('frames', 'list', most: Sweep::MOST_FRAMES);
        }
        $kept = [];
        foreach ($frames as $i => $frame) {
            $number = static fn (string $name): float => is_array($frame) &&
            (is_int($frame[$name] ?? null) || is_float($frame[$name] ?? null))
                ? (float) $frame[$name]
                : throw Refused::because("frames[$i].$name", 'not-number');
            $value = $number('value');
            floor($value) === $value || throw Refused::because("frames[$i].value", 'not-whole');
            $trial = new Trial(
                (int) $value,
                $number('score'),
                $number('distance_m'),
                $number('focal_mm'),
                "frames[$i]",
            );
            $kept[] = self::frame($trial);
        }

        return [
            'format' => SweepDocument::FORMAT,
            'frames' => $kept,
            'by_distance' => ($document['by_distance'] ?? false) === true,
        ];
    }

    /** @return array{value: int, score: float, distance_m: float, focal_mm: float} */
    private static function frame(Trial $trial): array
    {
        return [
            'value' => $trial->value,
            'score' => round($trial->score, 4),
            'distance_m' => $trial->distanceM,
            'focal_mm' => $trial->focalMm,
        ];
    }

    /** @return array<string, mixed> as it goes out: the session, what comes of it, and the document without defaults */
    public static function toArray(KeptSweep $kept, User $person): array
    {
        $uses = Shot::distances($person);
        try {
            $found = SweepDocument::write(SweepDocument::read([...$kept->document, 'uses' => $uses]));
            $why = null;
        } catch (Refused $refused) {
            // Too little to say anything yet.
            $found = null;
            $why = $refused->reason->key;
        }

        return [
            'id' => $kept->id,
            'name' => $kept->name,
            'body' => $kept->body,
            'lens' => $kept->lens,
            'version' => $kept->version,
            'stand_in' => $kept->hidden !== null,
            'updated_at' => $kept->updated_at?->toIso8601ZuluString(),
            'document' => $kept->document,
            'uses' => $uses,
            'found' => $found,
            'unfinished' => $why !== null,
        ];
    }

    /**
     * Frames of the stand-in at some values: it keeps its secret with the session.
     *
     * @param  array<int, int>  $values  frames by value
     *
     * @throws Refused if there are too many
     */
    public static function shoot(KeptSweep $kept, array $values, float $distanceM, float $focalMm): void
    {
        $hidden = $kept->hidden ?? [
            'value' => random_int(-9, 9),
            'second' => random_int(0, 1) === 1,
            'seed' => random_int(1, 100_000),
        ];
        $at = is_numeric($hidden['value']) ? (float) $hidden['value'] : 0.0;
        // Lenses are off a little otherwise near and far.
        $at += 1.2 * log(max(0.1, $distanceM) / 10, 10);
        $camera = new StandInSweep(
            max(-20.0, min(20.0, $at)),
            0.9,
            ($hidden['second'] ?? false) === true ? max(-20.0, min(20.0, $at > 0 ? $at - 11 : $at + 11)) : null,
        );
        $frames = array_values((array) ($kept->document['frames'] ?? []));
        Range::of(0, Sweep::MOST_FRAMES - count($frames))->check('frames', array_sum($values));
        foreach ($values as $value => $times) {
            for ($i = 0; $i < $times; $i++) {
                $seed = (int) (is_numeric($hidden['seed']) ? $hidden['seed'] : 1) + 31 * count($frames);
                $frames[] = self::frame(
                    new Trial($value, self::SCALE * $camera->score($value, $seed), $distanceM, $focalMm),
                );
            }
        }
        $kept->fill(['document' => [...$kept->document, 'frames' => $frames], 'hidden' => $hidden]);
    }

    /**
     * The pictures of a burst as frames, each at its value.
     *
     * @param  iterable<Picture>  $pictures  in their order
     * @param  list<int>|null  $values  one for each; null: read from their names
     *
     * @throws Refused if a value is missing, or none was measured
     */
    public static function fromPictures(
        KeptSweep $kept,
        iterable $pictures,
        ?array $values,
        float $distanceM,
        float $focalMm,
    ): void {
        $frames = array_values((array) ($kept->document['frames'] ?? []));
        $measured = 0;
        $i = 0;
        foreach ($pictures as $picture) {
            $value =
                $values === null
                    ? self::named($picture->name)
                    : $values[$i] ?? throw Refused::because('values', 'sweep-values-short');
            $i++;
            $deviation = $picture->measured['sigma_px'] ?? null;
            if (is_numeric($deviation)) {
                $measured++;
                $frames[] = self::frame(
                    new Trial(
                        $value,
                        (self::SCALE * self::SHARPEST_PX) / max(self::SHARPEST_PX, (float) $deviation),
                        $distanceM,
                        $focalMm,
                    ),
                );
            }
        }
        $measured > 0 || throw Refused::because('burst', 'sweep-unmeasured');
        $kept->fill(['document' => self::checked([...$kept->document, 'frames' => $frames])]);
    }

    /**
     * The value a file is named by: the last number with a sign in it, such as `target_+04.jpg`.
     *
     * @throws Refused if there is none
     */
    public static function named(string $name): int
    {
        return preg_match_all('/(?<![0-9])([+\-−]\s?\d{1,2})(?![0-9])/u', pathinfo($name, PATHINFO_FILENAME), $found) >
            0
            ? (int) str_replace(['−', ' '], ['-', ''], $found[1][count($found[1]) - 1])
            : throw Refused::because('values', 'sweep-unnamed', name: $name);
    }
}
