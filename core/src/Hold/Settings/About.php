<?php

declare(strict_types=1);

namespace RushHold\Hold\Settings;

use Closure;
use RushHold\Hold\Hold;
use RushHold\Hold\Kinds\Kind;
use RushHold\Hold\Kinds\Word;
use RushHold\Kit\Kit;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Said;

/**
 * What a setting says of itself. Each case of `Setting` has a file of its name here; the rest asks, and keeps no lists
 * of settings of its own.
 */
final readonly class About
{
    /**
     * @param  Kind  $kind  what its values are
     * @param  int  $readAt  where people read it among the others
     * @param  string|null  $property  what a hold calls it; null: few bodies offer it, and a hold has it among its
     *   extras
     * @param  string  $group  where it is found: focus, exposure or shooting
     * @param  list<Where>  $told  lists that tell it, besides the whole hold
     * @param  list<string>  $steps  what rules weigh against each other where it takes no words, simplest first
     * @param  bool  $played  whether playing decides it better than the rules: it stays while a rush changes a little
     * @param  int|null  $changedAt  where it is changed among what stays in the camera, 0 the quickest; null: it is the
     *   person's
     * @param  Means|Closure(mixed, mixed): Means  $by  how it is changed in the camera, from and to what
     * @param  OnControls  $onControls  what buttons have to do with it
     * @param  array{float, float}|null  $matters  how much a hold rests on it, by autofocus and by hand, 1 most; null:
     *   it follows
     *                                             from the rest
     * @param  Closure(Hold): bool|null  $idle  whether it does nothing in a hold; null: it always does something
     * @param  Closure(float): (Said|Quantity)|null  $says  how a number of it is said; null: as a distance
     * @param  Closure(Hold): (Said|Labelled)|null  $checked  what is looked at before one leaves; null: a hand does not
     *   forget it
     * @param  Closure(Hold, Kit): list<mixed>|null  $tried  what is tried on a hold that has won, as it is done with a
     *   click; aperture and shutter are tried with their light
     * @param  mixed  $usual  what it is where few bodies offer it and nothing is said
     * @param  bool  $catches  whether it is worth having where it makes a pass come out with a keeper at all, however
     *   few frames it adds
     * @param  Closure(float): Effect|null  $effect  what a value of it (1 where it is on) does in a rush, where that is
     *   no matter of its own
     */
    public function __construct(
        public Kind $kind,
        public int $readAt,
        public ?string $property = null,
        public string $group = 'focus',
        private array $told = [],
        private array $steps = [],
        public bool $played = false,
        public ?int $changedAt = null,
        private Means|Closure $by = Means::Menu,
        public OnControls $onControls = OnControls::No,
        private ?array $matters = [0.0, 0.0],
        private ?Closure $idle = null,
        private ?Closure $says = null,
        private ?Closure $checked = null,
        private ?Closure $tried = null,
        public mixed $usual = null,
        public bool $catches = false,
        private ?Closure $effect = null,
    ) {
    }

    /** @return class-string<Labelled>|null the words it takes, null for numbers */
    public function words(): ?string
    {
        return $this->kind instanceof Word ? $this->kind->words : null;
    }

    /**
     * @return list<string> what rules weigh against each other, simplest first, which is what wins a tie; none: it is
     *   solved for
     */
    public function judged(): array
    {
        $words = $this->words();

        return $words === null
            ? $this->steps
            : array_map(static fn (Labelled $case): string => (string) $case->value, $words::cases());
    }

    public function isToldIn(Where $where): bool
    {
        return in_array($where, $this->told, true);
    }

    public function changedBy(mixed $from, mixed $to): Means
    {
        return $this->by instanceof Means ? $this->by : ($this->by)($from, $to);
    }

    /** How much a hold rests on it, 1 most; null: it is never what matters. */
    public function matters(bool $byHand): ?float
    {
        return $this->matters === null ? null : $this->matters[(int) $byHand];
    }

    public function isIdleIn(Hold $hold): bool
    {
        return $this->idle !== null && ($this->idle)($hold);
    }

    public function says(float $value): Said|Quantity
    {
        return $this->says === null ? Quantity::distance($value) : ($this->says)($value);
    }

    public function checked(Hold $hold): Said|Labelled|null
    {
        return $this->checked === null ? null : ($this->checked)($hold);
    }

    /** @return list<mixed> */
    public function tried(Hold $hold, Kit $kit): array
    {
        return $this->tried === null ? [] : ($this->tried)($hold, $kit);
    }

    /** @param  mixed  $value  as a hold has it */
    public function effectOf(mixed $value): Effect
    {
        return $this->effect === null || ! (is_float($value) || is_bool($value))
            ? new Effect()
            : ($this->effect)((float) $value);
    }
}
