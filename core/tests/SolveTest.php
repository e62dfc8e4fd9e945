<?php

declare(strict_types=1);

/* What is solved for, held against the formulas it is solved from, over many believable rushes. */

use RushHold\Blur\Shake;
use RushHold\Blur\SlowestShutter;
use RushHold\Blur\Verdict;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Light\Exposure;
use RushHold\Motion\ImageMotion;
use RushHold\Optics\Diffraction;
use RushHold\Optics\StopScale;
use RushHold\Planning\Chooser;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Planning\Solve\ShutterNeed;
use RushHold\Tests\Rushes;

it('starts focus on the way and lets the lens search all of it, little more', function (int $seed): void {
    $rush = Rushes::random($seed);
    $plan = Chooser::standard()->choose($rush);
    [$nearest, $farthest] = [$plan->situation->nearestM, $plan->situation->farthestM];
    $hold = $plan->hold;
    expect($hold->startAtM)
        ->toBeGreaterThanOrEqual(min(max($nearest, $rush->kit->lens->nearestM), $farthest) - 0.5)
        ->toBeLessThanOrEqual($farthest + 0.5);
    if ($hold->range !== null) {
        // The lens may not be able to go as near as the subject comes.
        expect($hold->range->nearM)
            ->toBeLessThanOrEqual(max($nearest, $rush->kit->lens->nearestM) + 1e-9)
            ->and($hold->range->farM ?? INF)
            ->toBeGreaterThanOrEqual($farthest - 1e-9);
    }
})->with(range(21, 40));

it('parks where more frames fall into the sharp zone than elsewhere on the way', function (int $seed): void {
    $plan = Chooser::standard()->choose(Rushes::random($seed));
    $s = $plan->situation;
    [$at] = DistanceSolver::startAt($s, Technique::Park);
    $here = DistanceSolver::framesAt($s, $at);
    // Among the places where the subject is large enough; the distance it is set to is rounded.
    $elsewhere = array_filter(
        array_map(static fn ($p): float => $p->distanceM, $s->points),
        static fn (float $d): bool => $d <= 1.5 * $s->nearestM && $d >= $s->kit->lens->nearestM,
    );
    $most =
        $elsewhere === []
            ? 0.0
            : max(array_map(static fn (float $d): float => DistanceSolver::framesAt($s, $d), $elsewhere));
    expect($here)->toBeGreaterThanOrEqual(0.6 * $most);
})->with(range(21, 35));

it('counts frames in the zone as depth over closing speed times frame rate', function (
    float $speed,
    float $start,
): void {
    $plan = plan([
        'subject.speed_mps' => $speed,
        'path.heading_deg' => 0.0,
        'path.start_m' => $start,
        'path.seconds' => ($start - 8) / $speed,
    ]);
    $s = $plan->situation;
    $at = 0.6 * $start;
    $depth = $s->depthAt($at, $s->kit->widest() * M_SQRT2, Verdict::KEEPER_LIMIT);
    $expected = (($depth->farM - $depth->nearM) / $speed) * $s->kit->body->framesPerS;
    expect(DistanceSolver::framesAt($s, $at))->toEqualWithDelta($expected, 0.02 * $expected + 0.02);
})->with([[4.0, 30.0], [10.0, 40.0], [18.0, 60.0]]);

it('keeps settings to the scales that cameras have', function (int $seed): void {
    $rush = Rushes::random($seed);
    $hold = Chooser::standard()->choose($rush)->hold;
    $near = static fn (float $value, array $scale): float => min(
        array_map(static fn (float $step): float => abs(log($value / $step, 2)), $scale),
    );
    expect($near($hold->shutterS, StopScale::shutters($rush->kit->body->fastestShutterS)))
        ->toBeLessThan(0.02)
        ->and($near($hold->aperture, $rush->kit->apertures()))
        ->toBeLessThan(0.02)
        ->and($near($hold->iso, array_map(static fn (int $n): float => 100 * 2 ** ($n / 3), range(-6, 40))))
        ->toBeLessThan(0.02);
})->with(range(21, 40));

