<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Outings for tests: `SavedOuting::factory()->for($person)->with($rush, $other)->create()`.
 *
 * @extends Factory<SavedOuting>
 */
final class SavedOutingFactory extends Factory
{
    protected $model = SavedOuting::class;

    public function definition(): array
    {
        return [
            'user_id' => User::factory(),
            'document' => [
                'format' => 'rush-hold/outing@1',
                'name' => 'Cliff morning',
                'date' => '2026-06-07',
                'place' => [
                    'name' => 'Sea-cliff reserve',
                    'latitude_deg' => 55.5,
                    'longitude_deg' => -9.0,
                    'zone' => 'Europe/London',
                ],
                'from' => '05:00',
                'to' => '06:00',
                'rushes' => [],
            ],
        ];
    }

    public function with(SavedRush ...$rushes): self
    {
        return $this->state(
            fn (array $attributes): array => [
                'document' => [
                    ...$attributes['document'],
                    'rushes' => array_map(
                        static fn (SavedRush $rush): array => ['rush' => $rush->id, 'minutes' => 30, 'times' => 2],
                        array_values($rushes),
                    ),
                ],
            ],
        );
    }
}
