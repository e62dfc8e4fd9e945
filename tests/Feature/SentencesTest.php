<?php

declare(strict_types=1);

/* What people read stands in `lang/`: the application says it by its key. */

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Scalar;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitor;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;
use RushHold\Words\Catalogue;
use RushHold\Words\Pseudo;
use RushHold\Words\Words;
use Symfony\Component\Finder\Finder;

/** Where sentences are for those who run the server, or part of a format. */
const NOT_FOR_PEOPLE = [
    'Console',
    'Api',
    'Outings/CardDrawing.php',
    'Bench/Paper.php',
    'Pictures/ShootDemo.php',
    'Playing/ScgiRequest.php',
    'Playing/Counter.php',
    'Camera/Roll.php',
    'Pictures/Sandbox.php',
    'Documents/CalendarFile.php',
    'Providers',
];

/** Calls whose texts are read by machines. */
const MACHINES = '/^(selectRaw|orderByRaw|whereRaw|header|format|middleware|preg_\w+|sprintf|critical)$/';

/** @return list<string> literals of a file that read as a sentence, with their lines */
function sentencesIn(string $code): array
{
    $visitor = new class extends NodeVisitorAbstract
    {
        /** @var list<string> */
        public array $found = [];

        public function enterNode(Node $node): ?int
        {
            $machine = match (true) {
                $node instanceof Node\Attribute, $node instanceof Node\Stmt\ClassConst => true,
                $node instanceof Expr\New_ => $node->class instanceof Node\Name &&
                    str_ends_with($node->class->toString(), 'Exception'),
                $node instanceof Expr\FuncCall => $node->name instanceof Node\Name &&
                    preg_match(MACHINES, $node->name->toString()) === 1,
                $node instanceof Expr\MethodCall, $node instanceof Expr\StaticCall => $node->name instanceof Node\Identifier && preg_match(MACHINES, $node->name->name) === 1,
                default => false,
            };
            if ($machine) {
                return NodeVisitor::DONT_TRAVERSE_CHILDREN;
            }
            $text = match (true) {
                $node instanceof Scalar\String_ => $node->value,
                $node instanceof Node\InterpolatedStringPart => $node->value,
                default => '',
            };
            // The name of the product is the same in every language.
            $text = str_replace('Rush Hold', '', $text);
            if (
                preg_match('/\p{Ll}{2} \p{L}{2,}|^\p{Lu}\p{Ll}+[.…:]/u', $text) === 1 &&
                preg_match('/[<>=(]|::/', $text) === 0
            ) {
                $this->found[] = "{$node->getStartLine()} $text";
            }

            return null;
        }
    };
    $traverser = new NodeTraverser($visitor);
    $traverser->traverse((new ParserFactory())->createForNewestSupportedVersion()->parse($code) ?? []);

    return $visitor->found;
}

it('says what people read by its key', function (): void {
    $found = [];
    foreach (
        Finder::create()
            ->files()
            ->name('*.php')
            ->notPath(NOT_FOR_PEOPLE)
            ->in(app_path()) as $file
    ) {
        foreach (sentencesIn($file->getContents()) as $sentence) {
            $found[] = "{$file->getRelativePathname()}:$sentence";
        }
    }
    expect($found)->toBe([]);
});

it('has every sentence it asks for by name, and asks for every one it has', function (): void {
    $code = '';
    foreach (
        Finder::create()
            ->files()
            ->name('*.php')
            ->in([app_path(), resource_path(), base_path('bootstrap'), base_path('routes')]) as $file
    ) {
        $code .= $file->getContents();
    }
    preg_match_all("/(?:Words::text|->said)\\(\\s*'([a-z0-9.-]+)'/", $code, $asked);
    $app = array_keys(
        array_merge(
            ...array_map(
                static fn (string $file): array => json_decode(
                    (string) file_get_contents($file),
                    true,
                    flags: JSON_THROW_ON_ERROR,
                ),
                glob(base_path('lang/en/app/*.json')) ?: [],
            ),
        ),
    );
    // Those are chosen by what they are of; the demo is made of names.
    $chosen = array_filter(
        $app,
        static fn (string $key): bool => preg_match('/^(http\.status|pictures\.fact|keeping\.quota|demo)\./', $key) === 1,
    );
    expect(array_values(array_filter(array_unique($asked[1]), static fn (string $key): bool => ! Words::has($key))))
        ->toBe([])
        ->and(
            array_values(
                array_filter(
                    $app,
                    static fn (string $key): bool => ! str_contains($code, "'$key'") && ! in_array($key, $chosen, true),
                ),
            ),
        )
        ->toBe([]);
});

it('answers in the language that is asked for, keys and numbers the same', function (): void {
    $said = fn (string $languages): array => [
        $this->getJson('/api/nothing-here', ['Accept-Language' => $languages])->json('message'),
        $this->getJson('/api/nothing-here', ['Accept-Language' => $languages])->headers->get('Content-Language'),
    ];
    $english = Words::text('http.no-such-address');
    expect($said('en-GB,en;q=0.8'))
        ->toBe([$english, 'en'])
        ->and($said('xx,en;q=0.5'))
        ->toBe([$english, 'en'])
        ->and($said('en-GB,en-XA;q=0.5'))
        ->toBe([$english, 'en'])
        ->and($said('en-XA'))
        ->toBe([Pseudo::of($english), Pseudo::LANGUAGE]);
});

it('says every message of every language in its own words', function (string $language): void {
    $catalogue = Catalogue::of($language);
    foreach ($catalogue->messages() as $key => $message) {
        expect(MessageFormatter::create($language, $message))->not->toBeNull("$language: $key");
    }
})->with([...Catalogue::languages(), Pseudo::LANGUAGE]);

it('leaves it to the screens how facts stand beside each other', function (string $language): void {
    // What begins or ends with a comma or a dot has a place in a row of others, which another language may put elsewhere.
    $parts = array_filter(
        Catalogue::of($language)->messages(),
        static fn (string $message): bool => preg_match('/^[\s,·;]|[ ,·;]$/u', $message) === 1,
    );
    // A list of keys, the first of which is a comma.
    expect(array_diff_key($parts, ['key-table.and' => 0]))->toBe([]);
})->with(Catalogue::languages());
