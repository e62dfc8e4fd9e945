<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Causes\Cause;
use RushHold\Causes\Diagnosis;
use RushHold\Causes\Inquiry;
use RushHold\Causes\Question;
use RushHold\Causes\Remedy;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Words;

/**
 * What went wrong in a burst, as JSON: causes with their chance and why, what to ask next, and what to set against the
 * first.
 */
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
                $causes[] = [
                    'cause' => $word,
                    'label' => Words::label(Cause::from($word)),
                    'probability' => round($probability, 4),
                    'because' => self::because($diagnosis, Cause::from($word), $inquiry, $words),
                ];
            }
        }
        $next = $diagnosis->next();
        $first = $diagnosis->first();
        $remedy = $diagnosis->tells() || $next === null ? $inquiry->remedy() : null;

        return [
            'causes' => $causes,
            'leads' => $diagnosis->leads(),
            'tells' => $diagnosis->tells(),
            'answers' => (object) $diagnosis->answers,
            'given' => (object) $inquiry->given,
            'known' => self::known($inquiry),
            'next' => $next === null
                    ? null
                    : [
                        'question' => $next->value,
                        'text' => Words::label($next),
                        'hint' => Words::text("hint.$next->value"),
                        'choices' => [
                            ...array_map(
                                static fn (string $answer): array => [
                                    'answer' => $answer,
                                    'text' => Words::text("answer.{$next->value}_$answer"),
                                ],
                                $diagnosis->open($next),
                            ),
                            ['answer' => 'unknown', 'text' => Words::text('answer.unknown')],
                        ],
                    ],
            'advice' => Words::text("advice.$first->value"),
            'fix' => $remedy === null ? null : HoldDocument::settings($remedy->fix),
            'worth' => $remedy === null ? null : self::worth($remedy),
            'confirm' => self::confirm($inquiry, $first, $remedy),
        ];
    }

    /** @return list<string> */
    private static function because(Diagnosis $diagnosis, Cause $cause, Inquiry $inquiry, Words $words): array
    {
        $because = array_map(
            static fn (Question $question): string => Words::text("because.$question->value.$cause->value"),
            array_slice($diagnosis->because($cause), 0, self::REASONS),
        );
        $logged = $inquiry->loggedFor($cause);
        if ($logged > 0) {
            $because[] = $words->say(Said::of('because.logged', frames: Quantity::count($logged)));
        }
        $lost = $inquiry->lostTo($cause);
        if ($lost >= 0.05) {
            $because[] = $words->say(Said::of('because.model', share: Quantity::share($lost)));
        }

        return $because === [] && $cause === Cause::Leftover ? [Words::text('because.common')] : $because;
    }

    /**
     * What nobody has to be asked: measured in the frames, or read from what was logged.
     *
     * @return list<array{question: string, answer: string}> as sentences
     */
    private static function known(Inquiry $inquiry): array
    {
        $known = [];
        foreach (array_diff_key($inquiry->diagnosis->answers, $inquiry->given) as $question => $answer) {
            $said = array_filter(
                array_map(
                    static fn (string $one): ?string => Words::has("answer.{$question}_$one")
                        ? Words::text("answer.{$question}_$one")
                        : null,
                    explode('|', $answer),
                ),
            );
            $said === [] ||
                ($known[] = ['question' => Words::label(Question::from($question)), 'answer' => implode(' / ', $said)]);
        }

        return $known;
    }

    /** @return array<string, float|int> */
    private static function worth(Remedy $remedy): array
    {
        return [
            'keeper_rate' => round($remedy->before->keeperRate, 4),
            'with_fix' => round($remedy->after->keeperRate, 4),
            'frames_of_a_pass' => $remedy->after->frames,
            'keepers_more' => round($remedy->gain() * $remedy->after->frames, 1),
        ];
    }

    /** @return array<string, mixed> */
    private static function confirm(Inquiry $inquiry, Cause $cause, ?Remedy $remedy): array
    {
        $test = $remedy?->test();

        return [
            'text' => Words::text("confirm.$cause->value"),
            'frames_of_each' => $test['frames'] ?? null,
            'bursts_of_each' => $test['bursts'] ?? null,
            'holds' => $test === null
                    ? null
                    : [
                        'as_it_was' => HoldDocument::settings($inquiry->asItWas()),
                        'with_fix' => HoldDocument::settings($inquiry->asItWas()->and($remedy->fix)),
                    ],
        ];
    }
}
