import { useCallback, useEffect, useMemo, useState } from 'react';
import { useSession } from '../api/hooks';
import { locale } from '../lang/language';

/** Where somebody’s draft of something is kept in this browser; nobody else who signs in here is shown it. */
export function useDraftStore<T>(what: string) {
  const person = useSession().data?.user?.id ?? 'nobody';
  return useMemo(() => {
    const key = `rush-hold.draft.${person}.${what}`;
    return {
      /** What was left behind, when it was made from this base. */
      left: (base: string): T | null => {
        try {
          const kept = JSON.parse(localStorage.getItem(key) ?? 'null');
          // In another language the base has other words; what was open when it was changed comes along.
          return kept !== null && (kept.base === base || (kept.language ?? locale) !== locale)
            ? (kept.draft as T)
            : null;
        } catch {
          return null;
        }
      },
      keep: (base: string, draft: T) =>
        localStorage.setItem(key, JSON.stringify({ base, draft, language: locale })),
      drop: () => localStorage.removeItem(key),
    };
  }, [person, what]);
}

/** A document being written, kept in this browser until it is saved. */
export function useDraft<T>(what: string, base: T | undefined) {
  const store = useDraftStore<T>(what);
  const [draft, setDraft] = useState<T | undefined>(undefined);
  const [from, setFrom] = useState<T | undefined>(undefined);
  const [restored, setRestored] = useState(false);

  useEffect(() => {
    if (base === undefined || base === from) return;
    setFrom(base);
    const left = store.left(JSON.stringify(base));
    setDraft(left ?? base);
    setRestored(left !== null && JSON.stringify(left) !== JSON.stringify(base));
  }, [base, from, store]);

  const change = useCallback(
    (next: T) => {
      setDraft(next);
      store.keep(JSON.stringify(from), next);
    },
    [store, from],
  );
  const dirty = draft !== undefined && from !== undefined && JSON.stringify(draft) !== JSON.stringify(from);

  /** Back to what is kept; what that took away comes again by the answer. */
  const drop = useCallback(() => {
    const was = draft;
    store.drop();
    setDraft(from);
    return was === undefined ? undefined : () => change(was);
  }, [draft, from, store, change]);

  return {
    draft,
    change,
    drop,
    forget: store.drop,
    dirty,
    /** Whether it is what was left behind, unsaved, the last time. */
    restored: restored && dirty,
  };
}
