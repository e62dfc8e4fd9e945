<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Kit\Entry;
use App\Models\KitType;
use App\Models\ShelfItem;
use App\Models\User;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** Bodies, lenses and subjects that people of this server have described, for all of them to copy. */
final readonly class PublicShelf
{
    /** How somebody uses a body is nobody's business: only what it is and what it calls things goes up. */
    private const OWN = ['stored_sets'];

    public function __construct(private User $person)
    {
    }

    /**
     * What can be found, the one taken most first; one's own also where it is hidden.
     *
     * @param  string  $search  words that all have to stand in its name or among the camera's own
     * @return Builder<ShelfItem>
     */
    public function find(KitType $type, string $search): Builder
    {
        $found = ShelfItem::query();
        $found
            ->where('type', $type)
            ->where(fn (Builder $seen): Builder => $seen->where('hidden', false)->orWhere('user_id', $this->person->id));
        foreach (array_slice(preg_split('/\s+/', trim($search), -1, PREG_SPLIT_NO_EMPTY) ?: [], 0, 8) as $word) {
            $found->where('words', 'like', '%'.addcslashes($word, '%_\\').'%');
        }

        $found->orderByDesc('taken')->orderByDesc('updated_at')->orderByDesc('id');

        return $found;
    }

    /** Something that can be found; null where it cannot. */
    public function item(string $id): ?ShelfItem
    {
        $item = ShelfItem::query()->find($id);

        return $item === null || ($item->hidden && $item->user_id !== $this->person->id) ? null : $item;
    }

    /**
     * Puts something of one's own up as it is now, in the place of what was put up of it before; while nothing else of
     * the person changes.
     *
     * @throws ValidationException if there is no room for more
     */
    public function put(Entry $entry, string $shownAs): ShelfItem
    {
        $item = ShelfItem::query()->where('user_id', $this->person->id)->where('kit_id', $entry->id)->first();
        $most = (int) config('limits.shelf');
        if ($item === null && ShelfItem::query()->where('user_id', $this->person->id)->count() >= $most) {
            throw ValidationException::withMessages([
                'id' => Words::text('sharing.public-shelf.you-have-put-up-things', ['most' => $most]),
            ]);
        }
        $document = array_diff_key($entry->document(), array_flip(self::OWN));
        $outline = $entry->type->outline($document);
        $item ??= new ShelfItem(['user_id' => $this->person->id, 'kit_id' => $entry->id, 'type' => $entry->type]);
        $item->fill([
            'name' => mb_substr($entry->name, 0, 160),
            'words' => implode(' ', [$entry->name, ...(array) ($outline['own_words'] ?? [])]),
            'shown_as' => $shownAs,
            'document' => $document,
            'outline' => $outline,
        ]);
        // What is put up anew is looked at anew; what was reported stays reported.
        $item->save();
        $item->touch();

        return $item;
    }

    /**
     * Says that something is wrong with it. From so many people that, nobody else finds it until whoever runs the
     * server has looked.
     */
    public function report(ShelfItem $item, string $reason): void
    {
        DB::transaction(function () use ($item, $reason): void {
            ShelfItem::query()->whereKey($item->id)->lockForUpdate()->first('id');
            $item->reports()->updateOrCreate(['user_id' => $this->person->id], ['reason' => $reason]);
            if ($item->reports()->count() >= (int) config('limits.shelf_reports')) {
                $item->forceFill(['hidden' => true])->save();
            }
        });
    }
}
