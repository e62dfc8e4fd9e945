<?php

declare(strict_types=1);

use RushHold\Blur\Ellipse;
use RushHold\Review\Cutout;
use RushHold\Review\Edges;
use RushHold\Review\Follow;
use RushHold\Review\Grain;
use RushHold\Review\GrainCurve;
use RushHold\Review\Measured;
use RushHold\Review\Palette;
use RushHold\Review\Patch;
use RushHold\Review\SharpWhere;
use RushHold\Review\Spread;
use RushHold\Review\Tile;
use RushHold\Review\Untold;

/**
 * Discs and bars, each with an edge blurred by what is given, worked out point by point: nothing of it is drawn by what
 * the application draws with.
 */
function painted(int $side, float $long, float $short, float $angleDeg, float $noise = 0.0): Patch
{
    // An edge whose way across is n is blurred by the deviation along n.
    $turn = deg2rad($angleDeg);
    $deviation = static fn (float $nx, float $ny): float => sqrt(
        ($long * ($nx * cos($turn) - $ny * sin($turn))) ** 2 + ($short * ($nx * sin($turn) + $ny * cos($turn))) ** 2,
    );
    $climb = static fn (float $x): float => 1 / (1 + exp(-1.702 * $x));
    $light = [];
    mt_srand(7);
    for ($y = 0; $y < $side; $y++) {
        for ($x = 0; $x < $side; $x++) {
            $value = 0.35;
            foreach ([[0.3, 0.32, 0.17, 0.4], [0.7, 0.66, 0.19, 0.45]] as [$cx, $cy, $r, $step]) {
                [$dx, $dy] = [$x - $cx * $side, $y - $cy * $side];
                $far = max(1e-6, hypot($dx, $dy));
                $value += $step * $climb(($r * $side - $far) / max(0.05, $deviation($dx / $far, $dy / $far)));
            }
            $grain = 0.0;
            for ($i = 0; $i < 6 && $noise > 0; $i++) {
                $grain += mt_rand() / mt_getrandmax() - 0.5;
            }
            $light[] = $value + $noise * M_SQRT2 * $grain;
        }
    }

    return new Patch($side, $side, $light);
}

it('measures a round blur within a tenth', function (float $deviation, float $noise): void {
    $patch = painted(220, $deviation, $deviation, 0, $noise);
    $found = Spread::of($patch, $noise > 0 ? Grain::of($patch) : 0.0);
    expect($found?->ellipse->deviation())
        ->toBeGreaterThan(0.9 * $deviation)
        ->toBeLessThan(1.1 * $deviation);
})->with([[0.8, 0.0], [1.2, 0.0], [2.0, 0.0], [3.5, 0.0], [6.0, 0.0], [0.9, 0.012], [2.0, 0.03], [5.0, 0.03]]);

it('measures which way a blur is longer, and by how much', function (float $angle): void {
    $found = Spread::of(painted(220, 3.2, 1.2, $angle), 0.0)?->ellipse ?? throw new RuntimeException('nothing found');
    $off = abs(fmod($found->angleDeg - $angle + 270, 180) - 90);
    expect($off)
        ->toBeLessThan(8.0)
        ->and($found->long / $found->short)
        ->toBeGreaterThan(1.7)
        ->toBeLessThan(3.6);
})->with([0.0, 25.0, 70.0, 115.0, 160.0]);

it('knows how noisy a picture is where it is calm', function (): void {
    expect(Grain::of(painted(160, 1, 1, 0, 0.02)))
        ->toBeGreaterThan(0.013)
        ->toBeLessThan(0.024)
        ->and(Grain::of(painted(160, 1, 1, 0)))
        ->toBeLessThan(0.001);
});

it(
    'finds nothing where there is nothing',
    fn () => expect(Spread::of(new Patch(80, 80, array_fill(0, 6400, 0.5)), 0.0))
        ->toBeNull()
        ->and(Edges::of(new Patch(4, 4, array_fill(0, 16, 0.5)), 0.0, 0.0))
        ->toBe([]),
);

it('smooths by what it says: variances add', function (): void {
    $found = Spread::of(painted(200, 1.5, 1.5, 0)->smoothed(2.0), 0.0)?->ellipse->deviation();
    expect($found)->toEqualWithDelta(2.5, 0.2);
});

