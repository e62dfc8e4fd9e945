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
    foreach (file(__DIR__.'/cases/lines.txt', FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $i => $line) {
        if (str_starts_with($line, '#')) {
            continue;
        }
        $said = trim(explode('=>', $line)[0]);
        $reading = $reader->read($said);
        $written = ReadingDocument::write(
            $reading->line,
            $reading->upon($base->fields),
            $i % 3 === 0 ? Units::Imperial : Units::Metric,
        );
        unset($written['rush'], $written['document']);
        $answers[$said] = $written;
    }
    Answers::same('lines', $answers);
});
