<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Document\RushDocument;
use RushHold\Library\SubjectKinds;
use RushHold\Refused;

/**
 * Makes a rush of one line as somebody would say it: “hare bolting across at 26 m through tall grass, first light”.
 * Fixed wordings and numbers with units, nothing that guesses; what is not understood is said.
 */
final readonly class LineReader
{
    /** Bytes a line may have. */
    public const LONGEST = RushDocument::LONGEST_LINE;

    /** Words that carry nothing of their own here. */
    private const FILLERS = 'a|an|the|and|or|of|in|at|on|to|with|from|by|for|over|it|its|is|are|be|my|our|me|us|i|we|as|then|but|up|down|off|out|into|onto|low|high|near|nearly|about|around|roughly|some|quite|very|just|right|straight|directly|distance|range|away|there|here|this|that|who|which|will|only|under|through|along|between|behind|before|after|past|comes?|coming|came|goes|going|gets?|getting|runs?|running|fl(?:y|ies|ying)|flight|moving|moves|passing|expect|expecting|free|set|level|eye|light|lights|bright|mud|muddy|dust|dusty|gravel|snow|panning|pan|wind|the wind|edge|bank|hedge|wall|rails?|boat|roofs?|banking|white water|butterfly stroke|crawl|breaststroke|backstroke|freestyle|line|day|weather|young|old|adult|juvenile|junior|senior|male|female|wild|lone|single|little|great|common|crested|big|large|small|pair|famil(?:y|ies)|cubs?|together|next|outside|inside|back|all|one|two|three|four|five|six|seven|eight|nine|ten|his|her|their|him|them|your|usual|late|soft|doing|track|street|top|side|middle|end|start(?:ing)?|first|second|third|last|final|during|while|when|where|so|was|has|have|being|again|also|still|now|maybe|probably|hopefully|ideally|please|would|like|should|against|around|round|beside|near(?:by)?|until|above|below|beneath|upon|photo(?:graph)?s?|shoot(?:ing)?|take|pictures?|want|lens|camera|body';

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
        $line = new Line($text);
        $names = new SubjectNames($this->subjects);
        $subject = $names->find($line);
        $likely = $names->likely($line);
        if ($subject !== null) {
            $line->understand($subject);
        }
        Amounts::read($line);
        Phrases::read($line);
        if ($subject !== null && is_string($subject->value)) {
            $names->takeDoing($line, $subject->value);
            $this->ofTheSport($line, $subject->value);
        }
        $names->takeKind($line);
        $left = array_values(
            array_filter(
                $line->leftWords(),
                static fn (array $word): bool => preg_match('~^(?:'.self::FILLERS.')$~iu', $word['text']) !== 1,
            ),
        );

        $byName =
            $subject !== null &&
            preg_match('~^(?:'.implode('|', array_keys(SubjectKinds::SPORTS)).')$~iu', $subject->text) !== 1;

        return new Reading(
            $text,
            $line->pieces(),
            $left,
            $this->subjects,
            $this->lenses,
            $without,
            $byName ? [] : $likely,
        );
    }

    /** A stroke is not an insect. */
    private function ofTheSport(Line $line, string $id): void
    {
        if (str_starts_with($id, 'swim') && ($found = $line->find('\bbutterfly\b')) !== null) {
            $line->take($found[0], $found[1]);
        }
    }
}
