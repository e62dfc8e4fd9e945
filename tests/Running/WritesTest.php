<?php

declare(strict_types=1);

use App\Models\KitType;

it('keeps both of a new name and a new version, or says that one came too late', function (): void {
    $visitor = $this->visitor();
    $lost = 0;
    foreach (range(1, 12) as $round) {
        $rush = $visitor->post('/api/rushes', ['document' => $this->example('barriers')])->json();
        $changed = [...$rush['document'], 'scene' => [...$rush['document']['scene'], 'wind' => 0.5]];
        [$named, $saved] = $visitor->all([
            ['PATCH', "/api/rushes/{$rush['id']}", ['name' => "Round $round"]],
            ['PUT', "/api/rushes/{$rush['id']}", ['document' => $changed, 'version' => $rush['version']]],
        ]);
        $kept = $visitor->get("/api/rushes/{$rush['id']}")->json();
        expect($named->status)
            ->toBe(200)
            ->and($saved->status)
            ->toBeIn([200, 409])
            ->and($kept['name'])
            ->toBe("Round $round");
        $saved->status === 200
            ? expect($kept['document']['scene']['wind'])
                ->toEqual(0.5)
                ->and($kept['version'])
                ->toBe($rush['version'] + 2)
            : expect($saved->json('message'))
                ->toContain('Save yours as a copy')
                ->and($kept['version'])
                ->toBe($rush['version'] + 1);
    }
});

it('keeps every word of those that are named at once, of one’s own body and of a sample', function (
    string $sample,
): void {
    $visitor = $this->visitor();
    $id =
        $sample !== ''
            ? $sample
            : $visitor
                ->post('/api/kit/bodies', [
                    'document' => [...KitType::Bodies->samples()['sample-old-mirror'], 'name' => 'Worn'],
                ])
                ->json('id');
    $words = ['mode.continuous' => 'Going', 'mode.single' => 'Still', 'area.point' => 'Dot', 'detect.bird' => 'Wings'];
    $answers = $visitor->all(
        array_map(
            static fn (string $key, string $label): array => [
                'PUT',
                "/api/kit/bodies/$id/words/$key",
                ['label' => $label, 'where' => ''],
            ],
            array_keys($words),
            $words,
        ),
    );
    expect(array_column($answers, 'status'))->toBe([200, 200, 200, 200]);
    $own = array_values(
        array_filter($visitor->get('/api/kit/bodies')->json(), static fn (array $body): bool => ! $body['sample']),
    );
    expect($own)->toHaveCount(1);
    $document = $visitor->get("/api/kit/bodies/{$own[0]['id']}")->json('document');
    foreach ($words as $key => $label) {
        expect($document['words'][$key]['label'])->toBe($label);
    }
})->with(['one’s own' => [''], 'a sample' => ['sample-entry-mirror']]);

it('remembers how every body was left, also when all are left at once', function (): void {
    $visitor = $this->visitor();
    $bodies = array_keys(KitType::Bodies->samples());
    $visitor->all(
        array_map(
            static fn (string $id): array => [
                'PUT',
                "/api/kit/bodies/$id/standing",
                ['standing' => ['drive' => 'short']],
            ],
            $bodies,
        ),
    );
    $standings = array_column(
        array_filter($visitor->get('/api/kit/bodies')->json(), static fn (array $body): bool => $body['sample']),
        'standing',
        'id',
    );
    foreach ($bodies as $id) {
        expect($standings[$id])->toEqual(['drive' => 'short']);
    }
});

it('does not let a flood of writes past what one may keep', function (): void {
    config(['limits.rushes' => 2000]);
    $person = $this->somebody();
    $visitor = $this->visitor($person);
    $document = $this->example('barriers');
    $rows = array_map(
        fn (int $i): array => [
            'id' => strtolower((string) Illuminate\Support\Str::ulid()),
            'user_id' => $person->id,
            'name' => "x$i",
            'subject' => '',
            'kind' => 'person',
            'document' => json_encode($document),
            'created_at' => now(),
            'updated_at' => now(),
        ],
        range(1, 1998),
    );
    foreach (array_chunk($rows, 200) as $some) {
        Illuminate\Support\Facades\DB::table('rushes')->insert($some);
    }
    $statuses = array_map(
        static fn ($answer): int => $answer->status,
        $visitor->all(array_fill(0, 6, ['POST', '/api/rushes', ['document' => $document]])),
    );
    sort($statuses);
    expect($statuses)
        ->toBe([201, 201, 422, 422, 422, 422])
        ->and($visitor->get('/api/account/usage')->json('used.rushes'))
        ->toBe(2000)
        ->and($visitor->get('/api/account/usage')->json('notice'))
        ->toContain('2000 of at most 2000 rushes');
    $page = $visitor->get('/api/rushes')->json();
    $seen = [];
    for ($pages = 0; $page !== null && $pages < 40; $pages++) {
        $seen = [...$seen, ...array_column($page['items'], 'id')];
        $page = $page['next'] === null ? null : $visitor->get("/api/rushes?after={$page['next']}")->json();
    }
    expect(count(array_unique($seen)))->toBe(2000)->and(count($seen))->toBe(2000);
});

it('turns away what is larger than anything that can be kept, before it is read', function (): void {
    $visitor = $this->visitor();
    foreach (['/api/plan', '/api/rushes', '/api/kit/bodies/check'] as $path) {
        $answer = $visitor->ask('POST', $path, '['.str_repeat('[],', 6_600_000).'[]]');
        expect($answer->status)->toBe(413, $path)->and($answer->json('message'))->toContain('larger');
    }
    expect($visitor->ask('POST', '/api/plan', str_repeat(' ', 30_000_000))->status)->toBe(413);
});
