<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\DrillDocument;
use RushHold\Drill\Exercise;

/** Needs no database: a turn of a drill in, what comes in it out, or what was done with it scored. */
final class PlayDrill extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:drill
        {drill : A drill document (formats/drill.schema.json), or - for standard input}';

    protected $description = 'Print the course of a drill, or score it when its document says what was done (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $turn = $gate->drill($this->document((string) $this->argument('drill')));

            return $turn->trace === [] && $turn->exercise !== Exercise::FirstSharp
                ? DrillDocument::course($turn)
                : DrillDocument::score($turn);
        });
    }
}