it('follows what was marked, and says when it is gone', function (): void {
    // A pattern that runs to the right and down, over a ground that stands.
    $frame = static function (?int $x, ?int $y): Patch {
        mt_srand(11);
        $light = [];
        for ($i = 0; $i < 480 * 320; $i++) {
            $light[] = 0.5 + 0.03 * (mt_rand() / mt_getrandmax() - 0.5);
        }
        for ($j = -6; $x !== null && $j <= 6; $j++) {
            for ($i = -9; $i <= 9; $i++) {
                $light[($y + $j) * 480 + $x + $i] = ($i * 7 + $j * 13) % 5 < 2 ? 0.9 : 0.15;
            }
        }

        return (new Patch(480, 320, $light))->smoothed(0.8);
    };
    $follow = Follow::marked($frame(100, 80), 100.5 / 480 - 0.5, 80.5 / 320 - 0.5);
    foreach (range(1, 8) as $i) {
        [$x, $y] = $follow->in($frame(100 + 31 * $i, 80 + 12 * $i)) ?? [9.0, 9.0];
        expect(($x + 0.5) * 480)
            ->toEqualWithDelta(100.5 + 31 * $i, 2.0)
            ->and(($y + 0.5) * 320)
            ->toEqualWithDelta(80.5 + 12 * $i, 2.0);
    }
    expect($follow->in($frame(null, null)))->toBeNull();
})->group('long');

/** A target of rings, so large, before a ground that stands; its colours where it is, as a share of them. */
function target(float $x, float $size, bool $coloured = true): array
{
    mt_srand(5);
    $light = $colours = [];
    for ($i = 0; $i < 360 * 240; $i++) {
        $far = hypot(($i % 360) - $x, intdiv($i, 360) - 110) / $size;
        $light[] =
            $far < 1 ? (intdiv((int) (4 * $far), 1) % 2 ? 0.8 : 0.2) : 0.5 + 0.1 * (mt_rand() / mt_getrandmax() - 0.5);
        $colours[] = $far < 1 && $coloured ? 0.9 : -0.9;
    }

    return [(new Patch(360, 240, $light))->smoothed(0.8), new Patch(360, 240, $colours)];
}

it('follows what comes nearer until it is three times as large', function (): void {
    [$first, $colours] = target(140.0, 10.0);
    $follow = Follow::marked($first, 140.5 / 360 - 0.5, 110.5 / 240 - 0.5, $colours);
    for ($k = 1; $k <= 15; $k++) {
        [$x, $y] = $follow->in(...target(140.0 + 2 * $k, 10.0 * 3 ** ($k / 15))) ?? [9.0, 9.0];
        expect(hypot(($x + 0.5) * 360 - 140.5 - 2 * $k, ($y + 0.5) * 240 - 110.5))->toBeLessThan(4.0);
    }
})->group('long');

it(
    'takes nothing for it that lacks its colours, nor anything uncertain where it has left the frame',
    function (): void {
        [$first, $colours] = target(140.0, 14.0);
        $marked = static fn (): Follow => Follow::marked($first, 140.5 / 360 - 0.5, 110.5 / 240 - 0.5, $colours);
        expect($marked()->in(...target(150.0, 14.0)))
            ->not->toBeNull()
            ->and($marked()->in(...target(150.0, 14.0, false)))
            ->toBeNull();
        $leaving = $marked();
        foreach ([190.0, 240.0, 290.0, 335.0] as $x) {
            expect($leaving->in(...target($x, 14.0)))->not->toBeNull();
        }
        expect($leaving->in(...target(380.0, 14.0)))->toBeNull();
    },
)->group('long');

it('knows which colours are its own', function (): void {
    $orange = array_map(static fn (int $i): array => [0.8 + 0.01 * ($i % 5), 0.5, 0.1], range(1, 300));
    $green = array_map(static fn (int $i): array => [0.2, 0.5 + 0.01 * ($i % 9), 0.2], range(1, 3000));
    $seen = Palette::of($orange, $green)->seen(3, 1, [[0.81, 0.5, 0.12], [0.2, 0.55, 0.2], [0.5, 0.1, 0.9]])->light;
    expect($seen[0])
        ->toBeGreaterThan(0.5)
        ->and($seen[1])
        ->toBeLessThan(-0.5)
        // What neither has says nothing.
        ->and(abs($seen[2]))
        ->toBeLessThan(0.1);
});

/** @param  list<Tile>  $tiles */
function judged(float $deviation, array $tiles, float $limit = 3.0): Measured
{
    $patch = painted(160, $deviation, $deviation, 0);

    return new Measured([0.0, 0.0], Spread::of($patch, 0.0), 0.0, $tiles, $limit);
}

