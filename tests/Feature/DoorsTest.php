<?php

declare(strict_types=1);

use App\Http\Middleware\AFewAtATime;
use App\Http\Unreachable;
use App\Models\Burst;
use App\Models\Group;
use App\Models\Picture;
use App\Pictures\Crops;
use App\Pictures\Cut;
use App\Pictures\LookAt;
use App\Pictures\Sight;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use RushHold\Record\Plausible;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/*
 * The same rule at every door, and doors that give way instead of breaking.
 */

/** @param  array<string, mixed>  $fields */
function burstLogged(mixed $test, array $fields = []): string
{
    $id = (string) Str::uuid();
    $burst = [
        'id' => $id,
        'rush' => 'Hare',
        'at' => '2026-06-07T05:10:00Z',
        'frames' => 30,
        'keepers' => 25,
        ...$fields,
    ];
    $test
        ->postJson('/api/bursts', ['bursts' => [$burst]])
        ->assertOk()
        ->assertJsonPath('refused', []);

    return $id;
}

function tableOf(mixed $test, string $content, string $name = 'log.csv', bool $keep = false): mixed
{
    return $test->post(
        '/api/bursts/table',
        ['file' => UploadedFile::fake()->createWithContent($name, $content), ...$keep ? ['keep' => '1'] : []],
        ['Accept' => 'application/json'],
    );
}

/** @param  array<string, string>  $parts */
function sheetOf(array $parts): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
    $zip = new ZipArchive();
    $zip->open($file, ZipArchive::OVERWRITE);
    foreach ($parts as $name => $text) {
        $zip->addFromString($name, $text);
    }
    $zip->close();
    $bytes = (string) file_get_contents($file);
    unlink($file);

    return $bytes;
}

/** A JPEG with a disc away from its middle, lying in the file as it says. */
function turned(int $orientation, int $wide = 900, int $high = 620): string
{
    $picture = new Imagick();
    $picture->newPseudoImage($wide, $high, 'gradient:red-blue');
    $draw = new ImagickDraw();
    $draw->setFillColor('white');
    $draw->circle(300, 200, 330, 200);
    $picture->drawImage($draw);
    $picture->setImageFormat('jpeg');
    $picture->setImageCompressionQuality(95);
    $file = (string) tempnam(sys_get_temp_dir(), 'turned');
    $picture->writeImage("jpeg:$file");
    exec("exiftool -q -overwrite_original -n -Orientation=$orientation ".escapeshellarg($file));

    return $file;
}

it('lets no correction leave fewer frames than keepers', function (): void {
    $this->actingAs($this->person());
    $id = burstLogged($this);
    $this->patchJson("/api/bursts/$id", ['frames' => 6])
        ->assertStatus(422)
        ->assertJsonPath('errors.keepers.0', fn (string $says): bool => str_contains($says, '6'));
    $this->patchJson("/api/bursts/$id", ['keepers' => 31])->assertStatus(422);
    $this->patchJson("/api/bursts/$id", ['frames' => 0])->assertStatus(422);
    expect(Burst::query()->where('uuid', $id)->firstOrFail()->only('frames', 'keepers'))->toBe([
        'frames' => 30,
        'keepers' => 25,
    ]);
    $this->patchJson("/api/bursts/$id", ['frames' => 6, 'keepers' => 6])->assertOk();
});

it('knows when something can have been shot', function (string $at, bool $can): void {
    $now = new DateTimeImmutable('2026-11-30T10:00:00Z');
    expect(Plausible::when(new DateTimeImmutable($at), $now))->toBe($can);
})->with([
    ['1989-12-31T23:59:59Z', false],
    ['1990-01-01T00:00:00Z', true],
    ['2026-12-01T09:00:00Z', true],
    ['2026-12-01T11:00:00Z', false],
    ['9999-01-01T00:00:00Z', false],
]);

