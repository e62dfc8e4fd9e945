<?php

declare(strict_types=1);

use App\Accounts\Archive;
use App\Documents\KitType;
use App\Models\KitItem;
use App\Models\SavedRush;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use RushHold\Tests\Rushes;

/** The text of the letters that were written. */
function letters(): string
{
    return implode("\n", array_map(static fn ($sent): string => (string) $sent->getOriginalMessage()->getTextBody(), app('mailer')->getSymfonyTransport()->messages()->all()));
}

it('opens an account and signs in', function (): void {
    $entry = ['name' => 'Nobody in particular', 'email' => 'new@example.test', 'password' => 'ten characters'];
    $this->postJson('/api/account', [...$entry, 'password' => 'short'])->assertStatus(422)->assertJsonValidationErrors('password');
    $this->postJson('/api/account', [...$entry, 'email' => 'no address'])->assertStatus(422)->assertJsonValidationErrors('email');
    $this->assertGuest();
    $this->postJson('/api/account', $entry)->assertCreated()->assertJsonPath('user.email', 'new@example.test');
    $this->assertAuthenticated('web');
    $this->postJson('/api/account', $entry)->assertStatus(422)->assertJsonValidationErrors('email');
});

it('changes the password with the old one only, and signs out the other devices', function (): void {
    $user = $this->person('the old password');
    $this->actingAs($user);
    DB::table('sessions')->insert([['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()], ['id' => 'somebody', 'user_id' => $this->person()->id, 'payload' => '', 'last_activity' => time()]]);
    $this->putJson('/api/account/password', ['current' => 'wrong', 'password' => 'the new password'])->assertStatus(422)->assertJsonValidationErrors('current');
    $this->putJson('/api/account/password', ['current' => 'the old password', 'password' => 'the new password'])->assertNoContent();
    expect(DB::table('sessions')->pluck('id')->all())->toContain('somebody')->not->toContain('elsewhere')
        ->and(auth('web')->validate(['email' => $user->email, 'password' => 'the new password']))->toBeTrue();
});

it('mails a link to a new password that works once', function (): void {
    config(['mail.default' => 'array']);
    $user = $this->person('forgotten words');
    $this->postJson('/api/account/forgotten', ['email' => 'stranger@example.test'])->assertNoContent();
    expect(letters())->toBe('');
    $this->postJson('/api/account/forgotten', ['email' => $user->email])->assertNoContent();
    expect(preg_match('~/reset-password/(\w+)\?email=(\S+)~', letters(), $link))->toBe(1)->and(urldecode($link[2]))->toBe($user->email);
    $entry = ['token' => $link[1], 'email' => $user->email, 'password' => 'remembered words'];
    $this->postJson('/api/account/reset', [...$entry, 'token' => 'guessed'])->assertStatus(422)->assertJsonValidationErrors('token');
    $this->postJson('/api/account/reset', $entry)->assertNoContent();
    $this->postJson('/api/account/reset', $entry)->assertStatus(422);
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'remembered words'])->assertOk();
});

it('lets scripts in with a token, until it is withdrawn', function (): void {
    $user = $this->person();
    $this->actingAs($user);
    $made = $this->postJson('/api/account/tokens', ['name' => 'Card printer'])->assertCreated()->json();
    auth()->forgetGuards();
    $this->app['auth']->forgetGuards();
    $as = fn () => $this->withHeader('Authorization', "Bearer {$made['token']}");
    $as()->postJson('/api/rushes', ['document' => Rushes::document()])->assertCreated();
    expect($user->rushes()->count())->toBe(1);
    expect($as()->getJson('/api/account/tokens')->assertOk()->json('0.last_used_at'))->not->toBeNull()
        ->and($this->getJson('/api/account/tokens')->json('0'))->not->toHaveKey('token');
    $as()->deleteJson("/api/account/tokens/{$made['id']}")->assertNoContent();
    $this->app['auth']->forgetGuards();
    $as()->getJson('/api/rushes')->assertUnauthorized();
});

it('withdraws only one’s own tokens', function (): void {
    $token = $this->person()->createToken('theirs')->accessToken;
    $this->actingAs($this->person())->deleteJson('/api/account/tokens/'.$token->getKey())->assertNotFound();
});

it('signs out everywhere', function (): void {
    $user = $this->person();
    $user->createToken('script');
    DB::table('sessions')->insert(['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs($user)->postJson('/api/account/sign-out-everywhere')->assertNoContent();
    expect($user->tokens()->count())->toBe(0)->and(DB::table('sessions')->where('id', 'elsewhere')->exists())->toBeFalse();
});

it('deletes the account with all its data, and nobody else’s', function (): void {
    $other = $this->person();
    $other->rushes()->create(['document' => Rushes::document()]);
    $user = $this->person('a good password');
    $this->actingAs($user);
    $this->postJson('/api/rushes', ['document' => Rushes::document()])->assertCreated();
    $gone = $this->postJson('/api/kit/lenses', ['document' => [...KitType::Lenses->samples()['sample-24-70'], 'name' => 'x']])->assertCreated()->json('id');
    $this->deleteJson("/api/kit/lenses/$gone")->assertNoContent();
    $user->createToken('script');
    $this->deleteJson('/api/account', ['password' => 'wrong'])->assertStatus(422);
    $this->deleteJson('/api/account', ['password' => 'a good password'])->assertNoContent();
    expect(User::query()->find($user->id))->toBeNull()->and(SavedRush::withTrashed()->where('user_id', $user->id)->count())->toBe(0)
        ->and(KitItem::withTrashed()->where('user_id', $user->id)->count())->toBe(0)->and(DB::table('personal_access_tokens')->where('tokenable_id', $user->id)->count())->toBe(0)
        ->and($other->rushes()->count())->toBe(1);
});

it('takes everything into another account without loss', function (): void {
    $this->travelTo('2026-06-04 05:30:00');
    $user = $this->person();
    $this->actingAs($user);
    $body = $this->postJson('/api/kit/bodies', ['document' => [...KitType::Bodies->samples()['sample-old-mirror'], 'name' => 'Old friend', 'words' => ['area.zone' => ['label' => 'Bløck', 'where' => '']]], 'based_on' => 'sample-old-mirror'])->json('id');
    $this->putJson("/api/kit/bodies/$body/standing", ['standing' => ['focus' => ['mode' => 'single']]])->assertOk();
    $this->putJson('/api/kit/bodies/sample-entry-mirror/standing', ['standing' => ['drive' => 'short']])->assertOk();
    $this->postJson('/api/kit/subjects', ['document' => KitType::Subjects->samples()['sample-runner'], 'based_on' => 'sample-runner'])->assertCreated();
    $this->putJson('/api/habits', ['format' => 'rush-hold/habits@1', 'body' => $body, 'lens' => 'sample-24-70', 'units' => 'imperial'])->assertOk();
    foreach (['One / two', 'Three'] as $name) {
        $this->postJson('/api/rushes', ['document' => Rushes::document(['name' => $name, 'scene' => []]), 'pins' => $name === 'Three' ? ['focus' => ['stay' => 4]] : null])->assertCreated();
    }
    $file = $this->get('/api/account/archive')->assertOk()->assertHeader('Content-Type', 'application/zip')->baseResponse->getFile()->getContent();

    $this->travelTo('2026-09-01 12:00:00');
    $other = $this->person();
    $this->actingAs($other);
    $load = fn () => $this->postJson('/api/account/archive', ['file' => UploadedFile::fake()->createWithContent('all.zip', $file)]);
    $load()->assertOk()->assertExactJson(['rushes' => 2, 'kit' => 2, 'already_there' => 0]);
    $plain = fn (User $of): array => [
        $of->rushes()->orderBy('name')->get()->map(fn (SavedRush $r): array => [$r->document, $r->pins, (string) $r->created_at])->all(),
        $of->kit()->orderBy('name')->get()->map(fn (KitItem $k): array => [$k->type, $k->document, $k->standing, $k->based_on, (string) $k->updated_at])->all(),
        $of->refresh()->standings,
    ];
    expect($plain($other))->toEqual($plain($user))
        ->and($other->habits['units'])->toBe('imperial')->and($other->habits['body'])->toBe($other->kit()->where('type', 'bodies')->value('id'))->and($other->habits['lens'])->toBe('sample-24-70');
    $load()->assertOk()->assertExactJson(['rushes' => 0, 'kit' => 0, 'already_there' => 4]);
});

it('takes in all of an archive or nothing', function (callable $spoil, string $says): void {
    $user = $this->person();
    $user->rushes()->create(['document' => Rushes::document()]);
    $path = app(Archive::class)->write($user);
    $zip = new ZipArchive;
    $zip->open($path);
    $spoil($zip);
    $zip->close();
    $other = $this->person();
    $this->actingAs($other)->postJson('/api/account/archive', ['file' => new UploadedFile($path, 'a.zip', null, null, true)])->assertStatus(422)->assertSee($says);
    expect($other->rushes()->count())->toBe(0)->and($other->refresh()->habits)->toBeNull();
    @unlink($path);
})->with([
    'no list' => [fn (ZipArchive $z) => $z->deleteName('archive.json'), 'is missing from the archive'],
    'another format' => [fn (ZipArchive $z) => $z->addFromString('archive.json', '{"format": "rush-hold/archive@9"}'), 'rush-hold\/archive@1'],
    'a rush that is gone' => [fn (ZipArchive $z) => $z->deleteIndex(0), 'is missing from the archive'],
    'a bad rush' => [fn (ZipArchive $z) => $z->addFromString((string) $z->getNameIndex(0), (string) json_encode(Rushes::document(['subject.speed_mps' => 900]))), 'between 0 and 120 m\/s'],
    'no JSON' => [fn (ZipArchive $z) => $z->addFromString((string) $z->getNameIndex(0), 'x'), 'not a JSON file'],
]);

it('leaves the demo as it is', function (): void {
    app(DemoSeeder::class)->run();
    $demo = User::demo();
    $this->actingAs($demo);
    foreach ([['PUT', 'password'], ['DELETE', ''], ['POST', 'tokens'], ['POST', 'sign-out-everywhere'], ['PATCH', ''], ['POST', 'archive']] as [$method, $path]) {
        $body = $path === 'archive' ? ['file' => UploadedFile::fake()->createWithContent('a.zip', 'x')] : ['name' => 'x', 'password' => 'x'];
        $this->json($method, rtrim("/api/account/$path", '/'), $body)->assertForbidden();
    }
    config(['mail.default' => 'array']);
    $this->postJson('/api/account/forgotten', ['email' => DemoSeeder::EMAIL])->assertNoContent();
    expect(letters())->toBe('')->and($demo->kit()->count())->toBe(4)->and($this->getJson('/api/rushes/fresh')->assertOk()->json('document.kit.body.name'))->toBe('The cliff body');
});

it('wants proof from cookies, not from tokens', function (): void {
    $middleware = new App\Http\Middleware\CookiesNeedTheirToken(app(), app('encrypter'));
    $passes = fn (array $cookies, ?string $bearer): bool => (fn ($request): bool => $this->inExceptArray($request))->call($middleware,
        Illuminate\Http\Request::create('/api/rushes', 'POST', [], $cookies, [], $bearer === null ? [] : ['HTTP_AUTHORIZATION' => "Bearer $bearer"]));
    $session = (string) config('session.cookie');
    expect($passes([], 'abc'))->toBeTrue()->and($passes([$session => 'x'], 'abc'))->toBeFalse()->and($passes([], null))->toBeFalse();
});

it('sends strangers away from what is new as well', function (string $method, string $path): void {
    $this->json($method, "/api/$path")->assertUnauthorized();
})->with([['GET', 'kit/bodies'], ['POST', 'kit/bodies'], ['PUT', 'kit/bodies/x'], ['GET', 'kit/subjects/x'], ['PUT', 'kit/bodies/x/standing'], ['PUT', 'kit/bodies/x/words/y'],
    ['POST', 'kit/lenses/check'], ['GET', 'habits'], ['PUT', 'habits'], ['GET', 'rushes/fresh'], ['POST', 'lenses/choose'], ['POST', 'speed'], ['POST', 'stopwatch'], ['GET', 'aim-test'], ['POST', 'aim-test'],
    ['PATCH', 'account'], ['DELETE', 'account'], ['PUT', 'account/password'], ['GET', 'account/tokens'], ['GET', 'account/archive'], ['POST', 'account/archive'], ['GET', 'rank/progress']]);
