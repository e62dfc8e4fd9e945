import { useEffect, useState } from 'react';
import { putOff } from './putOff';

/** The value once it has been quiet for a moment; the first one at once. */
export function useDebounced<T>(value: T, ms: number): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    if (settled === null || settled === undefined) {
      setSettled(value);
      return;
    }
    if (settled === value) return;
    const come = putOff();
    const timer = setTimeout(() => setSettled(value), ms);
    return () => {
      clearTimeout(timer);
      come();
    };
  }, [value, ms, settled]);
  return settled;
}
