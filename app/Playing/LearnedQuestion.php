<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Focus\Stage;
use RushHold\Record\Learned;

/**
 * A question about plans of a person whose log has taught something: what is played is corrected, and the answer says
 * so.
 */
final readonly class LearnedQuestion implements Question
{
    private function __construct(private Question $question, private Learned $learned)
    {
    }

    /** @param  Learned|null  $learned  null: the question stays as it is */
    public static function of(Question $question, ?Learned $learned): Question
    {
        return $learned === null ? $question : new self($question, $learned);
    }

    public function answer(Stage $stage, Closure $early): string
    {
        return $this->withLearning(
            $this->question->answer($this->learned->on($stage), fn (string $json) => $early($this->withLearning($json))),
        );
    }

    private function withLearning(string $json): string
    {
        $learned = json_encode(
            [
                'log_share' => round($this->learned->logShare, 4),
                'aim' => round($this->learned->aim, 3),
                'panning' => round($this->learned->panning, 3),
                'hand_focus' => round($this->learned->handFocus, 3),
                'practised' => $this->learned->practised,
            ],
            JSON_THROW_ON_ERROR,
        );

        return "{\"learned\":$learned,".substr($json, 1);
    }
}
