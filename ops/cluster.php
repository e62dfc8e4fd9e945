<?php

declare(strict_types=1);

/**
 * Checks that two application servers do as one; started by bin/cluster. Ends as failed at the first thing that is not
 * so.
 */
$front = (string) getenv('APP_URL');
$servers = array_map(static fn (string $name): string => 'http://127.0.0.1:'.getenv($name), [
    'FIRST_PORT',
    'SECOND_PORT',
]);
$rush = json_decode((string) file_get_contents(__DIR__.'/../formats/examples/barriers.json'), true);

/** Ends it as failed: a sentence alone would end it as passed. */
$stop = static function (string $why): never {
    fwrite(STDERR, "$why\n");
    exit(1);
};

/** Somebody with a browser: cookies of their own, kept whichever server gave them. */
$somebody = static function () use (&$cookies): string {
    // A letter first: of figures alone PHP makes a number.
    $name = 'p'.bin2hex(random_bytes(4));
    $cookies[$name] = [];

    return $name;
};
$cookies = [];
/** @param  string|array<string, mixed>|null  $body  bytes, or what becomes JSON */
$call = static function (
    string $who,
    string $base,
    string $method,
    string $path,
    string|array|null $body = null,
    array $more = [],
) use (&$cookies): CurlHandle {
    $curl = curl_init($base.$path);
    $jar = $cookies[$who];
    $headers = [
        'Accept: application/json',
        'Expect:',
        is_string($body) ? 'Content-Type: application/octet-stream' : 'Content-Type: application/json',
        'X-XSRF-TOKEN: '.rawurldecode($jar['XSRF-TOKEN'] ?? ''),
        'Cookie: '.
        implode(
            '; ',
            array_map(static fn (string $name, string $value): string => "$name=$value", array_keys($jar), $jar),
        ),
        ...$more,
    ];
    curl_setopt_array($curl, [
        CURLOPT_RETURNTRANSFER => true,
        CURLOPT_CUSTOMREQUEST => $method,
        CURLOPT_HTTPHEADER => $headers,
        CURLOPT_TIMEOUT => 60,
        // Everybody from an address of their own, all of them of this machine.
        CURLOPT_INTERFACE => '127.0.1.'.(1 + array_search($who, array_keys($cookies), true)),
        CURLOPT_HEADERFUNCTION => static function (CurlHandle $c, string $line) use (&$cookies, $who): int {
            preg_match('/^Set-Cookie: ([^=]+)=([^;]*)/i', $line, $set) === 1 && ($cookies[$who][$set[1]] = $set[2]);

            return strlen($line);
        },
    ]);
    $body === null || curl_setopt($curl, CURLOPT_POSTFIELDS, is_string($body) ? $body : json_encode($body));

    return $curl;
};
/** @return array{int, mixed} status, 0 when nothing answers, and what was said */
$ask = static function (mixed ...$asked) use ($call): array {
    $curl = $call(...$asked);
    $said = curl_exec($curl);

    return [
        $said === false ? 0 : (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE),
        json_decode((string) $said, true) ?? $said,
    ];
};
$opened = static function () use ($somebody, $ask, $front, $stop): string {
    $who = $somebody();
    $ask($who, $front, 'GET', '/api/session');
    [$status] = $ask($who, $front, 'POST', '/api/account', [
        'name' => 'Somebody',
        'email' => "$who@example.test",
        'password' => 'three dry stones',
    ]);
    $status === 201 || $stop("could not open an account: $status");

    return $who;
};
$done = static function (string $what): void {
    printf("%5.1f s  %s\n", hrtime(true) / 1e9 - $GLOBALS['began'], $what);
};
$began = hrtime(true) / 1e9;

