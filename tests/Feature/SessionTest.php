<?php

declare(strict_types=1);

use App\Models\Picture;
use App\Models\User;
use App\Pictures\Store;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;

it('signs in with the right password only, and out again', function (): void {
    $user = $this->person('correct horse');
    $this->getJson('/api/session')
        ->assertOk()
        ->assertJson(['user' => null]);
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonValidationErrors('email');
    $this->assertGuest();
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'correct horse'])
        ->assertOk()
        ->assertJsonPath('user.email', $user->email);
    $this->assertAuthenticatedAs($user);
    $this->deleteJson('/api/session')->assertNoContent();
    $this->assertGuest();
});

it('answers the same for a wrong password and an unknown address', function (): void {
    $user = $this->person();
    $wrong = $this->postJson('/api/session', ['email' => $user->email, 'password' => 'no'])->json('message');
    expect(
        $this->postJson('/api/session', ['email' => 'stranger@example.test', 'password' => 'no'])->json('message'),
    )->toBe($wrong);
});

it('slows down guessing', function (): void {
    $user = $this->person();
    for ($i = 0; $i < 5; $i++) {
        $this->postJson('/api/session', ['email' => $user->email, 'password' => "guess $i"])->assertStatus(422);
    }
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'guess'])->assertStatus(429);
});

it('asks for both halves', function (): void {
    $this->postJson('/api/session', ['email' => 'not an address'])
        ->assertStatus(422)
        ->assertJsonValidationErrors(['email', 'password']);
});

it('opens the demo only where there is one', function (): void {
    User::query()->where('is_demo', true)->delete();
    $this->postJson('/api/session/demo')->assertNotFound();
    app(DemoSeeder::class)->run();
    $this->postJson('/api/session/demo')->assertOk()->assertJsonPath('user.is_demo', true);
    expect($this->getJson('/api/rushes')->assertOk()->json('items'))
        ->toHaveCount(13)
        ->and(User::demo()?->rushes()->count())
        ->toBe(13)
        ->and(auth()->id())
        ->not->toBe(User::demo()?->id);
    // There is room for so many visitors and no more, until those of yesterday are swept away.
    config(['limits.demo_visits' => 1]);
    $this->postJson('/api/session/demo')->assertStatus(503);
    $this->travel(25)->hours();
    $this->artisan('sweep')->assertSuccessful();
    expect(User::query()->whereNotNull('demo_until')->count())
        ->toBe(0)
        ->and(User::demo())
        ->not->toBeNull();
    $this->postJson('/api/session/demo')->assertOk();
});

it('gives a visitor rushes that point at the visitor’s own kit', function (): void {
    $demo = User::demo();
    $this->postJson('/api/session/demo')->assertOk();
    $visitor = User::query()->findOrFail(auth()->id());
    $bodies = $visitor->kit()->where('type', 'bodies')->pluck('id')->all();
    foreach ($visitor->rushes()->get() as $rush) {
        expect($rush->document['kit']['body_id'])->toBeIn($bodies);
        $this->getJson("/api/rushes/$rush->id")
            ->assertOk()
            ->assertJsonPath('newer', []);
    }
    expect($demo?->rushes()->first()?->document['kit']['body_id'])->not->toBeIn($bodies);
});

it('lends a visitor the pictures of the demo, which stay whatever the visitor does', function (): void {
    Storage::fake();
    $this->artisan('demo:restore', ['--force' => true])->assertSuccessful();
    $demo = User::demo();
    $rush = $demo->rushes()->firstOrFail();
    $burst = $demo->bursts()->create([
        'uuid' => (string) Str::uuid(),
        'rush_id' => $rush->id,
        'rush' => $rush->name,
        'shot_at' => now()->subDay(),
        'coc_px' => 2.0,
    ]);
    $picture = Picture::query()->forceCreate([
        'user_id' => $demo->id,
        'burst_id' => $burst->id,
        'sha256' => str_repeat('ab', 32),
        'name' => 'a.jpg',
        'bytes' => 5,
        'stage' => Picture::LOOKED,
        'original' => true,
        'taken_at' => now()->subDay(),
    ]);
    $burst->fill(['mark' => ['marks' => [$picture->id => [0.1, 0.2]], 'count' => 1]])->save();
    foreach ([Store::ORIGINAL, Store::THUMBNAIL] as $what) {
        Storage::disk()->put(Store::path($picture, $what), $what);
    }
    $this->postJson('/api/session/demo')->assertSuccessful();
    $item = collect($this->getJson('/api/pictures/bursts')->assertOk()->json('items'))->sole();
    $this->get($item['first'])->assertOk()->assertSee('thumbnail');
    $shown = $this->getJson("/api/bursts/{$item['burst']['id']}/pictures")->assertOk();
    $mine = $shown->json('pictures.0.id');
    expect($mine)
        ->not->toBe($picture->id)
        ->and($shown->json('marked'))
        ->toBe([$mine]);
    // It takes none of the visitor's room.
    $this->getJson('/api/pictures/state')->assertJsonPath('bytes', 0);
    $this->deleteJson("/api/pictures/$mine")->assertNoContent();
    $this->travel(2)->hours();
    $this->artisan('sweep')->assertSuccessful();
    expect(Picture::withTrashed()->find($mine))
        ->toBeNull()
        ->and(Storage::disk()->exists(Store::path($picture, Store::ORIGINAL)))
        ->toBeTrue();
});

