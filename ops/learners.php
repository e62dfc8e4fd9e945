<?php

declare(strict_types=1);

use RushHold\Drill\Exercise;
use RushHold\Drill\HandSkill;
use RushHold\Drill\RingCourse;
use RushHold\Drill\RingScore;
use RushHold\Drill\RingTrace;
use RushHold\Drill\Rung;
use RushHold\Drill\ScriptedHand;
use RushHold\Tests\Learner;
use RushHold\Tests\Rushes;

require __DIR__.'/../vendor/autoload.php';

/** How scripted hands score, and how soon learners of several kinds climb the ladder: `php ops/learners.php [each]`. */
$each = (int) ($argv[1] ?? 8);

echo "| hand | still | swimmer | perch | surprise | wild | found again |\n|---|---|---|---|---|---|---|\n";
$rush = Rushes::with([]);
foreach ([0.1, 0.3, 0.5, 0.7, 0.9] as $skill) {
    $cells = [];
    $found = [];
    foreach (Exercise::cases() as $exercise) {
        if (! $exercise->isRing()) {
            continue;
        }
        $sum = 0.0;
        for ($seed = 1; $seed <= 20; $seed++) {
            $course = RingCourse::of($exercise, $rush, $seed);
            $score = RingScore::of(
                $course,
                new RingTrace((new ScriptedHand($skill))->play($course, $seed + 300), $course->seconds),
            );
            $sum += $score->share() / 20;
            $exercise === Exercise::Swimmer &&
                ($found[] = HandSkill::of((float) $score->lagS, (float) $score->scatter));
        }
        $cells[] = round(100 * $sum).' %';
    }
    printf("| %.1f | %s | %.2f |\n", $skill, implode(' | ', $cells), array_sum($found) / count($found));
}

echo "\n| learner | begins at | learns a turn | passed the top after, weeks | days on which a rung held up |\n|---|---|---|---|---|\n";
foreach (
    ['quick' => [0.4, 0.12], 'usual' => [0.25, 0.06], 'slow' => [0.1, 0.03], 'hardly' => [0.1, 0.01]] as $name => [$skill, $rate]
) {
    $weeks = [];
    $held = $stuck = 0;
    for ($seed = 1; $seed <= $each; $seed++) {
        $climbed = (new Learner($skill, $rate, 0.004, $seed))->climb(52);
        isset($climbed['weeks'][Rung::Wild->value]) ? ($weeks[] = $climbed['weeks'][Rung::Wild->value]) : $stuck++;
        $held += $climbed['heldUp'];
    }
    sort($weeks);
    printf(
        "| %s | %.2f | %.0f %% of what lacks | %s%s | %.1f |\n",
        $name,
        $skill,
        100 * $rate,
        $weeks === []
            ? 'none in a year'
            : "$weeks[0] to {$weeks[count($weeks) - 1]}, median {$weeks[intdiv(count($weeks), 2)]}",
        $stuck > 0 && $weeks !== [] ? ", $stuck of $each not in a year" : '',
        $held / $each,
    );
}
