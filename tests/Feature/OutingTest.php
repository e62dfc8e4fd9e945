<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Models\CardLink;
use App\Models\KitType;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Outings\CardFile;
use App\Outings\CardPaper;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Sabre\VObject\Reader;

/** An outing of two rushes of a person. */
function outingOf(User $person): array
{
    $rushes = [
        SavedRush::factory()->for($person)->create(),
        SavedRush::factory()
            ->for($person)
            ->with(['name' => 'Going out', 'path.heading_deg' => 120.0])
            ->create(),
    ];

    return [$rushes, SavedOuting::factory()->for($person)->with(...$rushes)->create()];
}

it('keeps an outing, changes it, and gives it back after it was deleted', function (): void {
    $this->actingAs($person = $this->person());
    [[$rush], $saved] = outingOf($person);
    $document = $saved->document;
    $made = $this->postJson('/api/outings', [
        'document' => [...$document, 'name' => 'Evening', 'from' => '23:00', 'to' => '01:30'],
    ])
        ->assertCreated()
        ->json();
    expect($made['document']['rushes'][0]['rush'])
        ->toBe($rush->id)
        ->and($made['gone'])
        ->toBe(0);
    // It ends on the next day; half past one there is half past twelve in UTC.
    $this->getJson('/api/outings')
        ->assertOk()
        ->assertJsonCount(2)
        ->assertJsonPath('0.name', 'Evening')
        ->assertJsonPath('0.starts_at', '2026-06-07T22:00:00Z')
        ->assertJsonPath('0.ends_at', '2026-06-08T00:30:00Z')
        ->assertJsonPath('0.rushes', 2);
    $this->getJson("/api/outings?rush=$rush->id")
        ->assertOk()
        ->assertJsonCount(2);
    $this->getJson('/api/outings?rush=01hzzzzzzzzzzzzzzzzzzzzzzz')->assertOk()->assertJsonCount(0);
    $this->putJson("/api/outings/$made[id]", ['document' => [...$made['document'], 'to' => '02:00'], 'version' => 1])
        ->assertOk()
        ->assertJsonPath('version', 2);
    $this->putJson("/api/outings/$made[id]", ['document' => $made['document'], 'version' => 1])->assertStatus(409);
    $this->putJson("/api/outings/$made[id]", [
        'document' => [...$made['document'], 'date' => '2026-06-40'],
        'version' => 2,
    ])
        ->assertStatus(422)
        ->assertJsonPath('errors.date.0', fn (string $said): bool => str_contains($said, '2026-06-40'));
    $this->postJson("/api/outings/$made[id]/duplicate")
        ->assertCreated()
        ->assertJsonPath('name', 'Evening (copy)');
    $this->deleteJson("/api/outings/$made[id]")->assertNoContent();
    $this->getJson("/api/outings/$made[id]")->assertNotFound();
    $this->postJson("/api/outings/$made[id]/restore")
        ->assertOk()
        ->assertJsonPath('document.to', '02:00');
    config(['limits.outings' => 3]);
    $this->postJson('/api/outings', ['document' => $document])
        ->assertStatus(422)
        ->assertSee('at most 3 outings');
    // Nobody else has it.
    $this->actingAs($this->person());
    foreach (
        [
            ['GET', ''],
            ['PUT', ''],
            ['DELETE', ''],
            ['POST', '/restore'],
            ['GET', '/card'],
            ['GET', '/pocket'],
            ['GET', '/files/a6'],
            ['GET', '/bursts'],
            ['GET', '/links'],
            ['POST', '/links'],
            ['GET', '/document'],
            ['POST', '/duplicate'],
        ] as [$method, $path]
    ) {
        $this->json($method, "/api/outings/$made[id]$path", [
            'document' => $document,
            'version' => 2,
            'days' => 1,
        ])->assertNotFound();
    }
    $this->postJson('/api/outings', ['document' => $document])
        ->assertStatus(422)
        ->assertSee('not among yours');
});

