<?php

declare(strict_types=1);

/*
 * Changes the code of one room of the core, or of one feature of the application, in small ways, one at a time, and
 * looks whether a test turns red. Prints what survived, and the score: killed ÷ covered, which tests/mutation.tsv
 * remembers. Where a room has more such changes than can be tried, a sample drawn with a seed stands for all.
 *
 *   php ops/mutate.php ROOM [MOST] [SEED]     a room of the core, such as Optics, or app/Kit
 */

use Pest\Mutate\Cache\NullStore;
use Pest\Mutate\Mutation;
use Pest\Mutate\Mutators\Sets\DefaultSet;
use Pest\Mutate\Plugins\Mutate;
use Pest\Mutate\Support\MutationGenerator;
use Pest\Support\Container;
use Psr\SimpleCache\CacheInterface;
use Symfony\Component\Finder\Finder;
use Symfony\Component\Process\Process;

require __DIR__.'/../vendor/autoload.php';
require __DIR__.'/compiler.php';

define('COMPILER', compiler_flags());

$root = dirname(__DIR__);
[$room, $most, $seed] = [$argv[1] ?? '', (int) ($argv[2] ?? 60), (int) ($argv[3] ?? 1)];
$feature = str_starts_with($room, 'app/');
$folder = $feature ? "$root/$room" : "$root/core/src/$room";
$covered = $feature ? "$root/app" : "$root/core/src";
$jobs = max(1, (int) shell_exec('nproc'));
$work = getenv('MUTATE_WORK') ?: sys_get_temp_dir();
$started = hrtime(true);

if (! is_dir($folder) || in_array($room, ['', 'app/'], true)) {
    fwrite(STDERR, "Name a room of core/src, or a feature such as app/Kit.\n");
    exit(2);
}

// Which tests come by which line. Seeing that is slow, as the compiler is off meanwhile; tests that play for long are
// spared it: they count as coming by whatever a plan comes by, and are tried last. That a digest of answers changes
// says nothing about whether a decision is guarded, so that test only shows what a plan comes by. What plays for long
// guards nothing here.
const PLAYING = ['KitTest', 'LevelsTest', 'PlainTest', 'PlannerTest', 'PracticeTest', 'SimulationTest'];
const A_PLAN = 'ModelTest';
const LEFT_OUT = ['ArchitectureTest'];
/** Files that hold figures and words and decide nothing. */
const DATA = ['Subjects.php'];
/** Of tests, as long as they take while lines are watched, tried on one change. */
const MOST_SECONDS = 120.0;
$tests = [];
foreach (glob($feature ? "$root/tests/Feature/*Test.php" : "$root/core/tests/*Test.php") ?: [] as $file) {
    in_array(basename($file, '.php'), LEFT_OUT, true) || ($tests[basename($file, '.php')] = $file);
}
$hash = static fn (array $files): string => hash(
    'xxh3',
    implode('', array_map(static fn ($f): string => (string) hash_file('xxh3', (string) $f), $files)),
);
$core = $hash(
    iterator_to_array(
        Finder::create()
            ->files()
            ->in($feature ? [$covered, "$root/core/src"] : $covered)
            ->name('*.php')
            ->sortByName(),
    ),
);
$kept = static fn (string $name): string => $work.
    '/mutate-'.
    hash('xxh3', $root.$core.$name.$hash([$tests[$name]])).
    '.json';
