<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\KitItemFactory;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A body, lens or subject that somebody described.
 *
 * @property string $id
 * @property int $user_id
 * @property KitType $type
 * @property string $name
 * @property array<string, mixed> $document
 * @property array<string, mixed> $outline  what a list shows of it
 * @property string|null $based_on
 * @property array<string, mixed>|null $standing
 * @property int $version
 * @property int $bytes
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class KitItem extends Model implements Kept
{
    /** @use HasFactory<KitItemFactory> */
    use HasFactory;

    use HasUlids;
    use SoftDeletes;

    protected $table = 'kit';

    /** What a list needs; the document stays where it is. */
    public const LISTED = ['id', 'user_id', 'type', 'name', 'outline', 'based_on', 'standing', 'version', 'updated_at'];

    protected $fillable = ['type', 'name', 'document', 'based_on', 'standing'];

    public function counts(): array
    {
        return ['kit' => 1];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected static function booted(): void
    {
        self::saving(static function (self $item): void {
            $item->outline = $item->type->outline($item->document);
            $item->bytes =
                strlen($item->getAttributes()['document'] ?? '') + strlen($item->getAttributes()['standing'] ?? '');
        });
    }

    protected function casts(): array
    {
        return [
            'type' => KitType::class,
            'document' => 'array',
            'outline' => 'array',
            'standing' => 'array',
            'version' => 'integer',
        ];
    }
}
