<?php

declare(strict_types=1);

use RushHold\Document\HoldDocument;
use RushHold\Document\OutcomeDocument;
use RushHold\Document\Page;
use RushHold\Document\PlanDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\RushDocument;
use RushHold\Focus\Simulator;
use RushHold\Focus\Trace;
use RushHold\Planning\Chooser;
use RushHold\Planning\Planner;
use RushHold\Rush\Rush;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;
use RushHold\Units;

/*
 * Plans of the examples and of rushes drawn at random, what comes of playing them, and the page people read.
 */

/** @return array<string, Rush> */
function examples(): array
{
    $rushes = [];
    foreach (glob(__DIR__.'/../../formats/examples/*.json') ?: [] as $file) {
        str_ends_with($file, '.hold.json') ||
            ($rushes[basename($file, '.json')] = RushDocument::read(
                json_decode((string) file_get_contents($file), true),
            )->rush);
    }

    return $rushes;
}

it('plans the same', function (): void {
    $answers = [];
    foreach (examples() as $name => $rush) {
        $answers[$name] = PlanDocument::write(Chooser::standard()->choose($rush), Units::Metric);
        $name === 'muddy-hairpin' || ($answers[$name] = array_diff_key($answers[$name], ['lane' => 1]));
    }
    $pins = HoldDocument::read(
        json_decode((string) file_get_contents(__DIR__.'/../../formats/examples/pinned.hold.json'), true),
    );
    foreach (range(1, 9) as $seed) {
        $rush = Rushes::random($seed);
        $plan = PlanDocument::write(
            Chooser::standard()->choose($rush, $seed % 3 === 0 ? $pins->fitting($rush->kit) : null),
            $seed % 2 === 0 ? Units::Imperial : Units::Metric,
        );
        $answers["rush $seed of those drawn"] = array_diff_key($plan, ['lane' => 1, 'rush' => 1]);
    }
    Answers::same('plans', $answers);
});

it('ranks the same', function (): void {
    $rush = examples()['puffin-coming-in'];
    $ranking = Planner::standard()->rank($rush);
    Answers::same('ranking', [
        'the puffin' => RankingDocument::write($ranking),
        'as a page' => explode("\n", (new Page(Units::Metric))->ofRanking($ranking)),
    ]);
});

it('plays the same', function (): void {
    $answers = [];
    $holds = [
        [],
        ['focus' => ['area' => 'point', 'mode' => 'continuous', 'patience_s' => 0.1]],
        ['focus' => ['mode' => 'single', 'area' => 'block']],
        ['focus' => ['technique' => 'follow', 'mode' => 'manual']],
        ['focus' => ['technique' => 'park', 'mode' => 'manual']],
        ['focus' => ['area' => 'whole', 'detect' => 'animal', 'eye' => true, 'nimble' => 0.9]],
    ];
    $rushes = array_values(examples());
    foreach ([...$rushes, ...array_map(Rushes::random(...), range(21, 28))] as $i => $rush) {
        foreach ([$holds[0], $holds[1 + ($i % 5)]] as $j => $hold) {
            $plan = Chooser::standard()->choose($rush, HoldDocument::read($hold)->fitting($rush->kit));
            $trace = $j === 0 ? null : new Trace();
            $outcome = (new Simulator($plan->situation))->run($plan->hold, 30, 4 + $i, 0, $trace);
            $answers["rush $i, held $j"] = [
                ...OutcomeDocument::figures($outcome),
                ...$trace === null ? [] : ['trace' => RankingDocument::trace($trace, 0, $plan)],
            ];
            if ($i === 0) {
                $answers["page of rush $i, held $j"] = explode(
                    "\n",
                    (new Page(Units::Imperial))->ofOutcome($outcome, $plan),
                );
            }
        }
    }
    Answers::same('played', $answers);
});
