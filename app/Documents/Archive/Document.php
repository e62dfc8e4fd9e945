<?php

declare(strict_types=1);

namespace App\Documents\Archive;

use Illuminate\Database\Eloquent\Model;

/** A document of an archive between reading and keeping: as text, since many of them as arrays are many times as large. */
final readonly class Document
{
    public string $json;

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<array-key, mixed>  $entry  what the list says of it
     */
    public function __construct(array $fields, private array $entry)
    {
        $this->json = json_encode($fields, JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        /** @var array<string, mixed> $fields */
        $fields = json_decode($this->json, true, flags: JSON_THROW_ON_ERROR);

        return $fields;
    }

    public function id(): mixed
    {
        return $this->entry['id'] ?? null;
    }

    /**
     * Saved as of when it was made and changed where it comes from.
     *
     * @template M of Model
     *
     * @param  M  $model
     * @return M
     */
    public function dated(Model $model): Model
    {
        $dates = Unpacking::dates($this->entry);
        $model
            ->forceFill([
                'created_at' => $dates['created_at'] ?? now(),
                'updated_at' => $dates['updated_at'] ?? now(),
            ])
            ->save(['timestamps' => false]);

        return $model;
    }

    /**
     * @param  list<self>  $some
     * @return int bytes they take together
     */
    public static function bytes(array $some): int
    {
        return array_sum(array_map(static fn (self $one): int => strlen($one->json), $some));
    }

    /** The same for equal documents, in whatever order their fields are. */
    public static function mark(mixed $value): string
    {
        $sorted = static function (mixed $value) use (&$sorted): mixed {
            if (! is_array($value)) {
                return is_int($value) ? (float) $value : $value;
            }
            array_is_list($value) || ksort($value);

            return array_map($sorted, $value);
        };

        return hash('sha256', serialize($sorted($value)));
    }
}
