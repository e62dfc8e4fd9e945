import { useInfiniteQuery, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, type Refusal, take } from './client';
import type { components, paths } from './schema';

export type LoggedBurst = components['schemas']['LoggedBurst'];
export type TableRead = paths['/api/bursts/table']['post']['responses'][200]['content']['application/json'];
export type LogGroup = components['schemas']['LogGroup'];

const at = (id: string) => ({ params: { path: { id } } });

/** What was logged, the last first, a page at a time. */
export function useLog(rush: string | null = null) {
  return useInfiniteQuery({
    queryKey: ['log', 'bursts', rush],
    queryFn: ({ pageParam }) =>
      take(
        client.GET('/api/bursts', {
          params: {
            query: { ...(pageParam === null ? {} : { before: pageParam }), ...(rush ? { rush } : {}) },
          },
        }),
      ),
    initialPageParam: null as number | null,
    getNextPageParam: (last) => last.next,
  });
}

/** What it comes to. */
export function useLogFigures() {
  return useQuery({ queryKey: ['log', 'figures'], queryFn: () => take(client.GET('/api/bursts/figures')) });
}

/** Something done to what was logged; lists and figures follow. */
export function useLogAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['log'] });
      void queries.invalidateQueries({ queryKey: ['bursts'] });
    },
  });
}

export type Correction = Pick<LoggedBurst, 'kept' | 'frames' | 'keepers' | 'lost_to' | 'note'>;

export const logActions = {
  table: ({ file, columns, keep }: { file: File; columns?: TableRead['columns']; keep: boolean }) => {
    const form = new FormData();
    form.append('file', file);
    if (columns) form.append('columns', JSON.stringify(columns));
    form.append('keep', keep ? '1' : '0');
    return take(
      client.POST('/api/bursts/table', {
        body: form as never,
        bodySerializer: (body: unknown) => body as FormData,
      }),
    );
  },
  merge: ({ id, other }: { id: string; other: string }) =>
    take(client.POST('/api/bursts/{id}/merge', { ...at(id), body: { other } })),
  undo: (step: string) => take(client.POST('/api/undo/{id}', at(step))),
  add: (burst: LoggedBurst) => take(client.POST('/api/bursts', { body: { bursts: [burst] } })),
  correct: ({ id, ...fields }: { id: string } & Correction) =>
    take(client.PATCH('/api/bursts/{id}', { ...at(id), body: fields })),
  doubt: ({ id, doubted }: { id: string; doubted: boolean }) =>
    take(client.PATCH('/api/bursts/{id}', { ...at(id), body: { doubted } })),
  remove: (id: string) => take(client.DELETE('/api/bursts/{id}', at(id))),
  removeAll: (bursts: string[]) => take(client.POST('/api/bursts/delete', { body: { bursts } })),
  restore: (id: string) => take(client.POST('/api/bursts/{id}/restore', at(id))),
};
