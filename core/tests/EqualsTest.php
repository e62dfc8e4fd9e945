<?php

declare(strict_types=1);

use RushHold\Document\RankingDocument;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Outcome;
use RushHold\Focus\Stage;
use RushHold\Hold\PartialHold;
use RushHold\Kit\Area;
use RushHold\Planning\Candidate;
use RushHold\Planning\Chooser;
use RushHold\Planning\Equals;
use RushHold\Planning\Planner;
use RushHold\Planning\Robustness;
use RushHold\Tests\Rushes;

/** A set-up that kept these shares of its frames, run by run. */
function tried(Area $area, float ...$rates): Candidate
{
    $hold = Chooser::standard()->choose(Rushes::with())->hold->with(area: $area);

    return new Candidate($hold, Outcome::of(20, array_values($rates), 1.0, 0.1, []));
}

it('counts what chance alone may have parted as alike, and what is surely less not', function (): void {
    $best = tried(Area::Block, 0.9, 0.5, 0.7, 0.8);
    $chance = tried(Area::Point, 0.5, 0.9, 0.8, 0.66);
    $less = tried(Area::RingSmall, 0.86, 0.45, 0.64, 0.75);
    $unknown = tried(Area::Whole, 0.9);
    expect(Equals::alike([$best, $chance, $less, $unknown], $best))->toBe([$best, $chance]);
});

it('never gives away one frame in twenty-five, however unsure the difference', function (): void {
    $best = tried(Area::Block, 1.0, 0.2, 0.9, 0.3);
    expect(Equals::alike([$best, tried(Area::Point, 0.3, 0.9, 0.2, 0.7)], $best))->toBe([$best]);
});

it('takes of those alike the ones with fewest changes, the simpler area first', function (): void {
    $wide = tried(Area::Block, 0.7, 0.7, 0.7);
    $small = tried(Area::Point, 0.7, 0.7, 0.7);
    $away = new Candidate($small->hold->with(patienceS: 1.2, nimble: 1.0), $small->outcome);
    $equals = new Equals([$wide->hold, $small->hold], null);
    expect($equals->fewest([$away, $wide, $small]))->toBe([$small, $wide]);
});

it(
    'takes of equals the one that still keeps most when it goes a little worse, and the simplest where that is all one',
    function (array $worse, int $chosen): void {
        $alike = [tried(Area::Point, ...array_fill(0, 10, 0.7)), tried(Area::Block, ...array_fill(0, 10, 0.7))];
        $stage = new class($worse) implements Stage
        {
            /** @param  array{float, float}  $worse */
            public function __construct(private array $worse)
            {
            }

            public function play(array $plays): array
            {
                return array_map(
                    static fn (float $rate): Outcome => Outcome::of(20, array_fill(0, 10, $rate), 1.0, 0.1, []),
                    $this->worse,
                );
            }

            public function reached(float $done): void
            {
            }
        };
        expect((new Robustness(Rushes::with(), PartialHold::nothing(), $stage, 1))->of($alike))->toBe($alike[$chosen]);
    },
)->with([
    'the wider one is safer' => [[0.4, 0.6], 1],
    'the smaller one is safer' => [[0.6, 0.4], 0],
    'all one' => [[0.6, 0.605], 0],
]);

it('says how many do as well, those first', function (): void {
    $document = RankingDocument::write(Planner::standard()->rank(Rushes::with(), stage: new OneProcess()));
    $alike = array_map(static fn (array $entry): bool => $entry['alike'] ?? false, $document['ranking']);
    $many = count(array_filter($alike));
    expect($alike[0])
        ->toBeTrue()
        ->and(array_slice($alike, 0, $many))
        ->not->toContain(false)
        ->and($document['ties'] === null)
        ->toBe($many === 1);
    $many === 1 || expect($document['ties'])->toContain((string) $many);
});
