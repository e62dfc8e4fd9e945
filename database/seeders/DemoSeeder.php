<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Bench\KeptSession;
use App\Documents\DocumentGate;
use App\Models\KeptDrill;
use App\Models\KitType;
use App\Models\SavedOuting;
use App\Models\User;
use App\Outings\Rushes;
use App\Review\Log;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use RushHold\Document\BodyDocument;
use RushHold\Document\DrillDocument;
use RushHold\Document\Drills\Layout;
use RushHold\Drill\Key;
use RushHold\Drill\RingCourse;
use RushHold\Drill\ScriptedHand;
use RushHold\Drill\SeededRandom;

/** The demo: a sea-cliff reserve in early June, and a cyclo-cross race the autumn before. All made up. */
final class DemoSeeder extends Seeder
{
    public const EMAIL = 'demo@rush-hold.example';

    /** In the order of the two days; the list shows the newest first. */
    private const RUSHES = [
        'barriers',
        'muddy-hairpin',
        'sprint-finish',
        'pipit-in-the-gorse',
        'hare-through-the-campion',
        'tern-plunging',
        'tern-hovering',
        'puffin-behind-the-thrift',
        'gannet-along-the-edge',
        'puffin-coming-in',
    ];

    /** What the demo's camera calls things: made up, like everything here. */
    private const WORDS = [
        'setting.focus.mode' => ['Focus drive', 'Ring on the left, or page F1'],
        'mode.continuous' => ['Keep up', 'Page F1'],
        'mode.single' => ['Once', 'Page F1'],
        'setting.focus.area' => ['Patch', 'Front button and rear wheel'],
        'area.point' => ['Dot', 'Front button, first in the row'],
        'area.ring-small' => ['Dot and friends', 'Front button, third in the row'],
        'area.block' => ['Middle block', 'Front button, sixth in the row'],
        'area.whole' => ['Everywhere', 'Front button, last in the row'],
        'setting.focus.detect' => ['Look out for', 'Page F3'],
        'detect.bird' => ['Feathers', 'Page F3, second line'],
        'preset.even' => ['Manner 1', 'Page F4'],
        'preset.eager' => ['Manner 3', 'Page F4'],
        'control.thumb-1' => ['Back button', ''],
    ];

    /** What was logged at the race: rush, minutes after it began, how many were kept, and what lost the rest. */
    private const LOGGED = [
        ['The start, thirty at once', 17, 'half', 'on something nearer'],
        ['Over the barriers', 34, 'most', 'hidden'],
        ['Over the barriers', 41, 'half', 'hidden'],
        ['Round the muddy hairpin', 58, 'few', 'lagging'],
        ['Round the muddy hairpin', 69, 'half', 'lagging'],
        ['Round the muddy hairpin', 80, 'most', null],
        ['Sprint for the line', 92, 'half', 'out of frame'],
    ];

    /** Practice of the last weeks: days ago, what, and how skilled by then. */
    private const PRACTISED = [
        [27, 'buttons', 0.45],
        [26, 'buttons', 0.54],
        [24, 'buttons', 0.63],
        [22, 'buttons', 0.72],
        [20, 'buttons', 0.81],
        [19, 'buttons', 0.9],
        [17, 'buttons', 0.97],
        [17, 'still', 0.42],
        [17, 'still', 0.44],
        [15, 'still', 0.5],
        [15, 'still', 0.52],
        [14, 'buttons', 0.95],
        [13, 'still', 0.58],
        [13, 'still', 0.6],
        [12, 'still', 0.66],
        [12, 'still', 0.68],
        [10, 'still', 0.74],
        [10, 'still', 0.76],
        [8, 'still', 0.82],
        [8, 'still', 0.84],
        [7, 'buttons', 0.96],
        [6, 'still', 0.9],
        [6, 'still', 0.92],
        [6, 'swimmer', 0.42],
        [6, 'swimmer', 0.45],
        [5, 'swimmer', 0.48],
        [5, 'swimmer', 0.51],
        [3, 'swimmer', 0.54],
        [3, 'swimmer', 0.57],
        [2, 'swimmer', 0.6],
        [2, 'swimmer', 0.63],
    ];

