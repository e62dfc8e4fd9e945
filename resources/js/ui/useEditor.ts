import { App } from 'antd';
import type { Body, Lens, SubjectProfile } from '../api/client';
import { type Item, useCheck, useSaveKit } from '../api/kit';
import { useDebounced } from './useDebounced';
import { useDraft } from './useDraft';

type Kinds = { bodies: Body; lenses: Lens; subjects: SubjectProfile };

type Options<T extends keyof Kinds> = {
  type: T;
  /** Under which name its draft is kept. */
  what: string;
  base: Kinds[T] | undefined;
  /** What is edited; undefined for something new. */
  item: Item<T> | undefined;
  /** The sample that something new is made from. */
  basedOn?: string | null;
  /** What is checked while it is written; null: nothing. */
  asCheck?: (draft: Kinds[T]) => Kinds[T] | undefined;
  more?: { body?: Body; distance_m?: number };
};

/** Writing a body, lens or subject: its draft, what is wrong with it, and keeping it. */
export function useEditor<T extends keyof Kinds>(options: Options<T>) {
  const { type, what, base, item, basedOn = null, asCheck = (d) => d, more = {} } = options;
  const { draft, change, drop, forget, dirty, restored } = useDraft<Kinds[T]>(what, base);
  const { message } = App.useApp();
  const save = useSaveKit(type);
  const asked = useDebounced(draft, 250);
  const check = useCheck(type, asked && asCheck(asked), more);
  const refused =
    check.error && !check.isFetching ? (check.error as Error & { field?: string | null }) : null;
  /** Whether it is saved over what it was; a sample is everybody’s and becomes one’s own copy. */
  const own = item !== undefined && !item.sample;

  async function keep(as: Kinds[T] | undefined = draft): Promise<Item<T> | null> {
    if (!as) return null;
    try {
      const saved = await save.mutateAsync({
        document: as,
        ...(own ? { id: item.id, version: item.version } : { based_on: item?.id ?? basedOn }),
      });
      forget();
      return saved;
    } catch (error) {
      message.error((error as Error).message);
      return null;
    }
  }

  return {
    draft,
    change,
    dirty,
    restored,
    check: check.data,
    refused,
    own,
    keep,
    revert: drop,
    busy: save.isPending,
  };
}
