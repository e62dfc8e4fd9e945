<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Http\Requests\DayRequest;
use App\Outings\Rushes;
use App\Playing\DayQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use App\Practice\Practised;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class DayController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function __invoke(DayRequest $request, Questions $questions): Response
    {
        /** @var array<string, mixed> $given */
        $given = (array) $request->input('outing');
        $outing = $this->gate
            ->outing((new Rushes($this->person($request), $this->gate))->inside($given))
            ->outing->with(times: Practised::times($this->person($request)));

        $learned = $this->learned($request);

        return $questions->ask(
            $request,
            LearnedQuestion::of(
                new DayQuestion(
                    $learned?->outing($outing) ?? $outing,
                    $request->enum('units', Units::class) ?? Units::Metric,
                ),
                $learned,
            ),
        );
    }
}
