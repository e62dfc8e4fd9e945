<?php

declare(strict_types=1);

namespace RushHold\Library;

/**
 * Subjects to start from. Sizes are those of adult animals in general handbooks; speeds are for the phase named,
 * not records; limb speeds are stroke or stride length × rate.
 */
final class Subjects
{
    /** @return list<LibrarySubject> */
    public static function all(): array
    {
        $bird = ['kind' => 'bird', 'contrast' => 0.7, 'distinct' => 0.7];
        $person = ['kind' => 'person', 'contrast' => 0.8, 'distinct' => 0.7];

        return [
            self::subject('puffin-flight', 'Birds', 'Puffin, coming in', ['length_m' => 0.28, 'height_m' => 0.20, 'depth_m' => 0.15, 'aim_size_m' => 0.04, 'speed_mps' => 17.0, 'limb_speed_mps' => 9.0, 'erratic' => 0.1, 'contrast' => 0.8, 'distinct' => 0.8, 'figure' => 'flying-bird'] + $bird,
                'Size from handbooks, ± 5 %. Speed from general accounts of auk flight, 15 to 22 m/s. Wing tips: 6 to 9 beats a second over a short wing, ± 20 %.', 'Circles the slope a few times, then comes in on one line with feet lowered.'),
            self::subject('gannet-glide', 'Birds', 'Gannet, gliding', ['length_m' => 0.95, 'height_m' => 0.45, 'depth_m' => 0.5, 'aim_size_m' => 0.08, 'speed_mps' => 14.0, 'limb_speed_mps' => 3.0, 'erratic' => 0.05, 'contrast' => 0.65, 'distinct' => 0.85, 'figure' => 'gliding-bird'] + $bird,
                'Size from handbooks, ± 5 %. Gliding speed along a cliff 11 to 17 m/s, faster downwind.', 'Uses the rising air along the edge; comes by again on the same line.'),
            self::subject('tern-hover', 'Birds', 'Tern, hovering', ['length_m' => 0.36, 'height_m' => 0.22, 'depth_m' => 0.2, 'aim_size_m' => 0.03, 'speed_mps' => 1.0, 'limb_speed_mps' => 6.0, 'erratic' => 0.4, 'figure' => 'flying-bird'] + $bird,
                'Size from handbooks, ± 5 %. Hovers almost in place; wing tips 5 to 7 m/s from beat rate and span.', 'Looks straight down and folds the wings a moment before it drops.'),
            self::subject('tern-plunge', 'Birds', 'Tern, plunging', ['length_m' => 0.36, 'height_m' => 0.20, 'depth_m' => 0.15, 'aim_size_m' => 0.03, 'speed_mps' => 4.0, 'limb_speed_mps' => 3.0, 'erratic' => 0.3, 'figure' => 'flying-bird'] + $bird,
                'Size from handbooks, ± 5 %. Starts from rest and falls with folded wings from 3 to 10 m, so it meets the water at 8 to 12 m/s.', 'Hovers first; often drops where it dropped before.'),
            self::subject('pipit-perched', 'Birds', 'Pipit, perched', ['length_m' => 0.16, 'height_m' => 0.12, 'depth_m' => 0.07, 'aim_size_m' => 0.015, 'speed_mps' => 0.1, 'limb_speed_mps' => 1.0, 'erratic' => 0.2, 'contrast' => 0.5, 'distinct' => 0.4, 'figure' => 'perched-bird'] + $bird,
                'Size from handbooks, ± 5 %.', 'Flicks its tail, crouches, and goes.'),
            self::subject('gull-flight', 'Birds', 'Gull, flapping', ['length_m' => 0.6, 'height_m' => 0.35, 'depth_m' => 0.35, 'aim_size_m' => 0.05, 'speed_mps' => 11.0, 'limb_speed_mps' => 5.0, 'erratic' => 0.1, 'contrast' => 0.5, 'figure' => 'flying-bird'] + $bird,
                'Size for the larger gulls, ± 15 % between species. Level flight 9 to 13 m/s.', 'Leans into the wind before lifting.'),
            self::subject('hare-running', 'Mammals', 'Brown hare, bolting', ['length_m' => 0.6, 'height_m' => 0.35, 'depth_m' => 0.3, 'aim_size_m' => 0.05, 'speed_mps' => 14.0, 'limb_speed_mps' => 12.0, 'erratic' => 0.4, 'contrast' => 0.6, 'distinct' => 0.5, 'kind' => 'animal', 'figure' => 'running-mammal'],
                'Size from handbooks, ± 10 %. Flight speed 12 to 18 m/s, with sharp turns; feet move about as fast again as the body.', 'Flattens its ears and gathers its hind legs.'),
            self::subject('seal-swimming', 'Mammals', 'Seal, swimming past', ['length_m' => 0.5, 'height_m' => 0.3, 'depth_m' => 0.3, 'aim_size_m' => 0.06, 'speed_mps' => 1.5, 'limb_speed_mps' => 0.5, 'erratic' => 0.15, 'contrast' => 0.4, 'distinct' => 0.5, 'kind' => 'animal', 'figure' => 'walking-mammal'],
                'Only head and shoulders show; size ± 20 %. Unhurried swimming 1 to 2 m/s.', 'Breathes in with closed nostrils before it dives.'),
            self::subject('rider-flat', 'Cyclo-cross', 'Rider, at speed', ['length_m' => 1.7, 'height_m' => 1.7, 'depth_m' => 0.5, 'aim_size_m' => 0.3, 'speed_mps' => 9.0, 'limb_speed_mps' => 3.0, 'erratic' => 0.05, 'figure' => 'rider'] + $person,
                'Adult rider on a bicycle, ± 10 %. Race pace on firm ground 7 to 11 m/s; pedals about 2 to 3 m/s.', 'Looks where it will ride, about two seconds ahead.'),
            self::subject('rider-barriers', 'Cyclo-cross', 'Rider, carrying over barriers', ['length_m' => 1.6, 'height_m' => 1.8, 'depth_m' => 0.7, 'aim_size_m' => 0.3, 'speed_mps' => 5.0, 'limb_speed_mps' => 8.0, 'erratic' => 0.15, 'figure' => 'runner'] + $person,
                'Running with a bicycle, 4 to 6 m/s; the swinging leg moves at up to twice that.', 'Unclips and swings one leg over some five metres before the first barrier.'),
            self::subject('rider-sprint', 'Cyclo-cross', 'Rider, sprinting', ['length_m' => 1.7, 'height_m' => 1.5, 'depth_m' => 0.6, 'aim_size_m' => 0.3, 'speed_mps' => 14.0, 'limb_speed_mps' => 4.0, 'erratic' => 0.1, 'figure' => 'rider'] + $person,
                'Sprint on grass or tarmac 12 to 16 m/s; the bicycle swings from side to side under the rider.', 'Stands up and drops the hands about 150 m out.'),
            self::subject('runner', 'Athletes', 'Runner', ['length_m' => 1.0, 'height_m' => 1.75, 'depth_m' => 0.6, 'aim_size_m' => 0.3, 'speed_mps' => 6.0, 'limb_speed_mps' => 9.0, 'erratic' => 0.05, 'figure' => 'runner'] + $person,
                'Adult, ± 10 %. Middle-distance pace 5 to 7 m/s; the swinging foot at nearly twice the body’s speed.', 'Lifts the chin before changing pace.'),
        ];
    }

    /** @param  array<string, mixed>  $subject */
    private static function subject(string $id, string $group, string $name, array $subject, string $source, string $habit): LibrarySubject
    {
        return new LibrarySubject($id, $group, ['name' => $name, ...$subject], $source, $habit);
    }
}