it('says where else a lost frame is sharp', function (): void {
    $crisp = Ellipse::fromAxes(0.5, 0.5, 0);
    $soft = Ellipse::fromAxes(5.0, 5.0, 0);
    $at = static fn (float $y, Ellipse $e): array => array_map(static fn (int $i): Tile => new Tile($i / 10, $y, $e), [
        -4,
        -2,
        0,
        2,
        4,
    ]);
    expect(judged(0.6, $at(0.3, $soft))->sharpWhere())
        ->toBe(SharpWhere::Subject)
        ->and(judged(3.0, [...$at(0.3, $crisp), ...$at(-0.3, $soft)])->sharpWhere())
        ->toBe(SharpWhere::Nearer)
        ->and(judged(3.0, [...$at(0.3, $soft), ...$at(-0.3, $crisp)])->sharpWhere())
        ->toBe(SharpWhere::Farther)
        ->and(judged(3.0, [...$at(0.3, $soft), ...$at(-0.3, $soft)])->sharpWhere())
        ->toBe(SharpWhere::Nowhere)
        ->and(judged(3.0, [])->kept())
        ->toBeFalse()
        ->and(judged(0.6, [])->kept())
        ->toBeTrue();
});

it('blames no focus for what is smeared, and says nothing of ground that may lie anywhere', function (): void {
    $rows = static fn (float $y, float $width): array => array_map(
        static fn (int $i): Tile => new Tile($i / 10, $y, Ellipse::fromAxes($width, $width, 0)),
        [-4, -3, -2, 2, 3, 4],
    );
    $smeared = new Measured(
        [0.0, 0.0],
        Spread::of(painted(220, 4.0, 0.7, 30), 0.0),
        0.0,
        [...$rows(0.3, 0.5), ...$rows(-0.3, 5.0)],
        3.0,
    );
    expect($smeared->sharpWhere())
        ->toBe(SharpWhere::Elsewhere)
        // Sharp ground under a bird before an empty sky: it may be behind it as well.
        ->and(judged(3.0, $rows(0.3, 0.5))->sharpWhere())
        ->toBe(SharpWhere::Elsewhere)
        // Sharp ground at the height of the body, but beneath the feet.
        ->and(
            (new Measured(
                [0.0, 0.0],
                Spread::of(painted(160, 3.0, 3.0, 0), 0.0),
                0.0,
                [...$rows(0.1, 0.5), ...$rows(0.3, 5.0)],
                3.0,
                feet: 0.25,
            ))->sharpWhere(),
        )
        ->toBe(SharpWhere::Farther);
});

/** A striped coat before a chequered ground, in colours that are so far apart. */
function coated(float $apart): Cutout
{
    $colours = [];
    mt_srand(4);
    for ($i = 0; $i < 96 * 96; $i++) {
        [$x, $y] = [$i % 96, intdiv($i, 96)];
        $its = (($x - 50) / 22) ** 2 + (($y - 44) / 12) ** 2 <= 1;
        $mark = ($its ? intdiv($x, 4) % 2 : (intdiv($x, 6) + intdiv($y, 6)) % 2) * 0.25;
        $grain = 0.02 * (mt_rand() / mt_getrandmax() - 0.5);
        $colours[] = [
            0.3 + $mark + $grain + ($its ? $apart : 0.0),
            0.35 + $mark + $grain,
            0.3 + $mark + $grain - ($its ? $apart / 2 : 0.0),
        ];
    }

    return Cutout::of(96, $colours, [50.0, 44.0]);
}

/**
 * @param  list<array{float, list<float>}>  $rows  heights, and the widths of the tiles there
 * @return list<Tile>
 */
function inRows(array $rows): array
{
    $tiles = [];
    foreach ($rows as [$y, $widths]) {
        foreach ($widths as $i => $width) {
            $tiles[] = new Tile($i / 10 - 0.4, $y, Ellipse::fromAxes($width / 4, $width / 4, 0));
        }
    }

    return $tiles;
}

