<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\DeferredFuture;

/**
 * Items by person, taken in turns: whoever has many waits no less than whoever has one.
 *
 * @template T
 */
final class FairQueue
{
    /** Whose items wait for everybody else's. */
    public const NOBODY = 'nobody';

    /** @var array<string, non-empty-list<T>> in the order of turns */
    private array $waiting = [];

    /** @var array<string, int> */
    private array $taken = [];

    /** @var list<DeferredFuture<null>> */
    private array $takers = [];

    /** @param  int  $atOnce  items of one person that may be out at the same time */
    public function __construct(private readonly int $atOnce = PHP_INT_MAX)
    {
    }

    /** @param  T  $item */
    public function add(string $person, mixed $item): void
    {
        $this->waiting[$person][] = $item;
        $this->wake();
    }

    /**
     * The next item, with whose it is; waits until there is one.
     *
     * @return array{string, T}
     */
    public function take(): array
    {
        while (true) {
            foreach ($this->inTurn() as $person => $items) {
                $person = (string) $person;
                if (($this->taken[$person] ?? 0) >= $this->atOnce) {
                    continue;
                }
                // To the end of the row, if there is more of theirs.
                unset($this->waiting[$person]);
                $item = array_shift($items);
                if ($items !== []) {
                    $this->waiting[$person] = $items;
                }
                $this->taken[$person] = ($this->taken[$person] ?? 0) + 1;

                return [$person, $item];
            }
            /** @var DeferredFuture<null> $taker */
            $taker = new DeferredFuture();
            $this->takers[] = $taker;
            $taker->getFuture()->await();
        }
    }

    /** @return array<string, non-empty-list<T>> everybody in turn, and nobody last */
    private function inTurn(): array
    {
        $nobody = $this->waiting[self::NOBODY] ?? null;

        return $nobody === null
            ? $this->waiting
            : array_diff_key($this->waiting, [self::NOBODY => true]) + [self::NOBODY => $nobody];
    }

    /** What was taken is done with. */
    public function done(string $person): void
    {
        if (--$this->taken[$person] === 0) {
            unset($this->taken[$person]);
        }
        $this->wake();
    }

    private function wake(): void
    {
        array_shift($this->takers)?->complete();
    }
}
