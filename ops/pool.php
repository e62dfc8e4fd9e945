<?php

declare(strict_types=1);

use Amp\Parallel\Context\ProcessContextFactory;
use Amp\Parallel\Worker\ContextWorkerFactory;
use Amp\Socket\UnixAddress;
use App\Playing\Counter;
use App\Playing\FairQueue;
use App\Playing\Limits;
use App\Playing\Pool;
use App\Playing\QueuedQuestion;
use App\Playing\RankQuestion;
use Revolt\EventLoop;
use RushHold\Document\RushDocument;
use RushHold\Hold\PartialHold;
use RushHold\Units;

use function Amp\async;
use function Amp\Future\await;
use function Amp\Socket\listen;

/**
 * The pool: php ops/pool.php SOCKET FLAG... starts the processes and listens at SOCKET; they play the examples first,
 * until they are warm. Flags go to PHP in the processes. PLAYERS and LEADS in the environment say how many there are.
 */
require __DIR__.'/../vendor/autoload.php';

$socket = $argv[1] ?? exit("usage: php ops/pool.php SOCKET [FLAG...]\n");
$whole = static fn (string $name, int $default): int => max(1, (int) (getenv($name) ?: $default));
$limits = new Limits(players: $whole('PLAYERS', (int) shell_exec('nproc')), leads: $whole('LEADS', 4));
$report = static function (Throwable $failure): void {
    fwrite(STDERR, date('c').' '.get_class($failure).': '.$failure->getMessage()."\n");
};
EventLoop::setErrorHandler($report);
$factory = new ContextWorkerFactory(
    __DIR__.'/../vendor/autoload.php',
    new ProcessContextFactory(binary: [PHP_BINARY, ...array_slice($argv, 2)]),
);
$pool = new Pool($factory, $limits, $report);

// The examples are played before anybody waits.
$examples = array_values(
    array_filter(
        (array) glob(__DIR__.'/../formats/examples/*.json'),
        static fn ($file): bool => ! str_contains((string) $file, '.hold.'),
    ),
);
$warm = static function (int $half) use ($pool, $examples): void {
    foreach ($examples as $i => $file) {
        if ($i % 2 === $half) {
            $rush = RushDocument::read(json_decode((string) file_get_contents((string) $file), true))->rush;
            // Whoever asks meanwhile comes first.
            $ticket = $pool->ask(
                new QueuedQuestion(
                    new RankQuestion($rush, PartialHold::nothing(), Units::Metric, 1000, null),
                    FairQueue::NOBODY,
                ),
            );
            while ($ticket->work->answer === null) {
                $ticket->work->next()->await();
            }
            $ticket->giveBack();
        }
    }
};
@unlink($socket);
umask(0o077);
$server = listen(new UnixAddress($socket));
$started = hrtime(true);
async(static function () use ($limits, $warm, $pool, $started): void {
    await([async($warm, 0), async($warm, 1)]);
    $pool->warm = true;
    printf(
        "%s %d players and %d leads, warm after %.1f s\n",
        date('c'),
        $limits->players,
        $limits->leads,
        (hrtime(true) - $started) / 1e9,
    );
})->ignore();

foreach ([SIGTERM, SIGINT] as $signal) {
    EventLoop::unreference(EventLoop::onSignal($signal, $server->close(...)));
}
(new Counter($pool, $server, $report))->serve();
$pool->close();
@unlink($socket);