    /**
     * What was logged on the cliff the year before: rush, day in June, minutes after six, area, frames, keepers, what
     * lost the rest. Two set-ups by turns, and one burst that was logged wrongly.
     */
    private const CLIFF = [
        ['Puffin coming in to the slope', 6, 8, 'ring-small', 24, 15, null],
        ['Puffin coming in to the slope', 6, 15, 'point', 26, 9, 'on the background'],
        ['Puffin coming in to the slope', 6, 24, 'ring-small', 22, 13, null],
        ['Puffin coming in to the slope', 6, 31, 'point', 25, 12, 'out of frame'],
        ['Puffin coming in to the slope', 6, 39, 'ring-small', 27, 18, null],
        ['Puffin coming in to the slope', 6, 46, 'point', 24, 7, 'on the background'],
        ['Puffin coming in to the slope', 6, 55, 'ring-small', 25, 11, 'lagging'],
        ['Puffin coming in to the slope', 6, 62, 'point', 23, 10, 'on the background'],
        ['Gannet gliding along the edge', 6, 80, 'block', 40, 33, null],
        ['Gannet gliding along the edge', 6, 88, 'block', 38, 29, 'subject smear'],
        ['Gannet gliding along the edge', 6, 97, 'block', 42, 38, null],
        ['Gannet gliding along the edge', 6, 105, 'block', 40, 30, 'subject smear'],
        ['Puffin coming in to the slope', 8, 6, 'point', 24, 11, 'on the background'],
        ['Puffin coming in to the slope', 8, 13, 'ring-small', 26, 17, null],
        ['Puffin coming in to the slope', 8, 22, 'point', 25, 8, 'on the background'],
        ['Puffin coming in to the slope', 8, 30, 'ring-small', 24, 14, null],
        ['Puffin coming in to the slope', 8, 38, 'point', 22, 12, null],
        ['Puffin coming in to the slope', 8, 47, 'ring-small', 25, 12, 'lagging'],
        ['Gannet gliding along the edge', 8, 75, 'block', 41, 34, null],
        ['Gannet gliding along the edge', 8, 84, 'block', 39, 0, null],
        ['Gannet gliding along the edge', 8, 93, 'block', 40, 31, 'subject smear'],
        ['Gannet gliding along the edge', 8, 101, 'block', 37, 32, null],
        ['Hare bolting through the campion', 9, 20, 'ring-medium', 30, 3, 'on something nearer'],
        ['Hare bolting through the campion', 9, 45, 'ring-medium', 28, 1, 'on something nearer'],
        ['Hare bolting through the campion', 9, 70, 'ring-medium', 34, 5, 'on something nearer'],
    ];

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    private function kit(User $demo): void
    {
        $samples = KitType::Bodies->samples();
        $body = $this->gate->kit(KitType::Bodies, [
            ...$samples['sample-fast-mirrorless'],
            'name' => 'The cliff body',
            'stored_sets' => [
                ['control' => 'thumb-1', 'area' => 'point', 'detect' => 'off'],
                ['control' => 'thumb-2', 'area' => 'block', 'detect' => 'bird', 'preset' => 'even'],
            ],
            'words' => array_map(static fn (array $w): array => ['label' => $w[0], 'where' => $w[1]], self::WORDS),
        ]);
        // Left over from the race: people, sticky, and a range that begins too far out.
        $standing = [
            'format' => 'rush-hold/hold@1',
            'focus' => [
                'mode' => 'continuous',
                'area' => 'block',
                'detect' => 'person',
                'eye' => true,
                'patience_s' => 1.2,
                'nimble' => 0.5,
                'range_m' => null,
            ],
            'exposure' => ['shutter_s' => 1 / 1600, 'aperture' => 4, 'iso' => 800],
            'drive' => 'long',
            'stabiliser' => 'off',
        ];
        $own = $demo->kit()->create([
            'type' => KitType::Bodies,
            'name' => $body['name'],
            'document' => $body['fields'],
            'based_on' => 'sample-fast-mirrorless',
            'standing' => $standing,
        ]);
        $race = $this->gate->kit(KitType::Bodies, [...$samples['sample-old-mirror'], 'name' => 'The race body']);
        $demo->kit()->create([
            'type' => KitType::Bodies,
            'name' => $race['name'],
            'document' => $race['fields'],
            'based_on' => 'sample-old-mirror',
        ]);
        $lenses = [];
        foreach (
            [
                'sample-500-f4' => 'The long prime',
                'sample-100-400' => 'The walkabout zoom',
                'sample-70-200-f28' => 'The race zoom',
            ] as $id => $name
        ) {
            $lens = $this->gate->kit(KitType::Lenses, [...KitType::Lenses->samples()[$id], 'name' => $name]);
            $lenses[$id] = $demo->kit()->create([
                'type' => KitType::Lenses,
                'name' => $name,
                'document' => $lens['fields'],
                'based_on' => $id,
            ])->id;
        }
        $demo
            ->fill([
                'habits' => $this->gate->habits([
                    'format' => 'rush-hold/habits@1',
                    'body' => $own->id,
                    'lens' => $lenses['sample-500-f4'],
                    'floors' => ['bird' => 1 / 2000],
                ])->fields,
            ])
            ->save();
        $this->body = $body['fields'];
        $this->bodyId = $own->id;
    }

