<?php

declare(strict_types=1);

use App\Bench\KeptSession;
use App\Models\Burst;
use App\Models\KeptSweep;
use App\Models\Picture;
use App\Models\User;
use App\Review\KeptLearning;
use App\Review\LearnFromLog;
use Illuminate\Bus\UniqueLock;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** A rush of the examples, kept. */
function rushOf(User $person, string $name = 'gannet-along-the-edge'): string
{
    return $person->rushes()->create([
        'document' => json_decode((string) file_get_contents(base_path("formats/examples/$name.json")), true),
    ])->id;
}

/** @param  array<string, mixed>  $fields */
function burstOf(
    User $person,
    string $rush,
    int $frames,
    int $keepers,
    string $at = '2026-06-06T06:00:00Z',
    array $fields = [],
): Burst {
    return $person->bursts()->create([
        'uuid' => (string) Str::uuid(),
        'rush_id' => $rush,
        'rush' => 'Gannet',
        'shot_at' => $at,
        'frames' => $frames,
        'keepers' => $keepers,
        'hold' => ['focus' => ['area' => 'block']],
        ...$fields,
    ]);
}

describe('causes', function (): void {
    it('finds a cause from answers alone, and asks no more than five', function (): void {
        $this->actingAs($this->person());
        $answers = [];
        $said = [
            'left-over' => 'no',
            'smear' => 'whole-frame',
            'sharp-where' => 'nothing',
            'in-frame' => 'mostly',
            'still-target' => 'soft',
            'course' => 'never',
        ];
        do {
            $found = $this->postJson('/api/cause', ['answers' => $answers])->assertOk();
            $next = $found->json('next.question');
            $answers += $next === null ? [] : [$next => $said[$next] ?? 'unknown'];
        } while ($next !== null);
        expect(count($answers))
            ->toBeLessThanOrEqual(5)
            ->and($found->json('causes.0.cause'))
            ->toBe('shake')
            ->and($found->json('fix'))
            ->toBeNull()
            ->and($found->json('advice'))
            ->toContain('shutter');
    });

    it('keeps answers with the burst, and offers a fix with what it is worth', function (): void {
        $person = $this->person();
        $burst = burstOf(
            $person,
            rushOf($person, 'puffin-coming-in'),
            40,
            3,
            fields: ['hold' => ['focus' => ['mode' => 'single', 'area' => 'point', 'detect' => 'off', 'eye' => false]]],
        );
        $this->actingAs($person);
        $found = $this->postJson('/api/cause', [
            'burst' => $burst->uuid,
            'answers' => ['left-over' => 'no', 'course' => 'drifts'],
        ])->assertOk();
        expect($found->json('causes.0.cause'))
            ->toBe('locked-once')
            ->and($found->json('fix.focus.mode'))
            ->toBe('continuous')
            ->and($found->json('worth.keepers_more'))
            ->toBeGreaterThan(0)
            ->and($burst->refresh()->answers)
            ->toBe(['left-over' => 'no', 'course' => 'drifts'])
            ->and($this->postJson('/api/cause', ['burst' => $burst->uuid])->json('answers.course'))
            ->toBe('drifts');
        $test = $this->postJson('/api/cause/test', [
            'rush_id' => $burst->rush_id,
            'as_it_was' => $found->json('confirm.holds.as_it_was'),
            'with_fix' => $found->json('confirm.holds.with_fix'),
            'bursts' => $found->json('confirm.bursts_of_each'),
        ])->assertCreated();
        $rushes = $person->rushes()->whereIn('id', array_column($test->json('document.rushes'), 'rush'))->get();
        expect($rushes)
            ->toHaveCount(2)
            ->and(collect($rushes)->map(fn ($r) => $r->pins['focus']['mode'])->sort()->values()->all())
            ->toBe(['continuous', 'single']);
    });

    it('refuses answers there are none of, and bursts of others', function (): void {
        $other = $this->person();
        $burst = burstOf($other, rushOf($other), 10, 2);
        $this->actingAs($this->person());
        $this->postJson('/api/cause', ['answers' => ['smear' => 'sideways']])->assertStatus(422);
        $this->postJson('/api/cause', ['burst' => $burst->uuid])->assertNotFound();
        $this->postJson('/api/cause', ['rush_id' => $burst->rush_id])->assertNotFound();
        $this->postJson('/api/cause/test', [
            'rush_id' => $burst->rush_id,
            'as_it_was' => [],
            'with_fix' => ['focus' => ['mode' => 'continuous']],
            'bursts' => 3,
        ])->assertNotFound();
    });
});