it('tells a plane of focus only where rows grow soft away from it', function (array $rows, SharpWhere $where): void {
    // Its width is 12 px, and its feet are at its middle.
    expect(judged(3.0, inRows($rows))->sharpWhere())->toBe($where);
})->with([
    'ground sharp below, as soft as the subject at its feet' => [
        [
            [-0.25, array_fill(0, 5, 20.0)],
            [-0.1, array_fill(0, 5, 14.0)],
            [0.1, array_fill(0, 5, 8.0)],
            [0.3, array_fill(0, 5, 2.5)],
        ],
        SharpWhere::Nearer,
    ],
    'below, but where it stands the ground is sharper than itself' => [
        [
            [-0.25, array_fill(0, 5, 6.0)],
            [-0.1, array_fill(0, 5, 6.0)],
            [0.1, array_fill(0, 5, 5.0)],
            [0.3, array_fill(0, 5, 2.5)],
        ],
        SharpWhere::Elsewhere,
    ],
    'at the feet alone' => [
        [[-0.1, array_fill(0, 5, 14.0)], [0.08, array_fill(0, 5, 2.5)], [0.3, array_fill(0, 5, 14.0)]],
        SharpWhere::Elsewhere,
    ],
    'above and below, with soft ones between' => [
        [
            [-0.4, array_fill(0, 5, 2.0)],
            [-0.1, array_fill(0, 5, 14.0)],
            [0.1, array_fill(0, 5, 9.0)],
            [0.3, array_fill(0, 5, 3.0)],
        ],
        SharpWhere::Elsewhere,
    ],
    'everywhere, as a wall of leaves behind it is' => [
        [
            [-0.4, array_fill(0, 5, 2.0)],
            [-0.1, array_fill(0, 5, 2.2)],
            [0.1, array_fill(0, 5, 2.0)],
            [0.3, array_fill(0, 5, 2.5)],
        ],
        SharpWhere::Farther,
    ],
    'above, by four tiles of nine' => [
        [[-0.25, array_fill(0, 4, 2.0)], [0.1, array_fill(0, 5, 12.0)], [0.3, array_fill(0, 5, 14.0)]],
        SharpWhere::Elsewhere,
    ],
    'below, by tiles that say different things' => [
        [[-0.25, [20, 20, 20, 20]], [-0.1, [14, 14, 14, 14]], [0.3, [1.2, 1.2, 1.2, 1.2, 5, 5, 16]]],
        SharpWhere::Elsewhere,
    ],
]);

it('cuts out what was marked by its colours, and knows when they do not tell', function (): void {
    $clear = coated(0.25);
    $right = 0;
    foreach ($clear->is as $i => $its) {
        $right += $its === ((($i % 96) - 50) / 22) ** 2 + ((intdiv($i, 96) - 44) / 12) ** 2 <= 1 ? 1 : 0;
    }
    expect($right / 96 ** 2)
        ->toBeGreaterThan(0.97)
        ->and($clear->clear)
        ->toBeGreaterThan(0.6)
        ->and($clear->size() * 96)
        ->toEqualWithDelta(2 * sqrt(22 * 12), 4.0)
        ->and($clear->feet())
        ->toEqualWithDelta(57 / 96, 0.04)
        ->and(coated(0.0)->clear)
        ->toBeLessThan(0.33);
    $hidden = new Measured([0.0, 0.0], Spread::of(painted(160, 0.6, 0.6, 0), 0.0), 0.0, [], 3.0, coated(0.0)->clear);
    expect($hidden->untold())->toBe(Untold::Hidden);
});

it('looks only at edges of what it is about, and is unsure where near and far ones differ', function (): void {
    // Soft within, crisp without.
    $soft = painted(200, 3.0, 3.0, 0);
    $crisp = painted(200, 0.6, 0.6, 0);
    $left = array_map(static fn (int $i): bool => $i % 200 < 110, range(0, 39999));
    $both = new Patch(
        200,
        200,
        array_map(static fn (float $a, float $b, bool $is): float => $is ? $a : $b, $soft->light, $crisp->light, $left),
    );
    $its = Spread::of($both, 0.0, within: $left, at: [60.0, 64.0]);
    $all = Spread::of($both, 0.0, at: [60.0, 64.0]);
    expect($its?->ellipse->deviation())
        ->toEqualWithDelta(3.0, 0.4)
        ->and($its?->unsure)
        ->toBeLessThan(0.15)
        ->and($all?->unsure)
        ->toBeGreaterThan(0.45);
});

it('is the surer the farther from the limit', function (): void {
    expect(judged(0.75, [])->sure())
        ->toBeLessThan(judged(1.2, [])->sure())
        ->and(judged(0.75, [])->sure())
        ->toBeGreaterThanOrEqual(0.5)
        ->and(judged(3.0, [])->sure())
        ->toBeGreaterThan(0.97);
});

