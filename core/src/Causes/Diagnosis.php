<?php

declare(strict_types=1);

namespace RushHold\Causes;

use RushHold\Record\Posterior;
use RushHold\Refused;

/**
 * What went wrong in a burst: a naive Bayes estimate over causes, from a prior and from answers.
 *
 * Evidence adds up as if answers did not hang together but by the cause; so that it does not grow surer than it may,
 * every answer says a little less than the table has.
 */
final readonly class Diagnosis
{
    /** More is not asked. */
    public const MOST_QUESTIONS = 5;

    /** A cause leads clearly from this chance on, and so many times as likely as the next. */
    private const LEADS = 0.75;

    private const LEADS_TIMES = 4.0;

    /** Below this nothing can be told. */
    private const TELLS = 0.4;

    /** A question that tells less, in bits, is not worth asking. */
    private const WORTH_ASKING = 0.03;

    /** What is answered hangs together somewhat: its logarithms count so much. */
    private const TEMPERED = 0.9;

    /** @var array<string, float> chance by cause, the likeliest first, adding up to one */
    public array $causes;

    /**
     * @param  non-empty-array<string, float>  $prior  by cause, adding up to one
     * @param  array<string, string>  $answers  by question; `unknown` says nothing but that it was asked
     * @param  int  $asked  how many of them a person was asked
     *
     * @throws Refused if there is no such question or answer
     */
    public function __construct(public array $prior, public array $answers, public int $asked)
    {
        $logs = array_map(static fn (float $p): float => log(max(1e-6, $p)), $prior);
        foreach ($answers as $name => $answer) {
            $question = Question::tryFrom($name) ?? throw Refused::unknownWord('answers', $name, Question::class);
            if ($answer !== 'unknown' && array_diff(explode('|', $answer), $question->answers()) !== []) {
                throw Refused::because(
                    "answers.$name",
                    'answer-unknown',
                    given: $answer,
                    known: implode(', ', [...$question->answers(), 'unknown']),
                );
            }
            foreach (array_keys($logs) as $cause) {
                $logs[$cause] +=
                    $answer === 'unknown'
                        ? 0.0
                        : self::TEMPERED * log(Likelihoods::of($question, $answer, Cause::from($cause)));
            }
        }
        $causes = array_combine(array_keys($logs), Posterior::of(array_values($logs))->each);
        arsort($causes);
        $this->causes = $causes;
    }

    public function first(): Cause
    {
        return Cause::from((string) array_key_first($this->causes));
    }

    /** Whether one cause leads clearly. */
    public function leads(): bool
    {
        [$first, $second] = array_slice(array_values($this->causes), 0, 2);

        return $first >= self::LEADS && $first >= self::LEADS_TIMES * $second;
    }

    /** Whether anything can be told: after all questions one cause is at least likelier than not by far. */
    public function tells(): bool
    {
        return array_values($this->causes)[0] >= self::TELLS;
    }

    /** The question that tells most next; null when one cause leads, or nothing is worth asking any more. */
    public function next(): ?Question
    {
        // Leftovers are the commonest of all, and soon asked: always first, whatever leads.
        if (! isset($this->answers[Question::LeftOver->value]) && $this->asked === 0) {
            return Question::LeftOver;
        }
        if ($this->asked >= self::MOST_QUESTIONS || $this->leads()) {
            return null;
        }
        $best = null;
        $most = self::WORTH_ASKING;
        foreach (Question::cases() as $question) {
            if (! $this->isOpen($question)) {
                continue;
            }
            $told = $question->ease() * $this->information($question);
            if ($told > $most) {
                [$best, $most] = [$question, $told];
            }
        }

        return $best;
    }

    /** Not answered, or only in part: frames may leave several answers open. */
    private function isOpen(Question $question): bool
    {
        return str_contains($this->answers[$question->value] ?? '|', '|');
    }

    /** @return list<string> the answers to a question that are still open */
    public function open(Question $question): array
    {
        return isset($this->answers[$question->value])
            ? explode('|', $this->answers[$question->value])
            : $question->answers();
    }

    /** How much an answer is expected to tell, in bits. */
    public function information(Question $question): float
    {
        $told = 0.0;
        $open = $this->open($question);
        foreach ($open as $answer) {
            $chance = 0.0;
            $after = [];
            foreach ($this->causes as $cause => $p) {
                $after[$cause] =
                    ($p * Likelihoods::of($question, $answer, Cause::from($cause))) /
                    Likelihoods::of($question, implode('|', $open), Cause::from($cause));
                $chance += $after[$cause];
            }
            foreach ($after as $cause => $p) {
                $told += $p > 0 ? $p * log($p / $chance / max(1e-12, $this->causes[$cause]), 2) : 0.0;
            }
        }

        return $told;
    }

    /** @return list<Question> the answers that speak for a cause, those that speak most first */
    public function because(Cause $cause): array
    {
        $for = [];
        foreach ($this->answers as $name => $answer) {
            $question = Question::from($name);
            if ($answer === 'unknown' || ! Likelihoods::speaks($question, $cause)) {
                continue;
            }
            $all = 0.0;
            foreach ($this->prior as $other => $p) {
                $all += $p * Likelihoods::of($question, $answer, Cause::from($other));
            }
            $lift = Likelihoods::of($question, $answer, $cause) / $all;
            $lift > 1.3 && ($for[$name] = $lift);
        }
        arsort($for);

        return array_map(Question::from(...), array_keys($for));
    }
}
