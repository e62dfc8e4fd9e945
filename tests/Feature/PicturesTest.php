<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Models\Burst;
use App\Models\KitType;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Pictures\BurstCounts;
use App\Pictures\Crops;
use App\Pictures\FollowSubject;
use App\Pictures\Grouping;
use App\Pictures\LookAt;
use App\Pictures\NoPicture;
use App\Pictures\Store;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use RushHold\Blur\Verdict;
use RushHold\Document\BurstDocument;

beforeEach(function (): void {
    Storage::fake();
    config(['queue.default' => 'sync']);
});

/** A picture of a disc with a pattern, blurred by so much, as a file with or without what a camera says of it. */
function pictured(float $deviation, int $x = 320, ?string $at = null, string $format = 'jpeg', int $wide = 640): string
{
    $picture = new Imagick();
    $picture->newImage($wide, intdiv($wide * 3, 4), new ImagickPixel('gray60'));
    $draw = new ImagickDraw();
    foreach ([[64, 'gray15'], [40, 'gray90'], [14, 'black']] as [$r, $colour]) {
        $draw->setFillColor(new ImagickPixel($colour));
        $draw->circle($x, 240, $x + $r, 240);
    }
    $draw->polygon([['x' => $x - 90, 'y' => 250], ['x' => $x - 66, 'y' => 200], ['x' => $x - 60, 'y' => 290]]);
    $picture->drawImage($draw);
    $deviation > 0 && $picture->blurImage(0, $deviation);
    $picture->setImageFormat($format);
    $picture->setImageCompressionQuality(92);
    if ($at === null) {
        return $picture->getImageBlob();
    }
    $bytes = $picture->getImageBlob();
    static $said = null;
    $said ??= saidByACamera($bytes);

    return substr($bytes, 0, 2).str_replace(SOME_TIME, substr($at, 0, strlen(SOME_TIME)), $said).substr($bytes, 2);
}

/** A time that is replaced by the one wanted. */
const SOME_TIME = '2001:02:03 04:05:06';

/** What a camera says within its JPEG, as a part of such a file. */
function saidByACamera(string $jpeg): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'pictured');
    file_put_contents($file, $jpeg);
    exec(
        "exiftool -q -overwrite_original -EXIF:DateTimeOriginal='".
            SOME_TIME.
            "' -EXIF:SubSecTimeOriginal=250 -EXIF:OffsetTimeOriginal=+00:00 -EXIF:ExposureTime=0.0005 -EXIF:FNumber=5.6 -EXIF:ISO=800 -EXIF:FocalLength=500 -EXIF:Model=Stand-in -EXIF:GPSLatitude=55.5 -EXIF:GPSLatitudeRef=N ".
            escapeshellarg($file),
    );
    $bytes = (string) file_get_contents($file);
    unlink($file);
    $from = (int) strpos($bytes, "\xFF\xE1");

    return substr($bytes, $from, 2 + (int) (unpack('n', $bytes, $from + 2)[1] ?? 0));
}

/** Sends a file in pieces; the answer to the last. */
function sent(mixed $test, string $bytes, string $name = 'frame.jpg', int $piece = 2_000_000): mixed
{
    $sha = hash('sha256', $bytes);
    $answer = $test->postJson('/api/pictures/uploads', ['sha256' => $sha, 'name' => $name, 'bytes' => strlen($bytes)]);
    for (
        $from = (int) $answer->json('received');
        $answer->isOk() && $answer->json('picture') === null && $from < strlen($bytes);
        $from += $piece
    ) {
        $answer = $test->call(
            'PUT',
            "/api/pictures/uploads/$sha?from=$from",
            server: ['CONTENT_TYPE' => 'application/octet-stream', 'HTTP_ACCEPT' => 'application/json'],
            content: substr($bytes, $from, $piece),
        );
    }

    return $answer;
}

it('takes a picture in piece by piece, goes on where it stopped, and keeps it once', function (): void {
    Queue::fake();
    config(['queue.default' => 'database']);
    $this->actingAs($person = $this->person());
    $bytes = pictured(0.5);
    $sha = hash('sha256', $bytes);
    $put = fn (int $from, string $piece) => $this->call(
        'PUT',
        "/api/pictures/uploads/$sha?from=$from",
        server: ['HTTP_ACCEPT' => 'application/json'],
        content: $piece,
    );
    $put(0, 'x')->assertStatus(422)->assertSee('not announced');
    $this->postJson('/api/pictures/uploads', [
        'sha256' => $sha,
        'name' => '../../x/a picture.jpg',
        'bytes' => strlen($bytes),
    ])
        ->assertOk()
        ->assertJsonPath('received', 0)
        ->assertJsonPath('picture', null);
    $put(0, substr($bytes, 0, 1000))->assertOk()->assertJsonPath('received', 1000);
    // Sent twice, or out of its turn, it changes nothing.
    $put(0, substr($bytes, 0, 1000))->assertOk()->assertJsonPath('received', 1000);
    $put(5000, 'abc')->assertOk()->assertJsonPath('received', 1000);
    $this->postJson('/api/pictures/uploads', [
        'sha256' => $sha,
        'name' => 'b.jpg',
        'bytes' => strlen($bytes),
    ])->assertJsonPath('received', 1000);
    $id = $put(1000, substr($bytes, 1000))->assertOk()->json('picture');
    expect($id)
        ->toBeString()
        ->and(Picture::query()->findOrFail($id)->name)
        ->toBe('a picture.jpg');
    Queue::assertPushedOn(LookAt::QUEUE, LookAt::class);
    $this->postJson('/api/pictures/uploads', [
        'sha256' => $sha,
        'name' => 'again.jpg',
        'bytes' => strlen($bytes),
    ])->assertJsonPath('picture', $id);
    // Damaged on its way it is not taken for the file.
    $other = hash('sha256', 'other');
    $this->postJson('/api/pictures/uploads', ['sha256' => $other, 'name' => 'c.jpg', 'bytes' => 4]);
    $this->call(
        'PUT',
        "/api/pictures/uploads/$other?from=0",
        server: ['HTTP_ACCEPT' => 'application/json'],
        content: 'wxyz',
    )
        ->assertStatus(422)
        ->assertSee('damaged');
    $this->postJson('/api/pictures/uploads', ['sha256' => $other, 'name' => 'c.jpg', 'bytes' => 0])
        ->assertStatus(422)
        ->assertSee('empty');
    $this->postJson('/api/pictures/uploads', ['sha256' => $other, 'name' => 'c.jpg', 'bytes' => 300_000_000])
        ->assertStatus(422)
        ->assertSee('200 MB');
    config(['limits.picture_bytes' => 1000]);
    $this->postJson('/api/pictures/uploads', ['sha256' => hash('sha256', 'n'), 'name' => 'c.jpg', 'bytes' => 4000])
        ->assertStatus(422)
        ->assertSee('GB');
});

