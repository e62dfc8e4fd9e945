<?php

declare(strict_types=1);

namespace RushHold\Planning;

use Closure;
use RushHold\Document\HoldDocument;
use RushHold\Focus\Outcome;
use RushHold\Focus\Simulator;
use RushHold\Hold\Area;
use RushHold\Hold\Detection;
use RushHold\Hold\Drive;
use RushHold\Hold\FocusMode;
use RushHold\Hold\Hold;
use RushHold\Hold\Pins;
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
 * All meet the same chances. Those that fall behind are dropped early (successive halving), so that most runs go to
 * those that matter. What is equal within the noise counts as equal; then the one with fewer changes from the rules'
 * own choice wins, then the simpler area.
 */
final readonly class Planner
{
    /** Runs each candidate gets in the rounds, the share that stays after each. */
    private const ROUNDS = [[6, 0.3], [14, 0.4], [40, 0.5], [70, 1.0]];

    /** At least so many stay to the end. */
    private const FINALISTS = 6;

    /** The leaders get runs until the standard error is at most this. */
    private const STANDARD_ERROR = 0.02;

    private const MOST_RUNS = 800;

    /** A set-up that loses no more than this share of the winner's keepers may be worth it for fewer changes. */
    private const NEARLY = 0.15;

    /** Runs of a changed winner. */
    private const WHY_RUNS = 50;

    public function __construct(private Chooser $chooser)
    {
    }

    public static function standard(): self
    {
        return new self(Chooser::standard());
    }

    /**
     * @param  int  $leaderRuns  runs the leaders get at least, 0 to 100000; without it what their error needs
     * @param  Standing|null  $standing  how the camera stands now
     * @param  (Closure(float): bool)|null  $wanted  told between the rounds which share of the work is done, 0 to 1; answers
     *                                              whether anybody still waits for it
     *
     * @throws Overtaken when nobody does
     */
    public function rank(Rush $rush, ?Pins $pins = null, int $seed = 1, int $leaderRuns = 0, ?Closure $wanted = null, ?Standing $standing = null): Ranking
    {
        $this->check($wanted, 0.0);
        $pins ??= Pins::none();
        $base = $this->chooser->choose($rush, $pins);
        $simulator = new Simulator($base->situation);
        $tried = $this->halve($simulator, self::candidates($base, $pins), $seed, $leaderRuns, $wanted);
        $best = self::winner($tried, $base->hold, $standing);
        usort($tried, static fn (Candidate $a, Candidate $b): int => [$b === $best, $b->outcome->keeperRate] <=> [$a === $best, $a->outcome->keeperRate]);

        $fixed = HoldDocument::pins(HoldDocument::write($best->hold), $rush->kit);
        $plan = $this->chooser->choose($rush, $fixed)->pinnedAs($pins, $base);

        $why = self::why($simulator, $base, $best, $pins, $seed);
        $this->check($wanted, 0.85);

        return new Ranking($plan, $best, $tried, self::ruledOut($base), $why,
            self::schools($simulator, $base, $best, $tried, $pins, $seed), $this->whatIfs($rush, $best, $pins, $seed), $standing,
            $standing === null ? null : self::nearest($tried, $best, $standing));
    }

    /** The best set-up without what explains it: for comparing kits. */
    public function best(Rush $rush, int $seed = 1): Candidate
    {
        $base = $this->chooser->choose($rush);
        $tried = $this->halve(new Simulator($base->situation), self::candidates($base, Pins::none()), $seed, 0, null);

        return self::winner($tried, $base->hold, null);
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
        $responses = [];
        $stays = $pins->has(Setting::Stay) ? [$hold->stay] : array_values(array_unique([$hold->stay, 2, 0, 4]));
        $changes = $pins->has(Setting::SpeedChange) ? [$hold->speedChange] : [1, 0, 2];
        foreach ($stays as $stay) {
            foreach ($changes as $change) {
                // Bodies that sell presets only have no others.
                $responses[implode(' ', $s->kit->body->nearestResponse($stay, $change))] = $s->kit->body->nearestResponse($stay, $change);
            }
        }
        if (! $s->kit->body->freeResponse && ! $pins->has(Setting::Stay) && ! $pins->has(Setting::SpeedChange)) {
            foreach ($s->kit->body->presets as $preset) {
                $responses["$preset->stay $preset->speedChange"] = [$preset->stay, $preset->speedChange];
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
                    detect: Detection::Off, eye: false, startAtM: $at, range: null, stay: $pins->has(Setting::Stay) ? $hold->stay : 2, speedChange: $pins->has(Setting::SpeedChange) ? $hold->speedChange : 1);
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
                    foreach ($once ? [[$hold->stay, $hold->speedChange]] : array_values($responses) as [$stay, $change]) {
                        $holds[] = $auto->with(mode: $mode, area: $area, detect: $detect, eye: $eye, stay: $stay, speedChange: $change,
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
            Area::Whole, Area::ZoneWide, Area::ZoneTall => [0.0, 0.0],
            default => $s->kit->body->reachable($area, $hold->areaAt),
        };
    }

    /**
     * @param  list<Hold>  $holds
     * @return list<Candidate>
     */
    private function halve(Simulator $simulator, array $holds, int $seed, int $leaderRuns, ?Closure $wanted): array
    {
        $running = array_map(static fn (Hold $hold): Candidate => new Candidate($hold, Outcome::of(1, [], 0.0, 0.0, [])), $holds);
        $dropped = [];
        foreach (self::ROUNDS as $round => [$runs, $share]) {
            $running = array_map(static fn (Candidate $c): Candidate => self::more($simulator, $c, $runs, $seed), $running);
            $this->check($wanted, 0.7 * ($round + 1) / count(self::ROUNDS));
            usort($running, static fn (Candidate $a, Candidate $b): int => $b->outcome->keeperRate <=> $a->outcome->keeperRate);
            $stay = max(self::FINALISTS, (int) ceil($share * count($running)));
            $dropped = [...array_slice($running, $stay), ...$dropped];
            $running = array_slice($running, 0, $stay);
        }
        foreach (array_slice($running, 0, self::FINALISTS) as $i => $candidate) {
            while ($candidate->outcome->runs < $leaderRuns
                || $candidate->outcome->standardError > self::STANDARD_ERROR && $candidate->outcome->runs < self::MOST_RUNS) {
                $candidate = self::more($simulator, $candidate, 80, $seed);
            }
            $running[$i] = $candidate;
        }

        return [...$running, ...$dropped];
    }

    /** @param  (Closure(float): bool)|null  $wanted */
    private function check(?Closure $wanted, float $done): void
    {
        if ($wanted !== null && ! $wanted($done)) {
            throw new Overtaken('A newer question came in.');
        }
    }

    /**
     * What would help most if the situation itself could be changed: each change is solved and played again.
     *
     * @return list<WhatIf> the most helpful first
     */
    private function whatIfs(Rush $rush, Candidate $best, Pins $pins, int $seed): array
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
            [Setting::Eye, $best->hold->eye], [Setting::Stay, $best->hold->stay], [Setting::SpeedChange, $best->hold->speedChange]] as [$setting, $value]) {
            $focus = $focus->with($setting, $value, $rush->kit);
        }
        $found = [];
        foreach ($changes as [$change, $sentence, $changed]) {
            if ($changed == $rush || ($change === 'lane' && $scene->frontClutter < 0.02 && $scene->obstaclesPerS < 0.02) || $focal < 24 && $change === 'lens') {
                continue;
            }
            $plan = $this->chooser->choose($changed, $focus);
            [$gain, $error] = (new Simulator($plan->situation))->run($plan->hold, self::WHY_RUNS, $seed)->minus($best->outcome);
            $found[] = new WhatIf($change, $sentence, $gain, $error);
        }
        usort($found, static fn (WhatIf $a, WhatIf $b): int => $b->gain <=> $a->gain);

        return $found;
    }

    private static function more(Simulator $simulator, Candidate $candidate, int $runs, int $seed): Candidate
    {
        $outcome = $simulator->run($candidate->hold, $runs, $seed, $candidate->outcome->runs);

        return new Candidate($candidate->hold, $candidate->outcome->runs === 0 ? $outcome : $candidate->outcome->and($outcome));
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

    /** @return list<Counterfactual> the most costly change first */
    private static function why(Simulator $simulator, Plan $base, Candidate $best, Pins $pins, int $seed): array
    {
        $hold = $best->hold;
        $s = $base->situation;
        $changes = [];
        if ($hold->technique === Technique::Auto) {
            $other = static fn (Area $a): bool => $a !== $hold->area && isset($s->kit->body->areas[$a->value]) && $s->kit->body->areas[$a->value]->allows($hold->mode);
            foreach ([Area::Point, Area::Point8, Area::Zone, Area::Whole] as $area) {
                if ($other($area)) {
                    [$detect, $eye] = self::detections($base, $pins, $area)[0];
                    $changes[] = [Setting::Area, $hold->area->value, $area->value, $hold->with(area: $area, detect: $detect, eye: $eye)];
                }
            }
            if ($hold->detect !== Detection::Off) {
                $changes[] = [Setting::Detect, $hold->detect->value, 'off', $hold->with(detect: Detection::Off, eye: false)];
            }
            foreach ([0, 2, 4] as $stay) {
                if ($stay !== $hold->stay) {
                    $changes[] = [Setting::Stay, $hold->stay, $stay, $hold->with(stay: $stay)];
                }
            }
            foreach ([0, 1, 2] as $change) {
                if ($change !== $hold->speedChange) {
                    $changes[] = [Setting::SpeedChange, $hold->speedChange, $change, $hold->with(speedChange: $change)];
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
                [$lost, $error] = $best->outcome->minus($simulator->run($changed, self::WHY_RUNS, $seed));
                $found[] = new Counterfactual($setting->value, $from, $to, -$lost, $error);
            }
        }
        usort($found, static fn (Counterfactual $a, Counterfactual $b): int => $a->change <=> $b->change);

        return $found;
    }

    /**
     * @param  list<Candidate>  $tried
     * @return list<SchoolResult>
     */
    private static function schools(Simulator $simulator, Plan $base, Candidate $best, array $tried, Pins $pins, int $seed): array
    {
        $small = [Area::Pinpoint, Area::Point, Area::Point4, Area::Point8];
        $auto = static fn (Candidate $c): bool => $c->hold->technique === Technique::Auto;
        $sides = [
            ['area', 'small', static fn (Candidate $c): bool => $auto($c) && in_array($c->hold->area, $small, true)],
            ['area', 'large', static fn (Candidate $c): bool => $auto($c) && ! in_array($c->hold->area, $small, true)],
            ['response', 'sticky', static fn (Candidate $c): bool => $auto($c) && $c->hold->stay >= 3],
            ['response', 'general', static fn (Candidate $c): bool => $auto($c) && in_array($c->hold->stay, [1, 2], true)],
            ['response', 'quick', static fn (Candidate $c): bool => $auto($c) && $c->hold->stay === 0],
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
            $results[] = self::result($school, $side, $belongs($best) ? $best : $members[0], $best);
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
            $results[] = self::result($school, $side, $variant->changesFrom($hold) === 0 ? $best
                : new Candidate($variant, $simulator->run($variant, self::WHY_RUNS, $seed)), $best);
        }

        return $results;
    }

    private static function result(string $school, string $side, Candidate $candidate, Candidate $best): SchoolResult
    {
        [$cost, $error] = $best->outcome->minus($candidate->outcome);

        return new SchoolResult($school, $side, $candidate, $candidate === $best ? 0.0 : $cost, $candidate === $best ? 0.0 : $error);
    }
}
