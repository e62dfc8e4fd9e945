<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Letters;
use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Kit\HandedOut;
use App\Models\CopyLink;
use App\Models\User;
use App\Sharing\Snapshot;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** Addresses under which somebody else takes a copy of a drill, rush, hold, layout or card into their own account. */
final class CopyController extends Controller
{
    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function index(Request $request): JsonResponse
    {
        $links = CopyLink::query();
        $links->where('user_id', $this->person($request)->id)->where('expires_at', '>', now())->orderByDesc('id');

        return response()->json($links->get(['id', 'kind', 'name', 'expires_at'])->map(self::toArray(...)));
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $given = $this->asked($request);
        $offered = Snapshot::of(
            $person,
            $given['kind'],
            $given['id'],
            new HandedOut((bool) ($given['place'] ?? false)),
            $this->gate,
        );
        [$link, $secret] = $this->keeper($request)->alone(static function () use ($person, $given, $offered): array {
            if (
                CopyLink::query()->where('user_id', $person->id)->where('expires_at', '>', now())->count() >=
                (int) config('limits.copy_links')
            ) {
                throw ValidationException::withMessages([
                    'days' => Words::text('http.copy.you-offer-copies-already-take', [
                        'most' => (int) config('limits.copy_links'),
                    ]),
                ]);
            }

            return CopyLink::open(
                $person,
                $offered->kind,
                $offered->name,
                $offered->document,
                (int) $given['days'],
                trim((string) ($given['from'] ?? '')),
            );
        });

        return response()->json([...self::toArray($link), 'address' => Letters::link("copy/$secret")], 201);
    }

    public function destroy(Request $request, int $id): Response
    {
        $links = CopyLink::query();
        $links->where('user_id', $this->person($request)->id)->findOrFail($id)->delete();

        return response()->noContent();
    }

    public function offered(Request $request, string $secret): JsonResponse
    {
        $link = CopyLink::behind($secret);
        abort_if($link === null, 404, Words::text('http.copy.this-is-not-offered-any'));

        $person = $request->user('sanctum');
        $document =
            $person instanceof User ? Snapshot::inHandsOf($person, $link->kind, $link->document) : $link->document;

        return response()->json([
            'kind' => $link->kind,
            'name' => $link->name,
            'from' => $link->from,
            'document' => Documents::withObjects($document),
        ]);
    }

    /** @return array{id: int, kind: string, name: string, expires_at: string} */
    private static function toArray(CopyLink $link): array
    {
        return [
            'id' => $link->id,
            'kind' => $link->kind,
            'name' => $link->name,
            'expires_at' => $link->expires_at->toIso8601ZuluString(),
        ];
    }
}
