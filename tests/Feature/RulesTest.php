<?php

declare(strict_types=1);

use App\Api\Description;
use App\Api\Rules;
use Illuminate\Support\Facades\Validator;

/*
 * What requests may ask comes from the description of the API: a schema has to let through what it describes, and
 * nothing else.
 */

/** @return array<string, list<string>> the rules of a body of these properties */
function rulesOf(array $properties, array $required = [], array $parameters = []): array
{
    $body = ['type' => 'object', 'required' => $required, 'properties' => $properties];
    $operation = [
        'parameters' => $parameters,
        'requestBody' => ['content' => ['application/json' => ['schema' => $body]]],
    ];
    $schemas = [
        'Free' => [
            'type' => 'object',
            'properties' => ['format' => ['type' => 'string'], 'mode' => ['type' => 'string']],
        ],
        'Strict' => ['type' => 'object', 'required' => ['format'], 'properties' => ['format' => ['type' => 'string']]],
        'Pair' => ['type' => 'object', 'required' => ['a'], 'properties' => ['a' => ['type' => 'integer']]],
    ];
    $api = ['paths' => ['/api/things/{id}' => ['put' => $operation]], 'components' => ['schemas' => $schemas]];

    return (new Rules($api))->all()['PUT api/things/{}'] ?? [];
}

function accepts(array $rules, array $given): bool
{
    return Validator::make($given, $rules)->passes();
}

it('lets through what a schema describes, and nothing else', function (array $schema, array $good, array $bad): void {
    $rules = rulesOf(['x' => $schema], ['x']);
    foreach ($good as $value) {
        expect(accepts($rules, ['x' => $value]))->toBeTrue(json_encode([$value, $rules]));
    }
    foreach ($bad as $value) {
        expect(accepts($rules, ['x' => $value]))->toBeFalse(json_encode([$value, $rules]));
    }
    expect(accepts($rules, []))->toBeFalse();
})->with([
    'text' => [
        ['type' => 'string', 'minLength' => 2, 'maxLength' => 4],
        ['ab', 'abcd'],
        ['a', 'abcde', 7, ['ab'], null],
    ],
    'a number' => [
        ['type' => 'number', 'minimum' => -0.5, 'maximum' => 0.5],
        [-0.5, 0, 0.5],
        [-0.51, 0.6, 'left', null],
    ],
    'a whole number' => [['type' => 'integer', 'minimum' => 3], [3, 4000], [2, 3.5, null]],
    'yes and no' => [['type' => 'boolean'], [true, false], ['perhaps', 2, null]],
    'words' => [['type' => 'string', 'enum' => ['near', 'too far']], ['near', 'too far'], ['far', '', null]],
    'words or none' => [['type' => ['string', 'null'], 'enum' => ['near', null]], ['near', null], ['far']],
    'a form' => [['type' => 'string', 'pattern' => '^[0-9a-f]{4}$'], ['00ff'], ['00fg', '00fff']],
    'a day' => [['type' => 'string', 'format' => 'date'], ['2027-04-18'], ['18.4.2027', 'tomorrow']],
    'an address' => [['type' => 'string', 'format' => 'email'], ['ada@puffin.test'], ['ada']],
    'a list' => [
        ['type' => 'array', 'minItems' => 1, 'maxItems' => 2, 'uniqueItems' => true, 'items' => ['type' => 'integer']],
        [[1], [1, 2]],
        [[], [1, 2, 3], [1, 1], ['one'], ['a' => 1], 1],
    ],
    'a list that may be empty' => [['type' => 'array', 'items' => ['type' => 'string']], [[], ['a']], [null, 'a', [4]]],
    'parts of a part' => [
        ['type' => 'object', 'required' => ['y'], 'properties' => ['y' => ['type' => 'integer']]],
        [['y' => 1]],
        [['y' => 'one'], ['z' => 1], 'y'],
    ],
    'a part by its name' => [['$ref' => '#/components/schemas/Pair'], [['a' => 1]], [['a' => 'one'], []]],
    'names of a closed set' => [
        ['type' => 'object', 'propertyNames' => ['enum' => ['thumb', 'front']]],
        [['thumb' => 1], []],
        [['other' => 1]],
    ],
    'open names' => [
        ['type' => 'object', 'maxProperties' => 2, 'additionalProperties' => ['type' => 'string', 'maxLength' => 3]],
        [['a' => 'abc'], []],
        [['a' => 'abcd'], ['a' => 'a', 'b' => 'b', 'c' => 'c']],
    ],
    // What a document says is looked at by its reader.
    'a document' => [['$ref' => '#/components/schemas/Strict'], [['anything' => 1]], [[], 'text', null]],
    'one of two documents, or none' => [
        ['oneOf' => [['$ref' => '#/components/schemas/Strict'], ['type' => 'null']]],
        [['anything' => 1], null],
        ['text'],
    ],
    'a document that may fix nothing' => [['$ref' => '#/components/schemas/Free'], [[], ['mode' => 7]], ['text']],
]);

