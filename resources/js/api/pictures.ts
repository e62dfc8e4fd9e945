import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, type Refusal, take } from './client';
import type { components } from './schema';

export type Picture = components['schemas']['Picture'];
export type BurstPictures = components['schemas']['BurstPictures'];
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

export function usePictureBursts(busy: boolean) {
  return useQuery({
    queryKey: ['pictures', 'bursts'],
    queryFn: () => take(client.GET('/api/pictures/bursts')),
    refetchInterval: busy ? 2 * OFTEN : false,
  });
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

export const pictureActions = {
  judge: ({
    id,
    ...said
  }: {
    id: string;
    said?: boolean | null;
    lost_to?: string | null;
    burst_id?: string;
  }) => take(client.PATCH('/api/pictures/{id}', { ...at(id), body: said })),
  mark: ({ burst, ...where }: { burst: string; picture: string; x: number; y: number }) =>
    take(client.PUT('/api/bursts/{id}/mark', { ...at(burst), body: where })),
  stop: (burst: string) => take(client.DELETE('/api/bursts/{id}/mark', at(burst))),
  match: ({ burst, rush }: { burst: string; rush: string }) =>
    take(client.PUT('/api/bursts/{id}/rush', { ...at(burst), body: { rush_id: rush } })),
  remove: (id: string) => take(client.DELETE('/api/pictures/{id}', at(id))),
  restore: (id: string) => take(client.POST('/api/pictures/{id}/restore', at(id))),
  retry: (id: string) => take(client.POST('/api/pictures/{id}/retry', at(id))),
  standIn: (rush: string) => take(client.POST('/api/pictures/stand-in', { body: { rush_id: rush } })),
  cancel: () => take(client.DELETE('/api/pictures/waiting')),
  settle: (keeps: boolean) => take(client.PATCH('/api/pictures/state', { body: { keeps_originals: keeps } })),
};