it('never gathers less, nor raises ISO, when the light gets better', function (int $seed): void {
    $rush = Rushes::random($seed);
    $bright = $rush->with(light: $rush->light::value($rush->light->ev100 + 1));
    [$dim, $more] = [Chooser::standard()->choose($rush)->hold, Chooser::standard()->choose($bright)->hold];
    $gathered = static fn ($hold): float => (new Exposure($hold->shutterS, $hold->aperture, $hold->iso))->ev100();
    expect($gathered($more))
        ->toBeGreaterThanOrEqual($gathered($dim) - 0.35)
        ->and($more->iso)
        ->toBeLessThanOrEqual($dim->iso * 1.3);
})->with(range(21, 40));

it('solves the two others around any one of shutter, aperture and ISO', function (string $setting, float $value): void {
    $pins = ['exposure' => [$setting => $value]];
    $free = plan()->hold;
    $held = plan([], $pins);
    $kept = match ($setting) {
        'shutter_s' => $held->hold->shutterS,
        'aperture' => $held->hold->aperture,
        default => $held->hold->iso,
    };
    expect(abs(log($kept / $value, 2)))->toBeLessThan(0.05);
    // Whatever is pinned, the picture gets the light it had, or the plan says what is missing.
    $ev = static fn ($hold): float => (new Exposure($hold->shutterS, $hold->aperture, $hold->iso))->ev100();
    expect($ev($held->hold) - $held->exposure->evShort)->toEqualWithDelta($ev($free), 0.4);
})->with([
    'fast' => ['shutter_s', 1 / 6400],
    'slow' => ['shutter_s', 1 / 320],
    'open' => ['aperture', 4.0],
    'stopped down' => ['aperture', 11.0],
    'quiet' => ['iso', 400.0],
    'loud' => ['iso', 3200.0],
]);

it('draws the lane within what the hold can do', function (int $seed): void {
    $plan = Chooser::standard()->choose(Rushes::random($seed));
    $lane = $plan->lane;
    $hold = $plan->hold;
    $s = $plan->situation;
    $before = null;
    $stepS = $s->rush->path->seconds / (count($lane->samples) - 1);
    foreach ($lane->samples as $sample) {
        expect($sample->nearM)
            ->toBeLessThanOrEqual($sample->focusM + 1e-9)
            ->and($sample->farM)
            ->toBeGreaterThanOrEqual($sample->focusM - 1e-9);
        $image = $s->lens->imageDistanceMm($sample->focusM);
        if ($before !== null && $hold->technique === Technique::Auto) {
            expect(abs($image - $before))->toBeLessThanOrEqual($s->kit->driveMmPerS() * $stepS * 1.001 + 1e-6);
        }
        $before = $image;
    }
    foreach ($lane->frames as $frame) {
        expect($frame->verdict)->toBe(Verdict::of($frame->blur->totalUm(), $s->cocUm));
    }
})->with(range(21, 35));

it('takes larger areas the wilder it moves, and smaller ones the more is in the way', function (): void {
    $size = static function (array $changes): float {
        $hold = plan($changes)->hold;
        $shape = Rushes::with($changes)->kit->body->areas[$hold->area->value];

        return $shape->width * $shape->height;
    };
    expect($size(['subject.erratic' => 0.8]))
        ->toBeGreaterThanOrEqual($size(['subject.erratic' => 0.0]))
        ->and($size(['scene.front_clutter' => 0.0]))
        ->toBeGreaterThan($size(['scene.front_clutter' => 0.5, 'scene.front_ratio' => 0.9, 'subject.speed_mps' => 0.1]))
        ->and($size(['photographer.aim' => 0.1]))
        ->toBeGreaterThanOrEqual($size(['photographer.aim' => 0.9]));
});

