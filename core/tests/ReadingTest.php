<?php

declare(strict_types=1);

use RushHold\Document\RushDocument;
use RushHold\Library\Lenses;
use RushHold\Library\Subjects;
use RushHold\Reading\Grammar;
use RushHold\Reading\LineReader;
use RushHold\Reading\Understood;
use RushHold\Refused;
use RushHold\Tests\Rushes;
use RushHold\Units;
use RushHold\Words\Words;

/** @param  list<string>  $without */
function understand(string $line, array $without = []): Understood
{
    $subjects = array_column(array_map(static fn ($s): array => [$s->id, $s->document], Subjects::all()), 1, 0);

    return (new LineReader($subjects, Lenses::all()))
        ->read($line, $without)
        ->upon(RushDocument::read(Rushes::document())->fields);
}

/**
 * What of a sentence is not as it was meant.
 *
 * @return array{int, list<string>} parts it has, and those missed
 */
function missed(string $line, string $wants): array
{
    $understood = understand($line);
    $left = array_map(strtolower(...), array_column($understood->notUnderstood, 'text'));
    $said = array_column($understood->pieces, 'value', 'field');
    $missed = [];
    $parts = explode('; ', $wants);
    $wanted = [];
    foreach ($parts as $part) {
        if ($part[0] === '?') {
            $wanted[] = substr($part, 1);
            in_array(substr($part, 1), $left, true) || ($missed[] = $part);

            continue;
        }
        [$field, $value] = explode('=', $part);
        [$group, $name] = [...explode('.', $field), ''];
        $got = match (true) {
            $field === 'subject' => $said['subject'] ?? null,
            // Shade stands beside the light value.
            $field === 'light.ev100' && isset($said['light.offset_stops']) => ($understood->document['light'][
                'ev100'
            ] ??
                NAN) +
                $said['light.offset_stops'],
            $group === 'kit' && $name === 'focal_mm' => $understood->document['kit']['lens']['focal_mm'] ?? null,
            // What the base has already counts only where the line said it.
            ! isset($said[$field]) &&
                ! in_array(
                    $field,
                    ['light.ev100', 'scene.background_texture', 'scene.background_m', 'scene.surface'],
                    true,
                ) => null,
            default => $understood->document[$group][$name] ?? ($understood->document[$field] ?? null),
        };
        $right = match (true) {
            preg_match('/^(-?[\d.]+)\.\.(-?[\d.]+)$/', $value, $range) === 1 => is_numeric($got) &&
                $got >= (float) $range[1] &&
                $got <= (float) $range[2],
            is_numeric($value) => is_numeric($got) &&
                abs($got - (float) $value) <= 0.005 * max(1.0, abs((float) $value)),
            in_array($value, ['true', 'false'], true) => $got === ($value === 'true'),
            default => $got === $value,
        };
        $right || ($missed[] = $part.' was '.json_encode($got));
    }
    foreach (array_diff($left, $wanted) as $word) {
        $missed[] = "not understood: $word";
    }

    return [count($parts), $missed];
}

/** @return list<array{string, string}> */
function linesWritten(string $file): array
{
    $lines = array_filter(
        file(__DIR__."/cases/$file", FILE_IGNORE_NEW_LINES) ?: [],
        static fn (string $line): bool => $line !== '' && $line[0] !== '#',
    );

    return array_values(array_map(static fn (string $line): array => explode(' => ', $line, 2), $lines));
}

it('understands what people write, but for one part in twenty', function (
    string $language,
    string $file,
    int $least,
    float $most = 0.05,
): void {
    $parts = 0;
    $missed = [];
    foreach (linesWritten($file) as [$line, $wants]) {
        [$count, $wrong] = Words::speaking($language, static fn (): array => missed($line, $wants));
        $parts += $count;
        foreach ($wrong as $part) {
            $missed[] = "$line: $part";
        }
    }
    expect(count(linesWritten($file)))
        ->toBeGreaterThanOrEqual($least)
        ->and(count($missed) / $parts)
        ->toBeLessThanOrEqual($most, implode("\n", $missed));
})->with([
    ['en', 'lines.txt', 150],
    ['de', 'lines.de.txt', 120],
    // Written after the grammar.
    ['de', 'lines-others.de.txt', 70, 0.09],
]);

