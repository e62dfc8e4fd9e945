<?php

declare(strict_types=1);

namespace App\Api;

use OpenApi\Attributes as OA;
use OpenApi\Generator;

/** The description of the API: what the attributes on controllers, requests and resources say, with the document schemas put in. */
#[OA\Info(version: '1', title: 'Rush Hold', description: 'Plans camera set-ups for moving subjects. Browsers use the session cookie with the XSRF-TOKEN cookie echoed in X-XSRF-TOKEN.')]
// Stand in until the document schemas take their places.
#[OA\Schema(schema: 'Rush', type: 'object')]
#[OA\Schema(schema: 'Subject', type: 'object')]
#[OA\Schema(schema: 'Trace', type: 'object')]
#[OA\Schema(schema: 'Hold', type: 'object')]
#[OA\Schema(schema: 'Plan', type: 'object')]
#[OA\Schema(schema: 'Body', type: 'object')]
#[OA\Schema(schema: 'Lens', type: 'object')]
#[OA\Schema(schema: 'SubjectProfile', type: 'object')]
#[OA\Schema(schema: 'Habits', type: 'object')]
#[OA\Schema(schema: 'Layout', type: 'object')]
#[OA\Schema(schema: 'Day', type: 'object')]
#[OA\Schema(schema: 'Outing', type: 'object')]
#[OA\Schema(schema: 'Card', type: 'object')]
#[OA\Schema(schema: 'Pocket', type: 'object')]
#[OA\Schema(schema: 'Burst', type: 'object')]
#[OA\Schema(schema: 'Sweep', type: 'object')]
#[OA\Schema(schema: 'Drill', type: 'object')]
final class Description
{
    private const DOCUMENTS = ['rush' => 'Rush', 'hold' => 'Hold', 'plan' => 'Plan', 'body' => 'Body', 'lens' => 'Lens', 'subject' => 'SubjectProfile', 'habits' => 'Habits', 'layout' => 'Layout', 'day' => 'Day', 'outing' => 'Outing', 'card' => 'Card', 'pocket' => 'Pocket', 'burst' => 'Burst', 'sweep' => 'Sweep', 'drill' => 'Drill'];

    public static function json(): string
    {
        $generated = Generator::scan([app_path('Api'), app_path('Http')], ['version' => '3.1.0'])?->toJson() ?? '{}';
        /** @var array<string, mixed> $api */
        $api = self::withNothing(json_decode($generated, true, flags: JSON_THROW_ON_ERROR));
        foreach (self::DOCUMENTS as $file => $name) {
            $schema = json_decode((string) file_get_contents(base_path("formats/$file.schema.json")), true, flags: JSON_THROW_ON_ERROR);
            unset($schema['$schema'], $schema['$id']);
            $api['components']['schemas'][$name] = self::within($schema);
        }
        $api['components']['schemas']['Subject'] = $api['components']['schemas']['Rush']['properties']['subject'];
        $api['components']['schemas']['Trace'] = $api['components']['schemas']['Plan']['properties']['trace'];
        $api['components']['schemas']['Plan']['properties']['trace'] = ['$ref' => '#/components/schemas/Trace'];
        $api['components']['schemas']['Rush']['properties']['subject'] = ['$ref' => '#/components/schemas/Subject'];
        $api['components']['schemas']['SubjectProfile']['properties']['subject'] = ['$ref' => '#/components/schemas/Subject'];

        return json_encode($api, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR)."\n";
    }

    /**
     * Where a word may be left out, nothing is among the words: the attributes know only words.
     *
     * @param  array<array-key, mixed>  $part
     * @return array<array-key, mixed>
     */
    private static function withNothing(array $part): array
    {
        $part = array_map(static fn (mixed $value): mixed => is_array($value) ? self::withNothing($value) : $value, $part);
        if (is_array($part['enum'] ?? null) && in_array('null', (array) ($part['type'] ?? []), true)) {
            $part['enum'] = [...array_diff($part['enum'], [null]), null];
        }

        return $part;
    }

    /** References between documents become references within the description. */
    private static function within(mixed $schema): mixed
    {
        if (! is_array($schema)) {
            return $schema;
        }
        foreach ($schema as $key => $value) {
            $schema[$key] = $key === '$ref' && is_string($value)
                ? (string) preg_replace_callback('/^urn:rush-hold:(\w+)@1#?/', fn (array $m): string => '#/components/schemas/'.self::DOCUMENTS[$m[1]], $value)
                : self::within($value);
        }

        return $schema;
    }
}
