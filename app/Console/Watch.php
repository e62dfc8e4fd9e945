<?php

declare(strict_types=1);

namespace App\Console;

/**
 * Which servers run but do not move any more, from what was seen of them one time after the other. Busy is not dead:
 * what still takes requests in, however many wait, is left alone.
 */
final class Watch
{
    /** Seconds between two looks. */
    public const EVERY_S = 5;

    /** So many times in a row nothing was heard: then it is dead. */
    public const SILENT = 4;

    /** So many times in a row requests waited and none was taken in. It is longer than any one request may take. */
    public const STILL = 16;

    /** @var array<string, int> */
    private array $silent = ['nginx' => 0, 'php-fpm' => 0, 'pool' => 0];

    private int $still = 0;

    /** Requests taken in until the last look. */
    private ?int $taken = null;

    /**
     * @param  bool  $web  whether the web server answered
     * @param  array<array-key, mixed>|null  $status  what php-fpm says of itself; null for nothing
     * @param  bool  $pool  whether the pool answered
     * @return list<string> those to be started anew
     */
    public function dead(bool $web, ?array $status, bool $pool): array
    {
        $this->silent = [
            'nginx' => $web ? 0 : $this->silent['nginx'] + 1,
            // Without the web server nothing is known of what is behind it.
            'php-fpm' => ! $web || $status !== null ? 0 : $this->silent['php-fpm'] + 1,
            'pool' => $pool ? 0 : $this->silent['pool'] + 1,
        ];
        $taken = is_int($status['accepted conn'] ?? null) ? $status['accepted conn'] : null;
        $stuck =
            $status !== null &&
            ($status['idle processes'] ?? 0) === 0 &&
            ($status['listen queue'] ?? 0) > 0 &&
            $taken === $this->taken;
        $this->still = $stuck ? $this->still + 1 : 0;
        $this->taken = $taken;
        $dead = array_keys(array_filter($this->silent, static fn (int $times): bool => $times >= self::SILENT));
        if ($this->still >= self::STILL) {
            $dead = array_values(array_unique([...$dead, 'php-fpm']));
            $this->still = 0;
        }
        foreach ($dead as $server) {
            $this->silent[$server] = 0;
        }

        return $dead;
    }
}
