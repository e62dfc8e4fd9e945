<?php

declare(strict_types=1);

namespace RushHold\Causes;

/** How often each answer is given where each cause is at work. */
final class Likelihoods
{
    /** People look wrong, and measuring errs: so much of every answer says nothing. */
    private const LAPSE = 0.06;

    /** What is usual, by question: of causes that do not speak otherwise. */
    public const USUAL = [
        // drifts, jumps, alternates, never, late, mixed
        'course' => [0.1, 0.14, 0.1, 0.26, 0.1, 0.3],
        // little, more, much
        'size' => [0.34, 0.4, 0.26],
        // one, both
        'side' => [0.66, 0.34],
        // blur, grain
        'grain' => [0.94, 0.06],
        // nothing, behind, before, nearer-part, slice
        'sharp-where' => [0.62, 0.14, 0.1, 0.06, 0.08],
        // none, whole-frame, subject-only, limbs-only
        'smear' => [0.88, 0.04, 0.05, 0.03],
        // sharp, always-off, soft
        'still-target' => [0.88, 0.04, 0.08],
        // crisp, no-better
        'stopped-down' => [0.14, 0.86],
        // crisp, soft-too
        'near-at-the-hour' => [0.66, 0.34],
        // settled, never-came, trembled
        'finder' => [0.78, 0.11, 0.11],
        // at-turns, no
        'ahead-behind' => [0.12, 0.88],
        // passed, slipped, never-jumped
        'jumped-when' => [0.08, 0.14, 0.78],
        // yes, no
        'only-outer' => [0.04, 0.96],
        // mostly, often-not
        'in-frame' => [0.9, 0.1],
        // yes, no
        'left-over' => [0.04, 0.96],
        // single, continuous, by-itself, by-hand
        'mode' => [0.05, 0.72, 0.05, 0.18],
    ];

    /** Chance of an answer where a cause is at work; of one of several with a bar between them. */
    public static function of(Question $question, string $answer, Cause $cause): float
    {
        $answers = $question->answers();
        $row = $cause->about()->answers[$question->value] ?? self::USUAL[$question->value];
        $chance = 0.0;
        foreach (explode('|', $answer) as $one) {
            $i = array_search($one, $answers, true);
            $chance += (1 - self::LAPSE) * ($i === false ? 0.0 : $row[$i]) + self::LAPSE / count($answers);
        }

        return $chance;
    }

    /** Whether a cause speaks otherwise than is usual there. */
    public static function speaks(Question $question, Cause $cause): bool
    {
        return isset($cause->about()->answers[$question->value]);
    }
}
