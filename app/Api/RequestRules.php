<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Http\Request;
use LogicException;

/** What a request may ask, as the description of the API has it. `php artisan api:describe` works it out beforehand. */
final class RequestRules
{
    /** Laravel's rules by operation and field, written from the description. */
    public const FILE = 'app/Api/asked.php';

    /**
     * @param  array<string, list<mixed>>  $more  what a schema cannot say, by field
     * @return array<string, list<mixed>>
     */
    public static function rules(Request $request, array $more = []): array
    {
        $method = $request->method() === 'HEAD' ? 'GET' : $request->method();
        $operation = Rules::operation($method, $request->route()->uri());
        /** @var array<string, array<string, list<mixed>>> $all */
        $all = require __DIR__.'/asked.php';
        $rules = $all[$operation] ?? throw new LogicException("Nothing in api/ says what $operation may ask.");
        foreach ($more as $field => $also) {
            // What a schema says already is not said twice, and what has to be there may not be left out.
            $known = array_diff($rules[$field] ?? [], in_array('required', $also, true) ? ['sometimes'] : []);
            $rules[$field] = ['bail', ...$known, ...$also];
        }

        return $rules;
    }

    /** The file, as it is now. */
    public static function php(): string
    {
        $operations = '';
        foreach ((new Rules(Description::whole()))->all() as $operation => $fields) {
            $operations .= "    '$operation' => [\n";
            foreach ($fields as $field => $rules) {
                $quoted = array_map(static fn (string $rule): string => var_export($rule, true), $rules);
                $operations .= "        '$field' => [".implode(', ', $quoted)."],\n";
            }
            $operations .= "    ],\n";
        }

        return "<?php\n\ndeclare(strict_types=1);\n\n// Written by `php artisan api:describe` from the descriptions in api/.\nreturn [\n$operations];\n";
    }
}
