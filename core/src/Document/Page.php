<?php

declare(strict_types=1);

namespace RushHold\Document;

use RushHold\Focus\LossCause;
use RushHold\Focus\Outcome;
use RushHold\Hold\Hold;
use RushHold\Hold\Setting;
use RushHold\Hold\Settings\Where;
use RushHold\Planning\Candidate;
use RushHold\Planning\Chance;
use RushHold\Planning\Change;
use RushHold\Planning\HoldLine;
use RushHold\Planning\Importance;
use RushHold\Planning\Misfit;
use RushHold\Planning\Plan;
use RushHold\Planning\Ranking;
use RushHold\Quantity;
use RushHold\Said;
use RushHold\Units;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** A plan, or one hold that was played, as a page of text that a person can read at a terminal. */
final readonly class Page
{
    private const WIDTH = 96;

    /** Columns of the name and of the value of a setting. */
    private const NAME = 18;

    private const VALUE = 30;

    private const MOST_OTHERS = 8;

    private const BAR = 24;

    /** What tells one set-up from another. */
    private Words $words;

    private Values $values;

    public function __construct(Units $units)
    {
        $this->words = Words::in($units);
        $this->values = new Values($this->words);
    }

    public function ofRanking(Ranking $ranking): string
    {
        $plan = $ranking->plan;
        $outcome = $ranking->best->outcome;

        return self::together([
            $plan->situation->rush->name,
            $this->kept($outcome, $ranking->keepers()).
            ' '.
            $this->say('page.played', tried: Quantity::count(count($ranking->candidates), 6)),
            ...$this->hold($plan, $plan->hold, Importance::of($plan->lines, $plan->hold, $ranking->why)),
            $this->part(
                'page.changes',
                $ranking->standing === null ? [] : array_map($this->change(...), $ranking->standing->changes($plan)),
            ),
            $this->losses($outcome),
            $this->part('page.help', $this->helps($ranking)),
            $this->part('page.others', $this->others($ranking)),
            ...$this->warnings($plan),
        ]);
    }

    public function ofOutcome(Outcome $outcome, Plan $plan): string
    {
        return self::together([
            $plan->situation->rush->name,
            $this->kept($outcome, $outcome->keepers()).
            ' '.
            $this->say('page.played-once', runs: Quantity::count($outcome->runs, 6)),
            $this->say(
                'page.any',
                share: Quantity::share($outcome->anyKeeper),
                seconds: Quantity::seconds($outcome->firstKeeperS),
            ),
            ...$this->hold($plan, $plan->hold, Importance::of($plan->lines, $plan->hold)),
            $this->losses($outcome),
            ...$this->warnings($plan),
        ]);
    }

    /** @param  array{low: float, high: float}  $keepers */
    private function kept(Outcome $outcome, array $keepers): string
    {
        [$low, $high] = [round($keepers['low']), round($keepers['high'])];

        return $this->say(
            'page.kept',
            low: Quantity::count($low, 6),
            high: Quantity::count($high, 6),
            one: $low === $high,
            frames: Quantity::count($outcome->frames, 6),
            share: Quantity::share($outcome->keeperRate),
        );
    }

    /**
     * @param  list<Setting>  $important
     * @return list<string>
     */
    private function hold(Plan $plan, Hold $hold, array $important): array
    {
        $parts = ['page.important' => [], 'page.focus' => [], 'page.exposure' => [], 'page.shooting' => []];
        $idle = [];
        foreach ($plan->lines as $line) {
            if ($line->setting->isIdleIn($hold)) {
                $idle[] = $line->setting;
            } else {
                $parts[
                    in_array($line->setting, $important, true)
                        ? 'page.important'
                        : "page.{$line->setting->about()->group}"
                ][] = $this->line($line);
            }
        }
        $written = array_map($this->part(...), array_keys($parts), $parts);

        return [...$written, $idle === [] ? '' : $this->say('page.idle', settings: $idle)];
    }

    private function line(HoldLine $line): string
    {
        $value =
            $this->values->of($line->setting, $line->value).($line->pinned ? " ({$this->say('page.pinned')})" : '');
        $reason = explode(
            "\n",
            wordwrap($this->words->say($line->reason), self::WIDTH - self::NAME - self::VALUE, "\n"),
        );

        return self::padded(Words::label($line->setting), self::NAME).
            self::padded($value, self::VALUE).
            implode("\n".str_repeat(' ', 2 + self::NAME + self::VALUE), $reason);
    }

    private function change(Change $change): string
    {
        return $change->setting === null
            ? $this->say(
                'page.change',
                name: Said::of('value.switch'),
                from: Said::of('value.switch.manual'),
                to: Said::of('value.switch.auto'),
            )
            : $this->say(
                'page.change',
                name: $change->setting,
                from: $this->values->of($change->setting, $change->from),
                to: $this->values->of($change->setting, $change->to),
            );
    }

    private function losses(Outcome $outcome): string
    {
        $rows = [];
        foreach ($outcome->losses as $cause => $share) {
            if ($share * $outcome->frames >= 0.05) {
                $rows[] =
                    self::padded(Words::label(LossCause::from((string) $cause)), 26).
                    self::padded(str_repeat('▇', (int) round($share * self::BAR)), self::BAR + 2).
                    sprintf('%5.1f', $share * $outcome->frames);
            }
        }

        return $this->part('page.lost', $rows);
    }

    /** @return list<string> */
    private function helps(Ranking $ranking): array
    {
        $frames = $ranking->best->outcome->frames;
        $rows = [];
        foreach ($ranking->whatIfs as $what) {
            if ($what->gain > 0 && (new Chance($what->gain, $what->standardError, $frames))->matters()) {
                $rows[] =
                    self::padded(
                        $this->say('page.more', frames: Quantity::count(max(1.0, round($what->gain * $frames)), 6)),
                        14,
                    ).$this->words->say($what->sentence);
            }
        }

        return $rows;
    }

    /** @return list<string> the best of each kind */
    private function others(Ranking $ranking): array
    {
        $rows = $seen = [];
        $best = $ranking->best;
        foreach ($ranking->candidates as $candidate) {
            $family = $candidate->hold->family();
            if (
                $candidate === $best ||
                isset($seen[$family]) ||
                $family === $best->hold->family() ||
                count($rows) >= self::MOST_OTHERS
            ) {
                continue;
            }
            $seen[$family] = true;
            $rows[] = $this->other($candidate, $best);
        }

        return $rows;
    }

    private function other(Candidate $candidate, Candidate $best): string
    {
        [$cost, $error] = $best->outcome->minus($candidate->outcome);
        $frames = $best->outcome->frames;
        $costs =
            (new Chance($cost, $error, $frames))->matters() && $cost > 0
                ? $this->say('page.fewer', frames: Quantity::count(max(1.0, round($cost * $frames)), 6))
                : $this->say('page.same');
        $hold = $candidate->hold;
        if ($hold->technique !== $best->hold->technique) {
            return self::padded($costs, 18).Words::label($hold->technique);
        }
        $told = array_filter(Setting::toldIn(Where::Short), static fn (Setting $s): bool => ! $s->isIdleIn($hold));

        return self::padded($costs, 18).
            implode(
                ', ',
                array_map(
                    fn (Setting $s): string => Words::label($s).
                        ' '.
                        Words::inside($this->values->of($s, $s->in($hold))),
                    $told,
                ),
            );
    }

    /** @return list<string> */
    private function warnings(Plan $plan): array
    {
        return [
            $this->part(
                'page.misfits',
                array_map(
                    fn (Misfit $m): string => $this->words->say($m->sentence).
                        ' '.
                        implode(' ', array_map($this->words->say(...), $m->waysOut)),
                    $plan->misfits,
                ),
            ),
            $this->part(
                'page.cautions',
                array_map(fn (array $c): string => $this->words->say($c['sentence']), $plan->cautions),
            ),
        ];
    }

    /** @param  list<string>  $rows */
    private function part(string $title, array $rows): string
    {
        return $rows === []
            ? ''
            : $this->say($title).
                    "\n".
                    implode(
                        "\n",
                        array_map(
                            static fn (string $row): string => '  '.
                                (str_contains($row, "\n") ? $row : wordwrap($row, self::WIDTH, "\n  ")),
                            $rows,
                        ),
                    );
    }

    /** @param  Quantity|Said|Setting|string|list<Setting>  ...$facts */
    private function say(string $key, Quantity|Said|Setting|string|bool|array ...$facts): string
    {
        return $this->words->say(Said::of($key, ...$facts));
    }

    private static function padded(string $text, int $columns): string
    {
        return $text.str_repeat(' ', max(1, $columns - mb_strlen($text)));
    }

    /** @param  list<string>  $parts */
    private static function together(array $parts): string
    {
        return implode("\n\n", array_filter($parts))."\n";
    }
}
