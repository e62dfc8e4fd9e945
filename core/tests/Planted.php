<?php

declare(strict_types=1);

namespace RushHold\Tests;

use DateTimeImmutable;
use RushHold\Blur\Ellipse;
use RushHold\Blur\Verdict;
use RushHold\Camera\Hidden;
use RushHold\Camera\Shot;
use RushHold\Camera\StandIn;
use RushHold\Causes\Cause;
use RushHold\Causes\Evidence;
use RushHold\Causes\Question;
use RushHold\Document\RushDocument;
use RushHold\Focus\LossCause;
use RushHold\Focus\Noise;
use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Body;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Kit\PointLayout;
use RushHold\Kit\Support;
use RushHold\Kit\Wins;
use RushHold\Light\Surface;
use RushHold\Motion\Path;
use RushHold\Planning\Chooser;
use RushHold\Record\LoggedBurst;
use RushHold\Record\MeasuredFrame;
use RushHold\Review\SharpWhere;
use RushHold\Rush\Companion;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;
use RushHold\Situation\Situation;

/**
 * Bursts of the stand-in camera in which one thing was made wrong, and a person who answers questions about them by
 * what
 * the frames and the world show, now and then wrongly. What was made wrong is never told, and no answer is made from
 * it.
 */
final readonly class Planted
{
    public const RUSHES = ['gannet-along-the-edge', 'puffin-coming-in', 'muddy-hairpin'];

    /** Chance that a person cannot tell, and that they tell it wrong. */
    private const CANNOT = 0.12;

    private const WRONG = 0.06;

    /** @param  list<Shot>  $shots */
    private function __construct(
        public Cause $cause,
        public Rush $rush,
        public Hold $hold,
        private array $shots,
        private Hidden $hidden,
        private float $softUm,
        private int $seed,
    ) {
    }

    public static function burst(Cause $cause, string $name, int $seed): self
    {
        $who = $seed + 1000 * (int) array_search($name, self::RUSHES, true);
        $rush = RushDocument::read(
            json_decode((string) file_get_contents(__DIR__."/../../formats/examples/$name.json"), true),
        )->rush;
        $rush = $rush->with(
            photographer: $rush->photographer->with(aim: 0.8, panning: 0.8),
            group: [],
            path: self::noticed($rush->path, max(2.0, $rush->path->noticeS)),
            scene: $rush->scene->with(
                frontClutter: 0.0,
                obstaclesPerS: 0.0,
                backgroundTexture: min(0.3, $rush->scene->backgroundTexture),
            ),
        );
        [$rush, $hold, $hidden, $soft] = self::spoilt($cause, $rush, Chooser::standard()->hold($rush), $seed);
        // The pass in which it is most at work: what went wrong otherwise is another burst.
        $shots = [];
        $most = -1.0;
        for ($run = 0; $run < 14; $run++) {
            $some = iterator_to_array((new StandIn($rush, $hold, $hidden))->shoot(24, 100 + $seed, $run), false);
            $lost = array_filter($some, static fn (Shot $s): bool => ! self::kept($s, $soft, $rush, $hold, $cause));
            $by =
                count(array_filter($lost, static fn (Shot $s): bool => self::isWorkOf($cause, $s))) /
                    max(1, count($lost)) -
                (count($lost) < 0.25 * count($some) ? 1.0 : 0.0);
            [$shots, $most] = $by > $most ? [$some, $by] : [$shots, $most];
        }

        return new self($cause, $rush, $hold, $shots, $hidden, $soft, $who);
    }

    /** Whether what is wrong lost this frame, as the run has it. */
    private static function isWorkOf(Cause $cause, Shot $shot): bool
    {
        return match ($cause) {
            Cause::LockedOnce, Cause::LagsOrLeads, Cause::Nervous => in_array(
                $shot->cause,
                [LossCause::Lagging, LossCause::Leading, LossCause::TooLittleDepth, LossCause::LensTooSlow],
                true,
            ),
            Cause::Background => $shot->cause === LossCause::Background,
            Cause::NearerThing => $shot->cause === LossCause::Nearer,
            Cause::NearerPart => $shot->cause === LossCause::NearerPart,
            Cause::JumpsOff => in_array(
                $shot->cause,
                [LossCause::Background, LossCause::Nearer, LossCause::NotCaught, LossCause::Hidden],
                true,
            ),
            Cause::NeverCatches => in_array($shot->cause, [LossCause::NotCaught, LossCause::Hunting], true),
            Cause::Shake => $shot->cause === LossCause::Shake,
            Cause::SubjectMotion => $shot->cause === LossCause::SubjectSmear,
            Cause::Air => $shot->cause === LossCause::Air,
            Cause::TooLittleDepth => $shot->cause === LossCause::TooLittleDepth,
            Cause::OutOfFrame => $shot->cause === LossCause::OutOfFrame,
            Cause::FineTune => $shot->lensOff,
            Cause::Limbs, Cause::LensSoft => $shot->kept,
            Cause::OuterPoints, Cause::Leftover => $shot->cause !== LossCause::Shake,
            Cause::TooSoon => $shot->cause === LossCause::NotCaught,
            Cause::Noise, Cause::Diffraction => $shot->kept,
        };
    }

    /**
     * @return array{Rush, Hold, Hidden, float} the world with one thing wrong in it, and the blur of a soft lens, µm
     */
    private static function spoilt(Cause $cause, Rush $rush, Hold $hold, int $seed): array
    {
        $hidden = new Hidden();
        $soft = 0.0;
        $scene = $rush->scene;
        $auto = $hold->with(technique: Technique::Auto, mode: FocusMode::Continuous);
        $middle = $rush->path->at($rush->path->seconds / 2)->distanceM;
        $limitUm = Verdict::KEEPER_LIMIT * $rush->cocUm();
        $widest = $rush->kit->widest();
        $lens = $rush->kit->thinLens();
        switch ($cause) {
            case Cause::LockedOnce:
                return [
                    $rush,
                    $auto->with(mode: FocusMode::Single, area: Area::Point, detect: Detection::Off, eye: false),
                    $hidden,
                    0.0,
                ];
            case Cause::Background:
                return [
                    $rush->with(
                        scene: $scene->with(backgroundTexture: 0.95, backgroundM: 1.6 * $middle, frontClutter: 0.0),
                    ),
                    $auto->with(
                        area: Area::Whole,
                        detect: Detection::Off,
                        eye: false,
                        wins: Wins::Middle,
                        patienceS: 0.1,
                        startAtM: 1.6 * $middle,
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::NearerThing:
                return [
                    $rush->with(scene: $scene->with(frontClutter: 0.2, frontRatio: 0.8)),
                    $auto->with(
                        area: Area::Block,
                        detect: Detection::Off,
                        eye: false,
                        wins: Wins::Nearest,
                        patienceS: 0.1,
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::NearerPart:
                return [
                    $rush->with(
                        subject: $rush->subject->with(depthM: max(1.2, 3 * $rush->subject->depthM), contrast: 0.9),
                        scene: $scene->with(frontClutter: 0.0),
                    ),
                    $auto->with(
                        area: Area::Block,
                        detect: Detection::Off,
                        eye: false,
                        aperture: $widest,
                        wins: Wins::Nearest,
                        startAtM: $rush->path->startM,
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::JumpsOff:
                return [
                    $rush->with(scene: $scene->with(obstaclesPerS: 1.5, obstacleS: 0.35)),
                    $auto->with(
                        patienceS: 0.02,
                        wins: Wins::Nearest,
                        detect: Detection::Off,
                        eye: false,
                        area: Area::RingMedium,
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::LagsOrLeads:
                return [
                    $rush->with(subject: $rush->subject->with(erratic: 1.0)),
                    $auto->with(nimble: 0.0, aperture: $rush->kit->widest()),
                    $hidden,
                    0.0,
                ];
            case Cause::Nervous:
                return [
                    $rush->with(subject: $rush->subject->with(contrast: 0.3)),
                    $auto->with(nimble: 1.0, aperture: $rush->kit->widest()),
                    $hidden,
                    0.0,
                ];
            case Cause::NeverCatches:
                return [
                    $rush->with(
                        light: Light::value(
                            $rush->kit->body->lightLimitEv + 2 * log($rush->kit->widest() / 1.2, 2) + 0.3,
                        ),
                        subject: $rush->subject->with(contrast: 0.15),
                    ),
                    $auto->with(
                        area: Area::Speck,
                        detect: Detection::Off,
                        eye: false,
                        startAtM: $rush->kit->lens->nearestM,
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::Shake:
                return [
                    $rush,
                    $auto->with(shutterS: 1 / 60, stabiliser: Stabiliser::Off),
                    new Hidden(aim: 0.35, panning: 1.0),
                    0.0,
                ];
            case Cause::SubjectMotion:
                return [
                    $rush,
                    $auto->with(shutterS: 1 / 125, support: Support::Tripod),
                    new Hidden(aim: 0.9, panning: 0.0),
                    0.0,
                ];
            case Cause::Limbs:
                return [
                    $rush->with(
                        subject: $rush->subject->with(
                            limbSpeedMps: min(
                                150.0,
                                (4 * $limitUm) / max(1e-9, self::limbUm($rush, $hold->shutterS / 2)),
                            ),
                        ),
                        photographer: $rush->photographer->with(aim: 0.9, panning: 0.95),
                    ),
                    $auto->with(shutterS: $hold->shutterS / 2),
                    $hidden,
                    0.0,
                ];
            case Cause::Air:
                return [
                    $rush->with(
                        light: Light::fromPlace(52.0, 0.0, new DateTimeImmutable('2026-06-21T12:30:00Z')),
                        path: $rush->path->startingAt(3 * $rush->path->startM),
                        scene: $scene->with(
                            surface: Surface::Asphalt,
                            lineHeightM: 0.2,
                            wind: 0.0,
                            backgroundM: 6 * $middle,
                        ),
                    ),
                    $auto->with(iso: 100.0, startAtM: 3 * $rush->path->startM, range: null),
                    $hidden,
                    0.0,
                ];
            case Cause::FineTune:
                return [
                    $rush,
                    $auto,
                    new Hidden(
                        lensErrorM: ($seed % 2 === 0 ? 1 : -1) *
                            min(
                                5.0,
                                ((2.6 * $limitUm) /
                                    max(1e-9, $lens->defocusUm($hold->aperture, $middle * 1.001, $middle))) *
                                    $middle *
                                    0.001,
                            ),
                    ),
                    0.0,
                ];
            case Cause::LensSoft:
                return [$rush, $auto->with(aperture: $rush->kit->widest()), $hidden, 3.0 * $rush->cocUm()];
            case Cause::OuterPoints:
                $points = new PointLayout(twoWayWidth: 0.1, twoWayHeight: 0.2);
                $fields = get_object_vars($rush->kit->body);
                $body = new Body(...[...$fields, 'areas' => null, 'points' => $points, 'mirror' => true]);

                return [
                    $rush->with(kit: $rush->kit->with(body: $body), subject: $rush->subject->with(contrast: 0.25)),
                    $auto->with(area: Area::Point, detect: Detection::Off, eye: false, areaAt: [0.2, 0.0]),
                    $hidden,
                    0.0,
                ];
            case Cause::Leftover:
                // As it was left from something small close by that kept still.
                return [
                    $rush,
                    $auto->with(
                        mode: FocusMode::Continuous,
                        area: Area::Speck,
                        detect: $rush->subject->kind === Detection::Person ? Detection::Bird : Detection::Person,
                        eye: true,
                        patienceS: 1.2,
                        nimble: 0.0,
                        startAtM: $rush->kit->lens->nearestM,
                        range: new FocusRange($rush->kit->lens->nearestM, 0.7 * $middle),
                    ),
                    $hidden,
                    0.0,
                ];
            case Cause::TooLittleDepth:
                return [
                    $rush->with(
                        group: [
                            new Companion(
                                $middle +
                                    0.9 *
                                        (new Situation($rush))
                                            ->depthAt($middle, $widest, Verdict::KEEPER_LIMIT)
                                            ->depthM(),
                            ),
                        ],
                    ),
                    $auto->with(aperture: $widest),
                    $hidden,
                    0.0,
                ];
            case Cause::TooSoon:
                // Nobody was warned, and the lens stands far from where it comes.
                return [
                    $rush->with(path: self::noticed($rush->path, 0.2)),
                    $auto->with(startAtM: 4 * $rush->path->startM, area: $hold->area),
                    $hidden,
                    0.0,
                ];
            case Cause::Noise:
                return [$rush->with(light: Light::value(3.0)), $auto->with(iso: 25600.0), $hidden, 1.6 * $limitUm];
            case Cause::Diffraction:
                return [$rush, $auto->with(aperture: min(32.0, $rush->kit->smallest())), $hidden, 1.6 * $limitUm];
            case Cause::OutOfFrame:
                return [
                    $rush->with(
                        kit: $rush->kit->with(extender: 2.0),
                        subject: $rush->subject->with(erratic: 1.0),
                        path: self::noticed($rush->path, 0.3),
                    ),
                    $auto->with(aperture: 2 * $hold->aperture, area: Area::Block),
                    new Hidden(aim: 0.0, panning: 0.3),
                    0.0,
                ];
        }
    }

    private static function noticed(Path $p, float $seconds): Path
    {
        return new Path(
            $p->startM,
            $p->speedMps,
            $p->headingDeg,
            $p->climbDeg,
            $p->seconds,
            $p->speedChanges,
            $seconds,
            $p->repeats,
            $p->bendRadiusM,
            $p->points,
        );
    }

    /** Smear of limbs of a metre a second, µm. */
    private static function limbUm(Rush $rush, float $shutterS): float
    {
        $s = new Situation($rush);

        return $s->motions[intdiv(count($s->motions), 2)]->limbBlurUm($shutterS, 1.0);
    }

    private static function limbsUm(Shot $shot): float
    {
        $limb = $shot->situation->motions[intdiv(count($shot->situation->motions), 2)];

        return $limb->limbBlurUm($shot->hold->shutterS, $shot->situation->subject->limbSpeedMps);
    }

    /** Whether a frame would be kept, by everything in it. */
    private static function kept(Shot $shot, float $softUm, Rush $rush, Hold $hold, Cause $cause): bool
    {
        $pitch = 1000 * $rush->kit->body->pitchMm();
        $limit = Verdict::KEEPER_LIMIT * $rush->cocUm();

        return $shot->kept &&
            hypot($shot->ellipsePx()->width() * $pitch, $softUm) <= 1.1 * $limit &&
            ! ($cause === Cause::Limbs && self::limbsUm($shot) > 1.5 * $limit);
    }

    /** What came of it, as it is logged: settings, and what was measured, with the errors of measuring. */
    public function logged(array $answers = []): LoggedBurst
    {
        $noise = Noise::white(81);
        $pitch = 1000 * $this->rush->kit->body->pitchMm();
        $frames = [];
        foreach ($this->shots as $i => $shot) {
            $z = static fn (int $k): float => $noise[(977 * $i + 331 * $k) & Noise::MASK];
            $e = $shot->ellipsePx();
            $soft = $this->softUm / $pitch / 4;
            $long = hypot($e->long, $soft) * exp(0.1 * $z($this->seed));
            $short = hypot($e->short, $soft) * exp(0.1 * $z($this->seed + 1));
            $kept = self::kept($shot, $this->softUm, $this->rush, $this->hold, $this->cause);
            $frames[] =
                $shot->cause === LossCause::OutOfFrame
                    ? new MeasuredFrame($shot->t, false, null, SharpWhere::Elsewhere)
                    : new MeasuredFrame(
                        $shot->t,
                        $kept,
                        Ellipse::fromAxes(max($long, $short), min($long, $short), $e->angleDeg + 5 * $z($this->seed + 2)),
                        $kept ? SharpWhere::Subject : $this->where($shot),
                    );
        }
        $kept = count(array_filter($frames, static fn (MeasuredFrame $f): bool => $f->kept));

        return new LoggedBurst(
            count($frames),
            $kept,
            rush: $this->told(),
            hold: PartialHold::of($this->hold),
            measured: $frames,
            answers: $answers,
        );
    }

    /** @return array<string, int> lost frames by what the run says lost them */
    public function losses(): array
    {
        return array_count_values(
            array_map(
                static fn (Shot $s): string => $s->cause?->value ?? ($s->lensOff ? 'lens off' : 'kept'),
                $this->shots,
            ),
        );
    }

    /** What the person described beforehand: not what made it go wrong. */
    private function told(): Rush
    {
        return $this->rush;
    }

    private function where(Shot $shot): SharpWhere
    {
        // Only something with detail can be seen to be sharp.
        return match ($shot->cause) {
            LossCause::Background => SharpWhere::Farther,
            LossCause::Nearer => SharpWhere::Nearer,
            default => $shot->kept && $this->softUm === 0.0 ? SharpWhere::Subject : SharpWhere::Nowhere,
        };
    }

    /** What a person says who looks at the frames. */
    public function answer(Question $question): string
    {
        $even = Noise::even(83);
        $at =
            7919 * $this->seed +
            101 * (int) array_search($question, Question::cases(), true) +
            31 * (int) array_search($this->cause, Cause::cases(), true);
        $luck = $even[$at & Noise::MASK];
        if ($luck < self::CANNOT && $question !== Question::LeftOver) {
            return 'unknown';
        }
        $answers = $question->answers();

        return $luck > 1 - self::WRONG
            ? $answers[(int) ($even[($at + 7) & Noise::MASK] * count($answers))]
            : $this->truth($question);
    }

    private function truth(Question $question): string
    {
        $lost = array_values(
            array_filter(
                $this->shots,
                fn (Shot $s): bool => ! self::kept($s, $this->softUm, $this->rush, $this->hold, $this->cause),
            ),
        );
        $share = static fn (callable $is): float => count(array_filter($lost, $is)) / max(1, count($lost));
        $of = static fn (LossCause ...$causes): float => $share(
            static fn (Shot $s): bool => in_array($s->cause, $causes, true),
        );
        $limit = Verdict::KEEPER_LIMIT * $this->rush->cocUm();
        $pitch = 1000 * $this->rush->kit->body->pitchMm();

        return match ($question) {
            Question::Course => Evidence::in($this->logged())['course'] ?? 'mixed',
            Question::Size => Evidence::in($this->logged())['size'] ?? 'more',
            Question::Side => $this->trembles() ? 'both' : 'one',
            Question::Grain => $this->hold->iso > 6400 && $this->softUm > 0 ? 'grain' : 'blur',
            Question::SharpWhere => match (true) {
                $of(LossCause::Background) > 0.45 => 'behind',
                $of(LossCause::Nearer) > 0.45 => 'before',
                $of(LossCause::NearerPart) > 0.4 => 'nearer-part',
                $this->limbsSmear() || $share($this->partSharp(...)) > 0.4 => 'slice',
                default => 'nothing',
            },
            Question::Smear => match (true) {
                $this->softUm > 0 => 'none',
                $this->limbsSmear() && $of(LossCause::Shake, LossCause::SubjectSmear) < 0.4 => 'limbs-only',
                $of(LossCause::Shake) > 0.45 => 'whole-frame',
                $of(LossCause::SubjectSmear) > 0.45 => 'subject-only',
                default => 'none',
            },
            Question::StillTarget => $this->still(1.0),
            Question::StoppedDown => match (true) {
                $this->cause !== Cause::LensSoft && $this->softUm > 0 => 'no-better',
                $this->softUm > 0 => 'crisp',
                $of(LossCause::TooLittleDepth, LossCause::NearerPart) > 0.5 => 'crisp',
                default => 'no-better',
            },
            Question::NearAtTheHour => $this->softUm > $limit || abs($this->hidden->lensErrorM) > 0
                ? 'soft-too'
                : 'crisp',
            Question::Finder => match (true) {
                $of(LossCause::NotCaught, LossCause::Hunting) > 0.5 => 'never-came',
                $this->trembles() => 'trembled',
                default => 'settled',
            },
            Question::AheadBehind => $share(
                fn (Shot $s): bool => in_array($s->cause, [LossCause::Lagging, LossCause::Leading], true) &&
                    ! $this->partSharp($s),
            ) > 0.4 && ! $this->trembles()
                ? 'at-turns'
                : 'no',
            Question::JumpedWhen => match (true) {
                $this->rush->scene->obstaclesPerS > 0.3 &&
                    $of(
                        LossCause::Background,
                        LossCause::Nearer,
                        LossCause::NotCaught,
                        LossCause::Hunting,
                        LossCause::Hidden,
                        LossCause::Lagging,
                        LossCause::Leading,
                        LossCause::LensTooSlow,
                    ) > 0.4 => 'passed',
                $of(LossCause::OutOfFrame, LossCause::Background) > 0.5 => 'slipped',
                default => 'never-jumped',
            },
            Question::OnlyOuter => $this->rush->kit->body->points !== null && hypot(...$this->hold->areaAt) > 0.1
                ? 'yes'
                : 'no',
            Question::InFrame => $of(LossCause::OutOfFrame) > 0.4 ? 'often-not' : 'mostly',
            Question::LeftOver => $this->hold->detect !== Detection::Off &&
            $this->hold->detect !== $this->rush->subject->kind
                ? 'yes'
                : 'no',
            Question::Mode => 'continuous',
        };
    }

    /** The subject itself is in focus, and somebody who should be is not. */
    private function partSharp(Shot $shot): bool
    {
        return $shot->situation->rush->group !== [] &&
            $shot->situation->lens->defocusUm($this->hold->aperture, $shot->focusM, $shot->distanceM) <=
                Verdict::KEEPER_LIMIT * $this->rush->cocUm();
    }

    private function limbsSmear(): bool
    {
        $crisp = count(array_filter($this->shots, static fn (Shot $s): bool => $s->kept));

        // What it would be called when the body is crisp.
        return $this->softUm === 0.0 &&
            $crisp > 0.6 * count($this->shots) &&
            self::limbsUm($this->shots[0]) > 1.5 * Verdict::KEEPER_LIMIT * $this->rush->cocUm();
    }

    /** Focus goes to and fro across it, far enough to be seen. */
    private function trembles(): bool
    {
        $limit = Verdict::KEEPER_LIMIT * $this->rush->cocUm();
        $changes = 0;
        $before = null;
        foreach ($this->shots as $shot) {
            $focus = max($shot->situation->kit->lens->nearestM, $shot->focusM - $this->hidden->lensErrorM);
            $off = $shot->situation->lens->defocusUm($this->hold->aperture, $focus, $shot->distanceM);
            $side = $off < 0.5 * $limit ? 0 : $focus <=> $shot->distanceM;
            $changes += $before !== null && $side !== 0 && $side === -$before ? 1 : 0;
            $before = $side === 0 ? $before : $side;
        }

        return $changes >= 0.2 * count($this->shots);
    }

    /** Something that keeps still at the same distance: what is left of the blur there. */
    private function still(float $stops): string
    {
        $limit = Verdict::KEEPER_LIMIT * $this->rush->cocUm();
        $shot = $this->shots[intdiv(count($this->shots), 2)];
        $error = abs($this->hidden->lensErrorM);
        $off =
            $error > 0
                ? $shot->situation->lens->defocusUm(
                    $this->hold->aperture,
                    $shot->distanceM + $this->hidden->lensErrorM,
                    $shot->distanceM,
                )
                : 0.0;
        $other = hypot($this->softUm, $shot->roundUm);

        return match (true) {
            $off > 0.8 * $limit => 'always-off',
            $other > $limit => 'soft',
            default => 'sharp',
        };
    }
}
