<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\User;
use RushHold\Document\Fields;
use RushHold\Document\LadderDocument;
use RushHold\Drill\Habit;
use RushHold\Refused;

/** When a person practises, and which results of it may move their plans: none, until they say so. */
final readonly class Settings
{
    /**
     * What can be let in: times of controls into layouts, the hand into plans, timings to the first sharp frame into
     * plans.
     */
    public const FEEDS = ['controls', 'hand', 'first_sharp'];

    /** @param  array<string, bool>  $feeds */
    private function __construct(public Habit $habit, public array $feeds)
    {
    }

    public static function of(User $person): self
    {
        try {
            return self::read($person->practice ?? []);
        } catch (Refused) {
            return self::read([]);
        }
    }

    /** @throws Refused if a value is out of range */
    public static function read(mixed $given): self
    {
        $top = Fields::of($given);
        $habit = LadderDocument::habit($top->object('habit'));
        $on = $top->object('feeds');
        $feeds = [];
        foreach (self::FEEDS as $feed) {
            $feeds[$feed] = $on->flag($feed, false);
        }
        $on->done();
        $top->keep('habit', []);
        $top->keep('feeds', []);
        $top->done();

        return new self($habit, $feeds);
    }

    /** @return array<string, mixed> */
    public function written(): array
    {
        return ['habit' => LadderDocument::written($this->habit), 'feeds' => $this->feeds];
    }
}
