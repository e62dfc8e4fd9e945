<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Day;
use RushHold\Controls\Solver;
use RushHold\Document\LayoutDocument;
use RushHold\Outing\Entry;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: the rushes of an outing in, a layout of the buttons out. */
final class LayOutButtons extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:layout
        {outing : An outing document, of which the rushes count, or - for standard input}
        {--school=free : half-press, thumb, two-thumbs, three or free}
        {--units=metric : metric or imperial, for the sentences}';

    protected $description = 'Work out which layout of its buttons serves the rushes of an outing best and print it as JSON (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);
            $school =
                ButtonSchool::tryFrom((string) $this->option('school')) ??
                throw Refused::unknownWord('--school', (string) $this->option('school'), ButtonSchool::class);
            $outing = $gate->outing($this->document((string) $this->argument('outing')))->outing;
            $rushes = array_map(
                static fn (Entry $e): array => ['rush' => $e->rush, 'pins' => $e->pins, 'wanted' => $e->wanted],
                $outing->entries,
            );
            $body = ($rushes[0]['rush'] ?? throw Refused::because('rushes', 'rushes-many', most: Day::MOST))->kit->body;
            $told = new ToldStage($this->getOutput()->getErrorStyle());
            $solver = new Solver($body, Day::needs($rushes, $body, $told));
            $told->done();

            return LayoutDocument::write($solver->bySchool(), $school, $body, $units);
        });
    }
}
