<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use App\Playing\RankQuestion;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class RankController extends Controller
{
    public function __invoke(PlanRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        $pins = HoldDocument::read($request->input('pins') ?? [])->fitting($rush->kit);

        $learned = $this->learned($request);

        return $questions->ask(
            $request,
            LearnedQuestion::of(
                new RankQuestion(
                    $learned?->rush($rush) ?? $rush,
                    $pins,
                    $request->enum('units', Units::class) ?? Units::Metric,
                    $request->integer('run'),
                    $request->standing(),
                ),
                $learned,
            ),
        );
    }
}
