<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

afterEach(fn () => TrustProxies::flushState());

it('takes a balancer’s word on https only when it was told of it', function (?string $proxies, bool $secure): void {
    config(['app.proxies' => $proxies]);
    (new AppServiceProvider($this->app))->boot();
    $response = $this->getJson('/api/session', [
        'X-Forwarded-Proto' => 'https',
        'X-Forwarded-For' => '203.0.113.9',
    ])->assertOk();
    expect($response->headers->has('Strict-Transport-Security'))
        ->toBe($secure)
        ->and($response->headers->getCookies())
        ->not->toBeEmpty();
    foreach ($response->headers->getCookies() as $cookie) {
        expect($cookie->isSecure())->toBe($secure, $cookie->getName());
    }
    expect(request()->ip())->toBe($secure ? '203.0.113.9' : '127.0.0.1');
})->with([[null, false], ['10.0.0.1, 10.0.0.2', false], ['10.0.0.1, 127.0.0.1', true], ['*', true]]);

it('sweeps away what has run out, and nothing else', function (): void {
    config(['cache.default' => 'database']);
    $person = $this->person();
    DB::table('sessions')->insert([
        [
            'id' => 'long gone',
            'user_id' => $person->id,
            'payload' => '',
            'last_activity' => now()->subDays(2)->timestamp,
        ],
        ['id' => 'here', 'user_id' => $person->id, 'payload' => '', 'last_activity' => now()->subMinutes(5)->timestamp],
    ]);
    Cache::store('database')->put('soon', 1, 60);
    Cache::store('database')->put('later', 1, 7200);
    $person->createToken('ended', ['*'], now()->addHour());
    $person->createToken('good', ['*'], now()->addDays(3));
    App\Models\SavedRush::factory()->for($person)->create()->delete();
    $person
        ->drills()
        ->create(['exercise' => 'moment', 'day' => '2026-11-26', 'done_at' => now(), 'score' => [], 'document' => []])
        ->delete();
    $person
        ->sweeps()
        ->create(['name' => 'Bench', 'document' => []])
        ->delete();
    App\Models\CopyLink::open($person, 'drill', 'Ended', [], 1);
    $this->travel(90)->minutes();
    DB::table('sessions')
        ->where('id', 'here')
        ->update(['last_activity' => now()->subMinutes(5)->timestamp]);
    $this->artisan('sweep')->assertSuccessful();
    expect(DB::table('sessions')->where('user_id', $person->id)->pluck('id')->all())
        ->toBe(['here'])
        ->and(DB::table('cache')->where('key', 'like', '%soon')->exists())
        ->toBeFalse()
        ->and(DB::table('cache')->where('key', 'like', '%later')->exists())
        ->toBeTrue()
        ->and($person->tokens()->pluck('name')->all())
        ->toBe(['good'])
        ->and($person->rushes()->withTrashed()->count())
        ->toBe(1)
        ->and($person->drills()->withTrashed()->count())
        ->toBe(1)
        ->and(App\Models\CopyLink::query()->where('user_id', $person->id)->count())
        ->toBe(1);
    $this->travel(31)->days();
    $this->artisan('sweep')->assertSuccessful();
    expect($person->rushes()->withTrashed()->count())
        ->toBe(0)
        ->and($person->drills()->withTrashed()->count())
        ->toBe(0)
        ->and($person->sweeps()->withTrashed()->count())
        ->toBe(0)
        ->and(App\Models\CopyLink::query()->where('user_id', $person->id)->count())
        ->toBe(0);
});
