<?php

declare(strict_types=1);

use App\Http\Controllers\PlanController;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use RushHold\Planning\Chooser;
use Tests\Running\Visitor;

/** @return list<string> places where something of a person is left: every column of every table is looked at */
function leftOf(User $person): array
{
    $places = [];
    foreach (
        DB::select(
            'SELECT TABLE_NAME AS t, COLUMN_NAME AS c, DATA_TYPE AS d FROM information_schema.COLUMNS WHERE TABLE_SCHEMA = DATABASE()',
        ) as $column
    ) {
        $rows = DB::table($column->t);
        if (
            in_array($column->c, ['user_id', 'tokenable_id'], true) ||
            ($column->t === 'users' && $column->c === 'id')
        ) {
            $rows->where($column->c, $person->id);
        } elseif (in_array($column->d, ['varchar', 'char', 'text', 'mediumtext', 'longtext'], true)) {
            $rows->where($column->c, 'like', '%'.$person->email.'%');
        } else {
            continue;
        }
        if ($rows->exists()) {
            $places[] = "$column->t.$column->c";
        }
    }

    return $places;
}

it('keeps nothing of an account that was deleted, however it was signed in', function (
    bool $remember,
    bool $changesPassword,
): void {
    $person = $this->somebody();
    $visitor = $this->visitor($person, $remember);
    $elsewhere = $this->visitor($person, true);
    expect($visitor->post('/api/rushes', ['document' => $this->example('barriers')])->status)
        ->toBe(201)
        ->and($visitor->post('/api/account/tokens', ['name' => 'script'])->status)
        ->toBe(201);
    $password = self::PASSWORD;
    if ($changesPassword) {
        expect(
            $visitor->ask('PUT', '/api/account/password', ['current' => $password, 'password' => 'four wet stones'])
                ->status,
        )->toBe(204);
        $password = 'four wet stones';
    }
    expect(leftOf($person))
        ->not->toBeEmpty()
        ->and($visitor->ask('DELETE', '/api/account', ['password' => $password])->status)
        ->toBe(204)
        ->and(leftOf($person))
        ->toBe([])
        ->and($visitor->get('/api/session')->json('user'))
        ->toBeNull()
        ->and($elsewhere->get('/api/session')->json('user'))
        ->toBeNull();
    $back = new Visitor();
    $back->get('/api/session');
    expect($back->post('/api/session', ['email' => $person->email, 'password' => $password])->status)
        ->toBe(422)
        ->and(leftOf($person))
        ->toBe([]);
})->with([[false, false], [true, false], [false, true], [true, true]]);

it('signs other devices out with a new password, those that stay signed in as well', function (): void {
    $person = $this->somebody();
    [$here, $there] = [$this->visitor($person), $this->visitor($person, true)];
    $token = $here->post('/api/account/tokens', ['name' => 'script', 'days' => 7])->json('token');
    $script = new Visitor($token);
    expect($script->get('/api/rushes')->status)->toBe(200);
    expect(
        $here->ask('PUT', '/api/account/password', ['current' => self::PASSWORD, 'password' => 'four wet stones'])
            ->status,
    )
        ->toBe(204)
        ->and($here->get('/api/rushes')->status)
        ->toBe(200)
        ->and($there->get('/api/rushes')->status)
        ->toBe(401)
        ->and($script->get('/api/rushes')->status)
        ->toBe(401);
});

it('opens one account of four that are asked for at the same moment', function (): void {
    $entry = [
        'name' => 'Four at once',
        'email' => 'four.'.bin2hex(random_bytes(4)).'@example.test',
        'password' => self::PASSWORD,
    ];
    $visitor = new Visitor();
    $visitor->get('/api/session');
    $statuses = array_map(
        static fn ($answer): int => $answer->status,
        $visitor->all(array_fill(0, 4, ['POST', '/api/account', $entry])),
    );
    $made = User::query()->where('email', $entry['email'])->delete();
    // The one that is let in has a session of its own at once, which whoever comes a little later does not know.
    expect($made)
        ->toBe(1)
        ->and(array_count_values($statuses)[201] ?? 0)
        ->toBe(1)
        ->and(array_diff($statuses, [201, 419, 422]))
        ->toBe([]);
});

it('serves only names it was told of', function (string $host, int $status): void {
    $port = parse_url((string) getenv('TEST_BASE_URL'), PHP_URL_PORT);
    foreach (['/up', '/api/session', '/sign-in', '/build/manifest.json'] as $path) {
        $curl = curl_init("http://127.0.0.1:$port$path");
        curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => ["Host: $host"]]);
        curl_exec($curl);
        expect(curl_getinfo($curl, CURLINFO_RESPONSE_CODE))->toBe($status, "$path for $host");
    }
})->with([['evil.example', 421], ['127.0.0.1.evil.example', 421], ['127.0.0.1', 200], ['localhost:9', 200]]);

it('leaves its settings to their owner only', function (): void {
    $folder = (string) getenv('RUN_DIR');
    expect(fileperms($folder) & 0o077)->toBe(0);
    foreach ((array) glob("$folder/*.{php,conf,sql,cnf}", GLOB_BRACE) as $file) {
        expect(fileperms((string) $file) & 0o077)->toBe(0, (string) $file);
    }
});

it('keeps loaded what a plan needs, so that no request reads it anew', function (): void {
    $loaded = file(getenv('RUN_DIR').'/preload.txt', FILE_IGNORE_NEW_LINES);
    expect($loaded)->toContain(PlanController::class, Chooser::class, User::class);
});

it('gives each visitor a demo of their own', function (): void {
    [$one, $two] = [new Visitor(), new Visitor()];
    foreach ([$one, $two] as $visitor) {
        $visitor->get('/api/session');
        expect($visitor->post('/api/session/demo')->json('user.is_demo'))->toBeTrue();
    }
    $rushes = $one->get('/api/rushes')->json('items');
    expect($rushes)->toHaveCount(13);
    foreach ($rushes as $rush) {
        expect($one->ask('DELETE', "/api/rushes/{$rush['id']}")->status)
            ->toBe(204)
            ->and($two->get("/api/rushes/{$rush['id']}")->status)
            ->toBe(404);
    }
    expect($one->get('/api/rushes')->json('items'))
        ->toBe([])
        ->and($two->get('/api/rushes')->json('items'))
        ->toHaveCount(13)
        ->and($two->get('/api/rushes/fresh')->json('document.kit.body.name'))
        ->toBe('The cliff body')
        ->and($two->get('/api/kit/bodies')->json('0.standing'))
        ->not->toBeNull();
    foreach ([$one, $two] as $visitor) {
        User::query()
            ->where('email', $visitor->get('/api/session')->json('user.email'))
            ->delete();
    }
});
