<?php

declare(strict_types=1);

use App\Models\KitType;
use App\Models\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Routing\Middleware\ThrottleRequests;
use Illuminate\Routing\Route as Registered;
use Illuminate\Support\Facades\Route;
use Tests\Fuzz\Maker;

/*
 * Every address with whatever may come to it: no answer is an accident of the server (5xx), none is over its bound, and
 * all say what is wrong in JSON. The same FUZZ_SEED asks the same things.
 */

const LARGEST_ANSWER = 2_500_000;

/** @return array<string, mixed> what this address might be sent */
function bodyFor(Maker $maker, string $uri): array
{
    $body = match (true) {
        str_contains($uri, 'kit/') => [
            'document' => $maker->kit($maker->one(KitType::cases())->document()),
            'version' => $maker->whole(-1, 3),
            'based_on' => $maker->one([null, 'sample-runner', str_repeat('x', 61)]),
            'standing' => $maker->hold(),
            'label' => $maker->one(['Dot', '', ['x'], null, str_repeat('l', 61)]),
            'where' => $maker->one(['', 'Page F1', [], 7]),
            'distance_m' => $maker->one([20, -1, 'x', 1e300]),
            'body' => $maker->kit('body'),
        ],
        str_contains($uri, 'habits') => $maker->kit('habits'),
        str_contains($uri, 'account') || str_contains($uri, 'session') => [
            'name' => $maker->one(['Someone', '', ['x'], str_repeat('n', 90)]),
            'email' => $maker->one([
                'fuzz@example.test',
                'no address',
                ['a@example.test'],
                null,
                "a\u{0}@example.test",
            ]),
            'password' => $maker->one(['three dry stones', 'x', [], 7]),
            'current' => $maker->one(['three dry stones', []]),
            'token' => $maker->one(['x', [], str_repeat('t', 3000), null]),
            'days' => $maker->one([7, 8, 'x']),
            'remember' => $maker->one([true, 'x', []]),
        ],
        str_contains($uri, 'outings') || str_contains($uri, 'day') => [
            'outing' => $maker->outing(),
            'document' => $maker->lucky(0.9) ? $maker->outing() : $maker->nonsense(),
            'version' => $maker->one([1, 0, 'x']),
            'days' => $maker->one([1, 61, 'x', []]),
            'id' => $maker->one(['01hzzzzzzzzzzzzzzzzzzzzzz0', 'x', [], null]),
            'who' => $maker->one(['Gull, flapping', 'unicorn', []]),
            'metres' => $maker->one([20, 0, 'x', 1e308]),
            'way' => $maker->one(['left', 'up', []]),
            'through' => $maker->one(['open', 'x']),
            'ev100' => $maker->one([9, -99, 'x']),
        ],
        str_contains($uri, 'pictures/') => [
            'pictures' => $maker->one([['01hzzzzzzzzzzzzzzzzzzzzzz0'], [], ['x'], [[]], 'x', array_fill(0, 2001, 'x')]),
            'bursts' => $maker->one([['5f1d5d7e-7f7c-4f2b-9a55-0f6f3f0c9b11'], [], ['x'], [[]], 'x']),
            'burst' => $maker->one([null, '5f1d5d7e-7f7c-4f2b-9a55-0f6f3f0c9b11', 'x', []]),
            'rush_id' => $maker->one(['01hzzzzzzzzzzzzzzzzzzzzzz0', 'x', [], null]),
            'said' => $maker->one([true, false, null, 'x', []]),
            'lost_to' => $maker->one([null, 'shake', 'x', []]),
            'keeps_originals' => $maker->one([true, false, 'x']),
            'sha256' => $maker->one([str_repeat('a', 64), 'x', []]),
            'name' => $maker->one(['a.jpg', '', [], str_repeat('n', 201)]),
            'bytes' => $maker->one([1000, 0, -1, 'x', 1e12]),
            'written_ms' => $maker->one([1_780_000_000_000, -1, 'x', 1e300]),
            'zone' => $maker->one(['Europe/London', 'x', []]),
        ],
        str_contains($uri, 'bursts') => [
            'bursts' => $maker->one([
                [],
                'x',
                [
                    [
                        'id' => '5f1d5d7e-7f7c-4f2b-9a55-0f6f3f0c9b11',
                        'rush' => $maker->one(['Hare', '', [], str_repeat('r', 121)]),
                        'at' => $maker->one(['2026-06-07T06:00:00Z', 'x', '9999-01-01', []]),
                        'kept' => $maker->one(['half', 'x', []]),
                        'frames' => $maker->one([40, 0, 'x']),
                        'keepers' => $maker->one([12, 41, -1]),
                        'lost_to' => $maker->one(['hidden', 'x', 7]),
                        'hold' => $maker->one([$maker->hold(), $maker->nonsense()]),
                        'note' => $maker->one(['', [], str_repeat('n', 501)]),
                    ],
                ],
                [['id' => []]],
                array_fill(0, 101, []),
            ]),
        ],
        str_contains($uri, 'aim-test') => [
            'seed' => $maker->one([1, -1, 'x', 1e9]),
            'trace' => $maker->one([
                [],
                [[0, 0, 0]],
                array_fill(0, 2000, [0.5, 0.1, 0.1]),
                array_map(static fn (int $i): array => [$i / 60, 0.0, 0.0], range(0, 1300)),
                [['x', 1, 2]],
                'x',
            ]),
        ],
        str_contains($uri, 'drills') => [
            'drill' => $maker->one(['buttons', 'still', 'wild', 'moment', 'first-sharp', 'x', []]),
            'seed' => $maker->one([1, -1, 'x', 1e9]),
            'rush' => $maker->one([null, 'x', []]),
            'body' => $maker->one([null, 'sample-old-mirror', 'x', []]),
            'f_number' => $maker->one([null, 8, 0, 'x', 1e308]),
            'day' => $maker->one([now()->toDateString(), '2020-01-01', 'x', []]),
            'layout' => $maker->one([
                null,
                [],
                [['place' => 'thumb-1', 'duty' => 'start-focus'], ['place' => 'x']],
                'x',
            ]),
            'document' => $maker->one([
                null,
                [],
                'x',
                [
                    'drill' => $maker->one(['buttons', 'still', 'wild', 'moment', 'first-sharp', 'x']),
                    'seed' => $maker->one([1, -1, 1e9]),
                    'rush' => $maker->rush(),
                    'layout' => $maker->one([
                        [],
                        [['place' => 'thumb-1', 'duty' => 'start-focus'], ['place' => 'lens', 'duty' => 'magnify']],
                    ]),
                    'calls' => $maker->one([[], [[1, 0], [2, 1]], [[1]], [['x', null]]]),
                    'frames_per_s' => $maker->one([10, 0, 1e308]),
                    'trace' => $maker->one([
                        [],
                        [[0, 1, 0]],
                        [1, 2],
                        'x',
                        [[1e308, 0, 0]],
                        array_map(static fn (int $i): array => [$i / 60, 0.2, 0], range(0, 3000)),
                        [[-1, -1, -1]],
                    ]),
                ],
            ]),
        ],
        str_contains($uri, 'practice') => [
            'habit' => $maker->one([
                [],
                [
                    'weekdays' => $maker->one([[1, 2], [], [9], 'x', ['a']]),
                    'minutes' => $maker->one([8, 0, 'x', 1e308]),
                    'at' => $maker->one(['19:00', 'x', []]),
                    'off' => $maker->one([[], [['from' => '2026-01-01', 'to' => '2026-02-30']], [[]], 'x']),
                ],
            ]),
            'feeds' => $maker->one([[], ['hand' => true], ['hand' => 'x'], 'x']),
        ],
        str_contains($uri, 'groups') => [
            'name' => $maker->one(['Group', '', [], str_repeat('n', 121)]),
            'code' => $maker->one(['ABCDEFGH', '', [], str_repeat('c', 21)]),
            'new_code' => $maker->one([true, 'x', []]),
            'drills' => $maker->one([true, 'x', []]),
            'rushes' => $maker->one([[], ['x'], [[]], 'x']),
        ],
        preg_match('~(rushes|bursts)/(delete|restore|tag)~', $uri) === 1 => [
            'tag' => $maker->one(['cliff', '', [], str_repeat('t', 31)]),
            'on' => $maker->one([true, 'x', []]),
            'bursts' => $maker->one([[], ['x'], [[]], 'x', array_fill(0, 600, 'x')]),
            'rushes' => $maker->one([[], ['x'], [[]], 'x', [str_repeat('0', 26)], array_fill(0, 300, 'x')]),
        ],
        str_contains($uri, 'copies') => [
            'kind' => $maker->one(['rush', 'hold', 'card', 'layout', 'drill', 'x', []]),
            'id' => $maker->one(['x', 'sample-old-mirror', [], null]),
            'days' => $maker->one([7, 0, 'x', []]),
        ],
        str_contains($uri, 'stopwatch') => [
            'timings' => $maker->one([[1.2], [], [0], [-1, 'x'], array_fill(0, 21, 1)]),
            'sweeps' => $maker->one([1, 0, 99, 'x']),
        ],
        str_contains($uri, 'speed') => [
            'by' => $maker->one(['stopwatch', 'frames', 'x', []]),
            'metres' => $maker->one([10, 0, -1, 'x', 1e308]),
            'seconds' => $maker->one([2, 0, 1e-300]),
            'frames' => $maker->one([3, 0, -1]),
            'frames_per_s' => $maker->one([20, 0]),
            'lengths' => 2,
            'length_m' => $maker->one([0.3, 0]),
        ],
        default => [
            'rush' => $maker->lucky(0.9) ? $maker->rush() : $maker->nonsense(),
            'document' => $maker->rush(),
            'pins' => $maker->one([null, $maker->hold(), $maker->nonsense()]),
            'standing' => $maker->one([null, $maker->hold()]),
            'holds' => [$maker->hold(), $maker->hold()],
            'run' => $maker->one([0, 1000, -1, 'x']),
            'units' => $maker->one(['metric', 'imperial', 'x', []]),
            'window' => $maker->one(['w', [], str_repeat('w', 41)]),
            'turn' => $maker->one([1, -1, 'x']),
            'version' => $maker->one([1, 0, 'x']),
            'name' => $maker->one(['Name', '', [], str_repeat('n', 121)]),
        ],
    };
    foreach ($body as $name => $value) {
        if ($maker->lucky(0.1)) {
            unset($body[$name]);
        } elseif ($maker->lucky(0.05)) {
            $body[$name] = $maker->nonsense();
        }
    }

    return $body;
}

