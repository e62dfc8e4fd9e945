<?php

declare(strict_types=1);

/** Times requests of a running application, signed in to the demo: the whole way through the web server. */
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
    curl_setopt_array($curl, [
        CURLOPT_URL => $base.$path,
        CURLOPT_POST => true,
        CURLOPT_POSTFIELDS => json_encode($body),
        CURLOPT_HTTPHEADER => [
            'Content-Type: application/json',
            'Accept: application/json',
            'X-XSRF-TOKEN: '.$token(),
        ],
    ]);
    curl_exec($curl);
    if (curl_getinfo($curl, CURLINFO_RESPONSE_CODE) !== 200) {
        exit("$path answered ".curl_getinfo($curl, CURLINFO_RESPONSE_CODE)."\n");
    }

    return curl_getinfo($curl, CURLINFO_TOTAL_TIME) * 1000;
};
$spread = static function (array $times): string {
    sort($times);
    $at = static fn (float $q): float => $times[(int) floor($q * (count($times) - 1))];

    return sprintf(
        'median %.1f ms, 10 %% under %.1f ms, 95 %% under %.1f ms (%d requests)',
        $at(0.5),
        $at(0.1),
        $at(0.95),
        count($times),
    );
};
curl_setopt($curl, CURLOPT_URL, $base.'/api/session');
curl_exec($curl);
$post('/api/session/demo', []);
$files = array_values(
    array_filter(
        (array) glob(__DIR__.'/../formats/examples/*.json'),
        static fn ($f): bool => ! str_contains((string) $f, '.hold.'),
    ),
);
$rushes = array_map(static fn ($file): array => json_decode((string) file_get_contents((string) $file), true), $files);
// Another distance each time, or a kept answer would come back.
$offset = random_int(1, 1_000_000) / 1e8;
$rank = static function (int $i) use ($rushes, $post, $offset): float {
    $rush = $rushes[$i % count($rushes)];
    $rush['path']['start_m'] += $offset + 0.01 * (1 + intdiv($i, count($rushes)));

    return $post('/api/rank', ['rush' => $rush]);
};
printf(
    "Ranking request, the first %d after a start: %s\n",
    count($rushes),
    implode(', ', array_map(static fn (int $i): string => sprintf('%.0f', $rank($i)), array_keys($rushes))).' ms',
);
$times = array_map($rank, range(count($rushes), 7 * count($rushes) - 1));
printf("Ranking request, warm: %s\n", $spread($times));
foreach ($rushes as $i => $rush) {
    $own = array_values(
        array_filter($times, static fn (int $k): bool => $k % count($rushes) === $i, ARRAY_FILTER_USE_KEY),
    );
    sort($own);
    printf("  %-28s %.0f ms\n", basename((string) $files[$i], '.json'), $own[intdiv(count($own), 2)]);
}
$plan = static fn (int $i): float => $post('/api/plan', ['rush' => $rushes[$i % count($rushes)]]);
array_map($plan, range(0, 59));
printf("Plan request, warm: %s\n", $spread(array_map($plan, range(0, 239))));
unlink($jar);
