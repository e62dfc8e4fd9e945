<?php

declare(strict_types=1);

use RushHold\Blur\Ellipse;
use RushHold\Blur\LensBlur;
use RushHold\Blur\Shake;
use RushHold\Blur\SlowestShutter;
use RushHold\Blur\Verdict;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\Detection;
use RushHold\Light\Daylight;
use RushHold\Light\Exposure;
use RushHold\Light\LightDirection;
use RushHold\Light\Shimmer;
use RushHold\Light\Sky;
use RushHold\Light\SunPosition;
use RushHold\Light\Surface;
use RushHold\Motion\ImageMotion;
use RushHold\Motion\Panning;
use RushHold\Motion\Path;
use RushHold\Motion\PathPoint;
use RushHold\Motion\SpeedChange;
use RushHold\Motion\SpeedFinder;
use RushHold\Motion\SpeedProfile;
use RushHold\Optics\DepthOfField;
use RushHold\Optics\Diffraction;
use RushHold\Optics\FinalUse;
use RushHold\Optics\GroupDepth;
use RushHold\Optics\StopScale;
use RushHold\Optics\ThinLens;
use RushHold\Refused;
use RushHold\Rush\Figure;
use RushHold\Rush\Light;
use RushHold\Rush\Photographer;
use RushHold\Rush\Scene;
use RushHold\Rush\Subject;
use RushHold\Situation\Aim;
use RushHold\Situation\Situation;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;

/*
 * What each formula gives over the range it is used in, edges as well.
 */

it('gives the same optics', function (): void {
    $answers = [];
    foreach ([24.0, 200.0, 600.0] as $focal) {
        $lens = new ThinLens($focal);
        foreach ([1.5, 12.0, 90.0, 700.0] as $metres) {
            $answers["$focal mm at $metres m"] = [
                'lens' => [
                    $lens->magnification($metres),
                    $lens->fieldM($metres, 36.0),
                    $lens->imageDistanceMm($metres),
                    $lens->focusTravelMmPerS($metres, 12.0),
                ],
                'blur' => [
                    $lens->defocusUm(4.0, $metres, $metres),
                    $lens->defocusUm(4.0, $metres, $metres * 1.02),
                    $lens->defocusUm(11.0, $metres, $metres / 3),
                ],
                'depth at f/2.8' => (static fn (DepthOfField $d): array => [
                    ...get_object_vars($d),
                    $d->depthM(),
                    $d->framesInside(9.0, 12.0),
                    $d->framesInside(0.0, 12.0),
                ])(DepthOfField::at($lens, 2.8, 0.03, $metres)),
                'depth at f/22' => DepthOfField::at($lens, 22.0, 0.012, $metres),
            ];
            $group = GroupDepth::of([$metres, $metres * 1.3, $metres * 1.1], $lens, 0.02);
            $answers["a group at $metres m with $focal mm"] = [
                $group,
                $group->backOffM($lens, 0.02, 5.6),
                $group->focalFor($lens, 0.02, 5.6),
                $group->backOffM($lens, 0.02, 22.0),
                $group->focalFor($lens, 0.02, 22.0),
            ];
        }
    }
    $answers['diffraction'] = array_map(
        static fn (float $n): array => [Diffraction::discUm($n), Diffraction::widthUm($n), Diffraction::limitFor($n)],
        [1.4, 5.6, 16.0, 32.0],
    );
    foreach (FinalUse::cases() as $use) {
        $answers["circle for $use->value"] = [
            $use->cocMm(36.0, 24.0, 0.0044),
            $use->cocMm(17.3, 13.0, 0.0033),
            $use->cocMm(22.3, 14.9, 0.012),
        ];
    }
    $answers['stops'] = [
        StopScale::fNumbers(1.8, 22.0),
        StopScale::fNumbers(6.3, 32.0),
        StopScale::shutters(1 / 8000),
        StopScale::shutters(1 / 32000),
    ];
    $answers['rounded'] = array_map(
        static fn (float $x): array => [
            StopScale::iso($x),
            StopScale::isoLabel($x),
            StopScale::fLabel($x / 50),
            StopScale::shutterLabel(1 / $x),
            StopScale::shutterLabel($x / 300),
        ],
        [40.0, 100.0, 131.0, 450.0, 790.0, 3100.0, 12_500.0, 105_000.0],
    );
    Answers::same('optics', $answers);
});