    /** @var array<string, mixed> */
    private array $body = [];

    private ?string $bodyId = null;

    public function run(): void
    {
        DB::transaction(function (): void {
            User::query()->where('is_demo', true)->whereNull('demo_until')->delete();
            $demo = User::query()->create([
                'name' => 'Demo',
                'email' => self::EMAIL,
                // Nobody signs in to the demo with a password; the sign-in page has a button that makes a copy of it.
                'password' => Str::random(40),
                'is_demo' => true,
            ]);
            $this->kit($demo);
            $at = now()->subMinutes(count(self::RUSHES));
            foreach (self::RUSHES as $name) {
                $json = (string) file_get_contents(base_path("formats/examples/$name.json"));
                $document = (array) DocumentGate::decode($json);
                $rush = $demo->rushes()->make(['document' => $this->gate->rush($this->withBody($document))->fields]);
                $rush->forceFill(['created_at' => $at, 'updated_at' => $at])->save(['timestamps' => false]);
                $at = $at->addMinute();
            }
            $this->outings($demo);
            $this->season($demo);
            $this->practice($demo);
        });
    }

    /**
     * The examples come without a body; in the demo they are all shot with the same one.
     *
     * @param  array<array-key, mixed>  $rush
     * @return array<array-key, mixed>
     */
    private function withBody(array $rush): array
    {
        return [
            ...$rush,
            'kit' => [...(array) ($rush['kit'] ?? []), 'body' => $this->body, 'body_id' => $this->bodyId],
        ];
    }

    /** The cliff morning that lies ahead, and the race before it with what was logged there. */
    private function outings(User $demo): void
    {
        $ahead = now()
            ->setTime(0, 0)
            ->setDate(now()->month >= 6 ? now()->year + 1 : now()->year, 6, 7);
        $this->outing($demo, 'sea-cliff-morning', $ahead->toDateString(), []);
        $raced = $ahead->subMonths(8)->next('Sunday');
        // The race is shot with the other body.
        $body = $demo->kit()->where('name', 'The race body')->firstOrFail()->document;
        $known = $demo->rushes()->pluck('id');
        $race = $this->outing($demo, 'muddy-race', $raced->toDateString(), ['bodies' => [$body]]);
        // What only the race has was worked on before all else.
        $long = now()->subMinutes(2 * count(self::RUSHES));
        DB::table('rushes')
            ->where('user_id', $demo->id)
            ->whereNotIn('id', $known)
            ->update(['created_at' => $long, 'updated_at' => $long]);
        foreach (self::LOGGED as [$name, $minutes, $kept, $lost]) {
            $rush = $demo->rushes()->where('name', $name)->value('id');
            Log::keep($demo, (string) Str::uuid(), [
                'outing_id' => $race->id,
                'rush_id' => $rush,
                'rush' => $name,
                'at' => $race->starts_at->addMinutes($minutes)->toIso8601ZuluString(),
                'kept' => $kept,
                'lost_to' => $lost,
            ]);
        }
    }

    /** A season on the cliff, as it was logged by hand; what it teaches is worked out in the queue, as ever. */
    private function season(User $demo): void
    {
        $year = now()->month > 6 ? now()->year : now()->year - 1;
        /** @var string $area */
        foreach (self::CLIFF as [$name, $day, $minutes, $area, $frames, $keepers, $lost]) {
            $rush = $demo->rushes()->where('name', $name)->firstOrFail();
            $hold = [
                'focus' => [
                    'mode' => 'continuous',
                    'technique' => 'auto',
                    'area' => $area,
                    'detect' => $area === 'point' ? 'off' : data_get($rush->document, 'subject.kind'),
                    'eye' => $area === 'ring-small' || $area === 'block',
                ],
            ];
            Log::keep($demo, (string) Str::uuid(), [
                'rush_id' => $rush->id,
                'rush' => $name,
                'at' => now()->setDate($year, 6, $day)->setTime(6, 0)->addMinutes($minutes)->toIso8601ZuluString(),
                'frames' => $frames,
                'keepers' => $keepers,
                'lost_to' => $lost,
                'hold' => $hold,
            ]);
        }
        $this->bench($demo);
    }