it('keeps no burst of another time, from no door', function (): void {
    $this->actingAs($person = $this->person());
    $this->postJson('/api/bursts', [
        'bursts' => [['id' => (string) Str::uuid(), 'rush' => 'Hare', 'at' => '9999-06-07T05:10:00Z']],
    ])->assertJsonPath('refused.0.message', fn (string $says): bool => str_contains($says, '1990'));
    tableOf($this, "at,rush,frames\n1970-01-01 00:00,Hare,3\n2024-05-01 06:00,Hare,4\n", keep: true)
        ->assertOk()
        ->assertJsonPath('good', 1)
        ->assertJsonPath('kept', 1);
    expect(
        fn () => Burst::query()
            ->where('user_id', $person->id)
            ->firstOrFail()
            ->fill(['shot_at' => '9999-01-01'])
            ->save(),
    )->toThrow(RushHold\Refused::class);
});

it('points at nothing of somebody else', function (): void {
    $theirs = App\Models\SavedRush::factory()->for($this->person())->create();
    $this->actingAs($person = $this->person());
    $id = burstLogged($this, ['rush_id' => $theirs->id]);
    $mine = App\Models\SavedRush::factory()->for($person)->create();
    $other = burstLogged($this, ['rush_id' => $mine->id]);
    // Made on the same device, and sent after it.
    $coming = burstLogged($this, ['rush_id' => ($new = strtolower((string) Str::ulid()))]);
    expect(Burst::query()->where('uuid', $coming)->firstOrFail()->rush_id)->toBe($new);
    expect(Burst::query()->where('uuid', $id)->firstOrFail()->rush_id)
        ->toBeNull()
        ->and(Burst::query()->where('uuid', $other)->firstOrFail()->rush_id)
        ->toBe($mine->id);
});

it('puts two bursts into one another once, not both away', function (): void {
    $this->actingAs($person = $this->person());
    [$a, $b] = [burstLogged($this), burstLogged($this, ['keepers' => 1])];
    [$first, $second] = [
        Burst::query()->where('uuid', $a)->firstOrFail(),
        Burst::query()->where('uuid', $b)->firstOrFail(),
    ];
    App\Pictures\BurstDocuments::merged($first, $second);
    // Somebody else had both in hand as they were before.
    expect(fn () => App\Pictures\BurstDocuments::merged($second, $first))
        ->toThrow(Symfony\Component\HttpKernel\Exception\HttpException::class)
        ->and(Burst::query()->where('user_id', $person->id)->pluck('frames')->all())
        ->toBe([60]);
});

it('marks no picture that is not of the burst', function (): void {
    $this->actingAs($this->person());
    $id = burstLogged($this);
    $this->putJson("/api/bursts/$id/mark", [
        'picture' => strtolower((string) Str::ulid()),
        'x' => 0,
        'y' => 0,
    ])->assertNotFound();
});

it('gives way to tables that are none', function (string $name, string $content): void {
    $this->actingAs($this->person());
    tableOf($this, $content, $name)
        ->assertStatus(422)
        ->assertJsonStructure(['message']);
})->with([
    'an empty sheet' => fn () => ['a.xlsx', sheetOf(['xl/worksheets/sheet1.xml' => ''])],
    'empty words' => fn () => [
        'a.xlsx',
        sheetOf(['xl/sharedStrings.xml' => '', 'xl/worksheets/sheet1.xml' => '<worksheet/>']),
    ],
    'words of nothing' => fn () => [
        'a.xlsx',
        sheetOf(['xl/sharedStrings.xml' => '<sst><t>x</t></sst>', 'xl/worksheets/sheet1.xml' => '<worksheet/>']),
    ],
    'very many words' => fn () => [
        'a.xlsx',
        sheetOf([
            'xl/sharedStrings.xml' => '<sst>'.str_repeat('<si/>', 400_000).'</sst>',
            'xl/worksheets/sheet1.xml' => '<worksheet/>',
        ]),
    ],
    'commas' => fn () => ['a.csv', str_repeat(',', 3_000_000)],
    'a head alone' => fn () => ['a.csv', 'at,rush'],
]);

