<?php

declare(strict_types=1);

use RushHold\Controls\Reaching;
use RushHold\Controls\Times;
use RushHold\Controls\Way;
use RushHold\Document\BodyDocument;
use RushHold\Document\DrillDocument;
use RushHold\Drill\AreaCourse;
use RushHold\Drill\AreaScore;
use RushHold\Drill\MoveTimes;
use RushHold\Focus\Simulator;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Kit\AreaMove;
use RushHold\Kit\Body;
use RushHold\Kit\Control;
use RushHold\Kit\ControlPlace;
use RushHold\Kit\Duty;
use RushHold\Planning\Chooser;
use RushHold\Refused;
use RushHold\Situation\Situation;
use RushHold\Tests\Rushes;

/**
 * A thumb that brings the area to each place after so long, past it first if it overshoots.
 *
 * @return list<array{float, float, float}>
 */
function steered(AreaCourse $course, float $after, int $reached = AreaCourse::TARGETS, bool $past = false): array
{
    $trace = [];
    foreach (array_slice($course->targets, 0, $reached) as ['from' => $from, 'at' => [$x, $y]]) {
        $past && array_push($trace, [$from + $after - 0.3, $x, $y], [$from + $after - 0.2, max(-0.5, min(0.5, $x + 0.1)), $y]);
        $trace[] = [$from + $after, $x, $y];
    }

    return $trace;
}

it('moves the area by what the body has, and says so in its document', function (): void {
    $touch = new Control(ControlPlace::Touch, [Duty::RecallArea]);
    expect((new Body)->areaMoves)->toBe([AreaMove::Stick])
        ->and((new Body(controls: [$touch]))->areaMoves)->toBe([AreaMove::Stick, AreaMove::TouchTo, AreaMove::Recall])
        ->and((new Body(controls: [$touch], areaMoves: [AreaMove::TouchBy]))->areaMoves)->toBe([AreaMove::TouchBy]);
    $read = BodyDocument::read(['format' => 'rush-hold/body@1', 'name' => 'x', 'area_moves' => ['touch-relative', 'stick']]);
    expect($read->body->areaMoves)->toBe([AreaMove::TouchBy, AreaMove::Stick])->and($read->fields['area_moves'])->toBe(['touch-relative', 'stick'])
        ->and(static fn () => BodyDocument::read(['format' => 'rush-hold/body@1', 'area_moves' => ['lever']]))->toThrow(Refused::class, 'area_moves');
});

it('takes the quickest way there is, by the person’s own times', function (): void {
    $hold = Chooser::standard()->hold(Rushes::with([]))->with(areaAt: [0.2, 0.0]);
    $rest = PartialHold::nothing()->with(Setting::AreaAt, [0.0, 0.0]);
    $way = static fn (Times $times, AreaMove ...$moves): array => array_map(static fn ($p): array => [$p->way, $p->seconds], (new Reaching($times, $moves))->presses($hold, $rest));
    $practised = MoveTimes::of([AreaScore::of($course = AreaCourse::of(AreaMove::Stick, 3), steered($course, 0.5))])->in(new Times);
    expect($way(new Times, AreaMove::Stick))->toBe([[Way::Stick, 1.2]])
        ->and($way(new Times, AreaMove::Stick, AreaMove::TouchBy))->toBe([[Way::ThumbDragged, 0.8]])
        ->and($way(new Times, AreaMove::Stick, AreaMove::Recall, AreaMove::TouchTo))->toBe([[Way::Recall, 0.3]])
        // Practice with the stick makes it the quicker one.
        ->and($way($practised, AreaMove::Stick, AreaMove::TouchBy))->toBe([[Way::Stick, 0.5]]);
});