it('gives the same motion and blur', function (): void {
    $lens = new ThinLens(400.0);
    $seen = static fn (PathPoint $p): array => [
        'point' => get_object_vars($p),
        'image' => get_object_vars(ImageMotion::of($p, $lens, 0.0044)),
        'blur' => [
            ImageMotion::of($p, $lens, 0.0044)->bodyBlurUm(0.001, 0.7),
            ImageMotion::of($p, $lens, 0.0044)->limbBlurUm(0.002, 8.0),
        ],
    ];
    $answers = [];
    foreach (
        [
            'plain' => Rushes::with(),
            'climbing and bending' => Rushes::with([
                'path.heading_deg' => 70.0,
                'path.climb_deg' => 25.0,
                'path.bend_radius_m' => 18.0,
            ]),
            'braking' => Rushes::with([
                'path.heading_deg' => -150.0,
                'path.speed_changes' => [['at_s' => 0.4, 'to_mps' => 1.0, 'over_s' => 0.8]],
            ]),
            'straight at one' => Rushes::with([
                'path.heading_deg' => 0.0,
                'path.start_m' => 22.0,
                'path.climb_deg' => -40.0,
            ]),
        ] as $asked => $rush
    ) {
        $answers[$asked] = array_map(static fn (float $t): array => $seen($rush->path->at($t)), [0.0, 0.5, 1.3, 2.0]);
        $answers["$asked, whole"] = [
            $rush->path->hardestChangeMps2(),
            array_map(static fn (PathPoint $p): float => $p->distanceM, $rush->path->sampled(6)),
            $rush->path->mirrored()->at(1.0),
            $rush->path->startingAt(11.0)->at(0.7),
        ];
    }
    $speed = new SpeedProfile(9.0, [new SpeedChange(1.0, 3.0, 0.5), new SpeedChange(2.0, 12.0, 1.0)]);
    $answers['speed'] = array_map(
        static fn (float $t): array => [$speed->speedMps($t), $speed->wayM($t), $speed->accelerationMps2($t)],
        [0.0, 1.0, 1.2, 1.5, 1.9, 2.4, 3.0, 6.0],
    );
    $answers['speed found'] = [
        SpeedFinder::stopwatch(20.0, 1.4),
        SpeedFinder::stopwatch(20.0, 1.4, 2.0),
        SpeedFinder::frames(3.0, 0.6, 12, 20.0),
        SpeedFinder::frames(3.0, 0.6, 12, 20.0, 0.4),
    ];
    $answers['panning'] = array_map(Panning::removed(...), [0.0, 0.3, 0.5, 0.9, 1.0]);
    $answers['shake'] = array_map(
        static fn (array $of): array => [
            Shake::rateRadPerS(...$of),
            Shake::blurUm(Shake::rateRadPerS(...$of), 500.0, 1 / 400),
        ],
        [[1.0, 0.2, 0.0], [0.5, 0.8, 3.0], [0.05, 1.0, 5.0]],
    );
    $answers['lens'] = array_map(static fn (array $of): float => LensBlur::um(...$of), [
        [2.8, 2.8, 1.0],
        [4.0, 2.8, 1.0],
        [5.6, 2.8, 1.5],
        [11.0, 5.6, 1.0, 1.4],
        [5.6, 5.6, 1.0, 2.0],
    ]);
    $answers['slowest shutter'] = [
        SlowestShutter::movementShareUm(20.0, 8.0),
        SlowestShutter::movementShareUm(8.0, 20.0),
        SlowestShutter::forShare(10.0, 3000.0, 400.0),
        SlowestShutter::forShare(10.0, 0.0),
    ];
    $answers['verdicts'] = array_map(static fn (float $um): string => Verdict::of($um, 20.0)->value, [
        5.0,
        15.0,
        20.0,
        25.0,
        30.0,
        40.0,
        60.0,
        90.0,
    ]);
    $ellipse = Ellipse::of(9.0, 3.0, 2.0);
    $answers['ellipse'] = [
        $ellipse,
        $ellipse->deviation(),
        $ellipse->width(),
        $ellipse->smear(),
        $ellipse->scaled(3.0),
        Ellipse::fromAxes(4.0, 1.0, 200.0),
        Ellipse::of(2.0, 7.0, -1.5),
        Ellipse::of(1.0, 1.0, 0.0),
    ];
    Answers::same('motion-and-blur', $answers);
});