it('reads text of two bytes a letter, knows “now” for no time, and keeps rows that say the same', function (): void {
    $this->actingAs($person = $this->person());
    $text = "at,rush,frames,keepers\n2026-06-07 05:10,Hare,10,4\n2026-06-07 05:10,Hare,10,4\nNOW,Hare,10,4\n";
    $wide = "\xFF\xFE".mb_convert_encoding($text, 'UTF-16LE', 'UTF-8');
    tableOf($this, $wide, keep: true)->assertOk()->assertJsonPath('kept', 2)->assertJsonPath('problems.0.row', 4);
    tableOf($this, $text, keep: true)->assertOk()->assertJsonPath('kept', 0);
    expect(Burst::query()->where('user_id', $person->id)->count())->toBe(2);
});

it('writes nothing into a table that is read as a formula', function (string $note): void {
    $this->actingAs($this->person());
    burstLogged($this, ['note' => $note]);
    expect($this->get('/api/bursts/file')->streamedContent())->toContain("'$note");
})->with(['=1+1', ' =1+1', "\n=1+1", '@sum']);

it('finds no place in an empty file', function (): void {
    $this->actingAs($this->person());
    $this->post(
        '/api/outings/place',
        ['file' => UploadedFile::fake()->createWithContent('a.gpx', ' ')],
        [
            'Accept' => 'application/json',
        ],
    )->assertStatus(422);
});

it('lets nobody who was sent out of a group back in by the old code', function (): void {
    $teacher = $this->person();
    $group = $teacher->groups()->create(['name' => 'Cliff', 'join_code' => Group::code()]);
    $code = $group->join_code;
    $this->actingAs($member = $this->person());
    $this->postJson('/api/groups/join', ['code' => $code])->assertOk();
    $this->actingAs($teacher)
        ->deleteJson("/api/groups/$group->id/members/".$group->members()->firstOrFail()->id)
        ->assertNoContent();
    $this->actingAs($member)
        ->postJson('/api/groups/join', ['code' => $code])
        ->assertStatus(422);
});

it('gives a copy away with its place and its giver only as the owner says', function (): void {
    $this->actingAs($person = $this->person());
    $rush = App\Models\SavedRush::factory()->for($person)->create();
    $place = ['latitude_deg' => 55.48213, 'longitude_deg' => -9.03377, 'at' => '2026-06-07T09:10:00+01:00'];
    $rush->fill(['document' => [...$rush->document, 'light' => ['place' => $place, 'offset_stops' => -1]]])->save();
    $offered = function (string $kind, string $id, array $more): mixed {
        $address = $this->postJson('/api/copies', ['kind' => $kind, 'id' => $id, 'days' => 2, ...$more])
            ->assertCreated()
            ->json('address');

        return $this->getJson('/api/copies/'.basename((string) $address))->assertOk();
    };
    $bare = $offered('rush', $rush->id, []);
    $light = RushHold\Document\RushDocument::read($rush->document)->rush->light->ev100;
    expect($bare->json('from'))
        ->toBe('')
        ->and($bare->getContent())
        ->not->toContain('latitude')
        ->not->toContain($person->name)
        ->and(RushHold\Document\RushDocument::read($bare->json('document'))->rush->light->ev100)
        ->toEqualWithDelta($light, 0.051);
    $offered('rush', $rush->id, ['place' => true, 'from' => ' Wren '])
        ->assertJsonPath('from', 'Wren')
        ->assertJsonPath('document.light.place.latitude_deg', 55.5)
        ->assertJsonPath('document.light.place.longitude_deg', -9);
    $outing = App\Models\SavedOuting::factory()->for($person)->with($rush)->create();
    $outing
        ->fill([
            'document' => [
                ...$outing->document,
                'place' => [
                    ...$outing->document['place'],
                    ...array_diff_key($place, ['at' => 0]),
                    'name' => 'The holt',
                ],
            ],
        ])
        ->save();
    expect($offered('card', $outing->id, [])->getContent())
        ->not->toContain('holt')
        ->not->toContain('55.')
        ->toContain('"latitude_deg":55,');
    $offered('card', $outing->id, ['place' => true])->assertJsonPath('document.place.name', 'The holt');
});

