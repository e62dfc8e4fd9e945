<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * That a member did what the teacher gave.
 *
 * @property int $id
 * @property string $group_task_id
 * @property int $user_id
 * @property string|null $drill_id  the turn that was played
 * @property string|null $rush_id  the rush it became
 * @property Carbon $created_at
 */
final class GroupTaskDone extends Model
{
    protected $table = 'group_task_done';

    protected $fillable = ['group_task_id', 'user_id', 'drill_id', 'rush_id'];

    protected $attributes = ['drill_id' => null, 'rush_id' => null];
}
