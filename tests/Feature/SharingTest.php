<?php

declare(strict_types=1);

use App\Models\CopyLink;
use App\Models\Group;
use App\Models\GroupMember;
use App\Models\KeptDrill;
use App\Models\SavedOuting;
use App\Models\User;
use Illuminate\Support\Str;
use RushHold\Drill\Exercise;

/** What nobody may see who was not told: it stands in all that a member has. */
const SECRET = 'the ledge behind the old light';

/** A member's drill and burst, with the secret in them. */
function havingSecrets(User $person): array
{
    $document = json_decode((string) file_get_contents(base_path('formats/examples/gannet-along-the-edge.json')), true);
    $rush = $person->rushes()->create(['document' => [...$document, 'name' => SECRET]]);
    $other = $person->rushes()->create(['document' => [...$document, 'name' => SECRET.' too']]);
    $drill = $person
        ->drills()
        ->create([
            'exercise' => Exercise::Still,
            'day' => '2026-11-26',
            'done_at' => now(),
            'score' => ['drill' => 'still', 'seed' => 4242, 'share' => 0.625, 'rush' => SECRET],
            'document' => ['drill' => 'still', 'seed' => 4242, 'rush' => $document],
        ]);
    foreach ([$rush, $other] as $of) {
        $person
            ->bursts()
            ->create([
                'uuid' => (string) Str::uuid(),
                'rush_id' => $of->id,
                'rush' => $of->name,
                'shot_at' => now(),
                'frames' => 30,
                'keepers' => 11,
            ]);
    }

    return [$rush, $other, $drill];
}

it('leaks nothing on any route to a member, a former member, a stranger or nobody', function (): void {
    $teacher = $this->person();
    $group = $teacher->groups()->create(['name' => 'Cliff mornings', 'join_code' => Group::code()]);
    $member = $this->person();
    [$rush, , $drill] = havingSecrets($member);
    $membership = $group
        ->members()
        ->create(['user_id' => $member->id, 'shares_drills' => true, 'rushes' => [$rush->id]]);
    $fellow = $this->person();
    $group->members()->create(['user_id' => $fellow->id, 'shares_drills' => false, 'rushes' => []]);
    $former = $this->person();
    $group
        ->members()
        ->create(['user_id' => $former->id])
        ->delete();
    [$link] = CopyLink::open($member, 'drill', SECRET, ['drill' => 'moment'], 7);

    $routes = [
        ['GET', '/api/groups'],
        ['GET', "/api/groups/$group->id"],
        ['PATCH', "/api/groups/$group->id"],
        ['DELETE', "/api/groups/$group->id/members/$membership->id"],
        ['PUT', "/api/groups/$group->id/shares"],
        ['GET', '/api/copies'],
        ['DELETE', "/api/copies/$link->id"],
        ['GET', '/api/copies/'.str_repeat('a', 40)],
        ['GET', '/api/practice'],
        ['GET', '/api/practice/calendar'],
        ['GET', '/api/drills'],
        ['GET', '/api/drills/file'],
        ['GET', "/api/drills/$drill->id"],
        ['GET', "/api/drills/$drill->id/document"],
        ['DELETE', "/api/drills/$drill->id"],
        ['POST', "/api/drills/$drill->id/restore"],
        ['POST', '/api/drills/course'],
        ['GET', '/api/bursts'],
        ['GET', '/api/bursts/figures'],
        ['GET', "/api/rushes/$rush->id"],
        ['GET', '/api/rushes'],
    ];
    // What each may do of these; of the rest they learn nothing, not even that it is there.
    $may = ['fellow' => ["PUT /api/groups/$group->id/shares"], 'former' => [], 'stranger' => []];
    foreach (['fellow' => $fellow, 'former' => $former, 'stranger' => $this->person()] as $who => $person) {
        $this->actingAs($person);
        foreach ($routes as [$method, $path]) {
            $answer = $this->json($method, $path, [
                'drills' => false,
                'rushes' => [],
                'drill' => 'still',
                'rush' => $rush->id,
                'new_code' => true,
            ]);
            $body =
                $answer->baseResponse instanceof Symfony\Component\HttpFoundation\StreamedResponse
                    ? $answer->streamedContent()
                    : (string) $answer->getContent();
            expect($body)
                ->not->toContain(SECRET)
                ->not->toContain('4242')
                ->not->toContain('0.625');
            $who === 'fellow' || expect($body)->not->toContain('Cliff mornings');
            expect($body)->not->toContain($group->join_code)->not->toContain($member->email);
            if (
                str_contains($path, $group->id) ||
                str_contains($path, $drill->id) ||
                str_contains($path, "copies/$link->id") ||
                str_contains($path, $rush->id)
            ) {
                in_array("$method $path", $may[$who], true) ? $answer->assertOk() : $answer->assertNotFound();
            }
        }
    }
    // Nobody is told to sign in.
    app('auth')->forgetGuards();
    foreach ($routes as [$method, $path]) {
        $answer = $this->json($method, $path);
        str_starts_with($path, '/api/copies/a') ? $answer->assertNotFound() : $answer->assertUnauthorized();
    }
    expect(GroupMember::query()->where('group_id', $group->id)->count())
        ->toBe(2)
        ->and(KeptDrill::query()->whereKey($drill->id)->exists())
        ->toBeTrue();
});

