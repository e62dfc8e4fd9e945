<?php

declare(strict_types=1);

/* What people read: one catalogue that has everything the core says, and says it whole. */

use RushHold\Document\RushDocument;
use RushHold\Hold\Setting;
use RushHold\Kit\Area;
use RushHold\Kit\FocusMode;
use RushHold\Kit\FocusRange;
use RushHold\Labelled;
use RushHold\Optics\StopScale;
use RushHold\Planning\Chooser;
use RushHold\Planning\RuleBook;
use RushHold\Quantity;
use RushHold\Range;
use RushHold\Refused;
use RushHold\Said;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Catalogue;
use RushHold\Words\FieldNames;
use RushHold\Words\Lacking;
use RushHold\Words\Values;
use RushHold\Words\Words;

/** @return list<string> the source of the core */
function sources(): array
{
    $files = new RegexIterator(
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/src')),
        '/\.php$/',
    );

    return array_values(
        array_map(
            static fn (SplFileInfo $file): string => (string) file_get_contents($file->getPathname()),
            iterator_to_array($files),
        ),
    );
}

it('has every sentence that is asked for by name', function (): void {
    $missing = [];
    foreach (sources() as $code) {
        preg_match_all("/Said::of\\('([^']+)'|Said::of\\(\\$[^?]+\\? '([^']+)' : '([^']+)'/", $code, $said);
        preg_match_all("/Refused::(?:because\\(.*?|beyond\\(.*\\)), '([a-z0-9-]+)'(?:\\)|, \\w+:)/", $code, $refused);
        preg_match_all("/new Margin\\('(\\w+)'/", $code, $margins);
        foreach (
            [
                ...array_filter(array_merge($said[1], $said[2], $said[3])),
                ...array_map(static fn (string $why): string => "refused.$why", $refused[1]),
                ...array_map(static fn (string $what): string => "margin.$what", $margins[1]),
            ] as $key
        ) {
            Words::has($key) || ($missing[] = $key);
        }
    }
    expect($missing)->toBe([]);
});

it('has a sentence for every rule', function (): void {
    $situation = Chooser::standard()->choose(Rushes::with())->situation;
    foreach (Setting::cases() as $setting) {
        foreach (RuleBook::standard()->for($setting) as $rule) {
            $choices = new RushHold\Planning\Choices(RushHold\Hold\PartialHold::nothing());
            expect(said($rule->reason($situation, $choices)))->toMatch('/^[A-Z0-9].*\\.$/u');
        }
    }
});

it('has a label for every word of every closed set', function (): void {
    $sets = 0;
    foreach (sources() as $code) {
        if (preg_match('/^namespace ([^;]+);.*^enum (\\w+): string implements Labelled/ms', $code, $found) === 1) {
            $sets++;
            /** @var class-string<Labelled> $set */
            $set = "$found[1]\\$found[2]";
            foreach ($set::cases() as $word) {
                expect(Words::label($word))->toMatch('/^[A-Z0-9]/');
            }
        }
    }
    expect($sets)->toBeGreaterThan(15);
});

it('has messages that can be read', function (string $key): void {
    $message = Words::catalogue()[$key];
    new MessageFormatter('en', $message);
    expect($message)->not->toBe('')->not->toContain('  ')->not->toContain("'");
})->with(array_keys(Words::catalogue()));

it('has a name for every field of every document', function (): void {
    $walk = static function (array $schema, string $path) use (&$walk): array {
        $fields = [];
        foreach ($schema['properties'] ?? [] as $name => $part) {
            $at = $path === '' ? $name : "$path.$name";
            $fields = [...$fields, $at, ...$walk($part, $at), ...$walk($part['items'] ?? [], $at)];
        }

        return $fields;
    };
    foreach (['rush', 'body', 'lens', 'hold', 'habits', 'subject'] as $schema) {
        foreach ($walk(schemaOf($schema), '') as $field) {
            expect(FieldNames::of($field))->not->toContain('“', "$schema: $field has no name");
        }
    }
    expect(FieldNames::of('kit.lens.ranges[1].near_m'))
        ->toBe('The near end of a range (2)')
        ->and(FieldNames::of('kit.body.areas.block.width'))
        ->toBe('The width of an area')
        ->and(FieldNames::of('a.rush.json, path.start_m'))
        ->toBe('a.rush.json: The distance at the start')
        ->and(FieldNames::of('no.such'))
        ->toBe('“no.such”');
});

