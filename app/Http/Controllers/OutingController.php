<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\NameOfCopy;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveOutingRequest;
use App\Http\Resources\OutingResource;
use App\Models\SavedOuting;
use App\Outings\Rushes;
use App\Outings\Waypoint;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Document\OutingDocument;
use RushHold\Words\Words;

/** The outings somebody keeps. */
final class OutingController extends Controller
{
    private const MOST = 500;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $rush = $this->asked($request)['rush'] ?? null;
        $kept = SavedOuting::query();
        $kept
            ->where('user_id', $this->person($request)->id)
            ->orderByDesc('starts_at')
            ->orderByDesc('id')
            ->limit(self::MOST);
        $outings = $kept->get(SavedOuting::LISTED);
        if ($rush !== null) {
            $outings = $outings->filter(
                static fn (SavedOuting $outing): bool => in_array(
                    $rush,
                    array_column((array) ($outing->document['rushes'] ?? []), 'rush'),
                    true,
                ),
            );
        }

        return response()->json(
            $outings->map(static fn (SavedOuting $outing): OutingResource => new OutingResource($outing))->values(),
        );
    }

    public function store(SaveOutingRequest $request): JsonResponse
    {
        return $this->kept($request, $this->checked($request, $request->input('document')));
    }

    public function upload(Request $request): JsonResponse
    {
        return $this->kept($request, $this->checked($request, UploadedDocument::read($request, 'outing')));
    }

    public function place(Request $request): JsonResponse
    {
        return response()->json(
            Waypoint::in(UploadedDocument::file($request, Words::text('http.outing.a-gpx-file'), 2)->getContent()),
        );
    }

    public function show(Request $request, SavedOuting $outing): OutingResource
    {
        $this->authorize('view', $outing);

        return $this->shown($request, $outing);
    }

    public function update(SaveOutingRequest $request, SavedOuting $outing): OutingResource
    {
        $this->authorize('update', $outing);
        $document = $this->rushes($request)->gathered($this->checked($request, $request->input('document')));
        $this->keeper($request)->change(
            $outing,
            $request->integer('version'),
            static fn (SavedOuting $outing): SavedOuting => $outing->fill(['document' => $document]),
        );

        return $this->shown($request, $outing);
    }

    public function duplicate(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);

        return $this->kept($request, [
            ...$outing->document,
            'name' => NameOfCopy::among(
                SavedOuting::query()->where('user_id', $this->person($request)->id),
                $outing->name,
            ),
        ]);
    }

    public function destroy(SavedOuting $outing): Response
    {
        $this->authorize('delete', $outing);
        $outing->delete();

        return response()->noContent();
    }

    public function restore(Request $request, string $id): OutingResource
    {
        $outing = SavedOuting::withTrashed()->findOrFail($id);
        $this->authorize('restore', $outing);
        $this->keeper($request)->restore($outing);

        return $this->shown($request, $outing);
    }

    public function download(Request $request, SavedOuting $outing): JsonResponse
    {
        $this->authorize('view', $outing);
        $rushes = $this->rushes($request);

        return Documents::file($rushes->inside($rushes->present($outing->document)[0]), $outing->name, 'outing');
    }

    private function shown(Request $request, SavedOuting $outing): OutingResource
    {
        [$document, $gone] = $this->rushes($request)->present($outing->document);

        return new OutingResource($outing, OutingDocument::filled($document), $gone);
    }

    /**
     * The document as it was given, when all of it can be meant.
     *
     * @return array<string, mixed>
     */
    private function checked(Request $request, mixed $document): array
    {
        /** @var array<string, mixed> $outing */
        $outing = is_array($document) ? $document : [];
        $this->gate->outing($this->rushes($request)->inside($outing));

        return $outing;
    }

    /** @param  array<string, mixed>  $document */
    private function kept(Request $request, array $document): JsonResponse
    {
        $outing = $this->keeper($request)->keep(
            $this->person($request)
                ->outings()
                ->make(['document' => $this->rushes($request)->gathered($document)]),
        );

        return $this->shown($request, $outing)->response()->setStatusCode(201);
    }

    private function rushes(Request $request): Rushes
    {
        return new Rushes($this->person($request), $this->gate);
    }
}
