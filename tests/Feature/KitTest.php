<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Models\KitType;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use RushHold\Number;
use RushHold\Tests\Rushes;

beforeEach(function (): void {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->describe = fn (array $more = []): array => [
        ...KitType::Bodies->samples()['sample-old-mirror'],
        'name' => 'Workhorse',
        ...$more,
    ];
    $this->keep = fn (string $type, array $document, array $more = []): array => $this->postJson("/api/kit/$type", [
        'document' => $document,
        ...$more,
    ])
        ->assertCreated()
        ->json();
});

it('offers samples to everybody, one’s own first', function (string $type, int $least): void {
    $list = $this->getJson("/api/kit/$type")
        ->assertOk()
        ->json();
    expect(count($list))
        ->toBeGreaterThanOrEqual($least)
        ->and(array_unique(array_column($list, 'sample')))
        ->toBe([true]);
    $document = [
        ...$this->getJson("/api/kit/$type/{$list[0]['id']}")->json('document'),
        ...$type === 'subjects' ? [] : ['name' => 'Mine'],
    ];
    $kept = ($this->keep)($type, $document);
    expect($this->getJson("/api/kit/$type")->json('0.id'))
        ->toBe($kept['id'])
        ->and(
            $this->getJson("/api/kit/$type/{$kept['id']}")
                ->assertOk()
                ->json(),
        )
        ->toEqual($kept)
        ->and(
            $this->getJson("/api/kit/$type/{$list[1]['id']}")
                ->assertOk()
                ->json('sample'),
        )
        ->toBeTrue();
})->with([['bodies', 5], ['lenses', 5], ['subjects', 60]]);

it('lists kit and rushes without reading their documents', function (): void {
    ($this->keep)(
        'bodies',
        ($this->describe)(['words' => ['area.block' => ['label' => 'Block', 'where' => 'Page 2']]]),
    );
    $this->postJson('/api/rushes', ['document' => RushHold\Tests\Rushes::document()])->assertCreated();
    $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    $body = $this->getJson('/api/kit/bodies')->assertOk()->json('0');
    $this->getJson('/api/rushes')->assertOk()->assertJsonMissingPath('items.0.document');
    expect($body)
        ->not->toHaveKey('document')
        ->and($body['outline']['own_words'])
        ->toBe(['Block'])
        ->and($body['outline']['areas'])
        ->toHaveKey('point')
        ->and(implode("\n", preg_grep('/from `(kit|rushes)`/', $asked)))
        ->not->toBe('')
        ->not->toContain('document')
        ->not->toContain('select *');
});

it('keeps samples as they are', function (): void {
    $this->putJson('/api/kit/bodies/sample-old-mirror', [
        'document' => ($this->describe)(),
        'version' => 1,
    ])->assertForbidden();
    $this->deleteJson('/api/kit/subjects/sample-runner')->assertForbidden();
});

it('saves changes, but not over a later save; deletes and restores', function (): void {
    $kept = ($this->keep)('bodies', ($this->describe)());
    $path = "/api/kit/bodies/{$kept['id']}";
    $saved = $this->putJson($path, ['document' => ($this->describe)(['frames_per_s' => 9]), 'version' => 1])
        ->assertOk()
        ->json();
    expect($saved['document']['frames_per_s'])->toEqual(9)->and($saved['version'])->toBe(2);
    $this->putJson($path, ['document' => ($this->describe)(['frames_per_s' => 8]), 'version' => 1])->assertStatus(409);
    $this->putJson($path, ['document' => ($this->describe)(['frames_per_s' => 8000]), 'version' => 2])
        ->assertStatus(422)
        ->assertJsonPath('range.max', 240)
        ->assertJsonStructure(['errors' => ['frames_per_s']]);
    $this->deleteJson($path)->assertNoContent();
    $this->getJson($path)->assertNotFound();
    $this->postJson("$path/restore")->assertOk();
    expect($this->getJson($path)->json('document.frames_per_s'))->toEqual(9);
});

it('plans identically with a body that was downloaded, deleted and loaded again', function (): void {
    $kept = ($this->keep)(
        'bodies',
        ($this->describe)([
            'words' => ['area.block' => ['label' => 'Block', 'where' => '']],
            'fastest_shutter_s' => 1 / 6400,
        ]),
    );
    $plan = fn (array $body): string => (string) $this->postJson('/api/rank', [
        'rush' => Rushes::document(['kit.body' => $body]),
    ])
        ->assertOk()
        ->getContent();
    $before = $plan($kept['document']);
    $file = (string) $this->get("/api/kit/bodies/{$kept['id']}/document")
        ->assertOk()
        ->assertHeader('Content-Disposition', 'attachment; filename="workhorse.body.json"')
        ->getContent();
    $this->deleteJson("/api/kit/bodies/{$kept['id']}")->assertNoContent();
    cache()->flush();
    $again = $this->postJson('/api/kit/bodies/upload', [
        'file' => UploadedFile::fake()->createWithContent('b.json', $file),
    ])
        ->assertCreated()
        ->json();
    expect($again['id'])
        ->not->toBe($kept['id'])
        ->and($again['document'])
        ->toBe($kept['document'])
        ->and($plan($again['document']))
        ->toBe($before);
    expect(
        app(DocumentGate::class)->validator()->validate(json_decode($file), 'urn:rush-hold:body@1')->isValid(),
    )->toBeTrue();
});

