<?php

declare(strict_types=1);

/*
 * How long what goes into the field takes to work out, on one core:
 *
 *   php core/bench/field.php
 *
 * Laying out the buttons for eight rushes, in all five ways of working, once their holds are known; and planning an
 * outing of six rushes over five hours. Prints the median of several goes; the first ones warm the compiler up.
 */

use RushHold\Controls\LateStart;
use RushHold\Controls\Need;
use RushHold\Controls\Solver;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;
use RushHold\Outing\Entry;
use RushHold\Outing\Outing;
use RushHold\Outing\Scheduler;
use RushHold\Outing\Worth;
use RushHold\Planning\Chooser;

require __DIR__.'/../../vendor/autoload.php';

$rushes = [];
foreach (glob(__DIR__.'/../../formats/examples/*.json') ?: [] as $file) {
    $document = json_decode((string) file_get_contents($file), true);
    if (is_array($document) && ($document['format'] ?? '') === RushDocument::FORMAT) {
        $rushes[] = RushDocument::read($document)->rush;
    }
}
$median = static function (string $what, int $times, Closure $work): void {
    $took = [];
    for ($i = 0; $i < $times; $i++) {
        $begun = hrtime(true);
        $work();
        $took[] = (hrtime(true) - $begun) / 1e6;
    }
    sort($took);
    printf("%-52s median %6.0f ms, fastest %6.0f\n", $what, $took[intdiv($times, 2)], $took[0]);
};

$needs = array_map(static function ($rush): Need {
    $plan = Chooser::standard()->choose($rush);

    return new Need($rush->name, $plan->hold, $rush->path->noticeS, LateStart::of($plan->situation, $plan->hold));
}, array_slice($rushes, 0, 8));
$body = new Body(
    controls: array_map(
        static fn (ControlPlace $place): Control => new Control($place, Duty::cases()),
        ControlPlace::cases(),
    ),
);
$median('Buttons for eight rushes, one way of working', 15, static fn () => (new Solver($body, $needs))->solve());
$median('Buttons for eight rushes, five ways of working', 15, static fn () => (new Solver($body, $needs))->bySchool());

$entries = array_map(
    static fn ($rush): Entry => new Entry($rush, PartialHold::nothing(), 200.0, minutes: 45, times: 4),
    array_slice($rushes, 0, 6),
);
$zone = new DateTimeZone('Europe/London');
$outing = new Outing(
    'Morning',
    '',
    55.5,
    -9.0,
    new DateTimeImmutable('2026-06-07 05:00', $zone),
    new DateTimeImmutable('2026-06-07 10:00', $zone),
    $entries,
);
$worth = Worth::of($outing);
$median('What six rushes keep at each half hour of five hours', 5, static fn () => Worth::of($outing));
$median(
    'Their order',
    15,
    static fn () => (new Scheduler(
        $outing,
        $worth->rates,
        array_map($worth->frames(...), array_keys($entries)),
    ))->best(),
);
