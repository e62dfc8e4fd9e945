<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CardLink;
use App\Models\CopyLink;
use App\Models\Group;
use App\Models\KitItem;
use App\Models\KitType;
use App\Models\Picture;
use App\Models\SavedOuting;
use App\Models\SavedRush;
use App\Models\User;
use Illuminate\Support\Str;
use RushHold\Drill\Exercise;

/** One of each kind of thing a person can have, for questions that are asked of every kind. */
final class Everything
{
    /** A word that stands in the name of all of it. */
    public readonly string $mark;

    public readonly SavedRush $rush;

    public readonly SavedOuting $outing;

    public readonly string $burst;

    public readonly Picture $picture;

    public readonly string $drill;

    public readonly string $sweep;

    public readonly Group $group;

    public readonly int $member;

    public readonly string $task;

    public readonly CopyLink $copy;

    public readonly CardLink $link;

    public readonly int $token;

    /** @var array<string, KitItem> by type */
    public readonly array $kit;

    public function __construct(public readonly User $owner)
    {
        $this->mark = 'Ledge '.Str::random(12);
        $named = ['name' => $this->mark];
        $this->rush = SavedRush::factory()->for($owner)->with($named)->create();
        $outing = SavedOuting::factory()->for($owner)->with($this->rush)->make();
        $outing->fill(['document' => [...$outing->document, ...$named]])->save();
        $this->outing = $outing;
        $kit = [];
        foreach (KitType::cases() as $type) {
            $own = $type === KitType::Subjects ? [] : $named;
            $kit[$type->value] = KitItem::factory()->of($type, $own)->for($owner)->create($named);
        }
        $this->kit = $kit;
        $burst = $owner->bursts()->create([
            'uuid' => (string) Str::uuid(),
            'outing_id' => $outing->id,
            'rush_id' => $this->rush->id,
            'rush' => $this->mark,
            'shot_at' => now()->subDay(),
            'frames' => 30,
            'keepers' => 11,
            'coc_px' => 2.0,
        ]);
        $this->burst = $burst->uuid;
        $this->picture = Picture::query()->forceCreate([
            'user_id' => $owner->id,
            'burst_id' => $burst->id,
            'sha256' => hash('sha256', $this->mark),
            'name' => "$this->mark.jpg",
            'bytes' => 1,
            'stage' => Picture::LOOKED,
            'original' => false,
            'wide' => 900,
            'high' => 600,
            'taken_at' => now()->subDay(),
        ]);
        $this->drill = $owner->drills()->create([
            'exercise' => Exercise::Still,
            'day' => now()->toDateString(),
            'done_at' => now(),
            'score' => ['drill' => 'still', 'seed' => 1, 'share' => 0.5, 'rush' => $this->mark],
            'document' => [
                'format' => 'rush-hold/drill@1',
                'drill' => 'still',
                'seed' => 1,
                'rush' => $this->rush->document,
            ],
        ])->id;
        $frames = array_map(
            static fn (int $value): array => [
                'value' => $value,
                'score' => 9 - abs($value),
                'distance_m' => 10,
                'focal_mm' => 500,
            ],
            range(-4, 4),
        );
        $this->sweep = $owner
            ->sweeps()
            ->create([
                ...$named,
                'body' => 'Body',
                'lens' => 'Lens',
                'document' => ['format' => 'rush-hold/sweep@1', 'frames' => $frames],
            ])->id;
        $this->group = $owner->groups()->create([...$named, 'join_code' => Group::code()]);
        $this->member = $this->group->members()->create(['user_id' => User::factory()->create($named)->id])->id;
        $this->task = $this->group->tasks()->create([...$named, 'kind' => 'rush', 'document' => $this->rush->document])->id;
        [$this->copy] = CopyLink::open($owner, 'rush', $this->mark, $this->rush->document, 7);
        [$this->link] = CardLink::open($outing, 7);
        $this->token = (int) $owner->createToken($this->mark)->accessToken->getKey();
    }

    /** @return array<string, string> where what somebody has is listed or counted, each with what it is called there */
    public function lists(): array
    {
        return [
            '/api/rushes' => $this->mark,
            '/api/outings' => $this->mark,
            ...array_map(
                fn (): string => $this->mark,
                array_combine(
                    array_map(static fn (KitType $type): string => "/api/kit/$type->value", KitType::cases()),
                    KitType::cases(),
                ),
            ),
            '/api/bursts' => $this->burst,
            '/api/bursts/figures' => $this->mark,
            '/api/bursts/file' => $this->mark,
            '/api/pictures/bursts' => $this->burst,
            '/api/drills' => $this->drill,
            '/api/drills/file' => $this->mark,
            '/api/sweeps' => $this->mark,
            '/api/groups' => $this->mark,
            '/api/copies' => $this->mark,
            '/api/account/tokens' => $this->mark,
        ];
    }

