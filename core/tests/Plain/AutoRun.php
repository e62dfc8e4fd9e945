<?php

declare(strict_types=1);

namespace RushHold\Tests\Plain;

use RushHold\Focus\AreaView;
use RushHold\Focus\Chances;
use RushHold\Focus\FocusCycles;
use RushHold\Focus\Judging;
use RushHold\Focus\LossCause;
use RushHold\Focus\Noise;
use RushHold\Focus\Parameters;
use RushHold\Focus\Passage;
use RushHold\Focus\Seeing;
use RushHold\Focus\Tracking;
use RushHold\Hold\Hold;
use RushHold\Situation\Situation;

/**
 * One run with autofocus, told plainly: what `AutoPass` does in one long loop, a method for each step. Slow, and only
 * here so that both can be played against each other.
 */
final class AutoRun
{
    /** @var list<array<string, mixed>> what was seen and where focus was, each cycle from the first frame on */
    public array $steps = [];

    /** @var list<array{float, string|null}> time and fate of each frame */
    public array $frames = [];

    private FocusCycles $course;

    private Seeing $seeing;

    private Tracking $tracking;

    private Judging $judging;

    /** @var array{int, int, int, int, int, int} */
    private array $places;

    private float $dt;

    private float $t;

    private float $lens;

    private float $missX;

    private float $missY;

    private float $on;

    private bool $blocked = false;

    private int $draw;

    private float $crossesAt = INF;

    private bool $pattern = true;

    private float $detectedAt = -9.0;

    private int $seen = AreaView::NOTHING;

    private float $seenAt = 0.0;

    private bool $locked;

    private int $age;

    private float $distance;

    private float $speed = 0.0;

    private float $doubt = 0.0;

    private float $blind = 0.0;

    private float $commit = 0.0;

    private bool $hunting = false;

    /** Focus has not gone off what it sat on before the subject came. */
    private bool $fresh;

    private float $day;

    private float $ready;

    private bool $rivalNearer;

    private float $rivalUntil = -9.0;

    private float $darkUntil = -9.0;

    private float $direction;

    private bool $caught = false;

    private bool $slow = false;

    private bool $measured = false;

    private float $recheckAt = INF;

    private float $target = 0.0;

    public function __construct(private readonly Situation $s, private readonly Hold $hold, int $seed, int $run)
    {
        $lead = FocusCycles::lead($s, $hold);
        $this->course = new FocusCycles($s, $hold, new Passage($s, $lead), $s->kit->body->areas[$hold->area->value]);
        $this->seeing = new Seeing($s, $hold, $this->course);
        $this->tracking = new Tracking($s, $hold, $this->course);
        $this->judging = new Judging($s, $hold, $this->course);
        $this->places = Chances::places($seed, $run);
        $this->dt = $this->course->stepS;
        $set = $this->course->startTravel * (1 + $this->course->setError * self::at(Noise::white(5), $this->places[5]));
        if (self::at(Noise::even(6), $this->places[0] + 1) < $this->course->strays) {
            $set = $this->course->way->background[0];
        }
        $this->lens = max($this->course->farTravel, min($this->course->nearTravel, $set));
        $this->day = exp(Parameters::DAY * self::at(Noise::white(5), $this->places[4]));
        $this->ready =
            -$lead * $this->dt -
            $this->course->readyS * log(1e-9 + self::at(Noise::even(6), $this->places[2])) -
            $this->course->soonerS;
        $this->rivalNearer = self::at(Noise::even(6), $this->places[0]) < 0.5;
        $this->direction =
            $this->course->startTravel > ($this->course->nearTravel + $this->course->farTravel) / 2 ? -1.0 : 1.0;
        $this->distance = $this->tracking->square / max($this->lens, $this->tracking->least);
        $this->locked = $this->tracking->held;
        $this->fresh = $this->tracking->held;
        $this->age = $this->tracking->age;
        $this->draw = $this->places[5];
        if ($this->seeing->crossingsPerS > 0) {
            $this->crossesAt = -$lead * $this->dt + $this->untilNextCrossing();
        }
    }

