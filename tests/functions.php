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
