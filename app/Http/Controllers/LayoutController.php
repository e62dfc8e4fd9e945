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
use OpenApi\Attributes as OA;
use RushHold\Controls\ButtonSchool;
use RushHold\Document\BodyDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\RushDocument;
use RushHold\Units;
use Symfony\Component\HttpFoundation\Response;

final class LayoutController extends Controller
{
    #[OA\Post(path: '/api/layout', operationId: 'layOut', summary: 'Which layout of its buttons serves some of one\'s rushes best', description: 'With `Accept: application/x-ndjson` the way to the answer is told, as for /api/rank.', tags: ['plan'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/LayoutRequest')),
        responses: [
            new OA\Response(response: 200, description: 'The layout, and the best of each school', content: new OA\JsonContent(ref: '#/components/schemas/Layout')),
            new OA\Response(response: 409, ref: '#/components/responses/Overtaken'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
            new OA\Response(response: 429, ref: '#/components/responses/TooMany'), new OA\Response(response: 503, ref: '#/components/responses/Busy'),
        ])]
    public function __invoke(LayoutRequest $request, Questions $questions): Response
    {
        $person = $this->person($request);
        /** @var list<string> $ids */
        $ids = array_values((array) $request->input('rushes'));
        $kept = SavedRush::query()->where('user_id', $person->id)->whereIn('id', $ids)->get();
        $rushes = array_map(static function (string $id, int $i) use ($kept): array {
            $saved = $kept->firstWhere('id', $id) ?? throw ValidationException::withMessages(["rushes.$i" => 'This rush is not among yours any more.']);
            $rush = RushDocument::read($saved->document)->rush;

            return ['rush' => $rush, 'pins' => HoldDocument::read($saved->pins ?? []), 'wanted' => 1.0];
        }, $ids, array_keys($ids));
        $body = $rushes[0]['rush']->kit->body;
        $chosen = $request->input('body');
        if (is_string($chosen)) {
            $entry = (new Shelf($person, KitType::Bodies))->find($chosen) ?? throw ValidationException::withMessages(['body' => 'This body is not in your kit any more.']);
            $body = BodyDocument::read($entry->document())->body;
        }

        return $questions->ask($request, new LayoutQuestion($rushes, $body, $request->enum('school', ButtonSchool::class) ?? ButtonSchool::Free, $request->pins(), $request->enum('units', Units::class) ?? Units::Metric, Practised::times($person)));
    }
}
