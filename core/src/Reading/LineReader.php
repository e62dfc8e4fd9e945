<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Document\RushDocument;
use RushHold\Refused;
use RushHold\Words\Words;

/**
 * Makes a rush of one line as somebody would say it: “hare bolting across at 26 m through tall grass, first light”.
 * Fixed wordings and numbers with units, nothing that guesses; what is not understood is said.
 */
final readonly class LineReader
{
    /** Bytes a line may have. */
    public const LONGEST = RushDocument::LONGEST_LINE;

    /**
     * @param  array<string, array<string, mixed>>  $subjects  profiles by id, one's own first
     * @param  array<string, array<string, mixed>>  $lenses  documents by id, one's own first
     */
    public function __construct(private array $subjects, private array $lenses)
    {
    }

    /**
     * @param  list<string>  $without  fields that are not to be taken from the line
     *
     * @throws Refused for a line that is empty or too long
     */
    public function read(string $text, array $without = []): Reading
    {
        $text = trim((string) preg_replace('~\s+~u', ' ', $text));
        if ($text === '' || strlen($text) > self::LONGEST || preg_match('~^.~u', $text) !== 1) {
            throw Refused::because('line', $text === '' ? 'missing' : 'line-length', most: (string) self::LONGEST);
        }
        $spoken = Grammar::of(Words::language());
        $best = $this->by($spoken, $text, $without);
        foreach ($best->wordsLeft() === 0 ? [] : Grammar::all() as $grammar) {
            // Whoever writes in another of the languages is understood as well.
            $other = $grammar === $spoken ? null : $this->by($grammar, $text, $without);
            if ($other !== null && $other->saysWho() && $other->wordsLeft() < $best->wordsLeft()) {
                $best = $other;
            }
        }

        return $best;
    }

    /** @param  list<string>  $without */
    private function by(Grammar $grammar, string $text, array $without): Reading
    {
        $line = new TypedLine($text);
        $names = new SubjectNames($this->subjects, $grammar);
        $subject = $names->find($line);
        $likely = $names->likely($line);
        if ($subject !== null) {
            $line->understand($subject);
        }
        (new Amounts($grammar))->read($line);
        (new Phrases($grammar))->read($line);
        if ($subject !== null && is_string($subject->value)) {
            $names->takeDoing($line, $subject->value);
            $this->ofTheSport($line, $subject->value);
        }
        $names->takeKind($line);
        $left = array_values(
            array_filter($line->leftWords(), static fn (array $word): bool => ! $grammar->isFiller($word['text'])),
        );
        $byName =
            $subject !== null &&
            preg_match('~^(?:'.implode('|', array_keys($grammar->kinds('sports'))).')$~iu', $subject->text) !== 1;

        return new Reading(
            $text,
            $line->pieces(),
            $left,
            $this->subjects,
            $this->lenses,
            $without,
            $grammar,
            $byName ? [] : $likely,
        );
    }

    /** A stroke is not an insect. */
    private function ofTheSport(TypedLine $line, string $id): void
    {
        if (str_starts_with($id, 'swim') && ($found = $line->find('\bbutterfly\b')) !== null) {
            $line->take($found[0], $found[1]);
        }
    }
}
