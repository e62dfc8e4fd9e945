import { useEffect, useRef, useState } from 'react';
import { useSession } from '../api/hooks';
import type { Units } from '../lang/units';
import { bringAll } from './cards';
import { rememberPerson, type Waiting } from './db';
import { onOutbox, send, TAKE_BACK, turnsWaiting, written } from './outbox';

const AGAIN = 20_000;
/** Where a card did not come, the pause before it is asked for again grows up to this. */
const LONGEST = 600_000;

/** Keeps this device ready for where there is no signal: the page, the cards of the next two weeks, what waits to be sent. */
export function useField(units: Units): void {
  const person = useSession().data?.user?.id;
  useEffect(() => {
    if (!person) return;
    rememberPerson(person);
    if (import.meta.env.PROD && 'serviceWorker' in navigator) {
      void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
    }
    let timer: ReturnType<typeof setTimeout> | undefined;
    let left = false;
    let pause = AGAIN;
    const along = async () => {
      const whole = await bringAll(person, units).catch(() => false);
      if (whole || left) return;
      timer = setTimeout(along, pause);
      pause = Math.min(2 * pause, LONGEST);
    };
    void along();
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, [person, units]);
  useSending(person ?? null);
}

/** Sends what waits whenever there is a chance to. */
export function useSending(person: string | null): void {
  useEffect(() => {
    if (!person) return;
    const now = () => void send(person);
    const shown = () => document.visibilityState === 'visible' && now();
    now();
    // What was written down just before the page was left may go out a little later.
    const soon = setTimeout(now, TAKE_BACK + 200);
    const timer = setInterval(now, AGAIN);
    window.addEventListener('online', now);
    document.addEventListener('visibilitychange', shown);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
      window.removeEventListener('online', now);
      document.removeEventListener('visibilitychange', shown);
    };
  }, [person]);
}

/** What somebody wrote down here, the last first. */
export function useWritten(person: string | null): Waiting[] {
  const [all, setAll] = useState<Waiting[]>([]);
  useEffect(() => {
    if (!person) return;
    const read = () => void written(person).then(setAll);
    read();
    return onOutbox(read);
  }, [person]);
  return all;
}

/**
 * How many turns of drills wait here to be sent.
 *
 * @param onSent hears when there are fewer
 */
export function useTurnsWaiting(person: string | null, onSent: () => void): number {
  const [waiting, setWaiting] = useState(0);
  const sent = useRef(onSent);
  sent.current = onSent;
  useEffect(() => {
    if (!person) return;
    let before = 0;
    const read = () =>
      void turnsWaiting(person)
        .then((now) => {
          if (now < before) sent.current();
          before = now;
          setWaiting(now);
        })
        .catch(() => undefined);
    read();
    return onOutbox(read);
  }, [person]);
  return waiting;
}
