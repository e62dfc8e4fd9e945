<?php

declare(strict_types=1);

namespace RushHold\Reading;

/** A line being read: what is taken is struck out, so that nothing is understood twice. */
final class TypedLine
{
    /** Stands for what is taken: no word goes across it. */
    private const TAKEN = '|';

    private string $left;

    /** @var list<Piece> */
    private array $pieces = [];

    public function __construct(public readonly string $text)
    {
        $this->left = $text;
    }

    /**
     * The first place where a pattern fits what is left.
     *
     * @return array{string, int, array<int|string, string>}|null its text, first byte and groups
     */
    public function find(string $pattern): ?array
    {
        if (preg_match("~$pattern~iu", $this->left, $match, PREG_OFFSET_CAPTURE) !== 1) {
            return null;
        }

        return [$match[0][0], $match[0][1], array_map(static fn (array $group): string => $group[0], $match)];
    }

    public function take(string $text, int $at): void
    {
        $this->left = substr_replace($this->left, str_repeat(self::TAKEN, strlen($text)), $at, strlen($text));
    }

    public function understand(Piece $piece): void
    {
        // What was said first holds; the line says it only once, or the same in other words.
        if (! $this->has($piece->field)) {
            $this->pieces[] = $piece;
        }
        $this->take($piece->text, $piece->at);
    }

    public function has(string $field): bool
    {
        return in_array($field, array_column($this->pieces, 'field'), true);
    }

    /** @return list<Piece> in the order of the line */
    public function pieces(): array
    {
        $pieces = $this->pieces;
        usort($pieces, static fn (Piece $a, Piece $b): int => $a->at <=> $b->at);

        return $pieces;
    }

    /**
     * Words that nothing was made of.
     *
     * @return list<array{text: string, at: int}>
     */
    public function leftWords(): array
    {
        preg_match_all(
            "~[\\p{L}\\p{N}][\\p{L}\\p{N}'’.,/:-]*[\\p{L}\\p{N}]|[\\p{L}\\p{N}]~u",
            $this->left,
            $words,
            PREG_OFFSET_CAPTURE,
        );

        return array_map(static fn (array $word): array => ['text' => $word[0], 'at' => $word[1]], $words[0]);
    }
}
