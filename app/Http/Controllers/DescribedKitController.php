<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Pictures\Facts;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RushHold\Library\Bodies;
use RushHold\Library\PictureKit;
use RushHold\Refused;

/**
 * A camera describes itself by pictures taken with it. Nothing is kept: what comes of it is saved like any other kit.
 */
final class DescribedKitController extends Controller
{
    /** Kilobytes of one file; its beginning says all there is. */
    private const MOST_KB = 4096;

    public function __invoke(Request $request): JsonResponse
    {
        $this->asked($request, ['files.*' => ['max:'.self::MOST_KB]]);
        /** @var list<UploadedFile> $files as they were checked */
        $files = array_values((array) $request->file('files'));
        $kit = PictureKit::of(
            Facts::ofKit(array_map(static fn (UploadedFile $file): string => (string) $file->getRealPath(), $files)),
        );
        if ($kit === null) {
            throw Refused::because('files', 'no-camera-named');
        }
        $like = Bodies::all()[$kit->like]['name'];

        return response()->json([
            'body' => $kit->body,
            'told' => $kit->told,
            'like' => ['id' => "sample-$kit->like", 'name' => $like],
            'lenses' => $kit->lenses,
            'words' => $kit->words,
        ]);
    }
}
