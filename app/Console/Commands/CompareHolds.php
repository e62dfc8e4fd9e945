<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\ComparisonDocument;
use RushHold\Record\Comparison;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: bursts in, which set-up keeps more out. */
final class CompareHolds extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:compare
        {bursts : A list of burst documents with their holds, or - for standard input}
        {--units=metric : metric or imperial, for the sentences}';

    protected $description = 'Compare the set-ups of logged bursts: which keeps more, by how much, how sure, and how many frames it takes to tell (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);

            return ComparisonDocument::write(
                Comparison::of(
                    $gate->bursts($this->document((string) $this->argument('bursts')), Comparison::MOST_BURSTS),
                ),
                $units,
            );
        });
    }
}
