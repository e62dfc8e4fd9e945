<?php

declare(strict_types=1);

use App\Models\KitType;
use RushHold\Drill\AimTest;

beforeEach(function (): void {
    $this->user = $this->person();
    $this->actingAs($this->user);
});

it('starts new rushes from how the person works', function (): void {
    $body = $this->postJson('/api/kit/bodies', [
        'document' => [...KitType::Bodies->samples()['sample-small-sensor'], 'name' => 'Little one'],
    ])->json();
    $habits = $this->getJson('/api/habits')->assertOk()->json();
    $this->putJson('/api/habits', [
        ...$habits,
        'body' => $body['id'],
        'lens' => 'sample-100-400',
        'final_use' => 'print',
        'photographer' => [...$habits['photographer'], 'aim' => 0.8],
        'floors' => ['bird' => 1 / 3200],
        'schools' => ['response' => 'sticky', 'stabiliser' => null, 'bursts' => null],
    ])->assertOk();
    $fresh = $this->getJson('/api/rushes/fresh?subject=sample-puffin-flight')->assertOk()->json();
    expect($fresh['document']['kit']['body']['name'])
        ->toBe('Little one')
        ->and($fresh['document']['kit']['lens']['focal_mm'])
        ->toEqual(400)
        ->and($fresh['document']['photographer']['aim'])
        ->toEqual(0.8)
        ->and($fresh['document']['final_use'])
        ->toBe('print')
        ->and($fresh['document']['photographer']['slowest_shutter_s'])
        ->toEqualWithDelta(1 / 3200, 1e-9)
        ->and($fresh['document']['scene']['hazards'])
        ->toBe(['nest'])
        ->and($fresh['pins'])
        ->toBe(['format' => 'rush-hold/hold@1', 'focus' => ['patience_s' => 1.2]]);
    $this->postJson('/api/rushes', $fresh)->assertCreated();
    // People have no floor here.
    expect(
        $this->getJson('/api/rushes/fresh?subject=sample-runner')->json('document.photographer.slowest_shutter_s'),
    )->toBeNull();
});

it('starts without habits, and with kit that is gone, from the samples', function (): void {
    expect($this->getJson('/api/rushes/fresh')->assertOk()->json('document.kit.lens.focal_mm'))->toEqual(500);
    $this->putJson('/api/habits', ['format' => 'rush-hold/habits@1', 'body' => 'gone', 'lens' => 'gone'])->assertOk();
    expect($this->getJson('/api/rushes/fresh?subject=gone')->assertOk()->json('document.subject.name'))->toBe(
        'Gull, flapping',
    );
});

it('refuses habits that cannot be', function (array $fields, string $field): void {
    $this->putJson('/api/habits', ['format' => 'rush-hold/habits@1', ...$fields])
        ->assertStatus(422)
        ->assertJsonStructure(['errors' => [$field]]);
    expect($this->user->refresh()->habits)->toBeNull();
})->with([
    [['photographer' => ['aim' => 2]], 'photographer.aim'],
    [['floors' => ['bird' => 30]], 'floors.bird'],
    [['schools' => ['response' => 'wild']], 'schools.response'],
    [['colours' => 'pink'], 'colours'],
    [['mood' => 'good'], 'mood'],
]);

it('scores a trace against the course it gave', function (): void {
    $course = $this->getJson('/api/aim-test?seed=5')->assertOk()->json();
    expect($course['seconds'])->toEqual(AimTest::SECONDS)->and(count($course['course']))->toBe(1201);
    $late = array_map(
        fn (int $i): array => [$i / 60, $course['course'][max(0, $i - 9)][1], $course['course'][max(0, $i - 9)][2]],
        range(0, 1199),
    );
    $score = $this->postJson('/api/aim-test', ['seed' => 5, 'trace' => $late])
        ->assertOk()
        ->json();
    expect($score['lag_s'])
        ->toEqualWithDelta(0.15, 0.011)
        ->and($score['aim'])
        ->toEqual(1)
        ->and($score['panning'])
        ->toBeLessThan(0.9);
    expect($this->postJson('/api/aim-test', ['seed' => 6, 'trace' => $late])->json('aim'))->toEqual(0);
    $this->postJson('/api/aim-test', ['seed' => 5, 'trace' => array_slice($late, 0, 600)])->assertStatus(422);
    $this->postJson('/api/aim-test', ['seed' => 5, 'trace' => [['a', 1, 2]]])->assertStatus(422);
    $this->getJson('/api/aim-test?seed=-1')->assertStatus(422);
});

it('measures speeds and sweeps', function (): void {
    $this->postJson('/api/speed', ['by' => 'stopwatch', 'metres' => 30, 'seconds' => 2.5, 'metres_error' => 2])
        ->assertOk()
        ->assertJson(['speed_mps' => 12.0]);
    $this->postJson('/api/speed', [
        'by' => 'frames',
        'lengths' => 4,
        'length_m' => 0.6,
        'frames' => 5,
        'frames_per_s' => 20,
    ])
        ->assertOk()
        ->assertJson(['speed_mps' => 9.6]);
    $this->postJson('/api/speed', ['by' => 'stopwatch', 'metres' => 30, 'seconds' => 0])
        ->assertStatus(422)
        ->assertJsonPath('range.unit', 's');
    $this->postJson('/api/speed', ['by' => 'guess'])->assertStatus(422);
    $this->postJson('/api/stopwatch', ['timings' => [2.0, 2.2, 2.1], 'sweeps' => 4])
        ->assertOk()
        ->assertJson(['sweep_s' => 0.525]);
    $this->postJson('/api/stopwatch', ['timings' => []])->assertStatus(422);
});

it('makes a rush of a line with the person’s own kit, subjects and habits', function (): void {
    $fresh = $this->getJson(
        '/api/rushes/fresh?'.
            http_build_query(['line' => 'Gull with purple socks at 66 ft, 200 mm', 'units' => 'imperial']),
    )
        ->assertOk()
        ->json();
    expect($fresh['document']['subject']['name'])
        ->toBe('Gull, flapping')
        ->and($fresh['document']['path']['start_m'])
        ->toEqualWithDelta(20.117, 0.01)
        ->and(array_column($fresh['understood'], 'says', 'text'))
        ->toMatchArray(['Gull' => 'Gull, flapping', 'at 66 ft' => 'starts at 66 ft'])
        ->and(array_column($fresh['not_understood'], 'text'))
        ->toBe(['purple', 'socks'])
        ->and($fresh['document']['kit']['lens']['focal_mm'])
        ->toEqual(200)
        ->and($fresh['document']['kit']['lens_id'])
        ->toStartWith('sample-');

    $less = $this->getJson(
        '/api/rushes/fresh?'.
            http_build_query(['line' => 'gull at 20 m, windy', 'without' => 'scene.wind,path.start_m']),
    )
        ->assertOk()
        ->json();
    expect(array_column($less['understood'], 'field'))->toBe(['subject']);

    $this->getJson('/api/rushes/fresh?'.http_build_query(['line' => str_repeat('gull ', 120)]))
        ->assertStatus(422)
        ->assertJsonValidationErrors('line');
});

it('starts a new rush with what was described last until habits say otherwise', function (): void {
    $body = ['document' => ['name' => 'Mine'] + RushHold\Library\Bodies::all()['old-mirror'], 'based_on' => null];
    $id = $this->postJson('/api/kit/bodies', $body)->assertSuccessful()->json('id');
    expect($this->getJson('/api/rushes/fresh')->assertOk()->json('document.kit.body_id'))->toBe($id);
});
