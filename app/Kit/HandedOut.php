<?php

declare(strict_types=1);

namespace App\Kit;

use RushHold\Document\RushDocument;

/**
 * A document as it leaves an account for anybody to take: nobody's skills, nobody's kit, and where it is only when its
 * owner says so, then no nearer than the light needs it. Where a nest is, is nobody else's.
 */
final readonly class HandedOut
{
    /** Decimals of a degree with the owner's word: about ten kilometres. */
    private const NEAR = 1;

    /** Degrees without it: about where in the world, so that days are as long. */
    private const FAR_DEG = 5;

    public function __construct(private bool $place)
    {
    }

    /**
     * @param  array<string, mixed>  $rush
     * @return array<string, mixed>
     */
    public function rush(array $rush): array
    {
        $rush = array_diff_key(Pointers::moved($rush, []), ['photographer' => true]);
        if (! is_array($rush['light']['place'] ?? null)) {
            return $rush;
        }
        if ($this->place) {
            $rush['light']['place'] = $this->rounded($rush['light']['place']);

            return $rush;
        }
        $light = RushDocument::read($rush)->rush->light;

        return [
            ...$rush,
            'light' => [
                ...array_diff_key($rush['light'], ['place' => true]),
                'ev100' => round(max(-8.0, min(20.0, $light->ev100 - $light->offsetStops)), 1),
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $outing  with its rushes inside
     * @return array<string, mixed>
     */
    public function outing(array $outing): array
    {
        foreach ((array) ($outing['rushes'] ?? []) as $i => $entry) {
            if (is_array($entry) && is_array($entry['rush'] ?? null)) {
                $outing['rushes'][$i]['rush'] = $this->rush($entry['rush']);
            }
        }
        if (is_array($outing['place'] ?? null)) {
            $outing['place'] = $this->rounded(
                $this->place ? $outing['place'] : array_diff_key($outing['place'], ['name' => true]),
            );
        }

        return $outing;
    }

    /**
     * @param  array<string, mixed>  $place
     * @return array<string, mixed>
     */
    private function rounded(array $place): array
    {
        foreach (['latitude_deg', 'longitude_deg'] as $name) {
            if (is_numeric($place[$name] ?? null)) {
                $place[$name] = $this->place
                    ? round((float) $place[$name], self::NEAR)
                    : self::FAR_DEG * round((float) $place[$name] / self::FAR_DEG);
            }
        }

        return $place;
    }
}
