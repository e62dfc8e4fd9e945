<?php

declare(strict_types=1);

namespace RushHold\Blur;

use RushHold\Labelled;

/** Whether a blur matters for what the picture is for. */
enum Verdict: string implements Labelled
{
    case Crisp = 'crisp';
    case Keeper = 'keeper';
    case Soft = 'soft';

    /** Blur up to this many circles of confusion still makes a keeper. */
    public const KEEPER_LIMIT = 1.5;

    public static function of(float $blurUm, float $cocUm): self
    {
        return match (true) {
            $blurUm <= $cocUm => self::Crisp,
            $blurUm <= self::KEEPER_LIMIT * $cocUm => self::Keeper,
            default => self::Soft,
        };
    }
}