it('refuses what is no picture, says why, and goes on with the rest', function (string $bytes, string $why): void {
    $this->actingAs($person = $this->person());
    sent($this, $bytes, 'holiday.jpg')->assertOk();
    $refused = Picture::query()->where('user_id', $person->id)->firstOrFail();
    expect($refused->stage)
        ->toBe(Picture::REFUSED)
        ->and(NoPicture::said($refused->problem))
        ->toContain($why)
        ->and($refused->original)
        ->toBeFalse()
        ->and(Storage::allFiles("pictures/$person->id"))
        ->toBe([]);
    $this->getJson('/api/pictures/state')
        ->assertOk()
        ->assertJsonPath('refused.0.name', 'holiday.jpg')
        ->assertJsonPath('waiting', 0);
    sent($this, pictured(0.6), 'good.jpg')->assertOk();
    $this->getJson('/api/pictures/bursts')
        ->assertOk()
        ->assertJsonCount(1, 'items')
        ->assertJsonPath('items.0.pictures', 1);
})->with([
    'svg' => fn () => ['<svg xmlns="http://www.w3.org/2000/svg"><image href="file:///etc/passwd"/></svg>', 'no picture'],
    'postscript' => fn () => ["%!PS-Adobe\n(x) run", 'no picture'],
    'pdf' => fn () => ['%PDF-1.7 '.str_repeat('x', 400), 'no picture'],
    'archive' => fn () => ["PK\x03\x04".random_bytes(500), 'no picture'],
    'text' => fn () => [str_repeat('hello ', 100), 'no picture'],
    'noise' => fn () => [random_bytes(3000), 'no picture'],
    'cut off in its head' => fn () => [substr(pictured(0.5), 0, 300), 'damaged'],
    'cut off halfway' => fn () => [substr(pictured(0.5), 0, 3500), 'damaged'],
    'a jpeg that says it is enormous' => function () {
        $bytes = pictured(0.5);
        $at = strpos($bytes, "\xFF\xC0");

        return [substr_replace($bytes, pack('nn', 65000, 65000), $at + 5, 4), '65000 × 65000'];
    },
    'a tiff of nothing' => fn () => ["II*\0\x08\0\0\0\0\0\0\0\0\0", 'no picture'],
    'too small' => fn () => [pictured(0, 60, null, 'jpeg', 200), 'at least 400'],
    'a gif called jpg' => fn () => ['GIF89a'.random_bytes(200), 'no picture'],
]);

it('reads a TIFF, and a JPEG whose comment is ten megabytes of script', function (): void {
    $this->actingAs($person = $this->person());
    sent($this, pictured(0.6, 320, null, 'tiff'), 'scan.tif')->assertOk();
    $bytes = pictured(0.6);
    $script = str_repeat('<script>alert(1)</script>', 2600);
    $comments = implode(
        '',
        array_map(static fn (): string => "\xFF\xFE".pack('n', strlen($script) + 2).$script, range(1, 160)),
    );
    sent($this, substr($bytes, 0, 2).$comments.substr($bytes, 2), 'talkative.jpg', 4_000_000)->assertOk();
    expect(Picture::query()->where('user_id', $person->id)->orderBy('name')->pluck('problem', 'name')->all())
        ->toBe(['scan.tif' => null, 'talkative.jpg' => null])
        ->and(strlen((string) json_encode(Picture::query()->where('name', 'talkative.jpg')->firstOrFail()->facts)))
        ->toBeLessThan(2000);
});

it('reads the preview in a raw file, and asks for a JPEG where there is none', function (): void {
    $this->actingAs($person = $this->person());
    // A small first picture, and the preview elsewhere in the file.
    $raw = static function (string $jpeg): string {
        $tags = [
            [0x00FE, 4, 1, 1],
            [0x0100, 4, 1, 160],
            [0x0101, 4, 1, 120],
            [0x0102, 3, 1, 8],
            [0x0103, 3, 1, 7],
            [0x0106, 3, 1, 6],
            [0x0111, 4, 1, 134],
            [0x0115, 3, 1, 3],
            [0x0117, 4, 1, strlen($jpeg)],
            [0xC612, 1, 4, 0x401],
        ];

        return "II*\0".
            pack('V', 8).
            pack('v', count($tags)).
            implode('', array_map(static fn (array $tag): string => pack('vvVV', ...$tag), $tags)).
            pack('V', 0).
            $jpeg;
    };
    sent($this, $raw(pictured(0.6)), 'a.raw')->assertOk();
    sent($this, $raw(pictured(0.6, 60, null, 'jpeg', 200)), 'b.raw')->assertOk();
    $came = Picture::query()->where('user_id', $person->id)->get()->keyBy('name');
    expect($came['a.raw']->stage)
        ->toBe(Picture::LOOKED)
        ->and($came['a.raw']->wide)
        ->toBe(640)
        ->and(NoPicture::said($came['b.raw']->problem))
        ->toContain('no preview')
        // In the language of whoever looks.
        ->and($this->getJson('/api/pictures/state', ['Accept-Language' => 'de'])->json('refused.0.problem'))
        ->toContain('keine Vorschau');
});

it(
    'puts pictures into bursts by their times, matches them to a rush of that day, and never reads where they were taken',
    function (): void {
        $this->actingAs($person = $this->person());
        $rush = SavedRush::factory()->for($person)->create();
        $outing = SavedOuting::factory()->for($person)->with($rush)->create();
        $day = $outing->starts_at->addMinutes(30)->format('Y:m:d H:i');
        foreach (["$day:01", "$day:02", "$day:40"] as $i => $at) {
            sent($this, pictured(0.6, 300 + $i, $at), "p$i.jpg")->assertOk();
        }
        $bursts = $this->getJson('/api/pictures/bursts')->assertOk()->assertJsonCount(2, 'items')->json('items');
        expect($bursts[1]['pictures'])
            ->toBe(2)
            ->and($bursts[0]['burst']['rush_id'])
            ->toBe($rush->id)
            ->and(Burst::query()->where('uuid', $bursts[0]['burst']['id'])->sole()->matched)
            ->toContain('day');
        $one = $this->getJson("/api/bursts/{$bursts[1]['burst']['id']}/pictures")
            ->assertOk()
            ->json();
        expect($one['pictures'][0]['taken_at'])
            ->toEndWith(':01.250Z')
            ->and(array_column($one['pictures'][0]['facts'], 'value', 'label'))
            ->toMatchArray(['Shutter' => '1/2000 s', 'Aperture' => 'f/5.6', 'ISO' => '800', 'Focal length' => '500 mm'])
            ->and(json_encode(Picture::query()->where('user_id', $person->id)->get()->toArray()))
            ->not->toContain('55.5');
        // Nor does what is shown of it say anything of itself.
        $shown = $this->get($one['pictures'][0]['preview'])
            ->assertOk()
            ->assertHeader('Content-Type', 'image/jpeg')
            ->getContent();
        expect($shown)->toStartWith("\xFF\xD8\xFF")->not->toContain('Exif')->not->toContain('Stand-in');
        // Said by the person it is that rush; a picture goes where it is dragged.
        $this->putJson("/api/bursts/{$bursts[0]['burst']['id']}/rush", ['rush_id' => $rush->id])
            ->assertOk()
            ->assertJsonPath('matched', ['said']);
        $this->postJson('/api/pictures/move', [
            'pictures' => [$one['pictures'][1]['id']],
            'burst' => $bursts[0]['burst']['id'],
        ])->assertOk();
        $this->getJson("/api/bursts/{$bursts[0]['burst']['id']}/pictures")
            ->assertJsonCount(2, 'pictures')
            ->assertJsonPath('burst.frames', 2);
    },
);