it('keeps less where the area has to be moved first, the less the slower, unless it comes there again and again', function (): void {
    $kept = static function (array $moves, bool $repeats, array $at): float {
        $situation = new Situation(Rushes::with(['subject.erratic' => 0.9, 'path.notice_s' => 0.1, 'path.repeats' => $repeats, 'kit.body.area_moves' => $moves]));
        $hold = Chooser::standard()->hold($situation->rush)->with(areaAt: $at);

        return (new Simulator($situation))->run($hold, 400, 1)->keeperRate;
    };
    $middle = $kept(['stick'], false, [0.0, 0.0]);
    $stick = $kept(['stick'], false, [0.12, 0.0]);
    $recall = $kept(['recall'], false, [0.12, 0.0]);
    expect($stick)->toBeLessThan($recall - 0.02)->and($recall)->toBeLessThan($middle + 0.02)
        ->and($kept(['stick'], true, [0.12, 0.0]))->toBe($kept(['recall'], true, [0.12, 0.0]));
});

it('counts a move as done when the area stays, and one that never arrives as longer than all others', function (): void {
    $course = AreaCourse::of(AreaMove::TouchTo, 9);
    $from = [0.0, 0.0];
    foreach ($course->targets as ['at' => $at]) {
        expect(max(abs($at[0] - $from[0]), abs($at[1] - $from[1])))->toBeGreaterThan(0.2);
        $from = $at;
    }
    $clean = AreaScore::of($course, steered($course, 0.7));
    expect($clean->share())->toBe(1.0)->and($clean->medianS())->toEqualWithDelta(0.7, 1e-6)->and($clean->overshoots())->toBe(0);
    $past = AreaScore::of($course, steered($course, 0.7, past: true));
    expect($past->medianS())->toEqualWithDelta(0.7, 1e-6)->and($past->overshoots())->toBe(AreaCourse::TARGETS);
    $half = AreaScore::of($course, steered($course, 0.7, 9));
    expect($half->medianS())->toEqualWithDelta(0.7, 1e-6)->and($half->share())->toBe(9 / 16)
        ->and(AreaScore::of($course, steered($course, 0.7, 7))->medianS())->toBeNull()
        // Too late to have stayed before the next one.
        ->and(AreaScore::of($course, steered($course, 2.5))->share())->toBe(0.0);
    expect(static fn () => AreaScore::of($course, [[1.0, 0.7, 0.0]]))->toThrow(Refused::class, 'trace[0][1]')
        ->and(static fn () => AreaScore::of($course, [[2.0, 0.1, 0.0], [1.0, 0.1, 0.0]]))->toThrow(Refused::class, 'trace[1][0]')
        ->and(static fn () => DrillDocument::read(['drill' => 'area', 'move' => 'recall']))->toThrow(Refused::class, 'move');
});

it('has no time of a way that seldom arrives', function (): void {
    $course = AreaCourse::of(AreaMove::Stick, 2);
    $times = static fn (array ...$traces): array => MoveTimes::of(array_map(static fn (array $trace): AreaScore => AreaScore::of($course, $trace), $traces))->byMove;
    expect($times(steered($course, 1.0), steered($course, 1.0, 4), steered($course, 1.0, 3)))->toBe([])
        ->and($times(steered($course, 1.4), steered($course, 1.0), steered($course, 0.9)))->toBe(['stick' => ['seconds' => 1.0, 'trials' => 48]]);
});

it('leaves the area in the middle where a surprise may come from either side', function (): void {
    $at = static fn (array $changes): array => Chooser::standard()->hold(Rushes::with(['path.heading_deg' => 90.0, 'path.start_m' => 40.0, 'subject.erratic' => 0.4, 'scene.front_clutter' => 0.35, 'path.notice_s' => 0.5, ...$changes]))->areaAt;
    expect($at([]))->toBe([0.0, 0.0])
        ->and($at(['path.notice_s' => 2.0])[0])->not->toBe(0.0)->and($at(['subject.erratic' => 0.1])[0])->not->toBe(0.0)->and($at(['path.repeats' => true])[0])->not->toBe(0.0);
});
