<?php

declare(strict_types=1);

namespace RushHold\Review;

/** What was measured in one frame, and what that says: kept or lost, how sure, and where it is sharp. */
final readonly class Measured
{
    /** Tiles this sharp, as a share of what may be kept, count as sharp… */
    private const CRISP = 1.25;

    /** …and no sharper than this share of what has to be sharp, they say nothing about it. */
    private const SHARPER = 0.65;

    /** Share of the sharp tiles that has to lie below what has to be sharp, for focus to be nearer; or above it, for it to be farther. */
    private const BELOW = 0.75;

    private const ABOVE = 0.4;

    /** Tiles next to what has to be sharp may be part of it. */
    private const BESIDE = 0.07;

    /** Long axis to short, from which a blur has a direction. */
    public const SMEARED = 1.5;

    /** Two directions this far apart are the same, degrees. */
    private const SAME_WAY = 20.0;

    /** Fewer edges than this at what has to be sharp decide nothing: they may all be of one line. */
    private const FEWEST_EDGES = 14;

    /** A width that is unsure by more than this share of itself decides nothing. */
    private const TOO_UNSURE = 0.45;

    /** What the method itself is unsure by, as a share of the width. */
    private const METHOD = 0.06;

    /**
     * @param  array{float, float}|null  $aim  where what has to be sharp is, in widths and heights from the centre, y down; null: nobody said
     * @param  Spread|null  $spread  of it, in pixels; null where there is nothing to go by
     * @param  float  $noise  standard deviation, as a share of white
     * @param  list<Tile>  $tiles  over the whole frame
     * @param  float  $limitPx  the widest that may be kept, pixels
     */
    public function __construct(public ?array $aim, public ?Spread $spread, public float $noise, public array $tiles, public float $limitPx)
    {
    }

    /** The width that is judged: of what has to be sharp, or of the sharpest place where nobody said; pixels. */
    public function widthPx(): ?float
    {
        if ($this->spread !== null) {
            return $this->spread->ellipse->width();
        }
        if ($this->aim !== null) {
            return null;
        }
        $widths = array_filter(array_map(static fn (Tile $tile): ?float => $tile->ellipse?->width(), $this->tiles), static fn (?float $width): bool => $width !== null);

        return $widths === [] ? null : min($widths);
    }

    /** Why it cannot be told whether it is sharp; null where it can, or nobody said what has to be. */
    public function untold(): ?Untold
    {
        if ($this->aim === null) {
            return null;
        }

        return match (true) {
            $this->spread === null, $this->spread->edges < self::FEWEST_EDGES => Untold::Plain,
            $this->spread->unsure > self::TOO_UNSURE => Untold::Unclear,
            default => null,
        };
    }

    public function kept(): bool
    {
        $width = $this->widthPx();

        return $width !== null && $width <= $this->limitPx;
    }

    /** How sure that is, 0.5 to 1. */
    public function sure(): float
    {
        $width = $this->widthPx();
        if ($width === null || $this->spread === null || $this->untold() !== null) {
            return 0.5;
        }
        $off = abs(log(max(1e-3, $width) / $this->limitPx)) / hypot($this->spread->unsure, self::METHOD);

        // Close to the share of a Gauss within that many standard deviations.
        return 1 / (1 + exp(-1.702 * min(12.0, $off)));
    }

    public function sharpWhere(): SharpWhere
    {
        $width = $this->widthPx();
        if ($this->aim === null) {
            return $this->kept() ? SharpWhere::Elsewhere : SharpWhere::Nowhere;
        }
        if ($this->kept()) {
            return $this->untold() === null ? SharpWhere::Subject : SharpWhere::Nowhere;
        }
        $bound = min(self::CRISP * $this->limitPx, $width === null ? INF : self::SHARPER * $width);
        $sharp = array_filter($this->tiles, fn (Tile $tile): bool => $tile->ellipse !== null && $tile->ellipse->width() <= $bound && hypot($tile->x - $this->aim[0], $tile->y - $this->aim[1]) > self::BESIDE);
        if ($sharp === []) {
            return SharpWhere::Nowhere;
        }
        $below = count(array_filter($sharp, fn (Tile $tile): bool => $tile->y > $this->aim[1])) / count($sharp);

        // On the ground what is nearer lies below; what is behind a subject in the air lies all around it.
        return match (true) {
            $below >= self::BELOW => SharpWhere::Nearer,
            1 - $below >= self::ABOVE => SharpWhere::Farther,
            default => SharpWhere::Elsewhere,
        };
    }

    /** Whether the smear of what has to be sharp is that of the whole frame; null where it is not smeared, or nothing else tells. */
    public function cameraSmeared(): ?bool
    {
        $mine = $this->spread?->ellipse;
        if ($mine === null || $mine->long < self::SMEARED * $mine->short) {
            return null;
        }
        $told = array_filter($this->tiles, fn (Tile $t): bool => $t->ellipse !== null && ($this->aim === null || hypot($t->x - $this->aim[0], $t->y - $this->aim[1]) > self::BESIDE));
        if (count($told) < 3) {
            return null;
        }
        $alike = array_filter($told, static fn (Tile $t): bool => $t->ellipse !== null && $t->ellipse->long > self::SMEARED * $t->ellipse->short
            && abs(fmod($t->ellipse->angleDeg - $mine->angleDeg + 270, 180) - 90) < self::SAME_WAY);

        return count($alike) >= 0.6 * count($told);
    }
}
