<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Review\LoggedBursts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Document\ComparisonDocument;
use RushHold\Record\Comparison;
use RushHold\Record\Contender;
use RushHold\Units;

/** The set-ups of the log against each other. */
final class HoldComparisonController extends Controller
{
    public function __invoke(Request $request): JsonResponse
    {
        $wanted = $this->asked($request)['rush'] ?? null;
        $person = $this->person($request);
        $rushes = $listed = [];
        foreach (LoggedBursts::of($person) as [$burst, $read]) {
            if ($burst->rush_id !== null && ! $burst->doubted) {
                $rushes[$burst->rush_id]['name'] = $burst->rush;
                $rushes[$burst->rush_id]['bursts'][] = $read;
            }
        }
        foreach ($rushes as $id => ['name' => $name, 'bursts' => $bursts]) {
            $set = Contender::among($bursts);
            count($set) < 2 ||
                ($listed[] = [
                    'id' => (string) $id,
                    'name' => $name,
                    'holds' => min(Comparison::MOST_HOLDS, count($set)),
                    'bursts' => (int) array_sum(array_map(static fn (Contender $c): int => count($c->bursts), $set)),
                ]);
        }
        usort($listed, static fn (array $a, array $b): int => $b['bursts'] <=> $a['bursts']);
        $rush = in_array($wanted, array_column($listed, 'id'), true) ? $wanted : $listed[0]['id'] ?? null;
        // With what was measured in pictures: the time to the first sharp frame comes from there.
        $measured =
            $rush === null
                ? []
                : array_filter(
                    LoggedBursts::of($person, $rush, true),
                    static fn (array $one): bool => ! $one[0]->doubted,
                );
        $comparison = Comparison::ofMostShot(array_column(array_values($measured), 1));

        return response()->json([
            'rush_id' => $rush,
            'rushes' => $listed,
            'comparison' => $comparison === null
                    ? null
                    : ComparisonDocument::write($comparison, $request->enum('units', Units::class) ?? Units::Metric),
        ]);
    }
}
