<?php

declare(strict_types=1);

use RushHold\Document\BurstDocument;
use RushHold\Tests\Rushes;

it('reads a burst and writes it again as it was', function (): void {
    $document = [
        'format' => 'rush-hold/burst@1',
        'at' => '2026-06-07T05:10:00Z',
        'rush' => Rushes::document(),
        'hold' => ['format' => 'rush-hold/hold@1', 'exposure' => ['shutter_s' => 0.0005]],
        'frames' => 40,
        'keepers' => 12,
        'losses' => ['shake' => 20, 'hidden' => 3],
        'measured' => [
            [
                't_s' => 0.05,
                'kept' => false,
                'sigma_px' => 2.06,
                'long_px' => 2.5,
                'short_px' => 1.5,
                'angle_deg' => 170.0,
                'sharp_where' => 'nearer',
            ],
            ['t_s' => null, 'kept' => true],
        ],
        'answers' => ['same-every-frame' => 'yes'],
        'note' => 'Into the wind',
    ];
    $burst = BurstDocument::read($document);
    expect($burst->share()->mean())
        ->toBeGreaterThan(0.2)
        ->toBeLessThan(0.45)
        ->and($burst->rush?->name)
        ->toBe(Rushes::document()['name'])
        ->and($burst->measured[0]->ellipse?->angleDeg)
        ->toBe(170.0)
        ->and($burst->measured[1]->ellipse)
        ->toBeNull();
    $written = json_decode((string) json_encode(BurstDocument::write($burst, Rushes::document())), true);
    expect($written['losses'])
        ->toBe(['shake' => 20, 'hidden' => 3])
        ->and($written['measured'][0])
        ->toMatchArray([
            't_s' => 0.05,
            'kept' => false,
            'long_px' => 2.5,
            'short_px' => 1.5,
            'sharp_where' => 'nearer',
            'sigma_px' => 2.06,
        ])
        ->and(BurstDocument::write(BurstDocument::read($written), Rushes::document()))
        ->toEqual(BurstDocument::write($burst, Rushes::document()));
});

it(
    'needs no more than how many there were',
    fn () => expect(BurstDocument::read(['frames' => 6, 'keepers' => 0])->keepers)->toBe(0),
);

it('refuses a burst that cannot have been', function (array $changes, string $field): void {
    expect(
        refusal(static fn () => BurstDocument::read([...['frames' => 40, 'keepers' => 12], ...$changes]))->field,
    )->toBe($field);
})->with([
    [['format' => 'rush-hold/rush@1'], 'format'],
    [['keepers' => 41], 'keepers'],
    [['frames' => 0], 'frames'],
    [['frames' => 4.5], 'frames'],
    [['at' => 'yesterday'], 'at'],
    [['at' => '2026-06-07 05:10'], 'at'],
    [['losses' => ['bad luck' => 1]], 'losses'],
    [['losses' => ['shake' => 29]], 'losses (all together)'],
    [['losses' => ['shake' => 41]], 'losses.shake'],
    [['measured' => [['t_s' => 'x', 'kept' => true]]], 'measured[0].t_s'],
    [['measured' => [['kept' => true, 'long_px' => -1, 'short_px' => 1]]], 'measured[0].long_px'],
    [['measured' => [['kept' => true, 'sharp_where' => 'left']]], 'measured[0].sharp_where'],
    [['measured' => 'all'], 'measured'],
    [['weather' => 'fine'], 'weather'],
    [['rush' => Rushes::document(['subject.length_m' => -1])], 'rush, subject.length_m'],
    [['note' => str_repeat('x', 501)], 'note'],
]);
