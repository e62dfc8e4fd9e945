import { useCallback, useState } from 'react';

/** A small preference kept in this browser. */
export function useStored<T extends string>(key: string, initial: T, allowed: readonly T[]) {
  const [value, setValue] = useState<T>(() => {
    const stored = localStorage.getItem(key) as T | null;
    return stored !== null && allowed.includes(stored) ? stored : initial;
  });
  const store = useCallback(
    (next: T) => {
      localStorage.setItem(key, next);
      setValue(next);
    },
    [key],
  );
  return [value, store] as const;
}
