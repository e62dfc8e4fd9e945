<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\CancelledException;
use Amp\CompositeCancellation;
use Amp\DeferredCancellation;
use Amp\DeferredFuture;
use Amp\Future;
use Amp\Parallel\Worker\ContextWorkerPool;
use Amp\Parallel\Worker\Execution;
use Amp\Parallel\Worker\TaskFailureThrowable;
use Amp\Parallel\Worker\WorkerFactory;
use Amp\Parallel\Worker\WorkerPool;
use Amp\Sync\ChannelException;
use Amp\TimeoutCancellation;
use Closure;
use Revolt\EventLoop;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Model;
use Throwable;

use function Amp\async;

/**
 * Takes questions in and has them answered by warm processes: a lead for each, and players that share the playing of
 * all. Everybody gets their turn, both at having a question led and at having a piece of it played. A question that
 * nobody waits for any more is dropped; a process that dies is replaced, and what it was at is done again.
 */
final class Pool
{
    private readonly WorkerPool $leads;

    private readonly WorkerPool $players;

    /** @var FairQueue<Work> */
    private readonly FairQueue $questions;

    /** @var FairQueue<array{PlayTask, Work, Closure(list<Outcome>|Throwable): void}> */
    private readonly FairQueue $pieces;

    /** @var array<string, Work> those not answered yet, by their key */
    private array $open = [];

    /** @var array<string, string> answers by their key, those used longest ago first */
    private array $kept = [];

    private int $keptBytes = 0;

    /** Questions that came, those turned away, and pieces played, since the start. */
    private int $asked = 0;

    private int $refused = 0;

    private int $played = 0;

    /** Whether the processes have played enough to be fast. */
    public bool $warm = false;

    /** @var array<string, Ticket> */
    private array $tickets = [];

    /** @var array<string, Ticket> the last of each window */
    private array $windows = [];

    /** @param  Closure(Throwable): void  $report  hears of what should not happen */
    public function __construct(
        WorkerFactory $factory,
        private readonly Limits $limits,
        private readonly Closure $report,
    ) {
        $this->leads = new ContextWorkerPool($limits->leads, $factory);
        $this->players = new ContextWorkerPool($limits->players, $factory);
        $this->questions = new FairQueue($limits->perPerson);
        $this->pieces = new FairQueue();
        for ($i = 0; $i < $limits->leads; $i++) {
            EventLoop::queue($this->lead(...));
        }
        for ($i = 0; $i < $limits->players; $i++) {
            EventLoop::queue($this->play(...));
        }
    }

    /** @throws TurnedAway when there is no room for it */
    public function ask(QueuedQuestion $asked): Ticket
    {
        $this->asked++;
        try {
            return $this->admitted($asked);
        } catch (TurnedAway $away) {
            $this->refused++;
            throw $away;
        }
    }

    /** @throws TurnedAway when there is no room for it */
    private function admitted(QueuedQuestion $asked): Ticket
    {
        if ($asked->version !== Model::VERSION) {
            throw new TurnedAway(503, $asked->said('playing.pool.the-server-is-being-updated'));
        }
        $window = $asked->window === '' ? '' : "$asked->person $asked->window";
        $last = $this->windows[$window] ?? null;
        if ($last !== null && $last->turn > $asked->turn) {
            throw new TurnedAway(409, $asked->said('playing.pool.a-newer-question-came-in'));
        }
        $last?->overtake();
        $ticket = new Ticket($this->work($asked), $asked->turn, function (Ticket $ticket) use ($window): void {
            unset($this->tickets[$ticket->name]);
            if (($this->windows[$window] ?? null) === $ticket) {
                unset($this->windows[$window]);
            }
        });
        $this->tickets[$ticket->name] = $ticket;
        if ($window !== '') {
            $this->windows[$window] = $ticket;
        }

        return $ticket;
    }

    public function ticket(string $name): ?Ticket
    {
        return $this->tickets[$name] ?? null;
    }

    /**
     * @return array{warm: bool, open: int, kept: int, players: int, leads: int, asked_total: int, refused_total: int,
     *   pieces_total: int, memory_bytes: int}
     */
    public function state(): array
    {
        return [
            'warm' => $this->warm,
            'open' => count($this->open),
            'kept' => count($this->kept),
            'players' => $this->players->getWorkerCount(),
            'leads' => $this->leads->getWorkerCount(),
            'asked_total' => $this->asked,
            'refused_total' => $this->refused,
            'pieces_total' => $this->played,
            'memory_bytes' => memory_get_usage(true),
        ];
    }

    /** Stops taking work; the processes end. */
    public function close(): void
    {
        $this->leads->kill();
        $this->players->kill();
    }

    /** The work on the same question that is under way, or new work. */
    private function work(QueuedQuestion $asked): Work
    {
        $kept = $this->kept[$asked->key] ?? $asked->known;
        if ($kept !== null) {
            unset($this->kept[$asked->key]);
            $this->kept[$asked->key] = $kept;
            $work = new Work($asked);
            $work->answered(200, $kept);

            return $work;
        }
        $work = $this->open[$asked->key] ?? null;
        if ($work !== null && ! $work->isCancelled()) {
            return $work;
        }
        $mine = count(
            array_filter(
                $this->open,
                static fn (Work $w): bool => ! $w->isCancelled() && $w->asked->person === $asked->person,
            ),
        );
        if ($mine >= $this->limits->openPerPerson) {
            throw new TurnedAway(429, $asked->said('playing.pool.you-have-questions-open-already', ['mine' => $mine]));
        }
        if (count($this->open) >= $this->limits->open) {
            throw new TurnedAway(503, $asked->said('playing.pool.the-server-is-busy-try'));
        }
        $work = $this->open[$asked->key] = new Work($asked);
        $this->questions->add($asked->person, $work);

        return $work;
    }

