<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\DocumentGate;
use App\Documents\Documents;
use App\Kit\HandedOut;
use App\Models\Group;
use App\Models\GroupMember;
use App\Models\GroupTask;
use App\Models\GroupTaskDone;
use App\Models\User;
use App\Sharing\Snapshot;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use RushHold\Words\Words;

/** What a teacher gives a group to do, and members doing it. */
final class GroupTaskController extends Controller
{
    /** So many are listed, the latest. */
    private const LATEST = 60;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    public function store(Request $request, Group $group): JsonResponse
    {
        $this->authorize('teach', $group);
        $person = $this->person($request);
        $given = $this->asked($request, ['due_on' => ['after:2000-01-01', 'before:2100-01-01']]);
        $taken = Snapshot::of(
            $person,
            $given['kind'],
            $given['of'],
            new HandedOut((bool) ($given['place'] ?? false)),
            $this->gate,
        );
        $task = $this->keeper($request)->alone(static function () use ($group, $taken, $given): GroupTask {
            $most = (int) config('limits.group_tasks');
            if ($group->tasks()->count() >= $most) {
                throw ValidationException::withMessages([
                    'of' => Words::text('http.group-task.this-group-has-things-to', ['most' => $most]),
                ]);
            }

            return $group->tasks()->create([
                'kind' => $taken->kind,
                'name' => mb_substr($taken->name, 0, 160),
                'document' => $taken->document,
                'note' => trim((string) ($given['note'] ?? '')),
                'due_on' => $given['due_on'] ?? null,
            ]);
        });

        return response()->json(self::toArray($task, null), 201);
    }

    public function destroy(Group $group, string $task): Response
    {
        $this->authorize('teach', $group);
        $group->tasks()->findOrFail($task)->delete();

        return response()->noContent();
    }

    public function index(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $mine = self::mine($person);
        $mine->orderByDesc('created_at')->orderByDesc('id')->limit(self::LATEST);
        $tasks = $mine->get(GroupTask::LISTED);
        $done = GroupTaskDone::query();
        $done->where('user_id', $person->id)->whereIn('group_task_id', $tasks->pluck('id'));
        $doneBy = $done->get()->keyBy('group_task_id');

        return response()->json(
            $tasks->map(static fn (GroupTask $task): array => self::toArray($task, $doneBy->get($task->id))),
        );
    }

    public function show(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $task = self::mine($person)->findOrFail($id);

        return response()->json([
            'task' => self::toArray($task, $task->doneBy($person)),
            'document' => Documents::withObjects(Snapshot::inHandsOf($person, $task->kind, $task->document)),
        ]);
    }

    public function finish(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $task = self::mine($person)->findOrFail($id);
        $given = $this->asked($request);
        [$drill, $rush] = [$given['drill'] ?? null, $given['rush'] ?? null];
        if (
            ($drill !== null && ! $person->drills()->whereKey($drill)->exists()) ||
            ($rush !== null && ! $person->rushes()->whereKey($rush)->exists())
        ) {
            throw ValidationException::withMessages(['rush' => Words::text('http.group-task.this-is-not-among-yours')]);
        }
        $done = $this->keeper($request)->alone(static function () use (
            $task,
            $person,
            $drill,
            $rush,
            $given,
        ): GroupTaskDone {
            $member = $task->group?->memberOf($person);
            if (
                $rush !== null &&
                ($given['share'] ?? false) &&
                $member instanceof GroupMember &&
                ! in_array($rush, $member->rushes, true)
            ) {
                $member->fill(['rushes' => array_slice([...$member->rushes, $rush], -50)])->save();
            }
            $done = $task->doneBy($person) ?? $task->done()->make(['user_id' => $person->id]);
            $done->fill(array_filter(['drill_id' => $drill, 'rush_id' => $rush]))->save();

            return $done;
        });

        return response()->json(self::toArray($task, $done));
    }

    public function again(Request $request, string $id): Response
    {
        $person = $this->person($request);
        self::mine($person)->findOrFail($id)->doneBy($person)?->delete();

        return response()->noContent();
    }

    /** @return Builder<GroupTask> those of the groups a person belongs to */
    private static function mine(User $person): Builder
    {
        $tasks = GroupTask::query();
        $tasks
            ->with('group.teacher')
            ->whereIn('group_id', GroupMember::query()->where('user_id', $person->id)->select('group_id'));

        return $tasks;
    }

    /** @return array<string, mixed> */
    private static function toArray(GroupTask $task, ?GroupTaskDone $done): array
    {
        $group = $task->group;

        return [
            'id' => $task->id,
            'group' => ['id' => $task->group_id, 'name' => $group->name ?? ''],
            'teacher' => $group->teacher->name ?? '',
            'kind' => $task->kind,
            'name' => $task->name,
            'note' => $task->note,
            'due_on' => $task->due_on === null ? null : substr($task->due_on, 0, 10),
            'given_at' => $task->created_at->toIso8601ZuluString(),
            'done_at' => $done?->created_at->toIso8601ZuluString(),
        ];
    }
}