it('tells the camera’s smear from the subject’s', function (): void {
    $smeared = new Measured(
        [0.0, 0.0],
        Spread::of(painted(220, 3.2, 1.0, 30), 0.0),
        0.0,
        [],
        3.0,
        around: Spread::of(painted(220, 3.0, 1.0, 33), 0.0),
    );
    $alone = new Measured(
        [0.0, 0.0],
        Spread::of(painted(220, 3.2, 1.0, 30), 0.0),
        0.0,
        [],
        3.0,
        around: Spread::of(painted(220, 0.7, 0.7, 0), 0.0),
    );
    expect($smeared->cameraSmeared())
        ->toBeTrue()
        ->and($alone->cameraSmeared())
        ->toBeFalse()
        ->and(judged(2.0, [])->cameraSmeared())
        ->toBeNull();
});

/** As a file stores it: in steps of 1/255. */
function stored(Patch $patch): Patch
{
    return new Patch(
        $patch->wide,
        $patch->high,
        array_map(static fn (float $l): float => round(255 * max(0.0, min(1.0, $l))) / 255, $patch->light),
    );
}

it('takes neither the steps nor the blocks of a stored picture for edges', function (): void {
    $sky = stored(
        new Patch(
            200,
            200,
            array_map(
                static fn (int $i): float => 0.3 + 0.0016 * ($i % 200) + 0.0007 * intdiv($i, 200),
                range(0, 39999),
            ),
        ),
    );
    $blocks = stored(
        new Patch(
            160,
            160,
            array_map(
                static fn (int $i): float => 0.5 + (((intdiv($i % 160, 8) * 7 + intdiv($i, 1280) * 5) % 5) - 2) / 255,
                range(0, 25599),
            ),
        ),
    );
    $far = stored(painted(300, 40.0, 40.0, 0));
    foreach ([$sky, $blocks, $far] as $patch) {
        $measured = new Measured([0.0, 0.0], Spread::of($patch, 0.0), 0.0, [], 3.0);
        expect($measured->untold() === null && $measured->kept())
            ->toBeFalse()
            ->and($measured->sure())
            ->toBeLessThan(0.9);
    }
    expect((new Measured([0.0, 0.0], Spread::of($sky, 0.0), 0.0, [], 3.0))->untold())->toBe(Untold::Plain);
    // What is sharp in it is still found.
    expect(
        (new Measured([0.0, 0.0], Spread::of(stored(painted(200, 0.6, 0.6, 0)), 0.0), 0.0, [], 3.0))->kept(),
    )->toBeTrue();
});

it('never says that noise is sharp', function (float $noise): void {
    mt_srand(3);
    $grain = static fn (): float => array_sum(
        array_map(static fn (): float => mt_rand() / mt_getrandmax() - 0.5, range(1, 6)),
    );
    $patch = stored(
        new Patch(160, 160, array_map(static fn (): float => 0.4 + $noise * M_SQRT2 * $grain(), range(1, 25600))),
    );
    $measured = new Measured([0.0, 0.0], Spread::of($patch, Grain::of($patch)), Grain::of($patch), [], 3.0);
    expect($measured->untold())->toBe(Untold::Plain);
})->with([0.01, 0.03, 0.06]);

it('knows the noise of each brightness, whatever is clipped', function (): void {
    $black = new Patch(56, 56, array_fill(0, 3136, 0.0));
    $white = new Patch(56, 56, array_fill(0, 3136, 1.0));
    mt_srand(9);
    $noisy = static fn (float $light, float $noise): Patch => new Patch(
        56,
        56,
        array_map(
            static fn (): float => $light +
                $noise *
                    M_SQRT2 *
                    array_sum(array_map(static fn (): float => mt_rand() / mt_getrandmax() - 0.5, range(1, 6))),
            range(1, 3136),
        ),
    );
    $patches = [$black, $black, $white];
    for ($i = 0; $i < 8; $i++) {
        $patches[] = $noisy(0.25, 0.03);
        $patches[] = $noisy(0.75, 0.01);
    }
    $curve = GrainCurve::of($patches);
    expect($curve->at(0.25))
        ->toBeGreaterThan(0.02)
        ->and($curve->at(0.75))
        ->toBeGreaterThan(0.006)
        ->toBeLessThan(0.014)
        // Of black nothing is known but what is known nearest to it.
        ->and($curve->at(0.0))
        ->toBe($curve->at(0.25))
        ->and(GrainCurve::of([$black])->at(0.5))
        ->toBe(0.0);
});

