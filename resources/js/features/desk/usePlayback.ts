import { useCallback, useEffect, useMemo, useRef, useState } from 'react';

export type Playback = {
  time: number;
  playing: boolean;
  /** 1 is as it happens. */
  speed: number;
  setSpeed: (speed: number) => void;
  toggle: () => void;
  seek: (time: number) => void;
  step: (seconds: number) => void;
};

/** Where the rush stands while it is played, scrubbed or stepped. */
export function usePlayback(seconds: number): Playback {
  // Until somebody moves it, it stands halfway.
  const [moved, setTime] = useState<number | null>(null);
  const time = moved ?? seconds / 2;
  const [playing, setPlaying] = useState(false);
  const [speed, setSpeed] = useState(0.5);
  const at = useRef(time);
  at.current = Math.min(time, seconds);

  useEffect(() => {
    if (!playing) return;
    let last = performance.now();
    let request = requestAnimationFrame(function next(now) {
      const time = at.current + ((now - last) / 1000) * speed;
      last = now;
      if (time >= seconds) {
        setTime(seconds);
        setPlaying(false);
        return;
      }
      setTime(time);
      request = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(request);
  }, [playing, speed, seconds]);

  const toggle = useCallback(() => {
    setTime((t) => (t === null || t >= seconds ? 0 : t));
    setPlaying((p) => !p);
  }, [seconds]);
  const seek = useCallback(
    (t: number) => {
      setPlaying(false);
      setTime(Math.max(0, Math.min(seconds, t)));
    },
    [seconds],
  );
  const step = useCallback((by: number) => seek(at.current + by), [seek]);

  return useMemo(
    () => ({ time: Math.min(time, seconds), playing, speed, setSpeed, toggle, seek, step }),
    [time, seconds, playing, speed, toggle, seek, step],
  );
}