it('shows a teacher what is shared and nothing else, until it is taken back', function (): void {
    $teacher = $this->person();
    $this->actingAs($teacher);
    $group = $this->postJson('/api/groups', ['name' => 'Cliff mornings'])->assertCreated();
    $member = $this->person();
    [$rush, $other] = havingSecrets($member);
    $this->actingAs($member);
    $this->postJson('/api/groups/join', ['code' => 'WRONGONE'])->assertStatus(422);
    // Written as people write codes.
    $code = strtolower(substr($group->json('join_code'), 0, 4)).' '.substr($group->json('join_code'), 4);
    $joined = $this->postJson('/api/groups/join', ['code' => $code])->assertOk();
    expect($joined->json('shares'))
        ->toBe(['drills' => false, 'rushes' => []])
        ->and($joined->json('join_code'))
        ->toBeNull();
    $see = fn () => $this->actingAs($teacher)
        ->getJson("/api/groups/{$group->json('id')}")
        ->assertOk();
    expect($see()->getContent())
        ->not->toContain(SECRET)
        ->not->toContain('0.625')
        ->and($see()->json('members.0.name'))
        ->toBe($member->name);
    $share = fn (bool $drills, array $rushes) => $this->actingAs($member)->putJson(
        "/api/groups/{$group->json('id')}/shares",
        ['drills' => $drills, 'rushes' => $rushes],
    );
    $share(true, [$rush->id])->assertOk();
    $seen = $see();
    expect($seen->json('members.0.drills.0.value'))
        ->toBe(0.625)
        ->and($seen->json('members.0.rushes'))
        ->toHaveCount(1)
        ->and($seen->json('members.0.rushes.0.keepers'))
        ->toBe(11)
        ->and($seen->getContent())
        ->not->toContain(SECRET.' too');
    // Rushes of others cannot be shared.
    $theirs = havingSecrets($teacher)[0];
    $share(true, [$theirs->id])->assertStatus(422);
    $share(false, [$other->id])->assertOk();
    expect($see()->json('members.0.drills'))
        ->toBe([])
        ->and($see()->getContent())
        ->toContain(SECRET.' too');
    // A teacher sees it there only.
    $drill = $member->drills()->firstOrFail();
    $this->getJson("/api/drills/$drill->id")->assertNotFound();
    $this->actingAs($member)
        ->deleteJson("/api/groups/{$group->json('id')}/shares")
        ->assertNoContent();
    expect($see()->json('members'))
        ->toBe([])
        ->and(GroupMember::query()->where('user_id', $member->id)->exists())
        ->toBeFalse();
    // Joined again, nothing is shared as before.
    $this->actingAs($member)
        ->postJson('/api/groups/join', ['code' => $code])
        ->assertOk()
        ->assertJsonPath('shares.drills', false);
    $id = $see()->json('members.0.id');
    $this->actingAs($teacher)
        ->deleteJson("/api/groups/{$group->json('id')}/members/$id")
        ->assertNoContent();
    expect($see()->json('members'))->toBe([]);
    // With another code the old one opens nothing.
    $this->patchJson("/api/groups/{$group->json('id')}", ['new_code' => true])->assertOk();
    $this->actingAs($member)
        ->postJson('/api/groups/join', ['code' => $code])
        ->assertStatus(422);
    $this->actingAs($teacher)
        ->deleteJson("/api/groups/{$group->json('id')}")
        ->assertNoContent();
    $this->getJson("/api/groups/{$group->json('id')}")->assertNotFound();
});

