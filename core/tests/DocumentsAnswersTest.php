<?php

declare(strict_types=1);

use RushHold\Document\BodyDocument;
use RushHold\Document\BurstDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\HabitsDocument;
use RushHold\Document\HoldDocument;
use RushHold\Document\LadderDocument;
use RushHold\Document\LensDocument;
use RushHold\Document\OutingDocument;
use RushHold\Document\RushDocument;
use RushHold\Document\SubjectDocument;
use RushHold\Document\SweepDocument;
use RushHold\Library\Bodies;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Refused;
use RushHold\Tests\Answers;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Words;

/*
 * What every field of every document says to what it cannot be.
 */

/**
 * @param  array<mixed>  $document
 * @return list<list<int|string>> the places of what is no list and no group of fields; of a list its first
 */
function placesIn(array $document, array $at = []): array
{
    $places = [];
    foreach ($document as $name => $value) {
        if (is_int($name) && $name > 0) {
            continue;
        }
        $places =
            is_array($value) && $value !== []
                ? [...$places, [...$at, $name], ...placesIn($value, [...$at, $name])]
                : [...$places, [...$at, $name]];
    }

    return $places;
}

/**
 * @param  array<mixed>  $document
 * @param  list<int|string>  $place
 * @return array<mixed>
 */
function withAt(array $document, array $place, mixed $value): array
{
    $name = array_shift($place);
    $document[$name] = $place === [] ? $value : withAt($document[$name], $place, $value);

    return $document;
}

it('refuses the same, in the same words', function (string $name, array $document, Closure $read): void {
    $words = Words::in(Units::Metric);
    $read($document);
    $answers = [];
    foreach ([...placesIn($document), ['what_nobody_knows']] as $place) {
        $said = [];
        foreach (['x', -1e6, 1e9, [], null, true] as $value) {
            try {
                $read(withAt($document, $place, $value));
                $said[json_encode($value)] = 'taken';
            } catch (Refused $refused) {
                $said[json_encode($value)] = "$refused->field: ".$words->refused($refused);
            }
        }
        $answers[implode('.', $place)] = array_map(
            static fn (string $what): string => $what.
                ': '.
                implode(' ', array_map(strval(...), array_keys($said, $what, true))),
            array_values(array_unique($said)),
        );
    }
    Answers::same("refused-$name", $answers);
})->with(function (): iterable {
    $example = static fn (string $of): array => json_decode(
        (string) file_get_contents(__DIR__."/../../formats/examples/$of.json"),
        true,
    );
    $rush = [
        ...Rushes::document([
            'path.speed_changes' => [['at_s' => 0.5, 'to_mps' => 4.0, 'over_s' => 0.5]],
            'group' => [['distance_m' => 22.0, 'across_m' => 1.0]],
        ]),
        ...array_diff_key($example('gannet-along-the-edge'), ['kit' => 1, 'name' => 1, 'path' => 1]),
    ];
    yield 'rush' => ['rush', $rush, RushDocument::read(...)];
    yield 'body' => ['body', Bodies::all()['fast-mirrorless'], BodyDocument::read(...)];
    yield 'own body' => ['own-body', $example('kit/mirror-body.body'), BodyDocument::read(...)];
    yield 'lens' => ['lens', array_values(Lenses::all())[0], LensDocument::read(...)];
    yield 'own lens' => ['own-lens', $example('kit/walkabout-zoom.lens'), LensDocument::read(...)];
    yield 'subject' => ['subject', $example('kit/cliff-hare.subject'), SubjectDocument::read(...)];
    yield 'library subject' => [
        'library-subject',
        array_values(Subjects::all())[0]->document,
        SubjectDocument::read(...),
    ];
    yield 'habits' => ['habits', $example('kit/habits'), HabitsDocument::read(...)];
    yield 'hold' => ['hold', HoldDocument::write(plan()->hold), HoldDocument::read(...)];
    yield 'outing' => ['outing', array_diff_key($example('outings/sea-cliff-morning'), []), OutingDocument::read(...)];
    yield 'burst' => ['burst', array_diff_key($example('bursts/hairpin'), ['rush' => 1]), BurstDocument::read(...)];
    yield 'sweep' => ['sweep', $example('sweeps/long-prime'), SweepDocument::read(...)];
    yield 'practice' => ['practice', $example('drills/practice'), LadderDocument::read(...)];
    yield 'buttons' => ['buttons', $example('drills/buttons'), DrillDocument::read(...)];
});
