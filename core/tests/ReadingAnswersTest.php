<?php

declare(strict_types=1);

use RushHold\Document\RushDocument;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Reading\LineReader;
use RushHold\Reading\ReadingDocument;
use RushHold\Tests\Answers;
use RushHold\Units;

/*
 * Lines in one's own words, and the whole rush each becomes.
 */

/** Something of each kind that can be said, as nobody wrote it yet. */
const SAID = [
    'gull with walkers crossing in front, 30 m',
    'gull in front of the stands, 30 m',
    'player among the others, at 40 yards',
    'gull against a blue sky',
    'heron out of the woods towards me',
    'hare before the hillside, 60 m',
    'gull against the waves',
    'hare quartering away',
    'fox obliquely at 25 m',
    'dog running straight at me',
    'heron flying away from me',
    'hare from right to left',
    'hare to the right',
    'rider past every lap, 20 m',
    'stoat by surprise at 12 m',
    'kingfisher, perch known, 8 m',
    'tern low over the loch',
    'dog along the beach',
    'hare in the meadow',
    'car on the tarmac',
    'fox over the boulders',
    'dog across the sands',
    'fox crossing the pasture',
    'otter across the river',
    'deer across the ride',
    'rider through a tight hairpin',
    'rider leaning round a corner',
    'hare zig-zagging',
    'gannet plunging at 50 m',
    'runner on a steady line',
    'hare backlit',
    'hare just before sunrise',
    'hare after sunrise',
    'hare before sunset',
    'hare in the gloaming',
    'hare in the golden hour',
    'hare in the early morning',
    'hare in the afternoon',
    'hare at noon',
    'hare under thin cloud',
    'hare with sun on snow',
    'hare in drizzle',
    'hare in broken cloud',
    'hare in deep shade',
    'player under the floodlights',
    'player in a sports hall',
    'dancer on the stage',
    'owl by moonlight',
    'owl in the dark',
    'gull in full sun',
    'gull in a gale',
    'gull, gusty',
    'gull in a light breeze',
    'gull in still air',
    'gull in fog',
    'hare over fresh snow',
    'gull from a tripod',
    'gull on my monopod',
    'gull on a bean bag',
    'gull hand-held',
    'gull lying on my belly',
    'gull freezing the wing tips',
    'gull for printing',
    'gull for the web',
    'gull flat out',
    'gull quite slowly',
    'gull with its wings sharp',
    'gull 400 mm f/5.6 with a 1.4x, 90 km/h at 120 ft, 1/2000',
    'gull 25 mph, 5 seconds warning',
    'gull with a 100-400',
    'gull at 20 to 30 m',
    'gull climbing 30 degrees',
];

it('reads the same out of lines', function (): void {
    $subjects = [];
    foreach (Subjects::all() as $subject) {
        $subjects[$subject->id] = $subject->document;
    }
    $reader = new LineReader($subjects, Lenses::all());
    $base = RushDocument::read([
        'format' => RushDocument::FORMAT,
        'name' => 'New rush',
        'subject' => $subjects['gull-flight']['subject'] ?? [],
        'path' => ['start_m' => 40, 'heading_deg' => 30, 'notice_s' => 3],
    ]);
    $answers = [];
    $written = file(__DIR__.'/cases/lines.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [];
    foreach ([...$written, ...SAID] as $i => $line) {
        if (str_starts_with($line, '#')) {
            continue;
        }
        $said = trim(explode('=>', $line)[0]);
        $reading = $reader->read($said);
        $answer = ReadingDocument::write(
            $reading->line,
            $reading->upon($base->fields),
            $i % 3 === 0 ? Units::Imperial : Units::Metric,
        );
        unset($answer['rush']);
        $answers[$said] = $answer;
    }
    Answers::same('lines', $answers);
});
