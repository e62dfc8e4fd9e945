import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { client, follow, type Refusal, take, told } from './client';
import type { components } from './schema';
import { AskingWindow } from './window';

export type Day = components['schemas']['Day'];
export type DayRush = Day['rushes'][number];

/** One rush of an outing: whose id it is, and when it may happen. */
export type Entry = {
  rush: string;
  minutes: number;
  times: number;
  wanted: number;
  facing_deg: number | null;
  earliest: string | null;
  latest: string | null;
  at: string | null;
};

export type Outing = {
  format: 'rush-hold/outing@1';
  name: string;
  date: string;
  place: { name: string; latitude_deg: number; longitude_deg: number; zone: string };
  from: string;
  to: string;
  sky: { at: string; sky: string }[];
  wind: number;
  air: string;
  rushes: Entry[];
  order: 'solved' | number[];
};

export const planningDay = new AskingWindow();

/** The plan of a day; the last one stays until the next is there. */
export function useDay(outing: Outing | undefined, units: 'metric' | 'imperial') {
  return useQuery<Day, Refusal>({
    queryKey: ['day', outing, units],
    queryFn: ({ signal }) => {
      const body = { outing: outing as never, units, ...planningDay.next() };
      return follow<Day>(client.POST('/api/day', { body, signal, ...told }), planningDay);
    },
    enabled: outing !== undefined,
    placeholderData: keepPreviousData,
    staleTime: 300_000,
    retry: (count, refused) => count < 3 && [429, 503].includes(refused.status),
    retryDelay: 2000,
  });
}

/** The outing as one document with its rushes inside. */
export const outingDocument = (outing: Outing): Promise<unknown> =>
  take(client.POST('/api/day/document', { body: { outing: outing as never } }));
