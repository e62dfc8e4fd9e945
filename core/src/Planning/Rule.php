<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Hold\Setting;
use RushHold\Situation\Situation;

/**
 * One thing practice knows about one setting: when it applies, which values it speaks for or against and how
 * strongly, or which it rules out, and why, in a sentence a photographer would say.
 */
final readonly class Rule
{
    /**
     * @param  Closure(Situation, Choices): bool  $when
     * @param  array<string|int, float>  $points  for a value when positive, against it when negative
     * @param  list<string|int>  $rejects
     * @param  Closure(Situation, Choices): string  $because
     */
    private function __construct(
        public string $id,
        public Setting $setting,
        public Closure $when,
        public array $points,
        public array $rejects,
        public Closure $because,
    ) {
    }

    /**
     * @param  array<string|int, float>  $points
     * @param  Closure(Situation, Choices): bool  $when
     * @param  string|Closure(Situation, Choices): string  $because
     */
    public static function favour(string $id, Setting $setting, array $points, Closure $when, string|Closure $because): self
    {
        return new self($id, $setting, $when, $points, [], self::sentence($because));
    }

    /**
     * @param  list<string|int>  $values
     * @param  Closure(Situation, Choices): bool  $when
     * @param  string|Closure(Situation, Choices): string  $because
     */
    public static function reject(string $id, Setting $setting, array $values, Closure $when, string|Closure $because): self
    {
        return new self($id, $setting, $when, [], $values, self::sentence($because));
    }

    public function applies(Situation $situation, Choices $choices): bool
    {
        return ($this->when)($situation, $choices);
    }

    public function reason(Situation $situation, Choices $choices): string
    {
        return ($this->because)($situation, $choices);
    }

    private static function sentence(string|Closure $because): Closure
    {
        return is_string($because) ? static fn (): string => $because : $because;
    }
}
