<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Http\Resources\KitResource;
use App\Kit\Entry;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Models\ShelfItem;
use App\Models\User;
use App\Sharing\PublicShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use RushHold\Words\Words;

/** A shelf of bodies, lenses and subjects that people of this server have described. */
final class ShelfController extends Controller
{
    private const PAGE = 30;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $given = $this->asked($request);
        $person = $this->person($request);
        $found = (new PublicShelf($person))->find(KitType::from($given['type']), (string) ($given['search'] ?? ''));
        $total = (clone $found)->count();
        $page = (int) ($given['page'] ?? 1);
        $found->offset(self::PAGE * ($page - 1))->limit(self::PAGE);
        $items = $found->get(ShelfItem::LISTED);

        return response()->json([
            'items' => $items->map(static fn (ShelfItem $item): array => self::toArray($item, $person)),
            'total' => $total,
            'more' => self::PAGE * $page < $total,
        ]);
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $this->asked($request);
        $entry = (new Shelf($person, KitType::from($given['type'])))->find($given['id']);
        abort_if($entry === null || $entry->sample, 404, Words::text('http.shelf.this-is-not-in-your'));
        $item = $this->keeper($request)->alone(
            static fn (): ShelfItem => (new PublicShelf($person))->put($entry, trim((string) ($given['by'] ?? ''))),
        );

        return response()->json(self::toArray($item, $person), 201);
    }

    public function take(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $item = $this->item($person, $id);
        $read = $this->gate->kit($item->type, $item->document);
        $kept = $this->keeper($request)->keep(
            $person->kit()->make([
                'type' => $item->type,
                'name' => $read['name'],
                'document' => $read['fields'],
                'based_on' => null,
            ]),
        );
        $item->user_id === $person->id || ShelfItem::query()->whereKey($item->id)->toBase()->increment('taken');

        return (new KitResource(Entry::own($kept)))->response()->setStatusCode(201);
    }

    public function report(Request $request, string $id): Response
    {
        $person = $this->personal($request);
        $item = $this->item($person, $id);
        $reason = $this->asked($request)['reason'];
        abort_if($item->user_id === $person->id, 422, Words::text('http.shelf.this-is-yours-take-it'));
        (new PublicShelf($person))->report($item, trim($reason));

        return response()->noContent();
    }

    public function destroy(Request $request, string $id): Response
    {
        $mine = ShelfItem::query();
        $mine->where('user_id', $this->person($request)->id)->findOrFail($id)->delete();

        return response()->noContent();
    }

    private function item(User $person, string $id): ShelfItem
    {
        $item = (new PublicShelf($person))->item($id);
        abort_if($item === null, 404, Words::text('http.shelf.this-is-not-on-the'));

        return $item;
    }

    /** @return array<string, mixed> */
    private static function toArray(ShelfItem $item, User $person): array
    {
        return [
            'id' => $item->id,
            'type' => $item->type->value,
            'name' => $item->name,
            'by' => $item->shown_as,
            'put_up_at' => $item->updated_at->toIso8601ZuluString(),
            'outline' => Documents::withObjects($item->outline),
            'taken' => $item->taken,
            'mine' => $item->user_id === $person->id,
            'hidden' => $item->hidden,
        ];
    }
}
