<?php

declare(strict_types=1);

use App\Models\KitType;
use App\Models\SavedRush;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use RushHold\Tests\Rushes;

beforeEach(function (): void {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->keep = fn (array $changes = [], array $more = []): array => $this->postJson('/api/rushes', [
        'document' => Rushes::document($changes),
        ...$more,
    ])
        ->assertCreated()
        ->json();
});

it('keeps a rush with its defaults filled in, and gives it back', function (): void {
    $kept = ($this->keep)(['name' => 'Évening gulls'], ['pins' => ['focus' => ['area' => 'point']]]);
    $read = $this->getJson("/api/rushes/{$kept['id']}")
        ->assertOk()
        ->json();
    expect($read)
        ->toEqual($kept)
        ->and($read['document']['kit']['lens']['focal_mm'])
        ->toEqual(500)
        ->and($read['pins']['focus']['area'])
        ->toBe('point')
        ->and($read['name'])
        ->toBe('Évening gulls');
});

it('refuses a document that cannot be meant, naming the field, and keeps nothing', function (): void {
    $this->postJson('/api/rushes', ['document' => Rushes::document(['subject.speed_mps' => 500])])
        ->assertStatus(422)
        ->assertJsonPath('range.max', 120)
        ->assertJsonPath('range.unit', 'm/s')
        ->assertJsonPath('errors', [
            'subject.speed_mps' => ['The subject’s speed must be between 0 and 120 m/s; 500 was given.'],
        ]);
    $this->postJson('/api/rushes', [
        'document' => Rushes::document(),
        'pins' => ['exposure' => ['aperture' => 1.2]],
    ])->assertStatus(422);
    $this->postJson('/api/rushes', [])->assertStatus(422);
    expect($this->user->rushes()->count())->toBe(0);
});

it('lists one’s own, last changed first, and finds by name or subject', function (): void {
    ($this->keep)(['name' => 'First', 'subject.name' => 'Tern, hovering']);
    $this->travel(1)->minutes();
    ($this->keep)(['name' => 'Second, 100% cloud']);
    $names = fn (string $search = ''): array => array_column(
        $this->getJson('/api/rushes?search='.urlencode($search))
            ->assertOk()
            ->json('items'),
        'name',
    );
    expect($names())
        ->toBe(['Second, 100% cloud', 'First'])
        ->and($names('hovering'))
        ->toBe(['First'])
        ->and($names('fir tern'))
        ->toBe(['First'])
        ->and($names('100%'))
        ->toBe(['Second, 100% cloud'])
        ->and($names('%'))
        ->toBe(['Second, 100% cloud'])
        ->and($names('zebra'))
        ->toBe([]);
});

it('saves changes, but not over somebody’s later save', function (): void {
    $kept = ($this->keep)();
    $path = "/api/rushes/{$kept['id']}";
    $saved = $this->putJson($path, [
        'document' => Rushes::document(['path.start_m' => 33.0]),
        'version' => $kept['version'],
    ])
        ->assertOk()
        ->json();
    expect($saved['version'])
        ->toBe($kept['version'] + 1)
        ->and($saved['document']['path']['start_m'])
        ->toEqual(33);
    $this->putJson($path, [
        'document' => Rushes::document(['path.start_m' => 20.0]),
        'version' => $kept['version'],
    ])->assertStatus(409);
    $this->putJson($path, [
        'document' => Rushes::document(['path.start_m' => 1.0]),
        'version' => $saved['version'],
    ])->assertStatus(422);
    expect($this->getJson($path)->json('document.path.start_m'))->toEqual(33);
});

it('renames, duplicates, deletes and restores', function (): void {
    $kept = ($this->keep)(['name' => 'Gull']);
    $path = "/api/rushes/{$kept['id']}";
    $this->patchJson($path, ['name' => 'Herring gull'])
        ->assertOk()
        ->assertJsonPath('document.name', 'Herring gull')
        ->assertJsonPath('name', 'Herring gull');
    $this->patchJson($path, ['name' => ''])->assertStatus(422);
    $copy = $this->postJson("$path/duplicate")
        ->assertCreated()
        ->assertJsonPath('name', 'Herring gull (copy)')
        ->json('id');
    $this->deleteJson($path)->assertNoContent();
    $this->getJson($path)->assertNotFound();
    expect(array_column($this->getJson('/api/rushes')->json('items'), 'id'))->toBe([$copy]);
    $this->postJson("$path/restore")
        ->assertOk()
        ->assertJsonPath('name', 'Herring gull');
    $this->getJson($path)->assertOk();
});