    public function play(): self
    {
        for ($k = 0; $k < $this->course->steps; $k++) {
            $this->t = ($k - $this->course->lead) * $this->dt;
            $this->point($k);
            $this->cross();
            if ($this->seeing->mirror && $this->course->frames[$k] > 0) {
                $this->darkUntil = $this->t + Parameters::BLACKOUT_S;
            }
            for ($i = 0; $i < $this->course->frames[$k]; $i++) {
                $this->frames[] = [$this->t, $this->judged($k)?->value];
            }
            $lapse =
                self::at(Noise::smooth(3, Parameters::SEEN_MEMORY_S, $this->dt), $this->places[1] + $k) <
                $this->course->zLapse;
            $awake = $this->t >= $this->ready && ! $lapse;
            if ($this->t >= $this->ready && $lapse) {
                $this->locked = false;
            }
            if ($awake) {
                $before = $this->seen;
                $this->look($k);
                $this->track($k, $before);
                $this->drive();
            }
            if ($this->t >= 0) {
                $this->steps[] = [
                    't' => $this->t,
                    'focus' => $this->lens,
                    'seen' => $awake ? $this->seen : AreaView::NOTHING,
                    'blocked' => $this->blocked,
                    'x' => $this->missX,
                    'y' => $this->missY,
                ];
            }
        }

        return $this;
    }

    /** Where the subject is, and how far the aim is off it. */
    private function point(int $k): void
    {
        $this->on =
            $this->course->way->aim[$k] +
            $this->course->way->perMetre[$k] *
                $this->course->swingM *
                self::at(Noise::smooth(7, Parameters::SWING_MEMORY_S, $this->dt), $this->places[4] + $k);
        $change = Parameters::ERRATIC_SPEED * $this->s->subject->erratic * $this->s->rush->path->speedMps;
        if ($change > 0) {
            $way = Noise::way(4, Parameters::WAY_MEMORY_S, $this->dt);
            $this->on +=
                $this->course->way->perMetre[$k] *
                $change *
                (self::at($way, $this->places[3] + $k) - self::at($way, $this->places[3]));
        }
        $aim = Noise::straying(1, Parameters::AIM_MEMORY_S, $this->dt);
        $this->missX =
            $this->day * ($this->course->trailX[$k] + $this->course->missX[$k] * self::at($aim, $this->places[0] + $k));
        $this->missY =
            $this->day * ($this->course->trailY[$k] + $this->course->missY[$k] * self::at($aim, $this->places[1] + $k));
        if ($this->course->first[0] > 1e-4) {
            $this->missX += $this->course->first[$k] * self::at(Noise::white(5), $this->places[0]);
            $this->missY += $this->course->first[$k] * self::at(Noise::white(5), $this->places[1]);
        }
    }

    /** What crosses in front. */
    private function cross(): void
    {
        $over = $this->t >= $this->crossesAt + $this->seeing->crossingS;
        $this->blocked = $this->t >= $this->crossesAt && ! $over;
        if ($over) {
            $this->draw++;
            $this->crossesAt = $this->t + $this->untilNextCrossing();
        }
    }

    private function untilNextCrossing(): float
    {
        return -log(1e-9 + self::at(Noise::even(6), $this->draw)) / $this->seeing->crossingsPerS;
    }

    /** Why a frame is lost; null when it is kept. */
    private function judged(int $k): ?LossCause
    {
        $once = $this->tracking->once;
        $own = Noise::tailed(10, $this->s->isStill() ? 0.0 : Parameters::UNEXPLAINED, Parameters::UNEXPLAINED_TIMES);
        $at = $this->lens;
        if ($this->caught) {
            $at += $this->course->ownMm * self::at($own, $once ? $this->places[5] : $this->places[5] + $k);
        }
        $defocus = $this->course->way->worst($k, $at - $this->on) * $this->judging->perMm;
        $speed = Noise::speed(1, Parameters::AIM_MEMORY_S, $this->dt);
        $body = $this->course->smear[$k] * self::at($speed, $this->places[0] + $k);
        $hand = $this->course->shakeUm * self::at($speed, $this->places[1] + $k);
        $room =
            $this->course->room[$k] -
            $this->judging->airSquare * self::at(Noise::lucky(8, 2 * Parameters::AIR_SPREAD), $this->places[2] + $k);
        if (abs($this->hold->areaAt[0] - $this->missX) >= 0.5 || abs($this->hold->areaAt[1] - $this->missY) >= 0.5) {
            return LossCause::OutOfFrame;
        }
        $cover = self::at(Noise::smooth(2, Parameters::PATCH_MEMORY_S, $this->dt), $this->places[3] + $k);
        if ($this->blocked || ($this->s->scene->frontClutter > 0 && $cover < $this->judging->zHidden)) {
            return LossCause::Hidden;
        }
        $turned = self::at(Noise::smooth(3, Parameters::SEEN_MEMORY_S, $this->dt), $this->places[2] + $k);
        if ($turned < $this->course->zTurned) {
            return LossCause::TurnedAway;
        }
        if ($defocus ** 2 + $body ** 2 + $hand ** 2 <= $room) {
            return self::at(Noise::even(6), $this->places[2] + $k) < $this->course->bent ? LossCause::Bent : null;
        }

        return $this->judging->blurred($k, $this->on, $this->lens, $at, $body, $hand, $room) ??
            $this->missed($k, $defocus, $room);
    }