it('shows which words say what, and keeps the rest', function (): void {
    $understood = understand('Gull with purple socks at 20 m, windy');
    $words = Words::in(Units::Imperial);
    expect(
        array_map(
            static fn ($p): string => $p->text.': '.($p->says === null ? '' : $words->say($p->says)),
            $understood->pieces,
        ),
    )
        ->toBe(['Gull: Gull, flapping', 'at 20 m: starts at 66 ft', 'windy: windy'])
        ->and(array_column($understood->notUnderstood, 'text'))
        ->toBe(['purple', 'socks'])
        // Its name is short; the line is kept beside.
        ->and([$understood->document['name'], $understood->document['line']])
        ->toBe(['Gull, 20 m', 'Gull with purple socks at 20 m, windy'])
        ->and(understand('heron taking off thirty yards away')->document['name'])
        ->toBe('Heron, thirty yards')
        ->and(understand('gull taking a chip')->document['name'])
        ->toBe('Gull, flapping')
        ->and(understand('capercaillie 20 m')->document['name'])
        ->toBe('Capercaillie 20 m');
    foreach ($understood->pieces as $piece) {
        expect(substr('Gull with purple socks at 20 m, windy', $piece->at, strlen($piece->text)))->toBe($piece->text);
    }
});

it('plans for nobody who was not meant: a sport leads to its athletes, and what leaves it open is asked', function (
    string $line,
    ?string $who,
    array $among = [],
): void {
    $understood = understand($line);
    $ids = array_keys($understood->likely);
    expect($understood->saysWho)->toBe($who !== null, $line);
    if ($who !== null) {
        expect(mb_strtolower($understood->document['subject']['name']))->toContain($who);
    }
    expect(array_intersect($among, $ids))->toBe($among, $line)->and(count($ids))->toBeLessThanOrEqual(6);
    foreach ($understood->likely as $profile) {
        expect($profile['subject']['name'])->toBeString();
    }
})->with([
    ['bike race sprint finish, head on, 300 mm', 'rider, sprinting', ['road-cyclist', 'track-cyclist']],
    ['daughter’s football match', 'football player', ['goalkeeper-dive', 'child-running']],
    ['my daughter’s football match', 'child'],
    ['goalkeeper at the football match', 'goalkeeper'],
    ['local athletics meeting, 60 m', 'sprinter', ['hurdler', 'high-jumper']],
    ['horse show, 25 m', 'horse and rider', ['horse-dressage']],
    ['dog agility course, jumping, 15 m', 'dog, over a jump', ['dog-fetch']],
    ['motocross in the mud', 'motocross'],
    ['skating', 'skater', ['speed-skater', 'hockey-ice']],
    ['slalom, coming at me, 30 m', 'skier', ['snowboarder-jump']],
    ['regatta', 'sailing', ['rower']],
    ['10 km park run, towards me', 'runner'],
    ['gull at 20 m', 'gull'],
    // Unlike each other, or never heard of.
    ['the match tomorrow', null, ['footballer-run', 'racket-player']],
    ['a race, 40 m', null, ['sprinter', 'horse-gallop']],
    ['birds over the lake', null, ['duck-flight']],
    ['raptor overhead', null, ['buzzard-soar', 'kestrel-hover']],
    ['capercaillie flying past at 20 m', null, ['pheasant-flush']],
    ['water vole swimming past', null, ['otter-swim']],
    ['lapwing tumbling over the marsh', null, ['oystercatcher']],
    ['hawk after a lapwing', 'hawk'],
    ['sea lion, 12 m', 'seal'],
    ['my son, 30 m', 'child'],
    ['something fast at 40 m', null, ['runner']],
]);

