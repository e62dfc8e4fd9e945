<?php

declare(strict_types=1);

/*
 * Runs the tests in a browser, a worker for each core: browser-tests.php REPORT [NAME]
 *
 * A browser on a busy machine has its own luck. What fails is tried once more, alone, and it is said aloud that it was;
 * what fails twice is wrong. Where much fails nothing is tried again.
 */

use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';

const MOST_TRIED_AGAIN = 3;

[, $report, $name] = [...$argv, '', ''];
$root = dirname(__DIR__);

/**
 * @param  list<string>  $options
 * @return array{bool, list<string>} whether all went well, and the sentences of what did not
 */
$run = static function (array $options, string $report) use ($root): array {
    $process = new Process(
        [
            PHP_BINARY,
            'vendor/bin/pest',
            '--testsuite=browser',
            '--colors=never',
            '--compact',
            "--log-junit=$report",
            ...$options,
        ],
        $root,
        timeout: null,
    );
    $process->run(static function (string $type, string $text): void {
        echo $text;
    });
    $failed = [];
    foreach (
        is_file($report)
            ? ((simplexml_load_file($report) ?: new SimpleXMLElement('<none/>'))->xpath(
                '//testcase[failure or error]',
            ) ?:
            [])
            : [] as $case
    ) {
        $failed[] = (string) $case['name'];
    }

    return [$process->isSuccessful(), $failed];
};

$workers = max(1, (int) shell_exec('nproc'));
[$well, $failed] = $run($name !== '' ? ["--filter=$name"] : ['--parallel', "--processes=$workers"], $report);
if (! $well && $failed === []) {
    echo "\nNo test failed, but not all were run: a file or a data set of it could not be read.\n";
}
if ($well || $name !== '' || $failed === [] || count($failed) > MOST_TRIED_AGAIN) {
    exit($well ? 0 : 1);
}
echo "\nTRIED AGAIN, since it failed:\n  ".implode("\n  ", $failed)."\n\n";
$sentence = static fn (string $of): string => preg_quote(
    (string) preg_replace('/^it | with (data set|\().*$/', '', $of),
    '/',
);
[$well] = $run(['--filter='.implode('|', array_map($sentence, $failed))], "$report.again");
if ($well) {
    // The report says what came of it in the end.
    $whole = simplexml_load_file($report);
    foreach ($whole !== false ? ($whole->xpath('//testcase[failure or error]') ?: []) : [] as $case) {
        unset($case->failure, $case->error);
    }
    foreach ($whole !== false ? ($whole->xpath('//testsuite') ?: []) : [] as $suite) {
        [$suite['failures'], $suite['errors']] = ['0', '0'];
    }
    $whole === false || $whole->asXML($report);
}
@unlink("$report.again");
exit($well ? 0 : 1);
