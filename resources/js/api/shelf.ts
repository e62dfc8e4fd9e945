import { keepPreviousData, useInfiniteQuery, useMutation, useQueryClient } from '@tanstack/react-query';
import { client, type KitType, type Refusal, take } from './client';
import type { components } from './schema';

export type ShelfListing = components['schemas']['ShelfListing'];
type Page = { items: ShelfListing[]; total: number; more: boolean };

const at = (id: string) => ({ params: { path: { id } } });

/** What people of this server have put up, the one taken most first, page by page. */
export function useShelf(type: KitType, search: string, wanted = true) {
  return useInfiniteQuery<Page, Refusal>({
    queryKey: ['shelf', type, search],
    queryFn: ({ pageParam, signal }) =>
      take(
        client.GET('/api/shelf', {
          params: { query: { type, search, page: pageParam as number } },
          signal,
        }),
      ),
    initialPageParam: 1,
    getNextPageParam: (last, pages) => (last.more ? pages.length + 1 : undefined),
    placeholderData: keepPreviousData,
    enabled: wanted,
  });
}

/** Something done to the shelf; it and one’s own kit follow. */
export function useShelfAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      for (const key of ['shelf', 'kit']) void queries.invalidateQueries({ queryKey: [key] });
    },
  });
}

export const shelfActions = {
  put: (body: { type: KitType; id: string; by: string }) => take(client.POST('/api/shelf', { body })),
  take: (id: string) => take(client.POST('/api/shelf/{id}/take', at(id))),
  down: (id: string) => take(client.DELETE('/api/shelf/{id}', at(id))),
  report: ({ id, reason }: { id: string; reason: string }) =>
    take(client.POST('/api/shelf/{id}/report', { ...at(id), body: { reason } })),
};
