<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/**
 * People for tests: `User::factory()->create()`.
 *
 * @extends Factory<User>
 */
final class UserFactory extends Factory
{
    protected $model = User::class;

    public function definition(): array
    {
        return [
            'name' => 'Tester',
            'email' => Str::lower(Str::random(12)).'@example.test',
            'password' => 'a long enough secret',
        ];
    }

    /** Somebody who looks around in a copy of the demo. */
    public function visiting(): self
    {
        return $this->afterCreating(
            static fn (User $user) => $user->forceFill(['is_demo' => true, 'demo_until' => now()->addDay()])->save(),
        );
    }
}
