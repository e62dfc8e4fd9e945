import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useUnits } from '../lang/units';
import { client, type Hold, type Refusal, take } from './client';
import type { components } from './schema';

export type Causes = components['schemas']['Causes'];
export type HoldComparison = components['schemas']['HoldComparison'];
export type Learned = components['schemas']['Learned'];
export type Estimate = components['schemas']['Estimate'];

/** Asked for again while the log is being learned from. */
const SOON = 1500;

export type Inquiry = {
  burst?: string | undefined;
  rush?: string | undefined;
  answers?: Record<string, string> | undefined;
};

/** What lost the frames, as far as it is known by the answers given. */
export function useCauses({ burst, rush, answers }: Inquiry) {
  const units = useUnits();
  return useQuery<Causes, Refusal>({
    queryKey: ['cause', burst, rush, answers, units],
    queryFn: ({ signal }) =>
      take(
        client.POST('/api/cause', {
          body: {
            burst: burst ?? null,
            rush_id: rush ?? null,
            units,
            ...(answers === undefined ? {} : { answers }),
          },
          signal,
        }),
      ),
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 0,
  });
}

export const planTest = (rush_id: string, as_it_was: Hold, with_fix: Hold, bursts: number) =>
  take(client.POST('/api/cause/test', { body: { rush_id, as_it_was, with_fix, bursts } }));

export function useHoldComparison(rush: string | null) {
  const units = useUnits();
  return useQuery<HoldComparison, Refusal>({
    queryKey: ['log', 'comparison', rush, units],
    queryFn: () =>
      take(
        client.GET('/api/bursts/comparison', {
          params: { query: rush === null ? { units } : { rush, units } },
        }),
      ),
    placeholderData: keepPreviousData,
  });
}

export function useLearned(waiting = false) {
  return useQuery({
    queryKey: ['log', 'learned'],
    queryFn: () => take(client.GET('/api/learned')),
    refetchInterval: waiting ? SOON : false,
  });
}

export function useSettleLearned() {
  const queries = useQueryClient();
  return useMutation<Learned, Refusal, { uses?: boolean; from?: 'now' | 'all' }>({
    mutationFn: (body) => take(client.PATCH('/api/learned', { body })),
    onSuccess: (learned) => {
      queries.setQueryData(['log', 'learned'], learned);
      // Every prediction is another one now.
      void queries.invalidateQueries({ queryKey: ['rank'] });
      void queries.invalidateQueries({ queryKey: ['day'] });
    },
  });
}
