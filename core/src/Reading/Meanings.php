<?php

declare(strict_types=1);

namespace RushHold\Reading;

use RushHold\Light\Lamps;
use RushHold\Quantity;
use RushHold\Said;

/**
 * What wordings stand for, whatever the language: the fields of a rush with their values. Values are middling ones of
 * their kind; whoever knows better sets the field.
 */
final class Meanings
{
    private const SAND = ['scene.surface', 'sand', 'sand'];

    private const GRASS = ['scene.surface', 'grass', 'grass'];

    private const WATER = ['scene.surface', 'water', 'water'];

    private const ACROSS = ['path.heading_deg', 90.0, 'across'];

    /** By what it means: fields, values and what is said of each; the first has the wording, others come with it. */
    private const OF = [
        // Others and what is behind.
        'crossed' => [['scene.obstacles_per_s', 0.6, 'crossed'], ['scene.obstacle_s', 0.35, 'crossed']],
        'busy' => [['behind_m', 15.0, 'busy'], ['scene.background_texture', 0.75, 'busy']],
        'among' => [['scene.background_alike', 0.6, 'among'], ['scene.background_texture', 0.6, 'among']],
        'sky' => [
            ['scene.background_m', 2000.0, 'sky'],
            ['scene.background_texture', 0.02, 'sky'],
            ['scene.background_alike', 0.0, 'sky'],
        ],
        'wood' => [['behind_m', 20.0, 'wood'], ['scene.background_texture', 0.6, 'wood']],
        'rock' => [['behind_m', 25.0, 'rock'], ['scene.background_texture', 0.5, 'rock']],
        'sea' => [['behind_m', 200.0, 'sea'], ['scene.background_texture', 0.3, 'sea'], self::WATER],
        'snow' => [['scene.background_texture', 0.1, 'snow']],
        // Where it goes.
        'quarter-away' => [['path.heading_deg', 145.0, 'quarter-away']],
        'quarter' => [['path.heading_deg', 35.0, 'quarter']],
        'towards' => [['path.heading_deg', 0.0, 'towards']],
        'away' => [['path.heading_deg', 180.0, 'away']],
        'left' => [['path.heading_deg', -90.0, 'left']],
        'right' => [['path.heading_deg', 90.0, 'right']],
        'across' => [self::ACROSS],
        'across-sand' => [self::ACROSS, self::SAND],
        'across-grass' => [self::ACROSS, self::GRASS],
        'across-water' => [self::ACROSS, self::WATER],
        'steep-up' => [['path.climb_deg', 65.0, 'steep-up']],
        'steep' => [['path.climb_deg', -55.0, 'steep']],
        'bends' => [['bend', true, 'bends']],
        'erratic' => [['subject.erratic', 0.8, 'erratic']],
        'steady' => [['subject.erratic', 0.05, 'steady']],
        // How it comes and how often.
        'repeats' => [['path.repeats', true, 'repeats']],
        'sudden' => [['path.notice_s', 0.3, 'sudden']],
        'expected' => [['path.notice_s', 5.0, 'expected']],
        'still' => [['pace', 'still', 'still']],
        'fast' => [['pace', 'fast', 'fast']],
        'slow' => [['pace', 'slow', 'slow']],
        // The ground.
        'water' => [self::WATER],
        'sand' => [self::SAND],
        'grass' => [self::GRASS],
        'road' => [['scene.surface', 'asphalt', 'road']],
        'rocks' => [['scene.surface', 'rock', 'rocks']],
        // The light and the air.
        'backlit' => [['scene.backlit', true, 'backlit']],
        'dawn' => [['sun_deg', -1.5, 'sun']],
        'sunrise' => [['sun_deg', 2.0, 'sun']],
        'morning' => [['sun_deg', 15.0, 'sun']],
        'noon' => [['sun_deg', 55.0, 'sun']],
        'sunny' => [['sun_deg', 40.0, 'sun']],
        'afternoon' => [['sun_deg', 30.0, 'sun']],
        'late-afternoon' => [['sun_deg', 14.0, 'sun']],
        'golden' => [['sun_deg', 8.0, 'sun']],
        'sunset' => [['sun_deg', 0.5, 'sun']],
        'dusk' => [['sun_deg', -3.0, 'sun']],
        'bright-overcast' => [['light.sky', 'overcast', 'overcast'], ['sun_deg', 55.0, 'overcast']],
        'overcast' => [['light.sky', 'overcast', 'overcast']],
        'partly' => [['light.sky', 'partly', 'partly']],
        'shade' => [['light.offset_stops', -3.0, 'shade']],
        'gale' => [['scene.wind', 0.9, 'gale']],
        'windy' => [['scene.wind', 0.7, 'windy']],
        'breeze' => [['scene.wind', 0.4, 'breeze']],
        'calm' => [['scene.wind', 0.0, 'calm']],
        'mist' => [['subject.contrast', 0.3, 'mist']],
        // The person.
        'tripod' => [['photographer.support', 'tripod', 'tripod']],
        'monopod' => [['photographer.support', 'monopod', 'monopod']],
        'beanbag' => [['photographer.support', 'beanbag', 'beanbag']],
        'handheld' => [['photographer.support', 'handheld', 'handheld']],
        'prone' => [['photographer.support', 'prone', 'prone']],
        'limbs' => [['photographer.freeze', 'limbs', 'limbs']],
        'print' => [['final_use', 'print', 'print']],
        'screen' => [['final_use', 'screen', 'screen']],
    ];

    /** Light that has a value of its own, EV at ISO 100. */
    private const EV100 = ['bright-snow' => 15.5, 'dark-wood' => 8.0, 'moon' => -3.0, 'night' => -1.0];

    private const HAIRPIN_M = 6.0;

    /** @return list<array{string, mixed, Said}> fields, values and what is said of them; none where nobody knows the name */
    public static function of(string $name): array
    {
        $lamps = Lamps::tryFrom($name);
        if ($lamps !== null) {
            $said = Said::of('read.lamps', ev: Quantity::figure($lamps->ev100()));

            return [['light.ev100', $lamps->ev100(), $said], ['light.lamps', $lamps->value, $said]];
        }
        if ($name === 'hairpin') {
            return [
                [
                    'path.bend_radius_m',
                    self::HAIRPIN_M,
                    Said::of('read.bend', metres: Quantity::length(self::HAIRPIN_M)),
                ],
            ];
        }
        $ev = self::EV100[$name] ?? null;
        if ($ev !== null) {
            return [['light.ev100', $ev, Said::of('read.light', ev: Quantity::figure($ev))]];
        }
        $fields = [];
        foreach (self::OF[$name] ?? [] as [$field, $value, $says]) {
            $fields[] = [$field, $value, Said::of("read.$says")];
        }

        return $fields;
    }
}
