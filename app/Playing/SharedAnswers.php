<?php

declare(strict_types=1);

namespace App\Playing;

use Predis\Client;
use Predis\PredisException;

/**
 * Answers that several servers share, so that what one of them played is not played again by another. An answer that
 * cannot be shared is played again; that is never an error.
 */
final class SharedAnswers
{
    private const KEPT_S = 86_400;

    private const PATIENCE_S = 1.0;

    private ?Client $redis = null;

    /** @param  string|null  $url  of the Redis they are kept in; null shares none */
    public function __construct(private readonly ?string $url)
    {
    }

    public static function ofEnvironment(): self
    {
        $url = getenv('ANSWERS_URL');

        return new self(is_string($url) && $url !== '' ? $url : null);
    }

    /** @return string|null JSON */
    public function get(string $key): ?string
    {
        try {
            $kept = $this->redis()?->get(self::name($key));
            $json = is_string($kept) ? @gzuncompress($kept) : false;

            return $json === false ? null : $json;
        } catch (PredisException) {
            return null;
        }
    }

    public function keep(string $key, string $json): void
    {
        try {
            $this->redis()?->setex(self::name($key), self::KEPT_S, (string) gzcompress($json, 1));
        } catch (PredisException) {
            $this->redis = null;
        }
    }

    private function redis(): ?Client
    {
        return $this->url === null
            ? null
            : ($this->redis ??= new Client($this->url, [
                'parameters' => ['timeout' => self::PATIENCE_S, 'read_write_timeout' => self::PATIENCE_S],
            ]));
    }

    private static function name(string $key): string
    {
        return "rush-hold:answer:$key";
    }
}
