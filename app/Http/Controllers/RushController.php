<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\NameOfCopy;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveRushRequest;
use App\Http\Resources\RushResource;
use App\Http\Resources\RushSummaryResource;
use App\Kit\Newer;
use App\Kit\Pointers;
use App\Models\SavedRush;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

final class RushController extends Controller
{
    /** Rushes on one page of the list. */
    private const PAGE = 100;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $rushes = SavedRush::matching(
            SavedRush::query()->where('user_id', $this->person($request)->id),
            $given['search'] ?? '',
        );
        isset($given['kind']) && $rushes->where('kind', $given['kind']);
        // As it is kept: the database compares letters, not what an escape stands for.
        isset($given['tag']) &&
            $rushes->whereRaw('JSON_CONTAINS(tags, ?)', [
                json_encode($given['tag'], JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE),
            ]);

        return response()->json(
            ($given['sort'] ?? 'changed') === 'changed'
                ? $this->byChange($rushes, $given['after'] ?? '')
                : $this->byName($rushes, $given['sort'], (int) ($given['after'] ?? 0)),
        );
    }

    /**
     * The last changed first; what is changed meanwhile moves no page.
     *
     * @param  Builder<SavedRush>  $rushes
     * @return array{items: mixed, next: string|null}
     */
    private function byChange(Builder $rushes, string $after): array
    {
        if (str_contains($after, '-')) {
            [$moment, $id] = explode('-', $after);
            $rushes->where(
                static fn (Builder $older) => $older
                    ->where('updated_at', '<', $moment)
                    ->orWhere(static fn (Builder $same) => $same->where('updated_at', $moment)->where('id', '<', $id)),
            );
        }
        $page = $rushes
            ->orderByDesc('updated_at')
            ->orderByDesc('id')
            ->limit(self::PAGE + 1)
            ->get(SavedRush::LISTED);
        $last = $page->count() > self::PAGE ? $page->get(self::PAGE - 1) : null;

        return [
            'items' => RushSummaryResource::collection($page->take(self::PAGE)),
            'next' => $last === null ? null : $last->updated_at->format('YmdHis')."-$last->id",
        ];
    }

    /**
     * @param  Builder<SavedRush>  $rushes
     * @param  string  $column  name or subject
     * @return array{items: mixed, next: string|null}
     */
    private function byName(Builder $rushes, string $column, int $skip): array
    {
        $page = $rushes
            ->orderBy($column)
            ->orderBy('name')
            ->orderBy('id')
            ->skip($skip)
            ->limit(self::PAGE + 1)
            ->get(SavedRush::LISTED);

        return [
            'items' => RushSummaryResource::collection($page->take(self::PAGE)),
            'next' => $page->count() > self::PAGE ? (string) ($skip + self::PAGE) : null,
        ];
    }

    public function store(SaveRushRequest $request): JsonResponse
    {
        return $this->kept($request, $request->input('document'), $request->input('pins'));
    }

    public function show(Request $request, SavedRush $rush): RushResource
    {
        $this->authorize('view', $rush);

        return new RushResource($rush, Newer::than($rush->document, $this->person($request)));
    }

    public function update(SaveRushRequest $request, SavedRush $rush): RushResource
    {
        $this->authorize('update', $rush);
        $read = $this->gate->rush($request->input('document'));
        $pins = $request->input('pins');
        $this->gate->pins($pins, $read->rush->kit);

        return new RushResource(
            $this->keeper($request)->change(
                $rush,
                $request->integer('version'),
                static fn (SavedRush $rush): SavedRush => $rush->fill([
                    'document' => $read->fields,
                    'pins' => $pins ?: null,
                ]),
            ),
        );
    }

    public function rename(Request $request, SavedRush $rush): RushResource
    {
        $this->authorize('update', $rush);
        $name = $this->asked($request)['name'];

        return new RushResource(
            $this->keeper($request)->change(
                $rush,
                null,
                static fn (SavedRush $rush): SavedRush => $rush->fill([
                    'document' => [...$rush->document, 'name' => $name],
                ]),
            ),
        );
    }

    public function duplicate(Request $request, SavedRush $rush): JsonResponse
    {
        $this->authorize('view', $rush);

        return $this->kept(
            $request,
            [
                ...$rush->document,
                'name' => NameOfCopy::among($this->person($request)->rushes()->getQuery(), $rush->name),
            ],
            $rush->pins,
        );
    }

    public function destroy(SavedRush $rush): Response
    {
        $this->authorize('delete', $rush);
        $rush->delete();

        return response()->noContent();
    }

    public function restore(Request $request, string $id): RushResource
    {
        $rush = SavedRush::withTrashed()->findOrFail($id);
        $this->authorize('restore', $rush);
        $this->keeper($request)->restore($rush);

        return new RushResource($rush);
    }

    public function download(SavedRush $rush): JsonResponse
    {
        $this->authorize('view', $rush);

        return Documents::file($rush->document, $rush->name, 'rush');
    }

    public function upload(Request $request): JsonResponse
    {
        return $this->kept($request, UploadedDocument::read($request, 'rush'), null);
    }

    private function kept(Request $request, mixed $document, mixed $pins): JsonResponse
    {
        $read = $this->gate->rush($document);
        $this->gate->pins($pins, $read->rush->kit);
        $rush = $this->keeper($request)->keep(
            $this->person($request)
                ->rushes()
                ->make([
                    'document' => Pointers::found($read->fields, $this->person($request)),
                    'pins' => $pins ?: null,
                ]),
        );

        return (new RushResource($rush))->response()->setStatusCode(201);
    }
}
