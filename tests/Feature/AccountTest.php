<?php

declare(strict_types=1);

use App\Accounts\Archive;
use App\Accounts\CommonPasswords;
use App\Models\Burst;
use App\Models\KitItem;
use App\Models\KitType;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Hashing\BcryptHasher;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Str;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use RushHold\Planning\Chooser;
use RushHold\Tests\Rushes;

/** The text of the letters that were written. */
function letters(): string
{
    return implode(
        "\n",
        array_map(
            static fn ($sent): string => (string) $sent->getOriginalMessage()->getTextBody(),
            app('mailer')->getSymfonyTransport()->messages()->all(),
        ),
    );
}

it('opens an account and signs in', function (): void {
    $entry = ['name' => 'Nobody in particular', 'email' => 'new@example.test', 'password' => 'ten characters'];
    $this->postJson('/api/account', [...$entry, 'password' => 'short'])
        ->assertStatus(422)
        ->assertJsonValidationErrors('password');
    $this->postJson('/api/account', [...$entry, 'email' => 'no address'])
        ->assertStatus(422)
        ->assertJsonValidationErrors('email');
    $this->assertGuest();
    $this->postJson('/api/account', $entry)->assertCreated()->assertJsonPath('user.email', 'new@example.test');
    $this->assertAuthenticated('web');
    $this->postJson('/api/account', $entry)->assertStatus(422)->assertJsonValidationErrors('email');
});

it('changes the password with the old one only, and signs out the other devices', function (): void {
    $user = $this->person('the old password');
    $this->actingAs($user);
    DB::table('sessions')->insert([
        ['id' => 'elsewhere', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()],
        ['id' => 'somebody', 'user_id' => $this->person()->id, 'payload' => '', 'last_activity' => time()],
    ]);
    $this->putJson('/api/account/password', ['current' => 'wrong', 'password' => 'the new password'])
        ->assertStatus(422)
        ->assertJsonValidationErrors('current');
    $this->putJson('/api/account/password', [
        'current' => 'the old password',
        'password' => 'the new password',
    ])->assertNoContent();
    expect(DB::table('sessions')->pluck('id')->all())
        ->toContain('somebody')
        ->not->toContain('elsewhere')
        ->and(auth('web')->validate(['email' => $user->email, 'password' => 'the new password']))
        ->toBeTrue();
});

it('mails a link to a new password that works once', function (): void {
    config(['mail.default' => 'array']);
    $user = $this->person('forgotten words');
    $this->postJson('/api/account/forgotten', ['email' => 'stranger@example.test'])->assertNoContent();
    expect(letters())->toBe('');
    $this->postJson('/api/account/forgotten', ['email' => $user->email])->assertNoContent();
    expect(preg_match('~/reset-password/(\w+)\?email=(\S+)~', letters(), $link))
        ->toBe(1)
        ->and(urldecode($link[2]))
        ->toBe($user->email);
    $entry = ['token' => $link[1], 'email' => $user->email, 'password' => 'remembered words'];
    $this->postJson('/api/account/reset', [...$entry, 'token' => 'guessed'])
        ->assertStatus(422)
        ->assertJsonValidationErrors('token');
    $this->postJson('/api/account/reset', $entry)->assertNoContent();
    $this->postJson('/api/account/reset', $entry)->assertStatus(422);
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'remembered words'])->assertOk();
});

it('lets scripts in with a token, until it is withdrawn', function (): void {
    $user = $this->person();
    $this->actingAs($user);
    $made = $this->postJson('/api/account/tokens', ['name' => 'Card printer'])
        ->assertCreated()
        ->json();
    auth()->forgetGuards();
    $this->app['auth']->forgetGuards();
    $as = fn () => $this->withHeader('Authorization', "Bearer {$made['token']}");
    $as()
        ->postJson('/api/rushes', ['document' => Rushes::document()])
        ->assertCreated();
    expect($user->rushes()->count())->toBe(1);
    $token = $user->tokens()->sole();
    expect($token->last_used_at)->not->toBeNull()->and($token->expires_at->isSameDay(now()->addDays(90)))->toBeTrue();
    $this->withoutHeader('Authorization');
    $this->app['auth']->forgetGuards();
    $this->actingAs($user, 'web')
        ->getJson('/api/account/tokens')
        ->assertOk()
        ->assertJsonPath('0.name', 'Card printer')
        ->assertJsonMissingPath('0.token');
    $this->deleteJson("/api/account/tokens/{$made['id']}")->assertNoContent();
    $this->app['auth']->forgetGuards();
    $as()->getJson('/api/rushes')->assertUnauthorized();
});