    private function lead(): never
    {
        while (true) {
            [$person, $work] = $this->questions->take();
            if (! $work->isCancelled()) {
                [$status, $json] = $this->answerTo($work);
                $work->answered($status, $json);
                if ($status === 200) {
                    $this->keep($work->asked->key, $json);
                }
            }
            if (($this->open[$work->asked->key] ?? null) === $work) {
                unset($this->open[$work->asked->key]);
            }
            $this->questions->done($person);
        }
    }

    /** @return array{int, string} status and JSON */
    private function answerTo(Work $work): array
    {
        $limit = new TimeoutCancellation($this->limits->seconds);
        $tries = 2;
        while (true) {
            try {
                return [200, $this->led($work, new CompositeCancellation($work->cancellation(), $limit))];
            } catch (CancelledException|Overtaken) {
                return $limit->isRequested()
                    ? self::problem(503, $work->asked->said('playing.pool.timed-out-shorten-the-rush'))
                    : self::problem(409, $work->asked->said('playing.pool.a-newer-question-came-in'));
            } catch (TaskFailureThrowable $failure) {
                if ($failure->getOriginalClassName() === Overtaken::class) {
                    return self::problem(409, $work->asked->said('playing.pool.a-newer-question-came-in'));
                }
                if ($failure->getOriginalClassName() === Unanswerable::class) {
                    return self::problem(422, $failure->getOriginalMessage());
                }
                ($this->report)($failure);

                return self::problem(500, $work->asked->said('playing.pool.something-went-wrong-while-it'));
            } catch (Throwable $dead) {
                ($this->report)($dead);
                if (--$tries === 0) {
                    return self::problem(503, $work->asked->said('playing.pool.something-went-wrong-while-it'));
                }
            }
        }
    }

    private function led(Work $work, CompositeCancellation $cancellation): string
    {
        // When playing fails for good, the lead does not wait for it.
        $broken = new DeferredCancellation();
        $failure = null;
        /** @var Execution<string, list<Outcome>, list<PlayTask>|float|string> $execution */
        $execution = $this->leads->submit(
            new LeadTask($work->asked, $this->limits->players),
            new CompositeCancellation($cancellation, $broken->getCancellation()),
        );
        $channel = $execution->getChannel();
        // The channel closes when the lead is done, which ends this.
        $listening = async(function () use ($channel, $work, $broken, &$failure): void {
            try {
                while (! $channel->isClosed()) {
                    $said = $channel->receive();
                    match (true) {
                        is_float($said) => $work->reached($said),
                        is_string($said) => $work->knows($said),
                        default => $channel->send($this->played($said, $work)),
                    };
                }
            } catch (ChannelException) {
                // The lead is done, or dead, which its future says.
            } catch (Throwable $thrown) {
                $failure = $thrown;
                $broken->cancel();
            }
        });
        $listening->ignore();
        try {
            return $execution->await();
        } catch (Throwable $thrown) {
            throw $failure ?? $thrown;
        }
    }

    /**
     * @param  list<PlayTask>  $tasks
     * @return list<Outcome>
     */
    private function played(array $tasks, Work $work): array
    {
        $waiting = [];
        foreach ($tasks as $task) {
            /** @var DeferredFuture<list<Outcome>> $deferred */
            $deferred = new DeferredFuture();
            $this->pieces->add($work->asked->person, [
                $task,
                $work,
                static function (array|Throwable $result) use ($deferred): void {
                    $result instanceof Throwable ? $deferred->error($result) : $deferred->complete($result);
                },
            ]);
            $waiting[] = $deferred->getFuture();
        }

        // They come in the order in which they are done.
        $done = Future\await($waiting);
        ksort($done);

        return array_merge(...array_values($done));
    }

    private function play(): never
    {
        while (true) {
            [$person, [$task, $work, $hand]] = $this->pieces->take();
            try {
                if ($work->isCancelled()) {
                    throw new Overtaken($work->asked->said('playing.pool.nobody-waits-for-it-any'));
                }
                $hand($this->playedPiece($task));
                $this->played++;
            } catch (Throwable $failure) {
                $hand($failure);
            }
            $this->pieces->done($person);
        }
    }

    /** @return list<Outcome> */
    private function playedPiece(PlayTask $task): array
    {
        for ($tries = 2; ; $tries--) {
            try {
                return $this->players->submit($task)->await();
            } catch (TaskFailureThrowable $failure) {
                // It would fail again.
                throw $failure;
            } catch (Throwable $dead) {
                ($this->report)($dead);
                if ($tries === 0) {
                    throw $dead;
                }
            }
        }
    }

    private function keep(string $key, string $json): void
    {
        $this->keptBytes += strlen($json) - strlen($this->kept[$key] ?? '');
        $this->kept[$key] = $json;
        while ($this->keptBytes > $this->limits->keptBytes && count($this->kept) > 1) {
            $oldest = array_key_first($this->kept);
            $this->keptBytes -= strlen($this->kept[$oldest]);
            unset($this->kept[$oldest]);
        }
    }

    /** @return array{int, string} */
    private static function problem(int $status, string $message): array
    {
        return [$status, json_encode(['message' => $message], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)];
    }
}