// Twelve pictures, their pieces to either server in turn; previews from both.
$person = $opened();
$pictures = [];
for ($i = 0; $i < 12; $i++) {
    $image = new Imagick();
    $image->newPseudoImage(1200, 800, 'plasma:tan-brown');
    $image->setImageFormat('jpeg');
    $bytes = $image->getImageBlob();
    $sha = hash('sha256', $bytes);
    [$status, $said] = $ask($person, $servers[$i % 2], 'POST', '/api/pictures/uploads', [
        'sha256' => $sha,
        'name' => "$i.jpg",
        'bytes' => strlen($bytes),
    ]);
    $status === 200 || $stop("picture $i was not taken: $status ".json_encode($said));
    foreach (str_split($bytes, (int) ceil(strlen($bytes) / 4)) as $n => $piece) {
        [$status, $said] = $ask(
            $person,
            $servers[$n % 2],
            'PUT',
            "/api/pictures/uploads/$sha?from={$said['received']}",
            $piece,
        );
        $status === 200 || $stop("piece $n of picture $i was not taken: $status ".json_encode($said));
    }
    is_string($said['picture'] ?? null) || $stop("picture $i did not come: ".json_encode($said));
    $pictures[] = $said['picture'];
}
for (
    $tries = 0;
    $tries < 240 && ($ask($person, $servers[$tries % 2], 'GET', '/api/pictures/state')[1]['waiting'] ?? 1) > 0;
    $tries++
) {
    usleep(250_000);
}
$shown = 0;
foreach ($ask($person, $servers[0], 'GET', '/api/pictures/bursts')[1]['items'] as ['burst' => ['id' => $id]]) {
    foreach ($ask($person, $servers[1], 'GET', "/api/bursts/$id/pictures")[1]['pictures'] as $told) {
        foreach ($servers as $server) {
            [$status, $jpeg] = $ask($person, $server, 'GET', (string) $told['thumbnail']);
            $shown += $status === 200 && is_string($jpeg) && str_starts_with($jpeg, "\xFF\xD8\xFF") ? 1 : 0;
        }
    }
}
$shown === 24 || $stop("only $shown of 24 thumbnails are shown");
$crop = static fn (string $server): array => $ask(
    $person,
    $server,
    'GET',
    "/api/pictures/$pictures[0]/crop?x=0.1&y=0&side=200",
);
$crop($servers[0])[1] === $crop($servers[1])[1] || $stop('the servers cut different pieces');
$done('12 of 12 pictures sent in pieces to both servers, 24 of 24 thumbnails shown by both');

// A limit is one limit.
$stranger = $somebody();
$ask($stranger, $front, 'GET', '/api/session');
$tries = array_map(
    static fn (int $i): int => $ask($stranger, $servers[$i % 2], 'POST', '/api/session', [
        'email' => 'nobody@example.test',
        'password' => 'wrong',
    ])[0],
    range(0, 5),
);
array_count_values($tries) === [422 => 5, 429 => 1] || $stop('signing in at both servers: '.implode(', ', $tries));
$done('5 wrong passwords at two servers, the sixth is too many');