it('looks at pictures of everybody in turn', function (): void {
    Storage::fake();
    Queue::fake();
    $waiting = static function (App\Models\User $person, int $count): void {
        foreach (range(1, $count) as $i) {
            (new Picture())
                ->forceFill([
                    'user_id' => $person->id,
                    'sha256' => hash('sha256', "$person->id $i"),
                    'name' => "$i.jpg",
                    'bytes' => 10,
                    'original' => true,
                    'stage' => Picture::WAITING,
                ])
                ->save();
        }
    };
    [$many, $one] = [$this->person(), $this->person()];
    $waiting($many, 8);
    (new LookAt())->handle();
    $waiting($one, 1);
    (new LookAt())->handle();
    $left = static fn (App\Models\User $person): int => Picture::query()
        ->where('user_id', $person->id)
        ->where('stage', Picture::WAITING)
        ->count();
    expect($left($one))->toBe(0)->and($left($many))->toBe(7);
    foreach (range(1, 7) as $i) {
        (new LookAt())->handle();
    }
    expect($left($many))->toBe(0);
});

it('gives a picture up that no look comes to an end with', function (): void {
    Storage::fake();
    $person = $this->person();
    $picture = (new Picture())->forceFill([
        'user_id' => $person->id,
        'sha256' => str_repeat('a', 64),
        'name' => 'a.jpg',
        'bytes' => 10,
        'original' => true,
        'stage' => Picture::WAITING,
    ]);
    $picture->save();
    foreach (range(1, 3) as $i) {
        expect(App\Pictures\Turns::next()?->id)
            ->toBe($picture->id)
            // Whoever comes meanwhile leaves it alone.
            ->and(App\Pictures\Turns::next())
            ->toBeNull();
        Illuminate\Support\Facades\Cache::forget("looking.$picture->id");
    }
    expect(App\Pictures\Turns::next())->toBeNull()->and($picture->refresh()->stage)->toBe(Picture::REFUSED);
});

it('keeps what came whole when there was no room to keep it then', function (): void {
    Storage::fake();
    Queue::fake();
    $this->actingAs($person = $this->person());
    $bytes = random_bytes(5000);
    $sha = hash('sha256', $bytes);
    $this->postJson('/api/pictures/uploads', ['sha256' => $sha, 'name' => 'a.jpg', 'bytes' => 5000])->assertOk();
    App\Pictures\Store::disk()->put(App\Pictures\Store::parts($person->id)."/$sha/000000000000", $bytes);
    DB::table('uploads')->update(['received' => 5000]);
    $from = $this->postJson('/api/pictures/uploads', ['sha256' => $sha, 'name' => 'a.jpg', 'bytes' => 5000])->json(
        'received',
    );
    $picture = $this->call(
        'PUT',
        "/api/pictures/uploads/$sha?from=$from",
        server: ['HTTP_ACCEPT' => 'application/json'],
        content: substr($bytes, $from),
    )->json('picture');
    expect($picture)
        ->toBeString()
        ->and(App\Pictures\Store::disk()->allFiles(App\Pictures\Store::parts($person->id)))
        ->toBe([]);
});

it('counts what is still being sent against the room there is', function (): void {
    $this->actingAs($this->person());
    config(['limits.picture_bytes' => 1_000_000]);
    $announce = fn (string $what) => $this->postJson('/api/pictures/uploads', [
        'sha256' => hash('sha256', $what),
        'name' => 'a.jpg',
        'bytes' => 700_000,
    ]);
    $announce('a')->assertOk();
    $announce('a')->assertOk();
    $announce('b')->assertStatus(422);
});

