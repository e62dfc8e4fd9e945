<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Said;

/**
 * Who is coming, and what it is doing: of all names in the line the first, and there the longest. Where nobody is
 * named, a sport leads to its usual athlete; whatever leaves it open is not guessed at, but says who it is likely to
 * be.
 */
final readonly class SubjectNames
{
    /** So many are offered where it is not sure who is meant. */
    private const OFFERED = 6;

    /** Nobody said who. */
    private const ANYBODY = ['songbird-flight', 'gull-flight', 'dog-fetch', 'runner', 'road-cyclist', 'footballer-run'];

    /** @param  array<string, array<string, mixed>>  $subjects  profiles by id, one's own first */
    public function __construct(private array $subjects, private Grammar $grammar)
    {
    }

    /** Finds who it is; what it is doing is taken by {@see self::takeDoing} once the rest is read. */
    public function find(TypedLine $line): ?Piece
    {
        $best = null;
        foreach ($this->names() as $pattern => $ids) {
            if (
                preg_match("~(?<![\\p{L}-])(?:$pattern)(?![\\p{L}])~iu", $line->text, $match, PREG_OFFSET_CAPTURE) !== 1
            ) {
                continue;
            }
            [$text, $at] = $match[0];
            if ($best === null || $at < $best[1] || ($at === $best[1] && strlen($text) > strlen($best[0]))) {
                $best = [$text, $at, $ids];
            }
        }
        // A horse show is more than a horse.
        $sport = $this->kind($line->text, 'sports');
        if (
            $sport !== null &&
            ($best === null ||
                ($sport[1] <= $best[1] &&
                    $sport[1] + strlen($sport[0]) >= $best[1] + strlen($best[0]) &&
                    strlen($sport[0]) > strlen($best[0])))
        ) {
            $best = $sport;
        }
        // Who is named first is meant; of an animal we do not have a sport says nothing, as of one that swims.
        $creature = $this->kind($line->text, 'creatures');
        if ($best === null || ($creature !== null && ($best === $sport || $creature[1] < $best[1]))) {
            return null;
        }
        $id = $this->doing($line->text, $best[2]);

        return new Piece(
            $best[0],
            $best[1],
            'subject',
            $id,
            Said::of('read.subject', name: self::nameOf($this->subjects[$id])),
        );
    }

    /**
     * Who it is likely to be, the likeliest first: others of the sport that was said, or anybody who may be meant.
     *
     * @return list<string> ids, at most six
     */
    public function likely(TypedLine $line): array
    {
        $kind =
            $this->kind($line->text, 'creatures') ??
            ($this->kind($line->text, 'sports') ??
                ($this->kind($line->text, 'vague') ?? $this->kind($line->text, 'acts')));
        $ids =
            $kind[2] ?? array_values(array_filter(self::ANYBODY, fn (string $id): bool => isset($this->subjects[$id])));
        // What it is doing says who comes first.
        $doing = $ids === [] ? null : $this->doing($line->text, $ids);

        return array_slice(array_values(array_unique([...$doing === null ? [] : [$doing], ...$ids])), 0, self::OFFERED);
    }

    /** Strikes out what only says of which kind it is, once it is known who. */
    public function takeKind(TypedLine $line): void
    {
        foreach (['sports', 'vague'] as $kind) {
            foreach (array_keys($this->grammar->kinds($kind)) as $pattern) {
                while (($found = $line->find("(?<![\\p{L}-])(?:$pattern)(?![\\p{L}])")) !== null) {
                    $line->take($found[0], $found[1]);
                }
            }
        }
    }

    /**
     * The first of the line, and there the longest.
     *
     * @param  'sports'|'creatures'|'vague'|'acts'  $kind
     * @return array{string, int, non-empty-list<string>}|null the words, where they stand, and whom they may mean
     */
    private function kind(string $text, string $kind): ?array
    {
        $best = null;
        foreach ($this->grammar->kinds($kind) as $pattern => $ids) {
            $known = array_values(array_filter($ids, fn (string $id): bool => isset($this->subjects[$id])));
            if (
                $known === [] ||
                preg_match("~(?<![\\p{L}-])(?:$pattern)(?![\\p{L}])~iu", $text, $match, PREG_OFFSET_CAPTURE) !== 1
            ) {
                continue;
            }
            [$said, $at] = $match[0];
            if ($best === null || $at < $best[1] || ($at === $best[1] && strlen($said) > strlen($best[0]))) {
                $best = [$said, $at, $known];
            }
        }

        return $best;
    }

    /** Strikes out what it is doing, where nothing else was made of those words. */
    public function takeDoing(TypedLine $line, string $id): void
    {
        $doing = $this->grammar->doing($id);
        while ($doing !== null && ($found = $line->find("(?<![\\p{L}-])(?:$doing)(?![\\p{L}])")) !== null) {
            $line->take($found[0], $found[1]);
        }
    }

    /** @return array<string, non-empty-list<string>> patterns with the ids they may mean */
    private function names(): array
    {
        $names = [];
        $said = $this->grammar->names();
        $library = array_flip(array_merge(...array_values($said)));
        foreach (array_diff_key($this->subjects, $library) as $id => $profile) {
            $name = self::nameOf($profile);
            // Somebody's own are called by the whole name, or by what stands before the comma.
            if ($name !== '') {
                $names[preg_quote($name, '~')] ??= [$id];
                $names[preg_quote((string) strtok($name, ','), '~')] ??= [$id];
            }
        }
        foreach ($said as $pattern => $ids) {
            $known = array_values(array_filter($ids, fn (string $id): bool => isset($this->subjects[$id])));
            if ($known !== []) {
                $names[$pattern] = $known;
            }
        }

        return $names;
    }

    /** @param  non-empty-list<string>  $ids */
    private function doing(string $text, array $ids): string
    {
        $best = $ids[0];
        $longest = 0;
        foreach ($ids as $id) {
            $doing = $this->grammar->doing($id);
            if (
                $doing !== null &&
                preg_match("~(?<![\\p{L}-])(?:$doing)(?![\\p{L}])~iu", $text, $match) === 1 &&
                strlen($match[0]) > $longest
            ) {
                [$best, $longest] = [$id, strlen($match[0])];
            }
        }

        return $best;
    }

    /** @param  array<string, mixed>  $profile */
    private static function nameOf(array $profile): string
    {
        $subject = is_array($profile['subject'] ?? null) ? $profile['subject'] : [];

        return is_string($subject['name'] ?? null) ? $subject['name'] : '';
    }
}
