<?php

declare(strict_types=1);

namespace RushHold\Pasted;

use Imagick;

/** A burst in which one subject is pasted into a photograph frame after frame: what following is held against. */
final class Burst extends Scene
{
    /**
     * It passes while the camera follows it, comes nearer until it is three times as large, is small in much noise, or
     * leaves the frame.
     */
    public const WAYS = ['passing', 'growing', 'small', 'leaving'];

    public const FRAMES = 16;

    /**
     * @return list<array{file: string, x: float|null, y: float|null, size: float}> where its head is, in widths and
     *   heights from the centre; null: not in the frame any more
     */
    public function shoot(string $folder): array
    {
        $way = self::WAYS[$this->seed % 4];
        $ground = $this->seed % 8 < 4 ? 'busy' : 'plain';
        $size = $way === 'small' ? $this->between(70, 100) : $this->between(180, 320);
        $side = (int) ($size * 1.3) + 16;
        [$mask, $head, $eye] = $this->outline($side, (int) $size);
        $coat = $this->photograph($this->photographs['coat'], $side, $side, $this->between(2.0, 3.2));
        $coat->brightnessContrastImage($this->between(-22, 22), $this->between(-30, 5));
        self::eye($coat, $head, $eye);
        $around = $this->photograph(
            $this->photographs[$ground],
            self::WIDE + 400,
            self::HIGH + 100,
            $this->between(1.2, 2.0),
        );
        self::blur($around, $this->between(4.0, 14.0), 0.0, 0.0);
        $noise = $way === 'small' ? 0.03 : 0.01;
        $limb = $this->between(0, 6);
        $frames = [];
        for ($k = 0; $k < self::FRAMES; $k++) {
            $share = $k / (self::FRAMES - 1);
            $scale = $way === 'growing' ? 3 ** $share * 0.55 : 1.0 + 0.12 * sin($limb + 0.5 * $k);
            $x = match ($way) {
                'leaving' => -0.1 + 0.85 * $share,
                'growing' => 0.1 * sin($limb) + 0.06 * $share,
                default => 0.12 * sin($limb + 0.6 * $k) + 0.03 * cos(1.7 * $k),
            };
            $y = 0.08 * sin(0.8 * $k + $limb);
            $picture = clone $around;
            $picture->cropImage(
                self::WIDE,
                self::HIGH,
                (int) (400 * ($way === 'growing' ? 0.5 : $share)),
                (int) (50 + 40 * sin($k)),
            );
            $picture->setImagePage(self::WIDE, self::HIGH, 0, 0);
            $place = $this->lay($picture, $coat, $mask, $head, [$x, $y], $scale, $this->between(0.5, 5.0));
            $this->grain($picture, $noise);
            $picture->setImageFormat('jpeg');
            $picture->setImageCompressionQuality(91);
            $picture->writeImage($file = sprintf('%s/%02d.jpg', $folder, $k));
            $picture->clear();
            $frames[] = [
                'file' => $file,
                'x' => abs($place[0]) < 0.5 ? $place[0] : null,
                'y' => $place[1],
                'size' => $size * $scale,
            ];
        }

        return $frames;
    }

    /**
     * @param  array{float, float}  $head
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    private function lay(
        Imagick $picture,
        Imagick $coat,
        Imagick $mask,
        array $head,
        array $at,
        float $scale,
        float $soft,
    ): array {
        $subject = clone $coat;
        $cover = clone $mask;
        $cover->setImageAlphaChannel(Imagick::ALPHACHANNEL_COPY);
        $subject->setImageAlphaChannel(Imagick::ALPHACHANNEL_OPAQUE);
        $subject->compositeImage($cover, Imagick::COMPOSITE_DSTIN, 0, 0);
        $side = (int) round($subject->getImageWidth() * $scale);
        $subject->resizeImage($side, $side, Imagick::FILTER_TRIANGLE, 1);
        // Its wings or legs are not where they were: it is a little higher or lower, and leans.
        $lean = $this->between(-7, 7);
        $subject->setImageBackgroundColor('none');
        $subject->rotateImage('none', $lean);
        $subject->blurImage(0, $soft / 4, Imagick::CHANNEL_ALL);
        [$w, $h] = [$subject->getImageWidth(), $subject->getImageHeight()];
        [$cx, $cy] = [($at[0] + 0.5) * self::WIDE, ($at[1] + 0.5) * self::HIGH];
        $picture->compositeImage(
            $subject,
            Imagick::COMPOSITE_OVER,
            (int) round($cx - $w / 2),
            (int) round($cy - $h / 2),
        );
        $middle = $coat->getImageWidth() / 2;
        [$dx, $dy] = [($head[0] - $middle) * $scale, ($head[1] - $middle) * $scale];
        $turn = deg2rad($lean);

        return [
            ($cx + $dx * cos($turn) - $dy * sin($turn)) / self::WIDE - 0.5,
            ($cy + $dx * sin($turn) + $dy * cos($turn)) / self::HIGH - 0.5,
        ];
    }
}
