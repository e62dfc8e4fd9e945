<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\DayDocument;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: an outing in, the plan of its day out. */
final class PlanDay extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:day
        {outing : An outing document (formats/outing.schema.json), or - for standard input}
        {--units=metric : metric or imperial, for the sentences}';

    protected $description = 'Work out the light of an outing, what each rush keeps at which hour, their order and the changes in between, and print it as JSON (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);
            $outing = $gate->outing($this->document((string) $this->argument('outing')))->outing;
            $told = new ToldStage($this->getOutput()->getErrorStyle());
            $worth = Worth::of($outing, $told);
            $told->done();

            return DayDocument::write(Programme::of($outing, $worth), $units);
        });
    }
}
