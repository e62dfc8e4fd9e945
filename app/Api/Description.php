<?php

declare(strict_types=1);

namespace App\Api;

use Symfony\Component\Yaml\Yaml;

/**
 * The description of the API, one file for each part of it in `api/`, with the schemas of the documents put in.
 *
 * @phpstan-type Tree array<array-key, mixed>
 */
final class Description
{
    /** Documents by the name of their file in `formats/`, and what the description calls them. */
    private const DOCUMENTS = [
        'rush' => 'Rush',
        'hold' => 'Hold',
        'plan' => 'Plan',
        'body' => 'Body',
        'lens' => 'Lens',
        'subject' => 'SubjectProfile',
        'habits' => 'Habits',
        'layout' => 'Layout',
        'day' => 'Day',
        'outing' => 'Outing',
        'card' => 'Card',
        'pocket' => 'Pocket',
        'burst' => 'Burst',
        'sweep' => 'Sweep',
        'drill' => 'Drill',
    ];

    /** What every part uses. */
    private const COMMON = 'common';

    public static function json(): string
    {
        return json_encode(
            self::whole(),
            JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
        )."\n";
    }

    /**
     * All of it as one OpenAPI document.
     *
     * @return array{openapi: string, info: Tree, paths: array<string, array<string, Tree>>, components: array<string,
     *   Tree>}
     */
    public static function whole(): array
    {
        /** @var array{openapi: string, info: Tree, parameters: Tree, responses: Tree, schemas: Tree} $common */
        $common = self::file(self::COMMON);
        $paths = [];
        $schemas = [...$common['schemas'], ...self::documents()];
        foreach (self::parts() as $part) {
            $file = self::file($part);
            foreach ($file['paths'] as $path => $operations) {
                foreach ($operations as $method => $operation) {
                    $paths[$path][$method] = ['tags' => [$part], ...$operation];
                }
            }
            $schemas += $file['schemas'] ?? [];
        }
        ksort($paths);
        ksort($schemas);

        return [
            'openapi' => $common['openapi'],
            'info' => $common['info'],
            'paths' => $paths,
            'components' => [
                'schemas' => $schemas,
                'responses' => $common['responses'],
                'parameters' => $common['parameters'],
            ],
        ];
    }

    /** @return list<string> */
    private static function parts(): array
    {
        $names = array_map(
            static fn (string $file): string => basename($file, '.yaml'),
            glob(base_path('api/*.yaml')) ?: [],
        );

        return array_values(array_diff($names, [self::COMMON]));
    }

    /** @return array{paths: array<string, array<string, Tree>>, schemas?: Tree} */
    private static function file(string $name): array
    {
        /** @var array{paths: array<string, array<string, Tree>>, schemas?: Tree} */
        return Yaml::parseFile(base_path("api/$name.yaml"));
    }

    /** @return array<string, Tree> the schemas of the documents, by the name they have here */
    private static function documents(): array
    {
        $schemas = [];
        foreach (self::DOCUMENTS as $file => $name) {
            $schema = json_decode(
                (string) file_get_contents(base_path("formats/$file.schema.json")),
                true,
                flags: JSON_THROW_ON_ERROR,
            );
            unset($schema['$schema'], $schema['$id']);
            $schemas[$name] = self::within($schema);
        }
        // Parts of documents that answers use by themselves.
        $schemas['Subject'] = $schemas['Rush']['properties']['subject'];
        $schemas['DrillName'] = ['type' => 'string', 'enum' => $schemas['Drill']['properties']['drill']['enum']];
        $schemas['Trace'] = $schemas['Plan']['properties']['trace'];
        $schemas['Plan']['properties']['trace'] = ['$ref' => '#/components/schemas/Trace'];
        $schemas['Rush']['properties']['subject'] = ['$ref' => '#/components/schemas/Subject'];
        $schemas['SubjectProfile']['properties']['subject'] = ['$ref' => '#/components/schemas/Subject'];

        return $schemas;
    }

    /** References between documents become references within the description. */
    private static function within(mixed $schema): mixed
    {
        if (! is_array($schema)) {
            return $schema;
        }
        foreach ($schema as $key => $value) {
            $schema[$key] = $key === '$ref' && is_string($value) ? self::reference($value) : self::within($value);
        }

        return $schema;
    }

    private static function reference(string $urn): string
    {
        $name = static fn (array $found): string => '#/components/schemas/'.self::DOCUMENTS[$found[1]];

        return (string) preg_replace_callback('/^urn:rush-hold:(\w+)@1#?/', $name, $urn);
    }
}
