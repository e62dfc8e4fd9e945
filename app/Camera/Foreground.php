<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Camera\Shot;
use RushHold\Focus\LossCause;
use RushHold\Kit\Detection;

/** What stands before the subject: blades and seed heads, and in a frame where it is hidden what hides it. */
final readonly class Foreground
{
    /** Blades across a frame that is covered by them. */
    private const BLADES = 46;

    /** Fresh, ripe and dry. */
    private const GREENS = [[92, 104, 52], [122, 126, 66], [156, 146, 88], [74, 86, 46], [178, 164, 112]];

    /** Of so many blades one carries a seed head. */
    private const SEEDS = 4;

    /** Who passes between wears that. */
    private const PASSERS = ['#5b4238', '#3a4450', '#6a6152'];

    public function __construct(private Shot $shot, private int $seed)
    {
    }

    public function isThere(): bool
    {
        return $this->shot->situation->scene->frontClutter > 0 || $this->shot->cause === LossCause::Hidden;
    }

    /** As it would be seen sharp; nothing where there is nothing in this part of the frame. */
    public function picture(View $view): Imagick
    {
        // The same blades in a few frames after each other.
        $chances = new Canvas(7001 + $this->seed + 17 * intdiv($this->shot->number, 4));
        $layer = new Imagick();
        $layer->newImage($view->wide, $view->high, new ImagickPixel('none'));
        $layer->setImageColorspace(Imagick::COLORSPACE_SRGB);
        $draw = new ImagickDraw();
        $this->blades($draw, $view, $chances);
        $this->shot->cause === LossCause::Hidden && $this->hide($draw, $view, $chances);
        $layer->drawImage($draw);

        return $layer;
    }

    private function blades(ImagickDraw $draw, View $view, Canvas $chances): void
    {
        $body = $this->shot->situation->kit->body;
        [$wide, $foot] = [$body->sensorWidthMm, $body->sensorHeightMm / 2];
        $clear = 0.75 * $this->shot->situation->subject->aimSizeM * $this->shot->mmPerM;
        $blades = (int) round(self::BLADES * $this->shot->situation->scene->frontClutter);
        for ($i = 0; $i < $blades; $i++) {
            $thick = $wide * (0.003 + 0.006 * $chances->chance());
            $x = $wide * (($i + $chances->chance()) / $blades - 0.5);
            $top = $foot - 2 * $foot * (0.3 + 0.65 * $chances->chance());
            $lean = $wide * 0.2 * ($chances->chance() - 0.5);
            $colour = self::green($chances);
            // What is not hidden shows between them.
            if (
                $this->shot->cause === LossCause::Hidden ||
                max(abs($x - $this->shot->aimXMm), abs($x + $lean - $this->shot->aimXMm)) >
                    $clear + $thick + abs($lean) / 2
            ) {
                $this->blade($draw, $view, [$x, $foot], [$x + $lean, $top], $thick, $colour);
                $i % self::SEEDS === 0 && $this->seeds($draw, $view, [$x + $lean, $top], $thick, $chances);
            }
        }
    }

    private static function green(Canvas $chances): string
    {
        $base = self::GREENS[(int) (count(self::GREENS) * $chances->chance())];
        $shade = 0.75 + 0.45 * $chances->chance();

        return sprintf('rgb(%d,%d,%d)', ...array_map(static fn (int $v): int => (int) min(255, $v * $shade), $base));
    }

    /**
     * A blade that bends over towards its tip.
     *
     * @param  array{float, float}  $foot  mm on the sensor
     * @param  array{float, float}  $tip  the same
     */
    private function blade(ImagickDraw $draw, View $view, array $foot, array $tip, float $thick, string $colour): void
    {
        $bend = [$foot[0] + 0.15 * ($tip[0] - $foot[0]), $foot[1] + 0.65 * ($tip[1] - $foot[1])];
        $at = static fn (float $x, float $y): array => array_map(
            static fn (float $v): float => round($v, 3),
            $view->at($x, $y),
        );
        $draw->setFillColor(new ImagickPixel($colour));
        $draw->pathStart();
        $draw->pathMoveToAbsolute(...$at($foot[0] - $thick, $foot[1]));
        $draw->pathCurveToQuadraticBezierAbsolute(...[...$at($bend[0] - 0.8 * $thick, $bend[1]), ...$at(...$tip)]);
        $draw->pathCurveToQuadraticBezierAbsolute(
            ...[...$at($bend[0] + 0.8 * $thick, $bend[1]), ...$at($foot[0] + $thick, $foot[1])],
        );
        $draw->pathClose();
        $draw->pathFinish();
    }

    /** @param  array{float, float}  $tip mm on the sensor */
    private function seeds(ImagickDraw $draw, View $view, array $tip, float $thick, Canvas $chances): void
    {
        $draw->setFillColor(new ImagickPixel('rgb(168,148,104)'));
        for ($i = 0; $i < 14; $i++) {
            [$x, $y] = $view->at($tip[0] + 1.6 * $thick * ($chances->chance() - 0.5), $tip[1] + 0.9 * $thick * $i);
            $size = $thick * $view->perMm();
            $draw->ellipse(
                round($x, 3),
                round($y, 3),
                round(max(0.2, 0.4 * $size), 3),
                round(max(0.3, 0.8 * $size), 3),
                0,
                360,
            );
        }
    }

    /** Leaves over what has to be sharp; where people watch and compete, one of them. */
    private function hide(ImagickDraw $draw, View $view, Canvas $chances): void
    {
        $body = $this->shot->situation->kit->body;
        $clear = 0.75 * $this->shot->situation->subject->aimSizeM * $this->shot->mmPerM;
        $half = max(2.6 * $clear, 0.03 * $body->sensorWidthMm);
        [$x, $y, $foot] = [$this->shot->aimXMm, $this->shot->aimYMm, $body->sensorHeightMm / 2];
        if (in_array($this->shot->situation->subject->figure->kind(), [Detection::Person, Detection::Vehicle], true)) {
            [$left, $top] = $view->at($x - 1.2 * $half, $y - 1.5 * $half);
            [$right, $below] = $view->at($x + 1.2 * $half, $foot + $half);
            $round = round(0.7 * $half * $view->perMm(), 2);
            $draw->setFillColor(new ImagickPixel(self::PASSERS[(int) (count(self::PASSERS) * $chances->chance())]));
            $draw->roundRectangle(round($left, 2), round($top, 2), round($right, 2), round($below, 2), $round, $round);
            [$headX, $headY] = $view->at($x, $y - 2.1 * $half);
            $draw->setFillColor(new ImagickPixel('#4a372b'));
            $draw->circle(
                round($headX, 2),
                round($headY, 2),
                round($headX + 0.8 * $half * $view->perMm(), 2),
                round($headY, 2),
            );

            return;
        }
        // First what leaves no gap, then leaves that give it its edge.
        $draw->setFillColor(new ImagickPixel('rgb(86,92,50)'));
        [$middleX, $middleY] = $view->at($x, $y);
        $draw->ellipse(
            round($middleX, 2),
            round($middleY, 2),
            round(0.95 * $half * $view->perMm(), 2),
            round(1.1 * $half * $view->perMm(), 2),
            0,
            360,
        );
        $this->blade($draw, $view, [$x, $foot], [$x + 0.2 * $half, $y], 0.25 * $half, 'rgb(86,82,50)');
        for ($i = 0; $i < 16; $i++) {
            $turn = (2 * M_PI * ($i + $chances->chance())) / 16;
            $from = [$x + 0.35 * $half * cos($turn), $y + 0.35 * $half * sin($turn)];
            $this->blade(
                $draw,
                $view,
                $from,
                [$x + 1.7 * $half * cos($turn), $y + 1.6 * $half * sin($turn)],
                0.4 * $half,
                self::green($chances),
            );
        }
    }
}
