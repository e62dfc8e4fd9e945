<?php

declare(strict_types=1);

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Validator;

/** Where each recorded answer comes from: the operation of the API, or the name of a schema. */
function recordedFrom(): array
{
    return [
        'rushes' => 'GET /api/rushes',
        'rush' => 'SavedRush',
        'fresh' => 'GET /api/rushes/fresh',
        'habits' => 'Habits',
        'bodies' => 'GET /api/kit/{type}',
        'lenses' => 'GET /api/kit/{type}',
        'subjects' => 'GET /api/kit/{type}',
        'body' => 'KitItem',
        'lens' => 'KitItem',
        'subject' => 'KitItem',
        'plan' => 'Plan',
        'rank' => 'Plan',
        'comparison' => 'POST /api/compare',
        'outings' => 'GET /api/outings',
        'outing' => 'SavedOuting',
        'day' => 'Day',
        'outing-bursts' => 'GET /api/outings/{id}/bursts',
        'card' => 'Card',
        'layout' => 'Layout',
        'bursts' => 'GET /api/bursts',
        'figures' => 'GET /api/bursts/figures',
        'hold-comparison' => 'HoldComparison',
        'learned' => 'Learned',
        'causes' => 'Causes',
        'practice' => 'Practice',
        'drills' => 'GET /api/drills',
        'course-ring' => 'DrillCourse',
        'course-buttons' => 'DrillCourse',
        'course-moment' => 'DrillCourse',
        'sweeps' => 'GET /api/sweeps',
        'sweep' => 'BenchSession',
        'aim-test' => 'GET /api/aim-test',
        'groups' => 'GET /api/groups',
    ];
}

it('still fits the description of the API, else bin/record-answers writes it anew', function (
    string $name,
    string $from,
): void {
    $description = json_decode((string) file_get_contents(base_path('openapi.json')), false, 512, JSON_THROW_ON_ERROR);
    $schema = $description->components->schemas->{$from} ?? null;
    if ($schema === null) {
        [$method, $path] = explode(' ', $from);
        $schema = ((array) $description->paths->{$path}->{strtolower($method)}->responses)['200']->content
            ->{'application/json'}->schema;
    }
    // The schemas refer to one another within the whole description.
    $description->{'$id'} = 'https://rush-hold.test/openapi.json';
    $schema = json_decode(
        str_replace('"#\/', '"https:\/\/rush-hold.test\/openapi.json#\/', (string) json_encode($schema)),
    );
    $validator = new Validator();
    $validator->resolver()?->registerRaw($description);
    $answer = json_decode((string) file_get_contents(resource_path("js/testing/recorded/$name.json")));
    $error = $validator->validate($answer, $schema)->error();
    expect($error === null ? [] : (new ErrorFormatter())->format($error))->toBe([]);
})->with(
    array_map(
        static fn (string $name, string $from): array => [$name, $from],
        array_keys(recordedFrom()),
        recordedFrom(),
    ),
);

it('has a place for each that is recorded', function (): void {
    $names = array_map(
        static fn (string $file): string => basename($file, '.json'),
        glob(resource_path('js/testing/recorded/*.json')) ?: [],
    );
    expect($names)->toEqualCanonicalizing(array_keys(recordedFrom()));
});
