<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Documents;
use App\Kit\FreshRush;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Reading\ReadingDocument;
use RushHold\Units;

/** The rush that a new one starts from: habits and kit, a subject, or a line in the person's own words. */
final class FreshRushController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $this->asked($request);
        $fresh = new FreshRush($this->person($request));
        $base = $fresh->document($request->filled('subject') ? $request->string('subject')->value() : null);
        $pins = (object) $fresh->pins($base->rush->kit);
        if (! $request->filled('line')) {
            return response()->json([
                'document' => Documents::withObjects($base->fields),
                'pins' => $pins,
                'says_who' => true,
                'likely' => [],
                'understood' => [],
                'not_understood' => [],
            ]);
        }
        // Whoever was chosen stands, whatever the line says.
        $chosen = $request->filled('subject');
        $reading = $fresh
            ->reader()
            ->read($request->string('line')->value(), [
                ...explode(',', $request->string('without')->value()),
                ...$chosen ? ['subject'] : [],
            ]);
        [
            'rush' => $document,
            'says_who' => $saysWho,
            'likely' => $likely,
            'understood' => $understood,
            'not_understood' => $left,
        ] = ReadingDocument::write(
            $reading->line,
            $reading->upon($base->fields),
            $request->enum('units', Units::class) ?? Units::Metric,
        );

        return response()->json([
            'document' => Documents::withObjects($document),
            'pins' => $pins,
            'says_who' => $chosen || $saysWho,
            'likely' => array_map(
                static fn (array $one): array => [...$one, 'id' => FreshRush::shelved($one['id'])],
                $likely,
            ),
            'understood' => array_map(
                static fn (array $piece): array => array_diff_key($piece, ['value' => 1]),
                $understood,
            ),
            'not_understood' => $left,
        ]);
    }
}
