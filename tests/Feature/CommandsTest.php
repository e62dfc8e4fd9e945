<?php

declare(strict_types=1);

use App\Api\Description;
use App\Api\RequestRules;
use App\Documents\DocumentGate;
use App\Models\KitType;
use Illuminate\Support\Facades\Artisan;
use Symfony\Component\Process\Process;

it('plans a file and prints JSON', function (): void {
    $run = artisan(['rush:plan', 'formats/examples/puffin-coming-in.json']);
    $plan = json_decode($run->getOutput(), true);
    expect($run->getExitCode())
        ->toBe(0)
        ->and($plan['best']['hold']['focus']['mode'])
        ->toBe('continuous')
        ->and($plan['margins'])
        ->toHaveKeys([
            'subject_blur_um',
            'limb_blur_um',
            'shake_um',
            'depth_near_m',
            'depth_far_m',
            'coc_um',
            'diffraction_um',
            'ev_short',
        ])
        ->and(array_filter(array_column($plan['lines'], 'reason')))
        ->toHaveCount(count($plan['lines']));
});

it('writes a page to be read, in the units asked for, with what is pinned and what is not in play', function (): void {
    $page = artisan([
        'rush:plan',
        'formats/examples/barriers.json',
        '--pins=formats/examples/pinned.hold.json',
        '--page',
        '--units=imperial',
        '--runs=20',
    ])->getOutput();
    expect($page)
        ->toStartWith("Over the barriers\n\nKeeps ")
        ->toContain(
            'Matters most here',
            'Small ring (pinned)',
            'No effect here: Eye, Priority.',
            'Lost frames of a pass, by cause',
            ' ft ',
        )
        ->not->toContain('{')
        ->not->toContain(' m/s');
    $tried = artisan([
        'rush:try',
        'formats/examples/barriers.json',
        'formats/examples/pinned.hold.json',
        '--page',
        '--runs=20',
    ])->getOutput();
    expect($tried)->toContain('Simulated 20 times.')->toContain('At least one keeper in')->toContain(' m/s');
});

it('reads standard input and keeps pins', function (): void {
    $run = artisan(
        ['rush:plan', '-', '--pins=formats/examples/pinned.hold.json'],
        (string) file_get_contents(base_path('formats/examples/barriers.json')),
    );
    expect($run->getExitCode())
        ->toBe(0)
        ->and(json_decode($run->getOutput(), true)['best']['hold']['focus']['patience_s'])
        ->toBe(0.6);
});

it('tells by its exit code what went wrong', function (): void {
    $missing = artisan(['rush:plan', 'nowhere.json']);
    $refused = artisan(
        ['rush:plan', '-'],
        '{"format":"rush-hold/rush@1","subject":{"length_m":-1,"height_m":1,"speed_mps":1},"path":{"start_m":20}}',
    );
    $garbage = artisan(['rush:plan', '-'], 'garbage');
    expect([$missing->getExitCode(), $refused->getExitCode(), $garbage->getExitCode()])
        ->toBe([3, 2, 2])
        ->and($refused->getErrorOutput())
        ->toContain('subject.length_m: The subject’s length must be between 0.01 and 30 m; -1 was given.')
        ->and($refused->getOutput())
        ->toBe('');
});

it('has the description of the API that is checked in', function (): void {
    expect(Description::json())
        ->toBe((string) file_get_contents(base_path('openapi.json')))
        ->and(RequestRules::php())
        ->toBe((string) file_get_contents(base_path(RequestRules::FILE)));
});

it('says what to change from how the camera stands', function (): void {
    $file = tempnam(sys_get_temp_dir(), 'standing');
    file_put_contents($file, '{"format": "rush-hold/hold@1", "focus": {"mode": "single"}}');
    $run = artisan(['rush:plan', 'formats/examples/tern-hovering.json', '--runs=20', "--standing=$file"]);
    expect($run->getExitCode())
        ->toBe(0)
        ->and(json_decode($run->getOutput(), true)['changes'][0]['setting'])
        ->toBe('focus.mode');
    file_put_contents($file, '{"focus": {"mode": "magic"}}');
    expect(artisan(['rush:plan', 'formats/examples/tern-hovering.json', "--standing=$file"])->getExitCode())->toBe(2);
    unlink($file);
});

