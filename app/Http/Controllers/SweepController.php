<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Bench\KeptSession;
use App\Bench\Paper;
use App\Documents\Documents;
use App\Models\Burst;
use App\Models\KeptSweep;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use RushHold\Words\Words;

/** Sessions at the lens bench. */
final class SweepController extends Controller
{
    public function index(Request $request): JsonResponse
    {
        $mine = KeptSweep::query();
        $mine
            ->where('user_id', $this->person($request)->id)
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->limit((int) config('limits.sweeps'));

        return response()->json(
            $mine->get()->map(
                static fn (KeptSweep $s): array => [
                    'id' => $s->id,
                    'name' => $s->name,
                    'body' => $s->body,
                    'lens' => $s->lens,
                    'frames' => count((array) ($s->document['frames'] ?? [])),
                    'updated_at' => $s->updated_at?->toIso8601ZuluString(),
                ],
            ),
        );
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->person($request);
        abort_if(
            $person->sweeps()->count() >= (int) config('limits.sweeps'),
            422,
            Words::text('http.sweep.there-is-room-for-sessions', ['most' => (int) config('limits.sweeps')]),
        );
        $sweep = $person->sweeps()->make($this->given($request));
        $sweep->save();

        return $this->respond($request, $sweep)->setStatusCode(201);
    }

    public function show(Request $request, string $id): JsonResponse
    {
        return $this->respond($request, $this->sweep($request, $id));
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        abort_if(
            $request->has('version') && $request->integer('version') !== $sweep->version,
            409,
            Words::text('http.sweep.this-session-was-saved-elsewhere'),
        );
        $this->change($sweep->fill($this->given($request)));

        return $this->respond($request, $sweep);
    }

    public function destroy(Request $request, string $id): Response
    {
        $this->sweep($request, $id)->delete();

        return response()->noContent();
    }

    public function restore(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id, true);
        $sweep->restore();

        return $this->respond($request, $sweep);
    }

    public function standIn(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $given = $this->asked($request);
        $values = [];
        foreach ((array) $given['frames'] as $frame) {
            $values[(int) $frame['value']] = ($values[(int) $frame['value']] ?? 0) + (int) $frame['times'];
        }
        abort_if(
            $sweep->hidden === null && (array) ($sweep->document['frames'] ?? []) !== [],
            422,
            Words::text('http.sweep.this-session-has-frames-of'),
        );
        KeptSession::shoot($sweep, $values, (float) $given['distance_m'], (float) $given['focal_mm']);
        $this->change($sweep);

        return $this->respond($request, $sweep);
    }

    public function pictures(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $given = $this->asked($request);
        abort_if($sweep->hidden !== null, 422, Words::text('http.sweep.this-session-is-the-stand'));
        $mine = Burst::query();
        $burst = $mine->where('user_id', $sweep->user_id)->where('uuid', $given['burst'])->firstOrFail();
        /** @var list<int>|null $values */
        $values = isset($given['values']) ? array_map(intval(...), $given['values']) : null;
        KeptSession::fromPictures(
            $sweep,
            Picture::ofBurst($burst),
            $values,
            (float) $given['distance_m'],
            (float) $given['focal_mm'],
        );
        $this->change($sweep);

        return $this->respond($request, $sweep);
    }

    public function download(Request $request, string $id): JsonResponse
    {
        $sweep = $this->sweep($request, $id);
        $told = KeptSession::toArray($sweep, $this->person($request));

        return Documents::file(
            [...$sweep->document, 'name' => $sweep->name, 'uses' => $told['uses']],
            $sweep->name,
            'sweep',
        );
    }

    public function paper(Request $request, string $id): Response
    {
        return response(Paper::of(KeptSession::toArray($this->sweep($request, $id), $this->person($request))), 200, [
            'Content-Type' => 'application/pdf',
            'Content-Disposition' => 'inline; filename="bench.pdf"',
        ]);
    }

    /** @return array{name: string, body: string, lens: string, document: array<string, mixed>} */
    private function given(Request $request): array
    {
        $given = $this->asked($request);

        return [
            'name' => $given['name'],
            'body' => $given['body'] ?? '',
            'lens' => $given['lens'] ?? '',
            'document' => KeptSession::checked((array) $request->input('document')),
        ];
    }

    private function change(KeptSweep $sweep): void
    {
        // Of two that come at once one was there first.
        $seen = $sweep->version++;
        $kept = DB::transaction(static function () use ($sweep, $seen): bool {
            $still = KeptSweep::query()->whereKey($sweep->id)->lockForUpdate()->value('version') === $seen;

            return $still && $sweep->save();
        });
        abort_unless($kept, 409, Words::text('http.sweep.this-session-was-saved-elsewhere'));
    }

    private function respond(Request $request, KeptSweep $sweep): JsonResponse
    {
        return response()->json(KeptSession::toArray($sweep, $this->person($request)));
    }

    private function sweep(Request $request, string $id, bool $deleted = false): KeptSweep
    {
        $mine = $deleted ? KeptSweep::withTrashed() : KeptSweep::query();

        return $mine->where('user_id', $this->person($request)->id)->where('id', $id)->firstOrFail();
    }
}
