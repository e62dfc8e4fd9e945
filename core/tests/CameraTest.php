<?php

declare(strict_types=1);

use RushHold\Blur\Ellipse;
use RushHold\Blur\Verdict;
use RushHold\Camera\Hidden;
use RushHold\Camera\PointSpread;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Focus\LossCause;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Refused;

/** @return list<Shot> */
function shots(int $frames, array $changes = [], ?Hidden $hidden = null, int $seed = 1): array
{
    $plan = plan($changes);

    return iterator_to_array(
        (new StandIn($plan->situation->rush, $plan->hold, $hidden ?? new Hidden()))->shoot($frames, $seed),
        false,
    );
}

it('shoots the very run that is played', function (): void {
    $plan = plan();
    $trace = new Trace();
    (new Simulator($plan->situation))->run($plan->hold, 1, 1, 0, $trace);
    $shots = shots(count($trace->frames));
    expect(array_map(static fn (Shot $s): bool => $s->kept, $shots))
        ->toBe(array_column($trace->frames, 'kept'))
        ->and(array_map(static fn (Shot $s): ?string => $s->cause?->value, $shots))
        ->toBe(array_column($trace->frames, 'cause'));
});

it('goes on with the next pass when there are too few frames in one', function (): void {
    $plan = plan();
    $trace = new Trace();
    (new Simulator($plan->situation))->run($plan->hold, 1, 1, 0, $trace);
    $pass = count($trace->frames);
    $shots = shots($pass + 3);
    expect($shots)
        ->toHaveCount($pass + 3)
        ->and($shots[$pass - 1]->run)
        ->toBe(0)
        ->and($shots[$pass]->run)
        ->toBe(1)
        ->and($shots[$pass]->number)
        ->toBe(0);
});

it('draws a blur as wide as the one that was judged', function (): void {
    $plan = plan();
    $trace = new Trace();
    (new Simulator($plan->situation))->run($plan->hold, 1, 1, 3, $trace);
    $pitch = 1000 * $plan->situation->kit->body->pitchMm();
    foreach ((new StandIn($plan->situation->rush, $plan->hold))->shoot(20, 1, 3) as $i => $shot) {
        $total = $trace->exposed[$i]->totalUm / $pitch;
        // Two smears at an angle are a little wider as an ellipse than as one length.
        expect($shot->ellipsePx()->width())
            ->toBeGreaterThan(0.97 * $total - 0.05)
            ->toBeLessThan(1.12 * $total + 0.35);
    }
});

it('keeps what is within the limit and nothing else', function (): void {
    foreach (shots(120, [], new Hidden(aim: 0.2, panning: 0.2)) as $shot) {
        $sharp =
            $shot->ellipsePx()->width() * 1000 * $shot->situation->kit->body->pitchMm() <=
            0.95 * Verdict::KEEPER_LIMIT * $shot->situation->cocUm;
        if ($shot->kept) {
            expect($shot->ellipsePx()->width() * 1000 * $shot->situation->kit->body->pitchMm())->toBeLessThan(
                1.1 * Verdict::KEEPER_LIMIT * $shot->situation->cocUm,
            );
        } elseif ($sharp) {
            // It is sharp and lost all the same: there is something else.
            expect($shot->cause)->toBeIn([
                LossCause::OutOfFrame,
                LossCause::Hidden,
                LossCause::TurnedAway,
                LossCause::Bent,
            ]);
        }
    }
});

it('loses frames to a lens that focuses beside, and says that it was the lens', function (): void {
    $right = array_filter(shots(100), static fn (Shot $s): bool => $s->kept);
    $off = shots(100, [], new Hidden(lensErrorM: 2.5));
    expect(count(array_filter($off, static fn (Shot $s): bool => $s->kept)))
        ->toBeLessThan(0.5 * count($right))
        ->and(array_filter($off, static fn (Shot $s): bool => $s->lensOff))
        ->not->toBe([])
        ->and($off[10]->focusM - shots(11)[10]->focusM)
        ->toEqualWithDelta(2.5, 1e-9);
});

it('is steadier in better hands', function (): void {
    $spread = static fn (float $aim): float => array_sum(
        array_map(static fn (Shot $s): float => abs($s->aimXMm), shots(400, [], new Hidden(aim: $aim))),
    ) / 400;
    expect($spread(0.1))->toBeGreaterThan(1.05 * $spread(0.95));
});

it('spreads what stands still along the way the camera follows', function (): void {
    $across = shots(8, ['path.heading_deg' => 90])[5];
    $ellipse = $across->still($across->focusM)->ellipse();
    expect($ellipse->long)
        ->toBeGreaterThan(3 * $ellipse->short)
        ->and(abs(fmod($ellipse->angleDeg + 90, 180) - 90))
        ->toBeLessThan(20);
});

it(
    'refuses skills and errors that cannot be',
    fn () => expect(static fn () => new Hidden(aim: 1.2))
        ->toThrow(Refused::class)
        ->and(static fn () => new Hidden(lensErrorM: 9))
        ->toThrow(Refused::class),
);

it('tells a disc, a smear and both together by one ellipse', function (): void {
    $disc = (new PointSpread(8.0, 0.0, []))->ellipse();
    $smear = (new PointSpread(0.0, 0.0, [[12.0, 0.0]]))->ellipse();
    $both = (new PointSpread(8.0, 0.0, [[6.0, -6.0]]))->ellipse();
    expect($disc->long)
        ->toEqualWithDelta(2.0, 1e-9)
        ->and($disc->short)
        ->toEqualWithDelta(2.0, 1e-9)
        ->and($disc->width())
        ->toEqualWithDelta(8.0, 1e-9)
        ->and($smear->long)
        ->toEqualWithDelta(12 / sqrt(12), 1e-9)
        ->and($smear->short)
        ->toBe(0.0)
        ->and($smear->width())
        ->toEqualWithDelta(12.0, 1e-9)
        // To the right and up: as seen, 45 degrees anticlockwise.
        ->and($both->angleDeg)
        ->toEqualWithDelta(45.0, 1e-6)
        ->and($both->smear())
        ->toEqualWithDelta(hypot(6, 6), 1e-6)
        ->and($both->width())
        ->toEqualWithDelta(sqrt(64 + 72), 1e-6)
        ->and(Ellipse::fromAxes(1.0, 3.0, 10.0)->angleDeg)
        ->toBe(100.0)
        ->and($both->scaled(2.0)->width())
        ->toEqualWithDelta(2 * $both->width(), 1e-9);
});

it('smears what moves along with the subject as the subject, not as what stands still', function (): void {
    $across = shots(8, ['path.heading_deg' => 90])[5];
    $along = $across->alongside($across->focusM)->ellipse();
    $still = $across->still($across->focusM)->ellipse();
    expect($along->width())
        ->toBeLessThan(0.5 * $still->width())
        // Out of focus it is as unsharp as anything else there.
        ->and($across->alongside(2 * $across->focusM)->ellipse()->short)
        ->toBeGreaterThan(2 * $along->short);
});
