<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;
use RushHold\Document\RushDocument;

/**
 * Rushes for tests: `SavedRush::factory()->for($person)->create()`, or with changes by their place in the document,
 * `->with(['path.start_m' => 12.0])`.
 *
 * @extends Factory<SavedRush>
 */
final class SavedRushFactory extends Factory
{
    protected $model = SavedRush::class;

    public function definition(): array
    {
        $smallest = [
            'format' => RushDocument::FORMAT,
            'name' => 'Coming in',
            'subject' => [
                'name' => 'puffin',
                'length_m' => 0.29,
                'height_m' => 0.2,
                'speed_mps' => 17.0,
                'kind' => 'bird',
            ],
            'path' => ['start_m' => 40.0],
        ];

        return ['document' => RushDocument::read($smallest)->fields, 'pins' => null, 'user_id' => User::factory()];
    }

    /** @param  array<string, mixed>  $changes  by place, such as `scene.clutter` */
    public function with(array $changes): self
    {
        return $this->state(fn (array $attributes): array => $this->changed($attributes, $changes));
    }

    /**
     * @param  array<string, mixed>  $attributes
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function changed(array $attributes, array $changes): array
    {
        $document = $attributes['document'];
        foreach ($changes as $place => $value) {
            data_set($document, $place, $value);
        }

        return ['document' => RushDocument::read($document)->fields];
    }
}
