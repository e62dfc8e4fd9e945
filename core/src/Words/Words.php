<?php

declare(strict_types=1);

namespace RushHold\Words;

use LogicException;
use MessageFormatter;
use RushHold\Labelled;
use RushHold\Quantity;
use RushHold\Refused;
use RushHold\Rush\Hazard;
use RushHold\Said;
use RushHold\Units;

/**
 * Puts what the core found into sentences. All of them stand in one catalogue, `English/`, as ICU messages by key.
 *
 * In a message a fact is named in braces. A word of a closed set is written as its label, and chosen by as `name_is`,
 * with low lines for what is no letter; a sentence within a sentence begins with a small letter as `name_within`.
 */
final class Words
{
    private const LOCALE = 'en';

    /** Parts of the catalogue, each a file. */
    private const PARTS = [
        'labels',
        'rules',
        'solving',
        'misfits',
        'fields',
        'refusals',
        'screens',
        'reading',
        'pages',
        'layouts',
        'outings',
        'causes',
    ];

    /** Those that have labels only. */
    private const PLAIN_PARTS = ['labels', 'fields', 'screens'];

    /** What the key of a label ends with that is for the inside of a sentence. */
    private const WITHIN = '.within';

    /** @var array<string, string>|null by key */
    private static ?array $catalogue = null;

    /** @var array<string, MessageFormatter> by key */
    private static array $formatters = [];

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
        if (self::$catalogue === null) {
            self::$catalogue = [];
            foreach (self::PARTS as $part) {
                /** @var array<string, string> $messages */
                $messages = require __DIR__."/English/$part.php";
                self::$catalogue += $messages;
            }
        }

        return self::$catalogue;
    }

    public static function has(string $key): bool
    {
        return isset(self::catalogue()[$key]);
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
            /** @var array<string, string> $messages */
            $messages = require __DIR__."/English/$part.php";
            foreach ($messages as $key => $label) {
                [$set, $word] = explode('.', $key, 2);
                if (! str_contains($label, '{') && ! str_ends_with($key, self::WITHIN)) {
                    $labels[$set][$word] = $label;
                }
            }
        }
        foreach (Hazard::cases() as $hazard) {
            $labels['caution'][$hazard->value] = self::catalogue()["caution.{$hazard->value}"];
        }

        return $labels;
    }

    /** What people read for a word of a closed set. */
    public static function label(Labelled $word): string
    {
        return self::catalogue()[self::keyOf($word)] ??
            throw new LogicException('There is no label for '.self::keyOf($word).'.');
    }

    /** A label as it stands inside a sentence: “the thumb button”. */
    public static function within(Labelled $word): string
    {
        $label = self::label($word);

        // What is written in capitals stays so.
        return self::catalogue()[self::keyOf($word).self::WITHIN] ??
            (preg_match('/^\p{Lu}\p{Lu}/u', $label) === 1 ? $label : lcfirst($label));
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
        $text = self::formatter($said->key)->format($facts);
        if (! is_string($text)) {
            throw new LogicException("“{$said->key}” cannot be said: ".intl_get_error_message());
        }

        return $text;
    }

    public function quantity(Quantity $quantity): string
    {
        return (string) $this->measuring->write($quantity);
    }

    /** What somebody is told whose input cannot be meant. */
    public function refused(Refused $refused): string
    {
        return ucfirst($this->say($refused->reason->with('field', FieldNames::of($refused->field))));
    }

    /** @return array<string, string|float> */
    private function fact(string $name, mixed $fact): array
    {
        return match (true) {
            $fact instanceof Quantity => [$name => $this->measuring->write($fact)],
            $fact instanceof Labelled => [
                $name => self::label($fact),
                "{$name}_within" => self::within($fact),
                "{$name}_is" => strtr((string) $fact->value, '- ', '__'),
            ],
            $fact instanceof Said => [$name => $this->say($fact), "{$name}_within" => lcfirst($this->say($fact))],
            is_bool($fact) => [$name => $fact ? 'yes' : 'no'],
            is_array($fact) => [$name => implode(', ', array_map($this->part(...), $fact))],
            default => [$name => is_string($fact) ? $fact : ''],
        };
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

    private static function formatter(string $key): MessageFormatter
    {
        $message = self::catalogue()[$key] ?? throw new LogicException("There is no sentence “{$key}”.");

        return self::$formatters[$key] ??= new MessageFormatter(self::LOCALE, $message);
    }
}
