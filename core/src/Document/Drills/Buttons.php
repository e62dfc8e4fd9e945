<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\Median;
use RushHold\Drill\Turn;
use RushHold\Range;
use RushHold\Refused;

/** A situation is called, and the right button pressed without looking. */
final class Buttons implements Drill
{
    private const MOST_CALLS = 100;

    public function read(Fields $f, int $seed, array $known): ButtonCourse
    {
        $keys = Layout::read($f);
        $given = $f->items('calls', self::MOST_CALLS);
        $f->keep('calls', $given);
        if ($given === []) {
            return ButtonCourse::of($keys, $seed, $known);
        }
        $calls = [];
        foreach ($given as $i => $call) {
            if (
                ! is_array($call) ||
                count($call) !== 2 ||
                ! is_numeric($call[0] ?? null) ||
                ! (is_int($call[1] ?? null) || ($call[1] ?? null) === null)
            ) {
                throw Refused::because("calls[$i]", 'drill-call');
            }
            $calls[] = [Range::of(0, 600, 's')->check("calls[$i][0]", (float) $call[0]), $call[1] ?? null];
        }

        return ButtonCourse::played($keys, $calls);
    }

    public function width(): int
    {
        return 3;
    }

    public function course(Turn $turn): array
    {
        $course = $turn->course;
        assert($course instanceof ButtonCourse);

        return [
            'layout' => Layout::write($course->keys),
            'calls' => $course->calls,
            'asked' => array_map(
                static fn (int $key): array => ['key' => $key, 'call' => $course->by[$key]->value],
                array_keys($course->by),
            ),
        ];
    }

    public function score(Turn $turn): array
    {
        $score = $turn->buttons();
        assert($score !== null);
        $keys = [];
        foreach ($score->byKey() as $i => $found) {
            $median = Median::of($found['times']);
            $keys[] = [
                'key' => $i,
                'place' => $score->course->keys[$i]->place->value,
                'call' => $score->course->by[$i]->value,
                'asked' => $found['asked'],
                'right' => $found['right'],
                'missed' => $found['missed'],
                'median_s' => $median === null ? null : round($median, 3),
                'pressed' => (object) $found['pressed'],
            ];
        }
        $median = $score->medianS();
        $reaction = $score->reactionS();

        return [
            'right' => round($score->right(), 4),
            'median_s' => $median === null ? null : round($median, 3),
            'reaction_s' => $reaction === null ? null : round($reaction, 3),
            'keys' => $keys,
        ];
    }
}
