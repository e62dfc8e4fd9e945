<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Documents\UploadedDocument;
use App\Http\Requests\SaveKitRequest;
use App\Http\Resources\KitListingResource;
use App\Http\Resources\KitResource;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitItem;
use App\Models\KitType;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Http\Response;
use RushHold\Document\BodyDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\StandingDocument;
use RushHold\Hold\Term;
use RushHold\Kit\LensReach;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Words;

final class KitController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function index(Request $request, KitType $type): AnonymousResourceCollection
    {
        return KitListingResource::collection((new Shelf($this->person($request), $type))->listings());
    }

    public function store(SaveKitRequest $request, KitType $type): JsonResponse
    {
        $basedOn = $request->input('based_on');

        return $this->kept(
            $request,
            $type,
            $request->input('document'),
            is_string($basedOn) && isset($type->samples()[$basedOn]) ? $basedOn : null,
        );
    }

    public function show(Request $request, KitType $type, string $id): KitResource
    {
        return new KitResource($this->entry($request, $type, $id));
    }

    public function update(SaveKitRequest $request, KitType $type, string $id): KitResource
    {
        $item = $this->own($request, $type, $id);
        $read = $this->gate->kit($type, $request->input('document'));
        $this->keeper($request)->change(
            $item,
            $request->integer('version'),
            static fn (KitItem $item): KitItem => $item->fill(['name' => $read['name'], 'document' => $read['fields']]),
        );

        return new KitResource(Entry::own($item));
    }

    public function destroy(Request $request, KitType $type, string $id): Response
    {
        $this->own($request, $type, $id)->delete();

        return response()->noContent();
    }

    public function restore(Request $request, KitType $type, string $id): KitResource
    {
        $item = KitItem::withTrashed()->where('type', $type)->findOrFail($id);
        $this->authorize('update', $item);
        $this->keeper($request)->restore($item);

        return new KitResource(Entry::own($item));
    }

    public function download(Request $request, KitType $type, string $id): JsonResponse
    {
        $entry = $this->entry($request, $type, $id);

        return Documents::file($entry->document(), $entry->name, $type->document());
    }

    public function upload(Request $request, KitType $type): JsonResponse
    {
        return $this->kept($request, $type, UploadedDocument::read($request, $type->document()), null);
    }

    public function check(Request $request, KitType $type): JsonResponse
    {
        $document = $request->input('document');
        $this->gate->kit($type, $document);
        $terms = $reach = [];
        $figures = null;
        $words = Words::in(Units::Metric);
        if ($type === KitType::Bodies) {
            $body = BodyDocument::read($document)->body;
            $figures = [
                'megapixels' => round(($body->pixelsWide * $body->pixelsHigh) / 1e6, 1),
                'pixel_um' => round(1000 * $body->pitchMm(), 2),
                'crop' => round($body->crop(), 3),
                'frame_s' => round(1 / $body->framesPerS, 4),
                'buffer_s' => round($body->bufferFrames / $body->framesPerS, 2),
            ];
            foreach (Term::of($body) as $term) {
                $terms[] = [
                    'key' => $term->key,
                    'group' => $words->say(Said::of("term-group.$term->group")),
                    'ours' => $term->ours instanceof Said ? $words->say($term->ours) : Words::label($term->ours),
                ];
            }
        }
        if ($type === KitType::Lenses) {
            $given = $request->input('body');
            $body = BodyDocument::read(is_array($given) ? $given : ['format' => BodyDocument::FORMAT])->body;
            $reach = array_map(
                static fn (LensReach $r): array => [
                    'focal_mm' => round($r->focalMm, 1),
                    'extender' => $r->extender,
                    'widest' => round($r->widest, 2),
                    'angle_deg' => round($r->angleDeg, 2),
                    'field_m' => round($r->fieldM, 3),
                    'px_per_cm' => round($r->pixelsPerCm, 2),
                    'lit_ev' => round($r->lastLightEv, 2),
                ],
                LensReach::of(LensDocument::read($document)->lens, $body, $request->float('distance_m', 20.0)),
            );
        }

        return response()->json(['terms' => $terms, 'reach' => $reach, 'figures' => $figures]);
    }

    public function stand(Request $request, string $id): KitResource
    {
        $entry = $this->entry($request, KitType::Bodies, $id);
        $standing = $request->input('standing');
        $standing === null || StandingDocument::read($standing);
        $this->keeper($request)->alone(function () use ($request, $entry, $id, $standing): void {
            if ($entry->sample) {
                $person = $this->person($request)->refresh();
                $person->standings = array_filter([...$person->standings ?? [], $id => $standing]);
                $person->save();
            } else {
                $this->own($request, KitType::Bodies, $id)
                    ->fill(['standing' => $standing])
                    ->save();
            }
        });

        return new KitResource($this->entry($request, KitType::Bodies, $id));
    }

    public function layOut(Request $request, string $id): KitResource
    {
        $this->asked($request);
        StandingDocument::read($request->input('rest'));
        /** @var array<string, array<string, mixed>> $sets */
        $sets = (array) $request->input('sets');
        $item = $this->own($request, KitType::Bodies, $id);
        $fields = $this->gate->kit(KitType::Bodies, BodyDocument::holding($item->document, $sets))['fields'];
        $this->keeper($request)->change(
            $item,
            null,
            static fn (KitItem $item): KitItem => $item->fill([
                'document' => $fields,
                'standing' => $request->input('rest'),
            ]),
        );

        return new KitResource($this->entry($request, KitType::Bodies, $id));
    }

    public function name(Request $request, string $id, string $key): JsonResponse
    {
        $word = $this->asked($request);
        $named = fn (KitItem $item): array => $this->gate->kit(KitType::Bodies, [
            ...$item->document,
            'words' => [
                ...(array) ($item->document['words'] ?? []),
                $key => ['label' => $word['label'] ?? '', 'where' => $word['where'] ?? ''],
            ],
        ])['fields'];
        $keeper = $this->keeper($request);
        $item = $keeper->alone(function () use ($request, $id, $keeper, $named): KitItem {
            $entry = $this->entry($request, KitType::Bodies, $id);
            $item = $entry->sample ? $this->copyOf($request, $entry) : $this->own($request, KitType::Bodies, $id);

            return $item->exists
                ? $keeper->change(
                    $item,
                    null,
                    static fn (KitItem $item): KitItem => $item->fill(['document' => $named($item)]),
                )
                : $keeper->keep($item->fill(['document' => $named($item)]));
        });

        return (new KitResource(Entry::own($item->refresh())))->response()->setStatusCode(200);
    }

    private function entry(Request $request, KitType $type, string $id): Entry
    {
        return (new Shelf($this->person($request), $type))->find($id) ?? abort(404);
    }

    private function own(Request $request, KitType $type, string $id): KitItem
    {
        abort_if(isset($type->samples()[$id]), 403, Words::text('http.kit.samples-are-everybodys-and-stay'));
        $item = KitItem::query()->where('type', $type)->findOrFail($id);
        $this->authorize('update', $item);

        return $item;
    }

    /** One's own copy of a sample, where there is one already: of two words named at once the first has made it. */
    private function copyOf(Request $request, Entry $sample): KitItem
    {
        return $this->person($request)->kit()->where('based_on', $sample->id)->where('name', $sample->name)->first() ??
            $this->person($request)
                ->kit()
                ->make([
                    'type' => $sample->type,
                    'name' => $sample->name,
                    'document' => $sample->document(),
                    'based_on' => $sample->id,
                    'standing' => $sample->standing,
                ]);
    }

    private function kept(Request $request, KitType $type, mixed $document, ?string $basedOn): JsonResponse
    {
        $read = $this->gate->kit($type, $document);
        $item = $this->keeper($request)->keep(
            $this->person($request)
                ->kit()
                ->make([
                    'type' => $type,
                    'name' => $read['name'],
                    'document' => $read['fields'],
                    'based_on' => $basedOn,
                ]),
        );

        return (new KitResource(Entry::own($item)))->response()->setStatusCode(201);
    }
}