it('judges the frames anew when they turn out to be of a rush with another use', function (): void {
    $this->actingAs($person = $this->person());
    sent($this, pictured(0.5, 300, '2026:06:07 05:10:00'), 'p.jpg')->assertOk();
    $burst = Burst::query()->where('user_id', $person->id)->sole();
    $picture = Picture::query()->where('burst_id', $burst->id)->sole();
    // As large as the sensor has it: on a small copy everything is sharp enough.
    $picture->fill(['wide' => 6000, 'high' => 4000])->save();
    [$strict, $mild] = array_map(
        fn (string $use): SavedRush => SavedRush::factory()
            ->for($person)
            ->with(['final_use' => $use])
            ->create(),
        ['pixel', 'classical'],
    );
    $limit = static fn (SavedRush $rush): float => Verdict::KEEPER_LIMIT * Grouping::cocPx($rush, $picture);
    expect($limit($mild))->toBeGreaterThan(1.2 * $limit($strict));
    $width = ($limit($strict) + $limit($mild)) / 2;
    $round = [
        'aim' => ['x' => 0, 'y' => 0],
        'long_px' => $width / 4,
        'short_px' => $width / 4,
        'edges' => 200,
        'unsure' => 0.3,
        'tiles' => [],
    ];
    $picture
        ->fill([
            'measured' => [...$round, 'width_px' => $width, 'verdict' => 'kept', 'sure' => 0.99, 'limit_px' => 1.0],
        ])
        ->save();
    $burst->fill(['mark' => ['picture' => $picture->id, 'x' => 0.0, 'y' => 0.0, 'count' => 1]])->save();
    foreach ([[$strict, 'lost', 0], [$mild, 'kept', 1]] as [$rush, $verdict, $keepers]) {
        $this->putJson("/api/bursts/$burst->uuid/rush", ['rush_id' => $rush->id])
            ->assertOk()
            ->assertJsonPath('burst.keepers', $keepers);
        expect($picture->refresh()->measured)->toMatchArray([
            'verdict' => $verdict,
            'limit_px' => round($limit($rush), 2),
            'sharp_where' => $verdict === 'kept' ? 'subject' : 'nowhere',
        ]);
        // As near to the limit as that, it is not as sure any more.
        expect($picture->measured['sure'])->toBeLessThan(0.98);
    }
    // What was never found on a frame is not judged by its width.
    $picture->fill(['measured' => ['width_px' => $width, 'not_found' => true, 'verdict' => 'unknown']])->save();
    $this->putJson("/api/bursts/$burst->uuid/rush", ['rush_id' => $strict->id])->assertOk();
    expect($picture->refresh()->measured['verdict'])->toBe('unknown');
});

it('follows what was marked, proposes verdicts, and lets the person have the last word', function (): void {
    $this->actingAs($person = $this->person());
    foreach ([[0.5, 260], [0.5, 300], [3.2, 345], [0.5, 390]] as $i => [$deviation, $x]) {
        sent($this, pictured($deviation, $x, '2026:06:07 05:10:0'.$i), "p$i.jpg")->assertOk();
    }
    $id = $this->getJson('/api/pictures/bursts')->json('items.0.burst.id');
    $before = $this->getJson("/api/bursts/$id/pictures")
        ->assertJsonPath('burst.keepers', null)
        ->json();
    $this->putJson("/api/bursts/$id/mark", [
        'picture' => $before['pictures'][1]['id'],
        'x' => 0.9,
        'y' => 0,
    ])->assertStatus(422);
    $this->putJson("/api/bursts/$id/mark", [
        'picture' => $before['pictures'][1]['id'],
        'x' => 300 / 640 - 0.5,
        'y' => 0.0,
    ])->assertOk();
    $after = $this->getJson("/api/bursts/$id/pictures")
        ->assertJsonPath('following', null)
        ->json();
    expect(array_column(array_column($after['pictures'], 'measured'), 'verdict'))
        ->toBe(['kept', 'kept', 'lost', 'kept'])
        ->and($after['burst']['keepers'])
        ->toBe(3)
        ->and($after['burst']['frames'])
        ->toBe(4);
    foreach ([260, 300, 345, 390] as $i => $x) {
        expect(($after['pictures'][$i]['measured']['aim']['x'] + 0.5) * 640)->toEqualWithDelta($x, 4.0);
    }
    expect($after['pictures'][2]['measured']['sigma_px'])
        ->toBeGreaterThan(2.8)
        ->toBeLessThan(3.7);
    // The close-up of each was cut meanwhile, where the page asks for it.
    $cut = Store::disk()->allFiles(Crops::folder($person->id));
    foreach ($after['pictures'] as $frame) {
        ['x' => $x, 'y' => $y] = $frame['measured']['aim'];
        $this->get(
            sprintf('/api/pictures/%s/crop?x=%.4f&y=%.4f&side=%d', $frame['id'], $x, $y, Crops::CLOSE_SIDE),
        )->assertOk();
    }
    expect($cut)
        ->toHaveCount(4)
        ->and(Store::disk()->allFiles(Crops::folder($person->id)))
        ->toBe($cut);
    $lost = $after['pictures'][2]['id'];
    $this->patchJson("/api/pictures/$lost", ['said' => true])
        ->assertOk()
        ->assertJsonPath('kept', true)
        ->assertJsonPath('measured.verdict', 'lost');
    $this->getJson("/api/bursts/$id/pictures")->assertJsonPath('burst.keepers', 4);
    $this->patchJson("/api/pictures/$lost", ['said' => null, 'lost_to' => 'shake'])
        ->assertOk()
        ->assertJsonPath('kept', false);
    $this->patchJson("/api/pictures/$lost", ['lost_to' => 'gremlins'])->assertStatus(422);

    // Out: a document that comes in again, a table, and sidecars.
    $document = $this->getJson("/api/bursts/$id/document")
        ->assertOk()
        ->json();
    foreach (
        [$document, json_decode((string) file_get_contents(base_path('formats/examples/bursts/hairpin.json')), true)] as $one
    ) {
        expect(
            app(DocumentGate::class)
                ->validator()
                ->validate(json_decode((string) json_encode(Documents::withObjects($one))), 'urn:rush-hold:burst@1')
                ->error()
                ?->message(),
        )
            ->toBeNull()
            ->and(BurstDocument::read($one)->frames)
            ->toBe(count($one['measured']) > 2 ? 4 : 32);
    }
    expect(BurstDocument::read($document)->keepers)
        ->toBe(3)
        ->and($document['losses'])
        ->toBe(['shake' => 1])
        ->and($document['measured'])
        ->toHaveCount(4)
        ->and($document['measured'][1]['t_s'])
        ->toEqual(1.0);
    expect(
        substr_count(
            $this->get("/api/bursts/$id/table")
                ->assertOk()
                ->streamedContent(),
            "\n",
        ),
    )->toBe(5);
    $zip = new ZipArchive();
    $file = $this->get("/api/bursts/$id/sidecars")
        ->assertOk()
        ->getFile()
        ->getPathname();
    expect($zip->open($file))
        ->toBeTrue()
        ->and($zip->getFromName('p2.xmp'))
        ->toContain('xmp:Rating="1"')
        ->toContain('shake');
    expect(simplexml_load_string((string) $zip->getFromName('p0.xmp')))
        ->not->toBeFalse()
        ->and($zip->getFromName('p0.xmp'))
        ->toContain('xmp:Label="Kept"');
    $zip->close();
    $this->get("/api/pictures/$lost/crop?x=0&y=0&side=200")
        ->assertOk()
        ->assertHeader('Content-Type', 'image/jpeg');
    $this->deleteJson("/api/pictures/$lost")->assertNoContent();
    $this->getJson("/api/bursts/$id/pictures")->assertJsonPath('burst.frames', 3);
    $this->postJson("/api/pictures/$lost/restore")->assertOk();
    $this->getJson("/api/bursts/$id/pictures")->assertJsonPath('burst.frames', 4);
});

