<?php

declare(strict_types=1);

namespace App\Playing;

use RushHold\Model;
use RushHold\Words\Words;

/** A question with who asks it, as it is handed to the pool. */
final readonly class QueuedQuestion
{
    /** Of the model that the question was read with. */
    public string $version;

    /** What it is to be answered in. */
    public string $language;

    /** The same for the same question in the same language, whoever asks; another for another model. */
    public string $key;

    /**
     * @param  string  $person  whose turn it takes
     * @param  string  $window  the window that asks; its newer questions overtake older ones; '' for somebody who asks
     *   once and waits
     * @param  int  $turn  number of the question in its window
     */
    public function __construct(
        public Question $question,
        public string $person,
        public string $window = '',
        public int $turn = 0,
        public ?string $known = null,
    ) {
        $this->version = Model::VERSION;
        $this->language = Words::language();
        // Serializing tells apart all that can be told apart, infinite numbers as well, and cannot fail.
        $this->key = hash('sha256', Model::VERSION.$this->language.serialize($question));
    }

    /**
     * Something said to whoever asks.
     *
     * @param  array<string, string|int|float>  $facts
     */
    public function said(string $key, array $facts = []): string
    {
        return Words::speaking($this->language, static fn (): string => Words::text($key, $facts));
    }

    /** The same, with the answer that another server has given; null for none. */
    public function knowing(?string $answer): self
    {
        return $answer === null
            ? $this
            : Words::speaking(
                $this->language,
                fn (): self => new self($this->question, $this->person, $this->window, $this->turn, $answer),
            );
    }
}
