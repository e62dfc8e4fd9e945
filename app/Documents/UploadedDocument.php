<?php

declare(strict_types=1);

namespace App\Documents;

use Illuminate\Http\Request;
use Illuminate\Http\UploadedFile;
use RushHold\Refused;

/** The file that came with a request. */
final class UploadedDocument
{
    private const MEGABYTE = 1_000_000;

    /**
     * @param  string  $what  what it should be: “a rush document”
     *
     * @throws Refused if there is none, or it is too large
     */
    public static function file(Request $request, string $what, int $megabytes): UploadedFile
    {
        $file = $request->file('file');
        if (! ($file instanceof UploadedFile) || ! $file->isValid()) {
            throw Refused::because('file', 'choose-file', what: $what);
        }
        if ($file->getSize() > $megabytes * self::MEGABYTE) {
            throw Refused::because('file', 'file-large', what: $what, most: $megabytes);
        }

        return $file;
    }

    /**
     * The document in it.
     *
     * @param  string  $kind  “rush”, “body”…
     *
     * @throws Refused if there is none, it is too large or no JSON
     */
    public static function read(Request $request, string $kind): mixed
    {
        return DocumentGate::decode(self::file($request, "a $kind document", 1)->getContent());
    }
}
