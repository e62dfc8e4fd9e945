<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\Picture;
use App\Pictures\BurstCounts;
use App\Pictures\Crops;
use App\Pictures\Incoming;
use App\Pictures\LookAt;
use App\Pictures\NoPicture;
use App\Pictures\PictureView;
use App\Pictures\ShootStandIn;
use App\Pictures\Store;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\Response;

/** Pictures: sent here piece by piece, looked at one by one, judged by the person. Nobody but their owner sees them. */
final class PictureController extends Controller
{
    public function announce(Request $request): JsonResponse
    {
        $given = $this->asked(
            $request,
            [],
            [
                'bytes.between' => Words::text(
                    $request->integer('bytes') < 1 ? 'pictures.no-picture.the-file-is-empty' : 'http.picture.too-large',
                ),
            ],
        );

        return response()->json(
            (new Incoming($this->person($request)))->announce(
                $given['sha256'],
                basename(str_replace('\\', '/', $given['name'])),
                (int) $given['bytes'],
                isset($given['written_ms']) ? $given['written_ms'] / 1000 : null,
                $given['zone'] ?? null,
            ),
        );
    }

    public function piece(Request $request, string $sha256): JsonResponse
    {
        $from = (int) $this->asked($request)['from'];
        $piece = $request->getContent();
        abort_if(strlen($piece) > Incoming::PIECE, 413, Words::text('http.picture.a-piece-is-at-most'));

        return response()->json((new Incoming($this->person($request)))->piece($sha256, $from, $piece));
    }

    public function state(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $mine = Picture::query();
        $mine->where('user_id', $person->id);
        $following = Burst::query();
        $following->where('user_id', $person->id)->whereNotNull('following');
        $left = $following->get()->sum(static fn (Burst $b): int => count((array) ($b->following['todo'] ?? [])));
        $refused = Picture::query();
        $refused->where('user_id', $person->id)->where('stage', Picture::REFUSED)->orderBy('name')->limit(600);
        $recent = (clone $mine)
            ->where('stage', Picture::LOOKED)
            ->where('updated_at', '>', now()->subMinutes(2))
            ->orderByDesc('updated_at')
            ->limit(12)
            ->pluck('updated_at');
        $first = $recent->last();
        $span =
            $recent->count() > 2 ? $recent->first()?->floatDiffInSeconds($first, true) / ($recent->count() - 1) : null;

        return response()->json([
            'pictures' => (clone $mine)->count(),
            'waiting' => (clone $mine)->where('stage', Picture::WAITING)->count(),
            'loose' => (clone $mine)->where('stage', Picture::LOOKED)->whereNull('burst_id')->count(),
            'refused' => $refused->get(['id', 'name', 'problem', 'original'])->map(
                static fn (Picture $p): array => [
                    'id' => $p->id,
                    'name' => $p->name,
                    'problem' => NoPicture::said((string) $p->problem),
                    'again' => $p->original,
                ],
            ),
            'following' => $left,
            'bytes' => (int) (clone $mine)->where('original', true)->whereNull('lent_by')->sum('bytes'),
            'most_bytes' => (int) config($person->is_demo ? 'limits.demo_picture_bytes' : 'limits.picture_bytes'),
            'keeps_originals' => $person->keeps_originals,
            'seconds_each' => $span === null ? null : round($span, 2),
        ]);
    }

    public function settle(Request $request): Response
    {
        $person = $this->person($request);
        $person->forceFill(['keeps_originals' => (bool) $this->asked($request)['keeps_originals']])->save();

        return response()->noContent();
    }

    public function standIn(Request $request): Response
    {
        $person = $this->person($request);
        $rush = $person->rushes()->findOrFail($this->asked($request)['rush_id']);
        ShootStandIn::dispatch(
            $person->id,
            $rush->id,
            now()->startOfMinute()->toIso8601ZuluString(),
            random_int(1, 1_000_000),
        );

        return response()->noContent(202);
    }

    public function cancel(Request $request): Response
    {
        $mine = Picture::query();
        $mine->where('user_id', $this->person($request)->id)->whereIn('stage', [Picture::WAITING, Picture::REFUSED]);
        foreach ($mine->lazyById(200) as $picture) {
            Store::drop($picture);
            $picture->forceDelete();
        }

        return response()->noContent();
    }

    public function update(Request $request, string $id): JsonResponse
    {
        $picture = $this->picture($request, $id);
        $given = $this->asked($request);
        array_key_exists('said', $given) && ($picture->kept = $given['said']);
        array_key_exists('lost_to', $given) && ($picture->lost_to = $given['lost_to']);
        $picture->save();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || BurstCounts::again($burst);

        return response()->json(PictureView::toArray($picture));
    }

    public function retry(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        abort_unless($picture->original, 422, Words::text('http.picture.the-file-is-not-here'));
        $picture->fill(['stage' => Picture::WAITING, 'problem' => null])->save();
        LookAt::dispatch();

        return response()->noContent();
    }

    public function destroy(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        $picture->delete();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || BurstCounts::again($burst);

        return response()->noContent();
    }

    public function restore(Request $request, string $id): JsonResponse
    {
        $picture = $this->picture($request, $id, true);
        $picture->restore();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || BurstCounts::again($burst);

        return response()->json(PictureView::toArray($picture));
    }

    /** The file behind a signed address; the address alone is not enough, and it is good for a short while. */
    public function file(Request $request, string $id, string $what): Response
    {
        $picture = $this->picture($request, $id);
        abort_unless(
            in_array($what, [Store::PREVIEW, Store::THUMBNAIL], true) &&
                Store::disk()->exists(Store::path($picture, $what)),
            404,
        );

        return response((string) Store::disk()->get(Store::path($picture, $what)), 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=1500',
            'Content-Security-Policy' => "default-src 'none'",
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    public function crop(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        $given = $this->asked($request);
        try {
            $piece = Crops::of($picture, (float) $given['x'], (float) $given['y'], (int) ($given['side'] ?? 480));
        } catch (NoPicture $refused) {
            abort(422, $refused->getMessage());
        }

        return response($piece, 200, [
            'Content-Type' => 'image/jpeg',
            'Cache-Control' => 'private, max-age=1500',
            'X-Content-Type-Options' => 'nosniff',
        ]);
    }

    private function picture(Request $request, string $id, bool $deleted = false): Picture
    {
        $mine = $deleted ? Picture::onlyTrashed() : Picture::query();

        return $mine->where('user_id', $this->person($request)->id)->where('id', $id)->firstOrFail();
    }
}
