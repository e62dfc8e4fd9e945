<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Documents\Documents;
use App\Models\KitItem;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use ZipArchive;

/** An archive while it is written: a ZIP of documents, with `archive.json` that lists them. */
final readonly class Packing
{
    public string $path;

    private ZipArchive $zip;

    public function __construct()
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'archive');
        $this->zip = new ZipArchive();
        $this->zip->open($this->path, ZipArchive::OVERWRITE);
    }

    /** @param  array<array-key, mixed>|object  $document */
    public function add(string $file, array|object $document): string
    {
        $this->zip->addFromString($file, Documents::text($document));

        return $file;
    }

    /**
     * A document with what the list says of it: which file it is, its id here, and from when it is.
     *
     * @param  array<string, mixed>  $more  what else the list says
     * @return array<string, mixed>
     */
    public function document(string $file, SavedRush|SavedOuting|KitItem $of, array $more = []): array
    {
        return [
            'file' => $this->add($file, Documents::withObjects($of->document)),
            'id' => $of->id,
            ...$more,
            'created_at' => $of->created_at->toIso8601ZuluString(),
            'updated_at' => $of->updated_at->toIso8601ZuluString(),
        ];
    }

    /** @param  array<string, mixed>  $list */
    public function close(array $list): void
    {
        $this->add(Unpacking::LIST, $list);
        $this->zip->close();
    }
}