it('goes on where it was when a following is cut off, and stops when it is told to', function (): void {
    $this->actingAs($person = $this->person());
    foreach ([260, 300, 340] as $i => $x) {
        sent($this, pictured(0.5, $x, '2026:06:07 05:10:0'.$i), "p$i.jpg");
    }
    Queue::fake();
    config(['queue.default' => 'database']);
    $burst = Burst::query()->where('user_id', $person->id)->firstOrFail();
    $first = Picture::ofBurst($burst)->firstOrFail();
    FollowSubject::begin($burst, $first, 260 / 640 - 0.5, 0.0);
    // Half of it was done when the process was killed: the rest is still written down.
    $half = $burst->refresh()->following;
    expect($half['todo'])->toHaveCount(3);
    // It has its turn, and as many more as it asks for: on a busy machine three frames are more than one turn.
    $turns = 0;
    do {
        $asked = Queue::pushed(FollowSubject::class)->count();
        (new FollowSubject($burst->id, 1))->handle();
    } while (Queue::pushed(FollowSubject::class)->count() > $asked && ++$turns < 4);
    expect($burst->refresh()->following)->toBeNull()->and($burst->keepers)->toBe(3);
    // The same job once more changes nothing, and one for an earlier mark does nothing.
    (new FollowSubject($burst->id, 1))->handle();
    FollowSubject::begin($burst, $first, 0.4, 0.4);
    (new FollowSubject($burst->id, 1))->handle();
    expect($burst->refresh()->following['todo'])->toHaveCount(3);
    $this->deleteJson("/api/bursts/$burst->uuid/mark")
        ->assertOk()
        ->assertJsonPath('following', null);
    (new FollowSubject($burst->id, 2))->handle();
    expect($burst->refresh()->following)->toBeNull();
});

it('deletes originals once they are measured for those who want that', function (): void {
    $this->actingAs($person = $this->person());
    $this->patchJson('/api/pictures/state', ['keeps_originals' => false])->assertNoContent();
    sent($this, pictured(0.5), 'p.jpg');
    $id = $this->getJson('/api/pictures/bursts')->json('items.0.burst.id');
    $picture = $this->getJson("/api/bursts/$id/pictures")->json('pictures.0');
    $this->actingAs($person->refresh())
        ->putJson("/api/bursts/$id/mark", ['picture' => $picture['id'], 'x' => 0, 'y' => 0])
        ->assertOk();
    expect(
        array_filter(
            Storage::allFiles("pictures/$person->id"),
            static fn (string $f): bool => str_ends_with($f, 'original'),
        ),
    )->toBe([]);
    $this->getJson("/api/bursts/$id/pictures")
        ->assertJsonPath('pictures.0.original', false)
        ->assertJsonPath('pictures.0.measured.verdict', 'kept');
    $this->putJson("/api/bursts/$id/mark", ['picture' => $picture['id'], 'x' => 0, 'y' => 0])
        ->assertStatus(422)
        ->assertSee('deleted');
    $this->get("/api/pictures/$picture[id]/crop?x=0&y=0")->assertStatus(422);
});

it('shows pictures to nobody else, and to their owner by fresh addresses only', function (): void {
    $this->actingAs($owner = $this->person());
    sent($this, pictured(0.5), 'p.jpg');
    $id = $this->getJson('/api/pictures/bursts')->json('items.0.burst.id');
    $picture = $this->getJson("/api/bursts/$id/pictures")->json('pictures.0');
    $this->get("/api/pictures/$picture[id]/preview")->assertForbidden();
    $this->travel(3)->hours();
    $this->get($picture['preview'])->assertForbidden();
    $this->travelBack();
    $this->get($picture['preview'])->assertOk();
    $this->actingAs($this->person());
    $this->get($picture['preview'])->assertNotFound();
    foreach (
        [
            ['GET', "bursts/$id/pictures"],
            ['PUT', "bursts/$id/mark"],
            ['DELETE', "bursts/$id/mark"],
            ['PUT', "bursts/$id/rush"],
            ['POST', "bursts/$id/merge"],
            ['GET', "bursts/$id/document"],
            ['GET', "bursts/$id/table"],
            ['GET', "bursts/$id/sidecars"],
            ['PATCH', "pictures/$picture[id]"],
            ['DELETE', "pictures/$picture[id]"],
            ['POST', "pictures/$picture[id]/retry"],
            ['POST', "pictures/$picture[id]/restore"],
            ['GET', "pictures/$picture[id]/crop?x=0&y=0"],
        ] as [$method, $path]
    ) {
        $this->json($method, "/api/$path", [
            'picture' => $picture['id'],
            'x' => 0,
            'y' => 0,
            'rush_id' => (string) Str::ulid(),
            'other' => (string) Str::uuid(),
        ])->assertNotFound();
    }
});

it('has the stand-in camera shoot a rush for a try', function (): void {
    $this->actingAs($person = $this->person());
    $rush = SavedRush::factory()->for($person)->create();
    $this->postJson('/api/pictures/stand-in', ['rush_id' => (string) Str::ulid()])->assertNotFound();
    $this->postJson('/api/pictures/stand-in', ['rush_id' => $rush->id])->assertStatus(202);
    $bursts = $this->getJson('/api/pictures/bursts')->assertOk()->json('items');
    expect(array_sum(array_column($bursts, 'pictures')))
        ->toBe(12)
        ->and(Picture::query()->where('user_id', $person->id)->pluck('stage')->unique()->all())
        ->toBe([Picture::LOOKED])
        ->and(Picture::query()->where('name', 'truth.json')->exists())
        ->toBeFalse();
});