it('numbers copies, of copies as well', function (): void {
    $kept = ($this->keep)(['name' => 'Gull (50% cloud)']);
    $copy = fn (string $id): array => $this->postJson("/api/rushes/$id/duplicate")
        ->assertCreated()
        ->json();
    $names = [($first = $copy($kept['id']))['name'], $copy($kept['id'])['name'], $copy($first['id'])['name']];
    expect($names)->toBe(['Gull (50% cloud) (copy)', 'Gull (50% cloud) (copy 2)', 'Gull (50% cloud) (copy 3)']);
    $long = ($this->keep)(['name' => str_repeat('ä', 120)]);
    expect(mb_strlen($copy($long['id'])['name']))->toBe(120)->and($copy($long['id'])['name'])->toEndWith(' (copy 2)');
});

it('sorts by name and by subject, page by page, and shows one kind', function (): void {
    foreach (['Delta' => 'bird', 'alpha' => 'person', 'Charlie' => 'bird', 'bravo' => 'vehicle'] as $name => $kind) {
        ($this->keep)(['name' => $name, 'subject.kind' => $kind, 'subject.name' => strrev($name)]);
    }
    $listed = fn (string $query): array => array_column($this->getJson("/api/rushes?$query")->assertOk()->json('items'), 'name');
    expect($listed('sort=name'))
        ->toBe(['alpha', 'bravo', 'Charlie', 'Delta'])
        ->and($listed('sort=subject'))
        ->toBe(['alpha', 'Delta', 'Charlie', 'bravo'])
        ->and($listed('sort=name&kind=bird'))
        ->toBe(['Charlie', 'Delta'])
        ->and($listed('sort=name&after=2'))
        ->toBe(['Charlie', 'Delta']);
    $this->getJson('/api/rushes?sort=speed')->assertStatus(422);
    $this->getJson('/api/rushes?kind=fish')->assertStatus(422);
});

it('deletes several and brings them back, writes them to one archive, and touches nothing where one is not there', function (): void {
    $ids = array_map(fn (string $name): string => ($this->keep)(['name' => $name])['id'], ['One', 'Two', 'Three']);
    $two = ['rushes' => array_slice($ids, 0, 2)];
    $this->postJson('/api/rushes/delete', ['rushes' => [...$ids, strtolower((string) Str::ulid())]])->assertNotFound();
    expect($this->user->rushes()->count())->toBe(3);
    $file = $this->get('/api/rushes/file?'.http_build_query($two))
        ->assertOk()
        ->getFile()
        ->getPathname();
    $zip = new ZipArchive();
    expect($zip->open($file))
        ->toBeTrue()
        ->and($zip->numFiles)
        ->toBe(2)
        ->and(json_decode((string) $zip->getFromIndex(0), true)['format'])
        ->toBe('rush-hold/rush@1');
    $zip->close();
    $this->postJson('/api/rushes/delete', $two)->assertNoContent();
    expect($this->user->rushes()->pluck('name')->all())->toBe(['Three']);
    $this->postJson('/api/rushes/delete', $two)->assertNotFound();
    $this->postJson('/api/rushes/restore', $two)->assertNoContent();
    expect($this->user->rushes()->count())->toBe(3);
});

it('tags several at once, finds by tag, undoes it, and takes tags along in the archive', function (): void {
    $ids = array_map(fn (string $name): string => ($this->keep)(['name' => $name])['id'], ['One', 'Two', 'Three']);
    $changed = $this->user->rushes()->findOrFail($ids[0])->updated_at;
    $this->travel(5)->minutes();
    $tag = fn (array $rushes, string $tag, bool $on = true): string => (string) $this->postJson('/api/rushes/tag', ['rushes' => $rushes, 'tag' => $tag, 'on' => $on])
        ->assertOk()
        ->json('undo');
    $with = fn (string $tag): array => array_column($this->getJson('/api/rushes?sort=name&tag='.urlencode($tag))->assertOk()->json('items'), 'name');
    $tag([$ids[0], $ids[1]], '  früh  am Kliff ');
    $undo = $tag([$ids[0]], 'race');
    expect($with('früh am Kliff'))
        ->toBe(['One', 'Two'])
        ->and($this->getJson('/api/rushes/tags')->json())
        ->toBe(['früh am Kliff', 'race'])
        ->and($this->user->rushes()->findOrFail($ids[0])->updated_at->equalTo($changed))
        ->toBeTrue();
    $this->postJson("/api/undo/$undo")->assertSuccessful();
    expect($with('race'))->toBe([]);
    $tag([$ids[1]], 'früh am Kliff', false);
    expect($with('früh am Kliff'))->toBe(['One']);
    $archive = $this->get('/api/account/archive')->assertOk()->getFile()->getPathname();
    $copy = (string) tempnam(sys_get_temp_dir(), 'archive');
    copy($archive, $copy);
    $this->actingAs($other = $this->person());
    $this->post('/api/account/archive', ['file' => new UploadedFile($copy, 'a.zip', 'application/zip', null, true)], ['Accept' => 'application/json'])->assertSuccessful();
    expect($other->rushes()->where('name', 'One')->firstOrFail()->tags)->toBe(['früh am Kliff']);
    foreach (range(1, 12) as $n) {
        $this->postJson('/api/rushes/tag', ['rushes' => [$other->rushes()->where('name', 'Two')->firstOrFail()->id], 'tag' => "t$n", 'on' => true])->assertOk();
    }
    $this->postJson('/api/rushes/tag', ['rushes' => [$other->rushes()->where('name', 'Two')->firstOrFail()->id], 'tag' => 'one more', 'on' => true])->assertStatus(422);
});

