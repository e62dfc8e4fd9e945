<?php

declare(strict_types=1);

/*
 * What experience says of set-ups and situations, each as a pair of which one must keep clearly more. They lie apart
 * from the cases in `cases/orderings.json`, so that the simulation is not only right where it was first looked at.
 */

use RushHold\Tests\Rushes;

/** @return array<string, mixed> changes to the plain rush of the tests */
function seabird(array $changes = []): array
{
    return array_replace(
        [
            'subject' => [
                'length_m' => 0.3,
                'height_m' => 0.2,
                'depth_m' => 0.15,
                'aim_size_m' => 0.04,
                'speed_mps' => 17.0,
                'limb_speed_mps' => 8.0,
                'kind' => 'bird',
                'erratic' => 0.1,
            ],
            'path' => ['start_m' => 45.0, 'heading_deg' => 15.0, 'seconds' => 2.0, 'notice_s' => 1.5],
        ],
        $changes,
    );
}

/** @return array<string, mixed> */
function runner(array $changes = []): array
{
    return array_replace(
        [
            'subject' => [
                'length_m' => 1.7,
                'height_m' => 1.7,
                'depth_m' => 0.5,
                'aim_size_m' => 0.3,
                'speed_mps' => 7.0,
                'limb_speed_mps' => 6.0,
                'kind' => 'person',
                'erratic' => 0.05,
                'contrast' => 0.8,
            ],
            'path' => ['start_m' => 38.0, 'heading_deg' => 15.0, 'seconds' => 3.5, 'notice_s' => 3.0],
        ],
        $changes,
    );
}

/** @return array<string, mixed> */
function hare(array $changes = []): array
{
    return array_replace(
        [
            'subject' => [
                'length_m' => 0.6,
                'height_m' => 0.4,
                'depth_m' => 0.3,
                'aim_size_m' => 0.04,
                'speed_mps' => 13.0,
                'limb_speed_mps' => 9.0,
                'kind' => 'animal',
                'erratic' => 0.1,
            ],
            'path' => ['start_m' => 30.0, 'heading_deg' => 20.0, 'seconds' => 2.0, 'notice_s' => 2.0],
        ],
        $changes,
    );
}

/** A small songbird that hops about among twigs. */
function songbird(array $changes = []): array
{
    return array_replace(
        [
            'subject' => [
                'length_m' => 0.3,
                'height_m' => 0.2,
                'depth_m' => 0.15,
                'aim_size_m' => 0.04,
                'speed_mps' => 3.0,
                'limb_speed_mps' => 4.0,
                'kind' => 'bird',
                'erratic' => 0.1,
            ],
            'path' => ['start_m' => 15.0, 'heading_deg' => 60.0, 'seconds' => 2.5, 'notice_s' => 4.0],
            'scene' => [
                'front_clutter' => 0.35,
                'front_ratio' => 0.85,
                'background_m' => 22.0,
                'background_texture' => 0.6,
            ],
        ],
        $changes,
    );
}

/** @return array<string, mixed> a hold; what it leaves out is solved for */
function using(string $area, array $focus = [], array $exposure = [], array $rest = []): array
{
    return $rest + [
        'focus' => $focus + [
            'mode' => 'continuous',
            'technique' => 'auto',
            'area' => $area,
            'detect' => 'off',
            'eye' => false,
            'patience_s' => 0.3,
            'nimble' => 0.5,
            'wins' => 'held',
        ],
        'aim' => 'eye',
        'exposure' => $exposure + ['shutter_s' => 1 / 3200, 'aperture' => 5.6],
    ];
}

/** @return array<string, mixed> */
function byHand(string $technique, float $at, array $exposure = []): array
{
    return using('point', ['mode' => 'manual', 'technique' => $technique, 'start_at_m' => $at], $exposure);
}

