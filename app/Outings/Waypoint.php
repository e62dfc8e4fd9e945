<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Refused;
use XMLReader;

/** A place out of a GPX file. */
final class Waypoint
{
    /** Where places stand in a file, the best known first. */
    private const ELEMENTS = ['wpt', 'rtept', 'trkpt'];

    /**
     * @return array{name: string, latitude_deg: float, longitude_deg: float}
     *
     * @throws Refused if there is no place in it
     */
    public static function in(string $gpx): array
    {
        // A file that declares entities of its own is none that a receiver has written.
        if (str_contains($gpx, '<!')) {
            $gpx = (string) preg_replace('/<!--.*?-->/s', '', $gpx);
        }
        if (
            trim($gpx) === '' ||
            str_contains($gpx, '<!DOCTYPE') ||
            ($reader = XMLReader::XML($gpx, null, LIBXML_NONET | LIBXML_NOERROR | LIBXML_NOWARNING)) === false
        ) {
            throw Refused::because('file', 'gpx');
        }
        assert($reader instanceof XMLReader);
        $found = [];
        $within = null;
        while (@$reader->read()) {
            if ($reader->nodeType === XMLReader::ELEMENT && in_array($reader->localName, self::ELEMENTS, true)) {
                $within = isset($found[$reader->localName]) ? null : $reader->localName;
                if ($within !== null) {
                    $found[$within] = [
                        'lat' => $reader->getAttribute('lat'),
                        'lon' => $reader->getAttribute('lon'),
                        'name' => '',
                    ];
                }
                $within = $reader->isEmptyElement ? null : $within;
            } elseif ($reader->nodeType === XMLReader::END_ELEMENT && $reader->localName === $within) {
                $within = null;
            } elseif ($within !== null && $reader->nodeType === XMLReader::ELEMENT && $reader->localName === 'name') {
                $found[$within]['name'] = trim((string) @$reader->readString());
            }
        }
        foreach (self::ELEMENTS as $element) {
            $lat = filter_var($found[$element]['lat'] ?? null, FILTER_VALIDATE_FLOAT);
            $lon = filter_var($found[$element]['lon'] ?? null, FILTER_VALIDATE_FLOAT);
            if ($lat !== false && $lon !== false && abs($lat) <= 90 && abs($lon) <= 180) {
                return [
                    'name' => mb_substr($found[$element]['name'] ?? '', 0, 120),
                    'latitude_deg' => $lat,
                    'longitude_deg' => $lon,
                ];
            }
        }

        throw Refused::because('file', 'gpx');
    }
}
