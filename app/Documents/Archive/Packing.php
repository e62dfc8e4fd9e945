<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use App\Documents\Documents;
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

    /** @param  array<string, mixed>  $list */
    public function close(array $list): void
    {
        $this->add(Unpacking::LIST, $list);
        $this->zip->close();
    }
}
