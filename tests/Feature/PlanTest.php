<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use RushHold\Tests\Rushes;

beforeEach(fn () => $this->actingAs($this->person()));

it('plans every example so that the answer fits its schema', function (string $file): void {
    $plan = $this->postJson('/api/plan', ['rush' => json_decode((string) file_get_contents($file), true)])
        ->assertOk()
        ->getContent();
    $result = app(DocumentGate::class)->validator()->validate(json_decode((string) $plan), 'urn:rush-hold:plan@1');
    expect($result->isValid())->toBeTrue((string) json_encode($result->error()?->args()));
})->with(
    fn () => array_filter(
        glob(__DIR__.'/../../formats/examples/*.json'),
        fn (string $f) => ! str_contains($f, '.hold.'),
    ),
);

it('keeps pins and speaks in the units asked for', function (): void {
    $plan = $this->postJson('/api/plan', [
        'rush' => Rushes::document(),
        'pins' => ['focus' => ['area' => 'point']],
        'units' => 'imperial',
    ])
        ->assertOk()
        ->json();
    expect($plan['best']['hold']['focus']['area'])
        ->toBe('point')
        ->and(implode(' ', [...array_column($plan['lines'], 'label'), ...array_column($plan['lines'], 'reason')]))
        ->toContain(' ft')
        ->not->toContain('{')
        ->not->toContain(' m/s');
});

it('refuses nonsense with the field, the range and the unit', function (array $body, string $field): void {
    $errors = $this->postJson('/api/plan', $body)->assertStatus(422)->json('errors');
    expect(array_keys($errors))->toContain($field);
})->with([
    'no rush' => [[], 'rush'],
    'negative speed' => [['rush' => Rushes::document(['subject.speed_mps' => -1])], 'subject.speed_mps'],
    'unknown field' => [['rush' => Rushes::document(['scene.colour' => 'red'])], 'scene.colour'],
    'pins the lens has not' => [
        ['rush' => Rushes::document(), 'pins' => ['exposure' => ['aperture' => 1.4]]],
        'exposure.aperture',
    ],
    'unknown units' => [['rush' => Rushes::document(), 'units' => 'furlongs'], 'units'],
]);

it('offers subjects', function (): void {
    expect(count($this->getJson('/api/kit/subjects')->assertOk()->json()))->toBeGreaterThanOrEqual(10);
});
