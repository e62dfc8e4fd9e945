<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ComparisonRequest;
use App\Playing\ComparisonQuestion;
use App\Playing\LearnedQuestion;
use App\Playing\Questions;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use Symfony\Component\HttpFoundation\Response;

final class ComparisonController extends Controller
{
    public function __invoke(ComparisonRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        [$first, $second] = array_map(
            static fn (mixed $document): PartialHold => HoldDocument::read($document)->fitting($rush->kit),
            array_values((array) $request->input('holds')),
        );

        [$often, $oftenSecond] = array_map(
            intval(...),
            array_values((array) $request->input('runs', [ComparisonQuestion::RUNS, ComparisonQuestion::RUNS])),
        );

        $learned = $this->learned($request);

        return $questions->ask(
            $request,
            LearnedQuestion::of(
                new ComparisonQuestion(
                    $learned?->rush($rush) ?? $rush,
                    [$first, $second],
                    [$often, $oftenSecond],
                    $request->integer('run'),
                ),
                $learned,
            ),
        );
    }
}