it('takes lamps over from the line, with their light', function (string $line, string $lamps, float $ev): void {
    $light = understand($line)->document['light'];
    expect([$light['lamps'] ?? null, (float) $light['ev100']])->toBe([$lamps, $ev]);
})->with([
    ['football match under floodlights, 40 m', 'floodlights', 8.7],
    ['basketball in the hall', 'hall', 7.5],
    ['dancer on stage, 15 m', 'stage', 6.0],
    ['runner under street lamps', 'street', 4.0],
]);

it('says of a sport who it is, and of a vague word nothing', function (): void {
    expect(array_column(understand('football match, 40 m')->notUnderstood, 'text'))
        ->toBe([])
        ->and(array_column(understand('capercaillie flying past at 20 m')->notUnderstood, 'text'))
        ->toBe(['capercaillie']);
    $known = array_map(static fn ($s): string => $s->id, Subjects::all());
    foreach (Grammar::all() as $grammar) {
        foreach (['sports', 'creatures', 'vague', 'acts'] as $kind) {
            expect(array_diff(array_merge(...array_values($grammar->kinds($kind))), $known))->toBe([]);
        }
    }
});

it('leaves out a part that somebody takes back', function (): void {
    $base = Rushes::document();
    $all = understand('fox running away at 40 m, windy');
    $less = understand('fox running away at 40 m, windy', ['path.heading_deg', 'scene.wind']);
    expect($all->document['path']['heading_deg'])
        ->toEqual(180)
        ->and($all->document['scene']['wind'])
        ->toEqual(0.7)
        ->and($less->document['path']['start_m'])
        ->toEqual(40)
        ->and($less->document['path']['heading_deg'])
        ->toEqual(RushDocument::read($base)->fields['path']['heading_deg'])
        ->and(array_column($less->pieces, 'field'))
        ->not->toContain('path.heading_deg', 'scene.wind');
});

it('says why a value cannot be had instead of dropping it or the line', function (): void {
    $understood = understand('gull at 9000 m across');
    expect($understood->document['path']['heading_deg'])
        ->toEqual(90)
        ->and($understood->notUnderstood[0]['text'])
        ->toBe('at 9000 m')
        ->and(Words::in(Units::Metric)->refused($understood->notUnderstood[0]['because']))
        ->toContain('between', '9000');
});

it('takes a lens that reaches, the one in use before others, and says when there is none', function (): void {
    expect(understand('rider at 300 mm, 40 m')->document['kit']['lens']['name'])
        ->toBe('300 mm f/2.8 prime')
        ->and(understand('rider at 500 mm, 40 m')->document['kit']['lens']['name'])
        ->toBe(RushDocument::read(Rushes::document())->fields['kit']['lens']['name'])
        ->and(understand('rider with the 70-200, 40 m')->document['kit']['lens']['zoom'][0]['focal_mm'])
        ->toEqual(70)
        ->and(understand('rider with 1200 mm, 40 m')->notUnderstood[0]['because'])
        ->toBeInstanceOf(Refused::class);
});

it('makes a rush that can be read again, whatever the line', function (string $line): void {
    $understood = understand($line);
    expect(RushDocument::read($understood->document)->fields)->toEqual($understood->document);
})->with([
    'ÄÖÜ 12,5 m £$%',
    "'\"<>&~|",
    '....',
    str_repeat('gull at 20 m ', 30),
    '20 m 30 m 40 m',
    'EV 99 ISO 1 9 am 1.4x 2x',
    'half',
    '((((',
    '\\d+ \\',
    '鷺が飛ぶ 30 m',
]);

it('refuses a line without words and one without end', function (string $line): void {
    expect(fn (): Understood => understand($line))->toThrow(Refused::class);
})->with(['', '   ', str_repeat('gull ', 101)]);

