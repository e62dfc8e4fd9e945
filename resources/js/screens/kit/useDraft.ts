import { useCallback, useEffect, useState } from 'react';

/** A document being written, kept in this browser until it is saved. */
export function useDraft<T>(key: string, base: T | undefined) {
  const storage = `rush-hold.${key}`;
  const [draft, setDraft] = useState<T | undefined>(undefined);
  const [from, setFrom] = useState<T | undefined>(undefined);

  useEffect(() => {
    if (base === undefined || base === from) return;
    setFrom(base);
    try {
      const kept = JSON.parse(localStorage.getItem(storage) ?? 'null');
      setDraft(kept !== null && kept.base === JSON.stringify(base) ? (kept.draft as T) : base);
    } catch {
      setDraft(base);
    }
  }, [base, from, storage]);

  const change = useCallback(
    (next: T) => {
      setDraft(next);
      localStorage.setItem(storage, JSON.stringify({ base: JSON.stringify(from), draft: next }));
    },
    [storage, from],
  );
  const forget = useCallback(() => localStorage.removeItem(storage), [storage]);
  const dirty = draft !== undefined && from !== undefined && JSON.stringify(draft) !== JSON.stringify(from);

  return { draft, change, forget, dirty };
}
