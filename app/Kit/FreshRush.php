<?php

declare(strict_types=1);

namespace App\Kit;

use App\Models\KitType;
use App\Models\User;
use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\RushDocument;
use RushHold\Kit\Kit;
use RushHold\Library\Subjects;
use RushHold\Reading\LineReader;
use RushHold\Refused;
use RushHold\Words\Words;

/** What a person's new rush starts from: their habits, and their kit. */
final readonly class FreshRush
{
    /** What a rush starts with until somebody describes what they use. */
    private const USUAL = ['body' => 'fast-mirrorless', 'lens' => '500-f4'];

    private HabitsDocument $habits;

    public function __construct(private User $person)
    {
        $this->habits = $person->habits();
    }

    /** @param  string|null  $subject  id of one that the person can reach */
    public function document(?string $subject): RushDocument
    {
        $profile =
            ($subject === null ? null : (new Shelf($this->person, KitType::Subjects))->find($subject)?->document()) ??
            (Subjects::find('gull-flight')->document ?? []);
        $whom = (array) ($profile['subject'] ?? []);
        $kind = is_string($whom['kind'] ?? null) ? $whom['kind'] : 'animal';
        $kit = $this->kit();
        $nearest = LensDocument::read($kit['lens'])->lens->nearestM;

        return RushDocument::read([
            'format' => RushDocument::FORMAT,
            'name' => Words::text('kit.fresh-rush.new-rush'),
            'subject' => $whom,
            'path' => ['start_m' => max(40.0, 1.5 * $nearest), 'heading_deg' => 30, 'notice_s' => 3],
            'scene' => ['hazards' => $profile['hazards'] ?? []],
            'photographer' => [
                ...(array) $this->habits->fields['photographer'],
                'slowest_shutter_s' => $this->habits->floors[$kind] ?? null,
            ],
            'kit' => $kit,
            'final_use' => $this->habits->finalUse->value,
        ]);
    }

    /** @return array<string, mixed> what the person's schools fix, as a hold document */
    public function pins(Kit $kit): array
    {
        $hold = HoldDocument::settings($this->habits->taken($kit));

        return $hold === [] ? [] : ['format' => HoldDocument::FORMAT, ...$hold];
    }

    /** The id by which whoever reads a line knows a subject, as the shelf has it. */
    public static function shelved(string $id): string
    {
        return Subjects::find($id) === null ? $id : KitType::SAMPLE.$id;
    }

    /**
     * Reads lines with the person's own subjects and lenses.
     *
     * @throws Refused
     */
    public function reader(): LineReader
    {
        $subjects = $lenses = [];
        foreach ((new Shelf($this->person, KitType::Subjects))->documents() as [$id, $basedOn, $document]) {
            // A subject of the library is known by its own id to who reads, and a corrected one stands in for it.
            $known = str_starts_with($basedOn ?? $id, KitType::SAMPLE)
                ? substr($basedOn ?? $id, strlen(KitType::SAMPLE))
                : $id;
            $subjects[$known] ??= $document;
        }
        foreach ((new Shelf($this->person, KitType::Lenses))->documents() as [$id, , $document]) {
            $lenses[$id] = $document;
        }

        return new LineReader($subjects, $lenses);
    }

    /**
     * The part of a rush: what the habits say, else what the person described last, samples where there is nothing.
     *
     * @return array<string, mixed>
     */
    private function kit(): array
    {
        $kit = [];
        foreach (['body' => KitType::Bodies, 'lens' => KitType::Lenses] as $part => $type) {
            $shelf = new Shelf($this->person, $type);
            $id = $this->habits->fields[$part] ?? null;
            $entry =
                (is_string($id) ? $shelf->find($id) : null) ??
                ($shelf->newest() ?? ($shelf->find(KitType::SAMPLE.self::USUAL[$part]) ?? abort(500)));
            $kit[$part] = $entry->document();
            $kit["{$part}_id"] = $entry->id;
        }

        return $kit;
    }
}