it('restores the demo without touching anybody else', function (): void {
    $mine = $this->person();
    $this->artisan('demo:restore', ['--force' => true])->assertSuccessful();
    $demo = User::demo();
    $demo->rushes()->delete();
    $this->artisan('demo:restore', ['--if-missing' => true])->assertSuccessful();
    expect($demo->rushes()->count())->toBe(0);
    $this->artisan('demo:restore', ['--force' => true])->assertSuccessful();
    expect(User::demo()->rushes()->count())
        ->toBe(13)
        ->and(User::query()->find($mine->id))
        ->not->toBeNull();
});

it('sends strangers away from everything that belongs to somebody', function (string $method, string $path): void {
    $this->json($method, "/api/$path")->assertUnauthorized();
})->with([
    ['GET', 'rushes'],
    ['POST', 'rushes'],
    ['POST', 'rushes/upload'],
    ['GET', 'rushes/x'],
    ['PUT', 'rushes/x'],
    ['PATCH', 'rushes/x'],
    ['DELETE', 'rushes/x'],
    ['POST', 'rushes/x/duplicate'],
    ['POST', 'rushes/x/restore'],
    ['GET', 'rushes/x/document'],
    ['POST', 'plan'],
    ['POST', 'rank'],
    ['POST', 'compare'],
    ['GET', 'kit/subjects'],
    ['GET', 'outings'],
    ['POST', 'outings'],
    ['POST', 'outings/upload'],
    ['POST', 'outings/place'],
    ['GET', 'outings/x'],
    ['PUT', 'outings/x'],
    ['DELETE', 'outings/x'],
    ['POST', 'outings/x/duplicate'],
    ['POST', 'outings/x/restore'],
    ['GET', 'outings/x/document'],
    ['GET', 'outings/x/card'],
    ['GET', 'outings/x/files/a6'],
    ['GET', 'outings/x/pocket'],
    ['GET', 'outings/x/bursts'],
    ['GET', 'outings/x/links'],
    ['POST', 'outings/x/links'],
    ['DELETE', 'outings/x/links/1'],
    ['POST', 'bursts'],
    ['GET', 'bursts'],
    ['GET', 'bursts/figures'],
    ['GET', 'bursts/file'],
    ['PATCH', 'bursts/x'],
    ['DELETE', 'bursts/x'],
    ['POST', 'bursts/x/restore'],
    ['POST', 'frame'],
    ['POST', 'bursts/table'],
    ['POST', 'bursts/x/merge'],
    ['GET', 'bursts/x/document'],
    ['GET', 'bursts/x/pictures'],
    ['PUT', 'bursts/x/mark'],
    ['DELETE', 'bursts/x/mark'],
    ['PUT', 'bursts/x/rush'],
    ['GET', 'bursts/x/table'],
    ['GET', 'bursts/x/sidecars'],
    ['POST', 'pictures/uploads'],
    ['PUT', 'pictures/uploads/'.str_repeat('a', 64)],
    ['GET', 'pictures/state'],
    ['POST', 'pictures/stand-in'],
    ['PATCH', 'pictures/state'],
    ['DELETE', 'pictures/waiting'],
    ['GET', 'pictures/bursts'],
    ['PATCH', 'pictures/x'],
    ['DELETE', 'pictures/x'],
    ['POST', 'pictures/x/retry'],
    ['POST', 'pictures/x/restore'],
    ['GET', 'pictures/x/crop'],
    ['GET', 'pictures/x/preview'],
    ['POST', 'cause'],
    ['POST', 'cause/test'],
    ['GET', 'bursts/comparison'],
    ['GET', 'learned'],
    ['PATCH', 'learned'],
    ['POST', 'learned'],
    ['GET', 'sweeps'],
    ['POST', 'sweeps'],
    ['GET', 'sweeps/x'],
    ['PUT', 'sweeps/x'],
    ['DELETE', 'sweeps/x'],
    ['POST', 'sweeps/x/restore'],
    ['POST', 'sweeps/x/stand-in'],
    ['POST', 'sweeps/x/pictures'],
    ['GET', 'sweeps/x/document'],
    ['GET', 'sweeps/x/paper'],
    ['GET', 'practice'],
    ['PUT', 'practice'],
    ['GET', 'practice/calendar'],
    ['POST', 'drills/course'],
    ['GET', 'drills/file'],
    ['GET', 'drills'],
    ['POST', 'drills'],
    ['GET', 'drills/x'],
    ['DELETE', 'drills/x'],
    ['POST', 'drills/x/restore'],
    ['GET', 'drills/x/document'],
    ['GET', 'groups'],
    ['GET', 'shelf'],
    ['POST', 'shelf'],
    ['POST', 'shelf/x/take'],
    ['POST', 'shelf/x/report'],
    ['DELETE', 'shelf/x'],
    ['GET', 'tasks'],
    ['GET', 'tasks/x'],
    ['PUT', 'tasks/x/done'],
    ['DELETE', 'tasks/x/done'],
    ['POST', 'groups/x/tasks'],
    ['DELETE', 'groups/x/tasks/x'],
    ['POST', 'groups'],
    ['POST', 'groups/join'],
    ['GET', 'groups/x'],
    ['PATCH', 'groups/x'],
    ['DELETE', 'groups/x'],
    ['PUT', 'groups/x/shares'],
    ['DELETE', 'groups/x/shares'],
    ['DELETE', 'groups/x/members/1'],
    ['GET', 'copies'],
    ['POST', 'copies'],
    ['DELETE', 'copies/1'],
]);

it('serves the page everywhere else, with a policy that lets nothing in from outside', function (): void {
    $this->withoutVite();
    $response = $this->get('/rushes/anything')->assertOk()->assertSee('id="page"', false);
    expect($response->headers->get('Content-Security-Policy'))->toContain("default-src 'self'");
    $this->getJson('/api/nothing/here')->assertNotFound();
});
