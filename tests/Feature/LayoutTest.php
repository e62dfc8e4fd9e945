<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Models\KitType;

it('lays out the buttons for one’s own rushes, on the body that is asked for', function (): void {
    $person = $this->person();
    $ids = [keptRush($person, 'barriers'), keptRush($person, 'tern-hovering')];
    $answer = $this->actingAs($person)
        ->postJson('/api/layout', [
            'rushes' => $ids,
            'body' => 'sample-fast-mirrorless',
            'school' => 'two-thumbs',
            'units' => 'imperial',
        ])
        ->assertOk();
    expect(
        app(DocumentGate::class)
            ->validator()
            ->validate(json_decode($answer->getContent()), 'urn:rush-hold:layout@1')
            ->isValid(),
    )
        ->toBeTrue()
        ->and($answer->json('school'))
        ->toBe('two-thumbs')
        ->and($answer->json('rushes.*.name'))
        ->toBe(['Over the barriers', 'Tern hovering over the cove'])
        ->and($answer->json('controls.*.place'))
        ->toContain('thumb-1')
        ->and($answer->json('by_school'))
        ->toHaveCount(5);
    // What is pinned stays.
    $set = ['focus' => ['area' => 'speck', 'detect' => 'off']];
    $pinned = $this->postJson('/api/layout', [
        'rushes' => $ids,
        'body' => 'sample-fast-mirrorless',
        'pins' => ['thumb-1' => $set, 'front-1' => null],
    ])->assertOk();
    $sets = array_column($pinned->json('controls'), 'set', 'place');
    expect($sets['thumb-1']['focus'])
        ->toEqual($set['focus'])
        ->and($sets['front-1'] ?? null)
        ->toBeNull();
});

it('refuses what it cannot lay out, naming it', function (): void {
    $person = $this->person();
    $id = keptRush($person, 'barriers');
    $theirs = keptRush($this->person(), 'barriers');
    $this->postJson('/api/layout', ['rushes' => [$id]])->assertUnauthorized();
    $this->actingAs($person);
    $this->postJson('/api/layout', ['rushes' => []])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('rushes');
    $this->postJson('/api/layout', ['rushes' => [$id, $theirs]])
        ->assertStatus(422)
        ->assertJsonPath('errors', ['rushes.1' => ['This rush is not among yours any more.']]);
    $this->postJson('/api/layout', ['rushes' => [$id], 'body' => 'gone'])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('body');
    $this->postJson('/api/layout', ['rushes' => [$id], 'school' => 'feet'])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('school');
    $this->postJson('/api/layout', [
        'rushes' => [$id],
        'pins' => ['thumb-1' => ['focus' => ['area' => 'everything']]],
    ])->assertStatus(422);
    $this->postJson('/api/layout', ['rushes' => [$id], 'pins' => ['little-finger' => null]])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('pins');
});

it('lays out an outing from a file without a database', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'outing');
    $rush = json_decode((string) file_get_contents(base_path('formats/examples/tern-hovering.json')));
    $outing = [
        'format' => 'rush-hold/outing@1',
        'name' => 'Morning',
        'date' => '2026-06-07',
        'from' => '05:00',
        'to' => '06:00',
        'place' => ['latitude_deg' => 55.5, 'longitude_deg' => -9, 'zone' => 'Europe/London'],
    ];
    file_put_contents($file, json_encode([...$outing, 'rushes' => [['rush' => $rush, 'wanted' => 2]]]));
    $day = artisan(['rush:day', $file]);
    $planned = json_decode($day->getOutput(), true);
    expect($day->getExitCode())
        ->toBe(0)
        ->and($planned['light'])
        ->toHaveCount(5)
        ->and($planned['order'])
        ->toBe([0])
        ->and($planned['rushes'][0]['planned']['from'])
        ->toStartWith('2026-06-07T05:');
    $run = artisan(['rush:layout', $file, '--school=thumb']);
    expect($run->getExitCode())
        ->toBe(0)
        ->and(json_decode($run->getOutput(), true))
        ->toMatchArray(['format' => 'rush-hold/layout@1', 'school' => 'thumb', 'loss' => 0.0]);
    file_put_contents($file, json_encode([...$outing, 'rushes' => []]));
    $none = artisan(['rush:layout', $file]);
    expect($none->getExitCode())
        ->toBe(2)
        ->and($none->getErrorOutput())
        ->toContain('Choose between 1 and 20 rushes.')
        ->and(artisan(['rush:layout', $file, '--school=feet'])->getExitCode())
        ->toBe(2)
        ->and(artisan(['rush:layout', 'nowhere.json'])->getExitCode())
        ->toBe(3)
        ->and(json_decode(artisan(['rush:day', $file])->getOutput(), true)['order'])
        ->toBe([]);
    unlink($file);
});

it('remembers that a body is set up by a layout', function (): void {
    $this->actingAs($this->person());
    $body = $this->postJson('/api/kit/bodies', [
        'document' => [...KitType::Bodies->samples()['sample-fast-mirrorless'], 'name' => 'Mine'],
    ])->json('id');
    $sets = [
        'thumb-1' => ['focus' => ['area' => 'point', 'detect' => 'off']],
        'front-1' => ['focus' => ['mode' => 'continuous', 'patience_s' => 0.02, 'nimble' => 0.5]],
    ];
    $set = fn (array $changes = [], string $id = '') => $this->putJson(
        '/api/kit/bodies/'.($id ?: $body).'/buttons',
        ['rest' => ['focus' => ['mode' => 'single']], 'sets' => $sets, ...$changes],
    );
    $said = $set()->assertOk()->assertJsonPath('standing.focus.mode', 'single');
    $stored = array_column($said->json('document.stored_sets'), null, 'control');
    expect($stored)
        ->toHaveCount(2)
        ->and($stored['thumb-1'])
        ->toMatchArray(['area' => 'point', 'detect' => 'off', 'mode' => null, 'preset' => null])
        ->and($stored['front-1'])
        ->toMatchArray(['mode' => 'continuous', 'area' => null, 'preset' => 'eager']);
    $set(['sets' => ['elbow' => ['focus' => ['area' => 'point']]]])->assertStatus(422);
    $set(['sets' => ['thumb-1' => ['focus' => ['area' => 'octagon']]]])->assertStatus(422);
    $set([], 'sample-fast-mirrorless')->assertStatus(403);
    $set(['sets' => []])
        ->assertOk()
        ->assertJsonPath('document.stored_sets', []);
});