it('cuts a piece out of a JPEG as if all of it had been opened', function (int $orientation): void {
    $file = turned($orientation);
    foreach ([[0.1, -0.1, 300], [-0.5, -0.5, 400], [0.33, 0.45, 150], [0.0, 0.0, 1200]] as $asked) {
        [$cut, $whole] = [new Imagick(), new Imagick()];
        $cut->readImageBlob(Cut::around($file, ...$asked));
        $whole->readImageBlob((new Sight($file))->around(...$asked));
        expect([$cut->getImageWidth(), $cut->getImageHeight()])
            ->toBe([$whole->getImageWidth(), $whole->getImageHeight()])
            ->and($cut->compareImages($whole, Imagick::METRIC_ROOTMEANSQUAREDERROR)[1])
            ->toBeLessThan(0.004);
    }
    unlink($file);
})->with(range(1, 8));

it('makes a piece once, and keeps only so many', function (): void {
    Storage::fake();
    $this->actingAs($person = $this->person());
    $file = turned(1);
    $picture = (new Picture())->forceFill([
        'user_id' => $person->id,
        'sha256' => (string) hash_file('sha256', $file),
        'name' => 'a.jpg',
        'bytes' => 10,
        'original' => true,
        'stage' => Picture::LOOKED,
    ]);
    $picture->save();
    App\Pictures\Store::keep($picture, App\Pictures\Store::ORIGINAL, $file);
    $ask = fn (float $x) => $this->get("/api/pictures/$picture->id/crop?x=$x&y=0&side=200")
        ->assertOk()
        ->getContent();
    $first = $ask(0.1);
    $disk = App\Pictures\Store::disk();
    $kept = $disk->allFiles(Crops::folder($person->id));
    expect($kept)->toHaveCount(1);
    // Were it made anew, it would not be this.
    $disk->put($kept[0], 'the kept one');
    expect($ask(0.1))->toBe('the kept one')->and($ask(-0.17))->not->toBe($first);
    foreach (range(1, 430) as $i) {
        $old = Crops::folder($person->id)."/$picture->sha256/old-$i.jpg";
        $disk->put($old, 'x');
        touch($disk->path($old), time() - 1000);
    }
    $ask(-0.3);
    expect($disk->allFiles(Crops::folder($person->id)))->toHaveCount(360)->and($disk->exists($kept[0]))->toBeTrue();
    App\Pictures\Store::drop($picture);
    expect($disk->allFiles(Crops::folder($person->id)))->toBe([]);
    unlink($file);
});

it('makes two papers, tables or pieces at a time for one person', function (): void {
    $this->actingAs($person = $this->person());
    $this->get('/api/bursts/file')->assertOk();
    $first = Illuminate\Support\Facades\Cache::lock("apart $person->id 0", 60);
    $second = Illuminate\Support\Facades\Cache::lock("apart $person->id 1", 60);
    expect($first->get())->toBeTrue();
    $this->get('/api/bursts/file')->assertOk();
    expect($second->get())->toBeTrue();
    $this->getJson('/api/bursts/file')->assertStatus(429)->assertHeader('Retry-After', AFewAtATime::RETRY_AFTER_S);
    $this->getJson('/api/bursts')->assertOk();
    $this->actingAs($this->person())->get('/api/bursts/file')->assertOk();
    $second->release();
    $this->actingAs($person)->get('/api/bursts/file')->assertOk();
});

it('tells a database that is away from a question that was wrong', function (): void {
    $away = new PDOException('SQLSTATE[HY000] [2002] Connection refused');
    $wrong = new PDOException("SQLSTATE[42S22]: Column not found: 1054 Unknown column 'x'");
    $wrong->errorInfo = ['42S22', 1054, 'x'];
    expect(Unreachable::asBusy($away))
        ->toBeInstanceOf(ServiceUnavailableHttpException::class)
        ->and(Unreachable::asBusy($wrong))
        ->toBe($wrong);
});

it('is ready where its database is, and says so of nothing else', function (): void {
    $this->get('/up')->assertOk()->assertJsonPath('ready', true);
    config(['database.connections.'.DB::getDefaultConnection().'.port' => 1]);
    $this->get('/up')
        ->assertStatus(503)
        ->assertJsonPath('ready', false)
        ->assertJsonPath('database', false)
        ->assertHeader('Retry-After');
});

