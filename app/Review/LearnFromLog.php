<?php

declare(strict_types=1);

namespace App\Review;

use App\Models\User;
use Illuminate\Bus\Queueable;
use Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Bus\Dispatchable;
use Illuminate\Queue\InteractsWithQueue;

/** Works out anew what a person's log teaches: the cases are played at other skills, which takes seconds. */
final class LearnFromLog implements ShouldBeUniqueUntilProcessing, ShouldQueue
{
    use Dispatchable;
    use InteractsWithQueue;
    use Queueable;

    /** What is logged one after the other is learned from together. */
    private const WAIT_S = 3;

    public int $tries = 3;

    public int $timeout = 80;

    public int $uniqueFor = 60;

    public function __construct(private readonly int $person)
    {
    }

    /** Something was logged, corrected or deleted. */
    public static function soon(int $person): void
    {
        self::dispatch($person)->delay(now()->addSeconds(self::WAIT_S))->afterCommit();
    }

    public function uniqueId(): string
    {
        return (string) $this->person;
    }

    public function handle(): void
    {
        $person = User::query()->find($this->person);
        $person === null || KeptLearning::anew($person);
    }
}
