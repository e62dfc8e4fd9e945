<?php

declare(strict_types=1);

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Models\KitType;
use RushHold\Document\CardDocument;
use RushHold\Document\DayDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\OutcomeDocument;
use RushHold\Document\PlanDocument;
use RushHold\Document\RankingDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\StandingDocument;
use RushHold\Focus\OneProcess;
use RushHold\Focus\Play;
use RushHold\Kit\Kit;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Planning\Chooser;
use RushHold\Planning\Effort;
use RushHold\Planning\Planner;
use RushHold\Refused;
use RushHold\Units;
use RushHold\Words\Words;
use Tests\Fuzz\CountingStage;
use Tests\Fuzz\Maker;

/*
 * Whatever comes in, it is either refused in a sentence or answered with JSON of bounded size. FUZZ_DOCUMENTS says how
 * many are made (300 without it), FUZZ_SEED from where; a failure names its seed.
 */

/** @return array{int, int} first seed, how many */
function fuzzed(): array
{
    return [(int) (getenv('FUZZ_SEED') ?: 1), (int) (getenv('FUZZ_DOCUMENTS') ?: 300)];
}

/** @param  callable(Maker): mixed  $work */
function withSeeds(int $count, int $salt, callable $work): array
{
    [$first] = fuzzed();
    $ended = ['answered' => 0, 'refused' => 0];
    for ($seed = $first; $seed < $first + $count; $seed++) {
        try {
            $work(new Maker($seed * 8 + $salt), $seed);
            $ended['answered']++;
        } catch (Refused $refused) {
            expect(Words::in(Units::Metric)->refused($refused))
                ->not->toBe('')
                ->and(strlen(Words::in(Units::Metric)->refused($refused)))
                ->toBeLessThan(2000, "seed $seed");
            $ended['refused']++;
        } catch (PHPUnit\Framework\ExpectationFailedException $failed) {
            throw $failed;
        } catch (Throwable $crash) {
            throw new RuntimeException(
                "Seed $seed: ".
                    get_class($crash).
                    ': '.
                    $crash->getMessage().
                    ' at '.
                    basename($crash->getFile()).
                    ':'.
                    $crash->getLine(),
                0,
                $crash,
            );
        }
    }

    return $ended;
}

it('plans every rush, or refuses it', function (): void {
    $gate = app(DocumentGate::class);
    $ended = withSeeds(fuzzed()[1], 0, static function (Maker $maker, int $seed) use ($gate): void {
        $rush = RushDocument::read($maker->rush());
        $pins = HoldDocument::read($maker->lucky(0.5) ? $maker->hold() : [])->fitting($rush->rush->kit);
        $standing = $maker->lucky(0.3) ? StandingDocument::read($maker->hold()) : null;
        $plan = Chooser::standard()->choose($rush->rush, $pins);
        $json = json_encode(PlanDocument::write($plan, $maker->one(Units::cases()), $standing), JSON_THROW_ON_ERROR);
        expect(strlen($json))->toBeLessThan(600_000, "seed $seed");
        // What was read can be read again, and means the same.
        expect(RushDocument::read($rush->fields)->fields)->toEqual($rush->fields);
        // What the planner sets can be pinned.
        HoldDocument::read(HoldDocument::write($plan->hold))->fitting($rush->rush->kit);
        $result = $gate->validator()->validate(json_decode($json), 'urn:rush-hold:plan@1');
        expect($result->isValid())->toBeTrue(
            "seed $seed: ".
                json_encode([
                    $result->error()?->keyword(),
                    $result->error()?->args(),
                    $result->error()?->data()->fullPath(),
                ]),
        );
    });
    // Enough of them get past the door to say anything.
    expect($ended['answered'])->toBeGreaterThan(0.3 * fuzzed()[1]);
});

it('plays and ranks every rush within its bounds', function (): void {
    withSeeds(max(20, intdiv(fuzzed()[1], 20)), 1, static function (Maker $maker, int $seed): void {
        $rush = RushDocument::read($maker->rush())->rush;
        $pins = HoldDocument::read($maker->lucky(0.5) ? $maker->hold() : [])->fitting($rush->kit);
        $stage = new CountingStage();
        $json = json_encode(
            RankingDocument::write(Planner::standard()->rank($rush, $pins, 1, 0, $stage)),
            JSON_THROW_ON_ERROR,
        );
        expect(strlen($json))
            ->toBeLessThan(1_000_000, "seed $seed")
            ->and($stage->steps)
            ->toBeLessThan(1.6 * Effort::MOST_STEPS, "seed $seed");
        $plan = Chooser::standard()->choose($rush, $pins);
        [$outcome] = (new OneProcess())->play([new Play($plan->situation, $plan->hold, 2, 1)]);
        json_encode(OutcomeDocument::write($outcome, $plan->hold, $plan), JSON_THROW_ON_ERROR);
    });
});

it('takes in every piece of kit, or refuses it', function (): void {
    $gate = app(DocumentGate::class);
    $ended = withSeeds(fuzzed()[1], 2, static function (Maker $maker, int $seed) use ($gate): void {
        $type = $maker->one(KitType::cases());
        $document = $maker->lucky(0.03) ? $maker->nonsense() : $maker->kit($type->document());
        $read = $gate->kit($type, $document);
        $json = json_encode(Documents::withObjects($read['fields']), JSON_THROW_ON_ERROR);
        expect(strlen($json))
            ->toBeLessThan(120_000, "seed $seed")
            ->and($gate->kit($type, json_decode($json, true))['fields'])
            ->toEqual($read['fields']);
    });
    expect($ended['answered'])->toBeGreaterThan(0.3 * fuzzed()[1]);
});

it('plans every outing, or refuses it', function (): void {
    $gate = app(DocumentGate::class);
    $count = max(20, intdiv(fuzzed()[1], 5));
    $ended = withSeeds($count, 4, static function (Maker $maker, int $seed) use ($gate): void {
        $outing = $gate->outing($maker->outing())->outing;
        $programme = Programme::of($outing, Worth::closedForm($outing));
        foreach (
            [
                'day' => DayDocument::write($programme, $maker->one(Units::cases())),
                'card' => CardDocument::write($programme),
            ] as $name => $document
        ) {
            $json = json_encode($document, JSON_THROW_ON_ERROR);
            $result = $gate->validator()->validate(json_decode($json), "urn:rush-hold:$name@1");
            expect($result->isValid())
                ->toBeTrue(
                    "seed $seed: ".
                        json_encode([
                            $result->error()?->keyword(),
                            $result->error()?->args(),
                            $result->error()?->data()->fullPath(),
                        ]),
                )
                ->and(strlen($json))
                ->toBeLessThan(700_000, "seed $seed");
        }
    });
    expect($ended['answered'])->toBeGreaterThan(0.12 * $count);
});

it('takes in all habits, or refuses them', function (): void {
    withSeeds(intdiv(fuzzed()[1], 3), 3, static function (Maker $maker, int $seed): void {
        $habits = app(DocumentGate::class)->habits($maker->kit('habits'));
        $habits->taken(new Kit());
        expect(app(DocumentGate::class)->habits($habits->fields)->fields)->toEqual($habits->fields, "seed $seed");
    });
});