it('lets a teacher give something to do, and see who did it and no more than they share', function (): void {
    [$teacher, $member, $stranger] = [$this->person(), $this->person(), $this->person()];
    [$rush] = havingSecrets($teacher);
    $group = $teacher->groups()->create(['name' => 'Cliff mornings', 'join_code' => Group::code()]);
    $membership = $group->members()->create(['user_id' => $member->id, 'shares_drills' => false, 'rushes' => []]);
    $turn = $teacher->drills()->firstOrFail();
    $give = fn (array $what) => $this->actingAs($teacher)->postJson("/api/groups/$group->id/tasks", $what);
    $task = $give(['kind' => 'rush', 'of' => $rush->id, 'note' => 'Park before it lands.', 'due_on' => '2026-12-20'])->assertCreated();
    $played = $give(['kind' => 'drill', 'of' => $turn->id])->assertCreated();
    $give(['kind' => 'rush', 'of' => havingSecrets($member)[0]->id])->assertNotFound();
    $give(['kind' => 'rush', 'of' => $rush->id, 'due_on' => 'soon'])->assertStatus(422);

    $this->actingAs($member);
    $this->postJson("/api/groups/$group->id/tasks", ['kind' => 'rush', 'of' => $rush->id])->assertNotFound();
    $list = $this->getJson('/api/tasks')->assertOk();
    expect($list->json('*.name'))->toBe([$turn->exercise->value, $rush->name])
        ->and($list->json('1'))->toMatchArray(['note' => 'Park before it lands.', 'due_on' => '2026-12-20', 'teacher' => $teacher->name, 'done_at' => null]);
    $read = $this->getJson("/api/tasks/{$task->json('id')}")->assertOk();
    // In the hands of whoever does it, and without where it is.
    expect($read->json('document.name'))->toBe($rush->name)->and($read->json('document.light'))->not->toHaveKey('place')
        ->and($read->json('document.photographer'))->toEqual($member->habits()->fields['photographer'] ?? []);
    $mine = $this->postJson('/api/rushes', ['document' => $read->json('document')])->assertCreated()->json('id');
    $this->putJson("/api/tasks/{$task->json('id')}/done", ['rush' => $rush->id])->assertStatus(422);
    $this->putJson("/api/tasks/{$task->json('id')}/done", ['rush' => $mine, 'share' => false])->assertOk();
    $own = $member->drills()->firstOrFail();
    $this->putJson("/api/tasks/{$played->json('id')}/done", ['drill' => $own->id])->assertOk();

    $seen = fn () => $this->actingAs($teacher)->getJson("/api/groups/$group->id")->assertOk();
    expect($seen()->json('tasks.0.done'))->toHaveCount(1)->and($seen()->json('tasks.0.done.0'))->toMatchArray(['member' => $membership->id, 'value' => null, 'rush' => null])
        ->and($seen()->json('tasks.1.done.0.rush'))->toBeNull()
        ->and($seen()->getContent())->not->toContain('0.625');
    $this->actingAs($member)->putJson("/api/tasks/{$task->json('id')}/done", ['rush' => $mine, 'share' => true])->assertOk();
    $this->putJson("/api/groups/$group->id/shares", ['drills' => true, 'rushes' => [$mine]])->assertOk();
    expect($seen()->json('tasks.0.done.0.value'))->toBe(0.625)->and($seen()->json('tasks.1.done.0.rush'))->toBe($mine);
    $this->actingAs($member)->deleteJson("/api/tasks/{$played->json('id')}/done")->assertNoContent();
    expect($seen()->json('tasks.0.done'))->toBe([]);

    // Nobody else finds it; sent out, nor does the member; taken back, nobody does.
    $this->actingAs($stranger)->getJson("/api/tasks/{$task->json('id')}")->assertNotFound();
    $this->putJson("/api/tasks/{$task->json('id')}/done")->assertNotFound();
    $this->deleteJson("/api/groups/$group->id/tasks/{$task->json('id')}")->assertNotFound();
    $this->actingAs($teacher)->deleteJson("/api/groups/$group->id/tasks/{$played->json('id')}")->assertNoContent();
    expect($this->actingAs($member)->getJson('/api/tasks')->json())->toHaveCount(1);
    $membership->delete();
    expect($this->getJson('/api/tasks')->json())->toBe([]);
    $this->getJson("/api/tasks/{$task->json('id')}")->assertNotFound();
});

