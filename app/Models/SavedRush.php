<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\SavedRushFactory;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A rush somebody keeps: its document, and what is pinned of its hold.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property string $subject
 * @property string $kind
 * @property string $figure
 * @property float $speed_mps
 * @property float $start_m
 * @property float $focal_mm
 * @property int $bytes
 * @property array<string, mixed> $document
 * @property array<string, mixed>|null $pins
 * @property list<string>|null $tags
 * @property int $version
 * @property Carbon $created_at
 * @property Carbon $updated_at
 */
final class SavedRush extends Model implements Kept
{
    /** @use HasFactory<SavedRushFactory> */
    use HasFactory;

    use HasUlids;
    use SoftDeletes;

    private const MOST_WORDS = 12;

    protected $table = 'rushes';

    protected $fillable = ['document', 'pins', 'tags'];

    public function counts(): array
    {
        return ['rushes' => 1];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** What a list shows of a rush; its document stays where it is. */
    public const LISTED = [
        'id',
        'name',
        'subject',
        'kind',
        'figure',
        'speed_mps',
        'start_m',
        'focal_mm',
        'tags',
        'updated_at',
    ];

    /**
     * Those whose name or subject contains every word.
     *
     * @param  Builder<self>  $query
     * @return Builder<self>
     */
    public static function matching(Builder $query, string $search): Builder
    {
        foreach (
            array_slice(preg_split('/\s+/', trim($search), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, self::MOST_WORDS) as $word
        ) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $query->where(fn (Builder $q) => $q->where('name', 'like', $like)->orWhere('subject', 'like', $like));
        }

        return $query;
    }

    protected static function booted(): void
    {
        self::saving(function (self $rush): void {
            $subject = (array) ($rush->document['subject'] ?? []);
            $rush->name = is_string($rush->document['name'] ?? null) ? $rush->document['name'] : '';
            $rush->subject = is_string($subject['name'] ?? null) ? $subject['name'] : '';
            $rush->kind = is_string($subject['kind'] ?? null) ? $subject['kind'] : '';
            $rush->figure = is_string($subject['figure'] ?? null) ? $subject['figure'] : 'plain';
            $number = static fn (string $field, float $default): float => is_numeric(
                $value = data_get($rush->document, $field),
            )
                ? (float) $value
                : $default;
            $rush->speed_mps = $number('subject.speed_mps', 0);
            $rush->start_m = $number('path.start_m', 0);
            $rush->focal_mm = $number('kit.lens.focal_mm', 0) * $number('kit.extender', 1);
            $rush->bytes =
                strlen($rush->getAttributes()['document'] ?? '') + strlen($rush->getAttributes()['pins'] ?? '');
        });
    }

    protected function casts(): array
    {
        return ['document' => 'array', 'pins' => 'array', 'tags' => 'json:unicode', 'version' => 'integer'];
    }
}