    /**
     * @return list<array{string, string, 2?: array<string, mixed>}> what names one thing of somebody's: method, path,
     *   body
     */
    public function single(): array
    {
        $rush = ['document' => $this->rush->document, 'pins' => [], 'version' => 1];
        $outing = ['document' => $this->outing->document, 'version' => 1];
        $sweep = [
            'name' => 'x',
            'body' => 'b',
            'lens' => 'l',
            'version' => 1,
            'document' => ['format' => 'rush-hold/sweep@1', 'frames' => []],
        ];
        $id = ['rush' => $this->rush->id, 'outing' => $this->outing->id, 'body' => $this->kit['bodies']->id];

        return [
            ['GET', "/api/rushes/$id[rush]"],
            ['GET', "/api/rushes/$id[rush]/document"],
            ['PUT', "/api/rushes/$id[rush]", $rush],
            ['PATCH', "/api/rushes/$id[rush]", ['name' => 'x']],
            ['POST', "/api/rushes/$id[rush]/duplicate"],
            ['GET', "/api/rushes/file?rushes[]=$id[rush]"],
            ['POST', '/api/rushes/tag', ['rushes' => [$id['rush']], 'tag' => 'x', 'on' => true]],
            ['POST', '/api/rushes/delete', ['rushes' => [$id['rush']]]],
            ['POST', '/api/rushes/restore', ['rushes' => [$id['rush']]]],
            ['GET', "/api/outings/$id[outing]"],
            ['GET', "/api/outings/$id[outing]/document"],
            ['PUT', "/api/outings/$id[outing]", $outing],
            ['POST', "/api/outings/$id[outing]/duplicate"],
            ['GET', "/api/outings/$id[outing]/bursts"],
            ['GET', "/api/outings/$id[outing]/links"],
            ['POST', "/api/outings/$id[outing]/links", ['days' => 7]],
            ['DELETE', "/api/outings/$id[outing]/links/{$this->link->id}"],
            ...array_merge(
                ...array_map(
                    fn (string $type): array => [
                        ['GET', "/api/kit/$type/{$this->kit[$type]->id}"],
                        ['GET', "/api/kit/$type/{$this->kit[$type]->id}/document"],
                        [
                            'PUT',
                            "/api/kit/$type/{$this->kit[$type]->id}",
                            ['document' => $this->kit[$type]->document, 'version' => 1],
                        ],
                        ['DELETE', "/api/kit/$type/{$this->kit[$type]->id}"],
                        ['POST', "/api/kit/$type/{$this->kit[$type]->id}/restore"],
                    ],
                    array_keys($this->kit),
                ),
            ),
            ['PUT', "/api/kit/bodies/$id[body]/standing", ['standing' => []]],
            ['GET', "/api/bursts/$this->burst/pictures"],
            ['GET', "/api/bursts/$this->burst/document"],
            ['GET', "/api/bursts/$this->burst/table"],
            ['PATCH', "/api/bursts/$this->burst", ['note' => 'x']],
            ['DELETE', "/api/bursts/$this->burst/mark"],
            ['PATCH', "/api/pictures/{$this->picture->id}", ['said' => true]],
            ['DELETE', "/api/pictures/{$this->picture->id}"],
            ['POST', "/api/pictures/{$this->picture->id}/restore"],
            ['GET', "/api/drills/$this->drill"],
            ['GET', "/api/drills/$this->drill/document"],
            ['DELETE', "/api/drills/$this->drill"],
            ['POST', "/api/drills/$this->drill/restore"],
            ['GET', "/api/sweeps/$this->sweep"],
            ['GET', "/api/sweeps/$this->sweep/document"],
            ['PUT', "/api/sweeps/$this->sweep", $sweep],
            ['DELETE', "/api/sweeps/$this->sweep"],
            ['POST', "/api/sweeps/$this->sweep/restore"],
            ['GET', "/api/groups/{$this->group->id}"],
            ['PATCH', "/api/groups/{$this->group->id}", ['name' => 'x']],
            ['POST', "/api/groups/{$this->group->id}/tasks", ['kind' => 'rush', 'of' => $id['rush']]],
            ['DELETE', "/api/groups/{$this->group->id}/tasks/$this->task"],
            ['DELETE', "/api/groups/{$this->group->id}/members/$this->member"],
            ['DELETE', "/api/groups/{$this->group->id}"],
            ['DELETE', "/api/copies/{$this->copy->id}"],
            ['DELETE', "/api/account/tokens/$this->token"],
            ['DELETE', "/api/bursts/$this->burst"],
            ['POST', "/api/bursts/$this->burst/restore"],
            ['POST', '/api/bursts/delete', ['bursts' => [$this->burst]]],
            ['DELETE', "/api/outings/$id[outing]"],
            ['POST', "/api/outings/$id[outing]/restore"],
            ['DELETE', "/api/rushes/$id[rush]"],
            ['POST', "/api/rushes/$id[rush]/restore"],
        ];
    }
}