it('goes on without a rush that was deleted, and has it again when that is put back', function (): void {
    $this->actingAs($person = $this->person());
    [[$first, $second], $outing] = outingOf($person);
    $outing->fill(['document' => [...$outing->document, 'order' => [1, 0]]])->save();
    $this->deleteJson("/api/rushes/$first->id");
    $this->getJson("/api/outings/$outing->id")
        ->assertOk()
        ->assertJsonPath('gone', 1)
        ->assertJsonCount(1, 'document.rushes')
        ->assertJsonPath('document.rushes.0.rush', $second->id)
        ->assertJsonPath('document.order', [0]);
    $this->getJson("/api/outings/$outing->id/card")
        ->assertOk()
        ->assertJsonCount(1, 'rushes');
    $this->postJson("/api/rushes/$first->id/restore")->assertOk();
    $this->getJson("/api/outings/$outing->id")
        ->assertOk()
        ->assertJsonPath('gone', 0)
        ->assertJsonPath('document.order', [1, 0]);
});

it('goes out as one document and comes in elsewhere with all that is in it', function (): void {
    $this->actingAs($person = $this->person());
    [[$first], $outing] = outingOf($person);
    $first->forceFill(['pins' => ['exposure' => ['shutter_s' => 0.001]]])->save();
    $whole = $this->getJson("/api/outings/$outing->id/document")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="cliff-morning.outing.json"')
        ->json();
    expect(app(DocumentGate::class)->outing($whole)->outing->entries)->toHaveCount(2);
    $other = $this->person();
    $this->actingAs($other);
    $upload = fn () => $this->postJson('/api/outings/upload', [
        'file' => UploadedFile::fake()->createWithContent('o.json', (string) json_encode($whole)),
    ]);
    $came = $upload()->assertCreated()->json();
    expect($other->rushes()->pluck('name')->all())
        ->toBe([$first->name, 'Going out'])
        ->and($other->rushes()->orderBy('id')->first()?->pins)
        ->toBe(['exposure' => ['shutter_s' => 0.001]]);
    // What they point at is found by name where it is; all else is as it was.
    $bare = static fn (array $outing): array => [
        ...$outing,
        'rushes' => array_map(
            static fn (array $entry): array => [
                ...$entry,
                'rush' => [
                    ...$entry['rush'],
                    'kit' => [...$entry['rush']['kit'], 'body_id' => null, 'lens_id' => null],
                ],
            ],
            $outing['rushes'],
        ),
    ];
    expect($bare($this->getJson("/api/outings/$came[id]/document")->json()))->toEqual($bare($whole));
    // The same once more finds its rushes there.
    $upload()->assertCreated();
    expect($other->rushes()->count())
        ->toBe(2)
        ->and($other->outings()->count())
        ->toBe(2);
    $this->postJson('/api/outings/upload', [
        'file' => UploadedFile::fake()->createWithContent('o.json', '{"format": "rush-hold/rush@1"}'),
    ])->assertStatus(422);
});

it('carries an outing: card, pocket table, paper and calendar', function (): void {
    $this->actingAs($person = $this->person());
    [, $outing] = outingOf($person);
    $validator = app(DocumentGate::class)->validator();
    foreach (['card', 'pocket'] as $what) {
        $said = $this->getJson("/api/outings/$outing->id/$what?units=imperial")->assertOk();
        expect($validator->validate(json_decode($said->content()), "urn:rush-hold:$what@1")->isValid())->toBeTrue();
    }
    expect($said->json('near.0.label'))
        ->toContain('ft')
        ->and($said->json('cells'))
        ->toHaveCount(count($said->json('who')) * count($said->json('near')) * 4 * 3 * count($said->json('light')))
        ->and(array_column($said->json('who'), 'name'))
        ->toContain('puffin');
    foreach (['a6', 'a4'] as $paper) {
        $file = $this->getJson("/api/outings/$outing->id/files/$paper")
            ->assertOk()
            ->assertJsonPath('type', 'application/pdf')
            ->assertJsonPath('name', "cliff-morning.$paper.pdf")
            ->json();
        expect(base64_decode($file['base64']))->toStartWith('%PDF-');
    }
    $calendar = Reader::read(
        base64_decode(
            $this->getJson("/api/outings/$outing->id/files/calendar")
                ->assertOk()
                ->json('base64'),
        ),
    );
    expect($calendar->VEVENT)
        ->toHaveCount(2)
        ->and((string) $calendar->VEVENT[0]->DTSTART)
        ->toBe('20260607T040000Z')
        ->and((string) $calendar->VEVENT[0]->LOCATION)
        ->toBe('Sea-cliff reserve');
    $this->getJson("/api/outings/$outing->id/files/a9")->assertNotFound();
    $outing->fill(['document' => [...$outing->document, 'rushes' => []]])->save();
    $this->getJson("/api/outings/$outing->id/pocket")->assertNotFound();
    $this->getJson("/api/outings/$outing->id/card")
        ->assertOk()
        ->assertJsonPath('rushes', []);
});

