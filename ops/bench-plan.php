<?php

declare(strict_types=1);

/** Times plan requests of a running application, signed in to the demo: the whole way through the web server. */
$base = getenv('TEST_BASE_URL') ?: exit("TEST_BASE_URL is not set: run bin/bench.\n");
$jar = (string) tempnam(sys_get_temp_dir(), 'jar');
$curl = curl_init();
curl_setopt_array($curl, [CURLOPT_RETURNTRANSFER => true, CURLOPT_COOKIEJAR => $jar, CURLOPT_COOKIEFILE => $jar]);
$token = static function () use ($curl): string {
    foreach (curl_getinfo($curl, CURLINFO_COOKIELIST) as $line) {
        $cookie = explode("\t", $line);
        if ($cookie[5] === 'XSRF-TOKEN') {
            return urldecode($cookie[6]);
        }
    }

    return '';
};
$post = static function (string $path, array $body) use ($curl, $base, $token): float {
    curl_setopt_array($curl, [CURLOPT_URL => $base.$path, CURLOPT_POST => true, CURLOPT_POSTFIELDS => json_encode($body),
        CURLOPT_HTTPHEADER => ['Content-Type: application/json', 'Accept: application/json', 'X-XSRF-TOKEN: '.$token()]]);
    curl_exec($curl);
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
        exit("$path answered ".curl_getinfo($curl, CURLINFO_RESPONSE_CODE)."\n");
    }

    return curl_getinfo($curl, CURLINFO_STARTTRANSFER_TIME) * 1000;
};
curl_setopt($curl, CURLOPT_URL, $base.'/api/session');
curl_exec($curl);
$post('/api/session/demo', []);
$rushes = array_values(array_filter((array) glob(__DIR__.'/../formats/examples/*.json'), static fn ($f): bool => ! str_contains((string) $f, '.hold.')));
$times = [];
for ($i = 0; $i < 300; $i++) {
    $times[] = $post('/api/plan', ['rush' => json_decode((string) file_get_contents((string) $rushes[$i % count($rushes)]), true)]);
}
$times = array_slice($times, 60);
sort($times);
$at = static fn (float $q): float => $times[(int) floor($q * (count($times) - 1))];
$at2 = static function (float $q) use (&$times): float {
    return $times[(int) floor($q * (count($times) - 1))];
};
printf("Plan request through nginx and php-fpm: median %.1f ms, 10 %% under %.1f ms, 90 %% under %.1f ms (%d requests, warm)\n", $at(0.5), $at(0.1), $at(0.9), count($times));
$times = [];
for ($i = 0; $i < 130; $i++) {
    $rush = json_decode((string) file_get_contents((string) $rushes[$i % count($rushes)]), true);
    // Another distance each time, or the cache would answer.
    $rush['path']['start_m'] += 0.01 * ($i + 1);
    $times[] = $post('/api/rank', ['rush' => $rush]);
}
// Each of the six workers finds its own hot spots first.
$times = array_slice($times, 70);
sort($times);
printf("Ranking request, not from the cache: median %.0f ms, 10 %% under %.0f ms, 90 %% under %.0f ms (%d requests, warm)\n", $at2(0.5), $at2(0.1), $at2(0.9), count($times));
unlink($jar);
