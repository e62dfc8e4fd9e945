<?php

declare(strict_types=1);

/*
 * Asks the demo what component tests are answered with, and writes it to resources/js/testing/recorded. Run by
 * bin/record-answers; tests/Feature/RecordedAnswersTest says when they no longer fit the description of the API.
 */

use Tests\Running\Answer;
use Tests\Running\Visitor;

require __DIR__.'/../vendor/autoload.php';

$folder = dirname(__DIR__).'/resources/js/testing/recorded';
is_dir($folder) || mkdir($folder, 0o755, true);
$visitor = new Visitor();
$visitor->get('/api/session');
$visitor->post('/api/session/demo');

$write = static function (string $name, mixed $value) use ($folder): mixed {
    $json = json_encode(
        $value,
        JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION,
    );
    file_put_contents("$folder/$name.json", "$json\n");

    return $value;
};
$read = static function (Answer $answer, string $asked): mixed {
    $answer->status < 300 || throw new RuntimeException("$asked: $answer->status $answer->body");

    // Lists and objects without anything in them stay apart.
    return json_decode($answer->body, false, 512, JSON_THROW_ON_ERROR);
};
$get = static fn (string $path): mixed => $read($visitor->get($path), $path);
$post = static fn (string $path, mixed $body): mixed => $read(
    $visitor->ask('POST', $path, json_encode($body, JSON_THROW_ON_ERROR)),
    $path,
);
$named = static function (array $items, string $name): object {
    foreach ($items as $item) {
        if (str_contains($item->name, $name)) {
            return $item;
        }
    }
    throw new RuntimeException("the demo has no $name");
};

$rushes = $write('rushes', $get('/api/rushes'))->items;
$puffin = $write('rush', $get('/api/rushes/'.$named($rushes, 'Puffin coming in')->id));
$write('fresh', $get('/api/rushes/fresh'));
$write('habits', $get('/api/habits'));
foreach (['bodies', 'lenses', 'subjects'] as $type) {
    $listed = $write($type, $get("/api/kit/$type"));
    // One's own where there is one, so that there are words of the camera.
    $first = current(array_filter($listed, static fn (object $item): bool => ! $item->sample)) ?: $listed[0];
    $write(['bodies' => 'body', 'lenses' => 'lens', 'subjects' => 'subject'][$type], $get("/api/kit/$type/$first->id"));
}
$asked = ['rush' => $puffin->document, 'pins' => $puffin->pins ?? (object) [], 'units' => 'metric', 'standing' => null];
$write('plan', $post('/api/plan', $asked));
$ranked = $post('/api/rank', [...$asked, 'run' => 1]);
$compared = [$ranked->ranking[0]->hold, end($ranked->ranking)->hold];
// The first of them say as much as all.
$ranked->ranking = array_slice($ranked->ranking, 0, 8);
$write('rank', $ranked);
$write(
    'comparison',
    $post('/api/compare', ['rush' => $puffin->document, 'holds' => $compared, 'runs' => [200, 200], 'run' => 1]),
);
$outings = $write('outings', $get('/api/outings'));
$outing = $write('outing', $get('/api/outings/'.$outings[0]->id));
$write('day', $post('/api/day', ['outing' => $outing->document, 'units' => 'metric']));
$write('card', $get("/api/outings/$outing->id/card?units=metric"));
$write('outing-bursts', $get("/api/outings/$outing->id/bursts"));
$write(
    'layout',
    $post('/api/layout', [
        'rushes' => array_column(array_slice($rushes, 0, 3), 'id'),
        'body' => null,
        'units' => 'metric',
    ]),
);
$log = $write('bursts', $get('/api/bursts'))->items;
$write('figures', $get('/api/bursts/figures'));
$write('hold-comparison', $get('/api/bursts/comparison?units=metric'));
$write('learned', $get('/api/learned'));
$lost = current(array_filter($log, static fn (object $burst): bool => $burst->rush_id !== null)) ?: $log[0];
$write('causes', $post('/api/cause', ['burst' => $lost->id, 'rush_id' => $lost->rush_id, 'units' => 'metric']));
$day = date('Y-m-d');
$write('practice', $get("/api/practice?day=$day"));
$write('drills', $get('/api/drills'));
foreach (['ring' => 'swimmer', 'buttons' => 'buttons', 'moment' => 'moment'] as $name => $drill) {
    $write("course-$name", $post('/api/drills/course', ['drill' => $drill, 'seed' => 7]));
}
$sweeps = $write('sweeps', $get('/api/sweeps'));
$write('sweep', $get("/api/sweeps/{$sweeps[0]->id}"));
$write('aim-test', $get('/api/aim-test?seed=1'));
$write('groups', $get('/api/groups'));
printf("%d answers in %s\n", count(glob("$folder/*.json") ?: []), 'resources/js/testing/recorded');
