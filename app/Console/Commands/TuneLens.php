<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\SweepDocument;

/** Needs no database: a sweep at the bench in, the value the lens needs out. */
final class TuneLens extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:tune
        {sweep : A sweep document (formats/sweep.schema.json), or - for standard input}';

    protected $description = 'Find the fine-tune value of a lens from scored frames: the curve, the three likeliest values, what to take again, and the one for all distances (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(
            fn (): array => SweepDocument::write($gate->sweep($this->document((string) $this->argument('sweep')))),
        );
    }
}
