import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Units } from '../lang/units';
import {
  type Body,
  client,
  follow,
  type Habits,
  type Hold,
  type KitItem,
  type KitListing,
  type KitType,
  type Lens,
  type Refusal,
  type Rush,
  type SubjectProfile,
  take,
  told,
} from './client';
import type { paths } from './schema';
import { AskingWindow } from './window';

type LensChoices = paths['/api/lenses/choose']['post']['responses']['200']['content']['application/json'];

/** Where lenses are tried for a rush. */
export const lensWindow = new AskingWindow();

/** A document of each kind of kit. */
export type Documents = { bodies: Body; lenses: Lens; subjects: SubjectProfile };

/** One thing on the shelf, with a document of its kind. */
export type Item<T extends KitType> = Omit<KitItem, 'document' | 'type'> & {
  type: T;
  document: Documents[T];
};

const at = <T extends KitType>(type: T, id: string) => ({ params: { path: { type, id } } });

/** The same as a list shows it: in outline, with the fields of its document that it takes to draw and name it. */
export type Listed<T extends KitType> = Omit<KitListing, 'outline' | 'type'> & {
  type: T;
  outline: Partial<Documents[T]> & { own_words?: string[] };
};

/** All bodies, lenses or subjects within reach in outline: one’s own first, then the samples. */
export function useKit<T extends KitType>(type: T) {
  return useQuery({
    queryKey: ['kit', type],
    queryFn: () =>
      take(client.GET('/api/kit/{type}', { params: { path: { type } } })) as unknown as Promise<Listed<T>[]>,
    staleTime: 300_000,
  });
}

const itemQuery = <T extends KitType>(type: T, id: string) => ({
  queryKey: ['kit', type, id],
  queryFn: () => take(client.GET('/api/kit/{type}/{id}', at(type, id))) as unknown as Promise<Item<T>>,
  staleTime: 300_000,
  retry: false,
});

/** One of them with its document. */
export function useKitItem<T extends KitType>(type: T, id: string | undefined) {
  return useQuery({ ...itemQuery(type, id ?? ''), enabled: id !== undefined });
}

/** Fetches one with its document, for when it is picked from a list. */
export function useFetchKit() {
  const queries = useQueryClient();
  return <T extends KitType>(type: T, id: string) => queries.fetchQuery(itemQuery(type, id));
}

export function useSaveKit<T extends KitType>(type: T) {
  const queries = useQueryClient();
  return useMutation<
    Item<T>,
    Refusal,
    { id?: string; document: Documents[T]; version?: number; based_on?: string | null }
  >({
    mutationFn: ({ id, ...body }) =>
      (id
        ? take(client.PUT('/api/kit/{type}/{id}', { ...at(type, id), body }))
        : take(client.POST('/api/kit/{type}', { params: { path: { type } }, body }))) as unknown as Promise<
        Item<T>
      >,
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['kit'] }),
  });
}

/** One of the small things that can be done with kit; the shelves follow. */
export function useKitAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => void queries.invalidateQueries({ queryKey: ['kit'] }),
  });
}

type Which = { type: KitType; id: string };

export const kitActions = {
  remove: ({ type, id }: Which) => take(client.DELETE('/api/kit/{type}/{id}', at(type, id))),
  restore: ({ type, id }: Which) => take(client.POST('/api/kit/{type}/{id}/restore', at(type, id))),
  upload: ({ type, file }: { type: KitType; file: File }) =>
    take(
      client.POST('/api/kit/{type}/upload', {
        params: { path: { type } },
        body: { file: '' },
        bodySerializer: () => {
          const form = new FormData();
          form.append('file', file);
          return form;
        },
      }),
    ),
  layOut: ({ id, rest, sets }: { id: string; rest: Hold; sets: { [place: string]: Hold } }) =>
    take(client.PUT('/api/kit/bodies/{id}/buttons', { params: { path: { id } }, body: { rest, sets } })),
  stand: ({ id, standing }: { id: string; standing: Hold | null }) =>
    take(client.PUT('/api/kit/bodies/{id}/standing', { params: { path: { id } }, body: { standing } })),
  name: ({ id, key, label, where }: { id: string; key: string; label: string; where: string }) =>
    take(
      client.PUT('/api/kit/bodies/{id}/words/{key}', {
        params: { path: { id, key } },
        body: { label, where },
      }),
    ) as unknown as Promise<Item<'bodies'>>,
};

/** What a document comes to while it is being written: what is wrong with it, its terms, its reach. */
export function useCheck<T extends KitType>(
  type: T,
  document: Documents[T] | undefined,
  more: { body?: Body; distance_m?: number } = {},
) {
  return useQuery({
    queryKey: ['check', type, document, more],
    queryFn: ({ signal }) =>
      take(
        client.POST('/api/kit/{type}/check', {
          params: { path: { type } },
          body: { document: document as Documents[T], ...more },
          signal,
        }),
      ),
    enabled: document !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    gcTime: 10_000,
  });
}

export function useHabits(wanted = true) {
  return useQuery({
    queryKey: ['habits'],
    queryFn: () => take(client.GET('/api/habits')),
    enabled: wanted,
    staleTime: 300_000,
  });
}

export function useSaveHabits() {
  const queries = useQueryClient();
  return useMutation<Habits, Refusal, Habits>({
    mutationFn: (body) => take(client.PUT('/api/habits', { body })),
    onSuccess: (habits) => {
      queries.setQueryData(['habits'], habits);
      queries.removeQueries({ queryKey: ['fresh'] });
    },
  });
}

/** The rush that a new one starts from. */
export function useFreshRush(from: FreshFrom, wanted: boolean) {
  const query = Object.fromEntries(Object.entries(from).filter(([, value]) => value)) as Record<
    string,
    string
  >;
  return useQuery({
    queryKey: ['fresh', query],
    queryFn: () =>
      take(client.GET('/api/rushes/fresh', { params: { query } })) as unknown as Promise<{
        document: Rush;
        pins: Hold;
        says_who: boolean;
        likely: Likely[];
      }>,
    enabled: wanted,
    staleTime: 60_000,
  });
}

/** A subject’s id, or a line that says what is expected, with the fields not to take from it. */
export type FreshFrom = { subject?: string | null; line?: string | null; without?: string | null };

/** Who a line may mean. */
export type Likely = { id: string; name: string; figure: string };

/** What is understood of a line. */
export function useReading(line: string, without: string[], subject: string | null, units: Units) {
  return useQuery({
    queryKey: ['reading', line, without, subject, units],
    queryFn: ({ signal }) =>
      take(
        client.GET('/api/rushes/fresh', {
          params: {
            query: {
              line,
              units,
              ...(without.length ? { without: without.join(',') } : {}),
              ...(subject ? { subject } : {}),
            },
          },
          signal,
        }),
      ),
    enabled: line !== '',
    placeholderData: keepPreviousData,
    staleTime: 60_000,
    retry: false,
  });
}

export function useLensChoice(rush: Rush | null, units: Units) {
  return useQuery({
    queryKey: ['lens choice', rush, units],
    queryFn: ({ signal }) => {
      const body = { rush: rush as Rush, units, ...lensWindow.next() };
      return follow<LensChoices>(client.POST('/api/lenses/choose', { body, signal, ...told }), lensWindow);
    },
    enabled: rush !== null,
    staleTime: 300_000,
    retry: false,
  });
}