    /** Why focus was elsewhere. */
    private function missed(int $k, float $defocus, float $room): LossCause
    {
        $way = $this->course->way;
        $past = abs($this->lens - $this->on);
        $onPart = Judging::ON_PART * $this->course->within[$k] * $way->part[$k];

        return match (true) {
            $this->hunting => LossCause::Hunting,
            ! $this->caught => LossCause::NotCaught,
            $this->seen === AreaView::BACKGROUND => LossCause::Background,
            $this->seen === AreaView::NEARER => LossCause::Nearer,
            $this->seen === AreaView::PART && $this->lens > $this->on && $past < $onPart => LossCause::NearerPart,
            $this->slow => LossCause::LensTooSlow,
            $defocus * $defocus < Judging::NEARLY * $room => LossCause::TooLittleDepth,
            // Travel grows as the subject closes.
            $this->on > $this->lens === $way->aim[$k] >= $way->aim[max(0, $k - 1)] => LossCause::Lagging,
            default => LossCause::Leading,
        };
    }

    /** What the area sees, by its own rule. */
    private function look(int $k): void
    {
        $this->seenAt = 0.0;
        $this->seen = $this->seeing->follows ? $this->byPattern($k) : $this->byArea($k);
        $way = $this->course->way;
        $visible = match ($this->seen) {
            AreaView::AIM, AreaView::PART => $this->course->visible[$k],
            AreaView::BACKGROUND => $this->course->visibleBack,
            default => $this->course->visibleLarge,
        };
        if ($this->seen === AreaView::BACKGROUND) {
            $this->seenAt = $this->seenAt > 0 ? $this->seenAt : $way->background[$k];
        } elseif ($this->seen === AreaView::NEARER) {
            $this->seenAt = $this->seenAt > 0 ? $this->seenAt : $way->clutter[$k];
        }
        // Too far out of focus to be seen; the mirror is up; too dark for this one.
        if (
            abs($this->lens - $this->seenAt) > $visible ||
            $this->t < $this->darkUntil ||
            ($this->seeing->failsAtAll && self::at(Noise::even(6), $this->places[3] + $k) < $this->seeing->fails)
        ) {
            $this->seen = AreaView::NOTHING;
        }
    }

    private function byPattern(int $k): int
    {
        $even = self::at(Noise::even(6), $this->places[4] + $k);
        if ($this->pattern) {
            $this->pattern = $even > ($this->blocked ? 4 * $this->dt : $this->seeing->lostPerStep);
        } elseif ($this->touches($k) && ! $this->blocked) {
            $this->pattern = $even < $this->seeing->foundPerStep;
        }
        if (
            $this->pattern &&
            ! $this->blocked &&
            abs($this->missX) < $this->seeing->reachX &&
            abs($this->missY) < $this->seeing->reachY
        ) {
            return $this->measured(AreaView::PART, Parameters::PATTERN_PART * $this->course->way->part[$k]);
        }

        return $this->blocked || $this->cluttered($k) ? AreaView::NEARER : $this->detailOrNothing($k);
    }

