import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { client, type Refusal, take } from './client';
import type { components } from './schema';

export type LostTo = components['schemas']['LostTo'];
export type Picture = components['schemas']['Picture'];
export type BurstPictures = components['schemas']['BurstPictures'];
export type BurstBeside = components['schemas']['BurstBeside'];
export type PictureBurst = components['schemas']['PictureBurst'];

const at = (id: string) => ({ params: { path: { id } } });

/** Asked for again while something is under way. */
const OFTEN = 1200;

/** How far looking and following are, and how much room the pictures take. */
export function usePictureState(busy: boolean) {
  return useQuery({
    queryKey: ['pictures', 'state'],
    queryFn: () => take(client.GET('/api/pictures/state')),
    refetchInterval: ({ state }) =>
      busy || (state.data && state.data.waiting + state.data.loose + state.data.following > 0)
        ? OFTEN
        : false,
  });
}

/** Bursts with pictures, the last first, a page at a time. */
export function usePictureBursts(busy: boolean) {
  const query = useInfiniteQuery({
    queryKey: ['pictures', 'bursts'],
    queryFn: ({ pageParam }) =>
      take(
        client.GET('/api/pictures/bursts', {
          params: { query: pageParam === null ? {} : { before: pageParam } },
        }),
      ),
    initialPageParam: null as number | null,
    getNextPageParam: (last) => last.next,
    refetchInterval: busy ? 2 * OFTEN : false,
  });
  return { ...query, bursts: query.data?.pages.flatMap((page) => page.items) };
}

export function useBurstPictures(id: string) {
  return useQuery<BurstPictures, Refusal>({
    queryKey: ['pictures', 'burst', id],
    queryFn: () => take(client.GET('/api/bursts/{id}/pictures', at(id))),
    refetchInterval: ({ state }) => (state.data?.following ? OFTEN : false),
    retry: false,
  });
}

/** Something done to pictures; what shows them follows. */
export function usePictureAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['pictures'] });
      void queries.invalidateQueries({ queryKey: ['log'] });
    },
  });
}

/** So long nothing is judged before what it comes to is asked for. */
const SETTLED_MS = 900;

/** Judging one frame of a burst after the other: each shows at once, and what it all comes to when the hand rests. */
export function useJudging(burst: string) {
  const queries = useQueryClient();
  const settle = useRef(0);
  const own = ['pictures', 'burst', burst];
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, when the page is left
  useEffect(
    () => () => {
      if (settle.current === 0) return;
      window.clearTimeout(settle.current);
      void queries.invalidateQueries({ queryKey: ['pictures'] });
    },
    [],
  );
  return useMutation<unknown, Refusal, { id: string; said: boolean | null }>({
    mutationFn: ({ id, said }) => take(client.PATCH('/api/pictures/{id}', { ...at(id), body: { said } })),
    onMutate: ({ id, said }) => {
      void queries.cancelQueries({ queryKey: own });
      queries.setQueryData<BurstPictures>(
        own,
        (now) =>
          now && {
            ...now,
            pictures: now.pictures.map((one) =>
              one.id === id ? { ...one, said, kept: said ?? measuredAs(one) } : one,
            ),
          },
      );
    },
    onSettled: () => {
      window.clearTimeout(settle.current);
      settle.current = window.setTimeout(() => {
        settle.current = 0;
        void queries.invalidateQueries({ queryKey: ['pictures'] });
        void queries.invalidateQueries({ queryKey: ['log'] });
      }, SETTLED_MS);
    },
  });
}

/** What was measured counts while nobody says anything. */
function measuredAs(picture: Picture): boolean | null {
  const verdict = picture.measured?.verdict;
  return verdict === 'kept' ? true : verdict === 'lost' ? false : null;
}

export const pictureActions = {
  judge: ({ id, ...said }: { id: string; said?: boolean | null; lost_to?: LostTo }) =>
    take(client.PATCH('/api/pictures/{id}', { ...at(id), body: said })),
  judgeAll: (body: { pictures: string[]; said?: boolean | null; lost_to?: LostTo }) =>
    take(client.POST('/api/pictures/judge', { body })),
  move: (body: { pictures: string[]; burst: string | null }) =>
    take(client.POST('/api/pictures/move', { body })),
  removeAll: (pictures: string[]) => take(client.POST('/api/pictures/delete', { body: { pictures } })),
  join: (bursts: string[]) => take(client.POST('/api/pictures/bursts/join', { body: { bursts } })),
  matchAll: (body: { bursts: string[]; rush_id: string }) =>
    take(client.POST('/api/pictures/bursts/match', { body })),
  undo: (step: string) => take(client.POST('/api/undo/{id}', at(step))),
  mark: ({ burst, ...where }: { burst: string; picture: string; x: number; y: number }) =>
    take(client.PUT('/api/bursts/{id}/mark', { ...at(burst), body: where })),
  stop: (burst: string) => take(client.DELETE('/api/bursts/{id}/mark', at(burst))),
  retry: (id: string) => take(client.POST('/api/pictures/{id}/retry', at(id))),
  standIn: (rush: string) => take(client.POST('/api/pictures/stand-in', { body: { rush_id: rush } })),
  cancel: () => take(client.DELETE('/api/pictures/waiting')),
  settle: (keeps: boolean) => take(client.PATCH('/api/pictures/state', { body: { keeps_originals: keeps } })),
};
