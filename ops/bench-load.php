<?php

declare(strict_types=1);

use App\Models\Picture;
use App\Models\User;
use App\Pictures\LookAt;
use App\Pictures\Store;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\RushDocument;

/**
 * Many people at once: each looks at their list or works on a rush, with pauses, and now and then has it ranked or
 * sends a picture. With “hog” one more does without a pause what takes longest: 24 pieces of a picture of a hundred
 * megapixels at a time, 12 spreadsheets, and 150 pictures to be looked at.
 *   php ops/bench-load.php [PEOPLE=200] [SECONDS=60] [hog]
 */
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$base = getenv('TEST_BASE_URL') ?: exit("TEST_BASE_URL is not set: run bin/bench.\n");
[$people, $seconds, $hogged] = [(int) ($argv[1] ?? 200), (float) ($argv[2] ?? 60), ($argv[3] ?? '') === 'hog'];
$files = array_values(
    array_filter(
        (array) glob(__DIR__.'/../formats/examples/*.json'),
        static fn ($f): bool => ! str_contains((string) $f, '.hold.'),
    ),
);
$rushes = array_map(static fn ($file): array => json_decode((string) file_get_contents((string) $file), true), $files);

// Everybody is signed in already, and keeps twenty rushes.
$visitors = [];
for ($i = 0; $i < $people; $i++) {
    $user = User::query()->create([
        'name' => "Person $i",
        'email' => "load.$i.".bin2hex(random_bytes(4)).'@example.test',
        'password' => 'three dry stones',
    ]);
    for ($k = 0; $k < 20; $k++) {
        $user->rushes()->create(['document' => RushDocument::read($rushes[$k % count($rushes)])->fields]);
    }
    [$id, $token] = [Str::random(40), Str::random(40)];
    DB::table('sessions')->insert([
        'id' => $id,
        'user_id' => $user->id,
        'last_activity' => time(),
        'payload' => base64_encode(
            serialize(['_token' => $token, 'login_web_'.sha1(SessionGuard::class) => $user->id, 'session_key' => '']),
        ),
    ]);
    $name = (string) config('session.cookie');
    $visitors[] = [
        'user' => $user->id,
        'next' => 0.0,
        'headers' => [
            'Accept: application/json',
            'Content-Type: application/json',
            'Expect:',
            "X-CSRF-TOKEN: $token",
            'Cookie: '.
            $name.
            '='.
            rawurlencode(encrypt(CookieValuePrefix::create($name, app('encrypter')->getKey()).$id, false)),
        ],
    ];
}

/** A JPEG of so many pixels, plain, another one each time. */
$jpeg = static function (int $wide, int $high): string {
    $picture = new Imagick();
    $picture->newImage($wide, $high, '#8899aa');
    $picture->setImageFormat('jpeg');
    $picture->setImageProperty('comment', bin2hex(random_bytes(8)));

    return $picture->getImageBlob();
};
$small = $jpeg(900, 600);
$hog = null;
$hogTable = '';
if ($hogged) {
    $hog = array_pop($visitors);
    $keep = static function (string $bytes, string $stage) use ($hog): Picture {
        $picture = (new Picture())->forceFill([
            'user_id' => $hog['user'],
            'sha256' => hash('sha256', $bytes),
            'name' => 'a.jpg',
            'bytes' => strlen($bytes),
            'original' => true,
            'stage' => $stage,
        ]);
        $picture->save();
        Store::disk()->put(Store::path($picture, Store::ORIGINAL), $bytes);

        return $picture;
    };
    $large = $keep($jpeg(12_000, 9_900), Picture::LOOKED);
    for ($i = 0; $i < 150; $i++) {
        $keep($small.random_bytes(12), Picture::WAITING);
        LookAt::dispatch();
    }
    $hogTable = (string) tempnam(sys_get_temp_dir(), 'hog');
    file_put_contents(
        $hogTable,
        "at,rush,frames,keepers\n".
            implode(
                "\n",
                array_map(
                    static fn (int $i): string => date('Y-m-d H:i', 1_700_000_000 + 600 * $i).",Hare,30,$i",
                    range(1, 30),
                ),
            ).
            str_repeat("\n2026-06-07 05:10,Hare,30,31", 4_900),
    );
}

