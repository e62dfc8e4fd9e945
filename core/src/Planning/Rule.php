<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Hold\Setting;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Situation\Situation;

/**
 * One thing practice knows about one setting: when it applies, and which values it speaks for or against and how
 * strongly, or which it rules out. Why is said in the catalogue of words, under `rule.` and its id.
 */
final readonly class Rule
{
    /**
     * @param  Closure(Situation, Choices): bool  $when
     * @param  array<string|int, float>  $points  for a value when positive, against it when negative
     * @param  list<string|int>  $rejects
     * @param  Closure(Situation, Choices): array<string, mixed>|null  $facts  what its sentence speaks of
     */
    private function __construct(
        public string $id,
        public Setting $setting,
        private Closure $when,
        public array $points,
        public array $rejects,
        private ?Closure $facts,
        private string $said,
    ) {
    }

    /**
     * @param  array<string|int, float>  $points
     * @param  Closure(Situation, Choices): bool  $when
     * @param  Closure(Situation, Choices): array<string, mixed>|null  $facts
     * @param  string|null  $said  the id whose sentence it shares; its own when left out
     */
    public static function favour(
        string $id,
        Setting $setting,
        array $points,
        Closure $when,
        ?Closure $facts = null,
        ?string $said = null,
    ): self {
        return new self($id, $setting, $when, $points, [], $facts, $said ?? $id);
    }

    /**
     * @param  list<string|int>  $values
     * @param  Closure(Situation, Choices): bool  $when
     * @param  Closure(Situation, Choices): array<string, mixed>|null  $facts
     * @param  string|null  $said  the id whose sentence it shares; its own when left out
     */
    public static function reject(
        string $id,
        Setting $setting,
        array $values,
        Closure $when,
        ?Closure $facts = null,
        ?string $said = null,
    ): self {
        return new self($id, $setting, $when, [], $values, $facts, $said ?? $id);
    }

    public function applies(Situation $situation, Choices $choices): bool
    {
        return ($this->when)($situation, $choices);
    }

    public function reason(Situation $situation, Choices $choices): Said
    {
        /** @var array<string, Quantity|string|bool> $facts */
        $facts = $this->facts === null ? [] : ($this->facts)($situation, $choices);

        return Said::of("rule.$this->said", ...$facts);
    }
}
