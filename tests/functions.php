<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Models\User;
use Symfony\Component\Process\Process;

/** An example kept by somebody. */
function keptRush(User $person, string $example): string
{
    $document = app(DocumentGate::class)->rush(
        DocumentGate::decode((string) file_get_contents(base_path("formats/examples/$example.json"))),
    )->fields;

    return $person->rushes()->create(['document' => $document])->id;
}

/** The commands as people call them, in a process of their own and without a database. */
function artisan(array $arguments, string $input = ''): Process
{
    $process = new Process(
        [PHP_BINARY, base_path('artisan'), ...$arguments],
        base_path(),
        ['DB_HOST' => '127.0.0.1', 'DB_PORT' => '1'],
        $input,
    );
    $process->run();

    return $process;
}

/** Every screen, by its address and something that is on it. */
function screens(): array
{
    return [
        '/' => 'What is coming?',
        '/outings' => 'Nothing planned yet',
        '/outings/new' => 'Where will you be?',
        '/card' => 'Cards on this device',
        '/review' => 'Nothing logged yet',
        '/review/pictures' => 'Drop pictures or a folder here',
        '/review/why' => 'of five at most',
        '/review/compare' => 'Nothing to compare yet',
        '/review/learned' => 'Nothing learned yet',
        '/kit/bench' => 'Does the lens focus where it should?',
        '/practice' => 'Levels',
        '/practice/ring?exercise=swimmer' => 'Drag or scroll the ring',
        '/practice/buttons' => 'Hide what they do',
        '/practice/moment' => 'is the shutter',
        '/practice/area' => 'Your thumb goes here',
        '/practice/first-sharp' => 'Your times so far',
        '/practice/progress' => 'Nothing of this yet',
        '/practice/groups' => 'Join one',
        '/rushes' => 'Your rushes',
        'desk' => 'Depth lane',
        '/kit/from-pictures' => 'Drop a picture',
        '/kit/shelf' => 'What people on this server have described',
        '/kit' => 'Your kit',
        '/kit/bodies/new?from=sample-old-mirror&step=2' => 'Tick those your camera has',
        '/kit/bodies/sample-old-mirror' => 'This is a sample',
        '/kit/lenses/sample-100-400' => 'This is a sample',
        '/subjects' => 'Subjects',
        '/kit/layouts' => 'Setting it up',
        '/kit/lenses/new' => 'Add a lens',
        '/subjects/sample-heron-strike' => 'Freezes with the neck',
        '/habits' => 'Defaults',
        '/habits/aim' => 'Aim and following',
        '/account' => 'Signed in as',
    ];
}