it('gives the same light', function (): void {
    $answers = [];
    foreach ([-18.0, -8.0, -3.0, 0.0, 4.0, 15.0, 45.0, 88.0] as $height) {
        foreach (Sky::cases() as $sky) {
            $answers["sun at $height, $sky->value"] = [
                Daylight::lux($height, $sky),
                Daylight::ev100($height, $sky),
                Daylight::uprightStops($height, $sky, 20.0),
                Daylight::uprightStops($height, $sky, 160.0),
            ];
        }
    }
    foreach (
        [
            '2026-06-07 03:30',
            '2026-06-07 12:10',
            '2026-12-20 15:20',
            '2026-03-20 18:05',
            '2026-06-21 21:02',
            '3026-11-02 09:00',
            '1026-02-14 16:40',
        ] as $at
    ) {
        foreach ([[55.5, -9.0], [-33.0, 151.0], [78.0, 15.0]] as [$latitude, $longitude]) {
            $sun = SunPosition::at($latitude, $longitude, new DateTimeImmutable("$at UTC"));
            $light = Light::fromPlace($latitude, $longitude, new DateTimeImmutable("$at UTC"), Sky::Clear, 1.0);
            $answers["$at at $latitude, $longitude"] = [
                $sun,
                array_map(
                    static fn (float $bearing): array => [
                        LightDirection::separationDeg($sun, $bearing),
                        LightDirection::turnDeg($sun, $bearing),
                        LightDirection::of($sun, $bearing)->value,
                    ],
                    [10.0, 100.0, 190.0, 300.0],
                ),
                $light->ev100,
                $light->sunHeightDeg(),
                $light->isFromAhead(),
            ];
        }
    }
    foreach (Surface::cases() as $surface) {
        $shimmer = static fn (float $height, Sky $sky, float $metres, float $above, float $wind): array => (static fn (
            Shimmer $s,
        ): array => [...get_object_vars($s), $s->blurUm(500.0), said($s->said())])(
            Shimmer::of($height, $sky, $surface, $metres, $above, $wind),
        );
        $answers["shimmer over $surface->value"] = [
            $shimmer(50.0, Sky::Clear, 80.0, 1.5, 0.1),
            $shimmer(20.0, Sky::Clear, 200.0, 0.3, 0.8),
            $shimmer(50.0, Sky::Overcast, 80.0, 1.5, 0.1),
            $shimmer(-5.0, Sky::Clear, 80.0, 12.0, 0.0),
            $shimmer(70.0, Sky::Clear, 15.0, 1.5, 0.3),
        ];
    }
    $answers['exposure'] = [
        (new Exposure(1 / 2000, 5.6, 800.0))->ev100(),
        Exposure::isoFor(13.0, 1 / 2000, 5.6),
        Exposure::shutterFor(13.0, 5.6, 400.0),
        Exposure::fNumberFor(13.0, 1 / 2000, 1600.0),
        Light::value(12.0, -1.5)->ev100,
        Light::metered(new Exposure(1 / 250, 8.0, 200.0), 0.7)->ev100,
    ];
    Answers::same('light', $answers);
});

