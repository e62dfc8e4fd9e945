<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Document\SubjectDocument;
use RushHold\Library\Subjects;
use RushHold\Outing\Outing;
use RushHold\Outing\Pocket;
use RushHold\Rush\Subject;

/** What else may come by: subjects of the library beside those one hopes for, of the same groups. */
final class LikelyThere
{
    /** @return list<array{subject: Subject, speedMps: float}> */
    public static function beside(Outing $outing): array
    {
        $hoped = array_map(static fn ($entry): string => $entry->rush->subject->name, $outing->entries);
        $groups = $others = [];
        foreach (Subjects::all() as $known) {
            $read = SubjectDocument::read($known->document);
            in_array($read->subject->name, $hoped, true) ? ($groups[$read->group] = true) : ($others[] = $read);
        }
        $likely = array_filter($others, static fn (SubjectDocument $s): bool => isset($groups[$s->group]));

        return array_map(
            static fn (SubjectDocument $s): array => ['subject' => $s->subject, 'speedMps' => $s->speedMps],
            array_slice(array_values($likely), 0, Pocket::MOST),
        );
    }
}
