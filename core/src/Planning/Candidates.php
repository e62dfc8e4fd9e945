<?php

declare(strict_types=1);

namespace RushHold\Planning;

use RushHold\Hold\Hold;
use RushHold\Hold\PartialHold;
use RushHold\Hold\Setting;
use RushHold\Hold\Technique;
use RushHold\Kit\Area;
use RushHold\Kit\Detection;
use RushHold\Kit\FocusMode;
use RushHold\Kit\Response;
use RushHold\Planning\Solve\DistanceSolver;
use RushHold\Situation\Situation;
use RushHold\Situation\Thresholds;

/** Every set-up the body allows and the rules do not rule out, around what is pinned. */
final readonly class Candidates
{
    /** Patience that is tried besides the rules' own choice, and nimbleness: the usual first. */
    private const PATIENCES = [0.3, 0.02, 1.2];

    private const NIMBLES = [0.5, 0.0, 1.0];

    private Situation $s;

    private Hold $hold;

    /** @param  Plan  $base  the rules' own choice, around the same pins */
    public function __construct(private Plan $base, private PartialHold $pins)
    {
        $this->s = $base->situation;
        $this->hold = $base->hold;
    }

    /** @return non-empty-list<Hold> */
    public function all(): array
    {
        $byHand = $this->byHand();
        $pinnedByHand =
            ($this->pins->has(Setting::Technique) && $this->hold->technique !== Technique::Auto) ||
            ($this->pins->has(Setting::Mode) && $this->hold->mode === FocusMode::Manual);
        $all = $pinnedByHand ? $byHand : [...$byHand, ...$this->automatic()];

        return $all === [] ? [$this->hold] : $all;
    }

    /** @return list<Hold> one for each way of the hand */
    private function byHand(): array
    {
        $holds = [];
        foreach ($this->open(Setting::Technique) as $word) {
            $technique = Technique::from($word);
            if ($technique !== Technique::Auto) {
                $holds[] = $this->free(
                    $this->hold->with(
                        technique: $technique,
                        mode: FocusMode::Manual,
                        area: $this->mark(),
                        detect: Detection::Off,
                        eye: false,
                        startAtM: DistanceSolver::startAt($this->s, $technique)[0],
                        range: null,
                        patienceS: Response::USUAL_PATIENCE_S,
                        nimble: Response::USUAL_NIMBLE,
                    ),
                    Setting::Area,
                    Setting::StartAt,
                    Setting::Patience,
                    Setting::Nimbleness,
                );
            }
        }

        return $holds;
    }

    /** Keeps still and is not likely to stir: focus once found may stay. */
    private function restsWell(): bool
    {
        return $this->s->isStill() && $this->s->subject->erratic < Thresholds::STIRS;
    }

    /** The rules' own choice for the camera to focus by itself, whoever focuses in their first choice. */
    public function usual(): Hold
    {
        return $this->hold->technique === Technique::Auto
            ? $this->hold
            : $this->free(
                $this->hold->with(
                    technique: Technique::Auto,
                    mode: $this->restsWell() ? FocusMode::Single : FocusMode::Continuous,
                    startAtM: DistanceSolver::startAt($this->s, Technique::Auto)[0],
                ),
                Setting::StartAt,
            );
    }

    /** @return list<Hold> each mode, area, detection and response */
    private function automatic(): array
    {
        $auto = $this->usual();
        $holds = [];
        foreach ($this->modes() as $mode) {
            $responses =
                $mode === FocusMode::Continuous ? $this->responses() : [[$this->hold->patienceS, $this->hold->nimble]];
            foreach ($this->areas($mode) as $area) {
                $place = $this->pins->has(Setting::AreaAt) ? $this->hold->areaAt : $this->place($area);
                foreach ($this->detections($area) as [$detect, $eye]) {
                    foreach ($responses as [$patience, $nimble]) {
                        $holds[] = $auto->with(
                            mode: $mode,
                            area: $area,
                            detect: $detect,
                            eye: $eye,
                            patienceS: $patience,
                            nimble: $nimble,
                            areaAt: $place,
                        );
                    }
                }
            }
        }

        return $holds;
    }

    /** By hand the area only marks a place; a body without the single point marks it with what it has. */
    private function mark(): Area
    {
        return isset($this->s->kit->body->areas[Area::Point->value]) ? Area::Point : $this->hold->area;
    }

    /** What is pinned of these settings stays as it is. */
    private function free(Hold $changed, Setting ...$settings): Hold
    {
        $kept = array_filter($settings, $this->pins->has(...));

        return $kept === []
            ? $changed
            : PartialHold::of($changed)->and(PartialHold::of($this->hold, ...$kept))->whole();
    }

    /** @return list<string> the value chosen and those that are not ruled out */
    private function open(Setting $setting): array
    {
        $line = $this->base->line($setting);
        $others = $line->pinned
            ? []
            : array_filter($line->alternatives, static fn (Alternative $a): bool => $a->possible);

        return [
            is_string($line->value) ? $line->value : '',
            ...array_map(static fn (Alternative $a): string => (string) $a->value, array_values($others)),
        ];
    }

    /** @return list<FocusMode> a body that decides for itself only where it is pinned: nothing is known about it */
    private function modes(): array
    {
        if ($this->hold->technique !== Technique::Auto) {
            return $this->restsWell() ? [FocusMode::Single, FocusMode::Continuous] : [FocusMode::Continuous];
        }
        $modes = array_map(static fn (string $mode): FocusMode => FocusMode::from($mode), $this->open(Setting::Mode));

        return array_values(
            array_filter(
                $modes,
                fn (FocusMode $mode): bool => $mode !== FocusMode::Manual &&
                    ($mode !== FocusMode::AutoSwitch || $this->pins->has(Setting::Mode)),
            ),
        );
    }

    /**
     * @return list<array{float, float}> patience and nimbleness: what is pinned stays, the rest is what the body has
     */
    private function responses(): array
    {
        $body = $this->s->kit->body;
        $fixed = [$this->pins->has(Setting::Patience), $this->pins->has(Setting::Nimbleness)];
        $responses = [];
        foreach ($fixed[0] ? [$this->hold->patienceS] : [$this->hold->patienceS, ...self::PATIENCES] as $patience) {
            foreach ($fixed[1] ? [$this->hold->nimble] : self::NIMBLES as $nimble) {
                [$has, $follows] = $body->nearestResponse($patience, $nimble);
                $responses[] = [$fixed[0] ? $patience : $has, $fixed[1] ? $nimble : $follows];
            }
        }
        if (! $body->freeResponse && $fixed === [false, false]) {
            foreach ($body->presets as $preset) {
                $responses[] = [$preset->patienceS, $preset->nimble];
            }
        }

        return array_values(array_unique($responses, SORT_REGULAR));
    }

    /** @return non-empty-list<Area> */
    private function areas(FocusMode $mode): array
    {
        if ($this->pins->has(Setting::Area)) {
            return [$this->hold->area];
        }
        $choices = new Choices($this->pins);
        $choices->decide(Setting::Technique, Technique::Auto);
        $choices->decide(Setting::Mode, $mode);
        $ruledOut = RuleBook::standard()->ruledOut(Setting::Area, $this->s, $choices);
        $shapes = $this->s->kit->body->areas;
        $areas = array_filter(
            Area::cases(),
            static fn (Area $area): bool => isset($shapes[$area->value]) &&
                $shapes[$area->value]->allows($mode) &&
                ! isset($ruledOut[$area->value]),
        );

        return $areas === [] ? [$this->hold->area] : array_values($areas);
    }

    /**
     * @return non-empty-list<array{Detection, bool}> what the body looks for with this area, and whether for the eye
     */
    public function detections(Area $area): array
    {
        $body = $this->s->kit->body;
        $shape = $body->areas[$area->value];
        if ($this->pins->has(Setting::Detect)) {
            return [[$this->hold->detect, $this->hold->eye && $shape->seesEyes]];
        }
        $kind = $this->s->subject->kind;
        $eye = $this->pins->has(Setting::Eye) ? $this->hold->eye : $shape->seesEyes;
        $ways = $shape->detects && $kind !== Detection::Off && $body->canDetect($kind) ? [[$kind, $eye]] : [];
        if ($ways === [] || $area->picksForItself()) {
            $ways[] = [Detection::Off, false];
        }

        return $ways;
    }

    /** @return array{float, float} */
    private function place(Area $area): array
    {
        return $area->about()->spans ? [0.0, 0.0] : $this->s->kit->body->reachable($area, $this->hold->areaAt);
    }

    /**
     * Those that differ most: of each technique, mode, area and detection the first response, then the second, until
     * there are enough.
     *
     * @param  non-empty-list<Hold>  $holds
     * @return non-empty-list<Hold>
     */
    public static function mostDifferent(array $holds, int $most): array
    {
        if (count($holds) <= $most) {
            return $holds;
        }
        $seen = $ordered = [];
        foreach ($holds as $i => $hold) {
            $seen[$hold->family()] = ($seen[$hold->family()] ?? -1) + 1;
            $ordered[] = [$seen[$hold->family()], $i];
        }
        sort($ordered);

        return array_map(static fn (array $o): Hold => $holds[$o[1]], array_slice($ordered, 0, max(1, $most)));
    }
}
