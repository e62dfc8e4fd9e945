<?php

declare(strict_types=1);

use RushHold\Hold\AimPoint;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Support;
use RushHold\Motion\Path;
use RushHold\Situation\Aim;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/* How far somebody's aim strays, by hand: hands, lateness and what nobody foresees. */

function aim(array $changes, Support $support = Support::Handheld, bool $stabilised = false): Aim
{
    return Aim::of(Rushes::with($changes), $support, $stabilised);
}

it('takes unsteadiness from skill, support and a steadied finder', function (): void {
    // 0.8 mrad for a master, 5 mrad on top without practice; by the root of what a support leaves; a fifth less when
    // steadied.
    expect(aim(['photographer.aim' => 1.0])->handsRad)
        ->toEqualWithDelta(0.0008, 1e-9)
        ->and(aim(['photographer.aim' => 0.0])->handsRad)
        ->toEqualWithDelta(0.0058, 1e-9)
        ->and(aim(['photographer.aim' => 0.0], stabilised: true)->handsRad)
        ->toEqualWithDelta(0.00464, 1e-9)
        ->and(aim(['photographer.aim' => 0.0], Support::Tripod)->handsRad)
        ->toEqualWithDelta(0.0058 * sqrt(Support::Tripod->shake()), 1e-9);
});

it('is late by practice in following, half as much where all can be foreseen', function (): void {
    expect(aim(['photographer.panning' => 1.0, 'subject.erratic' => 0.0])->lateS)
        ->toEqualWithDelta(0.015, 1e-9)
        ->and(aim(['photographer.panning' => 0.0, 'subject.erratic' => 0.0])->lateS)
        ->toEqualWithDelta(0.125, 1e-9)
        ->and(aim(['photographer.panning' => 0.0, 'subject.erratic' => 1.0])->lateS)
        ->toEqualWithDelta(0.25, 1e-9)
        // Braking at half of what cannot be foreseen at all.
        ->and(
            aim([
                'photographer.panning' => 0.0,
                'subject.erratic' => 0.0,
                'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 0.0, 'over_s' => 1.0]],
            ])->lateS,
        )
        ->toEqualWithDelta(0.1875, 1e-6);
});

it('runs after what turns slowly and swings with what turns fast', function (): void {
    $aim = aim(['photographer.panning' => 0.0, 'subject.erratic' => 0.0]);
    $slow = (new Path(100, 3, 90))->at(0.0);
    $fast = (new Path(20, 24, 90))->at(0.0);
    expect($aim->behindRad($slow))
        ->toEqualWithDelta((0.125 * 0.03) / 1.1, 1e-9)
        ->and($aim->behindRad($fast))
        ->toEqualWithDelta((0.125 * 1.2) / 5, 1e-9);
});

it('misses jinks whoever aims, the more the nearer', function (): void {
    $jinks = static fn (float $skill, float $metres): float => aim([
        'photographer.aim' => $skill,
        'photographer.panning' => $skill,
        'subject.erratic' => 0.5,
    ])->jinkRad((new Path($metres, 10, 90))->at(0.0));
    expect($jinks(0.1, 20.0))
        ->toBe($jinks(1.0, 20.0))
        ->toEqualWithDelta((0.085 * 0.3 * 0.5 * 10) / 20, 1e-9)
        ->and($jinks(0.5, 10.0))
        ->toEqualWithDelta(2 * $jinks(0.5, 20.0), 1e-9)
        ->and(aim(['subject.erratic' => 0.0])->jinkM)
        ->toBe(0.0);
});

it('adds what strays in squares, the same for rules and for the simulation', function (): void {
    $rush = Rushes::with(['subject.erratic' => 0.5]);
    $situation = new Situation($rush);
    $aim = $situation->aim;
    $there = $situation->middle;
    expect($aim->missRad($there) ** 2)
        ->toEqualWithDelta($aim->handsRad ** 2 + $aim->behindRad($there) ** 2 + $aim->jinkRad($there) ** 2, 1e-15)
        ->and($situation->pointingError)
        ->toEqualWithDelta(($rush->kit->focalMm() * $aim->missRad($there)) / $rush->kit->body->sensorWidthMm, 1e-12);
});

it('knows a pinned support and stabiliser as if they were habits', function (): void {
    $pinned = new Situation(Rushes::with(), PartialHold::nothing()->with(Setting::Support, 'tripod'));
    $habit = new Situation(Rushes::with(['photographer.support' => 'tripod']));
    $steadied = new Situation(Rushes::with(), PartialHold::nothing()->with(Setting::Stabiliser, 'on'));
    expect($pinned->aim)
        ->toEqual($habit->aim)
        ->and($pinned->shakeRate(0.0))
        ->toBe($habit->shakeRate(0.0))
        ->and($steadied->aim->handsRad)
        ->toBeLessThan((new Situation(Rushes::with()))->aim->handsRad);
});

it('finds detail at an edge where a flank has little', function (): void {
    expect(array_map(static fn (AimPoint $a): float => round($a->contrast(0.3), 3), AimPoint::cases()))
        ->toBe([0.3, 0.27, 0.27, 0.55, 0.18])
        ->and(AimPoint::Edge->contrast(0.8))
        ->toBe(0.8);
});
