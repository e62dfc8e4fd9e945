<?php

declare(strict_types=1);

use App\Models\KeptDrill;
use App\Models\User;
use App\Practice\Practised;
use App\Review\KeptLearning;
use Database\Seeders\DemoSeeder;
use Illuminate\Support\Str;
use RushHold\Document\DrillDocument;
use RushHold\Document\RushDocument;
use RushHold\Drill\RingCourse;
use RushHold\Drill\ScriptedHand;
use RushHold\Kit\ControlPlace;

/** A turn of buttons by fingers that find the right one. */
function pressedRight(array $course, float $after = 0.6): array
{
    $trace = [];
    foreach ($course['calls'] as [$at, $key]) {
        $trace[] = [$at + ($key === null ? 0.3 : $after), $key ?? 0, 1];
        $trace[] = [$at + ($key === null ? 0.3 : $after) + 0.3, $key ?? 0, 0];
    }

    return [...$course['document'], 'trace' => $trace];
}

/** A turn with the ring by a hand of some skill. */
function rungBy(array $course, float $skill): array
{
    $read = DrillDocument::read($course['document'])->course;
    assert($read instanceof RingCourse);

    return [...$course['document'], 'trace' => (new ScriptedHand($skill))->play($read, 3)];
}

describe('drills', function (): void {
    it('brings a course, scores it the same again, and keeps it', function (): void {
        $person = $this->person();
        $rush = $person->rushes()->create([
            'document' => json_decode(
                (string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')),
                true,
            ),
        ]);
        $this->actingAs($person);
        $course = $this->postJson('/api/drills/course', [
            'drill' => 'swimmer',
            'seed' => 5,
            'rush' => $rush->id,
        ])->assertOk();
        expect($course->json('about.figure'))
            ->not->toBe('')
            ->and(
                $this->postJson('/api/drills/course', ['drill' => 'swimmer', 'seed' => 5, 'rush' => $rush->id])->json(
                    'stretches',
                ),
            )
            ->toBe($course->json('stretches'));
        $document = rungBy($course->json(), 0.9);
        $kept = $this->postJson('/api/drills', [
            'document' => $document,
            'day' => now()->toDateString(),
        ])->assertCreated();
        expect($kept->json('score.share'))
            ->toBeGreaterThan(0.3)
            ->and($kept->json('score.rush'))
            ->toBe($rush->name)
            ->and($kept->json('score.frames'))
            ->not->toBe([]);
        // Frames are not kept twice: they are told again from what was done.
        expect($person->drills()->firstOrFail()->score)
            ->not->toHaveKey('frames')
            ->and(
                $this->getJson("/api/drills/{$kept->json('id')}")
                    ->assertOk()
                    ->json('score.frames'),
            )
            ->toBe($kept->json('score.frames'));
        // The document that is given out scores the same.
        $given = $this->getJson("/api/drills/{$kept->json('id')}/document")
            ->assertOk()
            ->json();
        expect(DrillDocument::score(DrillDocument::read($given))['share'])
            ->toBe($kept->json('score.share'))
            ->and(
                $this->postJson('/api/drills/course', ['drill' => 'swimmer', 'document' => $given])
                    ->assertOk()
                    ->json('stretches'),
            )
            ->toBe($course->json('stretches'));
        // In a list without its frames.
        expect($this->getJson('/api/drills?drill=swimmer')->assertOk()->json('0.score'))
            ->not->toHaveKey('frames')
            ->and($this->getJson('/api/drills?drill=wild')->json())
            ->toBe([]);
        expect($this->get('/api/drills/file')->assertOk()->streamedContent())
            ->toContain('swimmer')
            ->toContain($rush->name);
        $this->deleteJson("/api/drills/{$kept->json('id')}")->assertNoContent();
        expect($this->getJson('/api/drills')->json())->toBe([]);
        $this->postJson("/api/drills/{$kept->json('id')}/restore")->assertOk();
        expect($this->getJson('/api/drills')->json())->toHaveCount(1);
    });

    it('practises without any rush or kit as well', function (): void {
        $this->actingAs($this->person());
        foreach (['buttons', 'still', 'moment', 'first-sharp'] as $drill) {
            $this->postJson('/api/drills/course', ['drill' => $drill])
                ->assertOk()
                ->assertJsonPath('drill', $drill);
        }
    });

    it('refuses what was not played, days far off, and kit of others', function (): void {
        $other = $this->person();
        $theirs = $other->rushes()->create([
            'document' => json_decode(
                (string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')),
                true,
            ),
        ]);
        $this->actingAs($this->person());
        $this->postJson('/api/drills/course', ['drill' => 'swimmer', 'rush' => $theirs->id])
            ->assertStatus(422)
            ->assertJsonValidationErrors('rush');
        $this->postJson('/api/drills/course', ['drill' => 'buttons', 'body' => 'nobody'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('body');
        $this->postJson('/api/drills/course', ['drill' => 'juggling'])->assertStatus(422);
        $course = $this->postJson('/api/drills/course', ['drill' => 'still'])->json();
        $this->postJson('/api/drills', [
            'document' => $course['document'],
            'day' => now()->toDateString(),
        ])->assertStatus(422);
        $this->postJson('/api/drills', ['document' => rungBy($course, 0.5), 'day' => '2020-01-01'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('day');
        $this->postJson('/api/drills', [
            'document' => ['drill' => 'first-sharp', 'trace' => [[0, 1]]],
            'day' => now()->toDateString(),
        ])->assertStatus(422);
        expect(KeptDrill::query()->where('user_id', auth()->id())->count())->toBe(0);
    });

    it('does not hold a turn against anybody in which nothing was pressed', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        foreach (['buttons', 'swimmer', 'moment'] as $drill) {
            $course = $this->postJson('/api/drills/course', ['drill' => $drill])->json();
            // The page tells where the ring stood all the time, pressed or not.
            $trace =
                $drill === 'swimmer'
                    ? array_map(static fn (array $sample): array => [$sample[0], 0.2, 0], rungBy($course, 0.9)['trace'])
                    : [];
            $this->postJson('/api/drills', [
                'document' => [...$course['document'], 'trace' => $trace],
                'day' => now()->toDateString(),
            ])
                ->assertStatus(422)
                ->assertJsonPath('message', 'You pressed nothing, so this round isn’t saved.');
        }
        expect($person->drills()->count())->toBe(0);
    });

    it('keeps what a hand did of the latest turns, and what it came to of all', function (): void {
        config(['limits.drill_traces' => 1, 'limits.drills' => 3]);
        $person = $this->person();
        $this->actingAs($person);
        $course = $this->postJson('/api/drills/course', ['drill' => 'still', 'seed' => 2])->json();
        foreach (range(1, 3) as $i) {
            $this->travel(1)->minutes();
            $this->postJson('/api/drills', [
                'document' => rungBy($course, 0.7),
                'day' => now()->toDateString(),
            ])->assertCreated();
        }
        $drills = $person->drills()->orderByDesc('done_at')->get();
        expect($drills[0]->document['trace'])
            ->not->toBe([])
            ->and($drills[2]->document['trace'])
            ->toBe([])
            ->and($drills[2]->score['slots'])
            ->toBe(8);
        $this->postJson('/api/drills', [
            'document' => rungBy($course, 0.7),
            'day' => now()->toDateString(),
        ])->assertStatus(422);
    });
});

describe('the ladder', function (): void {
    it('begins with the buttons, and goes on as they are passed', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        $first = $this->getJson('/api/practice?day='.now()->toDateString())->assertOk();
        expect($first->json('ladder.rung'))->toBe('touch')->and($first->json('ladder.calendar'))->not->toBe([]);
        $course = $this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => 1])->json();
        foreach ([3, 2, 1] as $ago) {
            $kept = $this->postJson('/api/drills', [
                'document' => pressedRight($course),
                'day' => now()->toDateString(),
            ])->assertCreated();
            KeptDrill::query()
                ->whereKey($kept->json('id'))
                ->update(['day' => now()->subDays($ago)->toDateString()]);
        }
        expect($this->getJson('/api/practice')->json('ladder.rung'))->toBe('still');
    });

    it('keeps days and days off, and says what is left of today', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        $settings = [
            'habit' => ['weekdays' => [1, 2, 3, 4, 5, 6, 7], 'minutes' => 5, 'at' => '06:30', 'off' => []],
            'feeds' => ['controls' => false, 'hand' => false, 'first_sharp' => false],
        ];
        $today = now()->toDateString();
        $saved = $this->putJson("/api/practice?day=$today", $settings)->assertOk();
        expect($saved->json('due.0.drill'))->toBe('buttons')->and($saved->json('due.0.turns'))->toBe(3);
        $course = $this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => 1])->json();
        $this->postJson('/api/drills', ['document' => pressedRight($course), 'day' => $today])->assertCreated();
        expect($this->getJson("/api/practice?day=$today")->json('due.0.turns'))->toBe(2);
        $this->putJson("/api/practice?day=$today", [
            ...$settings,
            'habit' => [...$settings['habit'], 'off' => [['from' => $today, 'to' => $today]]],
        ])
            ->assertOk()
            ->assertJsonPath('due', []);
        expect(
            array_keys(
                $this->putJson('/api/practice', [...$settings, 'habit' => [...$settings['habit'], 'weekdays' => []]])
                    ->assertStatus(422)
                    ->json('errors'),
            ),
        )->toBe(['weekdays']);
        $this->putJson('/api/practice', [...$settings, 'feeds' => ['everything' => true]])->assertStatus(422);
    });

    it('gives sessions with reminders to a calendar', function (): void {
        $this->actingAs($this->person());
        $file = $this->get('/api/practice/calendar?day=2026-11-26')->assertOk()->getContent();
        expect($file)
            ->toContain('BEGIN:VALARM')
            ->toContain('TRIGGER:-PT15M')
            ->toContain('DTSTART:20261127T190000')
            ->toContain('Buttons by touch')
            ->and(substr_count($file, 'BEGIN:VEVENT'))
            ->toBe(16);
    });

    it('counts a burst by hand in the log as a task in the field', function (): void {
        $person = $this->person();
        $document = json_decode(
            (string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')),
            true,
        );
        $rush = $person->rushes()->create(['document' => $document]);
        $log = static fn (string $technique, int $frames) => $person->bursts()->create([
            'uuid' => (string) Str::uuid(),
            'rush_id' => $rush->id,
            'rush' => $rush->name,
            'shot_at' => now()->subDay(),
            'frames' => $frames,
            'keepers' => 3,
            'hold' => ['focus' => ['technique' => $technique]],
        ]);
        $log('auto', 30);
        $log('follow', 4);
        expect((new Practised($person))->ladder()->field)->toBe([]);
        $log('follow', 20);
        $log('park', 20);
        expect((new Practised($person))->ladder()->field)->toEqual(['wild' => 1, 'perch' => 1]);
    });
});