it('refuses files that are something else', function (string $type, string $content, string $says): void {
    $this->postJson("/api/kit/$type/upload", ['file' => UploadedFile::fake()->createWithContent('x.json', $content)])
        ->assertStatus(422)
        ->assertSee($says);
    $this->postJson("/api/kit/$type/upload")->assertStatus(422);
    expect($this->user->kit()->count())->toBe(0);
})->with([
    ['bodies', '{"format": "rush-hold/lens@1"}', 'rush-hold'],
    ['lenses', '{"format": "rush-hold/lens@1", "name": "x", "focal_mm": 3}', 'between 8 and 2000 mm'],
    ['subjects', 'no json', 'not a JSON file'],
    ['bodies', '{"format": "rush-hold/body@1", "name": ""}', 'Give it a name'],
]);

it('lets a corrected subject stand in for its sample until it is deleted', function (): void {
    $sample = $this->getJson('/api/kit/subjects/sample-puffin-flight')->json();
    $document = $sample['document'];
    $document['subject']['speed_mps'] = 15;
    $own = ($this->keep)('subjects', $document, ['based_on' => $sample['id']]);
    $ids = fn (): array => array_column($this->getJson('/api/kit/subjects')->json(), 'id');
    expect($ids())->toContain($own['id'])->not->toContain($sample['id']);
    $this->deleteJson("/api/kit/subjects/{$own['id']}")->assertNoContent();
    expect($ids())->toContain($sample['id'])->not->toContain($own['id']);
});

it('remembers how a body was left, its own or a sample', function (): void {
    $standing = [
        'format' => 'rush-hold/hold@1',
        'focus' => ['mode' => 'single', 'detect' => 'person'],
        'manual_switch' => true,
    ];
    $own = ($this->keep)('bodies', ($this->describe)());
    foreach ([$own['id'], 'sample-fast-mirrorless'] as $id) {
        $this->putJson("/api/kit/bodies/$id/standing", ['standing' => $standing])->assertOk();
        expect($this->getJson("/api/kit/bodies/$id")->json('standing.focus.mode'))->toBe('single');
        $this->putJson("/api/kit/bodies/$id/standing", ['standing' => ['focus' => ['mode' => 'magic']]])->assertStatus(
            422,
        );
        $this->putJson("/api/kit/bodies/$id/standing", ['standing' => null])
            ->assertOk()
            ->assertJsonPath('standing', null);
    }
    $plan = $this->postJson('/api/plan', ['rush' => Rushes::document(), 'standing' => $standing])
        ->assertOk()
        ->json();
    expect(array_column($plan['changes'], 'name'))
        ->toBe(['Switch on the lens', 'Focus mode', 'Detection'])
        ->and($this->postJson('/api/plan', ['rush' => Rushes::document()])->json())
        ->not->toHaveKey('changes');
    $this->postJson('/api/rank', ['rush' => Rushes::document(), 'standing' => $standing])
        ->assertOk()
        ->assertJsonStructure(['changes', 'fewest_changes' => ['changes'], 'ranking' => [['changes']]]);
});

it('learns words one at a time; a sample is copied first', function (): void {
    $named = $this->putJson('/api/kit/bodies/sample-fast-mirrorless/words/area.block', [
        'label' => 'Block',
        'where' => 'Page 2',
    ])
        ->assertOk()
        ->json();
    expect($named['sample'])
        ->toBeFalse()
        ->and($named['based_on'])
        ->toBe('sample-fast-mirrorless')
        ->and($named['document']['words'])
        ->toBe(['area.block' => ['label' => 'Block', 'where' => 'Page 2']]);
    $id = $named['id'];
    $this->putJson("/api/kit/bodies/$id/words/detect.bird", ['label' => '', 'where' => ''])->assertOk();
    $this->putJson("/api/kit/bodies/$id/words/colour.red", ['label' => 'x', 'where' => ''])->assertStatus(422);
    $body = $this->getJson("/api/kit/bodies/$id")->json('document');
    $lines = collect(
        $this->postJson('/api/plan', [
            'rush' => Rushes::document(['kit.body' => $body]),
            'pins' => ['focus' => ['area' => 'block', 'detect' => 'bird']],
        ])
            ->assertOk()
            ->json('lines'),
    )->keyBy('setting');
    expect($lines['focus.area']['own'])
        ->toBe(['label' => 'Block', 'where' => 'Page 2'])
        ->and($lines['focus.area']['ask'])
        ->toBeNull()
        // Said not to exist, so it is not asked for again.
        ->and($lines['focus.detect']['own'])
        ->toBeNull()
        ->and($lines['focus.detect']['ask'])
        ->toBeNull()
        ->and($lines['focus.mode']['ask'])
        ->toBe('mode.continuous');
});

