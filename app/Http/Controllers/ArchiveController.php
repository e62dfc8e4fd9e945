<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\Archive;
use App\Documents\UploadedDocument;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use RushHold\Words\Words;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** All of a person's data as one file, out and in. */
final class ArchiveController extends Controller
{
    /** MB. */
    private const LARGEST_FILE = 20;

    public function __construct(private readonly Archive $archive)
    {
    }

    public function download(Request $request): BinaryFileResponse
    {
        return response()
            ->download($this->archive->write($this->person($request)), 'rush-hold-'.now()->format('Y-m-d').'.zip', [
                'Content-Type' => 'application/zip',
            ])
            ->deleteFileAfterSend();
    }

    public function upload(Request $request): JsonResponse
    {
        $file = UploadedDocument::file($request, Words::text('http.archive.an-archive'), self::LARGEST_FILE);

        return response()->json($this->archive->load($this->personal($request), $file->getPathname()));
    }
}