it('compares the set-ups of a rush, and leaves out what is doubted', function (): void {
    $person = $this->person();
    $rush = rushOf($person);
    foreach ([8, 9, 7, 8] as $i => $keepers) {
        burstOf($person, $rush, 10, $keepers, "2026-06-06T06:0$i:00Z");
        burstOf($person, $rush, 10, $keepers - 6, "2026-06-06T06:1$i:00Z", [
            'hold' => ['focus' => ['area' => 'point']],
        ]);
    }
    burstOf($person, $rush, 1000, 0, '2026-06-06T07:00:00Z', ['doubted' => true]);
    $this->actingAs($person);
    $answer = $this->getJson('/api/bursts/comparison')->assertOk();
    expect($answer->json('rushes.0.holds'))
        ->toBe(2)
        ->and($answer->json('comparison.pairs.0.a_better'))
        ->toBeGreaterThan(0.99)
        ->and($answer->json('comparison.holds.0.frames'))
        ->toBe(40)
        ->and($answer->json('comparison.pairs.0.unfair.0.what'))
        ->toBe('order')
        ->and($answer->json('comparison.next'))
        ->toBeNull();
    $this->actingAs($this->person());
    expect(
        $this->getJson("/api/bursts/comparison?rush=$rush")
            ->assertOk()
            ->json(),
    )->toBe(['rush_id' => null, 'rushes' => [], 'comparison' => null]);
});

describe('what the log teaches', function (): void {
    it('is worked out soon after something was logged, corrected or deleted', function (): void {
        $person = $this->person();
        $rush = rushOf($person);
        $this->actingAs($person);
        $count = static function () use ($person): int {
            // What waits already is not queued again; here nothing ever begins.
            Cache::lock(UniqueLock::getKey(new LearnFromLog($person->id)))->forceRelease();

            return Queue::pushed(LearnFromLog::class)->count();
        };
        $id = (string) Str::uuid();
        $this->postJson('/api/bursts', [
            'bursts' => [
                [
                    'id' => $id,
                    'rush_id' => $rush,
                    'rush' => 'Gannet',
                    'at' => '2026-06-06T06:00:00Z',
                    'frames' => 10,
                    'keepers' => 3,
                ],
            ],
        ])->assertOk();
        $logged = $count();
        $this->patchJson("/api/bursts/$id", ['keepers' => 4])->assertOk();
        $corrected = $count();
        $this->patchJson("/api/bursts/$id", ['note' => 'Windy'])->assertOk();
        $noted = $count();
        $this->deleteJson("/api/bursts/$id")->assertNoContent();
        expect($logged)->toBe(1)->and($corrected)->toBe(2)->and($noted)->toBe(2)->and($count())->toBe(3);
    });

    it('changes what plans say, can be looked into, left out and reset', function (): void {
        $person = $this->person();
        $rush = rushOf($person);
        foreach (range(0, 11) as $i) {
            burstOf($person, $rush, 40, 8 + ($i % 3), '2026-06-0'.(1 + intdiv($i, 4)).'T06:0'.$i % 4 .':00Z');
        }
        $slip = burstOf($person, $rush, 400, 400, '2026-06-04T08:00:00Z');
        $this->actingAs($person);
        $document = $person->rushes()->firstOrFail()->document;
        $asked = ['rush' => $document, 'pins' => ['focus' => ['area' => 'block']]];
        $before = $this->postJson('/api/rank', $asked)->assertOk();
        (new LearnFromLog($person->id))->handle();
        $person->refresh();
        $this->actingAs($person);
        $after = $this->postJson('/api/rank', $asked)->assertOk();
        $learned = $this->getJson('/api/learned')->assertOk();
        expect($before->json('learned'))
            ->toBeNull()
            ->and($after->json('learned.log_share'))
            ->toBeGreaterThan(0.3)
            ->and($after->json('best.keeper_rate'))
            ->toBeLessThan($before->json('best.keeper_rate') - 0.1)
            ->and($learned->json('learned.outliers'))
            ->toBe([$slip->uuid])
            ->and($learned->json('learned.right.brier.learned'))
            ->toBeLessThan($learned->json('learned.right.brier.model'))
            ->and($learned->json('learned.plans'))
            ->toBeNull();
        $this->patchJson('/api/learned', ['uses' => false])
            ->assertOk()
            ->assertJsonPath('uses', false);
        expect($this->postJson('/api/rank', $asked)->json('best.keeper_rate'))->toBe($before->json('best.keeper_rate'));
        $this->patchJson('/api/learned', ['uses' => true, 'from' => 'now'])
            ->assertOk()
            ->assertJsonPath('learned', null);
        KeptLearning::anew($person->refresh());
        expect($person->refresh()->learned['bursts'])
            ->toBe(0)
            ->and(KeptLearning::forPlans($person))
            ->toBeNull();
    });

    it('learns anew where what it kept cannot be read, and plans without it until then', function (): void {
        Queue::fake();
        $person = $this->person();
        $person->forceFill(['learned' => ['plans' => ['aim' => 'good'], 'skills' => []]])->save();
        expect(KeptLearning::forPlans($person->refresh()))->toBeNull();
        Queue::assertPushed(
            LearnFromLog::class,
            static fn (LearnFromLog $job): bool => $job->uniqueId() === (string) $person->id,
        );
    });

    it('leaves a rush alone that is in other hands', function (): void {
        $person = $this->person();
        $person
            ->forceFill([
                'learned' => [
                    'plans' => [
                        'aim' => 0.9,
                        'panning' => 0.9,
                        'hand_focus' => 0.9,
                        'shifts' => [],
                        'log_share' => 0.8,
                    ],
                ],
            ])
            ->save();
        $learned = KeptLearning::forPlans($person);
        $said = $person->habits()->photographer;
        $rush = RushHold\Document\RushDocument::read(
            json_decode((string) file_get_contents(base_path('formats/examples/barriers.json')), true),
        )->rush;
        expect($learned->rush($rush->with(photographer: $said))->photographer->aim)
            ->toBe(0.9)
            ->and($learned->rush($rush->with(photographer: $said->with(aim: 0.12)))->photographer->aim)
            ->toBe(0.12);
    });
});

