<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\KitType;
use App\Kit\Shelf;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Kit\Kit;
use RushHold\Library\Subjects;

/** How a person works, and the rush that starts from it. */
final class HabitsController extends Controller
{
    /** What a rush starts with until somebody says what they use. */
    private const USUAL = ['body' => 'fast-mirrorless', 'lens' => '500-f4'];

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Get(path: '/api/habits', operationId: 'readHabits', summary: 'How the person works', tags: ['habits'], responses: [
        new OA\Response(response: 200, description: 'Habits', content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
    ])]
    public function show(Request $request): JsonResponse
    {
        return response()->json(Documents::withObjects($this->person($request)->habits()->fields));
    }

    #[OA\Put(path: '/api/habits', operationId: 'saveHabits', summary: 'Change how the person works', tags: ['habits'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
        responses: [
            new OA\Response(response: 200, description: 'Habits', content: new OA\JsonContent(ref: '#/components/schemas/Habits')),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function update(Request $request): JsonResponse
    {
        $read = $this->gate->habits($request->json()->all());
        $this->person($request)->fill(['habits' => $read->fields])->save();

        return response()->json(Documents::withObjects($read->fields));
    }

    #[OA\Get(path: '/api/rushes/fresh', operationId: 'freshRush', summary: 'What a new rush starts from: the person\'s habits and kit', tags: ['rushes'],
        parameters: [new OA\Parameter(name: 'subject', in: 'query', description: 'Id of a subject', schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 200, description: 'A rush that is not kept yet', content: new OA\JsonContent(required: ['document', 'pins'], properties: [
            new OA\Property(property: 'document', ref: '#/components/schemas/Rush'), new OA\Property(property: 'pins', ref: '#/components/schemas/Hold'),
        ]))])]
    public function fresh(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $habits = $person->habits();
        $chosen = $request->query('subject');
        $profile = (is_string($chosen) ? (new Shelf($person, KitType::Subjects))->find($chosen)?->document() : null) ?? Subjects::find('gull-flight')->document ?? [];
        $subject = (array) ($profile['subject'] ?? []);
        $kind = is_string($subject['kind'] ?? null) ? $subject['kind'] : 'animal';
        $kit = self::kit($person, $habits);
        $nearest = LensDocument::read($kit['lens'])->lens->nearestM;
        $document = RushDocument::read([
            'format' => RushDocument::FORMAT, 'name' => 'New rush', 'subject' => $subject,
            'path' => ['start_m' => max(40.0, 1.5 * $nearest), 'heading_deg' => 30, 'notice_s' => 3],
            'scene' => ['hazards' => $profile['hazards'] ?? []],
            'photographer' => [...(array) $habits->fields['photographer'], 'slowest_shutter_s' => $habits->floors[$kind] ?? null],
            'kit' => $kit, 'final_use' => $habits->finalUse->value,
        ]);

        return response()->json(['document' => Documents::withObjects($document->fields), 'pins' => (object) self::pins($habits, $document->rush->kit)]);
    }

    /** @return array<string, mixed> the part of a rush: what the habits say, samples where they say nothing or it is gone */
    private static function kit(User $person, HabitsDocument $habits): array
    {
        $kit = [];
        foreach (['body' => KitType::Bodies, 'lens' => KitType::Lenses] as $part => $type) {
            $shelf = new Shelf($person, $type);
            $id = $habits->fields[$part] ?? null;
            $entry = (is_string($id) ? $shelf->find($id) : null) ?? $shelf->find(KitType::SAMPLE.self::USUAL[$part]) ?? abort(500);
            $kit[$part] = $entry->document();
            $kit["{$part}_id"] = $entry->id;
        }

        return $kit;
    }

    /** @return array<string, mixed> what the person's schools fix, as a hold document */
    private static function pins(HabitsDocument $habits, Kit $kit): array
    {
        $hold = HoldDocument::settings($habits->taken($kit));

        return $hold === [] ? [] : ['format' => HoldDocument::FORMAT, ...$hold];
    }
}
