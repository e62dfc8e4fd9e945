<?php

declare(strict_types=1);

use App\Camera\Canvas;
use App\Camera\Drawer;
use App\Camera\Scenery;
use App\Camera\View;
use RushHold\Camera\PointSpread;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Document\RushDocument;
use RushHold\Focus\LossCause;
use RushHold\Planning\Chooser;
use RushHold\Rush\Figure;
use RushHold\Rush\Rush;

function exampleRush(string $name): Rush
{
    return RushDocument::read(json_decode((string) file_get_contents(base_path("formats/examples/$name.json")), true))->rush;
}

/** The first frame of it that is like that. @param  callable(Shot): bool  $like */
function aShot(Rush $rush, callable $like): Shot
{
    foreach ((new StandIn($rush, Chooser::standard()->choose($rush)->hold))->shoot(400, 9) as $shot) {
        if ($shot->inFrame() && $like($shot)) {
            return $shot;
        }
    }
    throw new LogicException('No frame is like that.');
}

/** @param  array<string, mixed>  $changed */
function otherwise(Shot $shot, array $changed): Shot
{
    $given = [];
    foreach ((new ReflectionMethod($shot, '__construct'))->getParameters() as $parameter) {
        $name = $parameter->getName();
        $given[$name] = array_key_exists($name, $changed) ? $changed[$name] : (new ReflectionProperty($shot, $name))->getValue($shot);
    }

    return new Shot(...$given);
}

/** @return list<float> light of a box, row by row */
function lightOf(Imagick $picture, int $x, int $y, int $wide, int $high): array
{
    return $picture->exportImagePixels($x, $y, $wide, $high, 'I', Imagick::PIXEL_FLOAT);
}

/** @return list<float> how much neighbours differ in a box, the least first */
function steps(Imagick $picture, int $x, int $y, int $side): array
{
    $light = lightOf($picture, $x, $y, $side, $side);
    $steps = [];
    for ($i = 2; $i < count($light); $i++) {
        $i % $side < 2 || ($steps[] = abs($light[$i] - $light[$i - 2]));
    }
    sort($steps);

    return $steps;
}

/** How much neighbours differ, on average, in a box. */
function edges(Imagick $picture, int $x, int $y, int $side): float
{
    $steps = steps($picture, $x, $y, $side);

    return array_sum($steps) / count($steps);
}

it('covers what has to be sharp in a frame that is lost because it is hidden', function (): void {
    $shot = aShot(exampleRush('hare-through-the-campion'), static fn (Shot $shot): bool => $shot->cause === LossCause::Hidden);
    $view = View::around($shot, 160, 120);
    [$hidden, $open] = [(new Drawer)->draw($shot, $view), (new Drawer)->draw(otherwise($shot, ['cause' => LossCause::Shake]), $view)];
    // The eye stands in the middle: dark in its coat where it is seen, even where leaves are before it.
    expect(min(lightOf($open, 60, 40, 40, 40)))->toBeLessThan(0.15)
        ->and(min(lightOf($hidden, 60, 40, 40, 40)))->toBeGreaterThan(0.2)
        ->and(edges($hidden, 60, 40, 40))->toBeLessThan(0.5 * edges($open, 60, 40, 40));
});

it('shows a soft eye over a sharp breast where focus lies on the breast', function (): void {
    $rush = exampleRush('puffin-coming-in');
    $shot = aShot($rush, static fn (Shot $shot): bool => $shot->distanceM < 35);
    // Near enough that a breast is out of what is sharp around an eye.
    $shot = otherwise($shot, ['distanceM' => 12.0]);
    $lens = $shot->situation->lens;
    // As far behind the eye, where the breast of what comes is, as before it.
    $focused = static function (float $behindM) use ($shot, $lens): Imagick {
        $at = $shot->distanceM + $behindM;
        $soft = new PointSpread($lens->defocusUm(2.8, $at, $shot->distanceM), $shot->roundUm, []);

        return (new Drawer)->draw(otherwise($shot, ['focusM' => $at, 'subject' => $soft, 'hold' => $shot->hold->with(aperture: 2.8)]), View::around($shot, 300, 300));
    };
    $behind = 0.3 * $rush->subject->lengthM;
    [$onBreast, $before] = [$focused($behind), $focused(-$behind)];
    // Of its steepest edges, since all around there is little but grain.
    $breast = static fn (Imagick $picture): float => steps($picture, 140, 165, 110)[(int) (0.99 * 110 * 108)];
    $eye = static fn (Imagick $picture): float => edges($picture, 138, 138, 24);
    expect($breast($onBreast))->toBeGreaterThan(1.25 * $breast($before))
        ->and($eye($onBreast))->toEqualWithDelta($eye($before), 0.25 * $eye($before));
});

it('has the sea below the horizon where something flies over water, and the ground it runs on elsewhere', function (): void {
    $rush = exampleRush('gannet-along-the-edge');
    $shot = aShot($rush, static fn (Shot $shot): bool => $shot->kept);
    $picture = (new Drawer)->draw($shot, View::whole($shot, 300));
    $mean = static fn (int $y): float => array_sum(lightOf($picture, 0, $y, 300, 20)) / 6000;
    expect($mean(0))->toBeGreaterThan($mean(175) + 0.15)
        ->and(Scenery::below(exampleRush('hare-through-the-campion')))->toBe(Scenery::Meadow)
        ->and(Scenery::below(exampleRush('muddy-hairpin')))->toBe(Scenery::Mud)
        ->and(Scenery::behind(exampleRush('muddy-hairpin')))->toBe(Scenery::Course)
        ->and(Scenery::below(exampleRush('sprint-finish')))->toBe(Scenery::Asphalt);
    // Who swims does so in water, whatever lies around it.
    $hare = exampleRush('hare-through-the-campion');
    $otter = $hare->with(subject: $hare->subject->with(figure: Figure::Otter));
    expect(Scenery::below($otter))->toBe(Scenery::Sea);
});

it('draws each scenery with detail, the same from the same seed, the plainer the less texture there is', function (Scenery $scenery): void {
    $drawn = static fn (float $texture): Imagick => $scenery->picture(new Canvas(7), 160, 120, $texture, 1.0);
    $picture = $drawn(0.8);
    expect([$picture->getImageWidth(), $picture->getImageHeight()])->toBe([160, 120])
        ->and($picture->getImageSignature())->toBe($drawn(0.8)->getImageSignature())
        ->and(edges($picture, 0, 0, 120))->toBeGreaterThan($scenery === Scenery::Sky ? 0.0005 : 0.02)
        ->and(edges($drawn(0.1), 0, 0, 120))->toBeLessThan(edges($picture, 0, 0, 120));
})->with(Scenery::cases());
