<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Kit\Detection;
use RushHold\Light\Lamps;
use RushHold\Light\LightDirection;
use RushHold\Quantity;
use RushHold\Rush\Hazard;
use RushHold\Said;
use RushHold\Situation\Situation;

/** What may hurt someone or something here. */
final class Cautions
{
    /** Degrees around the edge of the frame in which the sun is too close. */
    private const SUN_REACH_DEG = 15.0;

    /** @return list<array{what: string, sentence: Said}> the gravest first */
    public static function for(Situation $s): array
    {
        $cautions = [];
        $light = $s->rush->light;
        if ($light->sun !== null && $light->shootingBearingDeg !== null && $light->sun->heightDeg > -1) {
            $apart = LightDirection::separationDeg($light->sun, $light->shootingBearingDeg);
            $half = rad2deg(
                atan(hypot($s->kit->body->sensorWidthMm, $s->kit->body->sensorHeightMm) / 2 / $s->kit->focalMm()),
            );
            if ($apart < $half + self::SUN_REACH_DEG) {
                $cautions[] = [
                    'what' => 'sun',
                    'sentence' => Said::of('caution.sun', apart: Quantity::degrees($apart)),
                ];
            }
        }
        foreach ($s->scene->hazards as $hazard) {
            $cautions[] = ['what' => $hazard->value, 'sentence' => Said::of("caution.{$hazard->value}")];
        }
        if ($light->lamps !== null) {
            $cautions[] = [
                'what' => 'flicker',
                'sentence' => Said::of(
                    'caution.flicker',
                    slow: Quantity::shutter(Lamps::PULSES_S[0]),
                    quick: Quantity::shutter(Lamps::PULSES_S[1]),
                ),
            ];
        }
        $wild = $s->subject->kind === Detection::Bird || $s->subject->kind === Detection::Animal;
        if ($wild && $s->nearestM < 10 && ! in_array(Hazard::Nest, $s->scene->hazards, true)) {
            $cautions[] = [
                'what' => 'wildlife',
                'sentence' => Said::of('caution.wildlife', metres: Quantity::distance($s->nearestM)),
            ];
        }

        return $cautions;
    }
}
