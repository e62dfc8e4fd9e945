<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use RushHold\Document\LadderDocument;
use RushHold\Drill\Habit;
use RushHold\Refused;

/** Needs no database: what was practised in, where one stands and what comes next out. */
final class ClimbLadder extends Command
{
    use ReadsDocuments;

    protected $signature = 'rush:ladder
        {practice : A practice document (format rush-hold/practice@1), or - for standard input}
        {--from= : First day of the calendar, as 2026-11-26; today without it}
        {--days=28 : Days of the calendar, 1 to 120}';

    protected $description = 'Print where somebody stands on the ladder of focusing by hand, and the coming sessions (exit code 2: document refused, 3: file unreadable)';

    public function handle(): int
    {
        return $this->answer(function (): array {
            ['ladder' => $ladder, 'habit' => $habit] = LadderDocument::read(
                $this->document((string) $this->argument('practice')),
            );
            $from = (string) ($this->option('from') ?? now()->toDateString());
            if (! Habit::isDay($from)) {
                throw Refused::because('--from', 'practice-day');
            }

            return LadderDocument::write($ladder, $habit, $from, (int) $this->option('days'));
        });
    }
}
