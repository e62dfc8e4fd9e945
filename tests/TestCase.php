<?php

declare(strict_types=1);

namespace Tests;

use App\Models\User;
use App\Review\LearnFromLog;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Facades\Queue;

/** Tests of the application against a real MariaDB; each test's changes are taken back. */
abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        // It plays some thousand runs; tests of what is learned call it themselves.
        Queue::fake([LearnFromLog::class]);
    }

    protected function person(string $password = 'a good password'): User
    {
        return User::factory()->create(['password' => $password]);
    }
}
