<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Document\RushDocument;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Reading\LineReader;
use RushHold\Reading\ReadingDocument;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: a line in, a rush out. */
final class ReadLine extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:read
        {line : What is expected, such as “hare bolting across at 26 m through tall grass, first light”}
        {--units=metric : metric or imperial, for what is said}';

    protected $description = 'Make a rush of a line in your own words and print it as JSON, with what was not understood (exit code 2: line refused)';

    public function handle(): int
    {
        return $this->answer(function (): array {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);
            $subjects = [];
            foreach (Subjects::all() as $subject) {
                $subjects[$subject->id] = $subject->document;
            }
            $reading = (new LineReader($subjects, Lenses::all()))->read((string) $this->argument('line'));
            $base = RushDocument::read([
                'format' => RushDocument::FORMAT,
                'name' => 'New rush',
                'subject' => $subjects['gull-flight']['subject'] ?? [],
                'path' => ['start_m' => 40, 'heading_deg' => 30, 'notice_s' => 3],
            ]);

            return ReadingDocument::write($reading->line, $reading->upon($base->fields), $units);
        });
    }
}
