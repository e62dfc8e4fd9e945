<?php

declare(strict_types=1);

use App\Http\Middleware\Speak;
use App\Models\User;
use RushHold\Tests\Rushes;
use RushHold\Words\Words;

afterEach(fn () => Words::speak('en'));

it('answers in the language chosen on the device, or else asked for, and says which', function (
    ?string $chosen,
    string $asked,
    string $language,
    string $said,
): void {
    $chosen === null || $this->withUnencryptedCookie(Speak::COOKIE, $chosen);
    $this->withCredentials();
    $answer = $this->postJson(
        '/api/session',
        ['email' => 'nobody@example.test', 'password' => 'wrong'],
        [
            'Accept-Language' => $asked,
        ],
    )->assertStatus(422);
    expect($answer->json('message'))
        ->toBe($said)
        ->and($answer->headers->get('Content-Language'))
        ->toBe($language)
        ->and(implode(', ', $answer->headers->all('Vary')))
        ->toContain('Accept-Language', 'Cookie');
})->with([
    [null, 'de-AT,en;q=0.5', 'de', 'E-Mail oder Passwort stimmt nicht.'],
    [null, 'fr,it', 'en', 'Wrong email or password.'],
    ['de', 'en', 'de', 'E-Mail oder Passwort stimmt nicht.'],
    ['xx', 'de', 'de', 'E-Mail oder Passwort stimmt nicht.'],
]);

it('says what is wrong with a request or a document in it, and the page is in it', function (): void {
    $this->actingAs($this->person());
    $german = ['Accept-Language' => 'de'];
    expect($this->postJson('/api/plan', [], $german)->assertStatus(422)->json('message'))
        ->toContain('Es fehlt: ')
        ->and(
            $this->postJson(
                '/api/rushes',
                ['document' => [...Rushes::document(), 'path' => ['start_m' => 90000]]],
                $german,
            )->json('message'),
        )
        ->toContain('Die Entfernung am Anfang', 'sind möglich')
        ->and($this->get('/sign-in', $german)->assertOk()->getContent())
        ->toContain('<html lang="de">', 'Rush Hold braucht JavaScript.');
});

it('writes numbers as the language does, and leaves documents as they are', function (): void {
    $this->actingAs($this->person());
    $rush = $this->getJson('/api/rushes/fresh?subject=sample-puffin-flight')->json('document');
    $rush['scene']['front_clutter'] = 0.5;
    [$english, $german] = array_map(
        fn (string $language): array => $this->postJson(
            '/api/plan',
            ['rush' => $rush, 'units' => 'kmh'],
            [
                'Accept-Language' => $language,
            ],
        )
            ->assertOk()
            ->json(),
        ['en', 'de'],
    );
    $of = static fn (array $plan, string $part): array => array_column(
        array_filter($plan['lines'], static fn (array $l): bool => str_starts_with($l['setting'], 'exposure.')),
        $part,
        'setting',
    );
    expect($of($german, 'value'))
        ->toBe($of($english, 'value'))
        ->and($german['lane'])
        ->toBe($english['lane'])
        ->and(implode(' ', $of($german, 'reason')))
        ->not->toMatch('/\d\.\d/')
        ->and(array_diff($of($german, 'name'), $of($english, 'name')))
        ->not->toBe([]);
});

it('keeps the language with the habits, and begins with the units that are usual in it', function (): void {
    $this->actingAs($this->person());
    $habits = $this->getJson('/api/habits', ['Accept-Language' => 'de'])
        ->assertOk()
        ->json();
    expect($habits['units'])
        ->toBe('kmh')
        ->and($habits['language'])
        ->toBe('')
        ->and($this->getJson('/api/habits', ['Accept-Language' => 'en'])->json('units'))
        ->toBe('metric');
    $this->putJson('/api/habits', [...$habits, 'language' => 'de'])->assertOk();
    expect($this->getJson('/api/habits')->json('language'))->toBe('de');
});

it('writes letters in the language of whoever asks for them', function (): void {
    config(['mail.default' => 'array']);
    $person = $this->person();
    $this->postJson(
        '/api/account/forgotten',
        ['email' => $person->email],
        ['Accept-Language' => 'de'],
    )->assertSuccessful();
    $letter = app('mailer')->getSymfonyTransport()->messages()->last()->getOriginalMessage();
    expect($letter->getSubject())
        ->toBe('Neues Passwort für Rush Hold')
        ->and($letter->getTextBody())
        ->toContain('Wähle innerhalb einer Stunde');
});

it('fills a calendar in the language of its owner, whoever fetches it', function (): void {
    $person = $this->person();
    $this->actingAs($person);
    $person->forceFill(['habits' => [...$person->habits()->fields, 'language' => 'de']])->save();
    $path = parse_url($this->postJson('/api/account/calendar')->json('address'), PHP_URL_PATH);
    expect($this->get($path)->assertOk()->getContent())->toContain('Touren und Üben');
});

it('gives a visitor the demo in the language asked for, with everything in its place', function (): void {
    $made = User::demo();
    $this->postJson('/api/session/demo', [], ['Accept-Language' => 'de'])->assertOk();
    $visitor = User::query()->findOrFail(auth()->id());
    $names = $visitor->rushes()->pluck('name');
    expect($names)
        ->toContain('Papageitaucher im Anflug zum Hang', 'Um die schlammige Haarnadel')
        ->and($names->intersect($made->rushes()->pluck('name'))->all())
        ->toBe([])
        ->and($visitor->bursts()->whereNotNull('rush_id')->value('rush'))
        ->toBeIn($names->all())
        ->and($visitor->kit()->where('type', 'bodies')->first()->document['words']['mode.continuous']['label'] ?? null)
        ->toBe('Dranbleiben')
        ->and(json_encode($visitor->outings()->get()->pluck('document'), JSON_UNESCAPED_UNICODE))
        ->toContain('Schutzgebiet an der Klippe')
        ->not->toContain('reserve');
});

it('lists a subject of the library with what it is called in every language', function (): void {
    $this->actingAs($this->person());
    $puffin = collect($this->getJson('/api/kit/subjects')->assertOk()->json())->firstWhere(
        'id',
        'sample-puffin-flight',
    );
    expect($puffin['outline']['also'])->toContain('puffin', 'Papageitaucher');
});

it('reads a line in the language of the request', function (): void {
    $this->actingAs($this->person());
    $line = 'Rehbock springt auf 35 m auf mich zu, Dämmerung';
    $read = $this->getJson('/api/rushes/fresh?line='.urlencode($line), ['Accept-Language' => 'de'])
        ->assertOk()
        ->json();
    expect($read['document']['path']['start_m'])
        ->toEqual(35)
        ->and(array_column($read['understood'] ?? $read['reading']['understood'], 'says'))
        ->toContain('auf die Kamera zu');
});

it('lets commands answer in a language', function (): void {
    $run = artisan(['rush:plan', 'formats/examples/puffin-coming-in.json', '--page', '--locale=de']);
    expect($run->getExitCode())->toBe(0)->and($run->getOutput())->toContain('sind Treffer', 'Verschlusszeit');
});
