<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Blur\Verdict;
use RushHold\Hold\Hold;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/**
 * Plays one rush with one hold many times, one step for each focus cycle.
 *
 * In each step the aim wanders, the area sees the subject, something else or nothing by its own rule, that is measured
 * with scatter, a prediction takes the measurement or distrusts it, and the lens drives after the prediction. Frames
 * are judged by their total blur. All chance comes from lists made beforehand and depends on seed and run only, so
 * that two set-ups meet the same subject and the same hands.
 */
final class Simulator
{
    private const NOTHING = 0;

    private const AIM = 1;

    private const PART = 2;

    private const BACKGROUND = 3;

    private const NEARER = 4;

    /** @var array<string, Course> by all that a course depends on */
    private array $courses = [];

    /** @var array<int, Passage> by the steps before the first frame */
    private array $ways = [];

    public function __construct(private readonly Situation $situation)
    {
    }

    private function course(Hold $hold): Course
    {
        $range = $hold->range;
        $key = implode(' ', [$hold->area->value, $hold->detect->value, $hold->mode->value, $hold->aperture, $hold->shutterS, $hold->stabiliser->value,
            $hold->support->value, $hold->drive->value, $hold->startAtM, $range->nearM ?? '', $range->farM ?? '']);

        $lead = Course::lead($this->situation, $hold);
        $this->ways[$lead] ??= new Passage($this->situation, $lead);

        return $this->courses[$key] ??= new Course($this->situation, $hold, $this->ways[$lead], $this->situation->kit->body->areas[$hold->area->value]);
    }

    /** Steps of all the courses that are kept: what this takes in memory, at about 300 bytes each. */
    public function keptSteps(): int
    {
        return array_sum(array_map(static fn (Course $course): int => $course->steps, $this->courses));
    }

