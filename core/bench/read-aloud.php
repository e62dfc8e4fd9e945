<?php

declare(strict_types=1);

/*
 * Prints the plans of sixty lines that somebody else might type, to be read aloud by somebody who photographs such
 * things; docs/judgement.md says what came of it.
 *
 *   php core/bench/read-aloud.php [FROM [TO]]
 */

use RushHold\Document\RushDocument;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Planning\Planner;
use RushHold\Reading\LineReader;
use RushHold\Units;
use RushHold\Words\Words;

require __DIR__.'/../../vendor/autoload.php';

$skills = ['first year' => [0.15, 0.15, 0.05], 'practised' => [0.5, 0.5, 0.3], 'master' => [0.95, 0.95, 0.75]];
$bodies = Bodies::all();
$lenses = Lenses::all();
$subjects = array_column(array_map(static fn ($s): array => [$s->id, $s->document], Subjects::all()), 1, 0);
$words = Words::in(Units::Metric);
$base = RushDocument::read([
    'format' => RushDocument::FORMAT,
    'name' => '',
    'subject' => $subjects['gull-flight']['subject'],
    'path' => ['start_m' => 30, 'heading_deg' => 60, 'seconds' => 2.5],
    'light' => ['ev100' => 13],
    'kit' => ['body' => $bodies['fast-mirrorless'], 'lens' => $lenses['500-f4']],
])->fields;
$rows = array_values(
    array_filter(
        array_map(trim(...), file(__DIR__.'/read-aloud.txt') ?: []),
        static fn (string $row): bool => $row !== '' && $row[0] !== '#',
    ),
);
foreach (
    array_slice($rows, (int) ($argv[1] ?? 1) - 1, (int) ($argv[2] ?? count($rows)) - (int) ($argv[1] ?? 1) + 1, true) as $n => $row
) {
    [$skill, $body, $lens, $line] = array_map(trim(...), explode('|', $row, 4));
    [$aim, $panning, $hand] = $skills[$skill];
    $start = [
        ...$base,
        'kit' => [...$base['kit'], 'body' => $bodies[$body], 'lens' => $lenses[$lens]],
        'photographer' => [...$base['photographer'], 'aim' => $aim, 'panning' => $panning, 'hand_focus' => $hand],
    ];
    $understood = (new LineReader($subjects, $lenses))->read($line)->upon($start);
    if (! $understood->saysWho) {
        printf("%d. %s\n   asks: %s\n\n", $n + 1, $line, implode(', ', array_keys($understood->likely)));

        continue;
    }
    $rush = RushDocument::read($understood->document)->rush;
    $ranking = Planner::standard()->rank($rush);
    $hold = $ranking->best->hold;
    $kept = $ranking->keepers();
    $plan = $ranking->plan;
    $says = static fn (Setting $setting): string => $words->say($plan->line($setting)->reason);
    printf(
        "%d. %s [%s; %s, %s]\n   %s, %d m, %.1f m/s, EV %.1f; keeps %d (%.0f to %.0f) of %d\n   %s, %s, %s%s, aim %s, %s; %s f/%.1f ISO %d, %s, %s, prefocus %.1f m\n",
        $n + 1,
        $line,
        $skill,
        $body,
        $lens,
        $rush->subject->name,
        $rush->path->startM,
        $rush->path->speedMps,
        $rush->light->ev100,
        round($ranking->best->outcome->keeperRate * $ranking->best->outcome->frames),
        $kept['low'],
        $kept['high'],
        $ranking->best->outcome->frames,
        $hold->technique === Technique::Auto ? Words::label($hold->mode) : Words::label($hold->technique),
        Words::label($hold->area),
        Words::label($hold->detect),
        $hold->eye ? ' with eye' : '',
        Words::label($hold->aim),
        Words::label($hold->drive),
        $hold->shutterS < 0.4 ? '1/'.round(1 / $hold->shutterS) : $hold->shutterS.' s',
        $hold->aperture,
        $hold->iso,
        Words::label($hold->stabiliser),
        Words::label($hold->support),
        $hold->startAtM,
    );
    printf("   shutter: %s\n   area: %s\n", $says(Setting::Shutter), $says(Setting::Area));
    foreach ($plan->misfits as $misfit) {
        printf(
            "   ! %s %s\n",
            $words->say($misfit->sentence),
            implode(
                ' ',
                array_map(
                    static fn (RushHold\Said $way): string => '> '.$words->say($way),
                    array_slice($misfit->waysOut, 0, 3),
                ),
            ),
        );
    }
    echo "\n";
}
