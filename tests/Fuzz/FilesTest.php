<?php

declare(strict_types=1);

use App\Pictures\NoPicture;
use App\Pictures\Sandbox;
use Illuminate\Http\UploadedFile;
use Tests\Fuzz\HostilePictures;
use Tests\Fuzz\Maker;

/*
 * Whatever may be sent as a file: pictures, tables, paths. Each is taken in or refused in words; nothing is an accident
 * of
 * ours. The same FUZZ_SEED makes the same files.
 */

/** What is found in a file, or why it is refused. */
function looked(string $bytes): array|string
{
    $file = (string) tempnam(sys_get_temp_dir(), 'fuzz');
    file_put_contents($file, $bytes);
    try {
        App\Pictures\Kind::of($file);

        return Sandbox::measure(['file' => $file, 'limit_px' => 3.0]);
    } catch (NoPicture $refused) {
        return $refused->getMessage();
    } finally {
        unlink($file);
    }
}

it('takes no picture that is not whole', function (): void {
    // All of them, so that one sees at once which came through.
    $came = array_filter(array_map(looked(...), HostilePictures::refused()), is_array(...));
    expect(array_keys($came))->toBe([]);
});

it('takes odd pictures that are whole', function (): void {
    $not = array_filter(
        array_map(looked(...), HostilePictures::taken()),
        static fn (array|string $found): bool => ! is_array($found) || [$found['wide'], $found['high']] !== [640, 480],
    );
    expect($not)->toBe([]);
});

it('has words for every scratched picture', function (): void {
    [$first, $count] = [(int) (getenv('FUZZ_SEED') ?: 1), max(8, intdiv((int) (getenv('FUZZ_DOCUMENTS') ?: 300), 100))];
    for ($seed = $first; $seed < $first + $count; $seed++) {
        // Ours would say so.
        expect(looked(HostilePictures::scratched(new Maker($seed * 8 + 7))))->not->toBe(
            NoPicture::failed()->getMessage(),
            "seed $seed",
        );
    }
});

/** A table as somebody may have it: cells of any kind, rows of any length, any way of writing it down. */
function table(Maker $maker): array
{
    $cell = static fn (): string => (string) $maker->one([
        '2026-06-07 05:10',
        '12.5.2026',
        'now',
        '46180.5',
        '-1',
        '1e308',
        'NaN',
        'Gull',
        '',
        '=1+1',
        "a\u{0}b",
        "\u{202e}txt",
        str_repeat('x', 4000),
        '"',
        'ä',
        "\xFF\xFE",
        '99999999999999999999',
        '0x1f',
        "'; drop",
    ]);
    $rows = [];
    for ($i = $maker->whole(0, 30); $i >= 0; $i--) {
        $rows[] = array_map($cell, range(0, $maker->whole(0, 12)));
    }
    $head = $maker->one([
        ['at', 'rush', 'frames', 'keepers'],
        ['When', 'Subject', 'Kept', 'Of'],
        ['frames', 'frames'],
        [],
    ]);
    $head === [] || array_unshift($rows, $head);
    if ($maker->lucky(0.4)) {
        $between = $maker->one([',', ';', "\t", '|']);
        $text = implode(
            $maker->one(["\n", "\r\n", "\r"]),
            array_map(static fn (array $row) => implode($between, $row), $rows),
        );

        return ['log.csv', $maker->lucky(0.2) ? mb_convert_encoding($text, 'UTF-16') : $text];
    }
    $sheet = '';
    foreach ($rows as $r => $row) {
        $sheet .= $maker->one(['<row>', '<row r="'.($r + 1).'">', '<row r="-3">', '<row r="99999999">']);
        foreach ($row as $c => $value) {
            $type = $maker->one(['s', 'inlineStr', 'n', 'b', 'str', 'zz']);
            $sheet .=
                '<c r="'.
                $maker->one([chr(65 + $c).($r + 1), 'ZZZZ9', '', '1A']).
                '" t="'.
                $type.
                '"><v>'.
                htmlspecialchars($type === 's' ? (string) $maker->whole(-2, 40) : $value, ENT_XML1 | ENT_SUBSTITUTE).
                '</v></c>';
        }
        $sheet .= '</row>';
    }
    $file = (string) tempnam(sys_get_temp_dir(), 'sheet');
    $zip = new ZipArchive();
    $zip->open($file, ZipArchive::OVERWRITE);
    $zip->addFromString(
        'xl/worksheets/sheet1.xml',
        $maker->lucky(0.9)
            ? "<worksheet><sheetData>$sheet</sheetData></worksheet>"
            : substr($sheet, 0, $maker->whole(0, 400)),
    );
    $maker->lucky(0.7) &&
        $zip->addFromString(
            'xl/sharedStrings.xml',
            (string) $maker->one([
                '<sst><si><t>Gull</t></si></sst>',
                '<sst/>',
                '',
                '<sst><si><r><t>a</t></r>',
                '<!DOCTYPE x [<!ENTITY a "b">]><sst><si><t>&a;</t></si></sst>',
            ]),
        );
    $zip->close();
    $bytes = (string) file_get_contents($file);
    unlink($file);
    $maker->lucky(0.1) && ($bytes = substr($bytes, 0, $maker->whole(1, strlen($bytes))));

    return ['log.xlsx', $bytes];
}

/** A path as a device may write it, or not. */
function path(Maker $maker): string
{
    $point = static fn (): string => sprintf(
        '<wpt lat="%s" lon="%s"><name>%s</name></wpt>',
        $maker->one(['55.5', '-91', 'x', '', '1e400']),
        $maker->one(['-9', '181', 'NaN', '']),
        $maker->one(['Cliff', '', str_repeat('n', 5000), "a\u{1}b", '&lt;b&gt;']),
    );

    return $maker->one(['', '<?xml version="1.0"?>', '<!DOCTYPE gpx [<!ENTITY x SYSTEM "file:///etc/passwd">]>']).
        $maker->one(['<gpx>', '<gpx xmlns="http://www.topografix.com/GPX/1/1">', '<trk>', '']).
        implode('', array_map($point, range(0, $maker->whole(0, 20)))).
        $maker->one(['</gpx>', '', '&x;</gpx>']);
}

it('has words for every table and every path', function (): void {
    $this->withoutMiddleware(Illuminate\Routing\Middleware\ThrottleRequests::class);
    $this->actingAs($this->person());
    [$first, $count] = [(int) (getenv('FUZZ_SEED') ?: 1), max(40, intdiv((int) (getenv('FUZZ_DOCUMENTS') ?: 300), 10))];
    $taken = 0;
    for ($seed = $first; $seed < $first + $count; $seed++) {
        $maker = new Maker($seed * 8 + 5);
        foreach (
            ['/api/bursts/table' => table($maker), '/api/outings/place' => ['walk.gpx', path($maker)]] as $uri => [$name, $bytes]
        ) {
            $file = (string) tempnam(sys_get_temp_dir(), 'fuzz');
            file_put_contents($file, $bytes);
            $answer = $this->post(
                $uri,
                ['file' => new UploadedFile($file, $name, null, null, true), 'keep' => $maker->one(['0', '1'])],
                ['Accept' => 'application/json'],
            );
            unlink($file);
            expect($answer->status())->toBeIn(
                [200, 422],
                "seed $seed at $uri: ".substr((string) $answer->getContent(), 0, 400),
            );
            $taken += $answer->status() === 200 ? 1 : 0;
        }
    }
    // Were all refused, little would have been tried.
    expect($taken)->toBeGreaterThan($count / 10);
});
