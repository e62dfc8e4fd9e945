<?php

declare(strict_types=1);

use Amp\Parallel\Context\ProcessContextFactory;
use Amp\Parallel\Worker\ContextWorkerFactory;
use Amp\Socket\UnixAddress;
use App\Playing\Asked;
use App\Playing\Counter;
use App\Playing\Limits;
use App\Playing\Pool;
use App\Playing\RankQuestion;
use Revolt\EventLoop;
use RushHold\Document\RushDocument;
use RushHold\Hold\Pins;
use RushHold\Units;

use function Amp\async;
use function Amp\Future\await;
use function Amp\Socket\listen;

/**
 * The pool: php ops/pool.php SOCKET FLAG... starts the processes, has them play the examples until they are warm, then
 * listens at SOCKET. Flags go to PHP in the processes. PLAYERS and LEADS in the environment say how many there are.
 */
require __DIR__.'/../vendor/autoload.php';

$socket = $argv[1] ?? exit("usage: php ops/pool.php SOCKET [FLAG...]\n");
$whole = static fn (string $name, int $default): int => max(1, (int) (getenv($name) ?: $default));
$limits = new Limits(players: $whole('PLAYERS', (int) shell_exec('nproc')), leads: $whole('LEADS', 4));
$report = static function (Throwable $failure): void {
    fwrite(STDERR, date('c').' '.get_class($failure).': '.$failure->getMessage()."\n");
};
EventLoop::setErrorHandler($report);
$factory = new ContextWorkerFactory(__DIR__.'/../vendor/autoload.php', new ProcessContextFactory(binary: [PHP_BINARY, ...array_slice($argv, 2)]));
$pool = new Pool($factory, $limits, $report);

// Warm: every lead leads, every player plays, before anybody waits for them.
$examples = array_values(array_filter((array) glob(__DIR__.'/../formats/examples/*.json'), static fn ($file): bool => ! str_contains((string) $file, '.hold.')));
$warm = static function (int $lead) use ($pool, $examples, $limits): void {
    foreach ($examples as $i => $file) {
        if ($i % $limits->leads === $lead || $i < 2) {
            $rush = RushDocument::read(json_decode((string) file_get_contents((string) $file), true))->rush;
            $ticket = $pool->ask(new Asked(new RankQuestion($rush, Pins::none(), Units::Metric, 1000 + $lead, null), "warm $lead"));
            while ($ticket->work->answer === null) {
                $ticket->work->next()->await();
            }
            $ticket->giveBack();
        }
    }
};
$started = hrtime(true);
await(array_map(static fn (int $lead) => async($warm, $lead), range(0, $limits->leads - 1)));
@unlink($socket);
umask(0o077);
$server = listen(new UnixAddress($socket));
printf("%s %d players and %d leads, warm after %.1f s\n", date('c'), $limits->players, $limits->leads, (hrtime(true) - $started) / 1e9);

foreach ([SIGTERM, SIGINT] as $signal) {
    EventLoop::unreference(EventLoop::onSignal($signal, $server->close(...)));
}
(new Counter($pool, $server, $report))->serve();
$pool->close();
@unlink($socket);
