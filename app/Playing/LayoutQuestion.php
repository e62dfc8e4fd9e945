<?php

declare(strict_types=1);

namespace App\Playing;

use Closure;
use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Day;
use RushHold\Controls\Need;
use RushHold\Controls\Pins;
use RushHold\Controls\Solver;
use RushHold\Controls\Times;
use RushHold\Document\LayoutDocument;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
use RushHold\Rush\Rush;
use RushHold\Units;

/** Which layout of its buttons serves some rushes best. */
final readonly class LayoutQuestion implements Question
{
    /**
     * @param  list<array{rush: Rush, pins: PartialHold, wanted: float}>  $rushes
     */
    public function __construct(
        private array $rushes,
        private Body $body,
        private ButtonSchool $school,
        private Pins $pins,
        private Units $units,
        private Times $times = new Times(),
    ) {
    }

    public function answer(Stage $stage, Closure $early): string
    {
        $early($this->written(Day::reckoned($this->rushes, $this->body), false));

        return $this->written(Day::needs($this->rushes, $this->body, $stage), true);
    }

    /** @param  list<Need>  $needs */
    private function written(array $needs, bool $played): string
    {
        $solver = new Solver($this->body, $needs, $this->times);

        return json_encode(
            LayoutDocument::write(
                $solver->bySchool($this->pins),
                $this->school,
                $this->body,
                $this->units,
                $this->times,
                $played,
            ),
            JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
        );
    }
}
