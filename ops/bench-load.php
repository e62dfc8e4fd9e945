<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\RushDocument;

/**
 * Many people at once: each looks at their list or works on a rush, with pauses, and now and then has it ranked.
 *   php ops/bench-load.php [PEOPLE=200] [SECONDS=60]
 */
require __DIR__.'/../vendor/autoload.php';
$app = require __DIR__.'/../bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();

$base = getenv('TEST_BASE_URL') ?: exit("TEST_BASE_URL is not set: run bin/bench.\n");
[$people, $seconds] = [(int) ($argv[1] ?? 200), (float) ($argv[2] ?? 60)];
$files = array_values(array_filter((array) glob(__DIR__.'/../formats/examples/*.json'), static fn ($f): bool => ! str_contains((string) $f, '.hold.')));
$rushes = array_map(static fn ($file): array => json_decode((string) file_get_contents((string) $file), true), $files);

// Everybody is signed in already, and keeps twenty rushes.
$visitors = [];
for ($i = 0; $i < $people; $i++) {
    $user = User::query()->create(['name' => "Person $i", 'email' => "load.$i.".bin2hex(random_bytes(4)).'@example.test', 'password' => 'three dry stones']);
    for ($k = 0; $k < 20; $k++) {
        $user->rushes()->create(['document' => RushDocument::read($rushes[$k % count($rushes)])->fields]);
    }
    [$id, $token] = [Str::random(40), Str::random(40)];
    DB::table('sessions')->insert(['id' => $id, 'user_id' => $user->id, 'last_activity' => time(),
        'payload' => base64_encode(serialize(['_token' => $token, 'login_web_'.sha1(SessionGuard::class) => $user->id, 'session_key' => '']))]);
    $name = (string) config('session.cookie');
    $visitors[] = ['user' => $user->id, 'next' => 0.0, 'headers' => ['Accept: application/json', 'Content-Type: application/json', 'Expect:', "X-CSRF-TOKEN: $token",
        'Cookie: '.$name.'='.rawurlencode(encrypt(CookieValuePrefix::create($name, app('encrypter')->getKey()).$id, false))]];
}

// They do not all begin in the same moment.
foreach ($visitors as $i => $visitor) {
    $visitors[$i]['next'] = microtime(true) + mt_rand(0, 5000) / 1000;
}
$multi = curl_multi_init();
$flying = [];
$times = ['list' => [], 'plan' => [], 'rank' => []];
$errors = [];
$end = microtime(true) + $seconds;
while (($now = microtime(true)) < $end || $flying !== []) {
    foreach ($visitors as $i => $visitor) {
        if ($now < $end && $visitor['next'] <= $now) {
            $dice = mt_rand(1, 100);
            $kind = $dice === 1 ? 'rank' : ($dice <= 46 ? 'list' : 'plan');
            $rush = $rushes[mt_rand(0, count($rushes) - 1)];
            $rush['path']['start_m'] += mt_rand(1, 1_000_000) / 1e7;
            $curl = curl_init($base.['list' => '/api/rushes', 'plan' => '/api/plan', 'rank' => '/api/rank'][$kind]);
            curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_HTTPHEADER => $visitor['headers'], CURLOPT_TIMEOUT => 60]);
            if ($kind !== 'list') {
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
        $status === 200 ? $times[$kind][] = 1000 * curl_getinfo($curl, CURLINFO_TOTAL_TIME) : $errors[] = "$kind $status ".substr((string) curl_multi_getcontent($curl), 0, 120);
        curl_multi_remove_handle($multi, $curl);
        $visitors[$i]['next'] = microtime(true) + mt_rand(3000, 7000) / 1000;
    }
    curl_multi_select($multi, 0.02);
}
printf("%d people with pauses of 3 to 7 s for %.0f s:\n", $people, $seconds);
foreach ($times as $kind => $all) {
    sort($all);
    $at = static fn (float $q): float => $all === [] ? NAN : $all[(int) floor($q * (count($all) - 1))];
    printf("  %-5s %5d answers, median %.0f ms, 95 %% under %.0f ms, slowest %.0f ms\n", $kind, count($all), $at(0.5), $at(0.95), $at(1.0));
}
printf("  %d errors%s\n", count($errors), $errors === [] ? '' : ': '.implode('; ', array_unique($errors)));
User::query()->whereKey(array_column($visitors, 'user'))->delete();
DB::table('sessions')->whereIn('user_id', array_column($visitors, 'user'))->delete();
