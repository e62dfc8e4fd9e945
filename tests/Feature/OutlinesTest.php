<?php

declare(strict_types=1);

use App\Camera\Coat;
use App\Camera\Outline;
use RushHold\Document\RushDocument;
use RushHold\Hold\AimPoint;
use RushHold\Motion\PathPoint;
use RushHold\Rush\Figure;
use RushHold\Rush\Subject;

/** A point of a way on which something goes across and along so fast. */
function going(float $across, float $along): PathPoint
{
    $document = json_decode((string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')), true);
    $point = RushDocument::read($document)->rush->path->at(0.0);
    $changed = [...get_object_vars($point), 'acrossMps' => $across, 'closingMps' => $along];

    return new PathPoint(...$changed);
}

/** How much of the box around that place is covered, of a side of `$side`. */
function covered(Outline $outline, AimPoint $aim, int $side = 120): float
{
    $picture = new Imagick();
    $picture->newImage($side, $side, new ImagickPixel('white'));
    $draw = new ImagickDraw();
    $draw->setFillColor(new ImagickPixel('black'));
    $draw->setFillRule(Imagick::FILLRULE_NONZERO);
    $outline->draw($draw, $side, $side);
    $picture->drawImage($draw);
    [$x, $y] = $outline->place($aim);
    $at = static fn (float $v): int => (int) max(0, min($side - 5, round($v * $side) - 2));

    return 1 - array_sum($picture->exportImagePixels($at($x), $at($y), 5, 5, 'I', Imagick::PIXEL_FLOAT)) / 25;
}

it('draws every figure as it goes by, comes, and comes at you, with head and chest upon it', function (): void {
    $bare = [];
    foreach (Figure::cases() as $figure) {
        $subject = new Subject(1.0, 1.0, 0.3, 0.1, figure: $figure);
        foreach ([[10.0, 0.0], [6.0, 6.0], [0.1, 9.0]] as $i => [$across, $along]) {
            $outline = Outline::of($subject, going($across, $along), 0.0);
            foreach ([AimPoint::Head, AimPoint::Chest] as $aim) {
                covered($outline, $aim) > 0.3 || ($bare[] = "$figure->value $i $aim->value");
            }
        }
    }
    expect($bare)->toBe([]);
});

it('beats its wings, and is seen from where one stands', function (): void {
    $puffin = new Subject(0.6, 0.35, 0.3, 0.05, limbSpeedMps: 3.6, figure: Figure::Puffin);
    $size = static fn (float $t, float $across = 10.0, float $along = 0.0): array => Outline::of(
        $puffin,
        going($across, $along),
        $t,
    )->fitted(0.6, 0.35);
    // Two strokes a second: after half a second its wings are where they were.
    expect($puffin->posesHz())
        ->toEqualWithDelta(2.0, 1e-9)
        ->and($size(0.0))
        ->toBe($size(0.5))
        ->and($size(0.0)[1])
        ->toBeGreaterThan(1.5 * $size(0.13)[1]);
    // Head on it is as wide as its wings.
    expect($size(0.0)[0])->toEqualWithDelta(0.6, 1e-6)->and($size(0.13, 0.1, 9.0)[0])->toBeGreaterThan(0.6);
});

it('clothes people differently, and what is white in white', function (): void {
    $middle = static function (Figure $figure, int $whose): array {
        $light = Coat::of($figure, $whose)->tones(100, 2);

        return array_map(static fn (float $v): int => (int) round(255 * $v), $light->exportImagePixels(0, 35, 1, 1, 'RGB', Imagick::PIXEL_FLOAT));
    };
    expect($middle(Figure::Runner, 0))->not->toBe($middle(Figure::Runner, 1));
    expect(min($middle(Figure::Swan, 0)))->toBeGreaterThan(200)->and(max($middle(Figure::Crow, 0)))->toBeLessThan(80);
});