describe('what practice moves', function (): void {
    it('moves nothing unless it is let in, and is as before when it is shut out', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        foreach ([0.5, 0.5, 0.7, 0.9, 1.1] as $seconds) {
            $trials[] = [1, $seconds, 0];
        }
        $this->postJson('/api/drills', [
            'document' => ['drill' => 'first-sharp', 'seed' => 1, 'trace' => $trials],
            'day' => now()->toDateString(),
        ])->assertCreated();
        $course = $this->postJson('/api/drills/course', ['drill' => 'swimmer', 'seed' => 5])->json();
        $this->postJson('/api/drills', [
            'document' => rungBy($course, 0.9),
            'day' => now()->toDateString(),
        ])->assertCreated();
        expect(KeptLearning::forPlans($person))->toBeNull();
        $feeds = static fn (bool $hand, bool $first): array => [
            'habit' => (object) [],
            'feeds' => ['controls' => false, 'hand' => $hand, 'first_sharp' => $first],
        ];
        $moved = $this->putJson('/api/practice', $feeds(true, true))->assertOk();
        $said = $person->refresh()->habits()->photographer->handFocus;
        expect($moved->json('feeds.hand.at'))->toEqualWithDelta($said + 0.03, 1e-6);
        $plans = KeptLearning::forPlans($person);
        expect($plans?->handFocus)
            ->toEqualWithDelta($said + 0.03, 1e-6)
            ->and($plans?->firstSharpByHandS)
            ->toBe(0.7)
            ->and($plans?->firstSharpS)
            ->toBeNull()
            ->and($plans?->logShare)
            ->toBe(0.0);
        // Every rush of theirs is planned so, but one that says otherwise itself.
        $rush = json_decode((string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')), true);
        $planned = static fn (array $photographer): ?float => $plans?->rush(
            RushDocument::read([...$rush, 'photographer' => $photographer])->rush,
        )->photographer->firstSharpByHandS;
        expect($planned([]))->toBe(0.7)->and($planned(['first_sharp_by_hand_s' => 0.4]))->toBe(0.4);
        $this->putJson('/api/practice', $feeds(false, false))->assertOk();
        expect(KeptLearning::forPlans($person->refresh()))->toBeNull();
    });

    it('lets times of controls into layouts with the trials they stand on', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        foreach (range(1, 3) as $seed) {
            $course = $this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => $seed])->json();
            $this->postJson('/api/drills', [
                'document' => pressedRight($course, 1.0),
                'day' => now()->toDateString(),
            ])->assertCreated();
        }
        $practice = $this->getJson('/api/practice')->json('feeds.controls');
        expect($practice[0]['trials'])
            ->toBeGreaterThanOrEqual(8)
            ->and($practice[0]['seconds'])
            ->toEqualWithDelta(0.7, 0.01);
        $held = ControlPlace::from($practice[1]['place']);
        expect(Practised::times($person)->untilHeld($held))->toBe(0.3);
        $person->forceFill(['practice' => ['feeds' => ['controls' => true]]])->save();
        expect(Practised::times($person)->untilHeld($held))->toEqualWithDelta(0.7, 0.01);
    });

    it('asks what is slow more often', function (): void {
        $person = $this->person();
        $this->actingAs($person);
        $slow = null;
        foreach (range(1, 4) as $seed) {
            $course = $this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => $seed])->json();
            $slow ??= $course['asked'][1]['key'];
            $document = pressedRight($course, 0.3);
            foreach ($course['calls'] as $i => [$at, $key]) {
                if ($key === $slow) {
                    $document['trace'][2 * $i][0] = $at + 1.9;
                    $document['trace'][2 * $i + 1][0] = $at + 2.2;
                }
            }
            $this->postJson('/api/drills', ['document' => $document, 'day' => now()->toDateString()])->assertCreated();
        }
        $asked = 0;
        foreach (range(20, 29) as $seed) {
            $asked += count(
                array_filter(
                    $this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => $seed])->json('calls'),
                    static fn (array $c): bool => $c[1] === $slow,
                ),
            );
        }
        $fair =
            (10 * 20) /
            count($this->postJson('/api/drills/course', ['drill' => 'buttons', 'seed' => 1])->json('asked'));
        expect($asked)->toBeGreaterThan(1.4 * $fair);
    });
});

it('has practice in the demo, and in each visit to it', function (): void {
    User::query()->where('is_demo', true)->delete();
    app(DemoSeeder::class)->run();
    $this->postJson('/api/session/demo')->assertOk();
    $practice = $this->getJson('/api/practice')->assertOk();
    expect($practice->json('ladder.rung'))
        ->toBe('swimmer')
        ->and($practice->json('due'))
        ->not->toBe([])
        ->and($practice->json('feeds.controls'))
        ->not->toBe([]);
});
