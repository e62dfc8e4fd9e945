import { useEffect } from 'react';

/** Says in the window’s title where one is. */
export function useTitle(where: string | null | undefined) {
  useEffect(() => {
    document.title = where ? `${where} · Rush Hold` : 'Rush Hold';
  }, [where]);
}