$bird = ['detect' => 'bird', 'eye' => true, 'start_at_m' => 42.0];
$person = ['detect' => 'person', 'eye' => true, 'start_at_m' => 38.0];
$slope = ['background_m' => 75.0, 'background_texture' => 0.8];
$still = [
    'subject.speed_mps' => 0.0,
    'subject.limb_speed_mps' => 0.0,
    'subject.erratic' => 0.0,
    'path' => ['start_m' => 15.0, 'heading_deg' => 90.0, 'seconds' => 3.0, 'notice_s' => 10.0],
];
$swimmer = static fn (float $skill): array => [
    'subject.speed_mps' => 2.0,
    'subject.limb_speed_mps' => 2.0,
    'photographer' => ['hand_focus' => $skill, 'support' => 'tripod'],
    'path' => ['start_m' => 20.0, 'heading_deg' => 20.0, 'seconds' => 4.0, 'notice_s' => 6.0],
];
$perches = seabird([
    'subject.speed_mps' => 7.0,
    'scene' => ['front_clutter' => 0.3, 'front_ratio' => 0.8],
    'photographer' => ['hand_focus' => 0.8, 'support' => 'tripod'],
    'path' => ['start_m' => 13.0, 'heading_deg' => 75.0, 'seconds' => 1.5, 'notice_s' => 2.0, 'repeats' => true],
]);
$startled = static fn (float $skill): array => hare([
    'photographer.hand_focus' => $skill,
    'subject.speed_mps' => 6.0,
    'path' => ['start_m' => 20.0, 'heading_deg' => 45.0, 'seconds' => 1.5, 'notice_s' => 0.0],
]);
$passed = static fn (float $each): array => runner([
    'scene' => ['obstacles_per_s' => $each, 'obstacle_s' => 0.3, 'front_ratio' => 0.6],
]);
$across = static fn (float $panning): array => hare([
    'photographer.panning' => $panning,
    'path' => ['start_m' => 25.0, 'heading_deg' => 90.0, 'seconds' => 2.0, 'notice_s' => 4.0],
]);
$crowd = runner([
    'photographer.aim' => 0.7,
    'scene' => [
        'front_clutter' => 0.25,
        'front_ratio' => 0.8,
        'obstacles_per_s' => 1.5,
        'obstacle_s' => 0.4,
        'background_m' => 60.0,
        'background_texture' => 0.6,
    ],
]);
$braking = runner([
    'subject.speed_mps' => 12.0,
    'path' => [
        'start_m' => 45.0,
        'heading_deg' => 3.0,
        'seconds' => 3.5,
        'notice_s' => 3.0,
        'speed_changes' => [['at_s' => 1.2, 'to_mps' => 4.0, 'over_s' => 0.8]],
    ],
]);
$rises = static fn (array $person): array => seabird([
    'photographer' => $person,
    'subject.speed_mps' => 7.0,
    'path' => ['start_m' => 25.0, 'heading_deg' => 90.0, 'climb_deg' => 80.0, 'seconds' => 2.0, 'notice_s' => 0.3],
]);
$slowLens = ['kit' => ['lens' => ['sweep_s' => 2.0]]];
$perched = [
    'subject.length_m' => 0.5,
    'subject.height_m' => 0.4,
    'subject.depth_m' => 0.25,
    'subject.speed_mps' => 0.1,
    'photographer' => ['support' => 'tripod', 'aim' => 0.7],
    'path' => ['start_m' => 7.0, 'heading_deg' => 90.0, 'seconds' => 3.0, 'notice_s' => 10.0],
];

