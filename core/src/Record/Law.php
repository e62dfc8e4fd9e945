<?php

declare(strict_types=1);

namespace RushHold\Record;

/**
 * What one may suppose of logs in general: how alike the frames of a burst are, how far days differ, and how far rushes
 * are from what the model thinks of them. Nobody knows these beforehand and a log shows them, so that what is said of a
 * share weighs several.
 */
final readonly class Law
{
    /** How alike frames of a burst are, where one figure is wanted. */
    public const ALIKE_USUALLY = 0.2;

    /**
     * How alike frames of a burst are at least, whatever the model says, and how likely that is before anything is
     * logged: a day, a light and a mood are shared by them, and some people log bursts that are all or nothing.
     */
    private const ALIKE = [[0.1, 0.3], [0.25, 0.45], [0.5, 0.25]];

    /**
     * How far a rush is from all others shot with that kit, in log-odds (the mean distance of a Laplace distribution):
     * a model that knows this person's rushes well, one as models are, and one that says nothing about them.
     */
    private const APART = [[0.35, 0.3], [1.0, 0.5], [2.8, 0.2]];

    /**
     * How far days are from one another, as a standard deviation of log-odds: mostly there are good ones and bad ones.
     */
    private const DAY = [[0.0, 0.35], [0.6, 0.65]];

    /** @param  float  $log  logarithm of how likely it is before anything is logged */
    private function __construct(public float $alike, public float $day, public float $apart, public float $log)
    {
    }

    /** @return non-empty-list<self> */
    public static function all(): array
    {
        $all = [];
        foreach (self::ALIKE as [$alike, $likely]) {
            foreach (self::DAY as [$day, $common]) {
                foreach (self::APART as [$apart, $usual]) {
                    $all[] = new self($alike, $day, $apart, log($likely * $common * $usual));
                }
            }
        }

        return $all;
    }

    /** The same for all laws by which bursts hang together alike. */
    public function bursts(): string
    {
        return "$this->alike $this->day";
    }
}
