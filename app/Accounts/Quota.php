<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\KitItem;
use App\Models\SavedRush;
use App\Models\User;
use RushHold\Refused;

/**
 * How much one person may keep. What was deleted counts until it is swept away, but makes room for what is new.
 */
final readonly class Quota
{
    /** From this share on the person hears of it. */
    private const NEAR = 0.9;

    private int $rushes;

    private int $kit;

    private int $bytes;

    public function __construct(private User $person)
    {
        [$this->rushes, $this->kit, $this->bytes] = array_map(static fn (string $name): int => (int) config("limits.$name"), ['rushes', 'kit', 'bytes']);
    }

    /**
     * @param  int  $rushes  that are to come in
     * @param  int  $kit  pieces of kit that are to come in
     * @param  int  $bytes  that they take, and what is to grow by
     *
     * @throws Refused if they do not go in
     */
    public function makeRoom(int $rushes, int $kit, int $bytes): void
    {
        $has = $this->used();
        if ($this->rushes < $has['rushes'] + $rushes) {
            throw Refused::because('document', 'quota-rushes', most: $this->rushes, has: $has['rushes']);
        }
        if ($this->kit < $has['kit'] + $kit) {
            throw Refused::because('document', 'quota-kit', most: $this->kit, has: $has['kit']);
        }
        if ($this->bytes < $has['bytes'] + $bytes) {
            throw Refused::because('document', 'quota-bytes', most: self::megabytes($this->bytes), has: self::megabytes($has['bytes']));
        }
        // What was deleted makes room, so that deleting and keeping in turns cannot fill the server either.
        foreach ([[SavedRush::class, $this->rushes], [KitItem::class, $this->kit]] as [$model, $most]) {
            $deleted = $model::onlyTrashed()->where('user_id', $this->person->id)->orderByDesc('deleted_at')->orderByDesc('id');
            $oldest = $deleted->skip($most)->take(1000)->pluck('id');
            $oldest->isEmpty() || $model::withTrashed()->whereKey($oldest->all())->forceDelete();
        }
    }

    /** @return array{rushes: int, kit: int, bytes: int} */
    public function used(): array
    {
        return [
            'rushes' => $this->person->rushes()->count(),
            'kit' => $this->person->kit()->count(),
            'bytes' => (int) $this->person->rushes()->sum('bytes') + (int) $this->person->kit()->sum('bytes'),
        ];
    }

    /** @return array{used: array{rushes: int, kit: int, bytes: int}, most: array{rushes: int, kit: int, bytes: int}, notice: string|null} */
    public function state(): array
    {
        $used = $this->used();
        $most = ['rushes' => $this->rushes, 'kit' => $this->kit, 'bytes' => $this->bytes];
        $notice = match (true) {
            $used['rushes'] >= self::NEAR * $most['rushes'] => "You keep {$used['rushes']} of at most {$most['rushes']} rushes. Delete some that you do not need any more.",
            $used['kit'] >= self::NEAR * $most['kit'] => "You keep {$used['kit']} of at most {$most['kit']} bodies, lenses and subjects. Delete some that you do not need any more.",
            $used['bytes'] >= self::NEAR * $most['bytes'] => sprintf('You keep %s of at most %s MB. Delete what you do not need any more.', self::megabytes($used['bytes']), self::megabytes($most['bytes'])),
            default => null,
        };

        return ['used' => $used, 'most' => $most, 'notice' => $notice];
    }

    private static function megabytes(int $bytes): string
    {
        return number_format($bytes / 1e6, 1);
    }
}
