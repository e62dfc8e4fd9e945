<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Kit\Detection;
use RushHold\Light\LightDirection;
use RushHold\Rush\Hazard;
use RushHold\Situation\Situation;

/** What may hurt someone or something here. */
final class Cautions
{
    /** Degrees around the edge of the frame in which the sun is too close. */
    private const SUN_REACH_DEG = 15.0;

    /** @return list<array{what: string, sentence: string}> the gravest first */
    public static function for(Situation $s): array
    {
        $cautions = [];
        $light = $s->rush->light;
        if ($light->sun !== null && $light->shootingBearingDeg !== null && $light->sun->heightDeg > -1) {
            $apart = LightDirection::separationDeg($light->sun, $light->shootingBearingDeg);
            $half = rad2deg(atan(hypot($s->kit->body->sensorWidthMm, $s->kit->body->sensorHeightMm) / 2 / $s->kit->focalMm()));
            if ($apart < $half + self::SUN_REACH_DEG) {
                $cautions[] = ['what' => 'sun', 'sentence' => sprintf('The sun stands %d° from your line of sight. Never look at it or near it through an optical finder or a long lens: it blinds, and burns the camera.', round($apart))];
            }
        }
        $says = [
            Hazard::Nest->value => 'Burrows, nests, roosts or young are near. Keep the distance that local law and the wardens ask for; if a bird or animal changes what it does, you are too close. No picture is worth a flushed bird.',
            Hazard::CliffEdge->value => 'Cliff edge: edges overhang and crumble. Stay on the path, and let someone know where you are.',
            Hazard::Water->value => 'Water: mind tide, swell and slippery rock.',
            Hazard::Roadside->value => 'Road or track beside you: stand where you may, never with your back to traffic.',
            Hazard::Sideline->value => 'Beside the course: stay where spectators or the accredited may stand, do what marshals say, and never turn your back on what comes. Barriers give way.',
            Hazard::ColdGround->value => 'Lying still for long: cold and ticks. Take something to lie on.',
        ];
        foreach ($s->scene->hazards as $hazard) {
            $cautions[] = ['what' => $hazard->value, 'sentence' => $says[$hazard->value]];
        }
        $wild = $s->subject->kind === Detection::Bird || $s->subject->kind === Detection::Animal;
        if ($wild && $s->nearestM < 10 && ! in_array(Hazard::Nest, $s->scene->hazards, true)) {
            $cautions[] = ['what' => 'wildlife', 'sentence' => sprintf('It comes within {%s m}. Distances for wild animals differ by country and season and may be law; ask locally and let it choose to come.', round($s->nearestM, 1))];
        }

        return $cautions;
    }
}
