<?php

declare(strict_types=1);

use RushHold\Document\Fields;
use RushHold\Document\RushDocument;
use RushHold\Document\Shape;
use RushHold\Optics\FinalUse;
use RushHold\Range;
use RushHold\Rush\Hazard;
use RushHold\Tests\Rushes;

/** Of a kite, read from each of these documents. */
function kiteSchema(array $schema, array ...$documents): array
{
    $read = static function (array $document): array {
        $f = Fields::of($document);
        $f->format('kite@1');
        Range::above(0, 90, 'm')->check('line_m', $f->number('line_m'));
        $tails = $f->whole('tails', 2);
        Range::depending(0, 3 * $tails, 'm')->check('tail_m', $f->number('tail_m', 0.5 * $tails));
        $wind = $f->optionalObject('wind');
        $wind?->optionalNumber('gusts_mps');
        $f->keep('wind', $wind?->done());
        foreach ($f->objects('loops', 4) as $loop) {
            Range::share()->check($loop->at('tight'), $loop->number('tight'));
            $loop->done();
        }
        $f->keep('loops', []);
        $f->word('seen', FinalUse::class, FinalUse::Pixel);
        $f->words('cautions', Hazard::class, []);
        $f->numbers('spans_m', [1.5], 3);
        $f->textIfGiven('owner', 40);
        $names = $f->object('names');
        foreach ($names->names() as $language) {
            $names->text($language, '', 20);
        }
        $f->keep('names', $names->done());
        $f->rawIfGiven('rush') === null || RushDocument::read($f->raw('rush'));

        return $f->done();
    };

    return Shape::of(
        ...array_map(static fn (array $one): Closure => static fn (): array => $read($one), $documents),
    )->schema($schema);
}

const KITE = [
    'format' => 'kite@1',
    'line_m' => 30,
    'wind' => [],
    'loops' => [['tight' => 0.5]],
    'names' => ['de' => 'Drachen'],
];

it('writes the schema of a document from what its reader asks for', function (): void {
    $schema = kiteSchema(['properties' => ['format' => ['const' => 'kite@1']]], KITE, [
        ...KITE,
        'tails' => 5,
        'wind' => null,
    ]);
    expect($schema['required'])
        ->toBe(['format', 'line_m'])
        ->and($schema['additionalProperties'])
        ->toBeFalse();
    $of = $schema['properties'];
    unset($of['format'], $of['rush'], $of['seen'], $of['cautions']);
    $plain = array_map(static fn (array $node): array => array_diff_key($node, ['description' => true]), $of);
    expect($plain)->toEqual([
        'line_m' => ['type' => 'number', 'exclusiveMinimum' => 0.0, 'maximum' => 90.0, 'x-unit' => 'm'],
        'tails' => ['type' => 'integer', 'default' => 2],
        // Neither its default nor how long it may be can be said without knowing the others.
        'tail_m' => ['type' => 'number'],
        'wind' => [
            'type' => ['object', 'null'],
            'default' => null,
            'additionalProperties' => false,
            'properties' => [
                'gusts_mps' => ['description' => 'Gusts mps', 'type' => ['number', 'null'], 'default' => null],
            ],
        ],
        'loops' => [
            'type' => 'array',
            'maxItems' => 4,
            'default' => [],
            'items' => [
                'type' => 'object',
                'additionalProperties' => false,
                'required' => ['tight'],
                'properties' => [
                    'tight' => ['description' => 'Tight', 'type' => 'number', 'minimum' => 0.0, 'maximum' => 1.0],
                ],
            ],
        ],
        'spans_m' => ['type' => 'array', 'maxItems' => 3, 'items' => ['type' => 'number'], 'default' => [1.5]],
        'owner' => ['type' => 'string', 'maxLength' => 40],
        'names' => [
            'type' => 'object',
            'additionalProperties' => ['type' => 'string', 'maxLength' => 20],
        ],
    ]);
    expect($schema['properties']['seen'])
        ->toMatchArray(['enum' => ['pixel', 'print', 'screen', 'classical'], 'default' => 'pixel'])
        ->and($schema['properties']['cautions'])
        ->toMatchArray(['uniqueItems' => true, 'default' => [], 'maxItems' => count(Hazard::cases())]);
});

it('keeps the words of a schema, and lets go what nobody asks for any more', function (): void {
    $schema = kiteSchema(
        [
            'title' => 'Kite',
            'properties' => [
                'tails' => [
                    'type' => 'number',
                    'description' => 'How many tails it has',
                    'maximum' => 12,
                    'default' => 9,
                ],
                'colour' => ['type' => 'string'],
                'rush' => ['$ref' => 'urn:rush-hold:rush@1'],
            ],
        ],
        [...KITE, 'rush' => Rushes::document()],
    );
    expect($schema['title'])
        ->toBe('Kite')
        ->and($schema['properties']['tails'])
        ->toEqual(['type' => 'integer', 'description' => 'How many tails it has', 'maximum' => 12, 'default' => 2])
        ->and($schema['properties'])
        ->not->toHaveKey('colour')
        ->and($schema['properties']['rush'])
        ->toBe(['$ref' => 'urn:rush-hold:rush@1'])
        // What the rush within asks for is its own.
        ->and($schema['properties'])
        ->not->toHaveKey('subject');
});
