<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Causes\Cause;
use RushHold\Causes\Diagnosis;
use RushHold\Causes\Inquiry;
use RushHold\Causes\Question;
use RushHold\Hold\PartialHold;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Words;

/** What went wrong in a burst, as JSON: causes with their chance and why, what to ask next, and what to set against the first. */
final class CauseDocument
{
    /** Causes less likely are not listed. */
    private const LEAST = 0.005;

    private const REASONS = 3;

    /** @return array<string, mixed> */
    public static function write(Inquiry $inquiry, Units $units): array
    {
        $words = Words::in($units);
        $diagnosis = $inquiry->diagnosis;
        $causes = [];
        foreach ($diagnosis->causes as $word => $probability) {
            if ($probability >= self::LEAST || $causes === []) {
                $causes[] = ['cause' => $word, 'label' => Words::label(Cause::from($word)), 'probability' => round($probability, 4), 'because' => self::because($diagnosis, Cause::from($word), $inquiry, $words)];
            }
        }
        $next = $diagnosis->next();
        $first = $diagnosis->first();
        $fix = $diagnosis->tells() || $next === null ? $inquiry->fix() : null;

        return [
            'causes' => $causes,
            'leads' => $diagnosis->leads(), 'tells' => $diagnosis->tells(),
            'answers' => (object) $diagnosis->answers, 'given' => (object) $inquiry->given,
            'next' => $next === null ? null : ['question' => $next->value, 'text' => Words::label($next), 'hint' => Words::catalogue()["hint.$next->value"],
                'choices' => [...array_map(static fn (string $answer): array => ['answer' => $answer, 'text' => Words::catalogue()["answer.{$next->value}_$answer"]], $diagnosis->open($next)), ['answer' => 'unknown', 'text' => Words::catalogue()['answer.unknown']]]],
            'advice' => Words::catalogue()["advice.$first->value"],
            'fix' => $fix === null ? null : HoldDocument::settings($fix),
            'worth' => $fix === null ? null : self::worth($inquiry->worth($fix)),
            'confirm' => self::confirm($inquiry, $first, $fix),
        ];
    }

    /** @return list<string> */
    private static function because(Diagnosis $diagnosis, Cause $cause, Inquiry $inquiry, Words $words): array
    {
        $because = array_map(static fn (Question $question): string => Words::catalogue()["because.$question->value.$cause->value"], array_slice($diagnosis->because($cause), 0, self::REASONS));
        $logged = $inquiry->loggedFor($cause);
        if ($logged > 0) {
            $because[] = $words->say(Said::of('because.logged', frames: Quantity::count($logged)));
        }
        $lost = $inquiry->lostTo($cause);
        if ($lost >= 0.05) {
            $because[] = $words->say(Said::of('because.model', share: Quantity::share($lost)));
        }

        return $because === [] && $cause === Cause::Leftover ? [Words::catalogue()['because.common']] : $because;
    }

    /**
     * @param  array{before: float, after: float, frames: int}|null  $worth
     * @return array<string, float|int>|null
     */
    private static function worth(?array $worth): ?array
    {
        return $worth === null ? null : ['keeper_rate' => round($worth['before'], 4), 'with_fix' => round($worth['after'], 4), 'frames_of_a_pass' => $worth['frames'], 'keepers_more' => round(($worth['after'] - $worth['before']) * $worth['frames'], 1)];
    }

    /** @return array<string, mixed> */
    private static function confirm(Inquiry $inquiry, Cause $cause, ?PartialHold $fix): array
    {
        $test = $fix === null ? null : $inquiry->test($fix);

        return ['text' => Words::catalogue()["confirm.$cause->value"], 'frames_of_each' => $test['frames'] ?? null, 'bursts_of_each' => $test['bursts'] ?? null,
            'holds' => $test === null || $inquiry->used === null ? null : ['as_it_was' => HoldDocument::settings($inquiry->asItWas()), 'with_fix' => HoldDocument::settings($inquiry->asItWas()->and($fix))]];
    }
}