it('says what a document comes to without keeping it', function (): void {
    $terms = $this->postJson('/api/kit/bodies/check', ['document' => ($this->describe)()])
        ->assertOk()
        ->json('terms');
    expect(array_column($terms, 'key'))->toContain('area.block', 'control.thumb-1');
    $lens = KitType::Lenses->samples()['sample-500-f4'];
    $reach = $this->postJson('/api/kit/lenses/check', [
        'document' => $lens,
        'body' => ($this->describe)(),
        'distance_m' => 50,
    ])
        ->assertOk()
        ->json('reach');
    expect($reach)
        ->toHaveCount(3)
        ->and($reach[0]['field_m'])
        ->toEqualWithDelta(3.56, 0.02)
        ->and($reach[2]['widest'])
        ->toEqual(8);
    $this->postJson('/api/kit/lenses/check', ['document' => [...$lens, 'sweep_s' => 99]])
        ->assertStatus(422)
        ->assertJsonStructure(['errors' => ['sweep_s']]);
    expect($this->user->kit()->count())->toBe(0);
});

it('chooses among one’s own lenses', function (): void {
    $samples = KitType::Lenses->samples();
    expect(
        $this->postJson('/api/lenses/choose', ['rush' => Rushes::document()])
            ->assertOk()
            ->json('own'),
    )->toBeFalse();
    $short = ($this->keep)('lenses', [...$samples['sample-24-70'], 'name' => 'Short']);
    $long = ($this->keep)('lenses', [...$samples['sample-500-f4'], 'name' => 'Long']);
    $choice = $this->postJson('/api/lenses/choose', ['rush' => Rushes::document()])
        ->assertOk()
        ->json();
    expect($choice['own'])
        ->toBeTrue()
        ->and(array_column($choice['choices'], 'id'))
        ->toBe([$long['id'], $short['id']])
        ->and($choice['choices'][0]['sentence'])
        ->toEndWith('.');
});

it('shows nobody another person’s kit', function (string $method, string $path): void {
    $kept = ($this->keep)('bodies', ($this->describe)());
    $this->actingAs($this->person());
    $this->json($method, "/api/kit/bodies/{$kept['id']}$path", [
        'document' => ($this->describe)(),
        'version' => 1,
        'standing' => null,
        'label' => 'x',
        'where' => '',
    ])->assertNotFound();
    expect($this->user->kit()->first()->document['name'])
        ->toBe('Workhorse')
        ->and($this->getJson('/api/kit/bodies')->json('0.sample'))
        ->toBeTrue();
})->with([
    ['GET', ''],
    ['PUT', ''],
    ['DELETE', ''],
    ['POST', '/restore'],
    ['GET', '/document'],
    ['PUT', '/standing'],
    ['PUT', '/words/area.block'],
]);

it('tells two of one name apart', function (): void {
    $first = ($this->keep)('bodies', ($this->describe)());
    $second = ($this->keep)('bodies', ($this->describe)(['frames_per_s' => 7]));
    $listed = array_filter($this->getJson('/api/kit/bodies')->json(), static fn (array $b): bool => ! $b['sample']);
    expect(array_column($listed, 'name'))
        ->toBe(['Workhorse', 'Workhorse'])
        ->and(array_column($listed, 'id'))
        ->toEqualCanonicalizing([$first['id'], $second['id']]);

    $rush = json_decode((string) file_get_contents(base_path('formats/examples/puffin-coming-in.json')), true);
    $kept = $this->postJson('/api/rushes', [
        'document' => [...$rush, 'kit' => ['body' => $second['document'], 'body_id' => $second['id']]],
    ])
        ->assertCreated()
        ->json();
    expect($kept['document']['kit']['body_id'])
        ->toBe($second['id'])
        ->and($this->getJson("/api/rushes/{$kept['id']}")->json('newer'))
        ->toBe([]);
});

