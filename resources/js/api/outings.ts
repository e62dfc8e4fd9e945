import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { Units } from '../lang/units';
import { client, type Refusal, take } from './client';
import type { Outing } from './day';
import type { components } from './schema';

export type OutingSummary = components['schemas']['OutingSummary'];
export type SavedOuting = Omit<components['schemas']['SavedOuting'], 'document'> & { document: Outing };
export type LoggedBurst = components['schemas']['LoggedBurst'];

const at = (id: string) => ({ params: { path: { id } } });

/** The outings kept, the latest first; those with one rush where it is said. */
export function useOutings(rush?: string) {
  return useQuery({
    queryKey: ['outings', rush ?? null],
    queryFn: () => take(client.GET('/api/outings', { params: { query: rush ? { rush } : {} } })),
  });
}

export function useOuting(id: string | undefined) {
  return useQuery<SavedOuting, Refusal>({
    queryKey: ['outing', id],
    queryFn: () => take(client.GET('/api/outings/{id}', at(id ?? ''))) as unknown as Promise<SavedOuting>,
    enabled: id !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
}

export function useSaveOuting() {
  const queries = useQueryClient();
  return useMutation<SavedOuting, Refusal, { id?: string; document: Outing; version?: number }>({
    mutationFn: ({ id, document, version }) => {
      const body = { document: document as never, ...(version ? { version } : {}) };
      return (id
        ? take(client.PUT('/api/outings/{id}', { ...at(id), body }))
        : take(client.POST('/api/outings', { body }))) as unknown as Promise<SavedOuting>;
    },
    onSuccess: (saved) => {
      queries.setQueryData(['outing', saved.id], saved);
      void queries.invalidateQueries({ queryKey: ['outings'] });
    },
  });
}

/** One of the small things that can be done to a kept outing; the list follows. */
export function useOutingAction<Input, Output>(action: (input: Input) => Promise<Output>) {
  const queries = useQueryClient();
  return useMutation<Output, Refusal, Input>({
    mutationFn: action,
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['outings'] });
      void queries.invalidateQueries({ queryKey: ['outing'] });
      void queries.invalidateQueries({ queryKey: ['rushes'] });
    },
  });
}

const withFile = (file: File) => ({
  body: { file: '' },
  bodySerializer: () => {
    const form = new FormData();
    form.append('file', file);
    return form;
  },
});

export const outingActions = {
  remove: (id: string) => take(client.DELETE('/api/outings/{id}', at(id))),
  restore: (id: string) => take(client.POST('/api/outings/{id}/restore', at(id))),
  duplicate: (id: string) => take(client.POST('/api/outings/{id}/duplicate', at(id))),
  upload: (file: File) => take(client.POST('/api/outings/upload', withFile(file))),
  place: (file: File) => take(client.POST('/api/outings/place', withFile(file))),
};

/** What was logged of an outing. */
export function useBursts(id: string | undefined) {
  return useQuery({
    queryKey: ['bursts', id],
    queryFn: () => take(client.GET('/api/outings/{id}/bursts', at(id ?? ''))),
    enabled: id !== undefined,
  });
}

/** Writes the card of an outing to a file, and hands it to the browser. */
export async function saveFile(id: string, file: 'a6' | 'a4' | 'calendar', units: Units) {
  const params = { path: { id, file }, query: { units } };
  const written = await take(client.GET('/api/outings/{id}/files/{file}', { params }));
  const bytes = Uint8Array.from(atob(written.base64), (letter) => letter.charCodeAt(0));
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([bytes], { type: written.type }));
  link.download = written.name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

export function useLinks(id: string, open: boolean) {
  return useQuery({
    queryKey: ['links', id],
    queryFn: () => take(client.GET('/api/outings/{id}/links', at(id))),
    enabled: open,
  });
}

export const linkActions = {
  open: ({ id, days }: { id: string; days: number }) =>
    take(client.POST('/api/outings/{id}/links', { ...at(id), body: { days } })),
  close: ({ id, link }: { id: string; link: number }) =>
    take(client.DELETE('/api/outings/{id}/links/{link}', { params: { path: { id, link } } })),
};
