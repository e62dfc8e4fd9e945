<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Burst;
use App\Models\Group;
use App\Models\GroupMember;
use App\Models\GroupTask;
use App\Models\KeptDrill;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** People who practise with a teacher, and what each of them shares. */
final class GroupController extends Controller
{
    /** Turns of each member that are shown, the latest. */
    private const LATEST = 60;

    public function index(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $groups = Group::query()->with('teacher');
        $groups
            ->where('user_id', $person->id)
            ->orWhereIn('id', GroupMember::query()->where('user_id', $person->id)->select('group_id'))
            ->orderBy('name')
            ->limit(200);

        return response()->json($groups->get()->map(fn (Group $g): array => self::summary($g, $person)));
    }

    public function store(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $name = $this->asked($request)['name'];
        $group = $this->keeper($request)->alone(static function () use ($person, $name): Group {
            if ($person->groups()->count() >= (int) config('limits.groups')) {
                throw ValidationException::withMessages([
                    'name' => Words::text('http.group.you-teach-groups-already-close', [
                        'most' => (int) config('limits.groups'),
                    ]),
                ]);
            }

            return $person->groups()->create(['name' => $name, 'join_code' => Group::code()]);
        });

        return response()->json(self::summary($group, $person), 201);
    }

    public function join(Request $request): JsonResponse
    {
        $person = $this->personal($request);
        $code = strtoupper((string) preg_replace('/[\s-]/', '', (string) $this->asked($request)['code']));
        $group =
            Group::query()->where('join_code', $code)->first() ??
            throw ValidationException::withMessages([
                'code' => Words::text('http.group.no-group-has-this-code'),
            ]);
        if ($group->user_id === $person->id) {
            throw ValidationException::withMessages([
                'code' => Words::text('http.group.you-teach-this-group-yourself'),
            ]);
        }
        DB::transaction(static function () use ($group, $person): void {
            Group::query()->whereKey($group->id)->lockForUpdate()->first('id');
            if ($group->memberOf($person) === null) {
                if ($group->members()->count() >= (int) config('limits.group_members')) {
                    throw ValidationException::withMessages(['code' => Words::text('http.group.this-group-is-full')]);
                }
                $group->members()->create(['user_id' => $person->id, 'shares_drills' => false, 'rushes' => []]);
            }
        });

        return response()->json(self::summary($group, $person));
    }

    public function show(Group $group): JsonResponse
    {
        $this->authorize('teach', $group);
        $members = GroupMember::query();
        $members->where('group_id', $group->id)->with('user')->orderBy('id');
        $tasks = GroupTask::query();
        $tasks
            ->where('group_id', $group->id)
            ->with('done')
            ->orderByDesc('created_at')
            ->orderByDesc('id')
            ->limit((int) config('limits.group_tasks'));
        $in = $members->get();

        return response()->json([
            'id' => $group->id,
            'name' => $group->name,
            'join_code' => $group->join_code,
            'members' => $in->map(self::member(...)),
            'tasks' => self::tasks($tasks->get(GroupTask::LISTED), $in),
        ]);
    }

    public function update(Request $request, Group $group): JsonResponse
    {
        $this->authorize('teach', $group);
        $given = $this->asked($request);
        $group
            ->fill(
                array_filter([
                    'name' => $given['name'] ?? null,
                    'join_code' => $given['new_code'] ?? false ? Group::code() : null,
                ]),
            )
            ->save();

        return response()->json(self::summary($group, $this->person($request)));
    }

    public function destroy(Group $group): Response
    {
        $this->authorize('teach', $group);
        $group->delete();

        return response()->noContent();
    }

    public function share(Request $request, Group $group): JsonResponse
    {
        $this->authorize('belong', $group);
        $person = $this->person($request);
        $given = $this->asked($request);
        /** @var list<string> $asked */
        $asked = array_values(array_unique($given['rushes']));
        if ($person->rushes()->whereIn('id', $asked)->count() !== count($asked)) {
            throw ValidationException::withMessages(['rushes' => Words::text('http.group.one-of-these-rushes-is')]);
        }
        $group
            ->memberOf($person)
            ?->fill(['shares_drills' => (bool) $given['drills'], 'rushes' => $asked])
            ->save();

        return response()->json(self::summary($group, $person));
    }

    public function leave(Request $request, Group $group): Response
    {
        $this->authorize('belong', $group);
        $group->memberOf($this->person($request))?->delete();

        return response()->noContent();
    }

    public function remove(Group $group, int $member): Response
    {
        $this->authorize('teach', $group);
        $group->members()->findOrFail($member)->delete();
        // Who was sent out does not come back by the old code.
        $group->fill(['join_code' => Group::code()])->save();

        return response()->noContent();
    }

