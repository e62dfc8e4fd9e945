import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, type Refusal, take } from './client';
import type { components } from './schema';

type Schemas = components['schemas'];
export type Practice = Schemas['Practice'];
export type PracticeSettings = Schemas['PracticeSettings'];
export type RungOf = Practice['ladder']['rungs'][number];
export type DrillName = Schemas['DrillAsked']['drill'];
export type DrillCourse = Schemas['DrillCourse'];
export type DrillScore = Schemas['DrillScore'];
export type KeptDrill = Schemas['KeptDrill'];
export type DrillKey = Schemas['DrillKey'];
export type DrillDocument = Schemas['Drill'];
export type Stretch = NonNullable<DrillCourse['stretches']>[number];
export type GroupSummary = Schemas['GroupSummary'];
export type GroupResults = Schemas['GroupResults'];
export type GroupTask = Schemas['GroupTask'];
export type CopyLink = Schemas['CopyLink'];
export type OfferedCopy = Schemas['OfferedCopy'];

/** Today where the person is, as 2026-11-26. */
export function today(): string {
  const now = new Date();
  return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

const day = () => ({ params: { query: { day: today() } } });
const at = (id: string) => ({ params: { path: { id } } });

export function usePractice() {
  return useQuery<Practice, Refusal>({
    queryKey: ['practice', today()],
    queryFn: () => take(client.GET('/api/practice', day())),
  });
}

export function useDrills(drill?: DrillName) {
  return useQuery<KeptDrill[], Refusal>({
    queryKey: ['drills', drill ?? 'all'],
    queryFn: () => take(client.GET('/api/drills', { params: { query: drill ? { drill } : {} } })),
  });
}

export const askCourse = (body: Schemas['DrillAsked']) => take(client.POST('/api/drills/course', { body }));

/** The controls of a body as they are practised, or those of a turn that was given; undefined until they are there. */
export function useLayoutOf(body: string | null, given: DrillDocument | undefined) {
  const asked = useQuery<DrillCourse, Refusal>({
    queryKey: ['layout to practise', body],
    queryFn: () => askCourse({ drill: 'buttons', body, seed: 1 }),
    enabled: given === undefined,
    staleTime: 300_000,
    retry: false,
  });
  return given ? given.layout : asked.data?.layout;
}

/** Something done to practice; whatever shows it follows. */
export function usePracticeAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      for (const key of ['practice', 'drills', 'groups', 'tasks', 'copies'])
        void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

export const practiceActions = {
  settings: (body: PracticeSettings) => take(client.PUT('/api/practice', { ...day(), body })),
  /** A turn that was played, on a day; under the same key it is kept once. */
  keep: ({ key, ...body }: { key: string; day: string; document: DrillDocument; body?: string | null }) =>
    take(client.POST('/api/drills', { body, headers: { 'Idempotency-Key': key } })),
  remove: (id: string) => take(client.DELETE('/api/drills/{id}', at(id))),
  restore: (id: string) => take(client.POST('/api/drills/{id}/restore', at(id))),
};

export function useGroups() {
  return useQuery<GroupSummary[], Refusal>({
    queryKey: ['groups'],
    queryFn: () => take(client.GET('/api/groups')),
  });
}

export function useGroup(id: string) {
  return useQuery<GroupResults, Refusal>({
    queryKey: ['groups', id],
    queryFn: () => take(client.GET('/api/groups/{id}', at(id))),
    retry: false,
  });
}

/** What the teachers of one’s groups have given, the latest first. */
export function useTasks() {
  return useQuery<GroupTask[], Refusal>({
    queryKey: ['tasks'],
    queryFn: () => take(client.GET('/api/tasks')),
  });
}

export function useTask(id: string) {
  return useQuery<{ task: GroupTask; document: { [key: string]: unknown } }, Refusal>({
    queryKey: ['tasks', id],
    queryFn: () => take(client.GET('/api/tasks/{id}', at(id))),
    retry: false,
  });
}

export const taskActions = {
  give: ({
    group,
    ...body
  }: {
    group: string;
    kind: GroupTask['kind'];
    of: string;
    note: string;
    due_on: string | null;
    place: boolean;
  }) => take(client.POST('/api/groups/{id}/tasks', { ...at(group), body })),
  back: ({ group, task }: { group: string; task: string }) =>
    take(client.DELETE('/api/groups/{id}/tasks/{task}', { params: { path: { id: group, task } } })),
  done: ({ id, ...body }: { id: string; drill?: string; rush?: string; share?: boolean }) =>
    take(client.PUT('/api/tasks/{id}/done', { ...at(id), body })),
  again: (id: string) => take(client.DELETE('/api/tasks/{id}/done', at(id))),
};

export const groupActions = {
  create: (name: string) => take(client.POST('/api/groups', { body: { name } })),
  join: (code: string) => take(client.POST('/api/groups/join', { body: { code } })),
  change: ({ id, ...body }: { id: string; name?: string; new_code?: boolean }) =>
    take(client.PATCH('/api/groups/{id}', { ...at(id), body })),
  close: (id: string) => take(client.DELETE('/api/groups/{id}', at(id))),
  share: ({ id, ...body }: { id: string; drills: boolean; rushes: string[] }) =>
    take(client.PUT('/api/groups/{id}/shares', { ...at(id), body })),
  leave: (id: string) => take(client.DELETE('/api/groups/{id}/shares', at(id))),
  remove: ({ id, member }: { id: string; member: number }) =>
    take(client.DELETE('/api/groups/{id}/members/{member}', { params: { path: { id, member } } })),
};

export function useCopyLinks(open: boolean) {
  return useQuery<CopyLink[], Refusal>({
    queryKey: ['copies'],
    queryFn: () => take(client.GET('/api/copies')),
    enabled: open,
  });
}

export function useOffered(secret: string) {
  return useQuery<OfferedCopy, Refusal>({
    queryKey: ['copies', secret],
    queryFn: () => take(client.GET('/api/copies/{secret}', { params: { path: { secret } } })),
    retry: false,
  });
}

export const copyActions = {
  offer: (body: { kind: CopyLink['kind']; id: string; days: number; from: string; place: boolean }) =>
    take(client.POST('/api/copies', { body })),
  close: (id: number) => take(client.DELETE('/api/copies/{id}', { params: { path: { id } } })),
};
