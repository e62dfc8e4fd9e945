<?php

declare(strict_types=1);

namespace RushHold\Outing;

use RushHold\Controls\Arrangement;
use RushHold\Controls\Reaching;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Stage;
use RushHold\Hold\Hold;
use RushHold\Kit\ControlPlace;
use RushHold\Motion\Path;
use RushHold\Planning\Chooser;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;
use RushHold\Rush\Subject;

/**
 * What nobody planned: a hold for whatever may come by, worked out beforehand over a grid of subjects, distances, ways,
 * clutter and the light of the outing, with the kit that is carried and the buttons as they are laid out. By the rules,
 * without playing.
 */
final readonly class Pocket
{
    /** Subjects of the table. */
    public const MOST = 10;

    /** Distances at which it begins, m; those nearer than the lens focuses are left out. */
    public const DISTANCES_M = [5.0, 10.0, 20.0, 40.0, 80.0, 160.0];

    /** Steps of light, EV apart. */
    private const EV_APART = 2.0;

    private const MOST_LIGHTS = 4;

    /**
     * @param  list<array{subject: Subject, speedMps: float}>  $who
     * @param  list<float>  $distancesM
     * @param  list<float>  $lights  EV100
     * @param  list<array{hold: Hold, by: ControlPlace|null}>  $cells  by subject, distance, way, clutter and light, the
     *   last running first
     */
    private function __construct(
        public array $who,
        public array $distancesM,
        public array $lights,
        public array $cells,
        public Rush $like,
        public ?Arrangement $arrangement,
    ) {
    }

    /**
     * @param  Programme  $programme  of an outing with a rush at least
     * @param  list<array{subject: Subject, speedMps: float}>  $others  that may come by as well
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public static function of(Programme $programme, array $others, Stage $stage): self
    {
        $like = $programme->plan(0)->situation->rush;
        $who = [];
        foreach (
            [
                ...array_map(
                    static fn (Entry $e): array => [
                        'subject' => $e->rush->subject,
                        'speedMps' => $e->rush->path->speedMps,
                    ],
                    $programme->outing->entries,
                ),
                ...$others,
            ] as $one
        ) {
            $who[$one['subject']->name] ??= $one;
        }
        $who = array_slice(array_values($who), 0, self::MOST);
        $nearest = $like->kit->lens->nearestM;
        $distances = array_values(array_filter(self::DISTANCES_M, static fn (float $m): bool => $m > 1.2 * $nearest));
        $lights = self::lights($programme->outing);
        $arrangement = $programme->layoutFor($like->kit->body)?->arrangement;
        $reaching = new Reaching($programme->outing->times, $like->kit->body->areaMoves);
        $cells = [];
        foreach ($who as $i => ['subject' => $subject, 'speedMps' => $speed]) {
            foreach ($distances as $distance) {
                foreach (Heading::cases() as $way) {
                    foreach (Foreground::cases() as $through) {
                        foreach ($lights as $ev) {
                            $hold = Chooser::standard()->hold(
                                $like->with(
                                    subject: $subject,
                                    path: new Path($distance, $speed, $way->degrees()),
                                    scene: $like->scene->with(
                                        frontClutter: $through->clutter(),
                                        obstaclesPerS: 0.0,
                                        backlit: false,
                                    ),
                                    light: Light::value($ev),
                                    group: [],
                                ),
                            );
                            $by =
                                $arrangement === null
                                    ? null
                                    : $reaching->quickest($hold, $arrangement->rest, $arrangement)[0];
                            $cells[] = ['hold' => $hold, 'by' => $by];
                        }
                    }
                }
            }
            $stage->reached(($i + 1) / count($who));
        }

        return new self($who, $distances, $lights, $cells, $like, $arrangement);
    }

    /** @return list<float> EV100 of its hours, darkest first, a few steps of them */
    private static function lights(Outing $outing): array
    {
        [$dark, $bright] = [20.0, -8.0];
        foreach ($outing->moments() as $at) {
            $ev = max(-8.0, min(20.0, Moment::of($outing, $at)->ev100));
            [$dark, $bright] = [min($dark, $ev), max($bright, $ev)];
        }
        $count = max(1, min(self::MOST_LIGHTS, 1 + (int) round(($bright - $dark) / self::EV_APART)));
        if ($count === 1) {
            return [round(($dark + $bright) / 2, 1)];
        }

        return array_map(
            static fn (int $i): float => round($dark + (($bright - $dark) * $i) / ($count - 1), 1),
            range(0, $count - 1),
        );
    }
}
