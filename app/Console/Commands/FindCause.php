<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Causes\Inquiry;
use RushHold\Document\CauseDocument;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: a burst in, what went wrong in it out. */
final class FindCause extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:cause
        {burst : A burst document (formats/burst.schema.json) with the answers given so far, or - for standard input}
        {--units=metric : metric or imperial, for the sentences}';

    protected $description = 'Find what lost the frames of a burst: causes with their chance, the next question, the fix and the test that confirms it (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);
            $told = new ToldStage($this->getOutput()->getErrorStyle());
            $burst = $gate->burst($this->document((string) $this->argument('burst')));
            $found = CauseDocument::write(Inquiry::into($burst, $told), $units);
            $told->done();

            return $found;
        });
    }
}
