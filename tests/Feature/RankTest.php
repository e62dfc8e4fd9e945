<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use Illuminate\Cache\Events\CacheHit;
use Illuminate\Support\Facades\Event;
use RushHold\Tests\Rushes;

beforeEach(fn () => $this->actingAs($this->person()));

it('ranks set-ups and shows one run, as its schema says', function (): void {
    $json = (string) $this->postJson('/api/rank', ['rush' => Rushes::document()])->assertOk()->getContent();
    $result = app(DocumentGate::class)->validator()->validate(json_decode($json), 'urn:rush-hold:plan@1');
    $plan = json_decode($json, true);
    expect($result->isValid())->toBeTrue((string) json_encode($result->error()?->args()))
        ->and($plan['tried'])->toBeGreaterThan(50)
        ->and(count($plan['trace']['frames']))->toBe($plan['best']['frames'])
        ->and($plan['best']['keeper_rate'])->toEqual($plan['ranking'][0]['keeper_rate']);
});

it('answers the same question from the cache, and shows another run when asked', function (): void {
    $ask = fn (array $more = []): string => (string) $this->postJson('/api/rank', ['rush' => Rushes::document(['name' => 'One']), ...$more])->assertOk()->getContent();
    $first = $ask();
    $hits = 0;
    Event::listen(CacheHit::class, function () use (&$hits): void {
        $hits++;
    });
    expect($ask())->toBe($first)->and($hits)->toBe(1)
        ->and(json_decode($ask(['run' => 1]), true)['trace']['run'])->not->toBe(json_decode($first, true)['trace']['run']);
});

it('stops working on a question that a newer one of the same window has overtaken', function (): void {
    $ask = fn (int $turn, float $start) => $this->postJson('/api/rank', ['rush' => Rushes::document(['path.start_m' => $start]), 'window' => 'desk', 'turn' => $turn]);
    $ask(2, 41.0)->assertOk();
    $ask(1, 42.0)->assertStatus(409);
    $ask(3, 43.0)->assertOk();
    // The last question was worked on to its end; another window knows nothing of it.
    expect($this->getJson('/api/rank/progress?window=desk')->assertOk()->json('done'))->toBeGreaterThan(0.8)
        ->and($this->getJson('/api/rank/progress?window=other')->json('done'))->toEqual(0);
    $this->getJson('/api/rank/progress')->assertStatus(422);
});

it('refuses nonsense', function (): void {
    $this->postJson('/api/rank', ['rush' => Rushes::document(['subject.speed_mps' => -1])])->assertStatus(422)->assertJsonStructure(['errors' => ['subject.speed_mps']]);
    $this->postJson('/api/rank', ['rush' => Rushes::document(), 'run' => -1])->assertStatus(422);
});

it('compares two holds on the same chances', function (): void {
    $hold = fn (string $area): array => ['focus' => ['area' => $area, 'detect' => 'off']];
    $ask = fn (string $a, string $b): array => $this->postJson('/api/compare', ['rush' => Rushes::document(), 'holds' => [$hold($a), $hold($b)], 'run' => 3])->assertOk()->json();
    $same = $ask('zone', 'zone');
    expect($same['difference'])->toEqual(['keeper_rate' => 0, 'standard_error' => 0])->and($same['sides'][0])->toBe($same['sides'][1]);
    $other = $ask('point-8-large', 'pinpoint');
    expect($other['difference']['keeper_rate'])->toBeLessThan(-0.1)
        ->and($other['sides'][1]['keeper_rate'] - $other['sides'][0]['keeper_rate'])->toEqualWithDelta($other['difference']['keeper_rate'], 0.001)
        ->and($other['sides'][0]['trace']['steps'][5]['aim_x'])->toBe($other['sides'][1]['trace']['steps'][5]['aim_x']);
    $this->postJson('/api/compare', ['rush' => Rushes::document(), 'holds' => [$hold('zone')]])->assertStatus(422);
    $this->postJson('/api/compare', ['rush' => Rushes::document(), 'holds' => [$hold('zone'), $hold('blob')]])->assertStatus(422);
});
