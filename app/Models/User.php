<?php

declare(strict_types=1);

namespace App\Models;

use Database\Factories\UserFactory;
use Illuminate\Database\Eloquent\Factories\HasFactory;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;
use RushHold\Document\HabitsDocument;
use RushHold\Words\Catalogue;
use RushHold\Words\Words;

/**
 * @property string|null $calendar_hash
 * @property \Illuminate\Support\Carbon|null $calendar_since
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property string $session_key  what sessions of this person carry to be good
 * @property bool $is_demo  the demo, or a visit to it
 * @property \Illuminate\Support\Carbon|null $demo_until  when a visit to the demo ends
 * @property array<string, mixed>|null $habits
 * @property bool $keeps_originals  whether pictures stay once they are measured
 * @property array<string, mixed>|null $learned  what the log has taught
 * @property bool $uses_learned  whether plans use it
 * @property \Illuminate\Support\Carbon|null $learns_from  bursts before are left out
 * @property array<string, mixed>|null $practice  when to practise, and what of it may move plans
 * @property array<string, array<string, mixed>>|null $standings how the sample bodies were last left
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<\Laravel\Sanctum\PersonalAccessToken> */
    use HasApiTokens;

    /** @use HasFactory<UserFactory> */
    use HasFactory;

    protected $fillable = ['name', 'email', 'password', 'is_demo', 'habits'];

    /** What a new account begins with. */
    protected $attributes = [
        'is_demo' => false,
        'habits' => null,
        'standings' => null,
        'remember_token' => null,
        'demo_until' => null,
        'session_key' => '',
        'keeps_originals' => true,
        'uses_learned' => true,
        'learned' => null,
        'learns_from' => null,
        'practice' => null,
        'calendar_hash' => null,
        'calendar_since' => null,
    ];

    /** Where a session keeps the key of its person. */
    public const SESSION_KEY = 'session_key';

    protected $hidden = ['password', 'remember_token', 'calendar_hash'];

    /** @return HasMany<SavedRush, $this> */
    public function rushes(): HasMany
    {
        return $this->hasMany(SavedRush::class);
    }

    /** @return HasMany<KitItem, $this> */
    public function kit(): HasMany
    {
        return $this->hasMany(KitItem::class);
    }

    /** @return HasMany<SavedOuting, $this> */
    public function outings(): HasMany
    {
        return $this->hasMany(SavedOuting::class);
    }

    /** @return HasMany<Burst, $this> */
    public function bursts(): HasMany
    {
        return $this->hasMany(Burst::class);
    }

    /** @return HasMany<KeptSweep, $this> */
    public function sweeps(): HasMany
    {
        return $this->hasMany(KeptSweep::class);
    }

    /** @return HasMany<KeptDrill, $this> */
    public function drills(): HasMany
    {
        return $this->hasMany(KeptDrill::class);
    }

    /** @return HasMany<Group, $this> groups that the person teaches */
    public function groups(): HasMany
    {
        return $this->hasMany(Group::class);
    }

    public function habits(): HabitsDocument
    {
        return $this->habits === null
            ? HabitsDocument::usual(Catalogue::of(Words::language())->units())
            : HabitsDocument::read($this->habits);
    }

    /** The demo that visitors get a copy of, when there is one. */
    public static function demo(): ?self
    {
        return self::query()
            ->where(['is_demo' => true, 'demo_until' => null, 'session_key' => ''])
            ->first();
    }

    protected static function booted(): void
    {
        self::saving(static function (self $user): void {
            $user->email = Address::of($user->email);
        });
    }

    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'is_demo' => 'boolean',
            'keeps_originals' => 'boolean',
            'learned' => 'array',
            'practice' => 'array',
            'uses_learned' => 'boolean',
            'learns_from' => 'datetime',
            'calendar_since' => 'datetime',
            'demo_until' => 'datetime',
            'habits' => 'array',
            'standings' => 'array',
        ];
    }
}