it('gives every choice that it did not take a reason of its own', function (int $seed): void {
    $plan = Chooser::standard()->choose(Rushes::random($seed));
    $line = lineOf($plan, Setting::Area);
    $said = [];
    foreach ($line->alternatives as $alternative) {
        $said[] = said($alternative->because);
        expect(strlen(said($alternative->because)))
            ->toBeGreaterThan(12)
            ->and($alternative->value)
            ->not->toBe($plan->hold->area->value);
    }
    expect(count($line->alternatives))
        ->toBeGreaterThanOrEqual(3)
        ->and(count(array_unique($said)))
        ->toBeGreaterThanOrEqual(2)
        ->and(Area::tryFrom((string) $line->alternatives[0]->value))
        ->not->toBeNull();
})->with(range(21, 30));

it('says when there is too much light for what is pinned, and what to let go', function (): void {
    $misfit = misfit(
        plan(['light.ev100' => 15.0], ['exposure' => ['shutter_s' => 1 / 60, 'aperture' => 4.0, 'iso' => 1600]]),
        'light',
    );
    expect(said($misfit->sentence))
        ->toContain('too bright')
        ->toContain('1/60')
        ->and(implode(' ', array_map(said(...), $misfit->waysOut)))
        ->toContain('Unpin the shutter')
        ->toContain('Unpin the ISO')
        ->toContain('ND filter')
        ->and(misfit(plan(['light.ev100' => 15.0], ['exposure' => ['iso' => 1600]]), 'light'))
        ->toBeNull()
        ->and(misfit(plan(['light.ev100' => 15.0]), 'light'))
        ->toBeNull();
});

it('asks a shutter for four fifths of the rush: of sixty-one moments the twelfth hardest is let go', function (): void {
    $s = plan(['path.start_m' => 60.0, 'path.heading_deg' => 40.0, 'subject.speed_mps' => 15.0])->situation;
    $need = ShutterNeed::of($s, 5.6, 0.0);
    // What movement alone would ask at each moment, in order; nearer means faster.
    $alone = array_map(
        static fn (ImageMotion $m): float => SlowestShutter::forShare(
            $need->shareUm,
            $m->bodyBlurUm(1.0, $s->panningRemoved()),
            Shake::blurUm($s->shakeRate(0.0), $s->kit->focalMm(), 1.0),
        ),
        $s->motions,
    );
    sort($alone);
    expect($need->bodyS)->toBe($alone[12]);
});

it('does not stop down beyond diffraction for depth that cannot be had', function (): void {
    $plan = plan([
        'group' => [['distance_m' => 44.0], ['distance_m' => 30.0]],
        'light.ev100' => 16.0,
        'photographer.iso_ceiling' => 51200.0,
    ]);
    expect($plan->hold->aperture)
        ->toBeLessThanOrEqual(Diffraction::limitFor($plan->situation->cocUm) * 1.06)
        ->toBeGreaterThan($plan->situation->kit->widest());
});

it('takes a support that is pinned for one that is usual', function (): void {
    $usual = Chooser::standard()->choose(Rushes::with(['photographer.support' => 'tripod']));
    $pinned = plan([], ['support' => 'tripod']);
    expect($pinned->hold->shutterS)
        ->toBe($usual->hold->shutterS)
        ->and($pinned->situation->aimMiss)
        ->toBe($usual->situation->aimMiss)
        ->and($pinned->exposure->need->bodyS)
        ->toBe($usual->exposure->need->bodyS)
        ->and($pinned->situation->aimMiss)
        ->toBeLessThan(plan([])->situation->aimMiss);
});

it('knows that a steadied finder is easier to hold still', function (): void {
    expect(plan([], ['stabiliser' => 'on'])->situation->aimMiss)->toBeLessThan(
        plan([], ['stabiliser' => 'off'])->situation->aimMiss,
    );
});
