<?php

declare(strict_types=1);

// Draws twenty frames of the stand-in camera, whole and pixel for pixel: docs/frames.jpg. Run it by bin/frames.

use App\Camera\Drawer;
use App\Camera\View;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Document\RushDocument;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
Imagick::setResourceLimit(Imagick::RESOURCETYPE_THREAD, 1);

const LINES = [
    'gannet gliding along a cliff at 45 m over the sea, 400 mm',
    'roe deer leaping across the meadow at 60 m, dawn, 500 mm',
    'footballer running towards me at 30 m under floodlights, 300 mm',
    'otter swimming across at 25 m at dusk, 400 mm',
    'dog running straight at me on the beach at 20 m',
    'motocross rider jumping across at 20 m, 200 mm',
    'red squirrel leaping between branches at 12 m, 400 mm',
    'kingfisher diving at 10 m, 500 mm',
    'horse and rider over a jump at 30 m, 200 mm',
    'duck landing on the lake at 40 m, 500 mm',
    'fox trotting along the rocks at 30 m, 500 mm',
];
const ACROSS = 4;
const SIDE = [360, 240];

/** @return iterable<string, Rush> */
function rushes(): iterable
{
    foreach (glob(__DIR__.'/../formats/examples/*.json') ?: [] as $file) {
        $document = json_decode((string) file_get_contents($file), true);
        if (($document['format'] ?? '') === RushDocument::FORMAT) {
            yield basename($file, '.json') => RushDocument::read($document)->rush;
        }
    }
    foreach (LINES as $line) {
        $read = (new Process([PHP_BINARY, __DIR__.'/../artisan', 'rush:read', $line]))->mustRun()->getOutput();
        yield $line => RushDocument::read(json_decode($read, true)['rush'])->rush;
    }
}

/** Every fourth one that is lost, the others kept; in the middle of what there is of them. */
function picked(Rush $rush, int $i): Shot
{
    $shots = [...(new StandIn($rush, Planner::standard()->best($rush)->hold))->shoot(40, 5)];
    $wanted = array_values(
        array_filter($shots, static fn (Shot $shot): bool => $shot->inFrame() && $shot->kept === ($i % 4 !== 3)),
    );

    return $wanted[intdiv(count($wanted), 2)] ?? $shots[0];
}

$sheet = new Imagick();
$cells = [];
foreach (rushes() as $name => $rush) {
    $shot = picked($rush, intdiv(count($cells), 2));
    foreach ([View::whole($shot, 2 * SIDE[0]), View::around($shot, 540, 360)] as $view) {
        $picture = (new Drawer())->draw($shot, $view);
        $picture->resizeImage(SIDE[0], SIDE[1], Imagick::FILTER_LANCZOS, 1);
        $cells[] = $picture;
    }
    fprintf(STDERR, "%s: %s\n", $name, $shot->kept ? 'kept' : 'lost, '.$shot->cause?->value);
    if (count($cells) === 40) {
        break;
    }
}
$sheet->newImage(ACROSS * SIDE[0], (int) ceil(count($cells) / ACROSS) * SIDE[1], new ImagickPixel('black'));
foreach ($cells as $i => $cell) {
    $sheet->compositeImage($cell, Imagick::COMPOSITE_OVER, ($i % ACROSS) * SIDE[0], intdiv($i, ACROSS) * SIDE[1]);
}
$sheet->setImageFormat('jpeg');
$sheet->setImageCompressionQuality(86);
$sheet->writeImage(__DIR__.'/../docs/frames.jpg');
