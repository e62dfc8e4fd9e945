<?php

declare(strict_types=1);

namespace RushHold\Drill;

use RushHold\Hold\Setting;
use RushHold\Kit\ControlPlace;
use RushHold\Refused;

/** How a day was rehearsed: for each rush what was pressed, how late the camera was ready, and what would mend that. */
final readonly class RehearsalScore
{
    /** Pressed for another so often, it is no slip. */
    private const CONFUSED = 2;

    /** Finding a control takes a practised hand so long, s: what does not fit beside it does not fit at all. */
    private const FINDING_S = 0.6;

    /** Share of a pass that may be lost without anything having to be mended. */
    private const BEARABLE = 0.1;

    /**
     * @param  list<array{
     *     pressed: int|null,
     *     held_s: float|null,
     *     ready_s: float|null,
     *     late_s: float,
     *     lost: float,
     * }>  $comings  for each: the control that was held first; from seeing it until the right one was held, and until all
     *     was ready; how late, s; share of the pass that was gone by then
     */
    private function __construct(public RehearsalCourse $course, public array $comings)
    {
    }

    /**
     * @param  list<array{float, float, float}>  $trace  s from the start, number of the control, 1 pressed or 0 let go
     *
     * @throws Refused if it is out of order, or names what is not there
     */
    public static function of(RehearsalCourse $course, array $trace): self
    {
        $presses = ButtonScore::presses($course->seconds, count($course->keys), $trace);
        $comings = [];
        foreach ($course->comings as $i => ['entry' => $entry, 'from' => $from]) {
            $rush = $course->rushes[$entry];
            $until = $course->comings[$i + 1]['from'] ?? $course->seconds;
            $right = $rush->key(...$course->keys);
            $first = $held = null;
            foreach ($presses as [$down, $up, $key]) {
                // Held before it is seen, and still: nobody can be sooner. What is held from the one before is let go
                // of, not pressed.
                if (
                    $down >= $until ||
                    ($down < $from && $key !== $right) ||
                    $up - max($from, $down) < ButtonScore::HELD_S
                ) {
                    continue;
                }
                $first ??= $key;
                if ($key === $right) {
                    $held = max(0.0, $down - $from);
                    break;
                }
            }
            $ready = $held === null ? null : $held + $rush->leftS();
            $late = $ready === null ? $rush->passS : max(0.0, $ready - $rush->warningS);
            $comings[] = [
                'pressed' => $first,
                'held_s' => $held,
                'ready_s' => $ready,
                'late_s' => min($late, $rush->passS),
                'lost' => min(1.0, $late / max(0.05, $rush->passS)),
            ];
        }

        return new self($course, $comings);
    }

    /** Share of the rushes that were answered by the right control first, 0 to 1. */
    public function right(): float
    {
        return self::share($this->comings, fn (array $coming, int $i): bool => $coming['pressed'] === $this->keyOf($i));
    }

    /** Share for which the camera was ready in time, 0 to 1. */
    public function inTime(): float
    {
        return self::share($this->comings, static fn (array $coming): bool => $coming['late_s'] <= 0.0);
    }

    /** From seeing it until the right control was held, s; null where none was. */
    public function medianS(): ?float
    {
        return Median::of(array_values(array_filter(array_column($this->comings, 'held_s'), is_float(...))));
    }

    /**
     * What each rush came to, in their order.
     *
     * @return list<array{asked: int, right: int, in_time: int, held_s: float|null, late_s: float, lost: float,
     *   pressed: array<int, int>,
     *     missed: int, mend: RehearsalMend, instead: ControlPlace|null, setting: Setting|null}> `late_s` and `lost` on
     *     the whole
     */
    public function byRush(): array
    {
        return array_map($this->rush(...), array_keys($this->course->rushes));
    }

    /**
     * @return array{asked: int, right: int, in_time: int, held_s: float|null, late_s: float, lost: float,
     *   pressed: array<int, int>,
     *     missed: int, mend: RehearsalMend, instead: ControlPlace|null, setting: Setting|null}
     */
    private function rush(int $entry): array
    {
        $mine = array_filter(
            $this->comings,
            fn (int $i): bool => $this->course->comings[$i]['entry'] === $entry,
            ARRAY_FILTER_USE_KEY,
        );
        $key = $this->course->rushes[$entry]->key(...$this->course->keys);
        $pressed = array_count_values(array_filter(array_column($mine, 'pressed'), is_int(...)));
        $lost = array_sum(array_column($mine, 'lost')) / count($mine);
        [$mend, $instead, $setting] = $this->mend(
            $this->course->rushes[$entry],
            array_diff_key($pressed, [$key => true]),
            $lost,
        );

        return [
            'asked' => count($mine),
            'right' => $pressed[$key] ?? 0,
            'in_time' => count(array_filter($mine, static fn (array $c): bool => $c['late_s'] <= 0.0)),
            'held_s' => Median::of(array_values(array_filter(array_column($mine, 'held_s'), is_float(...)))),
            'late_s' => array_sum(array_column($mine, 'late_s')) / count($mine),
            'lost' => $lost,
            'pressed' => $pressed,
            'missed' => count($mine) - array_sum($pressed),
            'mend' => $mend,
            'instead' => $instead,
            'setting' => $setting,
        ];
    }

    /**
     * What would help most: a layout one does not confuse, less to change, or practice.
     *
     * @param  array<int, int>  $wrong  how often another control was held for it
     * @return array{RehearsalMend, ControlPlace|null, Setting|null}
     */
    private function mend(Rehearsed $rush, array $wrong, float $lost): array
    {
        arsort($wrong);
        if ($wrong !== [] && max($wrong) >= self::CONFUSED) {
            return [RehearsalMend::Confused, $this->course->keys[(int) array_key_first($wrong)]->place, null];
        }
        if ($lost <= self::BEARABLE) {
            return [RehearsalMend::Nothing, null, null];
        }
        $left = $rush->left;
        usort($left, static fn (array $a, array $b): int => $b[1] <=> $a[1]);
        if ($left !== [] && $rush->leftS() + self::FINDING_S > $rush->warningS) {
            return [
                in_array($left[0][0], Setting::inASet(), true) ? RehearsalMend::IntoTheSet : RehearsalMend::BeforeIt,
                null,
                $left[0][0],
            ];
        }

        return [$rush->warningS < self::FINDING_S ? RehearsalMend::HeldBefore : RehearsalMend::Practise, null, null];
    }

    private function keyOf(int $coming): ?int
    {
        return $this->course->rushes[$this->course->comings[$coming]['entry']]->key(...$this->course->keys);
    }

    /**
     * @param  list<array<string, mixed>>  $comings
     * @param  callable(array<string, mixed>, int): bool  $is
     */
    private static function share(array $comings, callable $is): float
    {
        return count(array_filter($comings, $is, ARRAY_FILTER_USE_BOTH)) / max(1, count($comings));
    }
}
