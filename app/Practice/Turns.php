<?php

declare(strict_types=1);

namespace App\Practice;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Models\KeptDrill;
use App\Models\User;
use Illuminate\Support\Carbon;
use RushHold\Document\DrillDocument;
use RushHold\Drill\Habit;
use RushHold\Refused;

/** Turns of drills on their way into an archive and out of it. */
final class Turns
{
    /** So many stand in a file. */
    public const PIECE = 10;

    /** @return iterable<int, list<array<string, mixed>>> */
    public static function pieces(User $person): iterable
    {
        $piece = [];
        foreach ($person->drills()->orderBy('done_at')->orderBy('id')->lazy(50) as $drill) {
            $piece[] = [
                'day' => substr($drill->day, 0, 10),
                'done_at' => $drill->done_at->toIso8601ZuluString(),
                'score' => $drill->score,
                'document' => Documents::withObjects($drill->document),
            ];
            if (count($piece) === self::PIECE) {
                yield $piece;
                $piece = [];
            }
        }
        if ($piece !== []) {
            yield $piece;
        }
    }

    /**
     * @param  array<string, mixed>  $turn
     * @return array{exercise: string, day: string, done_at: Carbon, score: array<string, mixed>,
     *   document: array<string, mixed>}
     *
     * @throws Refused naming the field
     */
    public static function read(array $turn, DocumentGate $gate): array
    {
        $document = is_array($turn['document'] ?? null)
            ? $turn['document']
            : throw Refused::because('document', 'missing');
        $read = $gate->drill($document);
        $day = $turn['day'] ?? null;
        $at = $turn['done_at'] ?? null;
        if (! is_string($day) || ! Habit::isDay($day)) {
            throw Refused::because('day', 'practice-day');
        }
        if (! is_string($at) || preg_match('/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\dZ$/', $at) !== 1) {
            throw Refused::because('done_at', 'practice-day');
        }
        // What was done is scored again where it is there; of long ago only what it came to is known.
        $said = is_array($turn['score'] ?? null)
            ? array_filter($turn['score'], static fn (mixed $v): bool => is_scalar($v) || $v === null || is_array($v))
            : [];
        $score =
            $read->trace === []
                ? array_intersect_key(
                    $said,
                    array_flip([
                        'drill',
                        'seed',
                        'share',
                        'kept',
                        'slots',
                        'taken',
                        'sharp',
                        'par',
                        'against',
                        'first_sharp_s',
                        'lag_s',
                        'scatter',
                        'overshoots',
                        'wrong_way',
                        'starts',
                        'hand',
                        'short',
                        'long',
                        'foreseen',
                        'sudden',
                        'reaction_s',
                        'rush',
                        'f_number',
                    ]),
                )
                : [
                    ...DrillDocument::score($read),
                    ...array_intersect_key($said, array_flip(['rush', 'f_number', 'aids'])),
                ];
        $score = array_filter(
            $score,
            static fn (mixed $v, string $k): bool => ! in_array(
                $k,
                ['share', 'against', 'hand', 'lag_s', 'scatter'],
                true,
            ) ||
                $v === null ||
                is_numeric($v),
            ARRAY_FILTER_USE_BOTH,
        );

        return [
            'exercise' => $read->exercise->value,
            'day' => $day,
            'done_at' => Carbon::parse($at),
            'score' => ['seed' => $read->seed, ...KeptDrill::summary($score), 'drill' => $read->exercise->value],
            'document' => $document,
        ];
    }

    /**
     * @param  list<array{exercise: string, day: string, done_at: Carbon, score: array<string, mixed>,
     *   document: array<string, mixed>}>  $turns
     */
    public static function load(User $person, array $turns): void
    {
        $known = array_flip(
            $person
                ->drills()
                ->get(['exercise', 'done_at'])
                ->map(static fn (KeptDrill $d): string => $d->exercise->value.$d->done_at->toIso8601ZuluString())
                ->all(),
        );
        $room = (int) config('limits.drills') - $person->drills()->count();
        foreach ($turns as $turn) {
            if ($room > 0 && ! isset($known[$turn['exercise'].$turn['done_at']->toIso8601ZuluString()])) {
                $person->drills()->create($turn);
                $room--;
            }
        }
    }
}