it('lets no token touch the account, its password or tokens, nor live longer than it was made for', function (): void {
    $user = $this->person();
    $this->actingAs($user);
    $token = $this->postJson('/api/account/tokens', ['name' => 'script', 'days' => 7])
        ->assertCreated()
        ->json('token');
    $this->postJson('/api/account/tokens', ['name' => 'for ever', 'days' => 40_000])->assertStatus(422);
    $this->app['auth']->forgetGuards();
    $script = function (string $method, string $path, array $body = []) use ($token): Illuminate\Testing\TestResponse {
        $this->app['auth']->forgetGuards();

        return $this->withHeader('Authorization', "Bearer $token")->json($method, $path, $body);
    };
    foreach (
        [
            ['POST', 'account/tokens', ['name' => 'child']],
            ['GET', 'account/tokens', []],
            ['DELETE', 'account/tokens/1', []],
            [
                'PUT',
                'account/password',
                ['current' => 'a good password', 'password' => 'another password that is good'],
            ],
            ['PATCH', 'account', ['name' => 'x']],
            ['DELETE', 'account', ['password' => 'a good password']],
            ['POST', 'account/sign-out-everywhere', []],
        ] as [$method, $path, $body]
    ) {
        $script($method, "/api/$path", $body)->assertForbidden();
    }
    $script('GET', '/api/rushes')->assertOk();
    $this->travel(8)->days();
    $script('GET', '/api/rushes')->assertUnauthorized();
    expect($user->tokens()->count())
        ->toBe(1)
        ->and($user->refresh()->name)
        ->toBe('Tester');
});

it('ends tokens with the password, changed or chosen anew by letter', function (): void {
    config(['mail.default' => 'array']);
    $user = $this->person('the old password');
    $user->createToken('one');
    $this->actingAs($user)
        ->putJson('/api/account/password', ['current' => 'the old password', 'password' => 'three dry stones'])
        ->assertNoContent();
    expect($user->tokens()->count())->toBe(0);
    $user->createToken('two');
    $this->postJson('/api/account/forgotten', ['email' => $user->email])->assertNoContent();
    preg_match('~/reset-password/(\w+)~', letters(), $link);
    $this->postJson('/api/account/reset', [
        'token' => $link[1],
        'email' => mb_strtoupper($user->email),
        'password' => 'four wet stones',
    ])->assertNoContent();
    expect($user->tokens()->count())->toBe(0);
});

it('writes links to the address it was told, whatever the request says', function (): void {
    config(['mail.default' => 'array', 'app.url' => 'https://focus.example/', 'app.hosts' => ['also.example']]);
    $user = $this->person();
    $this->postJson('http://also.example/api/account/forgotten', ['email' => $user->email])->assertNoContent();
    expect(letters())->toContain("\nhttps://focus.example/reset-password/")->not->toContain('also.example');
    $this->postJson('http://evil.example/api/account/forgotten', ['email' => $user->email])->assertStatus(421);
});

it('tells addresses apart letter by letter, and their capitals not at all', function (): void {
    $entry = fn (string $email): array => ['name' => 'x', 'email' => $email, 'password' => 'three dry stones'];
    $this->postJson('/api/account', $entry('renee@example.test'))->assertCreated();
    $this->postJson('/api/account', $entry(' Renee@Example.test'))->assertStatus(422);
    $this->postJson('/api/account', $entry('renée@example.test'))->assertCreated();
    $this->deleteJson('/api/session');
    $this->postJson('/api/session', ['email' => 'RENÉE@example.test', 'password' => 'three dry stones'])
        ->assertOk()
        ->assertJsonPath('user.email', 'renée@example.test');
});

it('throttles an address however it is spelled, and each kind of request by itself', function (): void {
    $user = $this->person('three dry stones');
    $tries = fn (string $email): int => $this->postJson('/api/session', [
        'email' => $email,
        'password' => 'wrong',
    ])->status();
    expect(
        array_map($tries, [
            $user->email,
            mb_strtoupper($user->email),
            ucfirst($user->email),
            $user->email,
            $user->email,
        ]),
    )
        ->each->toBe(422)
        ->and($tries(mb_strtoupper($user->email)))
        ->toBe(429);
    foreach (range(1, 10) as $i) {
        $this->postJson('/api/account/reset', [
            'token' => 'x',
            'email' => 'x@example.test',
            'password' => 'three dry stones',
        ])->assertStatus(422);
    }
    $this->postJson('/api/account/reset', [])->assertStatus(429);
    $this->postJson('/api/account/forgotten', ['email' => 'y@example.test'])->assertNoContent();
    $this->postJson('/api/account', [
        'name' => 'x',
        'email' => 'z@example.test',
        'password' => 'three dry stones',
    ])->assertCreated();
    $this->deleteJson('/api/account', ['password' => 'wrong'])->assertStatus(422);
});

