<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\Cancellation;
use Amp\DeferredCancellation;
use Amp\DeferredFuture;
use Amp\Future;

/** A question on its way to the answer, and those who wait for it. */
final class Work
{
    /** Share that is done, 0 to 1. */
    public float $done = 0.0;

    /** What is known of the answer, as JSON, before all of it is. */
    public ?string $early = null;

    /** @var array{int, string}|null status and JSON, once it is answered */
    public ?array $answer = null;

    private int $waiting = 0;

    /** @var DeferredFuture<null> */
    private DeferredFuture $next;

    private readonly DeferredCancellation $cancellation;

    public function __construct(public readonly QueuedQuestion $asked)
    {
        $this->cancellation = new DeferredCancellation();
        $this->next = self::deferred();
    }

    public function reached(float $done): void
    {
        $this->done = $done;
        $this->changed();
    }

    /** Something of the answer is known before all of it is. */
    public function knows(string $json): void
    {
        $this->early = $json;
        $this->changed();
    }

    public function answered(int $status, string $json): void
    {
        $this->answer ??= [$status, $json];
        $this->changed();
    }

    /** Completes at the next change of anything.
     *
     * @return Future<null>
     */
    public function next(): Future
    {
        return $this->next->getFuture();
    }

    public function changed(): void
    {
        $next = $this->next;
        $this->next = self::deferred();
        $next->complete();
    }

    public function joined(): void
    {
        $this->waiting++;
    }

    /** One less waits for it; without any there is no more reason to go on. */
    public function left(): void
    {
        if (--$this->waiting === 0 && $this->answer === null) {
            $this->cancellation->cancel();
        }
    }

    public function isCancelled(): bool
    {
        return $this->cancellation->isCancelled();
    }

    public function cancellation(): Cancellation
    {
        return $this->cancellation->getCancellation();
    }

    /** @return DeferredFuture<null> */
    private static function deferred(): DeferredFuture
    {
        /** @var DeferredFuture<null> $deferred */
        $deferred = new DeferredFuture();

        return $deferred;
    }
}