it('fits each rush to a page of its own, however much there is to say', function (): void {
    $this->actingAs($person = $this->person());
    [, $outing] = outingOf($person);
    $card = $this->getJson("/api/outings/$outing->id/card")->assertOk()->json();
    $pages = static fn (array $card, CardFile $paper): int => (int) preg_match_all('~/Type /Page\b(?!s)~', CardPaper::of($card, $paper));
    $plain = count($card['rushes']) + count($card['buttons']) + 1;
    expect($pages($card, CardFile::A6))->toBe($plain)->and($pages($card, CardFile::A4))->toBe(1);
    // Everything at its longest, in letters of other languages too.
    foreach ($card['rushes'] as &$rush) {
        $rush['name'] = str_repeat('Żuraw nad łąką ', 8);
        $rush['habit'] = str_repeat('Circles the slope a few times, then comes in. ', 4);
        $rush['cautions'] = array_fill(0, 3, str_repeat('Keep the distance that local law asks for. ', 3));
        foreach ($rush['lines'] as &$line) {
            $line['own'] = ['label' => 'A word of the camera', 'where' => ''];
        }
    }
    unset($rush, $line);
    $card['rushes'] = array_merge(...array_fill(0, 5, $card['rushes']));
    expect($pages($card, CardFile::A6))->toBe(count($card['rushes']) + count($card['buttons']) + 1)
        ->and($pages($card, CardFile::A4))->toBe((int) ceil((count($card['rushes']) + count($card['buttons']) + 1) / 8))
        ->and(CardPaper::html($card, CardFile::A4))->toContain('Żuraw');
});

it('shows one card to whoever has its address, until that is taken back or has run out', function (): void {
    $this->actingAs($person = $this->person());
    [, $outing] = outingOf($person);
    $link = $this->postJson("/api/outings/$outing->id/links", ['days' => 3])
        ->assertCreated()
        ->json();
    // Whatever the request says, the address is where people find the application.
    config(['app.url' => 'https://hold.example:8443']);
    expect(
        $this->postJson("/api/outings/$outing->id/links", ['days' => 1], ['Host' => '127.0.0.1'])->json('address'),
    )->toStartWith('https://hold.example:8443/shared/');
    $outing->links()->whereKeyNot($link['id'])->delete();
    $this->getJson("/api/outings/$outing->id/links")
        ->assertOk()
        ->assertJsonCount(1)
        ->assertJsonMissingPath('0.address');
    $this->postJson("/api/outings/$outing->id/links", ['days' => 61])->assertStatus(422);
    $secret = Str::afterLast($link['address'], '/');
    expect(
        CardLink::query()
            ->where('token_hash', 'like', "%$secret%")
            ->exists(),
    )->toBeFalse();
    $read = fn () => $this->getJson("/api/shared/$secret");
    auth()->forgetGuards();
    $read()->assertOk()->assertJsonPath('name', 'Cliff morning');
    $this->getJson("/api/outings/$outing->id")->assertUnauthorized();
    $this->getJson('/api/shared/nothing-of-the-kind')->assertNotFound();
    $this->travel(4)->days();
    $read()->assertNotFound()->assertSee('not shown any more');
    $this->travelBack();
    $read()->assertOk();
    $this->actingAs($outing->user)
        ->deleteJson("/api/outings/$outing->id/links/$link[id]")
        ->assertNoContent();
    $read()->assertNotFound();
    // Nor does an outing that was deleted show anything.
    $again = Str::afterLast($this->postJson("/api/outings/$outing->id/links", ['days' => 1])->json('address'), '/');
    $this->getJson("/api/shared/$again")->assertOk();
    $this->deleteJson("/api/outings/$outing->id");
    $this->getJson("/api/shared/$again")->assertNotFound();
});

