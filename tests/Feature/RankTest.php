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
});

it('refuses nonsense', function (): void {
    $this->postJson('/api/rank', ['rush' => Rushes::document(['subject.speed_mps' => -1])])->assertStatus(422)->assertJsonStructure(['errors' => ['subject.speed_mps']]);
    $this->postJson('/api/rank', ['rush' => Rushes::document(), 'run' => -1])->assertStatus(422);
});
