<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pictures\Facts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use OpenApi\Attributes as OA;
use RushHold\Library\Bodies;
use RushHold\Library\PictureKit;
use RushHold\Refused;

/** A camera describes itself by pictures taken with it. Nothing is kept: what comes of it is saved like any other kit. */
final class DescribedKitController extends Controller
{
    private const MOST = 12;

    /** Kilobytes of one file; its beginning says all there is. */
    private const MOST_KB = 4096;

    #[OA\Post(path: '/api/kit/describe', operationId: 'describeKit', summary: 'What pictures say of the body and the lenses they were taken with; the beginning of each file is enough', tags: ['kit'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['files[]'], properties: [
            new OA\Property(property: 'files[]', type: 'array', maxItems: self::MOST, items: new OA\Items(type: 'string', format: 'binary')),
        ]))),
        responses: [
            new OA\Response(response: 200, description: 'Documents to save, and where each part comes from', content: new OA\JsonContent(required: ['body', 'told', 'like', 'lenses', 'words'], properties: [
                new OA\Property(property: 'body', ref: '#/components/schemas/Body'),
                new OA\Property(property: 'told', type: 'array', items: new OA\Items(type: 'string'), description: 'Fields the pictures say; the rest is guessed'),
                new OA\Property(property: 'like', type: 'object', required: ['id', 'name'], description: 'The sample it is guessed from', properties: [new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string')]),
                new OA\Property(property: 'lenses', type: 'array', items: new OA\Items(type: 'object', required: ['document', 'told'], properties: [
                    new OA\Property(property: 'document', ref: '#/components/schemas/Lens'), new OA\Property(property: 'told', type: 'array', items: new OA\Items(type: 'string')),
                ])),
                new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'object', required: ['about', 'word', 'pictures', 'key'], properties: [
                    new OA\Property(property: 'about', type: 'string', enum: ['mode', 'area', 'drive', 'stabiliser']), new OA\Property(property: 'word', type: 'string'),
                    new OA\Property(property: 'pictures', type: 'integer'), new OA\Property(property: 'key', type: 'string', nullable: true, description: 'The term of ours it sounds like'),
                ])),
            ])),
            new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function __invoke(Request $request): JsonResponse
    {
        $request->validate(['files' => ['required', 'array', 'list', 'min:1', 'max:'.self::MOST], 'files.*' => ['required', 'file', 'max:'.self::MOST_KB]]);
        /** @var list<UploadedFile> $files as they were checked */
        $files = array_values((array) $request->file('files'));
        $kit = PictureKit::of(Facts::ofKit(array_map(static fn (UploadedFile $file): string => (string) $file->getRealPath(), $files)));
        if ($kit === null) {
            throw Refused::because('files', 'no-camera-named');
        }
        $like = Bodies::all()[$kit->like]['name'];

        return response()->json([
            'body' => $kit->body, 'told' => $kit->told, 'like' => ['id' => "sample-$kit->like", 'name' => $like],
            'lenses' => $kit->lenses, 'words' => $kit->words,
        ]);
    }
}