it('has an answer to everything', function (): void {
    $this->withoutMiddleware(ThrottleRequests::class);
    config(['hashing.bcrypt.rounds' => 4, 'limits.demo_visits' => 5]);
    [$first, $count] = [(int) (getenv('FUZZ_SEED') ?: 1), max(250, (int) (getenv('FUZZ_DOCUMENTS') ?: 300))];
    $routes = array_values(
        array_filter(
            Route::getRoutes()->getRoutes(),
            static fn (Registered $r): bool => str_starts_with($r->uri(), 'api/') &&
                ! in_array($r->uri(), ['api/rank', 'api/lenses/choose', 'api/compare'], true),
        ),
    );
    $statuses = [];
    for ($seed = $first; $seed < $first + $count; $seed++) {
        $maker = new Maker($seed * 8 + 5);
        $route = $maker->one($routes);
        // Somebody signed in, most of the time; a new one, as the last may have left.
        $this->app['auth']->forgetGuards();
        $person =
            User::query()->where('email', 'fuzz.owner@example.test')->first() ?? $this->person('three dry stones');
        if ($maker->lucky(0.9)) {
            $this->actingAs($person, 'web');
        }
        $rush =
            $person->rushes()->first() ??
            $person->rushes()->create([
                'document' => RushHold\Document\RushDocument::read(
                    (new Maker(8))->one([RushHold\Tests\Rushes::document()]),
                )->fields,
            ]);
        $outing = $person->outings()->first() ?? App\Models\SavedOuting::factory()->for($person)->with($rush)->create();
        $uri = preg_replace_callback(
            '/\{(\w+)\??\}/',
            static fn (array $m): string => rawurlencode(
                $maker->one(
                    match ($m[1]) {
                        'type' => ['bodies', 'lenses', 'subjects', 'x'],
                        'rush' => [$rush->id, 'x', str_repeat('9', 26)],
                        'outing' => [$outing->id, $outing->id, 'x', str_repeat('9', 26)],
                        'file' => ['a6', 'calendar', 'x'],
                        'secret' => ['x', str_repeat('s', 3000), "\xff"],
                        'key' => ['area.point', 'x', 'mode.continuous', str_repeat('k', 200), '..%2f'],
                        default => [
                            $rush->id,
                            'sample-old-mirror',
                            'sample-runner',
                            'x',
                            '0',
                            '99999999999999999999',
                            "\xff",
                        ],
                    },
                ),
            ),
            $route->uri(),
        );
        $query = $maker->one([
            '',
            '',
            '?search[]=x',
            '?search=%ff',
            '?%ff=1',
            '?after=x',
            '?after[]=1',
            '?after=99999999999999-00000000000000000000000000',
            '?subject[]=1',
            '?subject=sample-runner',
            '?seed=1',
            '?from=2026-06-07T00:00:00Z&until=2026-06-08T00:00:00Z',
            '?from=2026-06-07T00:00:00Z&until=2026-06-08T00:00:00Z',
            '?from=x&until[]=1',
            '?from=0001-01-01&until=9999-01-01',
            '?seed[]=1',
            '?search='.str_repeat('a%20', 60),
        ]);
        $method = $maker->one(array_values(array_diff($route->methods(), ['HEAD'])));
        $content = match (true) {
            $maker->lucky(0.04) => '{"broken',
            $maker->lucky(0.04) => '{"rush":{"a":1e999}, "document": 1e999, "standing": {"technique": 1e999}}',
            $maker->lucky(0.03) => "{\"name\":\"\xff\xfe\"}",
            $maker->lucky(0.03) => str_repeat('[', 600).str_repeat(']', 600),
            $maker->lucky(0.02) => str_repeat('[],', 700_000),
            default => (string) json_encode(bodyFor($maker, $route->uri()), JSON_PARTIAL_OUTPUT_ON_ERROR),
        };
        $files =
            str_contains($uri, 'upload') || str_contains($uri, 'archive') || str_contains($uri, 'place')
                ? [
                    'file' => UploadedFile::fake()->createWithContent(
                        'x.json',
                        $maker->lucky(0.3)
                            ? $content
                            : (string) json_encode(
                                $maker->one([$maker->rush(), $maker->kit('body'), $maker->nonsense()]),
                            ),
                    ),
                ]
                : [];
        $server = [
            'HTTP_ACCEPT' => 'application/json',
            'CONTENT_TYPE' => $files === [] ? 'application/json' : 'multipart/form-data',
        ];
        $response = $this->call($method, "/$uri$query", [], [], $files, $server, $files === [] ? $content : null);
        $what = "seed $seed: $method /$uri$query";
        if ($response->getStatusCode() >= 500 && ! ($response->getStatusCode() === 503 && $uri === 'api/session/demo')) {
            $e = $response->exception;
            throw new RuntimeException(
                "$what answered {$response->getStatusCode()}: ".
                    ($e === null
                        ? ''
                        : get_class($e).
                            ': '.
                            $e->getMessage().
                            ' at '.
                            basename($e->getFile()).
                            ':'.
                            $e->getLine()),
            );
        }
        $size = strlen(
            (string) ($response->baseResponse instanceof Symfony\Component\HttpFoundation\BinaryFileResponse
                ? ''
                : $response->getContent()),
        );
        expect($size)->toBeLessThan(LARGEST_ANSWER, $what);
        if ($response->getStatusCode() >= 400) {
            expect(json_decode((string) $response->getContent(), true)['message'] ?? '')->not->toBe('', $what);
        }
        $statuses[$response->getStatusCode()] = ($statuses[$response->getStatusCode()] ?? 0) + 1;
    }
    // Not everything is refused at the door.
    expect(($statuses[200] ?? 0) + ($statuses[201] ?? 0) + ($statuses[204] ?? 0))->toBeGreaterThan(0.15 * $count);
});
