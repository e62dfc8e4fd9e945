<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use RushHold\Tests\Rushes;

beforeEach(fn () => $this->actingAs($this->person()));

it('ranks set-ups and shows one run, as its schema says', function (): void {
    $json = (string) $this->postJson('/api/rank', ['rush' => Rushes::document()])
        ->assertOk()
        ->getContent();
    $result = app(DocumentGate::class)->validator()->validate(json_decode($json), 'urn:rush-hold:plan@1');
    $plan = json_decode($json, true);
    expect($result->isValid())
        ->toBeTrue((string) json_encode($result->error()?->args()))
        ->and($plan['tried'])
        ->toBeGreaterThan(50)
        ->and(count($plan['trace']['frames']))
        ->toBe($plan['best']['frames'])
        ->and($plan['best']['keeper_rate'])
        ->toEqual($plan['ranking'][0]['keeper_rate']);
});

it('shows another run when asked, and the way there as a line where that is wanted', function (): void {
    $ask = fn (array $more = []): string => (string) $this->postJson('/api/rank', [
        'rush' => Rushes::document(['name' => 'One']),
        ...$more,
    ])
        ->assertOk()
        ->getContent();
    $first = $ask();
    expect($ask())
        ->toBe($first)
        ->and(json_decode($ask(['run' => 1]), true)['trace']['run'])
        ->not->toBe(json_decode($first, true)['trace']['run']);
    $line = (string) $this->postJson(
        '/api/rank',
        ['rush' => Rushes::document(['name' => 'One'])],
        ['Accept' => 'application/x-ndjson'],
    )
        ->assertOk()
        ->getContent();
    expect(json_encode(json_decode($line, true)['answer']))->toBe(json_encode(json_decode($first, true)));
});

it('refuses nonsense', function (): void {
    $this->postJson('/api/rank', ['rush' => Rushes::document(['subject.speed_mps' => -1])])
        ->assertStatus(422)
        ->assertJsonStructure(['errors' => ['subject.speed_mps']]);
    $this->postJson('/api/rank', ['rush' => Rushes::document(), 'run' => -1])->assertStatus(422);
});

it('compares two holds on the same chances', function (): void {
    $hold = fn (string $area): array => ['focus' => ['area' => $area, 'detect' => 'off']];
    $ask = fn (string $a, string $b): array => $this->postJson('/api/compare', [
        'rush' => Rushes::document(),
        'holds' => [$hold($a), $hold($b)],
        'run' => 3,
    ])
        ->assertOk()
        ->json();
    $same = $ask('block', 'block');
    expect($same['difference'])
        ->toEqual(['keeper_rate' => 0, 'standard_error' => 0, 'says' => 'Too close to call.'])
        ->and($same['sides'][0])
        ->toBe($same['sides'][1]);
    $other = $ask('ring-large', 'speck');
    expect($other['difference']['keeper_rate'])
        ->toBeLessThan(-0.1)
        ->and($other['sides'][1]['keeper_rate'] - $other['sides'][0]['keeper_rate'])
        ->toEqualWithDelta($other['difference']['keeper_rate'], 0.001)
        ->and($other['sides'][0]['trace']['steps'][5]['aim_x'])
        ->toBe($other['sides'][1]['trace']['steps'][5]['aim_x']);
    $this->postJson('/api/compare', ['rush' => Rushes::document(), 'holds' => [$hold('block')]])->assertStatus(422);
    $this->postJson('/api/compare', [
        'rush' => Rushes::document(),
        'holds' => [$hold('block'), $hold('blob')],
    ])->assertStatus(422);
});
