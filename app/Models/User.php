<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Mail;
use Laravel\Sanctum\HasApiTokens;
use RushHold\Document\HabitsDocument;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $password
 * @property bool $is_demo
 * @property array<string, mixed>|null $habits
 * @property array<string, array<string, mixed>>|null $standings how the sample bodies were last left
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<\Laravel\Sanctum\PersonalAccessToken> */
    use HasApiTokens;

    protected $fillable = ['name', 'email', 'password', 'is_demo', 'habits'];

    /** What a new account begins with. */
    protected $attributes = ['is_demo' => false, 'habits' => null, 'standings' => null, 'remember_token' => null];

    protected $hidden = ['password', 'remember_token'];

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

    public function habits(): HabitsDocument
    {
        return $this->habits === null ? HabitsDocument::usual() : HabitsDocument::read($this->habits);
    }

    /** As plain text: the way back into the account. */
    public function sendPasswordResetNotification(#[\SensitiveParameter] $token): void
    {
        $link = url('/reset-password/'.$token.'?email='.urlencode($this->email));
        Mail::raw("Somebody, probably you, asked for a new password for Rush Hold.\n\nChoose one here within an hour:\n$link\n\nIf it was not you, do nothing; your password stays as it is.\n",
            fn (Message $mail) => $mail->to($this->email)->subject('A new password for Rush Hold'));
    }

    /** The account anybody may look around in, when demo data is there. */
    public static function demo(): ?self
    {
        return self::query()->where('is_demo', true)->first();
    }

    protected function casts(): array
    {
        return ['password' => 'hashed', 'is_demo' => 'boolean', 'habits' => 'array', 'standings' => 'array'];
    }
}
