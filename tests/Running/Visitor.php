<?php

declare(strict_types=1);

namespace Tests\Running;

use App\Models\User;
use CurlHandle;
use RuntimeException;

/**
 * A browser without a window: keeps its cookies, proves where its requests come from, and can do several things at
 * once.
 */
final class Visitor
{
    /** @var array<string, string> cookies by name */
    public array $cookies = [];

    public readonly string $base;

    public function __construct(private readonly ?string $token = null)
    {
        $base = getenv('TEST_BASE_URL');
        $this->base =
            is_string($base) && $base !== ''
                ? $base
                : throw new RuntimeException('TEST_BASE_URL is not set: run bin/test.');
    }

    public static function in(User $user, string $password, bool $remember = false): self
    {
        $visitor = new self();
        $visitor->get('/api/session');
        $answer = $visitor->post('/api/session', [
            'email' => $user->email,
            'password' => $password,
            'remember' => $remember,
        ]);

        return $answer->status === 200 ? $visitor : throw new RuntimeException("Not let in: $answer->body");
    }

    public function get(string $path): Answer
    {
        return $this->ask('GET', $path);
    }

    /** @param  array<array-key, mixed>  $body */
    public function post(string $path, array $body = [], string $accept = 'application/json'): Answer
    {
        return $this->ask('POST', $path, $body, $accept);
    }

    /** @param  array<array-key, mixed>|string|null  $body */
    public function ask(
        string $method,
        string $path,
        array|string|null $body = null,
        string $accept = 'application/json',
    ): Answer {
        return $this->all([[$method, $path, $body, $accept]])[0];
    }

    /**
     * Asks all of it at once.
     *
     * @param  list<array{0: string, 1: string, 2?: array<array-key, mixed>|string|null, 3?: string}>  $requests
     * @return list<Answer>
     */
    public function all(array $requests): array
    {
        return self::together(array_map(fn (array $request): array => [$this, $request], $requests));
    }

    /**
     * Several people ask at once.
     *
     * @param  list<array{self, array{0: string, 1: string, 2?: array<array-key, mixed>|string|null, 3?: string}}>
     *   $requests
     * @param  list<int>|null  $order  takes down in which order they are answered
     * @return list<Answer>
     */
    public static function together(array $requests, ?array &$order = null): array
    {
        $multi = curl_multi_init();
        $handles = [];
        foreach ($requests as [$visitor, $request]) {
            curl_multi_add_handle($multi, $handles[] = $visitor->handle(...$request));
        }
        $order = [];
        do {
            curl_multi_exec($multi, $running);
            while (($done = curl_multi_info_read($multi)) !== false) {
                $order[] = array_search($done['handle'], $handles, true);
            }
            $running > 0 && curl_multi_select($multi, 1.0);
        } while ($running > 0);

        return array_map(
            static fn (array $asked, CurlHandle $handle): Answer => $asked[0]->answer($handle),
            $requests,
            $handles,
        );
    }

    /** Asks, and leaves as soon as something has come back. */
    public function askAndLeave(string $path, array $body): string
    {
        $said = '';
        $curl = $this->handle('POST', $path, $body, 'application/x-ndjson');
        curl_setopt($curl, CURLOPT_HEADER, false);
        curl_setopt($curl, CURLOPT_WRITEFUNCTION, static function (CurlHandle $c, string $data) use (&$said): int {
            $said .= $data;

            return 0;
        });
        curl_exec($curl);

        return $said;
    }

    /** @param  array<array-key, mixed>|string|null  $body */
    private function handle(
        string $method,
        string $path,
        array|string|null $body = null,
        string $accept = 'application/json',
    ): CurlHandle {
        $headers = ["Accept: $accept", 'Expect:'];
        if ($this->token !== null) {
            $headers[] = "Authorization: Bearer $this->token";
        }
        if ($this->cookies !== []) {
            $headers[] =
                'Cookie: '.
                implode(
                    '; ',
                    array_map(
                        static fn (string $name, string $value): string => "$name=$value",
                        array_keys($this->cookies),
                        $this->cookies,
                    ),
                );
            $headers[] = 'X-XSRF-TOKEN: '.rawurldecode($this->cookies['XSRF-TOKEN'] ?? '');
        }
        if ($body !== null) {
            $headers[] = 'Content-Type: application/json';
        }
        $curl = curl_init($this->base.$path);
        curl_setopt_array($curl, [
            CURLOPT_RETURNTRANSFER => true,
            CURLOPT_HEADER => true,
            CURLOPT_CUSTOMREQUEST => $method,
            CURLOPT_HTTPHEADER => $headers,
            CURLOPT_TIMEOUT => 300,
        ]);
        if ($body !== null) {
            curl_setopt($curl, CURLOPT_POSTFIELDS, is_string($body) ? $body : json_encode($body, JSON_THROW_ON_ERROR));
        }

        return $curl;
    }

    private function answer(CurlHandle $curl): Answer
    {
        $raw = (string) curl_multi_getcontent($curl);
        [$head, $body] = [...explode("\r\n\r\n", $raw, 2), ''];
        preg_match_all('/^Set-Cookie: ([^=]+)=([^;]*)/mi', $head, $set, PREG_SET_ORDER);
        foreach ($set as [, $name, $value]) {
            if ($value === '') {
                unset($this->cookies[$name]);
            } else {
                $this->cookies[$name] = $value;
            }
        }

        return new Answer(curl_getinfo($curl, CURLINFO_RESPONSE_CODE), $head, $body);
    }
}