describe('the bench', function (): void {
    it('goes from the first frame to a value, on paper and as a document', function (): void {
        $this->actingAs($person = $this->person());
        $made = $this->postJson('/api/sweeps', [
            'name' => 'Long prime',
            'body' => 'Old body',
            'lens' => '500',
            'document' => ['frames' => []],
        ])
            ->assertCreated()
            ->assertJsonPath('unfinished', true);
        $id = $made->json('id');
        $frames = array_map(static fn (int $v): array => ['value' => $v, 'times' => 1], range(-20, 20));
        $swept = $this->postJson("/api/sweeps/$id/stand-in", [
            'frames' => $frames,
            'distance_m' => 10,
            'focal_mm' => 500,
        ])->assertOk();
        for ($round = 0; $round < 3 && ($swept->json('found.retest') ?? []) !== []; $round++) {
            $swept = $this->postJson("/api/sweeps/$id/stand-in", [
                'frames' => array_map(
                    static fn (array $r): array => ['value' => $r['value'], 'times' => $r['frames']],
                    $swept->json('found.retest'),
                ),
                'distance_m' => 10,
                'focal_mm' => 500,
            ])->assertOk();
        }
        $hidden = KeptSweep::query()->findOrFail($id)->hidden['value'];
        expect(abs($swept->json('found.across.value') - $hidden))
            ->toBeLessThanOrEqual(2)
            ->and($swept->json('hidden'))
            ->toBeNull()
            ->and($swept->json('stand_in'))
            ->toBeTrue();
        expect(
            $this->get("/api/sweeps/$id/paper")
                ->assertOk()
                ->getContent(),
        )->toStartWith('%PDF');
        $this->getJson("/api/sweeps/$id/document")
            ->assertOk()
            ->assertJsonPath('format', 'rush-hold/sweep@1');
        // One of the stand-in's takes no frames of a real lens.
        $this->postJson("/api/sweeps/$id/pictures", [
            'burst' => (string) Str::uuid(),
            'distance_m' => 10,
            'focal_mm' => 500,
        ])->assertStatus(422);
        $this->deleteJson("/api/sweeps/$id")->assertNoContent();
        $this->getJson("/api/sweeps/$id")->assertNotFound();
        $this->postJson("/api/sweeps/$id/restore")->assertOk();
        $this->actingAs($this->person());
        foreach (
            [
                ['get', ''],
                ['put', ''],
                ['delete', ''],
                ['post', '/restore'],
                ['post', '/stand-in'],
                ['post', '/pictures'],
                ['get', '/document'],
                ['get', '/paper'],
            ] as [$method, $path]
        ) {
            $this->json($method, "/api/sweeps/$id$path", [
                'name' => 'x',
                'document' => ['frames' => []],
                'frames' => [['value' => 1, 'times' => 1]],
                'burst' => (string) Str::uuid(),
                'distance_m' => 10,
                'focal_mm' => 500,
            ])->assertNotFound();
        }
    });

    it('takes pictures of a burst in, by the values in their names', function (): void {
        $person = $this->person();
        $burst = $person->bursts()->create([
            'uuid' => (string) Str::uuid(),
            'rush' => 'Target',
            'shot_at' => '2026-06-06T06:00:00Z',
            'coc_px' => 2.0,
        ]);
        foreach (range(-5, 5) as $i => $value) {
            Picture::query()->forceCreate([
                'user_id' => $person->id,
                'burst_id' => $burst->id,
                'sha256' => hash('sha256', "$person->id $value"),
                'name' => sprintf('target_%+03d.jpg', $value),
                'bytes' => 1,
                'stage' => 'looked',
                'taken_at' => '2026-06-06 06:00:'.(10 + $i),
                'measured' => ['sigma_px' => 0.5 + 0.4 * abs($value - 2)],
            ]);
        }
        $this->actingAs($person);
        $id = $this->postJson('/api/sweeps', ['name' => 'Real', 'document' => ['frames' => []]])->json('id');
        $scored = $this->postJson("/api/sweeps/$id/pictures", [
            'burst' => $burst->uuid,
            'distance_m' => 12,
            'focal_mm' => 400,
        ])->assertOk();
        expect($scored->json('found.series.0.frames'))
            ->toBe(11)
            ->and(abs($scored->json('found.across.value') - 2))
            ->toBeLessThanOrEqual(1);
        $this->postJson("/api/sweeps/$id/pictures", [
            'burst' => $burst->uuid,
            'values' => [1, 2],
            'distance_m' => 12,
            'focal_mm' => 400,
        ])->assertStatus(422);
        expect(KeptSession::named('A7 −12 b.jpg'))
            ->toBe(-12)
            ->and(static fn () => KeptSession::named('frame 12.jpg'))
            ->toThrow(RushHold\Refused::class);
    });

    it('goes along in the archive, and comes in once', function (): void {
        $frame = ['value' => 1, 'score' => 5.0, 'distance_m' => 10.0, 'focal_mm' => 500.0];
        $this->actingAs($this->person());
        $this->postJson('/api/sweeps', [
            'name' => 'Long prime',
            'lens' => '500',
            'document' => ['frames' => [$frame]],
        ])->assertCreated();
        $file = $this->get('/api/account/archive')->assertOk()->baseResponse->getFile()->getContent();
        $this->actingAs($other = $this->person());
        foreach ([1, 2] as $ignored) {
            $this->postJson('/api/account/archive', [
                'file' => UploadedFile::fake()->createWithContent('all.zip', $file),
            ])->assertOk();
        }
        expect($other->sweeps()->count())
            ->toBe(1)
            ->and($other->sweeps()->first()->document['frames'])
            ->toEqual([$frame])
            ->and($other->sweeps()->first()->lens)
            ->toBe('500');
    });

    it('refuses what cannot be meant, naming it, and a change that overtakes another', function (): void {
        $this->actingAs($this->person());
        $frame = ['value' => 1, 'score' => 5, 'distance_m' => 10, 'focal_mm' => 500];
        expect(
            array_keys(
                $this->postJson('/api/sweeps', [
                    'name' => 'x',
                    'document' => ['frames' => [[...$frame, 'value' => 400]]],
                ])
                    ->assertStatus(422)
                    ->json('errors'),
            ),
        )->toBe(['frames[0].value']);
        $this->postJson('/api/sweeps', [
            'name' => 'x',
            'document' => ['frames' => [[...$frame, 'score' => 'high']]],
        ])->assertStatus(422);
        $id = $this->postJson('/api/sweeps', ['name' => 'x', 'document' => ['frames' => [$frame]]])
            ->assertCreated()
            ->json('id');
        $this->putJson("/api/sweeps/$id", ['name' => 'y', 'version' => 1, 'document' => ['frames' => [$frame]]])
            ->assertOk()
            ->assertJsonPath('version', 2);
        $this->putJson("/api/sweeps/$id", [
            'name' => 'z',
            'version' => 1,
            'document' => ['frames' => [$frame]],
        ])->assertStatus(409);
        config(['limits.sweeps' => 1]);
        $this->postJson('/api/sweeps', ['name' => 'one too many', 'document' => ['frames' => []]])->assertStatus(422);
    });
});