    /** Some weeks of practice: buttons that are known by now, and the ring on still subjects and the first swimmers. */
    private function practice(User $demo): void
    {
        $document = $demo->rushes()->where('name', 'Gannet gliding along the edge')->firstOrFail()->document;
        $keys = Key::of(BodyDocument::read($this->body)->body);
        foreach (self::PRACTISED as $n => [$days, $exercise, $skill]) {
            $at = now()
                ->subDays($days)
                ->setTime(19, $n % 50);
            if ($exercise === 'buttons') {
                $asked = ['drill' => $exercise, 'seed' => 100 + $n, 'layout' => Layout::write($keys)];
                $calls = DrillDocument::course(DrillDocument::read($asked))['calls'];
                $played = [...$asked, 'calls' => $calls, 'trace' => self::fingers($calls, $skill, $n)];
            } else {
                $asked = ['drill' => $exercise, 'seed' => 100 + $n, 'rush' => $document];
                $course = DrillDocument::read($asked)->course;
                assert($course instanceof RingCourse);
                $played = [...$asked, 'trace' => (new ScriptedHand($skill))->play($course, $n)];
            }
            $score = [
                ...DrillDocument::score(DrillDocument::read($played)),
                'aids' => (object) [],
                ...$exercise === 'buttons' ? ['body' => $this->bodyId] : ['rush' => $document['name'] ?? ''],
            ];
            $kept = [
                'exercise' => $exercise,
                'day' => $at->toDateString(),
                'done_at' => $at,
                'score' => KeptDrill::summary($score),
                'document' => $exercise === 'buttons' ? $played : [...$played, 'trace' => []],
            ];
            $demo
                ->drills()
                ->make($kept)
                ->forceFill(['created_at' => $at, 'updated_at' => $at])
                ->save(['timestamps' => false]);
        }
        $demo
            ->forceFill([
                'practice' => [
                    'habit' => ['weekdays' => [1, 2, 3, 4, 5, 6, 7], 'minutes' => 8, 'at' => '19:00', 'off' => []],
                ],
            ])
            ->save();
    }

    /**
     * Fingers that find the right control the sooner, and take another for it the less often, the more they have
     * practised.
     *
     * @param  list<array{float, int|null}>  $calls
     * @return list<array{float, float, float}>
     */
    private static function fingers(array $calls, float $skill, int $seed): array
    {
        $draw = new SeededRandom($seed, 7);
        $trace = [];
        foreach ($calls as [$at, $key]) {
            $press = $key === null ? 0 : ($draw->chance(0.3 * (1 - $skill)) ? ($key === 1 ? 2 : 1) : $key);
            $down = round($at + ($key === null ? 0.3 : 0.42 + 0.9 * (1 - $skill)) + $draw->between(0, 0.25), 3);
            $trace[] = [$down, (float) $press, 1.0];
            $trace[] = [round($down + 0.3, 3), (float) $press, 0.0];
        }

        return $trace;
    }

    /** A session at the bench with the stand-in: its first sweep at two distances. */
    private function bench(User $demo): void
    {
        $sweep = $demo->sweeps()->make([
            'name' => 'The long prime on the old body',
            'body' => 'The race body',
            'lens' => 'The long prime',
            'document' => ['format' => 'rush-hold/sweep@1', 'frames' => [], 'by_distance' => false],
            'hidden' => ['value' => 6, 'second' => true, 'seed' => 5],
        ]);
        KeptSession::shoot($sweep, array_fill_keys(range(-20, 20), 1), 10.0, 500.0);
        KeptSession::shoot($sweep, array_fill_keys(range(-20, 20), 1), 35.0, 500.0);
        $sweep->save();
    }

    /** @param  array<string, mixed>  $fields */
    private function outing(User $demo, string $file, string $date, array $fields): SavedOuting
    {
        /** @var array{rushes: list<array<string, mixed>>, ...} $document */
        $document = (array) DocumentGate::decode(
            (string) file_get_contents(base_path("formats/examples/outings/$file.json")),
        );
        $kept = $demo->rushes()->pluck('id', 'name');
        $document['rushes'] = array_map(
            fn (array $entry): array => [
                ...$entry,
                'rush' => $kept[data_get($entry, 'rush.name')] ?? $this->withBody((array) $entry['rush']),
                ...isset($fields['bodies']) ? ['body' => 0] : [],
            ],
            $document['rushes'],
        );

        return $demo
            ->outings()
            ->create([
                'document' => (new Rushes($demo, $this->gate))->gathered([...$document, ...$fields, 'date' => $date]),
            ])
            ->refresh();
    }
}