it('shows a burst as soon as the next begins, and joins two when what lies between them comes', function (): void {
    $this->actingAs($this->person());
    Queue::fake();
    $send = fn (string $at, string $name) => sent($this, pictured(0.8, 320, $at), $name)->assertOk();
    foreach (['10', '11', '40', '16'] as $i => $second) {
        $send("2026:06:07 05:10:$second", "frame$i.jpg");
    }
    $bursts = fn (): array => collect($this->getJson('/api/pictures/bursts')->assertOk()->json('items'))
        ->pluck('pictures')
        ->sort()
        ->values()
        ->all();
    // The last looked at may go on while others are waiting.
    foreach ([[], [], [2], [1, 1, 2]] as $after) {
        (new LookAt())->handle();
        expect($bursts())->toBe($after);
    }
    expect($this->getJson('/api/pictures/state')->json('loose'))->toBe(0);
    foreach (['13', '15'] as $i => $second) {
        $send("2026:06:07 05:10:$second.500", "between$i.jpg");
        (new LookAt())->handle();
    }
    expect($bursts())->toBe([1, 5]);
});

/** The same picture with something else said of it. */
function tagged(string $bytes, string ...$tags): string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'tagged');
    file_put_contents($file, $bytes);
    exec(
        implode(' ', [
            'exiftool -q -overwrite_original',
            ...array_map(escapeshellarg(...), $tags),
            escapeshellarg($file),
        ]),
    );
    $bytes = (string) file_get_contents($file);
    unlink($file);

    return $bytes;
}

it('reads what phones and screens write, turned as it is looked at', function (string $format): void {
    $this->actingAs($person = $this->person());
    sent($this, pictured(0.5, 300, format: $format), "p.$format")->assertOk();
    $picture = Picture::query()->where('user_id', $person->id)->sole();
    expect($picture->stage)
        ->toBe(Picture::LOOKED)
        ->and([$picture->wide, $picture->high])
        ->toBe([640, 480]);
    $burst = Burst::query()->findOrFail($picture->burst_id);
    $this->getJson("/api/bursts/$burst->uuid/pictures")->assertOk();
    $this->putJson("/api/bursts/$burst->uuid/mark", [
        'picture' => $picture->id,
        'x' => 300 / 640 - 0.5,
        'y' => 0,
    ])->assertOk();
    expect($picture->refresh()->measured['verdict'])->toBe('kept');
    $this->get("/api/pictures/$picture->id/crop?x=0&y=0&side=200")->assertOk();
})->with(['png', 'webp', 'heic']);

it('puts together by number what does not say when it was taken, body by body, and says so', function (): void {
    $this->actingAs($person = $this->person());
    Queue::fake();
    foreach (['HILL0412', 'CLIF0077', 'HILL0413', 'HILL0417', 'CLIF0078'] as $i => $name) {
        sent($this, pictured(0.5, 200 + 20 * $i), "$name.JPG")->assertOk();
    }
    $numbers = fn () => Burst::query()->where('user_id', $person->id);
    for ($i = 0; $i < 4; $i++) {
        (new LookAt())->handle();
    }
    expect($numbers()->count())->toBe(0);
    (new LookAt())->handle();
    $names = $numbers()
        ->get()
        ->map(fn (Burst $b): string => Picture::ofBurst($b)->pluck('name')->implode(' '))
        ->sort()
        ->values()
        ->all();
    expect($names)->toBe(['CLIF0077.JPG CLIF0078.JPG', 'HILL0412.JPG HILL0413.JPG', 'HILL0417.JPG']);
    $this->getJson("/api/bursts/{$numbers()->first()?->uuid}/pictures")->assertJsonPath('clocked', 'numbers');
});

it(
    'takes the date of a file where the frame says none, and the zone of the outing where its clock has none',
    function (): void {
        $this->actingAs($person = $this->person());
        $rush = SavedRush::factory()->for($person)->create();
        SavedOuting::factory()->for($person)->with($rush)->create();
        $send = function (string $bytes, string $name, array $said): void {
            $sha = hash('sha256', $bytes);
            $this->postJson('/api/pictures/uploads', [
                'sha256' => $sha,
                'name' => $name,
                'bytes' => strlen($bytes),
                ...$said,
            ])->assertOk();
            sent($this, $bytes, $name)->assertOk();
        };
        // Half past five in the summer of the place is half past four in the world's time.
        $unzoned = tagged(pictured(0.5, 310, '2026:06:07 05:30:00'), '-EXIF:OffsetTimeOriginal=');
        $send($unzoned, 'a.jpg', ['zone' => 'Pacific/Auckland']);
        $elsewhere = tagged(pictured(0.5, 330, '2026:06:20 05:30:00'), '-EXIF:OffsetTimeOriginal=');
        $send($elsewhere, 'b.jpg', ['zone' => 'Pacific/Auckland']);
        $send(pictured(0.5, 350), 'c.jpg', ['written_ms' => 1_780_808_400_000]);
        $bursts = Burst::query()->where('user_id', $person->id)->orderBy('id')->get();
        expect($bursts->map(fn (Burst $b): string => $b->shot_at->format('Y-m-d H:i'))->all())->toBe([
            '2026-06-07 04:30',
            '2026-06-19 17:30',
            '2026-06-07 05:00',
        ]);
        expect($bursts->pluck('rush_id')->all())
            ->toBe([$rush->id, null, $rush->id])
            ->and($bursts->pluck('clocked')->all())
            ->toBe([null, null, 'files']);
        $this->getJson("/api/bursts/{$bursts[0]->uuid}/pictures")->assertJsonPath('zone', 'Europe/London');
        $this->postJson('/api/pictures/uploads', [
            'sha256' => str_repeat('a', 64),
            'name' => 'x.jpg',
            'bytes' => 9,
            'zone' => 'Nowhere/Atall',
        ])->assertStatus(422);
    },
);

