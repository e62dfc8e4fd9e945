<?php

declare(strict_types=1);

namespace App\Outings;

use RushHold\Document\RushDocument;
use RushHold\Library\Subjects;
use RushHold\Outing\Foreground;
use RushHold\Outing\Heading;
use RushHold\Refused;

/** Something that came by on an outing and was not planned, as a rush: what the pocket table was asked for. */
final class PassedBy
{
    /**
     * @param  array<string, mixed>  $outing  with its rushes inside
     * @return array<string, mixed> a rush document like the first of the outing, with another subject, path, clutter
     *   and light
     *
     * @throws Refused if the outing has no rush, or nobody knows the subject
     */
    public static function rush(
        array $outing,
        string $who,
        float $metres,
        Heading $way,
        Foreground $through,
        float $ev100,
    ): array {
        $entries = array_values(array_filter((array) ($outing['rushes'] ?? []), is_array(...)));
        $like = $entries[0]['rush'] ?? null;
        $subject = self::subject($entries, $who);
        if (! is_array($like) || $subject === null) {
            throw Refused::because('who', 'passed-by', given: $who);
        }
        $kit = is_array($like['kit'] ?? null) ? $like['kit'] : [];
        foreach (['body' => 'bodies', 'lens' => 'lenses'] as $part => $carried) {
            $number = $entries[0][$part] ?? null;
            $kit = is_int($number) ? [...$kit, $part => data_get($outing, "$carried.$number")] : $kit;
        }
        $like['kit'] = $kit;
        unset($like['group'], $like['kit']['body_id'], $like['kit']['lens_id']);

        return [
            ...$like,
            'format' => RushDocument::FORMAT,
            'name' => mb_substr("$who, unplanned", 0, 120),
            'subject' => $subject,
            'path' => ['start_m' => $metres, 'heading_deg' => $way->degrees()],
            'scene' => [
                ...(array) ($like['scene'] ?? []),
                'front_clutter' => $through->clutter(),
                'obstacles_per_s' => 0,
                'backlit' => false,
            ],
            'light' => ['ev100' => max(-8.0, min(20.0, $ev100))],
        ];
    }

    /**
     * @param  list<array<array-key, mixed>>  $entries
     * @return array<array-key, mixed>|null
     */
    private static function subject(array $entries, string $who): ?array
    {
        foreach ($entries as $entry) {
            $subject = data_get($entry, 'rush.subject');
            if (is_array($subject) && ($subject['name'] ?? null) === $who) {
                return $subject;
            }
        }
        foreach (Subjects::all() as $known) {
            if (data_get($known->document, 'subject.name') === $who) {
                return (array) $known->document['subject'];
            }
        }

        return null;
    }
}
