import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { client, type Refusal, take } from './client';
import type { components } from './schema';

export type BenchSession = components['schemas']['BenchSession'];
export type SweepSummary = components['schemas']['SweepSummary'];
export type Found = NonNullable<BenchSession['found']>;
export type Series = Found['series'][number];
export type Trial = BenchSession['document']['frames'][number];

const at = (id: string) => ({ params: { path: { id } } });

export function useSweeps() {
  return useQuery({ queryKey: ['sweeps'], queryFn: () => take(client.GET('/api/sweeps')) });
}

export function useSweep(id: string) {
  return useQuery<BenchSession, Refusal>({
    queryKey: ['sweeps', id],
    queryFn: () => take(client.GET('/api/sweeps/{id}', at(id))),
    retry: false,
  });
}

/** Something done to a session; what shows it follows. */
export function useSweepAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: (output) => {
      const session = output as BenchSession | undefined;
      if (session && typeof session === 'object' && 'document' in session)
        queries.setQueryData(['sweeps', session.id], session);
      void queries.invalidateQueries({ queryKey: ['sweeps'], exact: true });
    },
  });
}

type Saved = { name: string; body: string; lens: string; document: BenchSession['document'] };

export const sweepActions = {
  create: (body: Saved) => take(client.POST('/api/sweeps', { body })),
  save: ({ id, ...body }: Saved & { id: string; version: number }) =>
    take(client.PUT('/api/sweeps/{id}', { ...at(id), body })),
  remove: (id: string) => take(client.DELETE('/api/sweeps/{id}', at(id))),
  restore: (id: string) => take(client.POST('/api/sweeps/{id}/restore', at(id))),
  standIn: ({
    id,
    ...body
  }: {
    id: string;
    frames: { value: number; times: number }[];
    distance_m: number;
    focal_mm: number;
  }) => take(client.POST('/api/sweeps/{id}/stand-in', { ...at(id), body })),
  pictures: ({
    id,
    ...body
  }: {
    id: string;
    burst: string;
    values: number[] | null;
    distance_m: number;
    focal_mm: number;
  }) => take(client.POST('/api/sweeps/{id}/pictures', { ...at(id), body })),
};
