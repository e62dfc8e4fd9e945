<?php

declare(strict_types=1);

use RushHold\Controls\ButtonSchool;
use RushHold\Controls\Day;
use RushHold\Controls\Solver;
use RushHold\Document\BodyDocument;
use RushHold\Document\CardDocument;
use RushHold\Document\DayDocument;
use RushHold\Document\LayoutDocument;
use RushHold\Document\OutingDocument;
use RushHold\Document\PocketDocument;
use RushHold\Focus\OneProcess;
use RushHold\Library\Bodies;
use RushHold\Outing\Entry;
use RushHold\Outing\Outing;
use RushHold\Outing\Pocket;
use RushHold\Outing\Programme;
use RushHold\Outing\Worth;
use RushHold\Tests\Answers;
use RushHold\Units;

/*
 * The outings of the examples: the programme, the layout of the buttons, the card and the pocket table.
 */

/** @param  array<string, mixed>  $changes */
function outingOf(string $name, array $changes = [], ?string $body = null): Outing
{
    $document = json_decode((string) file_get_contents(__DIR__."/../../formats/examples/outings/$name.json"), true);
    if ($body !== null) {
        $document['bodies'] = [Bodies::all()[$body]];
        $document['rushes'] = array_map(
            static fn (array $entry): array => ['body' => 0, ...$entry],
            $document['rushes'],
        );
    }

    return OutingDocument::read(json_decode((string) json_encode([...$document, ...$changes]), true))->outing;
}

it('programmes, cards and tables the same', function (): void {
    $answers = [];
    foreach (
        [
            'the race' => outingOf('muddy-race'),
            'the cliff, with a body for all' => outingOf('sea-cliff-morning', body: 'fast-mirrorless'),
            'the cliff in winter, with wind and fog' => outingOf('sea-cliff-morning', [
                'date' => '2026-12-20',
                'from' => '08:00',
                'to' => '11:00',
                'wind' => 0.9,
                'air' => 'fog',
            ]),
            'the cliff through a hide' => outingOf('sea-cliff-morning', ['to' => '05:30'], 'old-mirror'),
        ] as $asked => $outing
    ) {
        $programme = Programme::of($outing, Worth::closedForm($outing));
        $units = str_contains($asked, 'winter') ? Units::Imperial : Units::Metric;
        $answers[$asked] = DayDocument::write($programme, $units);
        $answers["$asked, its card"] = CardDocument::write($programme, $units);
    }
    Answers::same('outings', $answers);
});

it('lays out the buttons the same', function (): void {
    $answers = [];
    $outing = outingOf('sea-cliff-morning', [], 'fast-mirrorless');
    $rushes = array_map(
        static fn (Entry $e): array => ['rush' => $e->rush, 'pins' => $e->pins, 'wanted' => $e->wanted],
        array_slice($outing->entries, 0, 3),
    );
    $body = $rushes[0]['rush']->kit->body;
    $needs = Day::needs($rushes, $body, new OneProcess());
    $answers['the cliff'] = LayoutDocument::write(
        (new Solver($body, $needs))->bySchool(),
        ButtonSchool::Free,
        $body,
        Units::Imperial,
    );
    // Two rushes only, and a body with few controls: other ways are the best there.
    $answers['two of it'] = LayoutDocument::one((new Solver($body, array_slice($needs, 0, 2)))->solve(), $body);
    $plain = BodyDocument::read(Bodies::all()['old-mirror'])->body;
    foreach ([$body, $plain] as $i => $of) {
        foreach (ButtonSchool::cases() as $school) {
            $answers["body $i, $school->value"] = [$school->startsFocusAt(), $school->places($of), $school->asksFor()];
        }
    }
    foreach ($needs as $need) {
        $answers["lost in $need->name by being late"] = array_map($need->lostAfter(...), [
            0.0,
            0.1,
            0.3,
            0.8,
            2.0,
            9.0,
        ]);
    }
    Answers::same('layouts', $answers);
});

it('fills the pocket table the same', function (): void {
    $outing = outingOf('muddy-race');
    $programme = Programme::of($outing, Worth::closedForm($outing));
    Answers::same('pocket-table', ['the race' => PocketDocument::write(Pocket::of($programme, [], new OneProcess()))]);
});
