<?php

declare(strict_types=1);

namespace Tests\Running;

/** What the servers answered. */
final readonly class Answer
{
    public function __construct(public int $status, public string $head, public string $body)
    {
    }

    public function json(?string $key = null): mixed
    {
        $value = json_decode($this->body, true);

        return $key === null ? $value : data_get($value, $key);
    }

    /** @return list<array<string, mixed>> */
    public function lines(): array
    {
        return array_map(
            static fn (string $line): array => (array) json_decode($line, true),
            explode("\n", trim($this->body)),
        );
    }
}