$queue = array_values(array_filter(array_keys($tests), static fn (string $name): bool => ! is_file($kept($name))));
if ($queue !== []) {
    printf("Seeing which lines %d files of tests come by…\n", count($queue));
}
$running = [];
while ($queue !== [] || $running !== []) {
    while ($queue !== [] && count($running) < $jobs) {
        $name = array_shift($queue);
        // Each in its own database, so that two at a time do not come into each other's way.
        $free = array_values(
            array_diff(
                range(1, $jobs),
                array_map(static fn (Process $p): int => (int) ($p->getEnv()['MUTATE_JOB'] ?? 0), $running),
            ),
        )[0];
        $covering =
            in_array($name, PLAYING, true) && ! $feature
                ? COMPILER
                : ['-d', 'pcov.enabled=1', '-d', "pcov.directory=$covered", '-d', 'memory_limit=2G'];
        $process = new Process(
            [
                PHP_BINARY,
                ...$covering,
                'vendor/bin/pest',
                $tests[$name],
                '--colors=never',
                '--exclude-group=long',
                ...in_array($name, PLAYING, true) && ! $feature ? [] : ["--coverage-php=$work/$name.cov"],
            ],
            $root,
            job($free),
            timeout: 3600,
        );
        $process->start();
        $running[$name] = $process;
    }
    usleep(50_000);
    foreach ($running as $name => $process) {
        if ($process->isRunning()) {
            continue;
        }
        unset($running[$name]);
        if (! $process->isSuccessful()) {
            fwrite(STDERR, "$name is red without any change:\n".$process->getOutput());
            exit(1);
        }
        $lines = [];
        if (is_file("$work/$name.cov")) {
            $coverage = require "$work/$name.cov";
            unlink("$work/$name.cov");
            $lines = array_map(
                static fn (array $lines): array => array_keys(
                    array_filter($lines, static fn (?array $by): bool => $by !== null && $by !== []),
                ),
                $coverage->getData()->lineCoverage(),
            );
        }
        file_put_contents($kept($name), json_encode([microtime(true) - $process->getStartTime(), $lines]));
    }
}
// Formulas are to be guarded by tests of their own, not by plans that happen to use them.
$plans = ['Planning' => PLAYING, 'Focus' => PLAYING, 'Kit' => ['KitTest']][$room] ?? [];
$quick = in_array($room, ['Optics', 'Motion', 'Light', 'Blur'], true) ? 15.0 : INF;
$came = $seconds = [];
foreach ($tests as $name => $test) {
    [$seconds[$test], $lines] = json_decode((string) file_get_contents($kept($name)), true);
    foreach ($seconds[$test] > $quick ? [] : $lines as $source => $numbers) {
        foreach ($numbers as $line) {
            $came[$source][$line] = [
                ...$came[$source][$line] ?? [],
                ...$name === A_PLAN
                    ? array_map(static fn (string $playing): string => $tests[$playing], $plans)
                    : [$test],
            ];
        }
    }
}

