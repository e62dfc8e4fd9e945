import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Units } from '../lang/units';
import { client, follow, type Hold, type Refusal, told } from './client';
import type { components } from './schema';
import { AskingWindow } from './window';

export type Layouts = components['schemas']['Layout'];
export type Layout = Layouts['by_school'][number];
export type School = Layout['school'];
export type Assigned = Layout['controls'][number];
export type Reached = Layout['rushes'][number];

/** What is to stay on a control: its set, or that it holds none. */
export type LayoutPins = { [place: string]: Hold | null };

export const layingOut = new AskingWindow();

type Asked = { rushes: string[]; body: string | null; pins: LayoutPins; units: Units };

/** The best layout of each school for some rushes; asked anew when they, the body or what is pinned change. */
export function useLayouts(asked: Asked) {
  const queries = useQueryClient();
  return useQuery<Layouts, Refusal>({
    queryKey: ['layout', asked],
    queryFn: ({ signal, queryKey }) => {
      const { pins, ...rest } = asked;
      const body = { ...rest, ...(Object.keys(pins).length > 0 ? { pins } : {}), ...layingOut.next() };
      // The rules have answered before anything is played.
      return follow<Layouts>(client.POST('/api/layout', { body, signal, ...told }), layingOut, (early) => {
        if (!signal.aborted) queries.setQueryData(queryKey, early);
      });
    },
    enabled: asked.rushes.length > 0,
    placeholderData: keepPreviousData,
    staleTime: 300_000,
    retry: (count, refused) => count < 3 && [429, 503].includes(refused.status),
    retryDelay: 2000,
  });
}
