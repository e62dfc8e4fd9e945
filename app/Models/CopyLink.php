<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * An address under which somebody else finds a copy of something, to take into their own account.
 *
 * @property int $id
 * @property int $user_id
 * @property string $kind  drill, rush, hold, layout or card
 * @property string $name
 * @property array<string, mixed> $document  as it was when it was offered
 * @property string $from  as the giver wants to be called; '' for nobody
 * @property string $token_hash
 * @property Carbon $expires_at
 */
final class CopyLink extends Model
{
    private const LENGTH = 40;

    protected $fillable = ['user_id', 'kind', 'name', 'document', 'token_hash', 'expires_at', 'from'];

    /**
     * @param  array<string, mixed>  $document
     * @return array{self, string} the link and its secret, which is nowhere else
     */
    public static function open(
        User $person,
        string $kind,
        string $name,
        array $document,
        int $days,
        string $from = '',
    ): array {
        $secret = Str::random(self::LENGTH);

        return [
            self::query()->create([
                'user_id' => $person->id,
                'kind' => $kind,
                'name' => mb_substr($name, 0, 160),
                'document' => $document,
                'token_hash' => hash('sha256', $secret),
                'expires_at' => now()->addDays($days),
                'from' => $from,
            ]),
            $secret,
        ];
    }

    /** What is behind an address; null when it has run out, was taken back, or never was. */
    public static function behind(string $secret): ?self
    {
        return self::query()->where('token_hash', hash('sha256', $secret))->where('expires_at', '>', now())->first();
    }

    protected function casts(): array
    {
        return ['document' => 'array', 'expires_at' => 'datetime'];
    }
}
