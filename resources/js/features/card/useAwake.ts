import { useEffect } from 'react';

/** Keeps the screen on while the card is looked at, where the device lets it. */
export function useAwake(): void {
  useEffect(() => {
    let held: WakeLockSentinel | null = null;
    const hold = async () => {
      if (document.visibilityState === 'visible') {
        held = await navigator.wakeLock?.request('screen').catch(() => null);
      }
    };
    void hold();
    const again = () => void hold();
    document.addEventListener('visibilitychange', again);
    return () => {
      document.removeEventListener('visibilitychange', again);
      void held?.release();
    };
  }, []);
}
