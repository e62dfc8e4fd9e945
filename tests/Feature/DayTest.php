<?php

declare(strict_types=1);

use App\Documents\DocumentGate;

it('plans an outing of one’s own rushes by their ids, and hands it over as one document', function (): void {
    $person = $this->person();
    $ids = [keptRush($person, 'barriers'), keptRush($person, 'tern-hovering')];
    $outing = [
        'format' => 'rush-hold/outing@1',
        'name' => 'Morning',
        'date' => '2026-06-07',
        'from' => '05:00',
        'to' => '08:00',
        'place' => ['latitude_deg' => 55.5, 'longitude_deg' => -9, 'zone' => 'Europe/London'],
        'sky' => [],
        'rushes' => [
            ['rush' => $ids[0], 'minutes' => 60, 'at' => '07:00'],
            ['rush' => $ids[1], 'minutes' => 60, 'facing_deg' => 250],
        ],
    ];
    $this->postJson('/api/day', ['outing' => $outing])->assertUnauthorized();
    $day = $this->actingAs($person)
        ->postJson('/api/day', ['outing' => $outing])
        ->assertOk();
    expect(
        app(DocumentGate::class)
            ->validator()
            ->validate(json_decode($day->getContent()), 'urn:rush-hold:day@1')
            ->isValid(),
    )
        ->toBeTrue()
        ->and($day->json('order'))
        ->toBe([1, 0])
        ->and($day->json('rushes.0.planned.from'))
        ->toStartWith('2026-06-07T07:00')
        ->and($day->json('light'))
        ->toHaveCount(13);
    $id = $this->postJson('/api/outings', ['document' => $outing])
        ->assertCreated()
        ->json('id');
    $whole = $this->getJson("/api/outings/$id/document")
        ->assertOk()
        ->json();
    expect($whole['rushes'][0]['rush']['name'])
        ->toBe('Over the barriers')
        ->and(app(DocumentGate::class)->outing($whole)->outing->entries)
        ->toHaveCount(2);
    // Its own rushes are not among somebody else's.
    $this->actingAs($this->person())
        ->postJson('/api/day', ['outing' => $outing])
        ->assertStatus(422)
        ->assertJsonPath('errors', [
            'outing.rushes.0' => ['Rush 1 of the outing is not among yours any more. Leave it out.'],
        ]);
    $this->actingAs($person)
        ->postJson('/api/day', ['outing' => [...$outing, 'to' => '05:05']])
        ->assertStatus(422);
    $this->postJson('/api/day', [
        'outing' => [...$outing, 'rushes' => array_fill(0, 41, $outing['rushes'][0])],
    ])->assertStatus(422);
});
