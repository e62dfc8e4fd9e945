<?php

declare(strict_types=1);

namespace App\Camera;

use Imagick;
use ImagickDraw;
use ImagickPixel;
use RushHold\Kit\Detection;
use RushHold\Rush\Figure;

/** What a subject wears: feathers, fur, or a team's colours, from its back to its belly, and the parts that differ. */
final readonly class Coat
{
    /** What people and vehicles come in. */
    private const KITS = [
        ['#b23a34', '#23262e'],
        ['#2f5f9e', '#1d2430'],
        ['#e0a92e', '#2a2a2c'],
        ['#3f7d4e', '#e6e2d6'],
        ['#6b4a8e', '#22222a'],
        ['#dcd9d0', '#3a3f47'],
        ['#d2703a', '#1f2a3a'],
        ['#2e8a92', '#24282c'],
    ];

    private const SKIN = '#b98a6b';

    private const DARK = '#2c2f34';

    private const HORSES = ['#7a5636', '#4a3526', '#8d8378', '#5b3b26'];

    private const IRIS = '#8a6a3a';

    /**
     * @param  non-empty-list<array{float, string}>  $tones  how far down, as a share, and which colour
     * @param  float  $marked  how much its feathers, hairs or folds stand out, as a share
     * @param  list<array{string, float, float, float, float, string}>  $parts  what differs: head, eye or chest, how
     *   far before
     *                                                                          and below it, how long and how high, in
     *                                                                          heights of the head, and which colour
     */
    private function __construct(
        private array $tones,
        public float $marked,
        public array $parts = [],
        public string $iris = self::IRIS,
    ) {
    }

    /** @param  int  $whose  people of different numbers wear different things */
    public static function of(Figure $figure, int $whose): self
    {
        [$upper, $lower] = self::KITS[abs($whose) % count(self::KITS)];
        $horse = self::HORSES[abs($whose) % count(self::HORSES)];

        return match ($figure) {
            Figure::Puffin, Figure::PuffinStanding => new self(
                [[0.0, '#26262a'], [0.5, '#2f2f34'], [0.72, '#d3cfc4'], [1.0, '#e8e4d8']],
                0.6,
                [
                    ['eye', -0.1, 0.3, 1.1, 0.95, '#d6d2c8'],
                    ['eye', 1.25, 0.45, 0.75, 0.75, '#c9622c'],
                    ['eye', 0.85, 0.4, 0.2, 0.7, '#4d5a66'],
                ],
                '#5a4a44',
            ),
            Figure::Guillemot, Figure::PenguinLeaping => new self(
                [[0.0, '#2a2522'], [0.55, '#35302c'], [0.7, '#d9d5ca'], [1.0, '#e8e4d8']],
                0.6,
                iris: '#2c211c',
            ),
            Figure::Gannet, Figure::GannetDiving => new self(
                [[0.0, '#dedbd2'], [0.5, '#eeebe3'], [1.0, '#cfcdc6']],
                0.5,
                [['eye', -0.5, 0.2, 1.8, 1.1, '#e2c88e'], ['eye', 1.6, 0.25, 1.0, 0.4, '#a9b4bd']],
                '#b9c6cc',
            ),
            Figure::Swan => new self(
                [[0.0, '#e9e6de'], [0.5, '#f1eee6'], [1.0, '#d3d1ca']],
                0.5,
                [['eye', 1.1, 0.35, 0.8, 0.35, '#cf7a34']],
                '#2a211c',
            ),
            Figure::Gull, Figure::Fulmar, Figure::GlidingBird, Figure::LandingBird, Figure::DivingBird => new self(
                [[0.0, '#7d868f'], [0.5, '#a5acb2'], [0.7, '#dfdeda'], [1.0, '#ecebe7']],
                0.6,
                [['eye', -0.4, 0.2, 1.7, 1.1, '#e9e7e2'], ['eye', 1.5, 0.35, 0.8, 0.3, '#d3a63c']],
                '#c9b25a',
            ),
            Figure::Tern, Figure::TernDiving => new self(
                [[0.0, '#a9b0b7'], [0.55, '#c4c9cd'], [0.75, '#e6e5e0'], [1.0, '#efeeea']],
                0.55,
                [
                    ['eye', -0.5, 0.45, 1.6, 0.7, '#e9e7e2'],
                    ['eye', -0.15, -0.3, 1.7, 0.62, '#212327'],
                    ['eye', 1.7, 0.35, 0.9, 0.25, '#c0432c'],
                ],
                '#1c1614',
            ),
            Figure::Crow, Figure::Cormorant => new self(
                [[0.0, '#232428'], [0.5, '#303138'], [1.0, '#26262a']],
                0.5,
                iris: '#3a3026',
            ),
            Figure::Kingfisher, Figure::KingfisherDiving, Figure::KingfisherPerched => new self(
                [[0.0, '#1f6f86'], [0.5, '#2a86a0'], [0.7, '#b8622c'], [1.0, '#c4763a']],
                0.7,
                [['eye', -1.3, 0.35, 0.5, 0.4, '#e4ddcf'], ['eye', 0.2, 0.15, 0.8, 0.4, '#b8622c']],
                '#2a1d16',
            ),
            Figure::Heron, Figure::HeronStanding, Figure::Crane, Figure::CraneDancing, Figure::Pigeon => new self(
                [[0.0, '#6f777f'], [0.7, '#8e959b'], [1.0, '#b3b4b0']],
                0.7,
                [
                    ['eye', 0.1, 0.25, 1.4, 0.7, '#d9d8d2'],
                    ['eye', -0.7, -0.35, 1.2, 0.3, '#2b2e33'],
                    ['eye', 1.8, 0.4, 1.2, 0.3, '#c79a4a'],
                ],
                '#d9b24a',
            ),
            Figure::Duck, Figure::DuckSwimming => new self(
                [[0.0, '#6d655b'], [0.5, '#8c857b'], [0.75, '#b4aea4'], [1.0, '#8d867d']],
                0.7,
                [['head', -0.1, 0.1, 1.4, 1.5, '#2c5a44'], ['eye', 1.5, 0.5, 0.9, 0.4, '#b7a247']],
                '#33261c',
            ),
            Figure::Fox,
            Figure::FoxTrotting,
            Figure::FoxPouncing,
            Figure::Squirrel,
            Figure::SquirrelLeaping => new self(
                [[0.0, '#9a5228'], [0.6, '#b3683a'], [0.85, '#cfae88'], [1.0, '#4a3a30']],
                0.8,
                [['eye', 0.6, 0.9, 1.1, 0.55, '#ddd0bb']],
                '#9a6a24',
            ),
            Figure::Badger, Figure::Wolf, Figure::Elephant, Figure::Seal, Figure::Whale, Figure::Dolphin => new self(
                [[0.0, '#55585c'], [0.6, '#6f7377'], [1.0, '#a3a4a2']],
                0.65,
                iris: '#33261c',
            ),
            Figure::Boar, Figure::Bear, Figure::Otter, Figure::WaterMammal => new self(
                [[0.0, '#43342a'], [0.6, '#54443a'], [1.0, '#3a2e26']],
                0.8,
                [['eye', 0.7, 0.8, 1.0, 0.6, '#7a6650']],
                '#2a1d14',
            ),
            Figure::Carrying => new self(
                [
                    [0.0, self::DARK],
                    [0.48, self::DARK],
                    [0.5, self::SKIN],
                    [0.55, self::SKIN],
                    [0.58, $upper],
                    [0.76, $upper],
                    [0.79, $lower],
                    [0.88, $lower],
                    [0.9, self::SKIN],
                    [1.0, self::SKIN],
                ],
                0.7,
            ),
            Figure::Rider,
            Figure::RiderStanding,
            Figure::RoadCyclist,
            Figure::Bmx,
            Figure::Motocross,
            Figure::Motorcycle,
            Figure::Kart,
            Figure::Kayak => new self(
                [
                    [0.0, $lower],
                    [0.07, $lower],
                    [0.09, self::SKIN],
                    [0.16, self::SKIN],
                    [0.19, $upper],
                    [0.46, $upper],
                    [0.5, $lower],
                    [0.62, $lower],
                    [0.66, self::DARK],
                    [1.0, self::DARK],
                ],
                0.7,
            ),
            Figure::HorseRider, Figure::ShowJumper, Figure::Dressage, Figure::Polo => new self(
                [[0.0, $horse], [0.7, $horse], [1.0, '#2d211a']],
                0.6,
                [
                    ['chest', -0.3, 0.2, 2.0, 2.6, $upper],
                    ['chest', 0.3, 1.75, 0.8, 0.9, '#d8d2c4'],
                    ['head', 0.0, 0.3, 1.2, 1.2, self::SKIN],
                    ['head', -0.1, -0.8, 1.5, 0.8, self::DARK],
                ],
            ),
            Figure::Horse, Figure::Foal => new self(
                [[0.0, $horse], [0.7, $horse], [1.0, '#2d211a']],
                0.6,
                iris: '#2a1d14',
            ),
            Figure::RoeDeer, Figure::Deer, Figure::Stag => new self(
                [[0.0, '#7d4f2f'], [0.6, '#965f3a'], [0.9, '#b5875c'], [1.0, '#5b4433']],
                0.7,
                [['eye', 1.2, 0.9, 0.6, 0.5, '#26211e'], ['eye', 0.7, 1.3, 0.8, 0.4, '#d9cdb8']],
                '#2a1d14',
            ),
            Figure::Plain => new self([[0.0, '#4f5a66'], [1.0, '#4f5a66']], 1.0),
            default => match ($figure->kind()) {
                Detection::Bird => new self(
                    [[0.0, '#5a4d42'], [0.55, '#73634f'], [0.8, '#b7a68a'], [1.0, '#cabd9f']],
                    0.85,
                    [['eye', -0.3, -0.55, 1.4, 0.3, '#c9bb9c']],
                    '#3a2a1a',
                ),
                Detection::Animal => new self(
                    [[0.0, '#74593c'], [0.6, '#8f6f4b'], [0.85, '#b79f7c'], [1.0, '#6b543c']],
                    0.85,
                    [['eye', 0.95, 0.6, 0.9, 0.4, '#b09a78']],
                    '#5a3d1c',
                ),
                Detection::Vehicle => new self(
                    [
                        [0.0, '#22262b'],
                        [0.3, '#2c3238'],
                        [0.36, $upper],
                        [0.7, $upper],
                        [0.78, $lower],
                        [1.0, '#1c1d20'],
                    ],
                    0.5,
                ),
                default => new self(
                    [
                        [0.0, '#3c2c20'],
                        [0.03, self::SKIN],
                        [0.14, self::SKIN],
                        [0.17, $upper],
                        [0.5, $upper],
                        [0.55, $lower],
                        [0.72, $lower],
                        [0.76, self::SKIN],
                        [0.93, self::SKIN],
                        [0.95, '#d9d6cf'],
                        [1.0, '#d9d6cf'],
                    ],
                    0.6,
                ),
            },
        };
    }

    /** Its colours from above to below. */
    public function tones(int $high, int $wide): Imagick
    {
        $column = new Imagick();
        $column->newImage(1, $high, new ImagickPixel('black'));
        $draw = new ImagickDraw();
        foreach (range(0, $high - 1) as $y) {
            $draw->setFillColor(new ImagickPixel($this->at($high === 1 ? 0.5 : $y / ($high - 1))));
            $draw->point(0, $y);
        }
        $column->drawImage($draw);
        $column->resizeImage($wide, $high, Imagick::FILTER_POINT, 1);

        return $column;
    }

    /** Where nothing else is drawn. */
    public function ground(): string
    {
        return $this->tones[count($this->tones) - 1][1];
    }

    private function at(float $down): string
    {
        [$before, $after] = [$this->tones[0], $this->tones[count($this->tones) - 1]];
        foreach ($this->tones as $tone) {
            $tone[0] <= $down && ($before = $tone);
        }
        foreach (array_reverse($this->tones) as $tone) {
            $tone[0] >= $down && ($after = $tone);
        }
        $mix = $after[0] > $before[0] ? ($down - $before[0]) / ($after[0] - $before[0]) : 0.0;
        $channel = static fn (int $i): int => (int) round(
            (1 - $mix) * hexdec(substr($before[1], 1 + 2 * $i, 2)) + $mix * hexdec(substr($after[1], 1 + 2 * $i, 2)),
        );

        return sprintf('rgb(%d,%d,%d)', $channel(0), $channel(1), $channel(2));
    }
}
