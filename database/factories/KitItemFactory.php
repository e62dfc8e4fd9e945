<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\KitItem;
use App\Models\KitType;
use App\Models\User;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * Bodies, lenses and subjects for tests, copied from the samples:
 * `KitItem::factory()->of(KitType::Lenses)->for($person)->create()`.
 *
 * @extends Factory<KitItem>
 */
final class KitItemFactory extends Factory
{
    protected $model = KitItem::class;

    public function definition(): array
    {
        return [...self::copied(KitType::Bodies), 'user_id' => User::factory()];
    }

    /** @param  array<string, mixed>  $changes  of its document's own fields */
    public function of(KitType $type, array $changes = []): self
    {
        return $this->state(self::copied($type, $changes));
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function copied(KitType $type, array $changes = []): array
    {
        $document = [...$type->filled(array_values($type->samples())[0]), ...$changes];
        $name = $document['name'] ?? $document['subject']['name'];

        return ['type' => $type, 'name' => $name, 'document' => $document];
    }
}
