<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * A body, lens or subject that somebody has put up for all on this server.
 *
 * @property string $id
 * @property int $user_id
 * @property string $kit_id  what it was put up from
 * @property KitType $type
 * @property string $name
 * @property string $words  what it is found by
 * @property string $shown_as  as its owner wants to be called; '' for nobody
 * @property array<string, mixed> $document  as it was when it was put up
 * @property array<string, mixed> $outline  what a list shows of it
 * @property int $taken  how often it was copied
 * @property bool $hidden  reported by so many that nobody else finds it
 * @property Carbon $updated_at
 */
final class ShelfItem extends Model
{
    use HasUlids;

    /** What a list needs; the document stays where it is. */
    public const LISTED = [
        'id',
        'user_id',
        'kit_id',
        'type',
        'name',
        'shown_as',
        'outline',
        'taken',
        'hidden',
        'updated_at',
    ];

    protected $fillable = ['user_id', 'kit_id', 'type', 'name', 'words', 'shown_as', 'document', 'outline'];

    protected $attributes = ['shown_as' => '', 'taken' => 0, 'hidden' => false];

    /** @return HasMany<ShelfReport, $this> */
    public function reports(): HasMany
    {
        return $this->hasMany(ShelfReport::class);
    }

    protected function casts(): array
    {
        return [
            'type' => KitType::class,
            'document' => 'array',
            'outline' => 'array',
            'hidden' => 'boolean',
            'taken' => 'integer',
        ];
    }
}