it('knows a name and, where a name has several, a wording for every subject of the library', function (
    Grammar $grammar,
): void {
    $named = array_merge(...array_values($grammar->names()));
    $ids = array_map(static fn ($s): string => $s->id, Subjects::all());
    expect(array_diff($ids, $named))
        ->toBe([])
        ->and(array_diff($named, $ids))
        ->toBe([])
        ->and(count($ids))
        ->toBeGreaterThanOrEqual(140);
    foreach ($grammar->names() as $meant) {
        // All but the first are only reached by what they do.
        foreach (array_slice($meant, 1) as $id) {
            expect([$id, $grammar->doing($id) !== null])->toBe([$id, true]);
        }
    }
})->with(fn (): array => array_map(static fn (Grammar $one): array => [$one], Grammar::all()));

it('says plainly what else a subject is called, and reads each of those names as one it may mean', function (
    Grammar $grammar,
): void {
    foreach (Subjects::all() as $subject) {
        foreach ($grammar->alsoCalled($subject->id) as $name) {
            $meant = array_values(
                array_filter(
                    $grammar->names(),
                    static fn (string $pattern): bool => preg_match("~^(?:$pattern)$~iu", $name) === 1,
                    ARRAY_FILTER_USE_KEY,
                ),
            );
            expect([$name, in_array($subject->id, array_merge(...$meant), true)])->toBe([$name, true]);
        }
    }
})->with(fn (): array => array_map(static fn (Grammar $one): array => [$one], Grammar::all()));

it('finds what a subject is called besides in each language', function (): void {
    expect(Grammar::of('en')->alsoCalled('falcon-flight'))
        ->toContain('peregrine', 'hobby', 'merlin')
        ->and(Grammar::of('en')->alsoCalled('batter'))
        ->toContain('batsman')
        ->and(Grammar::of('de')->alsoCalled('falcon-flight'))
        ->toContain('Wanderfalke', 'Baumfalke');
});

it('understands whoever writes in the other language, and keeps its own where that says as much', function (): void {
    expect(understand('Rehbock springt auf 35 m auf mich zu')->document['path']['start_m'])
        ->toEqual(35)
        ->and(understand('Rehbock springt auf 35 m auf mich zu')->notUnderstood)
        ->toBe([])
        ->and(understand('pigeon bursting off, gusty, 12 m')->document['subject']['name'])
        ->toBe('Pigeon, bursting off');
});

it('reads hours of the morning and of the afternoon: it is as light at nine as at three', function (): void {
    $light = static fn (string $hour): float => understand("puffin coming in at $hour")->document['light']['ev100'];
    expect($light('8 am'))
        ->toBe($light('4 pm'))
        ->and($light('16:00'))
        ->toBe($light('4 pm'))
        ->and($light('7:30 am'))
        ->toBe($light('4:30 pm'))
        ->and($light('12 pm'))
        ->toBeGreaterThan($light('5 pm'))
        ->toBeGreaterThan($light('7 am'))
        ->and($light('7 am'))
        ->toBeGreaterThan($light('6 am'))
        ->and($light('6 pm'))
        ->toBe($light('6 am'))
        ->and($light('5 pm'))
        ->toBeGreaterThan($light('6 pm'));
});

/** What a rush says under the name that a case has for it. */
function saidOf(Understood $understood, string $part): mixed
{
    $document = $understood->document;

    return match ($part) {
        'heading' => abs((float) $document['path']['heading_deg']),
        'climb' => $document['path']['climb_deg'],
        'path.speed' => $document['subject']['speed_mps'],
        'likely.kind' => array_column(array_column(array_values($understood->likely), 'subject'), 'kind')[0] ?? null,
        'light.ev100' => RushDocument::read($document)->rush->light->ev100,
        default => array_reduce(
            explode('.', $part),
            static fn (mixed $at, string $name): mixed => $at[$name] ?? null,
            $document,
        ),
    };
}