it('keeps what was logged once, however often it is sent, and says of each what is wrong with it', function (): void {
    $this->actingAs($person = $this->person());
    [[$rush], $outing] = outingOf($person);
    $burst = [
        'id' => (string) Str::uuid(),
        'outing_id' => $outing->id,
        'rush_id' => $rush->id,
        'rush' => 'Coming in',
        'at' => '2026-06-07T06:10:00+01:00',
        'kept' => 'most',
        'lost_to' => 'hidden',
        'hold' => ['focus' => ['area' => 'point']],
    ];
    $this->postJson('/api/bursts', ['bursts' => [$burst]])
        ->assertOk()
        ->assertExactJson(['kept' => [$burst['id']], 'refused' => []]);
    $other = [...$burst, 'id' => (string) Str::uuid(), 'kept' => null, 'frames' => 40, 'keepers' => 12];
    $bad = [
        [...$burst, 'id' => (string) Str::uuid(), 'kept' => 'many'],
        [...$other, 'id' => (string) Str::uuid(), 'keepers' => 41],
        [...$burst, 'id' => (string) Str::uuid(), 'hold' => ['focus' => ['area' => 'octagon']]],
    ];
    $said = $this->postJson('/api/bursts', ['bursts' => [[...$burst, 'kept' => 'none'], $other, ...$bad]])
        ->assertOk()
        ->json();
    expect($said['kept'])
        ->toBe([$burst['id'], $other['id']])
        ->and(array_column($said['refused'], 'id'))
        ->toBe(array_column($bad, 'id'))
        ->and($said['refused'][2]['message'])
        ->toContain('octagon');
    // The first one stands as it was sent first.
    $this->getJson("/api/outings/$outing->id/bursts")
        ->assertOk()
        ->assertJsonCount(2)
        ->assertJsonPath('0.kept', 'most')
        ->assertJsonPath('0.at', '2026-06-07T05:10:00Z')
        ->assertJsonPath('1.keepers', 12);
    // Two people may have made the same id; each has their own.
    $this->actingAs($this->person())
        ->postJson('/api/bursts', ['bursts' => [$burst]])
        ->assertOk()
        ->assertJsonPath('kept', [$burst['id']]);
    $this->postJson('/api/bursts', ['bursts' => array_fill(0, 101, $burst)])->assertStatus(422);
    $this->postJson('/api/bursts', ['bursts' => [['id' => 'one']]])->assertStatus(422);
    expect($person->bursts()->count())->toBe(2);
});

it('keeps what came by as a rush, once', function (): void {
    $this->actingAs($person = $this->person());
    [, $outing] = outingOf($person);
    $seen = [
        'id' => strtolower((string) Str::ulid()),
        'who' => 'Brown hare, bolting',
        'metres' => 20,
        'way' => 'left',
        'through' => 'thick',
        'ev100' => 9.5,
    ];
    $keep = fn (array $changes = []) => $this->postJson("/api/outings/$outing->id/passed-by", [...$seen, ...$changes]);
    $keep()
        ->assertCreated()
        ->assertJsonPath('id', $seen['id'])
        ->assertJsonPath('document.path.start_m', 20)
        ->assertJsonPath('document.path.heading_deg', -80)
        ->assertJsonPath('document.scene.front_clutter', 0.7)
        ->assertJsonPath('document.light.ev100', 9.5);
    $keep()->assertCreated();
    expect($person->rushes()->count())
        ->toBe(3)
        ->and($person->rushes()->find($seen['id'])?->figure)
        ->not->toBe('plain');
    // It is shot with what the first rush of the outing is shot with.
    $outing
        ->fill([
            'document' => [
                ...$outing->document,
                'bodies' => [KitType::Bodies->samples()['sample-old-mirror']],
                'rushes' => [[...$outing->document['rushes'][0], 'body' => 0], $outing->document['rushes'][1]],
            ],
        ])
        ->save();
    $keep(['id' => strtolower((string) Str::ulid())])
        ->assertCreated()
        ->assertJsonPath('document.kit.body.mirror', true);
    $keep(['id' => strtolower((string) Str::ulid()), 'who' => 'unicorn'])
        ->assertStatus(422)
        ->assertSee('unicorn');
    $keep(['way' => 'up'])->assertStatus(422);
    $this->actingAs($other = $this->person());
    [, $theirs] = outingOf($other);
    $this->postJson("/api/outings/$theirs->id/passed-by", $seen)->assertStatus(422);
    $keep()->assertNotFound();
});

