<?php

declare(strict_types=1);

namespace App\Simulation;

use Closure;
use Illuminate\Support\Facades\Cache;

/**
 * A window of somebody's browser that asks for long work. It numbers its questions: a newer one makes those before it
 * stop working, and it can be told how far the last one has come.
 */
final readonly class Window
{
    private const REMEMBERED_S = 300;

    private string $key;

    /** @param  string  $name  as the browser calls it; '' for somebody who asks once and waits */
    public function __construct(int|string|null $person, private string $name)
    {
        $this->key = hash('sha256', "{$person} {$name}");
    }

    /**
     * Asks a question, which overtakes those before it.
     *
     * @return Closure(float): bool takes the share of the work that is done, 0 to 1; answers whether this is still the last question
     */
    public function asks(int $turn): Closure
    {
        if ($this->name === '') {
            return static fn (float $done): bool => true;
        }
        [$turnKey, $doneKey] = ["turn {$this->key}", "done {$this->key}"];
        if ((int) Cache::get($turnKey, 0) < $turn) {
            Cache::put($turnKey, $turn, self::REMEMBERED_S);
        }

        return static function (float $done) use ($turnKey, $doneKey, $turn): bool {
            $last = (int) Cache::get($turnKey, 0) <= $turn;
            if ($last) {
                Cache::put($doneKey, $done, self::REMEMBERED_S);
            }

            return $last;
        };
    }

    /** Share of the last question that is done, 0 to 1. */
    public function done(): float
    {
        return (float) Cache::get("done {$this->key}", 0.0);
    }
}