// Sentence → better rush, better hold, worse rush, worse hold, least difference in the share kept.
$pairs = [
    'wind sets the hedge moving, and a large area catches it' => [
        songbird(),
        using('ring-large', ['start_at_m' => 15.0]),
        songbird(['scene.wind' => 0.9]),
        using('ring-large', ['start_at_m' => 15.0]),
        0.05,
    ],
    'in a moving hedge a point beats a zone' => [
        songbird(['scene.wind' => 0.9]),
        using('point', ['start_at_m' => 15.0]),
        null,
        using('block', ['start_at_m' => 15.0]),
        0.08,
    ],
    'the stabiliser steadies a slow shutter on a still subject' => [
        $still,
        using('point', ['start_at_m' => 15.0], ['shutter_s' => 1 / 125], ['stabiliser' => 'on']),
        null,
        using('point', ['start_at_m' => 15.0], ['shutter_s' => 1 / 125], ['stabiliser' => 'off']),
        0.3,
    ],
    'so does a tripod' => [
        $still,
        using(
            'point',
            ['start_at_m' => 15.0],
            ['shutter_s' => 1 / 125],
            ['stabiliser' => 'off', 'support' => 'tripod'],
        ),
        null,
        using(
            'point',
            ['start_at_m' => 15.0],
            ['shutter_s' => 1 / 125],
            ['stabiliser' => 'off', 'support' => 'handheld'],
        ),
        0.3,
    ],
    'a tripod helps a small area to stay on' => [
        seabird(['photographer' => ['support' => 'tripod', 'aim' => 0.4]]),
        using('plus', ['start_at_m' => 45.0]),
        seabird(['photographer' => ['support' => 'handheld', 'aim' => 0.4]]),
        using('plus', ['start_at_m' => 45.0]),
        0.03,
    ],
    'a runner is lost by focus that locks once' => [
        runner(),
        using('block', $person),
        null,
        using('block', ['mode' => 'single'] + $person),
        0.25,
    ],
    'a body that decides for itself decides late' => [
        runner(),
        using('block', $person),
        null,
        using('block', ['mode' => 'auto-switch'] + $person),
        0.1,
    ],
    'following by hand is learned' => [$swimmer(0.9), byHand('follow', 20), $swimmer(0.1), byHand('follow', 20), 0.15],
    'whoever has not learned it leaves it to the body' => [
        $swimmer(0.2),
        using('block', ['start_at_m' => 20.0, 'detect' => 'bird', 'eye' => true]),
        null,
        byHand('follow', 20),
        0.3,
    ],
    'stopping down helps the hand that follows' => [
        $swimmer(0.5),
        byHand('follow', 20, ['aperture' => 11]),
        null,
        byHand('follow', 20, ['aperture' => 4]),
        0.04,
    ],
    'fast flight is too much for most hands' => [seabird(), using('block', $bird), null, byHand('follow', 42), 0.2],
    'stopping down widens the zone of a parked focus' => [
        $perches,
        byHand('park', 12.6, ['aperture' => 11]),
        null,
        byHand('park', 12.6, ['aperture' => 4]),
        0.02,
    ],
    'in open air the body does better than a parked focus' => [
        seabird([
            'path' => [
                'start_m' => 45.0,
                'heading_deg' => 10.0,
                'seconds' => 2.0,
                'notice_s' => 1.5,
                'repeats' => true,
            ],
        ]),
        using('block', $bird),
        null,
        byHand('park', 30),
        0.3,
    ],
    'what is plain is hard to focus on' => [
        seabird(['subject.contrast' => 0.8]),
        using('ring-small', ['start_at_m' => 45.0]),
        seabird(['subject.contrast' => 0.15]),
        using('ring-small', ['start_at_m' => 45.0]),
        0.05,
    ],
    'against the light there is less to focus on' => [
        seabird(['subject.contrast' => 0.4, 'scene' => $slope]),
        using('ring-small', ['start_at_m' => 45.0]),
        seabird(['subject.contrast' => 0.4, 'scene' => ['backlit' => true] + $slope]),
        using('ring-small', ['start_at_m' => 45.0]),
        0.02,
    ],
    'a player among players wants a small area' => [
        $crowd,
        using('ring-small', ['start_at_m' => 38.0], ['shutter_s' => 0.001]),
        null,
        using('block', ['start_at_m' => 38.0], ['shutter_s' => 0.001]),
        0.03,
    ],
    'stay carries a recognised runner past others' => [
        $passed(1.2),
        using('block', ['patience_s' => 0.6] + $person, ['shutter_s' => 1 / 2000]),
        null,
        using('block', ['patience_s' => 0.02] + $person, ['shutter_s' => 1 / 2000]),
        0.02,
    ],
    'the more pass in front, the fewer are kept' => [
        $passed(0.3),
        using('ring-small', ['start_at_m' => 38.0]),
        $passed(2.0),
        using('ring-small', ['start_at_m' => 38.0]),
        0.1,
    ],
    'quick is for those who aim well: a point that slips off wants patience' => [
        seabird(['scene' => $slope, 'photographer.aim' => 0.2]),
        using('point', ['patience_s' => 1.2, 'start_at_m' => 45.0]),
        null,
        using('point', ['patience_s' => 0.12, 'start_at_m' => 45.0]),
        0.02,
    ],
    'what dodges wants a quick prediction' => [
        hare(['subject.erratic' => 0.7]),
        using('ring-small', ['nimble' => 1.0, 'start_at_m' => 30.0]),
        null,
        using('ring-small', ['nimble' => 0.0, 'start_at_m' => 30.0]),
        0.02,
    ],
    'what dodges wants a larger area' => [
        hare(['subject.erratic' => 0.7]),
        using('ring-large', ['start_at_m' => 30.0]),
        null,
        using('point', ['start_at_m' => 30.0]),
        0.05,
    ],
    'what brakes outruns a steady prediction' => [
        $braking,
        using('block', ['nimble' => 1.0] + $person, ['shutter_s' => 1 / 1600, 'aperture' => 4], ['aim' => 'chest']),
        null,
        using('block', ['nimble' => 0.0] + $person, ['shutter_s' => 1 / 1600, 'aperture' => 4], ['aim' => 'chest']),
        0.05,
    ],
    'a pattern against plain sky is followed where a point slips' => [
        seabird(['subject.distinct' => 0.9, 'photographer.aim' => 0.3]),
        using('follow', ['start_at_m' => 45.0]),
        null,
        using('point', ['start_at_m' => 45.0]),
        0.1,
    ],
    'twigs take a pattern over' => [
        songbird(['scene' => []]),
        using('follow', ['start_at_m' => 15.0]),
        songbird(),
        using('follow', ['start_at_m' => 15.0]),
        0.1,
    ],
    'focus left near the camera blinds recognition' => [
        seabird([
            'scene' => $slope,
            'path' => ['start_m' => 25.0, 'heading_deg' => 40.0, 'seconds' => 1.5, 'notice_s' => 0.5],
        ]),
        using('block', ['start_at_m' => 25.0] + $bird),
        null,
        using('block', ['start_at_m' => 4.0] + $bird),
        0.05,
    ],
    'weak aim in clear sky leaves it to the whole frame' => [
        seabird(['scene.background_texture' => 0.0, 'photographer.aim' => 0.2]),
        using('whole', $bird),
        null,
        using('point', ['start_at_m' => 45.0]),
        0.2,
    ],
    'looking for vehicles finds no runner' => [
        runner(['scene' => ['background_m' => 50.0, 'background_texture' => 0.7]]),
        using('whole', $person, [], ['aim' => 'chest']),
        null,
        using('whole', ['detect' => 'vehicle'] + $person, [], ['aim' => 'chest']),
        0.1,
    ],
    'a speck is lost on what runs' => [
        $across(0.5),
        using('ring-small', ['start_at_m' => 25.0]),
        null,
        using('speck', ['start_at_m' => 25.0]),
        0.03,
    ],
    'what crosses wants a fast shutter' => [
        $across(0.3),
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 25.0]),
        null,
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 25.0], ['shutter_s' => 1 / 400]),
        0.25,
    ],
    'whoever pans well needs less of it' => [
        $across(0.95),
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 25.0], ['shutter_s' => 1 / 800]),
        $across(0.1),
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 25.0], ['shutter_s' => 1 / 800]),
        0.2,
    ],
    'the same speed towards the camera smears less' => [
        hare(['path' => ['start_m' => 30.0, 'heading_deg' => 5.0, 'seconds' => 1.0, 'notice_s' => 4.0]]),
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 30.0], ['shutter_s' => 1 / 800]),
        $across(0.3),
        using('block', ['detect' => 'animal', 'eye' => true, 'start_at_m' => 25.0], ['shutter_s' => 1 / 800]),
        0.1,
    ],
    'in the dark fewer are recognised and focused' => [
        seabird(),
        using('block', $bird),
        seabird(['light.ev100' => 1.0]),
        using('block', $bird),
        0.05,
    ],
    'a slow lens copes farther away' => [
        hare($slowLens + ['path' => ['start_m' => 60.0, 'heading_deg' => 5.0, 'seconds' => 2.0, 'notice_s' => 3.0]]),
        using('ring-small', ['start_at_m' => 60.0]),
        hare($slowLens + ['path' => ['start_m' => 30.0, 'heading_deg' => 3.0, 'seconds' => 2.0, 'notice_s' => 3.0]]),
        using('ring-small', ['start_at_m' => 30.0]),
        0.1,
    ],
    'warning is worth frames' => [
        seabird(['path' => ['start_m' => 40.0, 'heading_deg' => 15.0, 'seconds' => 1.5, 'notice_s' => 3.0]]),
        using('block', $bird),
        seabird(['path' => ['start_m' => 40.0, 'heading_deg' => 15.0, 'seconds' => 1.5, 'notice_s' => 0.0]]),
        using('block', $bird),
        0.05,
    ],
    'what rises wants a tall block' => [
        $rises(['aim' => 0.3]),
        using('column', ['start_at_m' => 25.0]),
        null,
        using('band', ['start_at_m' => 25.0]),
        0.03,
    ],
    'what glides across wants a wide one before a point' => [
        seabird([
            'subject' => [
                'length_m' => 0.95,
                'height_m' => 0.5,
                'depth_m' => 0.4,
                'aim_size_m' => 0.1,
                'speed_mps' => 14.0,
                'limb_speed_mps' => 3.0,
                'kind' => 'bird',
            ],
            'photographer' => ['aim' => 0.3],
            'path' => ['start_m' => 60.0, 'heading_deg' => 90.0, 'seconds' => 3.0, 'notice_s' => 4.0],
        ]),
        using('band', ['start_at_m' => 60.0]),
        null,
        using('point', ['start_at_m' => 60.0]),
        0.15,
    ],
    'the eye is found where the head would be too near' => [
        $perched,
        using('block', ['detect' => 'bird', 'eye' => true, 'start_at_m' => 7.0], ['aperture' => 4]),
        null,
        using('block', ['start_at_m' => 7.0], ['aperture' => 4]),
        0.3,
    ],
    'at thin depth a point beats whatever is nearest' => [
        $perched,
        using('point', ['start_at_m' => 7.0], ['aperture' => 4]),
        null,
        using('block', ['start_at_m' => 7.0], ['aperture' => 4]),
        0.3,
    ],
    'an extender asks more of everything' => [
        seabird(),
        using('block', $bird),
        seabird(['kit' => ['extender' => 2.0]]),
        using('block', $bird, ['aperture' => 8]),
        0.1,
    ],
    'wings want a faster shutter than the body' => [
        seabird([
            'subject.limb_speed_mps' => 15.0,
            'photographer.freeze' => 'limbs',
            'path' => ['start_m' => 30.0, 'heading_deg' => 60.0, 'seconds' => 1.5, 'notice_s' => 1.5],
        ]),
        using('block', $bird, ['shutter_s' => 1 / 4000]),
        null,
        using('block', $bird, ['shutter_s' => 1 / 1000]),
        0.2,
    ],
];

