import { useCallback, useEffect, useState } from 'react';

/** A small preference kept in this browser; what is chosen in one window holds in the others. */
export function useStored<T extends string>(key: string, initial: T, allowed: readonly T[]) {
  const read = (): T => {
    const stored = localStorage.getItem(key) as T | null;
    return stored !== null && allowed.includes(stored) ? stored : initial;
  };
  const [kept, setKept] = useState(() => ({ key, value: read() }));
  // Under another key another preference is kept, such as that of whoever signs in.
  const value = kept.key === key ? kept.value : read();
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is allowed is written down with the key
  useEffect(() => {
    const changed = ({ key: which, newValue }: StorageEvent) => {
      if (which === key && newValue !== null && allowed.includes(newValue as T)) {
        setKept({ key, value: newValue as T });
      }
    };
    window.addEventListener('storage', changed);
    return () => window.removeEventListener('storage', changed);
  }, [key]);
  const store = useCallback(
    (next: T) => {
      localStorage.setItem(key, next);
      setKept({ key, value: next });
    },
    [key],
  );
  return [value, store] as const;
}
