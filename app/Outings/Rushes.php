<?php

declare(strict_types=1);

namespace App\Outings;

use App\Documents\DocumentGate;
use App\Keeping\Keeper;
use App\Kit\Pointers;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\ValidationException;
use RushHold\Library\LibrarySubject;
use RushHold\Library\Subjects;
use RushHold\Refused;
use RushHold\Words\Words;

/**
 * The rushes of an outing: where it is kept they stand in it by their ids, so that what is changed on the desk is
 * changed in it as well; where it goes out it has them inside.
 */
final readonly class Rushes
{
    public function __construct(private User $person, private DocumentGate $gate)
    {
    }

    /**
     * The outing with its rushes inside, what is pinned of each, and what their subjects do just before.
     *
     * @param  array<string, mixed>  $outing
     * @return array<string, mixed>
     *
     * @throws ValidationException if one of them is not there
     */
    public function inside(array $outing): array
    {
        $kept = $this->kept($outing);
        $rushes = self::entries($outing);
        foreach ($rushes as $i => $entry) {
            if (is_string($entry['rush'] ?? null)) {
                $saved =
                    $kept->firstWhere('id', $entry['rush']) ??
                    throw ValidationException::withMessages([
                        "outing.rushes.$i" => Words::text('outings.rushes.rush-of-the-outing-is', ['i' => $i + 1]),
                    ]);
                $entry = [
                    ...$entry,
                    'rush' => $saved->document,
                    ...$saved->pins === null || $saved->pins === [] ? [] : ['pins' => $saved->pins],
                ];
            }
            $name = data_get($entry, 'rush.subject.name');
            $habit = is_string($name) && ($entry['habit'] ?? '') === '' ? self::habit($name) : '';
            $rushes[$i] = $habit === '' ? $entry : [...$entry, 'habit' => $habit];
        }

        return [...$outing, 'rushes' => $rushes];
    }

    /**
     * The outing without the rushes that were deleted; they are back in it when they are put back.
     *
     * @param  array<string, mixed>  $outing
     * @return array{array<string, mixed>, int} with how many are gone
     */
    public function present(array $outing): array
    {
        $kept = $this->kept($outing);
        $entries = self::entries($outing);
        $there = array_filter(
            $entries,
            static fn (array $entry): bool => ! is_string($entry['rush'] ?? null) ||
                $kept->contains('id', $entry['rush']),
        );
        $numbers = array_flip(array_keys($there));
        $order = $outing['order'] ?? 'solved';

        return [
            [
                ...$outing,
                'rushes' => array_values($there),
                'order' => is_array($order)
                    ? array_values(
                        array_filter(
                            array_map(static fn (mixed $n): ?int => is_int($n) ? $numbers[$n] ?? null : null, $order),
                            is_int(...),
                        ),
                    )
                    : $order,
            ],
            count($entries) - count($there),
        ];
    }

    /**
     * The outing with all its rushes among those of the person: those that stand inside it are kept first, unless there
     * is just the same already.
     *
     * @param  array<string, mixed>  $outing  checked
     * @return array<string, mixed>
     *
     * @throws Refused if the account is full
     */
    public function gathered(array $outing): array
    {
        $rushes = self::entries($outing);
        foreach ($rushes as $i => $entry) {
            if (is_array($entry['rush'] ?? null)) {
                $read = $this->gate->rush($entry['rush']);
                $fields = Pointers::found($read->fields, $this->person);
                $pins = is_array($entry['pins'] ?? null) ? $entry['pins'] : [];
                unset($entry['pins']);
                $rushes[$i] = [
                    ...$entry,
                    'rush' => $this->same($fields, $pins) ??
                        (new Keeper($this->person))->keep(
                            $this->person->rushes()->make(['document' => $fields, 'pins' => $pins ?: null]),
                        )->id,
                ];
            }
        }

        return [...$outing, 'rushes' => $rushes];
    }

    /**
     * @param  array<string, mixed>  $fields
     * @param  array<array-key, mixed>  $pins
     */
    private function same(array $fields, array $pins): ?string
    {
        foreach (
            $this->person
                ->rushes()
                ->where('name', is_string($fields['name'] ?? null) ? $fields['name'] : '')
                ->limit(20)
                ->get() as $saved
        ) {
            if ($saved->document == $fields && ($saved->pins ?? []) == $pins) {
                return $saved->id;
            }
        }

        return null;
    }

    /**
     * @param  array<string, mixed>  $outing
     * @return Collection<int, SavedRush>
     */
    private function kept(array $outing): Collection
    {
        $ids = array_values(array_filter(array_column(self::entries($outing), 'rush'), is_string(...)));

        return SavedRush::query()->where('user_id', $this->person->id)->whereIn('id', $ids)->get();
    }

    /**
     * @param  array<string, mixed>  $outing
     * @return list<array<string, mixed>>
     */
    private static function entries(array $outing): array
    {
        /** @var list<array<string, mixed>> $entries */
        $entries = array_values(array_filter((array) ($outing['rushes'] ?? []), is_array(...)));

        return $entries;
    }

    /** What the library says a subject does before it moves; empty for one it does not know. */
    private static function habit(string $name): string
    {
        /** @var array<string, string>|null $habits */
        static $habits = null;
        $habits ??= array_column(
            array_map(
                static fn (LibrarySubject $s): array => [
                    $s->document['subject']['name'] ?? '',
                    $s->document['habit'] ?? '',
                ],
                Subjects::all(),
            ),
            1,
            0,
        );

        return $habits[$name] ?? '';
    }
}
