<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * What was logged of a burst: which rush, how many frames were kept, and what lost the rest.
 *
 * @property int $id
 * @property int $user_id
 * @property string $uuid  made where it was logged
 * @property string|null $outing_id
 * @property string|null $rush_id
 * @property string $rush  its name then
 * @property Carbon $shot_at
 * @property string|null $kept  none, few, half, most or all
 * @property int|null $frames
 * @property int|null $keepers
 * @property string|null $lost_to
 * @property string $note
 * @property array<string, mixed>|null $hold
 */
final class Burst extends Model
{
    use SoftDeletes;

    public const UPDATED_AT = null;

    protected $fillable = ['uuid', 'outing_id', 'rush_id', 'rush', 'shot_at', 'kept', 'frames', 'keepers', 'lost_to', 'note', 'hold'];

    protected function casts(): array
    {
        return ['shot_at' => 'datetime', 'hold' => 'array', 'frames' => 'integer', 'keepers' => 'integer'];
    }
}