it('says what the log comes to, lets it be corrected and deleted, and writes it as CSV', function (): void {
    $this->actingAs($person = $this->person());
    [[$rush]] = outingOf($person);
    $ids = array_map(static fn (): string => (string) Str::uuid(), range(0, 3));
    $of = static fn (int $i, array $fields): array => [
        'id' => $ids[$i],
        'rush_id' => $rush->id,
        'rush' => 'Coming in',
        'at' => "2026-06-0{$i}T06:10:00Z",
        ...$fields,
    ];
    $this->postJson('/api/bursts', [
        'bursts' => [
            $of(1, ['frames' => 10, 'keepers' => 5, 'lost_to' => 'hidden']),
            $of(2, ['kept' => 'half', 'lost_to' => 'hidden', 'note' => '=1+1']),
            $of(3, [
                'kept' => 'none',
                'lost_to' => 'shake',
                'rush' => 'Else',
                'rush_id' => null,
                'at' => '2026-05-01T06:00:00Z',
            ]),
        ],
    ])
        ->assertOk()
        ->assertJsonCount(3, 'kept');
    $said = $this->getJson('/api/bursts/figures')
        ->assertOk()
        ->assertJsonPath('bursts', 3)
        ->assertJsonPath('rushes.0.name', 'Coming in')
        ->assertJsonPath('rushes.0.bursts', 2)
        ->assertJsonPath('rushes.0.share.mean', 0.5)
        ->assertJsonPath('rushes.0.lost.0', ['cause' => 'hidden', 'label' => 'Blocked from view', 'bursts' => 2])
        ->assertJsonPath('months.0.name', '2026-05')
        ->assertJsonCount(2, 'months')
        ->json();
    expect($said['rushes'][0]['share']['low'])
        ->toBeLessThan(0.4)
        ->and($said['rushes'][1]['share']['mean'])
        ->toBeLessThan(0.1)
        ->and($said['all']['share']['mean'])
        ->toBeLessThan(0.5);
    $this->getJson('/api/bursts')
        ->assertOk()
        ->assertJsonCount(3, 'items')
        ->assertJsonPath('items.0.id', $ids[2])
        ->assertJsonPath('next', null);
    $this->patchJson("/api/bursts/$ids[1]", ['keepers' => 11])->assertStatus(422);
    $this->patchJson("/api/bursts/$ids[1]", ['keepers' => 9, 'note' => 'Counted again'])
        ->assertOk()
        ->assertJsonPath('keepers', 9)
        ->assertJsonPath('frames', 10)
        ->assertJsonPath('lost_to', 'hidden');
    $csv = $this->get('/api/bursts/file')
        ->assertOk()
        ->assertHeader('Content-Type', 'text/csv; charset=utf-8')
        ->streamedContent();
    expect(explode("\n", trim($csv)))
        ->toHaveCount(4)
        ->and($csv)
        ->toContain("'=1+1")
        ->toContain('2026-06-01T06:10:00Z,"Coming in",,9,10,hidden,"Counted again"');
    $this->deleteJson("/api/bursts/$ids[1]")->assertNoContent();
    // What was deleted does not come back by being sent once more.
    $this->postJson('/api/bursts', ['bursts' => [$of(1, ['kept' => 'all'])]])
        ->assertOk()
        ->assertJsonPath('kept', [$ids[1]]);
    $this->getJson('/api/bursts/figures')->assertJsonPath('bursts', 2);
    $this->postJson("/api/bursts/$ids[1]/restore")
        ->assertOk()
        ->assertJsonPath('keepers', 9);
    $this->actingAs($this->person());
    foreach (['PATCH' => '', 'DELETE' => '', 'POST' => '/restore'] as $method => $path) {
        $this->json($method, "/api/bursts/$ids[1]$path")->assertNotFound();
    }
    $this->getJson('/api/bursts/figures')->assertOk()->assertJsonPath('all.share', null);
});

