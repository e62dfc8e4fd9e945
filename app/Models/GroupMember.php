<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;

/**
 * Somebody in a group, and what they let its teacher see: nothing, until they say so.
 *
 * @property int $id
 * @property string $group_id
 * @property int $user_id
 * @property bool $shares_drills
 * @property list<string> $rushes  whose bursts are shared
 * @property Carbon $created_at
 * @property-read User|null $user
 */
final class GroupMember extends Model
{
    protected $fillable = ['group_id', 'user_id', 'shares_drills', 'rushes'];

    protected $attributes = ['shares_drills' => false, 'rushes' => '[]'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['shares_drills' => 'boolean', 'rushes' => 'array'];
    }
}
