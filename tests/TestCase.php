<?php

declare(strict_types=1);

namespace Tests;

use App\Models\User;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;

/** Tests of the application against a real MariaDB; each test's changes are taken back. */
abstract class TestCase extends BaseTestCase
{
    protected function person(string $password = 'a good password'): User
    {
        return User::factory()->create(['password' => $password]);
    }
}
