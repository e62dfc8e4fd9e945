<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use Illuminate\Support\Collection;
use XMLWriter;
use ZipArchive;

/** What was found in pictures as XMP sidecars, an open standard (ISO 16684-1) that picture programs read: rating, label and keywords. */
final class Sidecars
{
    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

    /** Stars for what is kept and is sure, kept but close, and lost. */
    private const STARS = [4, 3, 1];

    private const SURE = 0.9;

    /**
     * @param  Collection<int, Picture>  $pictures
     * @return string path of a ZIP that the caller deletes
     */
    public static function zipped(Burst $burst, Collection $pictures): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sidecars');
        $zip = new ZipArchive;
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('README.txt', "Put these beside the pictures of the same name.\n");
        foreach ($pictures as $picture) {
            $zip->addFromString(pathinfo($picture->name, PATHINFO_FILENAME).'.xmp', self::of($burst, $picture));
        }
        $zip->close();

        return $path;
    }

    public static function of(Burst $burst, Picture $picture): string
    {
        $kept = $picture->isKept();
        $sure = $picture->kept !== null || (float) ($picture->measured['sure'] ?? 0) >= self::SURE;
        $xml = new XMLWriter;
        $xml->openMemory();
        $xml->setIndent(true);
        $xml->startDocument('1.0', 'UTF-8');
        $xml->startElementNs('x', 'xmpmeta', 'adobe:ns:meta/');
        $xml->startElementNs('rdf', 'RDF', self::RDF);
        $xml->startElementNs('rdf', 'Description', null);
        $xml->writeAttributeNs('rdf', 'about', null, '');
        $xml->writeAttribute('xmlns:xmp', 'http://ns.adobe.com/xap/1.0/');
        $xml->writeAttribute('xmlns:dc', 'http://purl.org/dc/elements/1.1/');
        if ($kept !== null) {
            $xml->writeAttribute('xmp:Rating', (string) self::STARS[$kept ? ($sure ? 0 : 1) : 2]);
            $xml->writeAttribute('xmp:Label', $kept ? 'Kept' : 'Lost');
        }
        $xml->startElement('dc:subject');
        $xml->startElement('rdf:Bag');
        foreach (self::keywords($burst, $picture) as $word) {
            $xml->writeElement('rdf:li', $word);
        }
        $xml->endDocument();

        return $xml->outputMemory();
    }

    /** @return list<string> */
    private static function keywords(Burst $burst, Picture $picture): array
    {
        $where = $picture->measured['sharp_where'] ?? null;

        return array_values(array_filter([$burst->rush_id === null ? null : $burst->rush, $picture->isKept() === false ? $picture->lost_to : null, is_string($where) ? "sharp: $where" : null]));
    }
}