// What is known to change nothing that anybody could notice, with the reason.
$equal = [];
foreach (
    file("$root/core/tests/equivalent-mutants.txt", FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line
) {
    if (preg_match('/^([0-9a-f]{16})\s/', $line, $found) === 1) {
        $equal[$found[1]] = true;
    }
}

Container::getInstance()->add(CacheInterface::class, new NullStore());
$temporary = "$root/vendor/pestphp/pest-plugin-mutate/.temp/mutations";
is_dir($temporary) || mkdir($temporary, 0o755, true);
$mutations = $uncovered = [];
foreach (
    Finder::create()
        ->files()
        ->in($folder)
        ->name('*.php')
        ->notName(DATA)
        ->exclude(DATA)
        ->sortByName() as $file
) {
    foreach ((new MutationGenerator())->generate($file, DefaultSet::mutators()) as $mutation) {
        $by = [];
        for ($line = $mutation->startLine; $line <= $mutation->endLine; $line++) {
            $by = [...$by, ...$came[$file->getRealPath()][$line] ?? []];
        }
        $by === [] ? ($uncovered[] = $mutation) : ($mutations[] = [$mutation, array_unique($by)]);
    }
}
$all = count($mutations);
// The sample is drawn by what the changes are, so that it stays the same when the code beside them does not.
usort(
    $mutations,
    static fn (array $a, array $b): int => hash('xxh3', $seed.$a[0]->id) <=> hash('xxh3', $seed.$b[0]->id),
);
$mutations = array_slice(
    array_values(array_filter($mutations, static fn (array $m): bool => ! isset($equal[id($m[0], $root)]))),
    0,
    $most,
);
printf(
    "%s: %d changes in covered lines, %d in lines that no test comes by; trying %d of them (seed %d), with %d at a time.\n",
    $room,
    $all,
    count($uncovered),
    count($mutations),
    $seed,
    $jobs,
);

$queue = array_keys($mutations);
$running = $survived = [];
$killed = 0;
while ($queue !== [] || $running !== []) {
    while ($queue !== [] && count($running) < $jobs) {
        $i = array_shift($queue);
        [$mutation, $by] = $mutations[$i];
        // The quickest first: most changes are noticed there. What is not noticed within so long counts as not noticed.
        usort($by, static fn (string $a, string $b): int => $seconds[$a] <=> $seconds[$b]);
        $spent = 0.0;
        foreach ($by as $k => $test) {
            $spent += $seconds[$test];
            if ($k > 0 && $spent > MOST_SECONDS) {
                $by = array_slice($by, 0, $k);
                break;
            }
        }
        $job = array_values(array_diff(range(1, $jobs), array_column($running, 2)))[0];
        $first = array_shift($by);
        $running[$i] = [$by, start($mutation, $first, $root, $seconds, $job), $job];
    }
    usleep(20_000);
    foreach ($running as $i => [$by, $process, $job]) {
        try {
            $process->checkTimeout();
            if ($process->isRunning()) {
                continue;
            }
            $red = ! $process->isSuccessful();
        } catch (Symfony\Component\Process\Exception\ProcessTimedOutException) {
            $red = true;
        }
        if (! $red && $by !== []) {
            $running[$i] = [array_slice($by, 1), start($mutations[$i][0], $by[0], $root, $seconds, $job), $job];

            continue;
        }
        unset($running[$i]);
        if ($red) {
            $killed++;
        } else {
            $survived[] = $mutations[$i][0];
        }
        $done = $killed + count($survived);
        if ($done % 25 === 0) {
            printf(
                "  %d of %d, %d survived, %.0f min\n",
                $done,
                count($mutations),
                count($survived),
                (hrtime(true) - $started) / 6e10,
            );
        }
    }
}
usort(
    $survived,
    static fn (Mutation $a, Mutation $b): int => [$a->file->getRelativePathname(), $a->startLine] <=> [
        $b->file->getRelativePathname(),
        $b->startLine,
    ],
);
foreach ($survived as $mutation) {
    printf(
        "\n%s  %s/%s:%d  %s\n",
        id($mutation, $root),
        $room,
        $mutation->file->getRelativePathname(),
        $mutation->startLine,
        substr((string) strrchr($mutation->mutator, '\\'), 1),
    );
    foreach (explode("\n", strip_tags($mutation->diff)) as $line) {
        if (preg_match('/^[-+]/', $line) === 1) {
            echo "    $line\n";
        }
    }
}
$score = (int) round((100 * $killed) / max(1, count($mutations)));
printf(
    "\n%s: %d of %d killed, %d %% (%d more are known to change nothing); %.1f minutes.\n",
    $room,
    $killed,
    count($mutations),
    $score,
    count($equal),
    (hrtime(true) - $started) / 6e10,
);
remember("$root/tests/mutation.tsv", $room, [$score, $killed, count($mutations), $all, count($uncovered), $seed]);

/**
 * @param  list<int>  $figures  score in %, killed, tried, changes in covered lines, changes in others, seed
 */
function remember(string $file, string $room, array $figures): void
{
    $lines = [];
    foreach (is_file($file) ? (file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: []) : [] as $line) {
        $lines[explode("\t", $line)[0]] = $line;
    }
    $lines[$room] = implode("\t", [$room, ...$figures]);
    ksort($lines);
    file_put_contents($file, implode("\n", $lines)."\n");
}

/** @return array<string, string> what the tests of one of several jobs run with */
function job(int $number): array
{
    $database = (string) getenv('DB_DATABASE');

    return ['MUTATE_JOB' => (string) $number, ...$database === '' ? [] : ['DB_DATABASE' => "{$database}_$number"]];
}

/** Names a change by what it does, wherever the checkout lies. */
function id(Mutation $mutation, string $root): string
{
    return hash(
        'xxh3',
        substr((string) $mutation->file->getRealPath(), strlen($root)).
            $mutation->mutator.
            strip_tags($mutation->diff).
            $mutation->startLine,
    );
}

/** @param  array<string, float>  $seconds  what each file of tests takes without a change, slowly */
function start(Mutation $mutation, string $file, string $root, array $seconds, int $job): Process
{
    $process = new Process(
        [
            PHP_BINARY,
            ...COMPILER,
            'vendor/bin/pest',
            $file,
            '--bail',
            '--colors=never',
            '--compact',
            '--exclude-group=long',
        ],
        $root,
        [
            Mutate::ENV_MUTATION_TESTING => (string) $mutation->file->getRealPath(),
            Mutate::ENV_MUTATION_FILE => $mutation->modifiedSourcePath,
            ...job($job),
        ],
        timeout: 20 + 2 * $seconds[$file],
    );
    $process->start();

    return $process;
}
