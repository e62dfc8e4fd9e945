import { type RefObject, useLayoutEffect, useState } from 'react';

/** Width and height of an element in whole pixels, kept up to date. */
export function useSize(element: RefObject<HTMLElement | null>, initial: [number, number]): [number, number] {
  const [size, setSize] = useState(initial);
  useLayoutEffect(() => {
    const target = element.current;
    if (!target) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize([Math.floor(entry.contentRect.width), Math.floor(entry.contentRect.height)]);
    });
    observer.observe(target);
    return () => observer.disconnect();
  }, [element]);
  return size;
}
