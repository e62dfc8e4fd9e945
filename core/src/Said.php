<?php

declare(strict_types=1);

namespace RushHold;

/**
 * Something to be said about a calculation: which sentence of the catalogue, and the facts it speaks of. Calculations
 * make these; `Words` puts them into sentences.
 */
final readonly class Said
{
    /** @param  array<string, Quantity|Labelled|self|string|list<Labelled|self|string>|bool>  $facts */
    private function __construct(public string $key, public array $facts)
    {
    }

    /**
     * @param  string  $key  of the catalogue
     * @param  Quantity|Labelled|self|string|list<Labelled|self|string>|bool  ...$facts  by the names the sentence uses
     */
    public static function of(string $key, Quantity|Labelled|self|string|array|bool ...$facts): self
    {
        /** @var array<string, Quantity|Labelled|self|string|list<Labelled|self|string>|bool> $facts */
        return new self($key, $facts);
    }

    /** The same with a fact more. */
    public function with(string $name, string $fact): self
    {
        return new self($this->key, [...$this->facts, $name => $fact]);
    }
}