it('finds the subject where the camera says it focused, and like the one marked in a burst before', function (): void {
    $this->actingAs($person = $this->person());
    $shot = fn (int $x, string $at, string ...$tags): string => tagged(pictured(0.5, $x, $at), '-q', ...$tags);
    foreach ([260, 300, 340] as $i => $x) {
        // The camera tells it in pixels from the corner.
        sent($this, $shot($x, "2026:06:07 05:10:0$i", "-EXIF:SubjectArea=$x 240"), "a$i.jpg")->assertOk();
    }
    $bursts = fn () => Burst::query()->where('user_id', $person->id)->orderBy('id')->get();
    $first = $bursts()[0];
    // The first frame began the burst; what came later belongs to it, and is found once somebody asks.
    $this->getJson("/api/bursts/$first->uuid/pictures")
        ->assertJsonPath('found_by', 'camera')
        ->assertJsonPath('pictures.0.measured.verdict', 'kept');
    $pictures = Picture::ofBurst($first);
    expect(abs($pictures[0]->measured['aim']['x'] - (260 / 640 - 0.5)))->toBeLessThan(0.01);
    // A tap corrects, and leaves nothing of what the camera said.
    $this->putJson("/api/bursts/$first->uuid/mark", [
        'picture' => $pictures[2]->id,
        'x' => 340 / 640 - 0.5,
        'y' => 0,
    ])
        ->assertOk()
        ->assertJsonPath('found_by', 'person')
        ->assertJsonPath('marked', [$pictures[2]->id]);
    // The same rush an hour later: it is found as it was marked, at another place.
    $rush = SavedRush::factory()->for($person)->create();
    $this->postJson('/api/pictures/bursts/match', ['bursts' => [$first->uuid], 'rush_id' => $rush->id])->assertOk();
    sent($this, $shot(420, '2026:06:07 06:10:00'), 'later.jpg')->assertOk();
    $later = $bursts()[1];
    expect($later->mark)->toBeNull();
    $this->postJson('/api/pictures/bursts/match', ['bursts' => [$later->uuid], 'rush_id' => $rush->id])->assertOk();
    $this->getJson("/api/bursts/$later->uuid/pictures")->assertJsonPath('found_by', 'before');
    expect(abs(Picture::ofBurst($later)[0]->measured['aim']['x'] - (420 / 640 - 0.5)))->toBeLessThan(0.01);
});

describe('many at once', function (): void {
    beforeEach(function (): void {
        $this->actingAs($this->owner = $this->person());
        foreach (['10:00', '10:01', '10:02', '20:00', '30:00'] as $i => $at) {
            sent($this, pictured(0.5, 200 + 30 * $i, "2026:06:07 05:$at"), "p$i.jpg")->assertOk();
        }
        $this->ids = Picture::query()->where('user_id', $this->owner->id)->orderBy('taken_at')->pluck('id')->all();
        $this->shape = fn (): array => collect($this->getJson('/api/pictures/bursts')->assertOk()->json('items'))
            ->sortBy('burst.at')
            ->map(
                fn (array $b): string => Picture::ofBurst(Burst::query()->where('uuid', $b['burst']['id'])->sole())
                    ->map(fn (Picture $p): string => $p->name[1].($p->kept === null ? '' : ($p->kept ? '+' : '-')))
                    ->implode(''),
            )
            ->values()
            ->all();
        $this->burst = fn (int $i): string => Burst::query()
            ->where('user_id', $this->owner->id)
            ->orderBy('shot_at')
            ->get()[$i]->uuid;
    });

    it('splits a burst, moves frames to another and joins several, and takes back each', function (): void {
        expect(($this->shape)())->toBe(['012', '3', '4']);
        $split = $this->postJson('/api/pictures/move', ['pictures' => [$this->ids[2]], 'burst' => null])->assertOk();
        expect(($this->shape)())->toBe(['01', '2', '3', '4']);
        $moved = $this->postJson('/api/pictures/move', [
            'pictures' => [$this->ids[2]],
            'burst' => ($this->burst)(2),
        ])->assertOk();
        // A burst without pictures is none.
        expect(($this->shape)())->toBe(['01', '23', '4']);
        $joined = $this->postJson('/api/pictures/bursts/join', [
            'bursts' => [($this->burst)(1), ($this->burst)(2)],
        ])->assertOk();
        expect(($this->shape)())->toBe(['01', '234']);
        // What was done to the same things later has to be undone first.
        $this->postJson("/api/undo/{$split->json('undo')}")
            ->assertStatus(409)
            ->assertSee('Undo that first');
        $was = ['012', '3', '4'];
        foreach ([[$joined, ['01', '23', '4']], [$moved, ['01', '2', '3', '4']], [$split, $was]] as [$step, $then]) {
            $this->postJson("/api/undo/{$step->json('undo')}")->assertNoContent();
            expect(($this->shape)())->toBe($then);
        }
        $this->postJson("/api/undo/{$split->json('undo')}")->assertNotFound();
    });

    it('judges and deletes many, and takes back each', function (): void {
        $judged = $this->postJson('/api/pictures/judge', [
            'pictures' => array_slice($this->ids, 0, 3),
            'said' => false,
            'lost_to' => 'shake',
        ])->assertOk();
        expect(($this->shape)())->toBe(['0-1-2-', '3', '4']);
        $this->getJson('/api/bursts/'.($this->burst)(0).'/pictures')
            ->assertJsonPath('burst.keepers', 0)
            ->assertJsonPath('burst.lost_to', 'shake');
        $deleted = $this->postJson('/api/pictures/delete', ['pictures' => [$this->ids[1], $this->ids[3]]])->assertOk();
        expect(($this->shape)())->toBe(['0-2-', '4']);
        $this->postJson("/api/undo/{$deleted->json('undo')}")->assertNoContent();
        expect(($this->shape)())->toBe(['0-1-2-', '3', '4']);
        $this->postJson("/api/undo/{$judged->json('undo')}")->assertNoContent();
        expect(($this->shape)())->toBe(['012', '3', '4']);
        $this->getJson('/api/bursts/'.($this->burst)(0).'/pictures')->assertJsonPath('burst.lost_to', null);
        // Two at the same moment undo it once.
        $this->postJson('/api/pictures/judge', ['pictures' => [], 'said' => true])->assertStatus(422);
        $this->postJson('/api/pictures/judge', [
            'pictures' => [$this->ids[0]],
            'lost_to' => 'the dog',
        ])->assertStatus(422);
    });

    it('gives a whole day out, and no more than a week', function (): void {
        $day = 'from=2026-06-07T00:00:00Z&until=2026-06-08T00:00:00Z';
        $this->postJson('/api/pictures/judge', ['pictures' => $this->ids, 'said' => true])->assertOk();
        $table = $this->get("/api/pictures/table?$day")
            ->assertOk()
            ->streamedContent();
        expect(substr_count($table, "\n"))->toBe(6)->and($table)->toContain('2026-06-07T05:30:00Z');
        expect(
            $this->getJson("/api/pictures/document?$day")
                ->assertOk()
                ->json(),
        )->toHaveCount(3);
        $zip = new ZipArchive();
        $zip->open(
            $this->get("/api/pictures/sidecars?$day")
                ->assertOk()
                ->getFile()
                ->getPathname(),
        );
        expect($zip->numFiles)->toBe(6);
        expect(
            $this->getJson('/api/pictures/document?from=2026-06-08T00:00:00Z&until=2026-06-09T00:00:00Z')->json(),
        )->toBe([]);
        $this->getJson('/api/pictures/table?from=2026-06-01&until=2026-07-01')->assertStatus(422);
    });
});

