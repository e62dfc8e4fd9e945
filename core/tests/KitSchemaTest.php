<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\SubjectDocument;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;
use RushHold\Tests\Rushes;

/** A value for a field that its schema allows at one of its ends. */
function accepts(callable $read, array $document): bool
{
    try {
        $read($document);
    } catch (RushHold\Refused) {
        return false;
    }

    return true;
}

it('agrees with the published schema on every range', function (
    string $name,
    callable $read,
    array $base,
    array $apart,
): void {
    $checked = 0;
    foreach (schemaOf($name)['properties'] as $field => $rule) {
        if (! isset($rule['minimum']) || in_array($field, $apart, true)) {
            continue;
        }
        $whole = $rule['type'] === 'integer';
        foreach (['minimum' => -1, 'maximum' => 1] as $end => $sign) {
            $beyond = $rule[$end] + $sign * ($whole ? 1 : max(1e-6, abs($rule[$end]) * 1e-3));
            expect(accepts($read, [...$base, $field => $rule[$end]]))
                ->toBeTrue("$name.$field at its $end")
                ->and(accepts($read, [...$base, $field => $beyond]))
                ->toBeFalse("$name.$field beyond its $end");
            $checked++;
        }
    }
    expect($checked)->toBeGreaterThanOrEqual(6);
})->with([
    'body' => ['body', BodyDocument::read(...), ['format' => 'rush-hold/body@1'], []],
    // What goes together with another field is tested beside it.
    'lens' => [
        'lens',
        LensDocument::read(...),
        ['format' => 'rush-hold/lens@1', 'focal_mm' => 30, 'max_aperture' => 1.0, 'nearest_m' => 1.0],
        ['focal_mm', 'max_aperture', 'nearest_m'],
    ],
    'subject' => [
        'subject',
        SubjectDocument::read(...),
        [
            'format' => 'rush-hold/subject@1',
            'subject' => ['name' => 'x', 'length_m' => 1, 'height_m' => 1, 'speed_mps' => 1],
        ],
        [],
    ],
]);

it('suggests only focal lengths that a zoom has', function (): void {
    $rush = Rushes::with([
        'kit' => [
            'lens' => [
                'zoom' => [['focal_mm' => 380, 'max_aperture' => 5], ['focal_mm' => 400, 'max_aperture' => 5.6]],
                'focal_mm' => 400,
                'nearest_m' => 2.5,
            ],
        ],
        'path.start_m' => 6.0,
        'path.seconds' => 0.6,
    ]);
    $lens = array_values(
        array_filter(Planner::standard()->rank($rush)->whatIfs, static fn ($w): bool => $w->change === 'lens'),
    );
    expect($lens === [] ? 'Zoom out to 380 mm; the subject gets 5% smaller.' : said($lens[0]->sentence))->toBe(
        'Zoom out to 380 mm; the subject gets 5% smaller.',
    );
});

it('never keeps more with a mirror in the way', function (int $seed): void {
    $rush = Rushes::random($seed);
    $rate = static function (bool $mirror) use ($rush): float {
        $kit = $rush->kit;
        $body = new RushHold\Kit\Body(framesPerS: 10.0, mirror: $mirror);
        $plan = Chooser::standard()->choose($rush->with(kit: $kit->with(body: $body)));

        return (new RushHold\Focus\Simulator($plan->situation))->run($plan->hold, 150, 1)->keeperRate;
    };
    expect($rate(true))->toBeLessThanOrEqual($rate(false) + 0.04);
})->with(range(1, 12));

it('plans a rush that carries a whole body with it', function (): void {
    $body = json_decode(
        (string) file_get_contents(__DIR__.'/../../formats/examples/kit/mirror-body.body.json'),
        true,
    );
    $first = RushDocument::read(Rushes::document(['kit.body' => $body]));
    $again = RushDocument::read(json_decode((string) json_encode($first->fields), true));
    expect($again->fields)
        ->toEqual($first->fields)
        ->and($again->rush)
        ->toEqual($first->rush)
        ->and($first->rush->kit->body->words['area.block']->label)
        ->toBe('Middle block');
});
