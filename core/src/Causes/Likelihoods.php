<?php

declare(strict_types=1);

namespace RushHold\Causes;

/** The table of likelihoods: how often each answer is given where each cause is at work. */
final class Likelihoods
{
    /** People look wrong, and measuring errs: so much of every answer says nothing. */
    private const LAPSE = 0.06;

    /** @var array<string, array<string, list<float>>>|null by question, then by cause or `usual` */
    private static ?array $table = null;

    /** @return array<string, array<string, list<float>>> */
    public static function table(): array
    {
        /** @var array<string, array<string, list<float>>> $read */
        $read = self::$table ?? (require __DIR__.'/likelihoods.php');

        return self::$table = $read;
    }

    /** Chance of an answer where a cause is at work; of one of several with a bar between them. */
    public static function of(Question $question, string $answer, Cause $cause): float
    {
        $answers = $question->answers();
        $row = self::table()[$question->value][$cause->value] ?? self::table()[$question->value]['usual'];
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
        return isset(self::table()[$question->value][$cause->value]);
    }
}
