<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\DocumentGate;
use Illuminate\Console\Command;
use RushHold\Document\LearningDocument;
use RushHold\Planning\Chooser;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\LoggedCases;
use RushHold\Record\SkillRates;
use RushHold\Refused;

/** Needs no database: bursts in, what they teach about the person and the kit out. */
final class LearnFromLog extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:learn
        {bursts : A list of burst documents with their rushes, or - for standard input}
        {--predict= : A rush document: what it will keep}
        {--hold= : A hold document for that rush; what it leaves out is solved for}';

    protected $description = 'Learn skills and a correction of the kit from logged bursts, and predict a rush with them (exit code 2: document refused, 3: file unreadable)';

    public function handle(DocumentGate $gate): int
    {
        return $this->answer(function () use ($gate): array {
            $logged = LoggedCases::of(
                $gate->bursts($this->document((string) $this->argument('bursts')), LoggedCases::MOST_BURSTS),
            );
            if ($logged === []) {
                throw Refused::because('bursts', 'learn-none');
            }
            $told = new ToldStage($this->getOutput()->getErrorStyle());
            $learning = Learning::from($logged[0]->rush->photographer, $logged, $told);
            $answer = LearningDocument::write($learning);
            $predict = (string) $this->option('predict');
            if ($predict !== '') {
                $rush = $gate->rush($this->document($predict))->rush;
                $pins =
                    (string) $this->option('hold') === ''
                        ? null
                        : $gate->pins($this->document((string) $this->option('hold')), $rush->kit);
                $case = new Logged($rush, Chooser::standard()->hold($rush, $pins), []);
                $rates = SkillRates::played([[$case->rush, $case->hold]], $told)[0];
                $answer['prediction'] = LearningDocument::prediction(
                    $learning,
                    $rates,
                    $rush,
                    $case->kit(),
                    $case->key(),
                );
            }
            $told->done();

            return $answer;
        });
    }
}