it('offers what is described anew, and says what differs', function (): void {
    $body = ($this->keep)('bodies', ($this->describe)());
    $zoom = array_values(array_filter(KitType::Lenses->samples(), static fn (array $l): bool => isset($l['zoom'])))[0];
    $lens = ($this->keep)('lenses', [...$zoom, 'name' => 'Zoom']);
    $rush = json_decode((string) file_get_contents(base_path('formats/examples/puffin-coming-in.json')), true);
    // A zoom that stands elsewhere is still the same lens.
    $kept = $this->postJson('/api/rushes', [
        'document' => [
            ...$rush,
            'kit' => [
                'body' => $body['document'],
                'body_id' => $body['id'],
                'lens' => [...$lens['document'], 'focal_mm' => $lens['document']['zoom'][0]['focal_mm']],
                'lens_id' => $lens['id'],
            ],
        ],
    ])
        ->assertCreated()
        ->json();
    expect($this->getJson("/api/rushes/{$kept['id']}")->json('newer'))->toBe([]);

    $this->putJson("/api/kit/bodies/{$body['id']}", [
        'document' => [
            ...$body['document'],
            'frames_per_s' => 33,
            'mirror' => ! $body['document']['mirror'],
            'areas' => ['point' => ['width' => 0.05]],
        ],
        'version' => 1,
    ])->assertOk();
    $newer = $this->getJson("/api/rushes/{$kept['id']}")->json('newer');
    expect($newer)
        ->toHaveCount(1)
        ->and($newer[0]['part'])
        ->toBe('body')
        ->and($newer[0]['id'])
        ->toBe($body['id'])
        ->and($newer[0]['differences'])
        ->toContain([
            'field' => 'frames_per_s',
            'name' => 'Frames a second',
            'from' => Number::plain($body['document']['frames_per_s']),
            'to' => '33',
        ])
        ->toContain([
            'field' => 'mirror',
            'name' => 'Whether it has a mirror',
            'from' => $body['document']['mirror'] ? 'yes' : 'no',
            'to' => $body['document']['mirror'] ? 'no' : 'yes',
        ]);
    // What is gone, or somebody else's, has nothing to say.
    $this->deleteJson("/api/kit/bodies/{$body['id']}")->assertNoContent();
    expect($this->getJson("/api/rushes/{$kept['id']}")->json('newer'))->toBe([]);
});

it('lets a camera describe itself by a picture, of which the beginning is enough', function (): void {
    $this->actingAs($this->person());
    $picture = static function (string ...$tags): UploadedFile {
        $file = (string) tempnam(sys_get_temp_dir(), 'shot');
        $image = imagecreatetruecolor(1200, 800);
        imagejpeg($image, $file);
        exec('exiftool -q -overwrite_original '.implode(' ', array_map(escapeshellarg(...), $tags)).' '.escapeshellarg($file));
        $head = substr((string) file_get_contents($file), 0, 6000);
        unlink($file);

        return UploadedFile::fake()->createWithContent('shot.jpg', $head);
    };
    $whole = $picture('-EXIF:Model=Cormora K7', '-EXIF:LensModel=CR 100-400', '-EXIF:LensInfo=100 400 4.5 5.6', '-EXIF:ExifImageWidth=6000', '-EXIF:ExifImageHeight=4000',
        '-EXIF:FocalPlaneXResolution=1666.667', '-EXIF:FocalPlaneResolutionUnit=cm', '-EXIF:FocalLength=400', '-EXIF:GPSLatitude=55.5', '-EXIF:GPSLatitudeRef=N');
    $said = $this->post('/api/kit/describe', ['files' => [$whole]], ['Accept' => 'application/json'])->assertOk()->json();
    expect($said['body'])
        ->toMatchArray(['name' => 'Cormora K7', 'pixels_wide' => 6000, 'sensor_width_mm' => 36])
        ->and($said['told'])
        ->toContain('sensor_width_mm')
        ->and($said['like']['name'])
        ->toBe('24 MP stacked mirrorless')
        ->and($said['lenses'][0]['document']['zoom'])
        ->toEqual([['focal_mm' => 100, 'max_aperture' => 4.5], ['focal_mm' => 400, 'max_aperture' => 5.6]])
        ->and(json_encode($said))
        ->not->toContain('55.5');
    // What came of it is saved like any other kit.
    $this->postJson('/api/kit/bodies', ['document' => $said['body']])->assertCreated();
    $this->postJson('/api/kit/lenses', ['document' => $said['lenses'][0]['document']])->assertCreated();
    $this->post('/api/kit/describe', ['files' => [$picture()]], ['Accept' => 'application/json'])
        ->assertStatus(422)
        ->assertSee('names its camera');
    $this->post('/api/kit/describe', ['files' => [UploadedFile::fake()->createWithContent('x.jpg', 'no picture')]], ['Accept' => 'application/json'])->assertStatus(422);
    $this->postJson('/api/kit/describe', [])->assertStatus(422);
    $this->post('/api/kit/describe', ['files' => array_fill(0, 13, UploadedFile::fake()->createWithContent('x.jpg', 'x'))], ['Accept' => 'application/json'])->assertStatus(422);
});
