<?php

declare(strict_types=1);

namespace App\Camera;

use ImagickDraw;
use RushHold\Hold\AimPoint;
use RushHold\Motion\PathPoint;
use RushHold\Rush\Subject;

/**
 * The outline of a subject in a moment, in a box one wide and one high, facing right: the same that the screens show.
 */
final readonly class Outline
{
    private const PARTS = __DIR__.'/../../resources/js/ui/';

    /** A build may be so much slimmer or stouter than the outline was drawn. */
    private const BUILD = 0.15;

    /** Seen from the side, from between, or head on: by how it goes across and along, degrees. */
    private const VIEWS = [22.5, 67.5];

    /**
     * @param  array{path: string, of: array{float|int, float|int}, head?: array{float|int, float|int},
     *   eye?: array{float|int, float|int}, chest?: array{float|int, float|int}}  $pose
     * @param  float  $wide  of the figure as it is known, for each height
     */
    private function __construct(private array $pose, private float $wide, private bool $flies)
    {
    }

    /** The pose it is in at a time, seen from the camera. */
    public static function of(Subject $subject, PathPoint $point, float $t): self
    {
        /** @var array<string, array{wide: float|int, flies: bool}>|null $known */
        static $known = null;
        /**
         * @var array<string, non-empty-list<array{0: array<string, mixed>, 1: array<string, mixed>, 2: array<string,
         *   mixed>}>> $all
         */
        static $all = [];
        $known ??= self::read('outlines');
        $name = $subject->figure->value;
        $poses = $all[$name] ??= self::read("poses/$name");
        $turned = rad2deg(atan2(abs($point->closingMps), abs($point->acrossMps) + 1e-6));
        $view = count(array_filter(self::VIEWS, static fn (float $limit): bool => $turned > $limit));
        // There and back again.
        $turn = 2 * count($poses) - 2;
        $step = $turn > 0 ? (int) floor(max(0.0, $t) * $subject->posesHz() * $turn) % $turn : 0;

        return new self(
            $poses[$step < count($poses) ? $step : $turn - $step][$view],
            (float) $known[$name]['wide'],
            $known[$name]['flies'],
        );
    }

    /** @return array<array-key, mixed> */
    private static function read(string $file): array
    {
        return json_decode((string) file_get_contents(self::PARTS."$file.json"), true, 8, JSON_THROW_ON_ERROR);
    }

    /**
     * @return array{float, float} how long and high it is drawn so that it is not stretched, in the unit of length and
     *   height
     */
    public function fitted(float $length, float $height): array
    {
        $build = fn (float $ratio): float => $this->flies ? 1.0 : max(1 - self::BUILD, min(1 + self::BUILD, $ratio));
        [$long, $high] =
            $this->wide < 1 && ! $this->flies
                ? [$height * $this->wide * $build($length / ($height * $this->wide)), $height]
                : [$length, ($length / $this->wide) * $build($height / ($length / $this->wide))];

        return [$long * $this->pose['of'][0], $high * $this->pose['of'][1]];
    }

    /** @return array{float, float} where that part is, in its length and height */
    public function place(AimPoint $aim): array
    {
        [$x, $y] = $this->pose[
            match ($aim) {
                AimPoint::Eye => 'eye',
                AimPoint::Head => 'head',
                default => 'chest',
            }
        ] ?? [0.5, 0.5];

        return [(float) $x, (float) $y];
    }

    /** Draws it with its box from 0, 0 to $length, $height. */
    public function draw(ImagickDraw $draw, float $length, float $height): void
    {
        preg_match_all('/([MLCZ])([^MLCZ]*)/', $this->pose['path'], $steps, PREG_SET_ORDER);
        $draw->pathStart();
        foreach ($steps as [, $letter, $numbers]) {
            preg_match_all('/-?(?:\d+\.?\d*|\.\d+)/', $numbers, $found);
            $size = match ($letter) {
                'C' => 6,
                'Z' => 0,
                default => 2,
            };
            if ($size === 0) {
                $draw->pathClose();

                continue;
            }
            foreach (array_chunk(array_map(floatval(...), $found[0]), $size) as $p) {
                // Across and down by turns.
                $p = array_map(
                    static fn (float $v, int $i): float => round($v * ($i % 2 === 0 ? $length : $height), 3),
                    $p,
                    array_keys($p),
                );
                match (true) {
                    count($p) < $size => null,
                    $letter === 'M' => $draw->pathMoveToAbsolute(...$p),
                    $letter === 'C' => $draw->pathCurveToAbsolute(...$p),
                    default => $draw->pathLineToAbsolute(...$p),
                };
            }
        }
        $draw->pathFinish();
    }
}
