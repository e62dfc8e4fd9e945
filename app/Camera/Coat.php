<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Kit\Detection;
use RushHold\Rush\Figure;

/** What a subject wears: feathers, fur, or a team's colours; lighter where the light falls on it. */
final readonly class Coat
{
    /** What people and vehicles come in. */
    private const KITS = [['#b23a34', '#23262e'], ['#2f5f9e', '#1d2430'], ['#e0a92e', '#2a2a2c'], ['#3f7d4e', '#e6e2d6'], ['#6b4a8e', '#22222a'], ['#dcd9d0', '#3a3f47'], ['#d2703a', '#1f2a3a'], ['#2e8a92', '#24282c']];

    private const SKIN = '#b98a6b';

    private const DARK = '#2c2f34';

    /** Light from above, on what is uppermost and what is undermost. */
    private const LIT = [1.16, 0.74];

    /**
     * @param  non-empty-list<array{float, string}>  $tones  how far down, as a share, and which colour
     * @param  float  $marked  how much its markings stand out, as a share
     */
    private function __construct(private array $tones, public float $marked)
    {
    }

    /** @param  int  $whose  people of different numbers wear different things */
    public static function of(Figure $figure, int $whose): self
    {
        [$upper, $lower] = self::KITS[abs($whose) % count(self::KITS)];

        return match ($figure) {
            Figure::Puffin, Figure::PuffinStanding, Figure::Guillemot, Figure::PenguinLeaping => new self([[0.0, '#2a2a2e'], [0.55, '#2f2f34'], [0.72, '#d9d5ca'], [1.0, '#e8e4d8']], 0.7),
            Figure::Gannet, Figure::GannetDiving, Figure::Swan => new self([[0.0, '#e9e4d4'], [0.5, '#f1eee6'], [1.0, '#d8d6d0']], 0.55),
            Figure::Gull, Figure::Tern, Figure::TernDiving, Figure::Fulmar, Figure::GlidingBird, Figure::LandingBird, Figure::DivingBird => new self([[0.0, '#8f979f'], [0.55, '#b4babf'], [0.75, '#e6e5e0'], [1.0, '#efeeea']], 0.65),
            Figure::Crow, Figure::Cormorant => new self([[0.0, '#26262a'], [1.0, '#35353a']], 0.5),
            Figure::Kingfisher, Figure::KingfisherDiving, Figure::KingfisherPerched => new self([[0.0, '#1f6f86'], [0.55, '#2a86a0'], [0.75, '#b8622c'], [1.0, '#c4763a']], 0.8),
            Figure::Heron, Figure::HeronStanding, Figure::Crane, Figure::CraneDancing, Figure::Pigeon => new self([[0.0, '#7f868d'], [0.7, '#9aa0a5'], [1.0, '#b9bab6']], 0.8),
            Figure::Fox, Figure::FoxTrotting, Figure::FoxPouncing, Figure::Squirrel, Figure::SquirrelLeaping => new self([[0.0, '#a3582c'], [0.6, '#b3683a'], [0.8, '#d8c4a6'], [1.0, '#4a3a30']], 0.8),
            Figure::Badger, Figure::Wolf, Figure::Elephant, Figure::Seal, Figure::Whale, Figure::Dolphin => new self([[0.0, '#5c5f62'], [0.6, '#73767a'], [1.0, '#a9aaa8']], 0.7),
            Figure::Boar, Figure::Bear, Figure::Otter, Figure::WaterMammal => new self([[0.0, '#43342a'], [1.0, '#57463a']], 0.8),
            Figure::Carrying => new self([[0.0, self::DARK], [0.48, self::DARK], [0.5, self::SKIN], [0.55, self::SKIN], [0.58, $upper], [0.76, $upper], [0.79, $lower], [0.88, $lower], [0.9, self::SKIN], [1.0, self::SKIN]], 0.8),
            Figure::Rider, Figure::RiderStanding, Figure::RoadCyclist, Figure::Bmx, Figure::Motocross, Figure::Motorcycle, Figure::Kart, Figure::Kayak => new self([[0.0, $upper], [0.08, $upper], [0.1, self::SKIN], [0.16, self::SKIN], [0.19, $upper], [0.46, $upper], [0.5, $lower], [0.62, $lower], [0.66, self::DARK], [1.0, self::DARK]], 0.8),
            Figure::HorseRider, Figure::ShowJumper, Figure::Dressage, Figure::Polo => new self([[0.0, self::DARK], [0.07, self::DARK], [0.09, self::SKIN], [0.12, $upper], [0.3, $upper], [0.34, '#6a4a30'], [0.7, '#7a5636'], [1.0, '#3d2c20']], 0.7),
            Figure::Plain => new self([[0.0, '#4f5a66'], [1.0, '#4f5a66']], 1.0),
            default => match ($figure->kind()) {
                Detection::Bird => new self([[0.0, '#5e5145'], [0.55, '#73634f'], [0.8, '#b7a68a'], [1.0, '#cabd9f']], 0.85),
                Detection::Animal => new self([[0.0, '#7d6142'], [0.6, '#94744f'], [0.85, '#c5ae8c'], [1.0, '#6b543c']], 0.85),
                Detection::Vehicle => new self([[0.0, $upper], [0.6, $upper], [0.7, $lower], [1.0, '#1c1d20']], 0.8),
                default => new self([[0.0, self::SKIN], [0.13, self::SKIN], [0.17, $upper], [0.5, $upper], [0.55, $lower], [0.72, $lower], [0.76, self::SKIN], [1.0, self::SKIN]], 0.8),
            },
        };
    }

    /** Its colours from above to below, under the sky. */
    public function light(int $high, int $wide): Imagick
    {
        $column = new Imagick;
        $column->newImage(1, $high, new ImagickPixel('black'));
        $draw = new ImagickDraw;
        foreach (range(0, $high - 1) as $y) {
            $draw->setFillColor(new ImagickPixel($this->at($high === 1 ? 0.5 : $y / ($high - 1))));
            $draw->point(0, $y);
        }
        $column->drawImage($draw);
        $column->resizeImage($wide, $high, Imagick::FILTER_POINT, 1);

        return $column;
    }

    private function at(float $down): string
    {
        [$before, $after] = [$this->tones[0], $this->tones[count($this->tones) - 1]];
        foreach ($this->tones as $tone) {
            $tone[0] <= $down && $before = $tone;
        }
        foreach (array_reverse($this->tones) as $tone) {
            $tone[0] >= $down && $after = $tone;
        }
        $mix = $after[0] > $before[0] ? ($down - $before[0]) / ($after[0] - $before[0]) : 0.0;
        $lit = self::LIT[0] + $down * (self::LIT[1] - self::LIT[0]);
        $channel = static fn (int $i): int => (int) max(0, min(255, $lit * ((1 - $mix) * hexdec(substr($before[1], 1 + 2 * $i, 2)) + $mix * hexdec(substr($after[1], 1 + 2 * $i, 2)))));

        return sprintf('rgb(%d,%d,%d)', $channel(0), $channel(1), $channel(2));
    }
}
