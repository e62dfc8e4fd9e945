import { useCallback, useMemo, useRef, useState } from 'react';

/** Which of a list are chosen; with Shift everything from the one chosen last. What has left the list is chosen no more. */
export function useSelection(ids: string[]) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const last = useRef<string | null>(null);
  const there = useMemo(() => ids.filter((id) => chosen.has(id)), [ids, chosen]);
  const toggle = useCallback(
    (id: string, range: boolean) => {
      const from = range && last.current !== null ? ids.indexOf(last.current) : -1;
      const to = ids.indexOf(id);
      const meant = from < 0 ? [id] : ids.slice(Math.min(from, to), Math.max(from, to) + 1);
      last.current = id;
      setChosen((now) => {
        const next = new Set(now);
        for (const one of meant) {
          if (now.has(id)) next.delete(one);
          else next.add(one);
        }
        return next;
      });
    },
    [ids],
  );
  return {
    chosen: there,
    has: (id: string) => chosen.has(id),
    toggle,
    all: useCallback(() => setChosen(new Set(ids)), [ids]),
    clear: useCallback(() => setChosen(new Set()), []),
  };
}
