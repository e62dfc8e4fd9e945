<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\PlanRequest;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Playing\LearnedQuestion;
use App\Playing\LensQuestion;
use App\Playing\Questions;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class LensChoiceController extends Controller
{
    private const MOST = 12;

    public function __invoke(PlanRequest $request, Questions $questions): Response
    {
        $rush = RushDocument::read($request->input('rush'))->rush;
        $entries = (new Shelf($this->person($request), KitType::Lenses))->some(self::MOST);
        $lenses = array_map(
            static fn (Entry $e): array => [
                'id' => $e->id,
                'name' => $e->name,
                'lens' => LensDocument::read($e->document())->lens,
            ],
            $entries,
        );

        $learned = $this->learned($request);

        return $questions->ask(
            $request,
            LearnedQuestion::of(
                new LensQuestion(
                    $learned?->rush($rush) ?? $rush,
                    $lenses,
                    $entries !== [] && ! $entries[0]->sample,
                    $request->enum('units', Units::class) ?? Units::Metric,
                ),
                $learned,
            ),
        );
    }
}
