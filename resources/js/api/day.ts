import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Units } from '../lang/units';
import { client, follow, type Refusal, told } from './client';
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
  /** What it does just before; what the library says where it is empty. */
  habit?: string;
  /** To get there and set up, min. */
  setup_min?: number;
  /** Whether its fixed time was chosen by dragging it. */
  by_hand?: boolean;
  /** The body and lens of the outing that it is shot with, by their place in its lists. */
  body?: number | null;
  lens?: number | null;
};

export type Outing = {
  format: 'rush-hold/outing@1';
  name: string;
  date: string;
  /** Without figures until somebody has said where it is. */
  place: { name: string; latitude_deg: number | null; longitude_deg: number | null; zone: string };
  from: string;
  to: string;
  sky: { at: string; sky: string }[];
  wind: number;
  air: string;
  lamps?: string;
  /** Light metered where the subjects are; instead of what sun and sky give. */
  ev100?: number | null;
  rushes: Entry[];
  order: 'solved' | number[];
  school?: string;
  bodies?: unknown[];
  lenses?: unknown[];
  /** When each thing of the checklist was last looked at, by its key. */
  checked?: { [key: string]: string };
};

/** Whether somebody has said where it is; what was carried at once stands nowhere until then. */
export const hasPlace = ({ place }: Outing) =>
  place.latitude_deg !== null &&
  place.longitude_deg !== null &&
  (place.name !== '' || place.latitude_deg !== 0 || place.longitude_deg !== 0);

/** Whether it can be planned: by its place, or because its light was metered. */
export const isPlaced = (outing: Outing) => hasPlace(outing) || (outing.ev100 ?? null) !== null;

export const planningDay = new AskingWindow();

/** The plan of a day; the last one stays until the next is there. */
export function useDay(outing: Outing | undefined, units: Units) {
  const queries = useQueryClient();
  // What is ticked changes nothing of the day.
  const asked = outing && { ...outing, checked: {} };
  return useQuery<Day, Refusal>({
    queryKey: ['day', asked, units],
    queryFn: ({ signal, queryKey }) => {
      const body = { outing: asked as never, units, ...planningDay.next() };
      // Closed form has answered before it is played.
      return follow<Day>(client.POST('/api/day', { body, signal, ...told }), planningDay, (early) => {
        // Whoever leaves before it is played asks again when they are back.
        if (!signal.aborted) queries.setQueryData(queryKey, early, { updatedAt: 0 });
      });
    },
    enabled: outing !== undefined && isPlaced(outing),
    placeholderData: keepPreviousData,
    staleTime: 300_000,
    retry: (count, refused) => count < 3 && [429, 503].includes(refused.status),
    retryDelay: 2000,
  });
}
