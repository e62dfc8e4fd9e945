<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Archive;
use App\Documents\UploadedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** All of a person's data as one file, out and in. */
final class ArchiveController extends Controller
{
    /** MB. */
    private const LARGEST_FILE = 20;

    public function __construct(private readonly Archive $archive)
    {
    }

    #[OA\Get(path: '/api/account/archive', operationId: 'downloadArchive', summary: 'All of one\'s data as a ZIP of documents', tags: ['account'], responses: [
        new OA\Response(response: 200, description: 'The archive', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))),
    ])]
    public function download(Request $request): BinaryFileResponse
    {
        return response()->download($this->archive->write($this->person($request)), 'rush-hold-'.now()->format('Y-m-d').'.zip', ['Content-Type' => 'application/zip'])->deleteFileAfterSend();
    }

    #[OA\Post(path: '/api/account/archive', operationId: 'uploadArchive', summary: 'Load an archive into this account; what is there already is left alone', tags: ['account'],
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'multipart/form-data', schema: new OA\Schema(required: ['file'], properties: [new OA\Property(property: 'file', type: 'string', format: 'binary')]))),
        responses: [new OA\Response(response: 200, description: 'What was loaded', content: new OA\JsonContent(required: ['rushes', 'kit', 'outings', 'bursts', 'already_there'], properties: [
            new OA\Property(property: 'rushes', type: 'integer'), new OA\Property(property: 'kit', type: 'integer'), new OA\Property(property: 'outings', type: 'integer'), new OA\Property(property: 'bursts', type: 'integer'), new OA\Property(property: 'already_there', type: 'integer'),
        ])), new OA\Response(response: 422, ref: '#/components/responses/Refused')])]
    public function upload(Request $request): JsonResponse
    {
        $file = UploadedDocument::file($request, 'an archive', self::LARGEST_FILE);

        return response()->json($this->archive->load($this->personal($request), $file->getPathname()));
    }
}