it('refuses a picture that ends as it should and lacks what it promises', function (): void {
    $file = turned(1);
    $bytes = (string) file_get_contents($file);
    $head = (int) strpos($bytes, "\xFF\xC0");
    foreach (
        [
            'cut short' => substr($bytes, 0, intdiv(2 * strlen($bytes), 3))."\xFF\xD9",
            'a head that claims more' => substr_replace($bytes, pack('nn', 2400, 900), $head + 5, 4),
        ] as $what => $spoilt
    ) {
        file_put_contents($file, $spoilt);
        expect(fn () => new Sight($file))->toThrow(App\Pictures\NoPicture::class, 'damaged', $what);
    }
    // Bytes too many between two parts are harmless.
    file_put_contents($file, str_replace("\xFF\xDA", "\0\0\0\xFF\xDA", $bytes));
    expect((new Sight($file))->wide())->toBe(900);
    unlink($file);
});

it('does once what is sent twice with a key', function (): void {
    $this->actingAs($person = $this->person());
    $document = json_decode((string) file_get_contents(base_path('formats/examples/barriers.json')), true);
    $send = fn (string $key, array $more = []) => $this->postJson(
        '/api/rushes',
        ['document' => [...$document, ...$more]],
        ['Idempotency-Key' => $key],
    );
    $first = $send('a')->assertCreated()->json('id');
    $send('a')->assertCreated()->assertHeader('Idempotency-Replayed')->assertJsonPath('id', $first);
    $send('a', ['name' => 'Another'])->assertStatus(422);
    expect($send('b')->assertCreated()->json('id'))
        ->not->toBe($first)
        ->and($person->rushes()->count())
        ->toBe(2);
    // Of somebody else it is another key.
    $this->actingAs($other = $this->person());
    $send('a')->assertCreated()->assertHeaderMissing('Idempotency-Replayed');
    expect($other->rushes()->count())->toBe(1);
    $send(str_repeat('k', 81))->assertStatus(422);
});

it('keeps once what is asked again after its answer was lost', function (): void {
    $this->actingAs($person = $this->person());
    $document = json_decode((string) file_get_contents(base_path('formats/examples/barriers.json')), true);
    $send = fn () => $this->postJson('/api/rushes', ['document' => $document], ['Idempotency-Key' => 'a'])
        ->assertCreated()
        ->json('id');
    $first = $send();
    // The server ended before it could keep its answer.
    Illuminate\Support\Facades\Cache::flush();
    expect($send())
        ->toBe($first)
        ->and($person->rushes()->count())
        ->toBe(1);
    // What was deleted in between is not what somebody asks for.
    Illuminate\Support\Facades\Cache::flush();
    $this->deleteJson("/api/rushes/$first")->assertNoContent();
    expect($send())->not->toBe($first);
});

it('keeps nothing in a name that nobody sees', function (): void {
    $this->actingAs($this->person());
    $document = json_decode((string) file_get_contents(base_path('formats/examples/barriers.json')), true);
    $this->postJson('/api/rushes', ['document' => [...$document, 'name' => "Gull\0 \u{202E}over\r\nthe cove\u{7}"]])
        ->assertCreated()
        ->assertJsonPath('document.name', 'Gull over the cove');
});

it('keeps files without an account until no backup can bring the account back', function (): void {
    Storage::fake();
    $person = $this->person();
    Storage::put('pictures/987654321/aa/a.original', 'x');
    Storage::put("pictures/$person->id/.without-an-account", '1');
    $this->artisan('sweep')->assertSuccessful();
    expect(Storage::exists('pictures/987654321/aa/a.original'))
        ->toBeTrue()
        ->and(Storage::exists("pictures/$person->id/.without-an-account"))
        ->toBeFalse();
    $this->travel(39)->days();
    $this->artisan('sweep');
    expect(Storage::exists('pictures/987654321/aa/a.original'))->toBeTrue();
    $this->travel(2)->days();
    $this->artisan('sweep');
    expect(Storage::exists('pictures/987654321/aa/a.original'))->toBeFalse();
});