it('refuses in the words of people', function (): void {
    $said = static fn (array $changes): string => Words::in(Units::Metric)->refused(
        refusal(static fn () => RushDocument::read(Rushes::document($changes))),
    );
    expect($said(['path.seconds' => 900.0]))
        ->toBe('The length of the rush must be between 0.1 and 60 s; 900 was given.')
        ->and($said(['subject.length_m' => 'long']))
        ->toBe('The subject’s length must be a number.')
        ->and($said(['scene.surface' => 'ice']))
        ->toStartWith('The ground in between can’t be “ice”. Choose one of: ')
        ->and(Words::in(Units::Metric)->refused(Refused::outside('kit.body.iso_min', NAN, Range::of(25, 800, '(ISO)'))))
        ->toBe('The lowest ISO must be between 25 and 800 (ISO); something that is not a number was given.')
        ->and(Words::in(Units::Metric)->refused(Refused::outside('photographer.aim', 2.0, Range::share())))
        ->toBe('Your aim must be between 0 and 1; 2 was given.')
        ->and(
            Words::in(Units::Metric)->refused(Refused::outside('kit.lens.focal_mm', 0.0, Range::above(0, 2000, 'mm'))),
        )
        ->toBe('The focal length must be more than 0 and at most 2000 mm; 0 was given.');
});

it('says speeds in kilometres an hour to whoever wants them, and lengths in metres', function (): void {
    $words = Words::in(Units::Kmh);
    expect([$words->quantity(Quantity::speed(17.0)), $words->quantity(Quantity::length(61.0))])->toBe(['61 km/h', '61 m']);
});

it('says quantities the way people do, in either system', function (
    Quantity $quantity,
    string $metric,
    string $imperial,
): void {
    expect([Words::in(Units::Metric)->quantity($quantity), Words::in(Units::Imperial)->quantity($quantity)])->toBe([
        $metric,
        $imperial,
    ]);
})->with([
    'a length' => [Quantity::length(20.4), '20 m', '67 ft'],
    'a long one' => [Quantity::length(61.0), '61 m', '200 ft'],
    'a distance as set' => [Quantity::distance(12.34), '12.3 m', '40 ft'],
    'a far one' => [Quantity::distance(47.3), '47.5 m', '155 ft'],
    'a small depth' => [Quantity::depth(0.354), '35 cm', '14 in'],
    'a depth' => [Quantity::depth(2.04), '2 m', '6.7 ft'],
    'a speed' => [Quantity::speed(17.0), '17 m/s', '38 mph'],
    'a share' => [Quantity::share(0.355), '36%', '36%'],
    'a shutter' => [Quantity::shutter(1 / 2000), '1/2000 s', '1/2000 s'],
    'any shutter' => [Quantity::shutter(INF), 'any speed', 'any speed'],
    'an opening' => [Quantity::fNumber(5.657), 'f/5.6', 'f/5.6'],
    'a focal length' => [Quantity::millimetres(380.2), '380 mm', '380 mm'],
    'a time' => [Quantity::milliseconds(0.0042), '4.2 ms', '4.2 ms'],
]);

it('says shutters as a camera does, and as the screens do', function (): void {
    $cases = json_decode((string) file_get_contents(__DIR__.'/cases/shutters.json'), true);
    foreach ($cases as [$seconds, $said]) {
        expect(StopScale::writtenShutter($seconds))->toBe("$said s");
    }
});

it('counts with the right word', function (): void {
    expect(said(Said::of('iso.left', stops: Quantity::count(1.0))))
        ->toBe('1 stop under your limit.')
        ->and(said(Said::of('iso.left', stops: Quantity::count(1.34))))
        ->toBe('1.3 stops under your limit.')
        ->and(said(Said::of('misfit.skew.mechanical', frames: Quantity::count(1.0))))
        ->toBe('Use the mechanical shutter: straight, at one frame a second.');
});

it('says the values of settings', function (Setting $setting, mixed $value, string $said): void {
    expect((new Values(Words::in(Units::Metric)))->of($setting, $value))->toBe($said);
})->with([
    [Setting::Area, Area::RingSmall, 'Small ring'],
    [Setting::Area, 'ring-small', 'Small ring'],
    [Setting::Eye, true, 'On'],
    [Setting::Eye, false, 'Off'],
    [Setting::Patience, 0.02, '0.02 s'],
    [Setting::Nimbleness, 0.5, '0.5 of 1'],
    [Setting::AreaAt, [0.0, 0.0], 'Centre'],
    [Setting::AreaAt, [-0.12, 0.15], '12% left, 15% down'],
    [Setting::AreaAt, [0.12, -0.15], '12% right, 15% up'],
    [Setting::RangeLimit, null, 'Full'],
    [Setting::RangeLimit, [3.5, null], '3.5 m to infinity'],
    [Setting::RangeLimit, new FocusRange(3.5, 30.0), '3.5 m to 30 m'],
    [Setting::Shutter, 1 / 3200, '1/3200 s'],
    [Setting::Aperture, 5.6, 'f/5.6'],
    [Setting::Iso, 1600, '1600'],
    [Setting::StartAt, 31.2, '31 m'],
]);

