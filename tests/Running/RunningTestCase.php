<?php

declare(strict_types=1);

namespace Tests\Running;

use App\Models\User;
use App\Playing\ScgiRequest;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Assert;
use Tests\TestCase;

/** Tests of the application as it runs, through its web server, with its processes. */
abstract class RunningTestCase extends TestCase
{
    protected const PASSWORD = 'three dry stones';

    /** @var list<User> */
    private array $people = [];

    protected function setUp(): void
    {
        parent::setUp();
        // All tests come from one address; none pays for the tries of another.
        DB::table('cache')->delete();
    }

    protected function tearDown(): void
    {
        foreach ($this->people as $person) {
            User::query()->whereKey($person->id)->delete();
        }
        parent::tearDown();
    }

    public function somebody(): User
    {
        return $this->people[] = $this->person(self::PASSWORD);
    }

    public function visitor(?User $user = null, bool $remember = false): Visitor
    {
        return Visitor::in($user ?? $this->somebody(), self::PASSWORD, $remember);
    }

    /** @return array<string, mixed> an example as a document, a little changed so that no answer is kept of it */
    public function example(string $name, float $farther = 0.0): array
    {
        $rush = (array) json_decode((string) file_get_contents(base_path("formats/examples/$name.json")), true);
        $rush['path']['start_m'] += $farther + self::fresh();

        return $rush;
    }

    /** @return array<string, mixed> the longest there is, or one as long as said */
    public function long(float $start, float $seconds = 60): array
    {
        $rush = $this->example('gannet-along-the-edge');
        $rush['path'] = [...$rush['path'], 'seconds' => $seconds, 'start_m' => $start + self::fresh()];
        $rush['kit']['body']['focus_cycle_hz'] = 240;

        return $rush;
    }

    /**
     * A hair's breadth, another in each run of the tests: what the pool has kept of the last run does not come back.
     */
    private static function fresh(): float
    {
        static $metres = null;

        return $metres ??= random_int(1, 1_000_000) / 1e8;
    }

    /** @return array{open: int, kept: int, players: int, leads: int} what the pool says of itself */
    public function pool(): array
    {
        $stream = stream_socket_client('unix://'.getenv('SOCKET_DIR').'/pool.sock');
        fwrite($stream, ScgiRequest::write(['DOCUMENT_URI' => '/state'], ''));

        return (array) json_decode(
            (string) substr((string) strstr((string) stream_get_contents($stream), "\r\n\r\n"), 4),
            true,
        );
    }

    /** Waits until something is so; it is wrong if it is not so after a long time. */
    public function until(callable $so, string $what): void
    {
        for ($tries = 0; $tries < 300; $tries++) {
            if ($so()) {
                Assert::assertTrue(true);

                return;
            }
            usleep(100_000);
        }
        Assert::fail("Still not so after half a minute: $what");
    }
}
