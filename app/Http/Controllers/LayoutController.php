<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\LayoutRequest;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Models\SavedRush;
use App\Playing\LayoutQuestion;
use App\Playing\Questions;
use App\Practice\Practised;
use Illuminate\Validation\ValidationException;
use RushHold\Controls\ButtonSchool;
use RushHold\Document\BodyDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

final class LayoutController extends Controller
{
    public function __invoke(LayoutRequest $request, Questions $questions): Response
    {
        $person = $this->person($request);
        /** @var list<string> $ids */
        $ids = array_values((array) $request->input('rushes'));
        $kept = SavedRush::query()->where('user_id', $person->id)->whereIn('id', $ids)->get();
        $rushes = array_map(
            static function (string $id, int $i) use ($kept): array {
                $saved =
                    $kept->firstWhere('id', $id) ??
                    throw ValidationException::withMessages([
                        "rushes.$i" => Words::text('http.layout.this-rush-is-not-among'),
                    ]);
                $rush = RushDocument::read($saved->document)->rush;

                return ['rush' => $rush, 'pins' => HoldDocument::read($saved->pins ?? []), 'wanted' => 1.0];
            },
            $ids,
            array_keys($ids),
        );
        $body = $rushes[0]['rush']->kit->body;
        $chosen = $request->input('body');
        if (is_string($chosen)) {
            $entry =
                (new Shelf($person, KitType::Bodies))->find($chosen) ??
                throw ValidationException::withMessages(['body' => Words::text('http.layout.this-body-is-not-in')]);
            $body = BodyDocument::read($entry->document())->body;
        }

        return $questions->ask(
            $request,
            new LayoutQuestion(
                $rushes,
                $body,
                $request->enum('school', ButtonSchool::class) ?? ButtonSchool::Free,
                $request->pins(),
                $request->enum('units', Units::class) ?? Units::Metric,
                Practised::times($person),
            ),
        );
    }
}
