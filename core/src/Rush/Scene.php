<?php

declare(strict_types=1);

namespace RushHold\Rush;

use RushHold\Changeable;
use RushHold\Light\Surface;
use RushHold\Range;

/** What is in front of the subject, behind it and around it. */
final readonly class Scene
{
    use Changeable;

    /**
     * @param  float  $frontClutter  share of the frame in front of it covered by nearer things, 0 to 1
     * @param  float  $frontRatio  their distance as a share of the subject's, 0.05 to 0.99
     * @param  float  $obstaclesPerS  things that pass in front, 0 to 10 a second
     * @param  float  $obstacleS  how long each hides it, 0 to 5 s
     * @param  float  $backgroundM  distance of what is behind it, 0.5 to 10000 m
     * @param  float  $backgroundTexture  detail there that focus can catch on, 0 to 1
     * @param  float  $backgroundAlike  how much it looks like the subject, 0 to 1
     * @param  float  $wind  0 calm to 1 everything moves
     * @param  list<Hazard>  $hazards  what calls for a caution here
     */
    public function __construct(
        public float $frontClutter = 0.0,
        public float $frontRatio = 0.7,
        public float $obstaclesPerS = 0.0,
        public float $obstacleS = 0.3,
        public float $backgroundM = 200.0,
        public float $backgroundTexture = 0.2,
        public float $backgroundAlike = 0.1,
        public float $wind = 0.0,
        public bool $backlit = false,
        public Surface $surface = Surface::Grass,
        public float $lineHeightM = 1.5,
        public array $hazards = [],
    ) {
        Range::share()->check('scene.front_clutter', $frontClutter);
        Range::of(0.05, 0.99)->check('scene.front_ratio', $frontRatio);
        Range::of(0, 10, 'per second')->check('scene.obstacles_per_s', $obstaclesPerS);
        Range::of(0, 5, 's')->check('scene.obstacle_s', $obstacleS);
        Range::of(0.5, 10000, 'm')->check('scene.background_m', $backgroundM);
        Range::share()->check('scene.background_texture', $backgroundTexture);
        Range::share()->check('scene.background_alike', $backgroundAlike);
        Range::share()->check('scene.wind', $wind);
        Range::of(0.05, 200, 'm')->check('scene.line_height_m', $lineHeightM);
    }
}