it('sees the same in a situation', function (): void {
    $answers = [];
    foreach (
        [
            [],
            ['photographer.support' => 'tripod', 'subject.erratic' => 0.6],
            ['path.heading_deg' => 92.0, 'path.start_m' => 14.0],
            ['path.climb_deg' => 80.0, 'scene.background_texture' => 0.9, 'scene.background_m' => 60.0],
            ['subject.speed_mps' => 0.0, 'subject.kind' => 'person'],
        ] as $changes
    ) {
        $situation = new Situation(Rushes::with($changes));
        $answers[json_encode($changes)] = [
            'is' => [
                'still' => $situation->isStill(),
                'across' => $situation->isAcross(),
                'upright' => $situation->isVertical(),
                'open' => $situation->isOpen(),
                'pulled' => $situation->backgroundPulls(),
                'detects' => $situation->canDetect(),
            ],
            'numbers' => array_filter(get_object_vars($situation), is_float(...)),
            'aim' => [
                $situation->aim,
                $situation->aim->missRad($situation->middle),
                $situation->aim->jinkRad($situation->middle),
                $situation->aim->behindRad($situation->middle),
            ],
            'more' => [
                $situation->depthAt(20.0, 5.6),
                $situation->depthAt(20.0, 5.6, 2.0),
                $situation->panningRemoved(),
                $situation->shakeRate(0.0),
                $situation->shakeRate(4.0),
            ],
        ];
    }
    $known = new Situation(Rushes::with(), PartialHold::nothing()->with(Setting::Support, 'monopod'));
    $answers['a support that is known'] = Aim::of($known->rush, $known->rush->photographer->support, true);
    $answers['of which nothing is said'] = [
        'subject' => new Subject(0.5, 0.3, 0.2, 0.05),
        'scene' => new Scene(),
        'person' => new Photographer(),
        'light' => [Light::value(12.0)->offsetStops, Light::metered(new Exposure(0.001, 5.6, 800.0))->source],
    ];
    foreach (
        [
            'starting from a stand' => ['subject.speed_mps' => 0.2, 'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 6.0, 'over_s' => 0.5]]],
            'hardly moving' => ['subject.speed_mps' => 0.25],
            'moving a little' => ['subject.speed_mps' => 0.35],
            'across and up' => ['path.heading_deg' => 90.0, 'path.climb_deg' => 20.0],
            'across and steeply up' => ['path.heading_deg' => 90.0, 'path.climb_deg' => 24.0],
            'half across' => ['path.heading_deg' => 65.0],
            'steep' => ['path.heading_deg' => 20.0, 'path.climb_deg' => 50.0],
            'of a kind nobody looks for' => ['subject.kind' => 'off'],
            'far away' => ['path.start_m' => 900.0],
            'on a body that looks for nothing' => ['kit.body.detects' => []],
            'close to clutter' => ['scene.front_clutter' => 0.09, 'scene.obstacles_per_s' => 0.19, 'scene.background_texture' => 0.44],
            'in clutter' => ['scene.front_clutter' => 0.1],
            'past things' => ['scene.obstacles_per_s' => 0.2],
            'before something crisp' => ['scene.background_texture' => 0.45],
        ] as $asked => $changes
    ) {
        $s = new Situation(Rushes::with($changes));
        $answers[$asked] = ['still' => $s->isStill(), 'across' => $s->isAcross(), 'upright' => $s->isVertical(), 'open' => $s->isOpen(), 'detects' => $s->canDetect(), 'light' => $s->lightMarginStops];
    }
    foreach (Detection::cases() as $kind) {
        $answers["figures of $kind->value"] = array_map(
            static fn (float $mps): string => Figure::usual($kind, $mps)->value,
            [0.0, 1.5, 4.0, 9.0, 20.0],
        );
    }
    Answers::same('situations', $answers);
});

it('takes the same numbers, and refuses the others by their field', function (): void {
    $probes = [
        -3001.0,
        -3000.0,
        -181.0,
        -180.0,
        -91.0,
        -90.0,
        -1.0,
        0.0,
        0.009,
        0.01,
        0.04,
        0.05,
        0.09,
        0.1,
        0.19,
        0.2,
        0.49,
        0.5,
        0.69,
        0.7,
        0.99,
        1.0,
        1.1,
        5.9,
        6.0,
        30.0,
        31.0,
        60.0,
        61.0,
        90.0,
        91.0,
        120.0,
        121.0,
        128.0,
        129.0,
        180.0,
        181.0,
        240.0,
        241.0,
        600.0,
        601.0,
        1000.0,
        1001.0,
        3000.0,
        3001.0,
        3600.0,
        3601.0,
        5000.0,
        5001.0,
        10_000.0,
        10_001.0,
        4e6,
        4e6 + 1,
    ];
    $noon = new DateTimeImmutable('2026-06-07 12:00 UTC');
    $lens = new ThinLens(400.0);
    $answers = [];
    foreach (
        [
            'a stopwatch' => [SpeedFinder::stopwatch(...), [20.0, 2.0, 1.0]],
            'frames' => [
                static fn (
                    float $lengths,
                    float $m,
                    float $frames,
                    float $rate,
                    float $error,
                ): SpeedFinder => SpeedFinder::frames($lengths, $m, (int) $frames, $rate, $error),
                [3.0, 0.6, 12.0, 20.0, 0.1],
            ],
            'a path' => [static fn (float ...$of): Path => new Path(...$of), [40.0, 9.0, 30.0, 10.0, 2.0]],
            'a change of speed' => [static fn (float ...$of): SpeedChange => new SpeedChange(...$of), [1.0, 3.0, 0.5]],
            'an exposure' => [static fn (float ...$of): Exposure => new Exposure(...$of), [0.001, 5.6, 800.0]],
            'a lens' => [static fn (float $mm): ThinLens => new ThinLens($mm), [400.0]],
            'a group' => [static fn (float $m): GroupDepth => GroupDepth::of([20.0, $m], $lens, 0.02), [22.0]],
            'panning' => [Panning::removed(...), [0.5]],
            'a height of the sun' => [static fn (float $deg): float => Daylight::lux($deg, Sky::Clear), [20.0]],
            'a place' => [
                static fn (float $latitude, float $longitude): SunPosition => SunPosition::at(
                    $latitude,
                    $longitude,
                    $noon,
                ),
                [55.0, -9.0],
            ],
        ] as $asked => [$make, $given]
    ) {
        foreach ($given as $i => $good) {
            $taken = $refused = [];
            foreach ($probes as $probe) {
                try {
                    $make(...array_replace($given, [$i => $probe]));
                    $taken[] = $probe;
                } catch (Refused $why) {
                    $refused[$why->field][] = $probe;
                }
            }
            $answers["$asked, number $i"] = [
                'from' => min($taken),
                'to' => max($taken),
                'taken' => count($taken),
                'refused' => implode(', ', array_keys($refused)),
            ];
        }
    }
    $usual = new Path(40.0, 9.0, 30.0);
    $answers['a path of which little is said'] = [$usual->seconds, $usual->noticeS, $usual->climbDeg];
    Answers::same('numbers-taken', $answers);
});