it('puts two bursts into one', function (): void {
    $this->actingAs($person = $this->person());
    $ids = [];
    foreach ([[10, 4], [6, 6]] as [$frames, $keepers]) {
        $ids[] = $id = (string) Str::uuid();
        $this->postJson('/api/bursts', [
            'bursts' => [
                [
                    'id' => $id,
                    'rush' => 'Hare',
                    'at' => '2026-06-07T05:10:00Z',
                    'frames' => $frames,
                    'keepers' => $keepers,
                    'note' => "n$frames",
                ],
            ],
        ])->assertOk();
    }
    $this->postJson("/api/bursts/$ids[0]/merge", ['other' => $ids[0]])->assertStatus(422);
    $this->postJson("/api/bursts/$ids[0]/merge", ['other' => $ids[1]])
        ->assertOk()
        ->assertJsonPath('frames', 16)
        ->assertJsonPath('keepers', 10)
        ->assertJsonPath('note', 'n10 n6');
    $this->getJson('/api/bursts')->assertJsonCount(1, 'items');
});

it('takes in a log from a table, naming the rows that cannot be read', function (): void {
    $this->actingAs($person = $this->person());
    SavedRush::factory()
        ->for($person)
        ->with(['name' => 'Puffin coming in'])
        ->create();
    $csv =
        "Date;What;Shots;Sharp;Why lost;Remark\n2026-06-07 05:10;puffin coming in;40;12;shake;=cmd\n2026-06-07 06:00;Hare;10;14;;\nyesterdayish;Hare;10;4;;\n2026-06-07 07:00;Hare;10;4;gremlins;\n45814.25;Hare;20;5;Hidden;from a spreadsheet\n";
    $send = fn (array $more = []) => $this->post(
        '/api/bursts/table',
        ['file' => UploadedFile::fake()->createWithContent('log.csv', $csv), ...$more],
        ['Accept' => 'application/json'],
    );
    $seen = $send()
        ->assertOk()
        ->assertJsonPath('count', 5)
        ->assertJsonPath('good', 2)
        ->assertJsonPath('kept', null)
        ->assertJsonPath('columns.at', 0)
        ->assertJsonPath('columns.rush', 1)
        ->assertJsonPath('columns.keepers', 3)
        ->assertJsonPath('columns.lost_to', 4)
        ->json();
    expect(array_column($seen['problems'], 'row'))
        ->toBe([3, 4, 5])
        ->and($seen['problems'][1]['message'])
        ->toContain('yesterdayish')
        ->and($seen['problems'][2]['message'])
        ->toContain('gremlins');
    $send(['keep' => '1'])
        ->assertOk()
        ->assertJsonPath('kept', 2);
    $send(['keep' => '1'])
        ->assertOk()
        ->assertJsonPath('kept', 0);
    $log = $this->getJson('/api/bursts')->assertJsonCount(2, 'items')->json('items');
    expect($log[0]['rush_id'])
        ->not->toBeNull()
        ->and($log[1]['at'])
        ->toBe('2025-06-06T06:00:00Z')
        ->and($log[1]['lost_to'])
        ->toBe('hidden');
    // What goes out comes in again, and is known.
    $out = $this->get('/api/bursts/file')->streamedContent();
    $this->post(
        '/api/bursts/table',
        ['file' => UploadedFile::fake()->createWithContent('log.csv', $out), 'keep' => '1'],
        ['Accept' => 'application/json'],
    )
        ->assertOk()
        ->assertJsonPath('good', 2)
        ->assertJsonPath('kept', 0);
    $this->post(
        '/api/bursts/table',
        ['file' => UploadedFile::fake()->createWithContent('log.csv', "\0\1\2")],
        ['Accept' => 'application/json'],
    )
        ->assertStatus(422)
        ->assertSee('neither CSV');
    $this->post(
        '/api/bursts/table',
        ['file' => UploadedFile::fake()->createWithContent('log.csv', "a,b\n")],
        ['Accept' => 'application/json'],
    )
        ->assertStatus(422)
        ->assertSee('no table');
});

it('reads the first sheet of a spreadsheet', function (): void {
    $this->actingAs($this->person());
    $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
    $zip = new ZipArchive();
    $zip->open($file, ZipArchive::OVERWRITE);
    $zip->addFromString(
        'xl/sharedStrings.xml',
        '<sst xmlns="x"><si><t>When</t></si><si><t>Rush</t></si><si><t>Frames</t></si><si><t>Kee</t><t>pers</t></si><si><t>Gannet</t></si></sst>',
    );
    $zip->addFromString(
        'xl/worksheets/sheet1.xml',
        '<worksheet xmlns="x"><sheetData><row r="1"><c r="A1" t="s"><v>0</v></c><c r="B1" t="s"><v>1</v></c><c r="C1" t="s"><v>2</v></c><c r="D1" t="s"><v>3</v></c></row><row r="2"><c r="A2"><v>46180.5</v></c><c r="B2" t="s"><v>4</v></c><c r="D2"><v>7</v></c><c r="C2"><v>9</v></c></row></sheetData></worksheet>',
    );
    $zip->close();
    $this->post(
        '/api/bursts/table',
        ['file' => new UploadedFile($file, 'log.xlsx', null, null, true), 'keep' => '1'],
        ['Accept' => 'application/json'],
    )
        ->assertOk()
        ->assertJsonPath('kept', 1);
    $this->getJson('/api/bursts')
        ->assertJsonPath('items.0.at', '2026-06-07T12:00:00Z')
        ->assertJsonPath('items.0.frames', 9)
        ->assertJsonPath('items.0.keepers', 7)
        ->assertJsonPath('items.0.rush', 'Gannet');
    unlink($file);
});

it('draws a frame of a run as it would come out', function (): void {
    $this->actingAs($this->person());
    $rush = json_decode((string) file_get_contents(base_path('formats/examples/puffin-coming-in.json')), true);
    $ask = fn (array $more) => $this->postJson('/api/frame', [
        'rush' => $rush,
        'hold' => ['format' => 'rush-hold/hold@1'],
        'run' => 0,
        't' => 1.0,
        ...$more,
    ]);
    [$whole, $close] = [
        $ask([])->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent(),
        $ask(['close' => true])
            ->assertOk()
            ->getContent(),
    ];
    expect(getimagesizefromstring((string) $whole))
        ->toMatchArray([0 => 1080, 1 => 720])
        ->and(getimagesizefromstring((string) $close))
        ->toMatchArray([0 => 520, 1 => 360])
        ->and($ask([])->getContent())
        ->toBe($whole);
    $ask(['t' => 99])->assertStatus(422);
    $ask(['rush' => ['format' => 'x']])->assertStatus(422);
});

