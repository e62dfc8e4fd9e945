<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Review\Figures;
use App\Review\Log;
use App\Undo\Step;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Everything that was logged, and what it comes to. */
final class LogController extends Controller
{
    private const PAGE = 100;

    public function index(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $skip = (int) ($given['before'] ?? 0);
        $bursts = Burst::query();
        isset($given['rush']) && $bursts->where('rush', $given['rush']);
        $bursts
            ->where('user_id', $this->person($request)->id)
            ->orderByDesc('shot_at')
            ->orderByDesc('id')
            ->skip($skip)
            ->limit(self::PAGE + 1);
        $page = $bursts->get();

        return response()->json([
            'items' => $page->take(self::PAGE)->map(Log::toArray(...)),
            'next' => $page->count() > self::PAGE ? $skip + self::PAGE : null,
        ]);
    }

    public function figures(Request $request): JsonResponse
    {
        return response()->json(Figures::of($this->person($request)));
    }

    public function download(Request $request): StreamedResponse
    {
        $bursts = Burst::query();
        $bursts->where('user_id', $this->person($request)->id)->orderBy('shot_at')->orderBy('id');
        // A cell that begins like a formula is none.
        $cell = static fn (string|int|null $value): string|int|null => is_string($value) &&
        preg_match('/^[\s\p{C}]*[=+\-@\t\r]/u', $value) === 1
            ? "'$value"
            : $value;

        return response()->streamDownload(
            static function () use ($bursts, $cell): void {
                $out = fopen('php://output', 'w');
                assert($out !== false);
                fputcsv($out, ['at', 'rush', 'kept', 'keepers', 'frames', 'lost_to', 'note'], escape: '');
                foreach ($bursts->lazy(500) as $b) {
                    fputcsv(
                        $out,
                        array_map($cell, [
                            $b->shot_at->toIso8601ZuluString(),
                            $b->rush,
                            $b->kept,
                            $b->keepers,
                            $b->frames,
                            $b->lost_to,
                            $b->note,
                        ]),
                        escape: '',
                    );
                }
                fclose($out);
            },
            'rush-hold-log.csv',
            ['Content-Type' => 'text/csv; charset=utf-8'],
        );
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id, false);
        $given = $this->asked($request);
        $burst->fill($given)->save();

        return response()->json(Log::toArray($burst));
    }

    public function destroy(Request $request, string $id): Response
    {
        $this->burst($request, $id, false)->delete();

        return response()->noContent();
    }

    public function destroyMany(Request $request): JsonResponse
    {
        $ids = array_unique($this->asked($request)['bursts']);
        $person = $this->person($request);
        $undo = $this->keeper($request)->alone(static function () use ($person, $ids): string {
            $among = Burst::query();
            $among->where('user_id', $person->id)->whereIn('uuid', $ids);
            $bursts = $among->get();
            abort_if($bursts->count() !== count($ids), 404, Words::text('http.log.one-of-these-bursts-is'));
            $step = Step::of($person);
            foreach ($bursts as $burst) {
                $step->before($burst, 'deleted_at');
                $burst->delete();
            }

            return $step->kept();
        });

        return response()->json(['undo' => $undo]);
    }

    public function restore(Request $request, string $id): JsonResponse
    {
        $burst = $this->burst($request, $id, true);
        $burst->restore();

        return response()->json(Log::toArray($burst));
    }

    /** One of the person's own, by the id it was given where it was logged. */
    private function burst(Request $request, string $id, bool $deleted): Burst
    {
        $bursts = $deleted ? Burst::withTrashed() : Burst::query();
        $bursts->where('user_id', $this->person($request)->id)->where('uuid', substr($id, 0, 40));

        return $bursts->firstOrFail();
    }
}
