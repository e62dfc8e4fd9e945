<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A session at the lens bench.
 *
 * @property string $id
 * @property int $user_id
 * @property string $name
 * @property string $body  its name, of whatever was on the tripod
 * @property string $lens
 * @property array<string, mixed> $document  the sweep
 * @property array<string, mixed>|null $hidden  what a stand-in knows of its lens
 * @property int $version  goes up with every change
 * @property \Illuminate\Support\Carbon|null $updated_at
 */
final class KeptSweep extends Model
{
    use HasUlids;
    use SoftDeletes;

    protected $table = 'sweeps';

    protected $fillable = ['name', 'body', 'lens', 'document', 'hidden', 'version'];

    protected $attributes = ['body' => '', 'lens' => '', 'hidden' => null, 'version' => 1];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    protected function casts(): array
    {
        return ['document' => 'array', 'hidden' => 'array', 'version' => 'integer'];
    }
}
