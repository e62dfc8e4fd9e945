import { useCallback, useState } from 'react';

/** A small preference kept in this browser. */
export function useStored<T extends string>(key: string, initial: T, allowed: readonly T[]) {
  const read = (): T => {
    const stored = localStorage.getItem(key) as T | null;
    return stored !== null && allowed.includes(stored) ? stored : initial;
  };
  const [kept, setKept] = useState(() => ({ key, value: read() }));
  // Under another key another preference is kept, such as that of whoever signs in.
  const value = kept.key === key ? kept.value : read();
  const store = useCallback(
    (next: T) => {
      localStorage.setItem(key, next);
      setKept({ key, value: next });
    },
    [key],
  );
  return [value, store] as const;
}
