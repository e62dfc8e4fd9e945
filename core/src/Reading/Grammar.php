<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Words\Catalogue;

/**
 * How people say what is expected, in one language: `lang/<language>/grammar.json`. All in it are patterns without case;
 * what they mean is the same in every language.
 *
 * @phpstan-type Wording array{string, string}
 * @phpstan-type Rules array{fillers: string, thousands: string, words: array<string, string>, numbers: array<string, float>,
 *   minutes: array<string, float>, lengths: array<string, float>, speeds: array<string, float>,
 *   seconds: array<string, float>, amounts: array<string, string>, phrases: list<Wording>, later: list<Wording>,
 *   plants: array<string, array{float, float}>, thick: array<string, float>, names: array<string, string>,
 *   doing: array<string, string>, sports: array<string, string>, creatures: array<string, string>,
 *   vague: array<string, string>, acts: array<string, string>}
 */
final class Grammar
{
    /** @var array<string, self> by language */
    private static array $known = [];

    /** @param  Rules  $rules */
    private function __construct(private readonly array $rules)
    {
    }

    /** That of a language, or of the first one where it has none. */
    public static function of(string $language): self
    {
        return self::all()[$language] ?? self::all()[Catalogue::FIRST];
    }

    /** @return array<string, self> by language */
    public static function all(): array
    {
        if (self::$known === []) {
            foreach (Catalogue::languages() as $language) {
                $written = Catalogue::of($language)->grammar();
                if ($written !== []) {
                    /** @var Rules $rules */
                    $rules = $written;
                    self::$known[$language] = new self($rules);
                }
            }
        }

        return self::$known;
    }

    /** Words that carry nothing of their own. */
    public function isFiller(string $word): bool
    {
        return preg_match('~^(?:'.$this->rules['fillers'].')$~iu', $word) === 1;
    }

    /** How an amount is said, with `%n` for its number and `%u` for its unit. */
    public function amount(string $name): string
    {
        return $this->filled($this->rules['amounts'][$name]);
    }

    /** @return array<string, float> patterns of `lengths`, `speeds` or `seconds`, with what they are in SI */
    public function units(string $kind): array
    {
        return match ($kind) {
            'lengths' => $this->rules['lengths'],
            'speeds' => $this->rules['speeds'],
            default => $this->rules['seconds'],
        };
    }

    /** @return list<string> numbers that are written as words */
    public function numberWords(): array
    {
        return array_map(strval(...), array_keys($this->rules['numbers']));
    }

    public function number(string $written): float
    {
        $mark = preg_quote($this->rules['thousands'], '~');
        if ($mark !== '' && preg_match("~^[0-9]{1,3}(?:{$mark}[0-9]{3})+$~", $written) === 1) {
            $written = str_replace($this->rules['thousands'], '', $written);
        }

        return (float) ($this->rules['numbers'][mb_strtolower($written)] ??
            str_replace([' ', ','], ['', '.'], $written));
    }

    /** “Half an hour”, or a number of minutes. */
    public function minutes(string $written): float
    {
        return (float) ($this->rules['minutes'][mb_strtolower($written)] ?? $written);
    }

    /** @return list<Wording> in this order, the longer one before the shorter; said before what stands in front is read */
    public function phrases(): array
    {
        return array_map(fn (array $one): array => [$one[0], $this->filled($one[1])], $this->rules['phrases']);
    }

    /** @return list<Wording> those that are read after it */
    public function laterPhrases(): array
    {
        return array_map(fn (array $one): array => [$one[0], $this->filled($one[1])], $this->rules['later']);
    }

    /**
     * What stands before or around a subject, with the share of the view that it takes and how near to the subject it
     * stands.
     *
     * @return array<string, array{float, float}>
     */
    public function plants(): array
    {
        return $this->rules['plants'];
    }

    /** @return array<string, float> how thick something stands, with how much more of the view it takes */
    public function thick(): array
    {
        return $this->rules['thick'];
    }

    /** @return array<string, non-empty-list<string>> names, with the subjects each may mean: the first where nothing is said of what it does */
    public function names(): array
    {
        return array_map(self::listed(...), $this->rules['names']);
    }

    /** What a subject of the library is doing; null where there is only one of its kind. */
    public function doing(string $id): ?string
    {
        return $this->rules['doing'][$id] ?? null;
    }

    /**
     * What people say without naming who is coming, with the subjects it is likely to be: `sports`, sure enough to plan
     * with the usual athlete; `creatures` the library does not have, with those most like them; `vague` words for
     * several quite unlike each other; and what somebody nobody named does, `acts`.
     *
     * @param  'sports'|'creatures'|'vague'|'acts'  $kind
     * @return array<string, non-empty-list<string>>
     */
    public function kinds(string $kind): array
    {
        return array_map(self::listed(...), $this->rules[$kind]);
    }

    /**
     * What else a subject is called, plainly, for whoever searches: “peregrine” for a falcon.
     *
     * @return list<string>
     */
    public function alsoCalled(string $id): array
    {
        $called = [];
        foreach ($this->names() as $pattern => $ids) {
            $called = in_array($id, $ids, true) ? [...$called, ...Plain::words($pattern)] : $called;
        }

        return array_values(array_unique($called));
    }

    /** @return non-empty-list<string> */
    private static function listed(string $ids): array
    {
        return explode(' ', $ids);
    }

    /** Words that come again, such as `@me@`, in their place. */
    private function filled(string $pattern): string
    {
        foreach ($this->rules['words'] as $name => $words) {
            $pattern = str_replace("@$name@", $words, $pattern);
        }

        return $pattern;
    }
}