// What one played the other knows, and the newer question overtakes the older.
$question = ['rush' => [...$rush, 'path' => [...$rush['path'], 'start_m' => 9.4321]], 'units' => 'metric'];
$times = [];
$said = [];
foreach ($servers as $server) {
    $since = hrtime(true);
    [$status, $said[]] = $ask($person, $server, 'POST', '/api/rank', $question);
    $times[] = (hrtime(true) - $since) / 1e9;
    $status === 200 || $stop("a ranking: $status");
}
$said[0] === $said[1] || $stop('the servers rank differently');
$done(sprintf('a ranking played by one in %.2f s, told by the other in %.2f s', ...$times));
$multi = curl_multi_init();
$turns = [];
foreach ([1, 2] as $turn) {
    $turns[$turn] = $call($person, $front, 'POST', '/api/rank', [
        ...$question,
        'rush' => [...$rush, 'path' => [...$rush['path'], 'start_m' => 9.5 + $turn / 100]],
        'window' => 'desk',
        'turn' => $turn,
    ]);
    curl_multi_add_handle($multi, $turns[$turn]);
    for ($i = 0; $i < 15; $i++) {
        curl_multi_exec($multi, $running);
        usleep(10_000);
    }
}
do {
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.1);
} while ($running > 0);
$turns = array_map(static fn (CurlHandle $curl): int => (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $turns);
$turns === [1 => 409, 2 => 200] || $stop('the older and the newer question: '.implode(', ', $turns));
$done('a newer question overtakes the older one');

// One of two is killed while twenty people list and write.
$people = array_map(static fn (int $i): string => $opened(), range(1, 20));
$multi = curl_multi_init();
$flying = [];
$count = ['asked' => 0, 'again' => 0, 'failed' => 0];
$promised = [];
$begin = static function (string $who, int $try, ?array $again = null) use (
    &$flying,
    &$count,
    $multi,
    $call,
    $front,
    $rush,
): void {
    $count['asked'] += $again === null ? 1 : 0;
    $asked = $again ?? ['name' => 'Write '.bin2hex(random_bytes(5)), 'writes' => $count['asked'] % 2 === 0];
    $curl = $asked['writes']
        ? $call(
            $who,
            $front,
            'POST',
            '/api/rushes',
            ['document' => [...$rush, 'name' => $asked['name']]],
            ["Idempotency-Key: $asked[name]"],
        )
        : $call($who, $front, 'GET', '/api/rushes');
    curl_multi_add_handle($multi, $curl);
    $flying[spl_object_id($curl)] = [$who, $try, $asked];
};
foreach ($people as $who) {
    $begin($who, 1);
}
$start = hrtime(true) / 1e9;
$killed = false;
while ($flying !== []) {
    $now = hrtime(true) / 1e9 - $start;
    if (! $killed && $now > 2.0) {
        $killed = true;
        posix_kill((int) getenv('FIRST_PID'), SIGKILL);
        foreach (glob(getenv('FIRST_HOME').'/run/*.session') ?: [] as $note) {
            $leader = (int) strtok((string) file_get_contents($note), ' ');
            $leader > 1 && shell_exec("pkill -KILL -s $leader");
        }
    }
    curl_multi_exec($multi, $running);
    curl_multi_select($multi, 0.05);
    while (($ended = curl_multi_info_read($multi)) !== false) {
        $curl = $ended['handle'];
        [$who, $try, $asked] = $flying[spl_object_id($curl)];
        unset($flying[spl_object_id($curl)]);
        $status = $ended['result'] === CURLE_OK ? (int) curl_getinfo($curl, CURLINFO_RESPONSE_CODE) : 0;
        $said = json_decode((string) curl_multi_getcontent($curl), true);
        curl_multi_remove_handle($multi, $curl);
        $good = in_array($status, [200, 201], true);
        if ($good && $asked['writes']) {
            $promised[$who][(string) $said['id']] = $asked['name'];
        }
        if (! $good && $try === 1) {
            $count['again']++;
            $begin($who, 2, $asked);
        } else {
            $count['failed'] += $good ? 0 : 1;
            $now < 8.0 && $begin($who, 1);
        }
    }
}
$killed || $stop('nothing was killed');
$lost = 0;
foreach ($promised as $who => $names) {
    $kept = [];
    $after = '';
    do {
        [$status, $page] = $ask($who, $front, 'GET', "/api/rushes?search=Write$after");
        $status === 200 || $stop("the list did not come: $status");
        $kept += array_column($page['items'], 'name', 'id');
        $after = "&after={$page['next']}";
    } while ($page['next'] !== null);
    $lost += count(array_diff_assoc($names, $kept)) + count($kept) - count(array_unique($kept));
}
$done(
    sprintf(
        'one of two killed under load: %d asked, %d asked a second time, %d refused then too; %d writes promised, %d lost or doubled',
        $count['asked'],
        $count['again'],
        $count['failed'],
        array_sum(array_map(count(...), $promised)),
        $lost,
    ),
);
($count['failed'] === 0 && $lost === 0) || $stop('somebody noticed');
[$status] = $ask($opened(), $front, 'POST', '/api/rank', $question);
$status === 200 || $stop("the other does not rank: $status");
$done('the other goes on alone');