it('comes back from a file exactly as it went', function (): void {
    $kept = ($this->keep)([
        'name' => 'Out and in',
        'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 3.25, 'over_s' => 0.5]],
        'scene.hazards' => ['nest'],
        'path.bend_radius_m' => -17.5,
    ]);
    $file = $this->get("/api/rushes/{$kept['id']}/document")
        ->assertOk()
        ->assertDownload('out-and-in.rush.json')
        ->getContent();
    $again = $this->post(
        '/api/rushes/upload',
        ['file' => UploadedFile::fake()->createWithContent('r.json', $file)],
        ['Accept' => 'application/json'],
    )
        ->assertCreated()
        ->json();
    expect($again['document'])->toEqual($kept['document']);
    expect($this->get("/api/rushes/{$again['id']}/document")->getContent())->toBe($file);
});

it('refuses files that are no rush, and says why', function (string $content, string $says): void {
    $this->post(
        '/api/rushes/upload',
        ['file' => UploadedFile::fake()->createWithContent('r.json', $content)],
        ['Accept' => 'application/json'],
    )
        ->assertStatus(422)
        ->assertSee($says);
    expect(SavedRush::query()->where('user_id', $this->user->id)->count())->toBe(0);
})->with([
    'no JSON' => ['oops {', 'not a JSON file'],
    'a list' => ['[1,2]', 'must be an object'],
    'another format' => ['{"format":"something@1"}', 'rush-hold'],
    'empty' => ['', 'not a JSON file'],
]);

it('refuses an upload without a file', function (): void {
    $this->postJson('/api/rushes/upload')->assertStatus(422)->assertSee('Choose a rush document');
});

it('keeps everybody else out', function (): void {
    $kept = ($this->keep)();
    $this->actingAs($this->person());
    $path = "/api/rushes/{$kept['id']}";
    $this->getJson($path)->assertNotFound();
    $this->putJson($path, ['document' => Rushes::document(), 'version' => 1])->assertNotFound();
    $this->patchJson($path, ['name' => 'Mine now'])->assertNotFound();
    $this->deleteJson($path)->assertNotFound();
    $this->postJson("$path/duplicate")->assertNotFound();
    $this->postJson("$path/restore")->assertNotFound();
    $this->getJson("$path/document")->assertNotFound();
    expect($this->getJson('/api/rushes')->json('items'))
        ->toBe([])
        ->and(SavedRush::query()->find($kept['id'])?->version)
        ->toBe(1);
});

it('finds the kit of a rush that comes from elsewhere by its name, where only one is called so', function (): void {
    $user = $this->person();
    $this->actingAs($user);
    $body = static fn (string $name): array => [
        ...KitType::Bodies->filled(KitType::Bodies->samples()['sample-old-mirror']),
        'name' => $name,
    ];
    $keep = fn (string $name): string => $this->postJson('/api/kit/bodies', ['document' => $body($name)])
        ->assertCreated()
        ->json('id');
    [$mine, $twin, $other] = [$keep('Mine'), $keep('Twin'), $keep('Twin')];
    $points = fn (string $name, ?string $id): ?string => $this->postJson('/api/rushes', [
        'document' => [...Rushes::document(), 'kit' => ['body' => $body($name), 'body_id' => $id]],
    ])
        ->assertCreated()
        ->json('document.kit.body_id');
    $sample = KitType::Bodies->samples()['sample-old-mirror']['name'];
    expect($points('Mine', null))
        ->toBe($mine)
        ->and($points('Mine', 'somebody-else’s'))
        ->toBe($mine)
        ->and($points('Twin', null))
        ->toBeNull()
        ->and($points('Twin', $other))
        ->toBe($other)
        ->and($twin)
        ->not->toBe($other)
        ->and($points($sample, null))
        ->toBe('sample-old-mirror')
        ->and($points('Nobody’s', null))
        ->toBeNull();
});
