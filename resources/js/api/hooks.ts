import {
  keepPreviousData,
  useInfiniteQuery,
  useMutation,
  useQuery,
  useQueryClient,
} from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import type { Units } from '../lang/units';
import {
  client,
  follow,
  type Hold,
  type Plan,
  type Refusal,
  type Rush,
  type SavedRush,
  take,
  told,
} from './client';
import { AskingWindow } from './window';

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: () => take(client.GET('/api/session')),
    staleTime: 60_000,
  });
}

export type RushSort = 'changed' | 'name' | 'subject';
export type RushKind = 'bird' | 'animal' | 'person' | 'vehicle';

/** The tags of one’s rushes, the commonest first. */
export function useTags() {
  return useQuery({ queryKey: ['rushes', 'tags'], queryFn: () => take(client.GET('/api/rushes/tags')) });
}

/** The rushes kept whose name or subject has these words, a page at a time. */
export function useRushes(
  search: string,
  sort: RushSort = 'changed',
  kind: RushKind | null = null,
  tag: string | null = null,
) {
  return useInfiniteQuery({
    queryKey: ['rushes', search, sort, kind, tag],
    queryFn: ({ signal, pageParam }) =>
      take(
        client.GET('/api/rushes', {
          params: {
            query: {
              ...(search ? { search } : {}),
              ...(sort === 'changed' ? {} : { sort }),
              ...(kind ? { kind } : {}),
              ...(tag ? { tag } : {}),
              ...(pageParam ? { after: pageParam } : {}),
            },
          },
          signal,
        }),
      ),
    initialPageParam: null as string | null,
    getNextPageParam: (last) => last.next,
    placeholderData: keepPreviousData,
  });
}

/** How much is kept, of how much may be. */
export function useUsage() {
  return useQuery({ queryKey: ['usage'], queryFn: () => take(client.GET('/api/account/usage')) });
}

export function useRush(id: string | undefined) {
  return useQuery({
    queryKey: ['rush', id],
    queryFn: () =>
      take(
        client.GET('/api/rushes/{id}', { params: { path: { id: id ?? '' } } }),
      ) as unknown as Promise<SavedRush>,
    enabled: id !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
}

/** The plan for a rush; a newer question cancels the one before, and the last answer stays until the next is there. */
export function usePlan(
  rush: Rush | undefined,
  pins: Hold,
  units: Units,
  standing: Hold | null,
  /** What won when the set-ups were last played; it stays until they have been played again. */
  played: Hold | undefined,
) {
  return useQuery<Plan, Refusal>({
    queryKey: ['plan', rush, pins, units, standing, played],
    queryFn: ({ signal }) => {
      const body = { rush: rush as Rush, pins, units, standing, ...(played ? { played } : {}) };
      return take(client.POST('/api/plan', { body, signal }));
    },
    enabled: rush !== undefined,
    placeholderData: keepPreviousData,
    staleTime: 300_000,
    gcTime: 60_000,
    retry: (count, error) => error.status === 0 && count < 2,
  });
}

const ranking = new AskingWindow();

/** Whether to ask once more: the server said that it has too much to do just now, or is being restarted. */
const busy = (count: number, refused: Refusal) => count < 3 && [429, 503].includes(refused.status);

/** The plan with every set-up played and ranked; slower, so it is asked once the hand has come to rest. */
export function useRank(
  rush: Rush | undefined,
  pins: Hold,
  units: Units,
  run: number,
  standing: Hold | null,
) {
  const queries = useQueryClient();
  return useQuery<Plan, Refusal>({
    queryKey: ['rank', rush, pins, units, run, standing],
    queryFn: ({ signal, queryKey }) => {
      const body = { rush: rush as Rush, pins, units, run, standing, ...ranking.next() };
      // The ranking stands before it is explained.
      return follow<Plan>(client.POST('/api/rank', { body, signal, ...told }), ranking, (early) => {
        if (!signal.aborted) queries.setQueryData(queryKey, early);
      });
    },
    enabled: rush !== undefined,
    // Another pass, or the camera standing otherwise, is no other rush: the winner stays until it is known again.
    placeholderData: (before, asked) =>
      asked && JSON.stringify(asked.queryKey.slice(1, 4)) === JSON.stringify([rush, pins, units])
        ? before
        : undefined,
    staleTime: 300_000,
    gcTime: 60_000,
    retry: busy,
    retryDelay: 2000,
  });
}

/** How far the server has come with the last question of a window, 0 to 1. */
export function useProgress(of: AskingWindow = ranking) {
  return useSyncExternalStore(of.subscribe, of.share);
}

/** Two holds played on the same chances. */
export function useComparison(rush: Rush, holds: [Hold, Hold] | null, runs: [number, number], run: number) {
  return useQuery({
    queryKey: ['compare', rush, holds, runs, run],
    queryFn: ({ signal }) =>
      take(client.POST('/api/compare', { body: { rush, holds: holds as Hold[], runs, run }, signal })),
    enabled: holds !== null && !holds.includes(null as never),
    placeholderData: keepPreviousData,
    retry: false,
  });
}

type Kept = { id?: string; document: Rush; pins: Hold; version?: number };

export function useSaveRush() {
  const queries = useQueryClient();
  return useMutation<SavedRush, Refusal, Kept>({
    mutationFn: ({ id, ...body }) =>
      (id
        ? take(client.PUT('/api/rushes/{id}', { params: { path: { id } }, body }))
        : take(client.POST('/api/rushes', { body }))) as unknown as Promise<SavedRush>,
    onSuccess: (saved) => {
      queries.setQueryData(['rush', saved.id], saved);
      void queries.invalidateQueries({ queryKey: ['rushes'] });
      void queries.invalidateQueries({ queryKey: ['usage'] });
    },
  });
}

/** One of the small things that can be done to a kept rush; the list follows. */
export function useRushAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['rushes'] });
      void queries.invalidateQueries({ queryKey: ['rush'] });
      void queries.invalidateQueries({ queryKey: ['usage'] });
    },
  });
}

const at = (id: string) => ({ params: { path: { id } } });

export const rushActions = {
  remove: (id: string) => take(client.DELETE('/api/rushes/{id}', at(id))),
  restore: (id: string) => take(client.POST('/api/rushes/{id}/restore', at(id))),
  removeAll: (rushes: string[]) => take(client.POST('/api/rushes/delete', { body: { rushes } })),
  restoreAll: (rushes: string[]) => take(client.POST('/api/rushes/restore', { body: { rushes } })),
  tag: (body: { rushes: string[]; tag: string; on: boolean }) =>
    take(client.POST('/api/rushes/tag', { body })),
  undo: (step: string) => take(client.POST('/api/undo/{id}', at(step))),
  duplicate: (id: string) => take(client.POST('/api/rushes/{id}/duplicate', at(id))),
  rename: ({ id, name }: { id: string; name: string }) =>
    take(client.PATCH('/api/rushes/{id}', { ...at(id), body: { name } })),
  upload: (file: File) =>
    take(
      client.POST('/api/rushes/upload', {
        body: { file: '' },
        bodySerializer: () => {
          const form = new FormData();
          form.append('file', file);
          return form;
        },
      }),
    ),
};