    private function byArea(int $k): int
    {
        $way = $this->course->way;
        $rival =
            $this->seeing->rivals &&
            ! $this->blocked &&
            self::at(Noise::smooth(3, Parameters::SEEN_MEMORY_S, $this->dt), $this->places[3] + $k) <
                $this->seeing->zRival;
        if ($this->t < $this->rivalUntil || $rival) {
            $this->seenAt = $this->rivalNearer ? $way->rivalNear[$k] : $way->rivalFar[$k];

            return $this->rivalNearer ? AreaView::NEARER : AreaView::BACKGROUND;
        }
        $recognised =
            self::at(Noise::smooth(3, Parameters::SEEN_MEMORY_S, $this->dt), $this->places[5] + $k) <
            $this->course->detects[$k];
        if (
            $this->seeing->detecting &&
            ! $this->blocked &&
            $this->touches($k) &&
            $recognised &&
            abs($this->lens - $this->on) < Parameters::RECOGNISED_BLUR * $this->course->visible[$k]
        ) {
            $this->detectedAt = $this->t;

            $eye =
                self::at(Noise::smooth(2, Parameters::PATCH_MEMORY_S, $this->dt), $this->places[4] + $k) <
                $this->course->eyes[$k];

            return $this->measured(AreaView::AIM, $eye ? 0.0 : Parameters::RECOGNISED_PART * $way->part[$k]);
        }
        if ($this->t - $this->detectedAt < $this->seeing->blinkS) {
            return AreaView::NOTHING;
        }
        if ($this->blocked || $this->cluttered($k)) {
            return AreaView::NEARER;
        }
        if ($this->seeing->block) {
            $crisper =
                self::at(Noise::smooth(2, Parameters::PATCH_MEMORY_S, $this->dt), $this->places[4] + $k) <
                    $this->course->crisper[$k] && $this->lens - $way->background[$k] < $this->course->visibleBack;

            return ! $this->touches($k)
                ? $this->detailOrNothing($k)
                : ($crisper
                    ? AreaView::BACKGROUND
                    : $this->measured(AreaView::PART, $this->course->within[$k] * $way->part[$k]));
        }
        if (
            abs($this->missX) < 0.85 * $way->halfX[$k] + $this->seeing->coreX &&
            abs($this->missY) < 0.85 * $way->halfY[$k] + $this->seeing->coreY
        ) {
            return $this->measured(
                AreaView::AIM,
                min(
                    Parameters::UNDER_AREA,
                    (Parameters::UNDER_AREA *
                        max(0.0, abs($this->missX) + $this->seeing->coreX - $this->seeing->aimHalf)) /
                        $way->halfX[$k],
                ) * $way->part[$k],
            );
        }

        return $this->touches($k)
            ? $this->measured(AreaView::PART, Parameters::HELPER_PART * $this->course->within[$k] * $way->part[$k])
            : $this->detailOrNothing($k);
    }

    private function measured(int $seen, float $nearer): int
    {
        $this->seenAt = $this->on + $nearer;

        return $seen;
    }

    private function touches(int $k): bool
    {
        $way = $this->course->way;

        return abs($this->missX) < $way->halfX[$k] + $this->seeing->areaX &&
            abs($this->missY) < $way->halfY[$k] + $this->seeing->areaY;
    }

    private function cluttered(int $k): bool
    {
        return $this->seeing->cluttered &&
            self::at(Noise::smooth(2, Parameters::PATCH_MEMORY_S, $this->dt), $this->places[2] + $k) <
                $this->seeing->zClutter;
    }

    private function detailOrNothing(int $k): int
    {
        return self::at(Noise::smooth(3, Parameters::SEEN_MEMORY_S, $this->dt), $this->places[4] + $k) <
            $this->seeing->zDetail
            ? AreaView::BACKGROUND
            : AreaView::NOTHING;
    }

    /** What the body makes of it. */
    private function track(int $k, int $before): void
    {
        if ($this->t >= $this->recheckAt) {
            $this->locked = false;
            $this->recheckAt = INF;
        }
        if ($this->locked && $this->t < $this->keepsUntil()) {
            $this->target = $this->tracking->square / $this->distance;
        } elseif ($this->seen !== AreaView::NOTHING) {
            $this->measure($k);
        } else {
            $this->seen = $this->locked ? $before : AreaView::NOTHING;
            $this->goOn();
        }
        if ($this->commit > 0) {
            // Still making sure of what was just caught.
            $this->commit -= $this->dt;
            $this->target = $this->hunting ? $this->target : $this->lens;
        }
    }

