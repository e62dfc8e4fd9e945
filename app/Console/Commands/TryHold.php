<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\OutcomeDocument;
use RushHold\Document\Page;
use RushHold\Focus\Simulator;
use RushHold\Planning\Chooser;
use RushHold\Refused;
use RushHold\Units;

/** Needs no database: a rush and a hold in, what comes of it out. */
final class TryHold extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:try
        {rush : A rush document, or - for standard input}
        {hold : A hold document; what it leaves out is solved for}
        {--runs=400 : How often it is played, 1 to 100000}
        {--seed=1 : The same seed gives the same outcome}
        {--units=metric : metric or imperial, for the page}
        {--json : JSON also at a terminal; what is piped is JSON anyway}
        {--page : The page to be read also when piped}';

    protected $description = 'Play one hold for one rush and print what comes of it, as JSON when piped (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array|string {
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw Refused::unknownWord('--units', (string) $this->option('units'), Units::class);
            $rush = $gate->rush($this->document((string) $this->argument('rush')))->rush;
            $pins = $gate->pins($this->document((string) $this->argument('hold')), $rush->kit);
            $plan = Chooser::standard()->choose($rush, $pins);
            $outcome = (new Simulator($plan->situation))->run(
                $plan->hold,
                $this->count('runs', 1, 100000),
                $this->count('seed', 0, PHP_INT_MAX),
            );

            return $this->asPage()
                ? (new Page($units))->ofOutcome($outcome, $plan)
                : OutcomeDocument::write($outcome, $plan->hold, $plan);
        });
    }
}