    /** @return array<string, mixed> */
    private static function summary(Group $group, User $person): array
    {
        $teaches = $group->user_id === $person->id;
        $member = $teaches ? null : $group->memberOf($person);

        return [
            'id' => $group->id,
            'name' => $group->name,
            'teaches' => $teaches,
            'teacher' => $group->teacher->name ?? '',
            'members' => $group->members()->count(),
            'join_code' => $teaches ? $group->join_code : null,
            'shares' => $member === null ? null : ['drills' => $member->shares_drills, 'rushes' => $member->rushes],
        ];
    }

    /** @return array<string, mixed> */
    private static function member(GroupMember $member): array
    {
        return [
            'id' => $member->id,
            'name' => $member->user->name ?? '',
            'joined_at' => $member->created_at->toIso8601ZuluString(),
            'shares_drills' => $member->shares_drills,
            'drills' => $member->shares_drills ? self::drills($member) : [],
            'rushes' => $member->rushes === [] ? [] : self::rushes($member),
        ];
    }

    /**
     * @param  Collection<int, GroupTask>  $tasks
     * @param  Collection<int, GroupMember>  $members
     * @return list<array<string, mixed>>
     */
    private static function tasks(Collection $tasks, Collection $members): array
    {
        $byPerson = $members->keyBy('user_id');
        // What turns came to is asked for at once, and only of those who share it.
        $turns = KeptDrill::query();
        $turns
            ->whereIn(
                'id',
                $tasks->flatMap(static fn (GroupTask $task) => $task->done->pluck('drill_id'))->filter()->values(),
            )
            ->whereIn('user_id', $members->where('shares_drills', true)->pluck('user_id'));
        $shared = $turns->get(KeptDrill::LISTED)->keyBy('id');
        $told = [];
        foreach ($tasks as $task) {
            $done = [];
            foreach ($task->done as $one) {
                $member = $byPerson->get($one->user_id);
                if ($member === null) {
                    continue;
                }
                $drill = $shared->get($one->drill_id ?? '');
                $value =
                    $drill?->user_id === $one->user_id
                        ? $drill->score['right'] ?? ($drill->score['share'] ?? null)
                        : null;
                $done[] = [
                    'member' => $member->id,
                    'at' => $one->created_at->toIso8601ZuluString(),
                    'value' => is_numeric($value) ? (float) $value : null,
                    'rush' => in_array($one->rush_id, $member->rushes, true) ? $one->rush_id : null,
                ];
            }
            $told[] = [
                'id' => $task->id,
                'kind' => $task->kind,
                'name' => $task->name,
                'note' => $task->note,
                'due_on' => $task->due_on === null ? null : substr($task->due_on, 0, 10),
                'given_at' => $task->created_at->toIso8601ZuluString(),
                'done' => $done,
            ];
        }

        return $told;
    }

    /** @return list<array{drill: string, day: string, seed: int, value: float, seconds: float|null}> */
    private static function drills(GroupMember $member): array
    {
        $drills = KeptDrill::query();
        $drills
            ->where('user_id', $member->user_id)
            ->where('exercise', '!=', 'first-sharp')
            ->orderByDesc('done_at')
            ->limit(self::LATEST);
        $told = [];
        foreach ($drills->get(KeptDrill::LISTED) as $drill) {
            $number = static fn (string $name): ?float => is_numeric($drill->score[$name] ?? null)
                ? (float) $drill->score[$name]
                : null;
            $told[] = [
                'drill' => $drill->exercise->value,
                'day' => substr($drill->day, 0, 10),
                'seed' => (int) ($number('seed') ?? 0),
                'value' => $number('share') ?? ($number('right') ?? 0.0),
                'seconds' => $number('median_s') ?? ($number('first_sharp_s') ?? $number('reaction_s')),
            ];
        }

        return $told;
    }

    /** @return list<array{rush: string, bursts: int, frames: int, keepers: int, last_at: string|null}> */
    private static function rushes(GroupMember $member): array
    {
        $bursts = Burst::query();
        $bursts
            ->where('user_id', $member->user_id)
            ->whereIn('rush_id', $member->rushes)
            ->groupBy('rush_id')
            ->orderBy('rush_id')
            ->selectRaw(
                'max(rush) as rush, count(*) as bursts, sum(if(keepers is null, 0, frames)) as frames, sum(if(frames is null, 0, keepers)) as keepers, max(shot_at) as last_at',
            );
        $told = [];
        foreach ($bursts->toBase()->get() as $row) {
            $told[] = [
                'rush' => (string) $row->rush,
                'bursts' => (int) $row->bursts,
                'frames' => (int) $row->frames,
                'keepers' => (int) $row->keepers,
                'last_at' => now()->parse((string) $row->last_at)->toIso8601ZuluString(),
            ];
        }

        return $told;
    }
}