// They do not all begin in the same moment.
foreach ($visitors as $i => $visitor) {
    $visitors[$i]['next'] = microtime(true) + mt_rand(0, 5000) / 1000;
}
$multi = curl_multi_init();
$flying = [];
$times = ['list' => [], 'plan' => [], 'rank' => [], 'send' => [], 'crop' => [], 'table' => []];
$refused = [];
$errors = [];
$end = microtime(true) + $seconds;
$hogs = ['crop' => 0, 'table' => 0];
$hogWaits = ['crop' => [], 'table' => []];
while (($now = microtime(true)) < $end || $flying !== []) {
    foreach ($hog === null ? [] : ['crop' => 24, 'table' => 12] as $kind => $most) {
        $hogWaits[$kind] = array_filter($hogWaits[$kind], static fn (float $until): bool => $until > $now);
        while ($now < $end && $most > $hogs[$kind] + count($hogWaits[$kind])) {
            $curl = curl_init(
                $base.
                    ($kind === 'crop'
                        ? sprintf(
                            '/api/pictures/%s/crop?x=%.3f&y=%.3f&side=720',
                            $large->id,
                            mt_rand(-400, 400) / 1000,
                            mt_rand(-400, 400) / 1000,
                        )
                        : '/api/bursts/table'),
            );
            $headers =
                $kind === 'crop'
                    ? $hog['headers']
                    : array_values(array_diff($hog['headers'], ['Content-Type: application/json']));
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => $headers,
                CURLOPT_TIMEOUT => 90,
            ]);
            $kind === 'table' &&
                curl_setopt($curl, CURLOPT_POSTFIELDS, ['file' => new CURLFile($hogTable, 'text/csv', 'log.csv')]);
            curl_multi_add_handle($multi, $curl);
            $flying[spl_object_id($curl)] = [null, $kind, $curl];
            $hogs[$kind]++;
        }
    }
    foreach ($visitors as $i => $visitor) {
        if ($now < $end && $visitor['next'] <= $now) {
            $dice = mt_rand(1, 100);
            $kind = match (true) {
                isset($visitor['piece']) => 'send',
                $dice <= 2 => 'rank',
                $dice <= 4 => 'announce',
                $dice <= 50 => 'list',
                default => 'plan',
            };
            $rush = $rushes[mt_rand(0, count($rushes) - 1)];
            $rush['path']['start_m'] += mt_rand(1, 1_000_000) / 1e7;
            $piece = $visitor['piece'] ?? $small.random_bytes(12);
            $sha = hash('sha256', $piece);
            $curl = curl_init(
                $base.
                    [
                        'list' => '/api/rushes',
                        'plan' => '/api/plan',
                        'rank' => '/api/rank',
                        'announce' => '/api/pictures/uploads',
                        'send' => "/api/pictures/uploads/$sha?from=0",
                    ][$kind],
            );
            curl_setopt_array($curl, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_HTTPHEADER => $visitor['headers'],
                CURLOPT_TIMEOUT => 60,
            ]);
            unset($visitors[$i]['piece']);
            if ($kind === 'announce') {
                curl_setopt(
                    $curl,
                    CURLOPT_POSTFIELDS,
                    json_encode(['sha256' => $sha, 'name' => 'a.jpg', 'bytes' => strlen($piece)]),
                );
                $visitors[$i]['piece'] = $piece;
            } elseif ($kind === 'send') {
                curl_setopt_array($curl, [
                    CURLOPT_CUSTOMREQUEST => 'PUT',
                    CURLOPT_POSTFIELDS => $piece,
                    CURLOPT_HTTPHEADER => [
                        ...array_diff($visitor['headers'], ['Content-Type: application/json']),
                        'Content-Type: application/octet-stream',
                    ],
                ]);
            } elseif ($kind !== 'list') {
                curl_setopt($curl, CURLOPT_POSTFIELDS, json_encode(['rush' => $rush]));
            }
            curl_multi_add_handle($multi, $curl);
            $flying[spl_object_id($curl)] = [$i, $kind, $curl];
            $visitors[$i]['next'] = INF;
        }
    }
    curl_multi_exec($multi, $running);
    while (($done = curl_multi_info_read($multi)) !== false) {
        [$i, $kind, $curl] = $flying[spl_object_id($done['handle'])];
        unset($flying[spl_object_id($done['handle'])]);
        $status = curl_getinfo($curl, CURLINFO_RESPONSE_CODE);
        $says = json_decode((string) curl_multi_getcontent($curl), true)['message'] ?? null;
        match (true) {
            $status === 200 && isset($times[$kind]) => ($times[$kind][] =
                1000 * curl_getinfo($curl, CURLINFO_TOTAL_TIME)),
            $status === 200 => null,
            in_array($status, [429, 503], true) && is_string($says) => ($refused["$kind $status"] =
                ($refused["$kind $status"] ?? 0) + 1),
            default => ($errors[] = "$kind $status ".substr((string) curl_multi_getcontent($curl), 0, 120)),
        };
        curl_multi_remove_handle($multi, $curl);
        if ($i === null) {
            $hogs[$kind]--;
            // Whoever is told to wait a second does.
            $status === 200 || ($hogWaits[$kind][] = microtime(true) + 1);

            continue;
        }
        $visitors[$i]['next'] = microtime(true) + mt_rand(3000, 7000) / 1000;
    }
    curl_multi_select($multi, 0.02);
}
printf("%d people with pauses of 3 to 7 s for %.0f s:\n", $people, $seconds);
foreach ($times as $kind => $all) {
    sort($all);
    $at = static fn (float $q): float => $all === [] ? NAN : $all[(int) floor($q * (count($all) - 1))];
    printf(
        "  %-5s %5d answers, median %.0f ms, 95 %% under %.0f ms, slowest %.0f ms\n",
        $kind,
        count($all),
        $at(0.5),
        $at(0.95),
        $at(1.0),
    );
}
foreach ($refused as $what => $count) {
    printf("  refused in words: %d × %s\n", $count, $what);
}
printf("  %d errors%s\n", count($errors), $errors === [] ? '' : ': '.implode('; ', array_unique($errors)));
$hog === null || ($visitors[] = $hog);
$hogTable === '' || unlink($hogTable);
foreach ($visitors as $visitor) {
    Store::forget($visitor['user']);
}
User::query()->whereKey(array_column($visitors, 'user'))->delete();
DB::table('sessions')->whereIn('user_id', array_column($visitors, 'user'))->delete();