    /** A distance once found is kept until then. */
    private function keepsUntil(): float
    {
        [$from, $to] = Parameters::SWITCH_S;

        return $this->tracking->once
            ? INF
            : ($this->tracking->undecided
                ? $from + ($to - $from) * self::at(Noise::even(6), $this->places[4])
                : -INF);
    }

    private function measure(int $k): void
    {
        $travel = $this->seenAt + $this->course->scatter[$k] * self::at(Noise::white(5), $this->places[1] + $k);
        $measured = $this->tracking->square / max($travel, $this->tracking->least);
        $this->blind = 0.0;
        $this->hunting = false;
        $this->measured = true;
        if (! $this->locked) {
            $this->believe($measured, Parameters::COMMIT_S);
            $wrong = in_array($this->seen, [AreaView::NEARER, AreaView::BACKGROUND], true);
            $this->recheckAt = $this->tracking->once && $wrong ? $this->t + $this->course->recheckS : INF;
        } else {
            $this->distance = max(0.1, $this->distance + $this->speed * $this->dt);
            $off = $measured - $this->distance;
            if (
                abs($off) <
                (($this->age < Parameters::YOUNG_CYCLES ? Parameters::YOUNG_GATE : 1.0) *
                    $this->course->gate[$k] *
                    $this->distance ** 2) /
                    $this->tracking->square
            ) {
                $this->age++;
                $age = min($this->age, Tracking::OLD);
                $this->distance += $this->tracking->gainsX[$age] * $off;
                $this->speed = max(
                    -Parameters::FASTEST_MPS,
                    min(Parameters::FASTEST_MPS, $this->speed + $this->tracking->gainsV[$age] * $off),
                );
                $this->doubt = 0.0;
            } else {
                $this->doubt += $this->dt;
                if ($this->doubt > $this->tracking->waitS) {
                    if ($this->seeing->alike && $this->seen === AreaView::NEARER) {
                        $this->rivalUntil = $this->t + Parameters::RIVAL_HELD_S;
                    }
                    $this->believe($measured, $this->fresh ? Parameters::COMMIT_S : Parameters::JUMP_S);
                    $this->fresh = false;
                }
            }
        }
        $this->caught = $this->caught || $this->seen === AreaView::AIM || $this->seen === AreaView::PART;
        $this->target = $this->tracking->square / max(0.1, $this->distance + $this->speed * $this->dt);
    }

    /** A new track, from one measurement. */
    private function believe(float $measured, float $commit): void
    {
        $this->locked = true;
        $this->distance = $measured;
        $this->speed = 0.0;
        $this->age = 0;
        $this->doubt = 0.0;
        $this->commit = $commit;
    }

    /** Without a measurement: the prediction goes on for a while, then the lens hunts. */
    private function goOn(): void
    {
        if ($this->blind < $this->tracking->coastS) {
            $this->distance = max(0.1, $this->distance + $this->speed * $this->dt);
        }
        $this->blind += $this->t < 0 ? 0.0 : $this->dt;
        if ($this->blind > ($this->locked && $this->measured ? Parameters::HUNT_AFTER_S : Parameters::LOOK_S)) {
            $this->hunting = true;
            $this->locked = false;
        }
        $this->target = $this->tracking->square / $this->distance;
        if ($this->hunting) {
            $this->target = $this->lens + $this->direction * $this->course->driveMmPerStep;
            if ($this->target >= $this->course->nearTravel) {
                $this->target = $this->course->nearTravel;
                $this->direction = -1.0;
            } elseif ($this->target <= $this->course->farTravel) {
                $this->target = $this->course->farTravel;
                $this->direction = 1.0;
            }
            $this->distance = $this->tracking->square / max($this->target, $this->tracking->least);
            $this->speed = 0.0;
        }
    }

    /** The lens drives as far as it can. */
    private function drive(): void
    {
        $most = $this->course->driveMmPerStep;
        $go = max($this->course->farTravel, min($this->course->nearTravel, $this->target)) - $this->lens;
        $this->slow = abs($go) > $most;
        $this->lens += max(-$most, min($most, $go));
    }

    /** @param  list<float>  $noise */
    private static function at(array $noise, int $place): float
    {
        return $noise[$place & Noise::MASK];
    }
}