it('counts the frames of which it can be told, and whichever somebody has judged', function (): void {
    $this->actingAs($person = $this->person());
    foreach ([0.4, 0.6, 0.8] as $i => $deviation) {
        sent($this, pictured($deviation, 320 + $i, "2026:06:07 05:10:0$i"), "$i.jpg");
    }
    $burst = Burst::query()->where('user_id', $person->id)->sole();
    $pictures = Picture::query()->where('burst_id', $burst->id)->orderBy('taken_at')->get();
    foreach (['kept', 'lost', 'untold'] as $i => $verdict) {
        $pictures[$i]->fill(['measured' => [...(array) $pictures[$i]->measured, 'verdict' => $verdict]])->save();
    }
    $burst->forceFill(['mark' => ['picture' => $pictures[0]->id, 'x' => 0, 'y' => 0]])->save();
    $counted = static function () use ($burst): array {
        BurstCounts::again($burst->refresh());

        return [$burst->frames, $burst->keepers];
    };
    expect($counted())->toBe([2, 1]);
    $pictures[2]->fill(['kept' => true])->save();
    expect($counted())->toBe([3, 2]);
    // What is still being measured keeps all of it open.
    $pictures[1]->fill(['measured' => null])->save();
    expect($counted())->toBe([3, null]);
});

it('puts our word beside what the camera calls an area', function (): void {
    $this->actingAs($person = $this->person());
    $person->kit()->create([
        'type' => KitType::Bodies,
        'name' => 'Mine',
        'document' => ['name' => 'Mine', 'words' => ['area.block' => ['label' => 'Middle Block', 'where' => '']]],
    ]);
    sent($this, pictured(0.5), 'p.jpg');
    Picture::query()
        ->where('user_id', $person->id)
        ->firstOrFail()
        ->fill(['facts' => ['area' => 'middle block', 'focus_mode' => 'whatever']])
        ->save();
    $id = $this->getJson('/api/pictures/bursts')->json('items.0.burst.id');
    expect(array_column($this->getJson("/api/bursts/$id/pictures")->json('pictures.0.facts'), 'value', 'label'))->toBe([
        'Focus mode' => 'whatever',
        'Area' => 'middle block (Block)',
    ]);
});

it('says what is kept by lens and by set-up too', function (): void {
    $this->actingAs($person = $this->person());
    $rush = SavedRush::factory()->for($person)->create();
    foreach ([['block', 'bird', 9], ['block', 'bird', 8], ['point', 'off', 2]] as $i => [$area, $detect, $keepers]) {
        $this->postJson('/api/bursts', [
            'bursts' => [
                [
                    'id' => (string) Str::uuid(),
                    'rush' => $rush->name,
                    'rush_id' => $rush->id,
                    'at' => "2026-06-07T05:1$i:00Z",
                    'frames' => 10,
                    'keepers' => $keepers,
                    'hold' => ['focus' => ['area' => $area, 'detect' => $detect]],
                ],
            ],
        ])
            ->assertOk()
            ->assertJsonCount(0, 'refused');
    }
    $figures = $this->getJson('/api/bursts/figures')
        ->assertOk()
        ->assertJsonCount(2, 'holds')
        ->assertJsonCount(1, 'kits')
        ->assertJsonPath('kits.0.bursts', 3)
        ->json();
    expect($figures['holds'][0]['name'])
        ->toContain('bird')
        ->and($figures['holds'][0]['bursts'])
        ->toBe(2)
        ->and($figures['holds'][0]['share']['mean'])
        ->toBeGreaterThan($figures['holds'][1]['share']['mean']);
});

it(
    'keeps the pictures of a visit to the demo small in number, and takes all files along with an account',
    function (): void {
        $this->actingAs($person = $this->person());
        sent($this, pictured(0.5), 'p.jpg')->assertOk();
        expect(Storage::allFiles("pictures/$person->id"))->toHaveCount(3);
        App\Accounts\Departure::of($person);
        expect(Storage::allFiles("pictures/$person->id"))->toBe([]);
        $visitor = $this->person();
        $visitor->forceFill(['is_demo' => true])->save();
        config(['limits.demo_pictures' => 0]);
        $this->actingAs($visitor)
            ->postJson('/api/pictures/uploads', ['sha256' => hash('sha256', 'd'), 'name' => 'd.jpg', 'bytes' => 4000])
            ->assertStatus(422)
            ->assertSee('as many as there is room for');
    },
);

it('draws a subject pixel for pixel that is larger than the picture', function (): void {
    $this->actingAs($this->person());
    $rush = json_decode((string) file_get_contents(base_path('formats/examples/muddy-hairpin.json')), true);
    $rush['path'] = ['start_m' => 4, 'heading_deg' => 90, 'seconds' => 1, 'notice_s' => 5];
    $rush['subject']['speed_mps'] = 0.2;
    $picture = new Imagick();
    $picture->readImageBlob(
        (string) $this->postJson('/api/frame', [
            'rush' => $rush,
            'hold' => ['aim' => 'chest'],
            'run' => 0,
            't' => 0.9,
            'close' => true,
        ])
            ->assertOk()
            ->getContent(),
    );
    $light = $picture->exportImagePixels(0, 0, 520, 360, 'I', Imagick::PIXEL_FLOAT);
    // Ground and background are of middling light; the patch that has to be sharp is a pale number, and fills most of
    // it.
    expect(count(array_filter($light, static fn (float $l): bool => $l > 0.78)))->toBeGreaterThan(0.6 * 520 * 360);
});

it('matches by whose turn it was, and lets what failed for no fault of its own be tried again', function (): void {
    $this->actingAs($person = $this->person());
    $rushes = [
        SavedRush::factory()->for($person)->create(),
        SavedRush::factory()
            ->for($person)
            ->with(['name' => 'Going out', 'path.heading_deg' => 120.0])
            ->create(),
    ];
    $outing = SavedOuting::factory()->for($person)->with(...$rushes)->create();
    $outing
        ->fill([
            'document' => [
                ...$outing->document,
                'order' => [1, 0],
                'rushes' => array_map(static fn (SavedRush $r): array => ['rush' => $r->id, 'minutes' => 30], $rushes),
            ],
        ])
        ->save();
    foreach ([10 => $rushes[1], 45 => $rushes[0]] as $minutes => $rush) {
        sent(
            $this,
            pictured(0.6, 300 + $minutes, $outing->starts_at->addMinutes($minutes)->format('Y:m:d H:i:s')),
            "p$minutes.jpg",
        )->assertOk();
        $burst = Burst::query()->where('user_id', $person->id)->orderByDesc('id')->firstOrFail();
        expect($burst->rush_id)->toBe($rush->id)->and($burst->matched)->toContain('turn');
    }
    $picture = Picture::query()->where('name', 'p10.jpg')->firstOrFail();
    $picture->fill(['stage' => Picture::REFUSED, 'problem' => 'It could not be read just now.'])->save();
    $this->getJson('/api/pictures/state')->assertJsonPath('refused.0.again', true);
    $this->postJson("/api/pictures/$picture->id/retry")->assertNoContent();
    expect($picture->refresh()->stage)->toBe(Picture::LOOKED)->and($picture->problem)->toBeNull();
});
