<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * People who practise with a teacher.
 *
 * @property string $id
 * @property int $user_id  who teaches
 * @property string $name
 * @property string $join_code
 * @property-read User|null $teacher
 */
final class Group extends Model
{
    use HasUlids;

    /** Letters and digits that are not taken for one another. */
    private const LETTERS = 'ABCDEFGHJKLMNPQRSTUVWXYZ23456789';

    private const LENGTH = 8;

    protected $fillable = ['name', 'join_code'];

    /** @return BelongsTo<User, $this> */
    public function teacher(): BelongsTo
    {
        return $this->belongsTo(User::class, 'user_id');
    }

    /** @return HasMany<GroupMember, $this> */
    public function members(): HasMany
    {
        return $this->hasMany(GroupMember::class);
    }

    /** @return HasMany<GroupTask, $this> */
    public function tasks(): HasMany
    {
        return $this->hasMany(GroupTask::class);
    }

    public function memberOf(User $person): ?GroupMember
    {
        return $this->members()->where('user_id', $person->id)->first();
    }

    public static function code(): string
    {
        $code = '';
        for ($i = 0; $i < self::LENGTH; $i++) {
            $code .= self::LETTERS[random_int(0, strlen(self::LETTERS) - 1)];
        }

        return $code;
    }
}
