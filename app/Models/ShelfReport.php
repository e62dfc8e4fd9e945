<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;

/**
 * What somebody finds wrong with something that was put up.
 *
 * @property int $id
 * @property string $shelf_item_id
 * @property int $user_id
 * @property string $reason
 * @property Carbon $created_at
 */
final class ShelfReport extends Model
{
    protected $fillable = ['shelf_item_id', 'user_id', 'reason'];
}
