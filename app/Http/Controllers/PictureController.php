<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\Picture;
use App\Pictures\Counted;
use App\Pictures\Crops;
use App\Pictures\Incoming;
use App\Pictures\LookAt;
use App\Pictures\NoPicture;
use App\Pictures\Seen;
use App\Pictures\ShootStandIn;
use App\Pictures\Store;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use RushHold\Focus\LossCause;
use Symfony\Component\HttpFoundation\Response;

/** Pictures: sent here piece by piece, looked at one by one, judged by the person. Nobody but their owner sees them. */
#[OA\Schema(schema: 'Upload', required: ['picture', 'received'], properties: [
    new OA\Property(property: 'picture', type: 'string', nullable: true, description: 'The picture, once all of it is here'),
    new OA\Property(property: 'received', type: 'integer', description: 'Bytes that are here: where to go on'),
])]
#[OA\Schema(schema: 'Picture', required: ['id', 'name', 'stage', 'problem', 'burst_id', 'taken_at', 'original', 'facts', 'measured', 'said', 'kept', 'lost_to', 'distance_m', 'thumbnail', 'preview'], properties: [
    new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'stage', type: 'string', enum: ['waiting', 'looked', 'refused']), new OA\Property(property: 'problem', type: 'string', nullable: true),
    new OA\Property(property: 'burst_id', type: 'string', nullable: true), new OA\Property(property: 'taken_at', type: 'string', nullable: true), new OA\Property(property: 'original', type: 'boolean', description: 'Whether the file itself is still here'),
    new OA\Property(property: 'wide', type: 'integer', nullable: true), new OA\Property(property: 'high', type: 'integer', nullable: true),
    new OA\Property(property: 'facts', type: 'array', description: 'What the file says of itself, in the person’s own words where there are any', items: new OA\Items(required: ['label', 'value'], type: 'object', properties: [new OA\Property(property: 'label', type: 'string'), new OA\Property(property: 'value', type: 'string')])),
    new OA\Property(property: 'measured', type: 'object', nullable: true, required: ['aim', 'sigma_px', 'long_px', 'short_px', 'angle_deg', 'width_px', 'limit_px', 'sharp_where', 'verdict', 'sure', 'tiles'], properties: [
        new OA\Property(property: 'aim', type: 'object', nullable: true, required: ['x', 'y'], properties: [new OA\Property(property: 'x', type: 'number'), new OA\Property(property: 'y', type: 'number')]),
        new OA\Property(property: 'sigma_px', type: 'number', nullable: true), new OA\Property(property: 'long_px', type: 'number', nullable: true), new OA\Property(property: 'short_px', type: 'number', nullable: true), new OA\Property(property: 'angle_deg', type: 'number', nullable: true),
        new OA\Property(property: 'width_px', type: 'number', nullable: true), new OA\Property(property: 'limit_px', type: 'number'),
        new OA\Property(property: 'sharp_where', type: 'string'), new OA\Property(property: 'camera_smeared', type: 'boolean', nullable: true), new OA\Property(property: 'verdict', type: 'string', enum: ['kept', 'lost', 'untold']), new OA\Property(property: 'untold', type: 'string', nullable: true, enum: ['plain', 'hidden', 'unclear'], description: 'Why it cannot be told'), new OA\Property(property: 'sure', type: 'number'),
        new OA\Property(property: 'not_found', type: 'boolean', description: 'The subject was not found in it'),
        new OA\Property(property: 'tiles', type: 'array', items: new OA\Items(required: ['x', 'y', 'sigma_px'], type: 'object', properties: [new OA\Property(property: 'x', type: 'number'), new OA\Property(property: 'y', type: 'number'), new OA\Property(property: 'sigma_px', type: 'number', nullable: true)])),
    ]),
    new OA\Property(property: 'said', type: 'boolean', nullable: true, description: 'What the person says: kept or lost; null: nothing yet'),
    new OA\Property(property: 'kept', type: 'boolean', nullable: true, description: 'What counts: what the person says, or what was measured'),
    new OA\Property(property: 'lost_to', type: 'string', nullable: true),
    new OA\Property(property: 'distance_m', type: 'number', nullable: true, description: 'What it was focused at, as the file says'),
    new OA\Property(property: 'thumbnail', type: 'string', nullable: true, description: 'Address of the picture, good for a short while'), new OA\Property(property: 'preview', type: 'string', nullable: true),
])]
final class PictureController extends Controller
{
    private const LONGEST_NAME = 200;

