<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;
use RushHold\Drill\Exercise;

/**
 * A turn of a drill as it was played.
 *
 * @property string $id
 * @property int $user_id
 * @property Exercise $exercise
 * @property string $day  where the person was, as 2026-11-26
 * @property Carbon $done_at
 * @property array<string, mixed> $score
 * @property array<string, mixed> $document  what was played; what was done with it goes once there are many newer ones
 */
final class KeptDrill extends Model
{
    use HasUlids;
    use SoftDeletes;

    /** What lists show; the way of a hand stays where it is. */
    public const LISTED = ['id', 'user_id', 'exercise', 'day', 'done_at', 'score'];

    protected $table = 'drills';

    protected $fillable = ['exercise', 'day', 'done_at', 'score', 'document'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /**
     * What is kept of a score: each frame and trial can be told again from what was done.
     *
     * @param  array<string, mixed>  $score
     * @return array<string, mixed>
     */
    public static function summary(array $score): array
    {
        return array_diff_key($score, ['frames' => true, 'trials' => true]);
    }

    protected function casts(): array
    {
        return ['exercise' => Exercise::class, 'done_at' => 'datetime', 'score' => 'array', 'document' => 'array'];
    }
}