it('has examples of kit that are what they say', function (): void {
    $gate = app(DocumentGate::class);
    foreach (
        [
            'mirror-body.body' => KitType::Bodies,
            'walkabout-zoom.lens' => KitType::Lenses,
            'cliff-hare.subject' => KitType::Subjects,
        ] as $name => $type
    ) {
        $document = DocumentGate::decode((string) file_get_contents(base_path("formats/examples/kit/$name.json")));
        expect($gate->kit($type, $document)['fields'])->toEqual($document);
    }
    $habits = DocumentGate::decode((string) file_get_contents(base_path('formats/examples/kit/habits.json')));
    expect($gate->habits($habits)->fields)->toEqual($habits);
});

it('describes every address of the API', function (): void {
    $described = array_keys(json_decode(Description::json(), true)['paths']);
    $routes = collect(app('router')->getRoutes()->getRoutes())
        ->map(fn ($route) => '/'.str_replace(['{rush}', '{outing}', '{group}'], '{id}', $route->uri()))
        ->filter(fn (string $uri): bool => str_starts_with($uri, '/api/') && $uri !== '/api/{id}')
        ->reject(fn ($uri) => str_contains($uri, 'any'))
        ->unique()
        ->values()
        ->all();
    expect($described)->toEqualCanonicalizing($routes);
});

it('shoots frames with the stand-in camera and measures them', function (): void {
    $folder = sys_get_temp_dir().'/shot-'.bin2hex(random_bytes(4));
    $shoot = static fn (string ...$more): Process => artisan(
        [
            'rush:shoot',
            'formats/examples/gannet-along-the-edge.json',
            '-',
            "--into=$folder",
            '--frames=5',
            '--megapixels=1.2',
            '--lens-error-m=0.4',
            ...$more,
        ],
        '{"format":"rush-hold/hold@1"}',
    );
    $run = $shoot();
    expect($run->getExitCode())
        ->toBe(0)
        ->and(json_decode($run->getOutput(), true))
        ->toMatchArray(['folder' => $folder, 'frames' => 5]);
    $truth = json_decode((string) file_get_contents("$folder/truth.json"), true)['frames'];
    $exif = exif_read_data("$folder/frame-0002.jpg");
    expect($truth)
        ->toHaveCount(5)
        ->and($exif['ExposureTime'])
        ->not->toBeNull()
        ->and($exif['UndefinedTag:0xA434'] ?? ($exif['LensModel'] ?? ''))
        ->toContain('500 mm')
        ->and($exif['SubSecTimeOriginal'])
        ->toBe('050')
        ->and($exif)
        ->not->toHaveKey('Make');
    // Not into a folder that has something in it.
    expect($shoot()->getExitCode())->toBe(3)->and($shoot('--megapixels=900')->getExitCode())->toBe(2);
    file_put_contents("$folder/no.jpg", 'no picture');
    $aim = $truth[0]['aim'];
    $measured = json_decode(
        artisan([
            'rush:measure',
            "$folder/frame-0001.jpg",
            "$folder/no.jpg",
            "$folder/frame-0002.jpg",
            "$folder/frame-0003.jpg",
            "--aim=$aim[x],$aim[y]",
        ])->getOutput(),
        true,
    );
    expect($measured)
        ->toHaveCount(4)
        ->and($measured[1])
        ->toHaveKeys(['file', 'refused'])
        ->and($measured[0]['taken_at'])
        ->toBe('2026-06-07T05:10:00.000Z')
        ->and($measured[0]['tiles'])
        ->toHaveCount(54);
    foreach ([0 => 0, 2 => 1, 3 => 2] as $i => $frame) {
        expect(abs($measured[$i]['aim']['x'] - $truth[$frame]['aim']['x']))
            ->toBeLessThan(0.02)
            ->and($measured[$i]['sigma_px'])
            ->toEqualWithDelta($truth[$frame]['sigma_px'], max(0.2, 0.15 * $truth[$frame]['sigma_px']));
    }
    expect(artisan(['rush:measure', "$folder/frame-0001.jpg", '--aim=3,0'])->getExitCode())
        ->toBe(2)
        ->and(artisan(['rush:measure', "$folder/frame-0001.jpg", '--coc-px=0'])->getExitCode())
        ->toBe(2);
    array_map(unlink(...), glob("$folder/*") ?: []);
    rmdir($folder);
});

