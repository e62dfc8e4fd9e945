<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\AreaCourse;
use RushHold\Drill\Turn;
use RushHold\Kit\AreaMove;

/** The area, to one place of the frame after the other. */
final class Area implements Drill
{
    public function read(Fields $f, int $seed, array $known): AreaCourse
    {
        $move = $f->word('move', AreaMove::class, AreaMove::Stick);
        $steered = array_filter(AreaMove::cases(), static fn (AreaMove $m): bool => $m->isSteered());
        $f->note('move', ['enum' => array_column($steered, 'value')]);

        return AreaCourse::of($move, $seed);
    }

    public function width(): int
    {
        return 3;
    }

    public function course(Turn $turn): array
    {
        $course = $turn->course;
        assert($course instanceof AreaCourse);

        return [
            'move' => $course->move->value,
            'near' => AreaCourse::NEAR,
            'targets' => $course->targets,
        ];
    }

    public function score(Turn $turn): array
    {
        $score = $turn->area();
        assert($score !== null);
        $median = $score->medianS();

        return [
            'move' => $score->course->move->value,
            'share' => round($score->share(), 4),
            'median_s' => $median === null ? null : round($median, 3),
            'usual_s' => $score->course->move->usualS(),
            'overshoots' => $score->overshoots(),
            'moves' => array_map(
                static fn (array $m): ?float => $m['seconds'] === null ? null : round($m['seconds'], 3),
                $score->moves,
            ),
        ];
    }
}