    /**
     * @param  int  $runs  1 to 100000
     * @param  int  $seed  any; the same seed gives the same outcome to the last bit
     * @param  int  $firstRun  where to go on when runs are added to earlier ones
     * @param  Trace|null  $trace  takes down what happens, step by step
     */
    public function run(Hold $hold, int $runs, int $seed, int $firstRun = 0, ?Trace $trace = null): Outcome
    {
        $s = $this->situation;
        $shape = $s->kit->body->areas[$hold->area->value];
        $course = $this->course($hold);
        $scene = $s->scene;
        $subject = $s->subject;
        $steps = $course->steps;
        $dt = $course->stepS;
        $mask = Noise::MASK;

        // What does not change within the loops, as plain variables.
        $way = $course->way;
        [$aim, $perMetre, $part, $background, $clutter] = [$way->aim, $way->perMetre, $way->part, $way->background, $way->clutter];
        [$missX, $missY, $trailX, $trailY, $first] = [$course->missX, $course->missY, $course->trailX, $course->trailY, $course->first];
        [$halfX, $halfY, $visible, $detects, $smear, $room] = [$way->halfX, $way->halfY, $course->visible, $course->detects, $course->smear, $course->room];
        [$scatter, $gate, $frames, $within, $crisper] = [$course->scatter, $course->gate, $course->frames, $course->within, $course->crisper];
        $still = $s->isStill();

        $areaX = $shape->width / 2;
        $areaY = $shape->height / 2;
        $block = $hold->area->picksForItself();
        $follows = $hold->area === Area::Follow;
        $helpers = in_array($hold->area, [Area::Plus, Area::RingSmall, Area::RingMedium, Area::RingLarge], true);
        $point = $s->kit->body->areas[Area::Point->value] ?? $shape;
        // Areas with helpers prefer their centre, which is as large as the single point.
        $coreX = $helpers ? min($areaX, $point->width / 2) : $areaX;
        $coreY = $helpers ? min($areaY, $point->height / 2) : $areaY;
        $detecting = $hold->detect !== Detection::Off && $shape->detects;
        $wrongKind = $detecting && $hold->detect !== $subject->kind;
        $aimPixels = $s->aimPixels;
        $eyeShare = $aimPixels ** 2 / ($aimPixels ** 2 + Parameters::EYE_HALF_PIXELS ** 2);
        // Recognised without its eye, focus is somewhere on head and shoulder.
        $detectedPart = $hold->eye && $shape->seesEyes ? 0.15 * (1 - $eyeShare) : Parameters::RECOGNISED_PART;
        $helperPart = Parameters::HELPER_PART;

        // Clutter within the area. A small area can be put through a gap when the subject keeps still.
        $gap = $still ? Parameters::GAP_FOUND + (1 - Parameters::GAP_FOUND) * 0.5 * (1 - $s->photographer->aim) : Parameters::GAP_MOVING;
        $covered = $scene->frontClutter * $gap;
        $patches = max(1.0, $shape->width * $shape->height / Parameters::PATCH);
        $moving = 1 + 0.5 * $scene->wind;
        $zClutter = Noise::quantile(min(1.0, 1 - (1 - min(0.999, $covered * $moving)) ** ($block ? $patches : sqrt($patches))));
        $zFrontOfAim = Noise::quantile(min(1.0, $scene->frontClutter * $gap));
        $zDetail = Noise::quantile($scene->backgroundTexture);
        $lostPerStep = $dt * (Parameters::PATTERN_LOST_PER_S * ($scene->backgroundAlike * (1 - $subject->distinct) + $scene->frontClutter ** Parameters::PATTERN_COVERED + 0.02));
        $foundPerStep = $dt * Parameters::PATTERN_FOUND_PER_S * $subject->distinct;
        $obstacles = $scene->obstaclesPerS;
        // A larger area meets what passes earlier and lets go of it later.
        $obstacleS = $scene->obstacleS * (1 + 0.5 * $shape->width);

        $auto = $hold->technique === Technique::Auto && $hold->mode !== FocusMode::Manual;
        $once = $hold->mode->locksOnce();
        $undecided = $hold->mode === FocusMode::AutoSwitch;
        $wait = $hold->patienceS;
        // Gains are given for 60 Hz; a faster cycle needs less each time.
        $rate = 60 * $dt;
        $gainX = 1 - (1 - Parameters::gain(Parameters::GAIN_POSITION, $hold->nimble)) ** $rate;
        $gainV = min(1.0, Parameters::gain(Parameters::GAIN_SPEED, $hold->nimble) * $rate * $rate);
        $patience = $detecting && ! $wrongKind ? $wait + Parameters::BLINK_S : -1.0;
        // Prediction works in metres, where steady movement is steady: from the front focal point a distance is f² ÷ focus
        // travel; from the lens, as everywhere else, it is longer by f.
        $square = $s->lens->focalMm ** 2 / 1000;
        $length = $s->lens->focalMm / 1000;
        $least = $square / 10000;
        $lead = $course->lead;
        $startled = $first[0] > 1e-4;
        $cluttered = $scene->frontClutter > 0;
        $fails = Parameters::DARK_FAILS * 2 ** (-max(-1.0, $s->lightMarginStops) / 2);
        $points = $s->kit->body->points;
        if ($points !== null) {
            // Points of one direction miss what has lines along their own axis only.
            $fails = 1 - (1 - min(1.0, $fails)) * (1 - Parameters::ONE_WAY_BLIND * $points->oneWayShare($shape, $hold->areaAt) * (1.2 - $subject->contrast));
        }
        [$reachX, $reachY] = $points === null ? [0.5, 0.5] : [$points->width / 2, $points->height / 2];
        $dim = $fails > 0.002;
        $coast = max(Parameters::COAST_S, $wait);
        $gainsX = $gainsV = [];
        for ($age = 0; $age < 64; $age++) {
            $last = $age === 63;
            $gainsX[] = max($gainX, $last ? 0.0 : (4 * $age + 2) / (($age + 1) * ($age + 2)));
            $gainsV[] = max($gainV, $last ? 0.0 : 6 / (($age + 1) * ($age + 2))) / $dt;
        }
        $drive = $course->driveMmPerStep;
        $near = $course->nearTravel;
        $far = $course->farTravel;
        $start = $course->startTravel;
        $held = $s->rush->path->noticeS < Thresholds::SURPRISE_S;
        $n = $hold->aperture;
        $perMm = 1000 / $n;
        $shake = $course->shakeUm;
        $limitSquare = (Verdict::KEEPER_LIMIT * $s->cocUm) ** 2;
        $airSquare = $course->airUm ** 2;
        $changeMps = Parameters::ERRATIC_SPEED * $subject->erratic * $s->rush->path->speedMps;
        $visibleLarge = $course->visibleLarge;
        $offX = $hold->areaAt[0];
        $offY = $hold->areaAt[1];
        $mirror = $s->kit->body->mirror;
        $fastest = Parameters::FASTEST_MPS;
        $delay = (int) round(Parameters::HAND_DELAY_S / $dt);
        $handScatter = $s->cocUm / $perMm * (Parameters::HAND_ERROR[0] + Parameters::HAND_ERROR[1] * (1 - $s->photographer->handFocus) ** 2);
        $pullFrom = $aim[$course->lead] * 0.9;
        $pullTo = max(0.0, ...$aim) * 1.15;
        $unpractised = 1 - $s->photographer->handFocus;
        $pullAfterS = Parameters::HAND_DELAY_S * (1 + Parameters::PULL_LATE * $unpractised);
        $pullS = max(0.3, 0.7 * $s->rush->path->seconds);
        $wrongWay = Parameters::WRONG_WAY * $unpractised;

        $aimNoise = Noise::smooth(1, Parameters::AIM_MEMORY_S, $dt);
        $aimSpeed = Noise::speed(1, Parameters::AIM_MEMORY_S, $dt);
        $patchNoise = Noise::smooth(2, Parameters::PATCH_MEMORY_S, $dt);
        $seenNoise = Noise::smooth(3, 0.4, $dt);
        $run = Noise::way(4, 0.5, $dt);
        $white = Noise::white(5);
        $even = Noise::even(6);

        $causes = array_fill_keys(array_map(static fn (LossCause $c): string => $c->value, LossCause::cases()), 0);
        $rates = [];
        $any = 0;
        $firstSum = 0.0;

        for ($r = $firstRun; $r < $firstRun + $runs; $r++) {
            // Six places in the lists, far from each other and different for each run.
            $h = ($seed * 7919 + $r * 104729 + 12345) & 0x7FFFFFFF;
            $o1 = ($h * 48271 + 11) & 0x7FFFFFFF;
            $o2 = ($o1 * 48271 + 11) & 0x7FFFFFFF;
            $o3 = ($o2 * 48271 + 11) & 0x7FFFFFFF;
            $o4 = ($o3 * 48271 + 11) & 0x7FFFFFFF;
            $o5 = ($o4 * 48271 + 11) & 0x7FFFFFFF;
            $o6 = ($o5 * 48271 + 11) & 0x7FFFFFFF;
            $o1 >>= 8;
            $o2 >>= 8;
            $o3 >>= 8;
            $o4 >>= 8;
            $o5 >>= 8;
            $o6 >>= 8;

            $lens = $start;
            $x = $square / ($start > $least ? $start : $least);
            $v = 0.0;
            $age = $held ? 30 : 0;
            $locked = $held;
            $since = 0.0;
            $blind = 0.0;
            $commit = 0.0;
            $detectedAt = -9.0;
            // Until then a distance once found is kept.
            $freezes = $once ? INF : ($undecided ? Parameters::SWITCH_S[0] + (Parameters::SWITCH_S[1] - Parameters::SWITCH_S[0]) * $even[$o5 & $mask] : -INF);
            $hunting = false;
            $direction = $start > ($near + $far) / 2 ? -1.0 : 1.0;
            $pattern = true;
            $caught = false;
            $slow = false;
            $kept = 0;
            $taken = 0;
            $firstAt = -1.0;
            $draw = $o6;
            $obstacleFrom = $obstacles > 0 ? -$lead * $dt - log(1e-9 + $even[$draw & $mask]) / $obstacles : INF;
            $wayFrom = $run[$o4 & $mask];
            $seen = self::NOTHING;

            for ($k = 0; $k < $steps; $k++) {
                $t = ($k - $lead) * $dt;
                $on = $aim[$k];
                if ($changeMps > 0) {
                    $on += $perMetre[$k] * $changeMps * ($run[($o4 + $k) & $mask] - $wayFrom);
                }
                $ex = $trailX[$k] + $missX[$k] * $aimNoise[($o1 + $k) & $mask];
                $ey = $trailY[$k] + $missY[$k] * $aimNoise[($o2 + $k) & $mask];
                if ($startled) {
                    $ex += $first[$k] * $white[$o1 & $mask];
                    $ey += $first[$k] * $white[$o2 & $mask];
                }
                $dx = $ex < 0 ? -$ex : $ex;
                $dy = $ey < 0 ? -$ey : $ey;

                $blocked = false;
                if ($t >= $obstacleFrom) {
                    if ($t < $obstacleFrom + $obstacleS) {
                        $blocked = true;
                    } else {
                        $draw++;
                        $obstacleFrom = $t - log(1e-9 + $even[$draw & $mask]) / $obstacles;
                    }
                }

                // Frames, with the lens where the step before has brought it.
                for ($i = $frames[$k]; $i > 0; $i--) {
                    $taken++;
                    $miss = $lens > $on ? $lens - $on : $on - $lens;
                    $defocus = $miss * $perMm;
                    $body = $smear[$k] * $aimSpeed[($o1 + $k) & $mask];
                    $hand = $shake * $aimSpeed[($o2 + $k) & $mask];
                    $rest = $room[$k];
                    $hidden = $blocked || $cluttered && $patchNoise[($o4 + $k) & $mask] < $zFrontOfAim;
                    // The aim part stands where the area is, less the miss.
                    $inside = $offX - $ex < 0.5 && $offX - $ex > -0.5 && $offY - $ey < 0.5 && $offY - $ey > -0.5;
                    if ($inside && ! $hidden && $defocus * $defocus + $body * $body + $hand * $hand <= $rest) {
                        $kept++;
                        if ($firstAt < 0) {
                            $firstAt = $t;
                        }
                        $trace?->frame($t, $square / $on + $length, $square / ($lens > $least ? $lens : $least) + $length, null, sqrt($defocus * $defocus + $body * $body + $hand * $hand + $limitSquare - $rest));

                        continue;
                    }
                    $cause = match (true) {
                        ! $inside => LossCause::OutOfFrame,
                        $hidden => LossCause::Hidden,
                        // Focus alone would have done.
                        $defocus * $defocus <= 0.5 * ($rest > 0 ? $rest : 0.0) || $rest <= 0 => $body * $body > $hand * $hand
                            ? ($body * $body > $airSquare ? LossCause::SubjectSmear : LossCause::Air)
                            : ($hand * $hand > $airSquare ? LossCause::Shake : LossCause::Air),
                        ! $auto => LossCause::TooLittleDepth,
                        ! $caught => $hunting ? LossCause::Hunting : LossCause::NotCaught,
                        $hunting => LossCause::Hunting,
                        $seen === self::BACKGROUND => LossCause::Background,
                        $seen === self::NEARER => LossCause::Nearer,
                        $seen === self::PART && $lens > $on && $miss < 1.6 * $within[$k] * $part[$k] => LossCause::NearerPart,
                        $slow => LossCause::LensTooSlow,
                        $defocus * $defocus < 2.25 * $rest => LossCause::TooLittleDepth,
                        // Travel grows as the subject closes.
                        ($on > $lens) === ($aim[$k] >= $aim[max(0, $k - 1)]) => LossCause::Lagging,
                        default => LossCause::Leading,
                    };
                    $causes[$cause->value]++;
                    $trace?->frame($t, $square / $on + $length, $square / ($lens > $least ? $lens : $least) + $length, $cause, sqrt($defocus * $defocus + $body * $body + $hand * $hand + $limitSquare - $rest));
                }

                if ($auto) {
                    // What the area sees.
                    $before = $seen;
                    $seen = self::NOTHING;
                    $at = 0.0;
                    $touches = $dx < $halfX[$k] + $areaX && $dy < $halfY[$k] + $areaY;
                    $patch = $cluttered && $patchNoise[($o3 + $k) & $mask] < $zClutter;
                    if ($follows) {
                        if ($pattern) {
                            $chance = $blocked ? 4 * $dt : $lostPerStep;
                            $pattern = $even[($o5 + $k) & $mask] > $chance;
                        } elseif ($dx < $halfX[$k] + $areaX && $dy < $halfY[$k] + $areaY && ! $blocked) {
                            $pattern = $even[($o5 + $k) & $mask] < $foundPerStep;
                        }
                        if ($pattern && ! $blocked && $dx < $reachX && $dy < $reachY) {
                            $seen = self::PART;
                            $at = $on + Parameters::PATTERN_PART * $part[$k];
                        } elseif ($blocked || $patch) {
                            $seen = self::NEARER;
                        } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                            $seen = self::BACKGROUND;
                        }
                    } elseif ($detecting && ! $blocked && $touches && $seenNoise[($o6 + $k) & $mask] < $detects[$k]
                        && ($lens > $on ? $lens - $on : $on - $lens) < $visible[$k]) {
                        $seen = self::AIM;
                        $at = $on + $detectedPart * $part[$k];
                        $detectedAt = $t;
                    } elseif ($t - $detectedAt < $patience) {
                        // It blinked; the body waits for it.
                        $seen = self::NOTHING;
                    } elseif ($blocked || $patch) {
                        $seen = self::NEARER;
                    } elseif ($block) {
                        if ($touches) {
                            if ($patchNoise[($o5 + $k) & $mask] < $crisper[$k]) {
                                $seen = self::BACKGROUND;
                            } else {
                                $seen = self::PART;
                                $at = $on + $within[$k] * $part[$k];
                            }
                        } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                            $seen = self::BACKGROUND;
                        }
                    } elseif ($dx < 0.85 * $halfX[$k] + $coreX && $dy < 0.85 * $halfY[$k] + $coreY) {
                        $seen = self::AIM;
                        $at = $on;
                    } elseif ($touches) {
                        $seen = self::PART;
                        $at = $on + $helperPart * $within[$k] * $part[$k];
                    } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                        $seen = self::BACKGROUND;
                    }
                    // Too far out of focus to be seen.
                    if ($seen === self::AIM || $seen === self::PART) {
                        if (($lens > $at ? $lens - $at : $at - $lens) > $visible[$k]) {
                            $seen = self::NOTHING;
                        }
                    } elseif ($seen !== self::NOTHING) {
                        $at = $seen === self::BACKGROUND ? $background[$k] : $clutter[$k];
                        if (($lens > $at ? $lens - $at : $at - $lens) > $visibleLarge) {
                            $seen = self::NOTHING;
                        }
                    }
                    if ($mirror && $frames[$k] > 0 || $dim && $even[($o4 + $k) & $mask] < $fails) {
                        // The mirror is up, or it was too dark for this one; nothing is measured.
                        $seen = self::NOTHING;
                    }

                    // What the body makes of it.
                    if ($locked && $t < $freezes) {
                        $target = $square / $x;
                    } elseif ($seen !== self::NOTHING) {
                        $z = $at + $scatter[$k] * $white[($o2 + $k) & $mask];
                        $z = $square / ($z > $least ? $z : $least);
                        $blind = 0.0;
                        $hunting = false;
                        if (! $locked) {
                            $locked = true;
                            $age = 0;
                            $x = $z;
                            $v = 0.0;
                            $since = 0.0;
                            $commit = Parameters::COMMIT_S;
                        } else {
                            $x += $v * $dt;
                            $x = $x > 0.1 ? $x : 0.1;
                            $off = $z - $x;
                            $fits = $gate[$k] * $x * $x / $square;
                            if ($off < $fits && $off > -$fits) {
                                $age++;
                                // A young track takes each measurement for more, as long as it has few.
                                $young = $age < 64 ? $age : 63;
                                $x += $gainsX[$young] * $off;
                                $v += $gainsV[$young] * $off;
                                $v = $v > $fastest ? $fastest : ($v < -$fastest ? -$fastest : $v);
                                $since = 0.0;
                            } else {
                                $since += $dt;
                                if ($since > $wait) {
                                    $x = $z;
                                    $v = 0.0;
                                    $age = 0;
                                    $since = 0.0;
                                    $commit = Parameters::COMMIT_S;
                                }
                            }
                        }
                        if ($seen === self::AIM || $seen === self::PART) {
                            $caught = true;
                        }
                        $target = $square / ($x + $v * $dt > 0.1 ? $x + $v * $dt : 0.1);
                    } else {
                        $seen = $locked ? $before : $seen;
                        if ($blind < $coast) {
                            $x += $v * $dt;
                            $x = $x > 0.1 ? $x : 0.1;
                        }
                        $blind += $dt;
                        if ($blind > ($locked ? Parameters::HUNT_AFTER_S : Parameters::LOOK_S)) {
                            $hunting = true;
                            $locked = false;
                        }
                        $target = $square / $x;
                        if ($hunting) {
                            $target = $lens + $direction * $drive;
                            if ($target >= $near) {
                                $target = $near;
                                $direction = -1.0;
                            } elseif ($target <= $far) {
                                $target = $far;
                                $direction = 1.0;
                            }
                            $x = $square / ($target > $least ? $target : $least);
                            $v = 0.0;
                        }
                    }
                    if ($commit > 0) {
                        $commit -= $dt;
                        $target = $hunting ? $target : $lens;
                    }
                    $target = $target > $near ? $near : ($target < $far ? $far : $target);
                    $go = $target - $lens;
                    $slow = $go > $drive || $go < -$drive;
                    $lens += $go > $drive ? $drive : ($go < -$drive ? -$drive : $go);
                } elseif ($hold->technique === Technique::Follow) {
                    $caught = true;
                    $to = $aim[$k > $delay ? $k - $delay : 0] + $handScatter * $seenNoise[($o5 + $k) & $mask];
                    // Practice foresees the way, so that part of the delay is made up for.
                    $to += $s->photographer->handFocus * ($aim[$k] - $aim[$k > $delay ? $k - $delay : 0]);
                    $lens = $to;
                } elseif ($hold->technique === Technique::Pull) {
                    $caught = true;
                    $turned = max(0.0, $t - $pullAfterS * (0.5 + $even[$o5 & $mask]));
                    if ($even[$o6 & $mask] < $wrongWay) {
                        // Away from the subject first, then back.
                        $turned = abs($turned - Parameters::WRONG_WAY_S) - Parameters::WRONG_WAY_S;
                    }
                    $lens = max(0.0, $pullFrom + ($pullTo - $pullFrom) * min(1.0, $turned / $pullS));
                } else {
                    $caught = true;
                }

                if ($trace !== null && $t >= 0) {
                    $trace->step($t, $square / $on + $length, $square / ($lens > $least ? $lens : $least) + $length, $ex, $ey, $seen, $blocked);
                }
            }
            $rates[] = $kept / max(1, $taken);
            $any += $kept > 0 ? 1 : 0;
            $firstSum += $firstAt < 0 ? $s->rush->path->seconds : $firstAt;
        }

        $total = max(1, $runs * $course->frameCount);
        $losses = array_filter(array_map(static fn (int $n): float => $n / $total, $causes));
        arsort($losses);

        return Outcome::of($course->frameCount, $rates, $any / max(1, $runs), $firstSum / max(1, $runs), $losses);
    }
}
