<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;

/**
 * A question that playing answers. Many are played together, so that all who play have work.
 *
 * @template-covariant T
 */
final readonly class SimulationQuestion
{
    /** @param  Closure(Outcome): T  $answer  makes of what came of it what was asked for */
    private function __construct(private ?Play $play, private Closure $answer)
    {
    }

    /**
     * @template A
     *
     * @param  Closure(Outcome): A  $answer
     * @return self<A>
     */
    public static function by(Play $play, Closure $answer): self
    {
        return new self($play, $answer);
    }

    /**
     * What need not be played: the answer is known.
     *
     * @template A
     *
     * @param  A  $answer
     * @return self<A>
     */
    public static function known(mixed $answer): self
    {
        return new self(null, static fn (): mixed => $answer);
    }

    /**
     * The answers to several lists of questions, all played at once.
     *
     * @param  list<self<mixed>>  ...$lists
     * @return list<list<mixed>>
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public static function together(Stage $stage, array ...$lists): array
    {
        $plays = array_filter(array_map(static fn (self $asked): ?Play => $asked->play, array_merge(...$lists)));
        $outcomes = $stage->play(array_values($plays));
        $answers = [];
        foreach (array_values($lists) as $list) {
            $answers[] = array_map(static function (self $asked) use (&$outcomes): mixed {
                $outcome = $asked->play === null ? null : array_shift($outcomes);

                return ($asked->answer)($outcome ?? Outcome::none());
            }, $list);
        }

        return $answers;
    }
}
