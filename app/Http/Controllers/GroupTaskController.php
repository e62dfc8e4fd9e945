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
use Illuminate\Validation\Rule;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** What a teacher gives a group to do, and members doing it. */
#[OA\Schema(schema: 'GroupTask', required: ['id', 'group', 'teacher', 'kind', 'name', 'note', 'due_on', 'given_at', 'done_at'], properties: [
    new OA\Property(property: 'id', type: 'string'),
    new OA\Property(property: 'group', required: ['id', 'name'], type: 'object', properties: [
        new OA\Property(property: 'id', type: 'string'), new OA\Property(property: 'name', type: 'string'),
    ]),
    new OA\Property(property: 'teacher', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: ['drill', 'rush', 'hold', 'layout', 'card']),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'note', type: 'string'),
    new OA\Property(property: 'due_on', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'given_at', type: 'string', format: 'date-time'),
    new OA\Property(property: 'done_at', type: 'string', format: 'date-time', nullable: true, description: 'When oneself did it'),
])]
final class GroupTaskController extends Controller
{
    /** So many are listed, the latest. */
    private const LATEST = 60;

    public function __construct(private readonly DocumentGate $gate)
    {
    }

    #[OA\Post(path: '/api/groups/{id}/tasks', operationId: 'giveTask', summary: 'Give one\'s group something to do', tags: ['groups'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['kind', 'of'], properties: [
            new OA\Property(property: 'kind', type: 'string', enum: ['drill', 'rush', 'hold', 'layout', 'card']),
            new OA\Property(property: 'of', type: 'string', description: 'Id of a rush, a body, an outing or a kept turn of one\'s own'),
            new OA\Property(property: 'note', type: 'string', maxLength: 400),
            new OA\Property(property: 'due_on', type: 'string', format: 'date', nullable: true),
            new OA\Property(property: 'place', type: 'boolean', default: false, description: 'Whether places go along, to a tenth of a degree'),
        ])),
        responses: [
            new OA\Response(response: 201, description: 'Given', content: new OA\JsonContent(ref: '#/components/schemas/GroupTask')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function store(Request $request, Group $group): JsonResponse
    {
        $this->authorize('teach', $group);
        $person = $this->person($request);
        $given = $request->validate([
            'kind' => ['required', Rule::in(Snapshot::KINDS)], 'of' => ['required', 'string', 'max:40'], 'note' => ['sometimes', 'nullable', 'string', 'max:400'],
            'due_on' => ['sometimes', 'nullable', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'], 'place' => ['sometimes', 'boolean'],
        ]);
        $taken = Snapshot::of($person, $given['kind'], $given['of'], new HandedOut((bool) ($given['place'] ?? false)), $this->gate);
        $task = $this->keeper($request)->alone(static function () use ($group, $taken, $given): GroupTask {
            $most = (int) config('limits.group_tasks');
            if ($group->tasks()->count() >= $most) {
                throw ValidationException::withMessages(['of' => "This group has $most things to do already. Take one back first."]);
            }

            return $group->tasks()->create([
                'kind' => $taken->kind, 'name' => mb_substr($taken->name, 0, 160), 'document' => $taken->document,
                'note' => trim((string) ($given['note'] ?? '')), 'due_on' => $given['due_on'] ?? null,
            ]);
        });

        return response()->json(self::told($task, null), 201);
    }

    #[OA\Delete(path: '/api/groups/{id}/tasks/{task}', operationId: 'takeTaskBack', summary: 'Take something back; copies that were taken stay', tags: ['groups'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id'), new OA\Parameter(name: 'task', in: 'path', required: true, schema: new OA\Schema(type: 'string'))],
        responses: [new OA\Response(response: 204, description: 'Taken back'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
    public function destroy(Group $group, string $task): Response
    {
        $this->authorize('teach', $group);
        $group->tasks()->findOrFail($task)->delete();

        return response()->noContent();
    }

    #[OA\Get(path: '/api/tasks', operationId: 'listTasks', summary: 'What the teachers of one\'s groups have given, the latest first', tags: ['groups'],
        responses: [new OA\Response(response: 200, description: 'Tasks', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/GroupTask')))])]
    public function index(Request $request): JsonResponse
    {
        $person = $this->person($request);
        $mine = self::mine($person);
        $mine->orderByDesc('created_at')->orderByDesc('id')->limit(self::LATEST);
        $tasks = $mine->get(GroupTask::LISTED);
        $done = GroupTaskDone::query();
        $done->where('user_id', $person->id)->whereIn('group_task_id', $tasks->pluck('id'));
        $doneBy = $done->get()->keyBy('group_task_id');

        return response()->json($tasks->map(static fn (GroupTask $task): array => self::told($task, $doneBy->get($task->id))));
    }

    #[OA\Get(path: '/api/tasks/{id}', operationId: 'readTask', summary: 'What was given, to be taken or played', tags: ['groups'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [
            new OA\Response(response: 200, description: 'The task with its document', content: new OA\JsonContent(required: ['task', 'document'], properties: [
                new OA\Property(property: 'task', ref: '#/components/schemas/GroupTask'),
                new OA\Property(property: 'document', type: 'object', description: 'As of a copy that is offered', additionalProperties: true),
            ])), new OA\Response(response: 404, ref: '#/components/responses/NotThere'),
        ])]
    public function show(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $task = self::mine($person)->findOrFail($id);

        return response()->json(['task' => self::told($task, $task->doneBy($person)), 'document' => Documents::withObjects(Snapshot::inHandsOf($person, $task->kind, $task->document))]);
    }

    #[OA\Put(path: '/api/tasks/{id}/done', operationId: 'doTask', summary: 'Say that one did it; its teacher sees that, and the result only of what is shared', tags: ['groups'],
        parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(properties: [
            new OA\Property(property: 'drill', type: 'string', nullable: true, description: 'The turn that was played'),
            new OA\Property(property: 'rush', type: 'string', nullable: true, description: 'The rush of one\'s own that it became'),
            new OA\Property(property: 'share', type: 'boolean', description: 'Whether the bursts of that rush are shared with the group'),
        ])),
        responses: [
            new OA\Response(response: 200, description: 'Done', content: new OA\JsonContent(ref: '#/components/schemas/GroupTask')),
            new OA\Response(response: 404, ref: '#/components/responses/NotThere'), new OA\Response(response: 422, ref: '#/components/responses/Refused'),
        ])]
    public function finish(Request $request, string $id): JsonResponse
    {
        $person = $this->person($request);
        $task = self::mine($person)->findOrFail($id);
        $given = $request->validate(['drill' => ['sometimes', 'nullable', 'string', 'max:40'], 'rush' => ['sometimes', 'nullable', 'string', 'max:40'], 'share' => ['sometimes', 'boolean']]);
        [$drill, $rush] = [$given['drill'] ?? null, $given['rush'] ?? null];
        if ($drill !== null && ! $person->drills()->whereKey($drill)->exists() || $rush !== null && ! $person->rushes()->whereKey($rush)->exists()) {
            throw ValidationException::withMessages(['rush' => 'This is not among yours any more.']);
        }
        $done = $this->keeper($request)->alone(static function () use ($task, $person, $drill, $rush, $given): GroupTaskDone {
            $member = $task->group?->memberOf($person);
            if ($rush !== null && ($given['share'] ?? false) && $member instanceof GroupMember && ! in_array($rush, $member->rushes, true)) {
                $member->fill(['rushes' => array_slice([...$member->rushes, $rush], -50)])->save();
            }
            $done = $task->doneBy($person) ?? $task->done()->make(['user_id' => $person->id]);
            $done->fill(array_filter(['drill_id' => $drill, 'rush_id' => $rush]))->save();

            return $done;
        });

        return response()->json(self::told($task, $done));
    }

    #[OA\Delete(path: '/api/tasks/{id}/done', operationId: 'undoTask', summary: 'Have it to do again', tags: ['groups'], parameters: [new OA\PathParameter(ref: '#/components/parameters/id')],
        responses: [new OA\Response(response: 204, description: 'To do again'), new OA\Response(response: 404, ref: '#/components/responses/NotThere')])]
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
        $tasks->with('group.teacher')->whereIn('group_id', GroupMember::query()->where('user_id', $person->id)->select('group_id'));

        return $tasks;
    }

    /** @return array<string, mixed> */
    private static function told(GroupTask $task, ?GroupTaskDone $done): array
    {
        $group = $task->group;

        return ['id' => $task->id, 'group' => ['id' => $task->group_id, 'name' => $group->name ?? ''], 'teacher' => $group->teacher->name ?? '', 'kind' => $task->kind, 'name' => $task->name, 'note' => $task->note,
            'due_on' => $task->due_on === null ? null : substr($task->due_on, 0, 10), 'given_at' => $task->created_at->toIso8601ZuluString(), 'done_at' => $done?->created_at->toIso8601ZuluString()];
    }
}
