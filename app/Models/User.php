<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property bool $is_demo
 */
final class User extends Authenticatable
{
    protected $fillable = ['name', 'email', 'password', 'is_demo'];

    protected $hidden = ['password', 'remember_token'];

    /** @return HasMany<SavedRush, $this> */
    public function rushes(): HasMany
    {
        return $this->hasMany(SavedRush::class);
    }

    /** The account anybody may look around in, when demo data is there. */
    public static function demo(): ?self
    {
        return self::query()->where('is_demo', true)->first();
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'is_demo' => 'boolean'];
    }
}
