<?php

declare(strict_types=1);

namespace RushHold\Motion;

use RushHold\Range;
use RushHold\Refused;

/**
 * The way a subject takes: from a point straight ahead of the camera along a straight line, a bend, or through
 * given points, level or climbing, with changes of speed.
 */
final readonly class Path
{
    private SpeedProfile $profile;

    /** @var list<array{float, float, float}> corner x, y and the way to it; empty unless the path is given by points */
    private array $corners;

    /** @var array{float, float, float, float} sine and cosine of heading and climb */
    private array $turn;

    /**
     * @param  float  $startM  distance at time 0, 0.2 to 3000 m
     * @param  float  $speedMps  speed at time 0, 0 to 120 m/s
     * @param  float  $headingDeg  0 straight at the camera, 90 across to the right, −90 to the left, 180 away
     * @param  float  $climbDeg  upward from level, −90 to 90
     * @param  float  $seconds  how long the rush lasts, 0.1 to 60 s
     * @param  list<SpeedChange>  $speedChanges
     * @param  float  $noticeS  warning before it starts, 0 to 600 s
     * @param  bool  $repeats  whether it takes this way again and again
     * @param  float|null  $bendRadiusM  radius of a steady bend: positive turns to the subject's right, null is
     *   straight
     * @param  list<array{float, float}>  $points  x and y in metres that the path goes through after the start; heading
     *   and bend are then not used
     *
     * @throws Refused if a value is out of range
     */
    public function __construct(
        public float $startM,
        public float $speedMps,
        public float $headingDeg = 0.0,
        public float $climbDeg = 0.0,
        public float $seconds = 2.5,
        public array $speedChanges = [],
        public float $noticeS = 2.0,
        public bool $repeats = false,
        public ?float $bendRadiusM = null,
        public array $points = [],
    ) {
        Range::of(0.2, 3000, 'm')->check('path.start_m', $startM);
        Range::of(0, 120, 'm/s')->check('subject.speed_mps', $speedMps);
        Range::of(-180, 180, 'degrees')->check('path.heading_deg', $headingDeg);
        Range::of(-90, 90, 'degrees')->check('path.climb_deg', $climbDeg);
        Range::of(0.1, 60, 's')->check('path.seconds', $seconds);
        Range::of(0, 600, 's')->check('path.notice_s', $noticeS);
        if ($bendRadiusM !== null) {
            Range::of(1, 10000, 'm')->check('path.bend_radius_m (without its sign)', abs($bendRadiusM));
        }
        $corners = [[0.0, $startM, 0.0]];
        foreach ($points as [$x, $y]) {
            Range::of(-3000, 3000, 'm')->check('path.points.across_m', $x);
            Range::of(0.2, 3000, 'm')->check('path.points.away_m', $y);
            [$px, $py, $way] = $corners[count($corners) - 1];
            $corners[] = [$x, $y, $way + hypot($x - $px, $y - $py)];
        }
        $this->corners = count($corners) > 1 ? $corners : [];
        $this->profile = new SpeedProfile($speedMps, $speedChanges);
        $this->turn = [
            sin(deg2rad($headingDeg)),
            cos(deg2rad($headingDeg)),
            sin(deg2rad($climbDeg)),
            cos(deg2rad($climbDeg)),
        ];
    }

    public function at(float $t): PathPoint
    {
        $speed = $this->profile->speedMps($t);
        [$x, $y, $dx, $dy] = $this->plan($this->profile->wayM($t) * $this->turn[3]);
        $z = $this->profile->wayM($t) * $this->turn[2];
        $vx = $speed * $dx * $this->turn[3];
        $vy = $speed * $dy * $this->turn[3];
        $vz = $speed * $this->turn[2];

        // Nothing passes through the camera: nearer than this it counts as being there.
        $distance = max(0.1, sqrt($x * $x + $y * $y + $z * $z));
        $closing = -($x * $vx + $y * $vy + $z * $vz) / $distance;
        $transverse = sqrt(max(0.0, $speed * $speed - $closing * $closing));
        $ground = max(1e-6, hypot($x, $y));
        $across = ($vx * $y - $vy * $x) / $ground;
        $up = ($vz * $ground) / $distance - (($z / $distance) * ($x * $vx + $y * $vy)) / $ground;

        return new PathPoint(
            $t,
            $x,
            $y,
            $z,
            $distance,
            $speed,
            $closing,
            $transverse,
            $transverse / $distance,
            $across,
            $up,
        );
    }

    /**
     * The path at $count moments, evenly from start to end.
     *
     * @return non-empty-list<PathPoint>
     */
    public function sampled(int $count): array
    {
        $points = [$this->at(0.0)];
        for ($i = 1; $i < $count; $i++) {
            $points[] = $this->at(($this->seconds * $i) / ($count - 1));
        }

        return $points;
    }

    /** The largest change of speed it makes, m/s²; 0 when steady. */
    public function hardestChangeMps2(): float
    {
        $hardest = 0.0;
        foreach ($this->speedChanges as $change) {
            if ($change->atS < $this->seconds) {
                $hardest = max(
                    $hardest,
                    abs($this->profile->accelerationMps2($change->atS + min(1e-4, $change->overS / 2))),
                );
            }
        }

        return $hardest;
    }

    /** The same way, beginning nearer or farther. */
    public function startingAt(float $startM): self
    {
        return new self(
            $startM,
            $this->speedMps,
            $this->headingDeg,
            $this->climbDeg,
            $this->seconds,
            $this->speedChanges,
            $this->noticeS,
            $this->repeats,
            $this->bendRadiusM,
            $this->points,
        );
    }

    /** The same path mirrored left to right. */
    public function mirrored(): self
    {
        return new self(
            $this->startM,
            $this->speedMps,
            -$this->headingDeg,
            $this->climbDeg,
            $this->seconds,
            $this->speedChanges,
            $this->noticeS,
            $this->repeats,
            $this->bendRadiusM === null ? null : -$this->bendRadiusM,
            array_map(static fn (array $p): array => [-$p[0], $p[1]], $this->points),
        );
    }

    /** @return array{float, float, float, float} x, y and the direction there after $way metres over the ground */
    private function plan(float $way): array
    {
        if ($this->corners !== []) {
            return $this->alongCorners($way);
        }
        [$sin, $cos] = $this->turn;
        if ($this->bendRadiusM === null) {
            return [$way * $sin, $this->startM - $way * $cos, $sin, -$cos];
        }
        // Seen from above with y away from the camera, turning to the subject's right runs clockwise.
        $radius = $this->bendRadiusM;
        $start = atan2(-$cos, $sin);
        $now = $start - $way / $radius;

        return [
            $radius * (sin($start) - sin($now)),
            $this->startM + $radius * (cos($now) - cos($start)),
            cos($now),
            sin($now),
        ];
    }

    /** @return array{float, float, float, float} */
    private function alongCorners(float $way): array
    {
        $last = count($this->corners) - 1;
        for ($i = 1; $i < $last && $this->corners[$i][2] < $way; $i++);
        [$x0, $y0, $w0] = $this->corners[$i - 1];
        [$x1, $y1, $w1] = $this->corners[$i];
        $length = max(1e-9, $w1 - $w0);
        $dx = ($x1 - $x0) / $length;
        $dy = ($y1 - $y0) / $length;

        return [$x0 + $dx * ($way - $w0), $y0 + $dy * ($way - $w0), $dx, $dy];
    }
}
