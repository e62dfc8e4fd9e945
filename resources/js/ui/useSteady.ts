import { useCallback, useLayoutEffect, useRef } from 'react';

/** A function that stays the same one, and does what the newest does: for parts that need not be drawn again for it. */
export function useSteady<Arguments extends unknown[], Result>(
  newest: (...given: Arguments) => Result,
): (...given: Arguments) => Result {
  const latest = useRef(newest);
  useLayoutEffect(() => {
    latest.current = newest;
  });
  return useCallback((...given: Arguments) => latest.current(...given), []);
}
