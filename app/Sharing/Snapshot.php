<?php

declare(strict_types=1);

namespace App\Sharing;

use App\Documents\DocumentGate;
use App\Kit\HandedOut;
use App\Kit\Shelf;
use App\Models\KitType;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use App\Outings\Rushes;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** Something of a person's as it is now, for others to take into accounts of their own. */
final readonly class Snapshot
{
    public const KINDS = ['drill', 'rush', 'hold', 'layout', 'card'];

    private const MOST_BYTES = 900_000;

    /** @param  array<string, mixed>  $document  without skills, and with places only as far as they were let go */
    private function __construct(public string $kind, public string $name, public array $document)
    {
    }

    /**
     * @param  string  $id  of a rush (also for its hold), a body of one's own, an outing, or a kept turn of a drill
     *
     * @throws ValidationException if it is too large to be handed out
     */
    public static function of(User $person, string $kind, string $id, HandedOut $out, DocumentGate $gate): self
    {
        [$name, $document] = match ($kind) {
            'drill' => self::drill($person, $id, $out),
            'layout' => self::layout($person, $id),
            'card' => self::card($person, $id, $out, $gate),
            default => self::rush($person, $id, $out, $kind === 'hold'),
        };
        if (strlen((string) json_encode($document)) > self::MOST_BYTES) {
            throw ValidationException::withMessages([
                'id' => Words::text('sharing.snapshot.this-is-too-large-to', ['mostBytes' => self::MOST_BYTES / 1000]),
            ]);
        }

        return new self($kind, $name, $document);
    }

    /**
     * A document in the hands of whoever takes it: with their skills.
     *
     * @param  array<string, mixed>  $document
     * @return array<string, mixed>
     */
    public static function inHandsOf(User $person, string $kind, array $document): array
    {
        $mine = static fn (array $rush): array => [
            ...$rush,
            'photographer' => $person->habits()->fields['photographer'] ?? [],
        ];
        if ($kind === 'rush') {
            return $mine($document);
        }
        if (is_array($document['rush'] ?? null)) {
            return [...$document, 'rush' => $mine($document['rush'])];
        }
        foreach ((array) ($document['rushes'] ?? []) as $i => $entry) {
            if (is_array($entry) && is_array($entry['rush'] ?? null)) {
                $document['rushes'][$i]['rush'] = $mine($entry['rush']);
            }
        }

        return $document;
    }

    /** @return array{string, array<string, mixed>} */
    private static function drill(User $person, string $id, HandedOut $out): array
    {
        $drill = $person->drills()->findOrFail($id);
        // What is called or comes, not what was done.
        $document = array_diff_key($drill->document, ['trace' => true, 'aids' => true]);

        return [
            $drill->exercise->value,
            isset($document['rush']) ? [...$document, 'rush' => $out->rush((array) $document['rush'])] : $document,
        ];
    }

    /** @return array{string, array<string, mixed>} */
    private static function layout(User $person, string $id): array
    {
        $entry = (new Shelf($person, KitType::Bodies))->find($id);
        abort_if($entry === null || $entry->sample, 404, Words::text('sharing.snapshot.this-body-is-not-in'));

        return [$entry->name, $entry->document()];
    }

    /** @return array{string, array<string, mixed>} */
    private static function card(User $person, string $id, HandedOut $out, DocumentGate $gate): array
    {
        $outing = SavedOuting::query()->where('user_id', $person->id)->findOrFail($id);
        $rushes = new Rushes($person, $gate);

        return [$outing->name, $out->outing($rushes->inside($rushes->present($outing->document)[0]))];
    }

    /** @return array{string, array<string, mixed>} */
    private static function rush(User $person, string $id, HandedOut $out, bool $withHold): array
    {
        $rush = SavedRush::query()->where('user_id', $person->id)->findOrFail($id);
        $document = $out->rush($rush->document);

        return [$rush->name, $withHold ? ['rush' => $document, 'pins' => $rush->pins] : $document];
    }
}
