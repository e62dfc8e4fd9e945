<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;

/**
 * An address that shows one card to whoever has it, until it runs out or is taken back.
 *
 * @property int $id
 * @property int $user_id
 * @property string $outing_id
 * @property string $token_hash
 * @property Carbon $expires_at
 * @property Carbon $created_at
 * @property-read SavedOuting|null $outing
 */
final class CardLink extends Model
{
    private const LENGTH = 40;

    protected $fillable = ['user_id', 'outing_id', 'token_hash', 'expires_at'];

    /** @return array{self, string} the link and its secret, which is nowhere else */
    public static function open(SavedOuting $outing, int $days): array
    {
        $secret = Str::random(self::LENGTH);

        return [
            self::query()->create([
                'user_id' => $outing->user_id,
                'outing_id' => $outing->id,
                'token_hash' => hash('sha256', $secret),
                'expires_at' => now()->addDays($days),
            ]),
            $secret,
        ];
    }

    /** The outing behind an address; null when it has run out, was taken back, or never was. */
    public static function outingBehind(string $secret): ?SavedOuting
    {
        return self::query()
            ->with('outing')
            ->where('token_hash', hash('sha256', $secret))
            ->where('expires_at', '>', now())
            ->first()?->outing;
    }

    /** @return BelongsTo<SavedOuting, $this> */
    public function outing(): BelongsTo
    {
        return $this->belongsTo(SavedOuting::class, 'outing_id');
    }

    protected function casts(): array
    {
        return ['expires_at' => 'datetime'];
    }
}
