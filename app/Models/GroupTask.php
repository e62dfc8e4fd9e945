<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Carbon;

/**
 * What a teacher gave a group to do.
 *
 * @property string $id
 * @property string $group_id
 * @property string $kind  drill, rush, hold, layout or card
 * @property string $name
 * @property string $note  in the teacher's words; '' for none
 * @property string|null $due_on  a day, as 2026-11-26
 * @property array<string, mixed> $document  as it was when it was given
 * @property Carbon $created_at
 * @property-read Group|null $group
 * @property-read \Illuminate\Database\Eloquent\Collection<int, GroupTaskDone> $done
 */
final class GroupTask extends Model
{
    use HasUlids;

    /** What lists show; the document stays where it is. */
    public const LISTED = ['id', 'group_id', 'kind', 'name', 'note', 'due_on', 'created_at'];

    protected $fillable = ['kind', 'name', 'note', 'due_on', 'document'];

    protected $attributes = ['note' => '', 'due_on' => null];

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return HasMany<GroupTaskDone, $this> */
    public function done(): HasMany
    {
        return $this->hasMany(GroupTaskDone::class);
    }

    public function doneBy(User $person): ?GroupTaskDone
    {
        return $this->done()->where('user_id', $person->id)->first();
    }

    protected function casts(): array
    {
        return ['document' => 'array'];
    }
}
