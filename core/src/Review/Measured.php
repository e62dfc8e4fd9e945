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

    /** So many tiles of a row have to be told, and so many of one that is farther: half of them. */
    private const OF_A_ROW = 3;

    private const OF_A_FAR_ROW = 5;

    /** Ground of one row is at one distance: of its tiles the wider are no more than so many times the narrower. */
    private const AGREE = 2.5;

    /** What is this near to the feet, in heights, is as far away as they are: tiles reach half as far as rows are apart. */
    private const AT_THE_FEET = 0.083;

    /** Going away from what is sharpest, rows grow softer; one that is sharper again by so much tells of noise. */
    private const AGAIN = 1.6;

    /** The ground where a subject stands is as soft as itself: at least so much of its width. */
    private const AS_SOFT = 0.6;

    /** Tiles next to what has to be sharp may be part of it. */
    private const BESIDE = 0.07;

    /** Long axis to short, from which a blur has a direction. */
    public const SMEARED = 1.5;

    /** What is around has at least this share of a smear where the camera made it… */
    private const SAME = 0.5;

    /** …and is less spread along it than this share, as a variance, where the subject made it. */
    private const OTHER = 0.4;

    /** Fewer edges than this at what has to be sharp decide nothing: they may all be of one line. */
    private const FEWEST_EDGES = 14;

    /** A width that is unsure by more than this share of itself decides nothing. */
    private const TOO_UNSURE = 0.36;

    /** Told from what is around it no better than this, what was measured may be something else. */
    private const HIDDEN = 0.33;

    /** What the method itself is unsure by, as a share of the width. */
    private const METHOD = 0.12;

    /**
     * @param  array{float, float}|null  $aim  where what has to be sharp is, in widths and heights from the centre, y
     *   down; null: nobody said
     * @param  Spread|null  $spread  of it, in pixels; null where there is nothing to go by
     * @param  float  $noise  standard deviation, as a share of white
     * @param  list<Tile>  $tiles  over the whole frame
     * @param  float  $limitPx  the widest that may be kept, pixels
     * @param  float  $clear  how well it was told from what is around it, 0 to 1
     * @param  Spread|null  $around  of all that is around it together
     * @param  float|null  $feet  where it ends below, in heights from the centre, down; null: not known
     */
    public function __construct(
        public ?array $aim,
        public ?Spread $spread,
        public float $noise,
        public array $tiles,
        public float $limitPx,
        public float $clear = 1.0,
        public ?Spread $around = null,
        public ?float $feet = null,
    ) {
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
        $widths = array_filter(
            array_map(static fn (Tile $tile): ?float => $tile->ellipse?->width(), $this->tiles),
            static fn (?float $width): bool => $width !== null,
        );

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
            $this->clear < self::HIDDEN => Untold::Hidden,
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
        $elsewhere = array_filter(
            $this->tiles,
            fn (Tile $tile): bool => $tile->ellipse !== null &&
                hypot($tile->x - $this->aim[0], $tile->y - $this->aim[1]) > self::BESIDE,
        );
        if (
            array_filter(
                $elsewhere,
                static fn (Tile $tile): bool => $tile->ellipse !== null && $tile->ellipse->width() <= $bound,
            ) === []
        ) {
            return SharpWhere::Nowhere;
        }
        // What is smeared was not missed by focus, or not by focus alone.
        if (
            $this->untold() !== null ||
            $this->spread === null ||
            $this->spread->ellipse->long >= self::SMEARED * $this->spread->ellipse->short
        ) {
            return SharpWhere::Elsewhere;
        }

        return $this->planeOfFocus($elsewhere, $bound, $this->spread->ellipse->width());
    }

    /**
     * Where what is sharp lies, by rows: ground goes away from below, so that what is sharp beneath the feet is nearer,
     * and what is sharp higher up is farther, be it ground or a background. A row is told by the middle one of its
     * tiles, never by a single one. Only one plane is in focus: where rows grow soft and sharp again, nothing is told.
     *
     * @param  array<int, Tile>  $tiles
     * @param  float  $width  of the subject, pixels
     */
    private function planeOfFocus(array $tiles, float $bound, float $width): SharpWhere
    {
        $rows = self::rows($tiles);
        if ($rows === [] || ! self::isOnePlane(array_column($rows, 1))) {
            return SharpWhere::Elsewhere;
        }
        $feet = $this->feet ?? ($this->aim[1] ?? 0.0);
        $above = $below = false;
        $atTheFeet = 0.0;
        foreach ($rows as [$y, $middle, $told, $apart]) {
            $isSharp = $middle <= $bound;
            $above = $above || ($isSharp && $y < $feet - self::AT_THE_FEET && $told >= self::OF_A_FAR_ROW);
            $below = $below || ($isSharp && $y > $feet + self::AT_THE_FEET && $apart <= self::AGREE);
            $y < $feet && ($atTheFeet = $middle);
        }

        return match (true) {
            $above => SharpWhere::Farther,
            // That the ground is soft where it stands shows that it goes away.
            $below && $atTheFeet >= self::AS_SOFT * $width => SharpWhere::Nearer,
            default => SharpWhere::Elsewhere,
        };
    }

    /**
     * Whether rows grow softer both ways from the sharpest.
     *
     * @param  non-empty-list<float>  $widths
     */
    private static function isOnePlane(array $widths): bool
    {
        $sharpest = (int) array_search(min($widths), $widths, true);
        foreach ([array_reverse(array_slice($widths, 0, $sharpest)), array_slice($widths, $sharpest)] as $away) {
            $softest = 0.0;
            foreach ($away as $width) {
                if ($width * self::AGAIN < $softest) {
                    return false;
                }
                $softest = max($softest, $width);
            }
        }

        return true;
    }

    /**
     * @param  array<int, Tile>  $tiles
     * @return list<array{float, float, int, float}> from above: height, the middle one of the widths there, how many
     *   there are, and how many times one a quarter from the widest is one a quarter from the narrowest
     */
    private static function rows(array $tiles): array
    {
        $widths = [];
        foreach ($tiles as $tile) {
            $tile->ellipse === null || ($widths[sprintf('%.4f', $tile->y)][] = $tile->ellipse->width());
        }
        $rows = [];
        foreach ($widths as $y => $row) {
            sort($row);
            $count = count($row);
            $last = $count - 1;
            $quarter = intdiv($last, 4);
            $count >= self::OF_A_ROW &&
                ($rows[] = [(float) $y, $row[intdiv($last, 2)], $count, $row[$last - $quarter] / $row[$quarter]]);
        }
        sort($rows);

        return $rows;
    }

    /**
     * Whether the smear of what has to be sharp is that of the whole frame; null where it is not smeared, or nothing
     * else tells.
     */
    public function cameraSmeared(): ?bool
    {
        $mine = $this->spread?->ellipse;
        if (
            $this->spread === null ||
            $mine === null ||
            $mine->long < self::SMEARED * $mine->short ||
            $this->around === null ||
            $this->around->edges < self::FEWEST_EDGES ||
            $this->around->unsure > self::TOO_UNSURE
        ) {
            return null;
        }
        $smear = $mine->long ** 2 - $mine->short ** 2;
        $along = $this->around->along($mine->angleDeg);

        return match (true) {
            $along - $this->around->along($mine->angleDeg + 90) >= self::SAME * $smear => true,
            $along < self::OTHER * $mine->long ** 2 => false,
            default => null,
        };
    }
}
