<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** A wire between a browser and the application that can be cut, and mended again. */
final class Wire
{
    /** @var resource */
    private $process;

    private string $orders;

    private int $port;

    public function __construct(string $server)
    {
        $free = stream_socket_server('tcp://127.0.0.1:0') ?: throw new RuntimeException('There is no free port.');
        $this->port = (int) substr((string) strrchr((string) stream_socket_get_name($free, false), ':'), 1);
        fclose($free);
        $this->orders = (string) tempnam(sys_get_temp_dir(), 'wire');
        $this->mend();
        $process = proc_open(
            [
                PHP_BINARY,
                __DIR__.'/wire.php',
                (string) $this->port,
                (string) parse_url($server, PHP_URL_PORT),
                $this->orders,
            ],
            [['file', '/dev/null', 'r'], ['file', '/dev/null', 'w'], ['file', '/dev/null', 'w']],
            $pipes,
        );
        $this->process = is_resource($process) ? $process : throw new RuntimeException('The wire does not start.');
        $until = microtime(true) + 20;
        while (! ($open = @fsockopen('127.0.0.1', $this->port))) {
            microtime(true) < $until || throw new RuntimeException('The wire does not start.');
            usleep(20_000);
        }
        fclose($open);
    }

    public function address(): string
    {
        return "http://127.0.0.1:$this->port";
    }

    public function cut(): void
    {
        file_put_contents($this->orders, 'cut');
    }

    /** What is logged gets through, and its answer does not come back. */
    public function deafen(): void
    {
        file_put_contents($this->orders, 'deaf');
    }

    public function mend(): void
    {
        file_put_contents($this->orders, 'open');
    }

    public function __destruct()
    {
        proc_terminate($this->process);
        proc_close($this->process);
        @unlink($this->orders);
    }
}
