<?php

declare(strict_types=1);

namespace App\Playing;

use Amp\Cancellation;
use Amp\Parallel\Worker\Task;
use Amp\Sync\Channel;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;

/**
 * Leads a question to its answer in a process of its own, and has the playing done by the players.
 *
 * @implements Task<string, list<\RushHold\Focus\Outcome>, list<PlayTask>|float|string>
 */
final readonly class LeadTask implements Task
{
    public function __construct(private QueuedQuestion $asked, private int $players)
    {
    }

    public function run(Channel $channel, Cancellation $cancellation): string
    {
        Words::speak($this->asked->language);
        try {
            $json = $this->asked->question->answer(
                new ChannelStage($channel, $cancellation, $this->players),
                static fn (string $early) => $channel->send($early),
            );
            SharedAnswers::ofEnvironment()->keep($this->asked->key, $json);

            return $json;
        } catch (Refused $refused) {
            throw new Unanswerable(Words::in(Units::Metric)->refused($refused));
        }
    }
}
