<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Pictures\Arranging;
use App\Pictures\BurstDocuments;
use App\Pictures\Sidecars;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;
use Illuminate\Support\LazyCollection;
use RushHold\Refused;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Many pictures or bursts at once: judged, moved, joined, matched, deleted, each undone as one step; and a whole day
 * out.
 */
final class PictureSetController extends Controller
{
    /** What goes out at once lies within so many days. */
    private const LONGEST_DAYS = 8;

    public function judge(Request $request): JsonResponse
    {
        $given = $this->asked($request);

        return response()->json([
            'undo' => $this->arranging($request)->judge(
                array_values($given['pictures']),
                array_intersect_key($given, ['said' => 0, 'lost_to' => 0]),
            ),
        ]);
    }

    public function move(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $to = $given['burst'] === null ? null : $this->bursts($request, [$given['burst']])[0];

        return response()->json($this->arranging($request)->move(array_values($given['pictures']), $to));
    }

    public function destroy(Request $request): JsonResponse
    {
        return response()->json([
            'undo' => $this->arranging($request)->delete(array_values($this->asked($request)['pictures'])),
        ]);
    }

    public function join(Request $request): JsonResponse
    {
        $joined = $this->arranging($request)->join($this->bursts($request, $this->asked($request)['bursts']));

        return response()->json(['burst' => $joined['burst']->uuid, 'undo' => $joined['undo']]);
    }

    public function match(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $rush = $this->person($request)->rushes()->findOrFail($given['rush_id']);

        return response()->json([
            'undo' => $this->arranging($request)->match($this->bursts($request, $given['bursts']), $rush),
        ]);
    }

    public function sidecars(Request $request): Response
    {
        return response()
            ->download(Sidecars::zipped($this->between($request)), 'sidecars.zip', [
                'Content-Type' => 'application/zip',
            ])
            ->deleteFileAfterSend();
    }

    public function table(Request $request): StreamedResponse
    {
        $bursts = $this->between($request);

        return response()->streamDownload(static fn () => BurstDocuments::table($bursts), 'pictures.csv', [
            'Content-Type' => 'text/csv; charset=utf-8',
        ]);
    }

    public function document(Request $request): JsonResponse
    {
        $told = [];
        foreach ($this->between($request) as $burst) {
            try {
                $told[] = BurstDocuments::document($burst);
            } catch (Refused) {
                // Nobody has said yet how many of it were kept.
            }
        }

        return response()->json(
            $told,
            200,
            ['Content-Disposition' => 'attachment; filename="bursts.json"'],
            JSON_PRETTY_PRINT | JSON_PRESERVE_ZERO_FRACTION | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE,
        );
    }

    private function arranging(Request $request): Arranging
    {
        return new Arranging($this->person($request));
    }

    /**
     * @param  array<array-key, string>  $ids
     * @return non-empty-list<Burst>
     */
    private function bursts(Request $request, array $ids): array
    {
        $mine = Burst::query();
        $mine->where('user_id', $this->person($request)->id)->whereIn('uuid', $ids)->orderBy('shot_at');
        $found = array_values($mine->get()->all());
        abort_unless(
            $found !== [] && count($found) === count($ids),
            404,
            Words::text('http.picture-set.some-of-these-bursts-are'),
        );

        return $found;
    }

    /** @return LazyCollection<int, Burst> */
    private function between(Request $request): LazyCollection
    {
        $given = $this->asked($request, ['until' => ['after:from']]);
        [$from, $until] = [Carbon::parse($given['from'])->utc(), Carbon::parse($given['until'])->utc()];
        abort_if(
            $from->diffInDays($until) > self::LONGEST_DAYS,
            422,
            Words::text('http.picture-set.at-most-days-at-once', ['longestDays' => self::LONGEST_DAYS]),
        );
        $mine = Burst::query();

        $mine
            ->where('user_id', $this->person($request)->id)
            ->whereNotNull('coc_px')
            ->where('shot_at', '>=', $from)
            ->where('shot_at', '<', $until)
            ->orderBy('shot_at');

        return $mine->lazy(50);
    }
}