it('does the same work for an address that is known and one that is not', function (): void {
    $hasher = new class(['rounds' => 4]) extends BcryptHasher
    {
        public int $checked = 0;

        public function check(#[SensitiveParameter] $value, $hashedValue, array $options = []): bool
        {
            $this->checked++;

            return parent::check($value, $hashedValue, $options);
        }
    };
    Hash::extend('bcrypt', fn () => $hasher);
    Hash::forgetDrivers();
    foreach ([$this->person()->email, 'nobody@example.test'] as $i => $email) {
        $this->postJson('/api/session', ['email' => $email, 'password' => 'wrong'])->assertStatus(422);
        expect($hasher->checked)->toBe($i + 1);
    }
});

it(
    'says the same to a new address and a known one where letters are sent, and opens the account by letter',
    function (): void {
        config(['mail.default' => 'array', 'accounts.confirm' => true]);
        $known = $this->person();
        $register = fn (string $email): array => [
            ($answer = $this->postJson('/api/account', [
                'name' => 'New',
                'email' => $email,
                'password' => 'three dry stones',
            ]))->status(),
            $answer->getContent(),
        ];
        $to = 'new.'.Str::random(6).'@example.test';
        expect($register($known->email))->toBe($register($to))->and($register($to)[0])->toBe(202);
        $this->assertGuest();
        expect(letters())
            ->toContain('which has one already')
            ->and(User::query()->where('email', Str::lower($to))->exists())
            ->toBeFalse();
        preg_match('~/confirm/(\S+)~', letters(), $link);
        $this->postJson('/api/account/confirm', ['token' => 'x'.$link[1]])->assertStatus(422);
        $this->travel(25)->hours();
        $this->postJson('/api/account/confirm', ['token' => $link[1]])->assertStatus(422);
        $this->travelBack();
        $this->postJson('/api/account/confirm', ['token' => $link[1]])
            ->assertCreated()
            ->assertJsonPath('user.email', Str::lower($to));
        $this->assertAuthenticated('web');
        $this->postJson('/api/account/confirm', ['token' => $link[1]])->assertStatus(422);
    },
);

it('changes the address once a letter to the new one is answered, and by its password only', function (): void {
    config(['mail.default' => 'array', 'accounts.confirm' => true]);
    $person = $this->person('a good password');
    $old = $person->email;
    $to = 'moved.'.Str::lower(Str::random(6)).'@example.test';
    $this->actingAs($person)
        ->putJson('/api/account/email', ['email' => $to, 'password' => 'wrong'])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('password');
    $this->putJson('/api/account/email', ['email' => 'no address', 'password' => 'a good password'])
        ->assertStatus(422)
        ->assertJsonValidationErrorFor('email');
    $this->putJson('/api/account/email', ['email' => " $to ", 'password' => 'a good password'])
        ->assertStatus(202)
        ->assertJsonPath('user.email', $old);
    expect($person->fresh()->email)->toBe($old);
    preg_match('~/confirm-address/(\S+)~', letters(), $link);
    $this->postJson('/api/account/email/confirm', ['token' => 'x'.$link[1]])->assertStatus(422);
    $this->travel(25)->hours();
    $this->postJson('/api/account/email/confirm', ['token' => $link[1]])->assertStatus(422);
    $this->travelBack();
    $this->postJson('/api/account/email/confirm', ['token' => $link[1]])->assertNoContent();
    expect($person->fresh()->email)->toBe($to);
    // It opens no account, and a link is good once, also for the way back.
    $this->postJson('/api/account/confirm', ['token' => $link[1]])->assertStatus(422);
    $this->postJson('/api/account/email/confirm', ['token' => $link[1]])->assertStatus(422);
});

it('says nothing of other accounts when an address is taken, and takes none', function (): void {
    config(['mail.default' => 'array', 'accounts.confirm' => true]);
    $other = $this->person();
    $person = $this->person('a good password');
    $this->actingAs($person)
        ->putJson('/api/account/email', ['email' => $other->email, 'password' => 'a good password'])
        ->assertStatus(202);
    expect(letters())->toBe('');
    config(['accounts.confirm' => false]);
    $this->putJson('/api/account/email', ['email' => $other->email, 'password' => 'a good password'])->assertStatus(
        422,
    );
    $to = 'direct.'.Str::lower(Str::random(6)).'@example.test';
    $this->putJson('/api/account/email', ['email' => $to, 'password' => 'a good password'])
        ->assertOk()
        ->assertJsonPath('user.email', $to);
});

it('does not take passwords that are guessed first', function (string $password, bool $good): void {
    expect((new CommonPasswords())->verify(['value' => $password, 'threshold' => 0]))->toBe($good);
    $this->postJson('/api/account', [
        'name' => 'x',
        'email' => Str::random(8).'@example.test',
        'password' => $password,
    ])->assertStatus($good ? 201 : 422);
})->with([
    ['1234567890', false],
    ['0987654321', false],
    ['qwertyuiop', false],
    ['P@ssw0rd2023!', false],
    ['passwordpassword', false],
    ['iloveyou1234', false],
    ['aaaaaaaaaaaa', false],
    ['abcabcabcabc', false],
    ['Sunshine2024', false],
    ['1q2w3e4r5t6y', false],
    ['letmein12345', false],
    ['three dry stones', true],
    ['7291846350', true],
    ['Kittiwake-on-ledge', true],
    ['xkq9 vrtz 33p', true],
]);

it('withdraws only one’s own tokens', function (): void {
    $token = $this->person()->createToken('theirs')->accessToken;
    $this->actingAs($this->person())
        ->deleteJson('/api/account/tokens/'.$token->getKey())
        ->assertNotFound();
});

it('signs out everywhere', function (): void {
    $user = $this->person();
    $user->createToken('script');
    DB::table('sessions')->insert([
        'id' => 'elsewhere',
        'user_id' => $user->id,
        'payload' => '',
        'last_activity' => time(),
    ]);
    $this->actingAs($user)->postJson('/api/account/sign-out-everywhere')->assertNoContent();
    expect($user->tokens()->count())
        ->toBe(0)
        ->and(DB::table('sessions')->where('id', 'elsewhere')->exists())
        ->toBeFalse();
});

it('ends the sessions of other devices wherever they are kept', function (): void {
    $user = $this->person('three dry stones');
    $elsewhere = new class
    {
        /** @var array<string, mixed> */
        public array $session = [];
    };
    $this->postJson('/api/session', ['email' => $user->email, 'password' => 'three dry stones'])->assertOk();
    $elsewhere->session = session()->all();
    $this->getJson('/api/session')->assertJsonPath('user.email', $user->email);
    $this->postJson('/api/account/sign-out-everywhere')->assertNoContent();
    $this->app['auth']->forgetGuards();
    $this->getJson('/api/rushes')->assertOk();
    // The other device, with the session it had.
    $this->app['auth']->forgetGuards();
    session()->flush();
    session()->replace($elsewhere->session);
    $this->getJson('/api/rushes')->assertUnauthorized();
});

it('deletes the account with all its data, and nobody else’s', function (): void {
    $other = $this->person();
    SavedRush::factory()->for($other)->create();
    $user = $this->person('a good password');
    $this->actingAs($user);
    $this->postJson('/api/rushes', ['document' => Rushes::document()])->assertCreated();
    $gone = $this->postJson('/api/kit/lenses', [
        'document' => [...KitType::Lenses->samples()['sample-24-70'], 'name' => 'x'],
    ])
        ->assertCreated()
        ->json('id');
    $this->deleteJson("/api/kit/lenses/$gone")->assertNoContent();
    $user->createToken('script');
    $this->deleteJson('/api/account', ['password' => 'wrong'])->assertStatus(422);
    $this->deleteJson('/api/account', ['password' => 'a good password'])->assertNoContent();
    expect(User::query()->find($user->id))
        ->toBeNull()
        ->and(SavedRush::withTrashed()->where('user_id', $user->id)->count())
        ->toBe(0)
        ->and(KitItem::withTrashed()->where('user_id', $user->id)->count())
        ->toBe(0)
        ->and(DB::table('personal_access_tokens')->where('tokenable_id', $user->id)->count())
        ->toBe(0)
        ->and($other->rushes()->count())
        ->toBe(1);
});

it('takes everything into another account without loss', function (): void {
    $this->travelTo('2026-06-04 05:30:00');
    $user = $this->person();
    $this->actingAs($user);
    $body = $this->postJson('/api/kit/bodies', [
        'document' => [
            ...KitType::Bodies->samples()['sample-old-mirror'],
            'name' => 'Old friend',
            'words' => ['area.block' => ['label' => 'Bløck', 'where' => '']],
        ],
        'based_on' => 'sample-old-mirror',
    ])->json('id');
    $this->putJson("/api/kit/bodies/$body/standing", ['standing' => ['focus' => ['mode' => 'single']]])->assertOk();
    $this->putJson('/api/kit/bodies/sample-entry-mirror/standing', ['standing' => ['drive' => 'short']])->assertOk();
    $this->postJson('/api/kit/subjects', [
        'document' => KitType::Subjects->samples()['sample-runner'],
        'based_on' => 'sample-runner',
    ])->assertCreated();
    $this->putJson('/api/habits', [
        'format' => 'rush-hold/habits@1',
        'body' => $body,
        'lens' => 'sample-24-70',
        'units' => 'imperial',
    ])->assertOk();
    foreach (['One / two', 'Three'] as $name) {
        $this->postJson('/api/rushes', [
            'document' => Rushes::document([
                'name' => $name,
                'scene' => [],
                'kit.body_id' => $body,
                'kit.lens_id' => 'sample-24-70',
            ]),
            'pins' => $name === 'Three' ? ['focus' => ['patience_s' => 1.2]] : null,
        ])->assertCreated();
    }
    $outing = SavedOuting::factory()
        ->for($user)
        ->with(...$user->rushes()->get())
        ->create(['created_at' => now(), 'updated_at' => now()]);
    $this->postJson('/api/bursts', [
        'bursts' => [
            [
                'id' => (string) Str::uuid(),
                'outing_id' => $outing->id,
                'rush_id' => $outing->document['rushes'][1]['rush'],
                'rush' => 'Three',
                'at' => '2026-06-04T05:20:00Z',
                'kept' => 'half',
                'note' => 'Wind',
            ],
        ],
    ])->assertOk();
    $file = $this->get('/api/account/archive')
        ->assertOk()
        ->assertHeader('Content-Type', 'application/zip')
        ->baseResponse->getFile()
        ->getContent();

    $this->travelTo('2026-09-01 12:00:00');
    $other = $this->person();
    $this->actingAs($other);
    $load = fn () => $this->postJson('/api/account/archive', [
        'file' => UploadedFile::fake()->createWithContent('all.zip', $file),
    ]);
    $load()
        ->assertOk()
        ->assertExactJson(['rushes' => 2, 'kit' => 2, 'outings' => 1, 'bursts' => 1, 'already_there' => 0]);
    $plain = fn (User $of): array => [
        $of
            ->rushes()
            ->orderBy('name')
            ->get()
            ->map(
                fn (SavedRush $r): array => [
                    [...$r->document, 'kit' => [...$r->document['kit'], 'body_id' => null]],
                    $r->pins,
                    (string) $r->created_at,
                ],
            )
            ->all(),
        $of
            ->kit()
            ->orderBy('name')
            ->get()
            ->map(
                fn (KitItem $k): array => [$k->type, $k->document, $k->standing, $k->based_on, (string) $k->updated_at],
            )
            ->all(),
        $of
            ->outings()
            ->get()
            ->map(
                fn (SavedOuting $o): array => [
                    array_map(fn (array $e) => $of->rushes()->find($e['rush'])?->name, $o->document['rushes']),
                    $o->name,
                    (string) $o->starts_at,
                    (string) $o->created_at,
                ],
            )
            ->all(),
        $of
            ->bursts()
            ->get()
            ->map(
                fn (Burst $b): array => [
                    $b->uuid,
                    $b->kept,
                    $b->note,
                    (string) $b->shot_at,
                    $of->rushes()->find($b->rush_id)?->name,
                    $of->outings()->find($b->outing_id)?->name,
                ],
            )
            ->all(),
        $of->refresh()->standings,
    ];
    expect($plain($other))
        ->toEqual($plain($user))
        ->and($other->habits['units'])
        ->toBe('imperial')
        ->and($other->habits['body'])
        ->toBe($other->kit()->where('type', 'bodies')->value('id'))
        ->and($other->habits['lens'])
        ->toBe('sample-24-70')
        ->and($other->rushes()->first()?->document['kit']['body_id'])
        ->toBe($other->habits['body']);
    $load()
        ->assertOk()
        ->assertExactJson(['rushes' => 0, 'kit' => 0, 'outings' => 0, 'bursts' => 0, 'already_there' => 6]);
});

it('takes the order of an outing along as long as all its rushes come', function (bool $whole, mixed $order): void {
    $this->actingAs($user = $this->person());
    $rushes = SavedRush::factory()->count(3)->for($user)->sequence(fn ($s) => ['name' => "Rush $s->index"])->create();
    $outing = SavedOuting::factory()->for($user)->with(...$rushes)->make();
    $outing->fill(['document' => [...$outing->document, 'order' => [2, 0, 1]]])->save();
    $whole || $rushes[1]->delete();
    $file = $this->get('/api/account/archive')->assertOk()->baseResponse->getFile()->getContent();
    $this->actingAs($other = $this->person());
    $this->postJson('/api/account/archive', [
        'file' => UploadedFile::fake()->createWithContent('all.zip', $file),
    ])->assertOk();
    $document = $other->outings()->sole()->document;
    // By its numbers an order is one of all of them: of two, the third comes nowhere.
    expect($document['rushes'])
        ->toHaveCount($whole ? 3 : 2)
        ->and($document['order'])
        ->toBe($order);
})->with([[true, [2, 0, 1]], [false, 'solved']]);

it('takes a long log along, piece by piece, and what was deleted there stays deleted', function (): void {
    $this->actingAs($user = $this->person());
    $hold = HoldDocument::settings(
        PartialHold::of(Chooser::standard()->choose(RushDocument::read(Rushes::document())->rush)->hold),
    );
    foreach (
        array_chunk(
            array_map(
                static fn (int $i): array => [
                    'id' => (string) Str::uuid(),
                    'rush' => "Rush $i",
                    'at' => '2026-06-07T05:00:00Z',
                    'kept' => 'half',
                    'note' => str_repeat('ä', 500),
                    'hold' => $hold,
                ],
                range(1, 300),
            ),
            100,
        ) as $bursts
    ) {
        $this->postJson('/api/bursts', ['bursts' => $bursts])
            ->assertOk()
            ->assertJsonCount(100, 'kept');
    }
    $file = $this->get('/api/account/archive')->assertOk()->baseResponse->getFile()->getContent();
    $this->actingAs($other = $this->person());
    $load = fn () => $this->postJson('/api/account/archive', [
        'file' => UploadedFile::fake()->createWithContent('all.zip', $file),
    ]);
    $load()->assertOk()->assertJsonPath('bursts', 300);
    expect($other->bursts()->orderBy('id')->pluck('rush')->all())
        ->toBe($user->bursts()->orderBy('id')->pluck('rush')->all())
        ->and($other->bursts()->first()?->hold)
        ->toEqual($user->bursts()->first()?->hold);
    $other->bursts()->first()?->delete();
    $load()->assertOk()->assertJsonPath('bursts', 0)->assertJsonPath('already_there', 300);
    expect($other->bursts()->count())->toBe(299);
    config(['limits.bursts' => 299]);
    $this->actingAs($third = $this->person());
    $load()->assertStatus(422)->assertSee('The log is full');
    expect($third->bursts()->count())->toBe(0);
});

it('takes in all of an archive or nothing', function (callable $spoil, string $says): void {
    $user = $this->person();
    SavedRush::factory()->for($user)->create();
    $path = app(Archive::class)->write($user);
    $zip = new ZipArchive();
    $zip->open($path);
    $spoil($zip);
    $zip->close();
    $other = $this->person();
    $this->actingAs($other)
        ->postJson('/api/account/archive', ['file' => new UploadedFile($path, 'a.zip', null, null, true)])
        ->assertStatus(422)
        ->assertSee($says);
    expect($other->rushes()->count())
        ->toBe(0)
        ->and($other->refresh()->habits)
        ->toBeNull();
    @unlink($path);
})->with([
    'no list' => [fn (ZipArchive $z) => $z->deleteName('archive.json'), 'is missing from the archive'],
    'another format' => [
        fn (ZipArchive $z) => $z->addFromString('archive.json', '{"format": "rush-hold/archive@9"}'),
        'rush-hold\/archive@1',
    ],
    'a rush that is gone' => [fn (ZipArchive $z) => $z->deleteIndex(0), 'is missing from the archive'],
    'a bad rush' => [
        fn (ZipArchive $z) => $z->addFromString(
            (string) $z->getNameIndex(0),
            (string) json_encode(Rushes::document(['subject.speed_mps' => 900])),
        ),
        'between 0 and 120 m\/s',
    ],
    'no JSON' => [fn (ZipArchive $z) => $z->addFromString((string) $z->getNameIndex(0), 'x'), 'not a JSON file'],
]);

it('takes in no archive that is made to be too much, and nothing odd with one that is not', function (
    callable $make,
    int $status,
    string $says,
): void {
    $path = tempnam(sys_get_temp_dir(), 'zip');
    $zip = new ZipArchive();
    $zip->open($path, ZipArchive::OVERWRITE);
    $list = [
        'format' => 'rush-hold/archive@1',
        'habits' => ['format' => 'rush-hold/habits@1'],
        'standings' => [],
        'rushes' => [],
        'kit' => [],
    ];
    $rush = (string) json_encode(Rushes::document(['name' => 'From the archive']));
    $zip->addFromString('archive.json', (string) json_encode([...$list, ...$make($zip, $rush)]));
    $zip->close();
    $person = $this->person();
    $answer = $this->actingAs($person)
        ->postJson('/api/account/archive', ['file' => new UploadedFile($path, 'a.zip', null, null, true)])
        ->assertStatus($status)
        ->assertSee($says, false);
    $person->refresh();
    expect(count($person->standings ?? []))
        ->toBeLessThan(6)
        ->and($person->rushes()->count())
        ->toBe($status === 200 ? (int) $answer->json('rushes') : 0);
    foreach ($person->rushes as $kept) {
        expect($kept->created_at->year)->toBeGreaterThanOrEqual(2000)->toBeLessThanOrEqual((int) now()->year);
    }
    expect($person->kit()->whereNotNull('based_on')->count())->toBe(0);
    @unlink($path);
})->with([
    'one file listed two thousand times' => [
        function (ZipArchive $zip, string $rush): array {
            $zip->addFromString('r.json', $rush);

            return ['rushes' => array_fill(0, 2000, ['file' => 'r.json'])];
        },
        422,
        'twice',
    ],
    'more rushes than an account keeps' => [
        fn (ZipArchive $zip, string $rush): array => [
            'rushes' => array_map(static fn (int $i): array => ['file' => "$i.json"], range(1, 2001)),
        ],
        422,
        'at most 2000',
    ],
    'sixty files that unpack to 1.2 MB each' => [
        function (ZipArchive $zip, string $rush): array {
            foreach (range(1, 60) as $i) {
                $zip->addFromString("$i.json", $rush.str_repeat(' ', 1_200_000));
            }

            return ['rushes' => array_map(static fn (int $i): array => ['file' => "$i.json"], range(1, 60))];
        },
        422,
        'at most 40 MB',
    ],
    'a file that is larger than any document' => [
        function (ZipArchive $zip, string $rush): array {
            $zip->addFromString('r.json', $rush.str_repeat(' ', 1_200_000));

            return ['rushes' => [['file' => 'r.json']]];
        },
        422,
        'larger than any document',
    ],
    'a model with a name of sixty-one letters' => [
        function (ZipArchive $zip): array {
            $zip->addFromString(
                'l.json',
                (string) json_encode([...KitType::Lenses->samples()['sample-24-70'], 'name' => 'Odd']),
            );

            return ['kit' => [['file' => 'l.json', 'type' => 'lenses', 'based_on' => str_repeat('x', 61)]]];
        },
        200,
        '"kit":1',
    ],
    'years that no calendar here has' => [
        function (ZipArchive $zip, string $rush): array {
            foreach (['0000-01-01T00:00:00Z', '9999-12-31T23:59:59Z', '2026-06-04T05:30:00Z'] as $i => $date) {
                $zip->addFromString("$i.json", str_replace('From the archive', "Rush $i", $rush));
            }

            return [
                'rushes' => array_map(
                    static fn (int $i, string $date): array => [
                        'file' => "$i.json",
                        'created_at' => $date,
                        'updated_at' => $date,
                    ],
                    range(0, 2),
                    ['0000-01-01T00:00:00Z', '9999-12-31T23:59:59Z', '2026-06-04T05:30:00Z'],
                ),
            ];
        },
        200,
        '"rushes":3',
    ],
    'twenty thousand standings of bodies that do not exist' => [
        fn (ZipArchive $zip): array => [
            'standings' => array_fill_keys(array_map(static fn (int $i): string => "b$i", range(1, 20_000)), [
                'drive' => 'short',
            ]),
        ],
        200,
        '"rushes":0',
    ],
]);

it('keeps the demo from account matters', function (): void {
    app(DemoSeeder::class)->run();
    $demo = User::demo();
    $this->actingAs($demo);
    foreach (
        [
            ['PUT', 'password'],
            ['PUT', 'email'],
            ['DELETE', ''],
            ['POST', 'tokens'],
            ['POST', 'sign-out-everywhere'],
            ['PATCH', ''],
            ['POST', 'archive'],
        ] as [$method, $path]
    ) {
        $body =
            $path === 'archive'
                ? ['file' => UploadedFile::fake()->createWithContent('a.zip', 'x')]
                : ['name' => 'x', 'password' => 'x'];
        $this->json($method, rtrim("/api/account/$path", '/'), $body)->assertForbidden();
    }
    config(['mail.default' => 'array']);
    $this->postJson('/api/account/forgotten', ['email' => DemoSeeder::EMAIL])->assertNoContent();
    expect(letters())
        ->toBe('')
        ->and($demo->kit()->count())
        ->toBe(5)
        ->and($this->getJson('/api/rushes/fresh')->assertOk()->json('document.kit.body.name'))
        ->toBe('The cliff body');
});

it('wants proof from cookies, not from tokens', function (): void {
    $middleware = new App\Http\Middleware\CookiesNeedTheirToken(app(), app('encrypter'));
    $passes = fn (array $cookies, ?string $bearer): bool => (fn ($request): bool => $this->inExceptArray($request))->call(
        $middleware,
        Illuminate\Http\Request::create(
            '/api/rushes',
            'POST',
            [],
            $cookies,
            [],
            $bearer === null ? [] : ['HTTP_AUTHORIZATION' => "Bearer $bearer"],
        ),
    );
    $session = (string) config('session.cookie');
    expect($passes([], 'abc'))
        ->toBeTrue()
        // No other page can make a browser send a token, whatever cookies go along.
        ->and($passes([$session => 'x'], 'abc'))
        ->toBeTrue()
        ->and($passes([$session => 'x'], null))
        ->toBeFalse()
        ->and($passes([], null))
        ->toBeFalse();
});

it('sends strangers away from what is new as well', function (string $method, string $path): void {
    $this->json($method, "/api/$path")->assertUnauthorized();
})->with([
    ['GET', 'kit/bodies'],
    ['POST', 'kit/bodies'],
    ['PUT', 'kit/bodies/x'],
    ['GET', 'kit/subjects/x'],
    ['PUT', 'kit/bodies/x/standing'],
    ['PUT', 'kit/bodies/x/words/y'],
    ['POST', 'kit/lenses/check'],
    ['GET', 'habits'],
    ['PUT', 'habits'],
    ['GET', 'rushes/fresh'],
    ['POST', 'lenses/choose'],
    ['POST', 'layout'],
    ['POST', 'day'],
    ['POST', 'speed'],
    ['POST', 'stopwatch'],
    ['GET', 'aim-test'],
    ['POST', 'aim-test'],
    ['PATCH', 'account'],
    ['DELETE', 'account'],
    ['PUT', 'account/password'],
    ['PUT', 'account/email'],
    ['GET', 'account/tokens'],
    ['GET', 'account/archive'],
    ['POST', 'account/archive'],
]);

it('lets a calendar subscribe to outings and practice, until the address is taken back', function (): void {
    $this->actingAs($person = $this->person()->refresh());
    $rush = $person->rushes()->create(['document' => RushHold\Document\RushDocument::read(RushHold\Tests\Rushes::document())->fields]);
    $outing = App\Models\SavedOuting::factory()->for($person)->with($rush)->create();
    $outing->document = [...$outing->document, 'name' => 'Cliff; early, "cold"', 'date' => now()->addDays(3)->toDateString()];
    $outing->save();
    $this->getJson('/api/account/calendar')->assertOk()->assertExactJson(['since' => null]);
    $path = parse_url($this->postJson('/api/account/calendar')->assertCreated()->json('address'), PHP_URL_PATH);
    $this->app['auth']->forgetGuards();
    $calendar = Sabre\VObject\Reader::read($this->get($path)->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8')->getContent());
    $first = $calendar->VEVENT[0];
    expect((string) $first->SUMMARY)
        ->toBe('Cliff; early, "cold"')
        ->and((string) $first->URL)
        ->toEndWith("/card/$outing->id")
        ->and($calendar->validate())
        ->toBe([]);
    // A new address ends the old one; taken back, there is none.
    $this->actingAs($person->refresh(), 'web');
    $next = parse_url($this->postJson('/api/account/calendar')->assertCreated()->json('address'), PHP_URL_PATH);
    $this->get($path)->assertNotFound();
    $this->get($next)->assertOk();
    $this->deleteJson('/api/account/calendar')->assertNoContent();
    $this->get($next)->assertNotFound();
    expect($person->refresh()->toArray())->not->toHaveKey('calendar_hash');
});