it('needs nothing that may be left out, and takes an empty field of an address for none', function (): void {
    $rules = rulesOf(
        ['note' => ['type' => 'string']],
        [],
        [['name' => 'page', 'in' => 'query', 'schema' => ['type' => 'integer']], ['name' => 'id', 'in' => 'path']],
    );
    expect(accepts($rules, []))
        ->toBeTrue()
        ->and(accepts($rules, ['page' => null]))
        ->toBeTrue()
        ->and(accepts($rules, ['page' => 'two']))
        ->toBeFalse()
        ->and(accepts($rules, ['note' => null]))
        ->toBeFalse()
        ->and($rules)
        ->not->toHaveKey('id');
});

it('reads lists in addresses as they are spelled there', function (): void {
    $list = ['type' => 'array', 'minItems' => 1, 'items' => ['type' => 'string', 'format' => 'ulid']];
    $rules = rulesOf([], [], [['name' => 'rushes[]', 'in' => 'query', 'required' => true, 'schema' => $list]]);
    expect(accepts($rules, ['rushes' => ['01hzy3v5m8q2w4e6r8t0a1b2c3']]))
        ->toBeTrue()
        ->and(accepts($rules, ['rushes' => ['one']]))
        ->toBeFalse();
});

it('uses no word of a schema that no rule stands for', function (): void {
    // What would be described and never asked for.
    $known = [
        ...[
            'type',
            'format',
            'enum',
            'pattern',
            'minimum',
            'maximum',
            'minLength',
            'maxLength',
            'minItems',
            'maxItems',
        ],
        ...['maxProperties', 'uniqueItems', 'items', 'properties', 'required', 'additionalProperties', 'propertyNames'],
        ...['description', 'default', '$ref', 'x-read-by-itself'],
    ];
    $api = Description::whole();
    $unknown = [];
    $look = function (array $schema, string $at) use (&$look, &$unknown, $known, $api): void {
        if ($schema['x-read-by-itself'] ?? false) {
            return;
        }
        // Of several documents the first stands for all.
        $schema = $schema['oneOf'][0] ?? $schema;
        if (isset($schema['$ref'])) {
            $schema = $api['components']['schemas'][basename($schema['$ref'])];
            if (isset($schema['properties']['format'])) {
                return;
            }
        }
        foreach (array_diff(array_keys($schema), $known) as $word) {
            $unknown[] = "$at: $word";
        }
        foreach ($schema['properties'] ?? [] as $name => $of) {
            $look($of, "$at.$name");
        }
        is_array($schema['items'] ?? null) && $look($schema['items'], "$at.*");
    };
    foreach ($api['paths'] as $path => $operations) {
        foreach ($operations as $method => $operation) {
            foreach ($operation['requestBody']['content'] ?? [] as $content) {
                $look($content['schema'], "$method $path");
            }
        }
    }
    expect($unknown)->toBe([]);
});
