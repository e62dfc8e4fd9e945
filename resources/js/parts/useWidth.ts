import { type RefObject, useLayoutEffect, useState } from 'react';

/** Width of an element in pixels, kept up to date. */
export function useWidth(element: RefObject<HTMLElement | null>, initial: number): number {
  const [width, setWidth] = useState(initial);
  useLayoutEffect(() => {
    const target = element.current;
    if (!target) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.max(260, Math.floor(entry.contentRect.width)));
    });
    observer.observe(target);
    return () => observer.disconnect();
  }, [element]);
  return width;
}
