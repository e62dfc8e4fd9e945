<?php

declare(strict_types=1);

/*
 * How often what is said of a share kept, nine times in ten, holds: people in worlds with other laws than the model's
 * log a season of bursts, and the intervals for these rushes, and for one that was not logged, are held against the
 * truth there.
 *
 * php ops/learning-coverage.php [people in each world]
 */

use RushHold\Document\RushDocument;
use RushHold\Focus\OneProcess;
use RushHold\Planning\Chooser;
use RushHold\Record\Learning;
use RushHold\Record\Logged;
use RushHold\Record\SkillRates;
use RushHold\Tests\Drawn;

require __DIR__.'/../vendor/autoload.php';

const RUSHES = [
    'barriers',
    'muddy-hairpin',
    'gannet-along-the-edge',
    'puffin-coming-in',
    'sprint-finish',
    'hare-through-the-campion',
];
$people = (int) ($argv[1] ?? 200);
$cases = [];
foreach (RUSHES as $name) {
    $rush = RushDocument::read(
        json_decode((string) file_get_contents(__DIR__."/../formats/examples/$name.json"), true),
    )->rush;
    $cases[] = [$rush, Chooser::standard()->hold($rush)];
}
$rates = SkillRates::played($cases, new OneProcess());
$drawn = new Drawn(17);
$normal = static fn (): float => sqrt(-2 * log($drawn->even() + 1e-12)) * cos(2 * M_PI * $drawn->even());
$share = static fn (float $odds): float => 1 / (1 + exp(-$odds));
$odds = static fn (float $p): float => log(max(0.003, min(0.997, $p)) / (1 - max(0.003, min(0.997, $p))));
/**
 * A world gives a person's true share for each rush, and the share in one burst of it.
 *
 * @var array<string, Closure(): array{list<float>, Closure(float, int): float}> $worlds
 */
$worlds = [
    // The model's rates, but every rush is off by itself and every day differs.
    'each rush by itself' => static function () use ($rates, $drawn, $normal, $share, $odds): array {
        [$aim, $panning] = [0.1 + 0.8 * $drawn->even(), 0.1 + 0.8 * $drawn->even()];
        $day = [];

        return [
            array_map(
                static fn (SkillRates $r): float => $share($odds($r->at($aim, $panning, 0.3)) + 0.9 * $normal()),
                $rates,
            ),
            static function (float $p, int $b) use (&$day, $normal, $share, $odds): float {
                $day[intdiv($b, 4)] ??= 0.5 * $normal();

                return $share($odds($p) + $day[intdiv($b, 4)] + 0.5 * $normal());
            },
        ];
    },
    // One ability for everything, and shares that have nothing to do with what is modelled.
    'one ability, any share' => static function () use ($drawn, $normal, $share): array {
        $able = $normal();

        return [
            array_map(static fn (): float => $share(0.8 * $able - 0.3 + 1.1 * $normal()), RUSHES),
            static fn (float $p): float => $drawn->share($p, 0.2),
        ];
    },
    // Some rushes fail altogether, whatever one does; bursts are all or little.
    'all or nothing' => static function () use ($rates, $drawn): array {
        $skill = 0.1 + 0.8 * $drawn->even();

        return [
            array_map(
                static fn (SkillRates $r): float => $drawn->even() < 0.15
                    ? 0.01
                    : 0.85 * $r->at($skill, $skill, 0.3) + 0.02,
                $rates,
            ),
            static fn (float $p): float => $drawn->even() < 0.3 ? 0.3 * $p : min(0.99, 1.3 * $p),
        ];
    },
];
printf(
    "| world | bursts of each rush | logged rushes within the interval (nominal 90 %%) | typical error: learned, counting alone | a rush not logged within it |\n|---|---|---|---|---|\n",
);
foreach ($worlds as $world => $make) {
    foreach ([3, 10, 25] as $bursts) {
        $inside = $all = $new = 0;
        $errors = [0.0, 0.0];
        for ($who = 0; $who < $people; $who++) {
            [$truth, $of] = $make();
            // Each rush is the one that was not logged in its turn.
            $last = $who % count(RUSHES);
            $shot = array_values(array_diff(array_keys(RUSHES), [$last]));
            $logged = [];
            foreach ($shot as $m) {
                $counts = [];
                for ($b = 0; $b < $bursts; $b++) {
                    $frames = 5 + (int) (12 * $drawn->even());
                    $counts["$m $b"] = [$drawn->kept($of($truth[$m], $b), $frames), $frames];
                }
                $logged[] = new Logged(
                    $cases[$m][0],
                    $cases[$m][1],
                    $counts,
                    array_map(
                        static fn (string $name): string => 'day '.intdiv((int) explode(' ', $name)[1], 4),
                        array_combine(array_keys($counts), array_keys($counts)),
                    ),
                );
            }
            // What the world does to a burst on average belongs to the truth.
            $true = array_map(static function (float $p) use ($of): float {
                $sum = 0.0;
                for ($i = 0; $i < 400; $i++) {
                    $sum += $of($p, 1000 + $i) / 400;
                }

                return $sum;
            }, $truth);
            $learning = Learning::of(
                $cases[0][0]->photographer->with(aim: 0.5, panning: 0.5, handFocus: 0.3),
                $logged,
                array_map(static fn (int $m): SkillRates => $rates[$m], $shot),
            );
            foreach ($logged as $g => $l) {
                $m = $shot[$g];
                $said = $learning->rate($rates[$m], $l->kit(), $l->key());
                $inside += $said->low <= $true[$m] && $true[$m] <= $said->high ? 1 : 0;
                $errors[0] += ($said->mean - $true[$m]) ** 2;
                $errors[1] +=
                    (array_sum(array_column($l->counts, 0)) / array_sum(array_column($l->counts, 1)) - $true[$m]) ** 2;
                $all++;
            }
            $said = $learning->rate($rates[$last], $logged[0]->kit());
            $new += $said->low <= $true[$last] && $true[$last] <= $said->high ? 1 : 0;
        }
        printf(
            "| %s | %d | %.0f %% | %.1f, %.1f points | %.0f %% |\n",
            $world,
            $bursts,
            (100 * $inside) / $all,
            100 * sqrt($errors[0] / $all),
            100 * sqrt($errors[1] / $all),
            (100 * $new) / $people,
        );
    }
}
