<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Burst;
use App\Models\Picture;
use RushHold\Words\Words;
use XMLWriter;
use ZipArchive;

/**
 * What was found in pictures as XMP sidecars, an open standard (ISO 16684-1) that picture programs read: rating, label
 * and keywords.
 */
final class Sidecars
{
    private const RDF = 'http://www.w3.org/1999/02/22-rdf-syntax-ns#';

    /**
     * Stars for what is kept and is sure, kept but close, lost by measure, and lost as the person says: programs call
     * that rejected.
     */
    private const STARS = [4, 3, 1, -1];

    private const SURE = 0.9;

    /**
     * @param  iterable<Burst>  $bursts
     * @return string path of a ZIP that the caller deletes
     */
    public static function zipped(iterable $bursts): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'sidecars');
        $zip = new ZipArchive();
        $zip->open($path, ZipArchive::OVERWRITE);
        $zip->addFromString('README.txt', Words::text('pictures.sidecars.readme')."\n");
        foreach ($bursts as $burst) {
            foreach (Picture::ofBurst($burst) as $picture) {
                $zip->addFromString(self::name($zip, $picture), self::of($burst, $picture));
            }
        }
        $zip->close();

        return $path;
    }

    /** Two bodies may give the same name: then it stands in a folder of its body. */
    private static function name(ZipArchive $zip, Picture $picture): string
    {
        $name = pathinfo($picture->name, PATHINFO_FILENAME);
        $folder = trim((string) preg_replace('/[^\w -]+/u', '-', (string) ($picture->facts['body'] ?? 'others')));
        for ($i = 0, $free = "$name.xmp"; $zip->locateName($free) !== false; $i++) {
            $free = $folder.($i === 0 ? '' : " $i")."/$name.xmp";
        }

        return $free;
    }

    public static function of(Burst $burst, Picture $picture): string
    {
        $kept = $picture->isKept();
        $sure = $picture->kept !== null || (float) ($picture->measured['sure'] ?? 0) >= self::SURE;
        $xml = new XMLWriter();
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
            $xml->writeAttribute(
                'xmp:Rating',
                (string) self::STARS[$kept ? ($sure ? 0 : 1) : ($picture->kept === false ? 3 : 2)],
            );
            $xml->writeAttribute('xmp:Label', Words::text('pictures.sidecars.label', ['kept' => $kept ? 'yes' : 'no']));
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

        return array_values(
            array_filter([
                $burst->rush_id === null ? null : $burst->rush,
                Words::text('pictures.sidecars.word', [
                    'kept' => match ($picture->isKept()) {
                        true => 'yes',
                        false => 'no',
                        null => 'unknown',
                    },
                ]),
                $picture->isKept() === false ? $picture->lost_to : null,
                is_string($where) ? Words::text('pictures.sidecars.sharp', ['where' => $where]) : null,
            ]),
        );
    }
}
