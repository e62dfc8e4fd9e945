<?php

declare(strict_types=1);

namespace App\Camera;

use ImagickDraw;
use RushHold\Hold\AimPoint;
use RushHold\Rush\Figure;

/** The outline of a subject, in a box one wide and one high, facing right: the same that the screens show. */
final readonly class Outline
{
    private const FILE = __DIR__.'/../../resources/js/parts/outlines.json';

    /** A build may be so much slimmer or stouter than the outline was drawn. */
    private const BUILD = 0.15;

    /** @param  array{float, float}|null  $head */
    private function __construct(private string $path, private float $wide, private ?array $head)
    {
    }

    public static function of(Figure $figure): self
    {
        /** @var array<string, array{path: string, wide: float|int, head?: array{float, float}}>|null $all */
        static $all = null;
        $all ??= json_decode((string) file_get_contents(self::FILE), true, 8, JSON_THROW_ON_ERROR);
        $one = $all[$figure->value] ?? $all['plain'];

        return new self($one['path'], (float) $one['wide'], $one['head'] ?? null);
    }

    /** @return array{float, float} how long and high it is drawn so that it is not stretched, in the unit of length and height */
    public function fitted(float $length, float $height): array
    {
        $build = static fn (float $ratio): float => max(1 - self::BUILD, min(1 + self::BUILD, $ratio));

        return $this->wide < 1 ? [$height * $this->wide * $build($length / ($height * $this->wide)), $height]
            : [$length, $length / $this->wide * $build($height / ($length / $this->wide))];
    }

    /** @return array{float, float} where that part is, in its length and height */
    public function place(AimPoint $aim): array
    {
        return match (true) {
            $this->head === null => [0.5, 0.5],
            $aim === AimPoint::Eye, $aim === AimPoint::Head => $this->head,
            $aim === AimPoint::Chest => [0.52, 0.3],
            default => [0.5, 0.45],
        };
    }

    /** Draws it with its box from 0, 0 to $length, $height. */
    public function draw(ImagickDraw $draw, float $length, float $height): void
    {
        preg_match_all('/([MLHVCZ])([^MLHVCZ]*)/', $this->path, $steps, PREG_SET_ORDER);
        $draw->pathStart();
        [$x, $y] = [0.0, 0.0];
        foreach ($steps as [, $letter, $numbers]) {
            preg_match_all('/-?(?:\d+\.?\d*|\.\d+)/', $numbers, $found);
            $n = array_map(floatval(...), $found[0]);
            $size = match ($letter) {
                'C' => 6, 'M', 'L' => 2, 'H', 'V' => 1, default => 0,
            };
            if ($size === 0) {
                $draw->pathClose();

                continue;
            }
            foreach (array_chunk($n, $size) as $p) {
                if (count($p) < $size) {
                    continue;
                }
                [$x, $y] = match ($letter) {
                    'H' => [$p[0], $y],
                    'V' => [$x, $p[0]],
                    default => [$p[$size - 2], $p[$size - 1]],
                };
                match ($letter) {
                    'M' => $draw->pathMoveToAbsolute(round($x * $length, 3), round($y * $height, 3)),
                    'C' => $draw->pathCurveToAbsolute(...array_map(static fn (float $v): float => round($v, 3), [$p[0] * $length, $p[1] * $height, $p[2] * $length, $p[3] * $height, $x * $length, $y * $height])),
                    default => $draw->pathLineToAbsolute(round($x * $length, 3), round($y * $height, 3)),
                };
            }
        }
        $draw->pathFinish();
    }
}
