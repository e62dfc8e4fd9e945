<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\Page;
use RushHold\Document\RankingDocument;
use RushHold\Document\StandingDocument;
use RushHold\Planning\Planner;
use RushHold\Units;

/** Needs no database: a rush in, a plan out. */
final class PlanRush extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:plan
        {rush : A rush document (formats/rush.schema.json), or - for standard input}
        {--runs=400 : How often the leaders are played at least, 1 to 100000}
        {--seed=1 : The same seed gives the same plan}
        {--pins= : A hold document with the settings to keep}
        {--standing= : A hold document saying how the camera stands, any of it left out}
        {--units=metric : metric or imperial, for the sentences}
        {--json : JSON also at a terminal; what is piped is JSON anyway}
        {--page : The page to be read also when piped}';

    protected $description = 'Work out a hold for a rush and print it, as JSON when piped (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array|string {
            $rush = $gate->rush($this->document((string) $this->argument('rush')))->rush;
            $file = $this->option('pins');
            $pins = is_string($file) ? $gate->pins($this->document($file), $rush->kit) : null;
            $units =
                Units::tryFrom((string) $this->option('units')) ??
                throw \RushHold\Refused::unknownWord('--units', (string) $this->option('units'), Units::class);

            $left = $this->option('standing');
            $standing = is_string($left) ? StandingDocument::read($this->document($left)) : null;

            $told = new ToldStage($this->getOutput()->getErrorStyle());
            $ranking = Planner::standard()->rank(
                $rush,
                $pins,
                $this->count('seed', 0, PHP_INT_MAX),
                $this->count('runs', 1, 100000),
                $told,
                $standing,
            );
            $told->done();

            return $this->asPage() ? (new Page($units))->ofRanking($ranking) : RankingDocument::write($ranking, $units);
        });
    }
}