it('finds causes, compares, learns and tunes from documents alone', function (): void {
    $answer = static function (string $command, array $arguments): array {
        Artisan::call($command, $arguments);

        return json_decode(Artisan::output(), true);
    };
    $examples = base_path('formats/examples');
    $cause = $answer('rush:cause', ['burst' => "$examples/bursts/hairpin.json"]);
    expect($cause['causes'][0])
        ->toHaveKeys(['cause', 'probability', 'because'])
        ->and($cause['next']['choices'])
        ->not->toBe([])
        ->and(array_sum(array_column($cause['causes'], 'probability')))
        ->toBeGreaterThan(0.9);
    $compared = $answer('rush:compare', ['bursts' => "$examples/bursts/two-set-ups.json"]);
    expect($compared['holds'])
        ->toHaveCount(2)
        ->and($compared['pairs'][0]['a_better'])
        ->toBeGreaterThan(0.9)
        ->and($compared['pairs'][0]['difference']['low'])
        ->toBeLessThan($compared['pairs'][0]['difference']['high']);
    $learned = $answer('rush:learn', [
        'bursts' => "$examples/bursts/two-set-ups.json",
        '--predict' => "$examples/puffin-coming-in.json",
    ]);
    expect($learned['skills'])
        ->toHaveKeys(['aim', 'panning', 'hand_focus'])
        ->and($learned['log_share'])
        ->toBeGreaterThan(0.3)
        ->and($learned['prediction']['low'])
        ->toBeLessThan($learned['prediction']['learned']);
    $tuned = $answer('rush:tune', ['sweep' => "$examples/sweeps/long-prime.json"]);
    expect($tuned['series'])
        ->toHaveCount(1)
        ->and($tuned['best'])
        ->toHaveCount(3)
        ->and(abs($tuned['across']['value'] - 4))
        ->toBeLessThanOrEqual(1);
});

it('plays drills and climbs the ladder from documents alone', function (): void {
    $answer = static function (string $command, array $arguments): array {
        Artisan::call($command, $arguments);

        return json_decode(Artisan::output(), true);
    };
    $examples = base_path('formats/examples/drills');
    $scored = $answer('rush:drill', ['drill' => "$examples/swimmer.json"]);
    expect($scored['drill'])
        ->toBe('swimmer')
        ->and($scored['kept'])
        ->toBeGreaterThan(0)
        ->and($scored['against'])
        ->toBeLessThan(1.0)
        ->and($scored)
        ->toBe($answer('rush:drill', ['drill' => "$examples/swimmer.json"]));
    // Without what was done it says what comes.
    expect($answer('rush:drill', ['drill' => "$examples/buttons.json"])['calls'])->toHaveCount(25);
    $ladder = $answer('rush:ladder', [
        'practice' => "$examples/practice.json",
        '--from' => '2026-06-15',
        '--days' => '14',
    ]);
    expect($ladder['rung'])
        ->toBe('still')
        ->and($ladder['rungs'][0]['passed_on'])
        ->toBe('2026-06-08')
        ->and(array_column($ladder['calendar'], 'day'))
        ->toBe(['2026-06-15', '2026-06-17', '2026-06-19', '2026-06-26', '2026-06-28']);
    expect(Artisan::call('rush:ladder', ['practice' => "$examples/practice.json", '--from' => 'soon']))
        ->toBe(2)
        ->and(Artisan::call('rush:ladder', ['practice' => "$examples/practice.json", '--days' => '999']))
        ->toBe(2);
});

it('refuses what is none, naming it, with exit code 2', function (
    string $command,
    string $argument,
    string $document,
): void {
    $file = tempnam(sys_get_temp_dir(), 'doc');
    file_put_contents($file, $document);
    expect(Artisan::call($command, [$argument => $file]))
        ->toBe(2)
        ->and(Artisan::call($command, [$argument => '/nowhere.json']))
        ->toBe(3);
    unlink($file);
})->with([
    ['rush:cause', 'burst', '{"frames":10,"keepers":20}'],
    ['rush:cause', 'burst', '{"frames":10,"keepers":2,"answers":{"smear":"sideways"}}'],
    ['rush:compare', 'bursts', '{}'],
    ['rush:compare', 'bursts', '[{"frames":10,"keepers":2}]'],
    ['rush:learn', 'bursts', '[{"frames":10,"keepers":2}]'],
    ['rush:tune', 'sweep', '{"frames":[]}'],
    ['rush:drill', 'drill', '{"drill":"juggling"}'],
    ['rush:drill', 'drill', '{"drill":"wild"}'],
    ['rush:ladder', 'practice', '{"sessions":[{"drill":"still","day":"soon","reached":1}]}'],
]);
