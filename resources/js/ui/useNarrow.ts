import { useSyncExternalStore } from 'react';

const phone = matchMedia('(max-width: 760px)');

const subscribe = (listener: () => void) => {
  phone.addEventListener('change', listener);
  return () => phone.removeEventListener('change', listener);
};

/** Whether the window is as narrow as a phone's. */
export const useNarrow = (): boolean => useSyncExternalStore(subscribe, () => phone.matches);