it('agrees with practice that', function (
    array $better,
    array $hold,
    ?array $worse,
    array $otherHold,
    float $gap,
): void {
    foreach ([1, 2] as $seed) {
        $more = play(Rushes::with($better), $hold, 300, $seed);
        $fewer = play(Rushes::with($worse ?? $better), $otherHold, 300, $seed);
        expect($more->keeperRate - $fewer->keeperRate)->toBeGreaterThanOrEqual(
            $gap,
            sprintf('%.3f against %.3f', $more->keeperRate, $fewer->keeperRate),
        );
    }
})->with($pairs);

it('has focus sooner', function (array $better, array $hold, array $otherHold, float $gapS): void {
    $sooner = play(Rushes::with($better), $hold, 300);
    $later = play(Rushes::with($better), $otherHold, 300);
    expect($later->firstKeeperS - $sooner->firstKeeperS)->toBeGreaterThanOrEqual($gapS);
})->with([
    'over a crest, when it lets go of the bank behind at once' => [
        hare([
            'scene' => ['background_m' => 35.0, 'background_texture' => 0.7],
            'path' => ['start_m' => 20.0, 'heading_deg' => 20.0, 'seconds' => 1.4, 'notice_s' => 0.0],
        ]),
        using('block', ['patience_s' => 0.02, 'start_at_m' => 35.0]),
        using('block', ['patience_s' => 1.2, 'start_at_m' => 35.0]),
        0.1,
    ],
    'from near where it comes' => [
        seabird(['path' => ['start_m' => 25.0, 'heading_deg' => 40.0, 'seconds' => 1.5, 'notice_s' => 0.5]]),
        using('block', ['start_at_m' => 25.0] + $bird),
        using('block', ['start_at_m' => 4.0] + $bird),
        0.1,
    ],
]);

it('has at least one frame more often', function (
    array $better,
    array $hold,
    ?array $worse,
    array $otherHold,
    float $gap,
): void {
    $more = play(Rushes::with($better), $hold, 400);
    $fewer = play(Rushes::with($worse ?? $better), $otherHold, 400);
    expect($more->anyKeeper - $fewer->anyKeeper)->toBeGreaterThanOrEqual($gap);
})->with([
    'with focus parked on its way, not behind it' => [$perches, byHand('park', 12.6), null, byHand('park', 20), 0.2],
    'with a pull by somebody who knows the ring blind' => [
        $startled(0.95),
        byHand('pull', 20),
        $startled(0.0),
        byHand('pull', 20),
        0.03,
    ],
]);
