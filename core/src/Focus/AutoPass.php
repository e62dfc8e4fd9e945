<?php

declare(strict_types=1);

namespace RushHold\Focus;

use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/**
 * Plays runs with autofocus. This is the inner loop of the whole product, flat and long for speed: all that does not
 * change within it lies in plain variables, and what a step does is written out where it happens. The steps are
 * numbered; the tests have a plain version of each and play both against each other.
 */
final readonly class AutoPass
{
    private Seeing $seeing;

    private Tracking $tracking;

    private Judging $judging;

    public function __construct(private Situation $s, private Hold $hold, private FocusCycles $course)
    {
        $this->seeing = new Seeing($s, $hold, $course);
        $this->tracking = new Tracking($s, $hold, $course);
        $this->judging = new Judging($s, $hold, $course);
    }

    public function play(int $firstRun, int $runs, int $seed, Tally $tally, ?Trace $trace): void
    {
        [$s, $course, $way] = [$this->s, $this->course, $this->course->way];
        [$seeing, $tracking, $judging] = [$this->seeing, $this->tracking, $this->judging];
        [$steps, $dt, $lead, $mask] = [$course->steps, $course->stepS, $course->lead, Noise::MASK];

        [$aim, $perMetre, $part, $background, $clutter] = [
            $way->aim,
            $way->perMetre,
            $way->part,
            $way->background,
            $way->clutter,
        ];
        [$missX, $missY, $trailX, $trailY, $first] = [
            $course->missX,
            $course->missY,
            $course->trailX,
            $course->trailY,
            $course->first,
        ];
        [$groupNear, $groupFar, $eyes, $swingM, $readyS] = [
            $way->groupNear,
            $way->groupFar,
            $course->eyes,
            $course->swingM,
            $course->readyS,
        ];
        $grouped = (int) ($s->rush->group !== []);
        [$zTurned, $zLapse, $bent, $aimHalf] = [$course->zTurned, $course->zLapse, $course->bent, $seeing->aimHalf];
        // Found once, it stays off by what it was off then.
        [$own, $anew, $once, $recheckS] = [
            $course->ownMm,
            $tracking->once ? 0 : 1,
            (int) $tracking->once,
            $course->recheckS,
        ];
        [$halfX, $halfY, $visible, $detects, $smear, $room] = [
            $way->halfX,
            $way->halfY,
            $course->visible,
            $course->detects,
            $course->smear,
            $course->room,
        ];
        [$scatter, $gate, $frames, $within, $crisper] = [
            $course->scatter,
            $course->gate,
            $course->frames,
            $course->within,
            $course->crisper,
        ];

        [$areaX, $areaY, $coreX, $coreY, $reachX, $reachY] = [
            $seeing->areaX,
            $seeing->areaY,
            $seeing->coreX,
            $seeing->coreY,
            $seeing->reachX,
            $seeing->reachY,
        ];
        // Yes and no are 1 and 0 here: PHP's compiler takes true and false for two types, and makes its code anew for
        // each pattern of them until it has room for no more.
        [$block, $follows, $detecting, $mirror, $cluttered] = array_map(intval(...), [
            $seeing->block,
            $seeing->follows,
            $seeing->detecting,
            $seeing->mirror,
            $seeing->cluttered,
        ]);
        [$zClutter, $zDetail, $lostPerStep, $foundPerStep, $blink] = [
            $seeing->zClutter,
            $seeing->zDetail,
            $seeing->lostPerStep,
            $seeing->foundPerStep,
            $seeing->blinkS,
        ];
        [$fails, $failsAtAll, $recognisedPart, $helperPart] = [
            $seeing->fails,
            (int) $seeing->failsAtAll,
            Parameters::RECOGNISED_PART,
            Parameters::HELPER_PART,
        ];
        $underArea = Parameters::UNDER_AREA;
        [$rivals, $zRival, $alike] = [(int) $seeing->rivals, $seeing->zRival, (int) $seeing->alike];
        [$crossings, $crossingS, $visibleLarge, $visibleBack] = [
            $seeing->crossingsPerS,
            $seeing->crossingS,
            $course->visibleLarge,
            $course->visibleBack,
        ];

        [$square, $length, $least, $gainsX, $gainsV] = [
            $tracking->square,
            $tracking->lengthM,
            $tracking->least,
            $tracking->gainsX,
            $tracking->gainsV,
        ];
        [$wait, $coast, $old, $fastest] = [$tracking->waitS, $tracking->coastS, Tracking::OLD, Parameters::FASTEST_MPS];
        [$drive, $near, $far, $start] = [
            $course->driveMmPerStep,
            $course->nearTravel,
            $course->farTravel,
            $course->startTravel,
        ];

        [$perMm, $shake, $limitSquare, $zHidden, $airSquare] = [
            $judging->perMm,
            $course->shakeUm,
            $judging->limitSquare,
            $judging->zHidden,
            $judging->airSquare,
        ];
        [$offX, $offY] = $this->hold->areaAt;
        $startled = (int) ($first[0] > 1e-4);
        $setError = $course->setError;
        [$sooner, $strays, $behind] = [$course->soonerS, $course->strays, $background[0]];
        $changeMps = Parameters::ERRATIC_SPEED * $s->subject->erratic * $s->rush->path->speedMps;

        $aimNoise = Noise::straying(1, Parameters::AIM_MEMORY_S, $dt);
        $swingNoise = Noise::smooth(7, Parameters::SWING_MEMORY_S, $dt);
        $airNoise = Noise::lucky(8, 2 * Parameters::AIR_SPREAD);
        $aimSpeed = Noise::speed(1, Parameters::AIM_MEMORY_S, $dt);
        $patchNoise = Noise::smooth(2, Parameters::PATCH_MEMORY_S, $dt);
        $seenNoise = Noise::smooth(3, Parameters::SEEN_MEMORY_S, $dt);
        $run = Noise::way(4, Parameters::WAY_MEMORY_S, $dt);
        $white = Noise::white(5);
        $tailed = Noise::tailed(10, $s->isStill() ? 0.0 : Parameters::UNEXPLAINED, Parameters::UNEXPLAINED_TIMES);
        $even = Noise::even(6);
        // Constants of other classes are looked up anew wherever they stand, which takes a tenth of the time of a step.
        [$onNothing, $onAim, $onPart, $onBackground, $onNearer] = [
            AreaView::NOTHING,
            AreaView::AIM,
            AreaView::PART,
            AreaView::BACKGROUND,
            AreaView::NEARER,
        ];
        [$blackoutS, $patternPart, $recognisedBlur, $rivalHeldS] = [
            Parameters::BLACKOUT_S,
            Parameters::PATTERN_PART,
            Parameters::RECOGNISED_BLUR,
            Parameters::RIVAL_HELD_S,
        ];
        [$youngCycles, $youngGate, $commitS, $jumpS] = [
            Parameters::YOUNG_CYCLES,
            Parameters::YOUNG_GATE,
            Parameters::COMMIT_S,
            Parameters::JUMP_S,
        ];
        [$huntAfterS, $lookS] = [Parameters::HUNT_AFTER_S, Parameters::LOOK_S];

        $causes = LossCause::cases();
        $lost = array_fill(0, count($causes), 0);
        $number = static fn (LossCause $cause): int => (int) array_search($cause, $causes, true);
        [$outOfFrame, $hiddenBy, $turnedAway, $bentBy, $othersOut] = array_map($number, [
            LossCause::OutOfFrame,
            LossCause::Hidden,
            LossCause::TurnedAway,
            LossCause::Bent,
            LossCause::OthersOut,
        ]);
        [$byAir, $bySubject, $byShake, $byOwnScatter] = array_map($number, [
            LossCause::Air,
            LossCause::SubjectSmear,
            LossCause::Shake,
            LossCause::OwnScatter,
        ]);
        [$byHunting, $notCaught, $byBackground, $byNearer, $byNearerPart] = array_map($number, [
            LossCause::Hunting,
            LossCause::NotCaught,
            LossCause::Background,
            LossCause::Nearer,
            LossCause::NearerPart,
        ]);
        [$tooSlow, $littleDepth, $lagging, $leading] = array_map($number, [
            LossCause::LensTooSlow,
            LossCause::TooLittleDepth,
            LossCause::Lagging,
            LossCause::Leading,
        ]);
        [$focusAlone, $nearly, $onItsPart] = [Judging::FOCUS_ALONE, Judging::NEARLY, Judging::ON_PART];

        for ($r = $firstRun; $r < $firstRun + $runs; $r++) {
            [$o1, $o2, $o3, $o4, $o5, $o6] = Chances::places($seed, $r);
            // The distance it stands at was set by somebody.
            $lens = $start * (1 + $setError * $white[$o6 & $mask]);
            if ($strays > 0 && $even[($o1 + 1) & $mask] < $strays) {
                // What focuses all the time has gone to what was there before.
                $lens = $behind;
            }
            $lens = $lens > $near ? $near : ($lens < $far ? $far : $lens);
            $x = $square / ($lens > $least ? $lens : $least);
            $v = 0.0;
            $age = $tracking->age;
            $locked = (int) $tracking->held;
            $since = 0.0;
            $blind = 0.0;
            $commit = 0.0;
            // What it sat on before the subject came was never wrong; going off that costs no more than catching does.
            $jump = $tracking->held ? $commitS : $jumpS;
            $detectedAt = -9.0;
            // Until then a distance once found is kept.
            $freezes = $tracking->once
                ? INF
                : ($tracking->undecided
                    ? Parameters::SWITCH_S[0] + (Parameters::SWITCH_S[1] - Parameters::SWITCH_S[0]) * $even[$o5 & $mask]
                    : -INF);
            $hunting = 0;
            $direction = $start > ($near + $far) / 2 ? -1.0 : 1.0;
            $pattern = 1;
            $caught = 0;
            $measured = 0;
            $recheck = INF;
            $slow = 0;
            $kept = 0;
            $taken = 0;
            $firstAt = -1.0;
            $draw = $o6;
            $obstacleFrom = $crossings > 0 ? -$lead * $dt - log(1e-9 + $even[$draw & $mask]) / $crossings : INF;
            $wayFrom = $run[$o4 & $mask];
            $seen = $onNothing;
            $day = exp(Parameters::DAY * $white[$o5 & $mask]);
            $ready = -$lead * $dt - $readyS * log(1e-9 + $even[$o3 & $mask]) - $sooner;
            $rival = $even[$o1 & $mask] < 0.5 ? $way->rivalNear : $way->rivalFar;
            $rivalSeen = $rival === $way->rivalNear ? $onNearer : $onBackground;
            $rivalUntil = -9.0;
            $darkUntil = -9.0;

            for ($k = 0; $k < $steps; $k++) {
                // 1. Where the subject is, and how far the aim is off it.
                $t = ($k - $lead) * $dt;
                $on = $aim[$k] + $perMetre[$k] * $swingM * $swingNoise[($o5 + $k) & $mask];
                if ($changeMps > 0) {
                    $on += $perMetre[$k] * $changeMps * ($run[($o4 + $k) & $mask] - $wayFrom);
                }
                $ex = $day * ($trailX[$k] + $missX[$k] * $aimNoise[($o1 + $k) & $mask]);
                $ey = $day * ($trailY[$k] + $missY[$k] * $aimNoise[($o2 + $k) & $mask]);
                if ($startled) {
                    $ex += $first[$k] * $white[$o1 & $mask];
                    $ey += $first[$k] * $white[$o2 & $mask];
                }
                $dx = $ex < 0 ? -$ex : $ex;
                $dy = $ey < 0 ? -$ey : $ey;

                // 2. What crosses in front.
                $blocked = 0;
                if ($t >= $obstacleFrom) {
                    if ($t < $obstacleFrom + $crossingS) {
                        $blocked = 1;
                    } else {
                        $draw++;
                        $obstacleFrom = $t - log(1e-9 + $even[$draw & $mask]) / $crossings;
                    }
                }

                // 3. Frames are judged, with the lens where the step before has brought it.
                // Those of one step come out alike.
                $many = $frames[$k];
                if ($many > 0) {
                    if ($mirror) {
                        $darkUntil = $t + $blackoutS;
                    }
                    $taken += $many;
                    $at = $caught ? $lens + $own * $tailed[($o6 + $anew * $k) & $mask] : $lens;
                    $off = $at - $on;
                    if ($grouped) {
                        // The one that is farthest from the plane of focus counts.
                        $off =
                            $off > ($groupNear[$k] + $groupFar[$k]) / 2 ? $off - $groupFar[$k] : $off - $groupNear[$k];
                    }
                    $defocus = ($off > 0 ? $off : -$off) * $perMm;
                    $body = $smear[$k] * $aimSpeed[($o1 + $k) & $mask];
                    $hand = $shake * $aimSpeed[($o2 + $k) & $mask];
                    $rest = $room[$k] - $airSquare * $airNoise[($o3 + $k) & $mask];
                    $hidden = $blocked || ($cluttered && $patchNoise[($o4 + $k) & $mask] < $zHidden) ? 1 : 0;
                    // The aim part stands where the area is, less the miss.
                    $inside =
                        $offX - $ex < 0.5 && $offX - $ex > -0.5 && $offY - $ey < 0.5 && $offY - $ey > -0.5 ? 1 : 0;
                    $turned = $seenNoise[($o3 + $k) & $mask] < $zTurned ? 1 : 0;
                    $lostBy = -1;
                    $smeared = $body * $body + $hand * $hand;
                    $unsharp = $defocus * $defocus;
                    if (
                        $inside &&
                        ! $hidden &&
                        ! $turned &&
                        $even[($o3 + $k) & $mask] >= $bent &&
                        $unsharp + $smeared <= $rest
                    ) {
                        $kept += $many;
                        if ($firstAt < 0) {
                            $firstAt = $t;
                        }
                    } else {
                        // Why: first what `Judging` has for a hand on the ring as well, then what focus was at.
                        $left = $rest - $smeared;
                        if (! $inside) {
                            $lostBy = $outOfFrame;
                        } elseif ($hidden) {
                            $lostBy = $hiddenBy;
                        } elseif ($turned) {
                            $lostBy = $turnedAway;
                        } elseif ($unsharp <= $left) {
                            $lostBy = $bentBy;
                        } elseif ($rest <= 0 || $unsharp <= $focusAlone * $rest) {
                            $lostBy =
                                $body * $body <= $airSquare && $hand * $hand <= $airSquare
                                    ? $byAir
                                    : ($body * $body > $hand * $hand
                                        ? $bySubject
                                        : $byShake);
                        } elseif ($grouped && ($at - $on) * ($at - $on) * $perMm * $perMm <= $left) {
                            $lostBy = $othersOut;
                        } else {
                            $meant = $lens - $on;
                            if ($grouped) {
                                $meant =
                                    $meant > ($groupNear[$k] + $groupFar[$k]) / 2
                                        ? $meant - $groupFar[$k]
                                        : $meant - $groupNear[$k];
                            }
                            $past = $lens > $on ? $lens - $on : $on - $lens;
                            if ($meant * $meant * $perMm * $perMm <= $left) {
                                $lostBy = $byOwnScatter;
                            } elseif ($hunting) {
                                $lostBy = $byHunting;
                            } elseif (! $caught) {
                                $lostBy = $notCaught;
                            } elseif ($seen === $onBackground) {
                                $lostBy = $byBackground;
                            } elseif ($seen === $onNearer) {
                                $lostBy = $byNearer;
                            } elseif (
                                $seen === $onPart &&
                                $lens > $on &&
                                $past < $onItsPart * $within[$k] * $part[$k]
                            ) {
                                $lostBy = $byNearerPart;
                            } elseif ($slow) {
                                $lostBy = $tooSlow;
                            } elseif ($unsharp < $nearly * $rest) {
                                $lostBy = $littleDepth;
                            } else {
                                // Travel grows as the subject closes.
                                $lostBy = $on > $lens === $aim[$k] >= $aim[$k - 1] ? $lagging : $leading;
                            }
                        }
                        $lost[$lostBy] += $many;
                    }
                    $trace?->frame(
                        new Exposed(
                            $t,
                            $square / $on + $length,
                            $square / ($at > $least ? $at : $least) + $length,
                            $defocus,
                            $body,
                            $hand,
                            sqrt($airSquare * $airNoise[($o3 + $k) & $mask]),
                            sqrt($defocus * $defocus + $body * $body + $hand * $hand + $limitSquare - $rest),
                            $ex,
                            $ey,
                            $lostBy < 0 ? null : $causes[$lostBy],
                            $many,
                        ),
                    );
                }

                // Until finger and eye are there, nothing is measured; what is let go is caught anew.
                if ($t < $ready || $seenNoise[($o2 + $k) & $mask] < $zLapse) {
                    $locked = $t < $ready ? $locked : 0;
                    if ($trace !== null && $t >= 0) {
                        $trace->step(
                            $t,
                            $square / $on + $length,
                            $square / ($lens > $least ? $lens : $least) + $length,
                            $ex,
                            $ey,
                            $onNothing,
                            $blocked === 1,
                        );
                    }

                    continue;
                }

                // 4. What the area sees.
                $before = $seen;
                $seen = $onNothing;
                $at = 0.0;
                $touches = $dx < $halfX[$k] + $areaX && $dy < $halfY[$k] + $areaY ? 1 : 0;
                $patch = $cluttered && $patchNoise[($o3 + $k) & $mask] < $zClutter ? 1 : 0;
                if ($follows) {
                    if ($pattern) {
                        $chance = $blocked ? 4 * $dt : $lostPerStep;
                        $pattern = $even[($o5 + $k) & $mask] > $chance ? 1 : 0;
                    } elseif ($dx < $halfX[$k] + $areaX && $dy < $halfY[$k] + $areaY && ! $blocked) {
                        $pattern = $even[($o5 + $k) & $mask] < $foundPerStep ? 1 : 0;
                    }
                    if ($pattern && ! $blocked && $dx < $reachX && $dy < $reachY) {
                        $seen = $onPart;
                        $at = $on + $patternPart * $part[$k];
                    } elseif ($blocked || $patch) {
                        $seen = $onNearer;
                    } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                        $seen = $onBackground;
                    }
                } elseif ($t < $rivalUntil || ($rivals && ! $blocked && $seenNoise[($o4 + $k) & $mask] < $zRival)) {
                    // Another of its kind.
                    $seen = $rivalSeen;
                    $at = $rival[$k];
                } elseif (
                    $detecting &&
                    ! $blocked &&
                    $touches &&
                    $seenNoise[($o6 + $k) & $mask] < $detects[$k] &&
                    ($lens > $on ? $lens - $on : $on - $lens) < $recognisedBlur * $visible[$k]
                ) {
                    $seen = $onAim;
                    $at = $patchNoise[($o5 + $k) & $mask] < $eyes[$k] ? $on : $on + $recognisedPart * $part[$k];
                    $detectedAt = $t;
                } elseif ($t - $detectedAt < $blink) {
                    // It blinked; the body waits for it.
                    $seen = $onNothing;
                } elseif ($blocked || $patch) {
                    $seen = $onNearer;
                } elseif ($block) {
                    if ($touches) {
                        if ($patchNoise[($o5 + $k) & $mask] < $crisper[$k] && $lens - $background[$k] < $visibleBack) {
                            $seen = $onBackground;
                        } else {
                            $seen = $onPart;
                            $at = $on + $within[$k] * $part[$k];
                        }
                    } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                        $seen = $onBackground;
                    }
                } elseif ($dx < 0.85 * $halfX[$k] + $coreX && $dy < 0.85 * $halfY[$k] + $coreY) {
                    // What lies under it is not the aim part alone: depth changes across the subject.
                    $seen = $onAim;
                    $share = ($underArea * ($dx + $coreX - $aimHalf)) / $halfX[$k];
                    $at = $on + ($share < $underArea ? ($share > 0 ? $share : 0.0) : $underArea) * $part[$k];
                } elseif ($touches) {
                    $seen = $onPart;
                    $at = $on + $helperPart * $within[$k] * $part[$k];
                } elseif ($seenNoise[($o5 + $k) & $mask] < $zDetail) {
                    $seen = $onBackground;
                }
                // Too far out of focus to be seen.
                if ($seen === $onAim || $seen === $onPart) {
                    if (($lens > $at ? $lens - $at : $at - $lens) > $visible[$k]) {
                        $seen = $onNothing;
                    }
                } elseif ($seen !== $onNothing) {
                    $at = $at > 0 ? $at : ($seen === $onBackground ? $background[$k] : $clutter[$k]);
                    if (
                        ($lens > $at ? $lens - $at : $at - $lens) >
                        ($seen === $onBackground ? $visibleBack : $visibleLarge)
                    ) {
                        $seen = $onNothing;
                    }
                }
                if ($t < $darkUntil || ($failsAtAll && $even[($o4 + $k) & $mask] < $fails)) {
                    // The mirror is up, or it was too dark for this one; nothing is measured.
                    $seen = $onNothing;
                }

                // 5. What the body makes of it: a measurement that fits goes into the prediction, one that does not has
                // to wait.
                if ($t >= $recheck) {
                    $locked = 0;
                    $recheck = INF;
                }
                if ($locked && $t < $freezes) {
                    $target = $square / $x;
                } elseif ($seen !== $onNothing) {
                    $z = $at + $scatter[$k] * $white[($o2 + $k) & $mask];
                    $z = $square / ($z > $least ? $z : $least);
                    $blind = 0.0;
                    $hunting = 0;
                    $measured = 1;
                    if (! $locked) {
                        $locked = 1;
                        $age = 0;
                        $x = $z;
                        $v = 0.0;
                        $since = 0.0;
                        $commit = $commitS;
                        $recheck = $once && ($seen === $onNearer || $seen === $onBackground) ? $t + $recheckS : INF;
                    } else {
                        $x += $v * $dt;
                        $x = $x > 0.1 ? $x : 0.1;
                        $off = $z - $x;
                        $fits = (($age < $youngCycles ? $youngGate * $gate[$k] : $gate[$k]) * $x * $x) / $square;
                        if ($off < $fits && $off > -$fits) {
                            $age++;
                            // A young track takes each measurement for more, as long as it has few.
                            $young = $age < $old ? $age : $old;
                            $x += $gainsX[$young] * $off;
                            $v += $gainsV[$young] * $off;
                            $v = $v > $fastest ? $fastest : ($v < -$fastest ? -$fastest : $v);
                            $since = 0.0;
                        } else {
                            $since += $dt;
                            if ($since > $wait) {
                                if ($alike && $seen === $onNearer) {
                                    // It goes with the wrong one for a while.
                                    $rivalUntil = $t + $rivalHeldS;
                                }
                                $x = $z;
                                $v = 0.0;
                                $age = 0;
                                $since = 0.0;
                                $commit = $jump;
                                $jump = $jumpS;
                            }
                        }
                    }
                    if ($seen === $onAim || $seen === $onPart) {
                        $caught = 1;
                    }
                    $target = $square / ($x + $v * $dt > 0.1 ? $x + $v * $dt : 0.1);
                } else {
                    $seen = $locked ? $before : $seen;
                    if ($blind < $coast) {
                        $x += $v * $dt;
                        $x = $x > 0.1 ? $x : 0.1;
                    }
                    // Before the first frame whoever was warned lets go where there is nothing, and presses again.
                    $blind += $t < 0 ? 0.0 : $dt;
                    if ($blind > ($locked && $measured ? $huntAfterS : $lookS)) {
                        $hunting = 1;
                        $locked = 0;
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
                // 6. The lens drives after the prediction, as fast as it can.
                $target = $target > $near ? $near : ($target < $far ? $far : $target);
                $go = $target - $lens;
                $slow = $go > $drive || $go < -$drive ? 1 : 0;
                $lens += $go > $drive ? $drive : ($go < -$drive ? -$drive : $go);

                if ($trace !== null && $t >= 0) {
                    $trace->step(
                        $t,
                        $square / $on + $length,
                        $square / ($lens > $least ? $lens : $least) + $length,
                        $ex,
                        $ey,
                        $seen,
                        $blocked === 1,
                    );
                }
            }
            $tally->ran($kept, $taken, $firstAt);
        }
        $tally->lostBy($causes, $lost);
    }
}