it('says whose smear it is only as far as what lies around tells', function (
    Ellipse $mine,
    ?Spread $around,
    ?bool $camera,
): void {
    $measured = new Measured([0.0, 0.0], Spread::known($mine, 200, 0.05), 0.0, [], 3.0, around: $around);
    expect($measured->cameraSmeared())->toBe($camera);
})->with([
    'as long, as turned' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(4.0, 1.0, 30.0), 200, 0.05),
        true,
    ],
    'less than half of it' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(2.8, 1.0, 30.0), 200, 0.05),
        null,
    ],
    'sharp' => fn () => [Ellipse::fromAxes(4.0, 1.0, 30.0), Spread::known(Ellipse::fromAxes(0.7, 0.7, 0.0), 200, 0.05), false],
    'as blurred, but not smeared' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(4.0, 4.0, 0.0), 200, 0.05),
        null,
    ],
    'smeared across it' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(4.0, 1.0, 120.0), 200, 0.05),
        false,
    ],
    'round' => fn () => [Ellipse::fromAxes(4.0, 3.9, 30.0), Spread::known(Ellipse::fromAxes(4.0, 1.0, 30.0), 200, 0.05), null],
    'nothing around' => fn () => [Ellipse::fromAxes(4.0, 1.0, 30.0), null, null],
    'too few edges around' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(4.0, 1.0, 30.0), 1, 0.05),
        null,
    ],
    'nobody knows around' => fn () => [
        Ellipse::fromAxes(4.0, 1.0, 30.0),
        Spread::known(Ellipse::fromAxes(4.0, 1.0, 30.0), 200, 3.0),
        null,
    ],
]);

it('tells a blur along any way, and in pixels of the picture it was made smaller from', function (): void {
    $spread = Spread::known(Ellipse::fromAxes(3.0, 1.0, 20.0), 200, 0.1);
    expect($spread->along(20.0))
        ->toEqualWithDelta(9.0, 1e-9)
        ->and($spread->along(110.0))
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($spread->along(65.0))
        ->toEqualWithDelta(5.0, 1e-9)
        ->and($spread->along(200.0))
        ->toEqualWithDelta(9.0, 1e-9);
    // Putting two by two together spreads a quarter of a pixel, squared; that is not the picture's.
    $large = $spread->enlarged(2);
    expect($large->ellipse->long ** 2)
        ->toEqualWithDelta(36.0 - 0.25, 1e-9)
        ->and($large->ellipse->short ** 2)
        ->toEqualWithDelta(4.0 - 0.25, 1e-9)
        ->and([$large->ellipse->angleDeg, $large->edges, $large->unsure])
        ->toBe([20.0, 200, 0.1])
        ->and($spread->enlarged(1)->ellipse->long)
        ->toEqualWithDelta(3.0, 1e-9)
        // Sharper than a pixel nothing is.
        ->and(Spread::known(Ellipse::fromAxes(0.3, 0.3, 0.0), 9, 0.1)->enlarged(3)->ellipse->short)
        ->toBeGreaterThan(0.2);
});

it('takes a part of a picture as far as there is one, and halves what is odd', function (): void {
    $patch = new Patch(5, 3, range(0.0, 14.0));
    $of = static fn (Patch $p): array => [$p->wide, $p->high, $p->light];
    expect($of($patch->part(1, 1, 2, 2)))
        ->toBe([2, 2, [6.0, 7.0, 11.0, 12.0]])
        ->and($of($patch->part(-3, -3, 2, 1)))
        ->toBe([2, 1, [0.0, 1.0]])
        ->and($of($patch->part(9, 9, 4, 4)))
        ->toBe([1, 1, [14.0]])
        ->and($of($patch->part(3, 1, 9, 9)))
        ->toBe([2, 2, [8.0, 9.0, 13.0, 14.0]])
        ->and($of($patch->halved()))
        ->toBe([2, 1, [3.0, 5.0]])
        ->and($of((new Patch(1, 2, [1.0, 3.0]))->halved()))
        ->toBe([1, 1, [2.0]])
        ->and($of((new Patch(2, 1, [1.0, 3.0]))->halved()))
        ->toBe([1, 1, [2.0]]);
});

it('tells nothing of fewer edges than it takes', function (): void {
    expect(Spread::fromEdges([]))->toBeNull()->and(Spread::fromEdges(array_fill(0, 3, [0.0, 1.0, 1.0, 0])))->toBeNull();
});
