<?php

declare(strict_types=1);

namespace RushHold\Document\Drills;

use RushHold\Document\Fields;
use RushHold\Drill\ButtonCourse;
use RushHold\Drill\Key;
use RushHold\Kit\Area;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Detection;
use RushHold\Kit\Duty;
use RushHold\Kit\FocusMode;
use RushHold\Refused;

/** What the controls of a body do, as drills have it. */
final class Layout
{
    /**
     * @param  list<Key>  $keys
     * @return list<array<string, mixed>>
     */
    public static function write(array $keys): array
    {
        return array_map(
            static fn (Key $k): array => [
                'place' => $k->place->value,
                'duty' => $k->duty->value,
                'mode' => $k->mode?->value,
                'area' => $k->area?->value,
                'detect' => $k->detect?->value,
            ],
            $keys,
        );
    }

    /** @return list<Key> what each control does */
    public static function read(Fields $f): array
    {
        $keys = [];
        foreach ($f->objects('layout', ButtonCourse::MOST_KEYS) as $fields) {
            $keys[] = new Key(
                $fields->word('place', ControlPlace::class),
                $fields->word('duty', Duty::class),
                $fields->optionalWord('mode', FocusMode::class),
                $fields->optionalWord('area', Area::class),
                $fields->optionalWord('detect', Detection::class),
            );
            $fields->done();
        }
        if (count(array_unique(array_map(static fn (Key $k): string => $k->place->value, $keys))) !== count($keys)) {
            throw Refused::because('layout', 'drill-place-twice');
        }
        $f->keep('layout', self::write($keys));

        return $keys;
    }
}
