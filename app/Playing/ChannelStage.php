<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\Cancellation;
use Amp\CancelledException;
use Amp\Sync\Channel;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;
use RushHold\Words\Words;

/** The stage of a lead: the pool at the other end of a channel. */
final readonly class ChannelStage implements Stage
{
    /** @param  Channel<list<Outcome>, list<PlayTask>|float|string>  $channel */
    public function __construct(private Channel $channel, private Cancellation $cancellation, private int $players)
    {
    }

    public function play(array $plays): array
    {
        if ($plays === []) {
            return [];
        }
        try {
            $this->channel->send(PlayTask::deal($plays, $this->players));

            return $this->channel->receive($this->cancellation);
        } catch (CancelledException) {
            throw new Overtaken(Words::text('playing.channel-stage.nobody-waits-for-it-any'));
        }
    }

    public function reached(float $done): void
    {
        if ($this->cancellation->isRequested()) {
            throw new Overtaken(Words::text('playing.channel-stage.nobody-waits-for-it-any'));
        }
        $this->channel->send($done);
    }
}