it('has no sentence outside the catalogue', function (): void {
    $found = [];
    foreach (
        new RegexIterator(
            new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__).'/src')),
            '/\.php$/',
        ) as $file
    ) {
        $code = (string) file_get_contents($file->getPathname());
        if (str_contains($file->getPathname(), '/Words/') || str_contains($file->getPathname(), '/Library/')) {
            continue;
        }
        foreach (token_get_all($code) as $token) {
            // Three words and a full stop: a sentence. What only a programmer reads is thrown.
            if (
                is_array($token) &&
                in_array($token[0], [T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE], true) &&
                preg_match('/\\w+ \\w+ .*\\.[\'"]?$/', $token[1]) === 1 &&
                preg_match('/^There is no/', trim($token[1], '"\'')) !== 1
            ) {
                $found[] = basename($file->getPathname()).': '.$token[1];
            }
        }
    }
    expect($found)->toBe([]);
});

it('says which of several is meant, however its place is written', function (): void {
    expect(FieldNames::of('path.speed_changes[2].at_s'))->toContain('(3)')->and(FieldNames::of('path.speed_changes.2.at_s'))->toContain('(3)')
        ->and(FieldNames::of('path.speed_changes.at_s'))->not->toContain('(');
});

it('rounds to what can be read: whole millimetres, milliseconds, feet by their size', function (): void {
    $metric = Words::in(Units::Metric);
    expect($metric->quantity(Quantity::millimetres(24.6)))->toBe('25 mm')->and($metric->quantity(Quantity::millimetres(24.4)))->toBe('24 mm')
        ->and($metric->quantity(Quantity::milliseconds(0.55)))->toBe('550 ms')->and($metric->quantity(Quantity::degrees(59.5)))->toBe('60°');
    $imperial = Words::in(Units::Imperial);
    // 99.4 ft in two figures, 101.4 in three.
    expect($imperial->quantity(Quantity::length(30.297)))->toBe('99 ft')->and($imperial->quantity(Quantity::length(30.907)))->toBe('101 ft');
});

it('lacks nothing in any language, and says what it would lack', function (): void {
    foreach (array_diff(Catalogue::languages(), [Catalogue::FIRST]) as $language) {
        expect([$language, Lacking::of($language)])->toBe([$language, []]);
    }
    $first = [
        'web/x' => [
            'a' => 'Save <link>{name}</link>',
            'b' => '{n, plural, one {one frame} other {{n} frames of {all}}}',
            'c' => 'Close',
            'd' => '{is, select, yes {yes} other {{why}}}',
        ],
    ];
    $own = [
        'web/x' => [
            'a' => '{name} sichern',
            'b' => '{n, plural, one {ein Bild} other {{n} Bilder}}',
            'd' => '{is, select, yes {ja} other {{why}}',
            'e' => 'Neu',
        ],
    ];
    expect(Lacking::between($first, $first))
        ->toBe([])
        ->and(Lacking::between($first, $own))
        ->toBe([
            'web/x a: says name where the first says <link>, name',
            'web/x b: says n where the first says all, n',
            'web/x c: missing',
            'web/x d: cannot be read',
            'web/x e: said nowhere',
        ]);
});

it('says numbers and what stands inside a sentence as each language does', function (): void {
    $said = static fn (string $language): array => Words::speaking($language, static fn (): array => [
        Words::in(Units::Kmh)->quantity(Quantity::speed(3.6)),
        Words::in(Units::Metric)->quantity(Quantity::fNumber(5.6)),
        Words::within(FocusMode::Single),
        Words::inside('ISO limit'),
        Words::in(Units::Metric)->refused(Refused::outside('path.start_m', 0.25, Range::of(1.5, 3000, 'm'))),
    ]);
    expect($said('en'))
        ->toBe([
            '13 km/h',
            'f/5.6',
            'single',
            'ISO limit',
            'The distance at the start must be between 1.5 and 3000 m; 0.25 was given.',
        ])
        ->and($said('de'))
        ->toBe([
            '13 km/h',
            'f/5,6',
            'Einzel-AF',
            'ISO limit',
            'Die Entfernung am Anfang: 1,5 bis 3000 m sind möglich; gegeben war 0,25.',
        ]);
});
