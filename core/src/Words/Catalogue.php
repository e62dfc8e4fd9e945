<?php

declare(strict_types=1);

namespace RushHold\Words;

use LogicException;
use MessageFormatter;
use NumberFormatter;
use RushHold\Units;

/**
 * Every message of one language by its key, as ICU MessageFormat: those of the core and of the server in
 * `lang/<language>/core` and `lang/<language>/app`, and what is particular to the language in `language.json`. What the
 * screens say beside is read by the front end.
 */
final class Catalogue
{
    /** The language that has every message; another falls back on it. */
    public const FIRST = 'en';

    private const FOLDER = __DIR__.'/../../../lang';

    /** Folders in which a message stands, and the parts of the first that are labels alone. */
    private const ROOMS = ['core', 'app'];

    /** @var array<string, self> by language */
    private static array $known = [];

    /** @var array<string, array<string, string>> by part, then by key */
    private array $parts = [];

    /** @var array<string, string> by key */
    private array $messages = [];

    /** @var array<string, MessageFormatter> by key */
    private array $formatters = [];

    /** @var array<string, string> its `name`, whether it begins `small` within a sentence, its usual `units` */
    private readonly array $about;

    private readonly string $decimalMark;

    private function __construct(private readonly string $language)
    {
        $pseudo = $language === Pseudo::LANGUAGE;
        $folder = self::FOLDER.'/'.($pseudo ? self::FIRST : $language);
        $this->about = self::read("$folder/language.json");
        $this->decimalMark = (new NumberFormatter($language, NumberFormatter::DECIMAL))->getSymbol(
            NumberFormatter::DECIMAL_SEPARATOR_SYMBOL,
        );
        foreach (self::ROOMS as $room) {
            foreach (glob("$folder/$room/*.json") ?: [] as $file) {
                $messages = self::read($file);
                $messages = $pseudo ? array_map(Pseudo::of(...), $messages) : $messages;
                $this->parts["$room/".basename($file, '.json')] = $messages;
                $this->messages += $messages;
            }
        }
    }

    /** @param  string  $language  one of `languages()` */
    public static function of(string $language): self
    {
        return self::$known[$language] ??= new self($language);
    }

    /** @return list<string> the languages there is a folder for, such as `en` */
    public static function languages(): array
    {
        return array_map(basename(...), glob(self::FOLDER.'/*', GLOB_ONLYDIR) ?: []);
    }

    /** @return array<string, string> */
    private static function read(string $file): array
    {
        /** @var array<string, string> */
        return json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    }

    /** What the language calls itself: “Deutsch”. */
    public function name(): string
    {
        return $this->about['name'];
    }

    /** The units that people who speak it read speeds and lengths in. */
    public function units(): Units
    {
        return Units::from($this->about['units']);
    }

    /** Words as they stand inside a sentence; what is written in capitals stays so. */
    public function within(string $words): string
    {
        return $this->about['within'] !== 'small' || preg_match('/^\p{Lu}\p{Lu}/u', $words) === 1
            ? $words
            : mb_strtolower(mb_substr($words, 0, 1)).mb_substr($words, 1);
    }

    /** A word that somebody wrote, in the marks of the language: “start”, „start“. */
    public function quoted(string $word): string
    {
        [$opens, $closes] = mb_str_split($this->about['quotes']);

        return $opens.$word.$closes;
    }

    /** Decimal points in what was written of numbers, as the language has them: “f/5,6”. */
    public function figures(string $written): string
    {
        return $this->decimalMark === '.'
            ? $written
            : (string) preg_replace('/(?<=\d)\.(?=\d)/', $this->decimalMark, $written);
    }

    /** @return array<string, mixed> how a line is said in it; empty where nobody has written that */
    public function grammar(): array
    {
        $file = self::FOLDER."/$this->language/grammar.json";

        return is_file($file) ? self::read($file) : [];
    }

    /** @return array<string, array<string, string>> every message of a language, of the screens as well, by file and key */
    public static function written(string $language): array
    {
        $written = [];
        foreach (glob(self::FOLDER."/$language/*/*.json") ?: [] as $file) {
            $written[basename(dirname($file)).'/'.basename($file, '.json')] = self::read($file);
        }

        return $written;
    }

    /** @return array<string, string> by key */
    public function messages(): array
    {
        return $this->messages;
    }

    /** @return array<string, string> the messages of a part (`core/labels`), by key */
    public function part(string $part): array
    {
        return $this->parts[$part] ?? [];
    }

    /** The message as it is written; null where there is none. */
    public function message(string $key): ?string
    {
        return $this->messages[$key] ?? ($this->language === self::FIRST ? null : self::of(self::FIRST)->message($key));
    }

    /**
     * @param  array<string, string|int|float>  $facts  what goes into it, by name
     *
     * @throws LogicException where there is no such message, or a fact it needs is not among those given
     */
    public function say(string $key, array $facts = []): string
    {
        $message = $this->message($key) ?? throw new LogicException("There is no sentence “{$key}”.");
        $this->formatters[$key] ??= new MessageFormatter($this->language, $message);
        // A whole number that goes in as it is has no commas in it.
        $text = $this->formatters[$key]->format(
            array_map(
                fn (string|int|float $fact): string|float => match (true) {
                    is_int($fact) => (string) $fact,
                    is_numeric($fact) && is_string($fact) => $this->figures($fact),
                    default => $fact,
                },
                $facts,
            ),
        );

        return is_string($text)
            ? $text
            : throw new LogicException("“{$key}” cannot be said: ".intl_get_error_message());
    }
}