it('understands lines of other people’s kinds', function (string $file): void {
    $parts = 0;
    $missed = [];
    foreach (json_decode((string) file_get_contents(__DIR__."/cases/$file"), true)['lines'] as $case) {
        $understood = understand($case['line']);
        foreach ($case['parts'] as $part => $wanted) {
            $parts++;
            $said = saidOf($understood, $part);
            $right = match (true) {
                is_array($wanted) => is_numeric($said) && $said >= $wanted[0] - 1e-6 && $said <= $wanted[1] + 1e-6,
                is_string($wanted) => is_string($said) && mb_stripos($said, $wanted) !== false,
                default => $said === $wanted,
            };
            $right || ($missed[] = "{$case['line']}: $part was ".json_encode($said));
        }
    }
    expect(count($missed) / $parts)->toBeLessThanOrEqual(0.03, implode("\n", $missed));
})->with(['lines.json', 'lines-more.json', 'lines-others.json', 'lines-others-unseen.json']);

it('lets stand still what is said to, and leaves to itself what hovers anyway', function (): void {
    $speed = static fn (string $line): float => (float) understand($line)->document['subject']['speed_mps'];
    expect($speed('deer standing in fog at 60 m'))
        ->toBe(0.2)
        ->and($speed('dragonfly hovering 3 m'))
        ->toBe(0.2)
        ->and($speed('deer running at 60 m'))
        ->toBeGreaterThan(5.0)
        ->and($speed('pipit perched on a post 9 m'))
        ->toBeLessThanOrEqual(0.2)
        ->and($speed('tern hovering 30 m'))
        ->toBe($speed('tern 30 m'))
        ->and(understand('ski racer through a gate 35 m')->saysWho)
        ->toBeTrue()
        ->and(understand('road race bike in a bend 60 m 180 km/h')->document['subject']['kind'])
        ->toBe('vehicle');
});

it('ends a run at the camera before it goes through it, unless the line says how long', function (): void {
    $seconds = static fn (string $line): float => (float) understand($line)->document['path']['seconds'];
    $usual = $seconds('dog');
    $dog = understand('dog running to me at 10 m/s, 20 m');
    $rush = RushDocument::read($dog->document)->rush;
    // Where it fills the frame, but no sooner than after two fifths of the way.
    expect($rush->path->at($rush->path->seconds)->distanceM)
        ->toBeLessThan(12.5)
        ->toBeGreaterThan($rush->kit->lens->nearestM)
        ->and(array_column($dog->pieces, 'value', 'field')['path.seconds'])
        ->toBe($rush->path->seconds)
        ->and($seconds('dog running to me at 10 m/s, 20 m, for 2.5 seconds'))
        ->toBe(2.5)
        ->and($seconds('dog running across at 10 m/s, 20 m'))
        ->toBe($usual)
        ->and($seconds('boxer, 5 m'))
        ->toBe($usual)
        ->and($seconds('puffin coming straight in from 60 m'))
        ->toBe($usual)
        ->and((float) understand('dog running to me at 10 m/s, 20 m', ['path.seconds'])->document['path']['seconds'])
        ->toBe($usual);
});

it('takes a lens that focuses so near rather than another distance, and says so', function (): void {
    $understood = understand('dragonfly 0.5 m');
    $pieces = array_column($understood->pieces, 'value', 'field');
    expect($understood->document['path']['start_m'])
        ->toEqual(0.5)
        ->and($understood->document['kit']['lens']['nearest_m'])
        ->toBeLessThanOrEqual(0.5)
        ->and($pieces['kit.lens'] ?? '')
        ->toBe($understood->document['kit']['lens']['name'])
        ->and($understood->notUnderstood)
        ->toBe([]);
    // Nothing focuses on its own front lens.
    $none = understand('ant 0.05 m');
    expect(array_column($none->notUnderstood, 'text'))->toContain('0.05 m');
});