    #[OA\Post(path: '/api/pictures/uploads', operationId: 'announcePicture', summary: 'Announce a file that is to be sent; what is here already is not sent again', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['sha256', 'name', 'bytes'], properties: [
            new OA\Property(property: 'sha256', type: 'string', description: 'Of its content, hexadecimal'), new OA\Property(property: 'name', type: 'string', maxLength: 200), new OA\Property(property: 'bytes', type: 'integer', minimum: 1, maximum: 200000000),
            new OA\Property(property: 'written_ms', type: 'integer', minimum: 0, description: 'When the file was written, milliseconds since 1970: for frames that do not say when they were taken'),
            new OA\Property(property: 'zone', type: 'string', description: 'Time zone of the device, for a camera whose clock has none'),
        ])),
        responses: [new OA\Response(response: 200, description: 'What is here of it', content: new OA\JsonContent(ref: '#/components/schemas/Upload')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function announce(Request $request): JsonResponse
    {
        $given = $request->validate(['sha256' => ['required', 'string', 'regex:/^[0-9a-f]{64}$/'], 'name' => ['required', 'string', 'max:'.self::LONGEST_NAME], 'bytes' => ['required', 'integer', 'min:1', 'max:200000000'], 'written_ms' => ['sometimes', 'integer', 'min:0', 'max:4102444800000'], 'zone' => ['sometimes', 'timezone:all']],
            ['bytes.min' => 'The file is empty.', 'bytes.max' => 'The file is larger than 200 MB.']);

        return response()->json((new Incoming($this->person($request)))->announce($given['sha256'], basename(str_replace('\\', '/', $given['name'])), (int) $given['bytes'], isset($given['written_ms']) ? $given['written_ms'] / 1000 : null, $given['zone'] ?? null));
    }

    #[OA\Put(path: '/api/pictures/uploads/{sha256}', operationId: 'sendPiece', summary: 'Send the next piece of an announced file', tags: ['pictures'],
        parameters: [new OA\PathParameter(name: 'sha256', required: true, schema: new OA\Schema(type: 'string')), new OA\QueryParameter(name: 'from', required: true, schema: new OA\Schema(type: 'integer', minimum: 0))],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'application/octet-stream', schema: new OA\Schema(type: 'string', format: 'binary', maxLength: 4000000))),
        responses: [new OA\Response(response: 200, description: 'What is here of it now', content: new OA\JsonContent(ref: '#/components/schemas/Upload')), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function piece(Request $request, string $sha256): JsonResponse
    {
        $from = (int) $request->validate(['from' => ['required', 'integer', 'min:0', 'max:200000000']])['from'];
        $piece = $request->getContent();
        abort_if(strlen($piece) > Incoming::PIECE, 413, 'A piece is at most 4 MB.');

        return response()->json((new Incoming($this->person($request)))->piece($sha256, $from, $piece));
    }

    #[OA\Get(path: '/api/pictures/state', operationId: 'pictureState', summary: 'How far the looking and following are, and how much room the pictures take', tags: ['pictures'],
        responses: [new OA\Response(response: 200, description: 'State', content: new OA\JsonContent(required: ['pictures', 'waiting', 'loose', 'refused', 'following', 'bytes', 'most_bytes', 'keeps_originals', 'seconds_each'], properties: [
            new OA\Property(property: 'pictures', type: 'integer'), new OA\Property(property: 'waiting', type: 'integer'),
            new OA\Property(property: 'loose', type: 'integer', description: 'Looked at, but not in a burst yet'),
            new OA\Property(property: 'refused', type: 'array', items: new OA\Items(required: ['id', 'name', 'problem', 'again'], type: 'object', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'problem', type: 'string'), new OA\Property(property: 'again', type: 'boolean', description: 'Whether it may be tried again')])),
            new OA\Property(property: 'following', type: 'integer', description: 'Pictures in which a subject is still to be found'),
            new OA\Property(property: 'bytes', type: 'integer'), new OA\Property(property: 'most_bytes', type: 'integer'), new OA\Property(property: 'keeps_originals', type: 'boolean'),
            new OA\Property(property: 'seconds_each', type: 'number', nullable: true, description: 'What one takes, from the last few; null while none is known'),
        ]))])]
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
        $recent = (clone $mine)->where('stage', Picture::LOOKED)->where('updated_at', '>', now()->subMinutes(2))->orderByDesc('updated_at')->limit(12)->pluck('updated_at');
        $first = $recent->last();
        $span = $recent->count() > 2 ? $recent->first()?->floatDiffInSeconds($first, true) / ($recent->count() - 1) : null;

        return response()->json(['pictures' => (clone $mine)->count(), 'waiting' => (clone $mine)->where('stage', Picture::WAITING)->count(),
            'loose' => (clone $mine)->where('stage', Picture::LOOKED)->whereNull('burst_id')->count(),
            'refused' => $refused->get(['id', 'name', 'problem', 'original'])->map(static fn (Picture $p): array => ['id' => $p->id, 'name' => $p->name, 'problem' => (string) $p->problem, 'again' => $p->original]),
            'following' => $left, 'bytes' => (int) (clone $mine)->where('original', true)->whereNull('lent_by')->sum('bytes'), 'most_bytes' => (int) config($person->is_demo ? 'limits.demo_picture_bytes' : 'limits.picture_bytes'), 'keeps_originals' => $person->keeps_originals, 'seconds_each' => $span === null ? null : round($span, 2)]);
    }

    #[OA\Patch(path: '/api/pictures/state', operationId: 'keepOriginals', summary: 'Whether originals stay once they are measured', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['keeps_originals'], properties: [new OA\Property(property: 'keeps_originals', type: 'boolean')])),
        responses: [new OA\Response(response: 204, description: 'So be it'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function settle(Request $request): Response
    {
        $person = $this->person($request);
        $person->forceFill(['keeps_originals' => (bool) $request->validate(['keeps_originals' => ['required', 'boolean']])['keeps_originals']])->save();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/pictures/stand-in', operationId: 'shootStandIn', summary: 'Have the stand-in camera shoot a rush into the pictures, for a try', tags: ['pictures'],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['rush_id'], properties: [new OA\Property(property: 'rush_id', type: 'string')])),
        responses: [new OA\Response(response: 202, description: 'It is being shot'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function standIn(Request $request): Response
    {
        $person = $this->person($request);
        $rush = $person->rushes()->findOrFail($request->validate(['rush_id' => ['required', 'string', 'ulid']])['rush_id']);
        ShootStandIn::dispatch($person->id, $rush->id, now()->startOfMinute()->toIso8601ZuluString(), random_int(1, 1_000_000));

        return response()->noContent(202);
    }

    #[OA\Delete(path: '/api/pictures/waiting', operationId: 'cancelPictures', summary: 'Give up what is still waiting to be looked at', tags: ['pictures'], responses: [new OA\Response(response: 204, description: 'Given up')])]
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

    #[OA\Patch(path: '/api/pictures/{id}', operationId: 'judgePicture', summary: 'Say whether a picture is kept and what lost it, whatever was measured', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [new OA\Property(property: 'said', type: 'boolean', nullable: true), new OA\Property(property: 'lost_to', type: 'string', nullable: true)])),
        responses: [new OA\Response(response: 200, description: 'Judged', content: new OA\JsonContent(ref: '#/components/schemas/Picture')), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function update(Request $request, string $id): JsonResponse
    {
        $picture = $this->picture($request, $id);
        $given = $request->validate(['said' => ['sometimes', 'nullable', 'boolean'], 'lost_to' => ['sometimes', 'nullable', Rule::enum(LossCause::class)]]);
        array_key_exists('said', $given) && $picture->kept = $given['said'];
        array_key_exists('lost_to', $given) && $picture->lost_to = $given['lost_to'];
        $picture->save();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || Counted::again($burst);

        return response()->json(Seen::told($picture));
    }

    #[OA\Post(path: '/api/pictures/{id}/retry', operationId: 'retryPicture', summary: 'Look at a picture once more', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'It waits its turn'), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function retry(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        abort_unless($picture->original, 422, 'The file is not here any more; send it again.');
        $picture->fill(['stage' => Picture::WAITING, 'problem' => null])->save();
        LookAt::dispatch();

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/pictures/{id}', operationId: 'deletePicture', summary: 'Delete a picture; it can be restored for an hour', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'Deleted'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        $picture->delete();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || Counted::again($burst);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/pictures/{id}/restore', operationId: 'restorePicture', summary: 'Undo a deletion', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 200, description: 'Back', content: new OA\JsonContent(ref: '#/components/schemas/Picture')), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function restore(Request $request, string $id): JsonResponse
    {
        $picture = $this->picture($request, $id, true);
        $picture->restore();
        $burst = Burst::query()->find($picture->burst_id);
        $burst === null || Counted::again($burst);

        return response()->json(Seen::told($picture));
    }

    /** The file behind a signed address; the address alone is not enough, and it is good for a short while. */
    #[OA\Get(path: '/api/pictures/{id}/{what}', operationId: 'pictureFile', summary: 'A preview or thumbnail, by the address that was given with the picture', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\PathParameter(name: 'what', required: true, schema: new OA\Schema(type: 'string', enum: ['preview', 'thumbnail']))],
        responses: [new OA\Response(response: 200, description: 'JPEG', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))), new OA\Response(response: 403, description: 'The address has run out'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function file(Request $request, string $id, string $what): Response
    {
        $picture = $this->picture($request, $id);
        abort_unless(in_array($what, [Store::PREVIEW, Store::THUMBNAIL], true) && Store::disk()->exists(Store::path($picture, $what)), 404);

        return response((string) Store::disk()->get(Store::path($picture, $what)), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=1500', 'Content-Security-Policy' => "default-src 'none'", 'X-Content-Type-Options' => 'nosniff']);
    }

    #[OA\Get(path: '/api/pictures/{id}/crop', operationId: 'cropPicture', summary: 'A piece of a picture, pixel for pixel', tags: ['pictures'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\QueryParameter(name: 'x', required: true, schema: new OA\Schema(type: 'number')), new OA\QueryParameter(name: 'y', required: true, schema: new OA\Schema(type: 'number')), new OA\QueryParameter(name: 'side', schema: new OA\Schema(type: 'integer', minimum: 100, maximum: 1600))],
        responses: [new OA\Response(response: 200, description: 'JPEG', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))), new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function crop(Request $request, string $id): Response
    {
        $picture = $this->picture($request, $id);
        $given = $request->validate(['x' => ['required', 'numeric', 'between:-0.5,0.5'], 'y' => ['required', 'numeric', 'between:-0.5,0.5'], 'side' => ['sometimes', 'integer', 'between:100,1600']]);
        try {
            $piece = Crops::of($picture, (float) $given['x'], (float) $given['y'], (int) ($given['side'] ?? 480));
        } catch (NoPicture $refused) {
            abort(422, $refused->getMessage());
        }

        return response($piece, 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=1500', 'X-Content-Type-Options' => 'nosniff']);
    }

    private function picture(Request $request, string $id, bool $deleted = false): Picture
    {
        $mine = $deleted ? Picture::onlyTrashed() : Picture::query();

        return $mine->where('user_id', $this->person($request)->id)->where('id', $id)->firstOrFail();
    }
}
