<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Document\HoldDocument;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Overtaken;
use RushHold\Focus\Play;
use RushHold\Focus\Stage;
use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Hold\Drive;
use RushHold\Hold\FocusMode;
use RushHold\Hold\Hold;
use RushHold\Hold\Pins;
use RushHold\Hold\Response;
use RushHold\Hold\Setting;
use RushHold\Hold\Stabiliser;
use RushHold\Hold\Technique;
use RushHold\Kit\Support;
use RushHold\Number;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Rush\Light;
use RushHold\Rush\Rush;

/**
 * Tries every set-up that the rules let through, and ranks them.
 *
 * All meet the same chances. What is equal within the noise counts as equal; then the one with fewer changes from the
 * rules' own choice wins, then the simpler area.
 */
final readonly class Planner
{
    /** A set-up that loses no more than this share of the winner's keepers may be worth it for fewer changes. */
    private const NEARLY = 0.15;

    /** Patience that is tried besides the rules' own choice, and nimbleness: the usual first. */
    private const PATIENCES = [0.3, 0.02, 1.2];

    private const NIMBLES = [0.5, 0.0, 1.0];

    /** From so much patience on a response counts as sticky, below so little as quick, s. */
    private const STICKY_S = 0.5;

    private const QUICK_S = 0.1;

    public function __construct(private Chooser $chooser)
    {
    }

    public static function standard(): self
    {
        return new self(Chooser::standard());
    }

    /**
     * @param  int  $leaderRuns  runs the leaders get at least, 0 to 100000; without it what their error needs
     * @param  Stage|null  $stage  where it is played; here when left out
     * @param  Standing|null  $standing  how the camera stands now
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public function rank(Rush $rush, ?Pins $pins = null, int $seed = 1, int $leaderRuns = 0, ?Stage $stage = null, ?Standing $standing = null): Ranking
    {
        $pins ??= Pins::none();
        $stage ??= new OneProcess;
        $base = $this->chooser->choose($rush, $pins);
        $holds = self::candidates($base, $pins);
        $effort = Effort::for($base->situation, count($holds));
        $tried = (new Race($base->situation, $effort, $stage, $seed))->run(self::fewer($holds, $effort->mostCandidates), $leaderRuns);
        $best = self::winner($tried, $base->hold, $standing);
        usort($tried, static fn (Candidate $a, Candidate $b): int => [$b === $best, $b->outcome->keeperRate] <=> [$a === $best, $a->outcome->keeperRate]);

        $fixed = HoldDocument::pins(HoldDocument::write($best->hold), $rush->kit);
        $plan = $this->chooser->choose($rush, $fixed)->pinnedAs($pins, $base);

        // All that explains the winner is played at once.
        $play = static fn (Situation $s, Hold $hold): Play => new Play($s, $hold, $effort->whyRuns, $seed);
        [$why, $schools, $whatIfs] = self::answered($stage, self::why($play, $base, $best, $pins),
            self::schools($play, $base, $best, $tried, $pins), $this->whatIfs($play, $rush, $best, $pins));
        $stage->reached(1.0);
        usort($why, static fn (Counterfactual $a, Counterfactual $b): int => $a->change <=> $b->change);
        usort($whatIfs, static fn (WhatIf $a, WhatIf $b): int => $b->gain <=> $a->gain);

        return new Ranking($plan, $best, $tried, self::ruledOut($base), $why, $schools, $whatIfs, $standing,
            $standing === null ? null : self::nearest($tried, $best, $standing), count($holds), $effort->reduced);
    }

    /**
     * The best set-up without what explains it: for comparing kits.
     *
     * @param  int  $mostSteps  focus cycles that may be spent
     *
     * @throws Overtaken when nobody waits for it any more
     */
    public function best(Rush $rush, int $seed = 1, ?Stage $stage = null, int $mostSteps = Effort::MOST_STEPS): Candidate
    {
        $base = $this->chooser->choose($rush);
        $holds = self::candidates($base, Pins::none());
        $effort = Effort::for($base->situation, count($holds), $mostSteps);
        $tried = (new Race($base->situation, $effort, $stage ?? new OneProcess, $seed))->run(self::fewer($holds, $effort->mostCandidates));

        return self::winner($tried, $base->hold, null);
    }

    /**
     * Those that differ most: of each technique, mode, area and detection the first response, then the second, until
     * there are enough.
     *
     * @param  list<Hold>  $holds
     * @return list<Hold>
     */
    private static function fewer(array $holds, int $most): array
    {
        if (count($holds) <= $most) {
            return $holds;
        }
        $seen = $ordered = [];
        foreach ($holds as $i => $hold) {
            $family = $hold->technique->value.$hold->mode->value.$hold->area->value.$hold->detect->value;
            $ordered[] = [$seen[$family] = ($seen[$family] ?? -1) + 1, $i];
        }
        sort($ordered);

        return array_map(static fn (array $o): Hold => $holds[$o[1]], array_slice($ordered, 0, $most));
    }

    /**
     * Plays all that was asked, together, and tells each question what came of it.
     *
     * @param  list<array{?Play, Closure(Outcome): Counterfactual}>  $why  without a play the answer is known
     * @param  list<array{?Play, Closure(Outcome): SchoolResult}>  $schools
     * @param  list<array{?Play, Closure(Outcome): WhatIf}>  $whatIfs
     * @return array{list<Counterfactual>, list<SchoolResult>, list<WhatIf>}
     *
     * @throws Overtaken when nobody waits for it any more
     */
    private static function answered(Stage $stage, array $why, array $schools, array $whatIfs): array
    {
        $outcomes = $stage->play(array_values(array_filter(array_column([...$why, ...$schools, ...$whatIfs], 0))));
        $next = static function (?Play $play) use (&$outcomes): Outcome {
            return ($play === null ? null : array_shift($outcomes)) ?? Outcome::of(1, [], 0.0, 0.0, []);
        };

        return [
            array_map(static fn (array $asked): Counterfactual => $asked[1]($next($asked[0])), $why),
            array_map(static fn (array $asked): SchoolResult => $asked[1]($next($asked[0])), $schools),
            array_map(static fn (array $asked): WhatIf => $asked[1]($next($asked[0])), $whatIfs),
        ];
    }

    /**
     * Of the set-ups that keep nearly as many frames as the winner, the one that needs the fewest changes.
     *
     * @param  list<Candidate>  $tried
     */
    private static function nearest(array $tried, Candidate $best, Standing $standing): Candidate
    {
        $nearest = $best;
        $least = count($standing->changesTo($best->hold));
        foreach ($tried as $candidate) {
            $changes = count($standing->changesTo($candidate->hold));
            if ($changes < $least && $best->outcome->keeperRate - $candidate->outcome->keeperRate <= self::NEARLY * $best->outcome->keeperRate) {
                $nearest = $candidate;
                $least = $changes;
            }
        }

        return $nearest;
    }

    /**
     * Everything the body allows and the rules do not rule out, around what is pinned.
     *
     * @return list<Hold>
     */
    public static function candidates(Plan $base, Pins $pins): array
    {
        $s = $base->situation;
        $hold = $base->hold;
        /** @return list<string> the value chosen and those that are not ruled out */
        $open = static function (Setting $setting) use ($base): array {
            $values = [];
            foreach ($base->lines as $line) {
                if ($line->setting === $setting) {
                    $values[] = is_string($line->value) ? $line->value : '';
                    foreach ($line->pinned ? [] : $line->alternatives as $alternative) {
                        if ($alternative->possible) {
                            $values[] = (string) $alternative->value;
                        }
                    }
                }
            }

            return $values;
        };
        $body = $s->kit->body;
        $responses = [];
        $patiences = $pins->has(Setting::Patience) ? [$hold->patienceS] : [$hold->patienceS, ...self::PATIENCES];
        $nimbles = $pins->has(Setting::Nimbleness) ? [$hold->nimble] : self::NIMBLES;
        foreach ($patiences as $patience) {
            foreach ($nimbles as $nimble) {
                // What is pinned stays; the rest is what the body has.
                [$has, $follows] = $body->nearestResponse($patience, $nimble);
                $response = [$pins->has(Setting::Patience) ? $patience : $has, $pins->has(Setting::Nimbleness) ? $nimble : $follows];
                $responses[implode(' ', $response)] = $response;
            }
        }
        if (! $body->freeResponse && ! $pins->has(Setting::Patience) && ! $pins->has(Setting::Nimbleness)) {
            foreach ($body->presets as $preset) {
                $responses["$preset->patienceS $preset->nimble"] = [$preset->patienceS, $preset->nimble];
            }
        }
        // By hand the area only marks a place; a body without the single point marks it with what it has.
        $mark = isset($s->kit->body->areas[Area::Point->value]) ? Area::Point : $hold->area;
        $holds = [];
        foreach ($open(Setting::Technique) as $word) {
            $technique = Technique::from($word);
            if ($technique !== Technique::Auto) {
                $at = $pins->has(Setting::StartAt) ? $hold->startAtM : DistanceSolver::startAt($s, $technique)[0];
                $holds[] = $hold->with(technique: $technique, mode: FocusMode::Manual, area: $pins->has(Setting::Area) ? $hold->area : $mark,
                    detect: Detection::Off, eye: false, startAtM: $at, range: null, patienceS: $pins->has(Setting::Patience) ? $hold->patienceS : Response::USUAL_PATIENCE_S, nimble: $pins->has(Setting::Nimbleness) ? $hold->nimble : Response::USUAL_NIMBLE);
            }
        }
        if ($pins->has(Setting::Technique) && $hold->technique !== Technique::Auto || $hold->mode === FocusMode::Manual && $pins->has(Setting::Mode)) {
            return $holds === [] ? [$hold] : $holds;
        }
        $auto = $hold->technique === Technique::Auto ? $hold
            : $hold->with(technique: Technique::Auto, mode: FocusMode::Continuous, startAtM: $pins->has(Setting::StartAt) ? $hold->startAtM : DistanceSolver::startAt($s, Technique::Auto)[0]);
        $modes = $hold->technique === Technique::Auto ? array_map(static fn (string $m): FocusMode => FocusMode::from($m), $open(Setting::Mode)) : [FocusMode::Continuous];
        foreach ($modes as $mode) {
            if ($mode === FocusMode::Manual || $mode === FocusMode::AutoSwitch && ! $pins->has(Setting::Mode)) {
                continue;
            }
            foreach (self::areas($base, $pins, $mode) as $area) {
                foreach (self::detections($base, $pins, $area) as [$detect, $eye]) {
                    $once = $mode !== FocusMode::Continuous;
                    foreach ($once ? [[$hold->patienceS, $hold->nimble]] : array_values($responses) as [$patience, $nimble]) {
                        $holds[] = $auto->with(mode: $mode, area: $area, detect: $detect, eye: $eye, patienceS: $patience, nimble: $nimble,
                            areaAt: $pins->has(Setting::AreaAt) ? $hold->areaAt : self::place($s, $hold, $area));
                    }
                }
            }
        }

        return $holds;
    }

    /** @return list<Area> */
    private static function areas(Plan $base, Pins $pins, FocusMode $mode): array
    {
        if ($pins->has(Setting::Area)) {
            return [$base->hold->area];
        }
        $s = $base->situation;
        $areas = [];
        foreach (Area::cases() as $area) {
            $shape = $s->kit->body->areas[$area->value] ?? null;
            if ($shape === null || ! $shape->allows($mode)) {
                continue;
            }
            $choices = new Choices($pins);
            $choices->decide(Setting::Technique, Technique::Auto);
            $choices->decide(Setting::Mode, $mode);
            foreach (RuleBook::standard()->for(Setting::Area) as $rule) {
                if (in_array($area->value, $rule->rejects, true) && $rule->applies($s, $choices)) {
                    continue 2;
                }
            }
            $areas[] = $area;
        }

        return $areas === [] ? [$base->hold->area] : $areas;
    }

    /** @return list<array{Detection, bool}> */
    private static function detections(Plan $base, Pins $pins, Area $area): array
    {
        $s = $base->situation;
        $shape = $s->kit->body->areas[$area->value];
        if ($pins->has(Setting::Detect)) {
            return [[$base->hold->detect, $base->hold->eye && $shape->seesEyes]];
        }
        $kind = $s->subject->kind;
        $eye = $pins->has(Setting::Eye) ? $base->hold->eye : $shape->seesEyes;
        $ways = $shape->detects && $kind !== Detection::Off && $s->kit->body->canDetect($kind) ? [[$kind, $eye]] : [];
        if ($ways === [] || $area->picksForItself()) {
            $ways[] = [Detection::Off, false];
        }

        return $ways;
    }

    /** @return array{float, float} */
    private static function place(Situation $s, Hold $hold, Area $area): array
    {
        return match ($area) {
            Area::Whole, Area::Band, Area::Column => [0.0, 0.0],
            default => $s->kit->body->reachable($area, $hold->areaAt),
        };
    }

    /**
     * What would help most if the situation itself could be changed: each change is solved and played again.
     *
     * @param  Closure(Situation, Hold): Play  $play
     * @return list<array{Play, Closure(Outcome): WhatIf}>
     */
    private function whatIfs(Closure $play, Rush $rush, Candidate $best, Pins $pins): array
    {
        $scene = $rush->scene;
        $nearer = max($rush->kit->lens->nearestM, 0.75 * $rush->path->startM);
        $farther = min(3000.0, 1.35 * $rush->path->startM);
        $focal = max($rush->kit->lens->zoom?->fromMm() ?? 8.0, round(0.7 * $rush->kit->lens->focalMm));
        $changes = [
            ['closer', sprintf('Get closer: begin at {%s m}.', Number::significant($nearer)), $rush->with(path: $rush->path->startingAt($nearer))],
            ['farther', sprintf('Stand farther back: begin at {%s m}.', Number::significant($farther)), $rush->with(path: $rush->path->startingAt($farther))],
            ['light', 'Wait for two stops more light.', $rush->with(light: Light::value(max(-8.0, min(20.0, $rush->light->ev100 + 2)), 0.0, $rush->light->sky),
                scene: $scene->with(backlit: $rush->isBacklit()))],
            ['front-light', 'Move until the light is behind you.', $rush->isBacklit()
                ? $rush->with(light: Light::value(max(-8.0, min(20.0, $rush->light->ev100)), 0.0, $rush->light->sky), scene: $scene->with(backlit: false)) : $rush],
            ['background', 'Find an angle with a plain background.', $rush->with(scene: $scene->with(backgroundTexture: 0.1, backgroundAlike: 0.0))],
            ['lane', 'Find a clear lane: nothing in front of it.', $rush->with(scene: $scene->with(frontClutter: 0.0, obstaclesPerS: 0.0))],
            ['support', 'Put it on a tripod with a moving head.', $rush->with(photographer: $rush->photographer->with(support: Support::Tripod))],
            ['lens', sprintf('Use about %d mm.', $focal), $rush->with(kit: $rush->kit->with(lens: $rush->kit->lens->zoom === null ? $rush->kit->lens->with(focalMm: $focal) : $rush->kit->lens->at($focal)))],
        ];
        // What focuses stays as it is; exposure and distances are solved again.
        $focus = $pins;
        foreach ([[Setting::Technique, $best->hold->technique], [Setting::Mode, $best->hold->mode], [Setting::Area, $best->hold->area], [Setting::Detect, $best->hold->detect],
            [Setting::Eye, $best->hold->eye], [Setting::Patience, $best->hold->patienceS], [Setting::Nimbleness, $best->hold->nimble]] as [$setting, $value]) {
            $focus = $focus->with($setting, $value, $rush->kit);
        }
        $found = [];
        foreach ($changes as [$change, $sentence, $changed]) {
            if ($changed == $rush || ($change === 'lane' && $scene->frontClutter < 0.02 && $scene->obstaclesPerS < 0.02) || $focal < 24 && $change === 'lens') {
                continue;
            }
            $plan = $this->chooser->choose($changed, $focus);
            $found[] = [$play($plan->situation, $plan->hold), static function (Outcome $outcome) use ($change, $sentence, $best): WhatIf {
                [$gain, $error] = $outcome->minus($best->outcome);

                return new WhatIf($change, $sentence, $gain, $error);
            }];
        }

        return $found;
    }

    /**
     * Equal within the noise is equal; then fewer changes from how the camera stands, or from the rules' choice where
     * that is not known; then the simpler area.
     *
     * @param  list<Candidate>  $tried  leaders first
     */
    private static function winner(array $tried, Hold $usual, ?Standing $standing): Candidate
    {
        $leader = $tried[0];
        $best = $leader;
        $order = array_flip(array_map(static fn (Area $a): string => $a->value, Area::cases()));
        $rank = static fn (Candidate $c): array => [$standing === null ? $c->hold->changesFrom($usual) : count($standing->changesTo($c->hold)), $order[$c->hold->area->value], $c->hold->iso];
        foreach ($tried as $candidate) {
            if ($candidate->outcome->runs < $leader->outcome->runs / 2) {
                continue;
            }
            [$behind, $error] = $leader->outcome->minus($candidate->outcome);
            if ($behind <= max(0.01, 1.5 * $error) && $behind < 0.04 && $rank($candidate) < $rank($best)) {
                $best = $candidate;
            }
        }

        return $best;
    }

    /** @return list<array{setting: string, value: string, because: string}> */
    private static function ruledOut(Plan $base): array
    {
        $out = [];
        foreach ($base->lines as $line) {
            foreach ($line->setting->words() === null ? [] : $line->alternatives as $alternative) {
                if (! $alternative->possible && in_array($line->setting, [Setting::Technique, Setting::Mode, Setting::Area, Setting::Detect], true)) {
                    $out[] = ['setting' => $line->setting->value, 'value' => (string) $alternative->value, 'because' => $alternative->because];
                }
            }
        }

        return $out;
    }

    /**
     * @param  Closure(Situation, Hold): Play  $play
     * @return list<array{Play, Closure(Outcome): Counterfactual}>
     */
    private static function why(Closure $play, Plan $base, Candidate $best, Pins $pins): array
    {
        $hold = $best->hold;
        $s = $base->situation;
        $changes = [];
        if ($hold->technique === Technique::Auto) {
            $other = static fn (Area $a): bool => $a !== $hold->area && isset($s->kit->body->areas[$a->value]) && $s->kit->body->areas[$a->value]->allows($hold->mode);
            foreach ([Area::Point, Area::RingSmall, Area::Block, Area::Whole] as $area) {
                if ($other($area)) {
                    [$detect, $eye] = self::detections($base, $pins, $area)[0];
                    $changes[] = [Setting::Area, $hold->area->value, $area->value, $hold->with(area: $area, detect: $detect, eye: $eye)];
                }
            }
            if ($hold->detect !== Detection::Off) {
                $changes[] = [Setting::Detect, $hold->detect->value, 'off', $hold->with(detect: Detection::Off, eye: false)];
            }
            // Each step that the body has, once.
            $patiences = array_unique(array_map(static fn (float $p): float => Response::nearestPatience($p, $s->kit->body->patienceSteps), [0.02, 0.3, 1.2]), SORT_NUMERIC);
            foreach ($patiences as $patience) {
                if ($patience !== $hold->patienceS) {
                    $changes[] = [Setting::Patience, $hold->patienceS, $patience, $hold->with(patienceS: $patience)];
                }
            }
            $nimbles = array_unique(array_map(static fn (float $n): float => Response::nearestNimble($n, $s->kit->body->nimbleSteps), Response::NIMBLE), SORT_NUMERIC);
            foreach ($nimbles as $nimble) {
                if ($nimble !== $hold->nimble) {
                    $changes[] = [Setting::Nimbleness, $hold->nimble, $nimble, $hold->with(nimble: $nimble)];
                }
            }
            if ($hold->mode === FocusMode::Continuous && $s->kit->body->areas[$hold->area->value]->allows(FocusMode::Single)) {
                $changes[] = [Setting::Mode, 'continuous', 'single', $hold->with(mode: FocusMode::Single)];
            }
        }
        foreach ([-1, 1] as $stop) {
            $n = $hold->aperture * 2 ** ($stop / 2);
            if ($n >= $s->kit->widest() * 0.99 && $n <= $s->kit->smallest()) {
                $changes[] = [Setting::Aperture, $hold->aperture, $n, $hold->with(aperture: $n)];
            }
        }
        $changes[] = [Setting::Shutter, $hold->shutterS, $hold->shutterS * 2, $hold->with(shutterS: $hold->shutterS * 2)];
        $found = [];
        foreach ($changes as [$setting, $from, $to, $changed]) {
            if (! $pins->has($setting)) {
                $found[] = [$play($s, $changed), static function (Outcome $outcome) use ($setting, $from, $to, $best): Counterfactual {
                    [$lost, $error] = $best->outcome->minus($outcome);

                    return new Counterfactual($setting->value, $from, $to, -$lost, $error);
                }];
            }
        }

        return $found;
    }

    /**
     * @param  Closure(Situation, Hold): Play  $play
     * @param  list<Candidate>  $tried
     * @return list<array{?Play, Closure(Outcome): SchoolResult}>
     */
    private static function schools(Closure $play, Plan $base, Candidate $best, array $tried, Pins $pins): array
    {
        $small = [Area::Speck, Area::Point, Area::Plus, Area::RingSmall];
        $auto = static fn (Candidate $c): bool => $c->hold->technique === Technique::Auto;
        $sides = [
            ['area', 'small', static fn (Candidate $c): bool => $auto($c) && in_array($c->hold->area, $small, true)],
            ['area', 'large', static fn (Candidate $c): bool => $auto($c) && ! in_array($c->hold->area, $small, true)],
            ['response', 'sticky', static fn (Candidate $c): bool => $auto($c) && $c->hold->patienceS >= self::STICKY_S],
            ['response', 'general', static fn (Candidate $c): bool => $auto($c) && $c->hold->patienceS >= self::QUICK_S && $c->hold->patienceS < self::STICKY_S],
            ['response', 'quick', static fn (Candidate $c): bool => $auto($c) && $c->hold->patienceS < self::QUICK_S],
            ['focus', 'automatic', $auto],
            ['focus', 'by hand', static fn (Candidate $c): bool => ! $auto($c)],
        ];
        $results = [];
        foreach ($sides as [$school, $side, $belongs]) {
            $members = array_values(array_filter($tried, $belongs));
            if ($members === []) {
                continue;
            }
            usort($members, static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate);
            $results[] = [null, static fn (): SchoolResult => self::result($school, $side, $belongs($best) ? $best : $members[0], $best)];
        }
        $hold = $best->hold;
        $widest = $base->situation->kit->widest();
        $variants = [
            ['aperture', 'wide open', Setting::Aperture, $hold->with(aperture: $widest)],
            ['aperture', 'one stop down', Setting::Aperture, $hold->with(aperture: $widest * M_SQRT2)],
            ['bursts', 'long', Setting::Drive, $hold->with(drive: Drive::Long)],
            ['bursts', 'short', Setting::Drive, $hold->with(drive: Drive::Short)],
            ['stabiliser', 'off', Setting::Stabiliser, $hold->with(stabiliser: Stabiliser::Off)],
            ['stabiliser', 'on', Setting::Stabiliser, $hold->with(stabiliser: Stabiliser::On)],
            ['support', 'free', Setting::Support, $hold->with(support: Support::Handheld)],
            ['support', 'supported', Setting::Support, $hold->with(support: Support::Tripod)],
        ];
        foreach ($variants as [$school, $side, $setting, $variant]) {
            if ($pins->has($setting) && $variant->changesFrom($hold) > 0) {
                continue;
            }
            $results[] = $variant->changesFrom($hold) === 0 ? [null, static fn (): SchoolResult => self::result($school, $side, $best, $best)]
                : [$play($base->situation, $variant), static fn (Outcome $outcome): SchoolResult => self::result($school, $side, new Candidate($variant, $outcome), $best)];
        }

        return $results;
    }

    private static function result(string $school, string $side, Candidate $candidate, Candidate $best): SchoolResult
    {
        [$cost, $error] = $best->outcome->minus($candidate->outcome);

        return new SchoolResult($school, $side, $candidate, $candidate === $best ? 0.0 : $cost, $candidate === $best ? 0.0 : $error);
    }
}