it('has room for so many things to do in a group', function (): void {
    config(['limits.group_tasks' => 1]);
    $teacher = $this->person();
    [$rush] = havingSecrets($teacher);
    $group = $teacher->groups()->create(['name' => 'Cliff mornings', 'join_code' => Group::code()]);
    $this->actingAs($teacher)->postJson("/api/groups/$group->id/tasks", ['kind' => 'rush', 'of' => $rush->id])->assertCreated();
    $this->postJson("/api/groups/$group->id/tasks", ['kind' => 'rush', 'of' => $rush->id])->assertStatus(422)->assertJsonPath('errors.of.0', 'This group has 1 things to do already. Take one back first.');
});

it('takes everything along when somebody leaves for good', function (): void {
    $teacher = $this->person();
    $group = $teacher->groups()->create(['name' => 'Cliff mornings', 'join_code' => Group::code()]);
    $member = $this->person();
    havingSecrets($member);
    $group->members()->create(['user_id' => $member->id, 'shares_drills' => true, 'rushes' => []]);
    CopyLink::open($member, 'drill', 'x', ['drill' => 'moment'], 7);
    $member->delete();
    expect(GroupMember::query()->where('user_id', $member->id)->count())
        ->toBe(0)
        ->and(KeptDrill::query()->where('user_id', $member->id)->count())
        ->toBe(0)
        ->and(CopyLink::query()->where('user_id', $member->id)->count())
        ->toBe(0);
    $teacher->delete();
    expect(Group::query()->where('user_id', $teacher->id)->count())->toBe(0);
});

it('gives copies that are the taker\'s own', function (): void {
    $giver = $this->person();
    [$rush] = havingSecrets($giver);
    $rush->forceFill(['pins' => ['focus' => ['area' => 'point']]])->save();
    $taker = $this->person();
    $taker->forceFill(['habits' => ['format' => 'rush-hold/habits@1', 'photographer' => ['aim' => 0.91]]])->save();
    $this->actingAs($giver);
    $body = $this->postJson('/api/kit/bodies', [
        'document' => json_decode((string) json_encode(RushHold\Library\Bodies::all()['fast-mirrorless']), true),
    ])
        ->assertCreated()
        ->json('id');
    $outing = SavedOuting::factory()->for($giver)->with($rush)->create();
    $kinds = [
        'rush' => $rush->id,
        'hold' => $rush->id,
        'layout' => $body,
        'drill' => $giver->drills()->firstOrFail()->id,
        'card' => $outing->id,
    ];
    foreach ($kinds as $kind => $id) {
        $this->actingAs($giver);
        $offer = $this->postJson('/api/copies', ['kind' => $kind, 'id' => $id, 'days' => 7])->assertCreated();
        $secret = basename($offer->json('address'));
        // Whoever has no account sees what it is, and none of the giver's skills.
        app('auth')->forgetGuards();
        $seen = $this->getJson("/api/copies/$secret")->assertOk();
        expect($seen->json('kind'))
            ->toBe($kind)
            ->and($seen->getContent())
            ->not->toContain('"photographer"')
            ->not->toContain('"trace"');
        $this->actingAs($taker);
        $mine = $this->getJson("/api/copies/$secret")
            ->assertOk()
            ->json('document');
        if ($kind === 'rush' || $kind === 'hold') {
            $made = $this->postJson(
                '/api/rushes',
                $kind === 'rush' ? ['document' => $mine] : ['document' => $mine['rush'], 'pins' => $mine['pins']],
            )->assertCreated();
            expect(($mine['rush'] ?? $mine)['photographer']['aim'] ?? null)
                ->toBe(0.91)
                ->and($made->json('document.photographer.aim'))
                ->toBe(0.91);
        }
        $kind === 'card' && expect($mine['rushes'][0]['rush']['photographer']['aim'])->toBe(0.91);
        $kind === 'layout' && $this->postJson('/api/kit/bodies', ['document' => $mine])->assertCreated();
        // Nobody else takes it back.
        $this->deleteJson("/api/copies/{$offer->json('id')}")->assertNotFound();
        $this->actingAs($giver)
            ->deleteJson("/api/copies/{$offer->json('id')}")
            ->assertNoContent();
        $this->getJson("/api/copies/$secret")->assertNotFound();
    }
    // Nor is anything of somebody else's offered.
    foreach (['rush', 'hold', 'card', 'drill', 'layout'] as $kind) {
        $this->actingAs($taker)
            ->postJson('/api/copies', ['kind' => $kind, 'id' => $kinds[$kind], 'days' => 7])
            ->assertNotFound();
    }
    $this->actingAs($giver)
        ->postJson('/api/copies', ['kind' => 'diary', 'id' => 'x', 'days' => 7])
        ->assertStatus(422);
});
