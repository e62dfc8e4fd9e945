<?php

declare(strict_types=1);

namespace RushHold\Words;

use LogicException;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Refused;
use RushHold\Rush\Hazard;
use RushHold\Said;
use RushHold\Units;

/**
 * Puts what the core found into sentences. All of them stand in the catalogue, as ICU messages by key.
 *
 * In a message a fact is named in braces. A word of a closed set is written as its label, and chosen by as `name_is`,
 * with low lines for what is no letter; a sentence within a sentence begins with a small letter as `name_within`.
 */
final class Words
{
    /** Parts of the catalogue that have labels only. */
    private const PLAIN_PARTS = ['core/labels', 'core/fields', 'core/screens'];

    /** What the key of a label ends with that is for the inside of a sentence. */
    private const WITHIN = '.within';

    private static string $language = Catalogue::FIRST;

    private readonly Measuring $measuring;

    private function __construct(Units $units)
    {
        $this->measuring = new Measuring($units);
    }

    public static function in(Units $units): self
    {
        return new self($units);
    }

    /** @return array<string, string> every message by its key */
    public static function catalogue(): array
    {
        return self::spoken()->messages();
    }

    public static function has(string $key): bool
    {
        return self::spoken()->message($key) !== null;
    }

    /** From here on everything is said in this language; the first one where there is no folder for it. */
    public static function speak(string $language): void
    {
        self::$language = in_array($language, [...Catalogue::languages(), Pseudo::LANGUAGE], true)
            ? $language
            : Catalogue::FIRST;
    }

    /**
     * Says something in a language, whatever is spoken else.
     *
     * @template T
     *
     * @param  callable(): T  $say
     * @return T
     */
    public static function speaking(string $language, callable $say): mixed
    {
        $else = self::$language;
        self::speak($language);
        try {
            return $say();
        } finally {
            self::$language = $else;
        }
    }

    public static function language(): string
    {
        return self::$language;
    }

    /**
     * A sentence that stands by itself.
     *
     * @param  array<string, string|int|float>  $facts  what goes into it, by name
     */
    public static function text(string $key, array $facts = []): string
    {
        return self::spoken()->say($key, $facts);
    }

    /** The catalogue of the language that is spoken. */
    private static function spoken(): Catalogue
    {
        return Catalogue::of(self::$language);
    }

    /**
     * The labels that screens and other clients show: of closed sets, of settings and of fields.
     *
     * @return array<string, array<string, string>> by the set, then by the word
     */
    public static function labels(): array
    {
        $labels = [];
        foreach (self::PLAIN_PARTS as $part) {
            // What a language lacks is said in the first.
            foreach (
                [...Catalogue::of(Catalogue::FIRST)->part($part), ...self::spoken()->part($part)] as $key => $label
            ) {
                [$set, $word] = explode('.', $key, 2);
                if (! str_contains($label, '{') && ! str_ends_with($key, self::WITHIN)) {
                    $labels[$set][$word] = $label;
                }
            }
        }
        foreach (Hazard::cases() as $hazard) {
            $labels['caution'][$hazard->value] = self::spoken()->say("caution.{$hazard->value}");
        }

        return $labels;
    }

    /** @return array<string, string> labels that stand otherwise inside a sentence, by “set.word” */
    public static function labelsWithin(): array
    {
        $within = [];
        foreach (self::PLAIN_PARTS as $part) {
            foreach (self::spoken()->part($part) as $key => $label) {
                if (str_ends_with($key, self::WITHIN)) {
                    $within[substr($key, 0, -strlen(self::WITHIN))] = $label;
                }
            }
        }

        return $within;
    }

    /** What people read for a word of a closed set. */
    public static function label(Labelled $word): string
    {
        return self::spoken()->message(self::keyOf($word)) ??
            throw new LogicException('There is no label for '.self::keyOf($word).'.');
    }

    /** A label as it stands inside a sentence: “the thumb button”. */
    public static function within(Labelled $word): string
    {
        return self::spoken()->message(self::keyOf($word).self::WITHIN) ?? self::inside(self::label($word));
    }

    /** A sentence or a name as it stands inside a sentence. */
    public static function inside(string $words): string
    {
        return self::spoken()->within($words);
    }

    /** A word that somebody wrote, in the marks of the language. */
    public static function quoted(string $word): string
    {
        return self::spoken()->quoted($word);
    }

    /** Numbers written with a decimal point, as the language that is spoken writes them: “1,3 s”. */
    public static function figures(string $written): string
    {
        return self::spoken()->figures($written);
    }

    /** Where the catalogue has a word: “focus-mode.single”. */
    public static function keyOf(Labelled $word): string
    {
        $set = substr((string) strrchr($word::class, '\\'), 1);

        return strtolower((string) preg_replace('/(?<!^)[A-Z]/', '-$0', $set)).'.'.$word->value;
    }

    public function say(Said $said): string
    {
        $facts = [];
        foreach ($said->facts as $name => $fact) {
            $facts += $this->fact($name, $fact);
        }

        return self::spoken()->say($said->key, $facts);
    }

    public function quantity(Quantity $quantity): string
    {
        return self::figures((string) $this->measuring->write($quantity));
    }

    /** What somebody is told whose input cannot be meant. */
    public function refused(Refused $refused): string
    {
        $said = $this->say($refused->reason->with('field', FieldNames::of($refused->field)));

        return mb_strtoupper(mb_substr($said, 0, 1)).mb_substr($said, 1);
    }

    /** @return array<string, string|float> */
    private function fact(string $name, mixed $fact): array
    {
        return match (true) {
            $fact instanceof Quantity => [$name => $this->amount($fact)],
            $fact instanceof Labelled => [
                $name => self::label($fact),
                "{$name}_within" => self::within($fact),
                "{$name}_is" => strtr((string) $fact->value, '- ', '__'),
            ],
            $fact instanceof Said => [$name => $this->say($fact), "{$name}_within" => self::inside($this->say($fact))],
            is_bool($fact) => [$name => $fact ? 'yes' : 'no'],
            is_array($fact) => [$name => implode(', ', array_map($this->part(...), $fact))],
            $name === 'unit' && is_string($fact) => [
                $name => self::has("unit.$fact") ? self::text("unit.$fact") : $fact,
            ],
            default => [$name => is_string($fact) ? $fact : ''],
        };
    }

    /** With its unit; a number only where a sentence counts with it. */
    private function amount(Quantity $quantity): string|float
    {
        $written = $this->measuring->write($quantity);

        return is_string($written) ? self::figures($written) : $written;
    }

    /** One of several, as it stands among commas. */
    private function part(mixed $part): string
    {
        return match (true) {
            $part instanceof Labelled => self::label($part),
            $part instanceof Said => $this->say($part),
            default => is_string($part) ? $part : '',
        };
    }
}
