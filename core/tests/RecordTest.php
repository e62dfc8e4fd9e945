<?php

declare(strict_types=1);

use RushHold\Record\HowMany;
use RushHold\Record\KeptShare;
use RushHold\Refused;

it('gives the interval that the Beta distribution has', function (
    KeptShare $share,
    float $mean,
    float $low,
    float $high,
): void {
    [$from, $to] = $share->interval();
    expect($share->mean())
        ->toEqualWithDelta($mean, 1e-6)
        ->and($from)
        ->toEqualWithDelta($low, 0.0005)
        ->and($to)
        ->toEqualWithDelta($high, 0.0005);
})->with([
    // Beta(½, ½) is the arcsine distribution: sin²(π p / 2).
    'nothing known' => [fn () => KeptShare::unknown(), 0.5, sin(M_PI * 0.025) ** 2, sin(M_PI * 0.475) ** 2],
    // Beta(1.5, 1.5) and Beta(5.5, 5.5) are even about the middle.
    'one of two' => [fn () => KeptShare::counted(1, 2), 0.5, 0.09731, 0.90269],
    'five of ten' => [fn () => KeptShare::counted(5, 10), 0.5, 0.26192, 0.73808],
    'none of ten' => [fn () => KeptShare::counted(0, 10), 0.5 / 11, 0.00019, 0.17077],
]);

it('knows more from more bursts, and little more from a longer one', function (): void {
    $width = static fn (KeptShare $share): float => $share->interval()[1] - $share->interval()[0];
    $short = KeptShare::counted(6, 12);
    expect($width($short->and($short)))
        ->toBeLessThan($width($short))
        ->and($width(KeptShare::counted(300, 600)))
        ->toEqualWithDelta($width($short), 1e-9)
        ->and(KeptShare::counted(450, 600)->mean())
        ->toEqualWithDelta(KeptShare::counted(9, 12)->mean(), 1e-9);
});

it('takes a word for what it means', function (): void {
    $means = array_map(static fn (HowMany $many): float => KeptShare::said($many)->mean(), HowMany::cases());
    $sorted = $means;
    sort($sorted);
    expect($means)
        ->toBe($sorted)
        ->and(KeptShare::said(HowMany::Half)->mean())
        ->toBe(0.5)
        ->and(KeptShare::unknown()->isKnown())
        ->toBeFalse()
        ->and(KeptShare::said(HowMany::None)->isKnown())
        ->toBeTrue();
});

it('refuses more kept than taken', fn () => KeptShare::counted(41, 40))->throws(Refused::class);