it('shows the log of one rush, and deletes several bursts as one step that can be undone', function (): void {
    $this->actingAs($this->person());
    $ids = array_map(static fn (): string => (string) Illuminate\Support\Str::uuid(), [1, 2, 3]);
    $this->postJson('/api/bursts', ['bursts' => array_map(static fn (string $id, string $rush, int $i): array => ['id' => $id, 'rush' => $rush, 'at' => "2026-06-07T05:0$i:00Z", 'kept' => 'most'], $ids, ['Tern', 'Hare', 'Tern'], [0, 1, 2])])->assertSuccessful();
    $listed = fn (string $query = ''): array => array_column($this->getJson("/api/bursts$query")->assertOk()->json('items'), 'rush');
    expect($listed('?rush=Tern'))->toBe(['Tern', 'Tern'])->and($listed('?rush=Gull'))->toBe([]);
    $this->postJson('/api/bursts/delete', ['bursts' => [...$ids, 'another']])->assertNotFound();
    expect($listed())->toHaveCount(3);
    $undo = $this->postJson('/api/bursts/delete', ['bursts' => [$ids[0], $ids[1]]])->assertOk()->json('undo');
    expect($listed())->toBe(['Tern']);
    $this->postJson("/api/undo/$undo")->assertSuccessful();
    expect($listed())->toHaveCount(3);
    $this->actingAs($this->person());
    $this->postJson('/api/bursts/delete', ['bursts' => [$ids[0]]])->assertNotFound();
});

it('offers the places one has been to, and how long the day is at one', function (): void {
    $this->actingAs($person = $this->person());
    $outing = fn (string $name, float $lat): array => [
        'format' => 'rush-hold/outing@1', 'name' => $name, 'date' => '2026-06-07', 'from' => '05:00', 'to' => '08:00', 'rushes' => [],
        'place' => ['name' => $name, 'latitude_deg' => $lat, 'longitude_deg' => -9.0, 'zone' => 'Europe/London'],
    ];
    foreach ([['Cliff', 55.5], ['Pitch', 52.0], ['Cliff', 55.5]] as [$name, $lat]) {
        $this->postJson('/api/outings', ['document' => $outing($name, $lat)])->assertCreated();
    }
    expect($this->getJson('/api/places')->assertOk()->json())->toHaveCount(2);
    $this->actingAs($this->person());
    $this->getJson('/api/places')->assertOk()->assertExactJson([]);
    $asked = ['latitude_deg' => 51.5, 'longitude_deg' => -0.13, 'date' => '2026-12-21', 'zone' => 'Europe/London'];
    $this->getJson('/api/places/daylight?'.http_build_query($asked))
        ->assertOk()
        ->assertExactJson(['rises' => '08:04', 'sets' => '15:54', 'up' => true]);
    foreach (['latitude_deg' => 91, 'date' => '2026-13-01', 'zone' => 'Mars/Dust'] as $field => $wrong) {
        $this->getJson('/api/places/daylight?'.http_build_query([...$asked, $field => $wrong]))
            ->assertStatus(422)
            ->assertJsonValidationErrors($field);
    }
});

it('reads a place from GPX', function (string $gpx, ?array $place): void {
    $this->actingAs($this->person());
    $said = $this->postJson('/api/outings/place', ['file' => UploadedFile::fake()->createWithContent('a.gpx', $gpx)]);
    $place === null ? $said->assertStatus(422)->assertSee('waypoint') : $said->assertOk()->assertExactJson($place);
})->with([
    'a waypoint' => [
        '<?xml version="1.0"?><gpx xmlns="http://www.topografix.com/GPX/1/1"><trk><trkseg><trkpt lat="1" lon="2"/></trkseg></trk><wpt lat="55.5" lon="-9.25"><name> Hide </name></wpt><wpt lat="3" lon="4"/></gpx>',
        ['name' => 'Hide', 'latitude_deg' => 55.5, 'longitude_deg' => -9.25],
    ],
    'a track' => [
        '<gpx><trk><name>Walk</name><trkseg><trkpt lat="1.5" lon="2.5"><ele>3</ele></trkpt></trkseg></trk></gpx>',
        ['name' => '', 'latitude_deg' => 1.5, 'longitude_deg' => 2.5],
    ],
    'nowhere' => ['<gpx><wpt lat="95" lon="0"/></gpx>', null],
    'no place' => ['<gpx></gpx>', null],
    'no XML' => ['lat 55', null],
    'entities' => ['<!DOCTYPE gpx [<!ENTITY a "aaaa">]><gpx><wpt lat="1" lon="1"><name>&a;</name></wpt></gpx>', null],
]);
